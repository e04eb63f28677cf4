//! An account's settings.

use actix_web::web::{Data, Json};
use actix_web::{HttpResponse, get, post, put};
use serde::Serialize;
use utoipa::ToSchema;
use utoipa_actix_web::service_config::ServiceConfig;
use uuid::Uuid;
use vemble_fit::{Habits, Job, JobError, settle, what_changed};
use vemble_store::{OnRail, StoreError, account, rail};

use crate::app::App;
use crate::body::Body;
use crate::etag::{IfMatch, tagged};
use crate::jobs;
use crate::problem::{Problem, Refusals};
use crate::signed_in::{AtWork, SignedIn};

/// The settings in force.
#[utoipa::path(responses((status = 200, body = Habits, headers(("ETag" = String))), Refusals))]
#[get("/habits")]
async fn read_habits(app: Data<App>, by: AtWork) -> Result<HttpResponse, Problem> {
    let account = app.store(move |conn| account::get(conn, by.account)).await?;
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
    habits.check().map_err(|error| JobError::at(error.path.clone(), error))?;
    let (version, habits) =
        app.store(move |conn| Ok((account::put_habits(conn, id, &habits, expected)?, habits))).await?;
    Ok(tagged(version, &habits))
}

/// What other settings would change on one garment.
#[derive(Serialize, ToSchema)]
pub struct HabitEffect {
    /// The garment.
    garment: Uuid,
    /// What it is called.
    name: String,
    /// What would come out differently, in words.
    changes: Vec<String>,
}

/// What these settings would change on every garment, set against the settings in force. Nothing is kept.
#[utoipa::path(request_body = Habits, responses((status = 200, body = Vec<HabitEffect>), Refusals))]
#[post("/habits/effect")]
async fn habits_effect(
    app: Data<App>,
    SignedIn(account): SignedIn,
    Body(habits): Body<Habits>,
) -> Result<Json<Vec<HabitEffect>>, Problem> {
    habits.check().map_err(|error| JobError::at(error.path.clone(), error))?;
    let jobs = app
        .run_long(move |conn| {
            let rows = rail::list(conn, account)?;
            let load = |row: OnRail| {
                let fitting = row.fitting.map(|(id, _)| id);
                Ok((row.id, jobs::newest(conn, account, row.garment, fitting)?))
            };
            Ok(rows.into_iter().map(load).collect::<Result<Vec<_>, StoreError>>()?)
        })
        .await?;
    let compare = move || {
        let mut effects = Vec::new();
        for (garment, job) in jobs {
            let other = Job { habits: habits.clone(), ..job.clone() };
            // What cannot be worked out either way is not changed by a habit.
            let (Ok((_, now)), Ok((_, then))) = (settle(&job), settle(&other)) else { continue };
            let changes = what_changed(&now, &then, habits.scale);
            if !changes.is_empty() {
                effects.push(HabitEffect { garment, name: job.garment.name, changes });
            }
        }
        Ok(effects)
    };
    Ok(Json(app.compute(account, compare).await?))
}

/// The routes of this module.
pub fn configure(config: &mut ServiceConfig<'_>) {
    config.service(read_habits).service(write_habits).service(habits_effect);
}
