//! Where stations are counted from.

use serde::{Deserialize, Serialize};

/// Where a station is counted from.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum Datum {
    /// Up from the hem fold.
    Hem,
    /// Down from the top of the band, or of the top edge where there is none.
    BandTop,
    /// Down from the lower edge of the band.
    BandBottom,
    /// From the crotch point: down an inseam, up a centre seam.
    Crotch,
    /// Down from the underarm point.
    Underarm,
    /// From the neck: down a centre seam, out along a shoulder.
    Neck,
    /// Down from the shoulder seam.
    Shoulder,
    /// From the armhole: down a sleeve's seam, in along a shoulder or yoke.
    Armhole,
    /// Down from the waist seam.
    BelowWaistSeam,
    /// Up from the waist seam.
    AboveWaistSeam,
    /// Round from the centre front.
    CentreFront,
    /// Round from the centre back.
    CentreBack,
    /// Up from the lower tip of a dart.
    Tip,
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
            Datum::Underarm => "the underarm",
            Datum::Neck => "the neck",
            Datum::Shoulder => "the shoulder seam",
            Datum::Armhole => "the armhole",
            Datum::BelowWaistSeam => "the waist seam, downward",
            Datum::AboveWaistSeam => "the waist seam, upward",
            Datum::CentreFront => "the centre front",
            Datum::CentreBack => "the centre back",
            Datum::Tip => "the lower tip",
        }
    }
}
