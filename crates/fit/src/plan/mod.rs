//! The work order: steps with what they need first, stops before what cannot be undone, minutes,
//! tools and cautions.

mod builder;
mod calendar;
mod hem_elsewhere;
mod hem_lining;
mod hem_sewing;
mod hem_steps;
mod order;
mod steps;
mod stop;
mod time;

use std::collections::{BTreeMap, BTreeSet};

use serde::{Deserialize, Serialize};

pub use builder::{Done, work_order};
pub use calendar::{Calendar, Claim, ClaimFit, SewingDay, calendar};
pub use order::in_order;
pub use steps::PlannedLine;
pub use stop::{Condition, ConditionKind, ConditionState, Stop, StopError};
pub use time::{Minutes, Timing, Work, minutes_for, minutes_together, personal_factor};

use crate::Caution;

/// Where a step is done; steps at one place are kept together.
#[derive(Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord, Hash, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum Bench {
    /// At the tub and the line.
    Wash,
    /// At the table: chalk, ripper, hand needle, scissors.
    Table,
    /// On the body.
    Body,
    /// At the machine.
    Machine,
    /// At the iron.
    Iron,
}

impl Bench {
    /// What it is called on screen.
    #[must_use]
    pub const fn words(self) -> &'static str {
        match self {
            Bench::Wash => "wash",
            Bench::Table => "table",
            Bench::Body => "on the body",
            Bench::Machine => "machine",
            Bench::Iron => "iron",
        }
    }
}

/// One step of the work order.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct Step {
    /// Its name in files and requests: `sew_outseam`.
    pub key: String,
    /// What to do, in a line.
    pub title: String,
    /// How, in a few sentences.
    pub how: Vec<String>,
    /// Where.
    pub bench: Bench,
    /// Keys of the steps that come before it.
    pub needs: Vec<String>,
    /// What must be true first, when the step cannot be undone.
    pub stop: Option<Stop>,
    /// What kind of work it is, for the personal factor.
    pub work: Work,
    /// Hands-on minutes.
    pub minutes: Minutes,
    /// What it is estimated at before the hand's own pace counts: what a timed step is compared with.
    #[serde(skip)]
    pub house_minutes: f64,
    /// Hours that pass by themselves: washing, drying, cooling.
    pub passive_hours: f64,
    /// What to have at hand.
    pub tools: Vec<&'static str>,
    /// Hazards of the act.
    pub cautions: Vec<&'static str>,
    /// True once it is ticked.
    pub done: bool,
}

/// The whole order.
#[derive(Debug, Clone, PartialEq, Serialize, Default)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct Plan {
    /// Steps in the order they are done.
    pub steps: Vec<Step>,
    /// Hands-on minutes of the steps not yet done.
    pub minutes_left: Minutes,
}

/// What has been done of the order.
#[derive(Debug, Clone, PartialEq, Serialize, Deserialize, Default)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(deny_unknown_fields, default)]
pub struct Progress {
    /// Steps ticked, with the minutes they took where a timer ran.
    #[cfg_attr(feature = "schema", schema(value_type = std::collections::HashMap<String, Option<f64>>))]
    pub done: BTreeMap<String, Option<f64>>,
    /// Conditions the person has confirmed: `step_key/condition`.
    #[cfg_attr(feature = "schema", schema(value_type = Vec<String>))]
    pub confirmed: BTreeSet<String>,
}

impl Plan {
    /// A step by its key.
    #[must_use]
    pub fn step(&self, key: &str) -> Option<&Step> {
        self.steps.iter().find(|step| step.key == key)
    }

    /// The first step not yet done.
    #[must_use]
    pub fn next(&self) -> Option<&Step> {
        self.steps.iter().find(|step| !step.done)
    }

    /// Whether a step may be ticked now.
    ///
    /// # Errors
    /// [`StopError`] with what still stands before it.
    pub fn may_tick(&self, key: &str) -> Result<(), StopError> {
        let step = self.step(key).ok_or_else(|| StopError::NoSuchStep { step: key.to_owned() })?;
        let open = step.needs.iter().filter_map(|need| self.step(need)).find(|need| !need.done);
        if let Some(need) = open {
            return Err(StopError::NeedsFirst { step: step.title.clone(), first: need.title.clone() });
        }
        let unmet = step.stop.iter().flat_map(|stop| &stop.conditions);
        match unmet.into_iter().find(|condition| condition.state != ConditionState::Met) {
            Some(condition) => {
                Err(StopError::Unmet { step: step.title.clone(), condition: condition.words.clone() })
            }
            None => Ok(()),
        }
    }
}

impl Caution {
    fn sentences(cautions: &[Caution]) -> Vec<&'static str> {
        cautions.iter().map(|caution| caution.words()).collect()
    }
}
