//! What is inside a seam, in words.

use crate::judge::gains::InsideSeam;
use crate::unit::scale::Scale;

/// A seam with what is inside each of its edges.
pub(crate) fn inside_words(seam: &InsideSeam, scale: Scale) -> String {
    let [one, other] = seam.edges;
    let words = seam.seam.words();
    match seam.inside.map(|inside| inside.map(|length| scale.number(length))) {
        Some([first, second]) => format!("{words}: {one} {first}, {other} {second}"),
        None => format!("{words}: nobody looked"),
    }
}
