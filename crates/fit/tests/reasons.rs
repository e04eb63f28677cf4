//! Reasons are true, limits are said, and ordinary pins are not refused.

mod common;

use common::{TAPES, any_garment, case, job, line_problem, mm, pin, shape_seams};
use proptest::prelude::*;
use proptest::strategy::ValueTree;
use proptest::test_runner::TestRunner;
use vemble_fit::garment::{FixtureKind, SeamEnd, Shape};
use vemble_fit::line::{DepthLimit, LineEnd, LineProblem, LineRefusal, Target};
use vemble_fit::{Job, LineOutcome, Rounding, Scale, Side, Solution, Unit, solve};

prop_compose! {
    /// A seam in which something may be in the way: a zip, little allowance, a pin of nothing, ends that are near.
    fn crowded()(
        depths in prop::collection::vec(2.0f64..26.0, 1..5), gaps in prop::collection::vec(12.0f64..120.0, 5),
        ends in (0u32..3, 0u32..3), room in (12.0f64..140.0, 12.0f64..140.0),
        zip in prop::option::weighted(0.5, (0.0f64..1.0, 30.0f64..150.0, 0.0f64..6.0)),
        nothing in prop::option::weighted(0.3, 0usize..5), out in prop::bool::weighted(0.2), inside in 0.0f64..14.0,
    ) -> LineProblem {
        let mut station = 160.0;
        let mut targets = Vec::new();
        for (depth, gap) in depths.iter().zip(&gaps) {
            station += gap;
            targets.push(Target::read(station, if out { -depth } else { *depth }));
        }
        if let Some(at) = nothing.filter(|at| *at < targets.len() && targets.len() > 1) {
            targets[at] = Target::read(targets[at].station, 0.0);
        }
        let length = station + 170.0;
        let (first, last) = (targets[0].station, station);
        let end = |kind: u32, at: f64| if kind == 0 { LineEnd::RunOff } else { LineEnd::Taper { at } };
        let limits = zip.iter().map(|(at, long, most)| {
            let from = 60.0 + at * (length - 120.0 - long);
            DepthLimit { from, to: from + long, least: -most, most: *most }
        });
        let (lower, upper) = (end(ends.0, first - room.0.min(first - 5.0)), end(ends.1, (last + room.1).min(length)));
        LineProblem {
            let_out_limit: out.then_some(inside),
            limits: limits.collect(),
            ..line_problem(length, targets, lower, upper)
        }
    }
}

/// The problem without what a refusal names.
fn removed(problem: &LineProblem, refusal: &LineRefusal) -> LineProblem {
    let mut without = problem.clone();
    let drop = |without: &mut LineProblem, station: f64| {
        let gone = without.targets.iter().position(|target| (target.station - station).abs() < 1e-6);
        let gone = without.targets.remove(gone.expect("the pin it names"));
        for end in [&mut without.lower, &mut without.upper] {
            if matches!(*end, LineEnd::Taper { at } if gone.is_end() && (at - gone.station).abs() < 1.0) {
                *end = LineEnd::RunOff;
            }
        }
    };
    match refusal {
        LineRefusal::LetOut { .. } => without.let_out_limit = None,
        LineRefusal::InTheWay { from, to, .. } => {
            without.limits.retain(|limit| (limit.from, limit.to) != (*from, *to));
        }
        LineRefusal::NoRoomToFade { station, room, pinned: true, .. } => {
            let ends = without.targets.iter().filter(|target| target.is_end());
            let there =
                ends.map(|target| target.station).find(|at| ((at - station).abs() - room).abs() < 1e-6);
            drop(&mut without, there.expect("the pin of nothing it names"));
        }
        LineRefusal::NoRoomToFade { station, room, .. } => {
            let at = |end: LineEnd| end.taper().is_some_and(|at| ((at - station).abs() - room).abs() < 1e-6);
            assert!(
                at(without.lower) || at(without.upper),
                "the room is measured to what stands there: {refusal:?}"
            );
            if at(without.lower) {
                without.lower = LineEnd::RunOff;
            } else {
                without.upper = LineEnd::RunOff;
            }
        }
        LineRefusal::PinsDisagree { station, beside, .. } => {
            drop(&mut without, beside.map_or(*station, |(at, _)| at))
        }
        LineRefusal::PinBeyondTaper { taper, .. } => {
            let at = |end: LineEnd| end.taper().is_some_and(|at| (at - taper).abs() < 1e-6);
            if at(without.lower) {
                without.lower = LineEnd::RunOff;
            } else {
                without.upper = LineEnd::RunOff;
            }
        }
        LineRefusal::Both { first, then } => return removed(&removed(problem, first), then),
        LineRefusal::NoPins | LineRefusal::NoRoom { .. } | LineRefusal::Trouble => panic!("{refusal:?}"),
    }
    without
}

#[test]
fn without_the_cause_it_names_the_line_is_drawn() {
    let mut runner = TestRunner::deterministic();
    let strategy = crowded();
    let (mut refusals, mut false_reasons, mut two) = (0, Vec::new(), 0);
    for _ in 0..4000 {
        let problem = strategy.new_tree(&mut runner).expect("a seam").current();
        if problem.targets.iter().all(Target::is_end) {
            continue;
        }
        let Err(refusal) = problem.solve() else { continue };
        refusals += 1;
        two += usize::from(matches!(refusal, LineRefusal::Both { .. }));
        let without = removed(&problem, &refusal);
        if without.targets.iter().any(|target| !target.is_end()) && without.solve().is_err() {
            false_reasons.push(format!("{refusal:?}"));
        }
        if refusals == 1000 {
            break;
        }
    }
    assert_eq!(refusals, 1000, "refusals enough to judge by");
    assert!(two < 400, "{two} name two causes");
    assert!(
        false_reasons.is_empty(),
        "{} of {refusals}: {:#?}",
        false_reasons.len(),
        &false_reasons[..false_reasons.len().min(5)]
    );
}

fn refused(solution: &Solution) -> Vec<&str> {
    let lines = solution.seams.iter().flat_map(|seam| &seam.lines);
    lines
        .filter_map(|line| match &line.outcome {
            LineOutcome::Refused(refused) => Some(refused.message.as_str()),
            LineOutcome::Drawn(_) => None,
        })
        .collect()
}

fn said<'a>(solution: &'a Solution, code: &str) -> Vec<&'a str> {
    solution.warnings.iter().filter(|each| each.code == code).map(|each| each.message.as_str()).collect()
}

#[test]
fn each_kept_case_gives_its_true_reason() {
    let solve = |name: &str| solve(&case(name)).expect("a result");
    let zip = solve("refusal_wrong_reason_zip");
    assert!(refused(&zip)[0].contains("3/8 in away the zip allows no change"), "{:?}", refused(&zip));
    let nothing = solve("refusal_wrong_room_zero_pin");
    assert!(
        refused(&nothing)[0].contains("fade out in 30 mm, where a pin says nothing"),
        "{:?}",
        refused(&nothing)
    );
    let same = solve("refusal_same_number_half_cm");
    assert!(!refused(&same)[0].contains("accept a depth of 1.0 cm"), "{:?}", refused(&same));
    for name in ["unpaired_last_pin_halved", "unpaired_last_pin_refused"] {
        let partners = solve(name);
        assert!(refused(&partners).is_empty() && said(&partners, "evening.not_read").is_empty(), "{name}");
        let evening = partners.seams[0].evening.as_ref().expect("two sides");
        let last = evening.stations.last().expect("stations");
        assert!(last.chosen_left.is_some_and(|depth| (depth - 18.0).abs() < 0.5), "{name}: {last:?}");
    }
}

#[test]
fn a_refusal_for_want_of_a_reading_names_that_reading() {
    let mut job = case("unpaired_last_pin_refused");
    job.fitting.pins.retain(|pin| pin.side == Side::Left || pin.station < mm(400.0));
    for pin in &mut job.fitting.pins {
        pin.reading = mm(70.0);
        if pin.station > mm(400.0) {
            pin.station = mm(411.0);
        }
    }
    let solution = solve(&job).expect("a result");
    assert!(
        refused(&solution)[0].contains("the right side seam 411 mm from the hem. Read it first"),
        "{:?}",
        refused(&solution)
    );
    let warning = solution.warnings.iter().find(|each| each.code == "line.refused").expect("it is said");
    assert!(warning.read.as_ref().is_some_and(|read| read.station == "411"), "{warning:?}");
}

#[test]
fn a_reading_beyond_its_limit_is_said() {
    let out = solve(&case("letout_within_tolerance_13_8")).expect("a result");
    let limited = said(&out, "line.limited");
    assert_eq!(limited.len(), 1, "{limited:?}");
    assert!(limited[0].contains("allows 5 mm there: the line lets out 5 mm"), "{limited:?}");
    assert!(out.seams[0].pins[0].echo.contains("allows 5 mm here"), "{}", out.seams[0].pins[0].echo);
    let zip = solve(&case("zip_3mm")).expect("a result");
    assert!(said(&zip, "line.limited")[0].contains("the zip allows nothing there"), "{:?}", zip.warnings);
    assert!(
        zip.seams[0].pins[0].echo.contains("the zip allows nothing here"),
        "{}",
        zip.seams[0].pins[0].echo
    );
}

#[test]
fn advice_points_the_right_way() {
    let coat = solve(&case("letout_coat_cap_advice")).expect("a result");
    let armhole = said(&coat, "armhole")[0];
    assert!(
        armhole.contains("Let the sleeve out at the top by as much, or let out less at the side"),
        "{armhole}"
    );
    let dress = solve(&case("waist_seam_no_girth_changes")).expect("a result");
    let cross = said(&dress, "cross.length")[0];
    assert!(!cross.contains("no girth changes") && cross.contains("the high hip 31 mm larger"), "{cross}");
    let echo = solve(&case("echo_names_untouched_level")).expect("a result").seams[0].pins[0].echo.clone();
    assert!(echo.contains("alone it reaches no level"), "{echo}");
}

#[test]
fn a_pin_on_the_crotch_point_is_one_just_below_it_and_one_near_a_crotch_is_met() {
    let shape = case("ladder_refused_inseam_easy").garment.shape;
    let at = |from_top: f64, depth: f64, name: vemble_fit::SeamName| {
        let seam = shape_seams(&shape).into_iter().find(|seam| seam.name == name).expect("the seam");
        let mut asked = job(shape.clone());
        let station = match seam.lower {
            SeamEnd::CrotchCurve(top) => top + from_top,
            _ => seam.length - from_top,
        };
        let sides: &[Side] = if name.is_paired() { &[Side::Left, Side::Right] } else { &[Side::Centre] };
        for side in sides {
            asked.fitting.pins.push(pin(
                name,
                *side,
                seam.usual().counted(station),
                depth,
                seam.usual().datum,
            ));
        }
        (solve(&asked).expect("a result"), station)
    };
    let [on, below] = [0.0, 1.5].map(|from| at(from, 8.0, vemble_fit::SeamName::Inseam).0);
    assert_eq!(refused(&on), refused(&below));
    assert!(refused(&on)[0].contains("cannot fade out"), "{:?}", refused(&on));
    for (from, depth) in [(40.0, 3.0), (60.0, 6.0), (80.0, 8.0)] {
        let (back, station) = at(from, depth, vemble_fit::SeamName::CentreBack);
        let LineOutcome::Drawn(line) = &back.seams[0].lines[0].outcome else {
            panic!("{:?}", refused(&back))
        };
        let missed = (common::numbers::depth_at(line, station) - depth).abs();
        assert!(missed < 0.6, "{depth} at {from} above the curve is missed by {missed}");
    }
}

/// An ordinary garment pinned by feel: a swell on one seam, each side by its own hand, ends up to 20 apart.
fn by_feel(runner: &mut TestRunner, fixtures: bool) -> Job {
    let strategy = (
        any_garment(),
        (0usize..16, 3usize..6, 70.0f64..110.0, 0.0f64..1.0),
        (4.0f64..14.0, 0.0f64..5.0, 400.0f64..900.0, 0.0f64..6.3),
        prop::collection::vec((-10.0f64..10.0, -1.0f64..1.0, -1.0f64..1.0, -1.0f64..1.0), 12),
    );
    let (shape, (which, count, step, first), (mean, swell, wave, phase), slips) =
        strategy.new_tree(runner).expect("a garment").current();
    let upright: Vec<_> = shape_seams(&shape)
        .into_iter()
        .filter(|seam| !seam.name.is_crosswise() && !seam.name.is_dart() && seam.length > 300.0)
        .collect();
    let seam = upright[which % upright.len()].clone();
    let mut job = job(shape);
    // Nobody pins where the seam has to be back on the old stitching.
    let low = match seam.lower {
        SeamEnd::CrotchCurve(top) => top + 60.0,
        _ => 30.0,
    };
    let high = if seam.upper == SeamEnd::CrotchPoint { seam.length - 120.0 } else { seam.length - 10.0 };
    let span = (step * (count as f64 - 1.0)).min(high - low);
    let from = low + first * (high - low - span).max(0.0);
    let usual = seam.usual();
    let sides: &[Side] = if seam.name.is_paired() { &[Side::Left, Side::Right] } else { &[Side::Centre] };
    for (k, side) in sides.iter().enumerate() {
        for i in 0..count {
            let (along, a, b, c) = slips[k * 6 + i];
            let outer = if i == 0 || i + 1 == count { 2.0 } else { 1.0 };
            let station =
                (from + span * i as f64 / (count as f64 - 1.0) + outer * along / 2.0).clamp(low, high);
            let swelled = mean + swell * (std::f64::consts::TAU * station / wave + phase).sin();
            let near_the_point = if seam.upper == SeamEnd::CrotchPoint || low > 60.0 { 0.6 } else { 1.0 };
            let depth = (near_the_point * swelled + 1.5 * (a + b + c)).max(1.0).round();
            let mut one = pin(seam.name, *side, usual.counted(station), depth, usual.datum);
            one.id = format!("{} {i}", side.words());
            job.fitting.pins.push(one);
        }
    }
    if fixtures {
        job.garment.shape.fixtures.push(vemble_fit::garment::Fixture {
            seam: seam.name,
            side: None,
            kind: FixtureKind::Pocket,
            from: mm(0.55 * seam.length),
            to: mm(0.75 * seam.length),
            most: None,
            taken_out: None,
        });
    }
    job
}

#[test]
fn ordinary_garments_pinned_by_feel_are_hardly_ever_refused() {
    for (fixtures, most) in [(false, 4), (true, 100)] {
        let mut runner = TestRunner::deterministic();
        let (mut refusals, mut halved, mut asked) = (Vec::new(), 0, 0);
        for _ in 0..400 {
            let job = by_feel(&mut runner, fixtures);
            let solution = solve(&job).expect("a result");
            refusals.extend(refused(&solution).first().map(|why| (*why).to_owned()));
            halved += usize::from(!said(&solution, "evening.not_read").is_empty());
            asked += 1;
        }
        println!(
            "fixtures {fixtures}: {} of {asked} refused, {halved} with a reading not taken",
            refusals.len()
        );
        assert!(refusals.len() <= most, "{} of {asked}: {refusals:#?}", refusals.len());
        assert!(halved <= 8, "{halved} of {asked} with a reading not taken");
        // A refusal beside a pocket is because of it.
        let others = refusals.iter().filter(|why| !why.contains("pocket")).count();
        assert!(others <= 4, "{refusals:#?}");
    }
}

fn on_a_tape(job: &Job, (unit, rounding): (Unit, Rounding)) -> (Job, Solution) {
    let mut job = job.clone();
    job.habits.scale = Scale::new(unit, rounding);
    let solution = solve(&job).expect("a result");
    (job, solution)
}

fn spines(solution: &Solution) -> Vec<Vec<[f64; 2]>> {
    let lines = solution.seams.iter().flat_map(|seam| &seam.lines);
    lines
        .map(|line| match &line.outcome {
            LineOutcome::Drawn(drawn) => drawn.spine.clone(),
            LineOutcome::Refused(_) => Vec::new(),
        })
        .collect()
}

/// A number as it stands on a tape, in the tape's own steps.
fn ticks(text: &str, scale: Scale) -> i64 {
    let (sign, digits) = text.strip_prefix('-').map_or((1.0, text), |rest| (-1.0, rest));
    let value: f64 = digits
        .split(' ')
        .map(|part| match part.split_once('/') {
            Some((a, b)) => a.parse::<f64>().expect("a number") / b.parse::<f64>().expect("a number"),
            None => part.parse().expect("a number"),
        })
        .sum();
    let unit = match scale.unit {
        Unit::Inch => 25.4,
        Unit::Cm => 10.0,
        Unit::Mm => 1.0,
    };
    (sign * value * unit / scale.tick().mm()).round() as i64
}

#[test]
fn the_tape_changes_no_line_and_what_it_shows_adds_up() {
    let mut runner = TestRunner::deterministic();
    let strategy = (any_garment(), prop::collection::vec(2.0f64..18.0, 4), 0.3f64..0.9, 0u32..3);
    let mut jobs: Vec<Job> = (0..80)
        .map(|_| {
            let (shape, depths, at, grid): (Shape, Vec<f64>, f64, u32) =
                strategy.new_tree(&mut runner).expect("a garment").current();
            let mut job = job(shape);
            job.fitting.pins = common::swelling_pins(&job.garment.shape, &depths, at);
            // As an inch tape, a metric one and none would have it.
            for pin in &mut job.fitting.pins {
                let step = [25.4 / 8.0, 1.0, 0.01][grid as usize];
                pin.reading = mm((pin.reading.mm() / step).round() * step);
            }
            job
        })
        .collect();
    jobs.extend(["units_change_line_mm", "units_change_line_inch"].map(case));
    jobs.extend(common::examples().into_iter().map(|(_, job)| job));
    for job in &jobs {
        let (_, first) = on_a_tape(job, TAPES[0]);
        for tape in TAPES {
            let (job, solution) = on_a_tape(job, tape);
            assert_eq!(spines(&first), spines(&solution), "{:?} on {tape:?}", job.garment.shape.kind);
            for row in &solution.levels {
                let Some(change) = &row.shown.change else { continue };
                let on = |text: &str| ticks(text, job.habits.scale);
                assert_eq!(
                    on(&row.shown.before) + on(change),
                    on(&row.shown.after),
                    "{tape:?} {:?}: {:?}",
                    row.girth.level,
                    row.shown
                );
            }
        }
    }
    let (_, mm) = on_a_tape(&case("units_change_line_mm"), TAPES[0]);
    let (_, inch) = on_a_tape(&case("units_change_line_inch"), TAPES[3]);
    assert_eq!(spines(&mm), spines(&inch), "the same pins on two tapes");
}

#[test]
fn a_share_loses_what_its_balance_says() {
    use vemble_fit::garment::LevelName;
    use vemble_fit::{ShareRequest, share_out};
    let job = case("share_flared_high_hip");
    let request = ShareRequest { level: LevelName::HighHip, lose: mm(60.0) };
    let share = share_out(&job, request).expect("a share");
    assert!(!share.alternatives.is_empty());
    for plan in &share.alternatives {
        let row = plan.levels.iter().find(|row| row.girth.level == LevelName::HighHip).expect("the level");
        assert!(
            (plan.total + row.girth.change()).abs() < mm(0.2),
            "{}: {:?} {:?}",
            plan.title,
            plan.total,
            row.girth.change()
        );
        assert!(
            (plan.total - share.reached).abs() < mm(0.6),
            "{}: {:?} of {:?}",
            plan.title,
            plan.total,
            share.reached
        );
    }
}
