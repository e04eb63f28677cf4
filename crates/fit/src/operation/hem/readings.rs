//! What was read round a hem, understood: one line a side.

use super::aim::Aim;
use super::periodic::{RingLine, RingReading};
use super::ring::{Hang, Ring, point_words};
use super::solution::HemReadingRead;
use super::waits::HemWaits;
use super::wish::{HemRead, HemReading};
use super::work::{HemSolver, HemWork};
use crate::garment::side::Side;
use crate::house::choice::LevelBy;
use crate::house::rules::HouseRule;
use crate::unit::length::Length;

/// A cosine nearer to one than this makes no difference a tape would show.
const SLANT_SHOWS: f64 = 0.99;

impl HemSolver<'_> {
    /// A reading said back, with what it alone would do.
    pub(super) fn reading(
        &self,
        reading: &HemReading,
        work: &HemWork<'_>,
        aim: Option<&Aim>,
    ) -> HemReadingRead {
        let words = point_words(self.shape(), work.wish.hem, reading.at);
        let ring = work.rings.iter().find(|(side, _)| *side == reading.side).or_else(|| work.rings.first());
        let read = reading.length.mm();
        let take_up = match (reading.read, aim) {
            (HemRead::EdgeToPin, _) => Some(read),
            (HemRead::FloorToEdge, Some(Aim::Height(height))) => {
                ring.map(|(_, ring)| (height - read) / ring.hang().cos)
            }
            _ => None,
        };
        let direction = |up: f64| if up < 0.0 { "down" } else { "up" };
        let moved = take_up.map(|up| format!("goes {} {}", direction(up), self.write(up.abs())));
        let at = match reading.side {
            Side::Centre => format!("At the {words}"),
            side => format!("{}, at the {words},", capital(side.words())),
        };
        let echo = match (reading.read, moved) {
            (HemRead::FloorToEdge, Some(moved)) => {
                format!("{at} the edge is {} above the floor: it {moved}.", self.write(read))
            }
            (HemRead::FloorToEdge, None) => {
                format!("{at} the edge is {} above the floor.", self.write(read))
            }
            (HemRead::EdgeToPin, _) => {
                format!("{at} it is pinned {} by {}.", direction(read), self.write(read.abs()))
            }
        };
        HemReadingRead {
            id: reading.id.clone(),
            side: reading.side,
            at: reading.at,
            words,
            shown: self.habits.scale.number(reading.length),
            take_up: take_up.map(Length::hundredth),
            echo,
        }
    }

    /// One line a side, as it was read.
    pub(super) fn levels(
        &self,
        work: &HemWork<'_>,
        aim: Aim,
        level_by: LevelBy,
    ) -> Result<Vec<RingLine>, HemWaits> {
        let tolerance = self.habits.rule(HouseRule::HemTolerance);
        let wish = work.wish;
        let pinned = wish.readings.iter().any(|reading| reading.read == HemRead::EdgeToPin);
        let read = |side: Side, ring: &Ring<'_>, way: HemRead| -> Vec<RingReading> {
            wish.readings
                .iter()
                .filter(|reading| reading.side == side && reading.read == way)
                .map(|reading| RingReading { at: ring.along(reading.at), value: reading.length.mm() })
                .collect()
        };
        // Hung up, a height above the floor is the hanger's; the length then comes from the measures.
        let aim = match aim {
            Aim::Height(height) if level_by == LevelBy::Hung => {
                Aim::Mean(height - self.edge_by_measures(wish)?)
            }
            other => other,
        };
        let mut lines: Vec<Option<RingLine>> = Vec::new();
        for (side, ring) in &work.rings {
            let period = ring.period();
            let cos = ring.hang().cos;
            let pins = read(*side, ring, HemRead::EdgeToPin);
            let floor = read(*side, ring, HemRead::FloorToEdge);
            let line = if pinned {
                ring.line(&pins, tolerance)
            } else {
                match aim {
                    Aim::Pinned => None,
                    Aim::Height(height) if !floor.is_empty() => {
                        let up: Vec<RingReading> = floor
                            .iter()
                            .map(|reading| RingReading { value: (height - reading.value) / cos, ..*reading })
                            .collect();
                        ring.line(&up, tolerance)
                    }
                    Aim::Height(_) if !wish.readings.is_empty() => None,
                    Aim::Height(height) => {
                        Some(RingLine::level(period, (height - self.edge_by_measures(wish)?) / cos))
                    }
                    Aim::Mean(up) => {
                        let mean = ring.line(&floor, 0.0).map(|line| line.mean());
                        match mean {
                            Some(mean) => {
                                let up: Vec<RingReading> = floor
                                    .iter()
                                    .map(|reading| RingReading {
                                        value: up + (mean - reading.value) / cos,
                                        ..*reading
                                    })
                                    .collect();
                                ring.line(&up, tolerance)
                            }
                            None => Some(RingLine::level(period, up)),
                        }
                    }
                }
            };
            // One amount all round is the mean of what was read.
            lines.push(match level_by {
                LevelBy::Even => line.map(|line| RingLine::level(period, line.mean())),
                LevelBy::Floor | LevelBy::Hung => line,
            });
        }
        // Each leg is a tube of its own: what was read on one is safe to copy.
        let none = if matches!(aim, Aim::Pinned) { HemWaits::Pins } else { HemWaits::Readings };
        let known = lines.iter().flatten().next().cloned().ok_or(none)?;
        Ok(lines.into_iter().map(|line| line.unwrap_or_else(|| known.clone())).collect())
    }

    /// Which way heights above the floor are turned into lengths of cloth, where the two differ enough to show.
    pub(super) fn hangs(&self, work: &HemWork<'_>) -> Option<Hang> {
        let floor = |read| matches!(read, HemRead::FloorToEdge);
        if !work.wish.readings.iter().any(|reading| floor(reading.read)) {
            return None;
        }
        let hang = work.rings.first()?.1.hang();
        if hang.slanted > SLANT_SHOWS {
            return None;
        }
        Some(hang)
    }
}

fn capital(words: &str) -> String {
    let mut chars = words.chars();
    chars.next().map_or_else(String::new, |first| first.to_uppercase().chain(chars).collect())
}
