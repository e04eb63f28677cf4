//! Habits: where practitioners disagree, what this person does.

use std::collections::BTreeMap;

use serde::{Deserialize, Serialize};

use super::ranges::{self, Range};
use crate::body::level::LevelName;
use crate::house::choice::{
    FitOn, HemCrossed, HemCut, HemSewn, HemWhen, LevelBy, LiningEdge, LiningHangs, MatchBy, MirrorBy,
    OldEdge, Pairs, PinFace, PinSides, PinsLie, Preset, ReadBy, TriedIn,
};
use crate::house::rules::HouseRule;
use crate::unit::length::Length;
use crate::unit::scale::{Scale, Unit};

/// How left and right readings become one.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize, Default)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum EveningChoice {
    /// The mean of the two: keeps the girth that was tried on.
    #[default]
    Mean,
    /// The larger: closer, and costs twice the difference beyond what was tried.
    Larger,
    /// The smaller: safer.
    Smaller,
    /// Keep the two sides different on purpose.
    KeepDifferent,
}

impl EveningChoice {
    /// Every choice with what it is called and why one would make it.
    pub const ALL: [(EveningChoice, &'static str, &'static str); 4] = [
        (EveningChoice::Mean, "mean", "keeps the girth that was tried on"),
        (EveningChoice::Larger, "larger", "closer; takes off more than was tried on"),
        (EveningChoice::Smaller, "smaller", "safer; leaves room to come back"),
        (EveningChoice::KeepDifferent, "keep different", "for a body that is uneven"),
    ];
}

/// What happens to the other side when only one was pinned.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize, Default)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum OneSide {
    /// Half to each side where both seams lie on one tube; copied where each has its own.
    #[default]
    HalfEach,
    /// Copied to the other side everywhere; on one tube that doubles what was tried on.
    Copy,
    /// Only the pinned side is sewn.
    PinnedOnly,
}

/// What happens to the cloth outside the new stitching.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize, Default)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum AllowanceHabit {
    /// Keep everything: vintage cloth and changing bodies.
    Keep,
    /// Trim to what the cloth's fray asks for.
    #[default]
    Trim,
}

/// The paper in the printer.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize, Default)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum Paper {
    /// 210 × 297 mm.
    #[default]
    A4,
    /// 8 1/2 × 11 inches.
    Letter,
}

impl Paper {
    /// Width and height in millimetres.
    #[must_use]
    pub const fn size_mm(self) -> (f64, f64) {
        match self {
            Paper::A4 => (210.0, 297.0),
            Paper::Letter => (215.9, 279.4),
        }
    }
}

/// One person's settings.
#[derive(Debug, Clone, PartialEq, Serialize, Deserialize, Default)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(deny_unknown_fields, default)]
pub struct Habits {
    /// Unit and rounding on the tape.
    pub scale: Scale,
    /// How two sides become one, unless a seam says otherwise.
    pub evening: EveningChoice,
    /// What an unpinned side gets, unless a seam says otherwise.
    pub one_side: OneSide,
    /// Keep or trim the allowance.
    pub allowance: AllowanceHabit,
    /// Paper for the chalk sheet.
    pub paper: Paper,
    /// How pins get into a garment.
    pub preset: Preset,
    /// Which sides are pinned.
    pub pin_sides: PinSides,
    /// Which face is out while pinning.
    pub pin_face: PinFace,
    /// How pins lie.
    pub pins_lie: PinsLie,
    /// What a fitting is done on.
    pub fit_on: FitOn,
    /// What is read at the table.
    pub read_by: ReadBy,
    /// How a new line is tried on.
    pub tried_in: TriedIn,
    /// What becomes of a finished hem at a seam that moves.
    pub hem_crossed: HemCrossed,
    /// How a line gets across.
    pub mirror_by: MirrorBy,
    /// What depths are measured from.
    pub match_by: MatchBy,
    /// How a hem is made level.
    pub level_by: LevelBy,
    /// When the hem is sewn.
    pub hem_when: HemWhen,
    /// When the surplus below a hem is cut off.
    pub hem_cut: HemCut,
    /// What a deep hem is sewn with.
    pub hem_sewn: HemSewn,
    /// What becomes of a worn edge.
    pub old_edge: OldEdge,
    /// What becomes of a lining's edge.
    pub lining_edge: LiningEdge,
    /// How a lining hangs.
    pub lining_hangs: LiningHangs,
    /// How two legs or sleeves are hemmed.
    pub pairs: Pairs,
    /// Wearing ease wanted at a level, in place of the house table's.
    #[cfg_attr(feature = "schema", schema(value_type = std::collections::HashMap<LevelName, Length>))]
    pub ease: BTreeMap<LevelName, Length>,
    /// Depth of a body's cross-section as a share of its width, in place of the house table's.
    #[cfg_attr(feature = "schema", schema(value_type = std::collections::HashMap<LevelName, f64>))]
    pub sections: BTreeMap<LevelName, f64>,
    /// House rules this person has changed.
    #[cfg_attr(feature = "schema", schema(value_type = std::collections::HashMap<HouseRule, f64>))]
    pub rules: BTreeMap<HouseRule, f64>,
}

/// A habit set to something the craft cannot work with.
#[derive(Debug, Clone, PartialEq, thiserror::Error)]
#[error("\"{name}\" was set to {value}; it can be from {least} to {most}")]
pub struct HabitOutOfRange {
    /// Where it stands among the habits: `rules.radius`.
    pub path: String,
    /// Its name on screen.
    pub name: String,
    /// What was read.
    pub value: f64,
    /// The least allowed.
    pub least: f64,
    /// The most allowed.
    pub most: f64,
}

impl Habits {
    /// The value of a house rule in force: the habit where there is one, else the default. It is the same on every
    /// tape, which only spells it another way.
    #[must_use]
    pub fn rule(&self, rule: HouseRule) -> f64 {
        self.rules.get(&rule).copied().unwrap_or_else(|| rule.entry().value)
    }

    /// How far apart marks are laid along a tape: a step of chalk marks or the like, which decides nothing but where the
    /// tape is read. In an inch session the default stands on that tape.
    #[must_use]
    pub fn laid(&self, rule: HouseRule) -> f64 {
        match rule.eighths().filter(|_| self.scale.unit == Unit::Inch && !self.rules.contains_key(&rule)) {
            Some(eighths) => Length::from_inch_fraction(i64::from(eighths), 8).mm(),
            None => self.rule(rule),
        }
    }

    /// Checks every changed rule against its limits.
    ///
    /// # Errors
    /// The first setting outside its limits.
    pub fn check(&self) -> Result<(), HabitOutOfRange> {
        for (rule, value) in &self.rules {
            let entry = rule.entry();
            if !(entry.least..=entry.most).contains(value) {
                return Err(HabitOutOfRange {
                    path: format!("rules.{}", entry.key.word()),
                    name: entry.name.to_owned(),
                    value: *value,
                    least: entry.least,
                    most: entry.most,
                });
            }
        }
        self.check_levels()
    }

    fn check_levels(&self) -> Result<(), HabitOutOfRange> {
        let eases = self.ease.iter().map(|(level, ease)| ("ease", "ease", level, ease.mm(), ranges::EASE));
        let sections = self
            .sections
            .iter()
            .map(|(level, share)| ("sections", "depth to width", level, *share, ranges::SECTION));
        for (part, what, level, value, Range { least, most, .. }) in eases.chain(sections) {
            if !(least..=most).contains(&value) {
                return Err(HabitOutOfRange {
                    path: format!("{part}.{}", level.words().replace(' ', "_")),
                    name: format!("{what} at the {}", level.words()),
                    value,
                    least,
                    most,
                });
            }
        }
        Ok(())
    }
}
