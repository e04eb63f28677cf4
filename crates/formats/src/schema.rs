//! The JSON Schemas of the job file and of the workroom file.

use utoipa::ToSchema;
use vemble_fit::Job;

use crate::workroom_file::Workroom;

/// The schema of a job file, as JSON Schema 2020-12.
#[must_use]
pub fn job_schema() -> serde_json::Value {
    schema_of::<Job>("Vemble job file")
}

/// The schema of what is in a workroom file, as JSON Schema 2020-12.
#[must_use]
pub fn workroom_schema() -> serde_json::Value {
    schema_of::<Workroom>("Vemble workroom")
}

fn schema_of<T: ToSchema>(title: &str) -> serde_json::Value {
    let mut parts = Vec::new();
    T::schemas(&mut parts);
    let definitions: serde_json::Map<String, serde_json::Value> = parts
        .into_iter()
        .filter_map(|(name, schema)| Some((name, serde_json::to_value(schema).ok()?)))
        .collect();
    let mut root = serde_json::to_value(T::schema()).unwrap_or_default();
    if let Some(object) = root.as_object_mut() {
        object.insert("$schema".into(), "https://json-schema.org/draft/2020-12/schema".into());
        object.insert("title".into(), title.into());
        object.insert("$defs".into(), definitions.into());
    }
    // The derive points into an OpenAPI document; a schema by itself keeps its parts in $defs.
    let text = root.to_string().replace("#/components/schemas/", "#/$defs/");
    serde_json::from_str(&text).unwrap_or_default()
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn every_reference_has_its_definition() {
        for schema in [job_schema(), workroom_schema()] {
            let text = schema.to_string();
            let names: Vec<&str> =
                text.split("#/$defs/").skip(1).filter_map(|rest| rest.split('"').next()).collect();
            assert!(names.len() > 10, "{names:?}");
            for name in names {
                assert!(schema["$defs"].get(name).is_some(), "{name}");
            }
        }
    }
}
