//! The sums kept with a fitting, worked out.

use super::checked::Checked;
use crate::solve::job_error::{JobError, within};
use crate::sums::{KeptAnswer, KeptSum, work_out};

/// Most sums one fitting keeps, and the longest note of one, in characters.
const MOST_SUMS: f64 = 60.0;
const LONGEST_NOTE: f64 = 120.0;

impl Checked<'_> {
    /// Works the kept sums out.
    ///
    /// # Errors
    /// [`JobError`] for a sum that holds nonsense.
    pub(super) fn sums(&self) -> Result<Vec<KeptAnswer>, JobError> {
        let worked = |(i, kept): (usize, &KeptSum)| {
            let answer = work_out(&kept.sum, self.habits).map_err(|error| JobError {
                path: format!("fitting.sums[{i}].sum.{}", error.path),
                ..error
            })?;
            Ok(KeptAnswer { id: kept.id.clone(), note: kept.note.clone(), answer })
        };
        let kept = &self.job.fitting.sums;
        within("fitting.sums", "the number of sums kept", kept.len() as f64, 0.0, MOST_SUMS)?;
        for (i, sum) in kept.iter().enumerate() {
            let long = sum.note.chars().count() as f64;
            within(
                format!("fitting.sums[{i}].note"),
                "the length of what a sum is for",
                long,
                0.0,
                LONGEST_NOTE,
            )?;
        }
        kept.iter().enumerate().map(worked).collect()
    }
}
