//! What is wanted of a hem: how long, made level how, sewn how, and what was read round it.

use serde::{Deserialize, Serialize};

use super::error::HemError;
use super::kind::HemKind;
use super::landmark::Landmark;
use crate::garment::{HemName, Shape, SleeveBuild};
use crate::house::choice::{LevelBy, LiningEdge, LiningHangs};
use crate::house::ranges;
use crate::reading::side::Side;
use crate::solve::job_error::{JobError, within};
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

    /// Checks every number against what a hem can have, and the hem against its garment.
    ///
    /// # Errors
    /// The first thing no hem of this garment has, with its place below `path`.
    pub(crate) fn check(&self, shape: &Shape, path: &str) -> Result<(), JobError> {
        let at = |part: &str| format!("{path}.{part}");
        if self.hem == HemName::Sleeve && shape.sleeve_build() == SleeveBuild::None {
            return Err(JobError::at(at("hem"), HemError::NoSleeve));
        }
        let on_sleeve = self.hem == HemName::Sleeve;
        match self.wanted {
            Wanted::Edge { shorten } => {
                within(at("wanted.shorten"), ranges::SHORTEN, shorten.mm())?;
            }
            Wanted::Floor { height } => {
                if on_sleeve {
                    return Err(JobError::at(at("wanted"), HemError::SleeveFromFloor));
                }
                within(at("wanted.height"), ranges::FLOOR, height.mm())?;
            }
            Wanted::Garment { length } => {
                within(at("wanted.length"), ranges::OTHER_LENGTH, length.mm())?;
            }
            Wanted::Landmark { landmark, below } => {
                if landmark.on_arm() != on_sleeve {
                    return Err(JobError::at(at("wanted.landmark"), HemError::Landmark { landmark }));
                }
                // Nothing hangs below the floor.
                let most = if landmark == Landmark::Shoe { 0.0 } else { 900.0 };
                within(at("wanted.below"), ranges::BELOW.up_to(most), below.mm())?;
            }
            Wanted::Pins => {}
        }
        within(at("shoes"), ranges::SHOES, self.shoes.mm())?;
        if let Some(allowance) = self.allowance {
            within(at("allowance"), ranges::HEM_ALLOWANCE, allowance.mm())?;
        }
        if let Some(high_low) = self.high_low {
            for (name, length) in [("front", high_low.front), ("back", high_low.back)] {
                within(at(&format!("high_low.{name}")), ranges::UNEVEN, length.mm())?;
            }
            for (name, length) in [("blend_front", high_low.blend_front), ("blend_back", high_low.blend_back)]
            {
                within(at(&format!("high_low.{name}")), ranges::BLEND, length.mm())?;
            }
        }
        if let Some(ShortenAt::Tuck { above }) = self.shorten_at {
            within(at("shorten_at.above"), ranges::TUCK_ABOVE, above.mm())?;
        }
        let count = self.readings.len() as f64;
        within(at("readings"), ranges::HEM_READINGS, count)?;
        let mut ids = std::collections::BTreeSet::new();
        for (i, reading) in self.readings.iter().enumerate() {
            let at = |part: &str| format!("{path}.readings[{i}].{part}");
            if !ids.insert(&reading.id) {
                return Err(JobError::at(at("id"), HemError::SameId(reading.id.clone())));
            }
            if shape.is_paired_hem(self.hem) == (reading.side == Side::Centre) {
                return Err(JobError::at(at("side"), HemError::Side { hem: self.hem, side: reading.side }));
            }
            within(at("at"), ranges::AROUND, reading.at)?;
            match reading.read {
                HemRead::FloorToEdge if on_sleeve => {
                    return Err(JobError::at(at("read"), HemError::SleeveFromFloor));
                }
                HemRead::FloorToEdge => {
                    within(
                        at("length"),
                        ranges::HEM_READ.of("the height of the edge").from(0.0),
                        reading.length.mm(),
                    )?;
                }
                HemRead::EdgeToPin => {
                    within(
                        at("length"),
                        ranges::HEM_READ.of("what is pinned up").up_to(1500.0),
                        reading.length.mm(),
                    )?;
                }
            }
        }
        Ok(())
    }
}
