//! What a hem waits for before it can be worked out.

use crate::body::measures::MeasureName;

/// What a hem waits for.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub enum HemWaits {
    /// A measure of the wearer.
    Measure(MeasureName),
    /// A reading from the floor: the garment does not reach the waist it would be counted from.
    NoWaist,
    /// A pin.
    Pins,
    /// Readings round its edge.
    Readings,
}
