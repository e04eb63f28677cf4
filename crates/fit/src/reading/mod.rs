//! What was read on the body: pins, said back, set from numbers, evened left and right.

pub(crate) mod crossed;
pub(crate) mod datum;
pub(crate) mod echo;
pub mod evening;
pub(crate) mod ladder;
pub(crate) mod pin;
pub(crate) mod side;
