//! Another last stage: the garment and its wearer drawn as it fits, instead of said.

use super::altered::altered;
use super::evened::evened;
use super::judged::judged;
use super::understood::understood;
use crate::judge::fit_picture::{FitPicture, Pictured, pictured};
use crate::solve::job::Job;
use crate::solve::job_error::JobError;
use crate::words::fit_said;

/// Draws the fit picture of a job; nothing is on it where the garment's panels are not drawn or nobody wears it.
///
/// # Errors
/// [`JobError`] for a job that holds nonsense, with the place it stands.
pub fn fit_picture(job: &Job) -> Result<FitPicture, JobError> {
    let (drawn, pinned) = understood(job)?;
    let altered = altered(&drawn, evened(&drawn, pinned));
    let judged = judged(&drawn, &altered);
    let (Some(came), Some(will_be), Some(body)) = (&drawn.came, &altered.will_be, &job.body) else {
        return Ok(FitPicture { rings: Vec::new(), front: None, side: None, notes: Vec::new() });
    };
    let mut picture = pictured(&Pictured {
        garment: &job.garment,
        body,
        patterns: [came, will_be],
        levels: &judged.levels,
        habits: &job.habits,
    });
    fit_said(&mut picture, &judged.levels, &job.habits);
    Ok(picture)
}
