//! Two solutions of one garment beside each other: two fittings, or one under other habits.

use serde::Serialize;

use crate::garment::LevelName;
use crate::garment::side::Side;
use crate::judge::picture::figure::Figure;
use crate::operation::hem::HemSolution;
use crate::plan::Step;
use crate::solve::job::Job;
use crate::solve::job_error::JobError;
use crate::solve::{LineOutcome, SideLine, Solution, solve};
use crate::unit::length::Length;
use crate::unit::scale::Scale;

/// A change smaller than this, in millimetres, is not said.
const WORTH_SAYING: f64 = 0.5;
/// Lines nearer than this are one line, in millimetres.
const SAME_DEPTH: f64 = 0.05;

/// One level of both.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct ComparedLevel {
    /// The level.
    pub level: LevelName,
    /// What it is called.
    pub words: &'static str,
    /// Which leg or sleeve, where they differ.
    pub side: Option<Side>,
    /// Girth with the lines of the one and of the other sewn.
    pub after: [Length; 2],
    /// The second less the first.
    pub change: Length,
    /// Both girths, the change and both eases as they stand on the session's tape.
    pub shown: ShownCompared,
}

/// A compared level as it is read on the session's tape.
#[derive(Debug, Clone, PartialEq, Eq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct ShownCompared {
    /// Girths.
    pub after: [String; 2],
    /// The second less the first.
    pub change: String,
    /// Eases, where the body was measured.
    pub ease: [Option<String>; 2],
}

/// Two fittings of one garment.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct Comparison {
    /// Level by level.
    pub levels: Vec<ComparedLevel>,
    /// The garment as each would be sewn, from the front.
    pub figures: [Option<Figure>; 2],
    /// And from the back.
    pub backs: [Option<Figure>; 2],
    /// What the second does that the first does not, in words.
    pub words: Vec<String>,
}

/// Compares two jobs of one garment.
///
/// # Errors
/// [`JobError`] for a job that holds nonsense, with the place it stands.
pub fn compare(one: &Job, other: &Job) -> Result<Comparison, JobError> {
    let (first, second) = (solve(one)?, solve(other)?);
    let scale = other.habits.scale;
    let levels = levels(&first, &second, scale);
    let words = what_changed(&first, &second, scale);
    let figures = |solution: &Solution| {
        let drawing = solution.drawing.clone();
        drawing.map_or((None, None), |drawing| (drawing.figure_after, drawing.figure_back_after))
    };
    let (front_one, back_one) = figures(&first);
    let (front_other, back_other) = figures(&second);
    Ok(Comparison { levels, figures: [front_one, front_other], backs: [back_one, back_other], words })
}

fn levels(first: &Solution, second: &Solution, scale: Scale) -> Vec<ComparedLevel> {
    second
        .levels
        .iter()
        .filter_map(|row| {
            let alike = |other: &&crate::judge::ease::LevelBalance| {
                other.girth.level == row.girth.level
                    && (other.girth.side == row.girth.side || other.girth.side.is_none())
            };
            let twin = first
                .levels
                .iter()
                .find(alike)
                .or_else(|| first.levels.iter().find(|other| other.girth.level == row.girth.level))?;
            let after = [twin.girth.after, row.girth.after];
            let change = after[1] - after[0];
            Some(ComparedLevel {
                level: row.girth.level,
                words: row.girth.level.words(),
                side: row.girth.side,
                after,
                change,
                shown: ShownCompared {
                    after: after.map(|girth| scale.number(girth)),
                    change: scale.number(scale.between(after[0], after[1])),
                    ease: [twin.shown.ease.clone(), row.shown.ease.clone()],
                },
            })
        })
        .collect()
}

/// What is different in the second of two solutions, in the order a sewist would look: girths,
/// verdicts, lines, then steps.
#[must_use]
pub fn what_changed(first: &Solution, second: &Solution, scale: Scale) -> Vec<String> {
    let mut said = Vec::new();
    for row in levels(first, second, scale) {
        if row.change.abs().mm() >= WORTH_SAYING && scale.shows(row.change) {
            let side = row.side.map_or(String::new(), |side| format!(", {}", side.words()));
            let larger = if row.change.is_positive() { "larger" } else { "smaller" };
            said.push(format!(
                "The {}{side} comes out {} {larger}: {} in place of {}.",
                row.words,
                scale.write(row.change.abs()),
                scale.write(row.after[1]),
                scale.write(row.after[0])
            ));
        }
    }
    for row in &second.levels {
        let was = first
            .levels
            .iter()
            .find(|other| other.girth.level == row.girth.level && other.girth.side == row.girth.side);
        if let Some((was, is)) =
            was.and_then(|was| was.verdict.zip(row.verdict)).filter(|(was, is)| was != is)
        {
            said.push(format!("The {} {} where it {}.", row.girth.level.words(), is.said(), was.was()));
        }
    }
    for seam in &second.seams {
        let was = first.seams.iter().find(|other| other.seam == seam.seam);
        match was {
            None => said.push(format!("The {} has a line now.", seam.words)),
            Some(was) if !are_alike(&was.lines, &seam.lines) => {
                said.push(format!("The line on the {} is drawn differently.", seam.words));
            }
            Some(_) => {}
        }
    }
    for seam in &first.seams {
        if !second.seams.iter().any(|other| other.seam == seam.seam) {
            said.push(format!("The {} has no line any more.", seam.words));
        }
    }
    said.extend(second.hems.iter().filter_map(|hem| hem_changed(first, hem, scale)));
    for hem in &first.hems {
        if !second.hems.iter().any(|other| other.hem == hem.hem) {
            said.push(format!("The {} stays as it is.", hem.words));
        }
    }
    said.extend(steps_changed(&first.plan.steps, &second.plan.steps));
    said
}

/// True where lines lie alike, to less than is worth saying, and end alike.
fn are_alike(was: &[SideLine], is: &[SideLine]) -> bool {
    let alike = |was: &SideLine, is: &SideLine| {
        was.side == is.side
            && match (&was.outcome, &is.outcome) {
                (LineOutcome::Drawn(was), LineOutcome::Drawn(is)) => {
                    let ends = (was.lower.end, was.upper.end) == (is.lower.end, is.upper.end);
                    let near = |(was, is): (&[f64; 2], &[f64; 2])| (was[1] - is[1]).abs() < SAME_DEPTH;
                    ends && was.spine.len() == is.spine.len() && was.spine.iter().zip(&is.spine).all(near)
                }
                (LineOutcome::Refused(was), LineOutcome::Refused(is)) => {
                    (was.longer, &was.shallower) == (is.longer, &is.shallower)
                }
                _ => false,
            }
    };
    was.len() == is.len() && was.iter().zip(is).all(|(was, is)| alike(was, is))
}

/// What is different about one hem, in a sentence.
fn hem_changed(first: &Solution, hem: &HemSolution, scale: Scale) -> Option<String> {
    let Some(was) = first.hems.iter().find(|other| other.hem == hem.hem) else {
        return Some(format!("The {} is changed: {}.", hem.words, hem.wanted));
    };
    let mut parts = Vec::new();
    let moved = hem.mean() - was.mean();
    if moved.abs().mm() >= WORTH_SAYING {
        let way = if moved.is_positive() { "higher" } else { "lower" };
        parts.push(format!("comes out {} {way}", scale.write(moved.abs())));
    }
    if was.kind != hem.kind {
        parts.push(format!("is sewn as {} in place of {}", hem.kind_words, was.kind_words));
    } else if was.allowance != hem.allowance {
        parts.push(format!("is turned up {} in place of {}", hem.allowance_words, was.allowance_words));
    }
    let lies = |hem: &HemSolution| {
        let lining = hem.lining.as_ref()?;
        Some((lining.hangs, lining.edge, lining.above, lining.slack, lining.turn))
    };
    if lies(was) != lies(hem) {
        parts.push("has its lining done otherwise".to_owned());
    }
    let settled = |hem: &HemSolution| hem.is_solved();
    match (settled(was), settled(hem)) {
        (true, false) => parts.push("cannot be made so".to_owned()),
        (false, true) => parts.push("can be made now".to_owned()),
        _ => {}
    }
    (!parts.is_empty()).then(|| format!("The {} {}.", hem.words, parts.join(", and ")))
}

fn steps_changed(first: &[Step], second: &[Step]) -> Vec<String> {
    let only = |steps: &[Step], others: &[Step]| -> Vec<String> {
        steps
            .iter()
            .filter(|step| !others.iter().any(|other| other.key == step.key))
            .map(|step| format!("“{}”", step.title))
            .collect()
    };
    let mut said = Vec::new();
    let (new, gone) = (only(second, first), only(first, second));
    if !new.is_empty() {
        said.push(format!("New in the work order: {}.", new.join(", ")));
    }
    if !gone.is_empty() {
        said.push(format!("No longer in the work order: {}.", gone.join(", ")));
    }
    let differently: Vec<String> = second
        .iter()
        .filter(|step| {
            first.iter().any(|other| {
                other.key == step.key && ((&other.told, &other.turns_on) != (&step.told, &step.turns_on))
            })
        })
        .map(|step| format!("“{}”", step.title))
        .collect();
    if !differently.is_empty() {
        said.push(format!("Done differently: {}.", differently.join(", ")));
    }
    said
}
