//! Whether a part of the body gets through an opening.

use crate::judge::put_on::PutOn;
use crate::judge::through::Through;
use crate::unit::scale::Scale;

/// How wide it opens, what has to get through, and what to do where it does not.
pub(crate) fn put_on_words(check: &PutOn, scale: Scale) -> String {
    let (open, body) = (scale.write(check.opening), scale.write(check.body));
    match (check.through, check.passes) {
        (Through::Hand, true) => {
            format!("The hand gets through: the sleeve hem opens to {open} and the hand measures {body}.")
        }
        (Through::Hand, false) => format!(
            "The hand will not get through: the sleeve hem opens to {open} and the hand measures {body}. Take in less at the wrist, or leave a vent."
        ),
        (Through::Head, true) => {
            format!("The head gets through: the neck opens to {open} and the head measures {body}.")
        }
        (Through::Head, false) => format!(
            "The head will not get through: the neck opens to {open} and the head measures {body}. Widen the neck, or put in an opening."
        ),
        (Through::Shoulders, true) => format!(
            "It goes over the shoulders: its narrowest place opens to {open} and they measure {body}."
        ),
        (Through::Shoulders, false) => format!(
            "It will not go over the shoulders: its narrowest place opens to {open} and they measure {body}. Take in less there, or put in a zip."
        ),
        (Through::Hips, true) => {
            format!("It goes over the hips: the waist opens to {open} and they measure {body}.")
        }
        (Through::Hips, false) => format!(
            "It will not go over the hips: the waist opens to {open}, they measure {body}, and nothing opens it. Leave the waist wider, or put in a zip."
        ),
    }
}
