//! Garments on the rail.

use std::collections::BTreeMap;

use chrono::NaiveDate;
use diesel::prelude::*;
use serde::{Deserialize, Serialize};
use uuid::Uuid;
use vemble_fit::garment::{FlatName, Purpose, SeamAllowance, SeamName, Shape, Source};
use vemble_fit::{Cloth, ClothFamily, Fibre, Fray, Garment, Length, Surface, WashTest};

use crate::hand::Hand;
use crate::journal::{self, KeptLine, NewLine, Subject};
use crate::pool::at_one_moment;
use crate::rows::{Rows, changed, put_rows};
use crate::schema::{flat_measure, garment, seam_allowance, wearer};
use crate::spelt::Spelt;
use crate::version::{Expected, Versioned, Write, alone, decide};
use crate::{AccountId, Conn, StoreError};

/// A garment with whose it is and when it is due.
#[derive(Debug, Clone, PartialEq, Serialize, Deserialize, utoipa::ToSchema)]
#[serde(deny_unknown_fields)]
pub struct GarmentRecord {
    /// Who wears it.
    #[serde(default)]
    pub wearer: Option<Uuid>,
    /// The day it is wanted for.
    #[serde(default)]
    #[schema(value_type = Option<String>, format = Date)]
    pub due_on: Option<NaiveDate>,
    /// The garment itself.
    pub garment: Garment,
}

#[derive(Queryable, Selectable, Insertable, AsChangeset)]
#[diesel(table_name = garment, treat_none_as_null = true)]
struct Row {
    id: Uuid,
    account_id: Uuid,
    wearer_id: Option<Uuid>,
    name: String,
    kind: String,
    source: Spelt<Source>,
    purpose: Spelt<Purpose>,
    washed: bool,
    due_on: Option<NaiveDate>,
    cloth_family: Spelt<ClothFamily>,
    cloth_fibre: Spelt<Fibre>,
    cloth_fray: Spelt<Fray>,
    cloth_stretch: f64,
    cloth_thickness: i64,
    cloth_surface: Spelt<Surface>,
    cloth_bias: bool,
    cloth_look: Option<serde_json::Value>,
    wish: serde_json::Value,
    ease: serde_json::Value,
    wash_before: Option<i64>,
    wash_after: Option<i64>,
    construction: serde_json::Value,
    version: i64,
}

/// The parts of a shape that have tables of their own.
const TABLED: [&str; 3] = ["kind", "flats", "allowances"];

/// What is kept of a garment in tables of its own: flat measures, and allowances in their order.
#[derive(Default)]
struct Parts {
    flats: Vec<(FlatName, i64)>,
    allowances: Vec<SeamAllowance>,
}

/// The parts of garments, in two queries however many there are.
fn parts(conn: &mut PgConnection, ids: &[Uuid]) -> Result<BTreeMap<Uuid, Parts>, StoreError> {
    let mut parts: BTreeMap<Uuid, Parts> = BTreeMap::new();
    let flats: Vec<(Uuid, Spelt<FlatName>, i64)> = flat_measure::table
        .filter(flat_measure::garment_id.eq_any(ids))
        .select((flat_measure::garment_id, flat_measure::name, flat_measure::value))
        .load(conn)?;
    for (id, name, value) in flats {
        parts.entry(id).or_default().flats.push((name.0, value));
    }
    let allowances: Vec<(Uuid, Spelt<SeamName>, i64, i64)> = seam_allowance::table
        .filter(seam_allowance::garment_id.eq_any(ids))
        .order((seam_allowance::garment_id, seam_allowance::position))
        .select((
            seam_allowance::garment_id,
            seam_allowance::seam,
            seam_allowance::front,
            seam_allowance::back,
        ))
        .load(conn)?;
    for (id, seam, front, back) in allowances {
        let (front, back) = (Length::from_nm(front), Length::from_nm(back));
        parts.entry(id).or_default().allowances.push(SeamAllowance { seam: seam.0, front, back });
    }
    Ok(parts)
}

impl Row {
    fn new(id: Uuid, account: AccountId, record: &GarmentRecord, version: i64) -> Result<Row, StoreError> {
        let garment = &record.garment;
        let mut construction = serde_json::to_value(&garment.shape)?;
        let mut kind = String::new();
        if let Some(parts) = construction.as_object_mut() {
            kind = parts.get("kind").and_then(|kind| kind.as_str()).unwrap_or_default().to_owned();
            parts.retain(|name, _| !TABLED.contains(&name.as_str()));
        }
        Ok(Row {
            id,
            account_id: account.0,
            wearer_id: record.wearer,
            name: garment.name.clone(),
            kind,
            source: Spelt(garment.source),
            purpose: Spelt(garment.purpose),
            washed: garment.washed,
            due_on: record.due_on,
            cloth_family: Spelt(garment.cloth.family),
            cloth_fibre: Spelt(garment.cloth.fibre),
            cloth_fray: Spelt(garment.cloth.fray),
            cloth_stretch: garment.cloth.stretch,
            cloth_thickness: garment.cloth.thickness.nm(),
            cloth_surface: Spelt(garment.cloth.surface),
            cloth_bias: garment.cloth.bias,
            cloth_look: garment.cloth.look.map(serde_json::to_value).transpose()?,
            wish: serde_json::to_value(&garment.wish)?,
            ease: serde_json::to_value(&garment.ease)?,
            wash_before: garment.wash_test.map(|test| test.before.nm()),
            wash_after: garment.wash_test.map(|test| test.after.nm()),
            construction,
            version,
        })
    }

    fn read(self, parts: Parts) -> Result<Versioned<GarmentRecord>, StoreError> {
        let mut shape = self.construction;
        if let Some(parts) = shape.as_object_mut() {
            parts.insert("kind".into(), self.kind.into());
            parts.insert("flats".into(), serde_json::Value::Object(Default::default()));
        }
        let mut shape: Shape = serde_json::from_value(shape)?;
        for (name, value) in parts.flats {
            shape.flats.insert(name, Length::from_nm(value));
        }
        shape.allowances = parts.allowances;
        let garment = Garment {
            name: self.name,
            source: self.source.0,
            purpose: self.purpose.0,
            cloth: Cloth {
                family: self.cloth_family.0,
                fibre: self.cloth_fibre.0,
                fray: self.cloth_fray.0,
                stretch: self.cloth_stretch,
                thickness: Length::from_nm(self.cloth_thickness),
                surface: self.cloth_surface.0,
                bias: self.cloth_bias,
                look: self.cloth_look.map(serde_json::from_value).transpose()?,
            },
            washed: self.washed,
            wash_test: self.wash_before.zip(self.wash_after).map(|(before, after)| WashTest {
                before: Length::from_nm(before),
                after: Length::from_nm(after),
            }),
            wish: serde_json::from_value(self.wish)?,
            ease: serde_json::from_value(self.ease)?,
            shape,
        };
        let value = GarmentRecord { wearer: self.wearer_id, due_on: self.due_on, garment };
        Ok(Versioned { version: self.version, value })
    }
}

/// Every garment of an account, the next due first.
///
/// # Errors
/// When the database does not answer.
pub fn list(
    conn: &mut Conn,
    account: AccountId,
) -> Result<Vec<(Uuid, Versioned<GarmentRecord>)>, StoreError> {
    at_one_moment(conn, |conn| all(conn, account))
}

pub(crate) fn all(
    conn: &mut PgConnection,
    account: AccountId,
) -> Result<Vec<(Uuid, Versioned<GarmentRecord>)>, StoreError> {
    let rows: Vec<Row> = garment::table
        .filter(garment::account_id.eq(account.0))
        .order((garment::due_on.asc().nulls_last(), garment::created_at, garment::id))
        .select(Row::as_select())
        .load(conn)?;
    let ids: Vec<Uuid> = rows.iter().map(|row| row.id).collect();
    let mut parts = parts(conn, &ids)?;
    rows.into_iter()
        .map(|row| {
            let (id, parts) = (row.id, parts.remove(&row.id).unwrap_or_default());
            Ok((id, row.read(parts)?))
        })
        .collect()
}

/// One garment.
///
/// # Errors
/// [`StoreError::NotFound`] when this account has none of that id.
pub fn get(conn: &mut Conn, account: AccountId, id: Uuid) -> Result<Versioned<GarmentRecord>, StoreError> {
    at_one_moment(conn, |conn| {
        let row = garment::table.find(id).select(Row::as_select()).first(conn).optional()?;
        own(row, conn, account)?.ok_or(StoreError::NotFound)
    })
}

/// The garment of an id, locked until the transaction ends: it is about to be written, or a fitting of it.
pub(crate) fn locked(
    conn: &mut PgConnection,
    account: AccountId,
    id: Uuid,
) -> Result<Option<Versioned<GarmentRecord>>, StoreError> {
    let row = garment::table.find(id).select(Row::as_select()).for_update().first(conn).optional()?;
    own(row, conn, account)
}

fn own(
    row: Option<Row>,
    conn: &mut PgConnection,
    account: AccountId,
) -> Result<Option<Versioned<GarmentRecord>>, StoreError> {
    match row {
        None => Ok(None),
        Some(row) if row.account_id != account.0 => Err(StoreError::NotFound),
        Some(row) => {
            let parts = parts(conn, &[row.id])?.remove(&row.id).unwrap_or_default();
            Ok(Some(row.read(parts)?))
        }
    }
}

/// Writes a garment whole, with a journal row.
///
/// # Errors
/// [`StoreError::Stale`] when it was changed since it was read, [`StoreError::NotFound`] when the
/// id, or the wearer, belongs to another account.
pub fn put(
    conn: &mut Conn,
    account: AccountId,
    hand: &Hand,
    id: Uuid,
    written: &GarmentRecord,
    expected: Expected,
) -> Result<i64, StoreError> {
    conn.transaction(|conn| {
        alone(conn, id, expected)?;
        let standing = locked(conn, account, id)?;
        check_wearer(conn, account, written.wearer)?;
        let version = match decide(standing.as_ref(), written, expected)? {
            Write::Same(version) => return Ok(version),
            Write::Create => 1,
            Write::Replace(version) => version,
        };
        replace(conn, account, id, written, version)?;
        let what = if standing.is_some() { "changed the garment" } else { "hung the garment on the rail" };
        let before = standing.map(|standing| standing.value);
        write_line(conn, account, hand, id, what, before.as_ref(), written, None)?;
        Ok(version)
    })
}

/// The place of the journal that a garment's record is.
const GARMENT: &str = "garment";

#[allow(clippy::too_many_arguments, reason = "a journal line is exactly these facts")]
fn write_line(
    conn: &mut PgConnection,
    account: AccountId,
    hand: &Hand,
    id: Uuid,
    what: &str,
    before: Option<&GarmentRecord>,
    after: &GarmentRecord,
    takes_back: Option<i64>,
) -> Result<i64, StoreError> {
    let line = NewLine {
        garment: id,
        subject: Subject::Garment,
        subject_id: id,
        change_id: None,
        takes_back,
        what,
        places: vec![GARMENT.to_owned()],
        grounds: Vec::new(),
        before: before.map(serde_json::to_value).transpose()?,
        after: serde_json::to_value(after)?,
    };
    journal::write(conn, account, hand, line)
}

/// Puts a garment back as it was before a line of its journal. A wearer who is gone since stays gone.
///
/// # Errors
/// [`StoreError::Moved`] when the garment's journal has another line than `last` as its last.
pub fn put_back(
    conn: &mut Conn,
    account: AccountId,
    hand: &Hand,
    id: Uuid,
    last: i64,
    line: &KeptLine,
) -> Result<i64, StoreError> {
    let before = line.before.clone().ok_or(StoreError::NothingToUndo)?;
    let mut record: GarmentRecord = serde_json::from_value(before)?;
    conn.transaction(|conn| {
        let standing = locked(conn, account, id)?.ok_or(StoreError::NotFound)?;
        if journal::last_of(conn, id)? != last {
            return Err(StoreError::Moved);
        }
        if check_wearer(conn, account, record.wearer).is_err() {
            record.wearer = None;
        }
        replace(conn, account, id, &record, standing.version + 1)?;
        let what = "put the garment back as it was";
        write_line(conn, account, hand, id, what, Some(&standing.value), &record, Some(line.id))
    })
}

fn check_wearer(conn: &mut PgConnection, account: AccountId, id: Option<Uuid>) -> Result<(), StoreError> {
    let Some(id) = id else { return Ok(()) };
    let known: i64 = wearer::table
        .filter(wearer::id.eq(id).and(wearer::account_id.eq(account.0)))
        .count()
        .get_result(conn)?;
    if known == 1 { Ok(()) } else { Err(StoreError::Refused("the wearer named is not in this workroom")) }
}

/// Puts a garment's rows as they should stand.
pub(crate) fn replace(
    conn: &mut PgConnection,
    account: AccountId,
    id: Uuid,
    record: &GarmentRecord,
    version: i64,
) -> Result<(), StoreError> {
    let row = Row::new(id, account, record, version)?;
    diesel::insert_into(garment::table)
        .values(&row)
        .on_conflict(garment::id)
        .do_update()
        .set(&row)
        .execute(conn)?;
    replace_flats(conn, id, &record.garment.shape)?;
    replace_allowances(conn, id, &record.garment.shape)
}

#[derive(Debug, Clone, PartialEq, Queryable, Selectable, Insertable, AsChangeset)]
#[diesel(table_name = flat_measure)]
struct FlatRow {
    garment_id: Uuid,
    name: Spelt<FlatName>,
    value: i64,
}

fn replace_flats(conn: &mut PgConnection, id: Uuid, shape: &Shape) -> Result<(), StoreError> {
    let was: Vec<FlatRow> = flat_measure::table
        .filter(flat_measure::garment_id.eq(id))
        .select(FlatRow::as_select())
        .load(conn)?;
    let row = |(name, value): (&FlatName, &Length)| FlatRow {
        garment_id: id,
        name: Spelt(*name),
        value: value.nm(),
    };
    let Rows { gone, put } = changed(was, shape.flats.iter().map(row).collect(), |row| row.name);
    let theirs = flat_measure::garment_id.eq(id).and(flat_measure::name.eq_any(gone));
    diesel::delete(flat_measure::table.filter(theirs)).execute(conn)?;
    put_rows!(conn, flat_measure(garment_id, name), put);
    Ok(())
}

#[derive(Debug, Clone, PartialEq, Queryable, Selectable, Insertable, AsChangeset)]
#[diesel(table_name = seam_allowance)]
struct AllowanceRow {
    garment_id: Uuid,
    seam: Spelt<SeamName>,
    position: i32,
    front: i64,
    back: i64,
}

fn replace_allowances(conn: &mut PgConnection, id: Uuid, shape: &Shape) -> Result<(), StoreError> {
    let was: Vec<AllowanceRow> = seam_allowance::table
        .filter(seam_allowance::garment_id.eq(id))
        .select(AllowanceRow::as_select())
        .load(conn)?;
    let row = |(position, each): (i32, &SeamAllowance)| AllowanceRow {
        garment_id: id,
        seam: Spelt(each.seam),
        position,
        front: each.front.nm(),
        back: each.back.nm(),
    };
    let Rows { gone, put } = changed(was, (0..).zip(&shape.allowances).map(row).collect(), |row| row.seam);
    let theirs = seam_allowance::garment_id.eq(id).and(seam_allowance::seam.eq_any(gone));
    diesel::delete(seam_allowance::table.filter(theirs)).execute(conn)?;
    put_rows!(conn, seam_allowance(garment_id, seam), put);
    Ok(())
}

/// Takes a garment off the rail, with its fittings and its journal.
///
/// # Errors
/// [`StoreError::NotFound`] when this account has none of that id.
pub fn delete(conn: &mut Conn, account: AccountId, id: Uuid) -> Result<(), StoreError> {
    let gone =
        diesel::delete(garment::table.find(id).filter(garment::account_id.eq(account.0))).execute(conn)?;
    if gone == 1 { Ok(()) } else { Err(StoreError::NotFound) }
}
