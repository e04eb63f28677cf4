//! What holds for every answer of the interface: it is nobody else's to keep, and no other site asks for it.

use actix_web::body::MessageBody;
use actix_web::dev::{ServiceRequest, ServiceResponse};
use actix_web::http::header::{CACHE_CONTROL, HOST, HeaderName, HeaderValue, ORIGIN};
use actix_web::middleware::Next;
use actix_web::{Error, http::Method};

use crate::problem::Problem;

/// What a browser says of where a request comes from.
const SEC_FETCH_SITE: HeaderName = HeaderName::from_static("sec-fetch-site");

/// Refuses changes that a page of another site asks for, and lets no cache keep an answer. `SameSite` keeps the
/// cookie from most of them already; this holds for the rest, and for browsers that do not know it.
pub async fn private<B: MessageBody>(
    request: ServiceRequest,
    next: Next<B>,
) -> Result<ServiceResponse<B>, Error> {
    if !matches!(*request.method(), Method::GET | Method::HEAD | Method::OPTIONS) && is_foreign(&request) {
        return Err(Problem::foreign_origin().into());
    }
    let mut response = next.call(request).await?;
    if !response.headers().contains_key(CACHE_CONTROL) {
        response.headers_mut().insert(CACHE_CONTROL, HeaderValue::from_static("no-store"));
    }
    Ok(response)
}

/// True when a browser says that another site's page sends this. Programs say nothing and are not browsers. What
/// `Sec-Fetch-Site` says comes first: a proxy may have changed the host, but no page can change that.
fn is_foreign(request: &ServiceRequest) -> bool {
    let said = |name: &HeaderName| request.headers().get(name).and_then(|value| value.to_str().ok());
    match (said(&SEC_FETCH_SITE), said(&ORIGIN)) {
        (Some(site), _) => !matches!(site, "same-origin" | "none"),
        (None, Some(origin)) => {
            let authority = origin.split_once("://").map_or(origin, |(_, authority)| authority);
            said(&HOST) != Some(authority)
        }
        (None, None) => false,
    }
}
