//! Fittings with their pins, decisions and steps.

use std::collections::BTreeMap;

use chrono::NaiveDate;
use diesel::prelude::*;
use serde::de::DeserializeOwned;
use serde::{Deserialize, Serialize};
use uuid::Uuid;
use vemble_fit::plan::{Progress, Work};
use vemble_fit::{Datum, EdgeRead, EntryMode, Fitting, Intention, Length, Pin, SeamName, Side};

use crate::hems;
use crate::owned::is_known;
use crate::pool::at_one_moment;
use crate::rows::{Rows, changed, put_rows};
use crate::schema::{confirmation, decision, fitting, pin, step};
use crate::spelt::Spelt;
use crate::version::Versioned;
use crate::{AccountId, Conn, StoreError};

/// The kind of work of each step, by its key, and its minutes before the hand's own pace counts: what a timed step
/// is kept with, so that it can teach the next estimate.
pub type Works = BTreeMap<String, (Work, f64)>;

/// A fitting with the garment it belongs to.
#[derive(Debug, Clone, PartialEq, Serialize, Deserialize, utoipa::ToSchema)]
#[serde(deny_unknown_fields)]
pub struct FittingRecord {
    /// The garment.
    pub garment: Uuid,
    /// First, second, third fitting of the garment.
    #[schema(minimum = 1, maximum = 999)]
    pub number: i32,
    /// The fitting itself.
    pub fitting: Fitting,
}

#[derive(Queryable, Selectable, Insertable, AsChangeset)]
#[diesel(table_name = fitting, treat_none_as_null = true)]
struct Row {
    id: Uuid,
    account_id: Uuid,
    garment_id: Uuid,
    number: i32,
    held_on: NaiveDate,
    intention: Spelt<Intention>,
    anchored: bool,
    form: Option<serde_json::Value>,
    sums: serde_json::Value,
    alterations: serde_json::Value,
    version: i64,
}

#[derive(Debug, Clone, PartialEq, Queryable, Selectable, Insertable, AsChangeset)]
#[diesel(table_name = pin, treat_none_as_null = true)]
struct PinRow {
    fitting_id: Uuid,
    id: String,
    position: i32,
    seam: Spelt<SeamName>,
    side: Spelt<Side>,
    datum: Spelt<Datum>,
    station: i64,
    mode: Spelt<EntryMode>,
    reading: i64,
    panel: Option<Spelt<EdgeRead>>,
    planned: Option<i64>,
    moved: Option<i64>,
    reread: bool,
    exact: bool,
}

impl Row {
    fn read(self, conn: &mut PgConnection) -> Result<Versioned<FittingRecord>, StoreError> {
        let pins: Vec<PinRow> = pin::table
            .filter(pin::fitting_id.eq(self.id))
            .order(pin::position)
            .select(PinRow::as_select())
            .load(conn)?;
        let done: Vec<(String, Option<f64>, serde_json::Value)> = step::table
            .filter(step::fitting_id.eq(self.id).and(step::stands))
            .select((step::key, step::minutes, step::vouched))
            .load(conn)?;
        let confirmed: Vec<(String, serde_json::Value)> = confirmation::table
            .filter(confirmation::fitting_id.eq(self.id))
            .select((confirmation::key, confirmation::vouched))
            .load(conn)?;
        let mut progress = Progress::default();
        for (key, minutes, vouched) in done {
            progress.vouch(&key, serde_json::from_value(vouched)?);
            progress.done.insert(key, minutes);
        }
        for (key, vouched) in confirmed {
            progress.vouch(&key, serde_json::from_value(vouched)?);
            progress.confirmed.insert(key);
        }
        let fitting = Fitting {
            held_on: self.held_on,
            intention: self.intention.0,
            anchored: self.anchored,
            pins: pins.into_iter().map(PinRow::read).collect(),
            evening: decisions(conn, self.id, "evening")?,
            ends: decisions(conn, self.id, "ends")?,
            accepted: decisions(conn, self.id, "accepted")?,
            progress,
            form: self.form.map(serde_json::from_value).transpose()?,
            hems: hems::read(conn, self.id)?,
            alterations: serde_json::from_value(self.alterations)?,
            sums: serde_json::from_value(self.sums)?,
        };
        let value = FittingRecord { garment: self.garment_id, number: self.number, fitting };
        Ok(Versioned { version: self.version, value })
    }
}

impl PinRow {
    fn new(fitting_id: Uuid, position: i32, pin: &Pin) -> PinRow {
        PinRow {
            fitting_id,
            id: pin.id.clone(),
            position,
            seam: Spelt(pin.seam),
            side: Spelt(pin.side),
            datum: Spelt(pin.datum),
            station: pin.station.nm(),
            mode: Spelt(pin.mode),
            reading: pin.reading.nm(),
            panel: pin.panel.map(Spelt),
            planned: pin.planned.map(Length::nm),
            moved: pin.moved.map(Length::nm),
            reread: pin.reread,
            exact: pin.exact,
        }
    }

    fn read(self) -> Pin {
        Pin {
            id: self.id,
            seam: self.seam.0,
            side: self.side.0,
            datum: self.datum.0,
            station: Length::from_nm(self.station),
            mode: self.mode.0,
            reading: Length::from_nm(self.reading),
            panel: self.panel.map(|panel| panel.0),
            planned: self.planned.map(Length::from_nm),
            moved: self.moved.map(Length::from_nm),
            reread: self.reread,
            exact: self.exact,
        }
    }
}

fn decisions<T: DeserializeOwned>(
    conn: &mut PgConnection,
    id: Uuid,
    kind: &str,
) -> Result<Vec<T>, StoreError> {
    let rows: Vec<serde_json::Value> = decision::table
        .filter(decision::fitting_id.eq(id).and(decision::kind.eq(kind)))
        .order(decision::position)
        .select(decision::choice)
        .load(conn)?;
    rows.into_iter().map(|row| Ok(serde_json::from_value(row)?)).collect()
}

/// Every fitting of a garment, first to last.
///
/// # Errors
/// [`StoreError::NotFound`] when this account has no such garment.
pub fn list(
    conn: &mut Conn,
    account: AccountId,
    garment: Uuid,
) -> Result<Vec<(Uuid, Versioned<FittingRecord>)>, StoreError> {
    at_one_moment(conn, |conn| {
        is_known(conn, account, garment)?;
        let rows: Vec<Row> = fitting::table
            .filter(fitting::garment_id.eq(garment))
            .order(fitting::number)
            .select(Row::as_select())
            .load(conn)?;
        rows.into_iter().map(|row| Ok((row.id, row.read(conn)?))).collect()
    })
}

/// One fitting.
///
/// # Errors
/// [`StoreError::NotFound`] when this account has none of that id.
pub fn get(conn: &mut Conn, account: AccountId, id: Uuid) -> Result<Versioned<FittingRecord>, StoreError> {
    at_one_moment(conn, |conn| standing(conn, account, id, false)?.ok_or(StoreError::NotFound))
}

/// The fitting of an id, locked where it is about to be written.
pub(crate) fn standing(
    conn: &mut PgConnection,
    account: AccountId,
    id: Uuid,
    lock: bool,
) -> Result<Option<Versioned<FittingRecord>>, StoreError> {
    let row: Option<Row> = if lock {
        fitting::table.find(id).select(Row::as_select()).for_update().first(conn).optional()?
    } else {
        fitting::table.find(id).select(Row::as_select()).first(conn).optional()?
    };
    match row {
        None => Ok(None),
        Some(row) if row.account_id != account.0 => Err(StoreError::NotFound),
        Some(row) => Ok(Some(row.read(conn)?)),
    }
}

/// Puts a fitting's rows as they should stand.
pub(crate) fn replace(
    conn: &mut PgConnection,
    account: AccountId,
    id: Uuid,
    record: &FittingRecord,
    works: &Works,
    version: i64,
) -> Result<(), StoreError> {
    let fitted = &record.fitting;
    let taken: i64 = fitting::table
        .filter(
            fitting::garment_id
                .eq(record.garment)
                .and(fitting::number.eq(record.number))
                .and(fitting::id.ne(id)),
        )
        .count()
        .get_result(conn)?;
    if taken > 0 {
        return Err(StoreError::Refused("the garment already has a fitting with this number"));
    }
    let row = Row {
        id,
        account_id: account.0,
        garment_id: record.garment,
        number: record.number,
        held_on: fitted.held_on,
        intention: Spelt(fitted.intention),
        anchored: fitted.anchored,
        form: fitted.form.as_ref().map(serde_json::to_value).transpose()?,
        sums: serde_json::to_value(&fitted.sums)?,
        alterations: serde_json::to_value(&fitted.alterations)?,
        version,
    };
    diesel::insert_into(fitting::table)
        .values(&row)
        .on_conflict(fitting::id)
        .do_update()
        .set(&row)
        .execute(conn)?;
    replace_pins(conn, id, &fitted.pins)?;
    replace_decisions(conn, id, fitted)?;
    hems::replace(conn, id, &fitted.hems)?;
    replace_progress(conn, id, &fitted.progress, works)
}

fn replace_pins(conn: &mut PgConnection, id: Uuid, pins: &[Pin]) -> Result<(), StoreError> {
    let was: Vec<PinRow> =
        pin::table.filter(pin::fitting_id.eq(id)).select(PinRow::as_select()).load(conn)?;
    let is = (0..).zip(pins).map(|(position, pin)| PinRow::new(id, position, pin)).collect();
    let Rows { gone, put } = changed(was, is, |row| row.id.clone());
    diesel::delete(pin::table.filter(pin::fitting_id.eq(id).and(pin::id.eq_any(gone)))).execute(conn)?;
    put_rows!(conn, pin(fitting_id, id), put);
    Ok(())
}

#[derive(Debug, Clone, PartialEq, Queryable, Selectable, Insertable, AsChangeset)]
#[diesel(table_name = decision)]
struct DecisionRow {
    fitting_id: Uuid,
    position: i32,
    kind: String,
    seam: String,
    choice: serde_json::Value,
}

fn replace_decisions(conn: &mut PgConnection, id: Uuid, fitted: &Fitting) -> Result<(), StoreError> {
    let was: Vec<DecisionRow> =
        decision::table.filter(decision::fitting_id.eq(id)).select(DecisionRow::as_select()).load(conn)?;
    let mut is = Vec::new();
    for (kind, choices) in [
        ("evening", serde_json::to_value(&fitted.evening)?),
        ("ends", serde_json::to_value(&fitted.ends)?),
        ("accepted", serde_json::to_value(&fitted.accepted)?),
    ] {
        for (position, choice) in (0..).zip(choices.as_array().cloned().unwrap_or_default()) {
            let seam = choice["seam"].as_str().unwrap_or_default().to_owned();
            is.push(DecisionRow { fitting_id: id, position, kind: kind.to_owned(), seam, choice });
        }
    }
    let Rows { gone, put } = changed(was, is, |row| (row.kind.clone(), row.position));
    for (kind, position) in gone {
        diesel::delete(decision::table.find((id, kind, position))).execute(conn)?;
    }
    put_rows!(conn, decision(fitting_id, kind, position), put);
    Ok(())
}

fn replace_progress(
    conn: &mut PgConnection,
    id: Uuid,
    progress: &Progress,
    works: &Works,
) -> Result<(), StoreError> {
    let keys: Vec<&String> = progress.done.keys().collect();
    diesel::update(step::table.filter(step::fitting_id.eq(id).and(step::key.ne_all(keys))))
        .set(step::stands.eq(false))
        .execute(conn)?;
    let kept: Vec<(String, Option<f64>, bool, serde_json::Value)> = step::table
        .filter(step::fitting_id.eq(id))
        .select((step::key, step::minutes, step::stands, step::vouched))
        .load(conn)?;
    for (key, minutes) in &progress.done {
        let vouched = serde_json::to_value(progress.vouched_for(key))?;
        let row = kept.iter().find(|(kept, ..)| kept == key);
        match row {
            Some((_, was, true, stood)) if was == minutes && *stood == vouched => continue,
            // A tick that comes back, or stands for something else now, keeps the timing it had.
            Some((_, was, ..)) if was == minutes => {
                diesel::update(step::table.find((id, key)))
                    .set((step::stands.eq(true), step::vouched.eq(&vouched)))
                    .execute(conn)?;
                continue;
            }
            _ => {}
        }
        let row = (
            step::minutes.eq(minutes),
            step::work.eq(works.get(key).map(|(work, _)| Spelt(*work))),
            step::estimate.eq(works.get(key).map(|(_, estimate)| *estimate)),
            step::vouched.eq(&vouched),
            step::stands.eq(true),
        );
        diesel::insert_into(step::table)
            .values((step::fitting_id.eq(id), step::key.eq(key), row))
            .on_conflict((step::fitting_id, step::key))
            .do_update()
            .set(row)
            .execute(conn)?;
    }
    replace_confirmations(conn, id, progress)
}

#[derive(Debug, Clone, PartialEq, Queryable, Selectable, Insertable, AsChangeset)]
#[diesel(table_name = confirmation)]
struct ConfirmationRow {
    fitting_id: Uuid,
    key: String,
    vouched: serde_json::Value,
}

fn replace_confirmations(conn: &mut PgConnection, id: Uuid, progress: &Progress) -> Result<(), StoreError> {
    let was: Vec<ConfirmationRow> = confirmation::table
        .filter(confirmation::fitting_id.eq(id))
        .select(ConfirmationRow::as_select())
        .load(conn)?;
    let row = |key: &String| {
        let vouched = serde_json::to_value(progress.vouched_for(key))?;
        Ok(ConfirmationRow { fitting_id: id, key: key.clone(), vouched })
    };
    let is = progress.confirmed.iter().map(row).collect::<Result<_, StoreError>>()?;
    let Rows { gone, put } = changed(was, is, |row| row.key.clone());
    let theirs = confirmation::fitting_id.eq(id).and(confirmation::key.eq_any(gone));
    diesel::delete(confirmation::table.filter(theirs)).execute(conn)?;
    put_rows!(conn, confirmation(fitting_id, key), put);
    Ok(())
}
