//! The small sums in the middle of the work, each by itself: spacing, bias strips, elastic, pleats,
//! gathers, a slit, shrinking.
//!
//! A sum is its numbers; [`work_out`] checks them and gives the answer as it is read on the tape. Kept with
//! a fitting, a sum is worked out again whenever the fitting is.

mod answer;
pub(crate) mod spacing;

use serde::{Deserialize, Serialize};

pub use answer::{KeptAnswer, SumAnswer, SumRow, work_out};

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
        #[cfg_attr(feature = "schema", schema(minimum = 2, maximum = 200))]
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
        #[cfg_attr(feature = "schema", schema(minimum = 1, maximum = 400))]
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
    #[cfg_attr(feature = "schema", schema(max_length = 120))]
    pub note: String,
    /// The sum.
    pub sum: Sum,
}
