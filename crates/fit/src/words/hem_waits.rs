//! What a hem waits for.

use crate::operation::hem::HemWaits;

/// Why nothing is computed of a hem yet, and what to do.
pub(crate) fn hem_waits(waits: HemWaits, wearer: &str) -> String {
    match waits {
        HemWaits::Measure(name) => format!(
            "The {} of {wearer} is not measured yet: measure it under People, or say the length another way.",
            name.words()
        ),
        HemWaits::NoWaist => "The garment does not reach its waist: read its edge from the floor.".to_owned(),
        HemWaits::Pins => "Pin it up at the mirror, then read at least one pin from the edge.".to_owned(),
        HemWaits::Readings => "Nothing was read yet: read the edge at a few places round.".to_owned(),
    }
}
