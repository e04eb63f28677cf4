//! Evening left and right: two hands' pins become one line, or two on purpose.

use serde::Serialize;

use crate::habit::{EveningChoice, OneSide};
use crate::line::Target;
use crate::{Habits, HouseRule, Length, Side};

/// What the pins on both sides of one seam say, in millimetres from the seam's lower end.
#[derive(Debug, Clone, PartialEq)]
pub struct Readings<'a> {
    /// The wearer's left, of rising station.
    pub left: &'a [Target],
    /// The wearer's right, of rising station.
    pub right: &'a [Target],
    /// Above this station both seams lie on one tube; `None` where each has its own all along.
    pub one_tube_above: Option<f64>,
}

/// What a difference at one station means.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum Finding {
    /// No more than pins can show.
    Noise,
    /// Uneven pinning; evening it is right.
    Uneven,
    /// Large, with one sign along the seam: an uneven body or a twisted garment.
    AskTwist,
    /// One side was not pinned here; its own line was used.
    FromOwnLine,
    /// Only this side was pinned, on a tube of its own: copied.
    Copied,
    /// Only this side was pinned, on a tube both share: half to each side, same girth.
    Halved,
    /// Only this side was pinned, and copied on a shared tube: twice what was tried on.
    CopiedOnOneTube,
    /// Only this side was pinned, and only it is sewn.
    PinnedOnly,
}

/// One station of the report, in millimetres.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct EvenedStation {
    /// From the seam's lower end; the mean of both readings' stations.
    pub station: f64,
    /// Read on the left.
    pub left: Option<f64>,
    /// Read on the right.
    pub right: Option<f64>,
    /// Left less right, where both are known.
    pub difference: Option<f64>,
    /// Chosen for the left.
    pub chosen_left: Option<f64>,
    /// Chosen for the right.
    pub chosen_right: Option<f64>,
    /// What it means.
    pub finding: Finding,
    /// The same as it stands on the session's tape.
    pub shown: ShownStation,
}

/// A station of the report as it is read on the session's tape.
#[derive(Debug, Clone, PartialEq, Eq, Default, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct ShownStation {
    /// Left less right.
    pub difference: Option<String>,
    /// Chosen for the left.
    pub chosen_left: Option<String>,
    /// Chosen for the right.
    pub chosen_right: Option<String>,
}

/// The report on one seam.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct Evening {
    /// How it was evened.
    pub choice: EveningChoice,
    /// Station by station, lowest first.
    pub stations: Vec<EvenedStation>,
    /// Differences are large and keep one sign: ask whether centre front and back were anchored.
    pub ask_twist: bool,
    /// Only one side was pinned.
    pub one_side_only: Option<Side>,
}

impl Evening {
    /// The depths chosen for one side, ready for its line.
    #[must_use]
    pub fn targets(&self, side: Side) -> Vec<Target> {
        self.stations
            .iter()
            .filter_map(|row| {
                let depth = if side == Side::Right { row.chosen_right } else { row.chosen_left };
                Some(Target { station: row.station, depth: depth? })
            })
            .collect()
    }

    /// True when one line serves both sides.
    #[must_use]
    pub fn is_one_line(&self) -> bool {
        self.stations.iter().all(|row| row.chosen_left == row.chosen_right)
    }
}

/// Evens two sides. `own_line` gives the depth of a side's own line at a station, for pins that
/// have no partner.
///
/// ```
/// use vemble_fit::evening::{even, Readings};
/// use vemble_fit::{line::Target, EveningChoice, Habits, OneSide, Side};
/// let left = [Target { station: 600.0, depth: 16.0 }];
/// let right = [Target { station: 604.0, depth: 12.0 }];
/// let readings = Readings { left: &left, right: &right, one_tube_above: Some(700.0) };
/// let evening = even(&readings, EveningChoice::Mean, OneSide::HalfEach, &Habits::default(), |_, _| None);
/// assert_eq!(evening.targets(Side::Left), vec![Target { station: 602.0, depth: 14.0 }]);
/// ```
#[must_use]
pub fn even(
    readings: &Readings<'_>,
    choice: EveningChoice,
    one_side: OneSide,
    habits: &Habits,
    own_line: impl Fn(Side, f64) -> Option<f64>,
) -> Evening {
    let only = match (readings.left.is_empty(), readings.right.is_empty()) {
        (false, true) => Some(Side::Left),
        (true, false) => Some(Side::Right),
        _ => None,
    };
    let mut stations: Vec<EvenedStation> = match only {
        Some(side) => {
            let pinned = if side == Side::Left { readings.left } else { readings.right };
            pinned.iter().map(|pin| lone(pin, side, readings.one_tube_above, one_side)).collect()
        }
        None => pair(readings, habits.rule(HouseRule::PairWithin))
            .into_iter()
            .map(|(station, left, right)| both(station, left, right, choice, &own_line))
            .collect(),
    };
    let ask_twist = only.is_none() && judge(&mut stations, habits);
    for row in &mut stations {
        let number = |mm: f64| habits.scale.number(Length::from_mm(mm));
        row.shown = ShownStation {
            difference: row.difference.map(number),
            chosen_left: row.chosen_left.map(number),
            chosen_right: row.chosen_right.map(number),
        };
    }
    Evening { choice, stations, ask_twist, one_side_only: only }
}

/// Pairs readings by station: each left pin with the nearest unpaired right pin within reach.
fn pair(readings: &Readings<'_>, within: f64) -> Vec<(f64, Option<f64>, Option<f64>)> {
    let mut unpaired: Vec<Target> = readings.right.to_vec();
    let mut rows: Vec<(f64, Option<f64>, Option<f64>)> = Vec::new();
    for left in readings.left {
        let nearest = unpaired
            .iter()
            .enumerate()
            .map(|(i, right)| (i, (right.station - left.station).abs()))
            .filter(|(_, apart)| *apart <= within)
            .min_by(|a, b| a.1.total_cmp(&b.1));
        match nearest {
            Some((i, _)) => {
                let right = unpaired.remove(i);
                rows.push(((left.station + right.station) / 2.0, Some(left.depth), Some(right.depth)));
            }
            None => rows.push((left.station, Some(left.depth), None)),
        }
    }
    rows.extend(unpaired.into_iter().map(|right| (right.station, None, Some(right.depth))));
    rows.sort_by(|a, b| a.0.total_cmp(&b.0));
    rows
}

fn both(
    station: f64,
    left: Option<f64>,
    right: Option<f64>,
    choice: EveningChoice,
    own_line: &impl Fn(Side, f64) -> Option<f64>,
) -> EvenedStation {
    let l = left.or_else(|| own_line(Side::Left, station));
    let r = right.or_else(|| own_line(Side::Right, station));
    let (chosen_left, chosen_right) = match (l, r) {
        (Some(l), Some(r)) => match choice {
            EveningChoice::Mean => (Some((l + r) / 2.0), Some((l + r) / 2.0)),
            EveningChoice::Larger => (Some(l.max(r)), Some(l.max(r))),
            EveningChoice::Smaller => (Some(l.min(r)), Some(l.min(r))),
            // A pin only speaks for its own side when the sides are kept apart.
            EveningChoice::KeepDifferent => (left, right),
        },
        (l, r) => (l.or(r), r.or(l)),
    };
    let finding = if left.is_some() && right.is_some() { Finding::Uneven } else { Finding::FromOwnLine };
    let difference = l.zip(r).map(|(l, r)| l - r);
    EvenedStation {
        station,
        left,
        right,
        difference,
        chosen_left,
        chosen_right,
        finding,
        shown: ShownStation::default(),
    }
}

fn lone(pin: &Target, side: Side, one_tube_above: Option<f64>, rule: OneSide) -> EvenedStation {
    let on_one_tube = one_tube_above.is_some_and(|from| pin.station >= from);
    let (own, other, finding) = match rule {
        OneSide::PinnedOnly => (pin.depth, None, Finding::PinnedOnly),
        OneSide::Copy if on_one_tube => (pin.depth, Some(pin.depth), Finding::CopiedOnOneTube),
        OneSide::HalfEach if on_one_tube => (pin.depth / 2.0, Some(pin.depth / 2.0), Finding::Halved),
        OneSide::HalfEach | OneSide::Copy => (pin.depth, Some(pin.depth), Finding::Copied),
    };
    let read = Some(pin.depth);
    let (left, right, chosen_left, chosen_right) =
        if side == Side::Left { (read, None, Some(own), other) } else { (None, read, other, Some(own)) };
    EvenedStation {
        station: pin.station,
        left,
        right,
        difference: None,
        chosen_left,
        chosen_right,
        finding,
        shown: ShownStation::default(),
    }
}

/// Sorts differences into noise, uneven pinning and the twist question; true when it is asked.
fn judge(stations: &mut [EvenedStation], habits: &Habits) -> bool {
    let noise = habits.rule(HouseRule::PinNoise);
    let ask_above = habits.rule(HouseRule::TwistAsk);
    let read: Vec<f64> = stations
        .iter()
        .filter(|row| row.finding == Finding::Uneven)
        .filter_map(|row| row.difference)
        .filter(|difference| difference.abs() > noise)
        .collect();
    let one_sign = read.iter().all(|d| *d > 0.0) || read.iter().all(|d| *d < 0.0);
    let ask = one_sign && read.iter().any(|d| d.abs() > ask_above);
    for row in stations.iter_mut().filter(|row| row.finding == Finding::Uneven) {
        let difference = row.difference.unwrap_or(0.0).abs();
        if difference <= noise {
            row.finding = Finding::Noise;
        } else if ask && difference > ask_above {
            row.finding = Finding::AskTwist;
        }
    }
    ask
}

#[cfg(test)]
mod tests {
    use super::*;

    fn pins(pins: &[(f64, f64)]) -> Vec<Target> {
        pins.iter().map(|(station, depth)| Target { station: *station, depth: *depth }).collect()
    }

    fn evened(left: &[(f64, f64)], right: &[(f64, f64)], choice: EveningChoice) -> Evening {
        let (left, right) = (pins(left), pins(right));
        let readings = Readings { left: &left, right: &right, one_tube_above: Some(700.0) };
        even(&readings, choice, OneSide::HalfEach, &Habits::default(), |_, _| Some(9.0))
    }

    #[test]
    fn the_three_choices_differ_as_they_should() {
        let chosen = |choice| evened(&[(600.0, 16.0)], &[(605.0, 12.0)], choice).stations[0].chosen_left;
        assert_eq!(chosen(EveningChoice::Mean), Some(14.0));
        assert_eq!(chosen(EveningChoice::Larger), Some(16.0));
        assert_eq!(chosen(EveningChoice::Smaller), Some(12.0));
        let kept = evened(&[(600.0, 16.0)], &[(605.0, 12.0)], EveningChoice::KeepDifferent);
        assert_eq!((kept.stations[0].chosen_left, kept.stations[0].chosen_right), (Some(16.0), Some(12.0)));
        assert!(!kept.is_one_line());
    }

    #[test]
    fn a_pin_without_a_partner_takes_the_other_sides_own_line() {
        let report = evened(&[(600.0, 15.0), (800.0, 11.0)], &[(601.0, 15.0)], EveningChoice::Mean);
        assert_eq!(report.stations[1].finding, Finding::FromOwnLine);
        assert_eq!(report.stations[1].chosen_right, Some(10.0));
    }

    #[test]
    fn one_sided_pins_are_halved_on_a_shared_tube_and_copied_on_a_leg() {
        let report = evened(&[(400.0, 10.0), (900.0, 16.0)], &[], EveningChoice::Mean);
        assert_eq!(report.one_side_only, Some(Side::Left));
        assert_eq!(report.stations[0].finding, Finding::Copied);
        assert_eq!(report.stations[0].chosen_right, Some(10.0));
        assert_eq!(report.stations[1].finding, Finding::Halved);
        assert_eq!(report.stations[1].chosen_left, Some(8.0));
    }

    #[test]
    fn one_sign_and_large_asks_about_a_twist_and_mixed_signs_do_not() {
        let twisted =
            evened(&[(600.0, 22.0), (800.0, 19.0)], &[(600.0, 8.0), (800.0, 12.0)], EveningChoice::Mean);
        assert!(twisted.ask_twist);
        assert_eq!(twisted.stations[0].finding, Finding::AskTwist);
        assert_eq!(twisted.stations[1].finding, Finding::Uneven);
        let mixed =
            evened(&[(600.0, 22.0), (800.0, 8.0)], &[(600.0, 8.0), (800.0, 19.0)], EveningChoice::Mean);
        assert!(!mixed.ask_twist);
        assert_eq!(mixed.stations[0].finding, Finding::Uneven);
    }

    #[test]
    fn up_to_three_is_noise() {
        let report = evened(&[(600.0, 14.0)], &[(600.0, 11.0)], EveningChoice::Mean);
        assert_eq!(report.stations[0].finding, Finding::Noise);
    }
}
