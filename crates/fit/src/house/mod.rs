//! What the house decides: rules with their reasons, habits, choices, cautions.

pub(crate) mod caution;
pub(crate) mod choice;
pub(crate) mod habit;
pub(crate) mod ranges;
pub(crate) mod rules;
