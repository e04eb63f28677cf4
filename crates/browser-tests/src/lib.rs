//! Placeholder while the dependencies build.
