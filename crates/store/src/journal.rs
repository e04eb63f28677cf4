//! The journal: every change of a garment's record, and undoing the last.

use chrono::{DateTime, Utc};
use diesel::prelude::*;
use serde::Serialize;
use uuid::Uuid;

use crate::schema::{fitting, journal};
use crate::version::word;
use crate::{AccountId, Conn, FittingRecord, GarmentRecord, StoreError, fittings, garments};

/// What a journal row is about.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize)]
#[serde(rename_all = "snake_case")]
pub(crate) enum Subject {
    Garment,
    Fitting,
}

/// One change.
#[derive(Debug, Clone, PartialEq, Serialize, utoipa::ToSchema, Queryable)]
pub struct JournalEntry {
    /// Its number; later changes have higher ones.
    pub id: i64,
    /// When it was made.
    pub at: DateTime<Utc>,
    /// What was changed, in words.
    pub what: String,
    /// True once it was undone.
    pub undone: bool,
}

/// How many changes are listed.
const LISTED: i64 = 100;

#[allow(clippy::too_many_arguments, reason = "a journal row is exactly these facts")]
pub(crate) fn write<T: Serialize>(
    conn: &mut PgConnection,
    account: AccountId,
    garment: Uuid,
    subject: Subject,
    subject_id: Uuid,
    what: &str,
    before: Option<&T>,
    after: &T,
) -> Result<(), StoreError> {
    diesel::insert_into(journal::table)
        .values((
            journal::account_id.eq(account.0),
            journal::garment_id.eq(garment),
            journal::subject.eq(word(&subject)?),
            journal::subject_id.eq(subject_id),
            journal::what.eq(what),
            journal::before.eq(before.map(serde_json::to_value).transpose()?),
            journal::after.eq(serde_json::to_value(after)?),
        ))
        .execute(conn)?;
    Ok(())
}

/// The last changes of a garment, newest first.
///
/// # Errors
/// [`StoreError::NotFound`] when this account has no such garment.
pub fn list(conn: &mut Conn, account: AccountId, garment: Uuid) -> Result<Vec<JournalEntry>, StoreError> {
    garments::get(conn, account, garment)?;
    Ok(journal::table
        .filter(journal::garment_id.eq(garment))
        .order(journal::id.desc())
        .limit(LISTED)
        .select((journal::id, journal::at, journal::what, journal::undone))
        .load(conn)?)
}

/// Undoes the newest change of a garment that is not undone yet; says what it was. Hanging the
/// garment itself is not undone this way.
///
/// # Errors
/// [`StoreError::NothingToUndo`] when no change is left.
pub fn undo(conn: &mut Conn, account: AccountId, garment: Uuid) -> Result<String, StoreError> {
    conn.transaction(|conn| {
        garments::standing(conn, account, garment)?.ok_or(StoreError::NotFound)?;
        let row: Option<(i64, String, Uuid, String, Option<serde_json::Value>)> = journal::table
            .filter(journal::garment_id.eq(garment).and(journal::undone.eq(false)))
            .order(journal::id.desc())
            .select((journal::id, journal::subject, journal::subject_id, journal::what, journal::before))
            .first(conn)
            .optional()?;
        let Some((id, subject, subject_id, what, before)) = row else {
            return Err(StoreError::NothingToUndo);
        };
        match (subject.as_str(), before) {
            ("garment", Some(before)) => {
                let record: GarmentRecord = serde_json::from_value(before)?;
                let version = garments::standing(conn, account, garment)?.map_or(1, |now| now.version + 1);
                garments::replace(conn, account, garment, &record, version)?;
            }
            ("fitting", Some(before)) => {
                let record: FittingRecord = serde_json::from_value(before)?;
                let version = fittings::standing(conn, account, subject_id)?.map_or(1, |now| now.version + 1);
                fittings::replace(conn, account, subject_id, &record, &Default::default(), version)?;
            }
            // Beginning a fitting is undone by taking it away.
            ("fitting", None) => {
                diesel::delete(fitting::table.find(subject_id)).execute(conn)?;
            }
            _ => return Err(StoreError::NothingToUndo),
        }
        diesel::update(journal::table.find(id)).set(journal::undone.eq(true)).execute(conn)?;
        Ok(what)
    })
}
