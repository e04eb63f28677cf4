//! Wearers and their measures by date.

use std::collections::BTreeMap;

use chrono::NaiveDate;
use diesel::prelude::*;
use uuid::Uuid;
use vemble_fit::{Body, Layer, Length, MeasureName, Wearer};

use crate::pool::at_one_moment;
use crate::schema::{body_layer, body_measure, garment, measuring, wearer};
use crate::spelt::Spelt;
use crate::version::{Expected, Versioned, Write, alone, decide};
use crate::{AccountId, Conn, StoreError};

/// Every wearer of an account, by name.
///
/// # Errors
/// When the database does not answer.
pub fn list(conn: &mut Conn, account: AccountId) -> Result<Vec<(Uuid, Versioned<Wearer>)>, StoreError> {
    let rows: Vec<(Uuid, String, i64)> = wearer::table
        .filter(wearer::account_id.eq(account.0))
        .order((wearer::name, wearer::id))
        .select((wearer::id, wearer::name, wearer::version))
        .load(conn)?;
    rows.into_iter()
        .map(|(id, name, version)| {
            let measured = measured(conn, id)?;
            Ok((id, Versioned { version, value: Wearer { name, measured } }))
        })
        .collect()
}

/// One wearer.
///
/// # Errors
/// [`StoreError::NotFound`] when this account has none of that id.
pub fn get(conn: &mut Conn, account: AccountId, id: Uuid) -> Result<Versioned<Wearer>, StoreError> {
    at_one_moment(conn, |conn| standing(conn, account, id, false)?.ok_or(StoreError::NotFound))
}

fn standing(
    conn: &mut PgConnection,
    account: AccountId,
    id: Uuid,
    lock: bool,
) -> Result<Option<Versioned<Wearer>>, StoreError> {
    let found = wearer::table.find(id).select((wearer::account_id, wearer::name, wearer::version));
    let row: Option<(Uuid, String, i64)> =
        if lock { found.for_update().first(conn) } else { found.first(conn) }.optional()?;
    match row {
        None => Ok(None),
        Some((owner, ..)) if owner != account.0 => Err(StoreError::NotFound),
        Some((_, name, version)) => {
            let measured = measured(conn, id)?;
            Ok(Some(Versioned { version, value: Wearer { name, measured } }))
        }
    }
}

fn measured(conn: &mut PgConnection, id: Uuid) -> Result<Vec<Body>, StoreError> {
    let days: Vec<NaiveDate> = measuring::table
        .filter(measuring::wearer_id.eq(id))
        .order(measuring::taken_on)
        .select(measuring::taken_on)
        .load(conn)?;
    let measures: Vec<(NaiveDate, Spelt<MeasureName>, i64)> = body_measure::table
        .filter(body_measure::wearer_id.eq(id))
        .select((body_measure::taken_on, body_measure::name, body_measure::value))
        .load(conn)?;
    let layers: Vec<(NaiveDate, String, i64)> = body_layer::table
        .filter(body_layer::wearer_id.eq(id))
        .order(body_layer::position)
        .select((body_layer::taken_on, body_layer::name, body_layer::thickness))
        .load(conn)?;
    days.into_iter()
        .map(|taken_on| {
            let mut of_day = BTreeMap::new();
            for (_, name, value) in measures.iter().filter(|(day, ..)| *day == taken_on) {
                of_day.insert(name.0, Length::from_nm(*value));
            }
            let layers = layers
                .iter()
                .filter(|(day, ..)| *day == taken_on)
                .map(|(_, name, nm)| Layer { name: name.clone(), thickness: Length::from_nm(*nm) })
                .collect();
            Ok(Body { taken_on, measures: of_day, layers })
        })
        .collect()
}

/// Writes a wearer whole.
///
/// # Errors
/// [`StoreError::Stale`] when it was changed since it was read, [`StoreError::NotFound`] when the
/// id belongs to another account.
pub fn put(
    conn: &mut Conn,
    account: AccountId,
    id: Uuid,
    written: &Wearer,
    expected: Expected,
) -> Result<i64, StoreError> {
    conn.transaction(|conn| {
        alone(conn, id, expected)?;
        let standing = standing(conn, account, id, true)?;
        let version = match decide(standing.as_ref(), written, expected)? {
            Write::Same(version) => return Ok(version),
            Write::Create => {
                diesel::insert_into(wearer::table)
                    .values((
                        wearer::id.eq(id),
                        wearer::account_id.eq(account.0),
                        wearer::name.eq(&written.name),
                        wearer::version.eq(1),
                    ))
                    .execute(conn)?;
                1
            }
            Write::Replace(version) => {
                diesel::update(wearer::table.find(id))
                    .set((wearer::name.eq(&written.name), wearer::version.eq(version)))
                    .execute(conn)?;
                diesel::delete(measuring::table.filter(measuring::wearer_id.eq(id))).execute(conn)?;
                version
            }
        };
        for body in &written.measured {
            insert_body(conn, id, body)?;
        }
        Ok(version)
    })
}

fn insert_body(conn: &mut PgConnection, id: Uuid, body: &Body) -> Result<(), StoreError> {
    diesel::insert_into(measuring::table)
        .values((measuring::wearer_id.eq(id), measuring::taken_on.eq(body.taken_on)))
        .execute(conn)?;
    let mut measures = Vec::new();
    for (name, value) in &body.measures {
        measures.push((
            body_measure::wearer_id.eq(id),
            body_measure::taken_on.eq(body.taken_on),
            body_measure::name.eq(Spelt(*name)),
            body_measure::value.eq(value.nm()),
        ));
    }
    diesel::insert_into(body_measure::table).values(measures).execute(conn)?;
    let layers: Vec<_> = (0..)
        .zip(&body.layers)
        .map(|(position, layer): (i32, &Layer)| {
            (
                body_layer::wearer_id.eq(id),
                body_layer::taken_on.eq(body.taken_on),
                body_layer::position.eq(position),
                body_layer::name.eq(layer.name.clone()),
                body_layer::thickness.eq(layer.thickness.nm()),
            )
        })
        .collect();
    diesel::insert_into(body_layer::table).values(layers).execute(conn)?;
    Ok(())
}

/// Takes a wearer away; their garments stay, without a wearer, at a new version.
///
/// # Errors
/// [`StoreError::NotFound`] when this account has none of that id.
pub fn delete(conn: &mut Conn, account: AccountId, id: Uuid) -> Result<(), StoreError> {
    conn.transaction(|conn| {
        // What a browser holds of these garments names somebody who is gone: it is out of date.
        diesel::update(
            garment::table.filter(garment::wearer_id.eq(id).and(garment::account_id.eq(account.0))),
        )
        .set(garment::version.eq(garment::version + 1))
        .execute(conn)?;
        let gone =
            diesel::delete(wearer::table.find(id).filter(wearer::account_id.eq(account.0))).execute(conn)?;
        if gone == 1 { Ok(()) } else { Err(StoreError::NotFound) }
    })
}
