//! Cloth, and what a wash takes from it.

pub(crate) mod colour;
pub(crate) mod family;
pub(crate) mod look;
pub(crate) mod named;
pub(crate) mod wash;
