//! Drawing with points: curves flattened as finely as a picture is seen, everything to a tenth of a millimetre.

use kurbo::{BezPath, PathEl, Point};

/// Points of a course or an outline, `[x, y]` in millimetres.
pub type Points = Vec<[f64; 2]>;

/// How far, in millimetres, the drawn points may leave the curve.
const FLATTEN: f64 = 0.4;
/// How often a course is sampled in height, in millimetres.
const EVERY: f64 = 12.0;

/// A path as points to a tenth of a millimetre.
pub fn flattened(path: &BezPath) -> Points {
    let mut points = Vec::new();
    kurbo::flatten(path, FLATTEN, |element| {
        if let PathEl::MoveTo(point) | PathEl::LineTo(point) = element {
            points.push([tenth(point.x), tenth(point.y)]);
        }
    });
    points
}

pub(crate) fn tenth(mm: f64) -> f64 {
    (mm * 10.0).round() / 10.0 + 0.0
}

/// Heights from one to another, both included, evenly and often enough to draw through.
pub(super) fn steps(from: f64, to: f64) -> impl Iterator<Item = f64> {
    let pieces = ((to - from).abs() / EVERY).ceil().max(1.0) as u32;
    (0..=pieces).map(move |piece| from + (to - from) * f64::from(piece) / f64::from(pieces))
}

/// A path that is drawn point by point and curve by curve.
pub(super) struct Pen(BezPath);

impl Pen {
    /// Begins at a point.
    pub fn at(x: f64, y: f64) -> Pen {
        let mut path = BezPath::new();
        path.move_to((x, y));
        Pen(path)
    }

    /// Straight to a point.
    pub fn line(mut self, x: f64, y: f64) -> Pen {
        self.0.line_to((x, y));
        self
    }

    /// Straight through points.
    pub fn through(mut self, points: &[[f64; 2]]) -> Pen {
        for [x, y] in points {
            self.0.line_to((*x, *y));
        }
        self
    }

    /// Bending once on the way to a point, towards another.
    pub fn bend(mut self, by: [f64; 2], to: [f64; 2]) -> Pen {
        self.0.quad_to(Point::from((by[0], by[1])), Point::from((to[0], to[1])));
        self
    }

    /// Leaving towards one point and arriving from another.
    pub fn curve(mut self, out: [f64; 2], into: [f64; 2], to: [f64; 2]) -> Pen {
        let point = |[x, y]: [f64; 2]| Point::new(x, y);
        self.0.curve_to(point(out), point(into), point(to));
        self
    }

    /// What was drawn.
    pub fn points(self) -> Points {
        let mut points = flattened(&self.0);
        points.dedup();
        points
    }
}

/// A rectangle.
pub(super) fn rectangle(x: [f64; 2], y: [f64; 2]) -> Points {
    [[x[0], y[0]], [x[1], y[0]], [x[1], y[1]], [x[0], y[1]]].map(|[x, y]| [tenth(x), tenth(y)]).to_vec()
}

/// The closed outline of a half, given from the centre outward and back to the centre, and its mirror image.
pub(super) fn whole(right: &[[f64; 2]]) -> Points {
    let left = right.iter().rev().map(|[x, y]| [0.0 - x, *y]);
    let mut points: Points = right.iter().copied().chain(left).collect();
    points.dedup();
    if points.first() == points.last() {
        points.pop();
    }
    points
}
