//! A work order worked through from the first step to the last, for every kind of garment and every example:
//! whoever does what is offered, in whatever order that is allowed, gets to the end, and nothing that cannot
//! be undone is offered before what it stands behind.

mod common;

use common::orders::is_sound;
use common::{any_shape, cases, examples, job, swelling_pins};
use proptest::prelude::*;
use vemble_fit::garment::{HemName, Kind};
use vemble_fit::hem::{HemWish, Wanted};
use vemble_fit::plan::{ConditionState, StopError};
use vemble_fit::{Job, Solution, solve};

/// More steps than any order has.
const MOST_STEPS: u32 = 400;

fn solved(job: &Job) -> Solution {
    solve(job).unwrap_or_else(|error| panic!("{error}"))
}

/// Does one step that may be done after another until none is left, taking each time the one chance picks.
fn worked_through(mut job: Job, mut chance: u64) -> Result<u32, String> {
    let mut ticked = 0;
    for _ in 0..MOST_STEPS {
        let plan = solved(&job).plan;
        is_sound(&plan)?;
        let open: Vec<String> =
            plan.steps.iter().filter(|step| !step.done).map(|step| step.key.to_string()).collect();
        if open.is_empty() {
            return Ok(ticked);
        }
        // At a stop the person says what only they can say; what is unmet has to be done first.
        for step in plan.steps.iter().filter(|step| {
            !step.done
                && step.needs.iter().all(|need| plan.step(&need.to_string()).is_none_or(|need| need.done))
        }) {
            for condition in step.stop.iter().flat_map(|stop| &stop.conditions) {
                if condition.state == ConditionState::Ask {
                    match plan.may_tick(&step.key.to_string()) {
                        Err(StopError::Unmet { .. }) => {}
                        other => {
                            return Err(format!("{} was offered with a question open: {other:?}", step.key));
                        }
                    }
                    job.fitting.progress.confirmed.insert(condition.key.clone());
                }
            }
        }
        let plan = solved(&job).plan;
        let ready: Vec<String> = open.into_iter().filter(|key| plan.may_tick(key).is_ok()).collect();
        let Some(key) = ready.get(chance as usize % ready.len().max(1)) else {
            let stuck = plan.next().map(|step| (&step.key, &step.stop));
            return Err(format!("nothing more can be done: {stuck:?}"));
        };
        chance = chance.wrapping_mul(6_364_136_223_846_793_005).wrapping_add(1_442_695_040_888_963_407) >> 1;
        job.fitting.progress.done.insert(key.clone(), None);
        ticked += 1;
    }
    Err(format!("{ticked} steps are done and it has no end"))
}

#[test]
fn every_example_can_be_worked_through() {
    let mut most = 0;
    for (name, job) in examples() {
        let plan = solved(&job).plan;
        let ticked = worked_through(job, 3).unwrap_or_else(|error| panic!("{name}: {error}"));
        assert_eq!(ticked as usize, plan.steps.len(), "{name}");
        most = most.max(ticked);
    }
    assert!(most > 20, "the lined coat alone has more steps than {most}");
}

#[test]
fn unwashed_lined_and_kept_is_worked_through_as_well() {
    for (name, mut job) in examples() {
        job.garment.washed = false;
        job.garment.shape.lined = true;
        job.garment.wash_test = None;
        worked_through(job.clone(), 11).unwrap_or_else(|error| panic!("{name}, lined: {error}"));
        job.habits.allowance = vemble_fit::AllowanceHabit::Keep;
        job.habits.hem_when = vemble_fit::HemWhen::Flat;
        job.habits.hem_cut = vemble_fit::HemCut::After;
        worked_through(job, 12).unwrap_or_else(|error| panic!("{name}, kept and hemmed flat: {error}"));
    }
}

proptest! {
    #![proptest_config(cases(24))]

    #[test]
    fn whatever_is_pinned_on_any_garment_its_order_leads_to_the_end(
        shape in prop::sample::select(Kind::ALL.to_vec()).prop_flat_map(any_shape),
        depths in prop::array::uniform5(2.0f64..10.0), at in 0.45f64..0.9, shorten in 10.0f64..50.0,
        hemmed: bool, chance: u64,
    ) {
        prop_assume!(shape.pattern(&Default::default()).is_ok());
        let mut job = job(shape.clone());
        job.fitting.pins = swelling_pins(&shape, &depths, at);
        if hemmed {
            job.fitting.hems = vec![HemWish::new(HemName::Hem, Wanted::Edge { shorten: common::mm(shorten) })];
        }
        let steps = solved(&job).plan.steps.len();
        match worked_through(job, chance >> 1) {
            Ok(ticked) => prop_assert_eq!(ticked as usize, steps),
            Err(error) => prop_assert!(false, "{:?}: {}", shape.kind, error),
        }
    }
}

#[test]
fn a_step_that_is_not_in_the_order_or_waits_for_another_is_refused_in_words() {
    let (_, job) = examples().remove(0);
    let plan = solved(&job).plan;
    let refused = plan.may_tick("sew_the_moon").expect_err("no such step");
    assert!(matches!(refused, StopError::NoSuchStep { .. }));
    let waits = plan.steps.iter().find(|step| !step.needs.is_empty()).expect("a step that waits");
    let first = plan.step(&waits.needs[0].to_string()).expect("what it waits for");
    let said = plan.may_tick(&waits.key.to_string()).expect_err("it waits").to_string();
    assert!(said.contains(&first.title), "{said} does not name {}", first.title);
}
