//! A garment as panels: two halves, the levels across them, and what was estimated.

use std::sync::Arc;

use kurbo::{Point, Vec2};

use super::draw::bodice::Bodice;
use super::edge::Edge;
use super::level::Level;
use super::panel::{EdgeName, Panel};
use crate::body::level::LevelName;
use crate::garment::flat::FlatName;
use crate::garment::level::Tube;
use crate::garment::seam::SeamName;
use crate::garment::side::Side;

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

/// An edge a line is chalked along at full size.
#[derive(Debug, Clone)]
pub struct ChalkedEdge {
    /// What it is called; both names where two edges are one curve.
    pub words: String,
    /// Which of the seam's two edges it is, to find what is inside them.
    pub of: Vec<usize>,
    /// The edge, its lower end or the beginning of its seam first.
    pub edge: Arc<Edge>,
    /// Seen along the edge, the cloth lies left (`1`) or right (`-1`).
    pub inward: f64,
}

/// Edges nearer to each other than this all along, in millimetres, are one curve.
const ONE_CURVE: f64 = 0.3;
/// At so many places along two edges that is looked at.
const LOOKS: u32 = 24;

impl ChalkedEdge {
    /// The point `depth` inside it, a station along.
    #[must_use]
    pub fn inside(&self, station: f64, depth: f64) -> Point {
        inside(&self.edge, self.inward, station, depth)
    }

    /// True where another edge, laid on this one or turned over, is the same curve.
    fn is_like(&self, other: &ChalkedEdge) -> bool {
        let offset = |each: &ChalkedEdge, share: f64| {
            let from = each.edge.start().point;
            let at = each.edge.at(share * each.edge.length()).point - from;
            Vec2::new(at.x * each.inward, at.y)
        };
        let near = |i: u32| {
            let share = f64::from(i) / f64::from(LOOKS);
            (offset(self, share) - offset(other, share)).hypot() < ONE_CURVE
        };
        (0..=LOOKS).all(near)
    }
}

fn inside(edge: &Edge, inward: f64, station: f64, depth: f64) -> Point {
    let place = edge.beyond(station);
    place.point + Vec2::new(-place.along.y, place.along.x) * (inward * depth)
}

impl SeamEdge<'_> {
    /// The point `depth` inside the edge at a station of it, in millimetres; beyond an end the edge goes on.
    #[must_use]
    pub fn inside(&self, station: f64, depth: f64) -> Point {
        inside(self.edge, self.inward, station, depth)
    }
}

impl Pattern {
    /// The panels of one half; those of the left for a seam that is single.
    #[must_use]
    pub fn half(&self, side: Side) -> &[Panel] {
        &self.halves[usize::from(side == Side::Right)]
    }

    /// True where one half is the mirror image of the other, edge for edge.
    #[must_use]
    pub fn is_symmetric(&self) -> bool {
        same(&self.halves[0], &self.halves[1])
    }

    /// True where every edge is the one another pattern has.
    #[must_use]
    pub fn has_the_edges_of(&self, other: &Pattern) -> bool {
        self.halves.iter().zip(&other.halves).all(|(own, other)| same(own, other))
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

    /// Every edge the line of a seam is chalked along, each once: two where its edges differ, one where they are one curve
    /// or mirror images. A seam across the body is straight, and its line the same on both its edges.
    #[must_use]
    pub fn chalked(&self, seam: SeamName) -> Vec<ChalkedEdge> {
        let words = seam.edge_words();
        let both = || words.join(" and ");
        if let Some(edges) = self.edges(seam) {
            let chalked = |nth: usize| ChalkedEdge {
                words: words[nth].to_owned(),
                of: vec![nth],
                edge: Arc::new(edges[nth].edge.clone()),
                inward: edges[nth].inward,
            };
            let [one, other] = [0, 1].map(chalked);
            return if one.is_like(&other) {
                vec![ChalkedEdge { words: both(), of: vec![0, 1], ..one }]
            } else {
                vec![one, other]
            };
        }
        let Some(length) = self.seam_length(seam) else { return Vec::new() };
        let from = Point::new(0.0, 0.0);
        let (to, inward) = match (seam, self.bodice) {
            // Down from the neck, the cloth below it.
            (SeamName::Shoulder, Some(bodice)) => (from + (bodice.shoulder - bodice.neck), -1.0),
            _ => (Point::new(length, 0.0), 1.0),
        };
        let edge = Arc::new(Edge::through(&[from, to]));
        vec![ChalkedEdge { words: both(), of: vec![0, 1], edge, inward }]
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

/// True where panels have the same edges, darts and hems.
fn same(one: &[Panel], other: &[Panel]) -> bool {
    let edges = |panel: &Panel| -> Vec<*const Edge> {
        let legs = panel.darts.iter().flat_map(|dart| &dart.legs);
        panel.edges.iter().map(|edge| &edge.edge).chain(legs).map(Arc::as_ptr).collect()
    };
    let alike = |(one, other): (&Panel, &Panel)| one.hem == other.hem && edges(one) == edges(other);
    one.len() == other.len() && one.iter().zip(other).all(alike)
}

fn in_seam(panels: &[Panel], seam: SeamName) -> impl Iterator<Item = SeamEdge<'_>> {
    panels.iter().flat_map(move |panel| {
        let edges = panel.edges.iter().filter(move |edge| edge.name == EdgeName::Seam(seam));
        edges.map(move |edge| SeamEdge { panel, edge: &edge.edge, inward: edge.inward() })
    })
}
