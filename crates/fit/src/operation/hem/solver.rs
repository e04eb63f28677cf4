//! From a wish and its readings to a hem.

use super::lining::{bagged, lining, mitres};
use super::periodic::RingLine;
use super::place::{HemPlace, HemSpot};
use super::refusing::does_not_lie;
use super::ring::{Ring, ring_points};
use super::solution::{HemSolution, OldTurnUp};
use super::take_up::TakeUp;
use super::uncut::{has_waist, uncut};
use super::wish::{HemPair, HemWish};
use super::work::{HemSolver, HemWork, NOTHING, extremes};
use crate::garment::hem_kind::HemKind;
use crate::garment::side::Side;
use crate::garment::{FeatureKind, HemName};
use crate::house::habit::Habits;
use crate::unit::length::Length;

impl<'a> HemSolver<'a> {
    /// The hems the garment has.
    pub(crate) fn places(&self, wishes: &[HemWish], hems: &[HemSolution]) -> Vec<HemPlace> {
        let shape = self.shape();
        let place = |hem: HemName| {
            let ring = Ring::of(shape, self.pattern, hem, self.side_of(hem))?;
            Some(HemPlace {
                open: ring.is_open(),
                hem,
                words: hem.words(),
                paired: shape.is_paired_hem(hem),
                spots: ring_points(shape, hem)
                    .iter()
                    .map(|point| HemSpot { at: point.at, words: point.words.to_owned() })
                    .collect(),
                girth: Length::hundredth(ring.period()),
                length: Length::hundredth(self.whole(hem)),
                usual_kind: HemKind::usual(self.garment, hem, self.habits),
                has_waist: hem == HemName::Hem && has_waist(shape),
                has_facing: shape
                    .near_hems
                    .iter()
                    .any(|near| near.hem == hem && near.kind == FeatureKind::Facing),
                begins: self.begins(
                    hem,
                    wishes.iter().find(|wish| wish.hem == hem),
                    hems.iter().find(|solved| solved.hem == hem),
                ),
            })
        };
        shape.hems().iter().filter_map(|hem| place(*hem)).collect()
    }

    fn side_of(&self, hem: HemName) -> Side {
        if self.shape().is_paired_hem(hem) { Side::Left } else { Side::Centre }
    }

    /// Works one wish out; `None` where the hem is not drawn.
    pub(crate) fn solve(&self, wish: &'a HemWish) -> Option<HemSolution> {
        let shape = self.shape();
        let paired = shape.is_paired_hem(wish.hem);
        let sides: &[Side] = if paired { &[Side::Left, Side::Right] } else { &[Side::Centre] };
        let rings: Vec<(Side, Ring<'a>)> = sides
            .iter()
            .filter_map(|side| Some((*side, Ring::of(shape, self.pattern, wish.hem, *side)?)))
            .collect();
        if rings.len() != sides.len() {
            return None;
        }
        let kind = wish.kind.unwrap_or_else(|| HemKind::usual(self.garment, wish.hem, self.habits));
        let mut folds = kind.folds(self.habits);
        if let Some(allowance) = wish.allowance.filter(|_| kind.is_cut()) {
            let first = if folds[0] < allowance.mm() { folds[0] } else { 0.0 };
            folds = [first, allowance.mm() - first];
        }
        let test = self.garment.wash_test.filter(|_| !self.washed);
        if let Some(test) = test {
            folds = folds.map(|fold| test.cut_for(fold));
        }
        let mut work = HemWork {
            wish,
            rings,
            kind,
            folds,
            whole: self.whole(wish.hem),
            old: shape.turned_up(wish.hem).mm(),
            opened: false,
        };
        let level_by = wish.level_by.unwrap_or(self.habits.level_by);
        let mut solution = self.begun(&work, test.map(|test| test.share()));
        let aim = self.aim(&work);
        solution.readings =
            wish.readings.iter().map(|reading| self.reading(reading, &work, aim.as_ref().ok())).collect();
        solution.uneven = self.uneven(&work);
        let levels = match aim.and_then(|aim| self.levels(&work, aim, level_by)) {
            Ok(levels) => levels,
            Err(waits) => {
                solution.waits_for = Some(waits);
                return Some(solution);
            }
        };
        self.compare(&mut solution, &work, &levels);
        let take_ups = self.take_ups(&work, levels);
        let least = take_ups
            .iter()
            .zip(&work.rings)
            .map(|(take_up, (_, ring))| extremes(take_up, ring)[0])
            .fold(f64::MAX, f64::min);
        // Nobody cuts through double cloth and leaves a strip of the old hem inside: where the cut would fall
        // within the old turn-up, or below it, that is unpicked and pressed out first.
        work.opened = kind.is_cut() && least - folds[0] - folds[1] < work.old - NOTHING;
        let alike = take_ups.len() > 1 && !paired_differently(&work, &take_ups);
        for (i, take_up) in take_ups.iter().enumerate() {
            let (side, ring) = &work.rings[i];
            let side = if alike { Side::Centre } else { *side };
            solution.sides.push(self.side(&work, side, ring, take_up));
            if alike {
                break;
            }
        }
        self.finish(&mut solution, &work);
        Some(solution)
    }

    /// A wish before anything of it is worked out.
    fn begun(&self, work: &HemWork<'_>, shrinks: Option<f64>) -> HemSolution {
        let wish = work.wish;
        HemSolution {
            hem: wish.hem,
            words: wish.hem.words(),
            paired: self.shape().is_paired_hem(wish.hem),
            wanted: String::new(),
            level_by: wish.level_by.unwrap_or(self.habits.level_by),
            waits: None,
            waits_for: None,
            readings: Vec::new(),
            kind: work.kind,
            kind_words: work.kind.words(),
            allowance: Length::hundredth(work.folds[0] + work.folds[1]),
            allowance_words: said(work.folds, self.habits),
            old_turn_up: OldTurnUp::Kept,
            sides: Vec::new(),
            pairs: Vec::new(),
            pair: None,
            pair_words: None,
            uneven: None,
            uncut: None,
            lining: None,
            mitres: Vec::new(),
            flare: None,
            hangs: self.hangs(work),
            shrinks,
            refusal: None,
            refused: None,
            mends: Vec::new(),
            sums: Vec::new(),
        }
    }

    /// What is decided of two sides, and everything that goes on top of it.
    fn take_ups(&self, work: &HemWork<'_>, lines: Vec<RingLine>) -> Vec<TakeUp> {
        let test = self.garment.wash_test.filter(|_| !self.washed);
        let body = work.rings.first().is_some_and(|(_, ring)| ring.is_body());
        let high_low = work.wish.high_low.filter(|_| body);
        work.rings
            .iter()
            .enumerate()
            .map(|(i, (_, ring))| {
                let one = |line: &RingLine| vec![(1.0, line.clone())];
                let weighted = match (work.wish.pair, lines.as_slice()) {
                    (HemPair::Even, [left, right]) => vec![(0.5, left.clone()), (0.5, right.clone())],
                    (HemPair::AsLeft, [left, _]) => one(left),
                    (HemPair::AsRight, [_, right]) => one(right),
                    (_, lines) => one(&lines[i]),
                };
                TakeUp::new(weighted).high_low(high_low, ring).washed(test, work.whole)
            })
            .collect()
    }

    /// What goes for the whole hem.
    fn finish(&self, solution: &mut HemSolution, work: &HemWork<'_>) {
        let shape = self.shape();
        let allowance = work.folds[0] + work.folds[1];
        let mean = solution.mean().mm();
        let least = solution.sides.iter().map(|side| side.take_up[0].mm()).fold(f64::MAX, f64::min);
        let is_cut = work.kind.is_cut();
        solution.old_turn_up = match is_cut {
            false => OldTurnUp::Kept,
            true if work.opened => OldTurnUp::Unpicked,
            true => OldTurnUp::CutOff,
        };
        if work.kind == HemKind::Uncut {
            let ring = &work.rings[0].1;
            solution.uncut = Some(uncut(ring, shape, self.pattern, mean, work.wish.shorten_at, self.habits));
        }
        if is_cut {
            let sleeve = work.wish.hem == HemName::Sleeve;
            solution.lining = if work.kind == HemKind::LinedBag {
                bagged(shape, sleeve, allowance, mean, self.habits)
            } else {
                lining(shape, sleeve, work.wish.lining, allowance, mean, self.habits)
            };
            let near: Vec<_> =
                shape.near_hems.iter().copied().filter(|feature| feature.hem == work.wish.hem).collect();
            solution.mitres = mitres(&near, work.wish.mitre_facing, allowance, self.habits);
        }
        solution.refusal = self.refusal(work, least, mean, allowance).or_else(|| does_not_lie(solution));
        solution.mends = self.mends(work, solution, least);
        solution.sums = self.hem_sums(solution, self.garment.wash_test.filter(|_| !self.washed));
    }
}

/// True where two sides come out differently.
fn paired_differently(work: &HemWork<'_>, take_ups: &[TakeUp]) -> bool {
    let [(_, one), (_, other)] = work.rings.as_slice() else { return false };
    let [left, right] = take_ups else { return false };
    (one.period() - other.period()).abs() > NOTHING
        || (0..24).any(|i| {
            let share = f64::from(i) / 24.0;
            (left.fold(share, one.period()) - right.fold(share, other.period())).abs() > NOTHING
        })
}

/// What is turned up in all, and how it is said: `6 + 20`.
fn said(folds: [f64; 2], habits: &Habits) -> String {
    let write = |mm: f64| habits.scale.number(Length::from_mm(mm));
    if folds[0] > 0.0 {
        format!("{} + {} {}", write(folds[0]), write(folds[1]), habits.scale.unit.sign())
    } else {
        habits.scale.write(Length::from_mm(folds[1]))
    }
}
