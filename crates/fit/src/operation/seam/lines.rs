//! The lines that are sewn.

use crate::garment::SeamName;
use crate::garment::side::Side;
use crate::line::Line;

/// The lines of one fitting, one entry for each half a line is sewn on.
#[derive(Debug, Clone, Default)]
pub(crate) struct Lines(Vec<(SeamName, Side, Line)>);

impl Lines {
    /// Adds the line of one seam on one side.
    pub(crate) fn add(&mut self, seam: SeamName, side: Side, line: Line) {
        self.0.push((seam, side, line));
    }

    /// The line of a seam on a side.
    #[must_use]
    pub(crate) fn get(&self, seam: SeamName, side: Side) -> Option<&Line> {
        self.0.iter().find(|(name, at, _)| *name == seam && *at == side).map(|(.., line)| line)
    }

    /// Every line.
    pub(crate) fn iter(&self) -> impl Iterator<Item = (SeamName, Side, &Line)> {
        self.0.iter().map(|(seam, side, line)| (*seam, *side, line))
    }
}
