//! The hems of a garment: which it has, and the tube and seam of each.

use super::feature::{HemName, LiningClosed};
use super::kind::SleeveBuild;
use super::level::Tube;
use super::seam::SeamName;
use super::shape::Shape;
use crate::unit::length::Length;

impl Shape {
    /// The hems it has.
    #[must_use]
    pub fn hems(&self) -> &'static [HemName] {
        if self.sleeve_build() == SleeveBuild::None { &[HemName::Hem] } else { &HemName::ALL }
    }

    /// The tube a hem ends.
    #[must_use]
    pub fn hem_tube(&self, hem: HemName) -> Tube {
        match hem {
            HemName::Sleeve => Tube::Sleeve,
            HemName::Hem if self.kind.has_legs() => Tube::Leg,
            HemName::Hem => Tube::Body,
        }
    }

    /// Depth of a hem's turn-up as it is.
    #[must_use]
    pub fn turned_up(&self, hem: HemName) -> Length {
        match hem {
            HemName::Sleeve => self.sleeve_turn_up.unwrap_or(self.turn_up),
            HemName::Hem => self.turn_up,
        }
    }

    /// How its lining is closed at the hem: as it was said, else as in most of its kind.
    #[must_use]
    pub fn lining_closed(&self) -> LiningClosed {
        self.lining.closed.unwrap_or_else(|| self.kind.usual_lining())
    }

    /// The seam a hem's length is said along: outseam, side seam or the middle of a sleeve; and the one
    /// its sewing begins at.
    #[must_use]
    pub fn hem_seam(&self, hem: HemName) -> SeamName {
        match self.hem_tube(hem) {
            Tube::Leg => SeamName::Inseam,
            Tube::Body => SeamName::Side,
            Tube::Sleeve if self.sleeve_build() == SleeveBuild::TwoPiece => SeamName::SleeveBack,
            Tube::Sleeve => SeamName::SleeveUnderarm,
        }
    }

    /// True where a hem runs from one front edge to the other: what opens all the way down the front has no ring there.
    #[must_use]
    pub fn hem_is_open(&self, hem: HemName) -> bool {
        // Trousers open no further than their crotch.
        hem == HemName::Hem && self.closes_in_front() && !self.kind.has_legs() && !self.placket_is_short()
    }

    /// True for a hem there is one of on each side.
    #[must_use]
    pub fn is_paired_hem(&self, hem: HemName) -> bool {
        self.hem_tube(hem) != Tube::Body
    }
}
