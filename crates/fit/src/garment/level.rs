//! Levels: the heights at which a garment and a body are compared.

use serde::{Deserialize, Serialize};

use crate::{Length, MeasureName};

/// A level of a pair of trousers.
#[derive(Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord, Hash, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum LevelName {
    /// Along the top of the band.
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
}

impl LevelName {
    /// Every level, from the top down, the order in which a fitting is judged.
    pub const ALL: [LevelName; 7] = [
        LevelName::Waist,
        LevelName::HighHip,
        LevelName::Hip,
        LevelName::Thigh,
        LevelName::Knee,
        LevelName::Calf,
        LevelName::Hem,
    ];

    /// What it is called in a sentence.
    #[must_use]
    pub const fn words(self) -> &'static str {
        match self {
            LevelName::Waist => "waist",
            LevelName::HighHip => "high hip",
            LevelName::Hip => "hip",
            LevelName::Thigh => "thigh",
            LevelName::Knee => "knee",
            LevelName::Calf => "calf",
            LevelName::Hem => "hem",
        }
    }

    /// The tube of cloth the level goes round.
    #[must_use]
    pub const fn tube(self) -> Tube {
        match self {
            LevelName::Waist | LevelName::HighHip | LevelName::Hip => Tube::Body,
            LevelName::Thigh | LevelName::Knee | LevelName::Calf | LevelName::Hem => Tube::Leg,
        }
    }

    /// The body measure it is compared with; the hem has none, it has to let the foot through.
    #[must_use]
    pub const fn measure(self) -> Option<MeasureName> {
        match self {
            LevelName::Waist => Some(MeasureName::Waist),
            LevelName::HighHip => Some(MeasureName::HighHip),
            LevelName::Hip => Some(MeasureName::Hip),
            LevelName::Thigh => Some(MeasureName::Thigh),
            LevelName::Knee => Some(MeasureName::Knee),
            LevelName::Calf => Some(MeasureName::Calf),
            LevelName::Hem => None,
        }
    }
}

/// A tube of cloth: what a change of girth is shared round.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum Tube {
    /// The body above the crotch: both outseams and the centre back cross it.
    Body,
    /// One leg: its own outseam and its own inseam cross it.
    Leg,
}

/// A level on one garment.
#[derive(Debug, Clone, Copy, PartialEq)]
pub struct Level {
    /// Which level.
    pub name: LevelName,
    /// Its height above the hem fold, on the straight grain.
    pub height: Length,
    /// The garment's girth there, all the way round its tube.
    pub girth: Length,
}
