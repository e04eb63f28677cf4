//! The only place where what was found becomes sentences.

mod alteration;
mod armhole;
mod beyond;
mod changed;
mod collision;
mod compared;
mod copied;
mod finding;
mod fit;
mod hem;
mod hem_hangs;
mod hem_lining;
mod hem_pair;
mod hem_refusal;
mod hem_template;
mod hem_waits;
mod hem_wanted;
mod inset;
mod inside;
mod length_said;
mod put_on;
mod seam_words;
mod shared;
#[cfg(feature = "testing")]
mod slimmed;
mod stray;
mod to_do;
mod tuck;
mod turn_up;
mod waist;

pub(crate) use alteration::{alteration_amiss, alteration_found, alteration_words};
pub(crate) use armhole::armhole_words;
pub(crate) use beyond::beyond_words;
pub use changed::say_changes;
pub(crate) use compared::{
    HemDiffers, LineCompared, girth_compared, hem_begun, hem_compared, hem_left, line_compared,
    steps_compared, verdict_compared,
};
pub(crate) use copied::{gives_no_more, length_copied};
pub(crate) use finding::{in_seam, line_refused, warning};
pub(crate) use fit::fit_said;
pub(crate) use hem::hem_said;
pub(crate) use hem_template::template_words;
pub(crate) use inset::inset_words;
pub(crate) use inside::inside_words;
pub(crate) use length_said::length_said;
pub(crate) use put_on::put_on_words;
pub(crate) use seam_words::{SeamWords, edges_apart, one_line_with};
pub(crate) use shared::{Consequence, GivesOnly, falls_short, plan_title, source_words};
pub(crate) use stray::{alteration_strays, hem_strays, pin_strays, reading_strays};
pub(crate) use to_do::ToDo;
