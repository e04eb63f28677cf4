//! Stitching lines: the line a steady hand draws through what was tried on.
//!
//! A line says, at every station of a seam, how far inside the old stitching the new one runs.
//! [`LineProblem::solve`] finds the line that passes its pins as nearly as their spread deserves and bends
//! as little as it can, stays among them, leaves and rejoins the old stitching without a corner, and can be
//! sewn.

mod chalk;
mod corridor;
mod ends;
mod lone;
mod problem;
mod programme;
mod refusal;
mod solve;
mod stitching;
mod trust;

pub use chalk::{ChalkMark, ChalkRow, ChalkTable, chalk_table};
pub use ends::{EndWish, LineWish, SeamEnds, fade, most_fall, sleeve_share};
pub use lone::LoneLine;
pub(crate) use problem::STIFFNESS;
pub use problem::{DepthLimit, FadeRoom, Held, LineEnd, LineProblem, OtherWay, SteepStretch, Target};
pub use refusal::{LineRefusal, Proposal};
pub use stitching::{Knot, Line, LineCharacter};
pub use trust::Trust;
