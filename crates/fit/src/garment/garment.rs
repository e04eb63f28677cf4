//! A garment.

use std::collections::BTreeMap;

use serde::{Deserialize, Serialize};

use super::band::Band;
use super::feature::LiningNow;
use super::kind::Kind;
use super::parts::Parts;
use super::shape::Shape;
use super::wish::Wish;
use crate::body::level::LevelName;
use crate::cloth::family::{Cloth, Fibre};
use crate::cloth::wash::WashTest;
use crate::unit::length::Length;

/// Where a garment came from, which decides what is known of it.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize, Default)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum Source {
    /// A trial garment in cheap cloth.
    Toile,
    /// The real cloth, tacked together with wide allowances and traced stitching lines: nothing is sewn yet.
    InTheMaking,
    /// Bought new.
    ReadyMade,
    /// Second-hand or vintage: no pattern, unknown allowances, maybe irreplaceable.
    #[default]
    Thrifted,
}

impl Source {
    /// True where it was sewn once: it has stitching to open, a hem, a band, a lining that are closed.
    #[must_use]
    pub const fn is_sewn(self) -> bool {
        matches!(self, Source::ReadyMade | Source::Thrifted)
    }

    /// Where a hem is now.
    #[must_use]
    pub const fn fold(self) -> &'static str {
        match self {
            Source::Toile | Source::ReadyMade | Source::Thrifted => "old fold",
            Source::InTheMaking => "traced hem line",
        }
    }

    /// What depths are read from.
    #[must_use]
    pub const fn stitching(self) -> &'static str {
        match self {
            Source::Toile | Source::ReadyMade | Source::Thrifted => "old stitching",
            Source::InTheMaking => "traced line",
        }
    }
}

/// What a garment is for, where that forbids altering it on one's own say.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize, Default)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum Purpose {
    /// Everyday clothing.
    #[default]
    Everyday,
    /// Protective, flame-resistant, high-visibility, medical compression or flotation wear.
    Protective,
    /// Children's nightwear.
    ChildNightwear,
}

/// One garment.
#[derive(Debug, Clone, PartialEq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(deny_unknown_fields)]
pub struct Garment {
    /// What its owner calls it.
    pub name: String,
    /// Where it came from.
    #[serde(default)]
    pub source: Source,
    /// What it is for.
    #[serde(default)]
    pub purpose: Purpose,
    /// Its cloth.
    #[serde(default)]
    pub cloth: Cloth,
    /// Washed and dried since it came, so that it will not shrink after the cut.
    #[serde(default)]
    pub washed: bool,
    /// What a wash took from a swatch of it, or from itself.
    #[serde(default)]
    pub wash_test: Option<WashTest>,
    /// What is wished of it.
    #[serde(default)]
    pub wish: Wish,
    /// Ease wanted at a level of this garment, in place of the habit's and the house table's.
    #[serde(default)]
    #[cfg_attr(feature = "schema", schema(value_type = std::collections::HashMap<LevelName, Length>))]
    pub ease: BTreeMap<LevelName, Length>,
    /// Its kind, measures and construction.
    pub shape: Shape,
}

/// What a garment's band and hem are until somebody measures them, in millimetres, and its cloth's thickness.
const USUAL_BAND: f64 = 38.0;
const USUAL_TURN_UP: f64 = 40.0;
const USUAL_THICKNESS: f64 = 1.0;

impl Garment {
    /// One that nobody has looked at yet, as its sheet begins: what is not said is left to the house.
    #[must_use]
    pub fn blank() -> Garment {
        let shape = Shape {
            kind: Kind::Trousers,
            flats: BTreeMap::new(),
            seams: Vec::new(),
            sleeves: None,
            allowances: Vec::new(),
            clips: Vec::new(),
            fixtures: Vec::new(),
            lacing: None,
            band: Band { height: Length::from_mm(USUAL_BAND), ..Band::default() },
            turn_up: Length::from_mm(USUAL_TURN_UP),
            sleeve_turn_up: None,
            topstitched: Vec::new(),
            felled: Vec::new(),
            lined: false,
            underlined: false,
            lining: LiningNow::default(),
            near_hems: Vec::new(),
            back_pocket_gap: None,
            parts: Parts::default(),
        };
        Garment {
            name: String::new(),
            source: Source::Thrifted,
            purpose: Purpose::Everyday,
            cloth: Cloth { thickness: Length::from_mm(USUAL_THICKNESS), ..Cloth::default() },
            washed: false,
            wash_test: None,
            wish: Wish::default(),
            ease: BTreeMap::new(),
            shape,
        }
    }

    /// True for what goes into the machine like anything else: not wool, silk, lined or tailored things, which go by
    /// their label and a swatch; nor what is not sewn yet, nor a toile.
    #[must_use]
    pub fn washes_by_machine(&self) -> bool {
        let delicate = matches!(self.cloth.fibre, Fibre::Wool | Fibre::Silk);
        let built = self.shape.lined || self.shape.underlined || self.shape.kind.is_tailored();
        self.source.is_sewn() && !delicate && !built
    }
}
