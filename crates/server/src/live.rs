//! Who hears of changes: every stream of every browser, whichever server a change went through.

use std::collections::{HashMap, VecDeque};
use std::sync::{Arc, Mutex, PoisonError, Weak};
use std::time::Duration;

use tokio::sync::{Notify, broadcast};
use uuid::Uuid;
use vemble_store::{Listener, News, Store};

/// Words that may wait for a stream that is slow; one that misses some looks at everything.
const WAITING: usize = 256;
/// How long to wait before listening anew when the database does not answer.
const AGAIN: Duration = Duration::from_secs(1);

/// What is told to streams; nothing where anything may be new.
pub type Told = Option<News>;

/// What streams listen to.
#[derive(Clone)]
pub struct Live {
    tell: Arc<broadcast::Sender<Told>>,
    streams: Arc<Mutex<HashMap<Uuid, VecDeque<Arc<Notify>>>>>,
}

/// A place among the streams of an account, or of a friend's device.
pub struct Seat {
    live: Live,
    line: Uuid,
    /// Told when another needs the place.
    pub given_up: Arc<Notify>,
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

    /// A place for one more stream of a line. Where it has as many as it may, the one that has followed longest gives its
    /// place up: a screen that is gone is only missed once nothing reaches it, one that is there asks again by itself.
    pub fn seat(&self, line: Uuid, most: usize) -> Seat {
        let given_up = Arc::new(Notify::new());
        let mut streams = self.streams.lock().unwrap_or_else(PoisonError::into_inner);
        let seats = streams.entry(line).or_default();
        seats.push_back(given_up.clone());
        if seats.len() > most
            && let Some(longest) = seats.pop_front()
        {
            longest.notify_one();
        }
        Seat { live: self.clone(), line, given_up, told: self.tell.subscribe() }
    }
}

impl Drop for Seat {
    fn drop(&mut self) {
        let mut streams = self.live.streams.lock().unwrap_or_else(PoisonError::into_inner);
        if let Some(seats) = streams.get_mut(&self.line) {
            seats.retain(|seat| !Arc::ptr_eq(seat, &self.given_up));
            if seats.is_empty() {
                streams.remove(&self.line);
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
                Ok(heard) => news.extend(heard.into_iter().map(Some)),
                Err(_) => break,
            }
        }
    }
}
