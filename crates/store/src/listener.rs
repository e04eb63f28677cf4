//! Hearing from the database that a journal has a new line, or that a session ended, whichever server wrote it.

use std::time::{Duration, Instant};

use diesel::connection::SimpleConnection;
use diesel::pg::PgConnection;
use uuid::Uuid;

use crate::error::StoreError;
use crate::pool::Store;

/// Told to everybody who listens when a garment's journal has a new line, with the garment's id, and when a session
/// ended, with the word below and the key of its browser.
pub(crate) const CHANNEL: &str = "vemble_journal";
/// What stands before the key of a browser whose session ended; the migrations say the same.
const ENDED: &str = "ended ";

/// What was heard.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub enum News {
    /// This garment's journal has a new line, or somebody was sent out of a fitting of it.
    Line(Uuid),
    /// The session of the browser of this key ended.
    Ended(Uuid),
}

impl News {
    fn read(told: &str) -> Option<News> {
        match told.strip_prefix(ENDED) {
            Some(key) => key.parse().ok().map(News::Ended),
            None => told.parse().ok().map(News::Line),
        }
    }
}

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

    /// Waits a moment; what was heard meanwhile.
    ///
    /// # Errors
    /// [`StoreError`] when the connection is lost: listen anew, and look everywhere.
    pub fn wait(&mut self) -> Result<Vec<News>, StoreError> {
        std::thread::sleep(EVERY);
        if self.asked.elapsed() > STILL_THERE {
            self.asked = Instant::now();
            self.conn.batch_execute("SELECT 1")?;
        }
        let mut news = Vec::new();
        for told in self.conn.notifications_iter() {
            news.extend(News::read(&told?.payload));
        }
        Ok(news)
    }
}
