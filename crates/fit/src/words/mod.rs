//! The only place where what was found becomes sentences.

mod hem_refusal;
mod lapse;
mod seam_words;
mod waits;

pub(crate) use hem_refusal::hem_refused;
pub(crate) use lapse::lapsed;
pub(crate) use seam_words::SeamWords;
pub(crate) use waits::waits;
