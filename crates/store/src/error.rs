//! What can go wrong in the store.

use thiserror::Error;
use vemble_fit::change::ChangeError;

/// Why a change cannot be made of what stands.
#[derive(Debug, Clone, PartialEq, Error)]
pub enum CannotChange {
    /// There is no such fitting.
    #[error("there is no such fitting")]
    NotBegun,
    /// It was begun already.
    #[error("this fitting was begun already; change it as it stands")]
    Begun,
    /// One of its parts cannot be made.
    #[error("{1}")]
    Part(usize, ChangeError),
}

/// Why the store did not do what was asked.
#[derive(Debug, Error)]
pub enum StoreError {
    /// There is no such record in this account.
    #[error("there is no such record")]
    NotFound,
    /// The record was changed since it was read; what stands now.
    #[error("the record was changed since it was read; it stands at version {version} now")]
    Stale {
        /// The version that stands.
        version: i64,
        /// The record that stands, as JSON.
        current: serde_json::Value,
    },
    /// An existing record was written without saying which version was read.
    #[error("the record exists; say which version was read")]
    VersionNeeded,
    /// A value that the record's rules forbid.
    #[error("{0}")]
    Refused(&'static str),
    /// What a change was looked at against was written meanwhile; nothing was changed.
    #[error("it was changed at the same moment")]
    Moved,
    /// A change that cannot be made of what stands.
    #[error(transparent)]
    CannotChange(CannotChange),
    /// Nothing is left to undo.
    #[error("there is nothing to undo on this garment")]
    NothingToUndo,
    /// The database does not let this server in.
    #[error("the database cannot be opened: {reason} (it says: {said})")]
    CannotOpen {
        /// Why, and what to do.
        reason: &'static str,
        /// What it said itself.
        said: String,
    },
    /// The database took too long over this, or others held what it needs.
    #[error("the database is busy")]
    Busy,
    /// The work itself failed, in a way that should not be.
    #[error("the work failed")]
    Failed,
    /// The database does not answer.
    #[error("the database does not answer")]
    Unavailable,
    /// It answers and may only be read: a standby, or one that somebody works on.
    #[error("the database can only be read")]
    ReadOnly,
    /// Its disk is full.
    #[error("the database has no room left")]
    Full,
    /// A newer build has migrated this database.
    #[error("this database was made by a newer Vemble ({0}); start that one, or restore an older backup")]
    NewerSchema(String),
    /// What is stored does not read back.
    #[error("a stored record does not read back: {0}")]
    Corrupt(#[from] serde_json::Error),
    /// Anything else the database said.
    #[error("the database refused: {0}")]
    Database(diesel::result::Error),
}

impl From<diesel::result::Error> for StoreError {
    fn from(error: diesel::result::Error) -> StoreError {
        use diesel::result::{DatabaseErrorKind, Error};
        match error {
            Error::NotFound => StoreError::NotFound,
            Error::DatabaseError(
                DatabaseErrorKind::ClosedConnection | DatabaseErrorKind::UnableToSendCommand,
                _,
            )
            | Error::BrokenTransactionManager => StoreError::Unavailable,
            Error::DatabaseError(DatabaseErrorKind::ReadOnlyTransaction, _) => StoreError::ReadOnly,
            Error::DatabaseError(DatabaseErrorKind::SerializationFailure, _) => StoreError::Busy,
            // What it stands on was deleted at the same moment.
            Error::DatabaseError(DatabaseErrorKind::ForeignKeyViolation, _) => StoreError::NotFound,
            Error::DatabaseError(DatabaseErrorKind::CheckViolation, _) => {
                StoreError::Refused("a number in it lies outside what its record can hold")
            }
            Error::DatabaseError(DatabaseErrorKind::UniqueViolation, _) => {
                StoreError::Refused("something is in it twice that can be there once")
            }
            Error::DatabaseError(kind, info) => match said(info.message()) {
                Some(known) => known,
                None => StoreError::Database(Error::DatabaseError(kind, info)),
            },
            other => StoreError::Database(other),
        }
    }
}

/// What the database says in words where it gives no kind.
fn said(message: &str) -> Option<StoreError> {
    let any = |parts: &[&str]| parts.iter().any(|part| message.contains(part));
    if any(&["timeout", "deadlock detected", "too many clients"]) {
        // It ran into one of the limits of every connection, or others held what it needs.
        Some(StoreError::Busy)
    } else if any(&["No space left", "could not extend file", "disk full"]) {
        Some(StoreError::Full)
    } else if any(&["read-only"]) {
        Some(StoreError::ReadOnly)
    } else if any(&["terminat", "connection", "shutting down", "starting up", "recovery mode"]) {
        // The server went away between two statements of one transaction.
        Some(StoreError::Unavailable)
    } else {
        None
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn what_the_database_says_is_told_apart() {
        for (message, expected) in [
            ("canceling statement due to lock timeout", "the database is busy"),
            ("could not extend file \"base/1\": No space left on device", "the database has no room left"),
            ("cannot execute INSERT in a read-only transaction", "the database can only be read"),
            ("server closed the connection unexpectedly", "the database does not answer"),
            ("the database system is in recovery mode", "the database does not answer"),
        ] {
            assert_eq!(said(message).map(|error| error.to_string()).as_deref(), Some(expected), "{message}");
        }
        assert!(said("syntax error at or near \"x\"").is_none());
    }
}
