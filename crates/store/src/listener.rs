//! Hearing from the database that a journal has a new line, whichever server wrote it.

use std::time::{Duration, Instant};

use diesel::connection::SimpleConnection;
use diesel::pg::PgConnection;
use uuid::Uuid;

use crate::error::StoreError;
use crate::pool::Store;

/// Told to everybody who listens when a garment's journal has a new line, with the garment's id.
pub(crate) const CHANNEL: &str = "vemble_journal";

/// How often the connection is looked at, so that a line is heard of well within a second.
const EVERY: Duration = Duration::from_millis(40);
/// How often the database is asked whether it is still there.
const STILL_THERE: Duration = Duration::from_secs(5);

/// A connection that listens.
pub struct Listener {
    conn: PgConnection,
    asked: Instant,
}

impl Listener {
    /// Begins to listen on a connection of its own.
    ///
    /// # Errors
    /// [`StoreError::CannotOpen`] when the database does not answer.
    pub fn of(store: &Store) -> Result<Listener, StoreError> {
        let mut conn = store.own()?;
        conn.batch_execute(&format!("LISTEN {CHANNEL}"))?;
        Ok(Listener { conn, asked: Instant::now() })
    }

    /// Waits a moment; the garments whose journals have new lines.
    ///
    /// # Errors
    /// [`StoreError`] when the connection is lost: listen anew, and look everywhere.
    pub fn wait(&mut self) -> Result<Vec<Uuid>, StoreError> {
        std::thread::sleep(EVERY);
        if self.asked.elapsed() > STILL_THERE {
            self.asked = Instant::now();
            self.conn.batch_execute("SELECT 1")?;
        }
        let mut garments = Vec::new();
        for told in self.conn.notifications_iter() {
            garments.extend(told?.payload.parse::<Uuid>());
        }
        Ok(garments)
    }
}
