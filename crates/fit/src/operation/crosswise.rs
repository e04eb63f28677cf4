//! A seam across the body taken up: shoulder, yoke or waist seam. No girth changes by it, lengths do.

use std::sync::Arc;

use kurbo::Point;

use super::offset::{moved, rim_met};
use crate::garment::side::Side;
use crate::garment::{LevelName, SeamName, Tube};
use crate::line::{Knot, Line};
use crate::pattern::{EdgeName, Panel, PanelName, Pattern, SeamEdge, YOKE_AT};
use crate::unit::length::Length;

/// Takes a seam across the body up by a line, on one half.
pub(super) fn take_up(pattern: &mut Pattern, seam: SeamName, side: Side, line: &Line) {
    match seam {
        SeamName::Shoulder => shoulder(pattern, side, line),
        SeamName::Yoke => yoke(pattern, side, line),
        SeamName::WaistSeam => waist(pattern, side, line),
        _ => {}
    }
}

fn half(pattern: &mut Pattern, side: Side) -> &mut Vec<Panel> {
    &mut pattern.halves[usize::from(side == Side::Right)]
}

/// Both shoulder edges sink into their panels. A shoulder's line is counted from the neck, its edges from the outside.
fn shoulder(pattern: &mut Pattern, side: Side, line: &Line) {
    let Some(bodice) = pattern.bodice else { return };
    let scale = line.length / bodice.shoulder_length();
    for panel in half(pattern, side) {
        let bare = panel.clone();
        for (i, old) in bare.edges.iter().enumerate() {
            if old.name != EdgeName::Seam(SeamName::Shoulder) {
                continue;
            }
            // A part of a shoulder that a princess seam cuts begins further from the neck.
            let rims = bare.edges.iter().filter(|rim| rim.name == EdgeName::Neckline);
            let to_neck = if rims.count() > 0 { 0.0 } else { bodice.shoulder_length() - old.edge.length() };
            let part = reversed(line, to_neck * scale, (to_neck + old.edge.length()) * scale);
            let own = SeamEdge { panel: &bare, edge: &old.edge, inward: old.inward() };
            let mut new = moved(own, false, &part);
            for (j, rim) in bare.edges.iter().enumerate().filter(|(j, _)| *j != i) {
                for (end, is_upper) in [(old.edge.end().point, true), (old.edge.start().point, false)] {
                    let ends = [rim.edge.start().point, rim.edge.end().point];
                    if !ends.iter().any(|point| (*point - end).hypot() < 1e-6) {
                        continue;
                    }
                    // Met from its lower end, the shoulder is walked the other way.
                    let walked = if is_upper { new.clone() } else { turned(&new) };
                    if let Some((left, meets)) = rim_met(&panel.edges[j], end, &walked) {
                        panel.edges[j].edge = Arc::new(left);
                        let met = walked.ending_at(meets);
                        new = if is_upper { met } else { turned(&met) };
                    }
                }
            }
            panel.edges[i].edge = Arc::new(new);
        }
    }
}

fn turned(edge: &crate::pattern::Edge) -> crate::pattern::Edge {
    let points: Vec<Point> = edge.places().iter().rev().map(|place| place.point).collect();
    crate::pattern::Edge::through(&points)
}

/// The stretch of a line between two stations, counted from the further one.
fn reversed(line: &Line, from: f64, to: f64) -> Line {
    let (low, high) = (from.min(line.length), to.min(line.length));
    let mut stations: Vec<f64> = line.knots().iter().map(|knot| knot.station).collect();
    stations.retain(|station| *station > low && *station < high);
    stations.extend([low, high]);
    stations.sort_by(f64::total_cmp);
    let knots = stations.iter().rev().map(|station| {
        let at = line.at(*station);
        Knot { station: high - station, depth: at.depth, slope: -at.slope }
    });
    Line::through(knots.collect(), high - low)
}

/// The back above its yoke comes down by what both edges of the yoke lose.
fn yoke(pattern: &mut Pattern, side: Side, line: &Line) {
    let Some(bodice) = pattern.bodice else { return };
    let height = bodice.underarm + YOKE_AT * (bodice.shoulder.y - bodice.underarm);
    let backs = [PanelName::Back, PanelName::SideBack];
    // From the centre back outwards.
    let mut outwards: Vec<usize> = (0..half(pattern, side).len()).collect();
    outwards.retain(|i| backs.contains(&half(pattern, side)[*i].name));
    outwards.sort_by_key(|i| half(pattern, side)[*i].name != PanelName::Back);
    let mut begins = 0.0;
    for i in outwards {
        let panel = &mut half(pattern, side)[i];
        let Some([left, right]) = panel.crossed_at(height) else { continue };
        let whole = right - left;
        let depth = |x: f64| line.depth((begins + (x - left).clamp(0.0, whole)).min(line.length));
        *panel = without_strip(panel, height, [0.0, 2.0], &depth);
        begins += whole;
    }
}

/// Bodice and skirt each lose the line's depth at the waist seam, and meet where it was.
fn waist(pattern: &mut Pattern, side: Side, line: &Line) {
    let Some(height) = pattern.waist else { return };
    let round = [PanelName::Front, PanelName::SideFront, PanelName::SideBack, PanelName::Back];
    let widths: Vec<(PanelName, [f64; 2])> = round
        .into_iter()
        .filter_map(|name| {
            let panel = half(pattern, side).iter().find(|panel| panel.name == name)?;
            Some((name, panel.crossed_at(height)?))
        })
        .collect();
    let whole: f64 = widths.iter().map(|(_, [left, right])| right - left).sum();
    let scale = line.length / whole.max(1.0);
    let mut begins = 0.0;
    let mut at_side = 0.0;
    for (name, [left, right]) in widths {
        let is_back = matches!(name, PanelName::Back | PanelName::SideBack);
        let width = right - left;
        // The back is walked from the side to its centre, where `x` is least.
        let along = |x: f64| {
            let x = (x - left).clamp(0.0, width);
            begins + if is_back { width - x } else { x }
        };
        let depth = |x: f64| line.depth((along(x) * scale).min(line.length));
        if let Some(panel) = half(pattern, side).iter_mut().find(|panel| panel.name == name) {
            *panel = without_strip(panel, height, [1.0, 1.0], &depth);
        }
        begins += width;
        if !is_back {
            at_side = line.depth((begins * scale).min(line.length));
        }
    }
    // Levels keep their distance from the shoulders. Each half brings its share.
    for level in pattern.levels.iter_mut().filter(|level| level.tube == Tube::Body) {
        if !matches!(level.name, LevelName::Waist | LevelName::Hem) {
            level.height -= Length::from_mm(at_side / 2.0);
        }
    }
    if let Some(bodice) = &mut pattern.bodice {
        for y in [
            &mut bodice.underarm,
            &mut bodice.shoulder.y,
            &mut bodice.neck.y,
            &mut bodice.nape,
            &mut bodice.front_neck,
        ] {
            *y -= at_side / 2.0;
        }
    }
}

/// A panel without a strip across it. What lies below the strip's middle comes up by `sinks[0]`, what lies above down by
/// `sinks[1]`, times the depth there.
fn without_strip(panel: &Panel, height: f64, sinks: [f64; 2], depth: &dyn Fn(f64) -> f64) -> Panel {
    let mut taken = panel.clone();
    let moves = |point: Point| {
        let by = depth(point.x);
        let by = if point.y < height { sinks[0] * by } else { -sinks[1] * by };
        Point::new(point.x, point.y + by)
    };
    let edges = taken.edges.iter_mut().map(|edge| &mut edge.edge);
    let legs = taken.darts.iter_mut().flat_map(|dart| &mut dart.legs);
    for edge in edges.chain(legs) {
        let crosses = edge.start().point.y < height && edge.end().point.y > height;
        *edge = Arc::new(if crosses {
            let place = edge.at_height(height);
            let lost = depth(place.point.x);
            let ends = [place.station - lost, place.station + lost];
            let [below, above] = ends.map(|station| edge.at(station).point.y);
            let meet = height + (sinks[0] - 1.0) * lost;
            edge.without(ends, meet - below, above - meet)
        } else {
            edge.mapped(moves)
        });
    }
    taken
}
