//! An account's settings.

use actix_web::web::Data;
use actix_web::{HttpResponse, get, put};
use utoipa_actix_web::service_config::ServiceConfig;
use vemble_fit::{Habits, JobError};
use vemble_store::account;

use crate::app::App;
use crate::body::Body;
use crate::etag::{IfMatch, tagged};
use crate::problem::{Problem, Refusals};
use crate::signed_in::SignedIn;

/// The settings in force.
#[utoipa::path(responses((status = 200, body = Habits, headers(("ETag" = String))), Refusals))]
#[get("/habits")]
async fn read_habits(app: Data<App>, SignedIn(id): SignedIn) -> Result<HttpResponse, Problem> {
    let account = app.store(move |conn| account::get(conn, id)).await?;
    Ok(tagged(account.habits.version, &account.habits.value))
}

/// Change the settings.
#[utoipa::path(
    request_body = Habits,
    params(("If-Match" = Option<String>, Header, description = "The version read, in quotes")),
    responses((status = 200, body = Habits, headers(("ETag" = String))), Refusals)
)]
#[put("/habits")]
async fn write_habits(
    app: Data<App>,
    SignedIn(id): SignedIn,
    IfMatch(expected): IfMatch,
    Body(habits): Body<Habits>,
) -> Result<HttpResponse, Problem> {
    habits.check().map_err(|error| {
        let path = serde_json::to_value(error.rule).ok().and_then(|key| key.as_str().map(str::to_owned));
        JobError::at(format!("rules.{}", path.unwrap_or_default()), error)
    })?;
    let (version, habits) =
        app.store(move |conn| Ok((account::put_habits(conn, id, &habits, expected)?, habits))).await?;
    Ok(tagged(version, &habits))
}

/// The routes of this module.
pub fn configure(config: &mut ServiceConfig<'_>) {
    config.service(read_habits).service(write_habits);
}
