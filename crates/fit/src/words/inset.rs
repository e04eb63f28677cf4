//! A piece to set in where letting out is not enough.

use crate::judge::gains::Inset;
use crate::unit::length::Length;
use crate::unit::scale::Scale;

/// What to cut and how to set it in.
pub(crate) fn inset_words(inset: &Inset, scale: Scale) -> String {
    let write = |length: Length| scale.write(length);
    let long = inset.to - inset.from;
    if !inset.gusset {
        let widths: Vec<String> = inset
            .widths
            .iter()
            .map(|each| format!("{} at the {}", write(each.finished), each.level.words()))
            .collect();
        return format!(
            "Set a strip into each {}: {} long, finished {}, running to a point where nothing is missing. Cut it {} wider for {} on each side.",
            inset.seam.words(),
            write(long),
            widths.join(", "),
            write(inset.allowance + inset.allowance),
            write(inset.allowance)
        );
    }
    // Half of it goes down the side, half along the sleeve.
    let width = inset.widths.first().map_or(Length::ZERO, |each| each.finished);
    let edge = Length::from_mm((width.mm() / 2.0).hypot(long.mm()));
    format!(
        "Or a gusset under each arm: a diamond {} wide and {} long, each edge {}, plus {} all round; one point down the side seam, one along the sleeve. Reinforce its corners before they are clipped.",
        write(width),
        write(long + long),
        write(edge),
        write(inset.allowance)
    )
}
