//! Why a sum cannot be worked out.

use thiserror::Error;

use crate::house::ranges::{OutOfRange, Range};

/// Why a sum cannot be worked out, with the number that is amiss.
#[derive(Debug, Clone, PartialEq, Error)]
#[error("{field}: {cause}")]
pub struct SumError {
    /// Which of its numbers: `darts[1]`.
    pub field: String,
    /// What is wrong with it.
    pub cause: SumErrorCause,
}

/// What is wrong with a number of a sum.
#[derive(Debug, Clone, Copy, PartialEq, Error)]
pub enum SumErrorCause {
    /// It is none that can be.
    #[error(transparent)]
    Number(#[from] OutOfRange),
    /// A row that cannot keep clear of a place.
    #[error("no even row keeps clear of that place; change how many there are, or where one is pinned")]
    NoRow,
}

impl SumError {
    /// An error of a number.
    pub(super) fn at(field: impl Into<String>, cause: impl Into<SumErrorCause>) -> SumError {
        SumError { field: field.into(), cause: cause.into() }
    }
}

/// Checks a number of a sum against its limits.
pub(super) fn within(field: impl Into<String>, range: Range, read: f64) -> Result<(), SumError> {
    range.holds(read).map_err(|beyond| SumError::at(field, beyond))
}
