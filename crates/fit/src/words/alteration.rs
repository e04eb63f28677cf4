//! What is said of alterations that are neither lines nor hems: each kind says its own.

use crate::garment::alteration_kind::each_wish;
use crate::operation::alteration::{Alteration, AlterationFound};
use crate::unit::scale::Scale;

/// What is said of one kind.
pub(super) trait Told {
    /// It with its place, after an article: "slimming of the side seam".
    fn words(&self) -> String;

    /// What is amiss with it, as the end of a sentence that names its field.
    fn amiss(&self, why: &AlterationFound, scale: Scale) -> String;

    /// What is to be known of it, or why it cannot be done, as a sentence.
    fn found(&self, found: &AlterationFound, scale: Scale) -> String;
}

macro_rules! told {
    (
        { $($key:literal $kind:ident $file:ident $words:literal;)* }
        { $($(#[$when:meta])* $tried:literal $Tried:ident $tried_file:ident $tried_words:literal;)* }
    ) => {
        fn told(wish: &Alteration) -> &dyn Told {
            match *wish {
                $(Alteration::$kind(ref wish) => wish,)*
                $($(#[$when])* Alteration::$Tried(ref wish) => wish,)*
            }
        }
    };
}
each_wish!(told);

/// An alteration with its place.
pub(crate) fn alteration_words(wish: &Alteration) -> String {
    told(wish).words()
}

/// What is amiss with an alteration, as the end of a sentence.
pub(crate) fn alteration_amiss(wish: &Alteration, why: &AlterationFound, scale: Scale) -> String {
    told(wish).amiss(why, scale)
}

/// What was found of an alteration.
pub(crate) fn alteration_found(wish: &Alteration, found: &AlterationFound, scale: Scale) -> String {
    told(wish).found(found, scale)
}
