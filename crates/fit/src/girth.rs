//! What the lines do to each level's girth.
//!
//! At a level the change is `ΔG = −Σ d / cos θ` over both edges of every seam that crosses the
//! level *of that tube*, where `d` is the line's depth there and `θ` the edge's lean from
//! vertical. A body above the crotch is one tube, crossed by both outseams and the centre back;
//! each leg is its own, crossed by its own outseam and inseam.

use serde::Serialize;

use crate::garment::{Level, LevelName, SeamName, TrouserPanels, Tube};
use crate::line::Line;
use crate::{Length, Side};

/// A seam leaning more than this has no depth *across* a level: cos 60°.
const LEAST_COS: f64 = 0.5;

/// The lines of one fitting.
#[derive(Debug, Clone, Default)]
pub struct LineSet(Vec<(SeamName, Side, Line)>);

impl LineSet {
    /// Adds the line of one seam on one side.
    pub fn add(&mut self, seam: SeamName, side: Side, line: Line) {
        self.0.push((seam, side, line));
    }

    /// The line of a seam on a side.
    #[must_use]
    pub fn get(&self, seam: SeamName, side: Side) -> Option<&Line> {
        self.0.iter().find(|(name, at, _)| *name == seam && *at == side).map(|(.., line)| line)
    }

    /// Every line.
    pub fn iter(&self) -> impl Iterator<Item = (SeamName, Side, &Line)> {
        self.0.iter().map(|(seam, side, line)| (*seam, *side, line))
    }
}

/// What one seam gives or takes at a level.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct GirthPart {
    /// The seam.
    pub seam: SeamName,
    /// Its side.
    pub side: Side,
    /// Depth of the line where the seam crosses the level.
    pub depth: Length,
    /// Change of girth it makes; negative is smaller.
    pub change: Length,
}

/// A level's girth before and after.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct LevelGirth {
    /// The level.
    pub level: LevelName,
    /// Which leg; `None` on the body, or where both legs are alike.
    pub leg: Option<Side>,
    /// Girth as measured.
    pub before: Length,
    /// Girth with every line sewn.
    pub after: Length,
    /// What each seam does.
    pub parts: Vec<GirthPart>,
}

impl LevelGirth {
    /// The change: negative is smaller.
    #[must_use]
    pub fn change(&self) -> Length {
        self.after - self.before
    }
}

/// Girths of every measured level, from the top down; legs that come out alike share a row.
#[must_use]
pub fn girths(panels: &TrouserPanels, lines: &LineSet) -> Vec<LevelGirth> {
    let mut rows = Vec::new();
    for level in &panels.levels {
        match level.name.tube() {
            Tube::Body => rows.push(level_girth(panels, level, None, lines)),
            Tube::Leg => {
                let [left, right] =
                    [Side::Left, Side::Right].map(|side| level_girth(panels, level, Some(side), lines));
                if (left.after - right.after).abs() < Length::from_mm(0.05) {
                    rows.push(LevelGirth { leg: None, ..left });
                } else {
                    rows.push(left);
                    rows.push(right);
                }
            }
        }
    }
    rows
}

fn level_girth(panels: &TrouserPanels, level: &Level, leg: Option<Side>, lines: &LineSet) -> LevelGirth {
    let crossings: &[(SeamName, Side)] = match leg {
        None => &[
            (SeamName::Outseam, Side::Left),
            (SeamName::Outseam, Side::Right),
            (SeamName::CentreBack, Side::Centre),
        ],
        Some(Side::Left) => &[(SeamName::Outseam, Side::Left), (SeamName::Inseam, Side::Left)],
        Some(_) => &[(SeamName::Outseam, Side::Right), (SeamName::Inseam, Side::Right)],
    };
    let parts: Vec<GirthPart> = crossings
        .iter()
        .filter_map(|(seam, side)| {
            let line = lines.get(*seam, *side)?;
            let (depth, change) = crossing(panels, *seam, level, line)?;
            Some(GirthPart {
                seam: *seam,
                side: *side,
                depth: Length::from_mm(depth),
                change: Length::from_mm(change),
            })
        })
        .collect();
    let change: Length = parts.iter().map(|part| part.change).sum();
    LevelGirth { level: level.name, leg, before: level.girth, after: level.girth + change, parts }
}

/// Depth of a line at a level, mean of both edges, and the change of girth it makes there.
/// `None` where the seam runs too near the level for a depth across it to mean anything.
fn crossing(panels: &TrouserPanels, seam: SeamName, level: &Level, line: &Line) -> Option<(f64, f64)> {
    let mut depth_sum = 0.0;
    let mut change = 0.0;
    for edge in panels.edges(seam) {
        // The band runs square to the seams that meet it, so at the waist no lean counts.
        let (station, cos) = if level.name == LevelName::Waist {
            (edge.length(), 1.0)
        } else {
            let place = edge.at_height(level.height.mm());
            (place.station, place.cos_lean())
        };
        if cos < LEAST_COS {
            return None;
        }
        let depth = line.depth(station * line.length / edge.length());
        depth_sum += depth;
        change -= depth / cos;
    }
    Some((depth_sum / 2.0, change))
}
