//! What the lines do to each level's girth.
//!
//! To first order the change is `ΔG = −Σ d / cos θ` over both edges of every seam that crosses the
//! level *of that tube*, where `d` is the line's depth there and `θ` the edge's lean from vertical.
//! What is computed is where each new edge really crosses the level, which on a curved or leaning edge
//! is not where the old one did. A body is one tube, crossed by the seams of both its sides and its
//! centre seams; each leg and each sleeve is its own, crossed by its own.

use kurbo::common::solve_itp;
use serde::Serialize;

use crate::garment::{Level, LevelName, Pattern, SeamEdge, SeamName, Tube};
use crate::line::Line;
use crate::reading::side::Side;
use crate::unit::length::Length;

/// A seam leaning more than this has no depth *across* a level: cos 60°.
const LEAST_COS: f64 = 0.5;
/// How near the crossing of a new edge with a level is found, in millimetres along the seam.
const NEAR: f64 = 1e-6;
/// Doublings of the stretch of seam in which that crossing is looked for.
const DOUBLINGS: u32 = 5;
/// Left and right within this, in millimetres, share a row.
const ALIKE: f64 = 0.05;

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

    /// The line of a seam on a side; a centre seam has one for both.
    #[must_use]
    pub fn on(&self, seam: SeamName, side: Side) -> Option<&Line> {
        self.get(seam, if seam.is_paired() { side } else { Side::Centre })
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
    /// The tube it goes round.
    pub tube: Tube,
    /// Which leg or sleeve; `None` on the body, or where both are alike.
    pub side: Option<Side>,
    /// Girth as measured, with any lacing as it is worn.
    pub before: Length,
    /// Girth with every line sewn.
    pub after: Length,
    /// What each seam does.
    pub parts: Vec<GirthPart>,
    /// True when the width was not measured and the drawing's own is used.
    pub estimated: bool,
}

impl LevelGirth {
    /// The change: negative is smaller.
    #[must_use]
    pub fn change(&self) -> Length {
        self.after - self.before
    }
}

/// Girths of every level, from the top down; legs or sleeves that come out alike share a row.
#[must_use]
pub fn girths(pattern: &Pattern, lines: &LineSet) -> Vec<LevelGirth> {
    let mut rows = Vec::new();
    for level in &pattern.levels {
        match level.tube {
            Tube::Body => rows.push(level_girth(pattern, level, None, lines)),
            Tube::Leg | Tube::Sleeve => {
                let [left, right] =
                    [Side::Left, Side::Right].map(|side| level_girth(pattern, level, Some(side), lines));
                if (left.after - right.after).abs() < Length::from_mm(ALIKE) {
                    rows.push(LevelGirth { side: None, ..left });
                } else {
                    rows.push(left);
                    rows.push(right);
                }
            }
        }
    }
    rows
}

/// The seams that cross a level, with the side each is on. A seam that ends below or above the level,
/// or goes round another tube there, is not among them.
#[must_use]
pub fn crossing_seams(pattern: &Pattern, level: &Level) -> Vec<SeamName> {
    SeamName::ALL.into_iter().filter(|seam| crosses(pattern, *seam, level)).collect()
}

fn crosses(pattern: &Pattern, seam: SeamName, level: &Level) -> bool {
    let Some(edges) = pattern.edges(seam) else { return false };
    let sleeve = edges[0].panel.name.tube() == Tube::Sleeve;
    if sleeve != (level.tube == Tube::Sleeve) {
        return false;
    }
    let height = level.height.mm();
    if let Some(crotch) = pattern.crotch {
        let upright = match seam {
            SeamName::Outseam => true,
            SeamName::Inseam => level.tube == Tube::Leg,
            _ => level.tube == Tube::Body && (level.on_band || height > crotch.height),
        };
        if !upright {
            return false;
        }
    }
    level.on_band || edges.iter().all(|each| each.edge.spans(height))
}

fn level_girth(pattern: &Pattern, level: &Level, own: Option<Side>, lines: &LineSet) -> LevelGirth {
    let sides: &[Side] = match own {
        None => &[Side::Left, Side::Right],
        Some(Side::Left) => &[Side::Left],
        Some(_) => &[Side::Right],
    };
    let mut parts = Vec::new();
    for seam in SeamName::ALL {
        let sides: &[Side] = if seam.is_paired() { sides } else { &[Side::Centre] };
        for side in sides {
            let Some(line) = lines.get(seam, *side) else { continue };
            if !crosses(pattern, seam, level) {
                continue;
            }
            let Some((depth, change)) = crossing(pattern, seam, level, line) else { continue };
            parts.push(GirthPart {
                seam,
                side: *side,
                depth: Length::from_mm(depth),
                change: Length::from_mm(change),
            });
        }
    }
    let change: Length = parts.iter().map(|part| part.change).sum();
    LevelGirth {
        level: level.name,
        tube: level.tube,
        side: own,
        before: level.girth,
        after: level.girth + change,
        parts,
        estimated: level.estimated,
    }
}

/// Depth of a line at a level, mean of both edges, and the change of girth it makes there.
/// `None` where the seam runs too near the level for a depth across it to mean anything.
fn crossing(pattern: &Pattern, seam: SeamName, level: &Level, line: &Line) -> Option<(f64, f64)> {
    let mut depth_sum = 0.0;
    let mut change = 0.0;
    for edge in pattern.edges(seam)? {
        // A band runs square to the seams that meet it, so no lean counts there.
        if level.on_band {
            let depth = line.depth(line.length);
            depth_sum += depth;
            change -= depth;
        } else {
            let (depth, moved) = across(edge, line, level.height.mm())?;
            depth_sum += depth;
            change += moved;
        }
    }
    Some((depth_sum / 2.0, change))
}

/// Where the new edge crosses a height: the line's depth there, and by how much the panel becomes
/// wider, both in millimetres.
#[must_use]
pub fn across(seam: SeamEdge<'_>, line: &Line, height: f64) -> Option<(f64, f64)> {
    let edge = seam.edge;
    let old = edge.at_height(height);
    if old.cos_lean() < LEAST_COS {
        return None;
    }
    let ratio = line.length / edge.length();
    let depth_at = |station: f64| {
        let knot = line.at((station * ratio).clamp(0.0, line.length));
        // Beyond an end, in the turn-up or above the top, the line goes on as it left.
        knot.depth + knot.slope * ratio * (station - knot.station / ratio)
    };
    let above = |station: f64| {
        let place = edge.beyond(station);
        place.point.y + seam.inward * place.along.x * depth_at(station) - height
    };
    // Where the edge bends nearly as tightly as the line is deep, stepping towards the crossing swings
    // past it for ever, so it is shut in between a place below the level and one above.
    let mut reach = 1.0 + 2.0 * depth_at(old.station).abs();
    let mut doublings = 0;
    let [(low, under), (high, over)] = loop {
        let ends = [old.station - reach, old.station + reach].map(|station| (station, above(station)));
        if ends[0].1 < 0.0 && ends[1].1 > 0.0 {
            break ends;
        }
        if doublings == DOUBLINGS {
            return None;
        }
        reach *= 2.0;
        doublings += 1;
    };
    let station = solve_itp(above, low, high, NEAR, 1, 0.2 / (high - low), under, over);
    let place = edge.beyond(station);
    let depth = depth_at(station);
    let moved = place.point.x - seam.inward * place.along.y * depth - old.point.x;
    Some((depth, seam.inward * moved))
}
