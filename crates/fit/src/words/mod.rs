//! The only place where what was found becomes sentences.

mod lapse;
mod waits;

pub(crate) use lapse::lapsed;
pub(crate) use waits::waits;
