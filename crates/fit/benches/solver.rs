//! One line of a long seam, and a whole job. Every run has readings of its own, so that nothing can
//! be remembered from the last.

use std::sync::atomic::{AtomicU32, Ordering};

use divan::Bencher;
use vemble_fit::garment::{SeamEnd, SleeveBuild};
use vemble_fit::line::{FadeRoom, LineEnd, LineProblem, Target};
use vemble_fit::{Job, Length, Pin, SeamName, Side, settle, solve};

const JOB: &str = include_str!("../../../docs/examples/barn-dance-trousers.vemble.json");
const DRESS: &str = include_str!("../../../docs/examples/princess-dress.vemble.json");
/// Pins on the dress, over all its seams.
const PINS: usize = 90;

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
                    .map(|pin| {
                        Target::read(
                            260.0 + 70.0 * f64::from(pin) + 8.0 * jitter(run * 31 + pin),
                            6.0 + f64::from(pin) + 2.0 * jitter(run * 17 + pin),
                        )
                    })
                    .collect(),
                spread: 1.5,
                tolerance: 3.0,
                lower: LineEnd::Taper { at: 120.0 },
                upper: LineEnd::Hold { from: 1062.0 },
                fades: [FadeRoom::asked(0.0), FadeRoom::asked(1062.0)],
                let_out_limit: None,
                limits: Vec::new(),
                steep: Vec::new(),
                crossing: None,
                steepest: 0.25,
                least_radius: 120.0,
            }
        })
        .bench_values(|problem| problem.solve().expect("a line"));
}

/// What cannot be sewn: 25 deep with too little room to fade, among other pins that can.
#[divan::bench]
fn refusing_a_line(bencher: Bencher) {
    let runs = AtomicU32::new(0);
    bencher
        .with_inputs(|| {
            let run = runs.fetch_add(1, Ordering::Relaxed);
            let pin = |pin: u32, station: f64, depth: f64| {
                Target::read(station + 8.0 * jitter(run * 31 + pin), depth + 2.0 * jitter(run * 17 + pin))
            };
            LineProblem {
                length: 1040.0,
                targets: vec![
                    pin(0, 476.0, 25.0),
                    pin(1, 570.0, 24.0),
                    pin(2, 660.0, 22.0),
                    pin(3, 750.0, 20.0),
                ],
                spread: 1.5,
                tolerance: 3.0,
                lower: LineEnd::Taper { at: 416.0 },
                upper: LineEnd::Hold { from: 1002.0 },
                fades: [FadeRoom::asked(0.0), FadeRoom::asked(1002.0)],
                let_out_limit: None,
                limits: Vec::new(),
                steep: Vec::new(),
                crossing: None,
                steepest: 0.25,
                least_radius: 120.0,
            }
        })
        .bench_values(|problem| problem.solve().expect_err("no room"));
}

/// The same job with its outseam's pins read a little otherwise each time.
fn read_anew(job: &Job, run: u32) -> Job {
    let mut job = job.clone();
    for (i, pin) in (0..).zip(&mut job.fitting.pins).filter(|(i, _)| *i < 8) {
        pin.reading = Length::from_mm(pin.reading.mm() + jitter(run * 13 + i));
    }
    job
}

/// Trousers with eleven pins: two seams, girths, ease, work order and drawing.
#[divan::bench]
fn whole_job(bencher: Bencher) {
    let job: Job = serde_json::from_str(JOB).expect("the example");
    let runs = AtomicU32::new(0);
    bencher
        .with_inputs(|| read_anew(&job, runs.fetch_add(1, Ordering::Relaxed)))
        .bench_values(|job| solve(&job).expect("a result"));
}

/// The same with twenty pins more that are on nothing: beyond the end of their seam, and on one that is not there.
#[divan::bench]
fn whole_job_with_twenty_strays(bencher: Bencher) {
    let mut job: Job = serde_json::from_str(JOB).expect("the example");
    let lost = |i: usize| Pin {
        id: format!("lost {i}"),
        seam: if i.is_multiple_of(2) { SeamName::Outseam } else { SeamName::Shoulder },
        station: Length::from_mm(3000.0 + i as f64),
        ..job.fitting.pins[0].clone()
    };
    let lost: Vec<Pin> = (0..20).map(lost).collect();
    job.fitting.pins.extend(lost);
    assert_eq!(settle(&job).expect("the rest").1.strays.len(), 20);
    let runs = AtomicU32::new(0);
    bencher
        .with_inputs(|| read_anew(&job, runs.fetch_add(1, Ordering::Relaxed)))
        .bench_values(|job| settle(&job).expect("the rest"));
}

/// A princess dress with sleeves in two pieces: fourteen seams, counting both sides, and ninety pins.
#[divan::bench]
fn whole_job_of_a_princess_dress(bencher: Bencher) {
    let job = dress();
    let seams: usize = solve(&job)
        .expect("a result")
        .seams
        .iter()
        .map(|seam| if seam.seam.is_paired() { 2 } else { 1 })
        .sum();
    assert_eq!((seams, job.fitting.pins.len()), (14, PINS));
    let runs = AtomicU32::new(0);
    bencher
        .with_inputs(|| {
            let run = runs.fetch_add(1, Ordering::Relaxed);
            let mut job = job.clone();
            for (i, pin) in (0..).zip(&mut job.fitting.pins) {
                pin.reading = Length::from_mm(pin.reading.mm() + 0.5 * jitter(run * 13 + i));
            }
            job
        })
        .bench_values(|job| solve(&job).expect("a result"));
}

fn dress() -> Job {
    let mut job: Job = serde_json::from_str(DRESS).expect("the example");
    let shape = &mut job.garment.shape;
    shape.sleeves = Some(SleeveBuild::TwoPiece);
    shape.fixtures.clear();
    shape.seams = vec![
        SeamName::Shoulder,
        SeamName::CentreFront,
        SeamName::PrincessFront,
        SeamName::PrincessBack,
        SeamName::Side,
        SeamName::CentreBack,
    ];
    let model = job.fitting.pins[0].clone();
    let pattern = job.garment.shape.pattern(&job.habits).expect("panels");
    let seams: Vec<_> = job
        .garment
        .shape
        .seams_on(Some(&pattern))
        .into_iter()
        .filter(|seam| job.garment.shape.has(seam.name))
        .collect();
    let sides =
        |paired: bool| -> &[Side] { if paired { &[Side::Left, Side::Right] } else { &[Side::Centre] } };
    let mut pins: Vec<Pin> = Vec::new();
    // Six or seven to a seam, a swell on each, until there are ninety.
    for rung in 0.. {
        for seam in &seams {
            for side in sides(seam.name.is_paired()) {
                if pins.len() == PINS {
                    job.fitting.pins = pins;
                    return job;
                }
                let share = 0.3 + 0.1 * f64::from(rung);
                let station = share * seam.length;
                let usual = seam.usual();
                let swell = (-((share - 0.6) / 0.3f64).powi(2)).exp();
                let deep = if matches!(seam.upper, SeamEnd::Edge) { 4.0 } else { 6.0 };
                pins.push(Pin {
                    id: format!("{} {} {rung}", seam.name.key(), side.words()),
                    seam: seam.name,
                    side: *side,
                    datum: usual.datum,
                    station: Length::from_mm(usual.counted(station)),
                    reading: Length::from_mm(deep * swell),
                    ..model.clone()
                });
            }
        }
    }
    job
}
