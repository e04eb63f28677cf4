//! Pins said back: each with the line it would make alone, and as what a line is drawn through.

use super::drawn::Drawn;
use super::problem::Underarm;
use super::seam_solution::PinRead;
use super::understood::Understood;
use crate::finding::InSeam;
use crate::garment::side::Side;
use crate::garment::{Seam, SeamEnd, SeamName};
use crate::house::rules::HouseRule;
use crate::line::{LineProblem, LoneLine, Target, Trust, sleeve_share};
use crate::reading::crossed::CrossedLevels;
use crate::reading::echo::{AloneLine, Reading, echo};
use crate::unit::length::Length;
use crate::words::in_seam;

impl Drawn<'_> {
    /// What each pin of a seam says, of rising station.
    pub(super) fn read_pins(&self, seam: &Seam, understood: &[Understood]) -> Vec<(PinRead, Target)> {
        let scale = self.habits.scale;
        let crossed = self.came.as_ref().map(|came| CrossedLevels::of(came, seam.name));
        let read = |Understood { pin, station, depth }: &Understood| {
            let pin = &self.job.fitting.pins[*pin];
            let reading = Reading {
                seam: seam.name,
                side: pin.side,
                station: *station,
                read: pin.reading,
                mode: pin.mode,
                depth: *depth,
                source: self.job.garment.source,
            };
            let read = PinRead {
                id: pin.id.clone(),
                side: pin.side,
                station: Length::hundredth(*station),
                depth: *depth,
                shown: [scale.read(seam.counted(*station)), scale.read(*depth)],
                echo: self.echoed(seam, reading, crossed.as_ref()),
                planned: pin.planned.map(|depth| scale.read(depth)),
                moved: pin.moved.map(|depth| scale.read(depth)),
                reread: pin.reread,
            };
            let target = Target {
                trust: if pin.exact { Trust::Exact } else { Trust::Read },
                ..Target::read(within(seam, *station), depth.mm())
            };
            (read, target)
        };
        let mut all: Vec<(PinRead, Target)> = understood.iter().map(read).collect();
        all.sort_by(|a, b| a.1.station.total_cmp(&b.1.station));
        all
    }

    /// A reading said back by the line it would make alone, within what its seam allows.
    fn echoed(&self, seam: &Seam, reading: Reading, crossed: Option<&CrossedLevels<'_>>) -> String {
        let target = Target {
            trust: self.trusted(seam, &reading),
            ..Target::read(reading.station, reading.depth.mm())
        };
        let problem = self.problem(seam, reading.side, &[target]);
        let (least, most) = problem.allowed(reading.station);
        let deep = target.depth.clamp(least.min(0.0), most.max(0.0));
        let limited = (deep - target.depth).abs() > SWALLOWED;
        let most =
            limited.then(|| (Length::from_mm(deep), self.limited_by(seam, reading.side, reading.station)));
        let alone = std::cell::OnceCell::new();
        let depth = |station: f64| -> f64 {
            let own = Target { trust: target.trust, ..Target::read(reading.station, deep) };
            let line: &Option<Box<dyn Fn(f64) -> f64>> =
                alone.get_or_init(|| self.alone(seam, reading.side, own));
            // What cannot be drawn by itself is as deep as its pin beside it, and nothing is known further off.
            line.as_ref().map_or(deep, |line| line(station))
        };
        echo(reading, crossed, &AloneLine { depth: &depth, most }, self.habits.scale)
    }

    /// How far a reading is to be believed once its other side has been read alike, as an echo takes it to be where both
    /// sides lie on one tube.
    fn trusted(&self, seam: &Seam, reading: &Reading) -> Trust {
        let on_one_tube = seam.one_tube_above.is_some_and(|from| reading.station >= from);
        if !seam.name.is_paired() {
            return Trust::Read;
        }
        let within = self.habits.rule(HouseRule::PairWithin);
        let noise = Length::from_mm(self.habits.rule(HouseRule::PinNoise));
        let across = self.job.fitting.pins.iter();
        let alike = across.filter(|pin| pin.seam == seam.name && pin.side != reading.side).any(|pin| {
            let near = pin.station_from_below(seam).is_some_and(|at| (at - reading.station).abs() <= within);
            let depth = || pin.depth(self.shape.allowance(seam.name));
            near && depth().is_ok_and(|depth| (depth - reading.depth).abs() <= noise)
        });
        if on_one_tube || alike { Trust::Agreed } else { Trust::Read }
    }

    /// The line of one pin by itself, led on into the sleeve where it stands for the underarm.
    fn alone(&self, seam: &Seam, side: Side, target: Target) -> Option<Box<dyn Fn(f64) -> f64>> {
        let target = [target];
        let own = line_of(&self.problem(seam, side, &target));
        let share = sleeve_share(seam, &target, self.habits);
        if seam.upper != SeamEnd::Underarm(true) || share <= 0.0 || self.wish(seam.name).is_some() {
            return own;
        }
        let on_sleeve = seam.name == SeamName::SleeveUnderarm;
        let body = if self.shape.has(SeamName::Side) { SeamName::Side } else { SeamName::Outseam };
        let other = self.seam(if on_sleeve { body } else { SeamName::SleeveUnderarm })?;
        let pair = if on_sleeve {
            Underarm { body: &other, sleeve: seam }
        } else {
            Underarm { body: seam, sleeve: &other }
        };
        let (below, beyond): (&[Target], &[Target]) = if on_sleeve { (&[], &target) } else { (&target, &[]) };
        let total = pair.body.length + pair.sleeve.length;
        let carried = line_of(&self.carried_problem(pair, side, below, beyond))?;
        Some(Box::new(move |at| {
            let on = carried(if on_sleeve { total - at } else { at });
            share * on + (1.0 - share) * own.as_ref().map_or(on, |own| own(at))
        }))
    }

    /// What allows a seam no more at a station.
    fn limited_by(&self, seam: &Seam, side: Side, station: f64) -> &'static str {
        let tightest = self
            .limits(seam, side)
            .into_iter()
            .filter(|limit| (limit.from..=limit.to).contains(&station))
            .min_by(|a, b| a.most.min(-a.least).total_cmp(&b.most.min(-b.least)));
        let inside = self.let_out(seam.name).unwrap_or(f64::INFINITY);
        in_seam(match tightest {
            Some(limit) if limit.most.min(-limit.least) < inside => {
                self.in_the_seam(seam, None, side, [limit.from, limit.to])
            }
            _ => InSeam::Inside,
        })
    }
}

/// A pin on the crotch point, which keeps its place, is a pin just below it.
fn within(seam: &Seam, station: f64) -> f64 {
    if seam.upper == SeamEnd::CrotchPoint { station.min(seam.length - BELOW_THE_POINT) } else { station }
}

/// How far below the crotch point a pin on it counts, in millimetres.
const BELOW_THE_POINT: f64 = 1.5;

/// The line of a problem with one pin, by its formula where nothing limits it.
fn line_of(problem: &LineProblem) -> Option<Box<dyn Fn(f64) -> f64>> {
    if let Some(line) = LoneLine::of(problem) {
        return Some(Box::new(move |station| line.depth(station)));
    }
    let line = problem.solve().ok()?;
    Some(Box::new(move |station| line.depth(station)))
}

/// A reading beyond a limit by less than this, in millimetres, is within it.
const SWALLOWED: f64 = 0.05;

/// Straight between neighbouring pins, level beyond the last.
pub(super) fn between(targets: &[Target], station: f64) -> f64 {
    let above = targets.partition_point(|target| target.station < station);
    match (above.checked_sub(1).map(|i| targets[i]), targets.get(above)) {
        (Some(a), Some(b)) => a.depth + (b.depth - a.depth) * (station - a.station) / (b.station - a.station),
        (Some(end), None) => end.depth,
        (None, Some(end)) => end.depth,
        (None, None) => 0.0,
    }
}
