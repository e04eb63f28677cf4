//! Bodies: measures, the layers worn, dress forms.

mod average;
pub(crate) mod level;
pub(crate) mod measures;
