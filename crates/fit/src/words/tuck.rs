//! What a tuck takes, and what becomes of the two girths it joins.

use crate::garment::SeamName;
use crate::operation::hem::{Tuck, TuckJoin};
use crate::unit::length::Length;
use crate::unit::scale::Scale;

/// The tuck, the girths it joins and what is trimmed; `seam` is where a girth is taken in, `what` the lower of the two.
pub(crate) fn tuck_words(tuck: &Tuck, seam: SeamName, what: &str, scale: Scale) -> Vec<String> {
    let write = |length: Length| scale.write(length.abs());
    let mut said = vec![format!(
        "A tuck {} deep on the single layer, its lower stitching {} above the finished edge, loses {}.",
        write(tuck.depth),
        write(tuck.above),
        // Folded in two: what it loses is twice what it is deep, on her tape too.
        write(scale.nearest(tuck.depth) * 2)
    )];
    let girths = format!(
        "What comes down to the stitching is {} round, the {what} {}",
        write(tuck.upper),
        write(tuck.lower)
    );
    let [deep, over] = tuck.take_in.unwrap_or_default();
    said.push(match tuck.join {
        TuckJoin::Even => format!("{girths}: they meet."),
        TuckJoin::Ease => format!("{girths}: ease {} onto it.", write(tuck.mismatch)),
        TuckJoin::TakeInAbove => format!(
            "{girths}, {} less: take the {} in by {} at the stitching, fading out over {} above it.",
            write(tuck.mismatch),
            seam.words(),
            write(deep),
            write(over)
        ),
        TuckJoin::EaseHem => {
            format!("{girths}: the {what} is the larger; ease its {} onto the cloth above.", write(tuck.mismatch))
        }
        TuckJoin::TakeInHem => format!(
            "{girths}, {} more: the {what} itself is too big. Open it at the {}, take it in by {} there, and close it again.",
            write(tuck.mismatch),
            seam.words(),
            write(deep)
        ),
    });
    said.push(match tuck.trim_to {
        Some(to) => format!(
            "Roll it down as worn and try it on before anything is cut; then trim the tuck to {} and overcast it.",
            write(to)
        ),
        None => "So small a tuck is not trimmed: press it up.".to_owned(),
    });
    said
}
