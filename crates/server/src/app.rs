//! What every handler shares.

use std::future::Future;
use std::time::Duration;

use actix_web::http::header::ContentType;
use actix_web::{HttpResponse, web};
use serde::Serialize;
use uuid::Uuid;
use vemble_store::{Conn, Store, StoreError};

use crate::gate::{Asker, Gate, Turn};
use crate::guest_share::GuestShare;
use crate::live::Live;
use crate::problem::Problem;
use crate::restores::Restores;
use crate::workers::Workers;

/// How long the database may take over one request before the request is told that it does not answer. A disk at
/// home that is busy with something else keeps a commit waiting for a second or two, and then has kept it.
pub const PATIENCE: Duration = Duration::from_secs(4);
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

/// Workroom files that may be on their way in at once: together a few times their largest size in memory.
const UPLOADS: usize = 2;

/// Fittings that are changed at once: fewer than there are connections, so that there are some beside them to read with.
const CHANGING: usize = 4;

/// Places from which somebody may try to get in at once.
const AT_THE_DOOR: usize = 2;

/// How long a change, or somebody at the door, waits for a turn: together with [`PATIENCE`] no longer than a page waits for an answer.
const TURN_WITHIN: Duration = Duration::from_secs(1);

/// Shared by all handlers.
#[derive(Clone)]
pub struct App {
    /// Where records are kept.
    pub store: Store,
    /// How it is run.
    pub options: Options,
    /// Through which computing goes, and the threads it is done on.
    computing: (Gate, Workers),
    /// Through which the hashing of passwords goes, which takes a core and much memory each.
    hashing: (Gate, Workers),
    /// Through which fittings are changed.
    changing: Gate,
    /// Through which attempts to get in are counted.
    door: Gate,
    /// Through which whole workrooms are read and packed.
    gathering: (Gate, Workers),
    /// Through which long lists are read and written out.
    listing: (Gate, Workers),
    /// Through which large bodies are read.
    parsing: (Gate, Workers),
    /// Through which workroom files come in, each of which is held whole: so many at once, and one of an account.
    pub uploading: Gate,
    /// Workroom files on their way in.
    pub restores: Restores,
    /// Who hears of changes.
    pub live: Live,
    /// What friends' devices may change.
    pub guests: GuestShare,
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
        let half = (cores / 2).max(1);
        App {
            live: Live::new(store.clone()),
            store,
            options,
            computing: (Gate::new(cores), Workers::new("computing", cores)),
            changing: Gate::one_of_each(CHANGING),
            door: Gate::one_of_each(AT_THE_DOOR),
            gathering: (Gate::new(half), Workers::new("gathering", half)),
            hashing: (Gate::new(half), Workers::new("hashing", half)),
            listing: (Gate::new(cores), Workers::new("listing", half)),
            uploading: Gate::new(UPLOADS),
            restores: Restores::new(),
            parsing: (Gate::new(half), Workers::new("parsing", half)),
            guests: GuestShare::default(),
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

    /// The same for those who are not in yet, from one place one at a time: they are counted one after the other
    /// anyway, and would each hold a connection while they wait for it.
    ///
    /// # Errors
    /// As [`App::run`], and [`Problem::busy`] where too many try, or the turn does not come in time.
    pub async fn at_the_door<T, F>(&self, place: &str, work: F) -> Result<T, Problem>
    where
        T: Send + 'static,
        F: FnOnce(&mut Conn) -> Result<T, Problem> + Send + 'static,
    {
        let _turn = within_a_moment(self.door.turn(Asker::from_place(place))).await?;
        self.run(work).await
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

    /// The same for thousands of rows, which take their time.
    ///
    /// # Errors
    /// As [`App::run`].
    pub async fn store_long<T, F>(&self, work: F) -> Result<T, Problem>
    where
        T: Send + 'static,
        F: FnOnce(&mut Conn) -> Result<T, StoreError> + Send + 'static,
    {
        self.run_long(move |conn| Ok(work(conn)?)).await
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

    /// Computes on a thread of its own when the asker's turn comes, without a connection.
    ///
    /// # Errors
    /// What `work` returns, and [`Problem::busy`] where too many wait already.
    pub async fn compute<T, F>(&self, who: impl Into<Asker>, work: F) -> Result<T, Problem>
    where
        T: Send + 'static,
        F: FnOnce() -> Result<T, Problem> + Send + 'static,
    {
        behind(&self.computing, who.into(), work).await
    }

    /// Reads a long list when the asker's turn comes, and writes it out away from the threads that answer others.
    ///
    /// # Errors
    /// What `list` ends with, and [`Problem::busy`] where too many wait already.
    pub async fn listed<T: Serialize + Send + 'static>(
        &self,
        who: impl Into<Asker>,
        list: impl Future<Output = Result<T, Problem>>,
    ) -> Result<HttpResponse, Problem> {
        let (gate, workers) = &self.listing;
        let turn = gate.turn(who).await?;
        let list = list.await?;
        let written = workers.run(move || {
            let written = serde_json::to_vec(&list);
            drop((list, turn));
            written
        });
        let bytes = written.await.and_then(Result::ok).ok_or_else(Problem::internal)?;
        Ok(HttpResponse::Ok().content_type(ContentType::json()).body(bytes))
    }

    /// Reads a whole workroom and makes one thing of it when the asker's turn comes, away from the threads that answer
    /// others.
    ///
    /// # Errors
    /// As [`App::compute`], and [`Problem::unavailable`] when the database does not answer in time.
    pub async fn gather<T, F>(&self, who: impl Into<Asker>, work: F) -> Result<T, Problem>
    where
        T: Send + 'static,
        F: FnOnce(&mut Conn) -> Result<T, Problem> + Send + 'static,
    {
        let store = self.store.clone();
        let gathered = behind(&self.gathering, who.into(), move || work(&mut store.conn()?));
        let waited = tokio::time::timeout(LONG_PATIENCE, gathered).await;
        waited.unwrap_or_else(|_| Err(StoreError::Unavailable.into()))
    }

    /// A turn at changing a fitting: one at a time of each, since of two at once one would look in vain.
    ///
    /// # Errors
    /// [`Problem::busy`] where too many wait already, or it does not come in time.
    pub async fn turn_at(&self, fitting: Uuid) -> Result<Turn, Problem> {
        within_a_moment(self.changing.turn(Asker::line(fitting))).await
    }

    /// Reads a large body away from the threads that answer others.
    ///
    /// # Errors
    /// As [`App::compute`].
    pub async fn parse<T, F>(&self, who: Asker, work: F) -> Result<T, Problem>
    where
        T: Send + 'static,
        F: FnOnce() -> Result<T, Problem> + Send + 'static,
    {
        behind(&self.parsing, who, work).await
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
        behind(&self.hashing, Asker::NOBODY, work).await
    }
}

/// A turn that comes within [`TURN_WITHIN`].
async fn within_a_moment(turn: impl Future<Output = Result<Turn, Problem>>) -> Result<Turn, Problem> {
    tokio::time::timeout(TURN_WITHIN, turn).await.unwrap_or_else(|_| Err(Problem::busy()))
}

async fn behind<T, F>((gate, workers): &(Gate, Workers), who: Asker, work: F) -> Result<T, Problem>
where
    T: Send + 'static,
    F: FnOnce() -> Result<T, Problem> + Send + 'static,
{
    let turn = gate.turn(who).await?;
    // The turn goes along: who stops waiting for an answer does not stop the work.
    let done = workers.run(move || {
        let done = work();
        drop(turn);
        done
    });
    done.await.unwrap_or_else(|| {
        tracing::error!("work on a thread of its own panicked");
        Err(Problem::internal())
    })
}
