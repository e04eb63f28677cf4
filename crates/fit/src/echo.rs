//! The echo: what a reading means, said back at once.

use crate::garment::{LevelName, SeamName, TrouserPanels, Tube};
use crate::{EntryMode, Length, Scale, Side};

/// One reading as the echo has to know it.
#[derive(Debug, Clone, Copy)]
pub struct Reading {
    /// The seam.
    pub seam: SeamName,
    /// The side read.
    pub side: Side,
    /// Station from the seam's lower end, in millimetres.
    pub station: f64,
    /// What was read.
    pub read: Length,
    /// How it was read.
    pub mode: EntryMode,
    /// The depth it means.
    pub depth: Length,
}

/// Says what a reading does to the nearest level when it is sewn: on both sides of a body, on
/// its own leg below the crotch, or at the centre back. Without panels it says the depth only.
#[must_use]
pub fn echo(reading: Reading, panels: Option<&TrouserPanels>, scale: Scale) -> String {
    let depth = reading.depth;
    let (lead, joined) = match reading.mode {
        EntryMode::SeamToPin => (format!("{} from the seam", scale.write(depth)), " "),
        mode => (
            format!("{} {} is {} deep", scale.write(reading.read), mode.words(), scale.write(depth)),
            "; that ",
        ),
    };
    if depth == Length::ZERO {
        return format!("{lead}: the old stitching stays here");
    }
    let Some((level, cos)) = panels.and_then(|panels| nearest_level(panels, &reading)) else {
        return format!("{lead}; measure the garment flat to hear what that does to its girth");
    };
    let on_both = reading.seam != SeamName::CentreBack && level.tube() == Tube::Body;
    let seams = if on_both { 2.0 } else { 1.0 };
    let change = scale.write(Length::from_mm(2.0 * seams * depth.mm() / cos).abs());
    let smaller = if depth.is_positive() { "smaller" } else { "larger" };
    let level_words = level.words();
    match (reading.seam, level.tube()) {
        (SeamName::CentreBack, _) => format!("{lead}{joined}makes the {level_words} {change} {smaller}"),
        (_, Tube::Body) => format!("{lead}{joined}on both sides makes the {level_words} {change} {smaller}"),
        (_, Tube::Leg) => format!("{lead}{joined}makes that leg's {level_words} {change} {smaller}"),
    }
}

/// The level nearest in height among those the seam crosses, with the seam's lean there.
fn nearest_level(panels: &TrouserPanels, reading: &Reading) -> Option<(LevelName, f64)> {
    let [edge, _] = panels.edges(reading.seam);
    let place = edge.at(reading.station * edge.length() / panels.seam_length(reading.seam));
    let crosses = |tube| match reading.seam {
        SeamName::Outseam => true,
        SeamName::Inseam => tube == Tube::Leg,
        SeamName::CentreBack | SeamName::CentreFront => tube == Tube::Body,
    };
    let above_crotch = place.point.y >= panels.crotch_height;
    panels
        .levels
        .iter()
        .filter(|level| crosses(level.name.tube()))
        // A pin above the crotch changes the body, however near the thigh it stands.
        .filter(|level| {
            reading.seam != SeamName::Outseam || (level.name.tube() == Tube::Body) == above_crotch
        })
        .map(|level| {
            let top = level.name == LevelName::Waist;
            let height = if top { edge.at(f64::MAX).point.y } else { level.height.mm() };
            (level.name, (height - place.point.y).abs())
        })
        .min_by(|a, b| a.1.total_cmp(&b.1))
        .map(|(name, _)| (name, if name == LevelName::Waist { 1.0 } else { place.cos_lean().max(0.5) }))
}
