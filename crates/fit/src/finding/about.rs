//! What a finding is about: a place of the garment, or what was said of it, that a screen can go to.

use serde::Serialize;

use crate::garment::{AlterationKey, HemName, LevelName, SeamName};
use crate::judge::lengths::LengthName;

/// What something is about.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(tag = "on", rename_all = "snake_case")]
pub enum About {
    /// The garment as it was measured and described.
    Garment,
    /// Its wearer's measures.
    Body,
    /// A seam or a dart.
    Seam {
        /// Which.
        seam: SeamName,
    },
    /// A level.
    Level {
        /// Which.
        level: LevelName,
    },
    /// A length.
    Length {
        /// Which.
        length: LengthName,
    },
    /// The armholes.
    Armholes,
    /// An alteration beside lines and hems.
    Alteration {
        /// Its key.
        #[cfg_attr(feature = "schema", schema(value_type = String))]
        key: AlterationKey,
    },
    /// A hem.
    Hem {
        /// Which.
        hem: HemName,
    },
}

impl From<SeamName> for About {
    fn from(seam: SeamName) -> About {
        About::Seam { seam }
    }
}

impl From<LevelName> for About {
    fn from(level: LevelName) -> About {
        About::Level { level }
    }
}

impl From<HemName> for About {
    fn from(hem: HemName) -> About {
        About::Hem { hem }
    }
}
