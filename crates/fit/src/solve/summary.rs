//! What a page that shows many garments says of one, small enough to be kept with its fitting.

use serde::{Deserialize, Serialize};

use crate::judge::figure::Figure;
use crate::plan::{Minutes, Timing, Work, minutes_together};
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
            strays: solution.strays.len(),
        }
    }

    /// The garment's silhouette, where it has been measured, as fine as it is seen among others: a tenth of a
    /// millimetre.
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
