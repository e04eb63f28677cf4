//! What hems of a garment are worked out from, and one of them while it is.

use super::ring::Ring;
use super::take_up::TakeUp;
use super::wish::HemWish;
use crate::body::measures::Body;
use crate::garment::hem_kind::HemKind;
use crate::garment::side::Side;
use crate::garment::{Garment, Shape};
use crate::house::habit::Habits;
use crate::pattern::Pattern;
use crate::unit::length::Length;

/// How finely a hem is unrolled, in millimetres.
pub(super) const UNROLL_EVERY: f64 = 12.0;
/// Differences of length smaller than this, in millimetres, are no difference.
pub(super) const NOTHING: f64 = 0.5;

/// Computes the hems of one garment.
pub(crate) struct HemSolver<'a> {
    pub(crate) garment: &'a Garment,
    /// The garment as it came.
    pub(crate) came: &'a Pattern,
    /// The cloth as the seams leave it.
    pub(crate) pattern: &'a Pattern,
    pub(crate) body: Option<&'a Body>,
    pub(crate) habits: &'a Habits,
    /// Washed when it came, or since.
    pub(crate) washed: bool,
}

/// One wish while it is worked out.
pub(super) struct HemWork<'a> {
    pub(super) wish: &'a HemWish,
    pub(super) rings: Vec<(Side, Ring<'a>)>,
    pub(super) kind: HemKind,
    pub(super) folds: [f64; 2],
    /// Length from the garment's top to the existing edge.
    pub(super) whole: f64,
    /// What the old turn-up is deep.
    pub(super) old: f64,
    /// The old turn-up has to be unpicked: its cloth is needed somewhere.
    pub(super) opened: bool,
}

impl<'a> HemSolver<'a> {
    pub(super) fn shape(&self) -> &'a Shape {
        &self.garment.shape
    }

    pub(super) fn write(&self, mm: f64) -> String {
        self.habits.scale.write(Length::from_mm(mm))
    }
}

/// Least, mean and most of how far a hem goes up.
pub(super) fn extremes(take_up: &TakeUp, ring: &Ring<'_>) -> [f64; 3] {
    let period = ring.period();
    let steps = ring.steps(UNROLL_EVERY);
    let ups = || steps.iter().map(|at| take_up.fold(at / period, period));
    // The last step is the first again.
    let mean = ups().skip(1).sum::<f64>() / (steps.len() - 1).max(1) as f64;
    [ups().fold(f64::MAX, f64::min), mean, ups().fold(f64::MIN, f64::max)]
}
