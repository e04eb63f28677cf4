//! Garments on the rail, their journal and undo.

use actix_web::web::{Data, Json, Path};
use actix_web::{HttpResponse, delete, get, post, put};
use chrono::Utc;
use serde::Serialize;
use utoipa::ToSchema;
use utoipa_actix_web::service_config::ServiceConfig;
use uuid::Uuid;
use vemble_fit::garment::Figure;
use vemble_fit::plan::{Calendar, Claim, Minutes, calendar};
use vemble_fit::{HouseRule, JobError, NextAct, settle};
use vemble_store::{AccountId, Conn, GarmentRecord, JournalEntry, account, fitting, garment};

use super::wearers::name;
use crate::app::App;
use crate::body::Body;
use crate::etag::{IfMatch, tagged};
use crate::jobs;
use crate::problem::{Problem, Refusals};
use crate::signed_in::SignedIn;

/// A garment as it hangs on the rail.
#[derive(Serialize, ToSchema)]
pub struct Hanging {
    /// Its id.
    id: Uuid,
    /// Its version, as in the `ETag`.
    version: i64,
    /// The garment.
    record: GarmentRecord,
    /// What its wearer is called.
    wearer_name: Option<String>,
    /// Its newest fitting.
    fitting: Option<Uuid>,
    /// Number of that fitting.
    fitting_number: Option<i32>,
    /// What to do next.
    next: NextAct,
    /// Hands-on minutes left.
    minutes_left: Minutes,
    /// Steps done and steps in all.
    steps: [usize; 2],
    /// How much was read on it before it was changed, and is on nothing now.
    strays: usize,
    /// Its silhouette, where it has been measured.
    figure: Option<Figure>,
}

/// Every garment, the next due first, each with its next act.
#[utoipa::path(responses((status = 200, body = Vec<Hanging>), Refusals))]
#[get("/garments")]
async fn list_garments(app: Data<App>, SignedIn(account): SignedIn) -> Result<Json<Vec<Hanging>>, Problem> {
    Ok(Json(app.run(move |conn| rail(conn, account)).await?))
}

fn rail(conn: &mut Conn, account: AccountId) -> Result<Vec<Hanging>, Problem> {
    let mut rail = Vec::new();
    for (id, kept) in garment::list(conn, account)? {
        let newest = jobs::newest(fitting::list(conn, account, id)?);
        let fitted = newest.as_ref().map_or_else(jobs::blank, |(_, record)| record.fitting.clone());
        let job = jobs::assemble(conn, account, &kept.value, fitted)?;
        // What strays on one garment keeps nothing else off the rail.
        let (_, solution) =
            settle(&job).map_err(|error| Problem::from(error).on_garment(&kept.value.garment.name))?;
        let done = solution.plan.steps.iter().filter(|step| step.done).count();
        rail.push(Hanging {
            id,
            version: kept.version,
            wearer_name: kept.value.wearer.map(|_| job.wearer),
            record: kept.value,
            fitting: newest.as_ref().map(|(id, _)| *id),
            fitting_number: newest.as_ref().map(|(_, record)| record.number),
            next: solution.next,
            minutes_left: solution.plan.minutes_left,
            steps: [done, solution.plan.steps.len()],
            strays: solution.strays.len(),
            figure: solution.drawing.and_then(|drawing| drawing.figure),
        });
    }
    Ok(rail)
}

/// Free sewing time against what is due.
#[utoipa::path(responses((status = 200, body = Calendar), Refusals))]
#[get("/calendar")]
async fn read_calendar(app: Data<App>, SignedIn(account): SignedIn) -> Result<Json<Calendar>, Problem> {
    let lay = move |conn: &mut Conn| {
        let habits = account::get(conn, account)?.habits.value;
        let claims = rail(conn, account)?
            .into_iter()
            .filter(|hanging| !hanging.next.finished)
            .filter_map(|hanging| {
                Some(Claim {
                    name: hanging.record.garment.name,
                    due_on: hanging.record.due_on?,
                    minutes: hanging.minutes_left.p50,
                })
            })
            .collect();
        Ok(calendar(Utc::now().date_naive(), habits.rule(HouseRule::SewingADay), claims))
    };
    Ok(Json(app.run(lay).await?))
}

/// One garment.
#[utoipa::path(responses((status = 200, body = GarmentRecord, headers(("ETag" = String))), Refusals))]
#[get("/garments/{id}")]
async fn read_garment(
    app: Data<App>,
    SignedIn(account): SignedIn,
    id: Path<Uuid>,
) -> Result<HttpResponse, Problem> {
    let id = id.into_inner();
    let kept = app.store(move |conn| garment::get(conn, account, id)).await?;
    Ok(tagged(kept.version, &kept.value))
}

/// Write a garment whole, new or changed. Repeating it changes nothing.
#[utoipa::path(
    request_body = GarmentRecord,
    params(("If-Match" = Option<String>, Header, description = "The version read, in quotes")),
    responses((status = 200, body = GarmentRecord, headers(("ETag" = String))), Refusals)
)]
#[put("/garments/{id}")]
async fn write_garment(
    app: Data<App>,
    SignedIn(account): SignedIn,
    id: Path<Uuid>,
    IfMatch(expected): IfMatch,
    Body(mut written): Body<GarmentRecord>,
) -> Result<HttpResponse, Problem> {
    written.garment.name = name(&written.garment.name, "garment.name")?;
    written.garment.check().map_err(|error| JobError { path: format!("garment.{}", error.path), ..error })?;
    let mut seams: Vec<_> = written.garment.shape.allowances.iter().map(|allowance| allowance.seam).collect();
    seams.sort_unstable();
    if seams.windows(2).any(|pair| pair[0] == pair[1]) {
        return Err(Problem::nonsense(
            "garment.allowances",
            "garment.shape.allowances",
            "A seam stands twice among the allowances; give each seam one front and one back.",
        ));
    }
    let id = id.into_inner();
    let (version, written) =
        app.store(move |conn| Ok((garment::put(conn, account, id, &written, expected)?, written))).await?;
    Ok(tagged(version, &written))
}

/// Take a garment off the rail, with its fittings.
#[utoipa::path(responses((status = 204), Refusals))]
#[delete("/garments/{id}")]
async fn remove_garment(
    app: Data<App>,
    SignedIn(account): SignedIn,
    id: Path<Uuid>,
) -> Result<HttpResponse, Problem> {
    let id = id.into_inner();
    app.store(move |conn| garment::delete(conn, account, id)).await?;
    Ok(HttpResponse::NoContent().finish())
}

/// The last changes of a garment, newest first.
#[utoipa::path(responses((status = 200, body = Vec<JournalEntry>), Refusals))]
#[get("/garments/{id}/journal")]
async fn read_journal(
    app: Data<App>,
    SignedIn(account): SignedIn,
    id: Path<Uuid>,
) -> Result<Json<Vec<JournalEntry>>, Problem> {
    let id = id.into_inner();
    Ok(Json(app.store(move |conn| garment::journal(conn, account, id)).await?))
}

/// What was undone.
#[derive(Serialize, ToSchema)]
pub struct Undone {
    /// The change that no longer holds, in words.
    what: String,
}

/// Undo the newest change of a garment or its fittings.
#[utoipa::path(responses((status = 200, body = Undone), Refusals))]
#[post("/garments/{id}/undo")]
async fn undo_change(
    app: Data<App>,
    SignedIn(account): SignedIn,
    id: Path<Uuid>,
) -> Result<Json<Undone>, Problem> {
    let id = id.into_inner();
    let what = app.store(move |conn| garment::undo(conn, account, id)).await?;
    Ok(Json(Undone { what }))
}

/// The routes of this module.
pub fn configure(config: &mut ServiceConfig<'_>) {
    config
        .service(list_garments)
        .service(read_calendar)
        .service(read_garment)
        .service(write_garment)
        .service(remove_garment)
        .service(read_journal)
        .service(undo_change);
}
