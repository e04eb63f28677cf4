//! From a problem to its line, or to why there is none and what would do instead.

use super::corridor::{Closeness, HELD};
use super::problem::{FadeRoom, Held, LineEnd, LineProblem, Target};
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
/// How finely a line is looked over for what it touches, in millimetres.
const TOUCHED_EVERY: f64 = 10.0;
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
        let (mut lines, mut refused) = (Vec::new(), None::<(f64, LineRefusal)>);
        // A way that nothing of the line goes is none, and cannot stand in for one that is refused.
        for (share, way) in self.ways().into_iter().filter(|(share, _)| *share > 0.0) {
            match solve_one(&way) {
                Ok(line) => lines.push((share, line)),
                Err(refusal) if refused.as_ref().is_none_or(|(most, _)| share > *most) => {
                    refused = Some((share, refusal));
                }
                Err(_) => {}
            }
        }
        // A way that cannot be sewn leaves the line to the others.
        let whole: f64 = lines.iter().map(|(share, _)| share).sum();
        lines.iter_mut().for_each(|(share, _)| *share /= whole);
        let line = Line::mixed(&lines).map(Line::over_the_edge);
        line.ok_or_else(|| refused.map_or(LineRefusal::Trouble, |(_, refusal)| refusal))
    }
}

/// The line of a problem whose ends go one way.
fn solve_one(problem: &LineProblem) -> Result<Line, LineRefusal> {
    if let Some(blunder) = blunder(problem) {
        return Err(blunder);
    }
    let nearest = match attempt(problem) {
        Attempt::Line(line) => return Ok(line),
        Attempt::None(nearest) => Some(nearest),
        Attempt::Never => None,
        Attempt::Trouble => return Err(LineRefusal::Trouble),
    };
    if let Some(line) = nearest.as_ref().and_then(|nearest| lengthened(problem, nearest)) {
        return Ok(line);
    }
    if let Some(line) = not_to_the_letter(problem) {
        return Ok(line);
    }
    Err(explain(problem, nearest, true))
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
            let i = usize::from(!is_lower);
            let mut instead = problem.with_end(is_lower, problem.fades[i].else_end?);
            instead.fades[i].held = Some(Held { depth: 0.0, within: HELD * problem.spread });
            match attempt(&instead) {
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

/// Something without which there may be a line.
#[derive(Debug, Clone, Copy)]
enum Cause {
    /// What is inside the seam.
    Inside,
    /// What else limits its depth: which.
    Limit(usize),
    /// One end: true for the lower.
    End(bool),
    /// A pin of nothing, where the line ends.
    Ended(usize),
    /// A pin beside the one that has to give most.
    Beside(usize),
    /// That pin itself.
    Pin,
}

/// Why a problem has no line. A cause is only named where there is a line without it, or less is missed; of several
/// that which stands nearest to the pin that has to give most.
/// With what works instead, where it is `offered`.
fn explain(problem: &LineProblem, nearest: Option<Nearest>, offered: bool) -> LineRefusal {
    let gives_most = nearest.as_ref().map_or(0, Nearest::gives_most);
    let shallower = nearest.as_ref().filter(|_| offered).map(|nearest| depths(problem, nearest));
    let line = nearest.as_ref().map(|nearest| &nearest.line);
    let mut least: Option<(f64, Cause, LineProblem)> = None;
    for cause in causes(problem, gives_most, line) {
        let without = without(problem, cause, gives_most);
        let missed = missed(&without);
        if missed <= NO_MISS {
            return refused_by(problem, cause, gives_most, nearest.as_ref().filter(|_| offered), shallower);
        }
        if least.as_ref().is_none_or(|(known, ..)| missed < known - NO_MISS) {
            least = Some((missed, cause, without));
        }
    }
    let whole = nearest.as_ref().map_or(f64::INFINITY, Nearest::missed);
    let Some((_, cause, without)) = least.filter(|(missed, ..)| *missed < whole - NO_MISS) else {
        return refused_by(problem, Cause::Pin, gives_most, nearest.as_ref().filter(|_| offered), shallower);
    };
    let first = refused_by(problem, cause, gives_most, nearest.as_ref().filter(|_| offered), shallower);
    // Each step has one thing less in its way, so it comes to an end.
    match attempt(&without) {
        Attempt::None(then) => {
            LineRefusal::Both { first: Box::new(first), then: Box::new(explain(&without, Some(then), false)) }
        }
        _ => first,
    }
}

/// How much a problem's pins are missed by in all.
fn missed(problem: &LineProblem) -> f64 {
    if problem.targets.is_empty() {
        return 0.0;
    }
    nearest(problem, Wanted::Misses { refinings: SURE_REFININGS })
        .map_or(f64::INFINITY, |nearest| nearest.missed())
}

/// What may be in the way of the line through a pin: what the line as near to the pins as can be touches, nearest to
/// that pin first.
fn causes(problem: &LineProblem, pin: usize, line: Option<&Line>) -> Vec<Cause> {
    let here = problem.targets[pin];
    let touches = |from: f64, to: f64, least: f64, most: f64| {
        let steps = ((to - from) / TOUCHED_EVERY).ceil().max(1.0);
        line.is_none_or(|line| {
            (0..=steps as u32).any(|i| {
                let depth = line.depth(from + (to - from) * f64::from(i) / steps);
                depth < least + NO_MISS || depth > most - NO_MISS
            })
        })
    };
    let mut causes: Vec<(f64, Cause)> = Vec::new();
    if let Some(limit) = problem.let_out_limit
        && touches(0.0, problem.length, -limit, f64::INFINITY)
    {
        let over = here.depth < -limit;
        causes.push((if over { 0.0 } else { problem.length }, Cause::Inside));
    }
    for (i, limit) in problem.limits.iter().enumerate() {
        if touches(limit.from, limit.to, limit.least, limit.most) {
            causes.push(((here.station - here.station.clamp(limit.from, limit.to)).abs(), Cause::Limit(i)));
        }
    }
    let (lower, upper) = problem.free();
    for (end, at, is_lower) in [(problem.lower, lower, true), (problem.upper, upper, false)] {
        if !end.is_free() {
            causes.push(((here.station - at).abs(), Cause::End(is_lower)));
        }
    }
    for i in [pin.wrapping_sub(1), pin + 1] {
        if let Some(other) = problem.targets.get(i) {
            let cause = if other.is_end() { Cause::Ended(i) } else { Cause::Beside(i) };
            causes.push(((here.station - other.station).abs(), cause));
        }
    }
    causes.sort_by(|a, b| a.0.total_cmp(&b.0));
    causes.into_iter().map(|(_, cause)| cause).chain([Cause::Pin]).collect()
}

/// The problem without one thing that is in the way.
fn without(problem: &LineProblem, cause: Cause, pin: usize) -> LineProblem {
    let mut without = problem.clone();
    match cause {
        Cause::Inside => without.let_out_limit = None,
        Cause::Limit(i) => {
            without.limits.remove(i);
        }
        Cause::End(is_lower) => {
            without = without.with_end(is_lower, LineEnd::RunOff);
            without.fades[usize::from(!is_lower)] =
                FadeRoom::asked(problem.fades[usize::from(!is_lower)].furthest);
        }
        Cause::Ended(i) | Cause::Beside(i) => {
            let gone = without.targets.remove(i);
            // Where it was the end of the line, the line goes on.
            for (is_lower, end) in [(true, problem.lower), (false, problem.upper)] {
                if matches!(end, LineEnd::Taper { at } if gone.is_end() && (at - gone.station).abs() < 1.0) {
                    without = without.with_end(is_lower, LineEnd::RunOff);
                }
            }
        }
        Cause::Pin => {
            without.targets.remove(pin);
        }
    }
    without
}

/// The refusal that names a cause, with the nearest that works.
fn refused_by(
    problem: &LineProblem,
    cause: Cause,
    pin: usize,
    nearest: Option<&Nearest>,
    shallower: Option<(usize, Proposal)>,
) -> LineRefusal {
    let Target { station, depth, .. } = problem.targets[pin];
    let proposal = shallower.clone().map(|(_, proposal)| proposal);
    let shallower = shallower.map(|(gives, proposal)| (proposal.targets[gives].depth, proposal));
    let longer = |is_lower: bool| {
        nearest.and_then(|nearest| longer_fade(problem, station, nearest.missed(), |end| end == is_lower))
    };
    match cause {
        Cause::Inside => LineRefusal::LetOut {
            station,
            wanted: -depth,
            most: problem.let_out_limit.unwrap_or(0.0).max(0.0),
            nearest: proposal,
        },
        Cause::Limit(i) => {
            let limit = problem.limits[i];
            let most = if depth < 0.0 { limit.least } else { limit.most };
            let (from, to) = (limit.from, limit.to);
            LineRefusal::InTheWay { station, wanted: depth, most, from, to, nearest: proposal }
        }
        Cause::End(is_lower) => {
            let (lower, upper) = problem.free();
            let room = (station - if is_lower { lower } else { upper }).abs();
            LineRefusal::NoRoomToFade {
                station,
                depth,
                room,
                pinned: false,
                longer: longer(is_lower),
                shallower,
            }
        }
        Cause::Ended(i) => {
            let room = (station - problem.targets[i].station).abs();
            LineRefusal::NoRoomToFade { station, depth, room, pinned: true, longer: None, shallower }
        }
        Cause::Beside(i) => {
            let other = problem.targets[i];
            let beside = Some((other.station, other.depth));
            LineRefusal::PinsDisagree { station, depth, beside, shallower }
        }
        Cause::Pin => LineRefusal::PinsDisagree { station, depth, beside: None, shallower },
    }
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
    ends.into_iter().find_map(|end| fading_longer(problem, end, station, missed))
}

/// The fade at one end made longer, by as little as gives a line.
fn fading_longer(
    problem: &LineProblem,
    (at, is_lower): (f64, bool),
    station: f64,
    missed: f64,
) -> Option<(f64, Proposal)> {
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
