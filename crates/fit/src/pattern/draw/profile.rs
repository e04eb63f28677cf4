//! A panel edge as a function of height: `x(y)` through given points, without wiggles.
//!
//! Between points it is the monotone piecewise-cubic Hermite interpolant of Fritsch and Carlson
//! (*SIAM Journal on Numerical Analysis* 17, 1980): it passes through every point, so a panel
//! has exactly the width that was measured, and it makes no bump that the measures do not ask for.

use kurbo::{BezPath, Point};

/// A smooth edge given by points of rising height.
#[derive(Debug, Clone)]
pub struct Profile {
    ys: Vec<f64>,
    xs: Vec<f64>,
    slopes: Vec<f64>,
}

impl Profile {
    /// The interpolant through `points` `(height, x)`, which must rise in height; there must be
    /// at least two.
    #[must_use]
    pub fn through(points: &[(f64, f64)]) -> Profile {
        debug_assert!(points.len() >= 2 && points.windows(2).all(|pair| pair[0].0 < pair[1].0));
        let (ys, xs): (Vec<f64>, Vec<f64>) = points.iter().copied().unzip();
        let secants: Vec<f64> = (1..ys.len()).map(|i| (xs[i] - xs[i - 1]) / (ys[i] - ys[i - 1])).collect();
        let last = secants.len();
        let slopes = (0..=last)
            .map(|i| match i {
                0 => secants[0],
                i if i == last => secants[last - 1],
                i => monotone_slope(secants[i - 1], secants[i], ys[i] - ys[i - 1], ys[i + 1] - ys[i]),
            })
            .collect();
        Profile { ys, xs, slopes }
    }

    /// The value at a height; beyond an end it is that end's.
    #[must_use]
    pub fn at(&self, y: f64) -> f64 {
        let last = self.ys.len() - 1;
        if y <= self.ys[0] {
            return self.xs[0];
        }
        if y >= self.ys[last] {
            return self.xs[last];
        }
        let i = self.ys.partition_point(|known| *known <= y).clamp(1, last);
        let h = self.ys[i] - self.ys[i - 1];
        let t = (y - self.ys[i - 1]) / h;
        let (t2, t3) = (t * t, t * t * t);
        (2.0 * t3 - 3.0 * t2 + 1.0) * self.xs[i - 1]
            + (t3 - 2.0 * t2 + t) * h * self.slopes[i - 1]
            + (3.0 * t2 - 2.0 * t3) * self.xs[i]
            + (t3 - t2) * h * self.slopes[i]
    }

    /// The edge as cubic Béziers from its lowest point to its highest, shifted by `dx`, and
    /// mirrored left for right when `mirror` is set.
    #[must_use]
    pub fn path(&self, dx: f64, mirror: bool) -> BezPath {
        let place = |x: f64, y: f64| Point::new(if mirror { -(x + dx) } else { x + dx }, y);
        let mut path = BezPath::new();
        path.move_to(place(self.xs[0], self.ys[0]));
        for i in 1..self.ys.len() {
            let third = (self.ys[i] - self.ys[i - 1]) / 3.0;
            path.curve_to(
                place(self.xs[i - 1] + self.slopes[i - 1] * third, self.ys[i - 1] + third),
                place(self.xs[i] - self.slopes[i] * third, self.ys[i] - third),
                place(self.xs[i], self.ys[i]),
            );
        }
        path
    }
}

/// The weighted harmonic mean of two secants, zero where they disagree in sign.
fn monotone_slope(before: f64, after: f64, below: f64, above: f64) -> f64 {
    if before * after <= 0.0 {
        return 0.0;
    }
    let (w1, w2) = (2.0 * above + below, above + 2.0 * below);
    (w1 + w2) / (w1 / before + w2 / after)
}

#[cfg(test)]
mod tests {
    use super::*;
    use kurbo::{ParamCurve, PathSeg};
    use proptest::prelude::*;

    proptest! {
        #[test]
        fn it_passes_every_point_and_stays_between_neighbours(
            xs in prop::collection::vec(-200.0f64..200.0, 2..8),
        ) {
            let points: Vec<_> = xs.iter().enumerate().map(|(i, x)| (i as f64 * 80.0, *x)).collect();
            let path = Profile::through(&points).path(0.0, false);
            for (segment, pair) in path.segments().zip(points.windows(2)) {
                prop_assert!(matches!(segment, PathSeg::Cubic(_)));
                prop_assert!((segment.start().x - pair[0].1).abs() < 1e-9);
                prop_assert!((segment.end().x - pair[1].1).abs() < 1e-9);
                let (low, high) = (pair[0].1.min(pair[1].1), pair[0].1.max(pair[1].1));
                for step in 0..=10 {
                    let x = segment.eval(f64::from(step) / 10.0).x;
                    prop_assert!(x >= low - 1e-9 && x <= high + 1e-9);
                }
            }
        }
    }
}
