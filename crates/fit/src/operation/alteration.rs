//! Alterations that are wished for by themselves: what each of them is to everything else.
//!
//! Plan, changes, what strays, what is kept and every route go by these and name none: a new one is its file with an
//! [`Altering`], its sentences in [`crate::words`], and its row in [`crate::garment::alteration_kind`].

use kurbo::Point;
use serde::{Deserialize, Serialize};

use crate::garment::alteration_kind::each_wish;
use crate::garment::side::Side;
use crate::garment::{AlterationKey, AlterationKind, Garment, SeamName, Shape};
use crate::house::habit::Habits;
use crate::operation::opening::Open;
use crate::pattern::{Edge, Pattern};
use crate::plan::act::Phase;
use crate::plan::draft::Draft;
use crate::plan::key::StepKey;
use crate::sums::SumDrawing;
use crate::unit::length::Length;

/// What an alteration stands on.
#[derive(Clone, Copy)]
pub(crate) struct Ground<'a> {
    pub(crate) garment: &'a Garment,
    pub(crate) habits: &'a Habits,
    /// The garment as it came.
    pub(crate) came: &'a Pattern,
}

/// What one alteration is to everything else.
pub(crate) trait Altering {
    /// Where on the garment it is.
    fn place(&self) -> &'static str;

    /// What of it this garment cannot have, and what nobody can mean. Empty for one that can be asked.
    fn amiss(&self, shape: &Shape) -> Vec<Amiss>;

    /// The pattern with it done, and all that follows from that.
    ///
    /// # Errors
    /// Why it cannot be done, with the nearest that can where there is one; nothing is done then.
    fn apply(&self, ground: Ground<'_>, pattern: &Pattern) -> Result<Made, AlterationRefused>;
}

/// An alteration that is done, as data.
#[derive(Clone)]
pub(crate) struct Made {
    /// The garment with it done; panels it does not touch stay the panels they were.
    pub(crate) pattern: Pattern,
    /// What has to be open for it. It is opened once and closed once, with whatever else needs it open.
    pub(crate) opens: Vec<Open>,
    /// Its own steps, as they need each other; what is opened for it comes after its marks and before the rest.
    pub(crate) drafts: Vec<Draft>,
    /// Lengths that say how it lies: a tick on it holds as long as they do.
    pub(crate) vouched: Vec<Length>,
    /// What should be known of it.
    pub(crate) found: Vec<AlterationFound>,
    /// It drawn, for screen and paper alike.
    pub(crate) sketch: SumDrawing,
}

/// An alteration that is done.
pub(crate) struct Done {
    /// Which.
    pub(crate) key: AlterationKey,
    /// All that follows from it.
    pub(crate) made: Made,
}

impl Done {
    /// Its own steps of some phases.
    pub(crate) fn steps(&self, of: impl Fn(Phase) -> bool) -> impl Iterator<Item = StepKey> {
        let keys = self.made.drafts.iter().map(|draft| draft.key);
        keys.filter(move |key| of(key.act.recipe().phase))
    }
}

/// Something to be known of an alteration, or the reason why it cannot be done: as fields, put into a sentence in
/// [`crate::words`].
#[derive(Debug, Clone, PartialEq)]
pub(crate) struct AlterationFound {
    /// Its stable name: `slimmed.tight`.
    pub(crate) code: &'static str,
    /// The lengths that are said of it.
    pub(crate) lengths: Vec<Length>,
    /// True where the result will not be what was meant; else it is good to know.
    pub(crate) matters: bool,
}

/// What is amiss with a wish.
#[derive(Debug, Clone, PartialEq)]
pub(crate) struct Amiss {
    /// The field.
    pub(crate) field: &'static str,
    /// What is wrong there.
    pub(crate) why: AlterationFound,
}

/// An edge that an alteration moved.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct MovedEdge {
    /// The seam it is sewn in.
    pub seam: SeamName,
    /// The half.
    pub side: Side,
    /// How far it lies from where it lay, where it moved most, in hundredths of a millimetre.
    pub most: Length,
}

/// Nearer than this, in millimetres, an edge lies where it lay.
const LIES_THERE: f64 = 0.05;

/// The edges that lie elsewhere on a garment than before, each by as much as it moved where it moved most: measured on the
/// two patterns, whatever moved them.
pub(crate) fn moved_edges(before: &Pattern, after: &Pattern) -> Vec<MovedEdge> {
    let mut moved = Vec::new();
    for seam in SeamName::ALL {
        let sides: &[Side] = if seam.is_paired() { &[Side::Left, Side::Right] } else { &[Side::Centre] };
        for side in sides.iter().copied() {
            let (Some(old), Some(new)) = (before.edges_on(seam, side), after.edges_on(seam, side)) else {
                continue;
            };
            let off = |[old, new]: [&Edge; 2]| {
                new.places().iter().map(|place| off_edge(place.point, old)).fold(0.0, f64::max)
            };
            let most = off([old[0].edge, new[0].edge]).max(off([old[1].edge, new[1].edge]));
            if most > LIES_THERE {
                moved.push(MovedEdge { seam, side, most: Length::hundredth(most) });
            }
        }
    }
    moved
}

/// How far a point lies from an edge, in millimetres.
fn off_edge(point: Point, edge: &Edge) -> f64 {
    let to = |[from, to]: [Point; 2]| {
        let along = to - from;
        let share = (point - from).dot(along) / along.hypot2().max(f64::MIN_POSITIVE);
        (point - (from + along * share.clamp(0.0, 1.0))).hypot()
    };
    edge.places().windows(2).map(|pair| to([pair[0].point, pair[1].point])).fold(f64::INFINITY, f64::min)
}

/// Why an alteration cannot be done.
#[derive(Debug, Clone, PartialEq)]
pub(crate) struct AlterationRefused {
    /// Why.
    pub(crate) why: AlterationFound,
    /// The nearest that can be done.
    pub(crate) nearest: Option<Alteration>,
}

macro_rules! alterations {
    (
        { $($key:literal $kind:ident $file:ident $words:literal;)* }
        { $($(#[$when:meta])* $tried:literal $Tried:ident $tried_file:ident $tried_words:literal;)* }
    ) => {
        /// An alteration that somebody wishes for. Lines are pinned and hems have lists of their own; everything else a
        /// garment can be altered by is one of these.
        #[derive(Debug, Clone, PartialEq, Serialize, Deserialize)]
        #[serde(tag = "alteration")]
        pub enum Alteration {
            $(#[doc = $words] #[serde(rename = $key)] $kind(super::$file::$kind),)*
            $($(#[$when])* #[doc = $tried_words] #[serde(rename = $tried)] $Tried(super::$tried_file::$Tried),)*
        }

        impl Alteration {
            /// What it is.
            #[must_use]
            pub fn kind(&self) -> AlterationKind {
                match *self {
                    $(Alteration::$kind(_) => AlterationKind::$kind,)*
                    $($(#[$when])* Alteration::$Tried(_) => AlterationKind::$Tried,)*
                }
            }

            pub(crate) fn altering(&self) -> &dyn Altering {
                match *self {
                    $(Alteration::$kind(ref wish) => wish,)*
                    $($(#[$when])* Alteration::$Tried(ref wish) => wish,)*
                }
            }
        }

        #[cfg(feature = "schema")]
        impl utoipa::PartialSchema for Alteration {
            fn schema() -> utoipa::openapi::RefOr<utoipa::openapi::Schema> {
                let kinds: &[(&str, utoipa::openapi::RefOr<utoipa::openapi::Schema>)] =
                    &[$(($key, <super::$file::$kind as utoipa::PartialSchema>::schema()),)*];
                one_of(kinds)
            }
        }
    };
}
each_wish!(alterations);

#[cfg(feature = "schema")]
impl utoipa::ToSchema for Alteration {}

/// One of some kinds, each told by its name. While there is none, any name is one this build does not know.
#[cfg(feature = "schema")]
fn one_of(
    kinds: &[(&str, utoipa::openapi::RefOr<utoipa::openapi::Schema>)],
) -> utoipa::openapi::RefOr<utoipa::openapi::Schema> {
    use utoipa::openapi::schema::{AllOfBuilder, ObjectBuilder, OneOfBuilder, Schema, SchemaType, Type};
    let told = |name: Option<&str>| {
        let text = ObjectBuilder::new().schema_type(SchemaType::Type(Type::String));
        let text =
            text.description(Some("What is done.")).max_length(Some(40)).enum_values(name.map(|name| [name]));
        ObjectBuilder::new().property("alteration", text).required("alteration")
    };
    let of = |(name, kind): &(&str, utoipa::openapi::RefOr<Schema>)| {
        AllOfBuilder::new().item(kind.clone()).item(told(Some(name)))
    };
    match kinds {
        [] => Schema::Object(told(None).build()).into(),
        kinds => {
            let all = kinds.iter().fold(OneOfBuilder::new(), |all, kind| all.item(of(kind)));
            Schema::OneOf(all.build()).into()
        }
    }
}

impl Alteration {
    /// What it is and where, by which it is put, changed, taken out and ticked.
    #[must_use]
    pub fn key(&self) -> AlterationKey {
        AlterationKey { kind: self.kind(), place: self.altering().place() }
    }
}
