//! The small sums in the middle of the work, each by itself: spacing, bias strips, elastic, pleats,
//! gathers, a slit, shrinking.
//!
//! A sum is its numbers; [`work_out`] checks them and gives the answer as it is read on the tape, with a small
//! drawing. Kept with a fitting, a sum is worked out again whenever the fitting is. What a garment already says of
//! one is [`KnownSum`].

mod answer;
mod bias;
mod drawing;
mod elastic;
mod gathers;
mod known;
mod pleats;
mod row;
mod shrink;
mod slit;
pub(crate) mod spacing;
mod sum;
mod sum_error;
mod work_out;

pub use answer::{EvenRow, KeptAnswer, SumAnswer, SumRow};
pub use drawing::{SumDrawing, SumLabel, SumLine, SumLineName};
pub(crate) use known::Knowing;
pub use known::{KnownNumber, KnownSum};
pub use slit::SlitPlace;
pub use sum::{ClearOf, KeptSum, Sum, SumKind, SumPlace};
pub use sum_error::{SumError, SumErrorCause};
pub use work_out::work_out;
