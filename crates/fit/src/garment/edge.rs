//! One edge of a panel, measured along its curve.

use kurbo::{BezPath, ParamCurve, ParamCurveDeriv, PathSeg, Point, Vec2};

/// Points laid on each curve segment when it is measured. A segment of a garment edge is at most
/// a few hundred millimetres and bends gently, so the polyline is short by less than 0.01 mm.
const STEPS_PER_SEGMENT: u32 = 48;

/// A place on an edge.
#[derive(Debug, Clone, Copy, PartialEq)]
pub struct Place {
    /// Distance along the edge from its lower end, in millimetres.
    pub station: f64,
    /// Where it is on the panel, in millimetres; heights rise from the hem fold.
    pub point: Point,
    /// Unit vector along the edge, from the lower end to the upper.
    pub along: Vec2,
}

impl Place {
    /// Cosine of the seam's lean from vertical here.
    #[must_use]
    pub fn cos_lean(&self) -> f64 {
        self.along.y.abs()
    }
}

/// A curved edge with its arc length tabulated, lower end first.
#[derive(Debug, Clone)]
pub struct Edge {
    path: BezPath,
    places: Vec<Place>,
}

impl Edge {
    /// Measures a path that runs from the lower end of a seam to its upper end.
    #[must_use]
    pub fn along(path: BezPath) -> Edge {
        let mut places: Vec<Place> = Vec::new();
        let mut station = 0.0;
        for segment in path.segments() {
            let steps = if matches!(segment, PathSeg::Line(_)) { 1 } else { STEPS_PER_SEGMENT };
            for step in 0..=steps {
                let t = f64::from(step) / f64::from(steps);
                let point = segment.eval(t);
                if let Some(last) = places.last() {
                    station += (point - last.point).hypot();
                    if step == 0 {
                        continue;
                    }
                }
                places.push(Place { station, point, along: direction(&segment, t) });
            }
        }
        Edge { path, places }
    }

    /// The curve itself.
    #[must_use]
    pub fn path(&self) -> &BezPath {
        &self.path
    }

    /// The tabulated places, lower end first.
    #[must_use]
    pub fn places(&self) -> &[Place] {
        &self.places
    }

    /// Its length in millimetres.
    #[must_use]
    pub fn length(&self) -> f64 {
        self.places.last().map_or(0.0, |place| place.station)
    }

    /// The place `station` millimetres from the lower end; beyond an end it is that end.
    #[must_use]
    pub fn at(&self, station: f64) -> Place {
        self.between(self.places.partition_point(|place| place.station < station), |a, b| {
            (station - a.station) / (b.station - a.station)
        })
    }

    /// Its lower end.
    #[must_use]
    pub fn start(&self) -> Place {
        self.at(0.0)
    }

    /// Its upper end.
    #[must_use]
    pub fn end(&self) -> Place {
        self.at(f64::MAX)
    }

    /// True where the edge, rising from end to end, passes a height.
    #[must_use]
    pub fn spans(&self, height: f64) -> bool {
        let reach = |place: Option<&Place>| place.map_or(f64::NAN, |place| place.point.y);
        reach(self.places.first()) - 1e-9 <= height && height <= reach(self.places.last()) + 1e-9
    }

    /// The place `station` millimetres from the lower end; beyond an end the edge goes on straight.
    #[must_use]
    pub fn beyond(&self, station: f64) -> Place {
        let place = self.at(station);
        let over = station - place.station;
        Place { station, point: place.point + place.along * over, ..place }
    }

    /// The place at a height, on a stretch where the edge rises; beyond an end it is that end.
    #[must_use]
    pub fn at_height(&self, height: f64) -> Place {
        self.between(self.places.partition_point(|place| place.point.y < height), |a, b| {
            (height - a.point.y) / (b.point.y - a.point.y)
        })
    }

    fn between(&self, above: usize, share: impl Fn(&Place, &Place) -> f64) -> Place {
        let above = above.clamp(1, self.places.len() - 1);
        let (a, b) = (&self.places[above - 1], &self.places[above]);
        let share = share(a, b);
        let share = if share.is_nan() { 0.0 } else { share.clamp(0.0, 1.0) };
        let along = a.along.lerp(b.along, share);
        Place {
            station: a.station + share * (b.station - a.station),
            point: a.point.lerp(b.point, share),
            along: along / along.hypot(),
        }
    }
}

fn direction(segment: &PathSeg, t: f64) -> Vec2 {
    let derivative = match segment {
        PathSeg::Line(line) => line.p1 - line.p0,
        PathSeg::Quad(quad) => quad.deriv().eval(t).to_vec2(),
        PathSeg::Cubic(cubic) => cubic.deriv().eval(t).to_vec2(),
    };
    let length = derivative.hypot();
    if length > 0.0 { derivative / length } else { Vec2::new(0.0, 1.0) }
}

#[cfg(test)]
mod tests {
    use super::*;
    use kurbo::{Arc, ParamCurveArclen, Shape};

    #[test]
    fn the_table_agrees_with_the_arc_length_of_the_curve() {
        let arc = Arc::new((0.0, 0.0), (300.0, 400.0), 0.0, 1.4, 0.0);
        let path = arc.to_path(1e-6);
        let exact: f64 = path.segments().map(|segment| segment.arclen(1e-9)).sum();
        let edge = Edge::along(path);
        assert!((edge.length() - exact).abs() < 0.05, "{} {exact}", edge.length());
    }

    #[test]
    fn places_are_found_by_station_and_by_height() {
        let mut path = BezPath::new();
        path.move_to((0.0, 0.0));
        path.line_to((30.0, 40.0));
        path.line_to((30.0, 90.0));
        let edge = Edge::along(path);
        assert_eq!(edge.length(), 100.0);
        assert_eq!(edge.at(25.0).point, Point::new(15.0, 20.0));
        assert!((edge.at(25.0).cos_lean() - 0.8).abs() < 0.12);
        assert_eq!(edge.at_height(65.0).station, 75.0);
        assert_eq!(edge.at(500.0).point, Point::new(30.0, 90.0));
    }
}
