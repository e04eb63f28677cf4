//! Where a lining ends at a hem, how it hangs there, and the corners beside it.

use crate::house::choice::{LiningEdge, LiningHangs};
use crate::operation::hem::{HemLining, Mitre};
use crate::unit::length::Length;
use crate::unit::scale::Scale;

/// How the lining of a hem hangs, and what becomes of its edge.
pub(crate) fn hem_lining_words(lining: &HemLining, scale: Scale) -> Vec<String> {
    let write = |length: Length| scale.write(length.abs());
    if lining.bagged {
        return vec![format!(
            "Cut the outside {} beyond the finished edge and the lining {} shorter, and sew them to each other, seam on seam: so the lining draws the seam inside.",
            write(lining.turn),
            write(lining.above)
        )];
    }
    let above = write(lining.above);
    let hangs = match lining.hangs {
        LiningHangs::Attached => format!(
            "The lining is felled to the turn-up {} above the outer fold; its {} of slack then falls into a pleat that ends {above} above the fold.",
            write(lining.above + lining.slack),
            write(lining.slack)
        ),
        LiningHangs::Free => format!("The lining hangs free and ends {above} above the outer fold."),
        LiningHangs::Caught => format!(
            "The lining is hemmed by itself, ends {above} above the outer fold and is caught at each seam with a thread chain."
        ),
    };
    vec![hangs, edge_words(lining, scale)]
}

/// What is done to its edge.
fn edge_words(lining: &HemLining, scale: Scale) -> String {
    let write = |length: Length| scale.write(length.abs());
    let side = if lining.raw.is_negative() { "below" } else { "above" };
    let reach = format!("{} {side} the outer fold", write(lining.raw));
    let turn = write(lining.turn);
    let taken_up = if lining.slack.is_positive() {
        format!("the {turn} that is turned under and the slack take it back up")
    } else {
        format!("the {turn} that is turned under takes it back up")
    };
    match lining.edge {
        LiningEdge::Cut => {
            format!("Hanging straight it is cut {reach}: {taken_up}, so that it ends where it was said.")
        }
        LiningEdge::Folded => format!(
            "Do not cut it. Hanging straight, the edge that is turned under would lie {reach}: {taken_up}; what is over stays folded inside."
        ),
    }
}

/// A corner where two turn-ups meet.
pub(crate) fn mitre_words(mitre: &Mitre, scale: Scale) -> String {
    let [own, other] = mitre.allowances.map(|length| scale.write(length));
    format!(
        "At the {} turn-ups of {own} and {other} meet: a mitre of {}, trimmed to {}.",
        mitre.what,
        scale.write(mitre.seam),
        scale.write(mitre.trim_to)
    )
}
