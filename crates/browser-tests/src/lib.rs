//! The built product, as a newcomer gets it, and a browser to use it with.
//!
//! A [`Workroom`] is a `vemble serve` of its own on a database of its own; a [`Browser`] is a
//! headless Chromium that does what hands do: it presses what has a name, fills what has a label
//! and reads what stands on the screen. `make test` builds the product and starts PostgreSQL first.

mod browser;
mod contrary;
mod postgres;
mod visitor;
mod workroom;

pub use browser::{Browser, DESK, PHONE, Screen};
pub use contrary::{Contrary, Mood};
pub use postgres::Postgres;
pub use visitor::{Visitor, agent};
pub use workroom::Workroom;

use std::path::{Path, PathBuf};

/// The folder of the project.
#[must_use]
pub fn project() -> PathBuf {
    Path::new(env!("CARGO_MANIFEST_DIR")).join("../..")
}

/// The built `vemble`, which stands beside the folder of the test that runs.
///
/// # Panics
/// When it was not built.
#[must_use]
pub fn binary() -> PathBuf {
    let test = std::env::current_exe().expect("a running test");
    let binary = test.ancestors().nth(2).expect("a target folder").join("vemble");
    assert!(binary.exists(), "{} is not built: run the tests by `make test`", binary.display());
    binary
}

/// A fitting of the demo by the last figures of its id: the corduroys are 301.
#[must_use]
pub fn demo_fitting(number: u32) -> String {
    format!("01930000-0000-7000-8000-000000000{number}")
}
