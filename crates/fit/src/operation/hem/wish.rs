//! What is wanted of a hem: how long, made level how, sewn how, and what was read round it.

use serde::{Deserialize, Serialize};

use super::error::{HemAmiss, HemError};
use super::landmark::Landmark;
use crate::garment::hem_kind::HemKind;
use crate::garment::side::Side;
use crate::garment::{HemName, Shape, SleeveBuild};
use crate::house::choice::{LevelBy, LiningEdge, LiningHangs};
use crate::house::ranges::{self, Range};
use crate::unit::length::Length;

/// Where the finished hem shall be.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(tag = "from", rename_all = "snake_case", deny_unknown_fields)]
pub enum Wanted {
    /// So much shorter than the edge it has; negative is longer.
    Edge {
        /// Shorter by.
        shorten: Length,
    },
    /// So high above the floor.
    Floor {
        /// Height of the finished edge.
        height: Length,
    },
    /// As long as another garment, measured along the same seam: outseam, side or sleeve.
    Garment {
        /// The other garment's length there.
        length: Length,
    },
    /// At a place of the body.
    Landmark {
        /// The place.
        landmark: Landmark,
        /// So far below it; negative is above.
        below: Length,
    },
    /// Where it is pinned up at the mirror.
    Pins,
}

/// How a reading round the hem was taken.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum HemRead {
    /// From the floor up to the edge it has.
    FloorToEdge,
    /// From the edge it has up to the pin; negative lets down.
    EdgeToPin,
}

/// One reading at one place of the hem.
#[derive(Debug, Clone, PartialEq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(deny_unknown_fields)]
pub struct HemReading {
    /// Its id, made by whoever reads it.
    #[cfg_attr(feature = "schema", schema(min_length = 1, max_length = 64))]
    pub id: String,
    /// Which leg or sleeve; `centre` for a hem there is only one of.
    pub side: Side,
    /// Where round the hem, in degrees: a skirt from the centre front over the left side; a leg from the
    /// inseam over the front; a sleeve from its underarm over the front.
    pub at: f64,
    /// What was read.
    pub read: HemRead,
    /// How much.
    pub length: Length,
}

/// What becomes of two legs or sleeves that read differently.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize, Default)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum HemPair {
    /// Both the mean of the two.
    #[default]
    Even,
    /// Both as the left reads.
    AsLeft,
    /// Both as the right reads.
    AsRight,
    /// Each as it reads: a body that is uneven.
    Own,
}

/// A hem that is uneven on purpose. Between the side seams and the blends it keeps its full difference.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(deny_unknown_fields)]
pub struct HighLow {
    /// How much shorter the centre front is than the sides; negative is longer.
    #[serde(default)]
    pub front: Length,
    /// How much longer the centre back is than the sides; negative is shorter.
    #[serde(default)]
    pub back: Length,
    /// How far forward of the side seam the front's difference is reached.
    pub blend_front: Length,
    /// How far back of the side seam the back's difference is reached.
    pub blend_back: Length,
}

/// Where an edge that cannot be cut is shortened instead.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(tag = "at", rename_all = "snake_case", deny_unknown_fields)]
pub enum ShortenAt {
    /// At the waist seam, or under the band.
    WaistSeam,
    /// In a tuck all round.
    Tuck {
        /// How far above the edge its lower stitching lies.
        above: Length,
    },
}

/// What becomes of the lining at this hem, where it is not left to the habits.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize, Default)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(deny_unknown_fields, default)]
pub struct LiningWish {
    /// How it hangs.
    pub hangs: Option<LiningHangs>,
    /// What becomes of its edge.
    pub edge: Option<LiningEdge>,
}

/// Everything wanted of one hem.
#[derive(Debug, Clone, PartialEq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(deny_unknown_fields)]
pub struct HemWish {
    /// Which hem.
    pub hem: HemName,
    /// Where the finished edge shall be.
    pub wanted: Wanted,
    /// How it is made level; the habit where nothing is said.
    #[serde(default)]
    pub level_by: Option<LevelBy>,
    /// What was read round it, in turning order.
    #[serde(default)]
    pub readings: Vec<HemReading>,
    /// What becomes of two legs or sleeves that read differently.
    #[serde(default)]
    pub pair: HemPair,
    /// How it is sewn; what suits cloth and shape where nothing is said.
    #[serde(default)]
    pub kind: Option<HemKind>,
    /// How much is turned up in all; the kind's where nothing is said.
    #[serde(default)]
    pub allowance: Option<Length>,
    /// Uneven on purpose.
    #[serde(default)]
    pub high_low: Option<HighLow>,
    /// How much the shoes lift the heel above the bare floor.
    #[serde(default)]
    pub shoes: Length,
    /// Where it is shortened when its edge is not cut.
    #[serde(default)]
    pub shorten_at: Option<ShortenAt>,
    /// The lining, where there is one.
    #[serde(default)]
    pub lining: LiningWish,
    /// True where the corner at a facing is mitred; it is turned back over the hem otherwise, and nothing is cut.
    #[serde(default)]
    pub mitre_facing: bool,
}

impl HemWish {
    /// A hem with nothing said but where it shall be.
    #[must_use]
    pub fn new(hem: HemName, wanted: Wanted) -> HemWish {
        HemWish {
            hem,
            wanted,
            level_by: None,
            readings: Vec::new(),
            pair: HemPair::default(),
            kind: None,
            allowance: None,
            high_low: None,
            shoes: Length::ZERO,
            shorten_at: None,
            lining: LiningWish::default(),
            mitre_facing: false,
        }
    }

    /// What no hem of its garment can have: one thing of the wish itself, or what is amiss with each of its readings.
    pub(crate) fn amiss(&self, shape: &Shape) -> Vec<HemAmiss> {
        if let Err((field, error)) = self.check(shape) {
            return vec![HemAmiss { reading: None, field, error }];
        }
        let check = |(i, reading): (usize, &HemReading)| {
            let (field, error) = self.check_reading(shape, reading).err()?;
            Some(HemAmiss { reading: Some(i), field, error })
        };
        self.readings.iter().enumerate().filter_map(check).collect()
    }

    /// Which reading has the id of one before it.
    pub(crate) fn same_id(&self) -> Option<usize> {
        let mut ids = std::collections::BTreeSet::new();
        self.readings.iter().position(|reading| !ids.insert(&reading.id))
    }

    /// Checks every number of the wish against what a hem can have, and the hem against its garment.
    fn check(&self, shape: &Shape) -> Result<(), (&'static str, HemError)> {
        let within = |field, range: Range, length: Length| in_range(field, range, length.mm());
        if self.hem == HemName::Sleeve && shape.sleeve_build() == SleeveBuild::None {
            return Err(("hem", HemError::NoSleeve));
        }
        self.check_wanted()?;
        within("shoes", ranges::SHOES, self.shoes)?;
        if let Some(allowance) = self.allowance {
            within("allowance", ranges::HEM_ALLOWANCE, allowance)?;
        }
        if let Some(high_low) = self.high_low {
            within("high_low.front", ranges::UNEVEN, high_low.front)?;
            within("high_low.back", ranges::UNEVEN, high_low.back)?;
            within("high_low.blend_front", ranges::BLEND, high_low.blend_front)?;
            within("high_low.blend_back", ranges::BLEND, high_low.blend_back)?;
        }
        if let Some(ShortenAt::Tuck { above }) = self.shorten_at {
            within("shorten_at.above", ranges::TUCK_ABOVE, above)?;
        }
        in_range("readings", ranges::HEM_READINGS, self.readings.len() as f64)
    }

    fn check_wanted(&self) -> Result<(), (&'static str, HemError)> {
        let within = |field, range: Range, length: Length| in_range(field, range, length.mm());
        let on_sleeve = self.hem == HemName::Sleeve;
        match self.wanted {
            Wanted::Edge { shorten } => within("wanted.shorten", ranges::SHORTEN, shorten),
            Wanted::Floor { .. } if on_sleeve => Err(("wanted", HemError::SleeveFromFloor)),
            Wanted::Floor { height } => within("wanted.height", ranges::FLOOR, height),
            Wanted::Garment { length } => within("wanted.length", ranges::OTHER_LENGTH, length),
            Wanted::Landmark { landmark, .. } if landmark.on_arm() != on_sleeve => {
                Err(("wanted.landmark", HemError::Landmark { landmark }))
            }
            Wanted::Landmark { landmark, below } => {
                // Nothing hangs below the floor.
                let most = if landmark == Landmark::Shoe { 0.0 } else { 900.0 };
                within("wanted.below", ranges::BELOW.up_to(most), below)
            }
            Wanted::Pins => Ok(()),
        }
    }

    fn check_reading(&self, shape: &Shape, reading: &HemReading) -> Result<(), (&'static str, HemError)> {
        if shape.is_paired_hem(self.hem) == (reading.side == Side::Centre) {
            return Err(("side", HemError::Side { hem: self.hem, side: reading.side }));
        }
        in_range("at", ranges::AROUND, reading.at)?;
        let range = match reading.read {
            HemRead::FloorToEdge if self.hem == HemName::Sleeve => {
                return Err(("read", HemError::SleeveFromFloor));
            }
            HemRead::FloorToEdge => ranges::HEM_READ.of("the height of the edge").from(0.0),
            HemRead::EdgeToPin => ranges::HEM_READ.of("what is pinned up").up_to(1500.0),
        };
        in_range("length", range, reading.length.mm())
    }
}

fn in_range(field: &'static str, range: Range, read: f64) -> Result<(), (&'static str, HemError)> {
    range.holds(read).map_err(|beyond| (field, beyond.into()))
}
