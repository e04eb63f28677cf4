//! A step of the work order, and the whole order.

use std::collections::BTreeSet;

use serde::Serialize;

use super::act::Phase;
use super::bench::Bench;
use super::how::{Fact, How};
use super::key::{On, StepKey};
use super::stop::{Stop, StopError};
use super::time::{Minutes, Work};
use super::vouched::Vouched;
use crate::garment::{HemName, SeamName, View};

/// One step of the work order.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct Step {
    /// Its name in files and requests: `sew_outseam`.
    #[cfg_attr(feature = "schema", schema(value_type = String))]
    pub key: StepKey,
    /// What to do, in a line.
    pub title: String,
    /// How, in a few sentences.
    pub how: Vec<String>,
    /// The same as words and facts.
    #[serde(skip)]
    pub told: Vec<How>,
    /// What its title turns on, beside its key.
    #[serde(skip)]
    pub turns_on: Vec<Fact>,
    /// Which part of the work it belongs to.
    #[serde(skip)]
    pub phase: Phase,
    /// Where.
    pub bench: Bench,
    /// Which place of the garment it is about.
    pub place: StepPlace,
    /// Keys of the steps that come before it.
    #[cfg_attr(feature = "schema", schema(value_type = Vec<String>))]
    pub needs: Vec<StepKey>,
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
    /// The same as it is said, where there are any.
    pub by_itself: Option<String>,
    /// True where the evening's work on this garment ends with it, because it waits so long by itself.
    #[serde(skip)]
    pub overnight: bool,
    /// What to have at hand.
    pub tools: Vec<&'static str>,
    /// Hazards of the act.
    pub cautions: Vec<&'static str>,
    /// True while its tick holds.
    pub done: bool,
    /// Why its tick does not hold any more, and what to do, where it was ticked for something that has changed since.
    pub lapsed: Option<String>,
    /// What ticking it, or confirming a condition of it, vouches for now.
    #[serde(skip)]
    pub vouches: Vec<Vouched>,
    /// The mark of that, which goes along with a tick or a confirmation: what was seen when it was made.
    pub mark: String,
    /// What stands before it, in a sentence; nothing where it may be ticked now.
    pub waits: Option<String>,
}

/// Where on the garment a step is done, so that it can be shown there.
#[derive(Debug, Clone, PartialEq, Serialize, Default)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct StepPlace {
    /// The seams, where it is about some of them.
    pub seams: Vec<SeamName>,
    /// The hem, where it is about one.
    pub hem: Option<HemName>,
    /// True where one works on its wrong side.
    pub inside: bool,
    /// True where it is looked at from behind: every seam it is about is one of the back.
    pub behind: bool,
}

impl StepPlace {
    /// The place of what is done on something, or to these seams.
    pub(crate) fn of(key: StepKey, seams: &[SeamName]) -> StepPlace {
        let (own, hem) = match key.on {
            On::Garment | On::Alteration(_) => (None, None),
            On::Seam(seam) | On::Fixture(_, seam, ..) => (Some(seam), None),
            On::Hem(hem) | On::Feature(hem, ..) => (None, Some(hem)),
        };
        let seams = if seams.is_empty() { own.into_iter().collect() } else { seams.to_vec() };
        let behind = !seams.is_empty() && seams.iter().all(|seam| seam.seen_from() == Some(View::Back));
        StepPlace { seams, hem, inside: key.act.is_on_the_inside(), behind }
    }
}

/// The whole order.
#[derive(Debug, Clone, PartialEq, Serialize, Default)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct Plan {
    /// Steps in the order they are done.
    pub steps: Vec<Step>,
    /// Hands-on minutes of the steps not yet done.
    pub minutes_left: Minutes,
    /// Steps that something needs and that nobody put into the order: a fault of the house, never of the sewist.
    #[serde(skip)]
    pub missing: Vec<StepKey>,
}

impl Plan {
    /// A step by its key.
    #[must_use]
    pub fn step(&self, key: &str) -> Option<&Step> {
        self.steps.iter().find(|step| step.key == key)
    }

    /// Days on which steps not yet done leave nothing to the hands: a wash that dries, a hem that hangs.
    #[must_use]
    pub fn days_it_waits(&self) -> u32 {
        let waits = self.steps.iter().filter(|step| !step.done && step.overnight);
        waits.map(|step| (step.passive_hours / 24.0).ceil() as u32).sum()
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
        self.stands_open(step, &self.done())
    }

    /// Whether these steps may be ticked, one after the other in the order's own order.
    ///
    /// # Errors
    /// [`StopError`] of the first that may not, with what still stands before it.
    pub fn may_tick_in_turn(&self, new: impl Fn(&Step) -> bool) -> Result<(), StopError> {
        let mut done = self.done();
        let new: Vec<&Step> = self.steps.iter().filter(|step| new(step)).collect();
        for step in &new {
            done.remove(&step.key);
        }
        for step in new {
            self.stands_open(step, &done)?;
            // One that was ticked for something else than is there holds for nothing after it.
            if step.done {
                done.insert(step.key);
            }
        }
        Ok(())
    }

    /// The steps whose ticks hold.
    pub(crate) fn done(&self) -> BTreeSet<StepKey> {
        self.steps.iter().filter(|step| step.done).map(|step| step.key).collect()
    }

    /// Whether what stands before a step is settled, once these are done.
    pub(crate) fn stands_open(&self, step: &Step, done: &BTreeSet<StepKey>) -> Result<(), StopError> {
        let is_open = |other: &&Step| !done.contains(&other.key) && step.needs.contains(&other.key);
        if let Some(first) = self.steps.iter().find(is_open) {
            return Err(StopError::NeedsFirst { step: step.title.clone(), first: first.title.clone() });
        }
        let mut conditions = step.stop.iter().flat_map(|stop| &stop.conditions);
        match conditions.find(|condition| !condition.is_met(done)) {
            Some(condition) => {
                // It stands inside a sentence that ends by itself.
                let condition = condition.words.trim_end_matches('.').to_owned();
                Err(StopError::Unmet { step: step.title.clone(), condition })
            }
            None => Ok(()),
        }
    }
}
