//! Kinds of hem with what each turns up.

use serde::{Deserialize, Serialize};
use strum::{EnumCount, VariantArray};

use crate::cloth::family::ClothFamily;
use crate::every::every;
use crate::garment::{Garment, HemName, Kind};
use crate::house::choice::OldEdge;
use crate::house::habit::Habits;
use crate::house::rules::HouseRule;

/// A way to hem.
#[derive(
    Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord, Hash, Serialize, Deserialize, EnumCount, VariantArray,
)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum HemKind {
    /// Turned once, its edge finished.
    SingleFold,
    /// Turned twice, wide.
    DoubleWide,
    /// Turned twice, narrow.
    DoubleNarrow,
    /// Rolled.
    Rolled,
    /// Turned up deep and sewn by hand, blind or in catch stitch.
    DeepHand,
    /// Faced with a shaped piece.
    Faced,
    /// Faced with a bias strip.
    BiasFaced,
    /// Cover-stitched, on a knit.
    CoverStitched,
    /// Stitched with a twin needle, on a knit.
    TwinNeedle,
    /// Cloth and lining bagged together.
    LinedBag,
    /// The original hem kept, below a tuck.
    Original,
    /// The edge not cut: shortened at the waist seam or in a tuck.
    Uncut,
}

impl HemKind {
    /// Every kind, in the order they are offered.
    pub const ALL: [HemKind; HemKind::COUNT] = every();

    /// What it is called in a sentence.
    #[must_use]
    pub const fn words(self) -> &'static str {
        match self {
            HemKind::SingleFold => "single fold, edge finished",
            HemKind::DoubleWide => "double fold, wide",
            HemKind::DoubleNarrow => "double fold, narrow",
            HemKind::Rolled => "rolled hem",
            HemKind::DeepHand => "deep hem by hand",
            HemKind::Faced => "shaped facing",
            HemKind::BiasFaced => "bias facing",
            HemKind::CoverStitched => "cover-stitched",
            HemKind::TwinNeedle => "twin-needle hem",
            HemKind::LinedBag => "bagged with the lining",
            HemKind::Original => "original hem kept",
            HemKind::Uncut => "edge not cut",
        }
    }

    /// What it suits.
    #[must_use]
    pub const fn suits(self) -> &'static str {
        match self {
            HemKind::SingleFold => "knits and bulky cloth",
            HemKind::DoubleWide => "dresses, skirts, straight hems",
            HemKind::DoubleNarrow => "light cloth and curved hems",
            HemKind::Rolled => "sheers",
            HemKind::DeepHand => "coats, skirts, tailored trousers",
            HemKind::Faced => "strong curves",
            HemKind::BiasFaced => "strong curves, or too little length",
            HemKind::CoverStitched => "jersey and sweatshirting, with the machine for it",
            HemKind::TwinNeedle => "jersey and sweatshirting, on any machine",
            HemKind::LinedBag => "lined skirts and dresses",
            HemKind::Original => "denim, and other worn or decorative edges",
            HemKind::Uncut => "borders, scallops, selvedges",
        }
    }

    /// The folds of its turn-up: what is turned in first, then what shows on the inside. Zero where it
    /// is turned once, or not at all.
    #[must_use]
    pub fn folds(self, habits: &Habits) -> [f64; 2] {
        let rule = |rule| habits.rule(rule);
        match self {
            HemKind::SingleFold => [0.0, rule(HouseRule::HemSingle)],
            HemKind::DoubleWide => [rule(HouseRule::HemFirstFold), rule(HouseRule::HemWide)],
            HemKind::DoubleNarrow => [rule(HouseRule::HemNarrow); 2],
            HemKind::Rolled => [rule(HouseRule::HemRolled); 2],
            HemKind::DeepHand => [0.0, rule(HouseRule::HemDeep)],
            HemKind::Faced | HemKind::BiasFaced => [0.0, rule(HouseRule::HemFaced)],
            HemKind::CoverStitched | HemKind::TwinNeedle => [0.0, rule(HouseRule::HemKnit)],
            HemKind::LinedBag => [0.0, rule(HouseRule::HemBag)],
            HemKind::Original | HemKind::Uncut => [0.0, 0.0],
        }
    }

    /// True where the allowance is turned up over the fold, and must lie there. A faced edge is a seam:
    /// nothing of it is turned up.
    #[must_use]
    pub const fn turns_up(self) -> bool {
        !matches!(
            self,
            HemKind::Faced | HemKind::BiasFaced | HemKind::LinedBag | HemKind::Original | HemKind::Uncut
        )
    }

    /// True where a cut line is chalked below the fold.
    #[must_use]
    pub const fn is_cut(self) -> bool {
        !matches!(self, HemKind::Original | HemKind::Uncut)
    }

    /// True for the hems of knits, trimmed to the stitching after it is sewn.
    #[must_use]
    pub const fn is_knit(self) -> bool {
        matches!(self, HemKind::CoverStitched | HemKind::TwinNeedle)
    }

    /// The kind that suits a garment's cloth and cut, when nobody has said.
    #[must_use]
    pub fn usual(garment: &Garment, hem: HemName, habits: &Habits) -> HemKind {
        let shape = &garment.shape;
        let keeps = habits.old_edge == OldEdge::Original;
        match (garment.cloth.family, shape.kind) {
            (ClothFamily::Jersey, _) => HemKind::TwinNeedle,
            (ClothFamily::Denim, _) if keeps && hem == HemName::Hem => HemKind::Original,
            (ClothFamily::Sheer, _) => HemKind::Rolled,
            (_, Kind::Coat | Kind::Jacket | Kind::Waistcoat) => HemKind::DeepHand,
            (ClothFamily::Twill | ClothFamily::Coating, Kind::Trousers) => HemKind::DeepHand,
            _ if shape.lined => HemKind::DeepHand,
            (_, Kind::FlaredSkirt | Kind::Shirt) => HemKind::DoubleNarrow,
            _ => HemKind::DoubleWide,
        }
    }
}

/// How much longer an edge may be than what it is sewn to, as a share, before it makes folds.
///
/// House table: a firm woven takes 2 %, a soft one 3 %, a knit 5 %, wool that shrinks under steam 6 %.
#[must_use]
pub fn eases_in(garment: &Garment, habits: &Habits) -> f64 {
    let cloth = &garment.cloth;
    habits.rule(match (cloth.family, cloth.fibre) {
        (ClothFamily::Jersey, _) => HouseRule::EaseKnit,
        (_, crate::cloth::family::Fibre::Wool) => HouseRule::EaseWool,
        (ClothFamily::Sheer | ClothFamily::Shirting, _) => HouseRule::EaseSoft,
        (ClothFamily::Twill | ClothFamily::Denim | ClothFamily::Coating, _) => HouseRule::EaseFirm,
    })
}
