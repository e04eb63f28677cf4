//! The sums kept with a fitting, worked out.

use super::drawn::Drawn;
use crate::garment::{FeatureKind, FixtureKind};
use crate::house::ranges;
use crate::plan::{Act, On, Phase, Plan, Step};
use crate::solve::job_error::{JobError, within};
use crate::sums::{KeptAnswer, KeptSum, SumPlace, work_out};

impl Drawn<'_> {
    /// Works the kept sums out; which steps need them is known once there are steps.
    ///
    /// # Errors
    /// [`JobError`] for a sum that holds nonsense.
    pub(super) fn sums(&self) -> Result<Vec<KeptAnswer>, JobError> {
        let worked = |(i, kept): (usize, &KeptSum)| {
            let answer = work_out(&kept.sum, self.habits)
                .map_err(|error| JobError::from(error).inside(&format!("fitting.sums[{i}].sum")))?;
            Ok(KeptAnswer { id: kept.id.clone(), note: kept.note.clone(), answer, steps: Vec::new() })
        };
        let kept = &self.job.fitting.sums;
        within("fitting.sums", ranges::SUMS, kept.len() as f64)?;
        for (i, sum) in kept.iter().enumerate() {
            let long = sum.note.chars().count() as f64;
            within(format!("fitting.sums[{i}].note"), ranges::NOTE, long)?;
        }
        kept.iter().enumerate().map(worked).collect()
    }
}

/// Says of each kept sum which steps need it: those at its place where something is made.
pub(super) fn placed(kept: &[KeptSum], answers: Vec<KeptAnswer>, plan: &Plan) -> Vec<KeptAnswer> {
    let steps = |place: SumPlace| plan.steps.iter().filter(move |step| is_made_at(step, place));
    let placed = |(sum, answer): (&KeptSum, KeptAnswer)| {
        let steps = sum.place.map(|place| steps(place).map(|step| step.key.to_string()).collect());
        KeptAnswer { steps: steps.unwrap_or_default(), ..answer }
    };
    kept.iter().zip(answers).map(placed).collect()
}

/// True for a step that sews, cuts or chalks what a sum is about.
fn is_made_at(step: &Step, place: SumPlace) -> bool {
    let makes = matches!(step.phase, Phase::Mark | Phase::Make | Phase::Finish | Phase::Close);
    let here = match (place, step.key.on) {
        (SumPlace::Hem { hem }, _) => step.place.hem == Some(hem),
        (SumPlace::Buttons { .. }, On::Feature(_, FeatureKind::Buttons, _)) => true,
        (SumPlace::Buttons { .. }, On::Fixture(FixtureKind::Buttons, ..)) => true,
        (SumPlace::Buttons { .. }, _) => step.key.act == Act::CloseFastening,
        (SumPlace::Waist, _) => {
            matches!(step.key.act, Act::CutBand | Act::JoinBand | Act::CloseBand | Act::CloseWaistSeam)
        }
        (SumPlace::Armholes, _) => matches!(step.key.act, Act::CloseArmhole | Act::CloseSleeveHead),
        (SumPlace::Lacing | SumPlace::Cloth, _) => false,
    };
    makes && here
}
