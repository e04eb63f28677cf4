//! What the second of two solutions does that the first does not, in words.

use crate::garment::side::Side;
use crate::garment::{LevelName, SeamName};
use crate::judge::ease::Verdict;
use crate::operation::hem::HemSolution;
use crate::unit::length::Length;
use crate::unit::scale::Scale;

/// What became of the line of a seam.
pub(crate) enum LineCompared {
    New,
    Otherwise,
    Gone,
}

/// What is different about a hem that both have.
pub(crate) struct HemDiffers {
    /// How much higher it comes out, where that is worth saying.
    pub(crate) higher: Option<Length>,
    /// Its lining is done otherwise.
    pub(crate) lining: bool,
}

/// A girth that comes out otherwise: what it was and what it is.
pub(crate) fn girth_compared(
    level: LevelName,
    side: Option<Side>,
    [was, is]: [Length; 2],
    scale: Scale,
) -> String {
    let level = level.words();
    let side = side.map_or(String::new(), |side| format!(", {}", side.words()));
    let change = is - was;
    let larger = if change.is_positive() { "larger" } else { "smaller" };
    let [was, is, by] = [was, is, change.abs()].map(|length| scale.write(length));
    format!("The {level}{side} comes out {by} {larger}: {is} in place of {was}.")
}

/// A verdict that is another.
pub(crate) fn verdict_compared(level: LevelName, [was, is]: [Verdict; 2]) -> String {
    format!("The {} {} where it {}.", level.words(), is.said(), was.was())
}

/// A line that is another.
pub(crate) fn line_compared(seam: SeamName, became: LineCompared) -> String {
    let seam = seam.words();
    match became {
        LineCompared::New => format!("The {seam} has a line now."),
        LineCompared::Otherwise => format!("The line on the {seam} is drawn differently."),
        LineCompared::Gone => format!("The {seam} has no line any more."),
    }
}

/// A hem that was not changed and is.
pub(crate) fn hem_begun(hem: &HemSolution) -> String {
    format!("The {} is changed: {}.", hem.words, hem.wanted)
}

/// A hem that was changed and is not.
pub(crate) fn hem_left(hem: &HemSolution) -> String {
    format!("The {} stays as it is.", hem.words)
}

/// A hem that is changed otherwise; `None` where nothing of that is worth saying.
pub(crate) fn hem_compared(
    [was, is]: [&HemSolution; 2],
    differs: &HemDiffers,
    scale: Scale,
) -> Option<String> {
    let mut parts = Vec::new();
    if let Some(higher) = differs.higher {
        let way = if higher.is_positive() { "higher" } else { "lower" };
        parts.push(format!("comes out {} {way}", scale.write(higher.abs())));
    }
    if was.kind != is.kind {
        parts.push(format!("is sewn as {} in place of {}", is.kind_words, was.kind_words));
    } else if was.allowance != is.allowance {
        parts.push(format!("is turned up {} in place of {}", is.allowance_words, was.allowance_words));
    }
    if differs.lining {
        parts.push("has its lining done otherwise".to_owned());
    }
    match (was.is_solved(), is.is_solved()) {
        (true, false) => parts.push("cannot be made so".to_owned()),
        (false, true) => parts.push("can be made now".to_owned()),
        _ => {}
    }
    (!parts.is_empty()).then(|| format!("The {} {}.", is.words, parts.join(", and ")))
}

/// Steps, by their titles, that are new, gone, or done differently.
pub(crate) fn steps_compared(new: &[&str], gone: &[&str], differently: &[&str]) -> Vec<String> {
    let of = |begins: &str, titles: &[&str]| {
        let titles: Vec<String> = titles.iter().map(|title| format!("“{title}”")).collect();
        (!titles.is_empty()).then(|| format!("{begins}: {}.", titles.join(", ")))
    };
    let all = [
        of("New in the work order", new),
        of("No longer in the work order", gone),
        of("Done differently", differently),
    ];
    all.into_iter().flatten().collect()
}
