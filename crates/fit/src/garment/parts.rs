//! The parts one sees on a garment: collar, front, pockets, cuffs. They move no line; they are how it is recognised,
//! and what a finger points at.

use serde::{Deserialize, Serialize};
use strum::{EnumCount, VariantArray};

use super::kind::{Block, Kind};
use crate::cloth::family::ClothFamily;
use crate::every::every;

/// A collar.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize, EnumCount, VariantArray)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum Collar {
    /// There is none: the neckline is faced or bound.
    None,
    /// A band that stands.
    Stand,
    /// A collar on a stand.
    Shirt,
    /// A collar that lies flat round the neckline.
    Flat,
    /// Lapels with a notch under the collar.
    Notched,
    /// Lapels whose points rise beside the collar.
    Peaked,
    /// Collar and lapel in one curve.
    Shawl,
    /// A knitted band.
    Ribbed,
}

impl Collar {
    /// Every collar, in the order they are offered.
    pub const ALL: [Collar; Collar::COUNT] = every();

    /// What it is called.
    #[must_use]
    pub const fn words(self) -> &'static str {
        match self {
            Collar::None => "no collar",
            Collar::Stand => "stand collar",
            Collar::Shirt => "shirt collar",
            Collar::Flat => "flat collar",
            Collar::Notched => "notched lapels",
            Collar::Peaked => "peaked lapels",
            Collar::Shawl => "shawl collar",
            Collar::Ribbed => "ribbed neck",
        }
    }

    /// True where the front edges fold back.
    #[must_use]
    pub const fn has_lapels(self) -> bool {
        matches!(self, Collar::Notched | Collar::Peaked | Collar::Shawl)
    }
}

/// How the front closes.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize, EnumCount, VariantArray)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum Front {
    /// It does not open in front.
    Closed,
    /// Buttons in a placket.
    Placket,
    /// One row of buttons in the edge.
    Single,
    /// Two rows, one edge well over the other.
    Double,
    /// A zip down the front.
    Zip,
    /// A fly.
    Fly,
}

impl Front {
    /// Every front, in the order they are offered.
    pub const ALL: [Front; Front::COUNT] = every();

    /// What it is called.
    #[must_use]
    pub const fn words(self) -> &'static str {
        match self {
            Front::Closed => "closed in front",
            Front::Placket => "placket with buttons",
            Front::Single => "single-breasted",
            Front::Double => "double-breasted",
            Front::Zip => "zip in front",
            Front::Fly => "fly",
        }
    }
}

/// A pocket that shows.
#[derive(
    Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord, Serialize, Deserialize, EnumCount, VariantArray,
)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum Pocket {
    /// A slanting mouth from the waist into the side seam.
    Slant,
    /// A curved mouth from the waist into the side seam.
    Scoop,
    /// A patch at the hip.
    Patch,
    /// A flap at the hip.
    Flap,
    /// A welt at the hip.
    Welt,
    /// A patch on the chest.
    ChestPatch,
    /// A welt on the chest.
    ChestWelt,
    /// A patch on the seat.
    BackPatch,
    /// A welt on the seat.
    BackWelt,
}

impl Pocket {
    /// Every pocket, in the order they are offered.
    pub const ALL: [Pocket; Pocket::COUNT] = every();

    /// What it is called.
    #[must_use]
    pub const fn words(self) -> &'static str {
        match self {
            Pocket::Slant => "slanting pockets",
            Pocket::Scoop => "curved front pockets",
            Pocket::Patch => "patch pockets",
            Pocket::Flap => "flap pockets",
            Pocket::Welt => "welt pockets",
            Pocket::ChestPatch => "patch on the chest",
            Pocket::ChestWelt => "welt on the chest",
            Pocket::BackPatch => "patches on the seat",
            Pocket::BackWelt => "welts on the seat",
        }
    }

    /// True where a kind can have it: a chest needs a body, a seat needs what covers it.
    #[must_use]
    pub const fn suits(self, kind: Kind) -> bool {
        let body = matches!(kind.block(), Block::Body | Block::Overalls);
        match self {
            Pocket::ChestPatch | Pocket::ChestWelt => body,
            Pocket::BackPatch | Pocket::BackWelt => kind.has_legs() || matches!(kind.block(), Block::Skirt),
            Pocket::Slant | Pocket::Scoop => !matches!(kind.block(), Block::Body) || kind.reaches_legs(),
            Pocket::Patch | Pocket::Flap | Pocket::Welt => !matches!(kind.block(), Block::Legs),
        }
    }
}

/// What ends sleeves, or legs.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize, EnumCount, VariantArray)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum Cuffs {
    /// A hem.
    None,
    /// A cuff that buttons.
    Buttoned,
    /// Turned up outside.
    TurnedUp,
    /// A knitted band.
    Ribbed,
}

impl Cuffs {
    /// Every cuff, in the order they are offered.
    pub const ALL: [Cuffs; Cuffs::COUNT] = every();

    /// What it is called.
    #[must_use]
    pub const fn words(self) -> &'static str {
        match self {
            Cuffs::None => "hemmed",
            Cuffs::Buttoned => "buttoned cuffs",
            Cuffs::TurnedUp => "turned up outside",
            Cuffs::Ribbed => "ribbed cuffs",
        }
    }
}

/// The parts somebody has said; what is not said is as on most of its kind.
#[derive(Debug, Clone, PartialEq, Eq, Serialize, Deserialize, Default)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(deny_unknown_fields, default)]
pub struct Parts {
    /// The collar.
    pub collar: Option<Collar>,
    /// How the front closes.
    pub front: Option<Front>,
    /// The pockets that show.
    pub pockets: Option<Vec<Pocket>>,
    /// What ends the sleeves, or the legs.
    pub cuffs: Option<Cuffs>,
    /// Belt loops.
    pub loops: Option<bool>,
    /// Pleats or tucks below the waist.
    pub pleats: Option<bool>,
}

impl Kind {
    /// The collar most of its kind have.
    #[must_use]
    pub const fn usual_collar(self) -> Collar {
        match self {
            Kind::Shirt | Kind::Overalls => Collar::Shirt,
            Kind::Jacket | Kind::Coat => Collar::Notched,
            Kind::KnitTop => Collar::Ribbed,
            _ => Collar::None,
        }
    }

    /// How the front of most of its kind closes.
    #[must_use]
    pub const fn usual_front(self) -> Front {
        match self {
            Kind::Trousers => Front::Fly,
            Kind::Shirt | Kind::Overalls => Front::Placket,
            Kind::Jacket | Kind::Coat | Kind::Waistcoat => Front::Single,
            _ => Front::Closed,
        }
    }

    /// The pockets most of its kind have, in such cloth.
    #[must_use]
    pub const fn usual_pockets(self, cloth: ClothFamily) -> &'static [Pocket] {
        match (self, cloth) {
            (Kind::Trousers, ClothFamily::Denim) => &[Pocket::Scoop, Pocket::BackPatch],
            (Kind::Trousers, _) => &[Pocket::Slant, Pocket::BackWelt],
            (Kind::Sweatpants, _) => &[Pocket::Slant],
            (Kind::Shirt, _) => &[Pocket::ChestPatch],
            (Kind::Jacket, _) => &[Pocket::Flap, Pocket::ChestWelt],
            (Kind::Coat, _) => &[Pocket::Flap],
            (Kind::Waistcoat, _) => &[Pocket::Welt],
            (Kind::Overalls, _) => &[Pocket::Slant, Pocket::ChestPatch],
            _ => &[],
        }
    }

    /// What ends the sleeves or legs of most of its kind.
    #[must_use]
    pub const fn usual_cuffs(self) -> Cuffs {
        match self {
            Kind::Shirt => Cuffs::Buttoned,
            Kind::Sweatpants | Kind::KnitTop => Cuffs::Ribbed,
            _ => Cuffs::None,
        }
    }

    /// True where most of its kind have belt loops.
    #[must_use]
    pub const fn usually_has_loops(self) -> bool {
        matches!(self, Kind::Trousers)
    }
}
