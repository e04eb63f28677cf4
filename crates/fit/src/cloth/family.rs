//! The cloth a garment is made of, as far as it changes lines, needles and the iron.

use serde::{Deserialize, Serialize};

use super::look::Look;
use crate::house::rules::HouseRule;
use crate::unit::length::Length;

/// The family of cloth, which decides needle, thread and stitch.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize, Default)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum ClothFamily {
    /// Sheers, silks, lawns.
    Sheer,
    /// Shirtings, light linens, viscose.
    Shirting,
    /// Twills, medium wools, corduroy.
    #[default]
    Twill,
    /// Denim and canvas.
    Denim,
    /// Coatings.
    Coating,
    /// Jersey and rib: the knits.
    Jersey,
}

impl ClothFamily {
    /// True for knitted cloth.
    #[must_use]
    pub const fn is_knit(self) -> bool {
        matches!(self, ClothFamily::Jersey)
    }

    /// Needle, and thread with stitch, as the house table has them.
    #[must_use]
    pub const fn needle_and_stitch(self) -> (&'static str, &'static str) {
        match self {
            ClothFamily::Sheer => ("60–70 microtex or universal", "fine polyester or silk, stitch 1.8–2.2"),
            ClothFamily::Shirting => ("75–80 universal", "all-purpose thread, stitch 2.2–2.5"),
            ClothFamily::Twill => ("90 universal", "all-purpose thread, stitch 2.5–3"),
            ClothFamily::Denim => (
                "80–110 jeans, size by thread and layers",
                "all-purpose thread, topstitch thread on top, stitch 3–3.5",
            ),
            ClothFamily::Coating => ("90–100 universal", "all-purpose thread, stitch 3"),
            ClothFamily::Jersey => {
                ("75–90 ballpoint or stretch", "polyester thread, narrow zigzag or stretch stitch")
            }
        }
    }

    /// How much slower sewing goes than on a firm twill.
    #[must_use]
    pub const fn time_factor(self) -> f64 {
        match self {
            ClothFamily::Twill => 1.0,
            ClothFamily::Shirting => 1.05,
            ClothFamily::Jersey => 1.2,
            ClothFamily::Denim | ClothFamily::Coating => 1.25,
            ClothFamily::Sheer => 1.5,
        }
    }
}

/// How readily a cut edge frays.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize, Default)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum Fray {
    /// Hardly at all.
    Low,
    /// As most wovens do.
    #[default]
    Medium,
    /// Runs away while it is handled.
    High,
    /// A knit, which curls rather than frays.
    Knit,
}

impl Fray {
    /// The house rule for what a trimmed seam keeps in such cloth.
    #[must_use]
    pub const fn kept(self) -> HouseRule {
        match self {
            Fray::Low => HouseRule::TrimLow,
            Fray::Medium => HouseRule::TrimMedium,
            Fray::High => HouseRule::TrimHigh,
            Fray::Knit => HouseRule::TrimKnit,
        }
    }
}

/// The fibre, which decides how hot and how damp the iron may be.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize, Default)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum Fibre {
    /// Cotton.
    #[default]
    Cotton,
    /// Linen.
    Linen,
    /// Wool.
    Wool,
    /// Silk.
    Silk,
    /// Viscose.
    Viscose,
    /// Polyester, nylon and blends with them.
    Synthetic,
}

impl Fibre {
    /// How to press it.
    #[must_use]
    pub const fn press(self) -> &'static str {
        match self {
            Fibre::Cotton | Fibre::Linen => "hot and damp",
            Fibre::Wool => "medium heat, steam, through a cloth",
            Fibre::Silk => "low heat, through a cloth",
            Fibre::Viscose => "low heat, from the inside",
            Fibre::Synthetic => "low heat, through a cloth; it melts, so test first",
        }
    }
}

/// What lies on the face of a cloth, which decides how it is marked, cut and pressed.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize, Default)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum Surface {
    /// Nothing: it may lie either way up.
    #[default]
    Smooth,
    /// A nap or a one-way print: every piece lies the same way up.
    Nap,
    /// A pile, as velvet and corduroy have: it lies one way and is never pressed flat.
    Pile,
}

impl Cloth {
    /// How to press it: by its fibre, a pile never flat.
    #[must_use]
    pub const fn press(&self) -> &'static str {
        match self.surface {
            Surface::Pile => {
                "the iron hovering with steam, the pile face down on its own kind, never pressed"
            }
            Surface::Smooth | Surface::Nap => self.fibre.press(),
        }
    }
}

/// What the garment is made of.
#[derive(Debug, Clone, PartialEq, Serialize, Deserialize, Default)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(deny_unknown_fields)]
pub struct Cloth {
    /// Its family.
    pub family: ClothFamily,
    /// Its fibre.
    pub fibre: Fibre,
    /// How it frays.
    pub fray: Fray,
    /// Share it extends under a light pull: 0 for a firm woven, 0.25 for a quarter longer.
    pub stretch: f64,
    /// Thickness of cloth and lining together; takes `2πT` from the ease when measured outside.
    pub thickness: Length,
    /// What lies on its face.
    #[serde(default)]
    pub surface: Surface,
    /// Cut on the bias: it drops while it hangs.
    #[serde(default)]
    pub bias: bool,
    /// How it looks, where somebody has said.
    #[serde(default)]
    pub look: Option<Look>,
}
