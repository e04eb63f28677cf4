//! Reading what a person types, or calls out, from a tape.
//!
//! Every usual spelling is taken: `2 1/4`, `2-1/4"`, `2 and 1/4`, `1" 1/8`, `2¼`, `7/8ths`, `1.75in`, `4,5 cm`,
//! `1 m`. A bare number is in the session's unit, but a bare fraction is inches in every session, because
//! nobody reads fractions off a metric tape. What could be meant in two ways is asked back with both, never
//! guessed: `11/2` (was `1 1/2` meant?), a thousands mark, a number ten times what can be there. What cannot be
//! read is refused with the place where reading stopped and what would have been allowed there.

use thiserror::Error;

use crate::unit::length::Length;
use crate::unit::scale::Unit;

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
    /// It can be read in more than one way, and is not guessed.
    #[error("\"{text}\" can be read in two ways: was {} meant?", .readings.join(" or "))]
    Doubtful {
        /// What was typed.
        text: String,
        /// The ways, each a spelling that has one reading only.
        readings: Vec<String>,
    },
}

impl ReadingError {
    /// The character, counted from 1, at which reading stopped.
    #[must_use]
    pub fn position(&self) -> usize {
        match self {
            ReadingError::Empty | ReadingError::TooLong { .. } | ReadingError::Doubtful { .. } => 1,
            ReadingError::Unexpected { at, .. } | ReadingError::ZeroDenominator { at, .. } => *at,
        }
    }

    /// What may have been meant, each a spelling that is read in one way.
    #[must_use]
    pub fn readings(&self) -> &[String] {
        if let ReadingError::Doubtful { readings, .. } = self { readings } else { &[] }
    }
}

/// Reads a length in any usual spelling; a bare number is in `unit`.
///
/// ```
/// use vemble_fit::{read_tape, Length, Unit};
/// for text in ["2 1/4", "2-1/4\"", "2¼", "2.25in", "2 1⁄4 inches", "2 and 1/4", "2\" 1/4"] {
///     assert_eq!(read_tape(text, Unit::Inch).unwrap(), Length::from_inch_fraction(9, 4));
/// }
/// assert_eq!(read_tape("5/8", Unit::Mm).unwrap(), Length::from_inch_fraction(5, 8));
/// assert_eq!(read_tape("4,5 cm", Unit::Inch).unwrap(), Length::from_mm(45.0));
/// assert_eq!(read_tape("2 1/q", Unit::Inch).unwrap_err().position(), 5);
/// assert_eq!(read_tape("11/2", Unit::Inch).unwrap_err().readings(), ["1 1/2 in", "5 1/2 in"]);
/// ```
///
/// # Errors
/// [`ReadingError`] with the place where reading stopped and what was expected there, or with the ways in
/// which it can be read.
pub fn read_tape(text: &str, unit: Unit) -> Result<Length, ReadingError> {
    Ok(Reader::new(text).read(unit)?.0)
}

/// Reads a length that cannot be longer than `most`: a bare number that is, and would not be in a smaller unit,
/// is asked back.
///
/// ```
/// use vemble_fit::{read_tape_up_to, Length, Unit};
/// let doubt = read_tape_up_to("75", Unit::Cm, Length::whole_mm(150)).unwrap_err();
/// assert_eq!(doubt.readings(), ["75 mm", "75 cm"]);
/// ```
///
/// # Errors
/// As [`read_tape`].
pub fn read_tape_up_to(text: &str, unit: Unit, most: Length) -> Result<Length, ReadingError> {
    let (length, bare) = Reader::new(text).read(unit)?;
    if bare && length.abs() > most {
        let could_be =
            |unit: &Unit| Reader::new(text).read(*unit).is_ok_and(|(length, _)| length.abs() <= most);
        let smaller = [Unit::Mm, Unit::Cm].into_iter().filter(|other| *other != unit && could_be(other));
        let readings: Vec<String> =
            smaller.chain([unit]).map(|unit| format!("{} {}", text.trim(), unit.sign())).collect();
        if readings.len() > 1 {
            return Err(ReadingError::Doubtful { text: text.to_owned(), readings });
        }
    }
    Ok(length)
}

/// True for a bare fraction typed where the tape is metric: it is read as inches, which is said.
#[must_use]
pub fn is_inches_by_its_fraction(text: &str, unit: Unit) -> bool {
    unit != Unit::Inch
        && Reader::new(text).read(unit).is_ok_and(|(_, bare)| !bare)
        && !text.chars().any(|c| c.is_alphabetic() || matches!(c, '"' | '″' | '”' | '“' | '\''))
}

/// A number as typed: `whole + numerator / denominator`, exact in integers.
struct Mixed {
    numerator: i128,
    denominator: i128,
    /// Written with a fraction, not with a decimal point.
    fraction: bool,
    /// An inch mark stood between the whole and the fraction.
    inches: bool,
}

impl Mixed {
    /// To the nearest nanometre; exact whenever the tape carries the fraction.
    fn length(&self, nm_per_unit: i128) -> Length {
        let doubled = 2 * self.numerator * nm_per_unit + self.denominator;
        let nm = doubled.div_euclid(2 * self.denominator);
        i64::try_from(nm).map(Length::from_nm).unwrap_or(LONGEST_READING * 2)
    }

    const fn of(numerator: i128, denominator: i128, fraction: bool) -> Mixed {
        Mixed { numerator, denominator, fraction, inches: false }
    }
}

struct Reader<'a> {
    text: &'a str,
    chars: Vec<char>,
    at: usize,
    /// Ways to read a number that has several; settled when its unit is known.
    doubt: Option<Doubt>,
}

/// What makes a number doubtful.
enum Doubt {
    /// A fraction of one or more: `11/2`, as its digits and as what may have been meant.
    Improper { meant: String, whole: i128, numerator: i128, denominator: i128 },
    /// Three digits behind a mark: `1,000`.
    Thousands { whole: i128, decimals: i128 },
}

const A_NUMBER: &str = "a number such as 16, 5/8 or 2 1/4";
const AFTER_A_NUMBER: &str = "a fraction, a unit (in, cm, mm, m) or the end";

/// The most digits one number may have: enough for every tape, few enough never to overflow.
const MOST_DIGITS: usize = 9;

/// Nanometres in an inch, a centimetre, a millimetre and a metre.
const INCH: i128 = 25_400_000;
const CM: i128 = 10_000_000;
const MM: i128 = 1_000_000;
const METRE: i128 = 1_000_000_000;

impl<'a> Reader<'a> {
    fn new(text: &'a str) -> Self {
        Reader { text, chars: text.chars().collect(), at: 0, doubt: None }
    }

    /// A sign before a number; what has none is not negative.
    fn negative(&mut self) -> bool {
        let negative = self.take_if(|c| matches!(c, '-' | '−' | '–')).is_some();
        if !negative {
            self.take_if(|c| c == '+');
        }
        self.skip_space();
        negative
    }

    /// The length, and whether the session's unit was taken because none was said.
    fn read(mut self, session: Unit) -> Result<(Length, bool), ReadingError> {
        self.skip_space();
        if self.peek().is_none() {
            return Err(ReadingError::Empty);
        }
        let negative = self.negative();
        let number = self.number()?;
        self.skip_space();
        let said = self.unit(number.fraction)?.or(number.inches.then_some(INCH));
        self.skip_space();
        if self.peek().is_some() {
            return Err(self.unexpected(AFTER_A_NUMBER));
        }
        let bare = said.is_none() && !number.fraction;
        let nm_per_unit = said.unwrap_or(match session {
            _ if number.fraction => INCH,
            Unit::Inch => INCH,
            Unit::Cm => CM,
            Unit::Mm => MM,
        });
        if let Some(doubt) = self.doubt.take() {
            self.settle(&doubt, nm_per_unit, negative)?;
        }
        let length = number.length(nm_per_unit);
        if length > LONGEST_READING {
            return Err(ReadingError::TooLong { text: self.text.to_owned() });
        }
        Ok((if negative { -length } else { length }, bare))
    }

    /// Asks back where both readings are lengths a tape in the house can show.
    fn settle(&self, doubt: &Doubt, nm_per_unit: i128, negative: bool) -> Result<(), ReadingError> {
        let sign = if negative { "-" } else { "" };
        let unit = match nm_per_unit {
            INCH => "in",
            CM => "cm",
            METRE => "m",
            _ => "mm",
        };
        let readings = match doubt {
            Doubt::Improper { meant, whole, numerator, denominator } => {
                let (all, rest) = (whole + numerator / denominator, numerator % denominator);
                let value = if rest == 0 { format!("{all}") } else { format!("{all} {rest}/{denominator}") };
                let value = shortened(&value, all, rest, *denominator);
                vec![format!("{sign}{meant} {unit}"), format!("{sign}{value} {unit}")]
            }
            Doubt::Thousands { whole, decimals } => {
                let thousand = whole * 1000 + decimals;
                if thousand * nm_per_unit > i128::from(LONGEST_READING.nm()) {
                    return Ok(());
                }
                let trimmed = format!("{whole}.{decimals:03}");
                let trimmed = trimmed.trim_end_matches('0').trim_end_matches('.');
                vec![format!("{sign}{trimmed} {unit}"), format!("{sign}{thousand} {unit}")]
            }
        };
        Err(ReadingError::Doubtful { text: self.text.to_owned(), readings })
    }

    /// Whole, decimal, fraction, or a whole and a fraction.
    fn number(&mut self) -> Result<Mixed, ReadingError> {
        if let Some((n, d)) = self.take_vulgar() {
            return Ok(Mixed::of(n, d, true));
        }
        if matches!(self.peek(), Some('.' | ',')) {
            return self.decimals(0);
        }
        let start = self.at;
        let whole = self.digits()?;
        let digits: String = self.chars[start..self.at].iter().collect();
        if matches!(self.peek(), Some('.' | ',')) {
            return self.decimals(whole);
        }
        let before = self.at;
        self.skip_space();
        if self.take_slash() {
            let denominator = self.denominator()?;
            if whole >= denominator {
                let meant = meant_by(&digits, denominator);
                self.doubt = Some(Doubt::Improper { meant, whole: 0, numerator: whole, denominator });
            }
            return Ok(Mixed::of(whole, denominator, true));
        }
        self.at = before;
        let inches = self.inch_mark_inside();
        let Some((numerator, denominator)) = self.fraction_after_whole()? else {
            return Ok(Mixed::of(whole, 1, false));
        };
        if numerator >= denominator {
            let meant = format!("{digits} 1/{denominator}");
            self.doubt = Some(Doubt::Improper { meant, whole, numerator, denominator });
        }
        Ok(Mixed { inches, ..Mixed::of(whole * denominator + numerator, denominator, true) })
    }

    /// The inch mark of `1" 1/8`, taken only where a fraction follows.
    fn inch_mark_inside(&mut self) -> bool {
        let before = self.at;
        self.skip_space();
        let marked = self.take_inch_mark();
        self.skip_space();
        let follows = self.peek().is_some_and(|c| c.is_ascii_digit() || vulgar(c).is_some());
        if !(marked && follows) {
            self.at = before;
        }
        marked && follows
    }

    /// The `1/4` of `2 1/4`, `2-1/4`, `2 and 1/4`, `2 & 1/4`, `2+1/4` or `2¼`; `None` when no fraction follows.
    fn fraction_after_whole(&mut self) -> Result<Option<(i128, i128)>, ReadingError> {
        let before = self.at;
        self.skip_space();
        let joined = self.take_if(|c| matches!(c, '-' | '–' | '+' | '&')).is_some() || self.take_and();
        self.skip_space();
        if let Some(fraction) = self.take_vulgar() {
            return Ok(Some(fraction));
        }
        if !matches!(self.peek(), Some(c) if c.is_ascii_digit()) {
            if joined {
                return Err(self.unexpected("a fraction such as 1/4"));
            }
            self.at = before;
            return Ok(None);
        }
        let numerator = self.digits()?;
        self.skip_space();
        if !self.take_slash() {
            return Err(self.unexpected("the / of a fraction"));
        }
        Ok(Some((numerator, self.denominator()?)))
    }

    fn take_and(&mut self) -> bool {
        let word: String = self.chars[self.at..].iter().take(4).collect();
        let found =
            word.to_lowercase().starts_with("and") && word.chars().nth(3).is_none_or(|c| !c.is_alphabetic());
        if found {
            self.at += 3;
        }
        found
    }

    fn decimals(&mut self, whole: i128) -> Result<Mixed, ReadingError> {
        let leading = self.at == 0 || !self.chars[self.at - 1].is_ascii_digit();
        let full_stop = self.peek() == Some('.');
        self.at += 1;
        let start = self.at;
        // A number may end in a full stop, as at the end of a sentence.
        if full_stop && !leading && !matches!(self.peek(), Some(c) if c.is_ascii_digit() || c == '.') {
            return Ok(Mixed::of(whole, 1, false));
        }
        let decimals = self.digits()?;
        let count = self.at - start;
        if count == 3 && (1..1000).contains(&whole) {
            self.doubt = Some(Doubt::Thousands { whole, decimals });
        }
        let denominator = 10_i128.pow(count as u32);
        Ok(Mixed::of(whole * denominator + decimals, denominator, false))
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
        let fraction = vulgar(self.peek()?)?;
        self.at += 1;
        Some(fraction)
    }

    fn take_slash(&mut self) -> bool {
        self.take_if(|c| matches!(c, '/' | '⁄' | '∕')).is_some()
    }

    /// `"`, in any of its shapes, or two strokes.
    fn take_inch_mark(&mut self) -> bool {
        if self.take_if(|c| matches!(c, '"' | '″' | '”' | '“')).is_some() {
            return true;
        }
        let stroke = |c: Option<&char>| matches!(c, Some('\'' | '’' | '′'));
        let twice = stroke(self.chars.get(self.at)) && stroke(self.chars.get(self.at + 1));
        if twice {
            self.at += 2;
        }
        twice
    }

    /// Nanometres in the unit that is said; behind a fraction `ths` may stand before it.
    fn unit(&mut self, fraction: bool) -> Result<Option<i128>, ReadingError> {
        if self.take_inch_mark() {
            return Ok(Some(INCH));
        }
        let start = self.at;
        let mut word = self.word();
        if fraction && matches!(word.as_str(), "th" | "ths" | "nd" | "nds" | "rd" | "rds") {
            self.skip_space();
            if self.take_inch_mark() {
                return Ok(Some(INCH));
            }
            word = self.word();
        }
        let unit = match word.as_str() {
            "" => return Ok(None),
            "in" | "ins" | "inch" | "inches" => INCH,
            "cm" | "cms" | "centimetre" | "centimetres" | "centimeter" | "centimeters" => CM,
            "mm" | "mms" | "millimetre" | "millimetres" | "millimeter" | "millimeters" => MM,
            "m" | "metre" | "metres" | "meter" | "meters" => METRE,
            _ => {
                self.at = start;
                return Err(self.unexpected(AFTER_A_NUMBER));
            }
        };
        self.take_if(|c| c == '.');
        Ok(Some(unit))
    }

    fn word(&mut self) -> String {
        let mut word = String::new();
        while let Some(c) = self.take_if(char::is_alphabetic) {
            word.extend(c.to_lowercase());
        }
        word
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

const fn vulgar(c: char) -> Option<(i128, i128)> {
    Some(match c {
        '½' => (1, 2),
        '⅓' => (1, 3),
        '⅔' => (2, 3),
        '¼' => (1, 4),
        '¾' => (3, 4),
        '⅕' => (1, 5),
        '⅖' => (2, 5),
        '⅗' => (3, 5),
        '⅘' => (4, 5),
        '⅙' => (1, 6),
        '⅚' => (5, 6),
        '⅛' => (1, 8),
        '⅜' => (3, 8),
        '⅝' => (5, 8),
        '⅞' => (7, 8),
        _ => return None,
    })
}

/// What may have been meant by the digits of a fraction of one or more: `11/2` by `1 1/2`, `10/8` by `10 1/8`.
fn meant_by(digits: &str, denominator: i128) -> String {
    let split = (1..digits.len()).rev().find_map(|at| {
        let (whole, numerator) = digits.split_at(at);
        let part: i128 = numerator.parse().ok()?;
        (0 < part && part < denominator && !numerator.starts_with('0'))
            .then(|| format!("{whole} {part}/{denominator}"))
    });
    split.unwrap_or_else(|| format!("{digits} 1/{denominator}"))
}

/// A value with its fraction in lowest terms, as a tape shows it.
fn shortened(value: &str, whole: i128, mut numerator: i128, mut denominator: i128) -> String {
    while numerator > 0 && numerator % 2 == 0 && denominator % 2 == 0 {
        (numerator, denominator) = (numerator / 2, denominator / 2);
    }
    if numerator == 0 { value.to_owned() } else { format!("{whole} {numerator}/{denominator}") }
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
        reads("1.75''", Unit::Mm, inch(7, 4));
        reads("2 and 1/4", Unit::Inch, inch(9, 4));
        reads("2 & 1/4", Unit::Inch, inch(9, 4));
        reads("2+1/4", Unit::Mm, inch(9, 4));
        reads("2 ins", Unit::Mm, inch(2, 1));
        reads("5cms", Unit::Mm, Length::whole_mm(50));
        reads("1\" 1/8", Unit::Cm, inch(9, 8));
        reads("7/8ths", Unit::Mm, inch(7, 8));
        reads("1.", Unit::Mm, Length::whole_mm(1));
        reads("⅙", Unit::Inch, inch(1, 6));
        reads("1 m", Unit::Inch, Length::whole_mm(1000));
        reads("1.25 m", Unit::Cm, Length::whole_mm(1250));
        reads("3 / 16", Unit::Inch, inch(3, 16));
    }

    #[test]
    fn a_bare_fraction_is_inches_on_every_tape_and_a_bare_number_is_not() {
        for unit in [Unit::Inch, Unit::Cm, Unit::Mm] {
            reads("5/8", unit, Length::from_inch_fraction(5, 8));
            reads("2 1/4", unit, Length::from_inch_fraction(9, 4));
            reads("⅜", unit, Length::from_inch_fraction(3, 8));
        }
        reads("5/8 cm", Unit::Mm, Length::from_mm(6.25));
        assert!(is_inches_by_its_fraction("5/8", Unit::Mm) && is_inches_by_its_fraction("2¼", Unit::Cm));
        for text in ["5/8 in", "5/8\"", "16", "1.5", "5/8 cm"] {
            assert!(!is_inches_by_its_fraction(text, Unit::Mm), "{text}");
        }
        assert!(!is_inches_by_its_fraction("5/8", Unit::Inch), "nobody is surprised there");
    }

    #[test]
    fn what_can_be_read_in_two_ways_is_asked_back_with_both() {
        for (text, unit, ways) in [
            ("11/2", Unit::Mm, ["1 1/2 in", "5 1/2 in"]),
            ("21/4", Unit::Inch, ["2 1/4 in", "5 1/4 in"]),
            ("10/8", Unit::Inch, ["10 1/8 in", "1 1/4 in"]),
            ("-11/2", Unit::Inch, ["-1 1/2 in", "-5 1/2 in"]),
            ("1,000 mm", Unit::Inch, ["1 mm", "1000 mm"]),
            ("1.000", Unit::Mm, ["1 mm", "1000 mm"]),
            ("1,250", Unit::Mm, ["1.25 mm", "1250 mm"]),
        ] {
            let error = read_tape(text, unit).expect_err(text);
            assert_eq!(error.readings(), ways, "{text}");
            for way in ways {
                assert!(read_tape(way, Unit::Cm).is_ok(), "{way} reads in one way");
            }
        }
        // Ten times what is said would be longer than any tape: that is no thousands mark.
        reads("2.125", Unit::Inch, Length::from_inch_fraction(17, 8));
    }

    #[test]
    fn a_number_ten_times_too_large_is_asked_back_only_where_a_smaller_unit_fits() {
        let most = Length::whole_mm(150);
        let doubt = read_tape_up_to("75", Unit::Cm, most).expect_err("a depth of 75 cm");
        assert_eq!(doubt.readings(), ["75 mm", "75 cm"]);
        assert_eq!(read_tape_up_to("7.5", Unit::Cm, most), Ok(Length::whole_mm(75)));
        assert_eq!(read_tape_up_to("75 cm", Unit::Cm, most), Ok(Length::whole_mm(750)), "said is said");
        assert_eq!(read_tape_up_to("750", Unit::Mm, most), Ok(Length::whole_mm(750)), "left to its limit");
        assert!(read_tape_up_to("16", Unit::Inch, most).is_err());
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
             a fraction, a unit (in, cm, mm, m) or the end was expected"
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
