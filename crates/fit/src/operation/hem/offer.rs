//! What a hem offers to do next.

use serde::Serialize;

use crate::garment::hem_kind::HemKind;
use crate::unit::length::Length;

/// Another way to sew a hem that cannot be made as it was asked.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct HemMend {
    /// What it does, for a button.
    pub words: String,
    /// How the hem is then sewn.
    pub kind: HemKind,
    /// How much is then turned up; the kind's where nothing is said.
    pub allowance: Option<Length>,
}
