//! Browsers that have signed in before, told by a cookie that opens nothing by itself.

use actix_web::HttpRequest;
use actix_web::cookie::time::Duration;
use actix_web::cookie::{Cookie, SameSite};
use sha2::{Digest, Sha256};
use uuid::Uuid;

const COOKIE: &str = "vemble_known";

/// The hash of what this browser is known by, where it is.
#[must_use]
pub fn of(request: &HttpRequest) -> Option<String> {
    request.cookie(COOKIE).map(|cookie| hash(cookie.value()))
}

/// What this browser is known by from now on: the hash, and the cookie that carries it for a year.
#[must_use]
pub fn remember(request: &HttpRequest, https: bool) -> (String, Cookie<'static>) {
    let key = request.cookie(COOKIE).map(|cookie| cookie.value().to_owned());
    let key = key.filter(|key| Uuid::parse_str(key).is_ok()).unwrap_or_else(|| Uuid::new_v4().to_string());
    let hash = hash(&key);
    let cookie = Cookie::build(COOKIE, key)
        .path("/")
        .http_only(true)
        .same_site(SameSite::Strict)
        .secure(https)
        .max_age(Duration::days(365))
        .finish();
    (hash, cookie)
}

fn hash(key: &str) -> String {
    Sha256::digest(key.as_bytes()).iter().map(|byte| format!("{byte:02x}")).collect()
}
