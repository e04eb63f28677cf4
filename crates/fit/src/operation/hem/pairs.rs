//! Sides against each other, and a ring that is uneven.

use super::periodic::{RingLine, RingReading};
use super::ring::ring_points;
use super::solution::{HemPairRow, HemSolution, Uneven};
use super::wish::{HemPair, HemRead};
use super::work::{HemSolver, HemWork};
use crate::garment::HemName;
use crate::house::rules::HouseRule;
use crate::reading::side::Side;
use crate::unit::length::Length;

impl HemSolver<'_> {
    /// Left and right, or the halves of one ring, against each other.
    pub(super) fn compare(&self, solution: &mut HemSolution, work: &HemWork<'_>, lines: &[RingLine]) {
        let shape = self.shape();
        let points = ring_points(shape, work.wish.hem);
        let ask = self.habits.rule(HouseRule::HemPairAsk);
        let row = |words: String, left: f64, right: f64| {
            let take_up = [left, right, left - right].map(Length::hundredth);
            HemPairRow { words, take_up, shown: take_up.map(|each| self.habits.scale.number(each)) }
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
                let limb = if work.wish.hem == HemName::Sleeve { "arm" } else { "leg" };
                let (more, by) = (if apart > 0.0 { "left" } else { "right" }, self.write(apart.abs()));
                solution.pair_words = Some(if !self.habits.scale.shows(Length::from_mm(apart)) {
                    "Left and right go up by as much on the mean: make them alike.".to_owned()
                } else if apart.abs() <= ask {
                    format!("Left and right differ by {by} on the mean, which nobody sees: make them alike.")
                } else {
                    match work.wish.pair {
                        HemPair::Own => {
                            format!(
                                "The {more} goes up {by} more, kept on purpose for a {limb} that is shorter."
                            )
                        }
                        HemPair::Even => format!(
                            "The {more} goes up {by} more. Is the {limb} shorter, or did it stand differently? Read both again; then keep them different, or alike at the mean as it is now."
                        ),
                        HemPair::AsLeft | HemPair::AsRight => format!(
                            "The {more} goes up {by} more; both are made as the {} reads.",
                            if work.wish.pair == HemPair::AsLeft { "left" } else { "right" }
                        ),
                    }
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
                solution.pair_words = Some(if most <= ask {
                    "Folded on the centre front, both halves go up alike.".to_owned()
                } else {
                    format!(
                        "Folded on the centre front the halves differ by up to {}: after it is sewn, fold it there and look whether that is meant.",
                        self.write(most)
                    )
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
        let (front, side) = (at(0.0) - at(180.0), at(90.0) - at(270.0));
        let cause = if front.abs().max(side.abs()) < 0.5 * by {
            "It goes up and down round the ring: cloth on the bias has dropped. Let it hang a day and a night and read it again."
        } else if side.abs() > front.abs() {
            if side > 0.0 {
                "It is higher on the left: a high left hip or a low right shoulder. Look at waist and shoulders first; taken up there, the hem comes level by itself."
            } else {
                "It is higher on the right: a high right hip or a low left shoulder. Look at waist and shoulders first; taken up there, the hem comes level by itself."
            }
        } else if front > 0.0 {
            "It rises in front: belly or bust needs length and width in front only. Give it there if the cloth allows, then read the hem again."
        } else {
            "It rises at the back: a full seat or a rounded back takes the length, or the wearer leans forward. Read it again upright, eyes ahead."
        };
        Some(Uneven {
            by: Length::hundredth(by),
            words: format!("The edge is uneven by {}. {cause}", self.write(by)),
        })
    }
}
