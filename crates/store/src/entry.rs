//! A line of the journal as it is told.

use chrono::{DateTime, Utc};
use serde::Serialize;
use uuid::Uuid;

/// Who made a change.
#[derive(Debug, Clone, PartialEq, Eq, Serialize, utoipa::ToSchema)]
pub struct Maker {
    /// What they are called.
    pub name: String,
    /// The device they used, in words.
    pub device: String,
    /// True for the browser that asks.
    pub here: bool,
}

/// One change.
#[derive(Debug, Clone, PartialEq, Serialize, utoipa::ToSchema)]
pub struct JournalEntry {
    /// Its number in the journal; later changes have higher ones.
    pub id: i64,
    /// When it was made.
    pub at: DateTime<Utc>,
    /// The fitting it is about; nothing where it is about the garment itself.
    pub fitting: Option<Uuid>,
    /// What was changed, in words, on the tape in hand.
    pub what: String,
    /// Who made it.
    pub by: Maker,
    /// Whose change it replaced, where that was somebody else's.
    pub replaced: Option<Maker>,
    /// True for the beginning of a fitting: taking it back takes the fitting away.
    pub begins: bool,
    /// True once it was taken back.
    pub undone: bool,
    /// The line it takes back.
    pub takes_back: Option<i64>,
    /// True while it can be taken back, with what stands on it.
    pub can_go: bool,
    /// Later lines that stand on it and would have to go too, newest first: it was superseded.
    pub above: Vec<i64>,
    /// Tells its maker's browser from others.
    #[serde(skip)]
    #[schema(ignore)]
    pub key: String,
    /// Tells the browser of the maker it replaced from others.
    #[serde(skip)]
    #[schema(ignore)]
    pub replaced_key: Option<String>,
}

impl JournalEntry {
    /// The same, told to the browser of that key.
    #[must_use]
    pub fn told_to(mut self, key: &str) -> JournalEntry {
        self.by.here = self.key == key;
        if let Some(replaced) = &mut self.replaced {
            replaced.here = self.replaced_key.as_deref() == Some(key);
        }
        self
    }
}
