//! What is done to a garment. An operation turns one pattern into another, and tells what it did in numbers; everything
//! that judges only measures patterns, as the garment came and as it will be.
//!
//! The order is fixed, because each builds on the cloth the one before leaves: the lines of seams and darts, each with
//! what it lets out or takes in; what is taken up across the body; then the hems, on the cloth as the seams leave it.
//! Beside an operation stand its steps, and what may refuse it.

use crate::pattern::Pattern;

pub(crate) mod alteration;
pub(crate) mod builder;
pub(crate) mod crosswise;
pub mod hem;
mod offset;
pub(crate) mod opening;
pub(crate) mod performed;
pub(crate) mod seam;
#[cfg(feature = "testing")]
pub(crate) mod slimmed;

/// Something done to a garment.
///
/// A new kind of alteration is one file with one of these: what it does to the panels, and why it may not.
pub(crate) trait Operation {
    /// What was done, in numbers.
    type Trace;
    /// Why it cannot be done, with the nearest that can where there is one.
    type Refusal;

    /// The pattern with it done. Halves it does not touch stay the panels they were.
    ///
    /// # Errors
    /// The refusal; nothing is done then.
    fn apply(&self, pattern: &Pattern) -> Result<(Pattern, Self::Trace), Self::Refusal>;
}
