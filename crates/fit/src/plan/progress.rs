//! What has been done of a work order.

use std::collections::{BTreeMap, BTreeSet};

use serde::{Deserialize, Serialize};

use super::vouched::Vouched;

/// What has been done of the order.
#[derive(Debug, Clone, PartialEq, Serialize, Deserialize, Default)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(deny_unknown_fields, default)]
pub struct Progress {
    /// Steps ticked, with the minutes they took where a timer ran.
    #[cfg_attr(feature = "schema", schema(value_type = std::collections::HashMap<String, Option<f64>>))]
    pub done: BTreeMap<String, Option<f64>>,
    /// Conditions the person has confirmed: `step_key/condition`.
    #[cfg_attr(feature = "schema", schema(value_type = Vec<String>))]
    pub confirmed: BTreeSet<String>,
    /// What each tick and each confirmation was about, as it stood then. It holds no longer than that; one of which
    /// nothing is said here holds.
    #[serde(default, skip_serializing_if = "BTreeMap::is_empty")]
    #[cfg_attr(feature = "schema", schema(value_type = std::collections::HashMap<String, Vec<Vouched>>))]
    pub vouched: BTreeMap<String, Vec<Vouched>>,
}

impl Progress {
    /// What a tick or a confirmation vouched for; empty where nothing is kept of it.
    #[must_use]
    pub fn vouched_for(&self, key: &str) -> Vec<Vouched> {
        self.vouched.get(key).cloned().unwrap_or_default()
    }

    /// Keeps what a tick or a confirmation vouches for, and returns what was kept of it.
    pub fn vouch(&mut self, key: &str, vouched: Vec<Vouched>) -> Vec<Vouched> {
        let was = if vouched.is_empty() {
            self.vouched.remove(key)
        } else {
            self.vouched.insert(key.to_owned(), vouched)
        };
        was.unwrap_or_default()
    }

    /// Every tick and confirmation of which nothing is kept.
    #[must_use]
    pub fn bare(&self) -> Vec<String> {
        let keys = self.done.keys().chain(&self.confirmed);
        keys.filter(|key| !self.vouched.contains_key(*key)).cloned().collect()
    }

    /// Takes over what was vouched for before, of ticks and confirmations that stood then and of which nothing is
    /// said here: a record written whole by a program that knows nothing of it.
    pub fn take_over(&mut self, before: &Progress) {
        for key in self.bare() {
            let stood = before.done.contains_key(&key) || before.confirmed.contains(&key);
            if stood {
                self.vouch(&key, before.vouched_for(&key));
            }
        }
    }
}
