//! The first stage: a job that holds no nonsense.

use std::collections::BTreeSet;

use crate::garment::Shape;
use crate::house::habit::Habits;
use crate::operation::alteration::{Alteration, Amiss};
use crate::operation::hem::{HemAmiss, HemError};
use crate::reading::pin::PinError;
use crate::solve::job::Job;
use crate::solve::job_error::{JOB_FORMAT, JobError, JobErrorCause, MOST_PINS};
use crate::solve::job_place::JobPlace;
use crate::words::{alteration_amiss, alteration_words};

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
    let sound = sound(job)?;
    sound.off_garment().into_iter().next().map_or(Ok(sound), Err)
}

/// Looks at every field of a job but what was read on its garment, which may have been another then.
///
/// # Errors
/// As [`checked`].
pub(super) fn sound(job: &Job) -> Result<Checked<'_>, JobError> {
    if job.format != JOB_FORMAT {
        return Err(JobError::at("format", JobErrorCause::Format(job.format.clone())));
    }
    job.habits.check().map_err(|error| JobError::at(format!("habits.{}", error.path), error))?;
    let inside = |part: &'static str| move |error: JobError| error.inside(part);
    if let Some(body) = &job.body {
        body.check().map_err(inside("body"))?;
    }
    if let Some(form) = &job.fitting.form {
        form.check().map_err(inside("fitting.form"))?;
    }
    job.garment.check().map_err(inside("garment"))?;
    let pins = &job.fitting.pins;
    if pins.len() > MOST_PINS {
        return Err(JobError::at("fitting.pins", JobErrorCause::TooManyPins(pins.len())));
    }
    let mut ids = BTreeSet::new();
    if let Some(pin) = pins.iter().position(|pin| !ids.insert(&pin.id)) {
        let cause = JobErrorCause::DuplicatePin(pins[pin].id.clone());
        return Err(JobError::at(JobPlace::Pin { pin, field: "id" }, cause));
    }
    for (hem, wish) in job.fitting.hems.iter().enumerate() {
        if let Some(reading) = wish.same_id() {
            let error = HemError::SameId(wish.readings[reading].id.clone());
            return Err(JobError::at(JobPlace::Reading { hem, reading, field: "id" }, error));
        }
    }
    Ok(Checked { job, shape: &job.garment.shape, habits: &job.habits })
}

impl Checked<'_> {
    /// What was read where its garment has no hem, or no seam to pin.
    pub(super) fn off_garment(&self) -> Vec<JobError> {
        let mut off = self.hems_off();
        off.extend(self.alterations_off());
        let known = self.shape.pinnable();
        let pins = self.job.fitting.pins.iter().enumerate();
        off.extend(pins.filter(|(_, pin)| !known.contains(&pin.seam)).map(|(pin, read)| {
            JobError::at(JobPlace::Pin { pin, field: "seam" }, PinError::NotPinned(read.seam))
        }));
        off
    }

    fn hems_off(&self) -> Vec<JobError> {
        let hems = &self.job.fitting.hems;
        let mut off = Vec::new();
        for (hem, wish) in hems.iter().enumerate() {
            if hems[..hem].iter().any(|other| other.hem == wish.hem) {
                off.push(JobError::at(JobPlace::Hem { hem, field: "hem" }, HemError::Twice(wish.hem)));
                continue;
            }
            off.extend(wish.amiss(self.shape).into_iter().map(|HemAmiss { reading, field, error }| {
                let place = match reading {
                    Some(reading) => JobPlace::Reading { hem, reading, field },
                    None => JobPlace::Hem { hem, field },
                };
                JobError::at(place, error)
            }));
        }
        off
    }

    fn alterations_off(&self) -> Vec<JobError> {
        let alterations = &self.job.fitting.alterations;
        let mut off = Vec::new();
        for (alteration, wish) in alterations.iter().enumerate() {
            let at = |field| JobPlace::Alteration { alteration, field };
            if alterations[..alteration].iter().any(|other| other.key() == wish.key()) {
                off.push(JobError::at(at("alteration"), JobErrorCause::Alteration(twice(wish))));
                continue;
            }
            let scale = self.habits.scale;
            off.extend(wish.altering().amiss(self.shape).into_iter().map(|Amiss { field, why }| {
                JobError::at(at(field), JobErrorCause::Alteration(alteration_amiss(wish, &why, scale)))
            }));
        }
        off
    }
}

/// Two of one kind at one place.
fn twice(wish: &Alteration) -> String {
    format!("the {} is wished for twice; a fitting has one", alteration_words(wish))
}
