//! Hems of a garment, and what stands near them and can be in the way.

use serde::{Deserialize, Serialize};
use strum::{EnumCount, IntoStaticStr, VariantArray};

use crate::every::every;
use crate::garment::side::Side;
use crate::unit::length::Length;

/// A hem of a garment.
#[derive(
    Debug,
    Clone,
    Copy,
    PartialEq,
    Eq,
    PartialOrd,
    Ord,
    Hash,
    Serialize,
    Deserialize,
    EnumCount,
    VariantArray,
    IntoStaticStr,
)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
#[strum(serialize_all = "snake_case")]
pub enum HemName {
    /// The lower edge: of a skirt or body, or of both legs.
    Hem,
    /// The lower edge of the sleeves.
    Sleeve,
}

impl HemName {
    /// Both hems, in the order they are worked.
    pub const ALL: [HemName; HemName::COUNT] = every();

    /// What it is called in a sentence.
    #[must_use]
    pub const fn words(self) -> &'static str {
        match self {
            HemName::Hem => "hem",
            HemName::Sleeve => "sleeve hem",
        }
    }

    /// Its name in keys of steps and files.
    #[must_use]
    pub fn key(self) -> &'static str {
        self.into()
    }
}

/// Something that stands near a hem.
#[derive(
    Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord, Hash, Serialize, Deserialize, EnumCount, VariantArray,
)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum FeatureKind {
    /// An overlapped opening from the edge upward.
    Vent,
    /// An opening from the edge upward whose edges only meet.
    Slit,
    /// A row of buttons down to near the edge.
    Buttons,
    /// A pocket.
    Pocket,
    /// A seam across, at the knee or below.
    CrossSeam,
    /// A border, print or trimming along the edge.
    Border,
    /// Pleats that run down to the edge.
    Pleats,
    /// A facing that is turned with the edge, at a front opening.
    Facing,
    /// A tab or strap.
    Tab,
    /// Buttons that open, at a sleeve.
    WorkingButtons,
}

impl FeatureKind {
    /// Everything that can stand near a hem.
    pub const ALL: [FeatureKind; FeatureKind::COUNT] = every();

    /// What it is called in a sentence.
    #[must_use]
    pub const fn words(self) -> &'static str {
        match self {
            FeatureKind::Vent => "vent",
            FeatureKind::Slit => "slit",
            FeatureKind::Buttons => "row of buttons",
            FeatureKind::Pocket => "pocket",
            FeatureKind::CrossSeam => "seam across",
            FeatureKind::Border => "border",
            FeatureKind::Pleats => "pleats",
            FeatureKind::Facing => "facing",
            FeatureKind::Tab => "tab",
            FeatureKind::WorkingButtons => "working buttons",
        }
    }

    /// True where it begins at the edge itself.
    #[must_use]
    pub const fn from_edge(self) -> bool {
        matches!(
            self,
            FeatureKind::Vent
                | FeatureKind::Slit
                | FeatureKind::Border
                | FeatureKind::Pleats
                | FeatureKind::Facing
        )
    }
}

/// Something near a hem, with where it stands before anything is changed.
#[derive(Debug, Clone, Copy, PartialEq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(deny_unknown_fields)]
pub struct HemFeature {
    /// The hem it stands near.
    pub hem: HemName,
    /// What it is.
    pub kind: FeatureKind,
    /// Which leg or sleeve; both, or the one hem there is, where nothing is said.
    #[serde(default)]
    pub side: Option<Side>,
    /// Where round the hem, in degrees, as readings are; all round where nothing is said.
    #[serde(default)]
    pub at: Option<f64>,
    /// Its lower end, above the finished edge: the pocket's bottom, the lowest button.
    #[serde(default)]
    pub from: Length,
    /// Its upper end, above the finished edge: the top of the vent, the top button.
    pub to: Length,
    /// How far it is turned in or reaches over: of a facing or a vent.
    #[serde(default)]
    pub width: Length,
    /// How many buttons.
    #[serde(default)]
    pub count: Option<u32>,
    /// Where one of a row of buttons has to stand, above the finished edge: at the bust, at the waist.
    #[serde(default)]
    pub pinned: Option<Length>,
}

/// How a lining is closed at the hem, which is where one gets in.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize, Default)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum LiningClosed {
    /// Felled to the turn-up by hand.
    #[default]
    Felled,
    /// Bagged out by machine, and turned through a gap.
    Bagged,
    /// Not closed: it hangs free.
    Free,
}

/// The lining as it is at the hem before anything is changed.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize, Default)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(deny_unknown_fields, default)]
pub struct LiningNow {
    /// How far its edge ends above the outer edge; what the house leaves where nobody has looked.
    pub above: Option<Length>,
    /// How it is closed; as in most garments of its kind where nobody has said.
    pub closed: Option<LiningClosed>,
}
