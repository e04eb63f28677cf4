//! One module a resource.

pub mod accounts;
pub mod changes;
pub mod compute;
pub mod files;
pub mod fittings;
pub mod garments;
pub mod guests;
pub mod habits;
pub mod health;
pub mod wearers;
pub mod words;
pub mod workroom;
