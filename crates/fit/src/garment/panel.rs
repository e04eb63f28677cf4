//! A panel: one piece of cloth with a curved outline and named edges.

use kurbo::{BezPath, PathEl, Point};
use serde::{Deserialize, Serialize};

use super::SeamName;
use super::edge::Edge;

/// Which panel of a leg.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum PanelName {
    /// The front leg.
    Front,
    /// The back leg.
    Back,
}

impl PanelName {
    /// What it is called in a sentence.
    #[must_use]
    pub const fn words(self) -> &'static str {
        match self {
            PanelName::Front => "front",
            PanelName::Back => "back",
        }
    }
}

/// A panel on its crease line: `x` is zero on the crease and positive towards the outseam, `y` is
/// the height above the hem fold, both in millimetres.
#[derive(Debug, Clone)]
pub struct Panel {
    /// Which panel it is.
    pub name: PanelName,
    /// Its edges, each from lower end to upper: outseam, centre seam, inseam.
    pub edges: [(SeamName, Edge); 3],
}

impl Panel {
    /// The edge that lies in a seam, when this panel has one.
    #[must_use]
    pub fn edge(&self, seam: SeamName) -> Option<&Edge> {
        self.edges.iter().find(|(name, _)| *name == seam).map(|(_, edge)| edge)
    }

    /// The width at a height from the tabulated edges, quicker than [`Panel::width_at`]; above
    /// the top of the outseam, where the band slopes, it is the width there.
    #[must_use]
    pub fn width_near(&self, height: f64) -> f64 {
        let [(_, outer), (_, centre), (_, inner)] = &self.edges;
        let height = height.min(outer.at(f64::MAX).point.y);
        let inside = if height > inner.at(f64::MAX).point.y { centre } else { inner };
        outer.at_height(height).point.x - inside.at_height(height).point.x
    }

    /// The closed outline: up the outseam, along the top, down centre seam and inseam, along
    /// the hem.
    #[must_use]
    pub fn outline(&self) -> BezPath {
        let mut outline = BezPath::new();
        let mut first: Option<Point> = None;
        for (index, (_, edge)) in self.edges.iter().enumerate() {
            let path = if index == 0 { edge.path().clone() } else { edge.path().reverse_subpaths() };
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

    /// The horizontal width at a height, measured on the outline: from the outermost crossing
    /// to the innermost. `None` where the height misses the panel.
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
        Some(most - least)
    }
}
