//! Why panels cannot be drawn from the measures.

use thiserror::Error;

use super::flat::FlatName;
use super::kind::Kind;
use super::seam::SeamName;
use crate::unit::length::Length;

/// Why the panels could not be drawn.
#[derive(Debug, Clone, PartialEq, Error)]
pub enum TemplateError {
    /// Measures that nothing can be drawn without.
    #[error("the panels cannot be drawn without the {}", words_of(.0))]
    Missing(Vec<FlatName>),
    /// A measure no such garment has.
    #[error("the {} was read as {} mm; it can be from {least} to {most} mm", .name.words(), .read.mm())]
    Implausible {
        /// The measure.
        name: FlatName,
        /// What was read.
        read: Length,
        /// The least it can be, in millimetres.
        least: i64,
        /// The most it can be, in millimetres.
        most: i64,
    },
    /// A seam its kind cannot have.
    #[error("a {} has no {}; take it off the list of seams", .kind.words(), .seam.words())]
    NoSuchSeam {
        /// The seam.
        seam: SeamName,
        /// The kind.
        kind: Kind,
    },
    /// Two measures that cannot belong to one garment.
    #[error("the {} of {:.0} mm does not go with the {} of {:.0} mm: {because}; measure both again",
        .one.words(), .one_read.mm(), .other.words(), .other_read.mm())]
    Disagree {
        /// The first measure.
        one: FlatName,
        /// What was read for it.
        one_read: Length,
        /// The measure it disagrees with.
        other: FlatName,
        /// What was read for that.
        other_read: Length,
        /// Why they cannot both be right.
        because: &'static str,
    },
}

fn words_of(names: &[FlatName]) -> String {
    let words: Vec<&str> = names.iter().map(|name| name.words()).collect();
    words.join(", ")
}
