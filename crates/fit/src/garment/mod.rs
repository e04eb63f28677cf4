//! Garments: what they are, and their panels drawn from flat measures.

mod edge;
mod figure;
mod level;
mod panel;
mod profile;
mod trousers;

use serde::{Deserialize, Serialize};

pub use edge::{Edge, Place};
pub(crate) use figure::flattened;
pub use figure::{Figure, FigureSeam, body_figure, trousers_figure};
pub use level::{Level, LevelName, Tube};
pub use panel::{Panel, PanelName};
pub use trousers::{Band, BandBuild, FlatName, SeamAllowance, TemplateError, TrouserPanels, Trousers};

use crate::Cloth;

/// A seam of a pair of trousers.
#[derive(Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord, Hash, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum SeamName {
    /// Down the outside of the leg, from the top of the band to the hem.
    Outseam,
    /// Down the inside of the leg, from the crotch to the hem.
    Inseam,
    /// From the top of the band through the seat to the crotch.
    CentreBack,
    /// From the top of the band through the fly to the crotch; takes no pins, the fly is in it.
    CentreFront,
}

impl SeamName {
    /// The seams that take pins, in the order they are judged.
    pub const PINNED: [SeamName; 3] = [SeamName::Outseam, SeamName::Inseam, SeamName::CentreBack];

    /// What it is called in a sentence.
    #[must_use]
    pub const fn words(self) -> &'static str {
        match self {
            SeamName::Outseam => "outseam",
            SeamName::Inseam => "inseam",
            SeamName::CentreBack => "centre back",
            SeamName::CentreFront => "centre front",
        }
    }

    /// True where the garment has the seam once on each side.
    #[must_use]
    pub const fn is_paired(self) -> bool {
        matches!(self, SeamName::Outseam | SeamName::Inseam)
    }
}

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

/// The measures and construction that belong to one kind of garment.
#[derive(Debug, Clone, PartialEq, Serialize, Deserialize)]
#[serde(tag = "kind", rename_all = "snake_case")]
pub enum Shape {
    /// A pair of trousers.
    Trousers(Trousers),
}

/// The derived schema would put the tag beside the kind's own closed object, and nothing can satisfy
/// both; here the tag is one of the object's properties.
#[cfg(feature = "schema")]
impl utoipa::PartialSchema for Shape {
    fn schema() -> utoipa::openapi::RefOr<utoipa::openapi::schema::Schema> {
        use utoipa::openapi::schema::{ObjectBuilder, Schema, Type};
        let mut kind = <Trousers as utoipa::PartialSchema>::schema();
        if let utoipa::openapi::RefOr::T(Schema::Object(object)) = &mut kind {
            let tag = ObjectBuilder::new().schema_type(Type::String).enum_values(Some(["trousers"])).build();
            object.properties.insert("kind".to_owned(), tag.into());
            object.required.push("kind".to_owned());
        }
        kind
    }
}

#[cfg(feature = "schema")]
impl utoipa::ToSchema for Shape {
    fn schemas(schemas: &mut Vec<(String, utoipa::openapi::RefOr<utoipa::openapi::schema::Schema>)>) {
        <Trousers as utoipa::ToSchema>::schemas(schemas);
    }
}

impl Shape {
    /// What the kind is called.
    #[must_use]
    pub const fn words(&self) -> &'static str {
        match self {
            Shape::Trousers(_) => "trousers",
        }
    }

    /// The trousers, while they are the only kind.
    #[must_use]
    pub const fn trousers(&self) -> &Trousers {
        match self {
            Shape::Trousers(trousers) => trousers,
        }
    }
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
    /// Its kind, measures and construction.
    pub shape: Shape,
}
