//! Whether the server is ready.

use actix_web::get;
use actix_web::web::{Data, Json};
use serde::Serialize;
use utoipa::ToSchema;
use utoipa_actix_web::service_config::ServiceConfig;

use crate::app::App;
use crate::problem::{Problem, Refusals};

/// The answer of a ready server.
#[derive(Serialize, ToSchema)]
pub struct Health {
    /// Always `ready`; a server that is not ready answers 503.
    status: &'static str,
}

/// Ready only when PostgreSQL answers.
#[utoipa::path(responses((status = 200, body = Health), Refusals))]
#[get("/health")]
async fn read_health(app: Data<App>) -> Result<Json<Health>, Problem> {
    app.store(vemble_store::ping).await?;
    Ok(Json(Health { status: "ready" }))
}

/// The route of this module.
pub fn configure(config: &mut ServiceConfig<'_>) {
    config.service(read_health);
}
