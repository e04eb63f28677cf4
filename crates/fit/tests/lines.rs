//! Properties of the line solver on generated seams.

mod common;

use common::{another, line_problem as problem};
use proptest::prelude::*;
use vemble_fit::line::{FadeRoom, Line, LineEnd, LineProblem, LineRefusal, Target};

/// The solver stops within this of a bound, in millimetres.
const SOLVER: f64 = 1e-4;

prop_compose! {
    /// A seam with pins of one sign, tapered below and free above, as outseams come.
    fn taken_in()(
        length in 500.0f64..1200.0,
        depths in prop::collection::vec(2.0f64..26.0, 1..10),
        jitter in prop::collection::vec(-0.3f64..0.3, 10),
    ) -> LineProblem {
        let step = 0.75 * length / depths.len() as f64;
        let targets: Vec<Target> = depths
            .iter()
            .enumerate()
            .map(|(i, depth)| Target::read(0.2 * length + step * (i as f64 + 0.5 + jitter[i]), *depth))
            .collect();
        problem(length, targets, LineEnd::Taper { at: 0.02 * length }, LineEnd::RunOff)
    }
}

fn samples(line: &Line) -> impl Iterator<Item = f64> + '_ {
    (0..=400).map(|i| line.length * f64::from(i) / 400.0)
}

proptest! {
    #![proptest_config(common::cases(256))]

    #[test]
    fn the_line_passes_every_pin_within_tolerance(problem in taken_in()) {
        let Ok(line) = problem.solve() else { return another() };
        for target in &problem.targets {
            let missed = (line.depth(target.station) - target.depth).abs();
            prop_assert!(missed <= problem.tolerance + SOLVER, "{missed}");
        }
    }

    #[test]
    fn depth_and_slope_are_zero_at_a_taper_and_beyond(problem in taken_in()) {
        let Ok(line) = problem.solve() else { return another() };
        let LineEnd::Taper { at } = problem.lower else { unreachable!() };
        prop_assert_eq!((line.at(at).depth, line.at(at).slope), (0.0, 0.0));
        prop_assert_eq!(line.depth(at / 2.0), 0.0);
        prop_assert!(line.depth(at + 1.0).abs() < 0.02);
    }

    #[test]
    fn it_can_be_sewn(problem in taken_in()) {
        let Ok(line) = problem.solve() else { return another() };
        let character = line.character();
        prop_assert!(character.steepest_slope <= problem.steepest + 1e-5, "{character:?}");
        if let Some(radius) = character.tightest_radius {
            prop_assert!(radius >= problem.least_radius - 1e-3, "{character:?}");
        }
        // Between pins that all take in, nothing is let out; beyond the last it runs free.
        let last = problem.targets[problem.targets.len() - 1].station;
        prop_assert!(samples(&line).filter(|s| *s <= last).all(|s| line.depth(s) >= -SOLVER));
    }

    #[test]
    fn a_seam_turned_round_gives_the_line_turned_round(problem in taken_in()) {
        let turn = |end| match end {
            LineEnd::Taper { at } => LineEnd::Taper { at: problem.length - at },
            other => other,
        };
        let turned = LineProblem {
            targets: problem.targets.iter().rev()
                .map(|t| Target { station: problem.length - t.station, ..*t }).collect(),
            lower: turn(problem.upper),
            upper: turn(problem.lower),
            fades: [1, 0].map(|end| problem.fades[end].turned(problem.length)),
            ..problem.clone()
        };
        match (problem.solve(), turned.solve()) {
            (Ok(line), Ok(other)) => for station in samples(&line) {
                let gap = (line.depth(station) - other.depth(problem.length - station)).abs();
                prop_assert!(gap < 0.05, "{gap} at {station}");
            },
            (one, other) => prop_assert_eq!(one.is_ok(), other.is_ok()),
        }
    }

    #[test]
    fn scaling_every_length_scales_the_line(problem in taken_in(), by in 0.5f64..2.0) {
        let LineEnd::Taper { at } = problem.lower else { unreachable!() };
        let scaled = LineProblem {
            length: problem.length * by,
            targets: problem.targets.iter()
                .map(|t| Target::read(t.station * by, t.depth * by)).collect(),
            spread: problem.spread * by,
            tolerance: problem.tolerance * by,
            fades: problem.fades.map(|fade| FadeRoom { furthest: fade.furthest * by, ..fade }),
            lower: LineEnd::Taper { at: at * by },
            least_radius: problem.least_radius * by,
            ..problem.clone()
        };
        let (Ok(line), Ok(other)) = (problem.solve(), scaled.solve()) else { return another() };
        for station in samples(&line) {
            let gap = (line.depth(station) * by - other.depth(station * by)).abs();
            prop_assert!(gap < 0.2 * by.max(1.0), "{gap} at {station}");
        }
    }

    #[test]
    fn a_refusal_always_comes_with_a_request_that_solves(
        depth in 8.0f64..60.0, room in 5.0f64..90.0, second in 8.0f64..60.0,
    ) {
        let targets =
            vec![Target::read(400.0, depth), Target::read(470.0, second)];
        let asked = problem(900.0, targets, LineEnd::Taper { at: 400.0 - room }, LineEnd::RunOff);
        if let Err(refusal) = asked.solve() {
            let proposal = refusal.proposal().unwrap_or_else(|| panic!("{refusal:?}"));
            prop_assert!(proposal.put_to(&asked).solve().is_ok(), "{refusal:?}");
        }
    }
}

#[test]
fn most_generated_seams_have_a_line() {
    let mut runner = proptest::test_runner::TestRunner::deterministic();
    let solved = (0..100)
        .filter(|_| {
            use proptest::strategy::ValueTree;
            taken_in().new_tree(&mut runner).expect("a seam").current().solve().is_ok()
        })
        .count();
    assert!(solved > 70, "only {solved} of 100");
}

#[test]
fn twenty_five_cannot_fade_out_in_sixty() {
    let targets = vec![Target::read(476.0, 25.0), Target::read(700.0, 25.0)];
    let asked = problem(1000.0, targets, LineEnd::Taper { at: 416.0 }, LineEnd::RunOff);
    let LineRefusal::NoRoomToFade {
        room,
        longer: Some((needs, longer)),
        shallower: Some((depth, shallower)),
        ..
    } = asked.solve().expect_err("too steep")
    else {
        panic!("the wrong refusal");
    };
    assert_eq!(room, 60.0);
    assert!(needs > 90.0 && needs < 130.0, "{needs}");
    assert!(depth > 5.0 && depth < 16.0, "{depth}");
    assert!(longer.put_to(&asked).solve().is_ok());
    assert!(shallower.put_to(&asked).solve().is_ok());
}

#[test]
fn letting_out_stops_at_the_allowance() {
    let targets = vec![Target::read(500.0, -14.0)];
    let asked = LineProblem {
        let_out_limit: Some(7.0),
        ..problem(1000.0, targets, LineEnd::Taper { at: 200.0 }, LineEnd::Taper { at: 800.0 })
    };
    let refusal = asked.solve().expect_err("not enough inside");
    assert!(matches!(refusal, LineRefusal::LetOut { most, .. } if most == 7.0), "{refusal:?}");
    let line = refusal.proposal().expect("less").put_to(&asked).solve().expect("a line");
    assert!(samples(&line).all(|station| line.depth(station) >= -7.0 - SOLVER));
}

#[test]
fn a_seam_may_be_taken_in_at_one_end_and_let_out_at_the_other() {
    let targets = vec![Target::read(300.0, -8.0), Target::read(800.0, 12.0)];
    let line = problem(1000.0, targets, LineEnd::RunOff, LineEnd::RunOff).solve().expect("a line");
    assert!(line.depth(250.0) < 0.0 && line.depth(850.0) > 0.0);
}

#[test]
fn a_held_band_has_one_depth() {
    let targets = vec![Target::read(330.0, 14.0), Target::read(372.0, 12.0)];
    let line = problem(372.0, targets, LineEnd::Taper { at: 180.0 }, LineEnd::Hold { from: 334.0 })
        .solve()
        .expect("a line");
    assert_eq!(line.depth(334.0), line.depth(372.0));
    assert_eq!(line.at(334.0).slope, 0.0);
}
