//! Pins: what was read on the seam, and the depth that reading means.

use serde::{Deserialize, Serialize};
use thiserror::Error;

use crate::garment::datum::Datum;
use crate::garment::side::Side;
use crate::garment::{Seam, SeamAllowance, SeamName};
use crate::unit::length::Length;

/// How a depth was read. Constantly confused, so every pin says which.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum EntryMode {
    /// Old stitching to pin, through both panels folded together.
    SeamToPin,
    /// The whole pinch, both panels: twice the depth.
    WholePinch,
    /// Raw edge to the chalk, on one panel: the depth and the allowance present.
    RawEdgeToChalk,
    /// A new dart, which has no old stitching: fold to pin, half of what the dart takes.
    FoldToPin,
}

impl EntryMode {
    /// What it is called in a sentence.
    #[must_use]
    pub const fn words(self) -> &'static str {
        match self {
            EntryMode::SeamToPin => "from the seam",
            EntryMode::WholePinch => "in the whole pinch",
            EntryMode::RawEdgeToChalk => "from the raw edge",
            EntryMode::FoldToPin => "from the fold",
        }
    }
}

/// No depth, pinch or raw edge is read deeper than this: a bare number that is was meant in a smaller unit.
pub const DEEPEST_READING: Length = Length::whole_mm(200);
/// No station is counted further along a seam than this.
/// A bare number that takes a hem up by more than this is asked back: trousers become shorts with less.
pub const HIGHEST_TAKE_UP: Length = Length::whole_mm(600);
/// A bare number longer than this is asked back, where it is no length of cloth.
pub const LONGEST_SEAM: Length = Length::whole_mm(2_000);

/// Which of a seam's two edges a reading from the raw edge was taken on.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash, Serialize, Deserialize, Default)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum EdgeRead {
    /// The front panel's; the left half's, the middle panel's.
    Front,
    /// The back panel's; the right half's, the side panel's.
    #[default]
    Back,
}

/// One pin as it was read.
#[derive(Debug, Clone, PartialEq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(deny_unknown_fields)]
pub struct Pin {
    /// Its identity, made where it was entered.
    pub id: String,
    /// The seam it stands in.
    pub seam: SeamName,
    /// The side; `centre` for a seam there is only one of.
    pub side: Side,
    /// Where the station is counted from.
    pub datum: Datum,
    /// Distance along the seam from the datum.
    pub station: Length,
    /// How the depth was read.
    pub mode: EntryMode,
    /// What was read; negative lets out.
    pub reading: Length,
    /// The panel read on, when the reading is from its raw edge.
    #[serde(default)]
    pub panel: Option<EdgeRead>,
    /// The depth it was set at from numbers, before the garment was put on.
    #[serde(default)]
    pub planned: Option<Length>,
    /// The depth it was moved to on the body.
    #[serde(default)]
    pub moved: Option<Length>,
    /// Read again with a tape after the garment came off.
    #[serde(default)]
    pub reread: bool,
    /// Set from numbers and meant to the letter: the line goes through it without the tolerance that a
    /// hand's pin has.
    #[serde(default)]
    pub exact: bool,
}

/// Why a pin cannot be taken.
#[derive(Debug, Clone, PartialEq, Error)]
pub enum PinError {
    /// The seam takes no pins.
    #[error("no pins are taken on the {}: this garment has no such seam, or says it has none", .0.words())]
    NotPinned(SeamName),
    /// A paired seam without a side, or a single one with.
    #[error("the {} {}; the side was read as {}", .seam.words(),
        if .seam.is_paired() { "is on both sides, say left or right" } else { "is single, its side is centre" },
        .side.words())]
    Side {
        /// The seam.
        seam: SeamName,
        /// The side read.
        side: Side,
    },
    /// A datum that is not on the seam.
    #[error("a station on the {} cannot be counted from {}", .seam.words(), .datum.words())]
    Datum {
        /// The seam.
        seam: SeamName,
        /// The datum read.
        datum: Datum,
    },
    /// A station beyond the seam.
    #[error("{} from {} is not on the {}: the seam is {} long", .station, .datum.words(), .seam.words(), .length)]
    OffSeam {
        /// The seam.
        seam: SeamName,
        /// The datum read.
        datum: Datum,
        /// The station read, written in the session's unit.
        station: String,
        /// The longest station from that datum, written in the session's unit.
        length: String,
    },
    /// Deeper than half the panel.
    #[error(
        "a depth of {depth} is more than half the {panel} panel there ({limit}); was it the whole pinch, or the wrong unit?"
    )]
    TooDeep {
        /// The depth the reading means, written in the session's unit.
        depth: String,
        /// The panel.
        panel: &'static str,
        /// Half the panel's width, written in the session's unit.
        limit: String,
    },
    /// A reading from the raw edge, and nobody looked how much allowance there is.
    #[error("a reading from the raw edge of the {} needs its allowance; enter it with the garment, or read from the seam", .0.words())]
    AllowanceUnknown(SeamName),
    /// A pin that is not in the fitting.
    #[error("there is no pin {0} in this fitting: somebody took it out, or it was never read")]
    NoSuchPin(String),
    /// A pin to be slid along a seam nobody knows the length of.
    #[error("the {} has no length yet; measure the garment flat first", .0.words())]
    NoLength(SeamName),
    /// A reading from the fold on a seam that has stitching.
    #[error("only a dart is read from its fold; the {} is read from its old stitching", .0.words())]
    NoFold(SeamName),
}

impl Pin {
    /// The id of a pin set from numbers: the same numbers set the same pin. Letters, digits and dashes.
    #[must_use]
    pub(crate) fn numbered(parts: &[&str]) -> String {
        parts.join("-").replace([' ', '_'], "-")
    }

    /// Distance from the seam's lower end in millimetres; `None` where the datum is not on the seam.
    #[must_use]
    pub fn station_from_below(&self, seam: &Seam) -> Option<f64> {
        Some(seam.datum(self.datum)?.from_below(self.station.mm()))
    }

    /// The depth the reading means: old stitching to pin.
    ///
    /// ```
    /// use vemble_fit::{Datum, EntryMode, Length, Pin, SeamName, Side};
    /// let pin = Pin {
    ///     id: "a".into(), seam: SeamName::Outseam, side: Side::Left, datum: Datum::Hem,
    ///     station: Length::whole_mm(600), mode: EntryMode::WholePinch,
    ///     reading: Length::whole_mm(32), panel: None, planned: None, moved: None, reread: false, exact: false,
    /// };
    /// assert_eq!(pin.depth(None).unwrap(), Length::whole_mm(16));
    /// ```
    ///
    /// # Errors
    /// [`PinError::AllowanceUnknown`] for a raw-edge reading on a seam nobody looked into,
    /// [`PinError::NoFold`] for a reading from the fold on anything but a dart.
    pub fn depth(&self, allowance: Option<SeamAllowance>) -> Result<Length, PinError> {
        match self.mode {
            EntryMode::SeamToPin => Ok(self.reading),
            EntryMode::WholePinch => Ok(self.reading.half()),
            EntryMode::FoldToPin if !self.seam.is_dart() => Err(PinError::NoFold(self.seam)),
            EntryMode::FoldToPin => Ok(self.reading),
            EntryMode::RawEdgeToChalk => {
                let allowance = allowance.ok_or(PinError::AllowanceUnknown(self.seam))?;
                let present = match self.panel.unwrap_or_default() {
                    EdgeRead::Front => allowance.front,
                    EdgeRead::Back => allowance.back,
                };
                Ok(self.reading - present)
            }
        }
    }
}
