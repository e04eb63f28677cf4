//! What is wanted of a fitting's hems, and what was read round them.

use std::collections::BTreeMap;

use diesel::prelude::*;
use uuid::Uuid;
use vemble_fit::garment::HemName;
use vemble_fit::hem::{HemRead, HemReading, HemWish};
use vemble_fit::{Length, Side};

use crate::StoreError;
use crate::rows::{Rows, changed, put_rows};
use crate::schema::{hem_reading, hem_wish};
use crate::spelt::Spelt;

#[derive(Debug, Clone, PartialEq, Queryable, Selectable, Insertable, AsChangeset)]
#[diesel(table_name = hem_reading)]
struct ReadingRow {
    fitting_id: Uuid,
    hem: Spelt<HemName>,
    id: String,
    position: i32,
    side: Spelt<Side>,
    at: f64,
    read: Spelt<HemRead>,
    length: i64,
}

impl ReadingRow {
    fn new(fitting_id: Uuid, hem: HemName, position: i32, reading: &HemReading) -> ReadingRow {
        ReadingRow {
            fitting_id,
            hem: Spelt(hem),
            id: reading.id.clone(),
            position,
            side: Spelt(reading.side),
            at: reading.at,
            read: Spelt(reading.read),
            length: reading.length.nm(),
        }
    }

    fn read(self) -> HemReading {
        HemReading {
            id: self.id,
            side: self.side.0,
            at: self.at,
            read: self.read.0,
            length: Length::from_nm(self.length),
        }
    }
}

/// The wishes of a fitting, each with its readings in their order.
pub(crate) fn read(conn: &mut PgConnection, fitting: Uuid) -> Result<Vec<HemWish>, StoreError> {
    let wishes: Vec<(Spelt<HemName>, serde_json::Value)> = hem_wish::table
        .filter(hem_wish::fitting_id.eq(fitting))
        .order(hem_wish::position)
        .select((hem_wish::hem, hem_wish::wish))
        .load(conn)?;
    let rows: Vec<ReadingRow> = hem_reading::table
        .filter(hem_reading::fitting_id.eq(fitting))
        .order(hem_reading::position)
        .select(ReadingRow::as_select())
        .load(conn)?;
    let mut readings: BTreeMap<Spelt<HemName>, Vec<HemReading>> = BTreeMap::new();
    for row in rows {
        readings.entry(row.hem).or_default().push(row.read());
    }
    wishes
        .into_iter()
        .map(|(hem, wish)| {
            let mut wish: HemWish = serde_json::from_value(wish)?;
            wish.readings = readings.remove(&hem).unwrap_or_default();
            Ok(wish)
        })
        .collect()
}

#[derive(Debug, Clone, PartialEq, Queryable, Selectable, Insertable, AsChangeset)]
#[diesel(table_name = hem_wish)]
struct WishRow {
    fitting_id: Uuid,
    hem: Spelt<HemName>,
    position: i32,
    wish: serde_json::Value,
}

/// Puts the wishes of a fitting, and what was read round its hems, as they should stand.
pub(crate) fn replace(conn: &mut PgConnection, fitting: Uuid, wishes: &[HemWish]) -> Result<(), StoreError> {
    let was: Vec<WishRow> =
        hem_wish::table.filter(hem_wish::fitting_id.eq(fitting)).select(WishRow::as_select()).load(conn)?;
    let row = |(position, wish): (i32, &HemWish)| {
        let said = HemWish { readings: Vec::new(), ..wish.clone() };
        Ok(WishRow { fitting_id: fitting, hem: Spelt(wish.hem), position, wish: serde_json::to_value(said)? })
    };
    let is = (0..).zip(wishes).map(row).collect::<Result<_, StoreError>>()?;
    let Rows { gone, put } = changed(was, is, |row| row.hem);
    let theirs = hem_wish::fitting_id.eq(fitting).and(hem_wish::hem.eq_any(gone));
    diesel::delete(hem_wish::table.filter(theirs)).execute(conn)?;
    put_rows!(conn, hem_wish(fitting_id, hem), put);
    let was: Vec<ReadingRow> = hem_reading::table
        .filter(hem_reading::fitting_id.eq(fitting))
        .select(ReadingRow::as_select())
        .load(conn)?;
    let of = |wish: &HemWish| -> Vec<ReadingRow> {
        let readings = (0..).zip(&wish.readings);
        readings.map(|(position, reading)| ReadingRow::new(fitting, wish.hem, position, reading)).collect()
    };
    let Rows { gone, put } =
        changed(was, wishes.iter().flat_map(of).collect(), |row| (row.hem, row.id.clone()));
    for (hem, id) in gone {
        diesel::delete(hem_reading::table.find((fitting, hem, id))).execute(conn)?;
    }
    put_rows!(conn, hem_reading(fitting_id, hem, id), put);
    Ok(())
}
