//! How a fitting is changed: by small named changes, each of which puts one thing in one place or takes it away.
//!
//! Changes of different places may come in any order and the fitting is the same; each says what restores what
//! it changed.

mod apply;
mod between;

pub use crate::asked::{BEGUN, Change, places};
pub use crate::words::say_changes;
pub use apply::ChangeError;
pub use between::between;
