//! Bodies: measures, the layers worn, dress forms.

pub(crate) mod measures;
