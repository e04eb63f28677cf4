//! Sewing a line: both edges of its seam move, on the halves it is sewn on.

use std::sync::Arc;

use crate::garment::side::Side;
use crate::garment::{Seam, SeamName};
use crate::line::{Line, LineProblem, LineRefusal};
use crate::operation::Operation;
use crate::operation::crosswise::take_up;
use crate::operation::offset::{moved, rim_met};
use crate::pattern::{EdgeName, Panel, Pattern, SeamEdge};

/// A line less deep than this where it ends, in millimetres, ends where the old one did.
const NOTHING: f64 = 1e-9;

/// One seam's line, wanted.
pub(crate) struct SeamLine<'a> {
    /// The seam.
    pub(crate) seam: &'a Seam,
    /// The halves it is sewn on.
    pub(crate) on: &'a [Side],
    /// What the line has to do.
    pub(crate) problem: LineProblem,
}

impl Operation for SeamLine<'_> {
    type Trace = Line;
    type Refusal = LineRefusal;

    fn apply(&self, pattern: &Pattern) -> Result<(Pattern, Line), LineRefusal> {
        let line = self.line()?;
        Ok((sew(pattern, self.seam.name, self.on, &line), line))
    }
}

/// A line that can be drawn where no panels are.
pub(crate) trait Wanted: Operation<Refusal = LineRefusal> {
    /// The line, without sewing it.
    ///
    /// # Errors
    /// As [`Operation::apply`].
    fn line(&self) -> Result<Self::Trace, LineRefusal>;
}

impl Wanted for SeamLine<'_> {
    fn line(&self) -> Result<Line, LineRefusal> {
        self.problem.solve()
    }
}

/// One line through two seams that meet at the underarm.
pub(crate) struct CarriedLine<'a> {
    /// The seam of the body, then that of the sleeve.
    pub(crate) seams: [&'a Seam; 2],
    /// The halves it is sewn on.
    pub(crate) on: &'a [Side],
    /// What the line has to do, stations counted on past the underarm.
    pub(crate) problem: LineProblem,
    /// What each seam does by itself where only part of the line goes on beyond the underarm, nothing where it is not
    /// pinned; and how much of it goes on.
    pub(crate) apart: [Option<LineProblem>; 2],
    pub(crate) share: f64,
}

impl Operation for CarriedLine<'_> {
    type Trace = [Line; 2];
    type Refusal = LineRefusal;

    fn apply(&self, pattern: &Pattern) -> Result<(Pattern, [Line; 2]), LineRefusal> {
        let [body, sleeve] = self.seams;
        let [below, beyond] = self.line()?;
        let sewn = sew(pattern, body.name, self.on, &below);
        Ok((sew(&sewn, sleeve.name, self.on, &beyond), [below, beyond]))
    }
}

impl Wanted for CarriedLine<'_> {
    fn line(&self) -> Result<[Line; 2], LineRefusal> {
        let carried = self.problem.solve().map(|line| <[Line; 2]>::from(line.cut(self.seams[0].length)));
        if self.share >= 1.0 {
            return carried;
        }
        let own = |i: usize| match &self.apart[i] {
            Some(problem) => problem.solve(),
            None => Ok(Line::nothing(self.seams[i].length)),
        };
        // What cannot be sewn one way is left to the other.
        match (carried, own(0).and_then(|below| Ok([below, own(1)?]))) {
            (Ok(carried), Ok(apart)) => {
                let mixed = |i: usize| {
                    let both = [(self.share, carried[i].clone()), (1.0 - self.share, apart[i].clone())];
                    Line::mixed(&both).ok_or(LineRefusal::Trouble)
                };
                Ok([mixed(0)?, mixed(1)?])
            }
            (Ok(lines), Err(_)) | (Err(_), Ok(lines)) => Ok(lines),
            (Err(refusal), Err(_)) => Err(refusal),
        }
    }
}

/// A pattern with a line sewn: `centre` is sewn on both halves.
#[must_use]
pub(crate) fn sew(pattern: &Pattern, seam: SeamName, on: &[Side], line: &Line) -> Pattern {
    let mut sewn = pattern.clone();
    let both = on.contains(&Side::Centre) || (on.contains(&Side::Left) && on.contains(&Side::Right));
    let alike = both && !seam.is_crosswise() && pattern.is_symmetric();
    for side in [Side::Left, Side::Right] {
        if !on.contains(&side) && !on.contains(&Side::Centre) {
            continue;
        }
        if alike && side == Side::Right {
            // Still the mirror image of the other half.
            sewn.halves[1] = sewn.halves[0].clone();
            continue;
        }
        if seam.is_crosswise() {
            take_up(&mut sewn, seam, side, line);
            continue;
        }
        for panel in &mut sewn.halves[usize::from(side == Side::Right)] {
            sew_panel(panel, seam, line);
        }
    }
    sewn
}

fn sew_panel(panel: &mut Panel, seam: SeamName, line: &Line) {
    let bare = panel.clone();
    for (dart, old) in panel.darts.iter_mut().zip(&bare.darts).filter(|(dart, _)| dart.name == seam) {
        for ((leg, old), inward) in dart.legs.iter_mut().zip(&old.legs).zip([1.0, -1.0]) {
            *leg = Arc::new(moved(SeamEdge { panel: &bare, edge: old, inward }, false, line));
        }
    }
    for (i, old) in bare.edges.iter().enumerate().filter(|(_, old)| old.name == EdgeName::Seam(seam)) {
        let own = SeamEdge { panel: &bare, edge: &old.edge, inward: old.inward() };
        let mut new = moved(own, old.begins_at_hem, line);
        if line.depth(line.length).abs() > NOTHING {
            let end = old.edge.end().point;
            let touches = |other: &crate::pattern::PanelEdge| {
                let ends = [other.edge.start().point, other.edge.end().point];
                ends.iter().any(|point| (*point - end).hypot() < 1e-6)
            };
            let rim = panel.edges.iter().enumerate().position(|(j, other)| j != i && touches(other));
            if let Some(rim) = rim
                && let Some((left, meets)) = rim_met(&panel.edges[rim], end, &new)
            {
                panel.edges[rim].edge = Arc::new(left);
                new = new.ending_at(meets);
            }
        }
        panel.edges[i].edge = Arc::new(new);
    }
}
