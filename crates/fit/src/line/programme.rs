//! The line as a convex quadratic programme: a smoothing spline under tension, in a corridor.
//!
//! Least `Σ ((d(sᵢ) − dᵢ)/σᵢ)² + λ ∫ d″² + μ ∫ d′²` (Reinsch, *Smoothing by spline functions*, Numerische
//! Mathematik 10, 1967; with tension: Schweikert, *An interpolation curve using a spline in tension*, 1966),
//! subject to tolerance, corridor, slope and radius. Unknowns are the depth and the scaled slope at each
//! knot; the energies of a cubic piece are the stiffness forms of a beam and of a string, so the objective
//! is exact. `λ` and `μ` are in proportion to the spread of a reading, so that scaling all lengths, the
//! spread among them, scales the line (docs/decisions/0018).

use super::corridor::{Closeness, Corridor};
use super::problem::{LEVELS_OFF, LineEnd, LineProblem, MEMORY, SAME_PLACE, STIFFNESS, Target};
use super::stitching::{Knot, Line, segment_bends};
use crate::convex::{Convex, NoMinimum, Terms};

/// A piece of no more than this share of that memory is nearly a cubic, though a line under tension is not.
const TENSE: f64 = 0.35;
/// Cubic pieces to a whole seam, where limits are looked for: refining makes more of them beside those that
/// bind.
pub(super) const PIECES: f64 = 8.0;
/// Knots and refinings are measured in parts of a seam: on the longest outseam about 35 mm each.
const PARTS: f64 = 32.0;
/// Knots are no closer than this share of a regular piece: shorter pieces lose digits.
const APART: f64 = 0.12;
/// The shortest piece made by refining, as a share of a regular one.
const FINEST: f64 = 0.06;
/// Refining goes on until the line moves by less than this share of a reading’s spread: 0.03 mm, so that all the
/// halvings that could follow would not move it by 0.2.
const STILL: f64 = 0.02;
/// And no longer than this many times.
const MOST_REFININGS: u32 = 6;
/// Enough to search by: it finds a little less room than there is, never more.
pub(super) const ROUGH_REFININGS: u32 = 2;
/// Enough to say whether there is a line.
pub(super) const SURE_REFININGS: u32 = MOST_REFININGS - 2;
/// Price of missing a pin by more than its tolerance, when the nearest depths that work are looked for.
const MISS: f64 = 1e3;
/// Price of running further from the pins than a steady hand would: dearer than all it could spare the pins.
const WIDER: f64 = 1e2;
/// A limit that a line comes this near to, in millimetres and shares, is looked at from the start.
const NEAR: f64 = 0.01;
/// What a limit may be passed by and still be kept, in millimetres and shares.
const WITHIN: f64 = 1e-6;
/// A limit binds where a line comes this near to it: the solver stops a little short of its bounds.
const BINDS: f64 = 1e-3;
/// Share by which sewing limits are drawn in, so that rounding in the solver cannot cross them.
const INSIDE: f64 = 1.0 - 1e-6;
/// What a finer programme may miss more than a coarser one, in millimetres: the solver’s last digits.
const MORE: f64 = 1e-4;
/// A miss of no more than this, in millimetres, is none.
pub(super) const NO_MISS: f64 = 0.05;

/// A row `terms · x ≤ bound` that belongs to a piece; a pin's own belongs to none.
struct Row {
    terms: Terms,
    bound: f64,
    piece: usize,
}

impl Row {
    /// By how much it is broken.
    fn over(&self, x: &[f64]) -> f64 {
        self.terms.iter().map(|(i, c)| c * x[*i]).sum::<f64>() - self.bound
    }
}

/// The line that misses the pins least, and by how much each more than its tolerance.
pub(super) struct Nearest {
    pub(super) line: Line,
    stations: Vec<f64>,
    pub(super) misses: Vec<f64>,
}

impl Nearest {
    /// What is missed in all.
    pub(super) fn missed(&self) -> f64 {
        self.misses.iter().sum()
    }

    /// The pin that has to give most.
    pub(super) fn gives_most(&self) -> usize {
        (0..self.misses.len()).max_by(|a, b| self.misses[*a].total_cmp(&self.misses[*b])).unwrap_or(0)
    }
}

/// The knots of one problem and the corridor its line runs in.
pub(super) struct Programme<'a> {
    problem: &'a LineProblem,
    corridor: Corridor,
    /// Where the stretches of the corridor may be widened, the one that stays: by how much are the last
    /// unknowns.
    widest: Option<Corridor>,
    /// How much more than its tolerance each pin may be missed by.
    spare: f64,
    stations: Vec<f64>,
    /// Length of a regular piece; slopes are multiplied by it, to be of the size of depths.
    piece: f64,
}

/// The line of a problem in its corridor.
///
/// First for the pins alone, on few knots: where that line keeps every limit it is the best there is.
/// Otherwise on knots close enough for the limits, and closer still beside those that bind.
pub(super) fn line_in(problem: &LineProblem, closeness: Closeness, pieces: f64) -> Result<Line, NoMinimum> {
    let coarse = Programme::coarse(problem, closeness);
    let x = coarse.run(&[], 0)?;
    let line = coarse.line(&x);
    if coarse.keeps(&line) {
        return Ok(line);
    }
    Programme::new(problem, closeness, pieces)
        .refined(0, &line, Wanted::Line)
        .map(|(programme, x)| programme.line(&x))
}

/// The line of a problem in its corridor, where the corridor is too narrow: wider by as little as can be. Looked
/// for on the knots on which `nearest` misses nothing.
pub(super) fn line_as_close_as_can_be(problem: &LineProblem, nearest: &Nearest) -> Result<Line, NoMinimum> {
    let piece = problem.length / PARTS;
    let mut programme = Programme::on(problem, Closeness::AsCloseAsCanBe, nearest.stations.clone(), piece);
    // What counts as no miss there is none here.
    programme.spare = nearest.missed();
    let (programme, x) = programme.refined(0, &nearest.line, Wanted::Line)?;
    Ok(programme.line(&x))
}

/// What a programme is solved for, and how finely.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub(super) enum Wanted {
    /// The line itself, as fine as lines are drawn.
    Line,
    /// Whether any pin is missed, and about by how much: no finer than it takes to say so.
    Misses { refinings: u32 },
}

/// The line that misses the pins least in total while it keeps every other demand. Where the solver loses its
/// way it is asked again on other knots.
pub(super) fn nearest(problem: &LineProblem, wanted: Wanted) -> Result<Nearest, NoMinimum> {
    let count = problem.targets.len();
    let coarse = Programme::coarse(problem, Closeness::Open);
    let line = coarse.line(&coarse.run(&[], 0)?);
    let mut found = Err(NoMinimum::Trouble);
    for pieces in [PIECES, 1.5 * PIECES, 4.0 * PIECES] {
        found = Programme::new(problem, Closeness::Open, pieces).refined(count, &line, wanted);
        if !matches!(found, Err(NoMinimum::Trouble)) {
            break;
        }
    }
    let (programme, x) = found?;
    let misses = x[x.len() - count..].to_vec();
    let line = programme.line(&x);
    Ok(Nearest { line, stations: programme.stations, misses })
}

impl<'a> Programme<'a> {
    fn new(problem: &'a LineProblem, closeness: Closeness, pieces: f64) -> Self {
        let longest = (problem.length / pieces).min(MEMORY * problem.spread * TENSE);
        Self::with_pieces(problem, closeness, longest)
    }

    /// With knots at pins and ends, and no further apart than a line under tension is nearly a cubic.
    fn coarse(problem: &'a LineProblem, closeness: Closeness) -> Self {
        Self::with_pieces(problem, closeness, MEMORY * problem.spread * TENSE)
    }

    /// With knots at pins and ends, and no further apart than `longest`.
    fn with_pieces(problem: &'a LineProblem, closeness: Closeness, longest: f64) -> Self {
        let (lower, upper) = problem.free();
        let limits = problem.limits.iter().flat_map(|limit| [limit.from, limit.to]);
        let steep = problem.steep.iter().flat_map(|stretch| [stretch.from, stretch.to]);
        let ends = problem.targets.iter().filter(|target| target.is_end()).map(|target| target.station);
        let pins = problem.targets.iter().map(|target| target.station);
        let piece = problem.length / PARTS;
        let mut marks = vec![lower, upper];
        for station in ends.chain(problem.crossing).chain(pins).chain(limits).chain(steep) {
            let clear = marks.iter().all(|mark| (station - mark).abs() > APART * piece);
            if station > lower && station < upper && clear {
                marks.push(station);
            }
        }
        marks.sort_by(f64::total_cmp);
        let mut stations = vec![lower];
        for pair in marks.windows(2) {
            let pieces = ((pair[1] - pair[0]) / longest).ceil().max(1.0);
            for i in 1..=pieces as u32 {
                stations.push(pair[0] + (pair[1] - pair[0]) * f64::from(i) / pieces);
            }
        }
        Self::on(problem, closeness, stations, piece)
    }

    fn on(problem: &'a LineProblem, closeness: Closeness, stations: Vec<f64>, piece: f64) -> Self {
        let widest = (closeness == Closeness::AsCloseAsCanBe).then(|| Corridor::of(problem, Closeness::Open));
        Programme { problem, corridor: Corridor::of(problem, closeness), widest, spare: 0.0, stations, piece }
    }

    /// Solved on these knots, then with every piece halved beside which a limit binds, until the line
    /// holds still. `first` is the line without limits, which says where to look for them.
    fn refined(mut self, misses: usize, first: &Line, wanted: Wanted) -> Result<(Self, Vec<f64>), NoMinimum> {
        let (mut x, mut binding) = self.solve(misses, first)?;
        let missed = |x: &[f64]| x[x.len() - misses..].iter().sum::<f64>();
        let (refinings, only_misses) = match wanted {
            Wanted::Line => (MOST_REFININGS, false),
            Wanted::Misses { refinings } => (refinings, true),
        };
        // A line at the edge of what can be sewn may move again after it held still once.
        let enough = if self.corridor.closeness() == Closeness::Close { 1 } else { 2 };
        let mut still_for = 0;
        for _ in 0..refinings {
            // What can be sewn on these knots can be on more of them.
            if only_misses && missed(&x) <= NO_MISS {
                break;
            }
            let Some(finer) = self.halved(&binding) else { break };
            // What was found stands where the finer programme goes astray.
            let before = self.line(&x);
            let Ok((next, next_binding)) = finer.solve(misses, &before) else { break };
            let after = finer.line(&next);
            // More knots can only miss less: what misses more is not to be trusted.
            if missed(&next) > missed(&x) + MORE {
                break;
            }
            let moved = finer
                .stations
                .iter()
                .map(|station| (before.depth(*station) - after.depth(*station)).abs())
                .fold(0.0, f64::max);
            // Halving pieces once more gains less than it did: what is missed by more than that stays missed.
            let gained = missed(&x) - missed(&next);
            let hopeless = only_misses && missed(&next) - gained > NO_MISS;
            (self, x, binding) = (finer, next, next_binding);
            if hopeless {
                break;
            }
            // What is missed is wanted more exactly than where the line runs.
            let still = if misses > 0 { STILL / 2.0 } else { STILL };
            still_for = if moved < still * self.problem.spread { still_for + 1 } else { 0 };
            if still_for >= enough {
                break;
            }
        }
        Ok((self, x))
    }

    /// The same with the pieces halved beside which a limit binds; `None` where they are fine enough.
    fn halved(&self, binding: &[usize]) -> Option<Programme<'a>> {
        let near = |piece: usize| binding.iter().any(|bound| bound.abs_diff(piece) <= 1);
        let mut stations = vec![self.stations[0]];
        for piece in 1..self.stations.len() {
            let (from, to) = (self.stations[piece - 1], self.stations[piece]);
            if near(piece) && to - from >= 2.0 * FINEST * self.piece {
                stations.push((from + to) / 2.0);
            }
            stations.push(to);
        }
        (stations.len() > self.stations.len()).then(|| Programme {
            spare: self.spare,
            ..Self::on(self.problem, self.corridor.closeness(), stations, self.piece)
        })
    }

    /// Limits join only when a line breaks them, which few do: the programme stays small, and the result
    /// satisfies them all. It begins with those that a line known before is near to. Also gives the pieces
    /// whose limits bind.
    fn solve(&self, misses: usize, known: &Line) -> Result<(Vec<f64>, Vec<usize>), NoMinimum> {
        let mut spare = self.sewing_rows();
        let mut rows = Vec::new();
        if misses > 0 {
            rows = self.pin_rows(misses);
        } else {
            spare.extend(self.pin_rows(0));
        }
        let before = self.unknowns(known);
        let near;
        (near, spare) = spare.into_iter().partition(|row| row.over(&before) > -NEAR);
        rows.extend(near);
        loop {
            let x = self.run(&rows, misses)?;
            let (broken, kept): (Vec<Row>, Vec<Row>) =
                spare.into_iter().partition(|row| row.over(&x) > WITHIN);
            if broken.is_empty() {
                let binding = rows.iter().filter(|row| row.piece > 0 && row.over(&x) > -BINDS);
                let mut binding: Vec<usize> = binding.map(|row| row.piece).collect();
                binding.sort_unstable();
                binding.dedup();
                return Ok((x, binding));
            }
            // What is nearly broken would be the next to be: one programme more is dearer than a few rows.
            let near;
            (near, spare) = kept.into_iter().partition(|row| row.over(&x) > -NEAR);
            rows.extend(broken.into_iter().chain(near));
        }
    }

    /// A line in unknowns.
    fn unknowns(&self, line: &Line) -> Vec<f64> {
        self.stations
            .iter()
            .map(|station| line.at(*station))
            .flat_map(|knot| [knot.depth, knot.slope * self.piece])
            .chain(std::iter::repeat_n(0.0, self.wideners()))
            .collect()
    }

    /// Builds the line from the unknowns, with tapered ends and ends between exactly on the old stitching.
    fn line(&self, x: &[f64]) -> Line {
        let ends = self.end_rows();
        let known = |column: usize| if ends.contains(&column) { 0.0 } else { x[column] };
        let knots = self
            .stations
            .iter()
            .enumerate()
            .map(|(k, station)| Knot {
                station: *station,
                depth: known(2 * k),
                slope: known(2 * k + 1) / self.piece,
            })
            .collect();
        let LineProblem { lower, upper, length, .. } = *self.problem;
        Line { knots, lower, upper, length }
    }

    /// True when a line keeps every demand: looked at where a cubic has its extremes.
    fn keeps(&self, line: &Line) -> bool {
        let problem = self.problem;
        let missed = |target: &Target| (line.depth(target.station) - target.depth).abs();
        if problem.targets.iter().any(|target| missed(target) > problem.tolerance_of(target) + WITHIN) {
            return false;
        }
        line.knots().windows(2).all(|pair| {
            let (a, b) = (pair[0], pair[1]);
            let h = b.station - a.station;
            let (steepest, radius) = problem.sewing_limits(a.station, b.station);
            let (bend_a, bend_b) = segment_bends(a, b);
            // Slopes are extreme where the line bends neither way, depths where it is level.
            let turn = (bend_a * bend_b < 0.0).then(|| a.station + h * bend_a / (bend_a - bend_b));
            let level = level_places(a.slope * h, bend_a * h * h, bend_b * h * h);
            let gentle = |station: f64| line.at(station).slope.abs() <= steepest * INSIDE + WITHIN;
            let among = |station: f64| {
                let (least, most) = self.corridor.at(station);
                let depth = line.depth(station);
                least - WITHIN <= depth && depth <= most + WITHIN
            };
            let level = level.into_iter().flatten().map(|share| a.station + share * h);
            [a.station, b.station].into_iter().chain(turn).all(gentle)
                && [a.station, b.station].into_iter().chain(level).all(among)
                && bend_a.abs().max(bend_b.abs()) <= INSIDE / radius + WITHIN
        })
    }

    /// The depth of the line at a station, in unknowns.
    fn depth_terms(&self, station: f64) -> Terms {
        let last = self.stations.len() - 1;
        let above = self.stations.partition_point(|knot| *knot < station - 1e-9);
        if above == 0 {
            return vec![(0, 1.0)];
        }
        if above > last {
            return vec![(2 * last, 1.0)];
        }
        let (from, to) = (self.stations[above - 1], self.stations[above]);
        let h = to - from;
        let t = (station - from) / h;
        if t > 1.0 - 1e-9 {
            return vec![(2 * above, 1.0)];
        }
        let (t2, t3, s) = (t * t, t * t * t, h / self.piece);
        vec![
            (2 * above - 2, 2.0 * t3 - 3.0 * t2 + 1.0),
            (2 * above - 1, (t3 - 2.0 * t2 + t) * s),
            (2 * above, 3.0 * t2 - 2.0 * t3),
            (2 * above + 1, (t3 - t2) * s),
        ]
    }

    /// Each pin within tolerance, plus its own miss where misses are allowed.
    fn pin_rows(&self, misses: usize) -> Vec<Row> {
        let first_miss = 2 * self.stations.len();
        let mut rows = Vec::new();
        for (i, target) in self.problem.targets.iter().enumerate() {
            let tolerance = self.problem.tolerance_of(target) + self.spare;
            for sign in [1.0, -1.0] {
                let mut terms = signed(&self.depth_terms(target.station), sign);
                if misses > 0 {
                    terms.push((first_miss + i, -1.0));
                }
                rows.push(Row { terms, bound: sign * target.depth + tolerance, piece: 0 });
            }
            if misses > 0 {
                rows.push(Row { terms: vec![(first_miss + i, -1.0)], bound: 0.0, piece: 0 });
            }
        }
        rows
    }

    /// Corridor, slope and radius.
    fn sewing_rows(&self) -> Vec<Row> {
        let mut rows = Vec::new();
        let mut both = |terms: Terms, bound: f64, piece: usize| {
            for sign in [1.0, -1.0] {
                rows.push(Row { terms: signed(&terms, sign), bound, piece });
            }
        };
        let s = 1.0 / self.piece;
        for k in 1..self.stations.len() {
            let h = self.stations[k] - self.stations[k - 1];
            let (steepest, radius) = self.problem.sewing_limits(self.stations[k - 1], self.stations[k]);
            let (d0, s0, d1, s1) = (2 * k - 2, 2 * k - 1, 2 * k, 2 * k + 1);
            // A cubic lies within its control points and its slope within theirs, so bounding those
            // bounds the line between knots as well.
            both(vec![(s0, s)], steepest * INSIDE, k);
            both(vec![(s1, s)], steepest * INSIDE, k);
            both(vec![(d0, -3.0 / h), (s0, -s), (d1, 3.0 / h), (s1, -s)], steepest * INSIDE, k);
            // Bends are given as the slope they make over the piece, to be of the size of slopes.
            for (a, b, c) in [(-6.0, -4.0, -2.0), (6.0, 2.0, 4.0)] {
                let terms = vec![(d0, a / h), (s0, b * s), (d1, -a / h), (s1, c * s)];
                both(terms, INSIDE * h / radius, k);
            }
        }
        for stretch in 0..self.wideners() {
            let terms = vec![(2 * self.stations.len() + stretch, -1.0)];
            rows.push(Row { terms, bound: 0.0, piece: 0 });
        }
        for k in 0..self.stations.len() {
            let piece = k.max(1);
            self.depth_rows(&mut rows, &[(2 * k, 1.0)], self.stations[k], piece);
            if k > 0 {
                let h = self.stations[k] - self.stations[k - 1];
                let reach = h / 3.0;
                let first = [(2 * k - 2, 1.0), (2 * k - 1, reach * s)];
                let second = [(2 * k, 1.0), (2 * k + 1, -reach * s)];
                self.depth_rows(&mut rows, &first, self.stations[k - 1] + reach, k);
                self.depth_rows(&mut rows, &second, self.stations[k] - reach, k);
            }
        }
        rows
    }

    fn depth_rows(&self, rows: &mut Vec<Row>, depth: &[(usize, f64)], station: f64, piece: usize) {
        let mut bound = |least: f64, most: f64, wider: Option<usize>| {
            for (sign, bound) in [(-1.0, -least), (1.0, most)] {
                if bound.is_finite() {
                    let mut terms = signed(depth, sign);
                    terms.extend(wider.map(|stretch| (2 * self.stations.len() + stretch, -1.0)));
                    rows.push(Row { terms, bound, piece });
                }
            }
        };
        let Some(widest) = &self.widest else {
            let (least, most) = self.corridor.at(station);
            return bound(least, most, None);
        };
        let (least, most) = widest.at(station);
        bound(least, most, None);
        self.corridor.on(station).for_each(|(stretch, least, most)| bound(least, most, Some(stretch)));
    }

    /// Unknowns that widen a stretch of the corridor each.
    fn wideners(&self) -> usize {
        if self.widest.is_some() { self.corridor.stretches() } else { 0 }
    }

    /// Unknowns that are nothing: at the ends, and where a pin of nothing ends the line.
    fn end_rows(&self) -> Vec<usize> {
        let last = self.stations.len() - 1;
        let mut zero = Vec::new();
        for (knot, end) in [(0, self.problem.lower), (last, self.problem.upper)] {
            match end {
                LineEnd::Taper { .. } => zero.extend([2 * knot, 2 * knot + 1]),
                LineEnd::Hold { .. } => zero.push(2 * knot + 1),
                LineEnd::RunOff | LineEnd::Carry => {}
            }
        }
        for target in self.problem.targets.iter().filter(|target| target.is_end()) {
            let at = |station: &f64| (station - target.station).abs() <= SAME_PLACE;
            if let Some(knot) = self.stations.iter().position(at) {
                zero.extend([2 * knot, 2 * knot + 1]);
            }
        }
        zero.sort_unstable();
        zero.dedup();
        zero
    }

    /// The unknowns that cost least under the rows; `misses` more of them are priced by [`MISS`].
    fn run(&self, rows: &[Row], misses: usize) -> Result<Vec<f64>, NoMinimum> {
        let n = 2 * self.stations.len() + misses + self.wideners();
        let mut q = vec![0.0; n];
        q[n - misses..].fill(MISS);
        q[n - self.wideners()..].fill(WIDER);
        let mut p = self.energy();
        // Where misses are priced, that is all that draws the line to its pins: squares of what is far off
        // would outweigh it.
        for (i, target) in self.problem.targets.iter().enumerate().filter(|_| misses == 0) {
            let weight = 2.0 * self.problem.weight_of(i);
            let terms = self.depth_terms(target.station);
            for (a, (i, c)) in terms.iter().enumerate() {
                q[*i] -= weight * target.depth * c;
                for (j, d) in &terms[a..] {
                    p.0.push(*i);
                    p.1.push(*j);
                    p.2.push(weight * c * d);
                }
            }
        }
        for target in &self.problem.targets {
            let levelled = self.problem.levelled(target);
            let knot = self.stations.iter().position(|at| (at - target.station).abs() <= SAME_PLACE);
            if let Some(knot) = knot.filter(|_| levelled > 0.0) {
                p.0.push(2 * knot + 1);
                p.1.push(2 * knot + 1);
                p.2.push(2.0 * levelled / self.piece.powi(2));
            }
        }
        let equal = self.end_rows().into_iter().map(|column| (vec![(column, 1.0)], 0.0)).collect();
        let at_most = rows.iter().map(|row| (row.terms.clone(), row.bound)).collect();
        Convex { p, q, equal, at_most }.minimise()
    }

    /// Upper triangle of the bending and the tension.
    fn energy(&self) -> (Vec<usize>, Vec<usize>, Vec<f64>) {
        let (mut rows, mut columns, mut values) = (Vec::new(), Vec::new(), Vec::new());
        let lambda = 2.0 * STIFFNESS * self.problem.spread;
        let bare = self.problem.bare();
        for k in 1..self.stations.len() {
            let h = self.stations[k] - self.stations[k - 1];
            let s = h / self.piece;
            let middle = self.stations[k] - h / 2.0;
            let memory = if bare[0] < middle && middle < bare[1] { MEMORY } else { LEVELS_OFF };
            let mu = lambda / (memory * self.problem.spread).powi(2);
            let (b, t) = (lambda / h.powi(3), mu / (30.0 * h));
            let stiffness = [
                [12.0 * b + 36.0 * t, (6.0 * b + 3.0 * t) * s, -12.0 * b - 36.0 * t, (6.0 * b + 3.0 * t) * s],
                [0.0, (4.0 * b + 4.0 * t) * s * s, (-6.0 * b - 3.0 * t) * s, (2.0 * b - t) * s * s],
                [0.0, 0.0, 12.0 * b + 36.0 * t, (-6.0 * b - 3.0 * t) * s],
                [0.0, 0.0, 0.0, (4.0 * b + 4.0 * t) * s * s],
            ];
            for (i, row) in stiffness.iter().enumerate() {
                for (j, entry) in row.iter().enumerate().skip(i) {
                    rows.push(2 * k - 2 + i);
                    columns.push(2 * k - 2 + j);
                    values.push(*entry);
                }
            }
        }
        (rows, columns, values)
    }
}

/// Shares of a piece at which a cubic is level, from its first slope and the bends at both its ends, all
/// per piece.
fn level_places(slope: f64, bend: f64, end_bend: f64) -> [Option<f64>; 2] {
    // slope + bend·t + (end_bend − bend)·t²/2 = 0
    let (a, b, c) = ((end_bend - bend) / 2.0, bend, slope);
    let root = b * b - 4.0 * a * c;
    if root < 0.0 {
        return [None, None];
    }
    // The form that loses no digits where `a` is small.
    let q = -(b + root.sqrt().copysign(b)) / 2.0;
    let within = |t: f64| (t > 0.0 && t < 1.0).then_some(t);
    [within(q / a), within(c / q)]
}

fn signed(terms: &[(usize, f64)], sign: f64) -> Terms {
    terms.iter().map(|(i, c)| (*i, sign * c)).collect()
}
