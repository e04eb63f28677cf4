//! Whether a skirt lets its wearer step.
//!
//! Two legs a stride apart at the heels, hinged at the crotch, are `p · (c − h) / c` apart at a height `h`
//! above the floor, where `c` is how high the crotch is and `p` the stride. A band round both is twice that
//! longer than round one leg: what a hem at that height needs. Over a vent or slit it is the girth at its top
//! that binds.

use serde::Serialize;

use crate::body::measures::{Body, MeasureName};
use crate::cloth::family::Cloth;
use crate::garment::{FeatureKind, Kind, LevelName, Shape, Tube};
use crate::house::habit::Habits;
use crate::house::rules::HouseRule;
use crate::judge::ease::{LevelBalance, Verdict};
use crate::pattern::Pattern;
use crate::unit::length::Length;

/// How finely a slit that would do is looked for, in millimetres.
const SLIT_STEP: f64 = 10.0;
/// Nobody wears a slit higher than this share of the way up to the crotch.
const HIGHEST_SLIT: f64 = 0.75;

/// What a hem gives a step, and what it needs.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct Stride {
    /// Where it binds: the hem, or the top of the vent or slit, above the floor.
    pub height: Length,
    /// Girth there.
    pub girth: Length,
    /// Girth the step needs there.
    pub needs: Length,
    /// True when it lets the wearer step.
    pub passes: bool,
    /// How high a slit would do, where the hem binds and one does.
    pub slit: Option<Length>,
}

/// Judges the hem of a skirt or dress; `None` for what has none, or where the wearer is not measured.
#[must_use]
pub(crate) fn stride(
    shape: &Shape,
    came: &Pattern,
    will_be: &Pattern,
    levels: &[LevelBalance],
    body: &Body,
    cloth: &Cloth,
    habits: &Habits,
) -> Option<Stride> {
    let skirted = matches!(
        shape.kind,
        Kind::StraightSkirt | Kind::FlaredSkirt | Kind::WaistedDress | Kind::PrincessDress | Kind::ShiftDress
    );
    let measure = |name| body.get(name).map(Length::mm);
    let (crotch, outside) = (measure(MeasureName::InsideLeg)?, measure(MeasureName::OutsideLeg)?);
    let leg = measure(MeasureName::Knee).or(measure(MeasureName::Calf))?;
    // A dress is as long below its waist as a skirt that hangs from it.
    let waist = came.waist.or_else(|| came.level(LevelName::Waist).map(|level| level.height.mm()))?;
    let moved = will_be.hem_rise(Tube::Body);
    let hem = outside - waist + moved;
    if !skirted || hem <= 0.0 || hem >= crotch {
        return None;
    }
    // Girths over the height of the garment, straight between levels.
    let mut girths: Vec<(f64, f64)> = levels
        .iter()
        .filter(|row| row.girth.tube == Tube::Body && row.girth.level != LevelName::Waist)
        .filter_map(|row| Some((came.level(row.girth.level)?.height.mm(), row.girth.after.mm())))
        .map(|(height, girth)| (if height < moved { moved } else { height }, girth))
        .collect();
    girths.sort_by(|a, b| a.0.total_cmp(&b.0));
    let girth_at = |above_hem: f64| {
        let height = moved + above_hem;
        let above = girths.partition_point(|(at, _)| *at < height);
        let girth = match (above.checked_sub(1).map(|i| girths[i]), girths.get(above)) {
            (Some((h0, g0)), Some((h1, g1))) => g0 + (g1 - g0) * (height - h0) / (h1 - h0),
            (Some((_, girth)), None) => girth,
            (None, Some((_, girth))) => *girth,
            (None, None) => return None,
        };
        Some(girth * (1.0 + cloth.stretch))
    };
    let step = habits.rule(HouseRule::Stride);
    let needs = |above_hem: f64| leg + 2.0 * step * ((crotch - hem - above_hem) / crotch).max(0.0);
    let open = |kind| matches!(kind, FeatureKind::Vent | FeatureKind::Slit);
    let slit = shape
        .near_hems
        .iter()
        .filter(|feature| feature.hem == crate::garment::HemName::Hem && open(feature.kind))
        .map(|feature| feature.to.mm() - moved)
        .fold(0.0, f64::max);
    let passes = |above_hem: f64| girth_at(above_hem).is_some_and(|girth| girth >= needs(above_hem));
    let would_do = (1..)
        .map(|i| SLIT_STEP * f64::from(i))
        .take_while(|up| *up <= HIGHEST_SLIT * (crotch - hem))
        .find(|up| passes(*up));
    Some(Stride {
        height: Length::hundredth(hem + slit),
        girth: Length::hundredth(girth_at(slit)?),
        needs: Length::hundredth(needs(slit)),
        passes: passes(slit),
        slit: would_do.filter(|_| !passes(slit)).map(Length::from_mm),
    })
}

/// Puts the verdict into the balance of the hem.
pub(crate) fn judge(levels: &mut [LevelBalance], stride: &Stride) {
    for row in levels.iter_mut().filter(|row| row.girth.level == LevelName::Hem) {
        row.verdict = Some(if stride.passes { Verdict::AsIntended } else { Verdict::Strains });
        row.cannot = (!stride.passes).then_some("will not let you step");
    }
}
