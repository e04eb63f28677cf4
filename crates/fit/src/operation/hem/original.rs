//! The original hem kept: a tuck just above it takes the length.
//!
//! A tuck of depth `X / 2` loses `X`. It joins the leg's girth `X` above the hem's upper edge to the girth
//! at that edge, `C(c + X)` to `C(c)`, and the two are rarely equal. The same holds for a tuck anywhere
//! else, where an edge is not to be cut.

use serde::Serialize;

use super::ring::Ring;
use crate::house::habit::Habits;
use crate::house::rules::HouseRule;
use crate::unit::length::Length;

/// Girths nearer than this, in millimetres, are sewn to each other as they are.
const ALIKE: f64 = 2.0;

/// What becomes of two girths that a tuck joins.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum TuckJoin {
    /// They are equally long.
    Even,
    /// The cloth above is a little longer and is eased on.
    Ease,
    /// The cloth above is longer: a seam is taken in above the hem.
    TakeInAbove,
    /// The edge below is longer, as on a flare, and is eased on.
    EaseHem,
    /// The edge below is too long: its seam is taken in.
    TakeInHem,
}

/// A tuck that takes length.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct Tuck {
    /// Height of the lower stitching above the finished edge: the original hem's upper edge.
    pub above: Length,
    /// What it loses, on the mean.
    pub loses: Length,
    /// Fold to stitching: half of that.
    pub depth: Length,
    /// Girth of the cloth that comes down to the stitching.
    pub upper: Length,
    /// Girth it is sewn to.
    pub lower: Length,
    /// Upper less lower.
    pub mismatch: Length,
    /// What becomes of it.
    pub join: TuckJoin,
    /// How deep the seam is taken in, and over how much of it, where it is.
    pub take_in: Option<[Length; 2]>,
    /// What the tuck is trimmed to; `None` where it is left whole.
    pub trim_to: Option<Length>,
    /// What to do, in a few sentences.
    pub words: Vec<String>,
}

/// The tuck that loses `take_up(place)` with its lower stitching `above` the existing edge.
pub(super) fn tuck(
    ring: &Ring<'_>,
    take_up: impl Fn(f64) -> f64,
    mean: f64,
    above: f64,
    habits: &Habits,
) -> Tuck {
    let upper = ring.length(|at| above + take_up(at));
    let lower = ring.girth(above);
    let mismatch = upper - lower;
    let join = join(upper, lower, habits);
    let take_in = matches!(join, TuckJoin::TakeInAbove | TuckJoin::TakeInHem).then(|| {
        let deep = mismatch.abs() / 2.0;
        [Length::hundredth(deep), Length::hundredth(habits.rule(HouseRule::FadeShare) * deep)]
    });
    let trim_to = (mean >= habits.rule(HouseRule::TuckTrimFrom))
        .then(|| Length::from_mm(habits.rule(HouseRule::TuckTrim)));
    Tuck {
        above: Length::hundredth(above),
        loses: Length::hundredth(mean),
        depth: Length::hundredth(mean / 2.0),
        upper: Length::hundredth(upper),
        lower: Length::hundredth(lower),
        mismatch: Length::hundredth(mismatch),
        join,
        take_in,
        trim_to,
        words: Vec::new(),
    }
}

/// How two edges of these lengths go together.
fn join(upper: f64, lower: f64, habits: &Habits) -> TuckJoin {
    let mismatch = upper - lower;
    let eases = habits.rule(HouseRule::OriginalEase);
    if mismatch.abs() <= ALIKE || !habits.scale.shows(Length::from_mm(mismatch)) {
        TuckJoin::Even
    } else if mismatch > 0.0 {
        if mismatch / lower <= eases { TuckJoin::Ease } else { TuckJoin::TakeInAbove }
    } else if -mismatch / upper <= eases {
        TuckJoin::EaseHem
    } else {
        TuckJoin::TakeInHem
    }
}
