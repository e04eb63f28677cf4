//! What a level can gain by letting out, and what to set in when that is not enough.

use serde::Serialize;

use crate::garment::side::Side;
use crate::garment::{LevelName, SeamAllowance, SeamName, Shape, Tube};
use crate::house::habit::Habits;
use crate::house::rules::HouseRule;
use crate::judge::letting_out::{LetOut, ROUND_A_CLIP};
use crate::pattern::Pattern;
use crate::pattern::crossing_seams;
use crate::unit::length::Length;

/// What is inside one seam at one level.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct InsideSeam {
    /// The seam.
    pub seam: SeamName,
    /// What its two edges are called.
    pub edges: [&'static str; 2],
    /// What is inside each edge, up to the nearest clip; nothing where nobody looked.
    pub inside: Option<[Length; 2]>,
    /// The most the seam can be let out there, shared evenly; nothing where nobody looked.
    pub most: Option<Length>,
    /// What that gives the level: both edges, both sides where the seam is on both.
    pub gains: Option<Length>,
    /// The seam, its edges and what is inside each, in words.
    pub words: String,
}

/// What one level can gain.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct LevelGain {
    /// The level.
    pub level: LevelName,
    /// Seam by seam.
    pub seams: Vec<InsideSeam>,
    /// The most the level can gain by letting out every seam that was looked into.
    pub most: Length,
    /// What it should gain to have the wanted ease, where that is known and it is too small.
    pub wanted: Option<Length>,
    /// What is still missing to be worn close when every seam is let out.
    pub missing: Option<Length>,
    /// The same numbers as they stand on the session's tape.
    pub shown: ShownGain,
}

/// A gain as it is read on the session's tape.
#[derive(Debug, Clone, PartialEq, Eq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct ShownGain {
    /// The most.
    pub most: String,
    /// What it should gain.
    pub wanted: Option<String>,
    /// What is missing.
    pub missing: Option<String>,
}

/// A piece to set into a seam, or under an arm.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct Inset {
    /// The seam it goes into, once on each side.
    pub seam: SeamName,
    /// True for a diamond under the arm; false for a strip down the seam.
    pub gusset: bool,
    /// Where along the seam it reaches, from the lower end.
    pub from: Length,
    /// Its upper end.
    pub to: Length,
    /// Finished widths at each level: `(level, width)`.
    pub widths: Vec<InsetWidth>,
    /// What is cut beyond the finished piece on each side.
    pub allowance: Length,
    /// What to cut and how to set it in.
    pub words: String,
}

/// How wide an inset is at a level.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct InsetWidth {
    /// The level.
    pub level: LevelName,
    /// Finished width.
    pub finished: Length,
    /// Cut width, with allowance on both sides.
    pub cut: Length,
}

/// What a level is short of as it came, where it is: to have the wanted ease, and to be worn close.
#[derive(Debug, Clone, Copy)]
pub struct Wanting {
    /// What it should gain to have the ease wanted.
    pub as_wanted: Length,
    /// What it must gain to be worn at all as closely as anyone means.
    pub to_close: Length,
}

/// What every level can gain. `wanting` says what a level should gain, where it is too small.
#[must_use]
pub fn gains(
    shape: &Shape,
    pattern: &Pattern,
    habits: &Habits,
    wanting: impl Fn(LevelName) -> Option<Wanting>,
) -> Vec<LevelGain> {
    pattern.levels.iter().map(|level| gain(shape, pattern, habits, level, wanting(level.name))).collect()
}

fn gain(
    shape: &Shape,
    pattern: &Pattern,
    habits: &Habits,
    level: &crate::pattern::Level,
    wanting: Option<Wanting>,
) -> LevelGain {
    let seams = crossing_seams(pattern, level).into_iter();
    let seams: Vec<InsideSeam> = seams
        .filter(|seam| shape.has(*seam) && !seam.is_dart())
        .map(|seam| inside(shape, pattern, seam, level, habits))
        .collect();
    let most: Length = seams.iter().filter_map(|seam| seam.gains).sum();
    let wanted = wanting.map(|wanting| wanting.as_wanted).filter(|wanted| wanted.is_positive());
    let missing = wanting.map(|wanting| wanting.to_close - most).filter(|missing| missing.is_positive());
    let number = |length: Length| habits.scale.number(length);
    let shown = ShownGain { most: number(most), wanted: wanted.map(number), missing: missing.map(number) };
    LevelGain { level: level.name, seams, most, wanted, missing, shown }
}

fn inside(
    shape: &Shape,
    pattern: &Pattern,
    seam: SeamName,
    level: &crate::pattern::Level,
    habits: &Habits,
) -> InsideSeam {
    let edges = seam.edge_words();
    let allowance = shape.allowance(seam);
    let edge = pattern.edges(seam).map(|[edge, _]| edge.edge);
    let (Some(allowance), Some(edge)) = (allowance, edge) else {
        return InsideSeam { seam, edges, inside: None, most: None, gains: None, words: String::new() };
    };
    let place = level.place_on(edge);
    let clipped = shape
        .clips
        .iter()
        .filter(|clip| clip.seam == seam && (clip.station.mm() - place.station).abs() <= ROUND_A_CLIP)
        .map(|clip| clip.left)
        .min();
    let left = |length: Length| clipped.map_or(length, |clip| clip.min(length));
    let here = SeamAllowance { front: left(allowance.front), back: left(allowance.back), ..allowance };
    // What is fixed in the seam may not move outward either.
    let fixed = shape
        .fixtures
        .iter()
        .filter(|fixture| !fixture.comes_out() && fixture.is_on(seam, Side::Centre))
        .filter(|fixture| (fixture.from.mm()..=fixture.to.mm()).contains(&place.station))
        .map(|fixture| fixture.limit(habits))
        .min();
    let most = LetOut::of(here, habits).even;
    let most = fixed.map_or(most, |fixed| fixed.min(most));
    let count = if seam.is_paired() && level.tube == Tube::Body { 4.0 } else { 2.0 };
    let cos = level.cos_on(edge);
    InsideSeam {
        seam,
        edges,
        inside: Some([here.front, here.back]),
        most: Some(most),
        gains: Some(Length::from_mm(count * most.mm() / cos)),
        words: String::new(),
    }
}

/// What to set in where letting out is not enough: a strip down the side, as wide at each level as is
/// missing there; on a sleeved body that is short at the bust or upper arm, a gusset under the arm.
#[must_use]
pub fn insets(shape: &Shape, pattern: &Pattern, gains: &[LevelGain], habits: &Habits) -> Vec<Inset> {
    let allowance = habits.rule(HouseRule::InsetAllowance);
    let mut insets = Vec::new();
    let strip_in = |seam: SeamName, tube: Tube| -> Option<Inset> {
        let [edge, _] = pattern.edges(seam)?;
        let edge = edge.edge;
        let on = |level: LevelName| pattern.level(level).is_some_and(|known| known.tube == tube);
        let short: Vec<(LevelName, f64, f64)> = gains
            .iter()
            .filter(|gain| on(gain.level))
            .filter_map(|gain| {
                let level = pattern.level(gain.level)?;
                // A body has the seam on both sides, a leg or sleeve once.
                let seams = if tube == Tube::Body { 2.0 } else { 1.0 };
                let station = level.place_on(edge).station;
                Some((gain.level, station, gain.missing?.mm() / seams))
            })
            .collect();
        let widest = short.iter().map(|(.., width)| *width).fold(0.0, f64::max);
        // Nobody sets a strip in for less than two hands differ by.
        if widest <= habits.rule(HouseRule::PinNoise) {
            return None;
        }
        let fade = (widest * habits.rule(HouseRule::FadeShare)).max(60.0);
        let low = short.iter().map(|(_, station, _)| *station).fold(f64::MAX, f64::min);
        let high = short.iter().map(|(_, station, _)| *station).fold(f64::MIN, f64::max);
        let (from, to) = ((low - fade).max(0.0), (high + fade).min(edge.length()));
        Some(Inset {
            seam,
            gusset: false,
            from: Length::from_mm(from),
            to: Length::from_mm(to),
            widths: short
                .iter()
                .map(|(level, _, width)| InsetWidth {
                    level: *level,
                    finished: Length::from_mm(*width),
                    cut: Length::from_mm(width + 2.0 * allowance),
                })
                .collect(),
            allowance: Length::from_mm(allowance),
            words: String::new(),
        })
    };
    for (seam, tube) in [
        (SeamName::Side, Tube::Body),
        (SeamName::Outseam, Tube::Body),
        (SeamName::Outseam, Tube::Leg),
        (SeamName::SleeveUnderarm, Tube::Sleeve),
    ] {
        if shape.has(seam) {
            insets.extend(strip_in(seam, tube));
        }
    }
    insets.extend(gusset(shape, pattern, gains, habits));
    insets
}

/// A diamond under the arm where bust or upper arm are short: as wide as the larger lack, reaching
/// down the side and along the sleeve as far as the lack takes to fade.
fn gusset(shape: &Shape, pattern: &Pattern, gains: &[LevelGain], habits: &Habits) -> Option<Inset> {
    if !shape.has(SeamName::Side) || !shape.has(SeamName::SleeveUnderarm) {
        return None;
    }
    let missing = |level| gains.iter().find(|gain| gain.level == level).and_then(|gain| gain.missing);
    let bust = missing(LevelName::Bust).map_or(0.0, |missing| missing.mm() / 2.0);
    let arm = missing(LevelName::UpperArm).map_or(0.0, Length::mm);
    let width = bust.max(arm);
    if width <= 0.0 {
        return None;
    }
    let [side, _] = pattern.edges(SeamName::Side)?;
    let reach = (width * habits.rule(HouseRule::FadeShare) / 2.0).max(habits.rule(HouseRule::GussetReach));
    let allowance = habits.rule(HouseRule::InsetAllowance);
    Some(Inset {
        seam: SeamName::Side,
        gusset: true,
        from: Length::from_mm((side.edge.length() - reach).max(0.0)),
        to: Length::from_mm(side.edge.length()),
        widths: vec![InsetWidth {
            level: if bust >= arm { LevelName::Bust } else { LevelName::UpperArm },
            finished: Length::from_mm(width),
            cut: Length::from_mm(width + 2.0 * allowance),
        }],
        allowance: Length::from_mm(allowance),
        words: String::new(),
    })
}
