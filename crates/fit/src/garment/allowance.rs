//! What is inside a seam, and where it is clipped.

use serde::{Deserialize, Serialize};

use super::seam::SeamName;
use crate::unit::length::Length;

/// What is inside a seam, beyond its stitching, on each of its two edges.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(deny_unknown_fields)]
pub struct SeamAllowance {
    /// The seam.
    pub seam: SeamName,
    /// On the front panel; on the left half of a centre seam, on the middle panel of a princess seam.
    pub front: Length,
    /// On the back panel; on the right half, on the side panel.
    pub back: Length,
}

/// A place where the allowance is clipped or notched: no more is inside there than this.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(deny_unknown_fields)]
pub struct Clip {
    /// The seam.
    pub seam: SeamName,
    /// Where, from the seam's lower end.
    pub station: Length,
    /// What is left between the stitching and the end of the clip.
    pub left: Length,
}
