//! From two sides to one line, and from a line to ease: properties of the whole chain on generated readings,
//! and the house table of wearing ease as a tailor would read it off.

mod common;

use common::{cases, example, job, mm, pin, shape};
use proptest::prelude::*;
use vemble_fit::garment::{FlatName, Kind, LevelName, SeamAllowance};
use vemble_fit::{
    Body, ClothFamily, Datum, EveningChoice, HouseRule, Intention, Job, Layer, Length, MeasureName, OneSide,
    Pin, SeamName, Side, Solution, solve,
};

/// A straight skirt of some cloth on somebody, with nothing pinned.
fn skirt() -> Job {
    let flats = [
        (FlatName::Waist, 376.0),
        (FlatName::HighHip, 452.0),
        (FlatName::Hip, 502.0),
        (FlatName::Hem, 498.0),
        (FlatName::SideLength, 640.0),
    ];
    let mut job = job(shape(Kind::StraightSkirt, &flats));
    job.garment.cloth.thickness = Length::ZERO;
    job.body = Some(Body {
        taken_on: job.fitting.held_on,
        measures: [(MeasureName::Waist, 690.0), (MeasureName::HighHip, 842.0), (MeasureName::Hip, 930.0)]
            .map(|(name, value)| (name, mm(value)))
            .into(),
        layers: Vec::new(),
    });
    job
}

fn solved(job: &Job) -> Solution {
    solve(job).unwrap_or_else(|error| panic!("{error}"))
}

fn level(solution: &Solution, name: LevelName) -> &vemble_fit::LevelBalance {
    solution.levels.iter().find(|row| row.girth.level == name).expect("the level")
}

/// One pin a station on each side of the side seam.
fn readings(rows: &[(f64, f64, f64)]) -> Vec<Pin> {
    let read = |side, station, depth| pin(SeamName::Side, side, station, depth, Datum::Hem);
    rows.iter()
        .flat_map(|(at, left, right)| [read(Side::Left, *at, *left), read(Side::Right, *at, *right)])
        .collect()
}

prop_compose! {
    /// Readings down a side seam whose sides differ as pinning hands differ.
    fn uneven()(
        deep in 6.0f64..14.0, swell in -3.0f64..3.0, apart in prop::array::uniform4(-4.0f64..4.0),
    ) -> Vec<(f64, f64, f64)> {
        [560.0, 470.0, 380.0, 290.0]
            .into_iter()
            .zip(apart)
            .enumerate()
            .map(|(i, (at, by))| {
                let depth = deep + swell * (i as f64 / 3.0);
                (at, depth + by / 2.0, depth - by / 2.0)
            })
            .collect()
    }
}

proptest! {
    #![proptest_config(cases(60))]

    #[test]
    fn the_mean_keeps_the_girth_that_was_tried_on(rows in uneven()) {
        // What was tried on: each side as it was pinned, whatever the other did.
        let mut job = skirt();
        job.habits.rules.insert(HouseRule::PinTolerance, 0.0);
        job.fitting.pins = readings(&rows);
        let mean = solved(&job);
        job.habits.evening = EveningChoice::KeepDifferent;
        let tried = solved(&job);
        for name in [LevelName::HighHip, LevelName::Hip] {
            let (one, other) = (level(&mean, name).girth.after, level(&tried, name).girth.after);
            prop_assert!((one - other).abs().mm() < 0.8, "{name:?}: {one:?} for {other:?}");
        }
    }

    #[test]
    fn larger_takes_the_deeper_of_two_smaller_the_shallower_and_the_mean_lies_between(rows in uneven()) {
        let mut job = skirt();
        job.fitting.pins = readings(&rows);
        let mut chosen = |choice| -> Vec<f64> {
            job.habits.evening = choice;
            let report = solved(&job).seams[0].evening.clone().expect("a report");
            report.stations.iter().map(|row| row.chosen_left.expect("chosen")).collect()
        };
        let [larger, mean, smaller] =
            [EveningChoice::Larger, EveningChoice::Mean, EveningChoice::Smaller].map(&mut chosen);
        for (i, (_, left, right)) in rows.iter().rev().enumerate() {
            prop_assert!((larger[i] - left.max(*right)).abs() < 1e-5);
            prop_assert!((smaller[i] - left.min(*right)).abs() < 1e-5);
            prop_assert!((mean[i] - (larger[i] + smaller[i]) / 2.0).abs() < 1e-5);
        }
    }

    #[test]
    fn the_report_is_what_was_read_and_swaps_with_its_sides(rows in uneven()) {
        let mut job = skirt();
        job.fitting.pins = readings(&rows);
        let report = solved(&job).seams[0].evening.clone().expect("a report");
        let swapped: Vec<(f64, f64, f64)> = rows.iter().map(|(at, left, right)| (*at, *right, *left)).collect();
        job.fitting.pins = readings(&swapped);
        let other = solved(&job).seams[0].evening.clone().expect("a report");
        prop_assert_eq!(report.stations.len(), rows.len());
        let lowest_first: Vec<&(f64, f64, f64)> = rows.iter().rev().collect();
        for ((row, mirrored), (at, left, right)) in report.stations.iter().zip(&other.stations).zip(lowest_first) {
            prop_assert!((row.station - at).abs() < 1e-6);
            prop_assert!((row.left.expect("read") - left).abs() < 1e-5 && (row.right.expect("read") - right).abs() < 1e-5);
            prop_assert!((row.difference.expect("both") - (left - right)).abs() < 1e-5);
            prop_assert!((row.chosen_left.expect("chosen") - (left + right) / 2.0).abs() < 1e-5);
            prop_assert_eq!(row.chosen_left, mirrored.chosen_left);
            prop_assert_eq!(row.left, mirrored.right);
        }
    }

    #[test]
    fn one_pinned_side_halved_gives_the_girth_that_was_felt_and_copied_takes_twice(deep in 4.0f64..12.0) {
        let mut job = skirt();
        job.habits.rules.insert(HouseRule::PinTolerance, 0.0);
        let rows = [560.0, 470.0, 380.0, 290.0].map(|at| pin(SeamName::Side, Side::Left, at, deep, Datum::Hem));
        job.fitting.pins = rows.to_vec();
        let mut lost = |rule| {
            job.habits.one_side = rule;
            let solution = solved(&job);
            let row = level(&solution, LevelName::Hip);
            (row.girth.before - row.girth.after).mm()
        };
        let [only, half, copy] = [OneSide::PinnedOnly, OneSide::HalfEach, OneSide::Copy].map(&mut lost);
        prop_assert!((half - only).abs() < 0.6, "half {half}, felt {only}");
        prop_assert!((copy - 2.0 * only).abs() < 1.0, "copy {copy}, felt {only}");
    }

    #[test]
    fn ease_is_garment_less_body_less_two_pi_of_what_is_between(
        thick in 0.2f64..8.0, lining in 0.0f64..3.0, hip in 860.0f64..960.0,
    ) {
        let mut job = skirt();
        let body = job.body.as_mut().expect("a body");
        body.measures.insert(MeasureName::Hip, mm(hip));
        body.layers = vec![Layer { name: "jumper".into(), thickness: mm(thick) }];
        job.garment.cloth.thickness = mm(lining);
        let solution = solved(&job);
        let row = level(&solution, LevelName::Hip);
        let between = 2.0 * std::f64::consts::PI * (thick + lining);
        let ease = row.ease_before.expect("an ease").mm();
        prop_assert!((ease - (1004.0 - hip - between)).abs() < 0.02, "{ease}");
    }

    #[test]
    fn a_seam_lets_out_no_further_than_the_narrower_allowance_leaves(
        front in 8.0f64..40.0, back in 8.0f64..40.0, keep in 5.0f64..12.0,
    ) {
        let mut job = skirt();
        job.habits.rules.insert(HouseRule::LeastAllowance, keep);
        job.garment.shape.allowances =
            vec![SeamAllowance { seam: SeamName::Side, front: mm(front), back: mm(back) }];
        let wanted = (front.min(back) - keep).max(0.0);
        job.fitting.pins = readings(&[(470.0, -1.0, -1.0)]);
        let limit = solved(&job).seams[0].let_out_limit.expect("it is known").mm();
        prop_assert!((limit - wanted).abs() < 1e-5, "{limit} for {wanted}");
        // The level gains both edges of both sides.
        let solution = solved(&job);
        let gain = solution.gains.iter().find(|gain| gain.level == LevelName::Hip).expect("the hip");
        prop_assert!((gain.most.mm() - 4.0 * wanted).abs() < 0.1, "{:?} for {}", gain.most, 4.0 * wanted);
    }
}

#[test]
fn the_table_of_wearing_ease_is_that_of_the_trade() {
    use LevelName::{Bust, Calf, Elbow, HighHip, Hip, Knee, Thigh, UpperArm, Waist};
    let bare = |name: &str| -> Job {
        let mut job = example(name);
        job.fitting.pins.clear();
        job.fitting.hems.clear();
        job.garment.cloth.stretch = 0.0;
        job.garment.cloth.family = ClothFamily::Twill;
        // What a body needs to move is tested below; here it must not be in the way of the table.
        for floor in [HouseRule::HipFloor, HouseRule::KneeFloor, HouseRule::ElbowFloor] {
            job.habits.rules.insert(floor, 0.0);
        }
        job
    };
    for (name, of, wanted) in [
        ("shirt", Bust, [50.0, 90.0, 150.0]),
        ("jacket", Bust, [90.0, 120.0, 180.0]),
        ("coat", Bust, [130.0, 170.0, 240.0]),
        ("straight-skirt", Waist, [10.0, 25.0, 45.0]),
        ("shift-dress", Waist, [30.0, 70.0, 140.0]),
        ("straight-skirt", HighHip, [30.0, 50.0, 100.0]),
        ("straight-skirt", Hip, [40.0, 65.0, 120.0]),
        ("barn-dance-trousers", Hip, [30.0, 60.0, 110.0]),
        ("barn-dance-trousers", Thigh, [30.0, 60.0, 110.0]),
        ("barn-dance-trousers", Knee, [40.0, 70.0, 140.0]),
        ("barn-dance-trousers", Calf, [30.0, 60.0, 140.0]),
        ("coat", UpperArm, [30.0, 50.0, 100.0]),
        ("coat", Elbow, [25.0, 50.0, 100.0]),
    ] {
        let mut job = bare(name);
        for (intention, wanted) in
            [Intention::Close, Intention::Easy, Intention::Loose].into_iter().zip(wanted)
        {
            job.fitting.intention = intention;
            let solution = solved(&job);
            assert_eq!(level(&solution, of).wanted, Some(mm(wanted)), "{name}, {of:?}, {intention:?}");
        }
    }
}

#[test]
fn nobody_can_want_less_than_lets_them_move() {
    // Four of a hundred at the hip to sit, twelve at the knee to bend.
    let mut job = skirt();
    job.body.as_mut().expect("a body").measures.insert(MeasureName::Hip, mm(1300.0));
    job.fitting.intention = Intention::Close;
    let solution = solved(&job);
    let row = level(&solution, LevelName::Hip);
    assert_eq!((row.floor, row.wanted), (Some(mm(52.0)), Some(mm(52.0))), "more than the 40 of the table");
    job.habits.rules.insert(HouseRule::HipFloor, 0.06);
    assert_eq!(level(&solved(&job), LevelName::Hip).floor, Some(mm(78.0)));
}
