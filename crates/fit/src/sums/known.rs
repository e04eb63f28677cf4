//! What is known of a sum before anybody types: a garment's row of buttons, its waist, its hem.

use serde::Serialize;

use super::sum::{Sum, SumKind, SumPlace};
use crate::unit::length::Length;
use crate::unit::scale::Scale;

/// One number that is known.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct KnownNumber {
    /// The number of the sum it is: `clear.at`.
    pub field: &'static str,
    /// The number as it stands on the session's tape, several with a semicolon between.
    pub shown: String,
}

/// A sum as far as the garment says it; what it does not say is left to be typed.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct KnownSum {
    /// What it is of, for a button.
    pub words: String,
    /// Which sum.
    pub sum: SumKind,
    /// What of the garment it is about.
    pub place: SumPlace,
    /// True where a number was not measured, but is drawn as on most of its kind.
    pub estimated: bool,
    /// Its numbers.
    pub numbers: Vec<KnownNumber>,
}

/// Puts down what is known of a sum.
pub(crate) struct Knowing {
    known: KnownSum,
    scale: Scale,
}

impl Knowing {
    /// Begins with what it is of; nothing is known yet.
    pub(crate) fn of(words: impl Into<String>, sum: SumKind, place: SumPlace, scale: Scale) -> Knowing {
        let known = KnownSum { words: words.into(), sum, place, estimated: false, numbers: Vec::new() };
        Knowing { known, scale }
    }

    /// A whole sum, with every number it has.
    pub(crate) fn whole(words: &str, sum: &Sum, place: SumPlace, scale: Scale) -> KnownSum {
        let of = |kind| Knowing::of(words, kind, place, scale);
        let knowing = match sum {
            Sum::Spacing { from, to, count, pinned, clear } => of(SumKind::Spacing)
                .length("from", *from)
                .length("to", *to)
                .count(Some(*count))
                .lengths("pinned", pinned.as_slice())
                .lengths("clear.at", clear.map(|clear| clear.at).as_slice())
                .lengths("clear.by", clear.map(|clear| clear.by).as_slice()),
            Sum::Bias { length, width, cloth, .. } => {
                of(SumKind::Bias).length("length", *length).length("width", *width).length("cloth", *cloth)
            }
            Sum::Elastic { spans, gap } => of(SumKind::Elastic).lengths("spans", spans).length("gap", *gap),
            Sum::Pleats { finished, count, depth } => {
                of(SumKind::Pleats).length("finished", *finished).count(Some(*count)).length("depth", *depth)
            }
            Sum::Gathers { long, short } => {
                of(SumKind::Gathers).length("long", *long).length("short", *short)
            }
            Sum::Slit { across, darts, opening, height, .. } => of(SumKind::Slit)
                .length("across", *across)
                .lengths("darts", darts)
                .length("opening", *opening)
                .length("height", *height),
            Sum::Shrink { wanted, before, after } => of(SumKind::Shrink)
                .length("wanted", *wanted)
                .length("before", *before)
                .length("after", *after),
        };
        knowing.known
    }

    pub(crate) fn length(self, field: &'static str, length: Length) -> Knowing {
        self.lengths(field, &[length])
    }

    pub(crate) fn lengths(mut self, field: &'static str, lengths: &[Length]) -> Knowing {
        if !lengths.is_empty() {
            let shown: Vec<String> = lengths.iter().map(|length| self.scale.write(*length)).collect();
            self.known.numbers.push(KnownNumber { field, shown: shown.join("; ") });
        }
        self
    }

    pub(crate) fn count(mut self, count: Option<u32>) -> Knowing {
        if let Some(count) = count {
            self.known.numbers.push(KnownNumber { field: "count", shown: count.to_string() });
        }
        self
    }

    pub(crate) fn estimated(mut self, estimated: bool) -> Knowing {
        self.known.estimated = estimated;
        self
    }

    pub(crate) fn known(self) -> KnownSum {
        self.known
    }
}
