//! Evening left and right: two hands' pins become one line, or two on purpose.

use serde::Serialize;

use crate::garment::side::Side;
use crate::house::habit::Habits;
use crate::house::habit::{EveningChoice, OneSide};
use crate::house::rules::HouseRule;
use crate::line::{Target, Trust};
use crate::unit::length::Length;

/// Depths no further apart than this, in millimetres, are one depth: what arithmetic leaves.
const SAME: f64 = 1e-6;
/// The outermost pins of two sides are partners within this share of a ladder's step.
const OUTERMOST: f64 = 0.5;
/// Above the station from which both sides share a tube, a lone pin goes over from a copy to a half over this share of
/// a ladder's step.
const ONE_TUBE: f64 = 0.5;

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
/// partner; it is asked between that side's outermost pins only. The outermost pins of the two sides seldom stand at
/// one height: within half a ladder's step they are partners, and the side that ends first goes on as the other does
/// from there. Further out nobody read anything, and a reading that was not taken is not a nought: what follows from
/// that comes in over another half step.
///
/// ```
/// use vemble_fit::evening::{even, Readings};
/// use vemble_fit::{line::Target, EveningChoice, Habits, OneSide, Side};
/// let left = [Target::read(600.0, 16.0)];
/// let right = [Target::read(604.0, 12.0)];
/// let readings = Readings { left: &left, right: &right, one_tube_above: Some(700.0) };
/// let evening = even(&readings, EveningChoice::Mean, OneSide::HalfEach, &Habits::default(), |_, _| None);
/// let target = evening.targets(Side::Left)[0];
/// assert_eq!((target.station, target.depth), (602.0, 14.0));
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
    let step = habits.rule(HouseRule::LadderStep);
    let rule = LoneRule { one_side, one_tube_above: readings.one_tube_above, over: ONE_TUBE * step };
    let lone = |pin: &Target, side| rule.lone(pin, side);
    let (noise, within) = (habits.rule(HouseRule::PinNoise), habits.rule(HouseRule::PairWithin));
    let partners = Partners { readings, choice, own_line: &own_line, within: OUTERMOST * step, rule };
    let mut stations: Vec<EvenedStation> = match only {
        Some(side) => {
            let pinned = if side == Side::Left { readings.left } else { readings.right };
            pinned.iter().map(|pin| lone(pin, side)).collect()
        }
        None => pair(readings, within)
            .into_iter()
            .map(|place| match place {
                Place::Both(left, right) => both(left, right, choice, noise, within),
                Place::Left(pin) => partners.alone(pin, Side::Left),
                Place::Right(pin) => partners.alone(pin, Side::Right),
            })
            .collect(),
    };
    let ask_twist = only.is_none() && judge(&mut stations, habits);
    for row in &mut stations {
        let number = |mm: f64| habits.scale.number(Length::from_mm(mm));
        let apart = |left: f64, right: f64| {
            habits.scale.number(habits.scale.between(Length::from_mm(right), Length::from_mm(left)))
        };
        row.shown = ShownStation {
            difference: match (row.left, row.right) {
                (Some(left), Some(right)) => Some(apart(left, right)),
                _ => row.difference.map(number),
            },
            chosen_left: row.chosen_left.map(number),
            chosen_right: row.chosen_right.map(number),
        };
    }
    Evening { choice, stations, ask_twist, one_side_only: only }
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

fn both(left: Target, right: Target, choice: EveningChoice, noise: f64, within: f64) -> EvenedStation {
    let (l, r) = (left.depth, right.depth);
    let trust = match (left.trust, right.trust) {
        (Trust::Exact, Trust::Exact) => Trust::Exact,
        // The further apart they stand, the less they speak of one place, and at last of two.
        _ => Trust::of_two(l - r, noise).and(Trust::of_places(left.station - right.station, within)),
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

/// What stands in for a partner that is missing on a side that was pinned elsewhere.
struct Partners<'a, F> {
    readings: &'a Readings<'a>,
    choice: EveningChoice,
    own_line: &'a F,
    /// How far beyond a side's outermost pin a pin of the other is still its partner.
    within: f64,
    rule: LoneRule,
}

impl<F: Fn(Side, f64) -> Option<f64>> Partners<'_, F> {
    fn alone(&self, pin: Target, side: Side) -> EvenedStation {
        let (is_left, own) = (side == Side::Left, Some(pin.depth));
        let own_only = if is_left { (own, None) } else { (None, own) };
        if self.choice == EveningChoice::KeepDifferent {
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
        let (Some(line), missing) = self.partner(pin, side) else {
            return EvenedStation { finding: Difference::NotRead, ..self.rule.lone(&pin, side) };
        };
        let partner = Target::read(pin.station, line);
        let (left, right) = if is_left { (pin, partner) } else { (partner, pin) };
        let evened = EvenedStation {
            left: own_only.0,
            right: own_only.1,
            finding: Difference::FromOwnLine,
            // Of two readings one was worked out: that is no second hand.
            trust: [Trust::Read; 2],
            ..both(left, right, self.choice, 1.0, 1.0)
        };
        if missing <= 0.0 {
            return evened;
        }
        let lone = self.rule.lone(&pin, side);
        let over = |one: Option<f64>, other: Option<f64>| Some(one? + missing * (other? - one?));
        EvenedStation {
            chosen_left: over(evened.chosen_left, lone.chosen_left),
            chosen_right: over(evened.chosen_right, lone.chosen_right),
            finding: Difference::NotRead,
            ..evened
        }
    }

    /// The depth that stands in for the missing partner, and how much of it is missing after all. Between the other
    /// side's outermost pins its own line has it; within reach beyond them that side is taken to go on as this one does.
    fn partner(&self, pin: Target, side: Side) -> (Option<f64>, f64) {
        let Readings { left, right, .. } = *self.readings;
        let (own, other, across) =
            if side == Side::Left { (left, right, Side::Right) } else { (right, left, Side::Left) };
        let (Some([first, last]), Some(ends)) = (outermost(own), outermost(other)) else {
            return (None, 1.0);
        };
        if (ends[0].station..=ends[1].station).contains(&pin.station) {
            return ((self.own_line)(across, pin.station), 0.0);
        }
        let end = if pin.station < ends[0].station { ends[0] } else { ends[1] };
        let missing = ((pin.station - end.station).abs() / self.within - 1.0).clamp(0.0, 1.0);
        if missing >= 1.0 {
            return (None, 1.0);
        }
        let there = (self.own_line)(side, end.station.clamp(first.station, last.station));
        (Some(end.depth + there.map_or(0.0, |there| pin.depth - there)), missing)
    }
}

/// The first and the last pin of a side.
fn outermost(pins: &[Target]) -> Option<[Target; 2]> {
    Some([*pins.first()?, *pins.last()?])
}

/// What becomes of a pin on one side only.
#[derive(Debug, Clone, Copy)]
struct LoneRule {
    one_side: OneSide,
    one_tube_above: Option<f64>,
    /// How far above that station a copy goes over into a half.
    over: f64,
}

impl LoneRule {
    fn lone(&self, pin: &Target, side: Side) -> EvenedStation {
        let on_one_tube = self.one_tube_above.is_some_and(|from| pin.station >= from);
        let half = |from: f64| 1.0 - 0.5 * ((pin.station - from) / self.over).min(1.0);
        let share = self.one_tube_above.filter(|_| on_one_tube).map_or(1.0, half);
        let (own, other, finding) = match self.one_side {
            OneSide::PinnedOnly => (pin.depth, None, Difference::PinnedOnly),
            OneSide::Copy if on_one_tube => (pin.depth, Some(pin.depth), Difference::CopiedOnOneTube),
            OneSide::HalfEach if on_one_tube => {
                (pin.depth * share, Some(pin.depth * share), Difference::Halved)
            }
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
}

/// Sorts differences into noise, uneven pinning and the twist question; true when it is asked.
fn judge(stations: &mut [EvenedStation], habits: &Habits) -> bool {
    let noise = habits.rule(HouseRule::PinNoise) + SAME;
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
    fn what_agrees_does_not_hang_on_the_tape() {
        let pin = |depth: f64| [Target::read(600.0, depth)];
        let (left, right) = (pin(12.7), pin(12.7 - 3.175));
        let readings = Readings { left: &left, right: &right, one_tube_above: None };
        let on = |scale| {
            let habits = Habits { scale, ..Habits::default() };
            let report = even(&readings, EveningChoice::Mean, OneSide::Copy, &habits, |_, _| None);
            (report.stations[0].finding, report.stations[0].trust)
        };
        let inches = on(Scale::new(Unit::Inch, Rounding::EighthInch));
        assert_eq!(inches, on(Scale::default()));
        // A little over three is nearly agreement, and no step.
        assert!(matches!(inches.1[0], Trust::Differ(share) if share < 0.1), "{inches:?}");
    }

    #[test]
    fn outermost_pins_within_half_a_step_are_partners_and_further_out_one_is_missing() {
        let right = [(600.0, 15.0), (800.0, 11.0)];
        let chosen = |above: f64| {
            let report = evened(&[(600.0, 15.0), (800.0 + above, 8.0)], &right, EveningChoice::Mean);
            let row = report.stations.last().expect("stations").clone();
            (row.chosen_left.expect("a depth"), row.finding)
        };
        // The left's own line stands at 9 beside the last pin of the right, and goes down by 1 from there.
        assert_eq!(chosen(40.0), (9.0, Difference::FromOwnLine));
        assert_eq!(chosen(45.0), (9.0, Difference::FromOwnLine));
        assert_eq!(chosen(67.5), ((9.0 + 4.0) / 2.0, Difference::NotRead));
        assert_eq!(chosen(90.0), (4.0, Difference::NotRead));
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
