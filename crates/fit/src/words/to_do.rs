//! What to do next with a garment, in a few words.

use crate::garment::SeamName;
use crate::house::choice::{FitOn, Preset};
use crate::operation::hem::HemSolution;

/// What there is to do, where no step of the order says it.
pub(crate) enum ToDo<'a> {
    AskItsMaker,
    Measure,
    Pin(Preset, FitOn),
    SettleLine(SeamName),
    ReadHem(&'a HemSolution),
    SettleHem(&'a HemSolution),
    ReadPins,
    Wear,
    CheckHem,
    CheckLines,
}

impl ToDo<'_> {
    pub(crate) fn words(&self) -> String {
        match self {
            ToDo::AskItsMaker => "Ask its maker: an alteration voids what it is certified for".to_owned(),
            ToDo::Measure => "Measure it flat".to_owned(),
            ToDo::Pin(Preset::Ladder, _) => "Set the pins from numbers, put it on, move them".to_owned(),
            ToDo::Pin(Preset::ByFeel, FitOn::Wearer) => "Try it on and pin".to_owned(),
            ToDo::Pin(Preset::ByFeel, FitOn::Form) => "Put it on the form and pin".to_owned(),
            ToDo::SettleLine(seam) => format!("Settle the line on the {}", seam.words()),
            ToDo::ReadHem(hem) => format!("Read the {} at the mirror", hem.words),
            ToDo::SettleHem(hem) => format!("Settle the {}", hem.words),
            ToDo::ReadPins => "Read the pins".to_owned(),
            ToDo::Wear => "Finished: wear it".to_owned(),
            ToDo::CheckHem => "Check the hem and chalk it".to_owned(),
            ToDo::CheckLines => "Check the lines and chalk them".to_owned(),
        }
    }
}
