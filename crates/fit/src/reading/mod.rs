//! What was read on the body: pins, said back, set from numbers, evened left and right.

pub(crate) mod accepted;
pub(crate) mod crossed;
pub(crate) mod echo;
pub mod evening;
pub(crate) mod pin;
pub(crate) mod seam_evening;
