//! One line of a long seam, and a whole job. Every run has readings of its own, so that nothing can
//! be remembered from the last.

use std::sync::atomic::{AtomicU32, Ordering};

use divan::Bencher;
use vemble_fit::line::{LineEnd, LineProblem, Target};
use vemble_fit::{Job, Length, solve};

const JOB: &str = include_str!("../../../docs/examples/barn-dance-trousers.vemble.json");

fn main() {
    divan::main();
}

/// Numbers from -1 to 1 that wander without repeating soon.
fn jitter(n: u32) -> f64 {
    (f64::from(n) * 12.9898).sin()
}

/// A seam of 1,100 mm with 12 pins that disagree the way pins do.
#[divan::bench]
fn line_of_1100_mm_with_12_pins(bencher: Bencher) {
    let runs = AtomicU32::new(0);
    bencher
        .with_inputs(|| {
            let run = runs.fetch_add(1, Ordering::Relaxed);
            LineProblem {
                length: 1100.0,
                targets: (0..12)
                    .map(|pin| Target {
                        station: 260.0 + 70.0 * f64::from(pin) + 8.0 * jitter(run * 31 + pin),
                        depth: 6.0 + f64::from(pin) + 2.0 * jitter(run * 17 + pin),
                    })
                    .collect(),
                tolerance: 3.0,
                lower: LineEnd::Taper { at: 120.0 },
                upper: LineEnd::Hold { from: 1062.0 },
                let_out_limit: None,
                limits: Vec::new(),
                exact: Vec::new(),
                eased: Vec::new(),
                crossing: None,
                steepest: 0.25,
                least_radius: 120.0,
            }
        })
        .bench_values(|problem| problem.solve().expect("a line"));
}

/// Trousers with eleven pins: two seams, girths, ease, work order and drawing.
#[divan::bench]
fn whole_job(bencher: Bencher) {
    let job: Job = serde_json::from_str(JOB).expect("the example");
    let runs = AtomicU32::new(0);
    bencher
        .with_inputs(|| {
            let run = runs.fetch_add(1, Ordering::Relaxed);
            let mut job = job.clone();
            for (i, pin) in (0..).zip(&mut job.fitting.pins).filter(|(i, _)| *i < 8) {
                pin.reading = Length::from_mm(pin.reading.mm() + jitter(run * 13 + i));
            }
            job
        })
        .bench_values(|job| solve(&job).expect("a result"));
}
