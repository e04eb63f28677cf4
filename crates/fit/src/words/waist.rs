//! What shortening at the waist takes, and what is drawn again for it.

use crate::operation::hem::WaistShortening;
use crate::unit::length::Length;
use crate::unit::scale::Scale;

/// What is taken off a skirt's top, what becomes of its darts, sides and zip; `edge` is what it is sewn to.
pub(crate) fn waist_words(waist: &WaistShortening, edge: &str, scale: Scale) -> Vec<String> {
    let write = |length: Length| scale.write(length.abs());
    let mut said = vec![format!(
        "Take {} off the top of the skirt; the edge below stays whole. The {edge} is {} round, the skirt there {}.",
        write(waist.takes),
        write(waist.upper),
        write(waist.lower)
    )];
    for dart in &waist.darts {
        said.push(format!(
            "Each {} held {} at the waist and {} of it is left: draw it again with its tip {} lower, the same depth and length.",
            dart.words,
            write(dart.intake[0]),
            write(dart.intake[1]),
            write(dart.lower_tip)
        ));
    }
    said.push(match waist.side_take_in {
        Some(each) => format!(
            "That leaves {} too much: take each side seam in by {} on both panels at the new edge, fading out over {} below it.",
            write(waist.remains),
            write(each),
            write(waist.fading_over)
        ),
        None if waist.remains.is_positive() => {
            format!("That leaves {} to ease into the {edge}.", write(waist.remains))
        }
        None if waist.remains.is_negative() => {
            format!("That leaves the skirt {} short: let the darts take as much less.", write(waist.remains))
        }
        None => format!("Skirt and {edge} meet."),
    });
    for zip in &waist.zips {
        said.push(format!(
            "The zip in the {} runs into the new edge: take it out, open the seam {} further down and set it in again, so that it still opens {}.",
            zip.seam.words(),
            write(waist.takes),
            write(zip.opens)
        ));
    }
    said
}
