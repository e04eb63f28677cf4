//! Solving what is kept, though its garment was changed under it.

use crate::solve::job::Job;
use crate::solve::job_error::JobError;
use crate::solve::stray::{Stray, StrayKind};
use crate::solve::{Solution, solve};

/// The position of `list[n]` in a path.
fn position(path: &str, list: &str) -> Option<usize> {
    let rest = path.split_once(&format!("{list}["))?.1;
    rest.split_once(']')?.0.parse().ok()
}

/// Takes out what an error is about; `None` where it is about nothing that was read on the garment.
fn take_out(job: &mut Job, error: &JobError) -> Option<Stray> {
    let fitting = &mut job.fitting;
    let (kind, id, what) = if let Some(at) = position(&error.path, "fitting.pins") {
        if at >= fitting.pins.len() || error.path.ends_with("].id") {
            return None;
        }
        let pin = fitting.pins.remove(at);
        let side = if pin.seam.is_paired() { format!(", {}", pin.side.words()) } else { String::new() };
        let station = job.habits.scale.write(pin.station);
        let what = format!("The pin on the {}{side} at {station}", pin.seam.words());
        (StrayKind::Pin, pin.id, what)
    } else if let Some(at) = position(&error.path, "fitting.hems") {
        let hem = fitting.hems.get_mut(at)?;
        let name = hem.hem.words();
        match position(&error.path, "readings") {
            Some(which) if which < hem.readings.len() && !error.path.ends_with("].id") => {
                let reading = hem.readings.remove(which);
                let what = format!("The reading round the {name} at {:.0}°", reading.at);
                (StrayKind::Reading, reading.id, what)
            }
            Some(_) => return None,
            None => {
                let wish = fitting.hems.remove(at);
                (StrayKind::Hem, wish.hem.key().to_owned(), format!("What was wanted of the {name}"))
            }
        }
    } else {
        return None;
    };
    let words = format!("{what} is on nothing any more: {}.", error.cause);
    Some(Stray { kind, id, words, error: None })
}

/// Where something of this kind and id stands in a job.
fn place(job: &Job, stray: &Stray) -> Option<String> {
    match stray.kind {
        StrayKind::Pin => {
            let at = job.fitting.pins.iter().position(|pin| pin.id == stray.id)?;
            Some(format!("fitting.pins[{at}]"))
        }
        StrayKind::Hem => {
            let at = job.fitting.hems.iter().position(|hem| hem.hem.key() == stray.id)?;
            Some(format!("fitting.hems[{at}]"))
        }
        StrayKind::Reading => job.fitting.hems.iter().enumerate().find_map(|(i, hem)| {
            let at = hem.readings.iter().position(|reading| reading.id == stray.id)?;
            Some(format!("fitting.hems[{i}].readings[{at}]"))
        }),
    }
}

/// A job as it is kept, without what strays, and its solution with what does.
///
/// # Errors
/// As [`solve`], for anything that is wrong but what was read on the garment.
pub fn settle(job: &Job) -> Result<(Job, Solution), JobError> {
    let mut settled = job.clone();
    let mut strays = Vec::new();
    loop {
        let error = match solve(&settled) {
            Ok(solution) => return Ok((settled, Solution { strays, ..solution })),
            Err(error) => error,
        };
        let Some(mut stray) = take_out(&mut settled, &error) else { return Err(error) };
        // Earlier strays are gone from the job the error is about: its place is that in the job as it came.
        if let Some(place) = place(job, &stray) {
            let field = error.path.rsplit_once("].").map_or("", |(_, field)| field);
            let path = if field.is_empty() { place } else { format!("{place}.{field}") };
            stray.error = Some(JobError { path, ..error });
        }
        strays.push(stray);
    }
}
