//! What cannot be done to a hem as it was asked.

use super::refusal::HemRefusal;
use super::solution::HemSolution;
use super::turn_up::TurnUp;
use super::work::{HemSolver, HemWork, NOTHING};
use crate::house::rules::HouseRule;
use crate::unit::length::Length;

/// The most of a garment's length a hem can lose, as a share.
const MOST_LOST: f64 = 0.9;

impl HemSolver<'_> {
    /// What cannot be done as asked, with the nearest that can.
    pub(super) fn refusal(
        &self,
        work: &HemWork<'_>,
        least: f64,
        mean: f64,
        allowance: f64,
    ) -> Option<HemRefusal> {
        let faced = self.habits.rule(HouseRule::HemFaced);
        let kept = self.habits.rule(HouseRule::LeastAllowance);
        let (mm, there) = (Length::from_mm, least + work.old);
        let height = self.pattern.crotch.map_or(work.whole, |crotch| crotch.height);
        if mean > MOST_LOST * height {
            return Some(HemRefusal::TooShort { asked: mm(mean), most: mm(MOST_LOST * height) });
        }
        if !work.kind.is_cut() {
            return (mean < -NOTHING).then(|| HemRefusal::Kept { by: mm(-mean) });
        }
        let too_far = self.let_down_too_far(work, least);
        if there + NOTHING >= allowance && !too_far {
            return None;
        }
        Some(if too_far {
            let most = (work.old - kept).max(0.0);
            HemRefusal::TooLong { by: mm(-least), old: mm(work.old), kept: mm(kept), most: mm(most) }
        } else if there >= faced {
            HemRefusal::TooLittle { there: mm(there), takes: mm(allowance), faced: mm(faced) }
        } else {
            HemRefusal::Nothing { there: mm(there.max(0.0)), shorten: mm(faced - there) }
        })
    }

    /// True where a hem is let down by more than its old turn-up gives, even faced: what has to stay inside
    /// any seam stays inside that of the facing.
    pub(super) fn let_down_too_far(&self, work: &HemWork<'_>, least: f64) -> bool {
        let most = work.old - self.habits.rule(HouseRule::LeastAllowance);
        work.kind.is_cut() && least < -NOTHING && -least > most.max(0.0) + NOTHING
    }
}

/// Why a turn-up cannot stay as it was asked.
pub(super) fn does_not_lie(solution: &HemSolution) -> Option<HemRefusal> {
    let TurnUp { lies, excess, widest, .. } = *solution.badly_turned()?;
    Some(HemRefusal::DoesNotLie { lies, excess, widest })
}
