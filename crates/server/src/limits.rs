//! What any body may hold, whatever it is a body of: so many rows in a list, no control characters in a
//! string, no day in another age. The OpenAPI document says the same of every list and string in it.

use std::collections::BTreeSet;

use serde_json::Value;
use utoipa::openapi::schema::{ArrayItems, Schema};
use utoipa::openapi::{OpenApi, RefOr};

use crate::document::close;
use crate::problem::Problem;

/// Most rows in one list: the pins of the largest fitting, and more than a garment has of anything.
pub const MOST_ROWS: usize = 400;
/// Most characters in one string.
pub const MOST_CHARACTERS: usize = 4_000;
/// Lists that grow over the years, and the most rows in them.
const LONG_LISTS: [(&str, usize); 1] = [("timings", 20_000)];
/// Years a day may lie in.
const YEARS: std::ops::RangeInclusive<i32> = 1900..=2200;

fn most_rows(name: &str) -> usize {
    LONG_LISTS.iter().find(|(list, _)| *list == name).map_or(MOST_ROWS, |(_, most)| *most)
}

/// Looks a body over before anything is made of it.
///
/// # Errors
/// [`Problem::nonsense`] with the path of the first value beyond a limit.
pub fn look_over(body: &Value) -> Result<(), Problem> {
    walk(body, "", "")
}

fn walk(value: &Value, path: &str, name: &str) -> Result<(), Problem> {
    match value {
        Value::Array(rows) => {
            let most = most_rows(name);
            if rows.len() > most {
                return Err(Problem::nonsense(
                    "limit.rows",
                    path,
                    format!("\"{path}\" was read with {} rows; it can have {most} at the most.", rows.len()),
                ));
            }
            rows.iter().enumerate().try_for_each(|(i, row)| walk(row, &format!("{path}[{i}]"), name))
        }
        Value::Object(fields) => {
            if fields.len() > MOST_ROWS {
                return Err(Problem::nonsense(
                    "limit.rows",
                    path,
                    format!("\"{path}\" has {} fields; {MOST_ROWS} is the most.", fields.len()),
                ));
            }
            fields.iter().try_for_each(|(field, value)| {
                text(field, path)?;
                let path = if path.is_empty() { field.clone() } else { format!("{path}.{field}") };
                walk(value, &path, field)
            })
        }
        Value::String(written) => text(written, path),
        Value::Null | Value::Bool(_) | Value::Number(_) => Ok(()),
    }
}

/// One string: what it may not hold, and the age of a day.
fn text(written: &str, path: &str) -> Result<(), Problem> {
    // Lines and tabs are writing; everything else below a space is not.
    if let Some(c) = written.chars().find(|c| c.is_control() && !['\n', '\r', '\t'].contains(c)) {
        return Err(Problem::nonsense(
            "limit.characters",
            path,
            format!("\"{path}\" was read with the control character U+{:04X}; it can have none.", c as u32),
        ));
    }
    let length = written.chars().count();
    if length > MOST_CHARACTERS {
        return Err(Problem::nonsense(
            "limit.characters",
            path,
            format!(
                "\"{path}\" was read with {length} characters; it can have {MOST_CHARACTERS} at the most."
            ),
        ));
    }
    if let Some(year) = year(written).filter(|year| !YEARS.contains(year)) {
        return Err(Problem::nonsense(
            "limit.date",
            path,
            format!(
                "\"{path}\" was read as a day in the year {year}; it can be from {} to {}.",
                YEARS.start(),
                YEARS.end()
            ),
        ));
    }
    Ok(())
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

/// Writes the limits into what the document says of bodies, where a list or a string names none of its own.
pub fn write_into(document: &mut OpenApi) {
    let said = serde_json::to_value(&*document).unwrap_or_default();
    let mut bodies = BTreeSet::new();
    for operations in said["paths"].as_object().into_iter().flat_map(|paths| paths.values()) {
        for operation in operations.as_object().into_iter().flat_map(|operations| operations.values()) {
            refer(&operation["requestBody"], &said, &mut bodies);
        }
    }
    let Some(components) = &mut document.components else { return };
    for (_, schema) in components.schemas.iter_mut().filter(|(name, _)| bodies.contains(*name)) {
        limit(schema, "");
        close(schema);
    }
}

/// The names of all schemas that a part of the document leads to.
pub(crate) fn refer(part: &Value, document: &Value, names: &mut BTreeSet<String>) {
    match part {
        Value::Object(fields) => {
            let name = fields.get("$ref").and_then(|to| to.as_str()?.rsplit('/').next());
            if let Some(name) = name.filter(|name| names.insert((*name).to_owned())) {
                refer(&document["components"]["schemas"][name], document, names);
            }
            fields.values().for_each(|each| refer(each, document, names));
        }
        Value::Array(all) => all.iter().for_each(|each| refer(each, document, names)),
        _ => {}
    }
}

fn limit(schema: &mut RefOr<Schema>, name: &str) {
    let RefOr::T(schema) = schema else { return };
    match schema {
        Schema::Array(list) => {
            list.max_items = list.max_items.or(Some(most_rows(name)));
            if let ArrayItems::RefOrSchema(items) = &mut list.items {
                limit(items, name);
            }
        }
        Schema::Object(object) => {
            let is_string = object.schema_type
                == utoipa::openapi::schema::SchemaType::Type(utoipa::openapi::schema::Type::String);
            if is_string && object.enum_values.is_none() && object.format.is_none() {
                object.max_length = object.max_length.or(Some(MOST_CHARACTERS));
            }
            for (field, property) in &mut object.properties {
                limit(property, field);
            }
        }
        Schema::OneOf(of) => of.items.iter_mut().for_each(|item| limit(item, name)),
        Schema::AllOf(of) => of.items.iter_mut().for_each(|item| limit(item, name)),
        Schema::AnyOf(of) => of.items.iter_mut().for_each(|item| limit(item, name)),
        _ => {}
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use serde_json::json;

    fn path(body: Value) -> Option<String> {
        look_over(&body).err().and_then(|problem| problem.path)
    }

    #[test]
    fn lists_strings_and_days_have_their_limits_wherever_they_stand() {
        let rows = |count: usize| vec![json!(1); count];
        assert_eq!(path(json!({ "garment": { "clips": rows(MOST_ROWS) } })), None);
        assert_eq!(
            path(json!({ "garment": { "clips": rows(MOST_ROWS + 1) } })).as_deref(),
            Some("garment.clips")
        );
        assert_eq!(path(json!({ "timings": rows(5_000) })), None, "what grows over the years");
        assert_eq!(path(json!({ "a": [{ "name": "x\u{0}y" }] })).as_deref(), Some("a[0].name"));
        assert_eq!(path(json!({ "note": "two\nlines\tand a tab" })), None);
        assert_eq!(path(json!({ "note": "x".repeat(MOST_CHARACTERS + 1) })).as_deref(), Some("note"));
        for (day, fine) in [
            ("2026-11-26", true),
            ("1899-12-31", false),
            ("+12026-01-01", false),
            ("-0044-03-15", false),
            ("2201-01-01", false),
            ("chest-12-30", true),
            ("01930000-0000-7000-8000-00000000e001", true),
        ] {
            assert_eq!(path(json!({ "held_on": day })).is_none(), fine, "{day}");
        }
    }
}
