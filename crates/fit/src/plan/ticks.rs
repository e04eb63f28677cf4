//! What was ticked and confirmed, against what is there now.

use std::collections::{BTreeMap, BTreeSet};

use super::draft::Draft;
use super::key::StepKey;
use super::progress::Progress;
use super::vouched::{Lapse, Vouched, lapse};
use crate::house::habit::Habits;
use crate::house::rules::HouseRule;
use crate::unit::length::Length;

/// The ticks that hold, and those that do not any more.
pub(super) struct Ticks<'a> {
    progress: &'a Progress,
    within: Length,
    holds: BTreeSet<StepKey>,
    lapses: BTreeMap<StepKey, Lapse>,
}

impl<'a> Ticks<'a> {
    /// Those of these steps.
    pub(super) fn of(drafts: &[Draft], progress: &'a Progress, habits: &Habits) -> Ticks<'a> {
        let within = Length::from_mm(habits.rule(HouseRule::VouchWithin));
        let mut ticks = Ticks { progress, within, holds: BTreeSet::new(), lapses: BTreeMap::new() };
        for draft in drafts {
            let key = draft.key.to_string();
            if progress.done.contains_key(&key) {
                match ticks.lapse(&key, &draft.vouches) {
                    Some(lapse) => drop(ticks.lapses.insert(draft.key, lapse)),
                    None => drop(ticks.holds.insert(draft.key)),
                }
            }
        }
        ticks
    }

    /// True where a step is ticked for what is there now.
    pub(super) fn holds(&self, step: StepKey) -> bool {
        self.holds.contains(&step)
    }

    /// Why the tick of a step does not hold any more.
    pub(super) fn lapse_of(&self, step: StepKey) -> Option<Lapse> {
        self.lapses.get(&step).copied()
    }

    /// True where a condition was confirmed, for whatever was there then.
    pub(super) fn was_confirmed(&self, condition: &str) -> bool {
        self.progress.confirmed.contains(condition)
    }

    /// Why a tick or a confirmation does not hold for what is there now.
    pub(super) fn lapse(&self, key: &str, vouches: &[Vouched]) -> Option<Lapse> {
        lapse(self.progress.vouched.get(key)?, vouches, self.within)
    }
}
