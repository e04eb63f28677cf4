//! What is wanted of a fitting's hems, and what was read round them.

use std::collections::BTreeMap;

use diesel::prelude::*;
use uuid::Uuid;
use vemble_fit::Length;
use vemble_fit::hem::{HemReading, HemWish};

use crate::StoreError;
use crate::schema::{hem_reading, hem_wish};
use crate::version::{from_word, word};

#[derive(Queryable, Selectable, Insertable)]
#[diesel(table_name = hem_reading)]
struct ReadingRow {
    fitting_id: Uuid,
    hem: String,
    id: String,
    position: i32,
    side: String,
    at: f64,
    read: String,
    length: i64,
}

impl ReadingRow {
    fn read(self) -> Result<HemReading, StoreError> {
        Ok(HemReading {
            id: self.id,
            side: from_word(&self.side)?,
            at: self.at,
            read: from_word(&self.read)?,
            length: Length::from_nm(self.length),
        })
    }
}

/// The wishes of a fitting, each with its readings in their order.
pub(crate) fn read(conn: &mut PgConnection, fitting: Uuid) -> Result<Vec<HemWish>, StoreError> {
    let wishes: Vec<(String, serde_json::Value)> = hem_wish::table
        .filter(hem_wish::fitting_id.eq(fitting))
        .order(hem_wish::position)
        .select((hem_wish::hem, hem_wish::wish))
        .load(conn)?;
    let rows: Vec<ReadingRow> = hem_reading::table
        .filter(hem_reading::fitting_id.eq(fitting))
        .order(hem_reading::position)
        .select(ReadingRow::as_select())
        .load(conn)?;
    let mut readings: BTreeMap<String, Vec<HemReading>> = BTreeMap::new();
    for row in rows {
        let hem = row.hem.clone();
        readings.entry(hem).or_default().push(row.read()?);
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

/// Puts the wishes of a fitting as they should stand.
pub(crate) fn replace(conn: &mut PgConnection, fitting: Uuid, wishes: &[HemWish]) -> Result<(), StoreError> {
    diesel::delete(hem_wish::table.filter(hem_wish::fitting_id.eq(fitting))).execute(conn)?;
    for (position, wish) in (0..).zip(wishes) {
        let position: i32 = position;
        let hem = word(&wish.hem)?;
        let said = HemWish { readings: Vec::new(), ..wish.clone() };
        diesel::insert_into(hem_wish::table)
            .values((
                hem_wish::fitting_id.eq(fitting),
                hem_wish::hem.eq(&hem),
                hem_wish::position.eq(position),
                hem_wish::wish.eq(serde_json::to_value(said)?),
            ))
            .execute(conn)?;
        let rows: Vec<ReadingRow> = (0..)
            .zip(&wish.readings)
            .map(|(position, reading)| {
                Ok(ReadingRow {
                    fitting_id: fitting,
                    hem: hem.clone(),
                    id: reading.id.clone(),
                    position,
                    side: word(&reading.side)?,
                    at: reading.at,
                    read: word(&reading.read)?,
                    length: reading.length.nm(),
                })
            })
            .collect::<Result<_, StoreError>>()?;
        diesel::insert_into(hem_reading::table).values(rows).execute(conn)?;
    }
    Ok(())
}
