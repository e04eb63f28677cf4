//! A wearer's body: girths and lengths with the day they were taken.

use std::collections::BTreeMap;

use chrono::NaiveDate;
use serde::{Deserialize, Serialize};
use strum::EnumCount;

use crate::unit::length::Length;

/// A measure is a row: what it is, what it is called, how it is taken, and the least and the most anybody measures there, in
/// millimetres.
macro_rules! measures {
    ($($(#[$what:meta])* $name:ident $words:literal $hint:literal $least:literal $most:literal;)*) => {
        /// A measure of the body, named as in ISO 8559-1 where the standard has a name for it.
        #[derive(Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord, Hash, Serialize, Deserialize, EnumCount)]
        #[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
        #[serde(rename_all = "snake_case")]
        pub enum MeasureName {
            $($(#[$what])* $name,)*
        }

        impl MeasureName {
            /// What it is called in a sentence.
            #[must_use]
            pub const fn words(self) -> &'static str {
                match self { $(MeasureName::$name => $words,)* }
            }

            /// Where the tape lies and how, where the name does not say it all.
            #[must_use]
            pub const fn hint(self) -> &'static str {
                match self { $(MeasureName::$name => $hint,)* }
            }

            /// The shortest and longest this measure can be on a person, child to giant.
            #[must_use]
            pub const fn plausible(self) -> (Length, Length) {
                match self { $(MeasureName::$name => (Length::whole_mm($least), Length::whole_mm($most)),)* }
            }
        }
    };
}

measures! {
    /// Girth of the head: what a neckline without an opening has to let through.
    Head "head" "level, above the brows" 400 720;
    /// Neck girth at its base.
    Neck "neck" "round its base" 200 700;
    /// Shoulder to shoulder across the back.
    Shoulder "shoulder to shoulder" "across the back, bone to bone" 200 700;
    /// Girth round both shoulders and upper arms: what a body without an opening has to pass.
    ShoulderGirth "round the shoulders" "round both shoulders and upper arms" 500 2200;
    /// Width across the back at the middle of the armholes, arms hanging.
    AcrossBack "across the back" "at the middle of the armholes, arms hanging" 200 700;
    /// Girth round the fullest part of the bust or chest.
    Bust "bust or chest" "round the fullest part, level" 400 2200;
    /// Girth below the bust.
    UnderBust "under-bust" "level, breathing out" 400 2200;
    /// Length from the nape to the waist.
    NapeToWaist "nape to waist" "from the bone at the nape, down the back" 200 650;
    /// Length from the neck point over the bust point.
    NeckToBust "neck to bust point" "from where neck and shoulder meet" 120 500;
    /// Length from shoulder point over the bent elbow to the wrist.
    ArmLength "arm length" "shoulder bone over the bent elbow to the wrist" 250 900;
    /// Length from shoulder point to the bent elbow.
    ShoulderToElbow "shoulder to elbow" "shoulder bone to the bent elbow" 150 500;
    /// Girth of the upper arm.
    UpperArm "upper arm" "round the fullest part, arm hanging" 130 800;
    /// Girth of the elbow, bent a little.
    Elbow "elbow" "bent a little" 120 600;
    /// Girth round the hand at its widest, thumb in: what a closed cuff has to let through.
    Hand "hand" "at its widest, thumb in" 120 350;
    /// Waist girth, standing.
    Waist "waist" "where it bends to the side" 350 2200;
    /// Waist girth, sitting: it decides whether a band is comfortable.
    WaistSeated "waist, seated" "sitting: it decides comfort" 350 2200;
    /// Girth 100 mm below the waist.
    HighHip "high hip" "a hand below the waist" 400 2400;
    /// Girth round the fullest part of the seat.
    Hip "hip" "round the fullest part" 400 2400;
    /// Girth of one thigh, just below the crotch.
    Thigh "thigh" "just below the crotch" 200 1300;
    /// Girth of one knee, bent a little.
    Knee "knee" "bent a little" 150 900;
    /// Girth of one calf at its fullest.
    Calf "calf" "at its fullest" 150 900;
    /// Girth round heel and instep: what a closed hem has to let through.
    HeelInstep "heel and instep" "what a hem must let through" 180 600;
    /// Inside leg length, crotch to floor.
    InsideLeg "inside leg" "crotch to floor" 300 1200;
    /// Outside leg length, waist to floor over the hip.
    OutsideLeg "outside leg" "waist to floor, over the hip" 400 1500;
    /// Height of the middle of the kneecap above the floor.
    KneeHeight "knee height" "middle of the kneecap to the floor" 200 800;
    /// Height of the outer ankle bone above the floor.
    AnkleHeight "ankle bone height" "outer ankle bone to the floor" 30 150;
    /// Height of the fingertips above the floor, arms hanging.
    FingertipHeight "fingertip height" "fingertips to the floor, arms hanging" 250 1000;
    /// Body rise: waist to seat, sitting.
    BodyRise "body rise, seated" "sitting: waist to the seat of the chair" 120 500;
    /// Crotch length: waist at front to waist at back, between the legs.
    CrotchLength "crotch length" "waist in front, between the legs, to waist at the back" 350 1500;
    /// Height without shoes.
    Height "height" "without shoes" 700 2500;
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
