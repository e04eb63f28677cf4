//! The only place where what was found becomes sentences.

mod alteration;
mod armhole;
mod beyond;
mod collision;
mod finding;
mod hem;
mod hem_lining;
mod hem_pair;
mod hem_refusal;
mod hem_waits;
mod inset;
mod length_said;
mod put_on;
mod seam_words;
#[cfg(feature = "testing")]
mod slimmed;
mod stray;
mod tuck;
mod turn_up;
mod waist;

pub(crate) use alteration::{alteration_amiss, alteration_found, alteration_words};
pub(crate) use armhole::armhole_words;
pub(crate) use beyond::beyond_words;
pub(crate) use finding::{in_seam, line_refused, warning};
pub(crate) use hem::hem_said;
pub(crate) use inset::inset_words;
pub(crate) use length_said::length_said;
pub(crate) use put_on::put_on_words;
pub(crate) use seam_words::{SeamWords, edges_apart, one_line_with};
pub(crate) use stray::{alteration_strays, hem_strays, pin_strays, reading_strays};
