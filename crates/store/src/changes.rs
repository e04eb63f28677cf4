//! Keeping changes of a fitting, each with its journal line.

use diesel::prelude::*;
use uuid::Uuid;

use crate::change::FittingChange;
use crate::error::StoreError;
use crate::fittings::{self, FittingRecord, Works};
use crate::garments;
use crate::hand::Hand;
use crate::journal::{self, NewLine, Subject};
use crate::schema::{fitting, garment};
use crate::version::{Expected, Write, alone, decide};
use crate::{AccountId, Conn};

/// A change that may be made, with what restores what was.
#[derive(Debug, Clone, PartialEq)]
pub struct Accepted {
    /// The id its maker gave it.
    pub id: Option<Uuid>,
    /// The change.
    pub change: FittingChange,
    /// What restores what was.
    pub restoring: FittingChange,
    /// The line it takes back.
    pub takes_back: Option<i64>,
}

/// The state a change was looked at in; it is made only while that state stands.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub struct Seen {
    /// The garment.
    pub garment: Uuid,
    /// The garment's version.
    pub garment_version: i64,
    /// The fitting's version; nothing where it was not begun.
    pub fitting_version: Option<i64>,
    /// The garment's last journal line, where what is written takes others back: what stands on them may be new.
    pub last: Option<i64>,
    /// The number a fitting that begins takes, where it was left to the garment to count.
    pub next: Option<i32>,
    /// What the writer knows of the record.
    pub expected: Expected,
}

/// What was kept.
#[derive(Debug, Clone, PartialEq, Eq)]
pub struct Written {
    /// The version the fitting stands at.
    pub version: i64,
    /// The journal line of each change, in order.
    pub lines: Vec<i64>,
}

/// Makes changes that were looked at: the fitting as it will be, and a journal line for each, in one transaction.
///
/// # Errors
/// [`StoreError::Moved`] when something else was written since it was looked at, and nothing is changed;
/// [`StoreError::NotFound`] when the garment or the fitting is gone or belongs to another account.
#[allow(clippy::too_many_arguments, reason = "a journal line is exactly these facts")]
pub fn write(
    conn: &mut Conn,
    account: AccountId,
    hand: &Hand,
    id: Uuid,
    seen: Seen,
    record: Option<&FittingRecord>,
    accepted: &[Accepted],
    works: &Works,
) -> Result<Written, StoreError> {
    conn.transaction(|conn| {
        alone(conn, id, seen.expected)?;
        // The garment is locked first, so that two fittings cannot take one number.
        let garment: Option<i64> = garment::table
            .find(seen.garment)
            .filter(garment::account_id.eq(account.0))
            .select(garment::version)
            .for_update()
            .first(conn)
            .optional()?;
        if garment.ok_or(StoreError::NotFound)? != seen.garment_version {
            return Err(StoreError::Moved);
        }
        let standing: Option<(Uuid, i64)> = fitting::table
            .find(id)
            .select((fitting::account_id, fitting::version))
            .for_update()
            .first(conn)
            .optional()?;
        if standing.is_some_and(|(owner, _)| owner != account.0) {
            return Err(StoreError::NotFound);
        }
        if standing.map(|(_, version)| version) != seen.fitting_version {
            return Err(StoreError::Moved);
        }
        if let Some(last) = seen.last
            && journal::last_of(conn, seen.garment)? != last
        {
            return Err(StoreError::Moved);
        }
        if let Some(next) = seen.next
            && number_after(conn, seen.garment)? != next
        {
            return Err(StoreError::Moved);
        }
        let version = seen.fitting_version.unwrap_or(0) + 1;
        match record {
            Some(record) => fittings::replace(conn, account, id, record, works, version)?,
            None => {
                diesel::delete(fitting::table.find(id)).execute(conn)?;
            }
        }
        let lines = accepted
            .iter()
            .map(|accepted| {
                let (change, restoring) = (&accepted.change, &accepted.restoring);
                journal::write(
                    conn,
                    account,
                    hand,
                    NewLine {
                        garment: seen.garment,
                        subject: Subject::Fitting,
                        subject_id: id,
                        change_id: accepted.id,
                        takes_back: accepted.takes_back,
                        what: "",
                        places: change.places(restoring),
                        grounds: change.grounds(),
                        before: Some(serde_json::to_value(restoring)?),
                        after: serde_json::to_value(change)?,
                    },
                )
            })
            .collect::<Result<_, StoreError>>()?;
        Ok(Written { version, lines })
    })
}

/// Writes a fitting whole, as restoring and importing do; what that changes is one change in the journal. Lists
/// are kept in the order of their keys.
///
/// # Errors
/// [`StoreError::Stale`] when it was changed since it was read, [`StoreError::NotFound`] when the
/// id or the garment belongs to another account.
pub fn put(
    conn: &mut Conn,
    account: AccountId,
    hand: &Hand,
    id: Uuid,
    written: &FittingRecord,
    works: &Works,
    expected: Expected,
) -> Result<i64, StoreError> {
    let written = FittingRecord { fitting: written.fitting.clone().in_order(), ..written.clone() };
    conn.transaction(|conn| {
        alone(conn, id, expected)?;
        // The garment is locked first, so that two first fittings cannot take one number.
        let garment = garments::locked(conn, account, written.garment)?.ok_or(StoreError::NotFound)?;
        let mut standing = fittings::standing(conn, account, id, true)?;
        if let Some(standing) = &mut standing {
            standing.value.fitting = standing.value.fitting.clone().in_order();
        }
        match decide(standing.as_ref(), &written, expected)? {
            Write::Same(version) => return Ok(version),
            Write::Create | Write::Replace(_) => {}
        }
        let before = standing.as_ref().map(|standing| &standing.value);
        if before.is_some_and(|before| before.garment != written.garment) {
            return Err(StoreError::Refused("a fitting stays with its garment"));
        }
        let change = FittingChange::whole(before, &written);
        let (record, restoring) = change.apply(before, written.number).map_err(StoreError::CannotChange)?;
        let record = record.map(|record| FittingRecord { number: written.number, ..record });
        if record.as_ref() != Some(&written) {
            return Err(StoreError::Refused("something stands twice in one list; each may stand in it once"));
        }
        let seen = Seen {
            garment: written.garment,
            garment_version: garment.version,
            fitting_version: standing.as_ref().map(|standing| standing.version),
            last: None,
            next: None,
            expected,
        };
        let accepted = Accepted { id: None, change, restoring, takes_back: None };
        Ok(write(conn, account, hand, id, seen, record.as_ref(), &[accepted], works)?.version)
    })
}

/// The number of a garment's next fitting.
///
/// # Errors
/// When the database does not answer.
pub fn next_number(conn: &mut Conn, garment: Uuid) -> Result<i32, StoreError> {
    number_after(conn, garment)
}

fn number_after(conn: &mut PgConnection, garment: Uuid) -> Result<i32, StoreError> {
    let last: Option<i32> = fitting::table
        .filter(fitting::garment_id.eq(garment))
        .select(diesel::dsl::max(fitting::number))
        .first(conn)?;
    Ok(last.unwrap_or(0) + 1)
}
