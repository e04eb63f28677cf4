//! A laced back.

use std::collections::BTreeMap;

use serde::{Deserialize, Serialize};

use crate::body::level::LevelName;
use crate::unit::length::Length;

/// A laced back: it closes on a gap that varies with the height.
#[derive(Debug, Clone, PartialEq, Eq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(deny_unknown_fields)]
pub struct Lacing {
    /// The gap between the laced edges at each level it crosses, as worn.
    #[cfg_attr(feature = "schema", schema(value_type = std::collections::HashMap<LevelName, Length>))]
    pub gaps: BTreeMap<LevelName, Length>,
    /// How far a modesty panel reaches under each edge.
    pub overlap: Length,
}
