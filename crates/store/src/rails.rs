//! The rail: every garment with its newest fitting and what was said of it in short, in a handful of queries
//! however many garments there are.

use std::collections::BTreeMap;

use chrono::{NaiveDate, Utc};
use diesel::prelude::*;
use uuid::Uuid;
use vemble_fit::{Solution, Summary};

use crate::accounts::AccountId;
use crate::error::StoreError;
use crate::garments::{self, GarmentRecord};
use crate::pool::{Conn, at_one_moment};
use crate::schema::{account, fitting, garment, summary, wearer};
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
    /// What was said of it, where that was kept of this very state.
    pub in_short: Option<InShort>,
}

/// What a page of many garments says of one.
#[derive(Debug, Clone)]
pub struct InShort {
    /// In words and numbers.
    pub summary: Summary,
    /// Its silhouette as JSON, where it has been measured.
    pub figure: Option<String>,
}

impl InShort {
    /// A solution in short.
    ///
    /// # Errors
    /// When it cannot be written.
    pub fn of(solution: &Solution) -> Result<InShort, StoreError> {
        let figure = Summary::figure_of(solution).map(|figure| serde_json::to_string(&figure)).transpose()?;
        Ok(InShort { summary: Summary::of(solution), figure })
    }
}

/// What summaries of an account depend on beside the garments themselves.
struct Beside {
    habits: i64,
    /// People: name and version.
    wearers: BTreeMap<Uuid, (String, i64)>,
    /// The newest fitting of each garment: id, number, version.
    newest: BTreeMap<Uuid, (Uuid, i32, i64)>,
}

impl Beside {
    fn read(conn: &mut PgConnection, account: AccountId) -> Result<Beside, StoreError> {
        let habits = account::table.find(account.0).select(account::habits_version).first(conn)?;
        let wearers: Vec<(Uuid, String, i64)> = wearer::table
            .filter(wearer::account_id.eq(account.0))
            .select((wearer::id, wearer::name, wearer::version))
            .load(conn)?;
        let fittings: Vec<(Uuid, Uuid, i32, i64)> = fitting::table
            .filter(fitting::account_id.eq(account.0))
            .distinct_on(fitting::garment_id)
            .order((fitting::garment_id, fitting::number.desc()))
            .select((fitting::garment_id, fitting::id, fitting::number, fitting::version))
            .load(conn)?;
        Ok(Beside {
            habits,
            wearers: wearers.into_iter().map(|(id, name, version)| (id, (name, version))).collect(),
            newest: fittings
                .into_iter()
                .map(|(garment, id, number, version)| (garment, (id, number, version)))
                .collect(),
        })
    }

    fn stands_for(&self, garment: Uuid, version: i64, worn_by: Option<Uuid>) -> StandsFor {
        let fitting = self.newest.get(&garment).map(|(id, _, version)| (*id, *version));
        let wearer = worn_by.and_then(|id| self.wearers.get(&id)).map(|(_, version)| *version);
        StandsFor::new(version, fitting, wearer, self.habits)
    }
}

/// Every garment of an account, the next due first.
///
/// # Errors
/// When the database does not answer.
pub fn list(conn: &mut Conn, account: AccountId) -> Result<Vec<OnRail>, StoreError> {
    at_one_moment(conn, |conn| {
        let beside = Beside::read(conn, account)?;
        let garments = garments::all(conn, account)?;
        let ids: Vec<Uuid> = garments.iter().map(|(id, _)| *id).collect();
        let said: Vec<(Uuid, String, String, Option<String>)> = summary::table
            .filter(summary::garment_id.eq_any(&ids))
            .select((summary::garment_id, summary::stands_for, summary::said, summary::figure))
            .load(conn)?;
        let mut said: BTreeMap<Uuid, (String, String, Option<String>)> =
            said.into_iter().map(|(id, stands_for, said, figure)| (id, (stands_for, said, figure))).collect();
        Ok(garments
            .into_iter()
            .map(|(id, garment)| {
                let stands_for = beside.stands_for(id, garment.version, garment.value.wearer);
                let kept = said.remove(&id).filter(|(of, ..)| *of == stands_for.key());
                // One that an earlier build kept in another shape is made anew.
                let in_short = kept.and_then(|(_, said, figure)| {
                    Some(InShort { summary: serde_json::from_str(&said).ok()?, figure })
                });
                let worn_by = garment.value.wearer.and_then(|wearer| beside.wearers.get(&wearer));
                OnRail {
                    id,
                    wearer: worn_by.map(|(name, _)| name.clone()),
                    fitting: beside.newest.get(&id).map(|(id, number, _)| (*id, *number)),
                    stands_for,
                    in_short,
                    garment,
                }
            })
            .collect())
    })
}

/// A garment that is wanted for a day.
#[derive(Debug, Clone)]
pub struct Due {
    /// Its id.
    pub id: Uuid,
    /// What it is called.
    pub name: String,
    /// The day.
    pub due_on: NaiveDate,
    /// What was said of it.
    pub summary: Summary,
}

/// What is due of an account, the next first; `None` where one of the summaries is out of date.
///
/// # Errors
/// When the database does not answer.
pub fn due(conn: &mut Conn, account: AccountId) -> Result<Option<Vec<Due>>, StoreError> {
    type Row = (Uuid, String, Option<NaiveDate>, i64, Option<Uuid>, Option<(String, String)>);
    at_one_moment(conn, |conn| {
        let beside = Beside::read(conn, account)?;
        let rows: Vec<Row> = garment::table
            .left_join(summary::table)
            .filter(garment::account_id.eq(account.0).and(garment::due_on.is_not_null()))
            .order((garment::due_on, garment::created_at, garment::id))
            .select((
                garment::id,
                garment::name,
                garment::due_on,
                garment::version,
                garment::wearer_id,
                (summary::stands_for, summary::said).nullable(),
            ))
            .load(conn)?;
        let due = rows.into_iter().map(|(id, name, due_on, version, worn_by, kept)| {
            let stands_for = beside.stands_for(id, version, worn_by).key();
            let (_, said) = kept.filter(|(of, _)| *of == stands_for)?;
            Some(Due { id, name, due_on: due_on?, summary: serde_json::from_str(&said).ok()? })
        });
        Ok(due.collect())
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
    said: &InShort,
) -> Result<(), StoreError> {
    use diesel::sql_types::{Nullable, Text, Uuid as SqlUuid};
    diesel::sql_query(
        "INSERT INTO summary (garment_id, stands_for, said, figure) \
         SELECT id, $2, $3, $4 FROM garment WHERE id = $1 \
         ON CONFLICT (garment_id) DO UPDATE SET stands_for = $2, said = $3, figure = $4",
    )
    .bind::<SqlUuid, _>(garment)
    .bind::<Text, _>(stands_for.key())
    .bind::<Text, _>(serde_json::to_string(&said.summary)?)
    .bind::<Nullable<Text>, _>(said.figure.as_ref())
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
