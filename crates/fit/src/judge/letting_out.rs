//! Letting out: how far a line may run outside the old stitching.

use crate::garment::{SeamAllowance, SeamName, Shape};
use crate::house::habit::Habits;
use crate::house::rules::HouseRule;
use crate::line::DepthLimit;
use crate::unit::length::Length;

/// How far to either side of a clip, in millimetres, the seam can give no more than the clip leaves.
pub(crate) const ROUND_A_CLIP: f64 = 12.0;

/// The most a seam can be let out.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub struct LetOut {
    /// Shared evenly by both panels: `min(a_front, a_back) − a_min`.
    pub even: Length,
    /// Each panel giving all it has, the seam moving towards the side with less:
    /// `((a_front − a_min) + (a_back − a_min)) / 2`.
    pub uneven: Length,
}

impl LetOut {
    /// The limits of a seam whose allowance is known.
    ///
    /// ```
    /// use vemble_fit::garment::{SeamAllowance, SeamName};
    /// use vemble_fit::{Habits, Length, LetOut};
    /// let inside = SeamAllowance {
    ///     seam: SeamName::Outseam, front: Length::whole_mm(20), back: Length::whole_mm(30),
    /// };
    /// let limit = LetOut::of(inside, &Habits::default());
    /// assert_eq!((limit.even, limit.uneven), (Length::whole_mm(12), Length::whole_mm(17)));
    /// ```
    #[must_use]
    pub fn of(inside: SeamAllowance, habits: &Habits) -> LetOut {
        let keep = Length::from_mm(habits.rule(HouseRule::LeastAllowance));
        let (front, back) = (inside.front - keep, inside.back - keep);
        LetOut { even: front.min(back).max(Length::ZERO), uneven: (front + back).half().max(Length::ZERO) }
    }
}

/// Where clips leave less than the whole allowance: no pin near one lets out more than it leaves.
#[must_use]
pub fn clip_limits(shape: &Shape, seam: SeamName, length: f64, habits: &Habits) -> Vec<DepthLimit> {
    let keep = habits.rule(HouseRule::LeastAllowance);
    shape
        .clips
        .iter()
        .filter(|clip| clip.seam == seam)
        .map(|clip| DepthLimit {
            from: (clip.station.mm() - ROUND_A_CLIP).clamp(0.0, length),
            to: (clip.station.mm() + ROUND_A_CLIP).clamp(0.0, length),
            least: -(clip.left.mm() - keep).max(0.0),
            most: f64::INFINITY,
        })
        .filter(|limit| limit.to > limit.from)
        .collect()
}
