//! What a wash takes: a swatch, or the garment itself, measured before and after.
//!
//! The share is `s = 1 − after / before`; what must measure `L` once it is washed is cut at `L / (1 − s)`.

use serde::{Deserialize, Serialize};

use crate::house::ranges::{self, OutOfRange};
use crate::unit::length::Length;

/// One length measured before a wash and after it, along the grain that hangs down.
///
/// ```
/// use vemble_fit::{Length, WashTest};
/// let test = WashTest { before: Length::whole_mm(200), after: Length::whole_mm(190) };
/// assert!((test.share() - 0.05).abs() < 1e-12);
/// assert_eq!(test.cut_for(950.0).round(), 1000.0);
/// ```
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(deny_unknown_fields)]
pub struct WashTest {
    /// Before it was washed.
    pub before: Length,
    /// After it was washed and dried as it will be.
    pub after: Length,
}

/// Nothing shrinks by more; a larger share was read wrongly.
const MOST: f64 = 0.4;

impl WashTest {
    /// The share it loses; negative where it grows.
    #[must_use]
    pub fn share(&self) -> f64 {
        1.0 - self.after.mm() / self.before.mm()
    }

    /// What to cut, in millimetres, for what is wanted once it is washed.
    #[must_use]
    pub fn cut_for(&self, wanted: f64) -> f64 {
        wanted / (1.0 - self.share())
    }

    /// Checks both lengths.
    ///
    /// # Errors
    /// The first that cannot be: nothing was measured, or it lost more than any cloth does.
    pub(crate) fn check(&self) -> Result<(), (&'static str, OutOfRange)> {
        ranges::SWATCH_BEFORE.holds(self.before.mm()).map_err(|beyond| ("before", beyond))?;
        let (least, most) = ((1.0 - MOST) * self.before.mm(), 1.1 * self.before.mm());
        let after = ranges::SWATCH_AFTER.from(least).up_to(most);
        after.holds(self.after.mm()).map_err(|beyond| ("after", beyond))
    }
}
