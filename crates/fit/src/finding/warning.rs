//! Warnings: what the person should know, with what to do about it.

use serde::Serialize;

use super::about::About;
use crate::garment::SeamName;
use crate::garment::datum::Datum;
use crate::garment::side::Side;
use crate::line::LineWish;
use crate::reading::accepted::AcceptedDepth;

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

/// A pin that is still to be read.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct ToRead {
    /// The seam it stands in.
    pub seam: SeamName,
    /// The side.
    pub side: Side,
    /// Where its station is counted from.
    pub datum: Datum,
    /// Its station, as it is typed on the session's tape.
    pub station: String,
    /// What the button says.
    pub words: String,
}

/// Something that can be done about it with one press.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct Way {
    /// What the button says.
    pub words: String,
    /// The end of a line it asks for; the other end stays as it was asked for.
    pub ends: Option<LineWish>,
    /// The depths it accepts.
    pub accepted: Vec<AcceptedDepth>,
}

/// One warning.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct Warning {
    /// Its stable name: `evening.twist`.
    pub code: &'static str,
    /// How much it matters.
    pub weight: Weight,
    /// What it is about.
    pub about: About,
    /// What is so, and what to do.
    pub message: String,
    /// The pin whose reading would settle it.
    pub read: Option<ToRead>,
    /// What else can be done with one press.
    pub ways: Vec<Way>,
}
