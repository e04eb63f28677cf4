//! The limits of every body in what the OpenAPI document says of it: so many rows in a list, so many characters in a
//! string.

use std::collections::BTreeSet;

use serde_json::Value;
use utoipa::openapi::schema::{ArrayItems, Schema};
use utoipa::openapi::{OpenApi, RefOr};
use vemble_formats::limits::{MOST_CHARACTERS, most_rows};

use crate::document::close;

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
