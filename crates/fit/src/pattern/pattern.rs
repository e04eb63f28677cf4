//! A garment as panels: two halves, the levels across them, and what was estimated.

use kurbo::{Point, Vec2};

use super::draw::bodice::Bodice;
use super::edge::Edge;
use super::level::Level;
use super::panel::{EdgeName, Panel};
use crate::garment::flat::FlatName;
use crate::garment::level::{LevelName, Tube};
use crate::garment::seam::SeamName;
use crate::reading::side::Side;

/// The crotch of a garment with legs.
#[derive(Debug, Clone, Copy, PartialEq)]
pub struct Crotch {
    /// Height of the crotch point above the hem fold, in millimetres.
    pub height: f64,
    /// Height at which the crotch curve has become the straight of the centre seam.
    pub curve_top: f64,
}

/// A garment as panels. As it came the right half mirrors the left; what is done to it may differ.
#[derive(Debug, Clone)]
pub struct Pattern {
    /// The panels of the left half and of the right, each in the frame of a left one: front first, sleeves last.
    pub halves: [Vec<Panel>; 2],
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

impl SeamEdge<'_> {
    /// The point `depth` inside the edge at a station of it, in millimetres; beyond an end the edge goes on.
    #[must_use]
    pub fn inside(&self, station: f64, depth: f64) -> Point {
        let place = self.edge.beyond(station);
        place.point + Vec2::new(-place.along.y, place.along.x) * (self.inward * depth)
    }
}

impl Pattern {
    /// The panels of one half; those of the left for a seam that is single.
    #[must_use]
    pub fn half(&self, side: Side) -> &[Panel] {
        &self.halves[usize::from(side == Side::Right)]
    }

    /// The panels of the left half, which stand for both as a garment came.
    #[must_use]
    pub fn panels(&self) -> &[Panel] {
        &self.halves[0]
    }

    /// The two edges that lie in a seam of the left half; see [`Pattern::edges_on`].
    #[must_use]
    pub fn edges(&self, seam: SeamName) -> Option<[SeamEdge<'_>; 2]> {
        self.edges_on(seam, Side::Left)
    }

    /// The two edges that lie in a seam on one side. A centre seam has one on each half; a seam across the body has
    /// none that runs up.
    #[must_use]
    pub fn edges_on(&self, seam: SeamName, side: Side) -> Option<[SeamEdge<'_>; 2]> {
        if seam.is_crosswise() {
            return None;
        }
        let panels = self.half(side);
        if seam.is_dart() {
            return panels.iter().find_map(|panel| {
                let dart = panel.darts.iter().find(|dart| dart.name == seam)?;
                let [middle, side] = &dart.legs;
                Some([
                    SeamEdge { panel, edge: middle, inward: 1.0 },
                    SeamEdge { panel, edge: side, inward: -1.0 },
                ])
            });
        }
        let mut found = in_seam(panels, seam);
        let first = found.next()?;
        let second = found.next().or_else(|| in_seam(&self.halves[1], seam).next());
        Some([first, second.unwrap_or(first)])
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
            SeamName::WaistSeam => Some(self.level(LevelName::Waist)?.girth.half().mm()),
            _ => None,
        }
    }

    /// A level by its name.
    #[must_use]
    pub fn level(&self, name: LevelName) -> Option<&Level> {
        self.levels.iter().find(|level| level.name == name)
    }

    /// Length of an armhole, a cap or half a neckline on one side, over all its pieces, in millimetres; `None` where
    /// there is none.
    #[must_use]
    pub fn rim(&self, name: EdgeName, side: Side) -> Option<f64> {
        let edges = self.half(side).iter().flat_map(|panel| &panel.edges).filter(|edge| edge.name == name);
        edges.map(|edge| edge.edge.length()).reduce(|a, b| a + b)
    }

    /// The panels of one tube on one side that reach its hem.
    pub fn hem_panels(&self, tube: Tube, side: Side) -> impl Iterator<Item = &Panel> {
        self.half(side).iter().filter(move |panel| {
            let sleeve = panel.name.tube() == Tube::Sleeve;
            sleeve == (tube == Tube::Sleeve) && panel.hem_edges().is_some()
        })
    }

    /// How far up its cloth the finished hem of a tube is from where it was, on the mean, in millimetres.
    #[must_use]
    pub fn hem_rise(&self, tube: Tube) -> f64 {
        let panels = [Side::Left, Side::Right].into_iter().flat_map(|side| self.hem_panels(tube, side));
        let (mut rise, mut round) = (0.0, 0.0);
        for (panel, [first, last]) in panels.filter_map(|panel| Some((panel, panel.hem_edges()?))) {
            let [first, last] = [first, last].map(|edge| edge.edge.start().point);
            let width = (last - first).hypot();
            let ups =
                panel.hem.windows(2).map(|at| (at[1].share - at[0].share) * (at[0].up + at[1].up) / 2.0);
            rise += width * ((first.y + last.y) / 2.0 + ups.sum::<f64>());
            round += width;
        }
        if round > 0.0 { rise / round } else { 0.0 }
    }
}

fn in_seam(panels: &[Panel], seam: SeamName) -> impl Iterator<Item = SeamEdge<'_>> {
    panels.iter().flat_map(move |panel| {
        let edges = panel.edges.iter().filter(move |edge| edge.name == EdgeName::Seam(seam));
        edges.map(move |edge| SeamEdge { panel, edge: &edge.edge, inward: edge.inward() })
    })
}
