//! Fittings, read and written whole: for restoring, importing, and programs.

use actix_web::web::{Data, Json, Path};
use actix_web::{HttpResponse, get, post, put};
use serde::Serialize;
use utoipa::ToSchema;
use utoipa_actix_web::service_config::ServiceConfig;
use uuid::Uuid;
use vemble_fit::{Fitting, Job, Solution, admit, settle};
use vemble_store::{Conn, Expected, FittingRecord, Works, fitting, journal_of};

use crate::app::App;
use crate::body::Body;
use crate::changing::works;
use crate::etag::{IfMatch, tagged};
use crate::jobs::{self, Around};
use crate::problem::{Problem, Refusals};
use crate::signed_in::{AtWork, SignedIn};
use crate::within::{put_within, tagged_within};

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
) -> Result<HttpResponse, Problem> {
    let id = id.into_inner();
    let listed = app.store(move |conn| {
        let fittings = fitting::list(conn, account, id)?.into_iter();
        let kept = fittings.map(|(id, kept)| KeptFitting { id, version: kept.version, record: kept.value });
        Ok(kept.collect::<Vec<_>>())
    });
    app.listed(account, listed).await
}

/// One fitting. The header `Vemble-Line` names the garment's last journal line, for following what comes after.
#[utoipa::path(responses(
    (status = 200, body = FittingRecord, headers(("ETag" = String), ("Vemble-Line" = i64))), Refusals
))]
#[get("/fittings/{id}")]
async fn read_fitting(app: Data<App>, by: AtWork, id: Path<Uuid>) -> Result<HttpResponse, Problem> {
    let id = id.into_inner();
    by.at(id)?;
    let (kept, line) = app
        .store(move |conn| {
            // The line first: what is written between the two is followed from it, and so comes twice at the worst.
            let garment = fitting::get(conn, by.account, id)?.value.garment;
            let line = journal_of::last(conn, garment)?;
            Ok((fitting::get(conn, by.account, id)?, line))
        })
        .await?;
    let mut answer = tagged_within(kept.version, &kept.value, &format!("fittings/{id}"))?;
    let line = actix_web::http::header::HeaderValue::from(line);
    answer.headers_mut().insert(actix_web::http::header::HeaderName::from_static("vemble-line"), line);
    Ok(answer)
}

/// Cut a fitting that was kept before there were limits down to them. One that is within them stays as it is.
#[utoipa::path(responses((status = 200, body = FittingRecord, headers(("ETag" = String))), Refusals))]
#[post("/fittings/{id}/put-right")]
async fn put_fitting_right(
    app: Data<App>,
    by: AtWork,
    SignedIn(account): SignedIn,
    id: Path<Uuid>,
) -> Result<HttpResponse, Problem> {
    let id = id.into_inner();
    let read = move |conn: &mut Conn| fitting::get(conn, account, id);
    put_within(&app, read, move |conn, right, expected| {
        Ok((fitting::put(conn, account, &by.hand, id, &right, &Works::new(), expected)?, right))
    })
    .await
}

/// Write a fitting whole, new or changed; in the journal that is one change. Repeating it changes nothing. A step
/// whose needs or stop are open is refused. Lists come back in the order of their keys.
#[utoipa::path(
    request_body = FittingRecord,
    params(("If-Match" = Option<String>, Header, description = "The version read, in quotes")),
    responses((status = 200, body = FittingRecord, headers(("ETag" = String))), Refusals)
)]
#[put("/fittings/{id}")]
async fn write_fitting(
    app: Data<App>,
    by: AtWork,
    SignedIn(account): SignedIn,
    id: Path<Uuid>,
    IfMatch(expected): IfMatch,
    Body(written): Body<FittingRecord>,
) -> Result<HttpResponse, Problem> {
    let id = id.into_inner();
    if !(1..=999).contains(&written.number) {
        return Err(Problem::nonsense(
            "fitting.number",
            "number",
            format!("The fitting's number was read as {}; it can be from 1 to 999.", written.number),
        ));
    }
    let checked = written.fitting.check_keys();
    checked.map_err(|(path, error)| Problem::change(format!("fitting.{path}"), &error))?;
    let written = FittingRecord { fitting: written.fitting.in_order(), ..written };
    let garment = written.garment;
    let (standing, around) = app
        .store(move |conn| Ok((jobs::standing(conn, account, id)?, Around::load(conn, account, garment)?)))
        .await?;
    let (written, works) = app
        .compute(account, move || {
            let mut written = written;
            let blank = Fitting::on(written.fitting.held_on);
            let before = standing.as_ref().map_or(&blank, |standing| &standing.value.fitting);
            written.fitting.progress.take_over(&before.progress);
            let works = match (&standing, expected) {
                // What the store refuses for its version is refused for that.
                (Some(standing), Expected::Version(read)) if read != standing.version => Works::new(),
                _ => {
                    let admitted = admit(before, &around.job(written.fitting.clone()))?;
                    written.fitting.progress = admitted.progress;
                    works(&admitted.solution)
                }
            };
            Ok((written, works))
        })
        .await?;
    let (version, written) = app
        .store(move |conn| {
            let version = fitting::put(conn, account, &by.hand, id, &written, &works, expected)?;
            Ok((version, written))
        })
        .await?;
    Ok(tagged(version, &written))
}

/// The job of a stored fitting, ready to compute anywhere.
#[utoipa::path(responses((status = 200, body = Job), Refusals))]
#[get("/fittings/{id}/job")]
async fn read_job(app: Data<App>, by: AtWork, id: Path<Uuid>) -> Result<Json<Job>, Problem> {
    let id = id.into_inner();
    by.at(id)?;
    let is_guest = by.guest.is_some();
    let mut job = app.store(move |conn| jobs::load(conn, by.account, id)).await?;
    if is_guest {
        // How long its host takes over things is nothing to a friend.
        job.timings.clear();
    }
    Ok(Json(job))
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
    let job = app.store(move |conn| jobs::load(conn, account, id)).await?;
    Ok(Json(app.compute(account, move || Ok(settle(&job)?.1)).await?))
}

/// The routes of this module.
pub fn configure(config: &mut ServiceConfig<'_>) {
    config
        .service(list_fittings)
        .service(read_fitting)
        .service(write_fitting)
        .service(put_fitting_right)
        .service(read_job)
        .service(read_solution);
}
