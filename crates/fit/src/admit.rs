//! Whether a fitting may be changed as somebody wants it.

use thiserror::Error;

use crate::plan::{Plan, Progress, StopError};
use crate::{Fitting, Job, JobError, Solution, Stray, settle, solve};

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

/// Looks at a job whose fitting was changed: what is new in it must be on the garment, and each new tick must be
/// due. What strayed because the garment was changed may stay until somebody sees to it.
///
/// # Errors
/// [`NotAdmitted`] with the first thing that may not be.
pub fn admit(before: &Fitting, job: &Job) -> Result<Solution, NotAdmitted> {
    let (mut settled, solution) = settle(job)?;
    let fresh = |stray: &&Stray| !stray.stood_in(before, &job.fitting);
    if let Some(error) = solution.strays.iter().find(fresh).and_then(|stray| stray.error.clone()) {
        return Err(error.into());
    }
    check_ticks(&mut settled, &solution.plan, &before.progress)?;
    Ok(solution)
}

/// Ticks the new steps one after the other in the order's own order, each against its needs and stop; the
/// confirmations are those being made.
fn check_ticks(job: &mut Job, plan: &Plan, before: &Progress) -> Result<(), NotAdmitted> {
    let wanted = job.fitting.progress.clone();
    let fresh = |key: &String| !before.done.contains_key(key);
    if let Some(unknown) = wanted.done.keys().find(|key| fresh(key) && plan.step(key).is_none()) {
        plan.may_tick(unknown)?;
    }
    let new: Vec<String> = plan
        .steps
        .iter()
        .map(|step| step.key.clone())
        .filter(|key| wanted.done.contains_key(key) && fresh(key))
        .collect();
    job.fitting.progress = Progress {
        done: wanted.done.iter().filter(|(key, _)| !fresh(key)).map(|(k, v)| (k.clone(), *v)).collect(),
        confirmed: wanted.confirmed.clone(),
    };
    for key in new {
        solve(job)?.plan.may_tick(&key)?;
        job.fitting.progress.done.insert(key, None);
    }
    Ok(())
}
