//! What is kept, in PostgreSQL through Diesel.
//!
//! One module an aggregate. Every function takes the account it acts for, and another account's
//! rows are as good as absent. A record is written whole, with the version it was read at: a
//! repeated write changes nothing, a stale one is told what stands now.

mod accounts;
mod error;
mod fittings;
mod garments;
mod hems;
mod journal;
mod pool;
mod schema;
mod sessions;
#[cfg(feature = "testing")]
pub mod testing;
mod version;
mod wearers;

pub use accounts::{Account, AccountId, Credentials, Holdings};
pub use error::StoreError;
pub use fittings::FittingRecord;
pub use garments::GarmentRecord;
pub use journal::JournalEntry;
pub use pool::{Conn, Store, ping, together};
pub use version::{Expected, Versioned};

/// Accounts: signing up, credentials, habits.
pub mod account {
    pub use crate::accounts::{
        SESSION_ACCOUNT, by_email, create, credentials, delete, get, holdings, password_hash, put_habits,
        set_password, sign_out_everywhere, timings,
    };
}
/// Fittings of a garment.
pub mod fitting {
    pub use crate::fittings::{get, list, put};
}
/// Garments on the rail.
pub mod garment {
    pub use crate::garments::{delete, get, list, put};
    pub use crate::journal::{list as journal, undo};
}
/// Signed-in browsers and attempts to sign in.
pub mod session {
    pub use crate::sessions::{
        attempts_since, cookie_key, extend, forget_attempts, load, note_attempt, remove, save,
    };
}
/// Wearers and their measures.
pub mod wearer {
    pub use crate::wearers::{delete, get, list, put};
}
