//! What sits in a seam: zips, buttons, pockets, labels, patterns that meet.

use serde::{Deserialize, Serialize};
use strum::EnumCount;

use super::seam::SeamName;
use crate::garment::side::Side;
use crate::house::habit::Habits;
use crate::house::rules::HouseRule;
use crate::unit::length::Length;

/// Something in a seam that limits what may be done to it.
#[derive(Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord, Hash, Serialize, Deserialize, EnumCount)]
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
    /// A label sewn into the seam.
    Label,
}

impl FixtureKind {
    /// Everything that can sit in a seam.
    pub const ALL: [FixtureKind; FixtureKind::COUNT] =
        [FixtureKind::Zip, FixtureKind::Buttons, FixtureKind::Pocket, FixtureKind::Label, FixtureKind::Match];

    /// What it is called in a sentence.
    #[must_use]
    pub const fn words(self) -> &'static str {
        match self {
            FixtureKind::Zip => "zip",
            FixtureKind::Buttons => "row of buttons",
            FixtureKind::Pocket => "pocket",
            FixtureKind::Match => "pattern to match",
            FixtureKind::Label => "label",
        }
    }

    /// What says the most the seam may move there when nothing else is said.
    #[must_use]
    pub const fn most(self) -> HouseRule {
        match self {
            FixtureKind::Zip => HouseRule::FixtureZip,
            FixtureKind::Buttons => HouseRule::FixtureButtons,
            FixtureKind::Pocket => HouseRule::FixturePocket,
            FixtureKind::Match => HouseRule::FixtureMatch,
            FixtureKind::Label => HouseRule::FixtureLabel,
        }
    }

    /// True for what opens the garment.
    #[must_use]
    pub const fn opens(self) -> bool {
        matches!(self, FixtureKind::Zip | FixtureKind::Buttons)
    }

    /// True for what is taken out and set back where nothing is said.
    #[must_use]
    pub const fn comes_out(self) -> bool {
        matches!(self, FixtureKind::Label)
    }

    /// True for what can be taken out of its seam and set back.
    #[must_use]
    pub const fn can_come_out(self) -> bool {
        !matches!(self, FixtureKind::Match)
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
    /// True where it is taken out before its seam is moved and set back after, instead of limiting it; a label always
    /// is, where nothing is said.
    #[serde(default)]
    pub taken_out: Option<bool>,
}

impl Fixture {
    /// The most the seam may move there.
    #[must_use]
    pub fn limit(&self, habits: &Habits) -> Length {
        self.most.unwrap_or_else(|| Length::from_mm(habits.rule(self.kind.most())))
    }

    /// True where it is taken out and set back, and so limits nothing.
    #[must_use]
    pub fn comes_out(&self) -> bool {
        self.kind.can_come_out() && self.taken_out.unwrap_or(self.kind.comes_out())
    }

    /// True where it stands in the way of this side's seam.
    #[must_use]
    pub fn is_on(&self, seam: SeamName, side: Side) -> bool {
        self.seam == seam && self.side.is_none_or(|own| side == Side::Centre || own == side)
    }
}
