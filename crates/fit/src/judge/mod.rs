//! What a garment measures, before and after: girths, ease, lengths, armholes, what gets through, pictures.

pub(crate) mod armhole;
pub(crate) mod cap_fault;
pub mod drawing;
pub mod ease;
pub(crate) mod fit_picture;
pub(crate) mod fit_ring;
pub(crate) mod gains;
pub mod girth;
pub(crate) mod length_said;
pub(crate) mod lengths;
pub(crate) mod letting_out;
pub(crate) mod picture;

pub(crate) mod put_on;
pub(crate) mod stride;
pub(crate) mod through;
