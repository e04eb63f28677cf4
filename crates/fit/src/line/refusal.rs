//! Why a line cannot be drawn, and the nearest request that can.

use thiserror::Error;

use super::problem::{LineEnd, LineProblem, Target};
use super::programme::{Programme, Solved};

/// A request near the refused one that has a line.
#[derive(Debug, Clone, PartialEq)]
pub struct Proposal {
    /// Lower end.
    pub lower: LineEnd,
    /// Upper end.
    pub upper: LineEnd,
    /// Depths, one for each pin of the refused request.
    pub targets: Vec<Target>,
}

impl Proposal {
    /// The refused problem with the proposal in place.
    #[must_use]
    pub fn put_to(&self, problem: &LineProblem) -> LineProblem {
        LineProblem { lower: self.lower, upper: self.upper, targets: self.targets.clone(), ..problem.clone() }
    }
}

/// Why there is no line. Lengths are millimetres, stations from the seam's lower end.
#[derive(Debug, Clone, PartialEq, Error)]
pub enum LineRefusal {
    /// Nothing is pinned.
    #[error("nothing is pinned on this seam")]
    NoPins,
    /// The ends leave no seam between them.
    #[error("the line would start at {lower:.0} and end at {upper:.0}: nothing is left between")]
    NoRoom {
        /// Where the lower end leaves off.
        lower: f64,
        /// Where the upper end begins.
        upper: f64,
    },
    /// A pin stands where the line has already rejoined the old stitching.
    #[error(
        "the pin at {station:.0} asks for {depth:.1}, but the line has rejoined the old stitching at {taper:.0}"
    )]
    PinBeyondTaper {
        /// Station of the pin.
        station: f64,
        /// Its depth.
        depth: f64,
        /// Station of the taper.
        taper: f64,
        /// Ends moved so that the pin is inside, where that works.
        nearest: Option<Proposal>,
    },
    /// More is let out than is inside.
    #[error("the pin at {station:.0} lets out {wanted:.1}, but only {most:.1} is inside")]
    LetOut {
        /// Station of the pin.
        station: f64,
        /// What it lets out.
        wanted: f64,
        /// The most that can be let out.
        most: f64,
        /// Depths that the allowance gives.
        nearest: Option<Proposal>,
    },
    /// Something in the seam stands in the way.
    #[error("the pin at {station:.0} moves the seam by {wanted:.1}, but only {most:.1} is possible there")]
    InTheWay {
        /// Station of the pin.
        station: f64,
        /// What it asks for.
        wanted: f64,
        /// The most there, towards the depth asked for.
        most: f64,
        /// Depths that what is in the seam allows.
        nearest: Option<Proposal>,
    },
    /// The depth cannot fade out in the room it has without a corner.
    #[error("{depth:.1} at {station:.0} cannot fade out in {room:.0} without a corner")]
    NoRoomToFade {
        /// Station of the pin that has to give most.
        station: f64,
        /// Its depth.
        depth: f64,
        /// The room between it and the taper.
        room: f64,
        /// The taper moved far enough, where the seam is long enough: which end, the room
        /// then, and the request.
        longer: Option<(f64, Proposal)>,
        /// Depths that work with the taper where it is, and the depth at that pin.
        shallower: Option<(f64, Proposal)>,
    },
    /// Pins so close and so different that any line through them has a corner.
    #[error("the pins near {station:.0} cannot be joined without a corner")]
    PinsDisagree {
        /// Station of the pin that has to give most.
        station: f64,
        /// Its depth.
        depth: f64,
        /// Depths that work, and the depth at that pin.
        shallower: Option<(f64, Proposal)>,
    },
}

impl LineRefusal {
    /// The nearest request that has a line; fed back, it solves.
    #[must_use]
    pub fn proposal(&self) -> Option<&Proposal> {
        match self {
            LineRefusal::NoPins | LineRefusal::NoRoom { .. } => None,
            LineRefusal::PinBeyondTaper { nearest, .. }
            | LineRefusal::LetOut { nearest, .. }
            | LineRefusal::InTheWay { nearest, .. } => nearest.as_ref(),
            LineRefusal::NoRoomToFade { longer, shallower, .. } => {
                longer.as_ref().or(shallower.as_ref()).map(|(_, proposal)| proposal)
            }
            LineRefusal::PinsDisagree { shallower, .. } => shallower.as_ref().map(|(_, proposal)| proposal),
        }
    }
}

/// What is wrong with a request before any line is looked for.
pub(super) fn blunder(problem: &LineProblem) -> Option<LineRefusal> {
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
                && target.depth.abs() > problem.tolerance
            {
                return Some(LineRefusal::PinBeyondTaper {
                    station: target.station,
                    depth: target.depth,
                    taper: at,
                    nearest: nearest_depths(problem).map(|(_, proposal)| proposal),
                });
            }
        }
    }
    None
}

/// Finds out why a programme has no solution.
pub(super) fn explain(problem: &LineProblem) -> LineRefusal {
    if let Some(limit) = problem.let_out_limit {
        let most = limit.max(0.0);
        let deepest = problem.targets.iter().min_by(|a, b| a.depth.total_cmp(&b.depth));
        if let Some(deepest) = deepest.filter(|t| -t.depth > most + problem.tolerance) {
            return LineRefusal::LetOut {
                station: deepest.station,
                wanted: -deepest.depth,
                most,
                nearest: nearest_depths(problem).map(|(_, proposal)| proposal),
            };
        }
    }
    let in_the_way = problem.targets.iter().find_map(|target| {
        let within = |limit: &&super::DepthLimit| limit.from <= target.station && target.station <= limit.to;
        problem.limits.iter().filter(within).find_map(|limit| {
            let over = target.depth > limit.most + problem.tolerance;
            let under = target.depth < limit.least - problem.tolerance;
            (over || under).then_some((target, if over { limit.most } else { limit.least }))
        })
    });
    if let Some((target, most)) = in_the_way {
        return LineRefusal::InTheWay {
            station: target.station,
            wanted: target.depth,
            most,
            nearest: nearest_depths(problem).map(|(_, proposal)| proposal),
        };
    }
    let shallower = nearest_depths(problem);
    let gives_most = shallower.as_ref().map_or(0, |(gives, _)| *gives);
    let Target { station, depth } = problem.targets[gives_most];
    let shallower = shallower.map(|(gives, proposal)| (proposal.targets[gives].depth, proposal));
    let longer = longer_fade(problem, station);
    match (longer, fade_room(problem, station)) {
        (None, None) => LineRefusal::PinsDisagree { station, depth, shallower },
        (longer, room) => {
            LineRefusal::NoRoomToFade { station, depth, room: room.unwrap_or(0.0), longer, shallower }
        }
    }
}

/// Room between a pin and the nearer taper, when the pin is the first or last before it.
fn fade_room(problem: &LineProblem, station: f64) -> Option<f64> {
    let taper = |end| if let LineEnd::Taper { at } = end { Some(at) } else { None };
    let first = problem.targets.first().is_some_and(|t| t.station == station);
    let last = problem.targets.last().is_some_and(|t| t.station == station);
    let below = taper(problem.lower).filter(|_| first).map(|at| station - at);
    let above = taper(problem.upper).filter(|_| last).map(|at| at - station);
    [below, above].into_iter().flatten().reduce(f64::min)
}

/// The smallest move of one taper (the nearer to `station` first) that gives a line.
fn longer_fade(problem: &LineProblem, station: f64) -> Option<(f64, Proposal)> {
    let solves = |candidate: &LineProblem| matches!(Programme::new(candidate).solve(), Solved::Line(_));
    let mut candidates = Vec::new();
    if let LineEnd::Taper { at } = problem.lower {
        candidates.push((at, 0.0, true));
    }
    if let LineEnd::Taper { at } = problem.upper {
        candidates.push((at, problem.length, false));
    }
    candidates.sort_by(|a, b| (a.0 - station).abs().total_cmp(&(b.0 - station).abs()));
    for (at, limit, is_lower) in candidates {
        let moved = |to: f64| {
            let end = LineEnd::Taper { at: to };
            if is_lower {
                LineProblem { lower: end, ..problem.clone() }
            } else {
                LineProblem { upper: end, ..problem.clone() }
            }
        };
        if (limit - at).abs() < 1.0 || !solves(&moved(limit)) {
            continue;
        }
        let (mut refused, mut solved) = (at, limit);
        while (refused - solved).abs() > 1.0 {
            let middle = (refused + solved) / 2.0;
            if solves(&moved(middle)) { solved = middle } else { refused = middle }
        }
        // A whole millimetre outward: what a tape can show, and still a line.
        let outward = if is_lower { solved.floor() } else { solved.ceil().min(limit) };
        let at = if solves(&moved(outward)) { outward } else { solved };
        let LineProblem { lower, upper, targets, .. } = moved(at);
        return Some(((station - at).abs(), Proposal { lower, upper, targets }));
    }
    None
}

/// The nearest depths with a line under unchanged ends: which pin gives most, and the request.
fn nearest_depths(problem: &LineProblem) -> Option<(usize, Proposal)> {
    let line = Programme::new(problem).nearest()?;
    let targets: Vec<Target> = problem
        .targets
        .iter()
        .map(|target| {
            let depth = line.depth(target.station);
            let kept = (depth - target.depth).abs() <= problem.tolerance;
            // To a tenth, towards the old stitching: what can be read, and no deeper than works.
            let reached = (depth * 10.0).trunc() / 10.0 + 0.0;
            Target { station: target.station, depth: if kept { target.depth } else { reached } }
        })
        .collect();
    let gives = |i: usize| (targets[i].depth - problem.targets[i].depth).abs();
    let most = (0..targets.len()).max_by(|a, b| gives(*a).total_cmp(&gives(*b)))?;
    let proposal = Proposal { lower: problem.lower, upper: problem.upper, targets };
    let fed_back = proposal.put_to(problem);
    matches!(Programme::new(&fed_back).solve(), Solved::Line(_)).then_some((most, proposal))
}
