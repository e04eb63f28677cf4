//! The line one pin makes by itself, as a formula.
//!
//! Where a single pin is all there is, the line meets it and is a beam under tension on either side: between pin and
//! end `λ u⁗ = μ u″`, so `u = A + B x + C e^(−κx) + E e^(−κ(L−x))` with `κ = √(μ/λ)`. The slope at the pin is the one at
//! which both sides bend alike there. It is what [`LineProblem::solve`] finds where no limit binds, at a hundredth of
//! the cost, so that every reading can be said back by what it does.

use super::corridor::LEVEL;
use super::problem::{LEVELS_OFF, LineEnd, LineProblem, MEMORY, Target};

/// The line of a problem with one pin, where nothing limits it.
#[derive(Debug, Clone)]
pub struct LoneLine {
    ways: Vec<Way>,
    pin: Target,
    length: f64,
}

/// One way the ends of a line go: a line has two where an end is between two ways.
#[derive(Debug, Clone)]
struct Way {
    /// So much of the line goes this way.
    share: f64,
    /// Below the pin and above it.
    sides: [Beam; 2],
    /// How far each side may run beyond the pin's depth.
    beyond: [f64; 2],
}

/// How finely a line is looked over for what limits it, as parts of each side.
const PARTS: u32 = 12;

impl LoneLine {
    /// The line of the first pin of a problem; `None` where a limit binds, and only the solver knows.
    #[must_use]
    pub fn of(problem: &LineProblem) -> Option<LoneLine> {
        let pin = *problem.targets.first()?;
        let led = |share: f64, way: &LineProblem| {
            let sides = beams(way, pin, share)?;
            let kept = keeps(way, pin, &sides, share);
            let beyond = [way.lower, way.upper].map(|end| way.spread * overrun(end));
            kept.then_some(Way { share, sides, beyond })
        };
        let goes_one_way = problem.fades.iter().all(|fade| fade.over.is_none());
        let ways = match goes_one_way {
            true => vec![led(1.0, problem)?],
            false => {
                let all = problem.ways().into_iter().filter(|(share, _)| *share > 0.0);
                all.map(|(share, way)| led(share, &way)).collect::<Option<_>>()?
            }
        };
        Some(LoneLine { ways, pin, length: problem.length })
    }

    /// Depth at a station of the seam.
    #[must_use]
    pub fn depth(&self, station: f64) -> f64 {
        let station = station.clamp(0.0, self.length);
        let away = station - self.pin.station;
        let side = usize::from(away > 0.0);
        let depth = |way: &Way| {
            let most = self.pin.depth.abs() + way.beyond[side];
            way.sides[side].jet(away.abs())[0].clamp(-most, most)
        };
        self.ways.iter().map(|way| way.share * depth(way)).sum()
    }
}

/// One side of the pin, from it outward.
#[derive(Debug, Clone, Copy)]
struct Beam {
    /// How far from the pin it begins: through a band that is held.
    from: f64,
    length: f64,
    /// What lies beyond the end: nothing, or what is held.
    beyond: f64,
    kappa: f64,
    terms: [f64; 4],
}

/// What a beam does at its far end.
#[derive(Debug, Clone, Copy)]
enum Far {
    /// Level at a depth.
    Level(f64),
    /// Level at any depth.
    Slides,
    /// Free.
    Free,
}

impl Beam {
    /// Depth, slope and bend at a distance from the pin.
    fn jet(&self, x: f64) -> [f64; 3] {
        let x = (x - self.from).max(0.0);
        if x > self.length {
            return [self.beyond, 0.0, 0.0];
        }
        let [a, b, c, e] = self.terms;
        let k = self.kappa;
        let (near, far) = (c * (-k * x).exp(), e * (-k * (self.length - x)).exp());
        [a + b * x + near + far, b - k * near + k * far, k * k * (near + far)]
    }

    /// The beam of this depth and slope at the pin.
    fn led(length: f64, far: Far, kappa: f64, depth: f64, slope: f64) -> Beam {
        let fade = (-kappa * length).exp();
        let terms = match far {
            Far::Free => {
                // Neither bent nor sheared at its end: no straight part, and both ends of the bend cancel there.
                let c = -slope / (kappa * (1.0 + fade * fade));
                [depth - c + c * fade * fade, 0.0, c, -c * fade]
            }
            Far::Slides => {
                let c = -slope / (kappa * (1.0 - fade * fade));
                [depth - c - c * fade * fade, 0.0, c, c * fade]
            }
            Far::Level(level) => {
                // B = κ(C f − E) from the far slope; depth and slope at the pin give A and C in E.
                let c = |e: f64| (kappa * e * (1.0 - fade) + slope) / (kappa * (fade - 1.0));
                let miss = |e: f64| {
                    let c = c(e);
                    let b = kappa * (c * fade - e);
                    (depth - c - e * fade) + b * length + c * fade + e - level
                };
                // Linear in E.
                let (at_none, at_one) = (miss(0.0), miss(1.0));
                let e = -at_none / (at_one - at_none);
                let c = c(e);
                [depth - c - e * fade, kappa * (c * fade - e), c, e]
            }
        };
        let mut beam = Beam { from: 0.0, length, beyond: 0.0, kappa, terms };
        beam.beyond = beam.jet(length)[0];
        beam
    }
}

/// Both sides of the pin, below and above it, meeting in one slope and one bend: of a way so much of the line goes.
fn beams(problem: &LineProblem, pin: Target, share: f64) -> Option<[Beam; 2]> {
    let (lower, upper) = problem.free();
    let side = |end: LineEnd, at: f64, i: usize| {
        let far = match (end, problem.fades[i].held) {
            (LineEnd::Taper { .. }, _) => Far::Level(0.0),
            (LineEnd::Hold { .. }, Some(held)) => Far::Level(held.depth),
            (LineEnd::Hold { .. }, None) => Far::Slides,
            (LineEnd::RunOff | LineEnd::Carry, _) => Far::Free,
        };
        let memory = if matches!(far, Far::Free) { LEVELS_OFF } else { MEMORY };
        ((pin.station - at).abs(), far, 1.0 / (memory * problem.spread))
    };
    let sides = [side(problem.lower, lower, 0), side(problem.upper, upper, 1)];
    if pin.station < lower || pin.station > upper {
        return beyond(problem, pin, lower, upper);
    }
    // Bends at the pin are linear in its slope: below it counts the other way.
    let led = |i: usize, slope: f64| {
        let (length, far, kappa) = sides[i];
        Beam::led(length.max(SHORTEST), far, kappa, pin.depth, slope)
    };
    let bend = |i: usize, slope: f64| led(i, slope).jet(0.0)[2];
    let turn = |i: usize| bend(i, 1.0) - bend(i, 0.0);
    let mut slope = (bend(0, 0.0) - bend(1, 0.0)) / (turn(0) + turn(1));
    // Towards a free end a line goes next to nothing deeper than its pin: what it would, it takes from its slope there.
    let (most, too_far) = (LEVEL * problem.spread, FREE_OVERRUN * problem.spread / share);
    for (i, way) in [(0, -1.0), (1, 1.0)] {
        let (length, far, _) = sides[i];
        let deeper = (led(i, way * slope).jet(length)[0] - pin.depth) * pin.depth.signum();
        if matches!(far, Far::Free) && deeper > too_far {
            return None;
        }
        if matches!(far, Far::Free) && deeper > most {
            slope *= most / deeper;
        }
    }
    Some([led(0, -slope), led(1, slope)])
}

/// Shorter than this, in millimetres, a side is no side.
const SHORTEST: f64 = 1e-3;

/// A pin inside a band that is held: its depth all through it, led off level from the band's edge.
fn beyond(problem: &LineProblem, pin: Target, lower: f64, upper: f64) -> Option<[Beam; 2]> {
    let inside = |end: LineEnd| matches!(end, LineEnd::Hold { .. });
    let flat = |length: f64| Beam::led(length.max(SHORTEST), Far::Slides, 1.0, pin.depth, 0.0);
    let (at, end, other) = match pin.station > upper {
        true if inside(problem.upper) => (upper, problem.lower, lower),
        false if inside(problem.lower) => (lower, problem.upper, upper),
        _ => return None,
    };
    let far = match end {
        LineEnd::Taper { .. } => Far::Level(0.0),
        LineEnd::Hold { .. } => Far::Slides,
        LineEnd::RunOff | LineEnd::Carry => Far::Free,
    };
    let kappa = 1.0 / (MEMORY * problem.spread);
    let led = Beam::led((at - other).abs().max(SHORTEST), far, kappa, pin.depth, 0.0);
    // Counted from the pin, the rest of the band lies before it.
    let led = Beam { from: (pin.station - at).abs(), ..led };
    Some(if pin.station > upper {
        [led, flat(problem.length - pin.station)]
    } else {
        [flat(pin.station), led]
    })
}

/// True where neither slope nor bend nor anything in the seam limits the line, or so little that no tape shows it: of a
/// way the line goes by a `share`, only that share shows.
fn keeps(problem: &LineProblem, pin: Target, beams: &[Beam; 2], share: f64) -> bool {
    let ends = [problem.lower, problem.upper];
    beams.iter().zip(ends).zip([-1.0, 1.0]).all(|((beam, end), outward)| {
        let beyond = overrun(end);
        (0..=PARTS).all(|part| {
            let x = beam.from + beam.length * f64::from(part) / f64::from(PARTS);
            let station = pin.station + outward * x;
            let [depth, slope, bend] = beam.jet(x);
            let (steepest, radius) = problem.sewing_limits(station, station);
            let (least, most) = problem.allowed(station);
            let free = depth >= least - WITHIN && depth <= most + WITHIN;
            let among = depth * pin.depth >= -WITHIN
                && depth.abs() <= pin.depth.abs() + beyond * problem.spread / share + WITHIN;
            slope.abs() <= steepest && bend.abs() * radius <= TIGHTER && free && among
        })
    })
}

/// What counts as no more than a limit, in millimetres.
const WITHIN: f64 = 1e-6;
/// How far beyond its pin's depth the formula may run towards a free end before what it takes from its slope there shows,
/// as a share of a reading's spread.
const FREE_OVERRUN: f64 = 0.25;

/// How far beyond its pin's depth a side may run on the way to an end, as a share of a reading's spread. To a fade the
/// solver allows two thirds, and gives a little of the pin for it: a quarter is left as it is. To a band it allows next to
/// nothing and takes it from the slope at the pin, as the formula does towards a free end.
fn overrun(end: LineEnd) -> f64 {
    match end {
        LineEnd::Taper { .. } => 0.25,
        LineEnd::Hold { .. } => 0.1,
        LineEnd::RunOff | LineEnd::Carry => LEVEL,
    }
}

/// How much tighter than the tightest radius a line may bend here: held to it, it lies a quarter of a
/// millimetre from this one at the most.
const TIGHTER: f64 = 1.6;
