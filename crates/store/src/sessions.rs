//! Signed-in browsers, and attempts to sign in.

use chrono::{DateTime, Utc};
use diesel::prelude::*;

use crate::schema::{server_secret, sign_in_attempt, web_session};
use crate::{Conn, StoreError};

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

/// Notes one failed attempt to sign in.
///
/// # Errors
/// When the database does not answer.
pub fn note_attempt(conn: &mut Conn, subject: &str) -> Result<(), StoreError> {
    diesel::insert_into(sign_in_attempt::table).values(sign_in_attempt::subject.eq(subject)).execute(conn)?;
    Ok(())
}

/// How many attempts failed since a moment.
///
/// # Errors
/// When the database does not answer.
pub fn attempts_since(conn: &mut Conn, subject: &str, since: DateTime<Utc>) -> Result<i64, StoreError> {
    Ok(sign_in_attempt::table
        .filter(sign_in_attempt::subject.eq(subject).and(sign_in_attempt::at.gt(since)))
        .count()
        .get_result(conn)?)
}

/// Forgets the failed attempts of a subject that has signed in.
///
/// # Errors
/// When the database does not answer.
pub fn forget_attempts(conn: &mut Conn, subject: &str) -> Result<(), StoreError> {
    diesel::delete(sign_in_attempt::table.filter(sign_in_attempt::subject.eq(subject))).execute(conn)?;
    Ok(())
}
