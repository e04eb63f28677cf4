//! Everything of a workroom at one moment, and putting it into an empty one.

use std::collections::BTreeMap;

use diesel::prelude::*;
use uuid::Uuid;
use vemble_fit::plan::Work;
use vemble_fit::{Habits, Wearer};

use crate::accounts::{self, AccountId};
use crate::changes;
use crate::error::StoreError;
use crate::fittings::{self, FittingRecord, Works};
use crate::garments::{self, GarmentRecord};
use crate::hand::Hand;
use crate::pool::Conn;
use crate::schema::{fitting, garment, step, wearer};
use crate::spelt::Spelt;
use crate::version::Expected;
use crate::wearers;

/// Everything of a workroom, in the order of its ids, which is the order it was made in.
#[derive(Debug, Clone, PartialEq)]
pub struct Everything {
    /// Settings.
    pub habits: Habits,
    /// People.
    pub wearers: Vec<(Uuid, Wearer)>,
    /// Garments.
    pub garments: Vec<(Uuid, GarmentRecord)>,
    /// Fittings, those of one garment first to last, each with what its ticked steps were.
    pub fittings: Vec<(Uuid, FittingRecord, Works)>,
}

/// Reads everything.
///
/// # Errors
/// When the database does not answer.
pub fn read(conn: &mut Conn, account: AccountId) -> Result<Everything, StoreError> {
    let habits = accounts::get(conn, account)?.habits.value;
    let mut wearers: Vec<(Uuid, Wearer)> =
        wearers::list(conn, account)?.into_iter().map(|(id, kept)| (id, kept.value)).collect();
    wearers.sort_by_key(|(id, _)| *id);
    let mut garments: Vec<(Uuid, GarmentRecord)> =
        garments::list(conn, account)?.into_iter().map(|(id, kept)| (id, kept.value)).collect();
    garments.sort_by_key(|(id, _)| *id);
    let mut works = works(conn, account)?;
    let mut fittings = Vec::new();
    for (id, _) in &garments {
        for (fitting, kept) in fittings::list(conn, account, *id)? {
            fittings.push((fitting, kept.value, works.remove(&fitting).unwrap_or_default()));
        }
    }
    Ok(Everything { habits, wearers, garments, fittings })
}

fn works(conn: &mut PgConnection, account: AccountId) -> Result<BTreeMap<Uuid, Works>, StoreError> {
    type Row = (Uuid, String, Option<Spelt<Work>>, Option<f64>);
    let rows: Vec<Row> = step::table
        .inner_join(fitting::table)
        .filter(fitting::account_id.eq(account.0).and(step::stands))
        .select((step::fitting_id, step::key, step::work, step::estimate))
        .load(conn)?;
    let mut works: BTreeMap<Uuid, Works> = BTreeMap::new();
    for (fitting, key, work, estimate) in rows {
        if let Some((work, estimate)) = work.zip(estimate) {
            works.entry(fitting).or_default().insert(key, (work.0, estimate));
        }
    }
    Ok(works)
}

/// Looks whether a workroom has nothing in it, so that a file can be put in.
///
/// # Errors
/// [`StoreError::Refused`] where somebody or something is in it already.
pub fn is_empty(conn: &mut Conn, account: AccountId) -> Result<(), StoreError> {
    let people: i64 = wearer::table.filter(wearer::account_id.eq(account.0)).count().get_result(conn)?;
    let hung: i64 = garment::table.filter(garment::account_id.eq(account.0)).count().get_result(conn)?;
    if people + hung > 0 {
        return Err(StoreError::Refused(
            "this workroom has people or garments in it; restore into a new one",
        ));
    }
    Ok(())
}

/// Puts everything into a workroom that has nothing in it, all of it or nothing. `told` hears how many people, garments
/// and fittings were, of how many.
///
/// # Errors
/// [`StoreError::Refused`] where somebody or something is in it already.
pub fn restore(
    conn: &mut Conn,
    account: AccountId,
    everything: &Everything,
    told: &mut dyn FnMut(usize, usize),
) -> Result<(), StoreError> {
    let of = everything.wearers.len() + everything.garments.len() + everything.fittings.len();
    let mut done = 0;
    let mut another = || {
        told(done, of);
        done += 1;
    };
    conn.transaction(|conn| {
        // Who restores twice at once restores once.
        crate::version::one_at_a_time(conn, account.0)?;
        is_empty(conn, account)?;
        let version = accounts::get(conn, account)?.habits.version;
        accounts::put_habits(conn, account, &everything.habits, Expected::Version(version))?;
        for (id, wearer) in &everything.wearers {
            another();
            wearers::put(conn, account, *id, wearer, Expected::Fresh)?;
        }
        let hand = Hand::program();
        for (id, record) in &everything.garments {
            another();
            garments::put(conn, account, &hand, *id, record, Expected::Fresh)?;
        }
        for (id, record, works) in &everything.fittings {
            another();
            changes::put(conn, account, &hand, *id, record, works, Expected::Fresh)?;
        }
        Ok(())
    })
}
