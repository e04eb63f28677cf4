//! The echo: what a reading means, said back at once.

use crate::garment::{SeamName, Source, Tube};
use crate::judge::girth::crossing_seams;
use crate::pattern::{Level, Pattern};
use crate::reading::pin::EntryMode;
use crate::reading::side::Side;
use crate::unit::length::Length;
use crate::unit::scale::Scale;

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
    /// Where the garment comes from, which says what the depth is read from.
    pub source: Source,
}

/// Says what a reading does to the nearest level when it is sewn: on both sides of a body, on
/// its own leg below the crotch, or at the centre back. Without panels it says the depth only.
#[must_use]
pub fn echo(reading: Reading, pattern: Option<&Pattern>, scale: Scale) -> String {
    let depth = reading.depth;
    let stitching = reading.source.stitching();
    let from = if reading.source == Source::InTheMaking { stitching } else { "seam" };
    let (lead, joined) = match reading.mode {
        EntryMode::SeamToPin => (format!("{} from the {from}", scale.write(depth)), " "),
        mode => (
            format!("{} {} is {} deep", scale.write(reading.read), mode.words(), scale.write(depth)),
            "; that ",
        ),
    };
    if depth == Length::ZERO {
        return format!("{lead}: the {stitching} stays here");
    }
    if !scale.shows(depth) {
        return format!(
            "Less than {} from the {from}: no tape shows what that does",
            scale.write(scale.tick())
        );
    }
    let Some(pattern) = pattern else {
        return format!("{lead}; measure the garment flat to hear what that does to its girth");
    };
    if reading.seam.is_crosswise() {
        let shorter = if depth.is_positive() { "shorter" } else { "longer" };
        let change = scale.write(Length::from_mm(2.0 * depth.mm()).abs());
        return format!("{lead}{joined}makes the {} {change} {shorter} there", reading.seam.shortens());
    }
    let Some((level, cos)) = nearest_level(pattern, &reading) else {
        return format!("{lead}; no level lies there whose girth it would change");
    };
    let on_both = reading.seam.is_paired() && level.tube == Tube::Body;
    let seams = if on_both { 2.0 } else { 1.0 };
    let change = scale.write(Length::from_mm(2.0 * seams * depth.mm() / cos).abs());
    let smaller = if depth.is_positive() { "smaller" } else { "larger" };
    let level_words = level.name.words();
    match level.tube {
        Tube::Body if on_both => {
            format!("{lead}{joined}on both sides makes the {level_words} {change} {smaller}")
        }
        Tube::Body => format!("{lead}{joined}makes the {level_words} {change} {smaller}"),
        Tube::Leg => format!("{lead}{joined}makes that leg's {level_words} {change} {smaller}"),
        Tube::Sleeve => format!("{lead}{joined}makes that sleeve's {level_words} {change} {smaller}"),
    }
}

/// The echo of a bare fraction on a metric tape: it was read as inches, which is said.
#[must_use]
pub fn echo_in_inches(typed: &str, echo: &str) -> String {
    format!("{} read as inches: {echo}", typed.trim())
}

/// The level nearest in height among those the seam crosses, with the seam's lean there.
fn nearest_level<'a>(pattern: &'a Pattern, reading: &Reading) -> Option<(&'a Level, f64)> {
    let [edge, _] = pattern.edges(reading.seam)?;
    let length = pattern.seam_length(reading.seam)?;
    let place = edge.edge.at(reading.station * edge.edge.length() / length);
    let above_crotch = pattern.crotch.is_none_or(|crotch| place.point.y >= crotch.height);
    pattern
        .levels
        .iter()
        .filter(|level| crossing_seams(pattern, level).contains(&reading.seam))
        // A pin above the crotch changes the body, however near the thigh it stands.
        .filter(|level| reading.seam != SeamName::Outseam || (level.tube == Tube::Body) == above_crotch)
        .map(|level| {
            let height = level.place_on(edge.edge).point.y;
            (level, (height - place.point.y).abs())
        })
        .min_by(|a, b| a.1.total_cmp(&b.1))
        .map(|(level, _)| (level, if level.on_band { 1.0 } else { place.cos_lean().max(0.5) }))
}
