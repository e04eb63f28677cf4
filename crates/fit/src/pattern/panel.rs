//! A panel: one piece of cloth with a curved outline and named edges.

use kurbo::{BezPath, PathEl, Point};
use serde::{Deserialize, Serialize};

use std::sync::Arc;

use super::edge::Edge;
use crate::garment::level::Tube;
use crate::garment::seam::SeamName;

/// Which panel of one half of a garment; the other half is its mirror image.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum PanelName {
    /// The front; the middle front where there is a side front.
    Front,
    /// Between front princess seam and side seam.
    SideFront,
    /// Between back princess seam and side seam.
    SideBack,
    /// The back; the middle back where there is a side back.
    Back,
    /// A sleeve in one piece.
    Sleeve,
    /// The upper piece of a sleeve in two.
    TopSleeve,
    /// The lower piece of a sleeve in two.
    UnderSleeve,
}

impl PanelName {
    /// What it is called in a sentence.
    #[must_use]
    pub const fn words(self) -> &'static str {
        match self {
            PanelName::Front => "front",
            PanelName::SideFront => "side front",
            PanelName::SideBack => "side back",
            PanelName::Back => "back",
            PanelName::Sleeve => "sleeve",
            PanelName::TopSleeve => "top sleeve",
            PanelName::UnderSleeve => "under sleeve",
        }
    }

    /// The tube it goes round above any crotch.
    #[must_use]
    pub const fn tube(self) -> Tube {
        match self {
            PanelName::Sleeve | PanelName::TopSleeve | PanelName::UnderSleeve => Tube::Sleeve,
            _ => Tube::Body,
        }
    }
}

/// What lies along an edge of a panel.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub enum EdgeName {
    /// A seam.
    Seam(SeamName),
    /// The armhole.
    Armhole,
    /// The sleeve's cap.
    Cap,
    /// The neckline.
    Neckline,
}

/// An edge of a panel, measured from its lower end to its upper.
#[derive(Debug, Clone)]
pub struct PanelEdge {
    /// What lies along it.
    pub name: EdgeName,
    /// Its curve, lower end first; what no operation moved is the edge as it came.
    pub edge: Arc<Edge>,
    /// True where the outline, walked with the cloth on the left, runs down it.
    pub against: bool,
    /// True where its lower end is the panel's hem.
    pub begins_at_hem: bool,
}

impl PanelEdge {
    /// An edge as it came. Heights are counted from the hem fold, so what begins at none begins there.
    #[must_use]
    pub(super) fn drawn(name: EdgeName, edge: Edge, against: bool) -> PanelEdge {
        let upright = matches!(name, EdgeName::Seam(seam) if !seam.is_crosswise());
        let begins_at_hem = upright && edge.start().point.y.abs() < 1e-6;
        PanelEdge { name, edge: Arc::new(edge), against, begins_at_hem }
    }

    /// Which way the cloth lies, seen up the edge: left (`1`) or right (`-1`).
    #[must_use]
    pub const fn inward(&self) -> f64 {
        if self.against { -1.0 } else { 1.0 }
    }
}

/// A dart inside a panel: two legs from one tip, which may lie on each other until it is sewn.
#[derive(Debug, Clone)]
pub struct Dart {
    /// Which dart.
    pub name: SeamName,
    /// The leg by the middle, and the leg by the side, lower end first.
    pub legs: [Arc<Edge>; 2],
}

impl Dart {
    /// What the dart takes out at a height as it is sewn now.
    #[must_use]
    pub fn intake_at(&self, height: f64) -> f64 {
        let [middle, side] = &self.legs;
        if middle.spans(height) {
            side.at_height(height).point.x - middle.at_height(height).point.x
        } else {
            0.0
        }
    }
}

/// A place of a panel's hem.
#[derive(Debug, Clone, Copy, PartialEq)]
pub struct HemAt {
    /// How far across the panel, from its edge with the smaller `x` to that with the larger.
    pub share: f64,
    /// How far up the cloth from where its edges begin, in millimetres; negative lies on the turn-up.
    pub up: f64,
}

/// A panel: `x` grows towards the side of the body, `y` is the height above its tube's hem fold, both
/// in millimetres.
#[derive(Debug, Clone)]
pub struct Panel {
    /// Which panel it is.
    pub name: PanelName,
    /// Its edges in the order of the outline, the cloth on the left.
    pub edges: Vec<PanelEdge>,
    /// The darts in it.
    pub darts: Vec<Dart>,
    /// Its finished hem, from the edge with the smaller `x` across.
    pub hem: Vec<HemAt>,
}

/// A hem as it came: at the fold from which heights are counted.
const LEVEL_HEM: [HemAt; 2] = [HemAt { share: 0.0, up: 0.0 }, HemAt { share: 1.0, up: 0.0 }];

impl Panel {
    /// A panel as it came.
    #[must_use]
    pub(super) fn drawn(name: PanelName, edges: Vec<PanelEdge>, darts: Vec<Dart>) -> Panel {
        Panel { name, edges, darts, hem: LEVEL_HEM.to_vec() }
    }

    /// The edge that lies in a seam, when this panel has one.
    #[must_use]
    pub fn edge(&self, name: EdgeName) -> Option<&PanelEdge> {
        self.edges.iter().find(|edge| edge.name == name)
    }

    /// The edges that begin at its hem, that with the smaller `x` first.
    #[must_use]
    pub fn hem_edges(&self) -> Option<[&PanelEdge; 2]> {
        let at_hem = self.edges.iter().filter(|edge| edge.begins_at_hem);
        let mut found: Vec<&PanelEdge> = at_hem.collect();
        let x = |edge: &PanelEdge| edge.edge.start().point.x;
        found.sort_by(|a, b| x(a).total_cmp(&x(b)));
        let last = found.pop()?;
        Some([found.into_iter().next()?, last])
    }

    /// The cloth at a share of the panel's width, so far up from where its edges begin. A panel is ruled from one edge
    /// to the other, equal stations joined straight, so that an even amount off a flared panel is the same length off
    /// both its seams.
    #[must_use]
    pub fn cloth_at(&self, share: f64, up: f64) -> Option<Point> {
        let [first, second] = self.hem_edges()?;
        Some(first.edge.beyond(up).point.lerp(second.edge.beyond(up).point, share))
    }

    /// Length of its finished hem, in millimetres.
    #[must_use]
    pub fn hem_length(&self) -> f64 {
        let points: Vec<Point> = self.hem.iter().filter_map(|at| self.cloth_at(at.share, at.up)).collect();
        points.windows(2).map(|pair| (pair[1] - pair[0]).hypot()).sum()
    }

    /// How far up its finished hem is at a share of its width, in millimetres.
    #[must_use]
    pub fn hem_up(&self, share: f64) -> f64 {
        let above = self.hem.partition_point(|at| at.share < share);
        match (above.checked_sub(1).map(|i| self.hem[i]), self.hem.get(above)) {
            (Some(a), Some(b)) => a.up + (b.up - a.up) * (share - a.share) / (b.share - a.share),
            (Some(at), None) => at.up,
            (None, at) => at.map_or(0.0, |at| at.up),
        }
    }

    /// The width of cloth at a height from the tabulated edges, quicker than [`Panel::width_at`];
    /// beyond the seams that run up and down it is the width at their end.
    #[must_use]
    pub fn width_near(&self, height: f64) -> f64 {
        let upright = |edge: &&PanelEdge| matches!(edge.name, EdgeName::Seam(seam) if !seam.is_crosswise());
        let width = |height: f64| {
            let xs = self.edges.iter().filter(upright).filter(|edge| edge.edge.spans(height));
            let xs: Vec<f64> = xs.map(|edge| edge.edge.at_height(height).point.x).collect();
            let most = xs.iter().copied().reduce(f64::max)?;
            let least = xs.iter().copied().reduce(f64::min)?;
            (xs.len() > 1).then_some(most - least)
        };
        let tops = self.edges.iter().filter(upright).map(|edge| edge.edge.end().point.y);
        let lowest_top = tops.fold(f64::MAX, f64::min);
        width(height).or_else(|| width(lowest_top - 1e-6)).unwrap_or(0.0)
    }

    /// Where a height crosses it, at the seam or rim on one side and at that on the other: least and most. `None` where
    /// the height misses it.
    #[must_use]
    pub fn crossed_at(&self, height: f64) -> Option<[f64; 2]> {
        let flat = |name| matches!(name, EdgeName::Seam(seam) if SeamName::is_crosswise(seam));
        let spanning = self.edges.iter().filter(|edge| !flat(edge.name) && edge.edge.spans(height));
        let xs: Vec<f64> = spanning.map(|edge| edge.edge.at_height(height).point.x).collect();
        let (least, most) = (xs.iter().copied().reduce(f64::min)?, xs.iter().copied().reduce(f64::max)?);
        (xs.len() > 1).then_some([least, most])
    }

    /// How broad it is at a height, between those.
    #[must_use]
    pub fn breadth_at(&self, height: f64) -> Option<f64> {
        self.crossed_at(height).map(|[least, most]| most - least)
    }

    /// The closed outline, the cloth on the left. Where one edge ends and the next begins elsewhere
    /// (a hem, a band) they are joined straight.
    #[must_use]
    pub fn outline(&self) -> BezPath {
        let mut outline = BezPath::new();
        let mut first: Option<Point> = None;
        for PanelEdge { edge, against, .. } in &self.edges {
            let path = if *against { edge.path().reverse_subpaths() } else { edge.path().clone() };
            for element in path.elements() {
                match element {
                    PathEl::MoveTo(point) if first.is_none() => {
                        first = Some(*point);
                        outline.move_to(*point);
                    }
                    PathEl::MoveTo(point) => outline.line_to(*point),
                    other => outline.push(*other),
                }
            }
        }
        outline.close_path();
        outline
    }

    /// The horizontal width at a height, measured on the outline, from the outermost crossing to the
    /// innermost, less what its darts take out. `None` where the height misses the panel.
    #[must_use]
    pub fn width_at(&self, height: f64) -> Option<f64> {
        let mut crossings: Vec<f64> = Vec::new();
        let mut last: Option<Point> = None;
        kurbo::flatten(self.outline(), 0.01, |element| {
            let point = match element {
                PathEl::MoveTo(point) | PathEl::LineTo(point) => point,
                _ => return,
            };
            if let Some(from) = last
                && (from.y - height) * (point.y - height) <= 0.0
                && from.y != point.y
            {
                crossings.push(from.x + (height - from.y) / (point.y - from.y) * (point.x - from.x));
            }
            last = Some(point);
        });
        let most = crossings.iter().copied().reduce(f64::max)?;
        let least = crossings.iter().copied().reduce(f64::min)?;
        Some(most - least - self.darts.iter().map(|dart| dart.intake_at(height)).sum::<f64>())
    }
}
