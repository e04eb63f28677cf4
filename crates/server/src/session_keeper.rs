//! Sessions in the database, so that signing out really ends one and a restart ends none.
//!
//! The cookie carries a random key; the database keeps only its hash.

use std::collections::HashMap;
use std::sync::{Arc, Mutex, PoisonError};

use actix_session::storage::{
    LoadError, SaveError, SessionKey, SessionStore, UpdateError, generate_session_key,
};
use actix_web::cookie::time::Duration;
use chrono::{DateTime, TimeDelta, Utc};
use sha2::{Digest, Sha256};
use vemble_store::{Conn, Store, StoreError, session};

use crate::app::{PATIENCE, patiently};

/// Keeps sessions in the store.
#[derive(Clone)]
pub struct SessionKeeper {
    store: Store,
    /// Until when this server has extended which session: one that was extended today is not asked for again.
    extended: Arc<Mutex<HashMap<String, DateTime<Utc>>>>,
}

/// Sessions remembered as extended before they are forgotten together; asking again costs little.
const REMEMBERED: usize = 10_000;

/// A session that is used is extended, and written no more often than this.
const EXTENDED_EVERY: TimeDelta = TimeDelta::days(1);

type State = HashMap<String, String>;

impl SessionKeeper {
    /// A keeper of the sessions in this store.
    pub fn new(store: Store) -> SessionKeeper {
        SessionKeeper { store, extended: Arc::default() }
    }

    /// True when a session was extended to nearly `until` by this server already; otherwise that is remembered.
    fn is_extended(&self, hash: &str, until: DateTime<Utc>) -> bool {
        let mut extended = self.extended.lock().unwrap_or_else(PoisonError::into_inner);
        if extended.get(hash).is_some_and(|known| *known > until - EXTENDED_EVERY) {
            return true;
        }
        if extended.len() >= REMEMBERED {
            extended.clear();
        }
        extended.insert(hash.to_owned(), until);
        false
    }

    async fn run<T: Send + 'static>(
        &self,
        work: impl FnOnce(&mut Conn) -> Result<T, StoreError> + Send + 'static,
    ) -> Result<T, anyhow::Error> {
        Ok(patiently::<_, StoreError, _>(&self.store, PATIENCE, work).await?)
    }

    async fn keep(&self, key: &SessionKey, state: &State, ttl: &Duration) -> Result<(), anyhow::Error> {
        let (hash, state, until) = (hash(key), serde_json::to_value(state)?, until(ttl));
        self.run(move |conn| session::save(conn, &hash, &state, Utc::now(), until)).await
    }
}

fn hash(key: &SessionKey) -> String {
    Sha256::digest(key.as_ref().as_bytes()).iter().map(|byte| format!("{byte:02x}")).collect()
}

fn until(ttl: &Duration) -> DateTime<Utc> {
    Utc::now() + TimeDelta::seconds(ttl.whole_seconds())
}

impl SessionStore for SessionKeeper {
    async fn load(&self, key: &SessionKey) -> Result<Option<State>, LoadError> {
        let hash = hash(key);
        let state =
            self.run(move |conn| session::load(conn, &hash, Utc::now())).await.map_err(LoadError::Other)?;
        state
            .map(serde_json::from_value)
            .transpose()
            .map_err(|error| LoadError::Deserialization(error.into()))
    }

    async fn save(&self, state: State, ttl: &Duration) -> Result<SessionKey, SaveError> {
        let key = generate_session_key();
        self.keep(&key, &state, ttl).await.map_err(SaveError::Other)?;
        Ok(key)
    }

    async fn update(&self, key: SessionKey, state: State, ttl: &Duration) -> Result<SessionKey, UpdateError> {
        self.keep(&key, &state, ttl).await.map_err(UpdateError::Other)?;
        Ok(key)
    }

    async fn update_ttl(&self, key: &SessionKey, ttl: &Duration) -> Result<(), anyhow::Error> {
        let (hash, until) = (hash(key), until(ttl));
        if self.is_extended(&hash, until) {
            return Ok(());
        }
        let due = until - EXTENDED_EVERY;
        let asked = hash.clone();
        let extended = self.run(move |conn| session::extend(conn, &asked, until, due)).await;
        // The request itself is answered already: that its session lasts no longer is no reason to fail it.
        if let Err(error) = extended {
            self.extended.lock().unwrap_or_else(PoisonError::into_inner).remove(&hash);
            tracing::warn!("a session was not extended: {error}");
        }
        Ok(())
    }

    async fn delete(&self, key: &SessionKey) -> Result<(), anyhow::Error> {
        let hash = hash(key);
        self.run(move |conn| session::remove(conn, &hash)).await
    }
}
