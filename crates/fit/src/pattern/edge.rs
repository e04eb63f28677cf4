//! One edge of a panel, measured along its curve.

use std::sync::OnceLock;

use kurbo::{BezPath, ParamCurve, ParamCurveDeriv, PathSeg, Point, Vec2};

/// Points laid on each curve segment when it is measured. A segment of a garment edge is at most
/// a few hundred millimetres and bends gently, so the polyline is short by less than 0.01 mm.
const STEPS_PER_SEGMENT: u32 = 48;
/// Points nearer to each other than this, in millimetres, are one.
const SAME_POINT: f64 = 1e-9;

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

    /// The place a share of the way to another.
    #[must_use]
    pub(crate) fn towards(&self, other: &Place, share: f64) -> Place {
        let share = if share.is_nan() { 0.0 } else { share.clamp(0.0, 1.0) };
        let along = self.along.lerp(other.along, share);
        Place {
            station: self.station + share * (other.station - self.station),
            point: self.point.lerp(other.point, share),
            along: along / along.hypot(),
        }
    }
}

/// Where an edge left the one it was moved from, and where it came back to it: a station of either.
#[derive(Debug, Clone, Copy, PartialEq)]
pub struct Moved {
    /// From and to, along the edge as it was.
    pub old: [f64; 2],
    /// From and to, along the edge as it is.
    pub new: [f64; 2],
}

/// A curved edge with its arc length tabulated, lower end first.
#[derive(Debug, Clone)]
pub struct Edge {
    /// The curve; of an edge through points it is laid through them when somebody asks.
    path: OnceLock<BezPath>,
    places: Vec<Place>,
    /// Below its lower end, on a turn-up that is folded down: nearest first, stations falling from zero. Empty where
    /// it goes straight on.
    opened: Vec<Place>,
    moved: Option<Moved>,
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
        Edge { path: OnceLock::from(path), places, opened: Vec::new(), moved: None }
    }

    /// An edge through points from its lower end to its upper; there must be at least two.
    #[must_use]
    pub fn through(points: &[Point]) -> Edge {
        Edge { path: OnceLock::new(), places: walked(points, 1.0), opened: Vec::new(), moved: None }
    }

    /// The same with its course below the lower end, nearest point first, beginning at that end.
    #[must_use]
    pub fn opening_to(self, points: &[Point]) -> Edge {
        Edge { opened: if points.len() < 2 { Vec::new() } else { walked(points, -1.0) }, ..self }
    }

    /// The same, known to have been moved.
    #[must_use]
    pub fn moved_over(self, moved: Moved) -> Edge {
        Edge { moved: Some(moved), ..self }
    }

    /// Where it left the edge it was moved from, when it was.
    #[must_use]
    pub fn moved(&self) -> Option<Moved> {
        self.moved
    }

    /// The same with every point of it put elsewhere; points that come to lie on each other are one.
    #[must_use]
    pub fn mapped(&self, to: impl Fn(Point) -> Point) -> Edge {
        let mapped = |places: &[Place]| {
            let mut points: Vec<Point> = places.iter().map(|place| to(place.point)).collect();
            points.dedup_by(|a, b| (*a - *b).hypot() < SAME_POINT);
            points
        };
        let (points, opened) = (mapped(&self.places), mapped(&self.opened));
        let edge = if points.len() < 2 { self.clone() } else { Edge::through(&points).opening_to(&opened) };
        Edge { moved: self.moved, ..edge }
    }

    /// The same from a station on, the rest cut off.
    #[must_use]
    pub fn from(&self, station: f64) -> Edge {
        let above = self.places.iter().filter(|place| place.station > station + SAME_POINT);
        let points: Vec<Point> =
            std::iter::once(self.at(station).point).chain(above.map(|place| place.point)).collect();
        let moved =
            self.moved.map(|moved| Moved { new: moved.new.map(|at| (at - station).max(0.0)), ..moved });
        if points.len() < 2 { self.clone() } else { Edge { moved, ..Edge::through(&points) } }
    }

    /// The same up to a station, the rest cut off.
    #[must_use]
    pub fn up_to(&self, station: f64) -> Edge {
        let below = self.places.iter().filter(|place| place.station < station - SAME_POINT);
        let points: Vec<Point> =
            below.map(|place| place.point).chain(std::iter::once(self.at(station).point)).collect();
        let moved = self.moved.map(|moved| Moved { new: moved.new.map(|at| at.min(station)), ..moved });
        if points.len() < 2 {
            return self.clone();
        }
        Edge { opened: self.opened.clone(), moved, ..Edge::through(&points) }
    }

    /// The same beginning at a point before its lower end, which it is joined to straight.
    #[must_use]
    pub fn beginning_at(&self, start: Point) -> Edge {
        let points: Vec<Point> =
            std::iter::once(start).chain(self.places.iter().map(|place| place.point)).collect();
        let longer = (self.start().point - start).hypot();
        let moved = self.moved.map(|moved| Moved { new: moved.new.map(|at| at + longer), ..moved });
        Edge { moved, ..Edge::through(&points) }
    }

    /// The same with the stretch between two stations taken out: what lies below it is put `up` higher, what lies
    /// above it `down` lower, and no length is counted where they meet. Where `above` comes first that stretch is
    /// there twice.
    #[must_use]
    pub fn without(&self, [below, above]: [f64; 2], up: f64, down: f64) -> Edge {
        let shifted = |edge: Edge, by: f64| edge.mapped(|point| Point::new(point.x, point.y + by));
        let (lower, upper) = (shifted(self.up_to(below), up), shifted(self.from(above), -down));
        let base = lower.length();
        let mut places = lower.places;
        places.extend(upper.places.iter().map(|place| Place { station: base + place.station, ..*place }));
        Edge { path: OnceLock::new(), places, opened: lower.opened, moved: self.moved }
    }

    /// The same going on to a point that lies ahead of its upper end, or cut off there where that lies behind it.
    #[must_use]
    pub fn ending_at(&self, end: Point) -> Edge {
        let way = self.end().along;
        let mut points: Vec<Point> = self.places.iter().map(|place| place.point).collect();
        while points.len() > 1 && points.last().is_some_and(|last| (*last - end).dot(way) > -SAME_POINT) {
            points.pop();
        }
        points.push(end);
        let edge = Edge::through(&points);
        let moved = self.moved.map(|moved| {
            // A line that reached the upper end still does.
            let reached = moved.new[1] >= self.length() - SAME_POINT;
            let to = if reached { edge.length() } else { moved.new[1] };
            Moved { new: [moved.new[0], to], ..moved }
        });
        Edge { opened: self.opened.clone(), moved, ..edge }
    }

    /// The curve itself.
    #[must_use]
    pub fn path(&self) -> &BezPath {
        self.path.get_or_init(|| polyline(&self.places))
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

    /// The place `station` millimetres from the lower end; beyond an end the edge goes on straight, or as its turn-up
    /// does.
    #[must_use]
    pub fn beyond(&self, station: f64) -> Place {
        if let (true, Some(deepest)) = (station < 0.0, self.opened.last()) {
            let below = self.opened.partition_point(|place| place.station > station);
            if below < self.opened.len() {
                let (a, b) = (&self.opened[below - 1], &self.opened[below]);
                return a.towards(b, (station - a.station) / (b.station - a.station));
            }
            let over = station - deepest.station;
            return Place { station, point: deepest.point + deepest.along * over, ..*deepest };
        }
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
        a.towards(b, share(a, b))
    }
}

/// Places along points, their stations counted in one direction from the first.
fn walked(points: &[Point], way: f64) -> Vec<Place> {
    let chord = |i: usize| unit((points[i + 1] - points[i]) * way);
    let last = points.len() - 1;
    let along = |i: usize| match i {
        // At an end the edge goes on bending as it does beside it.
        0 if last > 1 => unit(chord(0) * 1.5 - chord(1) * 0.5),
        i if i == last && last > 1 => unit(chord(last - 1) * 1.5 - chord(last - 2) * 0.5),
        0 => chord(0),
        i if i == last => chord(last - 1),
        i => unit((points[i + 1] - points[i - 1]) * way),
    };
    let mut station = 0.0;
    let mut places: Vec<Place> = Vec::with_capacity(points.len());
    for (i, point) in points.iter().enumerate() {
        if i > 0 {
            station += way * (*point - points[i - 1]).hypot();
        }
        places.push(Place { station, point: *point, along: along(i) });
    }
    places
}

fn unit(vector: Vec2) -> Vec2 {
    let length = vector.hypot();
    if length > 0.0 { vector / length } else { Vec2::new(0.0, 1.0) }
}

fn polyline(places: &[Place]) -> BezPath {
    let mut path = BezPath::new();
    let mut points = places.iter().map(|place| place.point);
    if let Some(first) = points.next() {
        path.move_to(first);
        points.for_each(|point| path.line_to(point));
    }
    path
}

fn direction(segment: &PathSeg, t: f64) -> Vec2 {
    let derivative = match segment {
        PathSeg::Line(line) => line.p1 - line.p0,
        PathSeg::Quad(quad) => quad.deriv().eval(t).to_vec2(),
        PathSeg::Cubic(cubic) => cubic.deriv().eval(t).to_vec2(),
    };
    unit(derivative)
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
