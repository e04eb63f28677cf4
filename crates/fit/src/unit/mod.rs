//! Lengths, units, and the tape: how what a person types is read.

pub(crate) mod length;
pub(crate) mod scale;
pub(crate) mod tape;
