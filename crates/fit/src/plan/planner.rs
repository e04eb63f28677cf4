//! From drafts to the work order: each step finds what comes before it, whether its tick still holds, and what its stop
//! waits for.

use std::collections::BTreeSet;

use super::conditions::conditions;
use super::draft::Draft;
use super::key::StepKey;
use super::lapsed::lapsed;
use super::order::in_order;
use super::progress::Progress;
use super::step::{Plan, Step, StepPlace};
use super::stop::Stop;
use super::ticks::Ticks;
use super::time::{Pace, Timing, Work, hours_said, minutes_for, minutes_together};
use super::vouched::{Lapse, mark};
use super::waits::waits;
use crate::garment::Garment;
use crate::house::habit::Habits;
use crate::house::rules::HouseRule;

/// What has been done, and how long such steps took before.
#[derive(Debug, Clone, Copy)]
pub struct Done<'a> {
    /// What is ticked and confirmed.
    pub progress: &'a Progress,
    /// Steps timed before.
    pub log: &'a [Timing],
}

/// What an order is planned for.
#[derive(Clone, Copy)]
pub(crate) struct Planner<'a> {
    pub(crate) garment: &'a Garment,
    pub(crate) habits: &'a Habits,
    pub(crate) done: Done<'a>,
}

impl Planner<'_> {
    /// The order of these steps, with what is done of it.
    #[must_use]
    pub(crate) fn plan(self, drafts: Vec<Draft>) -> Plan {
        let log = self.done.log;
        let known: BTreeSet<StepKey> = drafts.iter().map(|draft| draft.key).collect();
        let needed = drafts.iter().flat_map(|draft| &draft.needs).copied();
        let missing: BTreeSet<StepKey> = needed.filter(|key| !known.contains(key)).collect();
        let ticks = Ticks::of(&drafts, self.done.progress, self.habits);
        let steps = drafts.into_iter().map(|draft| self.step(draft, &known, &ticks)).collect();
        let steps = in_order(steps);
        let left = steps.iter().filter(|step| !step.done).map(|step| (step.work, step.house_minutes));
        let minutes_left = minutes_together(left, log);
        let mut plan = Plan { steps, minutes_left, missing: missing.into_iter().collect() };
        let done = plan.done();
        let all_wait: Vec<Option<String>> = plan
            .steps
            .iter()
            .map(|step| if step.done { None } else { plan.stands_open(step, &done).err().map(waits) })
            .collect();
        for (step, waits) in plan.steps.iter_mut().zip(all_wait) {
            step.waits = waits;
        }
        plan
    }

    fn step(self, draft: Draft, known: &BTreeSet<StepKey>, ticks: &Ticks<'_>) -> Step {
        let house_minutes = Pace::of(&self.garment.cloth).house_minutes(draft.work, draft.run) + draft.more;
        let mut needs: Vec<StepKey> = Vec::new();
        for key in draft.needs.iter().chain(&draft.after) {
            if known.contains(key) && *key != draft.key && !needs.contains(key) {
                needs.push(*key);
            }
        }
        let stop = draft.stop.as_ref().map(|facts| Stop {
            because: facts.because,
            conditions: conditions(self.garment, self.habits, &draft, facts, ticks),
        });
        let lapsed = ticks.lapse_of(draft.key).map(|lapse| self.again(&draft, lapse));
        Step {
            key: draft.key,
            title: draft.title,
            how: draft.how.iter().map(|how| how.said().to_owned()).collect(),
            told: draft.how,
            turns_on: draft.turns_on,
            phase: draft.key.act.recipe().phase,
            place: StepPlace::of(draft.key, &draft.seams),
            bench: draft.bench,
            needs,
            stop,
            work: draft.work,
            minutes: minutes_for(draft.work, house_minutes, self.done.log),
            house_minutes,
            passive_hours: draft.passive_hours,
            by_itself: (draft.passive_hours > 0.0).then(|| hours_said(draft.passive_hours)),
            overnight: draft.passive_hours >= self.habits.rule(HouseRule::WaitsOver),
            tools: draft.tools,
            cautions: draft.cautions.iter().map(|caution| caution.words()).collect(),
            done: ticks.holds(draft.key),
            lapsed,
            mark: mark(&draft.vouches),
            vouches: draft.vouches,
            waits: None,
        }
    }

    /// Why a tick does not hold any more, and what to do.
    fn again(self, draft: &Draft, lapse: Lapse) -> String {
        let after = if draft.work == Work::TryOn { "the try-on" } else { "this was ticked" };
        let mut words = lapsed(lapse, self.habits.scale);
        words[..1].make_ascii_uppercase();
        format!("{words} after {after}: {}.", draft.key.act.recipe().again)
    }
}
