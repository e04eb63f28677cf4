//! What every handler shares.

use std::time::Duration;

use actix_web::web;
use vemble_store::{AccountId, Conn, Store, StoreError};

use crate::gate::Gate;
use crate::live::Live;
use crate::problem::Problem;

/// How long the database may take over one request before the request is told that it does not answer.
pub const PATIENCE: Duration = Duration::from_millis(1600);
/// The same for work on a whole workroom.
const LONG_PATIENCE: Duration = Duration::from_secs(60);

/// How a server is run.
#[derive(Debug, Clone, Default)]
pub struct Options {
    /// Address of the demo workroom, when one was loaded.
    pub demo: Option<String>,
    /// True when browsers reach the server over TLS, so cookies may be marked secure.
    pub https: bool,
    /// True when a proxy stands before it, whose `Forwarded` headers say who asks.
    pub trusted_proxy: bool,
}

/// Shared by all handlers.
#[derive(Clone)]
pub struct App {
    /// Where records are kept.
    pub store: Store,
    /// How it is run.
    pub options: Options,
    /// Through which computing goes.
    computing: Gate,
    /// Through which the hashing of passwords goes, which takes a core and much memory each.
    hashing: Gate,
    /// Who hears of changes.
    pub live: Live,
}

/// Runs database work on a thread that may wait, and waits for it no longer than so long: a database that holds
/// still says nothing at all.
///
/// # Errors
/// [`StoreError::Unavailable`] after that time, and what `work` returns.
pub async fn patiently<T, E, F>(store: &Store, patience: Duration, work: F) -> Result<T, E>
where
    T: Send + 'static,
    E: From<StoreError> + Send + 'static,
    F: FnOnce(&mut Conn) -> Result<T, E> + Send + 'static,
{
    let store = store.clone();
    let done = web::block(move || {
        let mut conn = store.conn()?;
        work(&mut conn)
    });
    match tokio::time::timeout(patience, done).await {
        Ok(Ok(done)) => done,
        // The work panicked, or the server is ending.
        Ok(Err(_)) => Err(StoreError::Failed.into()),
        Err(_) => Err(StoreError::Unavailable.into()),
    }
}

impl App {
    /// What handlers share, for a server of this store.
    #[must_use]
    pub fn new(store: Store, options: Options) -> App {
        let cores = std::thread::available_parallelism().map_or(2, usize::from);
        App {
            live: Live::new(store.clone()),
            store,
            options,
            computing: Gate::new(cores),
            hashing: Gate::new((cores / 2).max(1)),
        }
    }

    /// Runs database work. No computing and no hashing belongs in it: it holds a connection.
    ///
    /// # Errors
    /// What `work` returns, and [`Problem::unavailable`] when the database does not answer in time.
    pub async fn run<T, F>(&self, work: F) -> Result<T, Problem>
    where
        T: Send + 'static,
        F: FnOnce(&mut Conn) -> Result<T, Problem> + Send + 'static,
    {
        patiently(&self.store, PATIENCE, work).await
    }

    /// The same for work that only meets the store's own errors.
    ///
    /// # Errors
    /// As [`App::run`].
    pub async fn store<T, F>(&self, work: F) -> Result<T, Problem>
    where
        T: Send + 'static,
        F: FnOnce(&mut Conn) -> Result<T, StoreError> + Send + 'static,
    {
        self.run(move |conn| Ok(work(conn)?)).await
    }

    /// The same for work on a whole workroom, which takes its time.
    ///
    /// # Errors
    /// As [`App::run`].
    pub async fn run_long<T, F>(&self, work: F) -> Result<T, Problem>
    where
        T: Send + 'static,
        F: FnOnce(&mut Conn) -> Result<T, Problem> + Send + 'static,
    {
        patiently(&self.store, LONG_PATIENCE, work).await
    }

    /// Computes on a thread of its own when the account's turn comes, without a connection.
    ///
    /// # Errors
    /// What `work` returns, and [`Problem::busy`] where too many wait already.
    pub async fn compute<T, F>(&self, who: AccountId, work: F) -> Result<T, Problem>
    where
        T: Send + 'static,
        F: FnOnce() -> Result<T, Problem> + Send + 'static,
    {
        behind(&self.computing, Some(who), work).await
    }

    /// Hashes, or checks a hash, when its turn comes, without a connection.
    ///
    /// # Errors
    /// As [`App::compute`].
    pub async fn hash<T, F>(&self, work: F) -> Result<T, Problem>
    where
        T: Send + 'static,
        F: FnOnce() -> Result<T, Problem> + Send + 'static,
    {
        behind(&self.hashing, None, work).await
    }
}

async fn behind<T, F>(gate: &Gate, who: Option<AccountId>, work: F) -> Result<T, Problem>
where
    T: Send + 'static,
    F: FnOnce() -> Result<T, Problem> + Send + 'static,
{
    let turn = gate.turn(who).await?;
    // The turn goes along: who stops waiting for an answer does not stop the work.
    web::block(move || {
        let done = work();
        drop(turn);
        done
    })
    .await
    .map_err(|_| Problem::internal())?
}
