//! No cliff: a pin moved by half a millimetre, up, down or deeper, moves its line by little everywhere.

mod common;

use std::collections::BTreeMap;

use common::numbers::depth_at;
use common::{any_garment, job, pin, shape_seams};
use proptest::prelude::*;
use vemble_fit::garment::{Seam, SeamEnd, Shape};
use vemble_fit::line::{EndWish, LineWish};
use vemble_fit::{DrawnLine, Job, Length, LineOutcome, Side, solve};

/// What a pin is moved by in one step, in millimetres.
const STEP: f64 = 0.5;
/// What its line may move in that, anywhere.
const MOST: f64 = 2.0;

/// A ladder on one seam of a garment, both sides alike.
#[derive(Debug, Clone)]
struct Ladder {
    shape: Shape,
    seam: Seam,
    pins: Vec<(f64, f64)>,
    apart: f64,
}

impl Ladder {
    fn job(&self, pins: &[(f64, f64)], right: Option<(usize, f64)>) -> Job {
        let mut job = job(self.shape.clone());
        let usual = self.seam.usual();
        for (i, (station, depth)) in pins.iter().enumerate() {
            let sides: &[Side] =
                if self.seam.name.is_paired() { &[Side::Left, Side::Right] } else { &[Side::Centre] };
            for (k, side) in sides.iter().enumerate() {
                let deep = depth + if k == 0 { self.apart } else { -self.apart } / 2.0;
                let off = right.filter(|(which, _)| k == 1 && *which == i).map_or(0.0, |(_, by)| by);
                let at = (*station + off).clamp(0.0, self.seam.length);
                let mut one = pin(self.seam.name, *side, usual.counted(at), deep, usual.datum);
                one.id = format!("{i} {}", side.words());
                job.fitting.pins.push(one);
            }
        }
        job
    }

    /// Every line of the garment with these pins; nothing where one is refused.
    fn lines(
        &self,
        pins: &[(f64, f64)],
        wish: Option<LineWish>,
        right: Option<(usize, f64)>,
    ) -> Option<Lines> {
        let mut job = self.job(pins, right);
        job.fitting.ends.extend(wish);
        let solution = solve(&job).ok()?;
        let mut lines = Lines::new();
        for seam in solution.seams {
            for line in seam.lines {
                let LineOutcome::Drawn(drawn) = line.outcome else { return None };
                let sides: &[Side] = match line.side {
                    Side::Centre => &[Side::Left, Side::Right],
                    Side::Left => &[Side::Left],
                    Side::Right => &[Side::Right],
                };
                for side in sides {
                    lines.insert((seam.seam.key(), side.words()), (seam.length.mm(), (*drawn).clone()));
                }
            }
        }
        Some(lines)
    }
}

/// Lines by seam and side, with the length of their seams.
type Lines = BTreeMap<(&'static str, &'static str), (f64, DrawnLine)>;

/// The most any line moves anywhere between two sets of them, and where; no line is the old stitching.
fn apart(before: &Lines, after: &Lines) -> (f64, String) {
    let mut most = (0.0, String::new());
    for (key, (length, _)) in before.iter().chain(after) {
        for i in 0..=120 {
            let at = length * f64::from(i) / 120.0;
            let deep = |lines: &Lines| lines.get(key).map_or(0.0, |(_, line)| depth_at(line, at));
            let moved = (deep(before) - deep(after)).abs();
            if moved > most.0 {
                most = (moved, format!("{key:?} at {at:.0}"));
            }
        }
    }
    most
}

prop_compose! {
    fn ladder()(shape in any_garment())(
        seam in prop::sample::select(shape_seams(&shape)), shape in Just(shape),
        count in 1usize..7, step in 50.0f64..120.0, first in 0.0f64..1.0,
        mean in 3.0f64..16.0, swell in 0.0f64..8.0, wave in 300.0f64..900.0, phase in 0.0f64..6.3,
        slips in prop::collection::vec(-1.5f64..1.5, 7), out in prop::bool::weighted(0.1), apart in 0.0f64..5.0,
    ) -> Ladder {
        let low = match seam.lower { SeamEnd::CrotchCurve(top) => top, _ => 0.0 };
        let span = (step * (count as f64 - 1.0)).min(0.9 * (seam.length - low));
        let from = low + first * (seam.length - low - span).max(0.0);
        let pins = (0..count).map(|i| {
            let station = from + if count > 1 { span * i as f64 / (count as f64 - 1.0) } else { 0.0 };
            let depth = (mean + swell * (std::f64::consts::TAU * station / wave + phase).sin() + slips[i]).max(0.5);
            (station, if out { -0.4 * depth } else { depth })
        }).collect();
        Ladder { shape, seam, pins, apart }
    }
}

/// How many steps of a sweep were solved on both sides, the worst of them, and what it was.
fn worst(
    ladder: &Ladder,
    steps: u32,
    put: impl Fn(u32) -> (Vec<(f64, f64)>, Option<LineWish>, Option<(usize, f64)>),
) -> (u32, f64, String) {
    let (mut solved, mut most, mut said) = (0, 0.0, String::new());
    let mut before: Option<Lines> = None;
    for i in 0..steps {
        let (pins, wish, right) = put(i);
        let after = ladder.lines(&pins, wish, right);
        if let (Some(a), Some(b)) = (&before, &after) {
            solved += 1;
            let (moved, at) = apart(a, b);
            if moved > most {
                most = moved;
                said = format!(
                    "{:?} {} of {:.1} to {:?}: {moved:.2} in {at}; {pins:.1?} {wish:?} {right:?} apart {:.1}",
                    ladder.shape.kind,
                    ladder.seam.name.words(),
                    ladder.seam.length,
                    ladder.seam.upper,
                    ladder.apart
                );
            }
        }
        before = after;
    }
    (solved, most, said)
}

/// What is moved along, and from where.
#[derive(Debug, Clone, Copy)]
enum Moves {
    /// A pin, both sides alike, from this station on.
    Along { pin: usize, from: f64 },
    /// A pin of the right side alone, from so far beside where it stands.
    RightAlone { pin: usize, from: f64 },
    /// A pin's depth, from this one on.
    Deeper { pin: usize, from: f64 },
    /// Where one end is asked to rejoin the old stitching.
    End { lower: bool, from: f64 },
}

impl Moves {
    fn worst(self, ladder: &Ladder, steps: u32) -> (u32, f64, String) {
        worst(ladder, steps, |i| {
            let by = STEP * f64::from(i);
            let mut pins = ladder.pins.clone();
            match self {
                Moves::Along { pin, from } => pins[pin].0 = (from + by).min(ladder.seam.length),
                Moves::Deeper { pin, from } => pins[pin].1 = from + by,
                Moves::RightAlone { pin, from } => return (pins, None, Some((pin, from + by))),
                Moves::End { lower, from } => {
                    let at = Some(EndWish::Taper { at: Length::from_mm(from + by), from: None });
                    let (lower, upper) = if lower { (at, None) } else { (None, at) };
                    return (pins, Some(LineWish { seam: ladder.seam.name, lower, upper }), None);
                }
            }
            (pins, None, None)
        })
    }
}

/// Where something used to be decided: near either edge, under a band, beside another pin, and anywhere.
fn thresholds(ladder: &Ladder, pin: usize) -> Vec<f64> {
    let length = ladder.seam.length;
    let band = ladder.seam.band();
    let mut at: Vec<f64> =
        [0.0, 37.5, 60.0, 150.0].into_iter().flat_map(|d| [d, length - band - d]).collect();
    at.extend([40.0, 80.0, 100.0].map(|under| length - band - under));
    let others = ladder.pins.iter().enumerate().filter(|(i, _)| *i != pin);
    at.extend(others.flat_map(|(_, (station, _))| [*station, station - 10.0, station + 10.0]));
    at
}

/// Steps to a sweep: close about a place in every run, the whole seam where somebody goes looking.
fn steps(ladder: &Ladder, close: u32) -> u32 {
    if std::env::var("VEMBLE_SEARCH").is_ok() { (ladder.seam.length / STEP) as u32 } else { close }
}

fn check(moved: f64, said: &str) -> Result<(), TestCaseError> {
    prop_assert!(moved <= MOST, "{said}");
    Ok(())
}

proptest! {
    #![proptest_config(ProptestConfig { max_shrink_iters: 8, ..common::cases(200) })]

    #[test]
    fn a_pin_moved_along_its_seam_moves_its_line_by_little(
        ladder in ladder(), which in 0usize..7, place in 0usize..64, anywhere in 0.0f64..1.0,
    ) {
        let pin = which % ladder.pins.len();
        let places = thresholds(&ladder, pin);
        let at = places.get(place % (places.len() + 2)).copied().unwrap_or(anywhere * ladder.seam.length);
        let steps = steps(&ladder, 10);
        let from = if steps > 10 { 0.0 } else { (at - 2.5).clamp(0.0, ladder.seam.length - 5.0) };
        let (_, moved, said) = Moves::Along { pin, from }.worst(&ladder, steps);
        check(moved, &said)?;
    }

    #[test]
    fn a_pin_taken_deeper_takes_its_line_with_it(ladder in ladder(), which in 0usize..7, from in 0.0f64..24.0) {
        let pin = which % ladder.pins.len();
        // From where a pin is hardly one, and anywhere; a pin of nothing is another thing, an end.
        let from = if which % 2 == 0 { 0.5 } else { 0.5 + (from * 2.0).round() / 2.0 };
        let (_, moved, said) = Moves::Deeper { pin, from }.worst(&ladder, 10);
        check(moved, &said)?;
    }

    #[test]
    fn an_end_moved_along_its_seam_moves_its_line_by_little(
        ladder in ladder(), lower in any::<bool>(), which in 0usize..7, beside in -60.0f64..60.0,
    ) {
        let near = ladder.pins[which % ladder.pins.len()].0 + beside;
        let steps = steps(&ladder, 10);
        let from = if steps > 10 { 0.0 } else { near.clamp(0.0, ladder.seam.length) };
        let (_, moved, said) = Moves::End { lower, from }.worst(&ladder, steps);
        check(moved, &said)?;
    }

    #[test]
    fn a_pin_of_one_side_moved_away_from_its_partner_moves_both_lines_by_little(
        ladder in ladder(), which in 0usize..7, place in 0usize..6, beside in -100.0f64..100.0,
    ) {
        prop_assume!(ladder.seam.name.is_paired());
        let pin = which % ladder.pins.len();
        let at = [-90.0, -45.0, -10.0, 10.0, 45.0, 90.0][place];
        let from = if which % 3 == 0 { beside } else { at - 2.5 };
        let (_, moved, said) = Moves::RightAlone { pin, from }.worst(&ladder, 10);
        check(moved, &said)?;
    }
}

#[test]
fn most_steps_of_a_sweep_are_solved() {
    use proptest::strategy::ValueTree;
    let mut runner = proptest::test_runner::TestRunner::deterministic();
    let (mut solved, mut all) = (0, 0);
    for _ in 0..60 {
        let ladder = ladder().new_tree(&mut runner).expect("a ladder").current();
        solved += Moves::Along { pin: 0, from: ladder.pins[0].0 }.worst(&ladder, 6).0;
        all += 5;
    }
    assert!(solved * 10 > all * 7, "{solved} of {all}");
}
