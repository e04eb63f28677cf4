//! Cloth, and what a wash takes from it.

pub(crate) mod family;
pub(crate) mod wash;
