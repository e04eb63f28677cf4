//! Each level's girth, as the garment came and as it will be.
//!
//! What the tape read at a level, and by how much the panels are wider or narrower there than they were: where every
//! edge crosses the level is measured on both patterns. To first order what a line of depth `d` changes is
//! `ΔG = −Σ d / cos θ` over both edges of every seam that crosses the level *of that tube*, `θ` being the edge's lean
//! from vertical. A body is one tube, crossed by the seams of both its sides and its centre seams; each leg and each
//! sleeve is its own, crossed by its own. A hem is as long as its finished edge.

use kurbo::{Point, Vec2};
use serde::Serialize;

use crate::garment::side::Side;
use crate::garment::{LevelName, SeamName, Tube};
use crate::pattern::{Level, Panel, Pattern, SeamEdge, crosses};
use crate::unit::length::Length;

/// A seam leaning more than this has no depth *across* a level: cos 60°.
const LEAST_COS: f64 = 0.5;
/// Rounds in which the foot of a place on the old edge is found; each leaves a tenth of what the one before did.
const ROUNDS: u32 = 4;
/// Left and right within this, in millimetres, share a row.
const ALIKE: f64 = 0.05;

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
    /// What is no seam's: the cloth that comes to lie there, of a hem that moves or a strip taken out above it.
    pub cloth: Length,
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

/// Girths of every level, from the top down; legs or sleeves that come out alike share a row. `sewn` is the garment with
/// its lines sewn, before its hems are made.
#[must_use]
pub fn girths(came: &Pattern, sewn: &Pattern, will_be: &Pattern) -> Vec<LevelGirth> {
    let same_edges = will_be.has_the_edges_of(sewn);
    let row = |level, side| level_girth([came, sewn, will_be], same_edges, level, side);
    let mut rows = Vec::new();
    for level in &came.levels {
        match level.tube {
            Tube::Body => rows.push(row(level, None)),
            Tube::Leg | Tube::Sleeve => {
                let [left, right] = [Side::Left, Side::Right].map(|side| row(level, Some(side)));
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

fn level_girth(
    [came, sewn, will_be]: [&Pattern; 3],
    same_edges: bool,
    level: &Level,
    own: Option<Side>,
) -> LevelGirth {
    let sides: &[Side] = match own {
        None => &[Side::Left, Side::Right],
        Some(Side::Left) => &[Side::Left],
        Some(_) => &[Side::Right],
    };
    let is_hem = matches!(level.name, LevelName::Hem | LevelName::Wrist);
    // Every seam that crosses it on each side, with what it changes between two patterns.
    let crossings = |after: &Pattern| -> Vec<GirthPart> {
        // What the seams do at a hem they do at the old fold, wherever the new one lies.
        let there = after.level(level.name).filter(|_| !is_hem).unwrap_or(level);
        let mut parts = Vec::new();
        for seam in SeamName::ALL.into_iter().filter(|seam| crosses(came, *seam, level)) {
            let sides: &[Side] = if seam.is_paired() { sides } else { &[Side::Centre] };
            parts.extend(sides.iter().filter_map(|side| {
                let (old, new) = came.edges_on(seam, *side).zip(after.edges_on(seam, *side))?;
                let [depth, change] = crossing(old, new, level, there)?.map(Length::from_mm);
                Some(GirthPart { seam, side: *side, depth, change })
            }));
        }
        parts
    };
    let parts = crossings(sewn);
    let by_seams: Length = parts.iter().map(|part| part.change).sum();
    let change: Length = if is_hem {
        let edge = |pattern: &Pattern| -> Length {
            let panels = sides.iter().flat_map(|side| pattern.hem_panels(level.tube, *side));
            // To the hundredth, as a hem says it of itself.
            Length::hundredth(panels.map(Panel::hem_length).sum())
        };
        edge(will_be) - edge(came)
    } else if same_edges {
        by_seams
    } else {
        crossings(will_be).iter().map(|part| part.change).sum()
    };
    LevelGirth {
        level: level.name,
        tube: level.tube,
        side: own,
        before: level.girth,
        after: level.girth + change,
        parts,
        cloth: Length::hundredth((change - by_seams).mm()),
        estimated: level.estimated,
    }
}

/// How deep the new edges of a seam lie at a level, on the mean, and by how much the panels become wider there. `None`
/// where nothing moved, or the seam runs too near the level for a depth across it to mean anything.
fn crossing(
    old: [SeamEdge<'_>; 2],
    new: [SeamEdge<'_>; 2],
    level: &Level,
    there: &Level,
) -> Option<[f64; 2]> {
    if old.iter().zip(&new).all(|(old, new)| std::ptr::eq(old.edge, new.edge)) {
        return None;
    }
    let [mut depth, mut change] = [0.0; 2];
    for (old, new) in old.into_iter().zip(new) {
        // A band runs square to the seams that meet it, so no lean counts there.
        if level.on_band {
            let deep = depth_of(old, old.edge.length(), new.edge.end().point);
            depth += deep / 2.0;
            change -= deep;
        } else {
            let was = level.place_on(old.edge);
            if was.cos_lean() < LEAST_COS {
                return None;
            }
            let is = there.place_on(new.edge);
            depth += foot(old, was.station, is.point) / 2.0;
            change += old.inward * (is.point.x - was.point.x);
        }
    }
    Some([depth, change])
}

/// How deep a point lies inside an edge, seen from a station of it.
fn depth_of(edge: SeamEdge<'_>, station: f64, point: Point) -> f64 {
    let place = edge.edge.beyond(station);
    (point - place.point).dot(Vec2::new(-place.along.y, place.along.x)) * edge.inward
}

/// How deep a point lies inside an edge, square to it; looked for from a station on.
fn foot(edge: SeamEdge<'_>, from: f64, point: Point) -> f64 {
    let mut station = from;
    for _ in 0..ROUNDS {
        let place = edge.edge.beyond(station);
        station += (point - place.point).dot(place.along);
    }
    depth_of(edge, station, point)
}
