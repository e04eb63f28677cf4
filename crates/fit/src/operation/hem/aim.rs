//! What a finished edge is aimed at: a wish as a length or a height.

use super::ring::turned;
use super::solution::{HemSide, HemSolution};
use super::waits::HemWaits;
use super::wish::{HemRead, HemWish, Wanted};
use super::work::{HemSolver, HemWork};
use crate::body::measures::MeasureName;
use crate::garment::side::Side;
use crate::garment::{HemName, SeamName, Tube};
use crate::unit::length::Length;

/// What a finished edge is aimed at.
#[derive(Debug, Clone, Copy)]
pub(super) enum Aim {
    /// So far up on the mean.
    Mean(f64),
    /// So high above the floor.
    Height(f64),
    /// Where it is pinned.
    Pinned,
}

impl HemSolver<'_> {
    /// Length from the top of the garment down to the hem: of the outseam, the side seam, or a sleeve from
    /// its shoulder point.
    pub(super) fn whole(&self, hem: HemName) -> f64 {
        let seam = match self.shape().hem_tube(hem) {
            Tube::Sleeve => return self.pattern.crown.unwrap_or(0.0),
            Tube::Leg => SeamName::Outseam,
            Tube::Body => SeamName::Side,
        };
        self.pattern.seam_length(seam).unwrap_or(0.0)
    }

    pub(super) fn measure(&self, name: MeasureName) -> Result<f64, HemWaits> {
        self.body.and_then(|body| body.get(name)).map(Length::mm).ok_or(HemWaits::Measure(name))
    }

    /// Where the existing edge is above the floor by the wearer's measures, when nobody has read it there.
    pub(super) fn edge_by_measures(&self, wish: &HemWish) -> Result<f64, HemWaits> {
        let shoes = wish.shoes.mm();
        if self.shape().kind.has_legs() {
            let inseam = self.came.seam_length(SeamName::Inseam).unwrap_or(0.0);
            return Ok(self.measure(MeasureName::InsideLeg)? + shoes - inseam);
        }
        let below = match self.came.edges(SeamName::Side) {
            Some([side, _]) => match self.came.waist {
                Some(waist) => side.edge.at_height(waist).station,
                None => return Err(HemWaits::NoWaist),
            },
            None => self.came.seam_length(SeamName::Outseam).unwrap_or(0.0),
        };
        Ok(self.measure(MeasureName::OutsideLeg)? + shoes - below)
    }

    pub(super) fn aim(&self, work: &HemWork<'_>) -> Result<Aim, HemWaits> {
        let wish = work.wish;
        Ok(match wish.wanted {
            Wanted::Edge { shorten } => Aim::Mean(shorten.mm()),
            Wanted::Floor { height } => Aim::Height(height.mm()),
            Wanted::Garment { length } => Aim::Mean(work.whole - length.mm()),
            Wanted::Pins => Aim::Pinned,
            Wanted::Landmark { landmark, below } => match landmark.measure() {
                Some(measure) if landmark.on_arm() => {
                    Aim::Mean(work.whole - self.measure(measure)? - below.mm())
                }
                Some(measure) => Aim::Height(self.measure(measure)? + wish.shoes.mm() - below.mm()),
                None => Aim::Height(-below.mm()),
            },
        })
    }

    /// Height of the finished edge above the floor where it is lowest, when anything says.
    pub(crate) fn above_floor(&self, wish: &HemWish, solution: &HemSolution) -> Option<f64> {
        let of = |side: Side| {
            let own = |each: &&HemSide| each.side == side || each.side == Side::Centre;
            solution.sides.iter().find(own).or_else(|| solution.sides.first())
        };
        let open = self.shape().hem_is_open(solution.hem);
        // Where the floor was read, each place with what goes up there; the lowest is trodden on.
        let read = wish
            .readings
            .iter()
            .filter(|reading| reading.read == HemRead::FloorToEdge)
            .filter_map(|reading| {
                let row = of(reading.side)?
                    .rows
                    .iter()
                    .find(|row| (row.at - turned(reading.at, open)).abs() < 0.6)?;
                Some(reading.length.mm() + row.fold.mm())
            })
            .reduce(f64::min);
        if read.is_some() {
            return read;
        }
        let edge = self.edge_by_measures(wish).ok()?;
        let least = solution.sides.iter().map(|side| side.take_up[0]).min()?;
        Some(edge + least.mm())
    }
}
