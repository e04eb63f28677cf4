//! The last stage: everything gathered, and put into words.

use super::altered::{Altered, altered};
use super::answer::{RESULT_FORMAT, Solution};
use super::beyond::beyond;
use super::drawn::Drawn;
use super::evened::evened;
use super::judged::{Judged, judged};
use super::kept::placed;
use super::known_sums::known_sums;
use super::minded::minded;
use super::planned::planned;
use super::seam_solution::{DatumPlace, PinnableSeam};
use super::understood::{PinnedSeam, understood};
use crate::plan::Plan;
use crate::solve::job::Job;
use crate::solve::job_error::JobError;
use crate::solve::next_act::NextAct;
use crate::sums::KeptAnswer;
use crate::unit::length::Length;
use crate::words::warning;

/// Computes everything there is to know from a job.
///
/// What is missing narrows the result and is named in its warnings: without the panels there are
/// lines but no girths, without a body measure a level has no verdict. A line that cannot be
/// drawn is part of the result, with the nearest that can.
///
/// ```
/// use vemble_fit::{Job, garment::LevelName, solve};
/// let text = include_str!("../../../../docs/examples/barn-dance-trousers.vemble.json");
/// let job: Job = serde_json::from_str(text).unwrap();
/// let solution = solve(&job).unwrap();
/// assert!(solution.is_solved());
/// // Pinned at both sides and the centre back, the waist comes in.
/// let waist = &solution.levels[0].girth;
/// assert_eq!(waist.level, LevelName::Waist);
/// assert!(waist.after < waist.before);
/// // Nothing is cut before it was tacked and tried on.
/// let step = |key: &str| solution.plan.steps.iter().position(|step| step.key == key);
/// assert!(step("try_on") < step("trim_outseam"));
/// ```
///
/// # Errors
/// [`JobError`] for a job that holds nonsense, with the place it stands.
pub fn solve(job: &Job) -> Result<Solution, JobError> {
    let (drawn, pinned) = understood(job)?;
    solved(&drawn, pinned)
}

/// All stages from the pins that were understood.
///
/// # Errors
/// [`JobError`] for a kept sum that holds nonsense.
pub(super) fn solved(drawn: &Drawn<'_>, pinned: Vec<PinnedSeam>) -> Result<Solution, JobError> {
    let evened = evened(drawn, pinned);
    let sums = drawn.sums()?;
    let mut altered = altered(drawn, evened);
    let judged = judged(drawn, &altered);
    beyond(drawn, &mut altered, &judged);
    let plan = planned(drawn, &altered, &judged);
    let sums = placed(&drawn.job.fitting.sums, sums, &plan);
    Ok(answered(drawn, altered, judged, plan, sums))
}

fn answered(
    drawn: &Drawn<'_>,
    altered: Altered,
    judged: Judged,
    plan: Plan,
    sums: Vec<KeptAnswer>,
) -> Solution {
    let mut warnings: Vec<_> =
        minded(drawn, &altered, &judged).iter().map(|finding| warning(finding, drawn.habits)).collect();
    warnings.sort_by_key(|warning| warning.weight);
    let next = NextAct::of(drawn.job, drawn.came.is_some(), &altered.seams, &altered.hems, &plan);
    let hem_places = drawn
        .hem_solver(altered.sewn.as_ref())
        .map_or_else(Vec::new, |solver| solver.places(&drawn.job.fitting.hems, &altered.hems));
    let known_sums = known_sums(drawn, &altered, &judged, &hem_places);
    Solution {
        known_sums,
        format: RESULT_FORMAT.to_owned(),
        pinnable: drawn.pinnable(),
        seams: altered.seams,
        levels: judged.levels,
        seated: judged.seated,
        foot: judged.foot,
        stride: judged.stride,
        put_on: judged.put_on,
        lengths: judged.lengths,
        armholes: judged.armholes,
        gains: judged.gains,
        insets: judged.insets,
        hem_places,
        hems: altered.hems,
        alterations: altered.alterations,
        sums,
        plan,
        warnings,
        drawing: judged.drawing,
        next,
        strays: Vec::new(),
    }
}

impl Drawn<'_> {
    fn pinnable(&self) -> Vec<PinnableSeam> {
        let names = self.shape.pinnable();
        let first = names.iter().copied().find(|name| name.is_side()).or(names.first().copied());
        names
            .into_iter()
            .map(|name| {
                let seam = self.seam(name);
                PinnableSeam {
                    seam: name,
                    words: name.words(),
                    letter: name.letter(),
                    paired: name.is_paired(),
                    edges: name.edge_words(),
                    length: seam.as_ref().map(|seam| Length::hundredth(seam.length)),
                    new_dart: name.is_dart() && !self.shape.has(name),
                    crosswise: name.is_crosswise(),
                    seen_from: name.seen_from(),
                    first: Some(name) == first,
                    data: seam
                        .iter()
                        .flat_map(|seam| &seam.data)
                        .map(|at| DatumPlace { name: at.datum, words: at.datum.words() })
                        .collect(),
                }
            })
            .collect()
    }
}
