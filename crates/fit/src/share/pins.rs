//! The pins that hand a plan over to the fitting.

use super::answer::{AT_THE_LEVEL, WORTH_OPENING};
use super::plan::Plans;
use crate::garment::side::Side;
use crate::garment::{Seam, SeamName};
use crate::pattern::SeamEdge;
use crate::reading::pin::{EntryMode, Pin};
use crate::solve::job::Job;
use crate::unit::length::Length;

/// How far along a seam a plan moves the pins it finds, in millimetres; further away they stay.
const REACH: f64 = 250.0;

/// A line's station and the pins it was evened from lie no further apart than this, in millimetres.
const SAME_PIN: f64 = 10.0;

impl Plans<'_> {
    /// Where a seam crosses the level, from its lower end.
    fn station_on(&self, seam: &Seam, edge: SeamEdge<'_>) -> f64 {
        self.level.place_on(edge.edge).station * seam.length / edge.edge.length()
    }

    /// True when a station of a seam is where it crosses the level.
    pub(super) fn stands_at_the_level(&self, seam: SeamName, station: f64) -> bool {
        let drawn = self.job.garment.shape.seam(seam, Some(self.pattern));
        let (Some(drawn), Some([edge, _])) = (drawn, self.pattern.edges(seam)) else { return false };
        (self.station_on(&drawn, edge) - station).abs() <= AT_THE_LEVEL
    }

    /// Sets the pins of a seam at a station to a depth that can be sewn there.
    pub(super) fn give_way(&self, pins: &mut [Pin], seam: SeamName, station: f64, depth: f64) {
        let Some(drawn) = self.job.garment.shape.seam(seam, Some(self.pattern)) else { return };
        for pin in pins.iter_mut().filter(|pin| pin.seam == seam) {
            let away = pin.station_from_below(&drawn).map(|at| (at - station).abs());
            if away.is_some_and(|away| away <= SAME_PIN) {
                set(pin, EntryMode::SeamToPin, depth);
            }
        }
    }

    /// The fitting's pins with these depths at the level: pins near it are moved by what their seam
    /// changes, fading out along the seam; where none stands at the level, one is set.
    pub(super) fn pins(&self, parts: &[(SeamName, f64)]) -> Vec<Pin> {
        let job = self.job;
        let mut pins = job.fitting.pins.clone();
        for source in self.sources {
            let seam = source.seam;
            let wanted = parts.iter().find(|(known, _)| *known == seam).map_or(0.0, |(_, depth)| *depth);
            let by = wanted - self.depth_now(seam);
            let (Some(drawn), Some([edge, _])) =
                (job.garment.shape.seam(seam, Some(self.pattern)), self.pattern.edges(seam))
            else {
                continue;
            };
            let at = self.station_on(&drawn, edge);
            let mode = if source.new_dart { EntryMode::FoldToPin } else { EntryMode::SeamToPin };
            let place = AtLevel { job, seam: &drawn, at, mode, wanted, by };
            let sides: &[Side] = if seam.is_paired() { &[Side::Left, Side::Right] } else { &[Side::Centre] };
            for side in sides {
                place.share_out(&mut pins, *side, self.level.name.words());
            }
        }
        pins
    }
}

/// Where the level crosses a seam, and what the seam shall give there.
struct AtLevel<'a> {
    job: &'a Job,
    seam: &'a Seam,
    /// From the seam's lower end, in millimetres.
    at: f64,
    mode: EntryMode,
    wanted: f64,
    /// How much more than now.
    by: f64,
}

impl AtLevel<'_> {
    fn is_on(&self, pin: &Pin, side: Side) -> bool {
        pin.seam == self.seam.name && pin.side == side
    }

    /// True for a pin that stands within so many millimetres of the level.
    fn stands_within(&self, pin: &Pin, away: f64) -> bool {
        pin.station_from_below(self.seam).is_some_and(|station| (station - self.at).abs() <= away)
    }

    /// Moves the pins of one side, and sets one at the level where none stands there.
    fn share_out(&self, pins: &mut Vec<Pin>, side: Side, level: &str) {
        let mut standing = false;
        pins.retain_mut(|pin| !self.is_on(pin, side) || self.moved(pin, &mut standing));
        // A seam that gives nothing here, and is pinned elsewhere, is held to nothing here; one
        // that is pinned nowhere else is left alone.
        let here = |pin: &Pin| self.is_on(pin, side) && self.stands_within(pin, AT_THE_LEVEL);
        let elsewhere = pins.iter().any(|pin| self.is_on(pin, side) && !here(pin));
        if self.wanted.abs() <= WORTH_OPENING && !elsewhere {
            pins.retain(|pin| !here(pin));
        } else if !standing && (elsewhere || self.wanted.abs() > WORTH_OPENING) {
            let pin = self.set_anew(side, level);
            pins.retain(|other| other.id != pin.id);
            pins.push(pin);
        }
        // Two pins of one side at the level would be evened as one: the first stands for both.
        let mut first = true;
        pins.retain(|pin| {
            let near =
                pin.station_from_below(self.seam).is_some_and(|station| (station - self.at).abs() < 0.1);
            !(self.is_on(pin, side) && pin.exact && near) || std::mem::take(&mut first)
        });
    }

    /// Moves one pin by its share; false where it says nothing any more.
    fn moved(&self, pin: &mut Pin, standing: &mut bool) -> bool {
        let Some(station) = pin.station_from_below(self.seam) else { return true };
        let away = (station - self.at).abs();
        let share = (1.0 - away / REACH).max(0.0);
        let Ok(depth) = pin.depth(self.job.garment.shape.allowance(self.seam.name)) else { return true };
        // At the level both sides get the plan's own depth; further away each pin keeps
        // what it said, moved by as much.
        let depth = if away <= AT_THE_LEVEL {
            *standing = true;
            self.wanted
        } else if share * self.by.abs() < 0.05 {
            return true;
        } else {
            ((depth.mm() + share * self.by) * 10.0).round() / 10.0
        };
        if depth.abs() < WORTH_OPENING && self.wanted.abs() < WORTH_OPENING && away > AT_THE_LEVEL {
            return false;
        }
        set(pin, self.mode, depth);
        if away <= AT_THE_LEVEL {
            let usual = self.seam.usual();
            pin.exact = true;
            pin.station = Length::from_mm(usual.counted(self.at).max(0.0));
            pin.datum = usual.datum;
        }
        true
    }

    fn set_anew(&self, side: Side, level: &str) -> Pin {
        let (seam, usual) = (self.seam.name, self.seam.usual());
        let mut pin = Pin {
            id: Pin::numbered(&["share", level, seam.key(), side.words()]),
            seam,
            side,
            datum: usual.datum,
            station: Length::from_mm(usual.counted(self.at).max(0.0)),
            mode: self.mode,
            reading: Length::ZERO,
            panel: None,
            planned: None,
            moved: None,
            reread: false,
            exact: true,
        };
        set(&mut pin, self.mode, self.wanted);
        pin
    }
}

fn set(pin: &mut Pin, mode: EntryMode, depth: f64) {
    let depth = Length::from_mm(depth);
    (pin.mode, pin.reading, pin.panel) = (mode, depth, None);
    (pin.planned, pin.moved, pin.reread) = (Some(depth), None, false);
}
