//! What has to get through an opening.

use serde::Serialize;

/// What has to get through an opening.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum Through {
    /// The hand, through a closed sleeve hem.
    Hand,
    /// The head, through a neck without an opening.
    Head,
    /// The hips, through a waist without an opening.
    Hips,
    /// The shoulders, through a body without an opening.
    Shoulders,
}
