//! Kinds of garment: what is measured on each, which seams it can have, and what it usually has.

use serde::{Deserialize, Serialize};
use strum::EnumCount;

use super::feature::LiningClosed;
use super::flat::FlatName;
use super::seam::SeamName;
use crate::body::level::LevelName;
use crate::body::measures::MeasureName;
use crate::house::habit::Habits;
use crate::house::rules::HouseRule;

/// A kind of garment.
#[derive(Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord, Hash, Serialize, Deserialize, EnumCount)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum Kind {
    /// Trousers on a band with a fly.
    Trousers,
    /// Trousers of knit or loose cloth, pulled on.
    Sweatpants,
    /// A skirt that falls straight from the hip.
    StraightSkirt,
    /// A skirt that widens to its hem.
    FlaredSkirt,
    /// A dress with a waist seam.
    WaistedDress,
    /// A dress with princess seams.
    PrincessDress,
    /// A dress without a waist seam.
    ShiftDress,
    /// A shirt or blouse.
    Shirt,
    /// A pull-on top of knit.
    KnitTop,
    /// A jacket.
    Jacket,
    /// A coat.
    Coat,
    /// A waistcoat.
    Waistcoat,
    /// Bodice and legs in one.
    Overalls,
}

/// Which template draws a kind.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub enum Block {
    /// Two legs on a band.
    Legs,
    /// A tube from a band at the waist.
    Skirt,
    /// A tube from the shoulders.
    Body,
    /// Legs with a body above them.
    Overalls,
}

/// How a sleeve is cut.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum SleeveBuild {
    /// There is none.
    None,
    /// One piece with an underarm seam.
    OnePiece,
    /// A top sleeve and an under sleeve.
    TwoPiece,
}

/// How much ease a sleeve cap has over its armhole, in millimetres: least and most that is usual, by how firmly the cloth
/// can be shrunk and how smooth the crown should be.
#[must_use]
pub fn cap_ease(kind: Kind, habits: &Habits) -> [f64; 2] {
    let [least, most] = match kind {
        Kind::Jacket | Kind::Coat => [HouseRule::CapTailoredLeast, HouseRule::CapTailoredMost],
        Kind::WaistedDress | Kind::PrincessDress | Kind::ShiftDress => {
            [HouseRule::CapDressLeast, HouseRule::CapDressMost]
        }
        Kind::KnitTop | Kind::Sweatpants => [HouseRule::CapKnitLeast, HouseRule::CapKnitMost],
        _ => [HouseRule::CapShirtLeast, HouseRule::CapShirtMost],
    }
    .map(|rule| habits.rule(rule));
    // Two habits set one past the other leave no range between them.
    [least, most.max(least)]
}

const LEG_FLATS: &[FlatName] = &[
    FlatName::Waist,
    FlatName::HighHip,
    FlatName::Hip,
    FlatName::FrontRise,
    FlatName::BackRise,
    FlatName::Thigh,
    FlatName::Knee,
    FlatName::Calf,
    FlatName::Hem,
    FlatName::Inseam,
    FlatName::Outseam,
];
const SKIRT_FLATS: &[FlatName] =
    &[FlatName::Waist, FlatName::HighHip, FlatName::Hip, FlatName::Hem, FlatName::SideLength];
const SLEEVED_FLATS: &[FlatName] = &[
    FlatName::Neck,
    FlatName::Shoulder,
    FlatName::AcrossBack,
    FlatName::Bust,
    FlatName::UnderBust,
    FlatName::Waist,
    FlatName::HighHip,
    FlatName::Hip,
    FlatName::Hem,
    FlatName::UnderarmToWaist,
    FlatName::SideLength,
    FlatName::BackLength,
    FlatName::UpperArm,
    FlatName::Elbow,
    FlatName::Wrist,
    FlatName::SleeveSeam,
    FlatName::SleeveLength,
];
/// How many of [`SLEEVED_FLATS`] belong to the body.
const BODY_FLATS: usize = 12;
const OVERALL_FLATS: &[FlatName] = &[
    FlatName::Neck,
    FlatName::Shoulder,
    FlatName::AcrossBack,
    FlatName::Bust,
    FlatName::UnderarmToWaist,
    FlatName::Waist,
    FlatName::HighHip,
    FlatName::Hip,
    FlatName::Thigh,
    FlatName::Knee,
    FlatName::Calf,
    FlatName::Hem,
    FlatName::Inseam,
    FlatName::Outseam,
    FlatName::UpperArm,
    FlatName::Elbow,
    FlatName::Wrist,
    FlatName::SleeveSeam,
    FlatName::SleeveLength,
];
/// How many of [`OVERALL_FLATS`] belong to body and legs.
const OVERALL_BODY_FLATS: usize = 14;

impl Kind {
    /// Every kind, in the order they are offered.
    pub const ALL: [Kind; Kind::COUNT] = [
        Kind::Trousers,
        Kind::StraightSkirt,
        Kind::FlaredSkirt,
        Kind::WaistedDress,
        Kind::PrincessDress,
        Kind::ShiftDress,
        Kind::Shirt,
        Kind::KnitTop,
        Kind::Sweatpants,
        Kind::Waistcoat,
        Kind::Jacket,
        Kind::Coat,
        Kind::Overalls,
    ];

    /// What it is called in a sentence.
    #[must_use]
    pub const fn words(self) -> &'static str {
        match self {
            Kind::Trousers => "trousers",
            Kind::Sweatpants => "sweatpants",
            Kind::StraightSkirt => "straight skirt",
            Kind::FlaredSkirt => "flared skirt",
            Kind::WaistedDress => "dress with a waist seam",
            Kind::PrincessDress => "princess dress",
            Kind::ShiftDress => "shift dress",
            Kind::Shirt => "shirt or blouse",
            Kind::KnitTop => "knit top",
            Kind::Jacket => "jacket",
            Kind::Coat => "coat",
            Kind::Waistcoat => "waistcoat",
            Kind::Overalls => "overalls",
        }
    }

    /// What it is called in a sentence about it: `the dress`.
    #[must_use]
    pub const fn noun(self) -> &'static str {
        match self {
            Kind::StraightSkirt | Kind::FlaredSkirt => "skirt",
            Kind::WaistedDress | Kind::PrincessDress | Kind::ShiftDress => "dress",
            Kind::Shirt => "shirt",
            Kind::KnitTop => "top",
            _ => self.words(),
        }
    }

    /// True where it reaches the legs or covers them: what its length does is seen in shoes, and on a stair.
    #[must_use]
    pub const fn reaches_legs(self) -> bool {
        !matches!(self, Kind::Shirt | Kind::KnitTop | Kind::Jacket | Kind::Waistcoat)
    }

    /// True for what is built up inside: canvas, pads, a lining that is felled in.
    #[must_use]
    pub const fn is_tailored(self) -> bool {
        matches!(self, Kind::Jacket | Kind::Coat | Kind::Waistcoat)
    }

    /// How the lining of most of its kind is closed at the hem: coats and jackets are felled by hand, waistcoats
    /// bagged, and in a skirt, a dress or trousers it hangs free.
    #[must_use]
    pub const fn usual_lining(self) -> LiningClosed {
        match self {
            Kind::Coat | Kind::Jacket => LiningClosed::Felled,
            Kind::Waistcoat => LiningClosed::Bagged,
            _ => LiningClosed::Free,
        }
    }

    /// Which template draws it.
    #[must_use]
    pub const fn block(self) -> Block {
        match self {
            Kind::Trousers | Kind::Sweatpants => Block::Legs,
            Kind::StraightSkirt | Kind::FlaredSkirt => Block::Skirt,
            Kind::Overalls => Block::Overalls,
            _ => Block::Body,
        }
    }

    /// True where it has legs.
    #[must_use]
    pub const fn has_legs(self) -> bool {
        matches!(self.block(), Block::Legs | Block::Overalls)
    }

    /// True where a band closes it at the waist.
    #[must_use]
    pub const fn has_band(self) -> bool {
        matches!(self.block(), Block::Legs | Block::Skirt)
    }

    /// The levels at which its back can be laced, from the top down: only what hangs from the shoulders is.
    #[must_use]
    pub const fn laces_at(self) -> &'static [LevelName] {
        match self.block() {
            Block::Body => &[LevelName::Bust, LevelName::UnderBust, LevelName::Waist, LevelName::HighHip],
            Block::Legs | Block::Skirt | Block::Overalls => &[],
        }
    }

    /// How its sleeves are usually cut.
    #[must_use]
    pub const fn usual_sleeves(self) -> SleeveBuild {
        match self {
            Kind::Shirt | Kind::KnitTop | Kind::WaistedDress | Kind::PrincessDress => SleeveBuild::OnePiece,
            Kind::Jacket | Kind::Coat => SleeveBuild::TwoPiece,
            _ => SleeveBuild::None,
        }
    }

    /// The flat measures taken on it, in the order a tape goes down the garment.
    #[must_use]
    pub fn flats(self, sleeves: SleeveBuild) -> &'static [FlatName] {
        let without = sleeves == SleeveBuild::None;
        match self.block() {
            Block::Legs => LEG_FLATS,
            Block::Skirt => SKIRT_FLATS,
            Block::Body if without => &SLEEVED_FLATS[..BODY_FLATS],
            Block::Body => SLEEVED_FLATS,
            Block::Overalls if without => &OVERALL_FLATS[..OVERALL_BODY_FLATS],
            Block::Overalls => OVERALL_FLATS,
        }
    }

    /// The measures without which nothing can be drawn.
    #[must_use]
    pub const fn needed(self) -> &'static [FlatName] {
        match self.block() {
            Block::Legs => {
                &[FlatName::Waist, FlatName::Hip, FlatName::Hem, FlatName::Inseam, FlatName::Outseam]
            }
            Block::Skirt => &[FlatName::Waist, FlatName::Hip, FlatName::SideLength],
            Block::Body => &[FlatName::Bust, FlatName::SideLength],
            Block::Overalls => &[
                FlatName::Bust,
                FlatName::Waist,
                FlatName::Hip,
                FlatName::Hem,
                FlatName::Inseam,
                FlatName::Outseam,
            ],
        }
    }

    /// The measures of a body that are compared with it, in the order a tape goes down the body: its levels' girths, and
    /// the lengths and openings that decide whether it can be worn.
    #[must_use]
    pub fn wants_of_a_body(self, sleeves: SleeveBuild) -> Vec<MeasureName> {
        let flats = self.flats(sleeves);
        let levels = LevelName::ALL.into_iter().filter(|level| flats.contains(&level.flat()));
        let mut wanted: Vec<MeasureName> = levels.filter_map(LevelName::measure).collect();
        let more: &[MeasureName] = match self.block() {
            Block::Legs => &[MeasureName::WaistSeated, MeasureName::InsideLeg, MeasureName::HeelInstep],
            Block::Skirt => &[MeasureName::WaistSeated],
            Block::Body => &[MeasureName::Shoulder, MeasureName::NapeToWaist],
            Block::Overalls => &[
                MeasureName::Shoulder,
                MeasureName::NapeToWaist,
                MeasureName::InsideLeg,
                MeasureName::HeelInstep,
            ],
        };
        wanted.extend(more);
        if sleeves != SleeveBuild::None {
            wanted.extend([MeasureName::ArmLength, MeasureName::Hand]);
        }
        MeasureName::ALL.into_iter().filter(|measure| wanted.contains(measure)).collect()
    }

    /// The seams the user may say it has.
    #[must_use]
    pub const fn possible_seams(self) -> &'static [SeamName] {
        match self.block() {
            Block::Legs => &[SeamName::Outseam, SeamName::Inseam, SeamName::CentreBack],
            Block::Skirt => &[
                SeamName::CentreFront,
                SeamName::PrincessFront,
                SeamName::PrincessBack,
                SeamName::Side,
                SeamName::CentreBack,
                SeamName::FrontDart,
                SeamName::BackDart,
            ],
            Block::Body => &[
                SeamName::Shoulder,
                SeamName::Yoke,
                SeamName::CentreFront,
                SeamName::PrincessFront,
                SeamName::PrincessBack,
                SeamName::Side,
                SeamName::CentreBack,
                SeamName::WaistSeam,
                SeamName::FrontDart,
                SeamName::BackDart,
            ],
            Block::Overalls => &[
                SeamName::Shoulder,
                SeamName::Yoke,
                SeamName::CentreFront,
                SeamName::Outseam,
                SeamName::Inseam,
                SeamName::CentreBack,
                SeamName::WaistSeam,
            ],
        }
    }

    /// The seams it has when nobody has looked.
    #[must_use]
    pub const fn usual_seams(self) -> &'static [SeamName] {
        match self {
            Kind::Trousers | Kind::Sweatpants => &[SeamName::Outseam, SeamName::Inseam, SeamName::CentreBack],
            Kind::StraightSkirt => &[SeamName::Side, SeamName::CentreBack, SeamName::BackDart],
            Kind::FlaredSkirt => &[SeamName::Side],
            Kind::WaistedDress => &[
                SeamName::Shoulder,
                SeamName::Side,
                SeamName::CentreBack,
                SeamName::WaistSeam,
                SeamName::BackDart,
            ],
            Kind::PrincessDress => &[
                SeamName::Shoulder,
                SeamName::PrincessFront,
                SeamName::PrincessBack,
                SeamName::Side,
                SeamName::CentreBack,
            ],
            Kind::ShiftDress => &[SeamName::Shoulder, SeamName::Side, SeamName::CentreBack],
            Kind::Shirt => &[SeamName::Shoulder, SeamName::Yoke, SeamName::Side],
            Kind::KnitTop => &[SeamName::Shoulder, SeamName::Side],
            Kind::Waistcoat => &[SeamName::Shoulder, SeamName::Side, SeamName::CentreBack],
            Kind::Jacket => &[
                SeamName::Shoulder,
                SeamName::PrincessFront,
                SeamName::PrincessBack,
                SeamName::Side,
                SeamName::CentreBack,
            ],
            Kind::Coat => &[SeamName::Shoulder, SeamName::Side, SeamName::CentreBack],
            Kind::Overalls => &[
                SeamName::Shoulder,
                SeamName::Outseam,
                SeamName::Inseam,
                SeamName::CentreBack,
                SeamName::WaistSeam,
            ],
        }
    }

    /// How far the front neck lies below the neck point, in millimetres, when nothing says otherwise:
    /// a house estimate, a round neck for tops and a deep one where lapels or buttons begin.
    #[must_use]
    pub(crate) const fn front_neck_drop(self) -> f64 {
        match self {
            Kind::Jacket | Kind::Coat | Kind::Waistcoat => 230.0,
            _ => 90.0,
        }
    }
}
