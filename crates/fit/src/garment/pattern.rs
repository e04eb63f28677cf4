//! A drawn garment: the panels of one half, the levels across them, and what was estimated.

use super::bodice::Bodice;
use super::edge::Edge;
use super::flat::FlatName;
use super::level::Level;
use super::panel::{EdgeName, Panel};
use super::seam::SeamName;

/// The crotch of a garment with legs.
#[derive(Debug, Clone, Copy, PartialEq)]
pub struct Crotch {
    /// Height of the crotch point above the hem fold, in millimetres.
    pub height: f64,
    /// Height at which the crotch curve has become the straight of the centre seam.
    pub curve_top: f64,
}

/// The panels of one half of a garment with the levels across them. The other half mirrors them.
#[derive(Debug, Clone)]
pub struct Pattern {
    /// The panels, front first, sleeves last.
    pub panels: Vec<Panel>,
    /// The levels, from the top down, sleeves last.
    pub levels: Vec<Level>,
    /// Measures that were estimated because they are missing.
    pub estimated: Vec<FlatName>,
    /// The crotch, where there are legs.
    pub crotch: Option<Crotch>,
    /// Height of the waist above the hem fold, where the garment reaches it.
    pub waist: Option<f64>,
    /// Armholes, shoulders and neck, where it has them.
    pub bodice: Option<Bodice>,
    /// Height of the crown of the sleeve cap above the sleeve's hem fold.
    pub crown: Option<f64>,
}

/// An edge as a seam knows it: on which panel, and which way the cloth lies.
#[derive(Debug, Clone, Copy)]
pub struct SeamEdge<'a> {
    /// The panel.
    pub panel: &'a Panel,
    /// The edge, lower end first.
    pub edge: &'a Edge,
    /// Seen up the edge, the cloth lies left (`1`) or right (`-1`).
    pub inward: f64,
}

impl Pattern {
    /// The two edges that lie in a seam. A centre seam has the one edge twice, because left and right
    /// are mirror images; a seam across the body has none.
    #[must_use]
    pub fn edges(&self, seam: SeamName) -> Option<[SeamEdge<'_>; 2]> {
        if seam.is_crosswise() {
            return None;
        }
        if seam.is_dart() {
            return self.panels.iter().find_map(|panel| {
                let dart = panel.darts.iter().find(|dart| dart.name == seam)?;
                let [middle, side] = &dart.legs;
                Some([
                    SeamEdge { panel, edge: middle, inward: 1.0 },
                    SeamEdge { panel, edge: side, inward: -1.0 },
                ])
            });
        }
        let mut found = self.panels.iter().flat_map(|panel| {
            panel
                .edges
                .iter()
                .filter(move |edge| edge.name == EdgeName::Seam(seam))
                .map(move |edge| SeamEdge { panel, edge: &edge.edge, inward: edge.inward() })
        });
        let first = found.next()?;
        Some([first, found.next().unwrap_or(first)])
    }

    /// Length of a seam in millimetres: the mean of its two edges, or of the line across the body.
    #[must_use]
    pub fn seam_length(&self, seam: SeamName) -> Option<f64> {
        if let Some([one, other]) = self.edges(seam) {
            return Some((one.edge.length() + other.edge.length()) / 2.0);
        }
        match seam {
            SeamName::Shoulder => self.bodice.map(|bodice| bodice.shoulder_length()),
            SeamName::Yoke => self.bodice.map(|bodice| bodice.across),
            SeamName::WaistSeam => {
                let waist = self.levels.iter().find(|level| level.name == super::LevelName::Waist)?;
                Some(waist.girth.half().mm())
            }
            _ => None,
        }
    }

    /// A level by its name.
    #[must_use]
    pub fn level(&self, name: super::LevelName) -> Option<&Level> {
        self.levels.iter().find(|level| level.name == name)
    }

    /// Length of the armhole all round, front and back, in millimetres.
    #[must_use]
    pub fn armhole_length(&self) -> Option<f64> {
        self.rim(EdgeName::Armhole)
    }

    /// Length of the sleeve's cap, over all its pieces, in millimetres.
    #[must_use]
    pub fn cap_length(&self) -> Option<f64> {
        self.rim(EdgeName::Cap)
    }

    fn rim(&self, name: EdgeName) -> Option<f64> {
        let edges = self.panels.iter().flat_map(|panel| &panel.edges).filter(|edge| edge.name == name);
        edges.map(|edge| edge.edge.length()).reduce(|a, b| a + b)
    }
}
