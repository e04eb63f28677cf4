//! Why a hem cannot be made as it was asked, and the nearest that can.

use crate::operation::hem::{HemRefusal, TurnUp};
use crate::unit::scale::Scale;

/// A refusal with its numbers and what to do; of a turn-up that does not lie, what is said of it there.
pub(crate) fn hem_refused(refusal: HemRefusal, turned: Option<&TurnUp>, scale: Scale) -> String {
    let write = |length| scale.write(length);
    match refusal {
        HemRefusal::TooShort { asked, most } => format!(
            "{} is more than the garment has below; it can lose {} at most.",
            write(asked),
            write(most)
        ),
        HemRefusal::Kept { by } => {
            format!(
                "A hem that is kept cannot be let down by {}: unpick it, and choose another kind.",
                write(by)
            )
        }
        HemRefusal::TooLong { by, old, kept, most } => format!(
            "It cannot be let down by {}: the old turn-up is {}, and {} of it stay in the seam of a facing. {} is the most, faced; beyond that a strip is set on.",
            write(by),
            write(old),
            write(kept),
            write(most)
        ),
        HemRefusal::TooLittle { there, takes, faced } => format!(
            "Below the new fold there is {} of cloth, and this hem takes {}: turn up {} instead, or face it, which takes {}.",
            write(there),
            write(takes),
            write(there),
            write(faced)
        ),
        HemRefusal::Nothing { there, shorten } => format!(
            "Below the new fold there is {} of cloth, not enough for any seam: shorten it by {} more, or set a strip on.",
            write(there),
            write(shorten)
        ),
        HemRefusal::DoesNotLie { .. } if turned.is_some() => {
            turned.map_or_else(String::new, |turned| turned.words.join(" "))
        }
        HemRefusal::DoesNotLie { excess, .. } if excess.is_negative() => {
            format!("The turn-up is {} too tight.", write(excess.abs()))
        }
        HemRefusal::DoesNotLie { excess, .. } => format!("The turn-up is {} too full.", write(excess)),
    }
}
