//! Hems and kept sums of a job, and what the person should know of them.

use super::solving::Solver;
use crate::hem::{HemSolution, HemSolver, HemTemplate, Lies, templates};
use crate::house::caution::Caution;
use crate::house::rules::HouseRule;
use crate::solve::job::Job;
use crate::solve::job_error::{JobError, within};
use crate::solve::warning::Weight;
use crate::sums::{KeptAnswer, KeptSum, work_out};
use crate::unit::length::Length;

/// Most sums one fitting keeps, and the longest note of one, in characters.
const MOST_SUMS: f64 = 60.0;
const LONGEST_NOTE: f64 = 120.0;

/// Every hem of a job at full size, panel by panel: nothing for hems that are not cut, or not settled yet.
///
/// # Errors
/// [`JobError`] for a job that holds nonsense, with the place it stands.
pub fn hem_templates(job: &Job) -> Result<Vec<HemTemplate>, JobError> {
    let mut solver = Solver::new(job)?;
    solver.draw_lines()?;
    let hems = solver.hems();
    let Some(pattern) = &solver.pattern else { return Ok(Vec::new()) };
    let of = |hem| templates(solver.shape, pattern, &solver.lines, hem, solver.habits);
    Ok(hems.iter().flat_map(of).collect())
}

impl Solver<'_> {
    pub(super) fn hem_solver(&self) -> Option<HemSolver<'_>> {
        Some(HemSolver {
            garment: &self.job.garment,
            pattern: self.pattern.as_ref()?,
            lines: &self.lines,
            body: self.job.body.as_ref(),
            wearer: &self.job.wearer,
            habits: self.habits,
            washed: self.job.garment.washed || self.job.fitting.progress.done.contains_key("wash"),
        })
    }

    pub(super) fn hems(&self) -> Vec<HemSolution> {
        let Some(solver) = self.hem_solver() else { return Vec::new() };
        self.job.fitting.hems.iter().filter_map(|wish| solver.solve(wish)).collect()
    }

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

    pub(super) fn warn_of_hems(&mut self, hems: &[HemSolution]) {
        for hem in hems {
            self.warn_of_hem(hem);
        }
    }

    fn warn_of_hem(&mut self, hem: &HemSolution) {
        let about = hem.hem;
        let scale = self.habits.scale;
        if let Some(waits) = &hem.waits {
            self.warn("hem.waits", Weight::Mind, about, waits.clone());
        }
        if let Some(refused) = &hem.refused {
            self.warn("hem.refused", Weight::Mind, about, refused.clone());
        }
        if let Some(uneven) = &hem.uneven {
            self.warn("hem.uneven", Weight::Mind, about, uneven.words.clone());
        }
        let ask = Length::from_mm(self.habits.rule(HouseRule::HemPairAsk));
        if hem.paired
            && hem.pairs.iter().any(|row| row.take_up[2].abs() > ask)
            && let Some(words) = &hem.pair_words
        {
            self.warn("hem.pair", Weight::Mind, about, words.clone());
        }
        // What does not lie was refused above.
        let splayed = hem.sides.iter().filter_map(|side| side.turn_up.as_ref());
        if let Some(turned) = splayed.into_iter().find(|turned| turned.lies == Lies::Splay)
            && hem.kind.turns_up()
        {
            self.warn("hem.turn_up", Weight::Note, about, turned.words.join(" "));
        }
        let blocked: std::collections::BTreeSet<String> =
            HemSolver::in_the_way(hem).map(|collision| collision.says.clone()).collect();
        for says in blocked {
            self.warn("hem.collision", Weight::Mind, about, says);
        }
        if let Some(share) = hem.shrinks {
            self.warn("hem.shrinks", Weight::Note, about, format!(
                "Not washed yet; a swatch lost {:.1} %. Fold and cut line stand lower by as much, so that it is right once it is washed. Wash it only when it is sewn; or wash it first, say so on its sheet, and the lines move.",
                100.0 * share
            ));
        }
        let wish = self.job.fitting.hems.iter().find(|wish| wish.hem == hem.hem);
        let above =
            wish.and_then(|wish| self.hem_solver()?.above_floor(wish, hem)).filter(|_| hem.is_solved());
        if let Some(above) = above
            && hem.hem == crate::garment::HemName::Hem
            && above < self.habits.rule(HouseRule::TripBelow)
        {
            self.warn(
                "hem.trip",
                Weight::Danger,
                about,
                format!(
                    "Finished it is {} above the floor at its lowest. {}",
                    scale.write(Length::from_mm(above)),
                    Caution::Trip.words()
                ),
            );
        }
    }
}
