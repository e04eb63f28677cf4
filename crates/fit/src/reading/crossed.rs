//! The levels a seam crosses, found once for all that is read on it.

use crate::garment::SeamName;
use crate::pattern::crosses;
use crate::pattern::{Level, Pattern, Place, SeamEdge};

/// The levels a seam crosses.
pub struct CrossedLevels<'a> {
    /// Height of the crotch, where there is one, in millimetres.
    pub(super) crotch: Option<f64>,
    /// Its edges, and its length between them, in millimetres; a seam across the body has none that runs up.
    pub(super) edges: Option<([SeamEdge<'a>; 2], f64)>,
    /// Each level, with where both edges cross it.
    pub(super) levels: Vec<(&'a Level, [Place; 2])>,
}

impl<'a> CrossedLevels<'a> {
    /// Those of a seam.
    #[must_use]
    pub fn of(pattern: &'a Pattern, seam: SeamName) -> CrossedLevels<'a> {
        let edges = pattern.edges(seam).zip(pattern.seam_length(seam));
        let crotch = pattern.crotch.map(|crotch| crotch.height);
        let Some((on, _)) = &edges else { return CrossedLevels { crotch, edges, levels: Vec::new() } };
        let levels = pattern
            .levels
            .iter()
            .filter(|level| crosses(pattern, seam, level))
            .map(|level| (level, on.each_ref().map(|edge| level.place_on(edge.edge))))
            .collect();
        CrossedLevels { crotch, edges, levels }
    }
}
