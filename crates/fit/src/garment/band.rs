//! The waistband.

use serde::{Deserialize, Serialize};

use crate::unit::length::Length;

/// How the waistband is made at the centre back.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize, Default)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum BandBuild {
    /// Two halves with a seam at the centre back: it opens there.
    TwoHalves,
    /// One piece: it has to be cut at the centre back.
    #[default]
    OnePiece,
}

/// The waistband.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize, Default)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(deny_unknown_fields)]
pub struct Band {
    /// Its finished height; nothing where there is no band.
    pub height: Length,
    /// How it is made at the centre back.
    #[serde(default)]
    pub build: BandBuild,
    /// A belt loop sits on the centre back.
    #[serde(default)]
    pub belt_loop_at_back: bool,
}
