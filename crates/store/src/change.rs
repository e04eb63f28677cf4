//! A change of a fitting: what it holds, and what it makes of what stands.

use chrono::NaiveDate;
use serde::{Deserialize, Serialize};
use uuid::Uuid;
use vemble_fit::Fitting;
use vemble_fit::change::{BEGUN, Change, between, places};

use crate::error::CannotChange;
use crate::fittings::FittingRecord;

/// Beginning a fitting.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize, utoipa::ToSchema)]
#[serde(deny_unknown_fields)]
pub struct Begin {
    /// The garment.
    pub garment: Uuid,
    /// The day of the try-on.
    #[schema(value_type = String, format = Date)]
    pub held_on: NaiveDate,
    /// First, second, third fitting of the garment; the next one where nothing is said.
    #[serde(default)]
    #[schema(minimum = 1, maximum = 999)]
    pub number: Option<i32>,
}

/// What was handed over whole.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize, utoipa::ToSchema)]
#[serde(rename_all = "snake_case")]
pub enum Adopted {
    /// A plan that shares a change out.
    Plan,
    /// A ladder of pins from numbers.
    Ladder,
    /// A favourite garment.
    Copy,
    /// A whole record, restored or imported.
    Record,
}

impl Adopted {
    /// What it is called in the list of what was done.
    pub(crate) const fn words(self) -> &'static str {
        match self {
            Adopted::Plan => "took over a plan",
            Adopted::Ladder => "set a ladder of pins",
            Adopted::Copy => "copied a favourite",
            Adopted::Record => "put the whole record",
        }
    }
}

/// A change of a fitting: several small ones that are made as one.
#[derive(Debug, Clone, PartialEq, Serialize, Deserialize, Default)]
#[serde(deny_unknown_fields)]
pub struct FittingChange {
    /// Set where it begins the fitting.
    #[serde(default, skip_serializing_if = "Option::is_none")]
    pub begin: Option<Begin>,
    /// True where it takes the fitting away: what restores a beginning.
    #[serde(default, skip_serializing_if = "std::ops::Not::not")]
    pub gone: bool,
    /// What was handed over whole, where it was.
    #[serde(default, skip_serializing_if = "Option::is_none")]
    pub adopts: Option<Adopted>,
    /// The small changes, in order.
    #[serde(default)]
    pub parts: Vec<Change>,
}

impl FittingChange {
    /// What becomes of a fitting, with what restores what was. `next` is the number of the garment's next fitting.
    ///
    /// # Errors
    /// [`CannotChange`].
    pub fn apply(
        &self,
        standing: Option<&FittingRecord>,
        next: i32,
    ) -> Result<(Option<FittingRecord>, FittingChange), CannotChange> {
        if self.gone {
            let standing = standing.ok_or(CannotChange::NotBegun)?;
            let blank = Fitting::on(standing.fitting.held_on);
            let begin = Begin {
                garment: standing.garment,
                held_on: standing.fitting.held_on,
                number: Some(standing.number),
            };
            let parts = between(&blank, &standing.fitting.clone().in_order());
            return Ok((None, FittingChange { begin: Some(begin), parts, ..FittingChange::default() }));
        }
        let mut record = match (self.begin, standing) {
            (None, None) => return Err(CannotChange::NotBegun),
            (Some(_), Some(_)) => return Err(CannotChange::Begun),
            (None, Some(standing)) => {
                FittingRecord { fitting: standing.fitting.clone().in_order(), ..standing.clone() }
            }
            (Some(begin), None) => FittingRecord {
                garment: begin.garment,
                number: begin.number.unwrap_or(next),
                fitting: Fitting::on(begin.held_on),
            },
        };
        let parts = record.fitting.apply(&self.parts).map_err(|(at, error)| CannotChange::Part(at, error))?;
        let restoring = match self.begin {
            Some(_) => FittingChange { gone: true, ..FittingChange::default() },
            None => FittingChange { parts, ..FittingChange::default() },
        };
        Ok((Some(record), restoring))
    }

    /// The places it writes; none where it changes nothing.
    pub(crate) fn places(&self, restoring: &FittingChange) -> Vec<String> {
        if self.begin.is_some() || self.gone {
            return vec![BEGUN.to_owned()];
        }
        if restoring.parts.is_empty() {
            return Vec::new();
        }
        places(&self.parts, &restoring.parts).into_iter().collect()
    }

    /// The places it stands on.
    pub(crate) fn grounds(&self) -> Vec<String> {
        if self.begin.is_some() || self.gone {
            return Vec::new();
        }
        let parts = self.parts.iter().filter_map(Change::ground);
        std::iter::once(BEGUN.to_owned()).chain(parts).collect()
    }

    /// The change that makes one record another, as restoring and importing do.
    pub(crate) fn whole(standing: Option<&FittingRecord>, written: &FittingRecord) -> FittingChange {
        let adopts = Some(Adopted::Record);
        let Some(standing) = standing else {
            let begin = Begin {
                garment: written.garment,
                held_on: written.fitting.held_on,
                number: Some(written.number),
            };
            let parts = between(&Fitting::on(begin.held_on), &written.fitting);
            return FittingChange { begin: Some(begin), adopts, parts, gone: false };
        };
        let mut fitting = written.fitting.clone();
        fitting.progress.take_over(&standing.fitting.progress);
        let parts = between(&standing.fitting.clone().in_order(), &fitting);
        FittingChange { adopts, parts, ..FittingChange::default() }
    }
}
