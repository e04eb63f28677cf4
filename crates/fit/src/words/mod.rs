//! The only place where what was found becomes sentences.

mod armhole;
mod finding;
mod hem_refusal;
mod hem_waits;
mod lapse;
mod length_said;
mod put_on;
mod seam_words;
mod waits;

pub(crate) use armhole::armhole_words;
pub(crate) use finding::{line_refused, warning};
pub(crate) use hem_refusal::hem_refused;
pub(crate) use hem_waits::hem_waits;
pub(crate) use lapse::lapsed;
pub(crate) use length_said::length_said;
pub(crate) use put_on::put_on_words;
pub(crate) use seam_words::SeamWords;
pub(crate) use waits::waits;
