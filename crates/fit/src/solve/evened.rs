//! The fourth stage: pins become depths on each seam, left and right evened.

use super::drawn::Drawn;
use super::pins::between;
use super::seam_solution::PinRead;
use super::understood::PinnedSeam;
use crate::finding::{Finding, OneSideOnly, Unread};
use crate::garment::side::Side;
use crate::garment::{Seam, SeamName};
use crate::house::choice::PinSides;
use crate::line::Target;
use crate::reading::evening::{self, Difference, Evening, Readings};

/// Every pinned seam, and what was found on the way.
pub(super) struct Evened {
    pub(super) seams: Vec<EvenedSeam>,
    pub(super) found: Vec<Finding>,
}

/// A seam whose pins are read and evened, before its lines are drawn.
pub(super) struct EvenedSeam {
    pub(super) seam: Seam,
    pub(super) pins: Vec<PinRead>,
    pub(super) evening: Option<Evening>,
    /// The depths each line has to pass: `centre` for both sides together.
    pub(super) targets: Vec<(Side, Vec<Target>)>,
}

impl EvenedSeam {
    /// The depths of one side.
    pub(super) fn on(&self, side: Side) -> &[Target] {
        let known = self.targets.iter().find(|(known, _)| *known == side || *known == Side::Centre);
        known.map_or(&[], |(_, targets)| targets)
    }

    pub(super) fn is_one_line(&self) -> bool {
        self.targets.iter().all(|(side, _)| *side == Side::Centre)
    }
}

/// Says back and evens every pinned seam.
pub(super) fn evened(drawn: &Drawn<'_>, pinned: Vec<PinnedSeam>) -> Evened {
    let (mut seams, mut found) = (Vec::new(), Vec::new());
    for PinnedSeam { name, on } in pinned {
        match on {
            Some((seam, pins)) => {
                let pins = drawn.read_pins(&seam, &pins);
                seams.push(drawn.evened_seam(seam, pins, &mut found));
            }
            None => found.push(Finding::SeamUnmeasured(name)),
        }
    }
    Evened { seams, found }
}

impl Drawn<'_> {
    fn evened_seam(&self, seam: Seam, pins: Vec<(PinRead, Target)>, found: &mut Vec<Finding>) -> EvenedSeam {
        let side_pins = |side: Side| -> Vec<Target> {
            pins.iter().filter(|(pin, _)| pin.side == side).map(|(_, target)| *target).collect()
        };
        let mut targets = Vec::new();
        let mut report = None;
        if seam.name.is_paired() {
            let evening = self.even(&seam, &side_pins(Side::Left), &side_pins(Side::Right));
            self.mind_evening(&seam, &evening, found);
            if evening.is_one_line() {
                targets.push((Side::Centre, evening.targets(Side::Left)));
            } else {
                targets.extend([Side::Left, Side::Right].map(|side| (side, evening.targets(side))));
            }
            report = Some(evening);
        } else {
            targets.push((Side::Centre, side_pins(Side::Centre)));
        }
        if targets.iter().all(|(_, targets)| !moves(targets)) {
            found.push(Finding::SeamStays(seam.name));
        }
        let pins = pins.into_iter().map(|(pin, _)| pin).collect();
        EvenedSeam { seam, pins, evening: report, targets }
    }

    fn even(&self, seam: &Seam, left: &[Target], right: &[Target]) -> Evening {
        let wish = self.job.fitting.evening.iter().find(|wish| wish.seam == seam.name);
        let choice = wish.and_then(|wish| wish.choice).unwrap_or(self.habits.evening);
        let one_side = wish.and_then(|wish| wish.one_side).unwrap_or(self.habits.one_side);
        let readings = Readings { left, right, one_tube_above: seam.one_tube_above };
        // A side's own line is only needed where a pin has no partner, and then only once.
        let own = [std::cell::OnceCell::new(), std::cell::OnceCell::new()];
        evening::even(&readings, choice, one_side, self.habits, |side, station| {
            let (cell, targets) = match side {
                Side::Right => (&own[1], right),
                _ => (&own[0], left),
            };
            cell.get_or_init(|| self.problem(seam, side, targets).solve().ok())
                .as_ref()
                .map_or_else(|| Some(between(targets, station)), |line| Some(line.depth(station)))
        })
    }

    /// Where a seam is of one tube for both sides, and what there is two of.
    fn one_tube(&self, seam: &Seam) -> [&'static str; 2] {
        match (self.shape.kind.has_legs(), seam.one_tube_above.is_some()) {
            (true, _) if seam.name == SeamName::Outseam => ["Above the crotch", "leg"],
            (_, true) => ["All round the body", "side"],
            (true, false) => ["", "leg"],
            (false, false) => ["", "side"],
        }
    }

    /// What the person should know of left and right.
    fn mind_evening(&self, seam: &Seam, evening: &Evening, found: &mut Vec<Finding>) {
        let missing: Vec<_> =
            evening.stations.iter().filter(|row| row.finding == Difference::NotRead).collect();
        if let Some(row) = missing.first() {
            let side = if row.left.is_some() { Side::Right } else { Side::Left };
            let halved =
                row.chosen_left.zip(row.left.or(row.right)).is_some_and(|(chosen, read)| chosen != read);
            let at = missing.iter().map(|row| row.station).collect();
            let read = Unread { seam: seam.clone(), side, station: row.station };
            found.push(Finding::NotRead { at, halved, read });
        }
        if evening.ask_twist {
            found.push(Finding::Twist { seam: seam.name, anchored: self.job.fitting.anchored });
        }
        let Some(side) = evening.one_side_only else { return };
        let [above, other] = self.one_tube(seam);
        let any = |difference| evening.stations.iter().any(|row| row.finding == difference);
        found.push(Finding::OneSideOnly(OneSideOnly {
            seam: seam.name,
            side,
            above,
            other,
            halved: any(Difference::Halved),
            doubled: any(Difference::CopiedOnOneTube),
            copied: any(Difference::Copied),
            pins_both: self.habits.pin_sides == PinSides::Both,
        }));
    }
}

/// True when pins ask for anything: a seam whose every pin says nothing stays as it is.
pub(super) fn moves(targets: &[Target]) -> bool {
    !targets.iter().all(Target::is_end)
}
