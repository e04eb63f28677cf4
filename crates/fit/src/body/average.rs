//! An average body, and how one that is measured in part is completed by it.

use std::collections::BTreeMap;

use super::measures::{Body, MeasureName};
use crate::unit::length::Length;

/// An average body, in millimetres: what is ghosted until somebody measures. House figures.
const fn average(measure: MeasureName) -> f64 {
    match measure {
        MeasureName::Height => 1690.0,
        MeasureName::Head => 565.0,
        MeasureName::Neck => 360.0,
        MeasureName::Shoulder => 400.0,
        MeasureName::ShoulderGirth => 1060.0,
        MeasureName::AcrossBack => 360.0,
        MeasureName::Bust => 950.0,
        MeasureName::UnderBust => 830.0,
        MeasureName::NapeToWaist => 410.0,
        MeasureName::NeckToBust => 270.0,
        MeasureName::ArmLength => 590.0,
        MeasureName::ShoulderToElbow => 350.0,
        MeasureName::UpperArm => 290.0,
        MeasureName::Elbow => 265.0,
        MeasureName::Hand => 212.0,
        MeasureName::Waist => 785.0,
        MeasureName::WaistSeated => 810.0,
        MeasureName::HighHip => 925.0,
        MeasureName::Hip => 1005.0,
        MeasureName::BodyRise => 280.0,
        MeasureName::CrotchLength => 720.0,
        MeasureName::Thigh => 580.0,
        MeasureName::Knee => 378.0,
        MeasureName::Calf => 366.0,
        MeasureName::HeelInstep => 322.0,
        MeasureName::OutsideLeg => 1045.0,
        MeasureName::InsideLeg => 770.0,
        MeasureName::KneeHeight => 460.0,
        MeasureName::AnkleHeight => 75.0,
        MeasureName::FingertipHeight => 640.0,
    }
}

impl MeasureName {
    /// True for what goes round the body.
    #[must_use]
    pub const fn is_girth(self) -> bool {
        matches!(
            self,
            MeasureName::Head
                | MeasureName::Neck
                | MeasureName::ShoulderGirth
                | MeasureName::Bust
                | MeasureName::UnderBust
                | MeasureName::UpperArm
                | MeasureName::Elbow
                | MeasureName::Hand
                | MeasureName::Waist
                | MeasureName::WaistSeated
                | MeasureName::HighHip
                | MeasureName::Hip
                | MeasureName::Thigh
                | MeasureName::Knee
                | MeasureName::Calf
                | MeasureName::HeelInstep
        )
    }
}

impl Body {
    /// Every measure: those taken, and for the rest an average body stretched as these are, girths by girths and lengths by
    /// lengths.
    #[must_use]
    pub(crate) fn completed(&self) -> Body {
        let stretched = |girths: bool| {
            let known: Vec<f64> = self
                .measures
                .iter()
                .filter(|(name, _)| name.is_girth() == girths)
                .map(|(name, taken)| taken.mm() / average(*name))
                .collect();
            if known.is_empty() { 1.0 } else { known.iter().sum::<f64>() / known.len() as f64 }
        };
        let (girths, lengths) = (stretched(true), stretched(false));
        let measures: BTreeMap<MeasureName, Length> = MeasureName::ALL
            .into_iter()
            .map(|name| {
                let usual = average(name) * if name.is_girth() { girths } else { lengths };
                (name, self.get(name).unwrap_or(Length::whole_mm(usual.round() as i64)))
            })
            .collect();
        Body { measures, ..self.clone() }
    }
}
