//! Garments: what they are, and their panels drawn from flat measures.

mod allowance;
mod band;
mod bodice;
mod column;
mod course;
mod draw;
mod edge;
mod feature;
mod figure;
mod fixture;
mod flat;
#[allow(clippy::module_inception, reason = "the noun of the folder")]
mod garment;
mod hems;
mod kind;
mod lacing;
mod legs;
mod level;
mod panel;
mod pattern;
mod profile;
mod seam;
mod shape;
mod sleeve;
mod template;

pub use allowance::{Clip, SeamAllowance};
pub use band::{Band, BandBuild};
pub use bodice::Bodice;
pub use edge::{Edge, Place};
pub use feature::{FeatureKind, HemFeature, HemName, LiningClosed, LiningNow};
pub(crate) use figure::flattened;
pub use figure::{Figure, FigureSeam, Rings, body_figure, garment_figures};
pub use fixture::{Fixture, FixtureKind};
pub use flat::FlatName;
pub use garment::{Garment, Purpose, Source};
pub use kind::{Block, Kind, SleeveBuild, cap_ease};
pub use lacing::Lacing;
pub use level::{Level, LevelName, Tube};
pub use panel::{Dart, EdgeName, Panel, PanelEdge, PanelName};
pub use pattern::{Crotch, Pattern, SeamEdge};
pub use seam::{DatumAt, Seam, SeamEnd, SeamName, View};
pub use shape::Shape;
pub use template::TemplateError;
