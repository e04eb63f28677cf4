//! The kinds of alteration, in the order they are made: the one list of them. From it come what a file may name, the
//! schema, the order, and what each is called.

use std::fmt;

use serde::{Deserialize, Deserializer, Serialize, Serializer};

/// Hands the list of alterations that are wished for by themselves to a macro, in the order they are made: after every
/// line is sewn, because they build on the cloth the lines leave; before the hems, which are measured on what they leave.
///
/// A row is its key in files, its type, the file in `operation/` that type stands in, and what it is called. The second
/// list holds what exists only so that tests can follow an alteration the whole way.
macro_rules! each_wish {
    ($make:ident) => {
        $make! {
            {}
            {
                #[cfg(feature = "testing")]
                "slimmed" Slimmed slimmed "slimming";
            }
        }
    };
}
pub(crate) use each_wish;

macro_rules! kinds {
    (
        { $($key:literal $kind:ident $file:ident $words:literal;)* }
        { $($(#[$when:meta])* $tried:literal $Tried:ident $tried_file:ident $tried_words:literal;)* }
    ) => {
        /// A kind of alteration; they are made in this order.
        #[derive(Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord, Hash)]
        pub enum AlterationKind {
            /// The line of a seam or a dart, as it is pinned.
            Line,
            $(#[doc = $words] $kind,)*
            $($(#[$when])* #[doc = $tried_words] $Tried,)*
            /// A hem.
            Hem,
        }

        impl AlterationKind {
            /// Every kind, in the order they are made.
            pub const ALL: &[AlterationKind] = &[
                AlterationKind::Line,
                $(AlterationKind::$kind,)*
                $($(#[$when])* AlterationKind::$Tried,)*
                AlterationKind::Hem,
            ];

            /// Its name in files and keys.
            #[must_use]
            pub const fn key(self) -> &'static str {
                match self {
                    AlterationKind::Line => "line",
                    $(AlterationKind::$kind => $key,)*
                    $($(#[$when])* AlterationKind::$Tried => $tried,)*
                    AlterationKind::Hem => "hem",
                }
            }

            /// What it is called.
            #[must_use]
            pub const fn words(self) -> &'static str {
                match self {
                    AlterationKind::Line => "line",
                    $(AlterationKind::$kind => $words,)*
                    $($(#[$when])* AlterationKind::$Tried => $tried_words,)*
                    AlterationKind::Hem => "hem",
                }
            }
        }
    };
}
each_wish!(kinds);

impl Serialize for AlterationKind {
    fn serialize<S: Serializer>(&self, serializer: S) -> Result<S::Ok, S::Error> {
        serializer.serialize_str(self.key())
    }
}

impl<'de> Deserialize<'de> for AlterationKind {
    fn deserialize<D: Deserializer<'de>>(deserializer: D) -> Result<AlterationKind, D::Error> {
        let key = String::deserialize(deserializer)?;
        let known = AlterationKind::ALL.iter().copied().find(|kind| kind.key() == key);
        known.ok_or_else(|| serde::de::Error::custom(format_args!("no alteration is called `{key}`")))
    }
}

/// An alteration and where on the garment: one of a kind is told from another by its place, so that the order in which
/// they were asked never matters.
#[derive(Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub struct AlterationKey {
    /// What is done.
    pub kind: AlterationKind,
    /// Where: lower-case letters and underscores.
    pub place: &'static str,
}

impl fmt::Display for AlterationKey {
    fn fmt(&self, to: &mut fmt::Formatter<'_>) -> fmt::Result {
        write!(to, "{}_{}", self.kind.key(), self.place)
    }
}

impl Serialize for AlterationKey {
    fn serialize<S: Serializer>(&self, serializer: S) -> Result<S::Ok, S::Error> {
        serializer.collect_str(self)
    }
}
