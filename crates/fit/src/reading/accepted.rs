//! A depth accepted in place of the evened one.

use serde::{Deserialize, Serialize};

use crate::garment::SeamName;
use crate::garment::side::Side;
use crate::unit::length::Length;

/// A depth the person has accepted in place of the evened one, because it can be sewn.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(deny_unknown_fields)]
pub struct AcceptedDepth {
    /// The seam.
    pub seam: SeamName,
    /// The side; `centre` for both together or a single seam.
    pub side: Side,
    /// The evened station, from the seam's lower end.
    pub station: Length,
    /// The depth accepted.
    pub depth: Length,
}
