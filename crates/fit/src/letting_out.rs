//! Letting out: how much a seam can give.

use crate::garment::SeamAllowance;
use crate::{Habits, HouseRule, Length};

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
