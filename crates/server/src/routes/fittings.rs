//! Fittings: pins, decisions and the work order's ticks.

use std::collections::BTreeMap;

use actix_web::web::{Data, Json, Path};
use actix_web::{HttpResponse, get, put};
use serde::Serialize;
use utoipa::ToSchema;
use utoipa_actix_web::service_config::ServiceConfig;
use uuid::Uuid;
use vemble_fit::plan::{Plan, Progress, Work};
use vemble_fit::{Fitting, Job, Solution, Stray, settle, solve};
use vemble_store::{AccountId, Conn, FittingRecord, StoreError, fitting, garment};

use crate::app::App;
use crate::body::Body;
use crate::etag::{IfMatch, tagged};
use crate::jobs;
use crate::problem::{Problem, Refusals};
use crate::signed_in::SignedIn;

/// A fitting with id and version.
#[derive(Serialize, ToSchema)]
pub struct KeptFitting {
    /// Its id.
    id: Uuid,
    /// Its version, as in the `ETag`.
    version: i64,
    /// The fitting.
    record: FittingRecord,
}

/// Every fitting of a garment, first to last.
#[utoipa::path(responses((status = 200, body = Vec<KeptFitting>), Refusals))]
#[get("/garments/{id}/fittings")]
async fn list_fittings(
    app: Data<App>,
    SignedIn(account): SignedIn,
    id: Path<Uuid>,
) -> Result<Json<Vec<KeptFitting>>, Problem> {
    let id = id.into_inner();
    let fittings = app.store(move |conn| fitting::list(conn, account, id)).await?;
    Ok(Json(
        fittings
            .into_iter()
            .map(|(id, kept)| KeptFitting { id, version: kept.version, record: kept.value })
            .collect(),
    ))
}

/// One fitting.
#[utoipa::path(responses((status = 200, body = FittingRecord, headers(("ETag" = String))), Refusals))]
#[get("/fittings/{id}")]
async fn read_fitting(
    app: Data<App>,
    SignedIn(account): SignedIn,
    id: Path<Uuid>,
) -> Result<HttpResponse, Problem> {
    let id = id.into_inner();
    let kept = app.store(move |conn| fitting::get(conn, account, id)).await?;
    Ok(tagged(kept.version, &kept.value))
}

/// Write a fitting whole, new or changed. Repeating it changes nothing. A step whose needs or
/// stop are open is refused.
#[utoipa::path(
    request_body = FittingRecord,
    params(("If-Match" = Option<String>, Header, description = "The version read, in quotes")),
    responses((status = 200, body = FittingRecord, headers(("ETag" = String))), Refusals)
)]
#[put("/fittings/{id}")]
async fn write_fitting(
    app: Data<App>,
    SignedIn(account): SignedIn,
    id: Path<Uuid>,
    IfMatch(expected): IfMatch,
    Body(written): Body<FittingRecord>,
) -> Result<HttpResponse, Problem> {
    let id = id.into_inner();
    let (version, written) = app
        .run(move |conn| {
            let works = check(conn, account, id, &written)?;
            Ok((fitting::put(conn, account, id, &written, &works, expected)?, written))
        })
        .await?;
    Ok(tagged(version, &written))
}

/// Checks a fitting by computing it; returns what kind of work each of its steps is.
fn check(
    conn: &mut Conn,
    account: AccountId,
    id: Uuid,
    written: &FittingRecord,
) -> Result<BTreeMap<String, (Work, f64)>, Problem> {
    if !(1..=999).contains(&written.number) {
        return Err(Problem::nonsense(
            "fitting.number",
            "number",
            format!("The fitting's number was read as {}; it can be from 1 to 999.", written.number),
        ));
    }
    if let Some((path, what)) = wrong_id(&written.fitting) {
        return Err(Problem::nonsense(
            "pin.id",
            path,
            format!("The id of a {what} has 1 to 64 letters, digits or dashes."),
        ));
    }
    for (key, minutes) in &written.fitting.progress.done {
        if minutes.is_some_and(|minutes| !(0.0..=10_000.0).contains(&minutes)) {
            return Err(Problem::nonsense(
                "step.minutes",
                format!("fitting.progress.done.{key}"),
                "The minutes a step took can be from 0 to 10000.",
            ));
        }
    }
    let garment = garment::get(conn, account, written.garment)?.value;
    let before = match fitting::get(conn, account, id) {
        Ok(kept) => kept.value.fitting,
        Err(StoreError::NotFound) => jobs::blank(),
        Err(error) => return Err(error.into()),
    };
    let job = jobs::assemble(conn, account, &garment, written.fitting.clone())?;
    let (mut job, solution) = settle(&job)?;
    // What strayed because the garment was changed may stay until somebody sees to it; nothing else may.
    let fresh = |stray: &Stray| !stray.stood_in(&before, &written.fitting);
    if let Some(error) = solution.strays.into_iter().find(fresh).and_then(|stray| stray.error) {
        return Err(error.into());
    }
    check_ticks(&mut job, &solution.plan, before.progress)?;
    Ok(solution.plan.steps.into_iter().map(|step| (step.key, (step.work, step.minutes.p50))).collect())
}

/// Where an id stands that no browser makes, and of what.
fn wrong_id(fitting: &Fitting) -> Option<(String, &'static str)> {
    let pins = fitting.pins.iter().enumerate().map(|(i, pin)| (format!("pins[{i}]"), &pin.id, "pin"));
    let readings = fitting.hems.iter().enumerate().flat_map(|(i, hem)| {
        let at = move |j| format!("hems[{i}].readings[{j}]");
        hem.readings.iter().enumerate().map(move |(j, reading)| (at(j), &reading.id, "reading"))
    });
    let sums = fitting.sums.iter().enumerate().map(|(i, sum)| (format!("sums[{i}]"), &sum.id, "sum"));
    pins.chain(readings)
        .chain(sums)
        .find(|(_, id, _)| !is_id(id))
        .map(|(path, _, what)| (format!("fitting.{path}.id"), what))
}

fn is_id(id: &str) -> bool {
    (1..=64).contains(&id.len()) && id.chars().all(|c| c.is_ascii_alphanumeric() || c == '-')
}

/// Ticks the new steps one after the other in the order's own order, each against its needs and
/// stop; the confirmations are those being written.
fn check_ticks(job: &mut Job, plan: &Plan, before: Progress) -> Result<(), Problem> {
    let wanted = job.fitting.progress.clone();
    let fresh = |key: &String| !before.done.contains_key(key);
    if let Some(stray) = wanted.done.keys().find(|key| fresh(key) && plan.step(key).is_none()) {
        plan.may_tick(stray)?;
    }
    let new: Vec<String> = plan
        .steps
        .iter()
        .map(|step| step.key.clone())
        .filter(|key| wanted.done.contains_key(key) && fresh(key))
        .collect();
    job.fitting.progress = Progress {
        done: wanted.done.iter().filter(|(key, _)| !fresh(key)).map(|(k, v)| (k.clone(), *v)).collect(),
        confirmed: wanted.confirmed.clone(),
    };
    for key in new {
        solve(job)?.plan.may_tick(&key)?;
        job.fitting.progress.done.insert(key, None);
    }
    Ok(())
}

/// The job of a stored fitting, ready to compute anywhere.
#[utoipa::path(responses((status = 200, body = Job), Refusals))]
#[get("/fittings/{id}/job")]
async fn read_job(app: Data<App>, SignedIn(account): SignedIn, id: Path<Uuid>) -> Result<Json<Job>, Problem> {
    let id = id.into_inner();
    Ok(Json(app.run(move |conn| load(conn, account, id)).await?))
}

/// Everything computed from a stored fitting.
#[utoipa::path(responses((status = 200, body = Solution), Refusals))]
#[get("/fittings/{id}/solution")]
async fn read_solution(
    app: Data<App>,
    SignedIn(account): SignedIn,
    id: Path<Uuid>,
) -> Result<Json<Solution>, Problem> {
    let id = id.into_inner();
    Ok(Json(app.run(move |conn| Ok(settle(&load(conn, account, id)?)?.1)).await?))
}

/// The job of a stored fitting.
///
/// # Errors
/// [`Problem::not_found`] when this account has none of that id.
pub fn load(conn: &mut Conn, account: AccountId, id: Uuid) -> Result<Job, Problem> {
    let record = fitting::get(conn, account, id)?.value;
    let garment = garment::get(conn, account, record.garment)?.value;
    Ok(jobs::assemble(conn, account, &garment, record.fitting)?)
}

/// The routes of this module.
pub fn configure(config: &mut ServiceConfig<'_>) {
    config
        .service(list_fittings)
        .service(read_fitting)
        .service(write_fitting)
        .service(read_job)
        .service(read_solution);
}
