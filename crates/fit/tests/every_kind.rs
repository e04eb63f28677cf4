//! Garments of every kind, pinned as hands pin and read on every tape: what holds for one line holds for them all.

mod common;

use common::numbers::one_number;
use common::{any_shape, job, mm, swelling_pins};
use proptest::prelude::*;
use proptest::strategy::ValueTree;
use proptest::test_runner::TestRunner;
use vemble_fit::garment::Kind;
use vemble_fit::{Job, LineOutcome, Rounding, Scale, Side, Solution, Unit, solve};

/// Garments of each kind.
const OF_EACH: usize = 24;

/// The tapes they are read on, one after the other.
fn scales() -> [Scale; 5] {
    [
        Scale::new(Unit::Mm, Rounding::Mm),
        Scale::new(Unit::Cm, Rounding::Mm),
        Scale::new(Unit::Cm, Rounding::HalfCm),
        Scale::new(Unit::Inch, Rounding::EighthInch),
        Scale::new(Unit::Inch, Rounding::SixteenthInch),
    ]
}

/// Jobs of every kind: a swell on every seam, left and right read with a hand's noise.
fn jobs() -> Vec<(String, Job)> {
    let mut runner = TestRunner::deterministic();
    let mut all = Vec::new();
    for kind in Kind::ALL {
        let strategy = (
            any_shape(kind),
            prop::array::uniform5(2.0f64..12.0),
            0.45f64..0.9,
            prop::collection::vec(-1.5f64..1.5, 200),
        );
        for n in 0..OF_EACH {
            let (shape, depths, at, slips) = strategy.new_tree(&mut runner).expect("a garment").current();
            let mut pins = swelling_pins(&shape, &depths, at);
            for (pin, slip) in pins.iter_mut().zip(slips.iter().cycle()) {
                pin.reading = mm((pin.reading.mm() + slip).max(0.5));
            }
            let mut job = job(shape);
            job.habits.scale = scales()[all.len() % 5];
            job.fitting.pins = pins;
            all.push((format!("{kind:?} {n}"), job));
        }
    }
    all
}

/// Every line of a solution: its seam, its points, and the depths it was asked for.
fn lines(solution: &Solution) -> impl Iterator<Item = (String, Vec<[f64; 2]>, Vec<[f64; 2]>)> + '_ {
    solution.seams.iter().flat_map(|seam| {
        seam.lines.iter().filter_map(move |line| {
            let LineOutcome::Drawn(drawn) = &line.outcome else { return None };
            let asked = seam.evening.as_ref().map_or_else(
                || seam.pins.iter().map(|pin| [pin.station.mm(), pin.depth.mm()]).collect(),
                |evening| {
                    let chosen = |row: &vemble_fit::evening::EvenedStation| {
                        if line.side == Side::Right { row.chosen_right } else { row.chosen_left }
                    };
                    evening.stations.iter().filter_map(|row| Some([row.station, chosen(row)?])).collect()
                },
            );
            Some((format!("{:?} {:?}", seam.seam, line.side), drawn.spine.clone(), asked))
        })
    })
}

#[test]
fn every_line_stays_among_its_pins_and_every_number_is_one() {
    let (mut drawn, mut refused) = (0, 0);
    for (name, job) in jobs() {
        let Ok(solution) = solve(&job) else { continue };
        one_number(&name, &job);
        refused += solution
            .seams
            .iter()
            .flat_map(|seam| &seam.lines)
            .filter(|line| matches!(line.outcome, LineOutcome::Refused(_)))
            .count();
        let all: Vec<_> = lines(&solution).collect();
        let deepest_of = |asked: &[[f64; 2]]| asked.iter().map(|pin| pin[1]).fold(0.0, f64::max);
        // Side seam and sleeve are one line where it is carried across: the pins of both bound it.
        let carried = |seam: &str| seam.starts_with("Side") || seam.starts_with("SleeveUnderarm");
        let over_both =
            all.iter().filter(|each| carried(&each.0)).map(|each| deepest_of(&each.2)).fold(0.0, f64::max);
        for (seam, spine, asked) in all {
            drawn += 1;
            let deepest = if carried(&seam) { over_both } else { deepest_of(&asked) };
            for [station, depth] in spine {
                assert!(depth <= deepest + 1.01, "{name} {seam}: {depth} at {station}, pinned {deepest}");
                assert!(depth >= -0.01, "{name} {seam}: lets out {depth} at {station}");
            }
        }
    }
    assert!(drawn > 600 && refused * 20 < drawn, "{drawn} drawn, {refused} refused");
}

#[test]
fn the_garment_in_a_mirror_has_its_lines_in_the_mirror() {
    let (mut kept, all) = (0, jobs());
    let wanted = all.len() * 9 / 10;
    for (name, job) in all {
        let Ok(solution) = solve(&job) else { continue };
        kept += 1;
        let mut mirrored = job.clone();
        for pin in &mut mirrored.fitting.pins {
            pin.side = match pin.side {
                Side::Left => Side::Right,
                Side::Right => Side::Left,
                Side::Centre => Side::Centre,
            };
        }
        let other = solve(&mirrored).expect("as much as the first");
        // Evened by their mean, both sides have one line: the same from either side.
        for ((seam, one, _), (_, another, _)) in lines(&solution).zip(lines(&other)) {
            assert_eq!(one.len(), another.len(), "{name} {seam}");
            for (a, b) in one.iter().zip(&another) {
                assert!((a[1] - b[1]).abs() < 0.02, "{name} {seam}: {a:?} {b:?}");
            }
        }
    }
    assert!(kept >= wanted, "only {kept} could be worked out");
}

#[test]
fn a_tape_in_another_unit_draws_the_same_line() {
    let (mut kept, all) = (0, jobs());
    let wanted = all.len() * 9 / 10;
    for (n, (name, job)) in all.into_iter().enumerate() {
        let Ok(solution) = solve(&job) else { continue };
        kept += 1;
        let mut other = job.clone();
        other.habits.scale = scales()[(n + 3) % 5];
        let other = solve(&other).expect("as much as the first");
        for ((seam, one, _), (_, another, _)) in lines(&solution).zip(lines(&other)) {
            let ends = |spine: &[[f64; 2]]| spine.iter().map(|at| at[1]).fold(0.0, f64::max);
            assert!((ends(&one) - ends(&another)).abs() < 0.3, "{name} {seam}");
        }
    }
    assert!(kept >= wanted, "only {kept} could be worked out");
}
