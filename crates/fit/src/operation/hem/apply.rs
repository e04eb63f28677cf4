//! Making a hem: the finished edge goes up or down its cloth, or the length is taken out above an edge that stays.

use std::sync::Arc;

use super::refusal::HemRefusal;
use super::ring::PanelCurve;
use super::solution::HemSolution;
use super::uncut::UncutWay;
use crate::garment::hem_kind::HemKind;
use crate::garment::side::Side;
use crate::garment::{LevelName, SeamName, Shape};
use crate::line::{Knot, Line};
use crate::operation::Operation;
use crate::operation::offset::moved;
use crate::pattern::{Edge, EdgeName, Panel, Pattern, SeamEdge};
use crate::unit::length::Length;

/// A hem as it was worked out, to be made.
pub(crate) struct HemMade<'a> {
    pub(crate) shape: &'a Shape,
    pub(crate) hem: &'a HemSolution,
}

impl Operation for HemMade<'_> {
    type Trace = ();
    type Refusal = HemRefusal;

    /// A hem that waits for readings leaves the pattern as it is.
    fn apply(&self, pattern: &Pattern) -> Result<(Pattern, ()), HemRefusal> {
        if let Some(refusal) = self.hem.refusal {
            return Err(refusal);
        }
        let mut made = pattern.clone();
        for side in &self.hem.sides {
            for takes in &side.takes {
                let halves: &[Side] = match (self.hem.paired, side.side) {
                    (true, Side::Centre) => &[Side::Left, Side::Right],
                    _ => &[takes.half],
                };
                for half in halves {
                    let panels = &mut made.halves[usize::from(*half == Side::Right)];
                    if let Some(panel) = panels.iter_mut().find(|panel| panel.name == takes.panel) {
                        self.make(panel, takes, pattern, side.tuck.as_ref().map(|tuck| tuck.above));
                    }
                }
            }
        }
        let tube = self.shape.hem_tube(self.hem.hem);
        let rise = Length::from_mm(made.hem_rise(tube));
        for level in made.levels.iter_mut().filter(|level| level.name == HemSolution::level(self.hem.hem)) {
            level.height = rise;
        }
        Ok((made, ()))
    }
}

impl HemMade<'_> {
    fn make(&self, panel: &mut Panel, takes: &PanelCurve, pattern: &Pattern, tuck: Option<Length>) {
        match (self.hem.kind, &self.hem.uncut) {
            (HemKind::Uncut, Some(UncutWay::Waist(waist))) => {
                let Some(level) = pattern.level(LevelName::Waist) else { return };
                let top = level.height.mm() - self.shape.band_height();
                if let Some(each) = waist.side_take_in {
                    take_in_sides(panel, [top - waist.takes.mm(), top], each.mm(), waist.fading_over.mm());
                }
                without(panel, takes, |edge, takes| {
                    let at = edge.at_height(top).station;
                    [at - takes, at]
                });
            }
            (HemKind::Uncut, Some(UncutWay::Tuck(way))) => {
                tucked(panel, takes, tuck.unwrap_or(way.above).mm())
            }
            (HemKind::Original, _) => tucked(panel, takes, tuck.unwrap_or_default().mm()),
            _ => panel.hem.clone_from(&takes.curve),
        }
    }
}

/// Takes the side seam in at the lower of two heights, fading out below it; between them the cloth goes, and above it
/// nothing changes.
fn take_in_sides(panel: &mut Panel, heights: [f64; 2], deep: f64, over: f64) {
    let bare = panel.clone();
    for (edge, old) in panel.edges.iter_mut().zip(&bare.edges) {
        if old.name != EdgeName::Seam(SeamName::Side) {
            continue;
        }
        let ([at, top], length) =
            (heights.map(|height| old.edge.at_height(height).station), old.edge.length());
        let knot = |station, depth| Knot { station, depth, slope: 0.0 };
        let line =
            Line::through(vec![knot((at - over).max(0.0), 0.0), knot(at, deep), knot(top, 0.0)], length);
        let own = SeamEdge { panel: &bare, edge: &old.edge, inward: old.inward() };
        edge.edge = Arc::new(moved(own, old.begins_at_hem, &line));
    }
}

/// The stretch of cloth a tuck folds away, with its lower stitching so far above the edge.
fn tucked(panel: &mut Panel, takes: &PanelCurve, above: f64) {
    without(panel, takes, |_, takes| [above, above + takes]);
}

/// Takes a stretch out of both edges, between the stations `stretch` gives for what goes up there; all below comes up,
/// its hem as it is.
fn without(panel: &mut Panel, takes: &PanelCurve, stretch: impl Fn(&Edge, f64) -> [f64; 2]) {
    let ends = [takes.curve.first(), takes.curve.last()].map(|at| at.map_or(0.0, |at| at.up));
    let Some(edges) = panel.hem_edges().map(|edges| edges.map(|edge| Arc::clone(&edge.edge))) else { return };
    let taken: [[f64; 2]; 2] = [0, 1].map(|end| stretch(&edges[end], ends[end]));
    let rise = |end: usize| {
        let [below, above] = taken[end].map(|station| edges[end].at(station).point.y);
        above - below
    };
    let up = (rise(0) + rise(1)) / 2.0;
    for edge in panel.edges.iter_mut().filter(|edge| edge.begins_at_hem) {
        let end = usize::from(!Arc::ptr_eq(&edge.edge, &edges[0]));
        edge.edge = Arc::new(edge.edge.without(taken[end], up, 0.0));
    }
}
