//! The line of a seam or a dart: taken in or let out, on one side or on both.

mod fixture;
pub(crate) mod lines;
mod lining;
mod sewn;
mod steps;
pub(crate) mod work;

pub(crate) use sewn::{CarriedLine, SeamLine, Wanted};
