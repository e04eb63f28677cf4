//! Friends' devices: words that let one into a single fitting for a while, and the devices that are in.

use chrono::{DateTime, Utc};
use diesel::prelude::*;
use diesel::sql_types::Text;
use serde::Serialize;
use uuid::Uuid;

use crate::accounts::AccountId;
use crate::error::StoreError;
use crate::listener::CHANNEL;
use crate::pool::Conn;
use crate::schema::{fitting, guest, guest_code};

/// A friend's device and the one fitting it is in.
#[derive(Debug, Clone, PartialEq, Eq)]
pub struct GuestSeen {
    /// Its id.
    pub id: Uuid,
    /// The account it works for.
    pub account: AccountId,
    /// The fitting.
    pub fitting: Uuid,
    /// The garment of that fitting.
    pub garment: Uuid,
    /// What its friend is called.
    pub name: String,
    /// The device in words.
    pub device: String,
}

/// A friend's device as its host sees it.
#[derive(Debug, Clone, PartialEq, Serialize, utoipa::ToSchema, Queryable)]
pub struct GuestDevice {
    /// Its id.
    pub id: Uuid,
    /// What its friend is called.
    pub name: String,
    /// The device in words.
    pub device: String,
    /// When it came in.
    pub joined_at: DateTime<Utc>,
    /// When it is out by itself.
    pub ends_at: DateTime<Utc>,
}

/// Makes words good for one fitting until a moment. Of the words only a hash is kept.
///
/// # Errors
/// [`StoreError::NotFound`] when this account has no such fitting.
pub fn open(
    conn: &mut Conn,
    account: AccountId,
    fitting: Uuid,
    words_hash: &str,
    ends_at: DateTime<Utc>,
) -> Result<(), StoreError> {
    garment_of(conn, account, fitting)?;
    diesel::delete(guest_code::table.filter(guest_code::ends_at.lt(Utc::now()))).execute(conn)?;
    diesel::insert_into(guest_code::table)
        .values((
            guest_code::id.eq(Uuid::now_v7()),
            guest_code::account_id.eq(account.0),
            guest_code::fitting_id.eq(fitting),
            guest_code::words_hash.eq(words_hash),
            guest_code::ends_at.eq(ends_at),
        ))
        .execute(conn)?;
    Ok(())
}

fn garment_of(conn: &mut PgConnection, account: AccountId, fitting: Uuid) -> Result<Uuid, StoreError> {
    Ok(fitting::table
        .find(fitting)
        .filter(fitting::account_id.eq(account.0))
        .select(fitting::garment_id)
        .first(conn)?)
}

/// Lets a device in by words; `None` where they open nothing now.
///
/// # Errors
/// When the database does not answer.
pub fn join(
    conn: &mut Conn,
    words_hash: &str,
    name: &str,
    device: &str,
    now: DateTime<Utc>,
) -> Result<Option<GuestSeen>, StoreError> {
    let code: Option<Uuid> = guest_code::table
        .filter(guest_code::words_hash.eq(words_hash).and(guest_code::ends_at.gt(now)))
        .select(guest_code::id)
        .first(conn)
        .optional()?;
    let Some(code) = code else { return Ok(None) };
    let id = Uuid::now_v7();
    diesel::insert_into(guest::table)
        .values((guest::id.eq(id), guest::code_id.eq(code), guest::name.eq(name), guest::device.eq(device)))
        .execute(conn)?;
    seen(conn, id, now)
}

/// The device of an id, while it is in.
///
/// # Errors
/// When the database does not answer.
pub fn seen(conn: &mut Conn, id: Uuid, now: DateTime<Utc>) -> Result<Option<GuestSeen>, StoreError> {
    let row: Option<(Uuid, Uuid, String, String)> = guest::table
        .inner_join(guest_code::table)
        .filter(guest::id.eq(id).and(guest::sent_out_at.is_null()).and(guest_code::ends_at.gt(now)))
        .select((guest_code::account_id, guest_code::fitting_id, guest::name, guest::device))
        .first(conn)
        .optional()?;
    let Some((account, fitting, name, device)) = row else { return Ok(None) };
    let account = AccountId(account);
    let garment = garment_of(conn, account, fitting)?;
    Ok(Some(GuestSeen { id, account, fitting, garment, name, device }))
}

/// The devices that are in one fitting, in the order they came.
///
/// # Errors
/// [`StoreError::NotFound`] when this account has no such fitting.
pub fn list(
    conn: &mut Conn,
    account: AccountId,
    fitting: Uuid,
    now: DateTime<Utc>,
) -> Result<Vec<GuestDevice>, StoreError> {
    garment_of(conn, account, fitting)?;
    Ok(guest::table
        .inner_join(guest_code::table)
        .filter(guest_code::fitting_id.eq(fitting).and(guest_code::ends_at.gt(now)))
        .filter(guest::sent_out_at.is_null())
        .order(guest::joined_at)
        .select((guest::id, guest::name, guest::device, guest::joined_at, guest_code::ends_at))
        .load(conn)?)
}

/// Sends a device out; the words it came in by let nobody else in. Repeating it changes nothing.
///
/// # Errors
/// [`StoreError::NotFound`] when this account has no such fitting, or no such device was ever in it.
pub fn send_out(
    conn: &mut Conn,
    account: AccountId,
    fitting: Uuid,
    id: Uuid,
    now: DateTime<Utc>,
) -> Result<(), StoreError> {
    conn.transaction(|conn| {
        let garment = garment_of(conn, account, fitting)?;
        let code: Uuid = guest::table
            .inner_join(guest_code::table)
            .filter(guest::id.eq(id).and(guest_code::fitting_id.eq(fitting)))
            .select(guest_code::id)
            .first(conn)?;
        diesel::update(guest::table.find(id).filter(guest::sent_out_at.is_null()))
            .set(guest::sent_out_at.eq(now))
            .execute(conn)?;
        // A hash that no words have.
        diesel::update(guest_code::table.find(code))
            .set(guest_code::words_hash.eq(format!("closed {code}")))
            .execute(conn)?;
        // Its stream ends now, not when it next asks.
        diesel::sql_query("SELECT pg_notify($1, $2)")
            .bind::<Text, _>(CHANNEL)
            .bind::<Text, _>(garment.to_string())
            .execute(conn)?;
        Ok(())
    })
}
