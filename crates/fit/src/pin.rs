//! Pins: what was read on the seam, and the depth that reading means.

use serde::{Deserialize, Serialize};
use thiserror::Error;

use crate::Length;
use crate::garment::{PanelName, SeamAllowance, SeamName};

/// Which of two like seams; a single seam is at the centre.
#[derive(Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord, Hash, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum Side {
    /// The wearer's left.
    Left,
    /// The wearer's right.
    Right,
    /// A seam there is only one of.
    Centre,
}

impl Side {
    /// What it is called in a sentence.
    #[must_use]
    pub const fn words(self) -> &'static str {
        match self {
            Side::Left => "left",
            Side::Right => "right",
            Side::Centre => "centre",
        }
    }
}

/// Where a station is counted from.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum Datum {
    /// Up from the hem fold.
    Hem,
    /// Down from the top of the band.
    BandTop,
    /// Down from the lower edge of the band.
    BandBottom,
    /// From the crotch point: down an inseam, up the centre back.
    Crotch,
}

impl Datum {
    /// What it is called in a sentence.
    #[must_use]
    pub const fn words(self) -> &'static str {
        match self {
            Datum::Hem => "the hem",
            Datum::BandTop => "the top of the band",
            Datum::BandBottom => "the bottom of the band",
            Datum::Crotch => "the crotch",
        }
    }

    /// The data a seam can be read from, the usual one first.
    #[must_use]
    pub const fn of(seam: SeamName) -> &'static [Datum] {
        match seam {
            SeamName::Outseam => &[Datum::Hem, Datum::BandTop, Datum::BandBottom],
            SeamName::Inseam => &[Datum::Hem, Datum::Crotch],
            SeamName::CentreBack | SeamName::CentreFront => {
                &[Datum::BandTop, Datum::BandBottom, Datum::Crotch]
            }
        }
    }
}

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
}

impl EntryMode {
    /// What it is called in a sentence.
    #[must_use]
    pub const fn words(self) -> &'static str {
        match self {
            EntryMode::SeamToPin => "from the seam",
            EntryMode::WholePinch => "in the whole pinch",
            EntryMode::RawEdgeToChalk => "from the raw edge",
        }
    }
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
    pub panel: Option<PanelName>,
}

/// Why a pin cannot be taken.
#[derive(Debug, Clone, PartialEq, Error)]
pub enum PinError {
    /// The seam takes no pins.
    #[error("no pins are taken on the {}", .0.words())]
    NotPinned(SeamName),
    /// A paired seam without a side, or a single one with.
    #[error("the {} {}; the side was read as {}", .seam.words(),
        if .seam.is_paired() { "is on both legs, say left or right" } else { "is single, its side is centre" },
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
}

impl Pin {
    /// Distance from the seam's lower end (hem or crotch), given the seam's length.
    #[must_use]
    pub fn station_from_below(&self, seam_length: Length, band_height: Length) -> Length {
        from_below(self.seam, self.datum, self.station, seam_length, band_height)
    }

    /// The depth the reading means: old stitching to pin.
    ///
    /// ```
    /// use vemble_fit::{Datum, EntryMode, Length, Pin, SeamName, Side};
    /// let pin = Pin {
    ///     id: "a".into(), seam: SeamName::Outseam, side: Side::Left, datum: Datum::Hem,
    ///     station: Length::whole_mm(600), mode: EntryMode::WholePinch,
    ///     reading: Length::whole_mm(32), panel: None,
    /// };
    /// assert_eq!(pin.depth(None).unwrap(), Length::whole_mm(16));
    /// ```
    ///
    /// # Errors
    /// [`PinError::AllowanceUnknown`] for a raw-edge reading on a seam nobody looked into.
    pub fn depth(&self, allowance: Option<SeamAllowance>) -> Result<Length, PinError> {
        match self.mode {
            EntryMode::SeamToPin => Ok(self.reading),
            EntryMode::WholePinch => Ok(self.reading.half()),
            EntryMode::RawEdgeToChalk => {
                let allowance = allowance.ok_or(PinError::AllowanceUnknown(self.seam))?;
                let present = match self.panel.unwrap_or(PanelName::Back) {
                    PanelName::Front => allowance.front,
                    PanelName::Back => allowance.back,
                };
                Ok(self.reading - present)
            }
        }
    }
}

/// Turns a station counted from `datum` into one from the seam's lower end, or back: the map is
/// its own inverse, because every datum is an end or a fixed distance from one.
#[must_use]
pub fn from_below(
    seam: SeamName,
    datum: Datum,
    station: Length,
    seam_length: Length,
    band_height: Length,
) -> Length {
    match (datum, seam) {
        (Datum::Hem, _) | (Datum::Crotch, SeamName::CentreBack | SeamName::CentreFront) => station,
        (Datum::BandTop | Datum::Crotch, _) => seam_length - station,
        (Datum::BandBottom, _) => seam_length - band_height - station,
    }
}
