//! Signed-in browsers, and attempts to sign in.

use chrono::{DateTime, Utc};
use diesel::prelude::*;

use crate::accounts::{AccountId, SESSION_BROWSER};
use crate::error::StoreError;
use crate::pool::Conn;
use crate::schema::{known_browser, server_secret, sign_in_attempt, web_session};

/// Loads a session that has not run out.
///
/// # Errors
/// When the database does not answer.
pub fn load(
    conn: &mut Conn,
    key_hash: &str,
    now: DateTime<Utc>,
) -> Result<Option<serde_json::Value>, StoreError> {
    Ok(web_session::table
        .find(key_hash)
        .filter(web_session::expires_at.gt(now))
        .select(web_session::state)
        .first(conn)
        .optional()?)
}

/// True while a session of the browser of that key lasts.
///
/// # Errors
/// When the database does not answer.
pub fn is_of(conn: &mut Conn, browser: &str, now: DateTime<Utc>) -> Result<bool, StoreError> {
    let held = serde_json::to_string(browser)?;
    let lasting = web_session::table.filter(
        web_session::state.retrieve_as_text(SESSION_BROWSER).eq(held).and(web_session::expires_at.gt(now)),
    );
    Ok(diesel::select(diesel::dsl::exists(lasting)).get_result(conn)?)
}

/// Keeps a session until it runs out, and sweeps out those that have.
///
/// # Errors
/// When the database does not answer.
pub fn save(
    conn: &mut Conn,
    key_hash: &str,
    state: &serde_json::Value,
    now: DateTime<Utc>,
    expires_at: DateTime<Utc>,
) -> Result<(), StoreError> {
    diesel::delete(web_session::table.filter(web_session::expires_at.lt(now))).execute(conn)?;
    diesel::insert_into(web_session::table)
        .values((
            web_session::key_hash.eq(key_hash),
            web_session::state.eq(state),
            web_session::expires_at.eq(expires_at),
        ))
        .on_conflict(web_session::key_hash)
        .do_update()
        .set((web_session::state.eq(state), web_session::expires_at.eq(expires_at)))
        .execute(conn)?;
    Ok(())
}

/// Lets a session that runs out before `due` last until `expires_at`.
///
/// # Errors
/// When the database does not answer.
pub fn extend(
    conn: &mut Conn,
    key_hash: &str,
    expires_at: DateTime<Utc>,
    due: DateTime<Utc>,
) -> Result<(), StoreError> {
    diesel::update(web_session::table.find(key_hash).filter(web_session::expires_at.lt(due)))
        .set(web_session::expires_at.eq(expires_at))
        .execute(conn)?;
    Ok(())
}

/// Forgets a session: its browser is signed out.
///
/// # Errors
/// When the database does not answer.
pub fn remove(conn: &mut Conn, key_hash: &str) -> Result<(), StoreError> {
    diesel::delete(web_session::table.find(key_hash)).execute(conn)?;
    Ok(())
}

/// The key that signs session cookies, made on first use.
///
/// # Errors
/// When the database does not answer.
pub fn cookie_key(conn: &mut Conn, fresh: &[u8]) -> Result<Vec<u8>, StoreError> {
    diesel::insert_into(server_secret::table)
        .values((server_secret::id.eq(1), server_secret::cookie_key.eq(fresh)))
        .on_conflict_do_nothing()
        .execute(conn)?;
    Ok(server_secret::table.find(1).select(server_secret::cookie_key).first(conn)?)
}

/// Counts an attempt before it is made, so that attempts made at once count one by one. Returns the attempts
/// counted, or `None`, and nothing counted, where one of the subjects has made as many as it may since a moment.
///
/// # Errors
/// When the database does not answer.
pub fn count_attempt(
    conn: &mut Conn,
    subjects: &[(String, i64)],
    since: DateTime<Utc>,
) -> Result<Option<Vec<i64>>, StoreError> {
    // Who has made too many already is told so without waiting in line behind those who try at the same moment.
    for (subject, most) in subjects {
        let of_late = sign_in_attempt::subject.eq(subject).and(sign_in_attempt::at.ge(since));
        let made: i64 = sign_in_attempt::table.filter(of_late).count().get_result(conn)?;
        if made >= *most {
            return Ok(None);
        }
    }
    conn.transaction(|conn| {
        let mut ids = Vec::new();
        for (subject, most) in subjects {
            diesel::sql_query("SELECT pg_advisory_xact_lock(hashtextextended($1, 1))")
                .bind::<diesel::sql_types::Text, _>(subject)
                .execute(conn)?;
            let of_subject = sign_in_attempt::subject.eq(subject);
            diesel::delete(sign_in_attempt::table.filter(of_subject.and(sign_in_attempt::at.lt(since))))
                .execute(conn)?;
            let made: i64 = sign_in_attempt::table
                .filter(sign_in_attempt::subject.eq(subject))
                .count()
                .get_result(conn)?;
            if made >= *most {
                return Err(diesel::result::Error::RollbackTransaction);
            }
            ids.push(
                diesel::insert_into(sign_in_attempt::table)
                    .values(sign_in_attempt::subject.eq(subject))
                    .returning(sign_in_attempt::id)
                    .get_result(conn)?,
            );
        }
        Ok(ids)
    })
    .map(Some)
    .or_else(|error| match error {
        diesel::result::Error::RollbackTransaction => Ok(None),
        error => Err(error.into()),
    })
}

/// Takes attempts back that were none.
///
/// # Errors
/// When the database does not answer.
pub fn take_attempts_back(conn: &mut Conn, ids: &[i64]) -> Result<(), StoreError> {
    diesel::delete(sign_in_attempt::table.filter(sign_in_attempt::id.eq_any(ids))).execute(conn)?;
    Ok(())
}

/// True for a browser that has signed in to this account before.
///
/// # Errors
/// When the database does not answer.
pub fn is_known_browser(conn: &mut Conn, key_hash: &str, account: AccountId) -> Result<bool, StoreError> {
    let known = known_browser::table.find((key_hash, account.0));
    Ok(diesel::select(diesel::dsl::exists(known)).get_result(conn)?)
}

/// Remembers that a browser has signed in to an account.
///
/// # Errors
/// When the database does not answer.
pub fn know_browser(conn: &mut Conn, key_hash: &str, account: AccountId) -> Result<(), StoreError> {
    diesel::insert_into(known_browser::table)
        .values((known_browser::key_hash.eq(key_hash), known_browser::account_id.eq(account.0)))
        .on_conflict_do_nothing()
        .execute(conn)?;
    Ok(())
}

/// Forgets the failed attempts of a subject that has signed in.
///
/// # Errors
/// When the database does not answer.
pub fn forget_attempts(conn: &mut Conn, subject: &str) -> Result<(), StoreError> {
    diesel::delete(sign_in_attempt::table.filter(sign_in_attempt::subject.eq(subject))).execute(conn)?;
    Ok(())
}
