//! Whether a fitting may be changed as somebody wants it.

use thiserror::Error;

use crate::plan::{Plan, Progress, StopError, Vouched};
use crate::solve::Solution;
use crate::solve::job::{Fitting, Job};
use crate::solve::job_error::JobError;
use crate::solve::settle::settle;
use crate::solve::stray::Stray;

/// Why a fitting may not be changed so.
#[derive(Debug, Clone, PartialEq, Error)]
pub enum NotAdmitted {
    /// Something in it is on nothing of its garment, or is no reading.
    #[error(transparent)]
    Job(#[from] JobError),
    /// A step is ticked before its time.
    #[error(transparent)]
    Stop(#[from] StopError),
}

/// A fitting that may be changed so.
#[derive(Debug, Clone)]
pub struct Admitted {
    /// What is done of it, each tick and each confirmation with what it vouches for.
    pub progress: Progress,
    /// All there is to know of it.
    pub solution: Solution,
}

/// Looks at a job whose fitting was changed: what is new in it must be on the garment, and each new tick must be
/// due. What strayed because the garment was changed may stay until somebody sees to it.
///
/// # Errors
/// [`NotAdmitted`] with the first thing that may not be.
pub fn admit(before: &Fitting, job: &Job) -> Result<Admitted, NotAdmitted> {
    let mut job = job.clone();
    let (_, mut solution) = settle(&job)?;
    if take_up_old_ticks(before, &mut job, &solution.plan)? {
        (_, solution) = settle(&job)?;
    }
    let fresh = |stray: &&Stray| !stray.stood_in(before, &job.fitting);
    if let Some(error) = solution.strays.iter().find(fresh).and_then(|stray| stray.error.clone()) {
        return Err(error.into());
    }
    let progress = vouched_for(&job.fitting.progress, &solution.plan)?;
    check_ticks(&progress, &solution.plan, &before.progress)?;
    // Confirmations and ticks were looked up, not changed: what is said of them is what is there now.
    Ok(Admitted { progress, solution })
}

/// Ticks of an earlier build say nothing of what they were about: it is what stood before this change. True where there
/// were any.
fn take_up_old_ticks(before: &Fitting, job: &mut Job, plan: &Plan) -> Result<bool, NotAdmitted> {
    let (bare, still) = (before.progress.bare(), job.fitting.progress.bare());
    // A step that is about nothing that moves has nothing to take up.
    let is_old = |key: &&String| still.contains(key) && !vouches(plan, key).is_empty();
    let old: Vec<&String> = bare.iter().filter(is_old).collect();
    if old.is_empty() {
        return Ok(false);
    }
    let (_, stood) = settle(&Job { fitting: before.clone(), ..job.clone() })?;
    for key in old {
        job.fitting.progress.vouch(key, vouches(&stood.plan, key));
    }
    Ok(true)
}

/// What the step of a key, or of a condition of it, vouches for now.
fn vouches(plan: &Plan, key: &str) -> Vec<Vouched> {
    let step = key.split_once('/').map_or(key, |(step, _)| step);
    plan.step(step).map_or_else(Vec::new, |step| step.vouches.clone())
}

/// Every tick and confirmation with what it vouches for: what stands now, where nothing is said; and where it was
/// made by a mark, what has that mark.
fn vouched_for(wanted: &Progress, plan: &Plan) -> Result<Progress, StopError> {
    let mut progress = wanted.clone();
    for key in wanted.bare() {
        progress.vouch(&key, vouches(plan, &key));
    }
    for (key, vouched) in &wanted.vouched {
        let [Vouched::Seen { mark }] = vouched.as_slice() else { continue };
        let step = key.split_once('/').map_or(key.as_str(), |(step, _)| step);
        match plan.step(step) {
            Some(step) if step.mark != *mark => return Err(StopError::Moved { step: step.title.clone() }),
            _ => drop(progress.vouch(key, vouches(plan, key))),
        }
    }
    Ok(progress)
}

/// Whether each new tick is due, those before it in the order made; the confirmations are those being made. A step
/// that is ticked again for what is there now is new.
fn check_ticks(wanted: &Progress, plan: &Plan, before: &Progress) -> Result<(), StopError> {
    let fresh = |key: &str| {
        wanted.done.contains_key(key)
            && (!before.done.contains_key(key)
                || before.vouched.get(key).is_some_and(|was| *was != wanted.vouched_for(key)))
    };
    if let Some(unknown) = wanted.done.keys().find(|key| fresh(key) && plan.step(key).is_none()) {
        plan.may_tick(unknown)?;
    }
    plan.may_tick_in_turn(|step| fresh(&step.key.to_string()))
}
