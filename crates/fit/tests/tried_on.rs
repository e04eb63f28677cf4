//! What was tried on is what is sewn: the line against the truth behind its pins, on generated seams.

mod common;

use common::spline::Spline;
use common::{another, line_problem as problem};
use proptest::prelude::*;
use proptest::strategy::ValueTree;
use proptest::test_runner::TestRunner;
use vemble_fit::line::{DepthLimit, Line, LineEnd, LineProblem, LineRefusal, SteepStretch, Target, Trust};

/// Seams tried for each figure.
const SEAMS: usize = 300;

/// A seam with a line that can be sewn, and where it was pinned.
#[derive(Debug, Clone)]
struct Tried {
    truth: Spline,
    problem: LineProblem,
}

prop_compose! {
    /// A line that keeps the sewing limits, free or tapered or held above, pinned every hand's width.
    fn seam()(
        length in 500.0f64..1100.0,
        taper in 0.0f64..0.2,
        upper in 0u32..3,
        swells in prop::collection::vec((0.0f64..1.0, 2.0f64..26.0), 2..6),
        step in 60.0f64..110.0,
        first in 30.0f64..80.0,
    ) -> Option<Tried> {
        let at = taper * length;
        let mut knots: Vec<(f64, f64)> = swells
            .iter()
            .map(|(share, depth)| (at + 70.0 + share * (length - at - 110.0), *depth))
            .collect();
        knots.sort_by(|a, b| a.0.total_cmp(&b.0));
        let mut all = vec![(at, 0.0)];
        all.extend(knots);
        let upper = match upper {
            0 => LineEnd::RunOff,
            1 => LineEnd::Hold { from: length - 38.0 },
            _ => { all.push((length, 0.0)); LineEnd::Taper { at: length } },
        };
        if all.windows(2).any(|pair| pair[1].0 - pair[0].0 < 60.0) {
            return None;
        }
        let truth = Spline::through(&all, true, !matches!(upper, LineEnd::RunOff));
        let reach = if let LineEnd::Hold { from } = upper { from } else { length };
        if all.last().is_some_and(|last| last.0 > reach) {
            return None;
        }
        let sewable = (0..=300).map(|i| at + (reach - at) * f64::from(i) / 300.0).all(|s| {
            let [depth, slope, bend] = truth.jet(s);
            depth >= 0.0 && slope.abs() < 0.24 && bend.abs() < 1.0 / 125.0
        });
        let count = ((reach - at - first - 20.0) / step).floor();
        if !sewable || count < 2.0 {
            return None;
        }
        let targets = (0..=count as u32)
            .map(|i| at + first + step * f64::from(i))
            .map(|station| Target::read(station, truth.jet(station)[0]))
            .collect();
        Some(Tried { truth, problem: problem(length, targets, LineEnd::Taper { at }, upper) })
    }
}

fn seams() -> Vec<Tried> {
    let mut runner = TestRunner::deterministic();
    let strategy = seam();
    std::iter::from_fn(|| Some(strategy.new_tree(&mut runner).expect("a seam").current()))
        .flatten()
        .take(SEAMS)
        .collect()
}

/// Numbers of mean nothing and deviation one, nearly normal, that wander without repeating.
fn noise(n: u32) -> f64 {
    let uniform = |k: u32| (f64::from(n * 12 + k) * 78.233).sin().mul_add(43_758.545, 0.0).rem_euclid(1.0);
    (0..12).map(uniform).sum::<f64>() - 6.0
}

fn quantile(values: &mut [f64], share: f64) -> f64 {
    values.sort_by(f64::total_cmp);
    values[((values.len() - 1) as f64 * share).round() as usize]
}

#[test]
fn pins_on_a_line_that_can_be_sewn_are_met_and_so_is_the_line_between_them() {
    for (trust, between) in [(Trust::Agreed, 0.5), (Trust::Read, 1.0)] {
        let (mut missed, mut off) = (Vec::new(), Vec::new());
        for mut tried in seams() {
            tried.problem.targets.iter_mut().for_each(|target| target.trust = trust);
            let line = tried.problem.solve().expect("its pins lie on a line");
            missed.extend(tried.problem.targets.iter().map(|t| (line.depth(t.station) - t.depth).abs()));
            let pins: Vec<(f64, f64)> = tried.problem.targets.iter().map(|t| (t.station, t.depth)).collect();
            let ends = [(taper(&tried.problem), 0.0)];
            let mut through: Vec<(f64, f64)> = ends.into_iter().chain(pins.iter().copied()).collect();
            if let LineEnd::Taper { at } = tried.problem.upper {
                through.push((at, 0.0));
            }
            let exact = Spline::through(&through, true, matches!(tried.problem.upper, LineEnd::Taper { .. }));
            // The last gap before a free end bends as that end says, of which the comparison knows nothing.
            let (first, last) = (pins[0].0, pins[pins.len() - 2].0);
            off.push(
                (0..=60)
                    .map(|i| first + (last - first) * f64::from(i) / 60.0)
                    .map(|s| (line.depth(s) - exact.jet(s)[0]).abs())
                    .fold(0.0, f64::max),
            );
        }
        assert!(
            quantile(&mut missed, 0.5) < 0.2,
            "{trust:?}: half are missed by {}",
            quantile(&mut missed, 0.5)
        );
        assert!(quantile(&mut missed, 0.95) < 0.5, "{trust:?}: {}", quantile(&mut missed, 0.95));
        // A pair of seams takes four times its depth from a girth: 0.5 of depth is 2 of girth.
        assert!(quantile(&mut off, 0.9) < between, "{trust:?}: {}", quantile(&mut off, 0.9));
    }
}

fn taper(problem: &LineProblem) -> f64 {
    problem.lower.taper().expect("tapered below")
}

#[test]
fn it_smooths_but_it_does_not_lean() {
    let (mut squares, mut signed, mut read_squares, mut count) = (0.0, 0.0, 0.0, 0.0);
    for (n, tried) in (0u32..).zip(seams()) {
        let mut asked = tried.problem.clone();
        for (i, target) in (0u32..).zip(&mut asked.targets) {
            let depth = (target.depth + 1.5 * noise(n * 40 + i)).max(0.2);
            *target = Target::read(target.station, depth);
        }
        let Ok(line) = asked.solve() else { continue };
        for (target, truth) in asked.targets.iter().zip(&tried.problem.targets) {
            let error = line.depth(target.station) - truth.depth;
            (squares, signed, count) = (squares + error * error, signed + error, count + 1.0);
            read_squares += (target.depth - truth.depth).powi(2);
        }
        // And between them.
        for i in 0..=40 {
            let s = asked.targets[0].station
                + (asked.targets[asked.targets.len() - 1].station - asked.targets[0].station) * f64::from(i)
                    / 40.0;
            assert!((line.depth(s) - tried.truth.jet(s)[0]).abs() < 9.0, "far from the truth at {s}");
        }
    }
    assert!(count > 1000.0, "only {count} readings");
    let (line, read): (f64, f64) = ((squares / count).sqrt(), (read_squares / count).sqrt());
    assert!((1.35..1.6).contains(&read), "the readings spread by {read}");
    assert!(line < 0.95 * read, "the line is {line} from the truth, its readings {read}");
    assert!((signed / count).abs() < 0.3, "it leans by {}", signed / count);
}

#[test]
fn two_pins_that_disagree_are_smoothed() {
    let depths = [12.0, 12.0, 14.0, 10.0, 12.0, 12.0];
    let targets = depths.iter().enumerate().map(|(i, d)| Target::read(300.0 + 60.0 * i as f64, *d)).collect();
    let line =
        problem(900.0, targets, LineEnd::Taper { at: 150.0 }, LineEnd::RunOff).solve().expect("a line");
    assert!(line.depth(420.0) - line.depth(480.0) < 3.0, "{} {}", line.depth(420.0), line.depth(480.0));
}

#[test]
fn a_lone_pin_with_room_is_met_whatever_its_depth() {
    for (depth, room) in [(3.0, 120.0), (8.0, 120.0), (16.0, 128.0), (16.0, 300.0), (25.0, 200.0)] {
        for upper in
            [LineEnd::RunOff, LineEnd::Hold { from: 760.0 }, LineEnd::Taper { at: 700.0 + 1.2 * room }]
        {
            let targets = vec![Target::read(700.0, depth)];
            let line =
                problem(1200.0, targets, LineEnd::Taper { at: 700.0 - room }, upper).solve().expect("room");
            assert!((line.depth(700.0) - depth).abs() < 0.1, "{} for {depth} in {room}", line.depth(700.0));
        }
    }
}

prop_compose! {
    /// A ladder as hands read it: a swell or a hollow, half of the time with a hand's noise, with any ends.
    fn ladder()(
        count in 2usize..7, step in 60.0f64..120.0, wander in prop::collection::vec(-0.2f64..0.2, 7),
        mean in 8.0f64..14.0, swell in 0.0f64..7.0, wave in 300.0f64..800.0, phase in 0.0f64..6.3,
        noisy in any::<bool>(), slips in prop::collection::vec(-1.5f64..1.5, 7),
        trust in prop::sample::select(&[Trust::Read, Trust::Agreed][..]), ends in (0usize..3, 0usize..4),
    ) -> LineProblem {
        let pin = |i: usize| {
            let station = 220.0 + step * (i as f64 + wander[i]);
            let slip = if noisy { 1.5 * slips[i] } else { 0.0 };
            let depth = mean + swell * (std::f64::consts::TAU * station / wave + phase).sin() + slip;
            Target { trust, ..Target::read(station, depth.max(1.0)) }
        };
        let length = 420.0 + step * count as f64;
        let hold = LineEnd::Hold { from: length - 40.0 };
        let lower = [LineEnd::RunOff, LineEnd::Taper { at: 30.0 }, LineEnd::Hold { from: 40.0 }][ends.0];
        let upper = [LineEnd::RunOff, LineEnd::Carry, LineEnd::Taper { at: length - 30.0 }, hold][ends.1];
        problem(length, (0..count).map(pin).collect(), lower, upper)
    }
}

#[test]
fn a_pin_added_on_the_line_changes_nothing() {
    let mut runner = TestRunner::deterministic();
    let strategy = (ladder(), 0.02f64..0.98);
    let mut moved = Vec::new();
    let mut tried = 0;
    while moved.len() < 3 * SEAMS {
        tried += 1;
        assert!(tried < 12 * SEAMS, "only {} of {tried} say anything", moved.len());
        let (asked, share) = strategy.new_tree(&mut runner).expect("a ladder").current();
        let Ok(line) = asked.solve() else { continue };
        let (low, high) = line.reach();
        let station = low + share * (high - low);
        // Beyond the outermost pin towards a free end nobody pinned: there one more pin is news.
        let (first, last) = (asked.targets[0].station, asked.targets[asked.targets.len() - 1].station);
        if (asked.lower.is_free() && station < first) || (asked.upper.is_free() && station > last) {
            continue;
        }
        let added = Target { trust: asked.targets[0].trust, ..Target::read(station, line.depth(station)) };
        // Less than a tape shows is no depth, and two pins under one finger are one.
        if added.depth < 0.5 || asked.targets.iter().any(|t| (t.station - station).abs() < 10.0) {
            continue;
        }
        let mut more = asked.clone();
        more.targets.push(added);
        more.targets.sort_by(|a, b| a.station.total_cmp(&b.station));
        let again = more.solve().expect("it lies on a line");
        let places = (0..=200).map(|i| asked.length * f64::from(i) / 200.0);
        moved.push(places.map(|s| (line.depth(s) - again.depth(s)).abs()).fold(0.0, f64::max));
    }
    assert!(quantile(&mut moved, 0.95) < MOVED / 2.0, "{}", quantile(&mut moved, 0.95));
    assert!(quantile(&mut moved, 0.98) < MOVED, "{}", quantile(&mut moved, 0.98));
    assert!(quantile(&mut moved, 1.0) < 1.0, "{}", quantile(&mut moved, 1.0));
}

#[test]
fn a_finer_mesh_moves_nothing() {
    let mut runner = TestRunner::deterministic();
    let strategy = (prop::collection::vec(2.0f64..20.0, 2..6), 12.0f64..60.0);
    let mut moved = Vec::new();
    let mut tried = 0;
    while moved.len() < SEAMS {
        tried += 1;
        assert!(tried < 3 * SEAMS, "only {} of {tried} say anything", moved.len());
        let (depths, near) = strategy.new_tree(&mut runner).expect("a ladder").current();
        let pin = |(i, depth): (usize, &f64)| Target::read(100.0 + near + 120.0 * i as f64, *depth);
        let length = 250.0 + 120.0 * depths.len() as f64;
        let targets = depths.iter().enumerate().map(pin).collect();
        let asked = problem(length, targets, LineEnd::Taper { at: 100.0 }, LineEnd::RunOff);
        let Ok(line) = asked.solve() else { continue };
        // Limits that limit nothing put a knot every 7 mm.
        let every = (1..(length / 7.0) as u32).map(|i| f64::from(i) * 7.0);
        let limits =
            every.map(|from| DepthLimit { from, to: from + 7.0, least: -500.0, most: 500.0 }).collect();
        let fine = LineProblem { limits, ..asked.clone() }.solve().expect("the same line");
        let places = (0..=200).map(|i| length * f64::from(i) / 200.0);
        moved.push(places.map(|s| (line.depth(s) - fine.depth(s)).abs()).fold(0.0, f64::max));
    }
    assert!(quantile(&mut moved, 0.97) < MOVED, "{}", quantile(&mut moved, 0.97));
    assert!(quantile(&mut moved, 1.0) < 0.6, "{}", quantile(&mut moved, 1.0));
}

/// By how much a line runs beyond the pins and ends that bound each stretch, or lets out.
fn beyond(problem: &LineProblem, line: &Line) -> (f64, f64) {
    let mut posts: Vec<(f64, f64)> =
        problem.targets.iter().map(|t| (t.station, t.pinned.max(t.depth))).collect();
    posts.extend(problem.lower.taper().map(|at| (at, 0.0)));
    posts.extend(problem.upper.taper().map(|at| (at, 0.0)));
    posts.sort_by(|a, b| a.0.total_cmp(&b.0));
    let (mut deep, mut out): (f64, f64) = (0.0, 0.0);
    for i in 0..=800 {
        let s = line.length * f64::from(i) / 800.0;
        let above = posts.partition_point(|post| post.0 < s);
        let bound = [above.checked_sub(1).map(|i| posts[i]), posts.get(above).copied()];
        let most = bound.into_iter().flatten().map(|post| post.1).fold(0.0, f64::max);
        deep = deep.max(line.depth(s) - most);
        out = out.max(-line.depth(s));
    }
    (deep, out)
}

proptest! {
    #![proptest_config(common::cases(200))]

    #[test]
    fn it_stays_among_its_pins_and_lets_nothing_out(
        depths in prop::collection::vec(1.0f64..26.0, 1..8),
        gaps in prop::collection::vec(35.0f64..150.0, 8),
        lower in 0u32..3, upper in 0u32..3,
    ) {
        let mut station = 120.0;
        let mut targets = Vec::new();
        for (depth, gap) in depths.iter().zip(&gaps) {
            station += gap;
            targets.push(Target::read(station, (depth * 2.0).round() / 2.0));
        }
        let length = station + 220.0;
        let end = |kind: u32, at: f64, hold: f64| match kind {
            0 => LineEnd::RunOff,
            1 => LineEnd::Taper { at },
            _ => LineEnd::Hold { from: hold },
        };
        let asked = problem(length, targets, end(lower, 20.0, 40.0), end(upper, length - 20.0, length - 40.0));
        let Ok(line) = asked.solve() else { return another() };
        let (deep, out) = beyond(&asked, &line);
        prop_assert!(deep <= 1.0 + 1e-3, "{deep} deeper than its pins: {asked:?}");
        prop_assert!(out <= 1e-3, "lets out {out}");
        // Towards a free end it never goes deeper than the outermost pin, but for what no tape shows.
        let last = asked.targets[asked.targets.len() - 1];
        if asked.upper == LineEnd::RunOff {
            prop_assert!(line.depth(length) <= last.depth + 1.0 + 1e-3, "{} at the end", line.depth(length));
        }
    }

    #[test]
    fn a_pin_of_nothing_ends_the_line(
        depths in prop::collection::vec(4.0f64..14.0, 2..5), at in 1usize..4, gap in 130.0f64..200.0,
    ) {
        let at = at.min(depths.len() - 1);
        let mut targets: Vec<Target> =
            depths.iter().enumerate().map(|(i, d)| Target::read(100.0 + gap * i as f64, *d)).collect();
        targets[at] = Target::read(targets[at].station, 0.0);
        let length = 300.0 + gap * depths.len() as f64;
        let asked = problem(length, targets, LineEnd::RunOff, LineEnd::RunOff);
        let Ok(line) = asked.solve() else { return another() };
        let end = line.at(asked.targets[at].station);
        prop_assert!(end.depth.abs() < 1e-6 && end.slope.abs() < 1e-6, "{end:?}");
        if at + 1 == depths.len() {
            prop_assert!(line.depth(length).abs() < 0.2, "it runs on: {}", line.depth(length));
        }
    }

    #[test]
    fn no_station_near_an_eased_stretch_trips_the_solver(from_top in 36.0f64..46.0, depth in 4.0f64..8.0) {
        let mut targets: Vec<Target> =
            [284.0, 392.0, 507.0, 588.0].map(|station| Target::read(station, depth - 1.0)).to_vec();
        targets.push(Target::read(700.0 - from_top, depth));
        let steep = vec![SteepStretch { from: 660.0, to: 700.0, steepest: 1.2, least_radius: 25.0 }];
        let asked =
            LineProblem { steep, ..problem(700.0, targets, LineEnd::Taper { at: 200.0 }, LineEnd::RunOff) };
        prop_assert!(asked.solve().is_ok(), "{:?}", asked.solve().err());
    }

}

proptest! {
    #![proptest_config(common::cases(40))]

    #[test]
    fn a_proposal_is_the_nearest_that_works_and_is_sewn_as_it_was_accepted(
        depth in 14.0f64..40.0, room in 15.0f64..70.0, second in 10.0f64..30.0, gap in 80.0f64..220.0,
    ) {
        let targets = vec![Target::read(400.0, depth), Target::read(400.0 + gap, second)];
        let asked = problem(1000.0, targets, LineEnd::Taper { at: 400.0 - room }, LineEnd::RunOff);
        let Err(refusal) = asked.solve() else { return another() };
        let LineRefusal::NoRoomToFade { station, longer, shallower, .. } = &refusal else { return another() };
        if let Some((works, proposal)) = shallower {
            let line = proposal.put_to(&asked).solve().expect("what is proposed can be sewn");
            prop_assert!((line.depth(*station) - works).abs() < 0.1, "sewn {} for {works}", line.depth(*station));
            let mut deeper = proposal.clone();
            let pin = deeper.targets.iter_mut().find(|t| t.station == *station).expect("the pin");
            pin.depth += 0.5;
            prop_assert!(deeper.put_to(&asked).solve().is_err(), "{} would have done", works + 0.5);
        }
        if let Some((needs, proposal)) = longer {
            prop_assert!(proposal.put_to(&asked).solve().is_ok());
            let nearer = LineEnd::Taper { at: taper(&proposal.put_to(&asked)) + 0.5 };
            let shorter = LineProblem { lower: nearer, ..asked.clone() };
            prop_assert!(shorter.solve().is_err(), "{needs} is more than it needs");
        }
    }
}

/// How far a pin on the line may move it, in millimetres.
const MOVED: f64 = 0.2;
