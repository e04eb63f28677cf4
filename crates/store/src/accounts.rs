//! Accounts: who may see what, and their habits.

use diesel::prelude::*;
use serde::{Deserialize, Serialize};
use uuid::Uuid;
use vemble_fit::Habits;
use vemble_fit::plan::Timing;

use crate::schema::{account, fitting, step};
use crate::version::{Expected, Versioned, Write, decide, from_word};
use crate::{Conn, StoreError};

/// The account a store function acts for. Made only from a signed-in session or a new account.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize)]
pub struct AccountId(pub Uuid);

/// An account.
#[derive(Debug, Clone, PartialEq)]
pub struct Account {
    /// Its id.
    pub id: AccountId,
    /// Its address, in lower case.
    pub email: String,
    /// Its settings.
    pub habits: Versioned<Habits>,
}

/// What is needed to check a password.
#[derive(Debug, Clone)]
pub struct Credentials {
    /// The account.
    pub id: AccountId,
    /// The password's argon2id hash.
    pub password_hash: String,
}

/// Makes an account; an address that has one keeps it, untouched, and `false` is returned.
///
/// # Errors
/// When the database does not answer.
pub fn create(conn: &mut Conn, id: AccountId, email: &str, password_hash: &str) -> Result<bool, StoreError> {
    let made = diesel::insert_into(account::table)
        .values((
            account::id.eq(id.0),
            account::email.eq(email),
            account::password_hash.eq(password_hash),
            account::habits.eq(serde_json::to_value(Habits::default())?),
        ))
        .on_conflict_do_nothing()
        .execute(conn)?;
    Ok(made == 1)
}

/// The credentials of an address.
///
/// # Errors
/// When the database does not answer.
pub fn credentials(conn: &mut Conn, email: &str) -> Result<Option<Credentials>, StoreError> {
    let row: Option<(Uuid, String)> = account::table
        .filter(account::email.eq(email))
        .select((account::id, account::password_hash))
        .first(conn)
        .optional()?;
    Ok(row.map(|(id, password_hash)| Credentials { id: AccountId(id), password_hash }))
}

/// The account of an address.
///
/// # Errors
/// When the database does not answer.
pub fn by_email(conn: &mut Conn, email: &str) -> Result<Option<AccountId>, StoreError> {
    Ok(credentials(conn, email)?.map(|credentials| credentials.id))
}

/// An account with its habits.
///
/// # Errors
/// [`StoreError::NotFound`] when it is gone.
pub fn get(conn: &mut Conn, id: AccountId) -> Result<Account, StoreError> {
    let (email, habits, version): (String, serde_json::Value, i64) = account::table
        .find(id.0)
        .select((account::email, account::habits, account::habits_version))
        .first(conn)?;
    let habits = Versioned { version, value: serde_json::from_value(habits)? };
    Ok(Account { id, email, habits })
}

/// Replaces an account's habits.
///
/// # Errors
/// [`StoreError::Stale`] when they were changed since they were read.
pub fn put_habits(
    conn: &mut Conn,
    id: AccountId,
    habits: &Habits,
    expected: Expected,
) -> Result<i64, StoreError> {
    conn.transaction(|conn| {
        let (standing, version): (serde_json::Value, i64) = account::table
            .find(id.0)
            .select((account::habits, account::habits_version))
            .for_update()
            .first(conn)?;
        let standing = Versioned { version, value: serde_json::from_value::<Habits>(standing)? };
        match decide(Some(&standing), habits, expected)? {
            Write::Create => Err(StoreError::NotFound),
            Write::Same(version) => Ok(version),
            Write::Replace(version) => {
                diesel::update(account::table.find(id.0))
                    .set((
                        account::habits.eq(serde_json::to_value(habits)?),
                        account::habits_version.eq(version),
                    ))
                    .execute(conn)?;
                Ok(version)
            }
        }
    })
}

/// Every step this account has timed, for the personal factor.
///
/// # Errors
/// When the database does not answer.
pub fn timings(conn: &mut Conn, id: AccountId) -> Result<Vec<Timing>, StoreError> {
    let rows: Vec<(Option<String>, Option<f64>, Option<f64>)> = step::table
        .inner_join(fitting::table)
        .filter(fitting::account_id.eq(id.0))
        .filter(step::minutes.is_not_null().and(step::work.is_not_null()).and(step::estimate.is_not_null()))
        .order((step::done_at, step::key))
        .select((step::work, step::estimate, step::minutes))
        .load(conn)?;
    rows.into_iter()
        .filter_map(|(work, estimate, minutes)| Some((work?, estimate?, minutes?)))
        .map(|(work, estimate, actual)| Ok(Timing { work: from_word(&work)?, estimate, actual }))
        .collect()
}
