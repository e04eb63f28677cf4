//! Two solutions of one garment beside each other: two fittings, or one under other habits.

use serde::Serialize;

use crate::garment::LevelName;
use crate::garment::side::Side;
use crate::judge::ease::LevelBalance;
use crate::judge::picture::figure::Figure;
use crate::operation::hem::HemSolution;
use crate::plan::Step;
use crate::solve::job::Job;
use crate::solve::job_error::JobError;
use crate::solve::{LineOutcome, SeamSolution, SideLine, Solution, solve};
use crate::unit::length::Length;
use crate::unit::scale::Scale;
use crate::words::{
    HemDiffers, LineCompared, girth_compared, hem_begun, hem_compared, hem_left, line_compared,
    steps_compared, verdict_compared,
};

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

/// The same level of another solution: on the same side, of both, or on any.
fn twin<'a>(row: &LevelBalance, others: &'a [LevelBalance]) -> Option<&'a LevelBalance> {
    let level = |other: &&LevelBalance| other.girth.level == row.girth.level;
    let alike = |other: &&LevelBalance| {
        level(other) && (other.girth.side == row.girth.side || other.girth.side.is_none())
    };
    others.iter().find(alike).or_else(|| others.iter().find(level))
}

fn levels(first: &Solution, second: &Solution, scale: Scale) -> Vec<ComparedLevel> {
    second
        .levels
        .iter()
        .filter_map(|row| {
            let twin = twin(row, &first.levels)?;
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
            said.push(girth_compared(row.level, row.side, row.after, scale));
        }
    }
    for row in &second.levels {
        let alike = |other: &&LevelBalance| {
            other.girth.level == row.girth.level && other.girth.side == row.girth.side
        };
        let was = first.levels.iter().find(alike);
        let verdicts = was.and_then(|was| was.verdict.zip(row.verdict)).filter(|(was, is)| was != is);
        said.extend(verdicts.map(|(was, is)| verdict_compared(row.girth.level, [was, is])));
    }
    said.extend(lines_changed(&first.seams, &second.seams));
    said.extend(second.hems.iter().filter_map(|hem| hem_changed(first, hem, scale)));
    let left = first.hems.iter().filter(|hem| !second.hems.iter().any(|other| other.hem == hem.hem));
    said.extend(left.map(hem_left));
    said.extend(steps_changed(&first.plan.steps, &second.plan.steps));
    said
}

fn lines_changed(first: &[SeamSolution], second: &[SeamSolution]) -> Vec<String> {
    let mut said = Vec::new();
    for seam in second {
        let became = match first.iter().find(|other| other.seam == seam.seam) {
            None => LineCompared::New,
            Some(was) if !are_alike(&was.lines, &seam.lines) => LineCompared::Otherwise,
            Some(_) => continue,
        };
        said.push(line_compared(seam.seam, became));
    }
    let gone = first.iter().filter(|seam| !second.iter().any(|other| other.seam == seam.seam));
    said.extend(gone.map(|seam| line_compared(seam.seam, LineCompared::Gone)));
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
        return Some(hem_begun(hem));
    };
    let lies = |hem: &HemSolution| {
        let lining = hem.lining.as_ref()?;
        Some((lining.hangs, lining.edge, lining.above, lining.slack, lining.turn))
    };
    let moved = hem.mean() - was.mean();
    let higher = (moved.abs().mm() >= WORTH_SAYING).then_some(moved);
    hem_compared([was, hem], &HemDiffers { higher, lining: lies(was) != lies(hem) }, scale)
}

fn steps_changed(first: &[Step], second: &[Step]) -> Vec<String> {
    let not_in = |others: &'_ [Step]| {
        let keys: Vec<_> = others.iter().map(|other| other.key).collect();
        move |step: &Step| !keys.contains(&step.key)
    };
    let differently = |step: &Step| {
        let was = first.iter().find(|other| other.key == step.key);
        was.is_some_and(|was| (&was.told, &was.turns_on) != (&step.told, &step.turns_on))
    };
    steps_compared(
        &titles(second, &not_in(first)),
        &titles(first, &not_in(second)),
        &titles(second, &differently),
    )
}

fn titles<'a>(steps: &'a [Step], is: &dyn Fn(&Step) -> bool) -> Vec<&'a str> {
    steps.iter().filter(|step| is(step)).map(|step| step.title.as_str()).collect()
}
