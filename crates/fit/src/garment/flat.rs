//! Flat measures: a garment laid flat and closed, edge to edge.

use serde::{Deserialize, Serialize};

/// A measure of a garment laid flat.
#[derive(Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord, Hash, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum FlatName {
    /// Width along the top of the band, or at the waist of a body; the girth is twice this.
    Waist,
    /// Width at the high hip; the girth is twice this.
    HighHip,
    /// Width at the hip; the girth is twice this.
    Hip,
    /// Width of one leg just below the crotch; its girth is twice this.
    Thigh,
    /// Width of one leg at the knee.
    Knee,
    /// Width of one leg at the calf.
    Calf,
    /// Width along the hem; of one leg where there are legs.
    Hem,
    /// Length of the front centre seam, top of band to crotch.
    FrontRise,
    /// Length of the back centre seam, top of band to crotch.
    BackRise,
    /// Length of the inseam, crotch to hem fold.
    Inseam,
    /// Length of the outseam, top of band (or underarm) to hem fold.
    Outseam,
    /// Width of the neck opening, edge to edge.
    Neck,
    /// From shoulder point to shoulder point.
    Shoulder,
    /// Width across the back at the middle of the armholes.
    AcrossBack,
    /// Width a little below the underarm; the girth is twice this.
    Bust,
    /// Width below the bust; the girth is twice this.
    UnderBust,
    /// Length down the side, from underarm (or top of band) to hem fold.
    SideLength,
    /// Length down the side from the underarm to the waist.
    UnderarmToWaist,
    /// Length down the centre back, from the nape to the hem fold.
    BackLength,
    /// Width of one sleeve a little below the underarm; its girth is twice this.
    UpperArm,
    /// Width of one sleeve at the elbow.
    Elbow,
    /// Width of one sleeve along its hem or cuff.
    Wrist,
    /// Length of the sleeve's underarm seam, from underarm to its hem fold.
    SleeveSeam,
    /// Length of the sleeve from the shoulder point to its hem fold.
    SleeveLength,
}

impl FlatName {
    /// What it is called in a sentence.
    #[must_use]
    pub const fn words(self) -> &'static str {
        match self {
            FlatName::Waist => "waist width",
            FlatName::HighHip => "high hip width",
            FlatName::Hip => "hip width",
            FlatName::Thigh => "thigh width",
            FlatName::Knee => "knee width",
            FlatName::Calf => "calf width",
            FlatName::Hem => "hem width",
            FlatName::FrontRise => "front rise",
            FlatName::BackRise => "back rise",
            FlatName::Inseam => "inseam",
            FlatName::Outseam => "outseam",
            FlatName::Neck => "neck width",
            FlatName::Shoulder => "shoulder width",
            FlatName::AcrossBack => "width across the back",
            FlatName::Bust => "bust width",
            FlatName::UnderBust => "under-bust width",
            FlatName::SideLength => "side length",
            FlatName::UnderarmToWaist => "underarm to waist",
            FlatName::BackLength => "back length",
            FlatName::UpperArm => "upper sleeve width",
            FlatName::Elbow => "elbow width",
            FlatName::Wrist => "sleeve hem width",
            FlatName::SleeveSeam => "sleeve underarm length",
            FlatName::SleeveLength => "sleeve length",
        }
    }

    /// Where the tape lies, said beside the field; empty where the name says it all.
    #[must_use]
    pub const fn hint(self) -> &'static str {
        match self {
            FlatName::Outseam => "top of band or underarm, to hem fold",
            FlatName::SideLength => "underarm or top of band, to hem fold",
            FlatName::BackLength => "nape to hem fold",
            FlatName::SleeveLength => "shoulder point to sleeve hem",
            FlatName::SleeveSeam => "underarm to sleeve hem",
            FlatName::Bust => "just below the underarm",
            FlatName::UpperArm => "just below the underarm",
            FlatName::AcrossBack => "at the middle of the armholes",
            FlatName::Thigh => "just below the crotch",
            _ => "",
        }
    }

    /// The least and most a template takes, from a small child's to the widest made, in millimetres.
    /// `legs` is true where the garment has legs: its hem is then one leg's.
    #[must_use]
    pub const fn plausible(self, legs: bool) -> (i64, i64) {
        match self {
            FlatName::Waist | FlatName::HighHip | FlatName::Hip => (180, 1200),
            FlatName::Bust | FlatName::UnderBust => (180, 1200),
            FlatName::Thigh => (100, 700),
            FlatName::Hem if !legs => (150, 3000),
            FlatName::Knee | FlatName::Calf | FlatName::Hem => (70, 700),
            FlatName::FrontRise | FlatName::BackRise => (120, 700),
            FlatName::Inseam => (30, 1200),
            FlatName::Outseam => (180, 1900),
            FlatName::Neck => (80, 450),
            FlatName::Shoulder | FlatName::AcrossBack => (150, 900),
            FlatName::SideLength => (100, 1600),
            FlatName::UnderarmToWaist => (50, 400),
            FlatName::BackLength => (200, 2000),
            FlatName::UpperArm => (60, 500),
            FlatName::Elbow => (50, 450),
            FlatName::Wrist => (40, 400),
            FlatName::SleeveSeam => (20, 800),
            FlatName::SleeveLength => (50, 1000),
        }
    }
}
