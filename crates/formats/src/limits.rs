//! What any JSON may hold, whatever it is of: so many rows in a list, no field twice, no control characters in a
//! string, no day in another age. It is looked over as it is read, before anything is made of it.

use std::collections::HashSet;
use std::fmt;
use std::io::Read;
use std::ops::RangeInclusive;

use chrono::{Datelike, NaiveDate};
use serde::de::{DeserializeSeed, Deserializer, MapAccess, SeqAccess, Visitor};
use thiserror::Error;

/// Most rows in one list: the pins of the largest fitting, and more than a garment has of anything.
pub const MOST_ROWS: usize = 400;
/// Most characters in one string.
pub const MOST_CHARACTERS: usize = 4_000;
/// Lists that grow over the years, and the most rows in them.
pub const LONG_LISTS: [(&str, usize); 1] = [("timings", 20_000)];
/// The lists of a whole workroom: what is in them came in by itself, one at a time.
pub const WORKROOM_LISTS: [(&str, usize); 4] =
    [("wearers", 200_000), ("garments", 20_000), ("fittings", 999), ("works", MOST_ROWS)];
/// Years a day may lie in.
pub(crate) const YEARS: RangeInclusive<i32> = 1900..=2200;

/// A value beyond a limit.
#[derive(Debug, Clone, PartialEq, Eq, Error)]
#[error("{detail}")]
pub struct Beyond {
    /// A stable name: `limit.rows`.
    pub code: &'static str,
    /// Where it stands.
    pub path: String,
    /// What was read and what is allowed.
    pub detail: String,
}

impl Beyond {
    fn new(code: &'static str, path: &str, detail: String) -> Beyond {
        Beyond { code, path: path.to_owned(), detail }
    }

    /// A sign that is no writing.
    pub(crate) fn control(path: &str, sign: char) -> Beyond {
        let detail = format!(
            "\"{path}\" was read with the control character U+{:04X}; it can have none.",
            u32::from(sign)
        );
        Beyond::new("limit.characters", path, detail)
    }

    /// A string of so many characters.
    pub(crate) fn characters(path: &str, count: usize) -> Beyond {
        let detail = format!(
            "\"{path}\" was read with {count} characters; it can have {MOST_CHARACTERS} at the most."
        );
        Beyond::new("limit.characters", path, detail)
    }

    /// A day in another age.
    pub(crate) fn day(path: &str, year: i32) -> Beyond {
        let [first, last] = [YEARS.start(), YEARS.end()];
        let detail =
            format!("\"{path}\" was read as a day in the year {year}; it can be from {first} to {last}.");
        Beyond::new("limit.date", path, detail)
    }

    /// A list of more rows than `most`.
    pub(crate) fn rows(path: &str, most: usize) -> Beyond {
        let detail = format!("\"{path}\" was read with more than {most} rows; that is the most it can have.");
        Beyond::new("limit.rows", path, detail)
    }

    /// A table of more fields than any may have.
    pub(crate) fn fields(path: &str) -> Beyond {
        let detail = format!("\"{path}\" has more than {MOST_ROWS} fields; that is the most it can have.");
        Beyond::new("limit.rows", path, detail)
    }
}

/// The first sign of a string that is no writing: lines and tabs are.
pub(crate) fn control(written: &str) -> Option<char> {
    written.chars().find(|sign| is_control(*sign))
}

pub(crate) fn is_control(sign: char) -> bool {
    sign.is_control() && !['\n', '\r', '\t'].contains(&sign)
}

/// The year of what is written as a day, where no day may lie in it. What is read as a day is one however it is spelt:
/// `26-11-16` lies in the year 26.
pub(crate) fn year_beyond(path: &str, written: &str) -> Option<i32> {
    let read = || path.ends_with("_on").then(|| written.parse::<NaiveDate>().ok()).flatten();
    year(written).or_else(|| read().map(|day| day.year())).filter(|year| !YEARS.contains(year))
}

/// The most rows in the lists of a name.
#[must_use]
pub fn most_rows(name: &str) -> usize {
    most(&LONG_LISTS, name).unwrap_or(MOST_ROWS)
}

/// The most rows in a list of a name, where `lists` may be longer than others.
pub(crate) fn most_of(lists: &[(&str, usize)], name: &str) -> usize {
    most(lists, name).unwrap_or_else(|| most_rows(name))
}

fn most(lists: &[(&str, usize)], name: &str) -> Option<usize> {
    lists.iter().find(|(list, _)| *list == name).map(|(_, most)| *most)
}

/// Looks JSON over before anything is made of it. `lists` may be longer than others. What is no JSON is left to
/// whoever reads it, who says where.
///
/// # Errors
/// [`Beyond`] with the first value beyond a limit.
pub fn look_over(json: &[u8], lists: &[(&str, usize)]) -> Result<(), Beyond> {
    looked_over(serde_json::Deserializer::from_slice(json), lists)
}

/// The same of JSON that is read as it is looked over.
///
/// # Errors
/// [`Beyond`] with the first value beyond a limit.
pub fn look_over_read(json: impl Read, lists: &[(&str, usize)]) -> Result<(), Beyond> {
    looked_over(serde_json::Deserializer::from_reader(json), lists)
}

fn looked_over<'de>(
    mut reader: serde_json::Deserializer<impl serde_json::de::Read<'de>>,
    lists: &[(&str, usize)],
) -> Result<(), Beyond> {
    let mut found = None;
    // An error is either the limit that was found, or bad JSON.
    let _ = Look { path: "", name: "", lists, found: &mut found }.deserialize(&mut reader);
    found.map_or(Ok(()), Err)
}

/// One value on its way past.
struct Look<'a> {
    path: &'a str,
    name: &'a str,
    lists: &'a [(&'a str, usize)],
    found: &'a mut Option<Beyond>,
}

impl Look<'_> {
    fn beyond<E: serde::de::Error>(&mut self, beyond: Beyond) -> E {
        *self.found = Some(beyond);
        E::custom("beyond a limit")
    }

    /// One string: what it may not hold, and the age of a day.
    fn text<E: serde::de::Error>(&mut self, written: &str) -> Result<(), E> {
        let path = self.path;
        let length = written.chars().count();
        let beyond = control(written)
            .map(|sign| Beyond::control(path, sign))
            .or_else(|| (length > MOST_CHARACTERS).then(|| Beyond::characters(path, length)))
            .or_else(|| year_beyond(path, written).map(|year| Beyond::day(path, year)));
        beyond.map_or(Ok(()), |beyond| Err(self.beyond(beyond)))
    }
}

impl<'de> DeserializeSeed<'de> for Look<'_> {
    type Value = ();

    fn deserialize<D: Deserializer<'de>>(self, reader: D) -> Result<(), D::Error> {
        reader.deserialize_any(self)
    }
}

impl<'de> Visitor<'de> for Look<'_> {
    type Value = ();

    fn expecting(&self, f: &mut fmt::Formatter<'_>) -> fmt::Result {
        f.write_str("any JSON")
    }

    fn visit_bool<E>(self, _: bool) -> Result<(), E> {
        Ok(())
    }

    fn visit_i64<E>(self, _: i64) -> Result<(), E> {
        Ok(())
    }

    fn visit_u64<E>(self, _: u64) -> Result<(), E> {
        Ok(())
    }

    fn visit_f64<E>(self, _: f64) -> Result<(), E> {
        Ok(())
    }

    fn visit_unit<E>(self) -> Result<(), E> {
        Ok(())
    }

    fn visit_str<E: serde::de::Error>(mut self, written: &str) -> Result<(), E> {
        self.text(written)
    }

    fn visit_seq<A: SeqAccess<'de>>(mut self, mut rows: A) -> Result<(), A::Error> {
        let most = most_of(self.lists, self.name);
        let mut count = 0;
        loop {
            let path = format!("{}[{count}]", self.path);
            let row = Look { path: &path, name: self.name, lists: self.lists, found: self.found };
            if rows.next_element_seed(row)?.is_none() {
                return Ok(());
            }
            count += 1;
            if count > most {
                return Err(self.beyond(Beyond::rows(self.path, most)));
            }
        }
    }

    fn visit_map<A: MapAccess<'de>>(mut self, mut fields: A) -> Result<(), A::Error> {
        let mut known = HashSet::new();
        while let Some(field) = fields.next_key::<String>()? {
            let path = if self.path.is_empty() { field.clone() } else { format!("{}.{field}", self.path) };
            self.text(&field)?;
            if known.len() >= MOST_ROWS {
                return Err(self.beyond(Beyond::fields(self.path)));
            }
            fields.next_value_seed(Look {
                path: &path,
                name: &field,
                lists: self.lists,
                found: self.found,
            })?;
            if let Some(twice) = known.replace(field) {
                let detail =
                    format!("\"{path}\" stands there twice; which \"{twice}\" is meant cannot be told.");
                return Err(self.beyond(Beyond::new("limit.twice", &path, detail)));
            }
        }
        Ok(())
    }
}

/// The year of what is written as a day.
fn year(written: &str) -> Option<i32> {
    let mut parts = written.rsplitn(3, '-');
    let (day, month, year) = (parts.next()?, parts.next()?, parts.next()?);
    let two = |part: &str| part.len() == 2 && part.bytes().all(|b| b.is_ascii_digit());
    let digits = year.strip_prefix(['+', '-']).unwrap_or(year);
    let all = (4..=9).contains(&digits.len()) && digits.bytes().all(|b| b.is_ascii_digit());
    (two(day) && two(month) && all).then(|| year.parse().ok()).flatten()
}

#[cfg(test)]
mod tests {
    use super::*;
    use serde_json::{Value, json};

    fn path(body: &Value) -> Option<String> {
        look_over(body.to_string().as_bytes(), &[]).err().map(|beyond| beyond.path)
    }

    #[test]
    fn lists_strings_and_days_have_their_limits_wherever_they_stand() {
        let rows = |count: usize| vec![json!(1); count];
        assert_eq!(path(&json!({ "garment": { "clips": rows(MOST_ROWS) } })), None);
        assert_eq!(
            path(&json!({ "garment": { "clips": rows(MOST_ROWS + 1) } })).as_deref(),
            Some("garment.clips")
        );
        assert_eq!(path(&json!({ "timings": rows(5_000) })), None, "what grows over the years");
        assert_eq!(path(&json!({ "a": [{ "name": "x\u{0}y" }] })).as_deref(), Some("a[0].name"));
        assert_eq!(path(&json!({ "note": "two\nlines\tand a tab" })), None);
        assert_eq!(path(&json!({ "note": "x".repeat(MOST_CHARACTERS + 1) })).as_deref(), Some("note"));
        for (day, fine) in [
            ("2026-11-26", true),
            ("1899-12-31", false),
            ("+12026-01-01", false),
            ("-0044-03-15", false),
            ("2201-01-01", false),
            ("26-11-16", false),
            ("2026-1-6", true),
            ("chest-12-30", true),
            ("01930000-0000-7000-8000-00000000e001", true),
        ] {
            assert_eq!(path(&json!({ "held_on": day })).is_none(), fine, "{day}");
        }
        assert_eq!(path(&json!({ "note": "3-2-1" })), None, "a note is no day");
    }

    #[test]
    fn a_field_stands_in_a_map_once_and_a_workroom_holds_more_of_what_came_in_by_itself() {
        let twice = look_over(br#"{ "flats": { "hip": 1, "waist": 2, "hip": 3 } }"#, &[]).expect_err("twice");
        assert_eq!((twice.code, twice.path.as_str()), ("limit.twice", "flats.hip"));
        assert_eq!(look_over(br#"{ "a": [ tru"#, &[]), Ok(()), "bad JSON is said by who reads it");
        let many = json!({ "garments": vec![json!({}); 500] }).to_string();
        assert!(look_over(many.as_bytes(), &[]).is_err());
        assert_eq!(look_over(many.as_bytes(), &WORKROOM_LISTS), Ok(()));
    }
}
