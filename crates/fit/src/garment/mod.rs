//! Garments: what one is said to be. Its panels are drawn from that in [`crate::pattern`].

pub(crate) mod allowance;
pub(crate) mod alteration_kind;
pub(crate) mod band;
pub(crate) mod datum;
pub(crate) mod feature;
pub(crate) mod fixture;
pub(crate) mod flat;
#[allow(clippy::module_inception, reason = "the noun of the folder")]
pub(crate) mod garment;
pub(crate) mod hem_kind;
pub(crate) mod hems;
pub(crate) mod kind;
pub(crate) mod lacing;
pub(crate) mod level;
pub(crate) mod parts;
pub(crate) mod seam;
pub(crate) mod shape;
pub(crate) mod side;
pub(crate) mod template;
pub(crate) mod wish;

pub use allowance::{Clip, SeamAllowance};
pub use alteration_kind::{AlterationKey, AlterationKind};
pub use band::{Band, BandBuild};
pub use feature::{FeatureKind, HemFeature, HemName, LiningClosed, LiningNow};
pub use fixture::{Fixture, FixtureKind};
pub use flat::FlatName;
pub use garment::{Garment, Purpose, Source};
pub use kind::{Block, Kind, SleeveBuild, cap_ease};
pub use lacing::Lacing;
pub use level::Tube;
pub use parts::{Collar, Cuffs, Front, Parts, Pocket};
pub use seam::{DatumAt, Seam, SeamEnd, SeamName, View};
pub use shape::Shape;
pub use template::TemplateError;
pub use wish::Wish;

pub use crate::body::level::LevelName;
