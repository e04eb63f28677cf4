//! The shape of a garment: its kind, its flat measures, its seams and how it is made.

use std::collections::BTreeMap;

use serde::{Deserialize, Serialize};

use super::allowance::{Clip, SeamAllowance};
use super::band::Band;
use super::feature::{HemFeature, LiningNow};
use super::fixture::Fixture;
use super::flat::FlatName;
use super::kind::{Block, Kind, SleeveBuild};
use super::lacing::Lacing;
use super::parts::{Collar, Cuffs, Front, Parts, Pocket};
use super::seam::SeamName;
use super::template::TemplateError;
use crate::cloth::family::ClothFamily;
use crate::unit::length::Length;

/// A sleeve whose seam is shorter than this ends above the elbow.
const SHORT_SLEEVE: Length = Length::whole_mm(300);

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
    /// Seams that are felled: both allowances folded into each other and stitched down. They come apart in two rows.
    #[serde(default)]
    pub felled: Vec<SeamName>,
    /// Fully lined.
    #[serde(default)]
    pub lined: bool,
    /// Underlined: a second cloth lies behind the outside and is sewn as one with it.
    #[serde(default)]
    pub underlined: bool,
    /// The lining at the hems, where it is lined.
    #[serde(default)]
    pub lining: LiningNow,
    /// Vents, buttons, pockets, borders near its hems.
    #[serde(default)]
    pub near_hems: Vec<HemFeature>,
    /// Distance between the two back pockets at their top, where there are any.
    #[serde(default)]
    pub back_pocket_gap: Option<Length>,
    /// The parts one sees on it, as far as somebody has said.
    #[serde(default)]
    pub parts: Parts,
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
        (self.front() != Front::Closed && !self.placket_is_short())
            || self.lacing.is_some()
            || self.fixtures.iter().any(|each| each.kind.opens())
    }

    /// True for a placket that ends on the chest, as a knit top's does: it opens the neck and nothing below.
    #[must_use]
    pub fn placket_is_short(&self) -> bool {
        self.kind == Kind::KnitTop && self.front() == Front::Placket
    }

    /// True where it is closed down the front by its own buttons or zip, as its front was said to be.
    #[must_use]
    pub fn closes_in_front(&self) -> bool {
        matches!(self.front(), Front::Placket | Front::Single | Front::Double | Front::Zip)
    }

    /// Its collar: as it was said, else as on most of its kind.
    #[must_use]
    pub fn collar(&self) -> Collar {
        self.parts.collar.unwrap_or(self.kind.usual_collar())
    }

    /// How its front closes: as it was said, else as on most of its kind.
    #[must_use]
    pub fn front(&self) -> Front {
        self.parts.front.unwrap_or(self.kind.usual_front())
    }

    /// The pockets that show: those that were said, else those most of its kind have in such cloth.
    #[must_use]
    pub fn pockets(&self, cloth: ClothFamily) -> Vec<Pocket> {
        let said = self.parts.pockets.as_deref();
        said.unwrap_or(self.kind.usual_pockets(cloth)).to_vec()
    }

    /// What ends it, or its sleeves: as it was said, else as on most of its kind.
    #[must_use]
    pub fn cuffs(&self) -> Cuffs {
        self.parts.cuffs.unwrap_or(self.kind.usual_cuffs())
    }

    /// What ends its sleeves; short sleeves end in a hem.
    #[must_use]
    pub fn sleeve_cuffs(&self) -> Cuffs {
        let short = self.flat(FlatName::SleeveSeam).is_some_and(|seam| seam < SHORT_SLEEVE);
        if short && self.parts.cuffs.is_none() { Cuffs::None } else { self.cuffs() }
    }

    /// True where it has belt loops.
    #[must_use]
    pub fn has_loops(&self) -> bool {
        self.parts.loops.unwrap_or(self.kind.usually_has_loops())
    }

    /// True where it has pleats or tucks below the waist.
    #[must_use]
    pub fn has_pleats(&self) -> bool {
        self.parts.pleats.unwrap_or(false)
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

    /// Two flat measures that cannot both be right.
    pub(crate) fn disagree(&self, one: FlatName, other: FlatName, because: &'static str) -> TemplateError {
        TemplateError::Disagree {
            one,
            one_read: self.flat(one).unwrap_or_default(),
            other,
            other_read: self.flat(other).unwrap_or_default(),
            because,
        }
    }

    /// A flat measure in millimetres, zero where it was not taken.
    pub(crate) fn mm(&self, name: FlatName) -> f64 {
        self.flat(name).map_or(0.0, Length::mm)
    }
}
