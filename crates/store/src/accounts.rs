//! Accounts: who may see what, and their habits.

use diesel::prelude::*;
use serde::{Deserialize, Serialize};
use uuid::Uuid;
use vemble_fit::Habits;
use vemble_fit::plan::{Timing, Work};

use crate::schema::{account, fitting, garment, sign_in_attempt, step, wearer, web_session};
use crate::spelt::Spelt;
use crate::version::{Expected, Versioned, Write, decide};
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

/// What an account holds, and loses when it is deleted.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, utoipa::ToSchema)]
pub struct Holdings {
    /// People who wear things.
    pub people: i64,
    /// Garments on the rail.
    pub garments: i64,
    /// Their fittings.
    pub fittings: i64,
}

/// Name of the account in a session's state.
pub const SESSION_ACCOUNT: &str = "account";
/// Name of what tells one browser from another in it.
pub const SESSION_BROWSER: &str = "browser";

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

/// The hash of an account's password.
///
/// # Errors
/// [`StoreError::NotFound`] when the account is gone.
pub fn password_hash(conn: &mut Conn, id: AccountId) -> Result<String, StoreError> {
    Ok(account::table.find(id.0).select(account::password_hash).first(conn)?)
}

/// Gives an account another password and ends every session of it.
///
/// # Errors
/// [`StoreError::NotFound`] when the account is gone.
pub fn set_password(conn: &mut Conn, id: AccountId, password_hash: &str) -> Result<(), StoreError> {
    conn.transaction(|conn| {
        let changed = diesel::update(account::table.find(id.0))
            .set(account::password_hash.eq(password_hash))
            .execute(conn)?;
        if changed == 0 {
            return Err(StoreError::NotFound);
        }
        end_sessions(conn, id)
    })
}

/// Ends every session of an account, in whatever browser.
///
/// # Errors
/// When the database does not answer.
pub fn sign_out_everywhere(conn: &mut Conn, id: AccountId) -> Result<(), StoreError> {
    end_sessions(conn, id)
}

/// The account as a session's state holds it: the state's values are JSON of their own.
fn end_sessions(conn: &mut PgConnection, id: AccountId) -> Result<(), StoreError> {
    let held = serde_json::to_string(&id)?;
    diesel::delete(web_session::table.filter(web_session::state.retrieve_as_text(SESSION_ACCOUNT).eq(held)))
        .execute(conn)?;
    Ok(())
}

/// How much an account holds.
///
/// # Errors
/// When the database does not answer.
pub fn holdings(conn: &mut Conn, id: AccountId) -> Result<Holdings, StoreError> {
    Ok(Holdings {
        people: wearer::table.filter(wearer::account_id.eq(id.0)).count().get_result(conn)?,
        garments: garment::table.filter(garment::account_id.eq(id.0)).count().get_result(conn)?,
        fittings: fitting::table.filter(fitting::account_id.eq(id.0)).count().get_result(conn)?,
    })
}

/// Takes an account away with everything in it, ends its sessions, and forgets its address wherever that was counted.
///
/// # Errors
/// [`StoreError::NotFound`] when it is gone already.
pub fn delete(conn: &mut Conn, id: AccountId) -> Result<(), StoreError> {
    conn.transaction(|conn| {
        end_sessions(conn, id)?;
        let email: String = account::table.find(id.0).select(account::email).first(conn)?;
        let plain = email.replace('\\', "\\\\").replace('%', "\\%").replace('_', "\\_");
        diesel::delete(sign_in_attempt::table.filter(sign_in_attempt::subject.like(format!("% {plain}"))))
            .execute(conn)?;
        match diesel::delete(account::table.find(id.0)).execute(conn)? {
            0 => Err(StoreError::NotFound),
            _ => Ok(()),
        }
    })
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
    type Row = (Option<Spelt<Work>>, Option<f64>, Option<f64>);
    let rows: Vec<Row> = step::table
        .inner_join(fitting::table)
        .filter(fitting::account_id.eq(id.0))
        .filter(step::stands)
        .filter(step::minutes.is_not_null().and(step::work.is_not_null()).and(step::estimate.is_not_null()))
        .order((step::done_at, step::key))
        .select((step::work, step::estimate, step::minutes))
        .load(conn)?;
    let timed = rows.into_iter().filter_map(|(work, estimate, minutes)| {
        Some(Timing { work: work?.0, estimate: estimate?, actual: minutes? })
    });
    Ok(timed.collect())
}
