//! What to do next with a garment, and at which place.

use serde::{Deserialize, Serialize};

use crate::garment::Purpose;
use crate::operation::hem::HemSolution;
use crate::plan::{Act, Plan};
use crate::solve::job::Job;
use crate::solve::{LineOutcome, SeamSolution, SideLine};
use crate::words::ToDo;

/// A place of the work.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum Place {
    /// The rail: measuring and describing the garment.
    Rail,
    /// At the mirror: trying on and pinning.
    Mirror,
    /// At the chalk table: reading, evening, drawing.
    Chalk,
    /// At the bench: the work order.
    Bench,
}

/// The next act.
#[derive(Debug, Clone, PartialEq, Eq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct NextAct {
    /// Where.
    pub place: Place,
    /// What, in a few words.
    pub words: String,
    /// True when a stop stands before it.
    pub at_stop: bool,
    /// True when nothing is left to do.
    pub finished: bool,
}

impl NextAct {
    pub(crate) fn of(
        job: &Job,
        drawn: bool,
        seams: &[SeamSolution],
        hems: &[HemSolution],
        plan: &Plan,
    ) -> NextAct {
        let act = |place, words: String| NextAct { place, words, at_stop: false, finished: false };
        let to_do = |place, what: ToDo<'_>| act(place, what.words());
        if job.garment.purpose == Purpose::Protective {
            return to_do(Place::Rail, ToDo::AskItsMaker);
        }
        if let Some(rules) = plan.next().filter(|step| step.key.act == Act::LookUpRules) {
            return NextAct { at_stop: true, ..act(Place::Bench, rules.title.clone()) };
        }
        if !drawn {
            return to_do(Place::Rail, ToDo::Measure);
        }
        if job.fitting.pins.is_empty() && job.fitting.hems.is_empty() {
            return to_do(Place::Mirror, ToDo::Pin(job.habits.preset, job.habits.fit_on));
        }
        let is_refused = |line: &SideLine| matches!(line.outcome, LineOutcome::Refused(_));
        if let Some(seam) = seams.iter().find(|seam| seam.lines.iter().any(is_refused)) {
            return to_do(Place::Chalk, ToDo::SettleLine(seam.seam));
        }
        if let Some(hem) = hems.iter().find(|hem| hem.waits.is_some()) {
            return to_do(Place::Mirror, ToDo::ReadHem(hem));
        }
        if let Some(hem) = hems.iter().find(|hem| hem.refused.is_some()) {
            return to_do(Place::Chalk, ToDo::SettleHem(hem));
        }
        match plan.next() {
            None if plan.steps.is_empty() => to_do(Place::Chalk, ToDo::ReadPins),
            None => NextAct { finished: true, ..to_do(Place::Bench, ToDo::Wear) },
            // Before the first tick the lines are still being looked at.
            Some(_) if job.fitting.progress.done.is_empty() => {
                to_do(Place::Chalk, if seams.is_empty() { ToDo::CheckHem } else { ToDo::CheckLines })
            }
            Some(step) => NextAct { at_stop: step.stop.is_some(), ..act(Place::Bench, step.title.clone()) },
        }
    }
}
