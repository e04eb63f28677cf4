//! The hems of a job, on the cloth as the seams leave it.

use super::altered::altered;
use super::drawn::Drawn;
use super::evened::evened;
use super::understood::understood;
use crate::operation::hem::{HemSolution, HemSolver, HemTemplate, templates};
use crate::pattern::Pattern;
use crate::solve::job::Job;
use crate::solve::job_error::JobError;
use crate::words::{hem_said, template_words};

/// Every hem of a job at full size, panel by panel: nothing for hems that are not cut, or not settled yet.
///
/// # Errors
/// [`JobError`] for a job that holds nonsense, with the place it stands.
pub fn hem_templates(job: &Job) -> Result<Vec<HemTemplate>, JobError> {
    let (drawn, pinned) = understood(job)?;
    let altered = altered(&drawn, evened(&drawn, pinned));
    let Some(sewn) = &altered.sewn else { return Ok(Vec::new()) };
    let of = |hem: &HemSolution| {
        let mut all = templates(drawn.shape, sewn, hem, drawn.habits);
        for template in &mut all {
            template.words = template_words(template, hem.words);
        }
        all
    };
    Ok(altered.hems.iter().flat_map(of).collect())
}

impl<'a> Drawn<'a> {
    pub(super) fn hem_solver<'p>(&'p self, sewn: Option<&'p Pattern>) -> Option<HemSolver<'p>> {
        Some(HemSolver {
            garment: &self.job.garment,
            came: self.came.as_ref()?,
            pattern: sewn?,
            body: self.job.body.as_ref(),
            habits: self.habits,
            washed: self.job.garment.washed || self.job.fitting.progress.done.contains_key("wash"),
        })
    }

    pub(super) fn hems(&self, sewn: Option<&Pattern>) -> Vec<HemSolution> {
        let Some(solver) = self.hem_solver(sewn) else { return Vec::new() };
        let solved = |wish| {
            let mut hem = solver.solve(wish)?;
            hem_said(&mut hem, wish, &self.job.garment, &self.job.wearer, self.habits);
            Some(hem)
        };
        self.job.fitting.hems.iter().filter_map(solved).collect()
    }
}
