//! Evening left and right: two hands' pins become one line, or two on purpose.

use serde::Serialize;

use crate::house::habit::Habits;
use crate::house::habit::{EveningChoice, OneSide};
use crate::house::rules::HouseRule;
use crate::line::{Target, Trust};
use crate::reading::side::Side;
use crate::unit::length::Length;

/// Depths no further apart than this, in millimetres, are one depth: what arithmetic leaves.
const SAME: f64 = 1e-6;

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
pub enum Difference {
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
    /// The other side was pinned, but not as far as here: a reading that was not taken. Until it is, the rule
    /// for one side holds.
    NotRead,
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
    pub finding: Difference,
    /// The same as it stands on the session's tape.
    pub shown: ShownStation,
    /// How far the depth chosen for the left and for the right is to be believed.
    #[serde(skip)]
    pub trust: [Trust; 2],
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
                let right = side == Side::Right;
                let depth = if right { row.chosen_right } else { row.chosen_left };
                Some(Target { trust: row.trust[usize::from(right)], ..Target::read(row.station, depth?) })
            })
            .collect()
    }

    /// True when one line serves both sides.
    #[must_use]
    pub fn is_one_line(&self) -> bool {
        self.stations.iter().all(|row| row.chosen_left == row.chosen_right)
    }
}

/// Evens two sides. `own_line` gives the depth of a side's own line at a station, for pins that have no
/// partner; it is asked between that side's outermost pins only. Beyond them nobody read anything, and a
/// reading that was not taken is not a nought.
///
/// ```
/// use vemble_fit::evening::{even, Readings};
/// use vemble_fit::{line::Target, EveningChoice, Habits, OneSide, Side};
/// let left = [Target::read(600.0, 16.0)];
/// let right = [Target::read(604.0, 12.0)];
/// let readings = Readings { left: &left, right: &right, one_tube_above: Some(700.0) };
/// let evening = even(&readings, EveningChoice::Mean, OneSide::HalfEach, &Habits::default(), |_, _| None);
/// assert_eq!(evening.targets(Side::Left), vec![Target::read(602.0, 14.0)]);
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
    let lone = |pin: &Target, side| lone(pin, side, readings.one_tube_above, one_side);
    let noise = noise(habits);
    let mut stations: Vec<EvenedStation> = match only {
        Some(side) => {
            let pinned = if side == Side::Left { readings.left } else { readings.right };
            pinned.iter().map(|pin| lone(pin, side)).collect()
        }
        None => pair(readings, habits.rule(HouseRule::PairWithin))
            .into_iter()
            .map(|place| match place {
                Place::Both(left, right) => both(left, right, choice, noise),
                Place::Left(pin) => alone(pin, Side::Left, readings.right, choice, &own_line, &lone),
                Place::Right(pin) => alone(pin, Side::Right, readings.left, choice, &own_line, &lone),
            })
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

/// What two sides may differ by and still agree: the house's noise, and never less than one tick of the
/// session's tape, which nobody reads across.
fn noise(habits: &Habits) -> f64 {
    habits.rule(HouseRule::PinNoise).max(habits.scale.tick().mm())
}

/// A left and a right pin meant for one place, or one of them.
#[derive(Debug, Clone, Copy)]
enum Place {
    Both(Target, Target),
    Left(Target),
    Right(Target),
}

impl Place {
    /// Where it lies: between the stations of its pins.
    fn station(self) -> f64 {
        match self {
            Place::Both(left, right) => (left.station + right.station) / 2.0,
            Place::Left(pin) | Place::Right(pin) => pin.station,
        }
    }
}

/// Pairs readings by station: as many as have a partner within reach, and of those ways the one with the
/// least distance along the seam in all. Both sides are in order and stay so, which makes it the alignment
/// of two sequences (Needleman & Wunsch, *Journal of Molecular Biology* 48, 1970).
fn pair(readings: &Readings<'_>, within: f64) -> Vec<Place> {
    let (left, right) = (readings.left, readings.right);
    // How many pins stay alone and how far the pairs lie apart, for what remains from (i, j) on.
    let mut rest = vec![vec![(0usize, 0.0f64); right.len() + 1]; left.len() + 1];
    let apart = |i: usize, j: usize| (left[i].station - right[j].station).abs();
    let less = |a: (usize, f64), b: (usize, f64)| a.0 < b.0 || (a.0 == b.0 && a.1 < b.1);
    for i in (0..=left.len()).rev() {
        for j in (0..=right.len()).rev() {
            let mut best = None;
            let mut offer = |cost: (usize, f64)| {
                if best.is_none_or(|known| less(cost, known)) {
                    best = Some(cost);
                }
            };
            if i < left.len() {
                offer((rest[i + 1][j].0 + 1, rest[i + 1][j].1));
            }
            if j < right.len() {
                offer((rest[i][j + 1].0 + 1, rest[i][j + 1].1));
            }
            if i < left.len() && j < right.len() && apart(i, j) <= within {
                offer((rest[i + 1][j + 1].0, rest[i + 1][j + 1].1 + apart(i, j)));
            }
            rest[i][j] = best.unwrap_or((0, 0.0));
        }
    }
    let (mut i, mut j) = (0, 0);
    let mut places: Vec<Place> = Vec::new();
    while i < left.len() || j < right.len() {
        let paired = i < left.len()
            && j < right.len()
            && apart(i, j) <= within
            && rest[i][j] == (rest[i + 1][j + 1].0, rest[i + 1][j + 1].1 + apart(i, j));
        if paired {
            places.push(Place::Both(left[i], right[j]));
            (i, j) = (i + 1, j + 1);
        } else if i < left.len() && rest[i][j] == (rest[i + 1][j].0 + 1, rest[i + 1][j].1) {
            places.push(Place::Left(left[i]));
            i += 1;
        } else {
            places.push(Place::Right(right[j]));
            j += 1;
        }
    }
    places.sort_by(|a, b| a.station().total_cmp(&b.station()));
    places
}

fn both(left: Target, right: Target, choice: EveningChoice, noise: f64) -> EvenedStation {
    let (l, r) = (left.depth, right.depth);
    let trust = match (left.trust, right.trust) {
        (Trust::Exact, Trust::Exact) => Trust::Exact,
        _ if (l - r).abs() <= noise + SAME => Trust::Agreed,
        _ => Trust::Read,
    };
    let (chosen, trust) = match choice {
        EveningChoice::Mean => ([(l + r) / 2.0; 2], [trust; 2]),
        EveningChoice::Larger => ([l.max(r); 2], [trust; 2]),
        EveningChoice::Smaller => ([l.min(r); 2], [trust; 2]),
        // A pin only speaks for its own side when the sides are kept apart.
        EveningChoice::KeepDifferent => ([l, r], [left.trust, right.trust]),
    };
    EvenedStation {
        station: Place::Both(left, right).station(),
        left: Some(l),
        right: Some(r),
        difference: Some(l - r),
        chosen_left: Some(chosen[0]),
        chosen_right: Some(chosen[1]),
        finding: Difference::Uneven,
        shown: ShownStation::default(),
        trust,
    }
}

/// A pin whose partner is missing on a side that was pinned elsewhere.
fn alone(
    pin: Target,
    side: Side,
    other: &[Target],
    choice: EveningChoice,
    own_line: &impl Fn(Side, f64) -> Option<f64>,
    lone: &impl Fn(&Target, Side) -> EvenedStation,
) -> EvenedStation {
    let (is_left, own) = (side == Side::Left, Some(pin.depth));
    let own_only = if is_left { (own, None) } else { (None, own) };
    if choice == EveningChoice::KeepDifferent {
        return EvenedStation {
            station: pin.station,
            left: own_only.0,
            right: own_only.1,
            difference: None,
            chosen_left: own_only.0,
            chosen_right: own_only.1,
            finding: Difference::FromOwnLine,
            shown: ShownStation::default(),
            trust: [pin.trust; 2],
        };
    }
    let inside = |pins: &[Target]| {
        pins.first().is_some_and(|first| first.station <= pin.station)
            && pins.last().is_some_and(|last| pin.station <= last.station)
    };
    let across = if is_left { Side::Right } else { Side::Left };
    let line = inside(other).then(|| own_line(across, pin.station)).flatten();
    let Some(line) = line else {
        return EvenedStation { finding: Difference::NotRead, ..lone(&pin, side) };
    };
    let partner = Target::read(pin.station, line);
    let (left, right) = if is_left { (pin, partner) } else { (partner, pin) };
    EvenedStation {
        left: own_only.0,
        right: own_only.1,
        finding: Difference::FromOwnLine,
        // Of two readings one was worked out: that is no second hand.
        trust: [Trust::Read; 2],
        ..both(left, right, choice, 0.0)
    }
}

fn lone(pin: &Target, side: Side, one_tube_above: Option<f64>, rule: OneSide) -> EvenedStation {
    let on_one_tube = one_tube_above.is_some_and(|from| pin.station >= from);
    let (own, other, finding) = match rule {
        OneSide::PinnedOnly => (pin.depth, None, Difference::PinnedOnly),
        OneSide::Copy if on_one_tube => (pin.depth, Some(pin.depth), Difference::CopiedOnOneTube),
        OneSide::HalfEach if on_one_tube => (pin.depth / 2.0, Some(pin.depth / 2.0), Difference::Halved),
        OneSide::HalfEach | OneSide::Copy => (pin.depth, Some(pin.depth), Difference::Copied),
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
        trust: [pin.trust; 2],
    }
}

/// Sorts differences into noise, uneven pinning and the twist question; true when it is asked.
fn judge(stations: &mut [EvenedStation], habits: &Habits) -> bool {
    let noise = noise(habits) + SAME;
    let ask_above = habits.rule(HouseRule::TwistAsk);
    let read: Vec<f64> = stations
        .iter()
        .filter(|row| row.finding == Difference::Uneven)
        .filter_map(|row| row.difference)
        .filter(|difference| difference.abs() > noise)
        .collect();
    let one_sign = read.iter().all(|d| *d > 0.0) || read.iter().all(|d| *d < 0.0);
    let ask = one_sign && read.iter().any(|d| d.abs() > ask_above);
    for row in stations.iter_mut().filter(|row| row.finding == Difference::Uneven) {
        let difference = row.difference.unwrap_or(0.0).abs();
        if difference <= noise {
            row.finding = Difference::Noise;
        } else if ask && difference > ask_above {
            row.finding = Difference::AskTwist;
        }
    }
    ask
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::unit::scale::{Rounding, Scale, Unit};

    fn pins(pins: &[(f64, f64)]) -> Vec<Target> {
        pins.iter().map(|(station, depth)| Target::read(*station, *depth)).collect()
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
        let right = [(601.0, 15.0), (900.0, 8.0)];
        let report = evened(&[(600.0, 15.0), (800.0, 11.0), (900.0, 8.0)], &right, EveningChoice::Mean);
        assert_eq!(report.stations[1].finding, Difference::FromOwnLine);
        assert_eq!(report.stations[1].chosen_right, Some(10.0));
    }

    #[test]
    fn beyond_the_last_pin_of_a_side_nothing_was_read_and_that_is_no_nought() {
        let left = [(200.0, 16.0), (600.0, 16.0), (900.0, 16.0)];
        let report = evened(&left, &[(200.0, 16.0), (600.0, 16.0)], EveningChoice::Mean);
        assert_eq!(report.stations[2].finding, Difference::NotRead);
        assert_eq!(report.stations[2].chosen_right, Some(8.0), "half to each side of one tube");
        let report = evened(&left, &[(600.0, 16.0), (900.0, 16.0)], EveningChoice::Mean);
        assert_eq!(report.stations[0].chosen_right, Some(16.0), "a copy on a leg");
    }

    #[test]
    fn pins_pair_so_that_the_whole_distance_is_least() {
        // One after the other the left pin at 600 would take the right one at 605 and leave 606 alone.
        let report = evened(&[(600.0, 9.0), (606.0, 5.0)], &[(605.0, 5.0)], EveningChoice::Mean);
        let paired: Vec<_> = report.stations.iter().filter(|row| row.difference == Some(0.0)).collect();
        assert_eq!((paired.len(), paired[0].station), (1, 605.5));
    }

    #[test]
    fn pins_meant_to_the_letter_stay_so_where_their_stations_differ() {
        let exact = |station, depth| Target { trust: Trust::Exact, ..Target::read(station, depth) };
        let (left, right) = ([exact(600.0, 16.0)], [exact(608.0, 12.0)]);
        let readings = Readings { left: &left, right: &right, one_tube_above: None };
        let evened = even(&readings, EveningChoice::Mean, OneSide::Copy, &Habits::default(), |_, _| None);
        assert_eq!(evened.targets(Side::Left), vec![exact(604.0, 14.0)]);
    }

    #[test]
    fn one_tick_of_the_tape_is_noise() {
        let habits = Habits { scale: Scale::new(Unit::Inch, Rounding::EighthInch), ..Habits::default() };
        let pin = |depth: f64| [Target::read(600.0, depth)];
        let (left, right) = (pin(12.7), pin(12.7 - 3.175));
        let readings = Readings { left: &left, right: &right, one_tube_above: None };
        let report = even(&readings, EveningChoice::Mean, OneSide::Copy, &habits, |_, _| None);
        assert_eq!(report.stations[0].finding, Difference::Noise);
    }

    #[test]
    fn one_sided_pins_are_halved_on_a_shared_tube_and_copied_on_a_leg() {
        let report = evened(&[(400.0, 10.0), (900.0, 16.0)], &[], EveningChoice::Mean);
        assert_eq!(report.one_side_only, Some(Side::Left));
        assert_eq!(report.stations[0].finding, Difference::Copied);
        assert_eq!(report.stations[0].chosen_right, Some(10.0));
        assert_eq!(report.stations[1].finding, Difference::Halved);
        assert_eq!(report.stations[1].chosen_left, Some(8.0));
    }

    #[test]
    fn one_sign_and_large_asks_about_a_twist_and_mixed_signs_do_not() {
        let twisted =
            evened(&[(600.0, 22.0), (800.0, 19.0)], &[(600.0, 8.0), (800.0, 12.0)], EveningChoice::Mean);
        assert!(twisted.ask_twist);
        assert_eq!(twisted.stations[0].finding, Difference::AskTwist);
        assert_eq!(twisted.stations[1].finding, Difference::Uneven);
        let mixed =
            evened(&[(600.0, 22.0), (800.0, 8.0)], &[(600.0, 8.0), (800.0, 19.0)], EveningChoice::Mean);
        assert!(!mixed.ask_twist);
        assert_eq!(mixed.stations[0].finding, Difference::Uneven);
    }

    #[test]
    fn up_to_three_is_noise() {
        let report = evened(&[(600.0, 14.0)], &[(600.0, 11.0)], EveningChoice::Mean);
        assert_eq!(report.stations[0].finding, Difference::Noise);
    }
}
