//! Levels: the heights at which a garment and a body are compared.

use serde::{Deserialize, Serialize};

use super::edge::{Edge, Place};
use super::flat::FlatName;
use crate::body::measures::MeasureName;
use crate::unit::length::Length;

/// A level.
#[derive(Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord, Hash, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum LevelName {
    /// Bust or chest, just below the underarm.
    Bust,
    /// Below the bust.
    UnderBust,
    /// The waist: along the top of the band where there is one.
    Waist,
    /// High hip.
    HighHip,
    /// Hip.
    Hip,
    /// Thigh.
    Thigh,
    /// Knee.
    Knee,
    /// Calf.
    Calf,
    /// Along the hem fold.
    Hem,
    /// Upper arm, just below the underarm.
    UpperArm,
    /// Elbow.
    Elbow,
    /// Along the sleeve's hem fold.
    Wrist,
}

impl LevelName {
    /// Every level, from the top down, sleeves last: the order in which a fitting is judged.
    pub const ALL: [LevelName; 12] = [
        LevelName::Bust,
        LevelName::UnderBust,
        LevelName::Waist,
        LevelName::HighHip,
        LevelName::Hip,
        LevelName::Thigh,
        LevelName::Knee,
        LevelName::Calf,
        LevelName::Hem,
        LevelName::UpperArm,
        LevelName::Elbow,
        LevelName::Wrist,
    ];

    /// What it is called in a sentence.
    #[must_use]
    pub const fn words(self) -> &'static str {
        match self {
            LevelName::Bust => "bust",
            LevelName::UnderBust => "under-bust",
            LevelName::Waist => "waist",
            LevelName::HighHip => "high hip",
            LevelName::Hip => "hip",
            LevelName::Thigh => "thigh",
            LevelName::Knee => "knee",
            LevelName::Calf => "calf",
            LevelName::Hem => "hem",
            LevelName::UpperArm => "upper arm",
            LevelName::Elbow => "elbow",
            LevelName::Wrist => "sleeve hem",
        }
    }

    /// The body measure it is compared with; hems have none, they have to let foot or hand through.
    #[must_use]
    pub const fn measure(self) -> Option<MeasureName> {
        match self {
            LevelName::Bust => Some(MeasureName::Bust),
            LevelName::UnderBust => Some(MeasureName::UnderBust),
            LevelName::Waist => Some(MeasureName::Waist),
            LevelName::HighHip => Some(MeasureName::HighHip),
            LevelName::Hip => Some(MeasureName::Hip),
            LevelName::Thigh => Some(MeasureName::Thigh),
            LevelName::Knee => Some(MeasureName::Knee),
            LevelName::Calf => Some(MeasureName::Calf),
            LevelName::UpperArm => Some(MeasureName::UpperArm),
            LevelName::Elbow => Some(MeasureName::Elbow),
            LevelName::Hem | LevelName::Wrist => None,
        }
    }

    /// The flat width measured at this level.
    #[must_use]
    pub const fn flat(self) -> FlatName {
        match self {
            LevelName::Bust => FlatName::Bust,
            LevelName::UnderBust => FlatName::UnderBust,
            LevelName::Waist => FlatName::Waist,
            LevelName::HighHip => FlatName::HighHip,
            LevelName::Hip => FlatName::Hip,
            LevelName::Thigh => FlatName::Thigh,
            LevelName::Knee => FlatName::Knee,
            LevelName::Calf => FlatName::Calf,
            LevelName::Hem => FlatName::Hem,
            LevelName::UpperArm => FlatName::UpperArm,
            LevelName::Elbow => FlatName::Elbow,
            LevelName::Wrist => FlatName::Wrist,
        }
    }
}

/// A tube of cloth: what a change of girth is shared round.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum Tube {
    /// The body: both sides' seams and the centre seams cross it.
    Body,
    /// One leg: its own outseam and its own inseam cross it.
    Leg,
    /// One sleeve: its own seam or seams cross it.
    Sleeve,
}

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
