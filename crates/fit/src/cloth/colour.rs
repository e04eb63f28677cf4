//! A colour, as a screen writes one: `#rrggbb`.

use std::fmt;
use std::str::FromStr;

use serde::{Deserialize, Serialize};

/// A colour of cloth: red, green and blue, in the sRGB every screen has.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash, Serialize, Deserialize)]
#[serde(try_from = "String", into = "String")]
pub struct Colour([u8; 3]);

/// What was read where a colour was expected.
#[derive(Debug, Clone, PartialEq, Eq, thiserror::Error)]
#[error("a colour is “#” and six of 0–9 and a–f, as #2f4468; “{0}” is not")]
pub struct NoColour(String);

impl Colour {
    /// A colour by its three parts.
    #[must_use]
    pub const fn rgb(red: u8, green: u8, blue: u8) -> Colour {
        Colour([red, green, blue])
    }

    /// How light it is to the eye: 0 black, 1 white (the relative luminance of WCAG 2).
    #[must_use]
    pub fn luminance(self) -> f64 {
        let linear = |part: u8| {
            let share = f64::from(part) / 255.0;
            if share <= 0.04045 { share / 12.92 } else { ((share + 0.055) / 1.055).powf(2.4) }
        };
        let [red, green, blue] = self.0.map(linear);
        0.2126 * red + 0.7152 * green + 0.0722 * blue
    }
}

impl fmt::Display for Colour {
    fn fmt(&self, f: &mut fmt::Formatter<'_>) -> fmt::Result {
        let [red, green, blue] = self.0;
        write!(f, "#{red:02x}{green:02x}{blue:02x}")
    }
}

impl FromStr for Colour {
    type Err = NoColour;

    fn from_str(text: &str) -> Result<Colour, NoColour> {
        let no = || NoColour(text.chars().take(20).collect());
        let digits = text.strip_prefix('#').filter(|digits| digits.len() == 6).ok_or_else(no)?;
        if !digits.bytes().all(|each| each.is_ascii_hexdigit()) {
            return Err(no());
        }
        let number = u32::from_str_radix(digits, 16).map_err(|_| no())?;
        let [_, red, green, blue] = number.to_be_bytes();
        Ok(Colour([red, green, blue]))
    }
}

impl TryFrom<String> for Colour {
    type Error = NoColour;

    fn try_from(text: String) -> Result<Colour, NoColour> {
        text.parse()
    }
}

impl From<Colour> for String {
    fn from(colour: Colour) -> String {
        colour.to_string()
    }
}

#[cfg(feature = "schema")]
mod schema {
    use utoipa::openapi::schema::{ObjectBuilder, Type};
    use utoipa::openapi::{RefOr, Schema};

    impl utoipa::PartialSchema for super::Colour {
        fn schema() -> RefOr<Schema> {
            ObjectBuilder::new()
                .schema_type(Type::String)
                .pattern(Some("^#[0-9a-fA-F]{6}$"))
                .description(Some("A colour of cloth: “#” and six of 0–9 and a–f."))
                .build()
                .into()
        }
    }

    impl utoipa::ToSchema for super::Colour {}
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn a_colour_reads_back_what_it_writes_and_nothing_else() {
        for text in ["#2f4468", "#000000", "#ffffff"] {
            assert_eq!(text.parse::<Colour>().expect("a colour").to_string(), text);
        }
        for text in ["2f4468", "#2f446", "#2f44689", "#2g4468", "#+f4468", "", "#é446"] {
            assert!(text.parse::<Colour>().is_err(), "{text}");
        }
    }

    #[test]
    fn white_is_light_and_black_is_not() {
        assert!((Colour::rgb(255, 255, 255).luminance() - 1.0).abs() < 1e-9);
        assert!(Colour::rgb(0, 0, 0).luminance() < 1e-9);
        assert!(Colour::rgb(0, 255, 0).luminance() > Colour::rgb(0, 0, 255).luminance());
    }
}
