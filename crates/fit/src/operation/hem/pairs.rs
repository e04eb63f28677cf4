//! Sides against each other, and a ring that is uneven.

use super::periodic::{RingLine, RingReading};
use super::ring::ring_points;
use super::solution::{HemPairRow, HemPairSaid, HemSolution, Uneven, UnevenCause};
use super::wish::HemRead;
use super::work::{HemSolver, HemWork};
use crate::garment::side::Side;
use crate::house::rules::HouseRule;
use crate::unit::length::Length;

impl HemSolver<'_> {
    /// Left and right, or the halves of one ring, against each other.
    pub(super) fn compare(&self, solution: &mut HemSolution, work: &HemWork<'_>, lines: &[RingLine]) {
        let shape = self.shape();
        let points = ring_points(shape, work.wish.hem);
        let ask = self.habits.rule(HouseRule::HemPairAsk);
        let row = |words: String, left: f64, right: f64| {
            let take_up = [left, right, left - right].map(Length::hundredth);
            let [left, right, _] = take_up;
            let apart = self.habits.scale.between(right, left);
            HemPairRow {
                words,
                take_up,
                shown: [left, right, apart].map(|each| self.habits.scale.number(each)),
            }
        };
        let reads = |side| work.wish.readings.iter().any(|reading| reading.side == side);
        match (lines, work.rings.as_slice()) {
            ([left, right], [(_, one), (_, other)]) if reads(Side::Left) && reads(Side::Right) => {
                solution.pairs = points
                    .iter()
                    .map(|point| {
                        row(
                            point.words.to_owned(),
                            left.at(one.along(point.at)),
                            right.at(other.along(point.at)),
                        )
                    })
                    .collect();
                let apart = left.mean() - right.mean();
                let by = Length::from_mm(apart.abs());
                solution.pair = Some(if !self.habits.scale.shows(by) {
                    HemPairSaid::Alike
                } else if by.mm() <= ask {
                    HemPairSaid::Near { by }
                } else {
                    let more = if apart > 0.0 { Side::Left } else { Side::Right };
                    HemPairSaid::Differ { more, by, pair: work.wish.pair }
                });
            }
            ([line], [(_, ring)]) if work.wish.readings.len() > 1 => {
                solution.pairs = points
                    .iter()
                    .filter(|point| point.at < 180.0 && (ring.is_open() || point.at > 0.0))
                    .map(|point| {
                        let words = point.words.trim_start_matches("left ").to_owned();
                        row(words, line.at(ring.along(point.at)), line.at(ring.along(360.0 - point.at)))
                    })
                    .collect();
                let most = solution.pairs.iter().map(|row| row.take_up[2].mm().abs()).fold(0.0, f64::max);
                let by = Length::from_mm(most);
                solution.pair = Some(if most <= ask {
                    HemPairSaid::HalvesAlike
                } else {
                    HemPairSaid::HalvesDiffer { by }
                });
            }
            _ => {}
        }
    }

    /// What readings from the floor say of the garment higher up.
    pub(super) fn uneven(&self, work: &HemWork<'_>) -> Option<Uneven> {
        let ring = &work.rings.first()?.1;
        if !ring.is_body() {
            return None;
        }
        let floor: Vec<RingReading> = work
            .wish
            .readings
            .iter()
            .filter(|reading| reading.read == HemRead::FloorToEdge)
            .map(|reading| RingReading { at: ring.along(reading.at), value: reading.length.mm() })
            .collect();
        let most = floor.iter().map(|reading| reading.value).fold(f64::MIN, f64::max);
        let least = floor.iter().map(|reading| reading.value).fold(f64::MAX, f64::min);
        let by = most - least;
        if floor.len() < 3 || by <= self.habits.rule(HouseRule::HemUneven) {
            return None;
        }
        let line = ring.line(&floor, 0.0)?;
        let at = |degrees: f64| line.at(ring.along(degrees));
        let cause = cause(by, at(0.0) - at(180.0), at(90.0) - at(270.0));
        Some(Uneven { by: Length::hundredth(by), cause, words: String::new() })
    }
}

/// What a hem that is uneven by so much comes of, where the front is so much higher than the back, and the left than
/// the right.
fn cause(by: f64, front: f64, side: f64) -> UnevenCause {
    if front.abs().max(side.abs()) < 0.5 * by {
        UnevenCause::Dropped
    } else if side.abs() > front.abs() {
        if side > 0.0 { UnevenCause::LeftHigh } else { UnevenCause::RightHigh }
    } else if front > 0.0 {
        UnevenCause::FrontHigh
    } else {
        UnevenCause::BackHigh
    }
}
