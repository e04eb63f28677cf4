//! What a screen or a page needs to draw: panels, old and new edges, in millimetres.

use kurbo::Point;
use serde::Serialize;

use crate::garment::side::Side;
use crate::garment::{LevelName, SeamName};
use crate::judge::picture::figure::Figure;
use crate::judge::picture::pen::flattened;
use crate::pattern::{Edge, EdgeName, Panel, PanelName, Pattern};
use crate::unit::length::Length;

/// How often a new edge is drawn through, in millimetres.
const DRAW_EVERY: f64 = 8.0;

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

/// The panels as they came, with the new stitching on them.
#[must_use]
pub fn panels(came: &Pattern, will_be: &Pattern) -> Vec<PanelDrawing> {
    came.panels()
        .iter()
        .enumerate()
        .map(|(i, panel)| PanelDrawing {
            panel: panel.name,
            outline: flattened(&panel.outline()),
            // Legs that lie on each other are a place for a dart, and nothing that is there.
            darts: panel
                .darts
                .iter()
                .filter(|dart| dart.legs[0].places() != dart.legs[1].places())
                .flat_map(|dart| &dart.legs)
                .map(|leg| hundredths(leg.places().iter().map(|place| place.point)))
                .collect(),
            new_edges: match [Side::Left, Side::Right].map(|side| will_be.half(side).get(i)) {
                [Some(left), Some(right)] => new_edges([left, right]),
                _ => Vec::new(),
            },
        })
        .collect()
}

/// New stitching on one panel: one course where both halves have the same, one a side where they differ.
fn new_edges([left, right]: [&Panel; 2]) -> Vec<NewEdge> {
    let mut drawn = Vec::new();
    for ((seam, left), (_, right)) in edges_in_seams(left).zip(edges_in_seams(right)) {
        let alike = std::ptr::eq(left, right) || left.places() == right.places();
        let sides: &[(Side, &Edge)] =
            if alike { &[(Side::Centre, left)] } else { &[(Side::Left, left), (Side::Right, right)] };
        for (side, edge) in sides {
            let Some(moved) = edge.moved() else { continue };
            let [from, to] = moved.new;
            drawn.push(NewEdge {
                seam,
                side: *side,
                points: hundredths(thinned(edge, from, to)),
                old_length: Length::from_mm(moved.old[1] - moved.old[0]),
                new_length: Length::from_mm(to - from),
            });
        }
    }
    drawn
}

fn edges_in_seams(panel: &Panel) -> impl Iterator<Item = (SeamName, &Edge)> {
    let edges = panel.edges.iter().filter_map(|edge| match edge.name {
        EdgeName::Seam(seam) => Some((seam, &*edge.edge)),
        _ => None,
    });
    edges.chain(panel.darts.iter().flat_map(|dart| dart.legs.iter().map(|leg| (dart.name, &**leg))))
}

/// The places of an edge between two stations, about every so often.
fn thinned(edge: &Edge, from: f64, to: f64) -> Vec<Point> {
    let pieces = ((to - from) / DRAW_EVERY).ceil().max(1.0) as u32;
    (0..=pieces)
        .map(|piece| edge.at(from + (to - from) * f64::from(piece) / f64::from(pieces)).point)
        .collect()
}

fn hundredths(points: impl IntoIterator<Item = Point>) -> Vec<[f64; 2]> {
    let hundredth = |mm: f64| (mm * 100.0).round() / 100.0 + 0.0;
    points.into_iter().map(|point| [hundredth(point.x), hundredth(point.y)]).collect()
}
