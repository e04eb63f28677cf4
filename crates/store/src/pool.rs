//! Connections, and the migrations that run before the first is handed out.

use std::time::Duration;

use diesel::Connection;
use diesel::connection::SimpleConnection;
use diesel::migration::{Migration, MigrationSource};
use diesel::pg::{Pg, PgConnection};
use diesel::r2d2::{ConnectionManager, Pool, PooledConnection};
use diesel_migrations::{EmbeddedMigrations, MigrationHarness, embed_migrations};

use crate::StoreError;

const MIGRATIONS: EmbeddedMigrations = embed_migrations!();

/// How long a request waits for a connection before it is told the database does not answer.
const PATIENCE: Duration = Duration::from_millis(1500);

/// A connection.
pub type Conn = PooledConnection<ConnectionManager<PgConnection>>;

/// The pool of connections to one database.
#[derive(Clone)]
pub struct Store(Pool<ConnectionManager<PgConnection>>);

impl Store {
    /// Opens a database and brings its schema up to this build's.
    ///
    /// # Errors
    /// [`StoreError::Unavailable`] when it does not answer, [`StoreError::NewerSchema`] when a
    /// newer build has been here.
    pub fn open(url: &str, connections: u32) -> Result<Store, StoreError> {
        let manager = ConnectionManager::new(url);
        let pool = Pool::builder()
            .max_size(connections)
            .min_idle(Some(1))
            .connection_timeout(PATIENCE)
            .error_handler(Box::new(Quiet))
            .build(manager)
            .map_err(|_| StoreError::Unavailable)?;
        let store = Store(pool);
        store.migrate()?;
        Ok(store)
    }

    fn migrate(&self) -> Result<(), StoreError> {
        let mut conn = self.conn()?;
        let known: Vec<String> = MigrationSource::<Pg>::migrations(&MIGRATIONS)
            .map_err(|_| StoreError::Unavailable)?
            .iter()
            .map(|migration| migration.name().version().to_string())
            .collect();
        let applied = conn.applied_migrations().map_err(|_| StoreError::Unavailable)?;
        if let Some(newer) = applied.iter().map(ToString::to_string).find(|version| !known.contains(version))
        {
            return Err(StoreError::NewerSchema(newer));
        }
        conn.run_pending_migrations(MIGRATIONS).map_err(|error| {
            StoreError::Database(diesel::result::Error::QueryBuilderError(error.to_string().into()))
        })?;
        Ok(())
    }

    /// A connection, or [`StoreError::Unavailable`] after a short wait.
    ///
    /// # Errors
    /// [`StoreError::Unavailable`].
    pub fn conn(&self) -> Result<Conn, StoreError> {
        self.0.get().map_err(|_| StoreError::Unavailable)
    }
}

/// Asks the database for an answer.
///
/// # Errors
/// [`StoreError::Unavailable`] when there is none.
pub fn ping(conn: &mut Conn) -> Result<(), StoreError> {
    conn.batch_execute("SELECT 1").map_err(|_| StoreError::Unavailable)
}

/// Does several pieces of work as one: all of it is kept, or none.
///
/// # Errors
/// Those of the work.
pub fn together<T>(
    conn: &mut Conn,
    work: impl FnOnce(&mut Conn) -> Result<T, StoreError>,
) -> Result<T, StoreError> {
    conn.transaction(work)
}

/// Keeps the pool from printing each failed reconnection; requests report it once.
#[derive(Debug)]
struct Quiet;

impl<E: std::fmt::Display> diesel::r2d2::HandleError<E> for Quiet {
    fn handle_error(&self, error: E) {
        tracing::debug!(%error, "no connection");
    }
}
