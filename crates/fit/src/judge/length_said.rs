//! What there is to say of a length of the garment.

use crate::unit::length::Length;

/// What there is to say of a length.
#[derive(Debug, Clone, Copy, PartialEq)]
pub(crate) enum LengthSaid {
    /// The back will be felt when the arms reach forward.
    Reach {
        /// Across the garment's back.
        width: Length,
        /// Across the body's.
        body: Length,
    },
    /// The waist seam does not lie at the waist.
    WaistSeam {
        /// How far below it lies; negative is above.
        gap: Length,
    },
    /// The tip of a dart lies higher or lower than is usual.
    DartTip {
        /// How far below the waist it lies.
        below: Length,
        /// Least and most that is usual.
        usual: [Length; 2],
    },
}
