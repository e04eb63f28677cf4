//! How much a friend's device may change in a minute: more than hands can read, and less than drowns its host.

use std::collections::HashMap;
use std::sync::{Arc, Mutex, PoisonError};
use std::time::{Duration, Instant};

use uuid::Uuid;

use crate::problem::Problem;

/// House number: readings a friend's device may enter in a minute. Who reads and types takes two or three seconds
/// over each; twice that leaves room for what was kept while there was no connection.
const A_MINUTE: f64 = 60.0;
/// House number: so many at once, after a while without a connection: a ladder of every seam.
const AT_ONCE: f64 = 100.0;
/// Devices remembered before those that have their whole share again are forgotten.
const REMEMBERED: usize = 1_000;

/// What each device has left.
#[derive(Clone, Default)]
pub struct GuestShare {
    left: Arc<Mutex<HashMap<Uuid, (Instant, f64)>>>,
}

impl GuestShare {
    /// Takes so many changes from a device's share. What is larger than a whole share is let through when all of it is
    /// there.
    ///
    /// # Errors
    /// [`Problem::too_fast`] with the seconds after which it is there.
    pub fn take(&self, device: Uuid, changes: usize, now: Instant) -> Result<(), Problem> {
        let mut all = self.left.lock().unwrap_or_else(PoisonError::into_inner);
        if all.len() >= REMEMBERED {
            all.retain(|_, (at, left)| *left + gained(now - *at) < AT_ONCE);
        }
        let (at, left) = all.entry(device).or_insert((now, AT_ONCE));
        let there = (*left + gained(now - *at)).min(AT_ONCE);
        let wants = (changes as f64).min(AT_ONCE);
        if there < wants {
            return Err(Problem::too_fast(((wants - there) * 60.0 / A_MINUTE).ceil() as i64));
        }
        (*at, *left) = (now, there - wants);
        Ok(())
    }
}

/// What comes back in a time.
fn gained(time: Duration) -> f64 {
    time.as_secs_f64() * A_MINUTE / 60.0
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn a_device_has_its_share_and_gets_it_back_and_takes_nothing_of_another() {
        let share = GuestShare::default();
        let (one, other, now) = (Uuid::now_v7(), Uuid::now_v7(), Instant::now());
        share.take(one, 100, now).expect("a whole share at once");
        let refused = share.take(one, 5, now).expect_err("nothing is left");
        assert_eq!((refused.status, refused.retry_after), (429, Some(5)));
        share.take(other, 3, now).expect("another's share");
        let later = now + Duration::from_secs(6);
        share.take(one, 5, later).expect("six came back");
        assert!(share.take(one, 5, later).is_err());
        // More than a share never waits for ever.
        share.take(one, 5_000, later + Duration::from_secs(200)).expect("all of it is there");
    }
}
