//! The line solver against trying: no small change of its line that keeps every demand costs less.

mod common;

use common::another;
use proptest::prelude::*;
use vemble_fit::line::{DepthLimit, FadeRoom, Knot, LineEnd, LineProblem, SteepStretch, Target};

/// How far a demand may be missed by in the comparison, in millimetres and shares.
const SLACK: f64 = 2e-6;

prop_compose! {
    /// A side seam into an underarm, as it comes: a taper below, free above, a zip or a clip somewhere, a
    /// steep run-in at the top.
    fn underarm_seam()(
        length in 380.0f64..900.0,
        depths in prop::collection::vec(3.0f64..18.0, 2..7),
        jitter in prop::collection::vec(-0.25f64..0.25, 8),
        limited in prop::option::of((0.3f64..0.6, 4.0f64..30.0)),
    ) -> LineProblem {
        let step = 0.72 * length / depths.len() as f64;
        let targets: Vec<Target> = depths
            .iter()
            .enumerate()
            .map(|(i, depth)| Target::read(0.24 * length + step * (i as f64 + 0.5 + jitter[i]), *depth))
            .collect();
        let limits = limited.map(|(from, most)| DepthLimit {
            from: from * length, to: (from + 0.2) * length, least: -most, most,
        });
        LineProblem {
            length,
            targets,
            spread: 1.5,
            tolerance: 3.0,
                lower: LineEnd::Taper { at: 0.04 * length },
            upper: LineEnd::RunOff,
            fades: [FadeRoom::asked(0.0), FadeRoom::asked(length)],
            let_out_limit: None,
            limits: limits.into_iter().collect(),
            steep: vec![SteepStretch { from: length - 40.0, to: length, steepest: 1.2, least_radius: 25.0 }],
            crossing: None,
            steepest: 0.25,
            least_radius: 120.0,
        }
    }
}

/// Depth, slope and bend at a share of the way between two knots, by the cubic through both.
fn between(a: Knot, b: Knot, t: f64) -> (f64, f64, f64) {
    let h = b.station - a.station;
    // Power form, so that nothing is shared with how the solver writes it.
    let c2 = (3.0 * (b.depth - a.depth) / h - 2.0 * a.slope - b.slope) / h;
    let c3 = (a.slope + b.slope - 2.0 * (b.depth - a.depth) / h) / (h * h);
    let s = t * h;
    (
        a.depth + a.slope * s + c2 * s * s + c3 * s * s * s,
        a.slope + 2.0 * c2 * s + 3.0 * c3 * s * s,
        2.0 * c2 + 6.0 * c3 * s,
    )
}

/// `∫ d″²`, by Simpson's rule, which is exact for what is quadratic.
fn bending(knots: &[Knot]) -> f64 {
    knots
        .windows(2)
        .map(|pair| {
            let bend = |t| between(pair[0], pair[1], t).2.powi(2);
            (pair[1].station - pair[0].station) / 6.0 * (bend(0.0) + 4.0 * bend(0.5) + bend(1.0))
        })
        .sum()
}

/// `∫ d′²/ℓ²`, by three-point Gauss quadrature, which is exact for what is of the fourth degree: `ℓ` is 120 mm up to the
/// last pin, and 30 beyond it, where nobody pinned.
fn tension(knots: &[Knot], last: f64) -> f64 {
    let (x, w) = (0.6f64.sqrt() / 2.0, [5.0 / 18.0, 8.0 / 18.0, 5.0 / 18.0]);
    knots
        .windows(2)
        .map(|pair| {
            let slopes = [0.5 - x, 0.5, 0.5 + x].map(|t| between(pair[0], pair[1], t).1.powi(2));
            let sum: f64 = slopes.iter().zip(w).map(|(slope, weight)| slope * weight).sum();
            let middle = (pair[0].station + pair[1].station) / 2.0;
            let memory: f64 = if middle < last { 120.0 } else { 30.0 };
            (pair[1].station - pair[0].station) * sum / memory.powi(2)
        })
        .sum()
}

/// What a line costs: how far it passes from the pins, how much it bends, and a little for its slope
/// (docs/decisions/0018). One hand's reading spreads by 1.5; the first counts for more where the taper is so near that
/// bending would draw the line off it by over a quarter of a millimetre.
fn price(knots: &[Knot], targets: &[Target]) -> f64 {
    let (room, fall) = (targets[0].station - knots[0].station, targets[0].depth);
    let first = (0.25 * room.powi(3) / (12.0 * 3000.0 * fall)).sqrt().clamp(0.375, 1.5);
    let spread = |i: usize| if i == 0 { first } else { 1.5 };
    let off = targets.iter().enumerate().map(|(i, t)| ((at(knots, t.station) - t.depth) / spread(i)).powi(2));
    let last = targets[targets.len() - 1].station;
    off.sum::<f64>() + 3000.0 * (bending(knots) + tension(knots, last))
}

/// The least and most depth at a station: between the pins that bound its stretch, and beyond the last one
/// between it and the old stitching.
fn among_the_pins(problem: &LineProblem, station: f64) -> (f64, f64) {
    let LineEnd::Taper { at: taper } = problem.lower else { unreachable!("tapered below") };
    let mut posts = vec![(taper, 0.0)];
    posts.extend(problem.targets.iter().map(|t| (t.station, t.depth)));
    let above = posts.partition_point(|(at, _)| *at < station);
    let (least, most): (f64, f64) = match (posts.get(above.max(1) - 1), posts.get(above)) {
        (Some(a), Some(b)) => (a.1.min(b.1), a.1.max(b.1)),
        (Some(last), None) => (0.0, last.1),
        _ => unreachable!("a seam has posts"),
    };
    // A line that comes down to the last pin may pass a little above it; none goes deeper from there on.
    let last = posts[posts.len() - 1];
    let falls = posts[posts.len().max(2) - 2].1 - last.1;
    let margin = match above == posts.len() {
        true if station < last.0 + 37.5 => falls.clamp(0.03, 1.0),
        true => 0.03,
        false => (most - least).clamp(0.03, 1.0),
    };
    ((least - 1.0).max(0.0), most + margin)
}

fn at(knots: &[Knot], station: f64) -> f64 {
    let i = knots.partition_point(|knot| knot.station < station).clamp(1, knots.len() - 1);
    let (a, b) = (knots[i - 1], knots[i]);
    between(a, b, (station - a.station) / (b.station - a.station)).0
}

/// By how much the worst demand is missed: pins and ends, and limits, slope and bend at the control points
/// of each cubic. A cubic lies within its control points, so a line that keeps these keeps the demands all
/// along; it is these the solver keeps.
fn worst_miss(problem: &LineProblem, knots: &[Knot]) -> f64 {
    let mut worst: f64 = 0.0;
    for target in &problem.targets {
        worst = worst.max((at(knots, target.station) - target.depth).abs() - problem.tolerance);
    }
    worst = worst.max(knots[0].depth.abs()).max(knots[0].slope.abs());
    for pair in knots.windows(2) {
        let (a, b) = (pair[0], pair[1]);
        let h = b.station - a.station;
        let (steepest, radius) = problem
            .steep
            .iter()
            .find(|ease| ease.from <= a.station + 1.0 && b.station <= ease.to + 1.0)
            .map_or((problem.steepest, problem.least_radius), |ease| (ease.steepest, ease.least_radius));
        let slopes = [a.slope, 3.0 * (b.depth - a.depth) / h - a.slope - b.slope, b.slope];
        for slope in slopes {
            worst = worst.max(slope.abs() - steepest);
        }
        for t in [0.0, 1.0] {
            worst = worst.max((between(a, b, t).2.abs() - 1.0 / radius) * 100.0);
        }
        let depths = [
            (a.station, a.depth),
            (a.station + h / 3.0, a.depth + a.slope * h / 3.0),
            (b.station - h / 3.0, b.depth - b.slope * h / 3.0),
            (b.station, b.depth),
        ];
        for (station, depth) in depths {
            for limit in
                problem.limits.iter().filter(|limit| (limit.from - 1.0..=limit.to + 1.0).contains(&station))
            {
                worst = worst.max(depth - limit.most).max(limit.least - depth);
            }
            // A pin bounds the stretches on both its sides.
            for beside in [station - 0.5, station + 0.5] {
                let (least, most) = among_the_pins(problem, beside.max(knots[0].station));
                worst = worst.max(depth - most).max(least - depth);
            }
        }
    }
    worst
}

/// Wandering numbers from -1 to 1.
fn wander(n: u32) -> f64 {
    (f64::from(n) * 78.233).sin() * (f64::from(n) * 12.9898).cos()
}

proptest! {
    #![proptest_config(common::cases(80))]

    #[test]
    fn no_small_change_that_keeps_every_demand_costs_less(problem in underarm_seam()) {
        let Ok(line) = problem.solve() else { return another() };
        let best = line.knots().to_vec();
        let least = price(&best, &problem.targets);
        // A line that had to leave its pins, because nothing else can be sewn, is no example; nor is one that
        // misses a demand by the solver's last digits.
        let keeps = worst_miss(&problem, &best) <= SLACK;
        let mut tried = 0;
        for n in 0..600u32 {
            // One knot, or all of them at once, moved and turned by a little.
            let size = [1e-1, 1e-2, 1e-3][n as usize % 3];
            let one = n % 2 == 0;
            let mut knots = best.clone();
            let last = knots.len() - 1;
            for (i, knot) in knots.iter_mut().enumerate().skip(1) {
                if !one || i == 1 + (n as usize / 2) % last {
                    knot.depth += size * wander(n * 97 + i as u32);
                    knot.slope += size * 0.02 * wander(n * 57 + 7 * i as u32 + 3);
                }
            }
            if worst_miss(&problem, &knots) <= SLACK {
                tried += 1;
                let costs = price(&knots, &problem.targets);
                prop_assert!(costs >= least * (1.0 - 1e-4) - 1e-6, "{costs} where the solver has {least}");
            }
        }
        prop_assert!(!keeps || tried >= 10, "only {tried} changes kept the demands");
    }

    #[test]
    fn what_has_no_line_comes_with_a_request_that_has(problem in underarm_seam(), deeper in 10.0f64..60.0) {
        let mut hard = problem;
        for (i, target) in hard.targets.iter_mut().enumerate() {
            if i % 2 == 0 {
                *target = Target::read(target.station, target.depth + deeper);
            }
        }
        let Err(refusal) = hard.solve() else { return another() };
        if let Some(proposal) = refusal.proposal() {
            let again = proposal.put_to(&hard).solve();
            prop_assert!(again.is_ok(), "{refusal}, and of its proposal {:?}", again.err());
        } else {
            prop_assert!(false, "no proposal for {refusal}");
        }
    }
}
