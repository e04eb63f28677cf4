//! Putting a job together from what is kept.

use chrono::{NaiveDate, Utc};
use vemble_fit::{Body, Fitting, JOB_FORMAT, Job};
use vemble_store::{AccountId, Conn, FittingRecord, GarmentRecord, StoreError, account, wearer};

/// The job of one fitting: its garment, its wearer's measures on the day, this account's habits.
///
/// # Errors
/// When the database does not answer.
pub fn assemble(
    conn: &mut Conn,
    id: AccountId,
    garment: &GarmentRecord,
    fitting: Fitting,
) -> Result<Job, StoreError> {
    let (name, body) = wearer_of(conn, id, garment, fitting.held_on)?;
    Ok(Job {
        format: JOB_FORMAT.to_owned(),
        wearer: name,
        body,
        habits: account::get(conn, id)?.habits.value,
        garment: garment.garment.clone(),
        fitting,
        timings: account::timings(conn, id)?,
    })
}

fn wearer_of(
    conn: &mut Conn,
    id: AccountId,
    garment: &GarmentRecord,
    day: NaiveDate,
) -> Result<(String, Option<Body>), StoreError> {
    let Some(wearer_id) = garment.wearer else { return Ok(("its wearer".to_owned(), None)) };
    let wearer = wearer::get(conn, id, wearer_id)?.value;
    let body = wearer.body_on(day).cloned();
    Ok((wearer.name, body))
}

/// A fitting with nothing in it yet, for a garment nobody has tried on.
#[must_use]
pub fn blank() -> Fitting {
    Fitting::on(Utc::now().date_naive())
}

/// The newest fitting of a garment, or a blank one.
#[must_use]
pub fn newest(
    fittings: Vec<(uuid::Uuid, vemble_store::Versioned<FittingRecord>)>,
) -> Option<(uuid::Uuid, FittingRecord)> {
    fittings.into_iter().next_back().map(|(id, kept)| (id, kept.value))
}
