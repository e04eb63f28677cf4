//! Why a hem cannot be made as it was asked, with the numbers of the nearest that can.

use serde::Serialize;

use super::turn_up::Lies;
use crate::unit::length::Length;

/// Why a hem cannot be made as it was asked.
#[derive(Debug, Clone, Copy, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(tag = "why", rename_all = "snake_case")]
pub enum HemRefusal {
    /// It would lose more than there is below.
    TooShort {
        /// What it was to lose.
        asked: Length,
        /// The most it can.
        most: Length,
    },
    /// An edge that is kept goes down by nothing.
    Kept {
        /// By how much it was to go down.
        by: Length,
    },
    /// It goes down by more than its old turn-up gives, even faced.
    TooLong {
        /// By how much it was to go down.
        by: Length,
        /// The old turn-up.
        old: Length,
        /// What stays in the seam of a facing.
        kept: Length,
        /// The most it can go down.
        most: Length,
    },
    /// There is less cloth below the new fold than this hem takes.
    TooLittle {
        /// What there is.
        there: Length,
        /// What this hem takes.
        takes: Length,
        /// What a facing takes.
        faced: Length,
    },
    /// There is not enough cloth for any seam.
    Nothing {
        /// What there is.
        there: Length,
        /// How much further up there would be enough.
        shorten: Length,
    },
    /// The turn-up does not lie flat.
    DoesNotLie {
        /// How it lies.
        lies: Lies,
        /// By how much it is too full, or too tight where negative.
        excess: Length,
        /// The widest that lies.
        widest: Option<Length>,
    },
}
