//! Threads that work takes turns on. So few, and always the same, that what each of them uses of memory while it works is
//! used again by what it works on next.

use std::panic::{AssertUnwindSafe, catch_unwind};
use std::sync::mpsc::{Receiver, Sender, channel};
use std::sync::{Arc, Mutex, PoisonError};

use tokio::sync::oneshot;

type Work = Box<dyn FnOnce() + Send>;

/// Some threads that do what they are handed, in its order.
#[derive(Clone)]
pub struct Workers {
    hand: Sender<Work>,
}

impl Workers {
    /// So many threads. They end when nobody can hand them anything any more.
    #[must_use]
    pub fn new(name: &str, count: usize) -> Workers {
        let (hand, work) = channel::<Work>();
        let work = Arc::new(Mutex::new(work));
        for _ in 0..count.max(1) {
            let work = work.clone();
            // A machine that gives no thread gives none to anything else either: then work is refused.
            let _ = std::thread::Builder::new().name(name.to_owned()).spawn(move || {
                give_way();
                turn_by_turn(&work);
            });
        }
        Workers { hand }
    }

    /// Hands work over and waits for what comes of it; nothing where it panicked.
    pub async fn run<T: Send + 'static>(&self, work: impl FnOnce() -> T + Send + 'static) -> Option<T> {
        let (tell, told) = oneshot::channel();
        let work = move || {
            // Whoever waited may have gone.
            let _ = tell.send(work());
        };
        self.hand.send(Box::new(work)).ok()?;
        told.await.ok()
    }
}

/// How far these threads stand back, on the scale where 0 is an ordinary thread and 19 one that only takes what is left.
#[cfg(target_os = "linux")]
const NICE: i32 = 10;

/// Lets whatever answers in no time go first: on a machine whose every core works here, a page would wait for the end of
/// a slice of it. A system that does not let a thread stand back does without.
#[cfg(target_os = "linux")]
fn give_way() {
    let _ = rustix::process::setpriority_process(Some(rustix::thread::gettid()), NICE);
}

#[cfg(not(target_os = "linux"))]
fn give_way() {}

fn turn_by_turn(work: &Mutex<Receiver<Work>>) {
    loop {
        let next = work.lock().unwrap_or_else(PoisonError::into_inner).recv();
        let Ok(next) = next else { return };
        // The thread outlives what goes wrong on it; whoever waits is told by its silence.
        let _ = catch_unwind(AssertUnwindSafe(next));
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[cfg(target_os = "linux")]
    #[actix_web::test]
    async fn work_stands_back_and_nothing_else_does() {
        let nice = || rustix::process::getpriority_process(Some(rustix::thread::gettid())).ok();
        let here = nice();
        let there = Workers::new("test", 1).run(nice).await;
        assert_eq!((here, there), (nice(), Some(Some(NICE))));
        assert!(here < Some(NICE));
    }

    #[actix_web::test]
    async fn work_is_done_on_the_same_threads_and_outlives_a_panic() {
        let workers = Workers::new("test", 1);
        let first = workers.run(|| std::thread::current().id()).await;
        let fails = workers.run(|| -> u8 { panic!("what is wrong with it") }).await;
        let second = workers.run(|| std::thread::current().id()).await;
        assert_eq!(fails, None);
        assert!(first.is_some() && first == second);
    }
}
