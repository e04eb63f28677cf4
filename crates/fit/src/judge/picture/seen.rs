//! How wide a girth is seen from the front.
//!
//! It is a picture of girths: at each level the width seen is the girth times the width-to-girth share of a body there
//! (a circle would have 1/π). Garment and body are drawn by the same rule, so that what shows between them is ease.

use crate::garment::{LevelName, Tube};
use crate::pattern::Pattern;
use crate::unit::length::Length;

/// Girths at heights: `(level, height, girth)`.
pub type Rings = Vec<(LevelName, f64, Length)>;

/// Width seen from the front as a share of the girth.
#[must_use]
pub const fn width_share(level: LevelName) -> f64 {
    match level {
        LevelName::Bust => 0.36,
        LevelName::Waist | LevelName::UnderBust => 0.365,
        LevelName::HighHip | LevelName::Hip => 0.37,
        LevelName::Thigh => 0.29,
        LevelName::Knee | LevelName::Calf => 0.31,
        LevelName::UpperArm | LevelName::Elbow | LevelName::Wrist => 0.34,
        // Nothing inside rounds a hem out, so it hangs flatter than what is above it.
        LevelName::Hem => 0.36,
    }
}

/// The girth that is drawn half so wide.
#[must_use]
pub fn seen_from_girth(level: LevelName, half_width: f64) -> Length {
    Length::from_mm(2.0 * half_width / width_share(level))
}

/// Depth of an average body's cross-section as a share of its width: the house table.
#[must_use]
pub const fn section_ratio(level: LevelName) -> f64 {
    match level {
        LevelName::Bust => 0.80,
        LevelName::UnderBust => 0.76,
        LevelName::Waist => 0.74,
        LevelName::HighHip => 0.72,
        LevelName::Hip => 0.70,
        LevelName::Thigh => 1.0,
        LevelName::Knee | LevelName::Calf => 1.05,
        LevelName::Hem => 0.8,
        LevelName::UpperArm | LevelName::Elbow | LevelName::Wrist => 1.1,
    }
}

/// How far the middle of the section lies before the body's axis, in millimetres, seen from the side:
/// the chest before it, the seat behind it.
pub(crate) const fn forward(level: LevelName) -> f64 {
    match level {
        LevelName::Bust => 14.0,
        LevelName::UnderBust => 8.0,
        LevelName::HighHip => -6.0,
        LevelName::Hip => -16.0,
        _ => 0.0,
    }
}

/// Width seen at each level of a tube, from its hem up: `(height, width)`.
pub(super) fn widths(rings: &Rings, pattern: &Pattern, tube: Tube) -> Vec<(f64, f64)> {
    let mut widths: Vec<(f64, f64)> = rings
        .iter()
        .filter(|(level, ..)| pattern.level(*level).is_some_and(|known| known.tube == tube))
        .map(|(level, height, girth)| (*height, girth.mm() * width_share(*level)))
        .collect();
    widths.sort_by(|a, b| a.0.total_cmp(&b.0));
    widths.dedup_by(|a, b| (a.0 - b.0).abs() < 1.0);
    widths
}

/// Half the width seen at each body level, from the hem up, with the underarm at the top of a body.
pub(super) fn half_widths(rings: &Rings, pattern: &Pattern) -> Vec<(f64, f64)> {
    let mut halves: Vec<(f64, f64)> =
        widths(rings, pattern, Tube::Body).into_iter().map(|(height, width)| (height, width / 2.0)).collect();
    if let (Some(bodice), Some((height, width))) = (pattern.bodice, halves.last().copied())
        && bodice.underarm > height + 1.0
    {
        halves.push((bodice.underarm, width));
    }
    halves
}
