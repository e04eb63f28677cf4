//! What a screen or a page needs to draw: panels, old and new edges, in millimetres.

use serde::Serialize;

use crate::garment::{Edge, LevelName, PanelName, SeamName, TrouserPanels};
use crate::girth::LineSet;
use crate::line::Line;
use crate::{Length, Side};

use crate::garment::Figure;

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
    /// New stitching on it, one course for each seam that has a line.
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
    /// Its height above the hem fold, in millimetres.
    pub height: f64,
}

/// Everything drawn of one fitting.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct Drawing {
    /// The panels of one leg.
    pub panels: Vec<PanelDrawing>,
    /// The levels.
    pub levels: Vec<LevelMark>,
    /// The garment as worn, before.
    pub figure: Option<Figure>,
    /// The garment as worn, after.
    pub figure_after: Option<Figure>,
    /// The wearer.
    pub body: Option<Figure>,
    /// Height of the crotch above the hem fold, in millimetres.
    pub crotch_height: f64,
}

/// The point `depth` inside an edge at a station: along the inward normal.
#[must_use]
pub fn inside(edge: &Edge, station: f64, depth: f64, inward: f64) -> [f64; 2] {
    let place = edge.at(station);
    let x = place.point.x + inward * -place.along.y * depth;
    let y = place.point.y + inward * place.along.x * depth;
    [(x * 100.0).round() / 100.0, (y * 100.0).round() / 100.0]
}

/// Which way is inward, left of the upward direction (`1`) or right of it (`-1`).
#[must_use]
pub const fn inward(seam: SeamName) -> f64 {
    match seam {
        SeamName::Outseam => 1.0,
        SeamName::Inseam | SeamName::CentreBack | SeamName::CentreFront => -1.0,
    }
}

/// The course of a line along an edge, over the stretch where it differs from the old stitching.
#[must_use]
pub fn course(edge: &Edge, line: &Line, seam: SeamName) -> Vec<[f64; 2]> {
    let ratio = edge.length() / line.length;
    let (low, high) = line.reach();
    let pieces = ((high - low) / DRAW_EVERY).ceil().max(1.0) as u32;
    (0..=pieces)
        .map(|piece| {
            let station = low + (high - low) * f64::from(piece) / f64::from(pieces);
            inside(edge, station * ratio, line.depth(station), inward(seam))
        })
        .collect()
}

/// The panels with every line on them.
#[must_use]
pub fn panels(
    panels: &TrouserPanels,
    lines: &LineSet,
    one_line: impl Fn(SeamName) -> bool,
) -> Vec<PanelDrawing> {
    [&panels.front, &panels.back]
        .into_iter()
        .map(|panel| {
            let new_edges = lines
                .iter()
                .filter(|(seam, side, _)| !(one_line(*seam) && *side == Side::Right))
                .filter_map(|(seam, side, line)| {
                    let edge = panel.edge(seam)?;
                    let points = course(edge, line, seam);
                    let (low, high) = line.reach();
                    let ratio = edge.length() / line.length;
                    let side = if one_line(seam) { Side::Centre } else { side };
                    Some(NewEdge {
                        seam,
                        side,
                        old_length: Length::from_mm((high - low) * ratio),
                        new_length: Length::from_mm(polyline_length(&points)),
                        points,
                    })
                })
                .collect();
            PanelDrawing {
                panel: panel.name,
                outline: crate::garment::flattened(&panel.outline()),
                new_edges,
            }
        })
        .collect()
}

fn polyline_length(points: &[[f64; 2]]) -> f64 {
    points.windows(2).map(|p| (p[1][0] - p[0][0]).hypot(p[1][1] - p[0][1])).sum()
}
