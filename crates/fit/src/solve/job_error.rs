//! Why a job cannot be computed, with the place in it.

use thiserror::Error;

use crate::garment::{LevelName, TemplateError};
use crate::house::habit::HabitOutOfRange;
use crate::house::ranges::{OutOfRange, Range};
use crate::operation::hem::HemError;
use crate::reading::pin::PinError;
use crate::solve::job_place::JobPlace;
use crate::sums::{SumError, SumErrorCause};

/// The format this build writes and reads.
pub const JOB_FORMAT: &str = "vemble-job/1";

/// Most pins one fitting may have; nobody has that many in a garment.
pub const MOST_PINS: usize = 400;

/// Why a job cannot be computed, with the place in it.
#[derive(Debug, Clone, PartialEq, Error)]
#[error("{place}: {cause}")]
pub struct JobError {
    /// Where in the job.
    pub place: JobPlace,
    /// What is wrong there.
    pub cause: JobErrorCause,
}

/// What is wrong with a place in a job.
#[derive(Debug, Clone, PartialEq, Error)]
pub enum JobErrorCause {
    /// Another format.
    #[error("the format was read as \"{0}\"; this build reads \"{JOB_FORMAT}\"")]
    Format(String),
    /// A habit out of its range.
    #[error(transparent)]
    Habit(#[from] HabitOutOfRange),
    /// A body measure no person has.
    #[error("the {name} was read as {read} mm; it can be from {least} to {most} mm")]
    Measure {
        /// The measure.
        name: &'static str,
        /// What was read.
        read: f64,
        /// The least allowed.
        least: f64,
        /// The most allowed.
        most: f64,
    },
    /// A garment measure no garment has, or two at odds.
    #[error(transparent)]
    Garment(#[from] TemplateError),
    /// A pin that cannot be taken.
    #[error(transparent)]
    Pin(#[from] PinError),
    /// A number outside its limits.
    #[error(transparent)]
    Number(#[from] OutOfRange),
    /// A level this garment does not have, or does not have yet.
    #[error("this garment has no {} drawn; measure it flat there first", .0.words())]
    NoSuchLevel(LevelName),
    /// Two pins with one id.
    #[error("the id \"{0}\" is used by another pin of this fitting")]
    DuplicatePin(String),
    /// A hem wish no hem of its garment can have.
    #[error(transparent)]
    Hem(HemError),
    /// An alteration this garment cannot have.
    #[error("{0}")]
    Alteration(String),
    /// A row that cannot keep clear of a place.
    #[error("no even row keeps clear of that place; change how many there are, or where one is pinned")]
    NoRow,
    /// Too many of something.
    #[error("there are {0} pins; a fitting holds up to {MOST_PINS}")]
    TooManyPins(usize),
    /// Too many rows in a list of a garment.
    #[error("there are {count} {what}; a garment holds up to {MOST_PINS}")]
    TooMany {
        /// What there are too many of.
        what: &'static str,
        /// How many there are.
        count: usize,
    },
}

impl JobError {
    /// An error at a place.
    pub fn at(place: impl Into<JobPlace>, cause: impl Into<JobErrorCause>) -> JobError {
        JobError { place: place.into(), cause: cause.into() }
    }

    /// The path of its place.
    #[must_use]
    pub fn path(&self) -> String {
        self.place.to_string()
    }

    /// The same error, where what it is about is a part of something larger.
    #[must_use]
    pub fn inside(self, part: &str) -> JobError {
        JobError::at(format!("{part}.{}", self.place), self.cause)
    }
}

impl From<HemError> for JobErrorCause {
    fn from(error: HemError) -> JobErrorCause {
        match error {
            HemError::Number(beyond) => beyond.into(),
            error => JobErrorCause::Hem(error),
        }
    }
}

impl From<SumError> for JobError {
    fn from(error: SumError) -> JobError {
        let cause = match error.cause {
            SumErrorCause::Number(beyond) => beyond.into(),
            SumErrorCause::NoRow => JobErrorCause::NoRow,
        };
        JobError::at(error.field, cause)
    }
}

/// Checks a number against its limits.
pub(crate) fn within(place: impl Into<JobPlace>, range: Range, read: f64) -> Result<(), JobError> {
    range.holds(read).map_err(|beyond| JobError::at(place, beyond))
}

/// The name of a unit variant in files, which the derive spells in snake case.
pub(crate) fn serde_name(value: &impl std::fmt::Debug) -> String {
    let mut name = String::new();
    for c in format!("{value:?}").chars() {
        if c.is_uppercase() && !name.is_empty() {
            name.push('_');
        }
        name.extend(c.to_lowercase());
    }
    name
}
