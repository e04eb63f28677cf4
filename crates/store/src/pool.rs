//! Connections, and the migrations that run before the first is handed out.

use std::time::Duration;

use diesel::Connection;
use diesel::connection::SimpleConnection;
use diesel::migration::{Migration, MigrationSource};
use diesel::pg::{Pg, PgConnection};
use diesel::r2d2::{ConnectionManager, CustomizeConnection, Pool, PooledConnection};
use diesel_migrations::{EmbeddedMigrations, MigrationHarness, embed_migrations};

use crate::error::StoreError;

const MIGRATIONS: EmbeddedMigrations = embed_migrations!();

/// How long a request waits for a connection before it is told the database does not answer.
const PATIENCE: Duration = Duration::from_secs(3);
/// What every connection is held to: no statement runs longer than the first, none waits for another's lock longer
/// than the second, and no transaction is left open longer than the third. In milliseconds.
const LIMITS: &str = "SET statement_timeout = 10000; SET lock_timeout = 1500; \
     SET idle_in_transaction_session_timeout = 20000";
/// How long a server may take to let a connection in, in seconds; fewer than two are taken as two.
const CONNECT_WITHIN: &str = "connect_timeout=2";
/// Guards the migrations: of two servers that start on one database, one waits for the other. Nobody else takes
/// this number: ids of records are locked by chance numbers.
const MIGRATING: i64 = 0x7665_6d62_6c65;

/// A connection.
pub type Conn = PooledConnection<ConnectionManager<PgConnection>>;

/// The pool of connections to one database.
#[derive(Clone)]
pub struct Store {
    pool: Pool<ConnectionManager<PgConnection>>,
    url: String,
}

impl Store {
    /// Opens a database and brings its schema up to this build's. Of several servers that do so at once, one
    /// does it and the others wait.
    ///
    /// # Errors
    /// [`StoreError::CannotOpen`] when it does not let this server in, and why;
    /// [`StoreError::NewerSchema`] when a newer build has been here.
    pub fn open(url: &str, connections: u32) -> Result<Store, StoreError> {
        let url = with_timeout(url);
        migrate(&mut establish(&url)?)?;
        let pool = Pool::builder()
            .max_size(connections)
            .min_idle(Some(1))
            .connection_timeout(PATIENCE)
            .connection_customizer(Box::new(Held))
            .error_handler(Box::new(Quiet))
            .build(ConnectionManager::new(&url))
            .map_err(|_| StoreError::Unavailable)?;
        Ok(Store { pool, url })
    }

    /// A connection, or [`StoreError::Unavailable`] after a short wait.
    ///
    /// # Errors
    /// [`StoreError::Unavailable`].
    pub fn conn(&self) -> Result<Conn, StoreError> {
        self.pool.get().map_err(|_| StoreError::Unavailable)
    }

    /// A connection of its own, beside the pool.
    pub(crate) fn own(&self) -> Result<PgConnection, StoreError> {
        establish(&self.url)
    }
}

/// The address with a limit to how long connecting may take, where it names none of its own.
fn with_timeout(url: &str) -> String {
    if url.contains("connect_timeout") {
        return url.to_owned();
    }
    let joint = if url.contains('?') { '&' } else { '?' };
    format!("{url}{joint}{CONNECT_WITHIN}")
}

fn establish(url: &str) -> Result<PgConnection, StoreError> {
    PgConnection::establish(url).map_err(|error| {
        let said = error.to_string();
        let reason = if said.contains("password authentication") || said.contains("no password supplied") {
            "it does not know this name and password; look at the address given with --database"
        } else if said.contains("does not exist") && said.contains("database") {
            "there is no database of that name; make one with createdb"
        } else if said.contains("starting up") || said.contains("shutting down") {
            "it is starting or stopping; try again in a moment"
        } else {
            "no PostgreSQL answers there; start it, or look at the address given with --database"
        };
        StoreError::CannotOpen { reason, said: said.trim().replace('\n', "; ") }
    })
}

fn migrate(conn: &mut PgConnection) -> Result<(), StoreError> {
    conn.batch_execute(&format!("SELECT pg_advisory_lock({MIGRATING})"))?;
    let done = migrate_alone(conn);
    conn.batch_execute(&format!("SELECT pg_advisory_unlock({MIGRATING})"))?;
    done
}

fn migrate_alone(conn: &mut PgConnection) -> Result<(), StoreError> {
    let known: Vec<String> = MigrationSource::<Pg>::migrations(&MIGRATIONS)
        .map_err(|_| StoreError::Unavailable)?
        .iter()
        .map(|migration| migration.name().version().to_string())
        .collect();
    let applied = conn.applied_migrations().map_err(|_| StoreError::Unavailable)?;
    if let Some(newer) = applied.iter().map(ToString::to_string).find(|version| !known.contains(version)) {
        return Err(StoreError::NewerSchema(newer));
    }
    conn.run_pending_migrations(MIGRATIONS).map_err(|error| {
        StoreError::Database(diesel::result::Error::QueryBuilderError(error.to_string().into()))
    })?;
    Ok(())
}

/// Holds each new connection to its limits.
#[derive(Debug)]
struct Held;

impl CustomizeConnection<PgConnection, diesel::r2d2::Error> for Held {
    fn on_acquire(&self, conn: &mut PgConnection) -> Result<(), diesel::r2d2::Error> {
        conn.batch_execute(LIMITS).map_err(diesel::r2d2::Error::QueryError)
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

/// Reads several things as they stood at one moment, and keeps nobody from writing meanwhile.
pub(crate) fn at_one_moment<T>(
    conn: &mut Conn,
    read: impl FnOnce(&mut PgConnection) -> Result<T, StoreError>,
) -> Result<T, StoreError> {
    conn.build_transaction().read_only().repeatable_read().run(read)
}

/// Keeps the pool from printing each failed reconnection; requests report it once.
#[derive(Debug)]
struct Quiet;

impl<E: std::fmt::Display> diesel::r2d2::HandleError<E> for Quiet {
    fn handle_error(&self, error: E) {
        tracing::debug!(%error, "no connection");
    }
}
