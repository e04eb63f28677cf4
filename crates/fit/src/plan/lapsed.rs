//! Why a tick or a confirmation does not hold any more.

use super::vouched::Lapse;
use crate::unit::length::Length;
use crate::unit::scale::Scale;

/// What changed after something was ticked: "the line of the outseam was moved by up to 20 mm".
pub(super) fn lapsed(lapse: Lapse, scale: Scale) -> String {
    match lapse {
        Lapse::LineMoved { seam, by } => {
            format!("the line of the {} was moved{}", seam.words(), by_up_to(by, scale))
        }
        Lapse::LineNew { seam } => format!("the {} was pinned", seam.words()),
        Lapse::LineGone { seam } => format!("the pins of the {} were taken out", seam.words()),
        Lapse::Allowance { seam, stays } => {
            format!("what stays inside the {} became {}", seam.words(), scale.write(stays))
        }
        Lapse::Inside { seam } => format!("what is inside the {} was measured anew", seam.words()),
        Lapse::FoldMoved { hem, by } => {
            format!("the fold of the {} was moved{}", hem.words(), by_up_to(by, scale))
        }
        Lapse::MadeOtherwise { hem } => format!("it was decided to make the {} otherwise", hem.words()),
        Lapse::TurnUp { hem, allowance } => {
            format!("the turn-up of the {} became {}", hem.words(), scale.write(allowance))
        }
        Lapse::HemGone { hem } => format!("it was decided to leave the {} as it is", hem.words()),
        Lapse::Altered { alteration, by: Some(by) } => {
            format!("the {} was moved{}", alteration.words(), by_up_to(by, scale))
        }
        Lapse::Altered { alteration, by: None } => format!("the {} was decided on", alteration.words()),
        Lapse::NotAltered { alteration } => {
            format!("it was decided to do without the {}", alteration.words())
        }
        Lapse::OpenFurther { seam } => format!("a line was drawn on the {}", seam.words()),
    }
}

/// By how much, where the session's tape has a mark for it.
fn by_up_to(by: Length, scale: Scale) -> String {
    if scale.shows(by) { format!(" by up to {}", scale.write(by)) } else { " a little".to_owned() }
}
