//! What every handler shares.

use actix_web::web;
use vemble_store::{Conn, Store, StoreError};

use crate::problem::Problem;

/// Shared by all handlers.
#[derive(Clone)]
pub struct App {
    /// Where records are kept.
    pub store: Store,
    /// Address of the demo workroom, when one was loaded.
    pub demo: Option<String>,
    /// True when browsers reach the server over TLS, so cookies may be marked secure.
    pub https: bool,
}

impl App {
    /// Runs database work on a thread that may wait.
    ///
    /// # Errors
    /// What `work` returns, and [`Problem::unavailable`] when no connection is to be had.
    pub async fn run<T, F>(&self, work: F) -> Result<T, Problem>
    where
        T: Send + 'static,
        F: FnOnce(&mut Conn) -> Result<T, Problem> + Send + 'static,
    {
        let store = self.store.clone();
        web::block(move || {
            let mut conn = store.conn()?;
            work(&mut conn)
        })
        .await
        .map_err(|_| Problem::internal())?
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
}
