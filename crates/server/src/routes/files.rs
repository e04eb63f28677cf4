//! What leaves the workroom: job file, tables, the printed sheet.

use actix_web::http::header::{
    Charset, ContentDisposition, DispositionParam, DispositionType, ExtendedValue,
};
use actix_web::web::{Data, Path, Query};
use actix_web::{HttpResponse, get};
use serde::Deserialize;
use utoipa::IntoParams;
use utoipa_actix_web::service_config::ServiceConfig;
use uuid::Uuid;
use vemble_fit::{Job, Paper, settle};
use vemble_formats::{chalk_csv, hems_csv, pins_csv, sheet, write_job};

use crate::app::App;
use crate::jobs;
use crate::problem::{Problem, Refusals};
use crate::signed_in::SignedIn;

/// A file to save, named after its garment.
fn attachment(job: &Job, ending: &str, media_type: &str, bytes: Vec<u8>) -> HttpResponse {
    let name = format!("{}{ending}", job.garment.name.replace(['/', '\\', '"'], "-"));
    let disposition = ContentDisposition {
        disposition: DispositionType::Attachment,
        parameters: vec![DispositionParam::FilenameExt(ExtendedValue {
            charset: Charset::Ext("UTF-8".to_owned()),
            language_tag: None,
            value: name.into_bytes(),
        })],
    };
    HttpResponse::Ok().content_type(media_type).insert_header(disposition).body(bytes)
}

async fn file(
    app: &App,
    account: SignedIn,
    id: Uuid,
    ending: &'static str,
    media_type: &'static str,
    write: impl FnOnce(&Job) -> Result<Vec<u8>, Problem> + Send + 'static,
) -> Result<HttpResponse, Problem> {
    let job = app.store(move |conn| jobs::load(conn, account.0, id)).await?;
    let (job, bytes) = app
        .compute(account.0, move || {
            let bytes = write(&job)?;
            Ok((job, bytes))
        })
        .await?;
    Ok(attachment(&job, ending, media_type, bytes))
}

/// The job file.
#[utoipa::path(responses((status = 200, body = Job, content_type = "application/json"), Refusals))]
#[get("/fittings/{id}/job.vemble.json")]
async fn save_job(app: Data<App>, account: SignedIn, id: Path<Uuid>) -> Result<HttpResponse, Problem> {
    file(&app, account, id.into_inner(), ".vemble.json", "application/json", |job| {
        Ok(write_job(job).into_bytes())
    })
    .await
}

/// Pins as CSV.
#[utoipa::path(responses((status = 200, body = String, content_type = "text/csv"), Refusals))]
#[get("/fittings/{id}/pins.csv")]
async fn save_pins(app: Data<App>, account: SignedIn, id: Path<Uuid>) -> Result<HttpResponse, Problem> {
    let media_type = "text/csv; charset=utf-8";
    file(&app, account, id.into_inner(), " pins.csv", media_type, |job| Ok(pins_csv(job).into_bytes())).await
}

/// Chalk tables as CSV.
#[utoipa::path(responses((status = 200, body = String, content_type = "text/csv"), Refusals))]
#[get("/fittings/{id}/chalk.csv")]
async fn save_chalk(app: Data<App>, account: SignedIn, id: Path<Uuid>) -> Result<HttpResponse, Problem> {
    file(&app, account, id.into_inner(), " chalk.csv", "text/csv; charset=utf-8", |job| {
        Ok(chalk_csv(&settle(job)?.1).into_bytes())
    })
    .await
}

/// Hem tables as CSV.
#[utoipa::path(responses((status = 200, body = String, content_type = "text/csv"), Refusals))]
#[get("/fittings/{id}/hems.csv")]
async fn save_hems(app: Data<App>, account: SignedIn, id: Path<Uuid>) -> Result<HttpResponse, Problem> {
    file(&app, account, id.into_inner(), " hems.csv", "text/csv; charset=utf-8", |job| {
        Ok(hems_csv(&settle(job)?.1).into_bytes())
    })
    .await
}

/// The paper to print on.
#[derive(Deserialize, IntoParams)]
#[into_params(parameter_in = Query)]
pub struct PaperWanted {
    /// The paper; the account's habit when left out.
    paper: Option<Paper>,
}

/// The chalk sheet as PDF: tables, cautions, lines at full size.
#[utoipa::path(
    params(PaperWanted),
    responses((status = 200, body = Vec<u8>, content_type = "application/pdf"), Refusals)
)]
#[get("/fittings/{id}/sheet.pdf")]
async fn print_sheet(
    app: Data<App>,
    account: SignedIn,
    id: Path<Uuid>,
    wanted: Query<PaperWanted>,
) -> Result<HttpResponse, Problem> {
    let paper = wanted.paper;
    file(&app, account, id.into_inner(), " chalk sheet.pdf", "application/pdf", move |job| {
        let (job, solution) = settle(job)?;
        Ok(sheet::chalk_sheet(&job, &solution, paper.unwrap_or(job.habits.paper)))
    })
    .await
}

/// The routes of this module.
pub fn configure(config: &mut ServiceConfig<'_>) {
    config.service(save_job).service(save_pins).service(save_chalk).service(save_hems).service(print_sheet);
}
