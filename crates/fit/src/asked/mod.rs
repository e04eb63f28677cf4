//! What can be asked of a fitting: the small named changes by which it is changed.

mod what;

pub(crate) use what::accepted_key;
pub use what::{BEGUN, Change, places};
