//! How one seam is evened, where it differs from the habit.

use serde::{Deserialize, Serialize};

use crate::garment::SeamName;
use crate::house::habit::{EveningChoice, OneSide};

/// How one seam is evened, where it differs from the habit.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(deny_unknown_fields)]
pub struct SeamEvening {
    /// The seam.
    pub seam: SeamName,
    /// How two sides become one.
    #[serde(default)]
    pub choice: Option<EveningChoice>,
    /// What an unpinned side gets.
    #[serde(default)]
    pub one_side: Option<OneSide>,
}
