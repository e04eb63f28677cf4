//! What was kept before there were limits, cut down to them.

use serde::Serialize;
use serde::de::DeserializeOwned;
use serde_json::{Map, Value};

use crate::limits::{Beyond, MOST_CHARACTERS, MOST_ROWS, YEARS, control, is_control, most_of, year_beyond};

/// Everything of a record that is beyond a limit, and the record within them: of a list that is too long the first rows
/// stay, of a string the first characters, without signs that are no writing, and a day of another age is moved to the
/// nearest that can be.
///
/// # Errors
/// When it cannot be written as JSON, or means nothing any more once it is cut.
pub fn put_right<T: Serialize + DeserializeOwned>(record: &T) -> Result<(Vec<Beyond>, T), serde_json::Error> {
    let mut value = serde_json::to_value(record)?;
    let mut beyond = Vec::new();
    cut(&mut value, "", "", &mut beyond);
    Ok((beyond, serde_json::from_value(value)?))
}

fn cut(value: &mut Value, path: &str, name: &str, beyond: &mut Vec<Beyond>) {
    match value {
        Value::String(written) => text(written, path, beyond),
        Value::Array(rows) => {
            let most = most_of(&[], name);
            if rows.len() > most {
                beyond.push(Beyond::rows(path, most));
                rows.truncate(most);
            }
            for (i, row) in rows.iter_mut().enumerate() {
                cut(row, &format!("{path}[{i}]"), name, beyond);
            }
        }
        Value::Object(fields) => table(fields, path, beyond),
        Value::Null | Value::Bool(_) | Value::Number(_) => {}
    }
}

fn table(fields: &mut Map<String, Value>, path: &str, beyond: &mut Vec<Beyond>) {
    let unwritten: Vec<String> = fields.keys().filter(|field| control(field).is_some()).cloned().collect();
    for field in unwritten {
        beyond.extend(control(&field).map(|sign| Beyond::control(path, sign)));
        fields.remove(&field);
    }
    if fields.len() > MOST_ROWS {
        beyond.push(Beyond::fields(path));
        let over: Vec<String> = fields.keys().skip(MOST_ROWS).cloned().collect();
        for field in over {
            fields.remove(&field);
        }
    }
    for (field, value) in fields {
        let path = if path.is_empty() { field.clone() } else { format!("{path}.{field}") };
        cut(value, &path, field, beyond);
    }
}

fn text(written: &mut String, path: &str, beyond: &mut Vec<Beyond>) {
    if let Some(sign) = control(written) {
        beyond.push(Beyond::control(path, sign));
        written.retain(|sign| !is_control(sign));
    }
    let count = written.chars().count();
    if count > MOST_CHARACTERS {
        beyond.push(Beyond::characters(path, count));
        *written = written.chars().take(MOST_CHARACTERS).collect();
    }
    if let Some(year) = year_beyond(path, written) {
        beyond.push(Beyond::day(path, year));
        *written = if year < *YEARS.start() {
            format!("{}-01-01", YEARS.start())
        } else {
            format!("{}-12-31", YEARS.end())
        };
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::limits::look_over;
    use serde_json::json;

    #[test]
    fn what_is_put_right_keeps_every_limit_and_the_rest_as_it_was() {
        let long = "x".repeat(MOST_CHARACTERS + 7);
        let many: Vec<u32> = (0..1_000).collect();
        let record = json!({
            "name": "Brown\u{7} corduroys", "note": long, "due_on": "+262142-01-01", "was_on": "0001-02-03",
            "fixtures": many, "clips": [{ "what": "a\u{0}b" }], "kept": [1, 2, 3], "lines": "one\ntwo",
        });
        let (beyond, right) = put_right(&record).expect("JSON");
        assert_eq!(right["name"], "Brown corduroys");
        assert_eq!(right["note"].as_str().map(str::len), Some(MOST_CHARACTERS));
        assert_eq!((&right["due_on"], &right["was_on"]), (&json!("2200-12-31"), &json!("1900-01-01")));
        assert_eq!(right["fixtures"], json!(many[..MOST_ROWS]));
        assert_eq!(right["clips"], json!([{ "what": "ab" }]));
        assert_eq!((&right["kept"], &right["lines"]), (&record["kept"], &record["lines"]));
        let at: Vec<&str> = beyond.iter().map(|beyond| beyond.path.as_str()).collect();
        assert_eq!(at, ["clips[0].what", "due_on", "fixtures", "name", "note", "was_on"]);
        // Each is one that no way in lets through, and what is right goes in.
        assert!(look_over(record.to_string().as_bytes(), &[]).is_err());
        assert_eq!(look_over(right.to_string().as_bytes(), &[]), Ok(()));
        assert_eq!(put_right(&right).expect("JSON"), (Vec::new(), right));
    }
}
