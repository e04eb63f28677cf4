//! A workroom in one file: out, in, and a single job as a garment.

use std::time::Duration;

use actix_web::http::header::{
    CONTENT_ENCODING, CONTENT_LENGTH, ContentDisposition, DispositionParam, DispositionType,
};
use actix_web::web::{Bytes, Data, Json, Payload};
use actix_web::{HttpMessage, HttpRequest, HttpResponse, get, post};
use futures_util::StreamExt;
use serde::Serialize;
use utoipa::ToSchema;
use utoipa_actix_web::service_config::ServiceConfig;
use uuid::Uuid;
use vemble_fit::{JOB_FORMAT, Job, admit};
use vemble_formats::LARGEST_WORKROOM;
use vemble_store::{Expected, FittingRecord, GarmentRecord, Holdings, backup, fitting, garment, together};

use super::wearers::name;
use crate::app::App;
use crate::body::{ARRIVES_WITHIN, Body};
use crate::changing::works;
use crate::problem::{Problem, Refusals};
use crate::restores::Restoring;
use crate::signed_in::{AtWork, SignedIn};
use crate::workroom;

/// The media type of a workroom file.
const ZIP: &str = "application/zip";

/// The whole workroom as one file: a zip with everything in `workroom.json`, and a job file of each fitting.
#[utoipa::path(responses((status = 200, body = Vec<u8>, content_type = "application/zip"), Refusals))]
#[get("/workroom.zip")]
async fn save_workroom(app: Data<App>, SignedIn(account): SignedIn) -> Result<HttpResponse, Problem> {
    let bytes = app
        .gather(account, move |conn| {
            let everything = backup::read(conn, account)?;
            workroom::write(everything).map_err(|error| Problem::workroom_file(&error))
        })
        .await?;
    let disposition = ContentDisposition {
        disposition: DispositionType::Attachment,
        parameters: vec![DispositionParam::Filename("workroom.vemble.zip".to_owned())],
    };
    // It is packed already.
    let packed = (CONTENT_ENCODING, "identity");
    Ok(HttpResponse::Ok().content_type(ZIP).insert_header(packed).insert_header(disposition).body(bytes))
}

/// A body as it is, no longer than a workroom may be, and so long as it says: what grows is copied as it grows.
async fn arrived(mut payload: Payload, says: usize) -> Result<Vec<u8>, Problem> {
    if says > LARGEST_WORKROOM {
        return Err(Problem::too_large(LARGEST_WORKROOM));
    }
    let mut bytes = Vec::with_capacity(says);
    let whole = async {
        while let Some(part) = payload.next().await {
            let part: Bytes = part.map_err(|_| Problem::slow())?;
            if bytes.len() + part.len() > LARGEST_WORKROOM {
                return Err(Problem::too_large(LARGEST_WORKROOM));
            }
            bytes.extend_from_slice(&part);
        }
        Ok(bytes)
    };
    // A large file over a house's own line takes its time; a minute is as long as anything here may.
    tokio::time::timeout(4 * ARRIVES_WITHIN, whole).await.map_err(|_| Problem::slow())?
}

/// How long a request waits for a workroom file to be in before it is answered that it has begun.
const AT_ONCE: Duration = Duration::from_secs(15);

/// Restore a workroom file into this workroom, which has to be empty. All of it goes in, or nothing.
///
/// One that takes longer is answered with 202 and how far it is, at once where the header `Prefer` is
/// `respond-async`; it goes in by itself, and `GET /workroom/restoring` follows it to its end.
#[utoipa::path(
    request_body(content = Vec<u8>, content_type = "application/zip"),
    params(("Prefer" = Option<String>, Header, description = "`respond-async`: answer as soon as it has begun")),
    responses((status = 200, body = Holdings), (status = 202, body = Restoring), Refusals)
)]
#[post("/workroom")]
async fn restore_workroom(
    app: Data<App>,
    SignedIn(account): SignedIn,
    request: HttpRequest,
    payload: Payload,
) -> Result<HttpResponse, Problem> {
    if !request.content_type().eq_ignore_ascii_case(ZIP) {
        return Err(Problem::not_zip());
    }
    let prefers = request.headers().get("prefer").and_then(|prefer| prefer.to_str().ok());
    let waits = !prefers.is_some_and(|prefer| prefer.eq_ignore_ascii_case("respond-async"));
    // Held until what came is kept or refused; whoever waits for it sends nothing yet.
    let turn = app.uploading.turn(account).await?;
    let says = request.headers().get(CONTENT_LENGTH).and_then(|says| says.to_str().ok()?.parse().ok());
    let bytes = arrived(payload, says.unwrap_or(0)).await?;
    // On its own from here: who goes away does not stop it.
    let going = actix_web::rt::spawn(app.restores.begin(app.store.clone(), account, bytes, turn));
    if waits && let Ok(done) = tokio::time::timeout(AT_ONCE, going).await {
        return Ok(HttpResponse::Ok().json(done.map_err(|_| Problem::internal())??));
    }
    Ok(HttpResponse::Accepted().json(app.restores.of(account)))
}

/// How far the workroom file is that was handed over last.
#[utoipa::path(responses((status = 200, body = Restoring), Refusals))]
#[get("/workroom/restoring")]
async fn read_restoring(app: Data<App>, SignedIn(account): SignedIn) -> Json<Restoring> {
    Json(app.restores.of(account))
}

/// The garment and the fitting that a job became.
#[derive(Serialize, ToSchema)]
pub struct Imported {
    /// The garment.
    garment: Uuid,
    /// Its first fitting.
    fitting: Uuid,
}

/// Hang a job on the rail: its garment, without a wearer, with its fitting as the first.
#[utoipa::path(request_body = Job, responses((status = 201, body = Imported), Refusals))]
#[post("/jobs")]
async fn import_job(
    app: Data<App>,
    by: AtWork,
    SignedIn(account): SignedIn,
    Body(job): Body<Job>,
) -> Result<HttpResponse, Problem> {
    if job.format != JOB_FORMAT {
        return Err(Problem::nonsense(
            "job.format",
            "format",
            format!("The format was read as \"{}\"; this build reads \"{JOB_FORMAT}\".", job.format),
        ));
    }
    let (garment, first) = (Uuid::now_v7(), Uuid::now_v7());
    let mut hung = GarmentRecord { wearer: None, due_on: None, garment: job.garment.clone() };
    hung.garment.name = name(&hung.garment.name, "garment.name")?;
    let checked = job.fitting.check_keys();
    checked.map_err(|(path, error)| Problem::change(format!("fitting.{path}"), &error))?;
    let (fitted, works) = app
        .compute(account, move || {
            let admitted = admit(&job.fitting, &job)?;
            let mut fitting = job.fitting.in_order();
            fitting.progress = admitted.progress;
            Ok((FittingRecord { garment, number: 1, fitting }, works(&admitted.solution)))
        })
        .await?;
    app.store(move |conn| {
        together(conn, |conn| {
            garment::put(conn, account, &by.hand, garment, &hung, Expected::Unsaid)?;
            fitting::put(conn, account, &by.hand, first, &fitted, &works, Expected::Unsaid)
        })
    })
    .await?;
    Ok(HttpResponse::Created().json(Imported { garment, fitting: first }))
}

/// The routes of this module.
pub fn configure(config: &mut ServiceConfig<'_>) {
    config.service(save_workroom).service(restore_workroom).service(read_restoring).service(import_job);
}
