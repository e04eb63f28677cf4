//! A length on cloth or on a body.
//!
//! Lengths are whole nanometres, so that both scales a tape carries are exact: 1/64 inch is
//! 396 875 nm and 0.1 mm is 100 000 nm. Floating point is used only inside geometry and the
//! solver, through [`Length::mm`] and [`Length::from_mm`].

use std::iter::Sum;
use std::ops::{Add, AddAssign, Mul, Neg, Sub, SubAssign};

use serde::{Deserialize, Deserializer, Serialize, Serializer};

/// Nanometres in one millimetre.
const NM_PER_MM: i64 = 1_000_000;
/// Nanometres in one inch (25.4 mm exactly, the international inch of 1959).
const NM_PER_INCH: i64 = 25_400_000;

/// A signed length, exact for 1/64 inch and for 0.1 mm. In JSON it is a number of millimetres.
///
/// ```
/// use vemble_fit::Length;
/// let five_eighths = Length::from_inch_fraction(5, 8);
/// assert_eq!(five_eighths.mm(), 15.875);
/// assert_eq!(five_eighths * 2, Length::from_inch_fraction(5, 4));
/// ```
#[derive(Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord, Hash, Default)]
pub struct Length(i64);

impl Length {
    /// No length at all.
    pub const ZERO: Length = Length(0);

    /// A whole number of millimetres.
    #[must_use]
    pub const fn whole_mm(mm: i64) -> Length {
        Length(mm * NM_PER_MM)
    }

    /// The nearest whole nanometre to `mm` millimetres. Values that are not finite become zero.
    #[must_use]
    pub fn from_mm(mm: f64) -> Length {
        // The cast saturates at the ends of i64 and maps NaN to zero.
        Length((mm * NM_PER_MM as f64).round() as i64)
    }

    /// A computed length without the noise of its last digits: to a hundredth of a millimetre.
    #[must_use]
    pub(crate) fn hundredth(mm: f64) -> Length {
        Length::from_mm((mm * 100.0).round() / 100.0)
    }

    /// `numerator / denominator` inches, exact for every denominator a tape carries.
    #[must_use]
    pub const fn from_inch_fraction(numerator: i64, denominator: i64) -> Length {
        Length(numerator * NM_PER_INCH / denominator)
    }

    /// A number of nanometres, as the database keeps it.
    #[must_use]
    pub const fn from_nm(nm: i64) -> Length {
        Length(nm)
    }

    /// The number of nanometres.
    #[must_use]
    pub const fn nm(self) -> i64 {
        self.0
    }

    /// The length in millimetres, for geometry.
    #[must_use]
    pub fn mm(self) -> f64 {
        self.0 as f64 / NM_PER_MM as f64
    }

    /// The length in inches.
    #[must_use]
    pub fn inches(self) -> f64 {
        self.0 as f64 / NM_PER_INCH as f64
    }

    /// The length without its sign.
    #[must_use]
    pub const fn abs(self) -> Length {
        Length(self.0.abs())
    }

    /// Half of it, to the nanometre.
    #[must_use]
    pub const fn half(self) -> Length {
        Length(self.0 / 2)
    }

    /// True when it is longer than nothing.
    #[must_use]
    pub const fn is_positive(self) -> bool {
        self.0 > 0
    }

    /// True when it is less than nothing.
    #[must_use]
    pub const fn is_negative(self) -> bool {
        self.0 < 0
    }
}

impl Add for Length {
    type Output = Length;
    fn add(self, other: Length) -> Length {
        Length(self.0 + other.0)
    }
}

impl AddAssign for Length {
    fn add_assign(&mut self, other: Length) {
        self.0 += other.0;
    }
}

impl Sub for Length {
    type Output = Length;
    fn sub(self, other: Length) -> Length {
        Length(self.0 - other.0)
    }
}

impl SubAssign for Length {
    fn sub_assign(&mut self, other: Length) {
        self.0 -= other.0;
    }
}

impl Neg for Length {
    type Output = Length;
    fn neg(self) -> Length {
        Length(-self.0)
    }
}

impl Mul<i64> for Length {
    type Output = Length;
    fn mul(self, factor: i64) -> Length {
        Length(self.0 * factor)
    }
}

impl Sum for Length {
    fn sum<I: Iterator<Item = Length>>(lengths: I) -> Length {
        lengths.fold(Length::ZERO, Add::add)
    }
}

impl Serialize for Length {
    fn serialize<S: Serializer>(&self, serializer: S) -> Result<S::Ok, S::Error> {
        serializer.serialize_f64(self.mm())
    }
}

/// The longest length a file or a form may hold: 100 m, far beyond any garment, and far enough
/// below the range of the integer that no sum of lengths can overflow.
const LONGEST_MM: f64 = 100_000.0;

impl<'de> Deserialize<'de> for Length {
    fn deserialize<D: Deserializer<'de>>(deserializer: D) -> Result<Length, D::Error> {
        let mm = f64::deserialize(deserializer)?;
        if mm.is_finite() && mm.abs() <= LONGEST_MM {
            Ok(Length::from_mm(mm))
        } else {
            Err(serde::de::Error::custom(format!(
                "{mm} is not a length in millimetres between -{LONGEST_MM} and {LONGEST_MM}"
            )))
        }
    }
}

#[cfg(feature = "schema")]
impl utoipa::PartialSchema for Length {
    fn schema() -> utoipa::openapi::RefOr<utoipa::openapi::schema::Schema> {
        utoipa::openapi::ObjectBuilder::new()
            .schema_type(utoipa::openapi::schema::Type::Number)
            .description(Some("A length in millimetres."))
            .minimum(Some(-LONGEST_MM))
            .maximum(Some(LONGEST_MM))
            .into()
    }
}

#[cfg(feature = "schema")]
impl utoipa::ToSchema for Length {}

#[cfg(test)]
mod tests {
    use super::*;
    use proptest::prelude::*;

    #[test]
    fn the_two_scales_of_a_tape_are_exact() {
        assert_eq!(Length::from_inch_fraction(1, 64).nm() * 64, 25_400_000);
        assert_eq!(Length::from_mm(0.1).nm(), 100_000);
    }

    proptest! {
        #[test]
        fn json_brings_back_the_same_length(sixty_fourths in -200_000i64..200_000) {
            let length = Length::from_inch_fraction(sixty_fourths, 64);
            let text = serde_json::to_string(&length).unwrap();
            prop_assert_eq!(serde_json::from_str::<Length>(&text).unwrap(), length);
        }
    }

    #[test]
    fn a_length_no_garment_has_is_refused() {
        assert!(serde_json::from_str::<Length>("1e300").is_err());
        assert!(serde_json::from_str::<Length>("100001").is_err());
    }
}
