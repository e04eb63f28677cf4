//! Garments on the rail.

use actix_web::web::{Data, Path, Query};
use actix_web::{HttpResponse, delete, get, post, put};
use chrono::Utc;
use serde::{Deserialize, Serialize};
use serde_json::value::RawValue;
use utoipa::{IntoParams, ToSchema};
use utoipa_actix_web::service_config::ServiceConfig;
use uuid::Uuid;
use vemble_fit::Figure;
use vemble_fit::plan::{Calendar, Claim, Minutes, SoonStep, Timing, Tonight, Waiting, calendar, tonight};
use vemble_fit::{HouseRule, Job, NextAct, Place, Summary, settle};
use vemble_store::{
    AccountId, Conn, FittingRecord, GarmentRecord, InShort, OnRail, StoreError, Versioned, account, fitting,
    garment, rail,
};

use super::wearers::name;
use crate::app::App;
use crate::body::Body;
use crate::etag::{IfMatch, tagged};
use crate::jobs::{self, Around};
use crate::problem::{Problem, Refusals};
use crate::signed_in::{AtWork, SignedIn};
use crate::within::{put_within, tagged_within};

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
    /// Days on which it hangs, washes or dries by itself.
    waits: u32,
    /// Steps done and steps in all.
    steps: [usize; 2],
    /// How much was read on it before it was changed, and is on nothing now.
    strays: usize,
    /// True where it hangs by its band, false where by its shoulders.
    by_its_band: bool,
    /// Its silhouette, where it has been measured.
    #[schema(value_type = Option<Figure>)]
    figure: Option<Box<RawValue>>,
    /// Its next steps, for an evening.
    #[serde(skip)]
    soon: Vec<SoonStep>,
}

/// Every garment, the next due first, each with its next act.
#[utoipa::path(responses((status = 200, body = Vec<Hanging>), Refusals))]
#[get("/garments")]
async fn list_garments(app: Data<App>, SignedIn(account): SignedIn) -> Result<HttpResponse, Problem> {
    app.listed(account, rail(&app, account)).await
}

/// The rail, from what was kept of each garment; what was not is worked out and kept.
async fn rail(app: &App, account: AccountId) -> Result<Vec<Hanging>, Problem> {
    let (mut rows, timings) =
        app.store(move |conn| Ok((rail::list(conn, account)?, account::timings(conn, account)?))).await?;
    if rows.iter().any(|row| row.in_short.is_none()) {
        let own = app.clone();
        // Of thousands that takes a while: who stops waiting finds it done the next time.
        let brought = actix_web::rt::spawn(async move { up_to_date(&own, account, rows).await });
        rows = brought.await.map_err(|_| Problem::internal())??;
    }
    Ok(rows.into_iter().filter_map(|row| hanging(row, &timings)).collect())
}

/// How many garments are worked out before they are kept and others get their turn: few enough that their jobs are little
/// beside the server.
const WORKED_OUT_AT_ONCE: usize = 40;

/// Works out what was not kept, and keeps it.
async fn up_to_date(app: &App, account: AccountId, mut rows: Vec<OnRail>) -> Result<Vec<OnRail>, Problem> {
    let due: Vec<usize> = (0..rows.len()).filter(|at| rows[*at].in_short.is_none()).collect();
    for some in due.chunks(WORKED_OUT_AT_ONCE) {
        let asked: Vec<_> =
            some.iter().map(|at| (rows[*at].garment.clone(), rows[*at].fitting.map(|(id, _)| id))).collect();
        let newest = move |conn: &mut Conn| {
            let jobs = asked.into_iter().map(|(hung, fitting)| jobs::newest(conn, account, hung, fitting));
            Ok(jobs.collect::<Result<Vec<_>, _>>()?)
        };
        let jobs = app.run_long(newest).await?;
        let said = app
            .compute(account, move || Ok(jobs.iter().map(in_short).collect::<Result<Vec<_>, _>>()?))
            .await?;
        let mut fresh = Vec::new();
        for (at, said) in some.iter().zip(said) {
            let row = &mut rows[*at];
            fresh.push((row.id, row.stands_for, said.clone()));
            row.in_short = Some(said);
        }
        // What could not be kept is worked out again the next time, and nobody missed anything.
        let keep = move |conn: &mut Conn| {
            let kept = |(id, stands_for, said)| rail::keep(conn, id, &stands_for, &said);
            Ok(fresh.into_iter().try_for_each(kept).is_ok())
        };
        let _ = app.run_long(keep).await;
    }
    Ok(rows)
}

/// A job in short. One that cannot be worked out says so in its own place and closes nobody else's.
fn in_short(job: &Job) -> Result<InShort, StoreError> {
    match settle(job) {
        Ok((_, solution)) => InShort::of(&solution),
        Err(error) => {
            let next = NextAct {
                place: Place::Rail,
                words: format!("Look it over: {}", error.cause),
                at_stop: false,
                finished: false,
            };
            let summary =
                Summary { next, left: Vec::new(), waits: 0, steps: [0, 0], soon: Vec::new(), strays: 0 };
            Ok(InShort { summary, figure: None })
        }
    }
}

fn hanging(row: OnRail, timings: &[Timing]) -> Option<Hanging> {
    let InShort { summary, figure } = row.in_short?;
    Some(Hanging {
        by_its_band: row.garment.value.garment.shape.kind.has_band(),
        id: row.id,
        version: row.garment.version,
        wearer_name: row.wearer,
        record: row.garment.value,
        fitting: row.fitting.map(|(id, _)| id),
        fitting_number: row.fitting.map(|(_, number)| number),
        minutes_left: summary.minutes_left(timings),
        waits: summary.waits,
        next: summary.next,
        steps: summary.steps,
        strays: summary.strays,
        soon: summary.soon,
        figure: figure.and_then(|figure| RawValue::from_string(figure).ok()),
    })
}

/// Free sewing time against what is due.
#[utoipa::path(responses((status = 200, body = Calendar), Refusals))]
#[get("/calendar")]
async fn read_calendar(app: Data<App>, SignedIn(account): SignedIn) -> Result<HttpResponse, Problem> {
    app.listed(account, free_time(&app, account)).await
}

async fn free_time(app: &App, account: AccountId) -> Result<Calendar, Problem> {
    let (habits, due, timings) = app
        .store(move |conn| {
            let habits = account::get(conn, account)?.habits.value;
            Ok((habits, rail::due(conn, account)?, account::timings(conn, account)?))
        })
        .await?;
    let claims: Vec<Claim> = match due {
        Some(due) => due
            .into_iter()
            .filter(|due| !due.summary.next.finished)
            .map(|due| {
                let minutes = due.summary.minutes_left(&timings).p50;
                Claim {
                    key: due.id.to_string(),
                    name: due.name,
                    due_on: due.due_on,
                    minutes,
                    waits: due.summary.waits,
                }
            })
            .collect(),
        // Something changed: the rail is brought up to date, and what is due with it.
        None => rail(app, account)
            .await?
            .into_iter()
            .filter(|hanging| !hanging.next.finished)
            .filter_map(|hanging| {
                let (name, minutes) = (hanging.record.garment.name, hanging.minutes_left.p50);
                let key = hanging.id.to_string();
                Some(Claim { key, name, due_on: hanging.record.due_on?, minutes, waits: hanging.waits })
            })
            .collect(),
    };
    Ok(calendar(Utc::now().date_naive(), habits.rule(HouseRule::SewingADay), claims))
}

/// How long the evening is.
#[derive(Deserialize, IntoParams)]
#[into_params(parameter_in = Query)]
pub struct Evening {
    /// Minutes there are; the habit's sewing a day where nothing is said.
    #[param(minimum = 0.0, maximum = 600.0)]
    minutes: Option<f64>,
}

/// What fits into this evening, in which order, and what to have ready.
#[utoipa::path(params(Evening), responses((status = 200, body = Tonight), Refusals))]
#[get("/tonight")]
async fn read_tonight(
    app: Data<App>,
    SignedIn(account): SignedIn,
    evening: Query<Evening>,
) -> Result<HttpResponse, Problem> {
    app.listed(account, this_evening(&app, account, evening.minutes)).await
}

async fn this_evening(app: &App, account: AccountId, minutes: Option<f64>) -> Result<Tonight, Problem> {
    let (habits, timings) = app
        .store(move |conn| Ok((account::get(conn, account)?.habits.value, account::timings(conn, account)?)))
        .await?;
    let free = minutes.unwrap_or_else(|| habits.rule(HouseRule::SewingADay));
    if !(0.0..=600.0).contains(&free) {
        return Err(Problem::nonsense(
            "tonight.minutes",
            "minutes",
            format!("The minutes of an evening were read as {free}; they can be from 0 to 600."),
        ));
    }
    let waiting = rail(app, account)
        .await?
        .into_iter()
        .filter(|hanging| !hanging.next.finished)
        .map(|hanging| Waiting {
            key: hanging.id.to_string(),
            name: hanging.record.garment.name,
            due_on: hanging.record.due_on,
            soon: hanging.soon,
        })
        .collect();
    Ok(tonight(free, waiting, &timings))
}

/// One garment.
#[utoipa::path(responses((status = 200, body = GarmentRecord, headers(("ETag" = String))), Refusals))]
#[get("/garments/{id}")]
async fn read_garment(app: Data<App>, by: AtWork, id: Path<Uuid>) -> Result<HttpResponse, Problem> {
    let id = id.into_inner();
    by.on(id)?;
    let kept = app.store(move |conn| garment::get(conn, by.account, id)).await?;
    tagged_within(kept.version, &kept.value, &format!("garments/{id}"))
}

/// Cut a garment that was kept before there were limits down to them. One that is within them stays as it is.
#[utoipa::path(responses((status = 200, body = GarmentRecord, headers(("ETag" = String))), Refusals))]
#[post("/garments/{id}/put-right")]
async fn put_garment_right(
    app: Data<App>,
    by: AtWork,
    SignedIn(account): SignedIn,
    id: Path<Uuid>,
) -> Result<HttpResponse, Problem> {
    let id = id.into_inner();
    let read = move |conn: &mut Conn| garment::get(conn, account, id);
    put_within(&app, read, move |conn, right, expected| {
        Ok((garment::put(conn, account, &by.hand, id, &right, expected)?, right))
    })
    .await
}

/// What was read on a garment and is on nothing of it any more.
#[derive(Serialize, ToSchema)]
pub struct StrayOn {
    /// The fitting it was read in.
    fitting: Uuid,
    /// The number of that fitting.
    number: i32,
    /// What and where it was, and why it is on nothing.
    words: String,
}

/// A garment as it was written.
#[derive(Serialize, ToSchema)]
pub struct WrittenGarment {
    /// The garment.
    record: GarmentRecord,
    /// What was read on it before and is on nothing of it now: it waits in its fitting.
    strays: Vec<StrayOn>,
}

/// Write a garment whole, new or changed. Repeating it changes nothing. Where it no longer fits what was read on it,
/// that is said, and waits in its fitting until somebody sees to it.
#[utoipa::path(
    request_body = GarmentRecord,
    params(("If-Match" = Option<String>, Header, description = "The version read, in quotes")),
    responses((status = 200, body = WrittenGarment, headers(("ETag" = String))), Refusals)
)]
#[put("/garments/{id}")]
async fn write_garment(
    app: Data<App>,
    by: AtWork,
    SignedIn(account): SignedIn,
    id: Path<Uuid>,
    IfMatch(expected): IfMatch,
    Body(mut written): Body<GarmentRecord>,
) -> Result<HttpResponse, Problem> {
    written.garment.name = name(&written.garment.name, "garment.name")?;
    written.garment.check().map_err(|error| error.inside("garment"))?;
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
    let (version, written, fittings, around) = app
        .store(move |conn| {
            let version = garment::put(conn, account, &by.hand, id, &written, expected)?;
            let fittings = fitting::list(conn, account, id)?;
            Ok((version, written, fittings, Around::load(conn, account, id)?))
        })
        .await?;
    let strays = app
        .compute(account, move || {
            let of = |(id, kept): (Uuid, Versioned<FittingRecord>)| {
                let number = kept.value.number;
                // A garment that cannot be drawn yet has no strays to tell of.
                let strays = settle(&around.job(kept.value.fitting)).map(|(_, solution)| solution.strays);
                let strays = strays.unwrap_or_default().into_iter();
                strays.map(move |stray| StrayOn { fitting: id, number, words: stray.words })
            };
            Ok(fittings.into_iter().flat_map(of).collect())
        })
        .await?;
    Ok(tagged(version, &WrittenGarment { record: written, strays }))
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

/// The routes of this module.
pub fn configure(config: &mut ServiceConfig<'_>) {
    config
        .service(list_garments)
        .service(read_calendar)
        .service(read_tonight)
        .service(read_garment)
        .service(write_garment)
        .service(put_garment_right)
        .service(remove_garment);
}
