//! What is asked of a share, and what comes of it.

use serde::{Deserialize, Serialize};

use crate::garment::{LevelName, SeamName};
use crate::judge::drawing::PanelDrawing;
use crate::judge::ease::LevelBalance;
use crate::judge::picture::figure::Figure;
use crate::reading::pin::Pin;
use crate::unit::length::Length;

/// A pin this near a level stands at it, in millimetres.
pub(super) const AT_THE_LEVEL: f64 = 15.0;
/// Less depth than this is not worth opening a seam for, in millimetres.
pub(super) const WORTH_OPENING: f64 = 0.5;

/// What is asked.
#[derive(Debug, Clone, Copy, PartialEq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(deny_unknown_fields)]
pub struct ShareRequest {
    /// The level.
    pub level: LevelName,
    /// What its girth must lose, against what it measures without any line; negative gains.
    pub lose: Length,
}

/// Where some of a change can come from.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct ShareSource {
    /// The seam or dart.
    pub seam: SeamName,
    /// What it is called.
    pub words: String,
    /// The most depth it can give there.
    pub most: Length,
    /// The same as it stands on the session's tape.
    pub shown: String,
    /// Why no more.
    pub because: String,
}

/// What one seam gives in a plan.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct SharePart {
    /// The seam or dart.
    pub seam: SeamName,
    /// What it is called.
    pub words: String,
    /// Depth at the level.
    pub depth: Length,
    /// What that takes from the girth, both sides where there are two.
    pub change: Length,
    /// Depth and change as they stand on the session's tape; the changes make the plan's.
    pub shown: [String; 2],
}

/// What a plan takes from its level, as it stands on the session's tape: with its parts it adds up, to what the balance
/// shows.
#[derive(Debug, Clone, PartialEq, Eq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct ShownPlan {
    /// What is taken besides, where the tape shows it.
    pub besides: Option<String>,
    /// What is taken in all.
    pub total: String,
}

/// One way of making the change.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct SharePlan {
    /// What it is, in a few words.
    pub title: String,
    /// Seam by seam.
    pub parts: Vec<SharePart>,
    /// What the level loses besides, by other lines and by hems that move.
    pub besides: Length,
    /// What the level loses in all, as its balance has it.
    pub total: Length,
    /// Both as they stand on the session's tape.
    pub shown: ShownPlan,
    /// The largest depth.
    pub largest: Length,
    /// How far the side seam swings; positive to the back.
    pub swing: Length,
    /// What comes of it, in words.
    pub consequences: Vec<String>,
    /// The fitting's pins with this plan in place of theirs.
    pub pins: Vec<Pin>,
    /// Every level with this plan sewn.
    pub levels: Vec<LevelBalance>,
    /// The panels with this plan's lines.
    pub panels: Vec<PanelDrawing>,
    /// The garment from the front with this plan sewn.
    pub figure: Option<Figure>,
    /// True when every line of it can be sewn.
    pub solved: bool,
}

/// The pinned plan and its alternatives.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct ShareOut {
    /// The level.
    pub level: LevelName,
    /// What was asked.
    pub asked: Length,
    /// What was asked, or the most that can be had where that is less.
    pub reached: Length,
    /// Said where less can be had than asked, with what to do.
    pub short: Option<String>,
    /// Where it can come from.
    pub sources: Vec<ShareSource>,
    /// What is pinned now.
    pub pinned: SharePlan,
    /// The best alternatives, best first.
    pub alternatives: Vec<SharePlan>,
}
