//! Units on the tape, and how a length is written in them.

use serde::{Deserialize, Serialize};

use crate::unit::length::Length;

/// The unit a bare number is taken in.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize, Default)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum Unit {
    /// Inches and their fractions.
    Inch,
    /// Centimetres.
    Cm,
    /// Millimetres.
    #[default]
    Mm,
}

impl Unit {
    /// What stands behind a number: `in`, `cm`, `mm`.
    #[must_use]
    pub const fn sign(self) -> &'static str {
        match self {
            Unit::Inch => "in",
            Unit::Cm => "cm",
            Unit::Mm => "mm",
        }
    }

    /// Its name in a sentence.
    #[must_use]
    pub const fn words(self) -> &'static str {
        match self {
            Unit::Inch => "inches",
            Unit::Cm => "centimetres",
            Unit::Mm => "millimetres",
        }
    }
}

/// The finest step shown. Rounding is for display only: what was read is what is kept.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize, Default)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum Rounding {
    /// Nearest 1/8 inch.
    EighthInch,
    /// Nearest 1/16 inch.
    SixteenthInch,
    /// Nearest half centimetre.
    HalfCm,
    /// Nearest millimetre.
    #[default]
    Mm,
}

/// A unit with a rounding that belongs to it: how one person reads a tape.
///
/// ```
/// use vemble_fit::{Length, Rounding, Scale, Unit};
/// let scale = Scale::new(Unit::Inch, Rounding::EighthInch);
/// assert_eq!(scale.write(Length::from_mm(57.0)), "2 1/4 in");
/// assert_eq!(Scale::default().write(Length::from_mm(57.2)), "57 mm");
/// ```
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize, Default)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(deny_unknown_fields)]
pub struct Scale {
    /// The unit numbers are read and written in.
    pub unit: Unit,
    /// The finest step shown.
    pub rounding: Rounding,
}

impl Scale {
    /// A scale; a rounding that belongs to the other system is replaced by the unit's finest.
    #[must_use]
    pub fn new(unit: Unit, rounding: Rounding) -> Scale {
        let rounding = match (unit, rounding) {
            (Unit::Inch, Rounding::EighthInch | Rounding::SixteenthInch) => rounding,
            (Unit::Inch, _) => Rounding::SixteenthInch,
            (_, Rounding::HalfCm | Rounding::Mm) => rounding,
            (_, _) => Rounding::Mm,
        };
        Scale { unit, rounding }
    }

    /// The finest step it shows: one tick of this person's tape.
    #[must_use]
    pub fn tick(self) -> Length {
        match Scale::new(self.unit, self.rounding).rounding {
            Rounding::EighthInch => Length::from_inch_fraction(1, 8),
            Rounding::SixteenthInch => Length::from_inch_fraction(1, 16),
            Rounding::HalfCm => Length::whole_mm(5),
            Rounding::Mm => Length::whole_mm(1),
        }
    }

    /// True for a length that is not nothing on this tape.
    #[must_use]
    pub fn shows(self, length: Length) -> bool {
        length.abs() * 2 >= self.tick()
    }

    /// The nearest length this tape has a mark for.
    #[must_use]
    pub fn nearest(self, length: Length) -> Length {
        let tick = self.tick().mm();
        Length::from_mm((length.mm() / tick).round() * tick)
    }

    /// How much longer `to` is than `from` as both stand on this tape, so that what is shown adds up.
    #[must_use]
    pub fn between(self, from: Length, to: Length) -> Length {
        self.nearest(to) - self.nearest(from)
    }

    /// Parts of a whole as they stand on this tape, so that what is shown of them makes what is shown of the whole:
    /// each at its nearest mark, and what is over or wanting goes, mark by mark, to those that lie furthest from
    /// theirs.
    ///
    /// ```
    /// use vemble_fit::{Length, Scale};
    /// let parts = [26.6, 29.8, 34.4, 11.6].map(Length::from_mm);
    /// let shown = Scale::default().adding_up(&parts, Length::from_mm(102.4));
    /// assert_eq!(shown, [27.0, 30.0, 34.0, 11.0].map(Length::from_mm));
    /// ```
    #[must_use]
    pub fn adding_up(self, parts: &[Length], whole: Length) -> Vec<Length> {
        let tick = self.tick().mm();
        let mut marks: Vec<f64> = parts.iter().map(|part| (part.mm() / tick).round()).collect();
        let wanting = (whole.mm() / tick).round() - marks.iter().sum::<f64>();
        for _ in 0..wanting.abs() as usize {
            let off = |i: usize, marks: &[f64]| (parts[i].mm() / tick - marks[i]) * wanting.signum();
            let furthest = (0..parts.len()).rev().max_by(|a, b| off(*a, &marks).total_cmp(&off(*b, &marks)));
            if let Some(i) = furthest {
                marks[i] += wanting.signum();
            }
        }
        marks.into_iter().map(|mark| Length::from_mm(mark * tick)).collect()
    }

    /// The number of something that was read, as it was read: to the millimetre where a tape is rounded to half
    /// centimetres, so that nobody hears another number than the one that was typed.
    ///
    /// ```
    /// use vemble_fit::{Length, Rounding, Scale, Unit};
    /// let scale = Scale::new(Unit::Cm, Rounding::HalfCm);
    /// assert_eq!(scale.number(Length::from_mm(12.0)), "1.0");
    /// assert_eq!(scale.read(Length::from_mm(12.0)), "1.2");
    /// ```
    #[must_use]
    pub fn read(self, length: Length) -> String {
        let scale = Scale::new(self.unit, self.rounding);
        match scale.rounding {
            Rounding::HalfCm => Scale { rounding: Rounding::Mm, ..scale }.number(length),
            _ => scale.number(length),
        }
    }

    /// The number with its unit: `2 1/4 in`, `5.7 cm`, `57 mm`.
    #[must_use]
    pub fn write(self, length: Length) -> String {
        format!("{} {}", self.number(length), self.unit.sign())
    }

    /// The number alone, as it stands on the tape: `2 1/4`, `5.7`, `57`.
    #[must_use]
    pub fn number(self, length: Length) -> String {
        let scale = Scale::new(self.unit, self.rounding);
        match scale.rounding {
            Rounding::EighthInch => inch_fraction(length, 8),
            Rounding::SixteenthInch => inch_fraction(length, 16),
            Rounding::HalfCm => decimal(scale.unit, (length.mm() / 5.0).round() * 5.0),
            Rounding::Mm => decimal(scale.unit, length.mm().round()),
        }
    }
}

fn decimal(unit: Unit, mm: f64) -> String {
    // Adding zero turns the -0 that rounding may leave into a plain 0.
    match unit {
        Unit::Cm => format!("{:.1}", mm / 10.0 + 0.0),
        Unit::Mm | Unit::Inch => format!("{:.0}", mm + 0.0),
    }
}

fn inch_fraction(length: Length, denominator: i64) -> String {
    let steps = (length.inches().abs() * denominator as f64).round() as i64;
    let sign = if length.is_negative() && steps > 0 { "-" } else { "" };
    let (whole, rest) = (steps / denominator, steps % denominator);
    if rest == 0 {
        return format!("{sign}{whole}");
    }
    let shared = 1 << rest.trailing_zeros().min(denominator.trailing_zeros());
    let fraction = format!("{}/{}", rest / shared, denominator / shared);
    if whole == 0 { format!("{sign}{fraction}") } else { format!("{sign}{whole} {fraction}") }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn inches_are_reduced_to_the_fraction_on_the_tape() {
        let sixteenths = Scale::new(Unit::Inch, Rounding::SixteenthInch);
        let write = |n, d| sixteenths.number(Length::from_inch_fraction(n, d));
        assert_eq!(write(1, 2), "1/2");
        assert_eq!(write(37, 16), "2 5/16");
        assert_eq!(write(-9, 4), "-2 1/4");
        assert_eq!(write(0, 1), "0");
        assert_eq!(write(31, 32), "1");
        assert_eq!(write(-1, 64), "0");
    }

    #[test]
    fn metric_keeps_to_its_step() {
        assert_eq!(Scale::new(Unit::Cm, Rounding::HalfCm).write(Length::from_mm(57.6)), "6.0 cm");
        assert_eq!(Scale::new(Unit::Cm, Rounding::Mm).write(Length::from_mm(57.6)), "5.8 cm");
        assert_eq!(Scale::new(Unit::Mm, Rounding::SixteenthInch).write(Length::from_mm(-0.4)), "0 mm");
    }
}
