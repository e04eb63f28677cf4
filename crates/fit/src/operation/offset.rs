//! An edge moved into its cloth, or out of it: where the new stitching runs on a panel.
//!
//! A place of the new edge lies the line's depth inside the old one, square to it. At a hem the new edge is carried on,
//! or cut off, to the fold; below it, on the turn-up that is folded down, its depths are those above the fold, mirrored.
//! At an armhole, a cap or a neckline it is carried on, or cut off, to where it meets that rim.

use kurbo::common::solve_itp;
use kurbo::{Point, Vec2};

use crate::line::Line;
use crate::pattern::{Edge, Moved, PanelEdge, Place, SeamEdge};

/// How far apart the places of a moved edge are at most, in millimetres: a chord this long on the tightest curve that is
/// sewn is off by less than a hundredth.
const EVERY: f64 = 2.5;
/// How far down a turn-up a line is mirrored, in millimetres: deeper than any turn-up.
const OPENED: f64 = 250.0;
/// How often it is there.
const OPENED_EVERY: f64 = 5.0;
/// A depth less than this, in millimetres, moves nothing.
const NOTHING: f64 = 1e-9;
/// How near the crossing of a new edge with the fold is found, in millimetres along the seam.
const NEAR: f64 = 1e-9;
/// Doublings of the stretch of seam in which that crossing is looked for.
const DOUBLINGS: u32 = 5;

/// An edge with a line to be sewn along it.
struct Course<'a> {
    seam: SeamEdge<'a>,
    line: &'a Line,
    /// Stations of the line to one of this edge: a seam is as long as its two edges on the mean.
    ratio: f64,
}

impl Course<'_> {
    /// The line's depth at a station of the edge. Beyond an end it goes on as it left.
    fn depth(&self, station: f64) -> f64 {
        let at = station * self.ratio;
        let knot = self.line.at(at.clamp(0.0, self.line.length));
        knot.depth + knot.slope * (at - knot.station)
    }

    fn point(&self, station: f64) -> Point {
        self.seam.inside(station, self.depth(station))
    }

    /// The same on a stretch of edge between two neighbouring places.
    fn point_between(&self, [below, above]: [&Place; 2], station: f64) -> Point {
        let share = (station - below.station) / (above.station - below.station);
        let place = below.towards(above, share);
        place.point + Vec2::new(-place.along.y, place.along.x) * (self.seam.inward * self.depth(station))
    }

    /// The station at which the new edge crosses the height of the old one's lower end.
    fn at_fold(&self) -> Option<f64> {
        let fold = self.seam.edge.start().point.y;
        let above = |station: f64| self.point(station).y - fold;
        let mut reach = 1.0 + 2.0 * self.depth(0.0).abs();
        for _ in 0..DOUBLINGS {
            let (under, over) = (above(-reach), above(reach));
            if under < 0.0 && over > 0.0 {
                return Some(solve_itp(above, -reach, reach, NEAR, 1, 0.1 / reach, under, over));
            }
            reach *= 2.0;
        }
        None
    }
}

/// The edge with a line sewn along it.
#[must_use]
pub(super) fn moved(seam: SeamEdge<'_>, begins_at_hem: bool, line: &Line) -> Edge {
    let old = seam.edge;
    let course = Course { seam, line, ratio: line.length / old.length() };
    let (low, high) = line.reach();
    let (low, high) = (low / course.ratio, (high / course.ratio).min(old.length()));
    let fold = if begins_at_hem && line.depth(0.0).abs() > NOTHING { course.at_fold() } else { None };
    let start = fold.unwrap_or(0.0);
    let mut stations: Vec<f64> = old.places().iter().map(|place| place.station).collect();
    stations.extend([start, low, high]);
    stations.sort_by(f64::total_cmp);
    stations.retain(|station| *station >= start - NOTHING);
    stations.dedup_by(|later, earlier| (*later - *earlier).abs() < NOTHING);
    let mut points: Vec<Point> = Vec::with_capacity(stations.len());
    // Where in the points the line leaves the old edge, and where it comes back.
    let mut ends = [0, 0];
    let last = stations.len() - 1;
    let places = old.places();
    let mut above = 1;
    for (i, station) in stations.iter().enumerate() {
        let pieces = match stations.get(i + 1) {
            Some(next) if *station >= low - NOTHING && *next <= high + NOTHING => {
                ((next - station) / EVERY).ceil().max(1.0) as u32
            }
            _ => 1,
        };
        let next = stations.get(i + 1).copied().unwrap_or(*station);
        for (end, at) in ends.iter_mut().zip([low, high]) {
            if (station - at).abs() < NOTHING {
                *end = points.len();
            }
        }
        for piece in 0..pieces {
            let at = station + (next - station) * f64::from(piece) / f64::from(pieces);
            while above + 1 < places.len() && places[above].station < at {
                above += 1;
            }
            let point = if at < 0.0 {
                course.point(at)
            } else {
                course.point_between([&places[above - 1], &places[above]], at)
            };
            // Where the edge bends more tightly than its line is deep it would fold over itself: that is cut off.
            while i == last && points.len() > 1 && points.last().is_some_and(|below| below.y >= point.y) {
                points.pop();
            }
            if points.last().is_none_or(|below| below.y < point.y) {
                points.push(point);
            }
        }
    }
    if points.len() < 2 {
        return old.clone();
    }
    if fold.is_some() {
        points[0].y = old.start().point.y;
    }
    let mut opened = Vec::new();
    if begins_at_hem && low < OPENED {
        opened.push(points[0]);
        let steps = (OPENED / OPENED_EVERY) as u32;
        opened.extend((1..=steps).map(|step| {
            let below = OPENED_EVERY * f64::from(step);
            seam.inside(start - below, course.depth(start + below))
        }));
    }
    let edge = Edge::through(&points).opening_to(&opened);
    let station = |end: usize| edge.places().get(end).map_or(0.0, |place| place.station);
    let new = [station(ends[0].min(points.len() - 1)), station(ends[1].min(points.len() - 1))];
    edge.moved_over(Moved { old: [low, high], new })
}

/// A rim that ran up to the upper end of an edge, as it is once that edge is sewn where it lies now: cut off where the new
/// edge crosses it, or carried straight on to where it does. Also where they meet; `None` where they never do.
pub(super) fn rim_met(rim: &PanelEdge, old_end: Point, new: &Edge) -> Option<(Edge, Point)> {
    let edge = &rim.edge;
    let (start, end) = (edge.start(), edge.end());
    let from_start = (start.point - old_end).hypot() < (end.point - old_end).hypot();
    let mut walk: Vec<Point> = edge.places().iter().map(|place| place.point).collect();
    if !from_start {
        walk.reverse();
    }
    let top = new.end();
    let aside = |point: Point| top.along.cross(point - top.point);
    let [Some(first), Some(second)] = [walk.first(), walk.get(1)] else { return None };
    let tangent = (*second - *first).normalize();
    let rate = top.along.cross(tangent);
    if rate.abs() > NOTHING {
        let before = -aside(*first) / rate;
        if before <= 0.0 {
            let meets = *first + tangent * before;
            return Some((if from_start { edge.beginning_at(meets) } else { edge.ending_at(meets) }, meets));
        }
    }
    let mut walked = 0.0;
    for pair in walk.windows(2) {
        let (from, to) = (aside(pair[0]), aside(pair[1]));
        let step = (pair[1] - pair[0]).hypot();
        if from * to <= 0.0 && from != to {
            let lost = walked + step * from / (from - to);
            let left = if from_start { edge.from(lost) } else { edge.up_to(edge.length() - lost) };
            let meets = if from_start { left.start() } else { left.end() };
            return Some((left, meets.point));
        }
        walked += step;
    }
    None
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::garment::SeamName;
    use crate::line::Knot;
    use crate::pattern::{EdgeName, Panel, PanelName};
    use kurbo::BezPath;
    use proptest::prelude::*;

    fn panel() -> Panel {
        Panel { name: PanelName::Front, edges: Vec::new(), darts: Vec::new(), hem: Vec::new() }
    }

    fn level(depth: f64, length: f64) -> Line {
        let knot = |station| Knot { station, depth, slope: 0.0 };
        Line::through(vec![knot(0.0), knot(length)], length)
    }

    proptest! {
        #![proptest_config(ProptestConfig { failure_persistence: None, ..ProptestConfig::default() })]

        /// A parallel of a circle is a circle about the same middle, and as much shorter as its radius is.
        #[test]
        fn an_arc_moved_evenly_is_an_arc_about_the_same_middle(
            radius in 150.0f64..900.0, depth in -20.0f64..25.0, half in 0.1f64..0.6,
        ) {
            let steps = 400;
            let points: Vec<Point> = (0..=steps)
                .map(|i| {
                    let turn = half * (2.0 * f64::from(i) / f64::from(steps) - 1.0);
                    Point::new(radius * turn.cos(), radius * turn.sin())
                })
                .collect();
            let (edge, panel) = (Edge::through(&points), panel());
            let own = SeamEdge { panel: &panel, edge: &edge, inward: 1.0 };
            let new = moved(own, false, &level(depth, edge.length()));
            for place in new.places() {
                prop_assert!((place.point.to_vec2().hypot() - (radius - depth)).abs() < 0.01);
            }
            prop_assert!((new.length() - 2.0 * half * (radius - depth)).abs() < 0.05, "{}", new.length());
            let reach = new.moved().expect("a moved edge");
            prop_assert!((reach.old[1] - edge.length()).abs() < 1e-6 && (reach.new[1] - new.length()).abs() < 1e-6);
        }

        /// At a hem the new edge ends on the fold, and below it each depth is the one as far above it.
        #[test]
        fn at_a_hem_a_line_ends_on_the_fold_and_is_mirrored_below_it(
            lean in -0.3f64..0.3, depth in -20.0f64..25.0, slope in -0.06f64..0.06,
        ) {
            let mut path = BezPath::new();
            path.move_to((100.0, 0.0));
            path.line_to((100.0 + 600.0 * lean, 600.0));
            let (edge, panel) = (Edge::along(path), panel());
            let length = edge.length();
            let own = SeamEdge { panel: &panel, edge: &edge, inward: 1.0 };
            let knots = vec![
                Knot { station: 0.0, depth, slope },
                Knot { station: length, depth: depth + slope * length, slope },
            ];
            let new = moved(own, true, &Line::through(knots, length));
            prop_assert!(new.start().point.y.abs() < 1e-9, "{:?}", new.start());
            // The fold lies where the straight line through both ends crosses it.
            let normal = edge.start().along;
            let off = |point: Point| (point - edge.start().point).cross(normal);
            let way = |station: f64| new.beyond(station).point;
            for up in [20.0, 45.0, 80.0] {
                let (above, below) = (-off(way(up)), -off(way(-up)));
                prop_assert!((above - below).abs() < 0.02 + 0.02 * up * slope.abs(), "{up}: {above} {below}");
            }
        }

        /// A rim that leaves its seam square loses as much as the line is deep, and gains as much as it is let out.
        #[test]
        fn a_rim_square_to_its_seam_loses_the_depth(depth in -30.0f64..60.0) {
            let line_to = |from: (f64, f64), to: (f64, f64)| {
                let mut path = BezPath::new();
                path.move_to(from);
                path.line_to(to);
                Edge::along(path)
            };
            let side = line_to((200.0, 0.0), (200.0, 400.0));
            let panel = panel();
            let new = moved(
                SeamEdge { panel: &panel, edge: &side, inward: 1.0 }, true, &level(depth, side.length()),
            );
            for (from, to) in [((200.0, 400.0), (80.0, 400.0)), ((80.0, 400.0), (200.0, 400.0))] {
                let rim = PanelEdge {
                    name: EdgeName::Seam(SeamName::Shoulder),
                    edge: std::sync::Arc::new(line_to(from, to)),
                    against: false,
                    begins_at_hem: false,
                };
                let (left, meets) = rim_met(&rim, side.end().point, &new).expect("they meet");
                prop_assert!((left.length() - (120.0 - depth)).abs() < 1e-6);
                prop_assert!((meets - Point::new(200.0 - depth, 400.0)).hypot() < 1e-6);
            }
        }
    }
}
