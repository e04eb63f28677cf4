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
                    || self.is(&HttpMethod::Post, "/changes")
                    || self.is(&HttpMethod::Put, "/fittings/{id}")
                    || self.is(&HttpMethod::Delete, "/account")
            }
            412 | 428 => self.has_version,
            422 => self.has_body || self.ends(&COMPUTED),
            429 => {
                self.ends(&["/account/password", "/guest-session"])
                    || self.is(&HttpMethod::Post, "/account")
                    || self.is(&HttpMethod::Post, "/session")
                    || self.is(&HttpMethod::Get, "/changes")
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
    Route {
        method,
        path,
        has_body: operation.request_body.is_some(),
        has_version: has(ParameterIn::Header),
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
