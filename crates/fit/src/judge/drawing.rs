//! What a screen or a page needs to draw: panels, old and new edges, in millimetres.

use kurbo::{Point, Vec2};
use serde::Serialize;

use crate::garment::{EdgeName, Figure, LevelName, PanelName, Pattern, SeamEdge, SeamName};
use crate::judge::girth::LineSet;
use crate::line::Line;
use crate::reading::side::Side;
use crate::unit::length::Length;

/// How often a new edge is drawn through, in millimetres.
const DRAW_EVERY: f64 = 8.0;
/// How often a new edge is measured, in millimetres: on the tightest curve sewn, a chord this long is
/// short by less than a thousandth of a millimetre.
const MEASURE_EVERY: f64 = 2.0;

/// A panel to draw.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct PanelDrawing {
    /// Which panel.
    pub panel: PanelName,
    /// Its closed outline, `[x, y]`, `y` upward from the hem fold.
    #[cfg_attr(feature = "schema", schema(value_type = Vec<Vec<f64>>))]
    pub outline: Vec<[f64; 2]>,
    /// The legs of its darts, each from the lower end up.
    #[cfg_attr(feature = "schema", schema(value_type = Vec<Vec<Vec<f64>>>))]
    pub darts: Vec<Vec<[f64; 2]>>,
    /// New stitching on it, one course for each edge that has a line.
    pub new_edges: Vec<NewEdge>,
}

/// New stitching on one panel's edge.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct NewEdge {
    /// The seam.
    pub seam: SeamName,
    /// The side; `centre` where one line serves both.
    pub side: Side,
    /// Its course, `[x, y]`.
    #[cfg_attr(feature = "schema", schema(value_type = Vec<Vec<f64>>))]
    pub points: Vec<[f64; 2]>,
    /// Length of the old edge over the same stretch.
    pub old_length: Length,
    /// Length of the new edge.
    pub new_length: Length,
}

/// A level's place on the drawings.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct LevelMark {
    /// The level.
    pub level: LevelName,
    /// Its height above its tube's hem fold, in millimetres.
    pub height: f64,
    /// True where it lies on a sleeve.
    pub on_sleeve: bool,
}

/// Everything drawn of one fitting.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct Drawing {
    /// The panels of one half.
    pub panels: Vec<PanelDrawing>,
    /// The levels.
    pub levels: Vec<LevelMark>,
    /// The garment as worn from the front, before.
    pub figure: Option<Figure>,
    /// From the back, before.
    pub figure_back: Option<Figure>,
    /// From the front, after.
    pub figure_after: Option<Figure>,
    /// From the back, after.
    pub figure_back_after: Option<Figure>,
    /// The wearer.
    pub body: Option<Figure>,
    /// Height of the crotch above the hem fold, in millimetres, where there is one.
    pub crotch_height: Option<f64>,
}

/// The point `depth` inside an edge at a station of that edge, in millimetres.
#[must_use]
pub fn inside(edge: SeamEdge<'_>, station: f64, depth: f64) -> Point {
    let place = edge.edge.beyond(station);
    place.point + Vec2::new(-place.along.y, place.along.x) * (edge.inward * depth)
}

/// The course of a line along an edge, over the stretch where it differs from the old stitching,
/// with a point at least every so many millimetres.
#[must_use]
pub fn course(edge: SeamEdge<'_>, line: &Line, every: f64) -> Vec<Point> {
    let ratio = edge.edge.length() / line.length;
    let (low, high) = line.reach();
    let pieces = ((high - low) / every).ceil().max(1.0) as u32;
    (0..=pieces)
        .map(|piece| {
            let station = low + (high - low) * f64::from(piece) / f64::from(pieces);
            inside(edge, station * ratio, line.depth(station))
        })
        .collect()
}

/// Length of the old edge over the stretch a line changes, and of the new edge there, in millimetres:
/// the offset curve itself, measured.
#[must_use]
pub fn edge_lengths(edge: SeamEdge<'_>, line: &Line) -> [f64; 2] {
    let (low, high) = line.reach();
    let old = (high - low) * edge.edge.length() / line.length;
    [old, polyline_length(&course(edge, line, MEASURE_EVERY))]
}

/// The panels with every line on them.
#[must_use]
pub fn panels(pattern: &Pattern, lines: &LineSet, one_line: impl Fn(SeamName) -> bool) -> Vec<PanelDrawing> {
    let points = |points: &[Point]| -> Vec<[f64; 2]> {
        let hundredth = |mm: f64| (mm * 100.0).round() / 100.0 + 0.0;
        points.iter().map(|point| [hundredth(point.x), hundredth(point.y)]).collect()
    };
    pattern
        .panels
        .iter()
        .map(|panel| {
            let edges = panel.edges.iter().filter_map(|edge| match edge.name {
                EdgeName::Seam(seam) => {
                    Some((seam, SeamEdge { panel, edge: &edge.edge, inward: edge.inward() }))
                }
                _ => None,
            });
            let legs = panel.darts.iter().flat_map(|dart| {
                [(0, 1.0), (1, -1.0)]
                    .map(|(leg, inward)| (dart.name, SeamEdge { panel, edge: &dart.legs[leg], inward }))
            });
            let new_edges = edges
                .chain(legs)
                .filter(|(seam, _)| !seam.is_crosswise())
                .flat_map(|(seam, edge)| {
                    lines
                        .iter()
                        .filter(move |(name, ..)| *name == seam)
                        .filter(|(name, side, _)| !(one_line(*name) && *side == Side::Right))
                        .map(move |(name, side, line)| (name, side, line, edge))
                })
                .map(|(seam, side, line, edge)| {
                    let [old, new] = edge_lengths(edge, line);
                    NewEdge {
                        seam,
                        side: if one_line(seam) { Side::Centre } else { side },
                        points: points(&course(edge, line, DRAW_EVERY)),
                        old_length: Length::from_mm(old),
                        new_length: Length::from_mm(new),
                    }
                })
                .collect();
            PanelDrawing {
                panel: panel.name,
                outline: crate::garment::flattened(&panel.outline()),
                // Legs that lie on each other are a place for a dart, and nothing that is there.
                darts: panel
                    .darts
                    .iter()
                    .filter(|dart| dart.legs[0].places() != dart.legs[1].places())
                    .flat_map(|dart| &dart.legs)
                    .map(|leg| points(&leg.places().iter().map(|place| place.point).collect::<Vec<_>>()))
                    .collect(),
                new_edges,
            }
        })
        .collect()
}

fn polyline_length(points: &[Point]) -> f64 {
    points.windows(2).map(|pair| (pair[1] - pair[0]).hypot()).sum()
}
