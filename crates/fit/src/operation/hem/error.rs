//! Wishes that no hem of its garment can have.

use super::landmark::Landmark;
use crate::garment::HemName;
use crate::garment::side::Side;
use crate::house::ranges::OutOfRange;

/// What is amiss with a wish, and in which field.
#[derive(Debug, Clone, PartialEq)]
pub(crate) struct HemAmiss {
    /// In which of its readings, where it is in one.
    pub(crate) reading: Option<usize>,
    /// The field.
    pub(crate) field: &'static str,
    /// What is wrong there.
    pub(crate) error: HemError,
}

/// A wish that no hem of its garment can have.
#[derive(Debug, Clone, PartialEq, thiserror::Error)]
pub enum HemError {
    /// A number no hem has.
    #[error(transparent)]
    Number(#[from] OutOfRange),
    /// Nothing to hem on the arm.
    #[error("this garment has no sleeves; it can have the hem at its lower edge")]
    NoSleeve,
    /// An arm moves; the floor says nothing about its sleeve.
    #[error(
        "a sleeve is not measured from the floor; it can be measured from its edge, another garment, the arm or pins"
    )]
    SleeveFromFloor,
    /// A landmark of the other limb.
    #[error("{} was read for this hem; a sleeve takes the wrist bone or the elbow, any other hem the knee, ankle bone, floor, fingertips or waist", landmark.words())]
    Landmark {
        /// What was read.
        landmark: Landmark,
    },
    /// A side the hem does not have.
    #[error("the side was read as {} on the {}; {}", side.words(), hem.words(), if *side == Side::Centre { "it can be left or right" } else { "there is only one, so it is centre" })]
    Side {
        /// The hem.
        hem: HemName,
        /// The side read.
        side: Side,
    },
    /// Two readings with one id.
    #[error("the id \"{0}\" is used by another reading of this hem")]
    SameId(String),
    /// Two wishes for one hem.
    #[error("there are two wishes for the {}; a fitting has one", .0.words())]
    Twice(HemName),
    /// Something on the hem at odds with itself.
    #[error("the upper end of a {what} was read below its lower end")]
    UpsideDown {
        /// What it is.
        what: &'static str,
    },
}
