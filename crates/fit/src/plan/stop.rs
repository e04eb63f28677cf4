//! Stops: what must be true before an operation that cannot be undone.

use std::collections::BTreeSet;

use serde::Serialize;
use strum::IntoStaticStr;
use thiserror::Error;

use super::key::StepKey;

/// What a condition is about.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash, Serialize, IntoStaticStr)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
#[strum(serialize_all = "snake_case")]
pub enum ConditionKind {
    /// Washed and dried since it came.
    Washed,
    /// Left and right are one line, or different on purpose.
    SidesEqual,
    /// Tacked, tried on, and the wearer could move.
    TriedOn,
    /// The allowance beyond the new stitching is counted in, once.
    AllowanceIncluded,
    /// The lining is out of the way.
    LiningOut,
    /// Looked at rolled down, as worn.
    RolledDown,
    /// The rules that apply where it is worn were looked up.
    RulesLookedUp,
}

impl ConditionKind {
    /// Its name in files and requests.
    #[must_use]
    pub fn key(self) -> &'static str {
        self.into()
    }
}

/// How a condition stands.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum ConditionState {
    /// True.
    Met,
    /// Only the person at the bench can say.
    Ask,
    /// Not yet.
    Unmet,
}

/// One condition with its live value.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct Condition {
    /// What it is about.
    pub kind: ConditionKind,
    /// Its key among the confirmations: `trim_outseam/lining_out`.
    pub key: String,
    /// The condition as a sentence.
    pub words: String,
    /// What is known of it now.
    pub value: String,
    /// True when only the person at the bench can say, so that a confirmation is asked for.
    pub asks: bool,
    /// How it stands.
    pub state: ConditionState,
    /// The steps any of which meets it once it is done; none where it does not turn on steps.
    #[serde(skip)]
    pub met_by: Vec<StepKey>,
}

impl Condition {
    /// Whether it is met once these steps are done.
    pub(crate) fn is_met(&self, done: &BTreeSet<StepKey>) -> bool {
        match self.met_by.as_slice() {
            [] => self.state == ConditionState::Met,
            any => any.iter().any(|step| done.contains(step)),
        }
    }
}

/// What stands before a one-way step.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct Stop {
    /// Why it cannot be undone.
    pub because: &'static str,
    /// All must be met.
    pub conditions: Vec<Condition>,
}

/// Why a step cannot be ticked.
#[derive(Debug, Clone, PartialEq, Eq, Error)]
pub enum StopError {
    /// The order has no such step.
    #[error("this work order has no step \"{step}\"")]
    NoSuchStep {
        /// What was asked for.
        step: String,
    },
    /// Something comes first.
    #[error("\"{step}\" cannot be ticked yet: \"{first}\" comes first")]
    NeedsFirst {
        /// The step.
        step: String,
        /// What comes first.
        first: String,
    },
    /// It was ticked for what is not there any more.
    #[error(
        "\"{step}\" was ticked, and meanwhile the lines or hems were changed: look at it again, then tick it"
    )]
    Moved {
        /// The step.
        step: String,
    },
    /// A stop's condition is open.
    #[error("\"{step}\" cannot be undone, and this is not settled yet: {condition}")]
    Unmet {
        /// The step.
        step: String,
        /// The open condition.
        condition: String,
    },
}
