//! What the OpenAPI document says of each route, made as strict as the server is: the statuses it can give and no
//! others, bodies that take no unknown fields.

use utoipa::openapi::path::{HttpMethod, Operation, ParameterIn};
use utoipa::openapi::schema::{AdditionalProperties, Schema};
use utoipa::openapi::{OpenApi, RefOr};

/// A route as far as its statuses depend on it.
struct Route<'a> {
    method: &'a HttpMethod,
    path: &'a str,
    has_body: bool,
    has_version: bool,
    has_query: bool,
}

/// Routes that ask nobody who they are.
const OPEN: [&str; 5] = ["/health", "/session", "/demo-session", "/guest-session", "/words"];
/// What a friend's device may read.
const FOR_GUESTS: [&str; 5] =
    ["/habits", "/fittings/{id}", "/fittings/{id}/job", "/garments/{id}", "/changes"];
/// What computes from what is kept, and may find that it cannot be worked out.
const COMPUTED: [&str; 5] = ["/solution", "/chalk.csv", "/hems.csv", "/pins.csv", "/sheet.pdf"];

/// What may be kept beyond a limit, since before there was one.
const KEPT: [&str; 3] = ["/garments/{id}", "/fittings/{id}", "/wearers/{id}"];

impl Route<'_> {
    fn ends(&self, ends: &[&str]) -> bool {
        ends.iter().any(|end| self.path.ends_with(end))
    }

    fn is(&self, method: &HttpMethod, end: &str) -> bool {
        self.method == method && self.path.ends_with(end)
    }

    fn is_open(&self) -> bool {
        (self.ends(&OPEN) && !self.is(&HttpMethod::Post, "/session"))
            || self.is(&HttpMethod::Post, "/account")
    }

    fn reads(&self) -> bool {
        *self.method == HttpMethod::Get
    }

    /// True for a status this route can give.
    fn can(&self, status: u16) -> bool {
        match status {
            400 => (self.has_body && !self.ends(&["/workroom"])) || self.has_version || self.has_query,
            401 => !self.is_open(),
            403 => !self.reads() || !(self.is_open() || self.ends(&FOR_GUESTS)),
            404 => self.path.contains("{id}") || self.ends(&["/demo-session"]),
            408 | 415 => self.has_body,
            413 => self.has_body || self.ends(&["/workroom.zip"]),
            409 => {
                self.ends(&["/undo", "/account/password"])
                    || (self.reads() && self.ends(&KEPT))
                    || self.is(&HttpMethod::Post, "/changes")
                    || self.is(&HttpMethod::Put, "/fittings/{id}")
                    || self.is(&HttpMethod::Delete, "/account")
            }
            412 | 428 => self.has_version,
            422 => self.has_body || self.ends(&COMPUTED) || self.ends(&["/tonight"]),
            429 => {
                self.ends(&["/account/password", "/guest-session"])
                    || self.is(&HttpMethod::Post, "/account")
                    || self.is(&HttpMethod::Post, "/session")
            }
            _ => true,
        }
    }
}

/// Leaves each route the statuses it can give.
pub fn tighten(document: &mut OpenApi) {
    for (path, item) in &mut document.paths.paths {
        let operations = [
            (HttpMethod::Get, &mut item.get),
            (HttpMethod::Put, &mut item.put),
            (HttpMethod::Post, &mut item.post),
            (HttpMethod::Delete, &mut item.delete),
        ];
        for (method, operation) in operations {
            if let Some(operation) = operation {
                let route = route(&method, path, operation);
                operation.responses.responses.retain(|status, _| status.parse().is_ok_and(|n| route.can(n)));
            }
        }
    }
}

fn route<'a>(method: &'a HttpMethod, path: &'a str, operation: &Operation) -> Route<'a> {
    let parameters = operation.parameters.as_deref().unwrap_or_default();
    let has = |place: ParameterIn| {
        parameters.iter().any(|each| matches!(each, RefOr::T(each) if each.parameter_in == place))
    };
    let named =
        |name: &str| parameters.iter().any(|each| matches!(each, RefOr::T(each) if each.name == name));
    Route {
        method,
        path,
        has_body: operation.request_body.is_some(),
        has_version: named("If-Match"),
        has_query: has(ParameterIn::Query),
    }
}

/// Closes an object that a body may be: the server refuses a field it does not know.
pub fn close(schema: &mut RefOr<Schema>) {
    let RefOr::T(schema) = schema else { return };
    match schema {
        Schema::Object(object) if !object.properties.is_empty() => {
            let closed = || Box::new(AdditionalProperties::FreeForm(false));
            object.additional_properties.get_or_insert_with(closed);
        }
        Schema::OneOf(of) => of.items.iter_mut().for_each(close),
        Schema::AnyOf(of) => of.items.iter_mut().for_each(close),
        _ => {}
    }
}

#[cfg(test)]
mod tests {
    use std::collections::BTreeSet;

    use serde_json::Value;

    use crate::limits::refer;

    /// The objects of a schema that take fields nobody named.
    fn open(schema: &Value) -> usize {
        let own = schema["properties"].is_object() && schema["additionalProperties"] != false;
        let ways = ["oneOf", "anyOf"].iter().filter_map(|of| schema[*of].as_array()).flatten();
        usize::from(own) + ways.map(open).sum::<usize>()
    }

    #[test]
    fn every_body_is_closed_and_every_list_and_string_in_it_has_its_limit() {
        let document = serde_json::to_value(crate::openapi()).expect("JSON");
        let mut names = BTreeSet::new();
        for operation in document["paths"].as_object().expect("paths").values() {
            for told in operation.as_object().expect("operations").values() {
                refer(&told["requestBody"], &document, &mut names);
            }
        }
        assert!(names.len() > 80, "{names:?}");
        for name in names {
            let schema = &document["components"]["schemas"][&name];
            assert_eq!(open(schema), 0, "{name} takes unknown fields");
            for (field, told) in schema["properties"].as_object().into_iter().flatten() {
                let is = |kind: &str| told["type"] == kind;
                assert!(
                    !is("array") || told["maxItems"].is_u64(),
                    "{name}.{field} is a list without a limit"
                );
                let free = is("string") && told["enum"].is_null() && told["format"].is_null();
                assert!(!free || told["maxLength"].is_u64(), "{name}.{field} is a string without a limit");
                assert!(!is("integer") || told["minimum"].is_number(), "{name}.{field} has no least");
            }
        }
    }

    #[test]
    fn each_route_says_the_statuses_it_can_give_and_no_others() {
        let document = serde_json::to_value(crate::openapi()).expect("JSON");
        let statuses = |method: &str, path: &str| -> Vec<String> {
            let told = document["paths"][path][method]["responses"].as_object().expect("responses");
            told.keys().cloned().collect()
        };
        assert_eq!(statuses("get", "/api/v1/words"), ["200", "503"]);
        assert_eq!(statuses("get", "/api/v1/garments"), ["200", "401", "403", "503"]);
        assert_eq!(statuses("get", "/api/v1/fittings/{id}"), ["200", "401", "404", "409", "503"]);
        assert_eq!(statuses("get", "/api/v1/tonight"), ["200", "400", "401", "403", "422", "503"]);
        assert!(statuses("post", "/api/v1/workroom").contains(&"202".to_owned()));
        let put = statuses("put", "/api/v1/fittings/{id}");
        assert!(
            ["409", "412", "422", "428"].iter().all(|status| put.contains(&(*status).to_owned())),
            "{put:?}"
        );
    }
}
