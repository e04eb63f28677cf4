//! A length of the garment that is not where the body has it.

use crate::judge::length_said::LengthSaid;
use crate::unit::scale::Scale;

/// What there is to say of a length, and what to do about it.
pub(crate) fn length_said(said: LengthSaid, scale: Scale) -> String {
    let write = |length| scale.write(length);
    match said {
        LengthSaid::Reach { width, body } => format!(
            "You will feel it when you reach: {} across the back on a back of {}. A higher armhole or a pleat gives it, if that matters.",
            write(width),
            write(body)
        ),
        LengthSaid::WaistSeam { gap } => {
            let lower = if gap.is_positive() { "below" } else { "above" };
            let by = write(gap.abs());
            format!(
                "With these measures the waist seam sits {by} {lower} the waist; pin it there, or choose it on purpose."
            )
        }
        LengthSaid::DartTip { below, usual: [least, most] } => format!(
            "The tip lies {} below the waist; {} to {} below the waist is usual: lower or raise it.",
            write(below),
            write(least),
            write(most)
        ),
    }
}
