//! What is computed for one hem.

use serde::Serialize;

use super::collision::Collision;
use super::lining::{HemLining, Mitre};
use super::offer::HemMend;
use super::original::Tuck;
use super::refusal::HemRefusal;
use super::ring::{Hang, PanelCurve};
use super::turn_up::{Lies, TurnUp};
use super::uncut::UncutWay;
use super::waits::HemWaits;
use super::wish::HemPair;
use crate::garment::hem_kind::HemKind;
use crate::garment::side::Side;
use crate::garment::{HemName, LevelName};
use crate::house::choice::LevelBy;
use crate::pattern::PanelName;
use crate::sums::KnownSum;
use crate::unit::length::Length;

/// A reading as it is understood.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct HemReadingRead {
    /// Its id.
    pub id: String,
    /// Which leg or sleeve.
    pub side: Side,
    /// Where, in degrees.
    pub at: f64,
    /// What that place is called.
    pub words: String,
    /// What was read, as it stands on the session's tape.
    pub shown: String,
    /// How far the fold goes up there by this reading alone; `None` where it says nothing to the wish.
    pub take_up: Option<Length>,
    /// What it does, said back.
    pub echo: String,
}

/// One mark to chalk round a hem.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct HemRow {
    /// Where, in degrees.
    pub at: f64,
    /// What that place is called.
    pub words: String,
    /// How far round the existing edge.
    pub along: Length,
    /// From the existing edge up to the new fold; negative is down.
    pub fold: Length,
    /// From the existing edge up to the cut line; negative lies on the old turn-up, opened. `None` where
    /// nothing is cut.
    pub cut: Option<Length>,
    /// Width of the strip that is cut off there, the old turn-up in it.
    pub strip: Option<Length>,
    /// What a tape will measure down to the new fold there, once it has been washed: down a seam, a centre,
    /// the middle of a sleeve. `None` between them.
    pub finished: Option<Length>,
    /// True at a reading.
    pub is_reading: bool,
    /// Along, fold, cut, strip and finished length as they stand on the session's tape.
    pub shown: [Option<String>; 5],
}

/// A seam that meets the hem.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct HemSeam {
    /// What it is called.
    pub words: &'static str,
    /// How far round the existing edge, in millimetres.
    pub along: f64,
}

/// A panel in an unrolled hem, with what its turn-up has too much or too little.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct UnrolledPanel {
    /// Which panel.
    pub panel: PanelName,
    /// From and to, how far round the existing edge, in millimetres.
    pub from: f64,
    /// See `from`.
    pub to: f64,
    /// Too full (positive) or too tight, in millimetres, on this panel.
    pub excess: f64,
    /// The same in words, where it is worth saying.
    pub shown: Option<String>,
}

/// A hem unrolled for drawing: how far round, and how far up from the existing edge, in millimetres.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct Unrolled {
    /// The whole way round.
    pub length: f64,
    /// The new fold.
    #[cfg_attr(feature = "schema", schema(value_type = Vec<Vec<f64>>))]
    pub fold: Vec<[f64; 2]>,
    /// How far below the fold the cut line runs; nothing where none is cut.
    pub allowance: Option<f64>,
    /// How far above the fold the upper edge of the turn-up lies.
    pub turned: f64,
    /// How far above the fold the lining ends, and where its raw edge lies from the fold.
    #[cfg_attr(feature = "schema", schema(value_type = Option<Vec<f64>>))]
    pub lining: Option<[f64; 2]>,
    /// How far below the existing edge the old turn-up reaches when it is opened.
    pub old_turn_up: f64,
    /// Panels in turning order.
    pub panels: Vec<UnrolledPanel>,
    /// Seams.
    pub seams: Vec<HemSeam>,
}

/// One hem edge: a skirt's, one leg's, one sleeve's, or both where they are alike.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct HemSide {
    /// Which; `centre` for the only one, or for both alike.
    pub side: Side,
    /// The table to chalk by, in turning order.
    pub rows: Vec<HemRow>,
    /// Length all round before and after.
    pub girth: [Length; 2],
    /// How far up it goes: least, mean and most.
    pub take_up: [Length; 3],
    /// How far up it goes on each panel's own cloth, in turning order.
    #[serde(skip)]
    pub takes: Vec<PanelCurve>,
    /// How the turn-up lies, where one is turned up or faced.
    pub turn_up: Option<TurnUp>,
    /// The tuck, where the original hem is kept.
    pub tuck: Option<Tuck>,
    /// Unrolled.
    pub unrolled: Unrolled,
    /// What stands near it.
    pub collisions: Vec<Collision>,
}

/// What becomes of the old turn-up.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum OldTurnUp {
    /// It stays folded and is cut off with the strip.
    CutOff,
    /// It is unpicked and laid flat: its cloth is needed.
    Unpicked,
    /// It stays as it is.
    Kept,
}

/// Two sides against each other at one place.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct HemPairRow {
    /// What the place is called.
    pub words: String,
    /// How far the fold goes up on the left, the right, and by how much they differ.
    pub take_up: [Length; 3],
    /// The same as they stand on the session's tape.
    pub shown: [String; 3],
}

/// What two sides against each other say.
#[derive(Debug, Clone, Copy, PartialEq)]
#[expect(missing_docs, reason = "what a variant says names its fields")]
pub enum HemPairSaid {
    /// They go up by as much.
    Alike,
    /// They differ by less than anybody sees.
    Near { by: Length },
    /// One goes up by more, and what is made of it.
    Differ { more: Side, by: Length, pair: HemPair },
    /// The halves of one ring are alike.
    HalvesAlike,
    /// The halves of one ring differ by that much at most.
    HalvesDiffer { by: Length },
}

/// Why an edge is probably uneven.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub enum UnevenCause {
    /// Up and down round the ring: cloth on the bias.
    Dropped,
    /// Higher on the left.
    LeftHigh,
    /// Higher on the right.
    RightHigh,
    /// Higher in front.
    FrontHigh,
    /// Higher behind.
    BackHigh,
}

/// An uneven hem.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct Uneven {
    /// The highest reading less the lowest.
    pub by: Length,
    /// Its likely cause.
    #[serde(skip)]
    pub cause: UnevenCause,
    /// The same in words, and what to look at.
    pub words: String,
}

/// Everything computed for one hem.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct HemSolution {
    /// Which.
    pub hem: HemName,
    /// What it is called.
    pub words: &'static str,
    /// True where there is one on each side.
    pub paired: bool,
    /// Where it shall be, said back.
    pub wanted: String,
    /// How it is made level.
    pub level_by: LevelBy,
    /// Which way a height above the floor was turned into cloth, where the two differ.
    pub flare: Option<String>,
    /// The same, not in words.
    #[serde(skip)]
    pub hangs: Option<Hang>,
    /// Why nothing is computed yet, and what to do.
    pub waits: Option<String>,
    /// The same, not in words.
    #[serde(skip)]
    pub waits_for: Option<HemWaits>,
    /// What was read.
    pub readings: Vec<HemReadingRead>,
    /// How it is sewn.
    pub kind: HemKind,
    /// What that is called.
    pub kind_words: &'static str,
    /// What is turned up in all, and how it is said.
    pub allowance: Length,
    /// See `allowance`: `6 + 20 mm`.
    pub allowance_words: String,
    /// What becomes of the old turn-up.
    pub old_turn_up: OldTurnUp,
    /// Its edges: one, or left and right.
    pub sides: Vec<HemSide>,
    /// Left and right compared, where there is something to compare.
    pub pairs: Vec<HemPairRow>,
    /// What that says.
    #[serde(skip)]
    pub pair: Option<HemPairSaid>,
    /// The same in words.
    pub pair_words: Option<String>,
    /// Where what was read from the floor is uneven.
    pub uneven: Option<Uneven>,
    /// Shortened elsewhere.
    pub uncut: Option<UncutWay>,
    /// The lining.
    pub lining: Option<HemLining>,
    /// Corners.
    pub mitres: Vec<Mitre>,
    /// What will be lost in the wash, as a share, and is in every line of the table.
    pub shrinks: Option<f64>,
    /// Why it cannot be made as it was asked.
    pub refusal: Option<HemRefusal>,
    /// The same in words, with the nearest that can be made.
    pub refused: Option<String>,
    /// Ways to make it after all.
    pub mends: Vec<HemMend>,
    /// Sums that belong to it.
    pub sums: Vec<KnownSum>,
}

impl HemSolution {
    /// How far the mean of all its edges goes up.
    #[must_use]
    pub fn mean(&self) -> Length {
        let count = self.sides.len().max(1) as f64;
        Length::from_mm(self.sides.iter().map(|side| side.take_up[1].mm()).sum::<f64>() / count)
    }

    /// True when it can be worked: computed, and not refused.
    #[must_use]
    pub fn is_solved(&self) -> bool {
        self.waits.is_none() && self.refusal.is_none()
    }

    /// How far the fold goes up at a place, on one side.
    #[must_use]
    pub fn take_up_at(&self, side: Side, along_share: f64) -> Option<f64> {
        let edge = self
            .sides
            .iter()
            .find(|each| each.side == side || each.side == Side::Centre)
            .or_else(|| self.sides.first())?;
        let wanted = along_share * edge.unrolled.length;
        edge.unrolled
            .fold
            .iter()
            .min_by(|a, b| (a[0] - wanted).abs().total_cmp(&(b[0] - wanted).abs()))
            .map(|point| point[1])
    }

    /// The turn-up that does not lie as it was asked, where one does not.
    pub(crate) fn badly_turned(&self) -> Option<&TurnUp> {
        let turned = self.sides.iter().filter_map(|side| side.turn_up.as_ref());
        let mut bad = turned.filter(|turned| matches!(turned.lies, Lies::TooFull | Lies::TooTight));
        bad.next().filter(|_| self.kind.turns_up())
    }

    /// The pocket, button or vent that would be cut or buried.
    pub(crate) fn in_the_way(&self) -> impl Iterator<Item = &Collision> {
        self.sides
            .iter()
            .flat_map(|side| &side.collisions)
            .filter(|collision| collision.state == super::collision::CollisionState::InTheWay)
    }

    /// The level that ends at a hem.
    pub(crate) const fn level(hem: HemName) -> LevelName {
        match hem {
            HemName::Hem => LevelName::Hem,
            HemName::Sleeve => LevelName::Wrist,
        }
    }
}
