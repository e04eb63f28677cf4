//! What to do next with a garment, and at which place.

use serde::{Deserialize, Serialize};

use crate::garment::Purpose;
use crate::house::choice::{FitOn, Preset};
use crate::operation::hem::HemSolution;
use crate::plan::{Act, Plan};
use crate::solve::job::Job;
use crate::solve::{LineOutcome, SeamSolution};

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
        let act =
            |place, words: &str| NextAct { place, words: words.to_owned(), at_stop: false, finished: false };
        if job.garment.purpose == Purpose::Protective {
            return act(Place::Rail, "Ask its maker: an alteration voids what it is certified for");
        }
        if let Some(rules) = plan.next().filter(|step| step.key.act == Act::LookUpRules) {
            return NextAct { at_stop: true, ..act(Place::Bench, &rules.title) };
        }
        if !drawn {
            return act(Place::Rail, "Measure it flat");
        }
        if job.fitting.pins.is_empty() && job.fitting.hems.is_empty() {
            let words = match (job.habits.preset, job.habits.fit_on) {
                (Preset::Ladder, _) => "Set the pins from numbers, put it on, move them",
                (Preset::ByFeel, FitOn::Wearer) => "Try it on and pin",
                (Preset::ByFeel, FitOn::Form) => "Put it on the form and pin",
            };
            return act(Place::Mirror, words);
        }
        let refused = seams
            .iter()
            .find(|seam| seam.lines.iter().any(|line| matches!(line.outcome, LineOutcome::Refused(_))));
        if let Some(seam) = refused {
            return act(Place::Chalk, &format!("Settle the line on the {}", seam.seam.words()));
        }
        if let Some(hem) = hems.iter().find(|hem| hem.waits.is_some()) {
            return act(Place::Mirror, &format!("Read the {} at the mirror", hem.words));
        }
        if let Some(hem) = hems.iter().find(|hem| hem.refused.is_some()) {
            return act(Place::Chalk, &format!("Settle the {}", hem.words));
        }
        match plan.next() {
            None if plan.steps.is_empty() => act(Place::Chalk, "Read the pins"),
            None => NextAct { finished: true, ..act(Place::Bench, "Finished: wear it") },
            // Before the first tick the lines are still being looked at.
            Some(_) if job.fitting.progress.done.is_empty() => {
                let lines = if seams.is_empty() {
                    "Check the hem and chalk it"
                } else {
                    "Check the lines and chalk them"
                };
                act(Place::Chalk, lines)
            }
            Some(step) => NextAct { at_stop: step.stop.is_some(), ..act(Place::Bench, &step.title) },
        }
    }
}
