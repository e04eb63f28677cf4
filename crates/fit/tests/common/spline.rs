//! A cubic spline of our own, for comparison: it shares nothing with the core.

/// An interpolating cubic spline; level at its ends where they are clamped, straight where they are free.
#[derive(Debug, Clone)]
pub struct Spline {
    knots: Vec<[f64; 3]>,
}

impl Spline {
    /// The spline through points of rising station.
    pub fn through(points: &[(f64, f64)], clamp_first: bool, clamp_last: bool) -> Spline {
        let n = points.len();
        let gap = |i: usize| points[i + 1].0 - points[i].0;
        let rise = |i: usize| (points[i + 1].1 - points[i].1) / gap(i);
        // Rows of the tridiagonal system for the second derivatives: below, on, above, right.
        let row = |i: usize| match i {
            0 if clamp_first => [0.0, 2.0 * gap(0), gap(0), 6.0 * rise(0)],
            i if i + 1 == n && clamp_last => [gap(n - 2), 2.0 * gap(n - 2), 0.0, -6.0 * rise(n - 2)],
            i if i == 0 || i + 1 == n => [0.0, 1.0, 0.0, 0.0],
            i => [gap(i - 1), 2.0 * (gap(i - 1) + gap(i)), gap(i), 6.0 * (rise(i) - rise(i - 1))],
        };
        let mut rows: Vec<[f64; 4]> = (0..n).map(row).collect();
        for i in 1..n {
            let share = rows[i][0] / rows[i - 1][1];
            rows[i][1] -= share * rows[i - 1][2];
            rows[i][3] -= share * rows[i - 1][3];
        }
        let mut bends = vec![0.0; n];
        for i in (0..n).rev() {
            let above = if i + 1 < n { rows[i][2] * bends[i + 1] } else { 0.0 };
            bends[i] = (rows[i][3] - above) / rows[i][1];
        }
        Spline { knots: points.iter().zip(bends).map(|((s, d), bend)| [*s, *d, bend]).collect() }
    }

    /// Depth, slope and bend; beyond its ends it keeps its last depth.
    pub fn jet(&self, station: f64) -> [f64; 3] {
        let last = self.knots.len() - 1;
        if station <= self.knots[0][0] || station >= self.knots[last][0] {
            let end = if station <= self.knots[0][0] { self.knots[0] } else { self.knots[last] };
            return [end[1], 0.0, 0.0];
        }
        let above = self.knots.partition_point(|knot| knot[0] < station).clamp(1, last);
        let (a, b) = (self.knots[above - 1], self.knots[above]);
        let h = b[0] - a[0];
        let (left, right) = ((b[0] - station) / h, (station - a[0]) / h);
        let cube = |x: f64| x * x * x - x;
        [
            left * a[1] + right * b[1] + (cube(left) * a[2] + cube(right) * b[2]) * h * h / 6.0,
            (b[1] - a[1]) / h
                + ((1.0 - 3.0 * left * left) * a[2] + (3.0 * right * right - 1.0) * b[2]) * h / 6.0,
            left * a[2] + right * b[2],
        ]
    }
}
