//! The HTTP interface. One module a resource, and no craft in any of them.

mod app;
mod assets;
mod attempts;
mod body;
mod changing;
mod craft_ranges;
mod document;
mod etag;
mod gate;
mod guest_share;
mod jobs;
mod known_browser;
mod limits;
mod live;
mod private;
mod problem;
mod restores;
mod routes;
mod session_keeper;
mod signed_in;
mod stream;
mod tidy;
mod whose_page;
mod within;
mod workers;
pub mod workroom;

use std::net::TcpListener;

use actix_session::SessionMiddleware;
use actix_session::config::PersistentSession;
use actix_web::cookie::{Key, SameSite};
use actix_web::middleware::{Compress, DefaultHeaders, from_fn};
use actix_web::web::{self, Data, Json};
use actix_web::{HttpServer, dev::Server};
use utoipa::OpenApi;
use utoipa_actix_web::{AppExt, scope};
use vemble_store::{StoreError, rail, session};

pub use app::{App, Options};
pub use body::BODY_LIMIT;

#[derive(OpenApi)]
#[openapi(
    components(schemas(problem::Problem)),
    info(
        title = "Vemble",
        description = "Fits and alters garments: readings to lines, lines to girths, decisions to a work order. \
                   Lengths are millimetres; ids are UUIDs made by the client, so that a request can be repeated. \
                   A page of a browser sends the `page` that `GET /session` named with every request, as \
                   `Vemble-Page` or as `page` in the address; once somebody else is signed in in that browser, the \
                   request is refused with `page.another`."
    )
)]
struct Document;

fn routes(config: &mut utoipa_actix_web::service_config::ServiceConfig<'_>) {
    routes::accounts::configure(config);
    routes::habits::configure(config);
    routes::wearers::configure(config);
    routes::garments::configure(config);
    routes::files::configure(config);
    routes::fittings::configure(config);
    routes::changes::configure(config);
    routes::guests::configure(config);
    routes::compute::configure(config);
    routes::words::configure(config);
    routes::workroom::configure(config);
}

/// The OpenAPI document.
#[must_use]
pub fn openapi() -> utoipa::openapi::OpenApi {
    let (_, mut document) = actix_web::App::new()
        .into_utoipa_app()
        .openapi(Document::openapi())
        .service(scope::scope("/api").configure(routes::health::configure))
        .service(scope::scope("/api/v1").configure(routes))
        .split_for_parts();
    limits::write_into(&mut document);
    craft_ranges::write_into(&mut document);
    document::tighten(&mut document);
    document
}

/// Serves on an open socket until it is told to stop.
///
/// # Errors
/// When the database or the socket does not answer.
pub fn serve(app: App, listener: TcpListener, workers: usize) -> Result<Server, ServeError> {
    let mut conn = app.store.conn()?;
    let key = Key::from(&session::cookie_key(&mut conn, Key::generate().master())?);
    // Another build may say something else of the same state.
    rail::forget(&mut conn)?;
    drop(conn);
    let document = openapi();
    let keeper = session_keeper::SessionKeeper::new(app.store.clone());
    let server = HttpServer::new(move || {
        let document = document.clone();
        let sessions = SessionMiddleware::builder(keeper.clone(), key.clone())
            .cookie_name("vemble".to_owned())
            .cookie_http_only(true)
            .cookie_same_site(SameSite::Strict)
            .cookie_secure(app.options.https)
            .session_lifecycle(PersistentSession::default().session_ttl(session_keeper::COOKIE_FOR))
            .build();
        actix_web::App::new()
            .app_data(Data::new(app.clone()))
            .app_data(web::PayloadConfig::new(BODY_LIMIT))
            .app_data(web::PathConfig::default().error_handler(|_, _| problem::Problem::not_found().into()))
            .app_data(web::QueryConfig::default().error_handler(|error, _| {
                problem::Problem::unreadable("query", format!("In the address: {error}.")).into()
            }))
            .wrap(from_fn(tidy::tidy))
            .wrap(Compress::default())
            .wrap(headers(app.options.https))
            .wrap(tracing_actix_web::TracingLogger::default())
            .into_utoipa_app()
            .service(
                scope::scope("/api")
                    .route("/openapi.json", web::get().to(move || std::future::ready(Json(document.clone()))))
                    .configure(routes::health::configure)
                    // Pages come without a session, so that they come when the database does not.
                    .service(
                        scope::scope("/v1")
                            .wrap(from_fn(whose_page::whose_page))
                            .wrap(sessions)
                            .wrap(from_fn(private::private))
                            .configure(routes),
                    ),
            )
            .into_app()
            .default_service(web::to(assets::serve))
    })
    .workers(workers)
    .shutdown_timeout(5)
    .listen(listener)?;
    Ok(server.run())
}

/// Headers of every response; the page adds its own policy for content.
fn headers(https: bool) -> DefaultHeaders {
    let headers = DefaultHeaders::new()
        .add(("X-Content-Type-Options", "nosniff"))
        .add(("X-Frame-Options", "DENY"))
        .add(("Referrer-Policy", "no-referrer"))
        .add(("Cross-Origin-Opener-Policy", "same-origin"))
        .add(("Cross-Origin-Resource-Policy", "same-origin"))
        .add(("Permissions-Policy", "camera=(), geolocation=(), microphone=()"))
        .add(("Content-Security-Policy", "default-src 'none'; frame-ancestors 'none'"));
    // For a year, once a browser has come over TLS.
    if https { headers.add(("Strict-Transport-Security", "max-age=31536000")) } else { headers }
}

/// Why the server could not start.
#[derive(Debug, thiserror::Error)]
pub enum ServeError {
    /// The database.
    #[error(transparent)]
    Store(#[from] StoreError),
    /// The socket.
    #[error("the socket could not be used: {0}")]
    Socket(#[from] std::io::Error),
}
