//! Why a line cannot be drawn, and the nearest request that can: what a refusal says.

use thiserror::Error;

use super::problem::{LineEnd, LineProblem, Target};

/// A request near the refused one that has a line.
#[derive(Debug, Clone, PartialEq)]
pub struct Proposal {
    /// Lower end.
    pub lower: LineEnd,
    /// Upper end.
    pub upper: LineEnd,
    /// Depths, one for each pin of the refused request; those that differ are meant to the letter, so that
    /// what is accepted is what is sewn.
    pub targets: Vec<Target>,
}

impl Proposal {
    /// The refused problem with the proposal in place.
    #[must_use]
    pub fn put_to(&self, problem: &LineProblem) -> LineProblem {
        let fades = problem.fades.map(|fade| super::problem::FadeRoom { over: None, ..fade });
        LineProblem {
            lower: self.lower,
            upper: self.upper,
            targets: self.targets.clone(),
            fades,
            ..problem.clone()
        }
    }
}

/// Why there is no line. Lengths are millimetres, stations from the seam's lower end.
#[derive(Debug, Clone, PartialEq, Error)]
pub enum LineRefusal {
    /// Nothing is pinned.
    #[error("nothing is pinned on this seam")]
    NoPins,
    /// The ends leave no seam between them.
    #[error("the line would start at {lower:.0} and end at {upper:.0}: nothing is left between")]
    NoRoom {
        /// Where the lower end leaves off.
        lower: f64,
        /// Where the upper end begins.
        upper: f64,
    },
    /// A pin stands where the line has already rejoined the old stitching.
    #[error(
        "the pin at {station:.0} asks for {depth:.1}, but the line has rejoined the old stitching at {taper:.0}"
    )]
    PinBeyondTaper {
        /// Station of the pin.
        station: f64,
        /// Its depth.
        depth: f64,
        /// Station of the taper.
        taper: f64,
        /// Ends moved so that the pin is inside, where that works.
        nearest: Option<Proposal>,
    },
    /// More is let out than is inside.
    #[error("the pin at {station:.0} lets out {wanted:.1}, but only {most:.1} is inside")]
    LetOut {
        /// Station of the pin.
        station: f64,
        /// What it lets out.
        wanted: f64,
        /// The most that can be let out.
        most: f64,
        /// Depths that the allowance gives.
        nearest: Option<Proposal>,
    },
    /// Something in the seam stands in the way: at the pin, or so near it that the line cannot get by.
    #[error(
        "the pin at {station:.0} moves the seam by {wanted:.1}, but only {most:.1} is possible at {from:.0}"
    )]
    InTheWay {
        /// Station of the pin.
        station: f64,
        /// What it asks for.
        wanted: f64,
        /// The most there, towards the depth asked for.
        most: f64,
        /// Where what stands in the way begins.
        from: f64,
        /// And where it ends.
        to: f64,
        /// Depths that what is in the seam allows.
        nearest: Option<Proposal>,
    },
    /// The depth cannot fade out in the room it has without a corner.
    #[error("{depth:.1} at {station:.0} cannot fade out in {room:.0} without a corner")]
    NoRoomToFade {
        /// Station of the pin that has to give most.
        station: f64,
        /// Its depth.
        depth: f64,
        /// The room between it and where the line has to be back.
        room: f64,
        /// True where a pin of nothing stands there.
        pinned: bool,
        /// The taper moved far enough, where the seam is long enough: which end, the room
        /// then, and the request.
        longer: Option<(f64, Proposal)>,
        /// Depths that work with the taper where it is, and the depth at that pin.
        shallower: Option<(f64, Proposal)>,
    },
    /// Pins so close and so different that any line through them has a corner.
    #[error("the pins near {station:.0} cannot be joined without a corner")]
    PinsDisagree {
        /// Station of the pin that has to give most.
        station: f64,
        /// Its depth.
        depth: f64,
        /// Station and depth of the pin beside it that it cannot be joined to, where there is one.
        beside: Option<(f64, f64)>,
        /// Depths that work, and the depth at that pin.
        shallower: Option<(f64, Proposal)>,
    },
    /// Two things at once: without the first the other would still stand in the way.
    #[error("{first}; and {then}")]
    Both {
        /// What is in the way first, with what works against all of it.
        first: Box<LineRefusal>,
        /// What would be in the way then.
        then: Box<LineRefusal>,
    },
    /// The numbers went astray: there may be a line, and it was not found.
    #[error("the line could not be worked out")]
    Trouble,
}

impl LineRefusal {
    /// The station of the pin it is about.
    #[must_use]
    pub fn station(&self) -> Option<f64> {
        match self {
            LineRefusal::NoPins | LineRefusal::NoRoom { .. } | LineRefusal::Trouble => None,
            LineRefusal::PinBeyondTaper { station, .. }
            | LineRefusal::LetOut { station, .. }
            | LineRefusal::InTheWay { station, .. }
            | LineRefusal::NoRoomToFade { station, .. }
            | LineRefusal::PinsDisagree { station, .. } => Some(*station),
            LineRefusal::Both { first, .. } => first.station(),
        }
    }

    /// The nearest request that has a line; fed back, it solves.
    #[must_use]
    pub fn proposal(&self) -> Option<&Proposal> {
        match self {
            LineRefusal::NoPins | LineRefusal::NoRoom { .. } | LineRefusal::Trouble => None,
            LineRefusal::PinBeyondTaper { nearest, .. }
            | LineRefusal::LetOut { nearest, .. }
            | LineRefusal::InTheWay { nearest, .. } => nearest.as_ref(),
            LineRefusal::NoRoomToFade { longer, shallower, .. } => {
                longer.as_ref().or(shallower.as_ref()).map(|(_, proposal)| proposal)
            }
            LineRefusal::PinsDisagree { shallower, .. } => shallower.as_ref().map(|(_, proposal)| proposal),
            LineRefusal::Both { first, .. } => first.proposal(),
        }
    }
}
