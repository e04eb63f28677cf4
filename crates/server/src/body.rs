//! A JSON body, refused with the path of the field that could not be read.

use std::future::Future;
use std::pin::Pin;
use std::time::Duration;

use actix_web::dev::Payload;
use actix_web::http::header::CONTENT_ENCODING;
use actix_web::web::Data;
use actix_web::{FromRequest, HttpMessage, HttpRequest, web};
use serde::de::DeserializeOwned;
use vemble_formats::limits::look_over;

use crate::app::App;
use crate::problem::Problem;
use crate::signed_in::asker;

/// Largest body taken: a hundred times the largest fitting.
pub const BODY_LIMIT: usize = 1024 * 1024;

/// How long a body may take to arrive; one that comes letter by letter keeps a connection from others.
pub const ARRIVES_WITHIN: Duration = Duration::from_secs(15);

/// A body larger than this is read away from the threads that answer others.
const AT_ONCE: usize = 32 * 1024;

/// A parsed JSON body.
pub struct Body<T>(pub T);

impl<T: DeserializeOwned + Send + 'static> FromRequest for Body<T> {
    type Error = Problem;
    type Future = Pin<Box<dyn Future<Output = Result<Self, Problem>>>>;

    fn from_request(request: &HttpRequest, payload: &mut Payload) -> Self::Future {
        let is_json = request.content_type().eq_ignore_ascii_case("application/json");
        let declared: Option<usize> =
            request.headers().get("content-length").and_then(|length| length.to_str().ok()?.parse().ok());
        // What is small when packed may be anything when unpacked.
        let packed = request.headers().get(CONTENT_ENCODING);
        let is_packed = packed.is_some_and(|packed| packed != "identity");
        let bytes = web::Bytes::from_request(request, payload);
        let app = request.app_data::<Data<App>>().cloned();
        let who = asker(request);
        Box::pin(async move {
            if declared.is_some_and(|length| length > BODY_LIMIT) {
                return Err(Problem::too_large(BODY_LIMIT));
            }
            if !is_json {
                return Err(Problem::not_json());
            }
            if is_packed {
                return Err(Problem::packed());
            }
            let bytes = tokio::time::timeout(ARRIVES_WITHIN, bytes).await.map_err(|_| Problem::slow())?;
            let bytes = bytes.map_err(|_| Problem::too_large(BODY_LIMIT))?;
            match app {
                Some(app) if bytes.len() > AT_ONCE => app.parse(who, move || parse(&bytes)).await.map(Body),
                _ => parse(&bytes).map(Body),
            }
        })
    }
}

fn parse<T: DeserializeOwned>(bytes: &[u8]) -> Result<T, Problem> {
    look_over(bytes, &[])?;
    // A list in the order of its fields would pass for a record.
    if bytes.iter().find(|byte| !byte.is_ascii_whitespace()) == Some(&b'[') {
        return Err(Problem::unreadable(".", "The request was read as a list; it is a record, in braces."));
    }
    let mut reader = serde_json::Deserializer::from_slice(bytes);
    let value = serde_path_to_error::deserialize(&mut reader).map_err(|error| {
        let path = error.path().to_string();
        let inner = error.into_inner();
        let field = if path == "." { "the request".to_owned() } else { format!("\"{path}\"") };
        Problem::unreadable(path, format!("In {field}: {inner}."))
    })?;
    reader.end().map_err(|error| Problem::unreadable(".", format!("After the request: {error}.")))?;
    Ok(value)
}
