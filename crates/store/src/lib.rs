//! What is kept, in PostgreSQL through Diesel.
//!
//! One module an aggregate. Every function takes the account it acts for, and another account's
//! rows are as good as absent. A record is written whole, with the version it was read at: a
//! repeated write changes nothing, a stale one is told what stands now.

mod accounts;
mod backups;
mod change;
mod changes;
mod entry;
mod error;
mod fittings;
mod garments;
mod guests;
mod hand;
mod hems;
mod journal;
mod listener;
mod owned;
mod pool;
mod rails;
mod rows;
mod schema;
mod sessions;
mod spelt;
mod standing;
#[cfg(feature = "testing")]
pub mod testing;
mod version;
mod wearers;

pub use accounts::{Account, AccountId, Credentials, Holdings};
pub use backups::Everything;
pub use change::{Adopted, Begin, FittingChange};
pub use changes::{Accepted, Seen, Written};
pub use entry::{JournalEntry, Maker};
pub use error::{CannotChange, StoreError};
pub use fittings::{FittingRecord, Works};
pub use garments::GarmentRecord;
pub use guests::{GuestDevice, GuestSeen};
pub use hand::Hand;
pub use journal::{Going, KeptLine};
pub use listener::{Listener, News};
pub use pool::{Conn, Store, ping, together};
pub use rails::{Due, InShort, OnRail, StandsFor};
pub use version::{Expected, Versioned};

/// Accounts: signing up, credentials, habits.
pub mod account {
    pub use crate::accounts::{
        SESSION_ACCOUNT, SESSION_BROWSER, by_email, create, credentials, delete, get, holdings,
        password_hash, put_habits, set_password, sign_out_everywhere, timings,
    };
}
/// A whole workroom.
pub mod backup {
    pub use crate::backups::{is_empty, read, restore};
}
/// Fittings of a garment.
pub mod fitting {
    pub use crate::changes::{next_number, put, write};
    pub use crate::fittings::{get, list};
}
/// Garments on the rail.
pub mod garment {
    pub use crate::garments::{delete, get, list, put, put_back};
}
/// Friends' devices in a fitting.
pub mod guest {
    pub use crate::guests::{join, list, open, seen, send_out};
}
/// The journal of a garment and its fittings.
pub mod journal_of {
    pub use crate::journal::{going, last, lines, list, made, since};
}
/// What a page of many garments says of each.
pub mod rail {
    pub use crate::rails::{due, forget, keep, list};
}
/// Signed-in browsers and attempts to sign in.
pub mod session {
    pub use crate::sessions::{
        cookie_key, count_attempt, extend, forget_attempts, is_known_browser, is_of, know_browser, load,
        remove, save, take_attempts_back,
    };
}
/// Wearers and their measures.
pub mod wearer {
    pub use crate::wearers::{delete, get, list, put};
}
