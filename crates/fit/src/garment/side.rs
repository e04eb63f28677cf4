//! Left, right, or the only one.

use serde::{Deserialize, Serialize};

/// Which of two like seams; a single seam is at the centre.
#[derive(Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord, Hash, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum Side {
    /// The wearer's left.
    Left,
    /// The wearer's right.
    Right,
    /// A seam there is only one of.
    Centre,
}

impl Side {
    /// What it is called in a sentence.
    #[must_use]
    pub const fn words(self) -> &'static str {
        match self {
            Side::Left => "left",
            Side::Right => "right",
            Side::Centre => "centre",
        }
    }
}
