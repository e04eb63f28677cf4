//! Which seams cross a level.

use super::level::Level;
use super::pattern::Pattern;
use crate::garment::SeamName;
use crate::garment::level::Tube;

/// The seams that cross a level, with the side each is on. A seam that ends below or above the level,
/// or goes round another tube there, is not among them.
#[must_use]
pub fn crossing_seams(pattern: &Pattern, level: &Level) -> Vec<SeamName> {
    SeamName::ALL.into_iter().filter(|seam| crosses(pattern, *seam, level)).collect()
}

/// True when a seam is among the [`crossing_seams`] of a level.
pub(crate) fn crosses(pattern: &Pattern, seam: SeamName, level: &Level) -> bool {
    let Some(edges) = pattern.edges(seam) else { return false };
    let sleeve = edges[0].panel.name.tube() == Tube::Sleeve;
    if sleeve != (level.tube == Tube::Sleeve) {
        return false;
    }
    let height = level.height.mm();
    if let Some(crotch) = pattern.crotch {
        let upright = match seam {
            SeamName::Outseam => true,
            SeamName::Inseam => level.tube == Tube::Leg,
            _ => level.tube == Tube::Body && (level.on_band || height > crotch.height),
        };
        if !upright {
            return false;
        }
    }
    level.on_band || edges.iter().all(|each| each.edge.spans(height))
}
