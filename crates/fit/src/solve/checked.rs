//! The first stage: a job that holds no nonsense.

use crate::garment::Shape;
use crate::house::habit::Habits;
use crate::operation::hem::HemError;
use crate::reading::pin::PinError;
use crate::solve::job::Job;
use crate::solve::job_error::{JOB_FORMAT, JobError, JobErrorCause, MOST_PINS};

/// A job whose every field was looked at. What its pins mean is read later, on the panels.
#[derive(Clone, Copy)]
pub(crate) struct Checked<'a> {
    pub(crate) job: &'a Job,
    pub(crate) shape: &'a Shape,
    pub(crate) habits: &'a Habits,
}

/// Looks at every field of a job.
///
/// # Errors
/// [`JobError`] with the place of the first that holds nonsense.
pub(crate) fn checked(job: &Job) -> Result<Checked<'_>, JobError> {
    if job.format != JOB_FORMAT {
        return Err(JobError::at("format", JobErrorCause::Format(job.format.clone())));
    }
    job.habits.check().map_err(|error| JobError::at(format!("habits.{}", error.path), error))?;
    let inside = |prefix: &'static str| {
        move |error: JobError| JobError { path: format!("{prefix}.{}", error.path), ..error }
    };
    if let Some(body) = &job.body {
        body.check().map_err(inside("body"))?;
    }
    if let Some(form) = &job.fitting.form {
        form.check().map_err(inside("fitting.form"))?;
    }
    job.garment.check().map_err(inside("garment"))?;
    let shape = &job.garment.shape;
    let pins = &job.fitting.pins;
    if pins.len() > MOST_PINS {
        return Err(JobError::at("fitting.pins", JobErrorCause::TooManyPins(pins.len())));
    }
    for (i, wish) in job.fitting.hems.iter().enumerate() {
        let path = format!("fitting.hems[{i}]");
        if job.fitting.hems[..i].iter().any(|other| other.hem == wish.hem) {
            return Err(JobError::at(format!("{path}.hem"), HemError::Twice(wish.hem)));
        }
        wish.check(shape, &path)?;
    }
    let mut ids = std::collections::BTreeSet::new();
    for (i, pin) in pins.iter().enumerate() {
        if !ids.insert(&pin.id) {
            let cause = JobErrorCause::DuplicatePin(pin.id.clone());
            return Err(JobError::at(format!("fitting.pins[{i}].id"), cause));
        }
    }
    let known = shape.pinnable();
    if let Some(i) = pins.iter().position(|pin| !known.contains(&pin.seam)) {
        return Err(JobError::at(format!("fitting.pins[{i}].seam"), PinError::NotPinned(pins[i].seam)));
    }
    Ok(Checked { job, shape, habits: &job.habits })
}
