//! What a page that shows many garments says of one, small enough to be kept with its fitting.

use serde::{Deserialize, Serialize};

use crate::judge::picture::figure::Figure;
use crate::plan::{Minutes, SoonStep, Step, Timing, Work, minutes_together};
use crate::solve::Solution;
use crate::solve::next_act::NextAct;

/// A piece of work that is left.
#[derive(Debug, Clone, Copy, PartialEq, Serialize, Deserialize)]
pub struct Piece {
    /// What kind of work it is.
    pub work: Work,
    /// Its minutes before the hand's own pace counts, so that a step timed elsewhere changes no summary.
    pub minutes: f64,
}

/// An evening is no longer than this, in minutes.
const EVENING: f64 = 240.0;

/// The first steps not done yet, up to a long evening and one more, or up to one that waits by itself.
fn soon(steps: &[Step]) -> Vec<SoonStep> {
    let mut minutes = 0.0;
    let mut soon: Vec<SoonStep> = Vec::new();
    for step in steps.iter().filter(|step| !step.done) {
        let over = minutes > EVENING || soon.last().is_some_and(|last| last.overnight);
        if over {
            break;
        }
        minutes += step.house_minutes;
        soon.push(SoonStep {
            title: step.title.clone(),
            work: step.work,
            minutes: step.house_minutes,
            tools: step.tools.iter().map(|tool| (*tool).to_owned()).collect(),
            overnight: step.overnight,
            at_stop: step.stop.is_some(),
        });
    }
    soon
}

/// A solution in short.
#[derive(Debug, Clone, PartialEq, Serialize, Deserialize)]
pub struct Summary {
    /// What to do next.
    pub next: NextAct,
    /// The steps not done yet.
    pub left: Vec<Piece>,
    /// Days on which it hangs, washes or dries by itself.
    #[serde(default)]
    pub waits: u32,
    /// Steps done and steps in all.
    pub steps: [usize; 2],
    /// The first of the steps not done yet, as many as a long evening holds.
    #[serde(default)]
    pub soon: Vec<SoonStep>,
    /// How much is on nothing of the garment.
    pub strays: usize,
}

impl Summary {
    /// A solution in short.
    #[must_use]
    pub fn of(solution: &Solution) -> Summary {
        let steps = &solution.plan.steps;
        let left: Vec<Piece> = steps
            .iter()
            .filter(|step| !step.done)
            .map(|step| Piece { work: step.work, minutes: step.house_minutes })
            .collect();
        Summary {
            next: solution.next.clone(),
            waits: solution.plan.days_it_waits(),
            steps: [steps.len() - left.len(), steps.len()],
            left,
            soon: soon(steps),
            strays: solution.strays.len(),
        }
    }

    /// The garment's silhouette, where it has been measured, as fine as it is seen among others: a whole millimetre.
    #[must_use]
    pub fn figure_of(solution: &Solution) -> Option<Figure> {
        let figure = solution.drawing.as_ref()?.figure.as_ref()?;
        Some(figure.rounded())
    }

    /// Hands-on minutes left for the hand that took so long before: what the whole solution says.
    #[must_use]
    pub fn minutes_left(&self, log: &[Timing]) -> Minutes {
        minutes_together(self.left.iter().map(|piece| (piece.work, piece.minutes)), log)
    }
}
