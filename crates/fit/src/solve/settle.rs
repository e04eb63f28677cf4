//! Solving what is kept, though its garment was changed under it.

use std::collections::BTreeSet;

use super::answered::solved;
use super::checked::{checked, sound};
use super::drawn::drawn;
use crate::solve::job::Job;
use crate::solve::job_error::JobError;
use crate::solve::job_place::JobPlace;
use crate::solve::stray::{Stray, StrayKind};
use crate::solve::{Solution, solve};
use crate::words::{alteration_strays, alteration_words, hem_strays, pin_strays, reading_strays};

/// A job as it is kept, without what strays, and its solution with what does. All that strays is found in one pass:
/// first what its garment has no hem or seam for, then what is beyond the seams it has.
///
/// # Errors
/// As [`solve`], for anything that is wrong but what was read on the garment.
pub fn settle(job: &Job) -> Result<(Job, Solution), JobError> {
    let off_garment = sound(job)?.off_garment();
    let known = without(job, &off_garment);
    let read = {
        let drawn = drawn(checked(&known)?)?;
        match drawn.understood() {
            Ok(pinned) => Ok(solved(&drawn, pinned)?),
            Err(beyond) => Err(beyond),
        }
    };
    let mut strays = off_garment.into_iter().map(|error| stray(job, error)).collect::<Result<Vec<_>, _>>()?;
    match read {
        Ok(solution) => Ok((known, Solution { strays, ..solution })),
        Err(beyond) => {
            let settled = without(&known, &beyond);
            let places = beyond.into_iter().map(|error| at_its_place(job, &known, error));
            for error in places {
                strays.push(stray(job, error)?);
            }
            let solution = solve(&settled)?;
            Ok((settled, Solution { strays, ..solution }))
        }
    }
}

/// A job without the pins, readings, wishes and alterations that errors are about.
fn without(job: &Job, errors: &[JobError]) -> Job {
    let mut left = job.clone();
    if errors.is_empty() {
        return left;
    }
    let (mut pins, mut hems, mut readings) = (BTreeSet::new(), BTreeSet::new(), BTreeSet::new());
    let mut alterations = BTreeSet::new();
    for error in errors {
        match error.place {
            JobPlace::Pin { pin, .. } => drop(pins.insert(pin)),
            JobPlace::Hem { hem, .. } => drop(hems.insert(hem)),
            JobPlace::Reading { hem, reading, .. } => drop(readings.insert((hem, reading))),
            JobPlace::Alteration { alteration, .. } => drop(alterations.insert(alteration)),
            JobPlace::Field(_) | JobPlace::Asked(_) => {}
        }
    }
    let fitting = &mut left.fitting;
    for (i, hem) in fitting.hems.iter_mut().enumerate() {
        keep(&mut hem.readings, |reading| !readings.contains(&(i, reading)));
    }
    keep(&mut fitting.hems, |hem| !hems.contains(&hem));
    keep(&mut fitting.pins, |pin| !pins.contains(&pin));
    keep(&mut fitting.alterations, |alteration| !alterations.contains(&alteration));
    left
}

/// Keeps those of a list whose places are wanted.
fn keep<T>(list: &mut Vec<T>, wanted: impl Fn(usize) -> bool) {
    let mut places = 0..;
    list.retain(|_| places.next().is_some_and(&wanted));
}

/// An error of a job that others of its pins were taken out of, at its place in the job as it came.
fn at_its_place(job: &Job, known: &Job, error: JobError) -> JobError {
    let JobPlace::Pin { pin, field } = error.place else { return error };
    let id = &known.fitting.pins[pin].id;
    let came = job.fitting.pins.iter().position(|each| each.id == *id);
    JobError { place: JobPlace::Pin { pin: came.unwrap_or(pin), field }, ..error }
}

/// What an error of a job is about, as something that strays; the error itself where it is about nothing that was
/// read on the garment.
fn stray(job: &Job, error: JobError) -> Result<Stray, JobError> {
    let fitting = &job.fitting;
    let (kind, id, words) = match error.place {
        JobPlace::Pin { pin, .. } => {
            let pin = &fitting.pins[pin];
            (StrayKind::Pin, pin.id.clone(), pin_strays(pin, &error.cause, job.habits.scale))
        }
        JobPlace::Hem { hem, .. } => {
            let hem = fitting.hems[hem].hem;
            (StrayKind::Hem, hem.key().to_owned(), hem_strays(hem, &error.cause))
        }
        JobPlace::Reading { hem, reading, .. } => {
            let wish = &fitting.hems[hem];
            let reading = &wish.readings[reading];
            (StrayKind::Reading, reading.id.clone(), reading_strays(wish.hem, reading, &error.cause))
        }
        JobPlace::Alteration { alteration, .. } => {
            let wish = &fitting.alterations[alteration];
            (
                StrayKind::Alteration,
                wish.key().to_string(),
                alteration_strays(&alteration_words(wish), &error.cause),
            )
        }
        JobPlace::Field(_) | JobPlace::Asked(_) => return Err(error),
    };
    Ok(Stray { kind, id, words, error: Some(error) })
}
