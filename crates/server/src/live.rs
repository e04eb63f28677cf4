//! Who hears of changes: every stream of every browser, whichever server a change went through.

use std::collections::HashMap;
use std::sync::{Arc, Mutex, PoisonError, Weak};
use std::time::Duration;

use tokio::sync::broadcast;
use uuid::Uuid;
use vemble_store::{AccountId, Listener, Store};

use crate::problem::Problem;

/// Words that may wait for a stream that is slow; one that misses some looks at everything.
const WAITING: usize = 256;
/// Streams of one account: a household's screens, each on a fitting or two.
const STREAMS: usize = 40;
/// How long to wait before listening anew when the database does not answer.
const AGAIN: Duration = Duration::from_secs(1);

/// What is told to streams: the garment with something new, or nothing where anything may be new.
pub type Told = Option<Uuid>;

/// What streams listen to.
#[derive(Clone)]
pub struct Live {
    tell: Arc<broadcast::Sender<Told>>,
    streams: Arc<Mutex<HashMap<Uuid, usize>>>,
}

/// A place among the streams of an account.
pub struct Seat {
    live: Live,
    account: Uuid,
    /// What is told.
    pub told: broadcast::Receiver<Told>,
}

impl Live {
    /// Listens to the database on a thread of its own, as long as anybody holds this.
    #[must_use]
    pub fn new(store: Store) -> Live {
        let tell = Arc::new(broadcast::channel(WAITING).0);
        let weak = Arc::downgrade(&tell);
        std::thread::spawn(move || listen(&store, &weak));
        Live { tell, streams: Arc::default() }
    }

    /// A place for one more stream of an account.
    ///
    /// # Errors
    /// [`Problem::too_many_streams`] where it has as many as it may.
    pub fn seat(&self, account: AccountId) -> Result<Seat, Problem> {
        let mut streams = self.streams.lock().unwrap_or_else(PoisonError::into_inner);
        let count = streams.entry(account.0).or_default();
        if *count >= STREAMS {
            return Err(Problem::too_many_streams());
        }
        *count += 1;
        Ok(Seat { live: self.clone(), account: account.0, told: self.tell.subscribe() })
    }
}

impl Drop for Seat {
    fn drop(&mut self) {
        let mut streams = self.live.streams.lock().unwrap_or_else(PoisonError::into_inner);
        if let Some(count) = streams.get_mut(&self.account) {
            *count -= 1;
            if *count == 0 {
                streams.remove(&self.account);
            }
        }
    }
}

fn listen(store: &Store, tell: &Weak<broadcast::Sender<Told>>) {
    while tell.strong_count() > 0 {
        let Ok(mut listener) = Listener::of(store) else {
            std::thread::sleep(AGAIN);
            continue;
        };
        // What was told while nobody listened is not told again.
        let mut news: Vec<Told> = vec![None];
        loop {
            let Some(tell) = tell.upgrade() else { return };
            for told in news.drain(..) {
                // Nobody may be listening.
                let _ = tell.send(told);
            }
            drop(tell);
            match listener.wait() {
                Ok(garments) => news.extend(garments.into_iter().map(Some)),
                Err(_) => break,
            }
        }
    }
}
