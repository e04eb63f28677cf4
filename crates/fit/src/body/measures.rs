//! A wearer's body: girths and lengths with the day they were taken.

use std::collections::BTreeMap;
use strum::EnumCount;

use chrono::NaiveDate;
use serde::{Deserialize, Serialize};

use crate::unit::length::Length;

/// A measure of the body, named as in ISO 8559-1 where the standard has a name for it.
#[derive(Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord, Hash, Serialize, Deserialize, EnumCount)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum MeasureName {
    /// Girth of the head: what a neckline without an opening has to let through.
    Head,
    /// Neck girth at its base.
    Neck,
    /// Shoulder to shoulder across the back.
    Shoulder,
    /// Girth round both shoulders and upper arms: what a body without an opening has to pass.
    ShoulderGirth,
    /// Width across the back at the middle of the armholes, arms hanging.
    AcrossBack,
    /// Girth round the fullest part of the bust or chest.
    Bust,
    /// Girth below the bust.
    UnderBust,
    /// Length from the nape to the waist.
    NapeToWaist,
    /// Length from the neck point over the bust point.
    NeckToBust,
    /// Length from shoulder point over the bent elbow to the wrist.
    ArmLength,
    /// Length from shoulder point to the bent elbow.
    ShoulderToElbow,
    /// Girth of the upper arm.
    UpperArm,
    /// Girth of the elbow, bent a little.
    Elbow,
    /// Girth round the hand at its widest, thumb in: what a closed cuff has to let through.
    Hand,
    /// Waist girth, standing.
    Waist,
    /// Waist girth, sitting: it decides whether a band is comfortable.
    WaistSeated,
    /// Girth 100 mm below the waist.
    HighHip,
    /// Girth round the fullest part of the seat.
    Hip,
    /// Girth of one thigh, just below the crotch.
    Thigh,
    /// Girth of one knee, bent a little.
    Knee,
    /// Girth of one calf at its fullest.
    Calf,
    /// Girth round heel and instep: what a closed hem has to let through.
    HeelInstep,
    /// Inside leg length, crotch to floor.
    InsideLeg,
    /// Outside leg length, waist to floor over the hip.
    OutsideLeg,
    /// Height of the middle of the kneecap above the floor.
    KneeHeight,
    /// Height of the outer ankle bone above the floor.
    AnkleHeight,
    /// Height of the fingertips above the floor, arms hanging.
    FingertipHeight,
    /// Body rise: waist to seat, sitting.
    BodyRise,
    /// Crotch length: waist at front to waist at back, between the legs.
    CrotchLength,
    /// Height without shoes.
    Height,
}

impl MeasureName {
    /// Every measure, in the order a tape goes down the body.
    pub const ALL: [MeasureName; MeasureName::COUNT] = [
        MeasureName::Height,
        MeasureName::Head,
        MeasureName::Neck,
        MeasureName::Shoulder,
        MeasureName::ShoulderGirth,
        MeasureName::AcrossBack,
        MeasureName::Bust,
        MeasureName::UnderBust,
        MeasureName::NapeToWaist,
        MeasureName::NeckToBust,
        MeasureName::ArmLength,
        MeasureName::ShoulderToElbow,
        MeasureName::UpperArm,
        MeasureName::Elbow,
        MeasureName::Hand,
        MeasureName::Waist,
        MeasureName::WaistSeated,
        MeasureName::HighHip,
        MeasureName::Hip,
        MeasureName::BodyRise,
        MeasureName::CrotchLength,
        MeasureName::Thigh,
        MeasureName::Knee,
        MeasureName::Calf,
        MeasureName::HeelInstep,
        MeasureName::OutsideLeg,
        MeasureName::InsideLeg,
        MeasureName::KneeHeight,
        MeasureName::AnkleHeight,
        MeasureName::FingertipHeight,
    ];

    /// What it is called in a sentence.
    #[must_use]
    pub const fn words(self) -> &'static str {
        match self {
            MeasureName::Head => "head",
            MeasureName::Neck => "neck",
            MeasureName::Shoulder => "shoulder to shoulder",
            MeasureName::ShoulderGirth => "round the shoulders",
            MeasureName::AcrossBack => "across the back",
            MeasureName::Bust => "bust or chest",
            MeasureName::UnderBust => "under-bust",
            MeasureName::NapeToWaist => "nape to waist",
            MeasureName::NeckToBust => "neck to bust point",
            MeasureName::ArmLength => "arm length",
            MeasureName::UpperArm => "upper arm",
            MeasureName::Elbow => "elbow",
            MeasureName::Hand => "hand",
            MeasureName::Waist => "waist",
            MeasureName::WaistSeated => "waist, seated",
            MeasureName::HighHip => "high hip",
            MeasureName::Hip => "hip",
            MeasureName::Thigh => "thigh",
            MeasureName::Knee => "knee",
            MeasureName::Calf => "calf",
            MeasureName::HeelInstep => "heel and instep",
            MeasureName::InsideLeg => "inside leg",
            MeasureName::OutsideLeg => "outside leg",
            MeasureName::KneeHeight => "knee height",
            MeasureName::AnkleHeight => "ankle bone height",
            MeasureName::FingertipHeight => "fingertip height",
            MeasureName::ShoulderToElbow => "shoulder to elbow",
            MeasureName::BodyRise => "body rise, seated",
            MeasureName::CrotchLength => "crotch length",
            MeasureName::Height => "height",
        }
    }

    /// Where the tape lies and how, where the name does not say it all.
    #[must_use]
    pub const fn hint(self) -> &'static str {
        match self {
            MeasureName::Head => "level, above the brows",
            MeasureName::Neck => "round its base",
            MeasureName::Shoulder => "across the back, bone to bone",
            MeasureName::ShoulderGirth => "round both shoulders and upper arms",
            MeasureName::AcrossBack => "at the middle of the armholes, arms hanging",
            MeasureName::Bust => "round the fullest part, level",
            MeasureName::UnderBust => "level, breathing out",
            MeasureName::NapeToWaist => "from the bone at the nape, down the back",
            MeasureName::NeckToBust => "from where neck and shoulder meet",
            MeasureName::ArmLength => "shoulder bone over the bent elbow to the wrist",
            MeasureName::ShoulderToElbow => "shoulder bone to the bent elbow",
            MeasureName::UpperArm => "round the fullest part, arm hanging",
            MeasureName::Elbow => "bent a little",
            MeasureName::Hand => "at its widest, thumb in",
            MeasureName::Waist => "where it bends to the side",
            MeasureName::WaistSeated => "sitting: it decides comfort",
            MeasureName::HighHip => "a hand below the waist",
            MeasureName::Hip => "round the fullest part",
            MeasureName::Thigh => "just below the crotch",
            MeasureName::Knee => "bent a little",
            MeasureName::Calf => "at its fullest",
            MeasureName::HeelInstep => "what a hem must let through",
            MeasureName::InsideLeg => "crotch to floor",
            MeasureName::OutsideLeg => "waist to floor, over the hip",
            MeasureName::KneeHeight => "middle of the kneecap to the floor",
            MeasureName::AnkleHeight => "outer ankle bone to the floor",
            MeasureName::FingertipHeight => "fingertips to the floor, arms hanging",
            MeasureName::BodyRise => "sitting: waist to the seat of the chair",
            MeasureName::CrotchLength => "waist in front, between the legs, to waist at the back",
            MeasureName::Height => "without shoes",
        }
    }

    /// The shortest and longest this measure can be on a person, child to giant.
    #[must_use]
    pub const fn plausible(self) -> (Length, Length) {
        let (least, most) = match self {
            MeasureName::Head => (400, 720),
            MeasureName::Neck => (200, 700),
            MeasureName::Shoulder | MeasureName::AcrossBack => (200, 700),
            MeasureName::ShoulderGirth => (500, 2200),
            MeasureName::Bust | MeasureName::UnderBust => (400, 2200),
            MeasureName::NapeToWaist => (200, 650),
            MeasureName::NeckToBust => (120, 500),
            MeasureName::ArmLength => (250, 900),
            MeasureName::UpperArm => (130, 800),
            MeasureName::Elbow => (120, 600),
            MeasureName::Hand => (120, 350),
            MeasureName::Waist | MeasureName::WaistSeated => (350, 2200),
            MeasureName::HighHip | MeasureName::Hip => (400, 2400),
            MeasureName::Thigh => (200, 1300),
            MeasureName::Knee => (150, 900),
            MeasureName::Calf => (150, 900),
            MeasureName::HeelInstep => (180, 600),
            MeasureName::InsideLeg => (300, 1200),
            MeasureName::OutsideLeg => (400, 1500),
            MeasureName::KneeHeight => (200, 800),
            MeasureName::AnkleHeight => (30, 150),
            MeasureName::FingertipHeight => (250, 1000),
            MeasureName::ShoulderToElbow => (150, 500),
            MeasureName::BodyRise => (120, 500),
            MeasureName::CrotchLength => (350, 1500),
            MeasureName::Height => (700, 2500),
        };
        (Length::whole_mm(least), Length::whole_mm(most))
    }
}

/// One layer worn under the garment when it is tried on.
#[derive(Debug, Clone, PartialEq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(deny_unknown_fields)]
pub struct Layer {
    /// What it is: shirt tail, thermal leggings.
    pub name: String,
    /// Its thickness; it takes `2π` times this from the ease at every level.
    pub thickness: Length,
}

/// A wearer's measures as they stood on one day, over the layers that will be worn.
#[derive(Debug, Clone, PartialEq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(deny_unknown_fields)]
pub struct Body {
    /// The day they were taken.
    #[cfg_attr(feature = "schema", schema(value_type = String, format = Date))]
    pub taken_on: NaiveDate,
    /// The measures taken; any may be missing.
    #[serde(default)]
    #[cfg_attr(feature = "schema", schema(value_type = std::collections::HashMap<MeasureName, Length>))]
    pub measures: BTreeMap<MeasureName, Length>,
    /// What is worn underneath, from the skin outward.
    #[serde(default)]
    pub layers: Vec<Layer>,
}

impl Body {
    /// The measure, when it was taken.
    #[must_use]
    pub fn get(&self, name: MeasureName) -> Option<Length> {
        self.measures.get(&name).copied()
    }

    /// What all layers underneath take from the ease: `Σ 2πt`.
    #[must_use]
    pub fn layers_take(&self) -> Length {
        let thickness: Length = self.layers.iter().map(|layer| layer.thickness).sum();
        Length::from_mm(std::f64::consts::TAU * thickness.mm())
    }
}

/// A person with every day they were measured.
#[derive(Debug, Clone, PartialEq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(deny_unknown_fields)]
pub struct Wearer {
    /// What they are called.
    pub name: String,
    /// Their measures, oldest day first, one entry a day.
    #[serde(default)]
    pub measured: Vec<Body>,
}

impl Wearer {
    /// The measures that hold on a day: the newest taken by then, else the oldest there are.
    #[must_use]
    pub fn body_on(&self, day: NaiveDate) -> Option<&Body> {
        self.measured.iter().rev().find(|body| body.taken_on <= day).or_else(|| self.measured.first())
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn a_jumper_takes_nineteen_from_the_ease() {
        let body = Body {
            taken_on: NaiveDate::from_ymd_opt(2026, 3, 2).unwrap(),
            measures: BTreeMap::new(),
            layers: vec![Layer { name: "jumper".into(), thickness: Length::whole_mm(3) }],
        };
        assert_eq!(body.layers_take().mm().round(), 19.0);
    }
}
