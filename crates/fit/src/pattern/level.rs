//! A level on one pattern.

use super::edge::{Edge, Place};
use crate::body::level::LevelName;
use crate::garment::level::Tube;
use crate::unit::length::Length;

/// A level on one garment.
#[derive(Debug, Clone, Copy, PartialEq)]
pub struct Level {
    /// Which level.
    pub name: LevelName,
    /// The tube it goes round.
    pub tube: Tube,
    /// Its height above its tube's hem fold, on the straight grain.
    pub height: Length,
    /// The garment's girth there, all the way round its tube.
    pub girth: Length,
    /// True when its width was not measured and the drawing's own is used.
    pub estimated: bool,
    /// True along the top of a band, which runs square to the seams that meet it.
    pub on_band: bool,
}

/// A seam leaning more than 60° from vertical is no longer measured across.
const LEAST_COS: f64 = 0.5;

impl Level {
    /// Where an edge meets this level: along a band, its upper end.
    #[must_use]
    pub fn place_on(&self, edge: &Edge) -> Place {
        if self.on_band { edge.end() } else { edge.at_height(self.height.mm()) }
    }

    /// Cosine of an edge's lean here; a band runs square to the seams that meet it.
    #[must_use]
    pub fn cos_on(&self, edge: &Edge) -> f64 {
        if self.on_band { 1.0 } else { self.place_on(edge).cos_lean().max(LEAST_COS) }
    }
}
