//! Putting a job together from what is kept.

use chrono::Utc;
use uuid::Uuid;
use vemble_fit::plan::Timing;
use vemble_fit::{Fitting, Habits, JOB_FORMAT, Job, Wearer};
use vemble_store::{
    AccountId, Conn, FittingRecord, GarmentRecord, StandsFor, StoreError, Versioned, account, fitting,
    garment, wearer,
};

/// Everything round a fitting that its result depends on.
#[derive(Debug, Clone)]
pub struct Around {
    /// The garment.
    pub garment: Versioned<GarmentRecord>,
    wearer: Option<Versioned<Wearer>>,
    habits: Versioned<Habits>,
    timings: Vec<Timing>,
}

impl Around {
    /// What is round the fittings of a garment.
    ///
    /// # Errors
    /// [`StoreError::NotFound`] when this account has no such garment.
    pub fn load(conn: &mut Conn, id: AccountId, garment: Uuid) -> Result<Around, StoreError> {
        let garment = garment::get(conn, id, garment)?;
        Around::of(conn, id, garment)
    }

    /// What is round the fittings of a garment that is at hand.
    ///
    /// # Errors
    /// When the database does not answer.
    pub fn of(
        conn: &mut Conn,
        id: AccountId,
        garment: Versioned<GarmentRecord>,
    ) -> Result<Around, StoreError> {
        let wearer = garment.value.wearer.map(|wearer| wearer::get(conn, id, wearer)).transpose()?;
        let habits = account::get(conn, id)?.habits;
        Ok(Around { garment, wearer, habits, timings: account::timings(conn, id)? })
    }

    /// The job of one fitting: its garment, its wearer's measures on the day, this account's habits.
    #[must_use]
    pub fn job(&self, fitting: Fitting) -> Job {
        let wearer = self.wearer.as_ref().map(|wearer| &wearer.value);
        Job {
            format: JOB_FORMAT.to_owned(),
            wearer: wearer.map_or_else(|| "its wearer".to_owned(), |wearer| wearer.name.clone()),
            body: wearer.and_then(|wearer| wearer.body_on(fitting.held_on).cloned()),
            habits: self.habits.value.clone(),
            garment: self.garment.value.garment.clone(),
            fitting,
            timings: self.timings.clone(),
        }
    }

    /// What a summary of this garment with this newest fitting depends on.
    #[must_use]
    pub fn stands_for(&self, newest: (Uuid, i64)) -> StandsFor {
        let wearer = self.wearer.as_ref().map(|wearer| wearer.version);
        StandsFor::new(self.garment.version, Some(newest), wearer, self.habits.version)
    }
}

/// The job of a stored fitting.
///
/// # Errors
/// [`StoreError::NotFound`] when this account has none of that id.
pub fn load(conn: &mut Conn, account: AccountId, id: Uuid) -> Result<Job, StoreError> {
    let record = fitting::get(conn, account, id)?.value;
    Ok(Around::load(conn, account, record.garment)?.job(record.fitting))
}

/// The job of a garment's newest fitting, or of a blank one where it was never tried on.
///
/// # Errors
/// As [`load`].
pub fn newest(
    conn: &mut Conn,
    account: AccountId,
    garment: Versioned<GarmentRecord>,
    newest: Option<Uuid>,
) -> Result<Job, StoreError> {
    let fitting = match newest {
        Some(id) => fitting::get(conn, account, id)?.value.fitting,
        None => Fitting::on(Utc::now().date_naive()),
    };
    Ok(Around::of(conn, account, garment)?.job(fitting))
}

/// A fitting that stands, or nothing where it was not begun.
///
/// # Errors
/// When the database does not answer.
pub fn standing(
    conn: &mut Conn,
    account: AccountId,
    id: Uuid,
) -> Result<Option<Versioned<FittingRecord>>, StoreError> {
    match fitting::get(conn, account, id) {
        Ok(standing) => Ok(Some(standing)),
        Err(StoreError::NotFound) => Ok(None),
        Err(error) => Err(error),
    }
}
