//! The built web application, carried in the binary.

use actix_web::http::Method;
use actix_web::{HttpRequest, HttpResponse};
use rust_embed::RustEmbed;
use uuid::Uuid;

use crate::problem::Problem;

#[derive(RustEmbed)]
#[folder = "../../web/dist"]
#[allow_missing = true]
struct Web;

/// Stands in the page where the nonce of its styles goes.
const NONCE: &str = "%NONCE%";

/// What a page may load: only what this server sends; styles only with the page's nonce.
fn policy(nonce: &str) -> String {
    format!(
        "default-src 'none'; script-src 'self'; style-src 'self' 'nonce-{nonce}'; img-src 'self' data:; \
         font-src 'self'; connect-src 'self'; manifest-src 'self'; base-uri 'none'; form-action 'none'; \
         frame-ancestors 'none'"
    )
}

/// Any address that is not the API: a file of the application, or its page.
pub async fn serve(request: HttpRequest) -> Result<HttpResponse, Problem> {
    let path = request.path().trim_start_matches('/');
    if path.starts_with("api/") || path == "api" {
        return Err(Problem::not_found());
    }
    if !matches!(*request.method(), Method::GET | Method::HEAD) {
        return Err(Problem::wrong_method());
    }
    if !path.is_empty()
        && path != "index.html"
        && let Some(file) = Web::get(path)
    {
        // Built files carry a hash of their content in their name.
        let cache =
            if path.starts_with("assets/") { "public, max-age=31536000, immutable" } else { "no-cache" };
        return Ok(HttpResponse::Ok()
            .content_type(file.metadata.mimetype())
            .insert_header(("Cache-Control", cache))
            .body(file.data.into_owned()));
    }
    if path.starts_with("assets/") {
        return Err(Problem::not_found());
    }
    let page = Web::get("index.html").ok_or_else(Problem::not_found)?;
    let nonce = Uuid::new_v4().simple().to_string();
    let page = String::from_utf8_lossy(&page.data).replace(NONCE, &nonce);
    Ok(HttpResponse::Ok()
        .content_type("text/html; charset=utf-8")
        .insert_header(("Cache-Control", "no-store"))
        .insert_header(("Content-Security-Policy", policy(&nonce)))
        .body(page))
}
