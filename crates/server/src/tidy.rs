//! Every refusal is a problem, whoever made it.

use std::time::Duration;

use actix_web::body::{BoxBody, MessageBody};
use actix_web::dev::{ServiceRequest, ServiceResponse};
use actix_web::http::{StatusCode, header};
use actix_web::middleware::Next;
use actix_web::web::Data;
use actix_web::{Error, ResponseError};
use vemble_store::{StoreError, ping};

use crate::app::{App, patiently};
use crate::problem::{PROBLEM_JSON, Problem};

/// How soon a database answers that is there.
const AT_ONCE: Duration = Duration::from_millis(250);

/// Turns errors of the framework into problems. A failure while the database is away, such as
/// loading a session, is told as that.
pub async fn tidy<B: MessageBody + 'static>(
    request: ServiceRequest,
    next: Next<B>,
) -> Result<ServiceResponse<BoxBody>, Error> {
    let app = request.app_data::<Data<App>>().cloned();
    let response = match next.call(request).await {
        Ok(response) => response.map_into_boxed_body(),
        Err(error) if error.as_error::<Problem>().is_some() => return Err(error),
        // A middleware failed: there is no response to mend, only an error to tell better.
        Err(error) => return Err(told_better(error.error_response().status(), app).await.into()),
    };
    let status = response.status();
    let content = response.headers().get(header::CONTENT_TYPE);
    if content.is_some_and(|content| content == PROBLEM_JSON)
        || !(status.is_client_error() || status.is_server_error())
    {
        return Ok(response);
    }
    let problem = told_better(status, app).await;
    let (request, _) = response.into_parts();
    Ok(ServiceResponse::new(request, problem.error_response()))
}

/// True when the database does not answer at once. Whoever asks has waited for it already.
async fn is_silent(app: &App) -> bool {
    patiently::<_, StoreError, _>(&app.store, AT_ONCE, ping).await.is_err()
}

async fn told_better(status: StatusCode, app: Option<Data<App>>) -> Problem {
    match status {
        StatusCode::BAD_REQUEST => Problem::unreadable("", "The request could not be read."),
        StatusCode::NOT_FOUND => Problem::not_found(),
        StatusCode::METHOD_NOT_ALLOWED => Problem::wrong_method(),
        StatusCode::PAYLOAD_TOO_LARGE => Problem::too_large(crate::BODY_LIMIT),
        _ => match app {
            Some(app) if is_silent(&app).await => Problem::unavailable(),
            _ => {
                tracing::error!(%status, "a request failed before it was read");
                Problem::internal()
            }
        },
    }
}
