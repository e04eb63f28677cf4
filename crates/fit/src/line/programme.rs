//! The line as a convex quadratic programme.
//!
//! Unknowns are the depth and the scaled slope at each knot. The bending of a cubic piece of
//! length `h` is the stiffness form of an Euler beam, so the objective is exact. Knots stand at
//! both ends, at every pin, and between them at least [`PIECES`] to the seam. Every weight is in
//! proportion to the seam's length, so that scaling all lengths scales the line.

use super::problem::{LineEnd, LineProblem, Target};
use super::{Knot, Line};
use crate::convex::{Convex, Terms};

/// Cubic pieces to a whole seam: on the longest outseam about 35 mm each, and a hand cannot
/// follow a finer change.
const PIECES: f64 = 32.0;
/// Pins closer than this, in millimetres, share a knot.
pub(super) const SAME_PLACE: f64 = 1.0;
/// Weight of bending against the tie-breakers, which only choose between equally smooth lines.
const BENDING: f64 = 1e-4;
const NEAR_THE_PINS: f64 = 1e-3;
const FLAT: f64 = 1e-5;
/// Price of missing a pin, when the programme looks for the nearest depths that work.
const MISS: f64 = 1e3;
/// What a limit may be passed by and still be kept, in millimetres and shares.
const WITHIN: f64 = 1e-7;
/// Share by which sewing limits are drawn in, so that rounding in the solver cannot cross them.
const INSIDE: f64 = 1.0 - 1e-6;

/// What came of solving.
pub(super) enum Solved {
    /// A line.
    Line(Line),
    /// There is none.
    None,
}

/// A row `coefficients · x ≤ bound`.
type Row = (Terms, f64);

/// The knots, objective and rows of one problem.
pub(super) struct Programme<'a> {
    problem: &'a LineProblem,
    stations: Vec<f64>,
    /// For each target the knot its depth is read at.
    target_knots: Vec<usize>,
    /// Length of a regular piece; slopes are multiplied by it, to be of the size of depths.
    piece: f64,
}

impl<'a> Programme<'a> {
    /// With knots close enough for every sewing limit.
    pub(super) fn new(problem: &'a LineProblem) -> Self {
        Self::with_pieces(problem, PIECES)
    }

    /// With knots at pins and ends alone. Where only the pins bind, the smoothest line is a natural
    /// spline through such knots, so nothing is lost; the programme is a third of the size.
    fn coarse(problem: &'a LineProblem) -> Self {
        Self::with_pieces(problem, 1.0)
    }

    fn with_pieces(problem: &'a LineProblem, pieces: f64) -> Self {
        let (lower, upper) = problem.free();
        let limits = problem.limits.iter().flat_map(|limit| [limit.from, limit.to]);
        let eased = problem.eased.iter().flat_map(|ease| [ease.from, ease.to]);
        let pins = problem.targets.iter().map(|target| target.station);
        // A pin keeps its knot; where stretches meet within a millimetre of one, its knot serves both.
        let mut marks = vec![lower, upper];
        for station in pins.chain(limits).chain(eased).chain(problem.crossing) {
            let clear = marks.iter().all(|mark| (station - mark).abs() > SAME_PLACE);
            if station > lower && station < upper && clear {
                marks.push(station);
            }
        }
        marks.sort_by(f64::total_cmp);
        let longest = problem.length / pieces;
        let mut stations = vec![lower];
        for pair in marks.windows(2) {
            let pieces = ((pair[1] - pair[0]) / longest).ceil().max(1.0);
            for i in 1..=pieces as u32 {
                stations.push(pair[0] + (pair[1] - pair[0]) * f64::from(i) / pieces);
            }
        }
        let target_knots = problem.targets.iter().map(|target| nearest(&stations, target.station)).collect();
        Programme { problem, stations, target_knots, piece: problem.length / PIECES }
    }

    /// Solves it as asked: first for the pins alone, on few knots, and when that line breaks a
    /// sewing limit, on all of them.
    pub(super) fn solve(&self) -> Solved {
        let coarse = Self::coarse(self.problem);
        let Some(x) = coarse.run(&coarse.pin_rows(None), 0) else { return Solved::None };
        if coarse.sewing_rows().iter().all(|(terms, bound)| value(terms, &x) <= bound + WITHIN) {
            return Solved::Line(coarse.line(&x));
        }
        self.solve_within_limits()
    }

    /// Sewing limits join only when a line breaks them, which few do: the programme stays small,
    /// and the result satisfies them all.
    fn solve_within_limits(&self) -> Solved {
        let mut rows = self.pin_rows(None);
        let mut spare = self.sewing_rows();
        loop {
            let Some(x) = self.run(&rows, 0) else { return Solved::None };
            let (broken, kept): (Vec<Row>, Vec<Row>) =
                spare.into_iter().partition(|(terms, bound)| value(terms, &x) > bound + WITHIN);
            if broken.is_empty() {
                return Solved::Line(self.line(&x));
            }
            rows.extend(broken);
            spare = kept;
        }
    }

    /// The line that misses the pins least in total while it keeps every other demand.
    pub(super) fn nearest(&self) -> Option<Line> {
        let first_miss = 2 * self.stations.len();
        let mut rows = self.pin_rows(Some(first_miss));
        rows.extend(self.sewing_rows());
        let x = self.run(&rows, self.problem.targets.len())?;
        Some(self.line(&x))
    }

    fn line(&self, x: &[f64]) -> Line {
        let knots = self
            .stations
            .iter()
            .enumerate()
            .map(|(k, station)| Knot { station: *station, depth: x[2 * k], slope: x[2 * k + 1] / self.piece })
            .collect();
        self.problem.line(knots)
    }

    /// Each pin within tolerance, plus its own miss when `first_miss` is given.
    fn pin_rows(&self, first_miss: Option<usize>) -> Vec<Row> {
        let mut rows = Vec::new();
        for (i, (target, knot)) in self.problem.targets.iter().zip(&self.target_knots).enumerate() {
            let tolerance = self.problem.tolerance_of(target);
            for sign in [1.0, -1.0] {
                let mut terms = vec![(2 * knot, sign)];
                if let Some(first) = first_miss {
                    terms.push((first + i, -1.0));
                }
                rows.push((terms, sign * target.depth + tolerance));
            }
            if let Some(first) = first_miss {
                rows.push((vec![(first + i, -1.0)], 0.0));
            }
        }
        rows
    }

    /// Letting-out limit, sign between pins, slope and radius.
    fn sewing_rows(&self) -> Vec<Row> {
        let mut rows = Vec::new();
        for k in 0..self.stations.len() {
            rows.extend(self.depth_rows(&[(2 * k, 1.0)], self.stations[k]));
            // At the edge of an eased stretch the gentler side decides.
            let aside = self.piece * 1e-6;
            let here = self.stations[k];
            let (below, _) = self.problem.sewing_limits(here - aside, here);
            let (above, _) = self.problem.sewing_limits(here, here + aside);
            let steepest = match k {
                0 => above,
                k if k + 1 == self.stations.len() => below,
                _ => above.min(below),
            };
            rows.extend(both_signs(&[(2 * k + 1, 1.0 / self.piece)], steepest * INSIDE));
        }
        for k in 1..self.stations.len() {
            let h = self.stations[k] - self.stations[k - 1];
            let (steepest, radius) = self.problem.sewing_limits(self.stations[k - 1], self.stations[k]);
            let bend = INSIDE / radius;
            let (d0, s0, d1, s1) = (2 * k - 2, 2 * k - 1, 2 * k, 2 * k + 1);
            let s = 1.0 / self.piece;
            // A cubic lies within its control points and its slope within theirs, so bounding
            // those bounds the line between knots as well.
            let first = [(d0, 1.0), (s0, h / 3.0 * s)];
            let second = [(d1, 1.0), (s1, -h / 3.0 * s)];
            rows.extend(self.depth_rows(&first, self.stations[k - 1] + h / 3.0));
            rows.extend(self.depth_rows(&second, self.stations[k] - h / 3.0));
            let slope = [(d0, -3.0 / h), (s0, -s), (d1, 3.0 / h), (s1, -s)];
            rows.extend(both_signs(&slope, steepest * INSIDE));
            let chord = 6.0 / (h * h);
            for (a, b, c) in [(-chord, -4.0, -2.0), (chord, 2.0, 4.0)] {
                let terms = [(d0, a), (s0, b / h * s), (d1, -a), (s1, c / h * s)];
                rows.extend(both_signs(&terms, bend));
            }
        }
        rows
    }

    /// How deep and how shallow the line may be at a station.
    fn depth_rows(&self, depth: &[(usize, f64)], station: f64) -> Vec<Row> {
        let mut rows = Vec::new();
        let negated = || depth.iter().map(|(i, c)| (*i, -c)).collect::<Vec<_>>();
        if let Some(limit) = self.problem.let_out_limit {
            rows.push((negated(), limit));
        }
        for limit in &self.problem.limits {
            if limit.from - SAME_PLACE <= station && station <= limit.to + SAME_PLACE {
                rows.push((negated(), -limit.least));
                rows.push((depth.to_vec(), limit.most));
            }
        }
        match self.sign_at(station) {
            Some(true) => rows.push((negated(), 0.0)),
            Some(false) => rows.push((depth.to_vec(), 0.0)),
            None => {}
        }
        rows
    }

    /// Whether the line only takes in (`true`) or only lets out here: between two pins, or a
    /// pin and a taper, that agree. A pin belongs to the stretches on both its sides.
    fn sign_at(&self, station: f64) -> Option<bool> {
        let aside = self.piece * 1e-6;
        self.sign_between(station - aside).or_else(|| self.sign_between(station + aside))
    }

    fn sign_between(&self, station: f64) -> Option<bool> {
        let targets = &self.problem.targets;
        let above = targets.partition_point(|target| target.station < station);
        let sign = |target: &Target| (target.depth != 0.0).then_some(target.depth > 0.0);
        let below = above.checked_sub(1).map(|i| &targets[i]);
        match (below, targets.get(above)) {
            (Some(b), Some(a)) => sign(b).filter(|_| sign(a) == sign(b)),
            (Some(b), None) if !self.problem.upper.is_free() => sign(b),
            (None, Some(a)) if !self.problem.lower.is_free() => sign(a),
            _ => None,
        }
    }

    /// Equalities at the ends: terms that are zero.
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
        zero
    }

    /// Minimises bending under the rows; `misses` extra unknowns are priced by [`MISS`].
    fn run(&self, rows: &[Row], misses: usize) -> Option<Vec<f64>> {
        let n = 2 * self.stations.len() + misses;
        let mut q = vec![0.0; n];
        q[n - misses..].fill(MISS);
        let (mut pi, mut pj, mut pv) = self.bending();
        for (target, knot) in self.problem.targets.iter().zip(&self.target_knots) {
            pi.push(2 * knot);
            pj.push(2 * knot);
            pv.push(NEAR_THE_PINS);
            q[2 * knot] -= NEAR_THE_PINS * target.depth;
        }
        let equal = self.end_rows().into_iter().map(|column| (vec![(column, 1.0)], 0.0)).collect();
        Convex { p: (pi, pj, pv), q, equal, at_most: rows.to_vec() }.minimise()
    }

    /// Upper triangle of the bending energy with its small flat tie-breaker.
    fn bending(&self) -> (Vec<usize>, Vec<usize>, Vec<f64>) {
        let (mut rows, mut columns, mut values) = (Vec::new(), Vec::new(), Vec::new());
        for k in 1..self.stations.len() {
            let h = self.stations[k] - self.stations[k - 1];
            let s = h / self.piece;
            let c = BENDING * (self.problem.length / h).powi(3);
            let stiffness = [
                [12.0, 6.0 * s, -12.0, 6.0 * s],
                [0.0, 4.0 * s * s, -6.0 * s, 2.0 * s * s],
                [0.0, 0.0, 12.0, -6.0 * s],
                [0.0, 0.0, 0.0, 4.0 * s * s],
            ];
            for (i, row) in stiffness.iter().enumerate() {
                for (j, entry) in row.iter().enumerate().skip(i) {
                    rows.push(2 * k - 2 + i);
                    columns.push(2 * k - 2 + j);
                    values.push(c * entry);
                }
            }
        }
        for k in 0..self.stations.len() {
            rows.push(2 * k + 1);
            columns.push(2 * k + 1);
            values.push(FLAT);
        }
        (rows, columns, values)
    }
}

fn nearest(stations: &[f64], station: f64) -> usize {
    let above = stations.partition_point(|s| *s < station).min(stations.len() - 1);
    if above > 0 && station - stations[above - 1] < stations[above] - station { above - 1 } else { above }
}

fn value(terms: &[(usize, f64)], x: &[f64]) -> f64 {
    terms.iter().map(|(i, c)| c * x[*i]).sum()
}

fn both_signs(terms: &[(usize, f64)], bound: f64) -> [Row; 2] {
    [1.0, -1.0].map(|sign| (terms.iter().map(|(i, c)| (*i, sign * c)).collect(), bound))
}
