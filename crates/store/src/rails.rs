//! The rail: every garment with its newest fitting and what was said of it in short, in a handful of queries
//! however many garments there are.

use std::collections::BTreeMap;

use chrono::{NaiveDate, Utc};
use diesel::prelude::*;
use uuid::Uuid;
use vemble_fit::Summary;

use crate::accounts::AccountId;
use crate::error::StoreError;
use crate::garments::{self, GarmentRecord};
use crate::pool::{Conn, at_one_moment};
use crate::schema::{account, fitting, summary, wearer};
use crate::version::Versioned;

/// Everything a summary depends on: while this is the same, so is the summary.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub struct StandsFor {
    /// Version of the garment.
    pub garment: i64,
    /// The newest fitting with its version.
    pub fitting: Option<(Uuid, i64)>,
    /// Version of the wearer.
    pub wearer: Option<i64>,
    /// Version of the habits.
    pub habits: i64,
    /// The day, where no fitting says whose measures count.
    pub day: Option<NaiveDate>,
}

impl StandsFor {
    /// The state of a garment and what its summary depends on.
    #[must_use]
    pub fn new(garment: i64, fitting: Option<(Uuid, i64)>, wearer: Option<i64>, habits: i64) -> StandsFor {
        let day = fitting.is_none().then(|| Utc::now().date_naive());
        StandsFor { garment, fitting, wearer, habits, day }
    }

    fn key(&self) -> String {
        format!("{self:?}")
    }
}

/// A garment on the rail.
#[derive(Debug, Clone)]
pub struct OnRail {
    /// Its id.
    pub id: Uuid,
    /// The garment.
    pub garment: Versioned<GarmentRecord>,
    /// What its wearer is called.
    pub wearer: Option<String>,
    /// Its newest fitting with the number of that.
    pub fitting: Option<(Uuid, i32)>,
    /// What its summary depends on.
    pub stands_for: StandsFor,
    /// The summary, where one was kept of this very state.
    pub summary: Option<Summary>,
}

/// Every garment of an account, the next due first.
///
/// # Errors
/// When the database does not answer.
pub fn list(conn: &mut Conn, account: AccountId) -> Result<Vec<OnRail>, StoreError> {
    at_one_moment(conn, |conn| {
        let habits: i64 = account::table.find(account.0).select(account::habits_version).first(conn)?;
        let wearers: Vec<(Uuid, String, i64)> = wearer::table
            .filter(wearer::account_id.eq(account.0))
            .select((wearer::id, wearer::name, wearer::version))
            .load(conn)?;
        let wearers: BTreeMap<Uuid, (String, i64)> =
            wearers.into_iter().map(|(id, name, version)| (id, (name, version))).collect();
        let fittings: Vec<(Uuid, Uuid, i32, i64)> = fitting::table
            .filter(fitting::account_id.eq(account.0))
            .distinct_on(fitting::garment_id)
            .order((fitting::garment_id, fitting::number.desc()))
            .select((fitting::garment_id, fitting::id, fitting::number, fitting::version))
            .load(conn)?;
        let newest: BTreeMap<Uuid, (Uuid, i32, i64)> = fittings
            .into_iter()
            .map(|(garment, id, number, version)| (garment, (id, number, version)))
            .collect();
        let garments = garments::all(conn, account)?;
        let ids: Vec<Uuid> = garments.iter().map(|(id, _)| *id).collect();
        let said: Vec<(Uuid, String, serde_json::Value)> = summary::table
            .filter(summary::garment_id.eq_any(&ids))
            .select((summary::garment_id, summary::stands_for, summary::said))
            .load(conn)?;
        let mut said: BTreeMap<Uuid, (String, serde_json::Value)> =
            said.into_iter().map(|(id, stands_for, said)| (id, (stands_for, said))).collect();
        Ok(garments
            .into_iter()
            .map(|(id, garment)| {
                let worn_by = garment.value.wearer.and_then(|wearer| wearers.get(&wearer));
                let fitting = newest.get(&id);
                let stands_for = StandsFor::new(
                    garment.version,
                    fitting.map(|(id, _, version)| (*id, *version)),
                    worn_by.map(|(_, version)| *version),
                    habits,
                );
                let kept = said.remove(&id).filter(|(of, _)| *of == stands_for.key());
                OnRail {
                    id,
                    wearer: worn_by.map(|(name, _)| name.clone()),
                    fitting: fitting.map(|(id, number, _)| (*id, *number)),
                    stands_for,
                    // One that an earlier build kept in another shape is made anew.
                    summary: kept.and_then(|(_, said)| serde_json::from_value(said).ok()),
                    garment,
                }
            })
            .collect())
    })
}

/// Keeps what was said of a garment in a state. A garment that is gone meanwhile has nothing to keep.
///
/// # Errors
/// When the database does not answer.
pub fn keep(
    conn: &mut Conn,
    garment: Uuid,
    stands_for: &StandsFor,
    said: &Summary,
) -> Result<(), StoreError> {
    use diesel::sql_types::{Jsonb, Text, Uuid as SqlUuid};
    diesel::sql_query(
        "INSERT INTO summary (garment_id, stands_for, said) SELECT id, $2, $3 FROM garment WHERE id = $1 \
         ON CONFLICT (garment_id) DO UPDATE SET stands_for = $2, said = $3",
    )
    .bind::<SqlUuid, _>(garment)
    .bind::<Text, _>(stands_for.key())
    .bind::<Jsonb, _>(serde_json::to_value(said)?)
    .execute(conn)?;
    Ok(())
}

/// Forgets every summary: another build may say something else of the same state.
///
/// # Errors
/// When the database does not answer.
pub fn forget(conn: &mut Conn) -> Result<(), StoreError> {
    diesel::delete(summary::table).execute(conn)?;
    Ok(())
}
