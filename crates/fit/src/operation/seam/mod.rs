//! The line of a seam or a dart: taken in or let out, on one side or on both.

mod band;
mod close;
mod fixture;
pub(crate) mod lines;
mod lining;
mod make;
mod mark;
mod open;
mod sewn;
mod steps;
mod toile;
mod trial;
pub(crate) mod work;

#[cfg(feature = "testing")]
pub(crate) use sewn::sew;
pub(crate) use sewn::{CarriedLine, SeamLine, Wanted};
