//! A sum: what is asked, with its numbers.

use serde::{Deserialize, Serialize};

use super::slit::SlitPlace;
use crate::garment::HemName;
use crate::unit::length::Length;

/// A place to keep clear of.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(deny_unknown_fields)]
pub struct ClearOf {
    /// The place, on the scale the row is measured on.
    pub at: Length,
    /// How far to keep off it.
    pub by: Length,
}

/// A sum with its numbers.
#[derive(Debug, Clone, PartialEq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(tag = "sum", rename_all = "snake_case", deny_unknown_fields)]
pub enum Sum {
    /// A row of buttons, eyelets, loops or hooks.
    Spacing {
        /// The first, from wherever the tape begins.
        from: Length,
        /// The last.
        to: Length,
        /// How many.
        count: u32,
        /// Where one has to stand.
        #[serde(default)]
        pinned: Option<Length>,
        /// Where none may.
        #[serde(default)]
        clear: Option<ClearOf>,
    },
    /// Bias strips for an edge.
    Bias {
        /// Length of the edge.
        length: Length,
        /// Width the strip is cut.
        width: Length,
        /// Width of the cloth it is cut from.
        cloth: Length,
        /// Cut on a fold, at double width.
        #[serde(default)]
        doubled: bool,
        /// Both edges of an open seam are bound.
        #[serde(default)]
        both_edges: bool,
    },
    /// Elastic in a casing.
    Elastic {
        /// The segments it runs through, between what is sewn through the casing.
        spans: Vec<Length>,
        /// What the whole has to lose.
        gap: Length,
    },
    /// Pleats from a width.
    Pleats {
        /// Width when pleated.
        finished: Length,
        /// How many.
        count: u32,
        /// Depth of each, fold to fold.
        depth: Length,
    },
    /// Gathers: a long edge drawn up to a short one.
    Gathers {
        /// The long edge.
        long: Length,
        /// The short.
        short: Length,
    },
    /// A slit in a width that has darts or seams in it.
    Slit {
        /// The width it is cut into.
        across: Length,
        /// Darts and seams along that width, measured from its left end.
        #[serde(default)]
        darts: Vec<Length>,
        /// Where in it.
        #[serde(default)]
        place: SlitPlace,
        /// Width of the opening at the hem.
        opening: Length,
        /// Its height.
        height: Length,
    },
    /// What to cut for cloth that shrinks.
    Shrink {
        /// What it shall measure once washed.
        wanted: Length,
        /// A swatch before its wash.
        before: Length,
        /// The swatch after.
        after: Length,
    },
}

/// Which sum.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum SumKind {
    /// [`Sum::Spacing`].
    Spacing,
    /// [`Sum::Bias`].
    Bias,
    /// [`Sum::Elastic`].
    Elastic,
    /// [`Sum::Pleats`].
    Pleats,
    /// [`Sum::Gathers`].
    Gathers,
    /// [`Sum::Slit`].
    Slit,
    /// [`Sum::Shrink`].
    Shrink,
}

/// What of the garment a sum is about: where its answer belongs.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(tag = "on", rename_all = "snake_case", deny_unknown_fields)]
pub enum SumPlace {
    /// A row of buttons: the one that stands there among what is near the hems, or one nobody has measured yet.
    Buttons {
        /// Its place in that list.
        nth: Option<usize>,
    },
    /// A laced edge.
    Lacing,
    /// The waist.
    Waist,
    /// The armholes.
    Armholes,
    /// A hem.
    Hem {
        /// Which.
        hem: HemName,
    },
    /// The cloth.
    Cloth,
}

/// A sum kept with a fitting.
#[derive(Debug, Clone, PartialEq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(deny_unknown_fields)]
pub struct KeptSum {
    /// Its id, made by whoever kept it.
    #[cfg_attr(feature = "schema", schema(min_length = 1, max_length = 64))]
    pub id: String,
    /// What it is for.
    #[serde(default)]
    pub note: String,
    /// The sum.
    pub sum: Sum,
    /// What of the garment it is about, where that was said.
    #[serde(default)]
    pub place: Option<SumPlace>,
}
