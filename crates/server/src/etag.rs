//! Versions in headers: `ETag` out, `If-Match` in.

use std::future::{Ready, ready};

use actix_web::dev::Payload;
use actix_web::{FromRequest, HttpRequest, HttpResponse};
use serde::Serialize;
use vemble_store::Expected;

use crate::problem::Problem;

/// The version a writer read.
pub struct IfMatch(pub Expected);

impl FromRequest for IfMatch {
    type Error = Problem;
    type Future = Ready<Result<Self, Problem>>;

    fn from_request(request: &HttpRequest, _: &mut Payload) -> Self::Future {
        let Some(header) = request.headers().get("if-match") else {
            return ready(Ok(IfMatch(Expected::Unsaid)));
        };
        let version = header.to_str().ok().and_then(|text| text.trim_matches('"').parse().ok());
        ready(version.map(|version| IfMatch(Expected::Version(version))).ok_or_else(|| {
            Problem::unreadable(
                "If-Match",
                "In the If-Match header: send one version in quotes, such as \"3\".",
            )
        }))
    }
}

/// A record with its version in the `ETag`.
pub fn tagged(version: i64, record: &impl Serialize) -> HttpResponse {
    HttpResponse::Ok().insert_header(("ETag", format!("\"{version}\""))).json(record)
}
