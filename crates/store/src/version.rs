//! Records with versions, so that two browsers cannot overwrite each other unseen.

use diesel::prelude::*;
use diesel::sql_types::BigInt;
use serde::{Deserialize, Serialize};
use uuid::Uuid;

use crate::StoreError;

/// A record with the version it stands at.
#[derive(Debug, Clone, PartialEq, Serialize, Deserialize)]
pub struct Versioned<T> {
    /// Counts up by one with every change.
    pub version: i64,
    /// The record.
    pub value: T,
}

/// What a writer knows of the record it writes.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub enum Expected {
    /// It read this version.
    Version(i64),
    /// It did not say; right only for a new record, or a repetition.
    Unsaid,
    /// The record is new and its id was made here a moment ago: nobody else can be writing it.
    Fresh,
}

/// What to do with a write.
pub(crate) enum Write {
    /// The record is new.
    Create,
    /// It stands as written already: a repetition.
    Same(i64),
    /// Replace it; the version it will stand at.
    Replace(i64),
}

/// Lets one transaction at a time write the record of an id, until it ends.
///
/// A row that stands is locked as it is read; one that does not stand yet has nothing to lock, and a
/// request that comes twice at the same moment would make it twice.
pub(crate) fn one_at_a_time(conn: &mut PgConnection, id: Uuid) -> Result<(), StoreError> {
    // The last 64 bits of an id made by a client are chance; two ids that share them only wait for each other.
    let (_, key) = id.as_u64_pair();
    diesel::sql_query("SELECT pg_advisory_xact_lock($1)")
        .bind::<BigInt, _>(key.cast_signed())
        .execute(conn)?;
    Ok(())
}

/// The same for a record about which this is expected. One that is fresh needs no lock, so that a whole workroom takes none
/// for each of its records: the database has room for some thousands.
pub(crate) fn alone(conn: &mut PgConnection, id: Uuid, expected: Expected) -> Result<(), StoreError> {
    if expected == Expected::Fresh { Ok(()) } else { one_at_a_time(conn, id) }
}

/// Decides a write from what stands.
pub(crate) fn decide<T: Serialize + PartialEq>(
    standing: Option<&Versioned<T>>,
    written: &T,
    expected: Expected,
) -> Result<Write, StoreError> {
    let Some(standing) = standing else {
        return match expected {
            Expected::Unsaid | Expected::Fresh => Ok(Write::Create),
            // It was deleted in the meantime.
            Expected::Version(_) => Err(StoreError::NotFound),
        };
    };
    if standing.value == *written {
        return Ok(Write::Same(standing.version));
    }
    match expected {
        Expected::Version(version) if version == standing.version => Ok(Write::Replace(version + 1)),
        Expected::Version(_) => Err(StoreError::Stale {
            version: standing.version,
            current: serde_json::to_value(&standing.value)?,
        }),
        Expected::Unsaid | Expected::Fresh => Err(StoreError::VersionNeeded),
    }
}
