//! The second stage: the garment as it came, drawn from its flat measures.

use super::checked::Checked;
use crate::finding::Finding;
use crate::garment::{Purpose, Seam, SeamName, Shape, TemplateError};
use crate::house::habit::Habits;
use crate::pattern::Pattern;
use crate::solve::job::Job;
use crate::solve::job_error::JobError;

/// A garment as it came; without a pattern where measures are missing or at odds, which is found.
pub(crate) struct Drawn<'a> {
    pub(crate) job: &'a Job,
    pub(crate) shape: &'a Shape,
    pub(crate) habits: &'a Habits,
    pub(crate) came: Option<Pattern>,
    pub(super) found: Vec<Finding>,
}

/// Draws the panels as they came.
///
/// # Errors
/// [`JobError`] for a flat measure no such garment has.
pub(crate) fn drawn(checked: Checked<'_>) -> Result<Drawn<'_>, JobError> {
    let Checked { job, shape, habits } = checked;
    let mut found = Vec::new();
    let came = match shape.pattern(habits) {
        Ok(pattern) => {
            if !pattern.estimated.is_empty() {
                found.push(Finding::FlatsEstimated(pattern.estimated.clone()));
            }
            Some(pattern)
        }
        Err(TemplateError::Missing(missing)) => {
            let known = shape.pinnable().into_iter().filter(|seam| shape.seam_length(*seam).is_some());
            found.push(Finding::FlatsMissing { missing, known: known.collect() });
            None
        }
        Err(error @ TemplateError::Disagree { .. }) => {
            found.push(Finding::FlatsDisagree(error));
            None
        }
        Err(error) => return Err(JobError::at("garment.shape.flats", error)),
    };
    if job.garment.purpose != Purpose::Everyday {
        found.push(Finding::ForbiddenPurpose(job.garment.purpose));
    }
    Ok(Drawn { job, shape, habits, came, found })
}

impl Drawn<'_> {
    /// A seam as it came; `None` where its length is not known.
    pub(super) fn seam(&self, name: SeamName) -> Option<Seam> {
        self.shape.seam(name, self.came.as_ref())
    }
}
