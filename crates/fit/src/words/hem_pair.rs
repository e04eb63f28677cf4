//! Two sides of a hem against each other, and a ring that is uneven.

use crate::garment::HemName;
use crate::operation::hem::{HemPair, HemPairSaid, Uneven, UnevenCause};
use crate::unit::scale::Scale;

/// What is said of left and right, or of the halves of one ring.
pub(crate) fn hem_pair_words(said: HemPairSaid, hem: HemName, scale: Scale) -> String {
    match said {
        HemPairSaid::Alike => "Left and right go up by as much on the mean: make them alike.".to_owned(),
        HemPairSaid::Near { by } => format!(
            "Left and right differ by {} on the mean, which nobody sees: make them alike.",
            scale.write(by)
        ),
        HemPairSaid::Differ { more, by, pair } => {
            let limb = if hem == HemName::Sleeve { "arm" } else { "leg" };
            let more = format!("The {} goes up {} more", more.words(), scale.write(by));
            match pair {
                HemPair::Own => format!("{more}, kept on purpose for a {limb} that is shorter."),
                HemPair::Even => format!(
                    "{more}. Is the {limb} shorter, or did it stand differently? Read both again; then keep them different, or alike at the mean as it is now."
                ),
                HemPair::AsLeft => format!("{more}; both are made as the left reads."),
                HemPair::AsRight => format!("{more}; both are made as the right reads."),
            }
        }
        HemPairSaid::HalvesAlike => "Folded on the centre front, both halves go up alike.".to_owned(),
        HemPairSaid::HalvesDiffer { by } => format!(
            "Folded on the centre front the halves differ by up to {}: after it is sewn, fold it there and look whether that is meant.",
            scale.write(by)
        ),
    }
}

/// By how much an edge is uneven, its likely cause, and what to look at.
pub(crate) fn uneven_words(uneven: &Uneven, scale: Scale) -> String {
    let cause = match uneven.cause {
        UnevenCause::Dropped => {
            "It goes up and down round the ring: cloth on the bias has dropped. Let it hang a day and a night and read it again."
        }
        UnevenCause::LeftHigh => {
            "It is higher on the left: a high left hip or a low right shoulder. Look at waist and shoulders first; taken up there, the hem comes level by itself."
        }
        UnevenCause::RightHigh => {
            "It is higher on the right: a high right hip or a low left shoulder. Look at waist and shoulders first; taken up there, the hem comes level by itself."
        }
        UnevenCause::FrontHigh => {
            "It rises in front: belly or bust needs length and width in front only. Give it there if the cloth allows, then read the hem again."
        }
        UnevenCause::BackHigh => {
            "It rises at the back: a full seat or a rounded back takes the length, or the wearer leans forward. Read it again upright, eyes ahead."
        }
    };
    format!("The edge is uneven by {}. {cause}", scale.write(uneven.by))
}
