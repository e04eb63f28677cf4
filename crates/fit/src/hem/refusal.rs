//! What cannot be done to a hem as it was asked, with the nearest that can.

use super::solution::HemSolution;
use super::turn_up::Lies;
use super::work::{HemSolver, HemWork, NOTHING};
use crate::house::rules::HouseRule;

impl HemSolver<'_> {
    /// What cannot be done as asked, with the nearest that can.
    pub(super) fn refusal(
        &self,
        work: &HemWork<'_>,
        least: f64,
        mean: f64,
        allowance: f64,
    ) -> Option<String> {
        let faced = self.habits.rule(HouseRule::HemFaced);
        let kept = self.habits.rule(HouseRule::LeastAllowance);
        let there = least + work.old;
        let height = self.pattern.crotch.map_or(work.whole, |crotch| crotch.height);
        if mean > 0.9 * height {
            return Some(format!(
                "{} is more than the garment has below; it can lose {} at most.",
                self.write(mean),
                self.write(0.9 * height)
            ));
        }
        if !work.kind.is_cut() {
            return (mean < -NOTHING).then(|| {
                format!(
                    "A hem that is kept cannot be let down by {}: unpick it, and choose another kind.",
                    self.write(-mean)
                )
            });
        }
        let too_far = self.let_down_too_far(work, least);
        if there + NOTHING >= allowance && !too_far {
            return None;
        }
        let most = work.old - kept;
        Some(if too_far {
            format!(
                "It cannot be let down by {}: the old turn-up is {}, and {} of it stay in the seam of a facing. {} is the most, faced; beyond that a strip is set on.",
                self.write(-least),
                self.write(work.old),
                self.write(kept),
                self.write(most.max(0.0))
            )
        } else if there >= faced {
            format!(
                "Below the new fold there is {} of cloth, and this hem takes {}: turn up {} instead, or face it, which takes {}.",
                self.write(there),
                self.write(allowance),
                self.write(there),
                self.write(faced)
            )
        } else {
            format!(
                "Below the new fold there is {} of cloth, not enough for any seam: shorten it by {} more, or set a strip on.",
                self.write(there.max(0.0)),
                self.write(faced - there)
            )
        })
    }
}

impl HemSolver<'_> {
    /// True where a hem is let down by more than its old turn-up gives, even faced: what has to stay inside
    /// any seam stays inside that of the facing.
    pub(super) fn let_down_too_far(&self, work: &HemWork<'_>, least: f64) -> bool {
        let most = work.old - self.habits.rule(HouseRule::LeastAllowance);
        work.kind.is_cut() && least < -NOTHING && -least > most.max(0.0) + NOTHING
    }
}

/// Why a turn-up cannot stay as it was asked, with what can be done instead.
pub(super) fn does_not_lie(solution: &HemSolution) -> Option<String> {
    let turned = solution.sides.iter().filter_map(|side| side.turn_up.as_ref());
    let bad = turned.into_iter().find(|turned| matches!(turned.lies, Lies::TooFull | Lies::TooTight))?;
    solution.kind.turns_up().then(|| bad.words.join(" "))
}
