//! How a cloth looks: its colour, and its weave or print.

use serde::{Deserialize, Serialize};
use strum::{EnumCount, VariantArray};

use super::colour::Colour;
use crate::every::every;
use crate::unit::length::Length;

/// A weave or a print, as the eye tells them apart.
#[derive(
    Debug,
    Clone,
    Copy,
    PartialEq,
    Eq,
    PartialOrd,
    Ord,
    Hash,
    Serialize,
    Deserialize,
    Default,
    EnumCount,
    VariantArray,
)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum Weave {
    /// One colour, no structure that shows.
    #[default]
    Plain,
    /// Fine diagonals.
    Twill,
    /// Coarse diagonals, the weft showing.
    Denim,
    /// Ribs of pile down the length.
    Corduroy,
    /// A pile that shines against the light.
    Velvet,
    /// Diagonals that turn, rib by rib.
    Herringbone,
    /// Ribs of a knit down the length.
    Rib,
    /// Stripes down the length, as wide as what lies between them.
    Stripe,
    /// Thin stripes down the length, far apart.
    Pinstripe,
    /// Stripes round the body.
    Hoops,
    /// Stripes both ways.
    Check,
    /// Spots.
    Dots,
    /// Scattered flowers.
    Floral,
    /// A print along one edge, which lies at the hem.
    Border,
}

impl Weave {
    /// Every weave and print, in the order they are offered.
    pub const ALL: [Weave; Weave::COUNT] = every();

    /// What it is called.
    #[must_use]
    pub const fn words(self) -> &'static str {
        match self {
            Weave::Plain => "plain",
            Weave::Twill => "twill",
            Weave::Denim => "denim",
            Weave::Corduroy => "corduroy",
            Weave::Velvet => "velvet",
            Weave::Herringbone => "herringbone",
            Weave::Rib => "rib",
            Weave::Stripe => "stripes down",
            Weave::Pinstripe => "pinstripes",
            Weave::Hoops => "stripes round",
            Weave::Check => "check",
            Weave::Dots => "spots",
            Weave::Floral => "flowers",
            Weave::Border => "border print",
        }
    }

    /// How far apart it repeats where nobody has measured, in whole millimetres: house figures, by what is most often
    /// sold; nothing where no repeat shows.
    #[must_use]
    pub const fn usual_repeat(self) -> i64 {
        match self {
            Weave::Plain | Weave::Velvet => 0,
            Weave::Twill => 3,
            Weave::Denim | Weave::Corduroy | Weave::Rib => 5,
            Weave::Herringbone => 16,
            Weave::Stripe => 12,
            Weave::Pinstripe | Weave::Dots => 20,
            Weave::Hoops => 24,
            Weave::Check => 30,
            Weave::Floral => 60,
            Weave::Border => 120,
        }
    }

    /// True where it has to meet at a seam: what shows a repeat that is not matched.
    #[must_use]
    pub const fn is_matched(self) -> bool {
        matches!(self, Weave::Stripe | Weave::Pinstripe | Weave::Hoops | Weave::Check | Weave::Border)
    }

    /// True where a second colour shows.
    #[must_use]
    pub const fn has_second(self) -> bool {
        !matches!(self, Weave::Plain | Weave::Twill | Weave::Velvet | Weave::Rib | Weave::Corduroy)
    }
}

/// How a cloth looks.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(deny_unknown_fields)]
pub struct Look {
    /// Its ground.
    pub colour: Colour,
    /// Its weave or print.
    #[serde(default)]
    pub weave: Weave,
    /// The colour of its stripes, spots or flowers; a shade of the ground where none is said.
    #[serde(default)]
    pub second: Option<Colour>,
    /// How far apart it repeats, or how high a border is; as is usual where nobody has measured.
    #[serde(default)]
    pub repeat: Option<Length>,
    /// The colour of the lining, where it is lined.
    #[serde(default)]
    pub lining: Option<Colour>,
}

impl Look {
    /// How far apart it repeats.
    #[must_use]
    pub fn repeats_every(&self) -> Length {
        self.repeat
            .filter(|repeat| *repeat > Length::default())
            .unwrap_or(Length::whole_mm(self.weave.usual_repeat()))
    }
}
