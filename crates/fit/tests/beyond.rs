//! What a line does where nobody pinned, what an echo says of it, and what a ladder of the house is.

mod common;

use common::numbers::depth_at;
use common::{TAPES, another, any_garment, job, mm, pin, shape_seams};
use proptest::prelude::*;
use std::collections::BTreeSet;
use vemble_fit::ease::Intention;
use vemble_fit::garment::{FlatName, Kind, Seam, SeamEnd, Shape};
use vemble_fit::line::{LineEnd, LineProblem, LineRefusal, LoneLine, OtherWay, Target};
use vemble_fit::{
    About, Body, DrawnLine, Habits, Job, LineOutcome, MeasureName, Scale, Side, Solution, Weight, ladder,
    solve,
};

fn sides(seam: &Seam) -> &'static [Side] {
    if seam.name.is_paired() { &[Side::Left, Side::Right] } else { &[Side::Centre] }
}

/// A garment with these pins on one seam, both sides alike; stations are counted from the seam's lower end.
fn pinned(shape: &Shape, seam: &Seam, pins: &[(f64, f64)]) -> Job {
    let mut job = job(shape.clone());
    let usual = seam.usual();
    for (station, depth) in pins {
        for side in sides(seam) {
            job.fitting.pins.push(pin(seam.name, *side, usual.counted(*station), *depth, usual.datum));
        }
    }
    job
}

fn drawn<'a>(solution: &'a Solution, seam: &Seam) -> Option<&'a DrawnLine> {
    let own = solution.seams.iter().find(|each| each.seam == seam.name)?;
    match &own.lines.first()?.outcome {
        LineOutcome::Drawn(drawn) => Some(drawn),
        LineOutcome::Refused(_) => None,
    }
}

fn trousers() -> (Shape, Seam) {
    let shape = common::case("hip_pins_take_waist").garment.shape;
    let seam = shape_seams(&shape).into_iter().find(|seam| seam.name == vemble_fit::SeamName::Outseam);
    (shape, seam.expect("an outseam"))
}

#[test]
fn what_is_left_at_a_band_is_what_cannot_be_sewn_before_it() {
    let (shape, seam) = trousers();
    let edge = seam.length - seam.band();
    let held = |under: f64| {
        let pins = [(edge - under - 150.0, 12.0), (edge - under - 70.0, 18.0), (edge - under, 18.0)];
        let solution = solve(&pinned(&shape, &seam, &pins)).expect("a result");
        let line = drawn(&solution, &seam).expect("a line");
        assert!((depth_at(line, edge - under) - 18.0).abs() < 0.8, "the top pin is met at {under}");
        depth_at(line, seam.length)
    };
    // s L − s² R of a fall, by hand: 12.5 in 80, 17.5 in 100; half way between holding and falling at 60.
    for (under, expected, within) in
        [(20.0, 18.0, 0.4), (39.0, 18.0, 0.4), (60.0, 14.25, 0.4), (80.0, 5.5, 0.4), (100.0, 0.0, 0.05)]
    {
        let held = held(under);
        assert!((held - expected).abs() <= within, "{under} under the band it holds {held}");
    }
}

#[test]
fn pins_at_the_hip_leave_the_waist_and_pins_near_the_band_say_what_they_do_to_it() {
    let (shape, seam) = trousers();
    let solution = solve(&common::case("hip_pins_take_waist")).expect("a result");
    let waist = &solution.levels[0].girth;
    assert!(waist.change().abs() < mm(0.5), "{:?}", waist.change());
    let edge = seam.length - seam.band();
    let solution =
        solve(&pinned(&shape, &seam, &[(edge - 150.0, 18.0), (edge - 60.0, 18.0)])).expect("a result");
    let said = solution.warnings.iter().find(|each| each.code == "line.unpinned").expect("it is said");
    assert!(said.message.contains("goes through it. The waist comes out 57 mm smaller"), "{}", said.message);
    assert!(said.read.is_some() && said.ways.len() == 2, "{said:?}");
    // What a button does is what it says.
    let less = said.ways.iter().find(|way| !way.accepted.is_empty()).expect("a shallower pin");
    let mut accepted = pinned(&shape, &seam, &[(edge - 150.0, 18.0), (edge - 60.0, 18.0)]);
    accepted.fitting.accepted.clone_from(&less.accepted);
    accepted.fitting.ends.extend(less.ends);
    let after = solve(&accepted).expect("a result");
    assert!(after.levels[0].girth.change().abs() < mm(0.5), "{:?}", after.levels[0].girth.change());
    let whole =
        said.ways.iter().find(|way| way.accepted.is_empty()).and_then(|way| way.ends).expect("all of it");
    let mut held = pinned(&shape, &seam, &[(edge - 150.0, 18.0), (edge - 60.0, 18.0)]);
    held.fitting.ends.push(whole);
    let after = solve(&held).expect("a result");
    assert!((after.levels[0].girth.change().mm() + 72.0).abs() < 4.0, "{:?}", after.levels[0].girth.change());
}

#[test]
fn every_button_under_a_band_does_what_it_says() {
    let (shape, seam) = trousers();
    let edge = seam.length - seam.band();
    let mut seen = BTreeSet::new();
    for (unit, rounding) in TAPES {
        let scale = Scale::new(unit, rounding);
        for (under, deep) in [(45.0, 5.0), (52.0, 6.3), (56.0, 8.0), (61.0, 12.0), (68.0, 9.0), (74.0, 18.0)]
        {
            let pins = [(edge - under - 130.0, deep), (edge - under, deep)];
            let mut job = pinned(&shape, &seam, &pins);
            job.habits.scale = scale;
            let before = solve(&job).expect("a result");
            let Some(said) = before.warnings.into_iter().find(|each| each.code == "line.unpinned") else {
                continue;
            };
            for way in said.ways {
                let mut taken = job.clone();
                taken.fitting.accepted.clone_from(&way.accepted);
                taken.fitting.ends.extend(way.ends);
                let after = solve(&taken).expect("a result");
                assert!(after.is_solved(), "{} under, {deep}: {} is refused", under, way.words);
                let waist = after.levels[0].girth.change().mm();
                let whole = way.words.starts_with("Take the whole");
                let expected = if whole { -4.0 * deep } else { 0.0 };
                assert!((waist - expected).abs() < 4.0, "{under} under, {deep}: {}: {waist}", way.words);
                // A number on a button is another than what stands pinned.
                let pinned = scale.write(mm(deep));
                assert!(
                    way.accepted.is_empty() || !way.words.contains(&format!("Take {pinned} there")),
                    "{way:?}"
                );
                seen.insert(way.words.split(' ').take(2).collect::<Vec<_>>().join(" "));
            }
        }
    }
    assert!(seen.contains("Let it") && seen.contains("Take the") && seen.len() > 2, "{seen:?}");
}

#[test]
fn a_centre_back_pinned_near_its_hem_moves_nothing_far_above() {
    let mut shape = common::case("units_change_line_mm").garment.shape;
    shape.fixtures.clear();
    let seam = shape_seams(&shape).into_iter().find(|seam| seam.name == vemble_fit::SeamName::CentreBack);
    let seam = seam.expect("a centre back");
    let solution = solve(&pinned(&shape, &seam, &[(60.0, 10.0)])).expect("a result");
    let line = drawn(&solution, &seam).expect("a line");
    assert!(depth_at(line, 460.0).abs() < 1e-6, "{}", depth_at(line, 460.0));
    assert!((depth_at(line, 60.0) - 10.0).abs() < 0.2);
}

#[test]
fn towards_a_free_end_no_slope_runs_on() {
    let job = common::case("six4_dress");
    let mut shape = job.garment.shape;
    shape.flats.insert(FlatName::SleeveSeam, mm(430.0));
    shape.flats.insert(FlatName::SleeveLength, mm(560.0));
    let seam = shape_seams(&shape).into_iter().find(|seam| seam.name.is_on_sleeve()).expect("a sleeve seam");
    let solution = solve(&pinned(&shape, &seam, &[(99.0, 11.5), (147.0, 17.5)])).expect("a result");
    let line = drawn(&solution, &seam).expect("a line");
    // Level from the pin on, or a little less on the way: what a hand takes to lay a slope level.
    assert!(depth_at(line, 0.0) > 6.5 && depth_at(line, 0.0) <= 11.6, "{}", depth_at(line, 0.0));
}

#[test]
fn a_pin_an_inch_and_a_half_from_an_edge_is_like_its_neighbours() {
    let job = common::case("pin_1.5in_from_edge");
    let at_the_hem = |station: f64| {
        let mut job = job.clone();
        job.fitting.pins.iter_mut().for_each(|pin| pin.station = mm(station));
        let solution = solve(&job).expect("a result");
        let LineOutcome::Drawn(line) = &solution.seams[0].lines[0].outcome else {
            panic!("refused at {station}")
        };
        depth_at(line, 0.0)
    };
    for i in 0..=20 {
        let station = 35.0 + 0.3 * f64::from(i);
        let hem = at_the_hem(station);
        assert!((12.0..12.8).contains(&hem), "pinned at {station} it holds {hem}");
    }
}

#[test]
fn the_houses_own_ladder_comes_down_to_the_crotch() {
    let mut job = common::case("ladder_refused_inseam_easy");
    job.fitting.pins = ladder(&job, vemble_fit::SeamName::Inseam).expect("a ladder");
    assert!(solve(&job).expect("a result").is_solved());
}

prop_compose! {
    fn one_pin()(shape in any_garment())(
        seam in prop::sample::select(shape_seams(&shape)), shape in Just(shape),
        at in 0.02f64..0.98, depth in 3.0f64..22.0, out in prop::bool::weighted(0.15),
    ) -> (Shape, Seam, f64, f64) {
        let station = at * seam.length;
        (shape, seam, station, if out { -0.4 * depth } else { depth })
    }
}

/// The number that stands before a word, where it stands.
fn said_before(text: &str, word: &str) -> Option<f64> {
    let (before, _) = text.split_once(word)?;
    before.rsplit(' ').find_map(|part| part.parse().ok())
}

proptest! {
    #![proptest_config(ProptestConfig { max_shrink_iters: 8, ..common::cases(300) })]

    #[test]
    fn an_echo_says_what_the_line_of_its_pin_does((shape, seam, station, depth) in one_pin()) {
        prop_assume!(!seam.name.is_crosswise());
        let job = pinned(&shape, &seam, &[(station, depth)]);
        let Ok(solution) = solve(&job) else { return another() };
        let Some(_) = drawn(&solution, &seam) else { return another() };
        let own = solution.seams.iter().find(|each| each.seam == seam.name).expect("the seam");
        let echo = &own.pins[0].echo;
        let row = solution.levels.iter().find(|row| echo.contains(&format!("{} ", row.girth.level.words())));
        match said_before(echo, " mm smaller").or_else(|| said_before(echo, " mm larger")) {
            Some(said) => {
                // The level named is one it moves, by what the balance has of this seam.
                let levels = solution.levels.iter().filter(|row| {
                    let name = format!("{} {said} mm", row.girth.level.words());
                    echo.contains(&name)
                });
                let moved: Vec<f64> = levels.map(|row| {
                    let own = row.girth.parts.iter().filter(|part| part.seam == seam.name);
                    // A hem's girth is that of its finished edge, and of no seam where the seams run into it slantwise.
                    let parts: f64 = own.map(|part| part.change.mm()).sum();
                    let change = if row.girth.parts.is_empty() { row.girth.change().mm() } else { parts };
                    change.abs()
                }).collect();
                prop_assert!(
                    moved.iter().any(|moved| (moved - said).abs() <= 1.0 + 0.12 * said.max(*moved)),
                    "{:?} {} at {station:.0} of {:.0}, {depth:.1}: {echo} {moved:?}",
                    shape.kind, seam.name.words(), seam.length
                );
            }
            None => {
                // Where it names none, none changes by much of what the pin would take.
                let most = solution.levels.iter().flat_map(|row| &row.girth.parts)
                    .filter(|part| part.seam == seam.name)
                    .map(|part| (part.depth.mm() / depth).abs())
                    .fold(0.0, f64::max);
                prop_assert!(most < 0.2, "{echo}: {most} {row:?}");
            }
        }
    }

    #[test]
    fn a_level_moved_beyond_the_pins_is_said((shape, seam, station, depth) in one_pin(), gap in 40.0f64..120.0) {
        let pins = [(station, depth), ((station + gap).min(seam.length), depth)];
        let Ok(solution) = solve(&pinned(&shape, &seam, &pins)) else { return another() };
        let Some(line) = drawn(&solution, &seam) else { return another() };
        let Ok(pattern) = shape.pattern(&Habits::default()) else { return another() };
        let Some([edge, _]) = pattern.edges(seam.name) else { return another() };
        let own = About::from(seam.name);
        let found = solution.warnings.iter().filter(|each| each.code == "line.unpinned" && each.about == own).count();
        for row in &solution.levels {
            let own = row.girth.parts.iter().filter(|part| part.seam == seam.name);
            let change: f64 = own.map(|part| part.change.mm()).sum();
            let level = pattern.level(row.girth.level).expect("a level");
            let at = level.place_on(edge.edge).station * seam.length / edge.edge.length();
            let away = match level.on_band {
                true => seam.length - seam.band() - pins[1].0,
                false => (pins[0].0 - at).max(at - pins[1].0),
            };
            if change.abs() > 3.0 && away > 45.5 {
                prop_assert!(found == 1, "{:?}: {} at {:?} changes {change}", shape.kind, seam.name.words(), level.name);
            } else if change.abs() > 3.0 && away > 0.5 && away < 44.5 {
                prop_assert!(
                    line.words.contains(level.name.words()),
                    "{:?} {} {pins:?} of {} {}: {:?} {change} {away}",
                    shape.kind, seam.name.words(), seam.length, line.words, level.name
                );
            }
        }
    }

    #[test]
    fn the_lone_lines_formula_is_what_the_solver_finds(
        depth in -22.0f64..22.0, steep in 7.0f64..16.0, other in 0.92f64..1.08, free in any::<bool>(), out in 0.02f64..0.2,
    ) {
        // A line that fades out alike on both sides of its pin, or runs off an edge a little way beyond it: of others the
        // formula does not answer.
        let fade = steep * depth.abs() + 60.0;
        let within = if steep > 8.5 && !free { 0.12 } else { 0.3 };
        let (pin, length) = if free { (fade + 20.0, fade + 20.0 + out * fade) } else { (fade + 20.0, 2.2 * fade + 40.0) };
        let upper = if free { LineEnd::RunOff } else { LineEnd::Taper { at: pin + other * fade } };
        let asked = common::line_problem(length, vec![Target::read(pin, depth)], LineEnd::Taper { at: 20.0 }, upper);
        let Some(lone) = LoneLine::of(&asked) else { return another() };
        let line = asked.solve().expect("a line");
        for i in 0..=160 {
            let at = f64::from(i) * length / 160.0;
            prop_assert!(
                (lone.depth(at) - line.depth(at)).abs() < within,
                "{depth} {steep} {other} {free}: {} and {} at {at}", lone.depth(at), line.depth(at)
            );
        }
    }

    #[test]
    fn a_way_nothing_of_the_line_goes_decides_nothing(depth in 2.0f64..14.0, at in 0.0f64..1400.0) {
        let lower = LineEnd::Taper { at: 0.0 };
        let alone = common::line_problem(1600.0, vec![Target::read(at, depth)], lower, LineEnd::RunOff);
        let mut mixed = alone.clone();
        mixed.fades[0].over = Some(OtherWay { end: LineEnd::RunOff, share: 0.0 });
        match (alone.solve(), mixed.solve()) {
            (Ok(alone), Ok(mixed)) => {
                for i in 0..=16 {
                    let station = f64::from(i) * 100.0;
                    prop_assert!((alone.depth(station) - mixed.depth(station)).abs() < 1e-9);
                }
            }
            (Err(alone), Err(mixed)) => {
                prop_assert_eq!(std::mem::discriminant(&alone), std::mem::discriminant(&mixed));
                prop_assert!(!matches!(mixed, LineRefusal::Trouble));
            }
            (alone, mixed) => prop_assert!(false, "{:?} and {:?}", alone.is_ok(), mixed.is_ok()),
        }
    }

    #[test]
    fn of_a_line_whose_ends_go_two_ways_the_formula_is_what_the_solver_finds(
        depth in -14.0f64..14.0, steep in 8.0f64..16.0, share in 0.01f64..1.0, below in 0.01f64..1.0, both in any::<bool>(),
    ) {
        let asked = two_ways(depth, steep, [both.then_some(below), Some(share)]);
        let Some(lone) = LoneLine::of(&asked) else { return another() };
        let line = asked.solve().expect("a line");
        // Of each way it may be a quarter of a millimetre beside it, and all of them to one side.
        for i in 0..=160 {
            let at = f64::from(i) * asked.length / 160.0;
            prop_assert!(
                (lone.depth(at) - line.depth(at)).abs() < TWO_WAYS,
                "{:?}: {} and {} at {at}", asked.fades, lone.depth(at), line.depth(at)
            );
        }
    }
}

/// How far the formula of a line with two ways may lie beside it, in millimetres.
const TWO_WAYS: f64 = 0.3;

/// One pin whose fades reach the edges, and run off them by these shares where they do.
fn two_ways(depth: f64, steep: f64, shares: [Option<f64>; 2]) -> LineProblem {
    let fade = steep * depth.abs() + 60.0;
    let (pin, length) = (fade + 20.0, 2.0 * fade + 40.0);
    let [lower, upper] = [20.0, length - 20.0].map(|at| LineEnd::Taper { at });
    let mut asked = common::line_problem(length, vec![Target::read(pin, depth)], lower, upper);
    for (room, share) in asked.fades.iter_mut().zip(shares) {
        room.over = share.map(|share| OtherWay { end: LineEnd::RunOff, share });
    }
    asked
}

#[test]
fn the_formula_answers_for_lines_that_fade_out_and_run_off_by_little() {
    let answers = |share: Option<f64>| {
        let steps = (0..60).map(f64::from);
        let problems = steps.map(|n| two_ways(2.0 + 0.2 * n, 9.0 + 0.1 * n, [None, share]));
        problems.filter(|problem| LoneLine::of(problem).is_some()).count()
    };
    assert_eq!([None, Some(0.05), Some(0.1), Some(0.2)].map(answers), [60; 4]);
}

fn measured(shape: &Shape, slim: f64) -> Body {
    let flat = |name: FlatName| shape.flats.get(&name).map(|flat| mm(2.0 * flat.mm() * slim));
    let named = [
        (MeasureName::Bust, FlatName::Bust),
        (MeasureName::Waist, FlatName::Waist),
        (MeasureName::HighHip, FlatName::HighHip),
        (MeasureName::Hip, FlatName::Hip),
        (MeasureName::Thigh, FlatName::Thigh),
        (MeasureName::Knee, FlatName::Knee),
        (MeasureName::Calf, FlatName::Calf),
        (MeasureName::UpperArm, FlatName::UpperArm),
    ];
    let measures = named.into_iter().filter_map(|(name, from)| Some((name, flat(from)?))).collect();
    Body { taken_on: "2026-11-01".parse().expect("a day"), measures, layers: Vec::new() }
}

#[test]
fn every_ladder_of_the_house_can_be_sewn() {
    use proptest::strategy::ValueTree;
    let mut runner = proptest::test_runner::TestRunner::deterministic();
    let (mut set, mut deep) = (0, 0);
    for kind in Kind::ALL {
        for slim in [0.8, 0.93] {
            let shape = common::any_shape(kind).new_tree(&mut runner).expect("a shape").current();
            for seam in shape_seams(&shape) {
                for intention in [Intention::Close, Intention::Easy, Intention::Loose] {
                    let mut job = job(shape.clone());
                    job.body = Some(measured(&shape, slim));
                    job.fitting.intention = intention;
                    let pins = ladder(&job, seam.name).expect("a ladder");
                    let mut with = job.clone();
                    with.fitting.pins = pins.clone();
                    let solution = solve(&with).expect("a result");
                    let refused = solution.seams.iter().flat_map(|each| &each.lines).find_map(|line| {
                        match &line.outcome {
                            LineOutcome::Refused(refused) => Some(refused.message.clone()),
                            LineOutcome::Drawn(_) => None,
                        }
                    });
                    assert_eq!(refused, None, "{kind:?} {} {intention:?}", seam.name.words());
                    set += 1;
                    deep += usize::from(pins.iter().any(|pin| pin.reading.abs() > mm(2.0)));
                    if matches!(seam.upper, SeamEnd::CrotchPoint) && pins.len() > 2 {
                        let top = pins.iter().max_by_key(|pin| pin.station).expect("pins");
                        assert!(
                            top.reading.abs() <= mm(6.0),
                            "it comes down to the crotch: {:?}",
                            top.reading
                        );
                    }
                }
            }
        }
    }
    assert!(deep * 3 > set, "{deep} of {set} ladders ask for something");
}

#[test]
fn nothing_said_of_where_nobody_pinned_is_an_alarm() {
    for (name, job) in common::examples() {
        let solution = solve(&job).expect("a result");
        let unpinned = solution.warnings.iter().filter(|each| each.code == "line.unpinned");
        assert!(unpinned.clone().all(|each| each.weight == Weight::Note), "{name}");
    }
}
