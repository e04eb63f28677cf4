//! Whose page a request comes from. Two people, or a person and a friend, may share one browser: what is typed on the
//! page of one never goes into the workroom of the other, and is never shown there.

use actix_session::SessionExt;
use actix_web::Error;
use actix_web::body::MessageBody;
use actix_web::dev::{ServiceRequest, ServiceResponse};
use actix_web::http::Method;
use actix_web::middleware::Next;
use actix_web::web::Query;
use serde::Deserialize;
use uuid::Uuid;

use crate::problem::Problem;
use crate::signed_in::page_of;

/// The header in which a page says whose it is: the `page` that `GET /session` named.
pub const HEADER: &str = "Vemble-Page";

/// The same in an address, for streams and files, which browsers fetch without headers of a page.
#[derive(Deserialize)]
struct InAddress {
    page: Option<Uuid>,
}

/// What anybody's page may ask: who is in, and to come in.
const ANYBODYS: [(Method, &str); 5] = [
    (Method::GET, "/session"),
    (Method::POST, "/session"),
    (Method::POST, "/demo-session"),
    (Method::POST, "/guest-session"),
    (Method::POST, "/account"),
];

/// Refuses a request whose page is not that of who is signed in. A request that says nothing comes from a program.
pub async fn whose_page<B: MessageBody>(
    request: ServiceRequest,
    next: Next<B>,
) -> Result<ServiceResponse<B>, Error> {
    if let Some(page) = said(&request)?
        && !is_anybodys(&request)
    {
        let session = request.get_session();
        if let Some((inside, name)) = page_of(&session)
            && inside != page
        {
            return Err(Problem::anothers_page(name).into());
        }
    }
    next.call(request).await
}

fn is_anybodys(request: &ServiceRequest) -> bool {
    let path = request.path().trim_start_matches("/api/v1");
    ANYBODYS.iter().any(|(method, anybodys)| method == request.method() && *anybodys == path)
}

fn said(request: &ServiceRequest) -> Result<Option<Uuid>, Problem> {
    let unreadable = || {
        Problem::unreadable(
            HEADER,
            format!("{HEADER} could not be read; it is the page that GET /session named."),
        )
    };
    if let Some(header) = request.headers().get(HEADER) {
        return header.to_str().ok().and_then(|page| page.parse().ok()).map(Some).ok_or_else(unreadable);
    }
    let address = Query::<InAddress>::from_query(request.query_string()).map_err(|_| unreadable())?;
    Ok(address.page)
}
