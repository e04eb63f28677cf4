//! Places of the body that a hem is aimed at.

use serde::{Deserialize, Serialize};
use strum::{EnumCount, VariantArray};

use crate::body::measures::MeasureName;
use crate::every::every;

/// A place of the body that a hem is wanted at.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash, Serialize, Deserialize, EnumCount, VariantArray)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum Landmark {
    /// The middle of the kneecap.
    Knee,
    /// The outer ankle bone.
    AnkleBone,
    /// The floor at the heel, in the shoes that are worn.
    Shoe,
    /// The tip of the middle finger, arms hanging.
    Fingertip,
    /// The waist.
    Waist,
    /// The wrist bone, for a sleeve.
    Wrist,
    /// The elbow, for a sleeve.
    Elbow,
}

impl Landmark {
    /// Every landmark, a sleeve's last.
    pub const ALL: [Landmark; Landmark::COUNT] = every();

    /// What it is called in a sentence.
    #[must_use]
    pub const fn words(self) -> &'static str {
        match self {
            Landmark::Knee => "the knee",
            Landmark::AnkleBone => "the ankle bone",
            Landmark::Shoe => "the floor at the heel",
            Landmark::Fingertip => "the fingertips",
            Landmark::Waist => "the waist",
            Landmark::Wrist => "the wrist bone",
            Landmark::Elbow => "the elbow",
        }
    }

    /// True for a landmark of the arm, which a sleeve is measured against.
    #[must_use]
    pub const fn on_arm(self) -> bool {
        matches!(self, Landmark::Wrist | Landmark::Elbow)
    }

    /// The body measure that says where it is: its height above the floor, or down the arm from the
    /// shoulder point. The floor itself needs none.
    #[must_use]
    pub const fn measure(self) -> Option<MeasureName> {
        match self {
            Landmark::Knee => Some(MeasureName::KneeHeight),
            Landmark::AnkleBone => Some(MeasureName::AnkleHeight),
            Landmark::Fingertip => Some(MeasureName::FingertipHeight),
            Landmark::Waist => Some(MeasureName::OutsideLeg),
            Landmark::Wrist => Some(MeasureName::ArmLength),
            Landmark::Elbow => Some(MeasureName::ShoulderToElbow),
            Landmark::Shoe => None,
        }
    }
}
