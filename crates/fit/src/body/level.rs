//! Levels of a body: the places at which a garment is compared with it.

use serde::{Deserialize, Serialize};
use strum::{EnumCount, VariantArray};

use super::measures::MeasureName;
use crate::every::every;

/// A level.
#[derive(
    Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord, Hash, Serialize, Deserialize, EnumCount, VariantArray,
)]
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
    pub const ALL: [LevelName; LevelName::COUNT] = every();

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

    /// True for what goes round an arm or a leg.
    #[must_use]
    pub const fn is_round_a_limb(self) -> bool {
        matches!(
            self,
            LevelName::Thigh
                | LevelName::Knee
                | LevelName::Calf
                | LevelName::UpperArm
                | LevelName::Elbow
                | LevelName::Wrist
        )
    }
}
