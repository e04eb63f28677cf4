//! Where steps are done.

use serde::Serialize;

/// Where a step is done; steps at one place are kept together.
#[derive(Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord, Hash, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum Bench {
    /// At the tub and the line.
    Wash,
    /// At the table: chalk, ripper, hand needle, scissors.
    Table,
    /// On the body.
    Body,
    /// At the machine.
    Machine,
    /// At the iron.
    Iron,
}

impl Bench {
    /// What it is called on screen.
    #[must_use]
    pub const fn words(self) -> &'static str {
        match self {
            Bench::Wash => "wash",
            Bench::Table => "table",
            Bench::Body => "on the body",
            Bench::Machine => "machine",
            Bench::Iron => "iron",
        }
    }
}
