//! Whose hand makes a change.

use serde::{Deserialize, Serialize};

/// Who makes a change, and from which device.
#[derive(Debug, Clone, PartialEq, Eq, Serialize, Deserialize, Default)]
pub struct Hand {
    /// What they are called: the account's address, or the name a friend gave.
    pub name: String,
    /// The device in words: `a telephone`.
    pub device: String,
    /// Tells one browser from another; says nothing to anybody else.
    pub key: String,
    /// True for a friend's device.
    #[serde(default)]
    pub guest: bool,
}

impl Hand {
    /// The hand of a program that loads or restores.
    #[must_use]
    pub fn program() -> Hand {
        Hand {
            name: "the workroom".to_owned(),
            device: "a program".to_owned(),
            key: String::new(),
            guest: false,
        }
    }
}
