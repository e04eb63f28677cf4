//! What was found, as fields: what it is about, how much it matters, and what can be done about it.

pub(crate) mod about;
#[allow(clippy::module_inception, reason = "the noun of the folder")]
mod finding;
pub(crate) mod warning;

pub(crate) use finding::*;
