//! What a hem offers to do next: mends for one that was refused, and sums with their numbers filled in.

use super::collision::CollisionState;
use super::offer::HemMend;
use super::solution::{HemSolution, OldTurnUp};
use super::uncut::UncutWay;
use super::work::{HemSolver, HemWork};
use crate::cloth::wash::WashTest;
use crate::garment::FeatureKind;
use crate::garment::hem_kind::HemKind;
use crate::house::rules::HouseRule;
use crate::sums::{Knowing, KnownSum, SlitPlace, Sum, SumPlace};
use crate::unit::length::Length;

/// How many pleats are asked about first.
const PLEATS: u32 = 12;

impl HemSolver<'_> {
    /// What can be made instead of a hem that was refused: no wider than lies flat and than there is cloth
    /// for, in whole millimetres; or a bias facing, where there is cloth for its seam.
    pub(super) fn mends(&self, work: &HemWork<'_>, solution: &HemSolution, least: f64) -> Vec<HemMend> {
        let mut mends = Vec::new();
        // Beyond what the old turn-up gives only a strip set on helps, which no button does.
        if solution.refusal.is_none() || self.let_down_too_far(work, least) {
            return mends;
        }
        let there = least + work.old;
        let seam = self.habits.rule(HouseRule::HemFaced);
        let widest = solution.sides.iter().filter_map(|side| side.turn_up.as_ref()?.widest).min();
        let narrow = widest.map_or(0.0, |widest| widest.mm().min(there).floor());
        if narrow >= seam && work.kind.turns_up() {
            mends.push(HemMend {
                words: format!("Turn up {} once", self.write(narrow)),
                kind: HemKind::SingleFold,
                allowance: Some(Length::from_mm(narrow)),
            });
        }
        let faced = matches!(work.kind, HemKind::Faced | HemKind::BiasFaced);
        if there >= seam && solution.old_turn_up != OldTurnUp::Kept && !faced {
            mends.push(HemMend {
                words: "Face it with a bias strip".to_owned(),
                kind: HemKind::BiasFaced,
                allowance: None,
            });
        }
        mends
    }

    /// The sums this hem leads to.
    pub(super) fn hem_sums(&self, solution: &HemSolution, test: Option<WashTest>) -> Vec<KnownSum> {
        let mut sums = Vec::new();
        let place = SumPlace::Hem { hem: solution.hem };
        let known = |words: &str, sum: &Sum| Knowing::whole(words, sum, place, self.habits.scale);
        let rule = |rule| Length::from_mm(self.habits.rule(rule));
        let Some(side) = solution.sides.first() else { return sums };
        let girth = side.girth[1];
        if let Some(facing) = side.turn_up.as_ref().and_then(|turned| turned.facing.as_ref()) {
            let [length, width] = [facing.lower, facing.strip[1]];
            let cloth = rule(HouseRule::ClothWidth);
            let sum = Sum::Bias { length, width, cloth, doubled: false, both_edges: false };
            sums.push(known("how much bias that is", &sum));
        }
        if let Some(UncutWay::Waist(waist)) = &solution.uncut
            && waist.remains.is_positive()
        {
            let sum = Sum::Gathers { long: waist.lower_with_darts, short: waist.upper };
            sums.push(known("or gather it in", &sum));
        }
        for near in &side.collisions {
            let (words, sum) = match (near.kind, near.spaced.as_slice()) {
                (FeatureKind::Buttons, [from, .., to]) => {
                    let count = near.spaced.len() as u32;
                    let sum = Sum::Spacing { from: *from, to: *to, count, pinned: None, clear: None };
                    ("where each button goes", sum)
                }
                (FeatureKind::Pleats, _) => {
                    let depth = rule(HouseRule::PleatDepth);
                    ("how much cloth pleats take", Sum::Pleats { finished: girth, count: PLEATS, depth })
                }
                (FeatureKind::Vent | FeatureKind::Slit, _) if near.state != CollisionState::Clear => {
                    let (opening, height) = (rule(HouseRule::SlitOpen), rule(HouseRule::SlitHeight));
                    let (across, place) = (girth.half(), SlitPlace::default());
                    let sum = Sum::Slit { across, darts: Vec::new(), place, opening, height };
                    ("where a new slit goes", sum)
                }
                _ => continue,
            };
            sums.push(known(words, &sum));
        }
        let finished = side.rows.iter().find_map(|row| row.finished);
        if let (Some(WashTest { before, after }), Some(wanted)) = (test, finished) {
            let sum = Sum::Shrink { wanted, before, after };
            sums.push(known("what to cut for cloth that shrinks", &sum));
        }
        if solution.kind.is_knit() && solution.paired {
            let gap = Length::hundredth(girth.mm() * self.habits.rule(HouseRule::ElasticDraws));
            sums.push(known("or elastic in the hem", &Sum::Elastic { spans: vec![girth], gap }));
        }
        sums
    }
}
