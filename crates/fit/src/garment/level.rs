//! Levels: the places at which a garment and a body are compared, and the tubes of cloth they go round.

use serde::{Deserialize, Serialize};

use super::flat::FlatName;
use crate::body::level::LevelName;

impl LevelName {
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
