//! What is kept of a solution for pages that show many garments.

mod common;

use common::example;
use vemble_fit::plan::{Timing, Work};
use vemble_fit::{Summary, solve};

#[test]
fn a_summary_says_the_minutes_that_the_order_says_for_every_hand() {
    let timed = |work, actual| Timing { work, estimate: 10.0, actual };
    for log in [Vec::new(), vec![timed(Work::Seam, 27.0), timed(Work::Press, 4.0), timed(Work::Hand, 13.0)]] {
        for name in ["barn-dance-trousers", "princess-dress", "hem-lined-coat"] {
            let plain = Summary::of(&solve(&example(name)).expect("a result"));
            let mut job = example(name);
            job.timings.clone_from(&log);
            let solution = solve(&job).expect("a result");
            assert_eq!(plain.minutes_left(&log), solution.plan.minutes_left, "{name}");
            assert_eq!(Summary::of(&solution), plain, "{name}: a step timed elsewhere changes no summary");
            assert!(plain.steps[1] > 5, "{name}");
            let drawn =
                solution.drawing.as_ref().and_then(|drawing| drawing.figure.clone()).expect("a figure");
            let small = Summary::figure_of(&solution).expect("a figure");
            for piece in &small.pieces {
                for seen in &piece.outline {
                    let near = drawn.outlines(piece.part).flatten().any(|point| {
                        (seen[0] - point[0]).abs() <= 0.5001 && (seen[1] - point[1]).abs() <= 0.5001
                    });
                    assert!(near, "{name}: {:?} at {seen:?}", piece.part);
                }
            }
            assert_eq!(small.pieces.len(), drawn.pieces.len(), "{name}");
        }
    }
}
