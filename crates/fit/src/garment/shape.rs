//! The shape of a garment: its kind, its flat measures, its seams and how it is made.

use std::collections::BTreeMap;

use serde::{Deserialize, Serialize};

use super::feature::{HemFeature, LiningNow};
use super::flat::FlatName;
use super::kind::{Block, Kind, SleeveBuild};
use super::level::LevelName;
use super::seam::SeamName;
use super::template::TemplateError;
use crate::{Length, Side};

/// What is inside a seam, beyond its stitching, on each of its two edges.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(deny_unknown_fields)]
pub struct SeamAllowance {
    /// The seam.
    pub seam: SeamName,
    /// On the front panel; on the left half of a centre seam, on the middle panel of a princess seam.
    pub front: Length,
    /// On the back panel; on the right half, on the side panel.
    pub back: Length,
}

/// A place where the allowance is clipped or notched: no more is inside there than this.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(deny_unknown_fields)]
pub struct Clip {
    /// The seam.
    pub seam: SeamName,
    /// Where, from the seam's lower end.
    pub station: Length,
    /// What is left between the stitching and the end of the clip.
    pub left: Length,
}

/// Something in a seam that limits what may be done to it.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum FixtureKind {
    /// A zip; it opens the garment.
    Zip,
    /// Buttons or hooks; they open the garment.
    Buttons,
    /// A pocket whose opening lies in the seam.
    Pocket,
    /// A stripe, check or border that meets across the seam.
    Match,
}

impl FixtureKind {
    /// What it is called in a sentence.
    #[must_use]
    pub const fn words(self) -> &'static str {
        match self {
            FixtureKind::Zip => "zip",
            FixtureKind::Buttons => "row of buttons",
            FixtureKind::Pocket => "pocket",
            FixtureKind::Match => "pattern to match",
        }
    }

    /// The most the seam may move there when nothing else is said, in millimetres.
    ///
    /// House table: a zip or a buttoned edge is set in and does not move; a pocket's mouth may lose
    /// this much; a pattern is seen not to meet beyond this.
    #[must_use]
    pub const fn most(self) -> f64 {
        match self {
            FixtureKind::Zip | FixtureKind::Buttons => 0.0,
            FixtureKind::Pocket => 12.0,
            FixtureKind::Match => 4.0,
        }
    }
}

/// Something in a seam, with where it lies.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(deny_unknown_fields)]
pub struct Fixture {
    /// The seam.
    pub seam: SeamName,
    /// The side it is on; both where none is said.
    #[serde(default)]
    pub side: Option<Side>,
    /// What it is.
    pub kind: FixtureKind,
    /// Its lower end, from the seam's lower end.
    pub from: Length,
    /// Its upper end.
    pub to: Length,
    /// The most the seam may move there; the house's own limit where none is said.
    #[serde(default)]
    pub most: Option<Length>,
}

impl Fixture {
    /// The most the seam may move there.
    #[must_use]
    pub fn limit(&self) -> Length {
        self.most.unwrap_or_else(|| Length::from_mm(self.kind.most()))
    }

    /// True where it stands in the way of this side's seam.
    #[must_use]
    pub fn is_on(&self, seam: SeamName, side: Side) -> bool {
        self.seam == seam && self.side.is_none_or(|own| side == Side::Centre || own == side)
    }
}

/// A laced back: it closes on a gap that varies with the height.
#[derive(Debug, Clone, PartialEq, Eq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(deny_unknown_fields)]
pub struct Lacing {
    /// The gap between the laced edges at each level it crosses, as worn.
    #[cfg_attr(feature = "schema", schema(value_type = std::collections::HashMap<LevelName, Length>))]
    pub gaps: BTreeMap<LevelName, Length>,
    /// How far a modesty panel reaches under each edge.
    pub overlap: Length,
}

/// How the waistband is made at the centre back.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize, Default)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum BandBuild {
    /// Two halves with a seam at the centre back: it opens there.
    TwoHalves,
    /// One piece: it has to be cut at the centre back.
    #[default]
    OnePiece,
}

/// The waistband.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize, Default)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(deny_unknown_fields)]
pub struct Band {
    /// Its finished height; nothing where there is no band.
    pub height: Length,
    /// How it is made at the centre back.
    #[serde(default)]
    pub build: BandBuild,
    /// A belt loop sits on the centre back.
    #[serde(default)]
    pub belt_loop_at_back: bool,
}

/// Measures and construction of one garment.
#[derive(Debug, Clone, PartialEq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(deny_unknown_fields)]
pub struct Shape {
    /// What it is.
    pub kind: Kind,
    /// The flat measures taken; any may be missing.
    #[cfg_attr(feature = "schema", schema(value_type = std::collections::HashMap<FlatName, Length>))]
    pub flats: BTreeMap<FlatName, Length>,
    /// The seams it has; empty for what its kind usually has.
    #[serde(default)]
    pub seams: Vec<SeamName>,
    /// How its sleeves are cut; what its kind usually has where nothing is said.
    #[serde(default)]
    pub sleeves: Option<SleeveBuild>,
    /// What is inside each seam, where it was looked at.
    #[serde(default)]
    pub allowances: Vec<SeamAllowance>,
    /// Where those allowances are clipped.
    #[serde(default)]
    pub clips: Vec<Clip>,
    /// Zips, pockets and patterns in its seams.
    #[serde(default)]
    pub fixtures: Vec<Fixture>,
    /// Its lacing, where the back is laced.
    #[serde(default)]
    pub lacing: Option<Lacing>,
    /// The waistband.
    #[serde(default)]
    pub band: Band,
    /// Depth of the hem's turn-up.
    pub turn_up: Length,
    /// Depth of the sleeve hems' turn-up; as deep as the hem's where nothing is said.
    #[serde(default)]
    pub sleeve_turn_up: Option<Length>,
    /// Seams with topstitching, which comes out first and goes back last.
    #[serde(default)]
    pub topstitched: Vec<SeamName>,
    /// Fully lined.
    #[serde(default)]
    pub lined: bool,
    /// The lining at the hems, where it is lined.
    #[serde(default)]
    pub lining: LiningNow,
    /// Vents, buttons, pockets, borders near its hems.
    #[serde(default)]
    pub near_hems: Vec<HemFeature>,
    /// Distance between the two back pockets at their top, where there are any.
    #[serde(default)]
    pub back_pocket_gap: Option<Length>,
}

impl Shape {
    /// A flat measure, when it was taken.
    #[must_use]
    pub fn flat(&self, name: FlatName) -> Option<Length> {
        self.flats.get(&name).copied()
    }

    /// What is inside a seam, when it was looked at.
    #[must_use]
    pub fn allowance(&self, seam: SeamName) -> Option<SeamAllowance> {
        self.allowances.iter().copied().find(|allowance| allowance.seam == seam)
    }

    /// How its sleeves are cut.
    #[must_use]
    pub fn sleeve_build(&self) -> SleeveBuild {
        match self.kind.block() {
            Block::Legs | Block::Skirt => SleeveBuild::None,
            _ => self.sleeves.unwrap_or_else(|| self.kind.usual_sleeves()),
        }
    }

    /// The flat measures taken on it, in the order a tape goes down the garment.
    #[must_use]
    pub fn measured(&self) -> &'static [FlatName] {
        self.kind.flats(self.sleeve_build())
    }

    /// The seams it has that take pins, in the order they are judged.
    #[must_use]
    pub fn seam_names(&self) -> Vec<SeamName> {
        let body = if self.seams.is_empty() { self.kind.usual_seams() } else { &self.seams };
        let sleeve: &[SeamName] = match self.sleeve_build() {
            SleeveBuild::None => &[],
            SleeveBuild::OnePiece => &[SeamName::SleeveUnderarm],
            SleeveBuild::TwoPiece => &[SeamName::SleeveFront, SeamName::SleeveBack],
        };
        SeamName::ALL.into_iter().filter(|seam| body.contains(seam) || sleeve.contains(seam)).collect()
    }

    /// True where it has the seam.
    #[must_use]
    pub fn has(&self, seam: SeamName) -> bool {
        let body = if self.seams.is_empty() { self.kind.usual_seams() } else { &self.seams };
        match seam {
            SeamName::SleeveUnderarm => self.sleeve_build() == SleeveBuild::OnePiece,
            SeamName::SleeveFront | SeamName::SleeveBack => self.sleeve_build() == SleeveBuild::TwoPiece,
            _ => body.contains(&seam),
        }
    }

    /// The measured length of a seam, when it is known without drawing the panels.
    #[must_use]
    pub fn seam_length(&self, seam: SeamName) -> Option<Length> {
        let legs = self.kind.block() == Block::Legs;
        self.flat(match seam {
            SeamName::Outseam => FlatName::Outseam,
            SeamName::Inseam => FlatName::Inseam,
            SeamName::CentreBack if legs => FlatName::BackRise,
            SeamName::CentreFront if legs => FlatName::FrontRise,
            SeamName::CentreBack if self.kind.block() == Block::Body => FlatName::BackLength,
            SeamName::Side => FlatName::SideLength,
            SeamName::SleeveUnderarm => FlatName::SleeveSeam,
            _ => return None,
        })
    }

    /// Height of its band, in millimetres; nothing on a garment that hangs from the shoulders.
    #[must_use]
    pub fn band_height(&self) -> f64 {
        if self.kind.has_band() { self.band.height.mm() } else { 0.0 }
    }

    /// True where something opens it at the waist: its own fly or buttons, a zip, a lacing.
    #[must_use]
    pub fn opens(&self) -> bool {
        self.kind.opens_by_itself()
            || self.lacing.is_some()
            || self.fixtures.iter().any(|each| matches!(each.kind, FixtureKind::Zip | FixtureKind::Buttons))
    }

    /// Checks every measure taken against what a garment of its kind can have, and its seams.
    ///
    /// # Errors
    /// The first that no such garment has.
    pub fn check(&self) -> Result<(), TemplateError> {
        for (name, read) in &self.flats {
            let (least, most) = name.plausible(self.kind.has_legs());
            if *read < Length::whole_mm(least) || *read > Length::whole_mm(most) {
                return Err(TemplateError::Implausible { name: *name, read: *read, least, most });
            }
        }
        let possible = self.kind.possible_seams();
        if let Some(stray) = self.seams.iter().find(|seam| !possible.contains(seam)) {
            return Err(TemplateError::NoSuchSeam { seam: *stray, kind: self.kind });
        }
        Ok(())
    }
}
