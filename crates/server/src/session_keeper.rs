//! Sessions in the database, so that signing out really ends one and a restart ends none.
//!
//! The cookie carries a random key; the database keeps only its hash, and how long it lasts. The cookie itself is given
//! once, when a session begins, and never again: given anew with every answer, an answer of the person before that came
//! late would put its dead key over the one with which somebody else had just come in.

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

/// How long a browser stays signed in after it was last used.
const SIGNED_IN_FOR: TimeDelta = TimeDelta::days(30);
/// A session that is used is extended, and written no more often than this.
const EXTENDED_EVERY: TimeDelta = TimeDelta::days(1);
/// How long the cookie is kept, as long as browsers keep any: how long its session lasts is decided here.
pub const COOKIE_FOR: Duration = Duration::days(400);

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

    async fn keep(&self, key: &SessionKey, state: &State) -> Result<(), anyhow::Error> {
        let (hash, state, now) = (hash(key), serde_json::to_value(state)?, Utc::now());
        self.run(move |conn| session::save(conn, &hash, &state, now, now + SIGNED_IN_FOR)).await
    }

    /// Lets a session that is used last on.
    async fn extend(&self, hash: String) {
        let until = Utc::now() + SIGNED_IN_FOR;
        if self.is_extended(&hash, until) {
            return;
        }
        let due = until - EXTENDED_EVERY;
        let asked = hash.clone();
        let extended = self.run(move |conn| session::extend(conn, &asked, until, due)).await;
        // That its session lasts no longer is no reason to fail a request.
        if let Err(error) = extended {
            self.extended.lock().unwrap_or_else(PoisonError::into_inner).remove(&hash);
            tracing::warn!("a session was not extended: {error}");
        }
    }
}

fn hash(key: &SessionKey) -> String {
    Sha256::digest(key.as_ref().as_bytes()).iter().map(|byte| format!("{byte:02x}")).collect()
}

impl SessionStore for SessionKeeper {
    async fn load(&self, key: &SessionKey) -> Result<Option<State>, LoadError> {
        let hash = hash(key);
        let asked = hash.clone();
        let state =
            self.run(move |conn| session::load(conn, &asked, Utc::now())).await.map_err(LoadError::Other)?;
        if state.is_some() {
            self.extend(hash).await;
        }
        state
            .map(serde_json::from_value)
            .transpose()
            .map_err(|error| LoadError::Deserialization(error.into()))
    }

    async fn save(&self, state: State, _: &Duration) -> Result<SessionKey, SaveError> {
        let key = generate_session_key();
        self.keep(&key, &state).await.map_err(SaveError::Other)?;
        Ok(key)
    }

    async fn update(&self, key: SessionKey, state: State, _: &Duration) -> Result<SessionKey, UpdateError> {
        self.keep(&key, &state).await.map_err(UpdateError::Other)?;
        Ok(key)
    }

    /// Its use was seen when it was loaded.
    async fn update_ttl(&self, _: &SessionKey, _: &Duration) -> Result<(), anyhow::Error> {
        Ok(())
    }

    async fn delete(&self, key: &SessionKey) -> Result<(), anyhow::Error> {
        let hash = hash(key);
        self.run(move |conn| session::remove(conn, &hash)).await
    }
}

#[cfg(test)]
mod tests {
    use vemble_store::testing;

    use super::*;

    #[actix_web::test]
    async fn a_session_that_is_used_lasts_and_one_that_ran_out_does_not_come_back() {
        let keeper = SessionKeeper::new(testing::store(&testing::fresh_database(), 2));
        let now = Utc::now();
        let lasts_until = |days: i64| {
            let keeper = keeper.clone();
            move |key: &SessionKey| {
                let (hash, until) = (hash(key), now + TimeDelta::days(days));
                let mut conn = keeper.store.conn().expect("the database");
                session::save(&mut conn, &hash, &serde_json::json!({ "account": "1" }), now, until)
                    .expect("kept");
            }
        };
        let still_there = |key: &SessionKey, days: i64| {
            let mut conn = keeper.store.conn().expect("the database");
            session::load(&mut conn, &hash(key), now + TimeDelta::days(days)).expect("asked").is_some()
        };
        let key = keeper.save(State::new(), &COOKIE_FOR).await.expect("begun");
        assert!(still_there(&key, 29) && !still_there(&key, 31), "thirty days, however long its cookie");
        lasts_until(2)(&key);
        assert!(keeper.load(&key).await.expect("asked").is_some());
        assert!(still_there(&key, 29), "it was used");
        let over = keeper.save(State::new(), &COOKIE_FOR).await.expect("begun");
        lasts_until(-1)(&over);
        assert!(keeper.load(&over).await.expect("asked").is_none());
        assert!(!still_there(&over, 0), "nobody is let in again by asking");
    }
}
