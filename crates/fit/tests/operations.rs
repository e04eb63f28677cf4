//! What operations do to a pattern, seen from outside: two halves that may differ, lengths that are taken up across the
//! body, and hems that go up without moving what is above them.

use proptest::prelude::*;
use vemble_fit::garment::{FlatName, HemName, Kind, LevelName, SeamName, Shape};
use vemble_fit::hem::{HemKind, HemRead, HemReading, HemWish, ShortenAt, Wanted};
use vemble_fit::{Datum, Job, LengthName, Side, Solution, solve};

mod common;
use common::{cases, example, job, mm, pin, shape};

fn dress() -> Shape {
    shape(
        Kind::WaistedDress,
        &[
            (FlatName::Bust, 510.0),
            (FlatName::Waist, 420.0),
            (FlatName::Hip, 560.0),
            (FlatName::Hem, 640.0),
            (FlatName::UnderarmToWaist, 210.0),
            (FlatName::SideLength, 820.0),
            (FlatName::BackLength, 1010.0),
            (FlatName::Shoulder, 402.0),
            (FlatName::AcrossBack, 352.0),
        ],
    )
}

fn trousers() -> Job {
    let mut job = example("barn-dance-trousers");
    job.fitting.pins.clear();
    job.fitting.accepted.clear();
    job
}

/// What a length loses.
fn loses(solution: &Solution, name: LengthName) -> f64 {
    let row = solution.lengths.iter().find(|row| row.name == name).expect("the length");
    (row.garment[0] - row.garment[1]).mm()
}

fn after(solution: &Solution, level: LevelName, side: Option<Side>) -> f64 {
    let on = |row: &&vemble_fit::LevelBalance| {
        row.girth.level == level && (row.girth.side.is_none() || row.girth.side == side)
    };
    solution.levels.iter().find(on).expect("the level").girth.after.mm()
}

/// One seam across the body, pinned evenly on both sides.
fn across(seam: SeamName, datum: Datum, at: [f64; 2], depth: f64) -> Solution {
    let mut job = job(dress());
    for side in [Side::Left, Side::Right] {
        job.fitting.pins.extend(at.map(|at| pin(seam, side, at, depth, datum)));
    }
    let solution = solve(&job).expect("a result");
    assert!(solution.is_solved(), "{:?}", solution.seams);
    solution
}

proptest! {
    #![proptest_config(cases(24))]

    /// Bodice and skirt each lose the depth at the waist seam; no girth changes by more than the cloth differs there.
    #[test]
    fn a_waist_seam_taken_up_shortens_what_lies_above_once_and_the_whole_twice(depth in 2.0f64..9.0) {
        let taken = across(SeamName::WaistSeam, Datum::CentreFront, [15.0, 405.0], depth);
        prop_assert!((loses(&taken, LengthName::NapeToWaist) - depth).abs() < 0.3);
        prop_assert!((loses(&taken, LengthName::BackLength) - 2.0 * depth).abs() < 0.3);
        prop_assert!((loses(&taken, LengthName::Side) - 2.0 * depth).abs() < 0.4);
        prop_assert!(loses(&taken, LengthName::Armhole).abs() < 0.6);
        for row in &taken.levels {
            prop_assert!(row.girth.change().mm().abs() < 2.5 * depth, "{:?}", row.girth);
        }
    }

    /// Front and back each lose the depth at the armhole, which is square to the shoulder.
    #[test]
    fn a_shoulder_taken_up_shortens_the_armhole_twice(depth in 2.0f64..10.0) {
        let taken = across(SeamName::Shoulder, Datum::Neck, [12.0, 90.0], depth);
        prop_assert!((loses(&taken, LengthName::Armhole) - 2.0 * depth).abs() < 0.08 * depth + 0.2);
        for row in &taken.levels {
            prop_assert!(row.girth.change().mm().abs() < 0.01, "no girth: {:?}", row.girth);
        }
    }

    /// Two legs pinned apart come out apart, each as if it were alone.
    #[test]
    fn each_half_has_its_own_line(left in 4.0f64..9.0, more in 4.0f64..8.0) {
        let leg = |depths: [f64; 2]| {
            let mut job = trousers();
            for (side, depth) in [Side::Left, Side::Right].into_iter().zip(depths) {
                for at in [300.0, 420.0, 540.0] {
                    job.fitting.pins.push(pin(SeamName::Outseam, side, at, depth, Datum::Hem));
                }
            }
            job.fitting.evening = vec![vemble_fit::SeamEvening {
                seam: SeamName::Outseam,
                choice: Some(vemble_fit::EveningChoice::KeepDifferent),
                one_side: None,
            }];
            solve(&job).expect("a result")
        };
        let right = left + more;
        let (apart, both_left, both_right) =
            (leg([left, right]), leg([left, left]), leg([right, right]));
        let knee = |solution: &Solution, side| after(solution, LevelName::Knee, Some(side));
        prop_assert!((knee(&apart, Side::Left) - knee(&both_left, Side::Left)).abs() < 0.02);
        prop_assert!((knee(&apart, Side::Right) - knee(&both_right, Side::Right)).abs() < 0.02);
        prop_assert!(knee(&apart, Side::Left) > knee(&apart, Side::Right) + more);
        // The body is one tube: it loses what both halves lose.
        let waist = |solution: &Solution| after(solution, LevelName::Hip, None);
        prop_assert!((waist(&apart) - (waist(&both_left) + waist(&both_right)) / 2.0).abs() < 0.02);
    }

    /// A tuck folds cloth away above a hem that stays: the leg is shorter by it, the hem as wide as it was.
    #[test]
    fn a_tuck_takes_length_and_leaves_the_hem(up in 12.0f64..60.0) {
        let mut job = trousers();
        let mut wish = HemWish::new(HemName::Hem, Wanted::Edge { shorten: mm(up) });
        wish.kind = Some(HemKind::Original);
        job.fitting.hems = vec![wish];
        let tucked = solve(&job).expect("a result");
        for name in [LengthName::Inseam, LengthName::Outseam] {
            prop_assert!((loses(&tucked, name) - up).abs() < 0.02, "{name:?}");
        }
        for row in &tucked.levels {
            prop_assert!(row.girth.change().mm().abs() < 0.01, "{:?}", row.girth);
        }
    }

    /// A hem that is cut takes off both seams what goes up at each, though it goes up unevenly.
    #[test]
    fn an_uneven_hem_takes_off_each_seam_what_goes_up_there(inside in 10.0f64..40.0, outside in 10.0f64..40.0) {
        let mut job = trousers();
        let mut wish = HemWish::new(HemName::Hem, Wanted::Pins);
        wish.readings = [(0.0, inside), (180.0, outside)]
            .into_iter()
            .flat_map(|(at, up)| {
                [Side::Left, Side::Right].map(|side| HemReading {
                    id: format!("{} {at}", side.words()),
                    side,
                    at,
                    read: HemRead::EdgeToPin,
                    length: mm(up),
                })
            })
            .collect();
        job.fitting.hems = vec![wish];
        let cut = solve(&job).expect("a result");
        let row = |at: f64| cut.hems[0].sides[0].rows.iter().find(|row| row.at == at).expect("a row").fold.mm();
        prop_assert!((loses(&cut, LengthName::Inseam) - row(0.0)).abs() < 0.05);
        prop_assert!((loses(&cut, LengthName::Outseam) - row(180.0)).abs() < 0.05);
    }

    /// Shortened at its waist a skirt hangs with wider cloth at the hip: what was lower, less what the sides take.
    #[test]
    fn a_skirt_shortened_at_its_waist_keeps_band_and_hem(up in 20.0f64..70.0) {
        let mut job = example("hem-uncut-at-the-waist");
        job.fitting.hems[0].wanted = Wanted::Edge { shorten: mm(up) };
        job.fitting.hems[0].shorten_at = Some(ShortenAt::WaistSeam);
        job.fitting.hems[0].readings.clear();
        let shortened = solve(&job).expect("a result");
        let row = |level| shortened.levels.iter().find(|row| row.girth.level == level).expect("a level");
        for level in [LevelName::Waist, LevelName::Hem] {
            prop_assert!(row(level).girth.change().mm().abs() < 0.02, "{:?}", row(level).girth);
        }
        let Some(vemble_fit::hem::UncutWay::Waist(waist)) = &shortened.hems[0].uncut else { panic!("at the waist") };
        prop_assert!((waist.takes.mm() - up).abs() < 0.01);
    }
}

#[test]
fn the_back_above_a_yoke_comes_down_by_what_it_loses() {
    let mut job = example("shirt");
    job.fitting.pins.clear();
    job.fitting.accepted.clear();
    let depth = 5.0;
    for side in [Side::Left, Side::Right] {
        for at in [20.0, 190.0] {
            job.fitting.pins.push(pin(SeamName::Yoke, side, at, depth, Datum::CentreBack));
        }
    }
    let taken = solve(&job).expect("a result");
    assert!(taken.is_solved(), "{:?}", taken.seams);
    assert!((loses(&taken, LengthName::NapeToWaist) - 2.0 * depth).abs() < 0.2);
    // Only the back's part of the armhole.
    assert!(
        (loses(&taken, LengthName::Armhole) - 2.0 * depth).abs() < 1.0,
        "{}",
        loses(&taken, LengthName::Armhole)
    );
}

#[test]
fn a_seam_that_leans_more_than_half_over_is_asked_about() {
    let said = |hem: f64| {
        let flats = [
            (FlatName::Waist, 340.0),
            (FlatName::Hip, 520.0),
            (FlatName::Hem, hem),
            (FlatName::SideLength, 560.0),
        ];
        let mut job = job(shape(Kind::FlaredSkirt, &flats));
        for side in [Side::Left, Side::Right] {
            for at in [20.0, 120.0, 260.0] {
                job.fitting.pins.push(pin(SeamName::Side, side, at, 6.0, Datum::Hem));
            }
        }
        let solution = solve(&job).expect("a result");
        let asked = solution.warnings.iter().filter(|warning| warning.code == "level.leans").count();
        (solution.is_solved(), asked)
    };
    assert_eq!(said(700.0), (true, 0));
    assert_eq!(said(1060.0).1, 1, "at the hem");
}

#[test]
fn a_hem_that_opens_in_front_has_two_ends_that_may_differ() {
    let mut job = example("hem-lined-coat");
    let edge_to_pin = |at: f64, up: f64| HemReading {
        id: format!("{at}"),
        side: Side::Centre,
        at,
        read: HemRead::EdgeToPin,
        length: mm(up),
    };
    let mut wish = HemWish::new(HemName::Hem, Wanted::Pins);
    wish.readings = [(0.0, 60.0), (90.0, 50.0), (180.0, 50.0), (270.0, 50.0), (360.0, 30.0)]
        .map(|(at, up)| edge_to_pin(at, up))
        .to_vec();
    job.fitting.hems = vec![wish];
    let solution = solve(&job).expect("a result");
    let place = solution.hem_places.iter().find(|place| place.hem == HemName::Hem).expect("a hem");
    assert!(place.open && place.spots.len() == 9);
    let rows = &solution.hems[0].sides[0].rows;
    let fold = |at: f64| rows.iter().find(|row| row.at == at).expect("a row").fold.mm();
    // Round a ring both would be one place, at 45; between two ends each is near what was read.
    assert!((fold(0.0) - 60.0).abs() <= 3.1 && (fold(360.0) - 30.0).abs() <= 3.1, "{rows:?}");
    assert_eq!(
        (rows[0].words.as_str(), rows.last().expect("a row").words.as_str()),
        ("left front edge", "right front edge")
    );
    // Folded on the centre front, the ends are compared too.
    let ends = &solution.hems[0].pairs[0];
    assert!(ends.words == "front edge" && ends.take_up[2].mm() > 20.0, "{ends:?}");
}

#[test]
fn what_changed_is_told_by_values_and_not_by_how_they_are_written() {
    use vemble_fit::{Rounding, Scale, Unit, compare};
    let mut compared = 0;
    for (name, job) in common::examples() {
        let Ok(same) = compare(&job, &job) else { continue };
        compared += 1;
        assert!(same.words.is_empty(), "{name}: {:?}", same.words);
        let mut other = job.clone();
        // A tape in inches has house numbers of its own; one in centimetres only writes them otherwise.
        if other.habits.scale.unit == Unit::Inch {
            continue;
        }
        other.habits.scale = Scale::new(Unit::Cm, Rounding::HalfCm);
        let words = compare(&job, &other).expect("a result").words;
        assert!(!words.iter().any(|said| said.starts_with("Done differently")), "{name}: {words:?}");
    }
    assert!(compared > 25, "only {compared}");
    // How far to either side a hem is opened stands in a step's words: that is done differently.
    let job = example("barn-dance-trousers");
    let mut other = job.clone();
    other.habits.rules.insert(vemble_fit::HouseRule::OpenAside, 120.0);
    let words = compare(&job, &other).expect("a result").words;
    assert!(words.iter().any(|said| said.starts_with("Done differently")), "{words:?}");
}
