//! Who computes when: so many at once, a short queue, and nobody more than a share of it.

use std::collections::HashMap;
use std::hash::{DefaultHasher, Hash, Hasher};
use std::sync::{Arc, Mutex, PoisonError};

use tokio::sync::{OwnedSemaphorePermit, Semaphore};
use vemble_store::AccountId;

use crate::problem::Problem;

/// Requests of one account that may wait or work at once: a screen asks for a handful.
const SHARE: usize = 24;
/// The same of one friend's device, which stands in a line of its own: it shows one mirror.
const GUEST_SHARE: usize = 6;
/// Requests that may wait or work at once altogether.
const QUEUE: usize = 96;

/// Who asks, and in which line they stand.
#[derive(Debug, Clone, Copy)]
pub struct Asker {
    line: uuid::Uuid,
    share: usize,
}

impl Asker {
    /// Somebody of no account; they share one line.
    pub const NOBODY: Asker = Asker { line: uuid::Uuid::nil(), share: SHARE };

    /// A line by itself, of whatever has this id.
    #[must_use]
    pub fn line(id: uuid::Uuid) -> Asker {
        Asker { line: id, share: SHARE }
    }

    /// Somebody who is not in yet, by the network address they come from.
    #[must_use]
    pub fn from_place(place: &str) -> Asker {
        let mut hasher = DefaultHasher::new();
        place.hash(&mut hasher);
        Asker::line(uuid::Uuid::from_u64_pair(0, hasher.finish()))
    }

    /// A friend's device.
    #[must_use]
    pub fn guest(id: uuid::Uuid) -> Asker {
        Asker { line: id, share: GUEST_SHARE }
    }
}

impl From<AccountId> for Asker {
    fn from(account: AccountId) -> Asker {
        Asker { line: account.0, share: SHARE }
    }
}

/// One who takes turns.
#[derive(Default)]
struct Turns {
    waiting: usize,
    /// Lets this one work only so often at once, so that there is room beside it.
    own: Option<Arc<Semaphore>>,
}

#[derive(Default)]
struct Queue {
    all: usize,
    each: HashMap<uuid::Uuid, Turns>,
}

/// A gate with a bound on how many are through it at once.
#[derive(Clone)]
pub struct Gate {
    permits: Arc<Semaphore>,
    /// How many of one line may be through at once.
    beside: usize,
    queue: Arc<Mutex<Queue>>,
}

/// A turn: as long as it is held, its work is counted.
pub struct Turn {
    gate: Gate,
    who: uuid::Uuid,
    permits: Option<(OwnedSemaphorePermit, OwnedSemaphorePermit)>,
}

impl Gate {
    /// A gate that lets so many through at once; of one account all but one, where there is more than one.
    #[must_use]
    pub fn new(at_once: usize) -> Gate {
        Gate::with(at_once, at_once.saturating_sub(1))
    }

    /// A gate that lets so many through at once, and one of each line.
    #[must_use]
    pub fn one_of_each(at_once: usize) -> Gate {
        Gate::with(at_once, 1)
    }

    fn with(at_once: usize, of_each: usize) -> Gate {
        Gate {
            permits: Arc::new(Semaphore::new(at_once.max(1))),
            beside: of_each.max(1),
            queue: Arc::default(),
        }
    }

    /// Waits for a turn.
    ///
    /// # Errors
    /// [`Problem::busy`] where the queue, or the asker's share of it, is full.
    pub async fn turn(&self, who: impl Into<Asker>) -> Result<Turn, Problem> {
        let Asker { line: who, share } = who.into();
        let own = {
            let mut queue = self.queue.lock().unwrap_or_else(PoisonError::into_inner);
            if queue.all >= QUEUE || queue.each.get(&who).is_some_and(|turns| turns.waiting >= share) {
                return Err(Problem::busy());
            }
            let turns = queue.each.entry(who).or_default();
            turns.waiting += 1;
            let own = turns.own.get_or_insert_with(|| Arc::new(Semaphore::new(self.beside))).clone();
            queue.all += 1;
            own
        };
        // From here on the place in the queue is given back however this ends.
        let mut turn = Turn { gate: self.clone(), who, permits: None };
        let own = own.acquire_owned().await.map_err(|_| Problem::internal())?;
        let one = self.permits.clone().acquire_owned().await.map_err(|_| Problem::internal())?;
        turn.permits = Some((own, one));
        Ok(turn)
    }
}

impl Drop for Turn {
    fn drop(&mut self) {
        self.permits = None;
        let mut queue = self.gate.queue.lock().unwrap_or_else(PoisonError::into_inner);
        queue.all -= 1;
        let done = queue.each.get_mut(&self.who).is_none_or(|turns| {
            turns.waiting -= 1;
            turns.waiting == 0
        });
        if done {
            queue.each.remove(&self.who);
        }
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    fn somebody() -> AccountId {
        AccountId(uuid::Uuid::now_v7())
    }

    #[actix_web::test]
    async fn one_account_leaves_room_for_another_and_is_told_when_its_share_is_full() {
        let gate = Gate::new(2);
        let (greedy, other) = (somebody(), somebody());
        let first = gate.turn(greedy).await.expect("a turn");
        // The second of the same account waits, though there is room.
        let waiting: Vec<_> = (1..SHARE)
            .map(|_| {
                let gate = gate.clone();
                actix_web::rt::spawn(async move { gate.turn(greedy).await.map(drop) })
            })
            .collect();
        tokio::task::yield_now().await;
        assert_eq!(gate.turn(greedy).await.err().map(|problem| problem.status), Some(503));
        let beside = gate.turn(other).await.expect("room beside a greedy one");
        drop((first, beside));
        for each in waiting {
            each.await.expect("it ran").expect("its turn came");
        }
        assert_eq!(gate.queue.lock().expect("a queue").all, 0);
        assert!(gate.queue.lock().expect("a queue").each.is_empty());
    }

    #[actix_web::test]
    async fn who_gives_up_waiting_gives_the_place_back() {
        let gate = Gate::new(1);
        let held = gate.turn(somebody()).await.expect("a turn");
        let waits = tokio::time::timeout(std::time::Duration::from_millis(20), gate.turn(somebody())).await;
        assert!(waits.is_err(), "it had to wait");
        assert_eq!(gate.queue.lock().expect("a queue").all, 1);
        drop(held);
        assert_eq!(gate.queue.lock().expect("a queue").all, 0);
    }
}
