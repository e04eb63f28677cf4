//! A garment.

use serde::{Deserialize, Serialize};

use super::shape::Shape;
use crate::cloth::family::Cloth;
use crate::cloth::wash::WashTest;

/// Where a garment came from, which decides what is known of it.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize, Default)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum Source {
    /// A trial garment in cheap cloth.
    Toile,
    /// Bought new.
    ReadyMade,
    /// Second-hand or vintage: no pattern, unknown allowances, maybe irreplaceable.
    #[default]
    Thrifted,
}

/// What a garment is for, where that forbids altering it on one's own say.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize, Default)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum Purpose {
    /// Everyday clothing.
    #[default]
    Everyday,
    /// Protective, flame-resistant, high-visibility, medical compression or flotation wear.
    Protective,
    /// Children's nightwear.
    ChildNightwear,
}

/// One garment.
#[derive(Debug, Clone, PartialEq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(deny_unknown_fields)]
pub struct Garment {
    /// What its owner calls it.
    pub name: String,
    /// Where it came from.
    #[serde(default)]
    pub source: Source,
    /// What it is for.
    #[serde(default)]
    pub purpose: Purpose,
    /// Its cloth.
    #[serde(default)]
    pub cloth: Cloth,
    /// Washed and dried since it came, so that it will not shrink after the cut.
    #[serde(default)]
    pub washed: bool,
    /// What a wash took from a swatch of it, or from itself.
    #[serde(default)]
    pub wash_test: Option<WashTest>,
    /// Its kind, measures and construction.
    pub shape: Shape,
}
