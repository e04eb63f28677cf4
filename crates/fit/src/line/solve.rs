//! From a problem to its line, or to why there is none and what would do instead.

use super::corridor::Closeness;
use super::problem::{LineEnd, LineProblem, Target};
use super::programme::{
    NO_MISS, Nearest, PIECES, ROUGH_REFININGS, SURE_REFININGS, Wanted, line_as_close_as_can_be, line_in,
    nearest,
};
use super::refusal::{LineRefusal, Proposal};
use super::stitching::Line;
use super::trust::Trust;
use crate::convex::NoMinimum;

/// The room of a fade is found to this, in millimetres.
const ROOM_WITHIN: f64 = 0.4;
/// And moved outward to the next of these, in millimetres.
const ROOM_STEP: f64 = 0.25;
/// Depths are offered to this, in millimetres: a tenth is what a tape shows at the most.
const DEPTH_STEP: f64 = 0.1;

/// What came of looking for a line.
enum Attempt {
    Line(Line),
    /// There is none; this misses the pins least.
    None(Nearest),
    /// There is none, whatever the pins say.
    Never,
    Trouble,
}

impl LineProblem {
    /// The line a steady hand draws through what was tried on: least
    /// `Σ ((d(sᵢ) − dᵢ)/σᵢ)² + λ ∫ d″² + μ ∫ d′²`, within tolerance of every pin, among the pins, and within
    /// what letting out, slope and radius allow. A convex quadratic programme over cubic pieces, solved by
    /// an interior-point method.
    ///
    /// ```
    /// use vemble_fit::line::{FadeRoom, LineEnd, LineProblem, Target};
    /// let line = LineProblem {
    ///     length: 1000.0,
    ///     targets: vec![Target::read(500.0, 16.0), Target::read(700.0, 14.0)],
    ///     spread: 1.5,
    ///     tolerance: 3.0,
    ///     lower: LineEnd::Taper { at: 300.0 },
    ///     upper: LineEnd::RunOff,
    ///     fades: [FadeRoom::asked(0.0), FadeRoom::asked(1000.0)],
    ///     let_out_limit: None,
    ///     limits: Vec::new(),
    ///     steep: Vec::new(),
    ///     crossing: None,
    ///     steepest: 0.25,
    ///     least_radius: 120.0,
    /// }.solve().unwrap();
    /// assert_eq!(line.depth(300.0), 0.0);
    /// assert!((line.depth(500.0) - 16.0).abs() <= 0.5);
    /// ```
    ///
    /// # Errors
    /// [`LineRefusal`] says why no such line exists, with the nearest request that has one.
    pub fn solve(&self) -> Result<Line, LineRefusal> {
        if let Some(blunder) = blunder(self) {
            return Err(blunder);
        }
        let nearest = match attempt(self) {
            Attempt::Line(line) => return Ok(line),
            Attempt::None(nearest) => Some(nearest),
            Attempt::Never => None,
            Attempt::Trouble => return Err(LineRefusal::Trouble),
        };
        if let Some(line) = nearest.as_ref().and_then(|nearest| lengthened(self, nearest)) {
            return Ok(line);
        }
        if let Some(line) = not_to_the_letter(self) {
            return Ok(line);
        }
        Err(explain(self, nearest))
    }
}

/// The line that takes pins set from numbers as a hand's, where none can be sewn that meets them to the letter.
/// What was offered and accepted stays as it was accepted.
fn not_to_the_letter(problem: &LineProblem) -> Option<Line> {
    let mut looser = problem.clone();
    let from_numbers = |target: &&mut Target| target.trust == Trust::Exact && target.depth == target.pinned;
    let mut any = false;
    for target in looser.targets.iter_mut().filter(from_numbers) {
        (target.trust, any) = (Trust::Agreed, true);
    }
    match any.then(|| attempt(&looser))? {
        Attempt::Line(line) => Some(line),
        _ => None,
    }
}

/// The line in the corridor of a steady hand, or in one that is wider by as little as can be sewn. That the
/// solver lost its way is never taken for there being none.
fn attempt(problem: &LineProblem) -> Attempt {
    if let Ok(line) = line_in(problem, Closeness::Close, PIECES) {
        return Attempt::Line(line);
    }
    let nearest = match nearest(problem, Wanted::Line) {
        Ok(nearest) => nearest,
        Err(NoMinimum::Impossible) => return Attempt::Never,
        Err(NoMinimum::Trouble) => return Attempt::Trouble,
    };
    if nearest.missed() > NO_MISS {
        return Attempt::None(nearest);
    }
    Attempt::Line(line_as_close_as_can_be(problem, &nearest).unwrap_or(nearest.line))
}

/// True when a problem has a line, be it wide of its pins by all the tolerance.
fn has_line(problem: &LineProblem) -> bool {
    nearest(problem, Wanted::Misses { refinings: SURE_REFININGS })
        .is_ok_and(|nearest| nearest.missed() <= NO_MISS)
}

/// The line with a fade that the house chose made longer: those are never refused for want of room.
fn lengthened(problem: &LineProblem, nearest: &Nearest) -> Option<Line> {
    let station = problem.targets[nearest.gives_most()].station;
    let by_house = |is_lower: bool| problem.fades[usize::from(!is_lower)].by_house;
    let longer = longer_fade(problem, station, nearest.missed(), by_house).and_then(|(_, proposal)| {
        match attempt(&proposal.put_to(problem)) {
            Attempt::Line(line) => Some(line),
            _ => None,
        }
    });
    longer.or_else(|| {
        [true, false].into_iter().filter(|is_lower| by_house(*is_lower)).find_map(|is_lower| {
            let instead = problem.fades[usize::from(!is_lower)].else_end?;
            match attempt(&problem.with_end(is_lower, instead)) {
                Attempt::Line(line) => Some(line),
                _ => None,
            }
        })
    })
}

/// What is wrong with a request before any line is looked for.
fn blunder(problem: &LineProblem) -> Option<LineRefusal> {
    if problem.targets.is_empty() {
        return Some(LineRefusal::NoPins);
    }
    let (lower, upper) = problem.free();
    if upper - lower < 1.0 || lower < 0.0 || upper > problem.length + 1e-9 {
        return Some(LineRefusal::NoRoom { lower, upper });
    }
    for target in &problem.targets {
        for (end, beyond) in
            [(problem.lower, target.station < lower), (problem.upper, target.station > upper)]
        {
            if let LineEnd::Taper { at } = end
                && beyond
                && target.depth.abs() > problem.tolerance_of(target)
            {
                return Some(LineRefusal::PinBeyondTaper {
                    station: target.station,
                    depth: target.depth,
                    taper: at,
                    nearest: nearest(problem, Wanted::Line).ok().map(|nearest| depths(problem, &nearest).1),
                });
            }
        }
    }
    None
}

/// Finds out why a problem has no line.
fn explain(problem: &LineProblem, nearest: Option<Nearest>) -> LineRefusal {
    let gives_most = nearest.as_ref().map_or(0, Nearest::gives_most);
    let missed = nearest.as_ref().map_or(0.0, Nearest::missed);
    let shallower = nearest.as_ref().map(|nearest| depths(problem, nearest));
    if let Some(limit) = problem.let_out_limit {
        let most = limit.max(0.0);
        let deepest = problem.targets.iter().min_by(|a, b| a.depth.total_cmp(&b.depth));
        if let Some(deepest) = deepest.filter(|t| -t.depth > most + problem.tolerance_of(t)) {
            return LineRefusal::LetOut {
                station: deepest.station,
                wanted: -deepest.depth,
                most,
                nearest: shallower.map(|(_, proposal)| proposal),
            };
        }
    }
    let in_the_way = problem.targets.iter().find_map(|target| {
        let within = |limit: &&super::DepthLimit| limit.from <= target.station && target.station <= limit.to;
        problem.limits.iter().filter(within).find_map(|limit| {
            let over = target.depth > limit.most + problem.tolerance_of(target);
            let under = target.depth < limit.least - problem.tolerance_of(target);
            (over || under).then_some((target, if over { limit.most } else { limit.least }))
        })
    });
    if let Some((target, most)) = in_the_way {
        return LineRefusal::InTheWay {
            station: target.station,
            wanted: target.depth,
            most,
            nearest: shallower.map(|(_, proposal)| proposal),
        };
    }
    let Target { station, depth, .. } = problem.targets[gives_most];
    let shallower = shallower.map(|(gives, proposal)| (proposal.targets[gives].depth, proposal));
    let longer = longer_fade(problem, station, missed, |_| true);
    match (longer, fade_room(problem, station)) {
        (None, None) => LineRefusal::PinsDisagree { station, depth, shallower },
        (longer, room) => {
            LineRefusal::NoRoomToFade { station, depth, room: room.unwrap_or(0.0), longer, shallower }
        }
    }
}

/// Room between a pin and the nearer taper, when the pin is the first or last before it.
fn fade_room(problem: &LineProblem, station: f64) -> Option<f64> {
    let first = problem.targets.first().is_some_and(|t| t.station == station);
    let last = problem.targets.last().is_some_and(|t| t.station == station);
    let below = problem.lower.taper().filter(|_| first).map(|at| station - at);
    let above = problem.upper.taper().filter(|_| last).map(|at| at - station);
    [below, above].into_iter().flatten().reduce(f64::min)
}

/// The smallest move of one taper (the nearer to `station` first) that gives a line: the room between it
/// and `station` then, and the request.
fn longer_fade(
    problem: &LineProblem,
    station: f64,
    missed: f64,
    may_move: impl Fn(bool) -> bool,
) -> Option<(f64, Proposal)> {
    let mut ends: Vec<(f64, bool)> = [(problem.lower, true), (problem.upper, false)]
        .into_iter()
        .filter(|(_, is_lower)| may_move(*is_lower))
        .filter_map(|(end, is_lower)| Some((end.taper()?, is_lower)))
        .collect();
    ends.sort_by(|a, b| (a.0 - station).abs().total_cmp(&(b.0 - station).abs()));
    ends.into_iter().find_map(|(at, is_lower)| {
        let furthest = problem.fades[usize::from(!is_lower)].furthest;
        let moved = |to: f64| problem.with_end(is_lower, LineEnd::Taper { at: to });
        let solved = nearest_room(at, furthest, missed, problem.steepest, |to| {
            nearest(&moved(to), Wanted::Misses { refinings: ROUGH_REFININGS })
                .map_or(f64::INFINITY, |nearest| nearest.missed())
        })?;
        // Onto quarters of a millimetre, and inward again for as long as there is a line: the search was rough.
        let inward = if is_lower { ROOM_STEP } else { -ROOM_STEP };
        let steps = solved / ROOM_STEP;
        let outward = if is_lower {
            steps.floor().max(furthest / ROOM_STEP)
        } else {
            steps.ceil().min(furthest / ROOM_STEP)
        };
        let mut at = outward * ROOM_STEP;
        while has_line(&moved(at + inward)) {
            at += inward;
        }
        let LineProblem { lower, upper, targets, .. } = moved(at);
        Some(((station - at).abs(), Proposal { lower, upper, targets }))
    })
}

/// The place nearest to `at`, on the way to `furthest`, where nothing is missed any more. A line no steeper
/// than `steepest` needs `missed / steepest` more room to come down by what it misses, and more where it has
/// to bend; what is missed shrinks ever more slowly with the room, so a straight line through two places that
/// miss points short of the answer too. The further of both comes near it fast. From a place that works the
/// search goes back in growing strides; halving makes sure.
fn nearest_room(
    at: f64,
    furthest: f64,
    missed: f64,
    steepest: f64,
    miss: impl Fn(f64) -> f64,
) -> Option<f64> {
    if (furthest - at).abs() < 1.0 {
        return None;
    }
    let outward = (furthest - at).signum();
    let (mut refused, mut before, mut stride) = ((at, missed), None::<(f64, f64)>, ROOM_WITHIN);
    // From without, until a place works.
    let mut solved = loop {
        let (place, over) = refused;
        let straight = over / steepest;
        let bent = before.map_or(0.0, |(earlier, more)| (place - earlier).abs() * over / (more - over));
        let step = if bent.is_finite() { straight.max(bent) } else { straight } + ROOM_WITHIN;
        let guess = if step < (furthest - place).abs() { place + step * outward } else { furthest };
        let over = miss(guess);
        if over <= NO_MISS {
            break guess;
        }
        if guess == furthest {
            return None;
        }
        (before, refused) = (Some(refused), (guess, over));
    };
    // And back, until what works and what does not lie side by side.
    while (refused.0 - solved).abs() > ROOM_WITHIN {
        let halfway = (refused.0 + solved) / 2.0;
        let back = solved - stride * outward;
        let guess = if (halfway - back) * outward > 0.0 { halfway } else { back };
        let over = miss(guess);
        if over <= NO_MISS {
            solved = guess;
        } else {
            refused = (guess, over);
        }
        stride *= 2.0;
    }
    Some(solved)
}

/// The nearest depths with a line under unchanged ends: which pin gives most, and the request. Each pin that
/// is missed has to be content with the depth of the line there, to a tenth.
fn depths(problem: &LineProblem, nearest: &Nearest) -> (usize, Proposal) {
    let offer = |tenth: &dyn Fn(f64) -> f64| {
        let offered = |(target, miss): (&Target, &f64)| {
            if *miss <= NO_MISS {
                return *target;
            }
            let depth = nearest.line.depth(target.station);
            let depth = (tenth(depth.abs() / DEPTH_STEP).max(0.0) * DEPTH_STEP).copysign(depth) + 0.0;
            Target { depth, trust: Trust::Exact, ..*target }
        };
        let targets = problem.targets.iter().zip(&nearest.misses).map(offered).collect();
        Proposal { lower: problem.lower, upper: problem.upper, targets }
    };
    // The line is the proof, but for the tenths: towards the old stitching first, which is easier to sew, and
    // its own depths where several pins leave no room for tenths.
    let tenths: [&dyn Fn(f64) -> f64; 7] = [
        &f64::floor,
        &|depth| depth.floor() - 1.0,
        &f64::round,
        &f64::ceil,
        &|depth| depth.floor() - 2.0,
        &|depth| depth.ceil() + 1.0,
        &|depth| depth,
    ];
    let works = |tenth: &&dyn Fn(f64) -> f64| {
        let proposal = offer(*tenth);
        has_line(&proposal.put_to(problem)).then_some(proposal)
    };
    let proposal = tenths.iter().find_map(works).unwrap_or_else(|| offer(&|depth| depth));
    (nearest.gives_most(), proposal)
}
