//! What strays, and why it is on nothing.

use std::fmt::Display;

use crate::garment::HemName;
use crate::operation::hem::HemReading;
use crate::reading::pin::Pin;
use crate::unit::scale::Scale;

fn on_nothing(what: impl Display, why: &impl Display) -> String {
    format!("{what} is on nothing any more: {why}.")
}

/// A pin on a seam that is gone, or beyond its end.
pub(crate) fn pin_strays(pin: &Pin, why: &impl Display, scale: Scale) -> String {
    let side = if pin.seam.is_paired() { format!(", {}", pin.side.words()) } else { String::new() };
    let station = scale.write(pin.station);
    on_nothing(format_args!("The pin on the {}{side} at {station}", pin.seam.words()), why)
}

/// A reading round a hem that is another.
pub(crate) fn reading_strays(hem: HemName, reading: &HemReading, why: &impl Display) -> String {
    on_nothing(format_args!("The reading round the {} at {:.0}°", hem.words(), reading.at), why)
}

/// An alteration of what is gone.
pub(crate) fn alteration_strays(words: &str, why: &impl Display) -> String {
    on_nothing(format_args!("The {words}"), why)
}

/// A hem that is gone.
pub(crate) fn hem_strays(hem: HemName, why: &impl Display) -> String {
    on_nothing(format_args!("What was wanted of the {}", hem.words()), why)
}
