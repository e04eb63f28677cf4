//! Garments: what they are, and their panels drawn from flat measures.

mod bodice;
mod column;
mod course;
mod edge;
mod feature;
mod figure;
mod flat;
mod kind;
mod legs;
mod level;
mod panel;
mod pattern;
mod profile;
mod seam;
mod shape;
mod sleeve;
mod template;

use serde::{Deserialize, Serialize};

pub use bodice::Bodice;
pub use edge::{Edge, Place};
pub use feature::{FeatureKind, HemFeature, HemName, LiningClosed, LiningNow};
pub(crate) use figure::flattened;
pub use figure::{Figure, FigureSeam, Rings, body_figure, garment_figures};
pub use flat::FlatName;
pub use kind::{Block, Kind, SleeveBuild, cap_ease};
pub use level::{Level, LevelName, Tube};
pub use panel::{Dart, EdgeName, Panel, PanelEdge, PanelName};
pub use pattern::{Crotch, Pattern, SeamEdge};
pub use seam::{DatumAt, Seam, SeamEnd, SeamName};
pub use shape::{Band, BandBuild, Clip, Fixture, FixtureKind, Lacing, SeamAllowance, Shape};
pub use template::TemplateError;

use crate::{Cloth, WashTest};

/// Where a garment came from, which decides what is known of it.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize, Default)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum Source {
    /// A trial garment in cheap cloth.
    Toile,
    /// Bought new.
    ReadyMade,
    /// Second-hand or vintage: no pattern, unknown allowances, maybe irreplaceable.
    #[default]
    Thrifted,
}

/// What a garment is for, where that forbids altering it on one's own say.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize, Default)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum Purpose {
    /// Everyday clothing.
    #[default]
    Everyday,
    /// Protective, flame-resistant, high-visibility, medical compression or flotation wear.
    Protective,
    /// Children's nightwear.
    ChildNightwear,
}

/// One garment.
#[derive(Debug, Clone, PartialEq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(deny_unknown_fields)]
pub struct Garment {
    /// What its owner calls it.
    pub name: String,
    /// Where it came from.
    #[serde(default)]
    pub source: Source,
    /// What it is for.
    #[serde(default)]
    pub purpose: Purpose,
    /// Its cloth.
    #[serde(default)]
    pub cloth: Cloth,
    /// Washed and dried since it came, so that it will not shrink after the cut.
    #[serde(default)]
    pub washed: bool,
    /// What a wash took from a swatch of it, or from itself.
    #[serde(default)]
    pub wash_test: Option<WashTest>,
    /// Its kind, measures and construction.
    pub shape: Shape,
}
