//! Warnings: what the person should know, with what to do about it.

use serde::Serialize;

/// How much a warning matters.
#[derive(Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum Weight {
    /// Someone may be hurt, or the garment lost.
    Danger,
    /// The result will not be what was meant.
    Mind,
    /// Good to know.
    Note,
}

/// One warning.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct Warning {
    /// Its stable name: `evening.twist`.
    pub code: &'static str,
    /// How much it matters.
    pub weight: Weight,
    /// What it is about, as a path in the result: `seams.outseam`.
    pub about: String,
    /// What is so, and what to do.
    pub message: String,
}
