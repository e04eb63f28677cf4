//! Reading what a person types, or calls out, from a tape.
//!
//! Every usual spelling is taken: `2 1/4`, `2-1/4"`, `2¼`, `5/8`, `1.75in`, `4,5 cm`, `16mm`.
//! A bare number is in the session's unit. What cannot be read is refused with the place where
//! reading stopped and what would have been allowed there.

use thiserror::Error;

use crate::{Length, Unit};

/// The longest reading taken: ten metres, longer than any seam or tape in the house.
pub const LONGEST_READING: Length = Length::whole_mm(10_000);

/// Why a reading could not be taken. Positions count characters from 1, as a person would.
#[derive(Debug, Clone, PartialEq, Eq, Error)]
pub enum ReadingError {
    /// Nothing was typed.
    #[error("no reading was given; type a number such as 16, 5/8 or 2 1/4")]
    Empty,
    /// A character that cannot stand at its place.
    #[error("\"{text}\" could not be read at character {at} (\"{found}\"): {expected} was expected")]
    Unexpected {
        /// What was typed.
        text: String,
        /// Which character stopped the reading, counted from 1.
        at: usize,
        /// The character found, or `end`.
        found: String,
        /// What may stand there.
        expected: &'static str,
    },
    /// A fraction over nothing.
    #[error("\"{text}\" divides by zero at character {at}; write a fraction such as 5/8")]
    ZeroDenominator {
        /// What was typed.
        text: String,
        /// Where the denominator stands, counted from 1.
        at: usize,
    },
    /// Longer than any tape in the house.
    #[error("\"{text}\" is longer than 10 m; check the number and its unit")]
    TooLong {
        /// What was typed.
        text: String,
    },
}

impl ReadingError {
    /// The character, counted from 1, at which reading stopped.
    #[must_use]
    pub fn position(&self) -> usize {
        match self {
            ReadingError::Empty | ReadingError::TooLong { .. } => 1,
            ReadingError::Unexpected { at, .. } | ReadingError::ZeroDenominator { at, .. } => *at,
        }
    }
}

/// Reads a length in any usual spelling; a bare number is in `unit`.
///
/// ```
/// use vemble_fit::{read_tape, Length, Unit};
/// for text in ["2 1/4", "2-1/4\"", "2¼", "2.25in", "2 1⁄4 inches"] {
///     assert_eq!(read_tape(text, Unit::Inch).unwrap(), Length::from_inch_fraction(9, 4));
/// }
/// assert_eq!(read_tape("4,5 cm", Unit::Inch).unwrap(), Length::from_mm(45.0));
/// assert_eq!(read_tape("2 1/q", Unit::Inch).unwrap_err().position(), 5);
/// ```
///
/// # Errors
/// [`ReadingError`] with the place where reading stopped and what was expected there.
pub fn read_tape(text: &str, unit: Unit) -> Result<Length, ReadingError> {
    Reader::new(text).read(unit)
}

/// A number as typed: `whole + numerator / denominator`, exact in integers.
struct Mixed {
    numerator: i128,
    denominator: i128,
}

struct Reader<'a> {
    text: &'a str,
    chars: Vec<char>,
    at: usize,
}

const A_NUMBER: &str = "a number such as 16, 5/8 or 2 1/4";
const AFTER_A_NUMBER: &str = "a fraction, a unit (in, cm, mm) or the end";

/// The most digits one number may have: enough for every tape, few enough never to overflow.
const MOST_DIGITS: usize = 9;

impl<'a> Reader<'a> {
    fn new(text: &'a str) -> Self {
        Reader { text, chars: text.chars().collect(), at: 0 }
    }

    fn read(mut self, unit: Unit) -> Result<Length, ReadingError> {
        self.skip_space();
        if self.peek().is_none() {
            return Err(ReadingError::Empty);
        }
        let negative = self.take_if(|c| matches!(c, '-' | '−' | '–')).is_some();
        if !negative {
            self.take_if(|c| c == '+');
        }
        self.skip_space();
        let number = self.number()?;
        self.skip_space();
        let unit = self.unit()?.unwrap_or(unit);
        self.skip_space();
        if self.peek().is_some() {
            return Err(self.unexpected(AFTER_A_NUMBER));
        }
        let nm_per_unit: i128 = match unit {
            Unit::Inch => 25_400_000,
            Unit::Cm => 10_000_000,
            Unit::Mm => 1_000_000,
        };
        // Rounds to the nearest nanometre; exact whenever the tape carries the fraction.
        let doubled = 2 * number.numerator * nm_per_unit + number.denominator;
        let nm = doubled.div_euclid(2 * number.denominator);
        let length = i64::try_from(nm).map(Length::from_nm).unwrap_or(LONGEST_READING * 2);
        if length > LONGEST_READING {
            return Err(ReadingError::TooLong { text: self.text.to_owned() });
        }
        Ok(if negative { -length } else { length })
    }

    /// Whole, decimal, fraction, or a whole and a fraction.
    fn number(&mut self) -> Result<Mixed, ReadingError> {
        if let Some((n, d)) = self.take_vulgar() {
            return Ok(Mixed { numerator: n, denominator: d });
        }
        if matches!(self.peek(), Some('.' | ',')) {
            return self.decimals(0);
        }
        let whole = self.digits()?;
        if matches!(self.peek(), Some('.' | ',')) {
            return self.decimals(whole);
        }
        let before = self.at;
        self.skip_space();
        if self.take_slash() {
            let denominator = self.denominator()?;
            return Ok(Mixed { numerator: whole, denominator });
        }
        self.at = before;
        let (numerator, denominator) = self.fraction_after_whole()?;
        Ok(Mixed { numerator: whole * denominator + numerator, denominator })
    }

    /// The `1/4` of `2 1/4`, `2-1/4` or `2¼`; zero when no fraction follows.
    fn fraction_after_whole(&mut self) -> Result<(i128, i128), ReadingError> {
        let before = self.at;
        self.skip_space();
        let joined = self.take_if(|c| matches!(c, '-' | '–')).is_some();
        self.skip_space();
        if let Some(fraction) = self.take_vulgar() {
            return Ok(fraction);
        }
        if !matches!(self.peek(), Some(c) if c.is_ascii_digit()) {
            if joined {
                return Err(self.unexpected("a fraction such as 1/4"));
            }
            self.at = before;
            return Ok((0, 1));
        }
        let numerator = self.digits()?;
        self.skip_space();
        if !self.take_slash() {
            return Err(self.unexpected("the / of a fraction"));
        }
        Ok((numerator, self.denominator()?))
    }

    fn decimals(&mut self, whole: i128) -> Result<Mixed, ReadingError> {
        self.at += 1;
        let start = self.at;
        let decimals = self.digits()?;
        let denominator = 10_i128.pow((self.at - start) as u32);
        Ok(Mixed { numerator: whole * denominator + decimals, denominator })
    }

    fn denominator(&mut self) -> Result<i128, ReadingError> {
        self.skip_space();
        let at = self.at + 1;
        match self.digits()? {
            0 => Err(ReadingError::ZeroDenominator { text: self.text.to_owned(), at }),
            denominator => Ok(denominator),
        }
    }

    fn digits(&mut self) -> Result<i128, ReadingError> {
        let start = self.at;
        let mut value: i128 = 0;
        while let Some(digit) = self.peek().and_then(|c| c.to_digit(10)) {
            if self.at - start == MOST_DIGITS {
                return Err(self.unexpected("at most nine digits"));
            }
            value = value * 10 + i128::from(digit);
            self.at += 1;
        }
        if self.at == start { Err(self.unexpected(A_NUMBER)) } else { Ok(value) }
    }

    fn take_vulgar(&mut self) -> Option<(i128, i128)> {
        let fraction = match self.peek()? {
            '½' => (1, 2),
            '¼' => (1, 4),
            '¾' => (3, 4),
            '⅛' => (1, 8),
            '⅜' => (3, 8),
            '⅝' => (5, 8),
            '⅞' => (7, 8),
            '⅓' => (1, 3),
            '⅔' => (2, 3),
            _ => return None,
        };
        self.at += 1;
        Some(fraction)
    }

    fn take_slash(&mut self) -> bool {
        self.take_if(|c| matches!(c, '/' | '⁄' | '∕')).is_some()
    }

    fn unit(&mut self) -> Result<Option<Unit>, ReadingError> {
        let start = self.at;
        if self.take_if(|c| matches!(c, '"' | '″' | '”' | '“')).is_some() {
            return Ok(Some(Unit::Inch));
        }
        let mut word = String::new();
        while let Some(c) = self.take_if(char::is_alphabetic) {
            word.extend(c.to_lowercase());
        }
        let unit = match word.as_str() {
            "" => return Ok(None),
            "in" | "inch" | "inches" => Unit::Inch,
            "cm" | "centimetre" | "centimetres" | "centimeter" | "centimeters" => Unit::Cm,
            "mm" | "millimetre" | "millimetres" | "millimeter" | "millimeters" => Unit::Mm,
            _ => {
                self.at = start;
                return Err(self.unexpected(AFTER_A_NUMBER));
            }
        };
        self.take_if(|c| c == '.');
        Ok(Some(unit))
    }

    fn peek(&self) -> Option<char> {
        self.chars.get(self.at).copied()
    }

    fn take_if(&mut self, wanted: impl Fn(char) -> bool) -> Option<char> {
        let c = self.peek().filter(|c| wanted(*c))?;
        self.at += 1;
        Some(c)
    }

    fn skip_space(&mut self) {
        while self.take_if(char::is_whitespace).is_some() {}
    }

    fn unexpected(&self, expected: &'static str) -> ReadingError {
        ReadingError::Unexpected {
            text: self.text.to_owned(),
            at: self.at + 1,
            found: self.peek().map_or_else(|| "end".to_owned(), String::from),
            expected,
        }
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use proptest::prelude::*;

    #[track_caller]
    fn reads(text: &str, unit: Unit, expected: Length) {
        assert_eq!(read_tape(text, unit), Ok(expected), "{text}");
    }

    #[test]
    fn every_usual_spelling_is_read() {
        let inch = Length::from_inch_fraction;
        reads("5/8", Unit::Inch, inch(5, 8));
        reads(" 2 1/4 ", Unit::Inch, inch(9, 4));
        reads("2-1/4\"", Unit::Mm, inch(9, 4));
        reads("2¼", Unit::Inch, inch(9, 4));
        reads("⅝ in.", Unit::Cm, inch(5, 8));
        reads("1.75in", Unit::Mm, inch(7, 4));
        reads("-3/8", Unit::Inch, inch(-3, 8));
        reads("−4", Unit::Mm, Length::whole_mm(-4));
        reads("16", Unit::Mm, Length::whole_mm(16));
        reads("1,6 cm", Unit::Mm, Length::whole_mm(16));
        reads(".5", Unit::Cm, Length::whole_mm(5));
        reads("16MM", Unit::Inch, Length::whole_mm(16));
        reads("3 / 16", Unit::Inch, inch(3, 16));
    }

    #[test]
    fn what_cannot_be_read_is_refused_with_its_place() {
        for (text, at) in [
            ("", 1),
            ("sixteen", 1),
            ("2 1", 4),
            ("2-", 3),
            ("1/0", 3),
            ("2 1/4 ft", 7),
            ("16 mm mm", 7),
            ("1.2.3", 4),
            ("--3", 2),
            ("1/2/3", 4),
            ("99999999999", 10),
        ] {
            let error = read_tape(text, Unit::Inch).expect_err(text);
            assert_eq!(error.position(), at, "{text}: {error}");
        }
    }

    #[test]
    fn a_refusal_says_what_was_read_and_what_is_allowed() {
        let error = read_tape("2 1/4 ft", Unit::Inch).unwrap_err();
        assert_eq!(
            error.to_string(),
            "\"2 1/4 ft\" could not be read at character 7 (\"f\"): \
             a fraction, a unit (in, cm, mm) or the end was expected"
        );
    }

    proptest! {
        #[test]
        fn any_sixty_fourth_is_exact(whole in 0i64..300, numerator in 1i64..64) {
            let read = read_tape(&format!("{whole} {numerator}/64"), Unit::Inch).unwrap();
            prop_assert_eq!(read, Length::from_inch_fraction(whole * 64 + numerator, 64));
        }

        #[test]
        fn no_text_can_make_it_panic(text in "\\PC{0,24}") {
            if let Err(error) = read_tape(&text, Unit::Cm) {
                prop_assert!(error.position() <= text.chars().count() + 1);
            }
        }
    }
}
