//! A hem the garment has, where it can be read, and where each way of saying what is wanted of it begins.

use serde::Serialize;

use super::wish::{HighLow, ShortenAt, Wanted};
use crate::garment::HemName;
use crate::garment::hem_kind::HemKind;
use crate::unit::length::Length;

/// What a way of saying it begins with.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct HemBegins {
    /// Shorter by what the hem already goes up, so that nothing moves.
    pub edge: Wanted,
    /// As high above the floor as its edge was read highest, so that it can be made level by going up alone;
    /// by the wearer's measures where nobody has read it. A sleeve has no floor.
    pub floor: Option<Wanted>,
    /// As long as it is.
    pub garment: Wanted,
    /// At the place of the body hems like it are most often wanted at.
    pub landmark: Wanted,
    /// Uneven on purpose; not where there are two.
    pub high_low: Option<HighLow>,
    /// In a tuck clear of what cannot be cut.
    pub tuck: ShortenAt,
}

/// A place round a hem that is offered for a reading.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct HemSpot {
    /// In degrees, in turning order.
    pub at: f64,
    /// What it is called.
    pub words: String,
}

/// A hem the garment has, whether anything is wanted of it or not.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct HemPlace {
    /// True where it runs from one front edge to the other instead of all round.
    pub open: bool,
    /// Which.
    pub hem: HemName,
    /// What it is called.
    pub words: &'static str,
    /// True where there is one on each side.
    pub paired: bool,
    /// Where it can be read, in turning order.
    pub spots: Vec<HemSpot>,
    /// Its length all round now.
    pub girth: Length,
    /// How long the garment is there now: down its outseam or side, or from the shoulder point.
    pub length: Length,
    /// The kind that suits it.
    pub usual_kind: HemKind,
    /// True where it can be shortened at the waist.
    pub has_waist: bool,
    /// True where a facing meets it: its corner is turned back, or mitred.
    pub has_facing: bool,
    /// Where each way of saying what is wanted of it begins.
    pub begins: HemBegins,
}
