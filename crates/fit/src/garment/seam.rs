//! Seams: what they are called, how they end, and where their stations are counted from.

use serde::{Deserialize, Serialize};
use strum::{EnumCount, IntoStaticStr};

use crate::garment::datum::Datum;
use crate::unit::length::Length;

/// A seam, or a dart, which is sewn like one.
#[derive(
    Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord, Hash, Serialize, Deserialize, EnumCount, IntoStaticStr,
)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
#[strum(serialize_all = "snake_case")]
pub enum SeamName {
    /// Down the outside of the leg, from the top of the band (or the underarm) to the hem.
    Outseam,
    /// Down the inside of the leg, from the crotch to the hem.
    Inseam,
    /// Down the middle of the back.
    CentreBack,
    /// Down the middle of the front. On trousers the fly is in it, and it takes no pins.
    CentreFront,
    /// Down the side of a body or skirt, from the underarm or the top edge to the hem.
    Side,
    /// Between centre front and side, from the shoulder or the top edge to the hem.
    PrincessFront,
    /// Between centre back and side, from the shoulder or the top edge to the hem.
    PrincessBack,
    /// Down the inside of a sleeve cut in one piece, from the underarm to its hem.
    SleeveUnderarm,
    /// The front seam of a sleeve cut in two pieces.
    SleeveFront,
    /// The back seam of a sleeve cut in two pieces.
    SleeveBack,
    /// The dart each side of the front.
    FrontDart,
    /// The dart each side of the back.
    BackDart,
    /// From neck to shoulder point.
    Shoulder,
    /// Round the waist, where bodice and skirt are joined; one half from front to back.
    WaistSeam,
    /// Across the back below the shoulders; one half from centre back to armhole.
    Yoke,
}

impl SeamName {
    /// Every seam, in the order they are judged: from the top down, sleeves last.
    pub const ALL: [SeamName; SeamName::COUNT] = [
        SeamName::Shoulder,
        SeamName::Yoke,
        SeamName::CentreFront,
        SeamName::PrincessFront,
        SeamName::PrincessBack,
        SeamName::Side,
        SeamName::Outseam,
        SeamName::Inseam,
        SeamName::CentreBack,
        SeamName::WaistSeam,
        SeamName::FrontDart,
        SeamName::BackDart,
        SeamName::SleeveUnderarm,
        SeamName::SleeveFront,
        SeamName::SleeveBack,
    ];

    /// What it is called in a sentence.
    #[must_use]
    pub const fn words(self) -> &'static str {
        match self {
            SeamName::Outseam => "outseam",
            SeamName::Inseam => "inseam",
            SeamName::CentreBack => "centre back",
            SeamName::CentreFront => "centre front",
            SeamName::Side => "side seam",
            SeamName::PrincessFront => "front princess seam",
            SeamName::PrincessBack => "back princess seam",
            SeamName::SleeveUnderarm => "sleeve underarm seam",
            SeamName::SleeveFront => "front sleeve seam",
            SeamName::SleeveBack => "back sleeve seam",
            SeamName::FrontDart => "front dart",
            SeamName::BackDart => "back dart",
            SeamName::Shoulder => "shoulder seam",
            SeamName::WaistSeam => "waist seam",
            SeamName::Yoke => "yoke seam",
        }
    }

    /// Its name in keys of steps and files.
    #[must_use]
    pub fn key(self) -> &'static str {
        self.into()
    }

    /// The letter that picks it at the mirror. `l` and `r` are kept for the sides, so a seam and the
    /// one it never meets on a garment may share a letter.
    #[must_use]
    pub const fn letter(self) -> char {
        match self {
            SeamName::Outseam => 'o',
            SeamName::Inseam => 'i',
            SeamName::CentreBack => 'c',
            SeamName::CentreFront => 'f',
            SeamName::Side => 's',
            SeamName::PrincessFront => 'p',
            SeamName::PrincessBack => 'b',
            SeamName::SleeveUnderarm => 'u',
            SeamName::SleeveFront => 'v',
            SeamName::SleeveBack => 'u',
            SeamName::FrontDart => 'd',
            SeamName::BackDart => 'e',
            SeamName::Shoulder => 'h',
            SeamName::WaistSeam => 'w',
            SeamName::Yoke => 'y',
        }
    }

    /// True where the garment has the seam once on each side.
    #[must_use]
    pub const fn is_paired(self) -> bool {
        !matches!(self, SeamName::CentreBack | SeamName::CentreFront)
    }

    /// The side of the garment it is looked at from; none where it is seen from both.
    #[must_use]
    pub const fn seen_from(self) -> Option<View> {
        match self {
            SeamName::CentreBack
            | SeamName::PrincessBack
            | SeamName::BackDart
            | SeamName::Yoke
            | SeamName::SleeveBack => Some(View::Back),
            SeamName::CentreFront | SeamName::PrincessFront | SeamName::FrontDart | SeamName::SleeveFront => {
                Some(View::Front)
            }
            _ => None,
        }
    }

    /// True for the seam down the side, where pinning begins: it takes from front and back alike.
    #[must_use]
    pub const fn is_side(self) -> bool {
        matches!(self, SeamName::Side | SeamName::Outseam)
    }

    /// True for a seam that runs across the body: it changes lengths, and no girth.
    #[must_use]
    pub const fn is_crosswise(self) -> bool {
        matches!(self, SeamName::Shoulder | SeamName::WaistSeam | SeamName::Yoke)
    }

    /// True for a seam of a sleeve.
    #[must_use]
    pub const fn is_on_sleeve(self) -> bool {
        matches!(self, SeamName::SleeveUnderarm | SeamName::SleeveFront | SeamName::SleeveBack)
    }

    /// True for a dart.
    #[must_use]
    pub const fn is_dart(self) -> bool {
        matches!(self, SeamName::FrontDart | SeamName::BackDart)
    }

    /// What a pin on a seam across the body makes shorter.
    #[must_use]
    pub const fn shortens(self) -> &'static str {
        match self {
            SeamName::Shoulder => "armhole side",
            SeamName::Yoke => "back",
            _ => "length from shoulder to hem",
        }
    }

    /// What its two edges are called.
    #[must_use]
    pub const fn edge_words(self) -> [&'static str; 2] {
        match self {
            SeamName::CentreBack | SeamName::CentreFront => ["left", "right"],
            SeamName::PrincessFront | SeamName::PrincessBack => ["middle panel", "side panel"],
            SeamName::SleeveFront | SeamName::SleeveBack => ["top sleeve", "under sleeve"],
            SeamName::FrontDart | SeamName::BackDart => ["leg by the middle", "leg by the side"],
            SeamName::WaistSeam => ["bodice", "skirt"],
            SeamName::Yoke => ["yoke", "back"],
            _ => ["front", "back"],
        }
    }
}

/// Where a garment is looked at from.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum View {
    /// The front.
    Front,
    /// The back.
    Back,
}

/// What a seam ends in, which decides what a line may do there.
#[derive(Debug, Clone, Copy, PartialEq)]
pub enum SeamEnd {
    /// A hem; a line may run off it, mirrored into the turn-up.
    Hem,
    /// A band of this height in millimetres; a line holds its depth through it.
    Band(f64),
    /// An edge without a band: a neckline, an armhole, a shoulder, a centre fold.
    Edge,
    /// The crotch curve, which a line must have left at this station.
    CrotchCurve(f64),
    /// The crotch point, which keeps its place.
    CrotchPoint,
    /// The underarm point; a steep run-in is right there. `true` where the sleeve has a seam that
    /// meets this one, so that a line can be carried across.
    Underarm(bool),
    /// A dart's tip.
    Tip,
}

/// Where stations can be counted from: a place on the seam, and whether the tape runs up from it.
#[derive(Debug, Clone, Copy, PartialEq)]
pub struct DatumAt {
    /// What it is.
    pub datum: Datum,
    /// Its station from the seam's lower end, in millimetres.
    pub at: f64,
    /// True when stations are counted upward.
    pub up: bool,
}

impl DatumAt {
    /// A station counted from here, as one from the seam's lower end.
    #[must_use]
    pub fn from_below(self, station: f64) -> f64 {
        if self.up { self.at + station } else { self.at - station }
    }

    /// A station from the lower end, as one counted from here.
    #[must_use]
    pub fn counted(self, from_below: f64) -> f64 {
        if self.up { from_below - self.at } else { self.at - from_below }
    }
}

/// One seam of one garment, as pins and lines have to know it.
#[derive(Debug, Clone, PartialEq)]
pub struct Seam {
    /// Which seam.
    pub name: SeamName,
    /// Its length, the mean of its two edges, in millimetres.
    pub length: f64,
    /// What its lower end is: the hem, the crotch; the neck of a shoulder, the middle of a cross seam.
    pub lower: SeamEnd,
    /// What its upper end is.
    pub upper: SeamEnd,
    /// Where its stations can be counted from, the usual place first; never empty.
    pub data: Vec<DatumAt>,
    /// The station above which left and right lie on one tube; `None` where each has its own.
    pub one_tube_above: Option<f64>,
}

impl Seam {
    /// Where stations are usually counted from.
    #[must_use]
    pub fn usual(&self) -> DatumAt {
        self.data.first().copied().unwrap_or(DatumAt { datum: Datum::Hem, at: 0.0, up: true })
    }

    /// The datum of that name on this seam.
    #[must_use]
    pub fn datum(&self, datum: Datum) -> Option<DatumAt> {
        self.data.iter().copied().find(|known| known.datum == datum)
    }

    /// A station from the lower end as a length from the usual datum.
    #[must_use]
    pub fn counted(&self, from_below: f64) -> Length {
        Length::from_mm(self.usual().counted(from_below))
    }

    /// How many edges of it cross a tube: two panels, and on a body both sides.
    #[must_use]
    pub fn count_on(&self, tube: super::Tube) -> f64 {
        if self.name.is_paired() && tube == super::Tube::Body { 4.0 } else { 2.0 }
    }

    /// Height of the band at the upper end; zero where there is none.
    #[must_use]
    pub fn band(&self) -> f64 {
        if let SeamEnd::Band(height) = self.upper { height } else { 0.0 }
    }
}
