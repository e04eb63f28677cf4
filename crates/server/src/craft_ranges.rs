//! The ranges of the craft in what the OpenAPI document says of each field: the same that a job is checked against.

use utoipa::openapi::schema::{
    AdditionalProperties, ArrayItems, Object, ObjectBuilder, Schema, SchemaType, Type,
};
use utoipa::openapi::{OpenApi, RefOr};
use vemble_fit::{RANGES, Range};

/// Writes every range into what the document says of its fields.
pub fn write_into(document: &mut OpenApi) {
    let Some(components) = &mut document.components else { return };
    for range in RANGES {
        for (name, field) in range.fields {
            if let Some(property) = components.schemas.get_mut(*name).and_then(|of| property(of, field)) {
                match field.ends_with("[]") {
                    true => count(property, range),
                    false => bound(property, range),
                }
            }
        }
    }
}

/// A property by its name; of one of several things, by the name of the thing and a full stop before it.
fn property<'a>(schema: &'a mut RefOr<Schema>, field: &str) -> Option<&'a mut RefOr<Schema>> {
    let (of, name) = match field.trim_end_matches("[]").split_once('.') {
        Some((of, name)) => (Some(of), name),
        None => (None, field.trim_end_matches("[]")),
    };
    match (schema, of) {
        (RefOr::T(Schema::Object(object)), None) => object.properties.get_mut(name),
        (RefOr::T(Schema::OneOf(ways)), Some(of)) => ways.items.iter_mut().find_map(|way| match way {
            RefOr::T(Schema::Object(object)) if is(object, of) => object.properties.get_mut(name),
            _ => None,
        }),
        _ => None,
    }
}

/// True for the one of several things that is marked with this word.
fn is(object: &Object, word: &str) -> bool {
    object.properties.values().any(|property| match property {
        RefOr::T(Schema::Object(tag)) => {
            tag.enum_values.as_ref().is_some_and(|words| words.len() == 1 && words[0] == word)
        }
        _ => false,
    })
}

/// Bounds a number, or each number of a list or a table.
fn bound(property: &mut RefOr<Schema>, range: &Range) {
    let (least, most) = (Some(range.least), Some(range.most));
    match property {
        // A length: a number in millimetres, with bounds of its own.
        RefOr::Ref(length) => {
            let own = format!("{} In millimetres.", length.description);
            let number = ObjectBuilder::new().schema_type(Type::Number).description(Some(own.trim_start()));
            *property = RefOr::T(number.minimum(least).maximum(most).build().into());
        }
        RefOr::T(Schema::Object(object)) => match object.additional_properties.as_deref_mut() {
            Some(AdditionalProperties::RefOr(each)) => bound(each, range),
            _ if object.schema_type == SchemaType::Type(Type::Null) => {}
            _ => (object.minimum, object.maximum) = (least.map(Into::into), most.map(Into::into)),
        },
        RefOr::T(Schema::Array(list)) => {
            if let ArrayItems::RefOrSchema(each) = &mut list.items {
                bound(each, range);
            }
        }
        RefOr::T(Schema::OneOf(ways)) => ways.items.iter_mut().for_each(|way| bound(way, range)),
        _ => {}
    }
}

/// Bounds how many rows a list has, or how many characters a string.
fn count(property: &mut RefOr<Schema>, range: &Range) {
    let (least, most) = (range.least as usize, range.most as usize);
    match property {
        RefOr::T(Schema::Array(list)) => {
            (list.min_items, list.max_items) = (Some(least).filter(|least| *least > 0), Some(most));
        }
        RefOr::T(Schema::Object(object)) => object.max_length = Some(most),
        _ => {}
    }
}

#[cfg(test)]
mod tests {
    use serde_json::Value;
    use vemble_fit::RANGES;

    /// The bounds that stand anywhere in what is said of a field.
    fn bounds(said: &Value, found: &mut Vec<[f64; 2]>) {
        match said {
            Value::Object(fields) => {
                let own = |name: &str| fields.get(name).and_then(Value::as_f64);
                let pairs = [("minimum", "maximum"), ("minItems", "maxItems"), ("minLength", "maxLength")];
                found.extend(
                    pairs
                        .iter()
                        .filter_map(|(least, most)| own(most).map(|most| [own(least).unwrap_or(0.0), most])),
                );
                fields.values().for_each(|each| bounds(each, found));
            }
            Value::Array(all) => all.iter().for_each(|each| bounds(each, found)),
            _ => {}
        }
    }

    #[test]
    fn every_range_of_the_craft_stands_in_the_document() {
        let document = serde_json::to_value(crate::openapi()).expect("JSON");
        for range in RANGES {
            for (name, field) in range.fields {
                let schema = &document["components"]["schemas"][*name];
                let last = field.trim_end_matches("[]").rsplit('.').next().expect("a name");
                let ways = schema["oneOf"].as_array().into_iter().flatten().chain([schema]);
                let said = ways
                    .filter(|way| {
                        let of = field.split_once('.').map(|(of, _)| of);
                        of.is_none_or(|of| {
                            way["properties"]
                                .as_object()
                                .into_iter()
                                .flatten()
                                .any(|(_, tag)| tag["enum"] == serde_json::json!([of]))
                        })
                    })
                    .map(|way| &way["properties"][last])
                    .find(|said| !said.is_null())
                    .unwrap_or_else(|| panic!("{name} has no {field}"));
                let mut found = Vec::new();
                bounds(said, &mut found);
                assert!(found.contains(&[range.least, range.most]), "{name}.{field}: {said}");
            }
        }
        assert!(RANGES.len() > 55);
    }
}
