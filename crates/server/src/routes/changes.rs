//! A fitting is changed by changes; who has it open hears of each.

use std::collections::BTreeSet;
use std::time::Instant;

use actix_web::web::{Data, Json, Path, Query};
use actix_web::{HttpRequest, HttpResponse, get, post};
use serde::{Deserialize, Serialize};
use utoipa::ToSchema;
use utoipa_actix_web::service_config::ServiceConfig;
use uuid::Uuid;
use vemble_fit::change::Change;
use vemble_store::{
    AccountId, Adopted, Begin, Conn, FittingChange, FittingRecord, Going, JournalEntry, KeptLine, StoreError,
    account, garment, journal_of,
};

use crate::app::App;
use crate::body::Body;
use crate::changing::{self, Became, Wanted};
use crate::problem::{Problem, Refusals};
use crate::signed_in::AtWork;

/// A change, made as one: all of its parts or none.
#[derive(Debug, Clone, Deserialize, ToSchema)]
#[serde(deny_unknown_fields)]
pub struct PostedChange {
    /// Its id, made where it was entered: the same one sent again is made once.
    id: Uuid,
    /// Begins the fitting.
    #[serde(default)]
    begin: Option<Begin>,
    /// What is handed over whole, where it is.
    #[serde(default)]
    adopts: Option<Adopted>,
    /// The small changes, in order. What is put stands in place of what stood there.
    #[serde(default)]
    parts: Vec<Change>,
}

/// Changes, each answered for itself.
#[derive(Debug, Deserialize, ToSchema)]
#[serde(deny_unknown_fields)]
pub struct PostedChanges {
    /// The changes, in order.
    #[schema(min_items = 1, max_items = 100)]
    changes: Vec<PostedChange>,
}

/// What became of one change.
#[derive(Debug, Serialize, ToSchema)]
pub struct ChangeAnswer {
    /// Its id.
    id: Uuid,
    /// Its journal line, where it was made, now or when it came before; nothing where everything stood as it wants it.
    line: Option<i64>,
    /// Why it cannot be made.
    refused: Option<Problem>,
}

/// What became of all of them, and the fitting as it stands now.
#[derive(Debug, Serialize, ToSchema)]
pub struct ChangesAnswered {
    /// Each change, in the order they came.
    answers: Vec<ChangeAnswer>,
    /// The version the fitting stands at.
    version: i64,
    /// The garment's last journal line.
    line: i64,
    /// The fitting.
    record: FittingRecord,
}

/// Most changes in one request.
const MOST_CHANGES: usize = 100;

/// Change a fitting.
///
/// Each change is answered for itself: made, with its journal line, or refused with the reason. Sent again, also
/// after a lost answer, it is made once.
#[utoipa::path(request_body = PostedChanges, responses((status = 200, body = ChangesAnswered), Refusals))]
#[post("/fittings/{id}/changes")]
async fn change_fitting(
    app: Data<App>,
    by: AtWork,
    id: Path<Uuid>,
    Body(posted): Body<PostedChanges>,
) -> Result<Json<ChangesAnswered>, Problem> {
    let id = id.into_inner();
    by.at(id)?;
    let count = posted.changes.len();
    if !(1..=MOST_CHANGES).contains(&count) {
        return Err(Problem::nonsense(
            "limit.rows",
            "changes",
            format!("\"changes\" was read with {count} rows; it can have from 1 to {MOST_CHANGES}."),
        ));
    }
    if let Some(guest) = &by.guest {
        let parts = posted.changes.iter().map(|change| change.parts.len().max(1)).sum();
        app.guests.take(guest.id, parts, Instant::now())?;
    }
    let ids: Vec<Uuid> = posted.changes.iter().map(|change| change.id).collect();
    if ids.iter().collect::<BTreeSet<_>>().len() < ids.len() {
        return Err(Problem::nonsense("change.id", "changes", "Two changes have one id; give each its own."));
    }
    let wanted = posted
        .changes
        .into_iter()
        .map(|PostedChange { id, begin, adopts, parts }| Wanted {
            id: Some(id),
            change: FittingChange { begin, adopts, parts, gone: false },
            takes_back: None,
        })
        .collect();
    let made = changing::make(&app, &by, id, wanted).await?;
    let answers: Vec<ChangeAnswer> = ids
        .into_iter()
        .zip(made.became)
        .map(|(id, became)| match became {
            Became::Line(line) => ChangeAnswer { id, line: Some(line), refused: None },
            Became::Nothing => ChangeAnswer { id, line: None, refused: None },
            Became::Refused(problem) => ChangeAnswer { id, line: None, refused: Some(*problem) },
        })
        .collect();
    let Some(standing) = made.standing else {
        // It was not begun, and could not be.
        let refused = answers.into_iter().find_map(|answer| answer.refused);
        return Err(refused.unwrap_or_else(Problem::not_found));
    };
    Ok(Json(ChangesAnswered { answers, version: standing.version, line: made.last, record: standing.value }))
}

/// A journal line that should go.
#[derive(Debug, Deserialize, ToSchema)]
#[serde(deny_unknown_fields)]
pub struct ToTakeBack {
    /// The line.
    #[schema(minimum = 0)]
    line: i64,
    /// Later lines that stand on it and shall go too.
    #[serde(default)]
    also: Vec<i64>,
}

/// What was taken back.
#[derive(Serialize, ToSchema)]
pub struct TakenBack {
    /// The change that no longer holds, in words.
    what: String,
    /// The journal line that took it back.
    line: i64,
}

/// Take a change back, of a garment or of its fittings.
///
/// Where later changes stand on it, it is refused with their lines, newest first; named with it they go too.
/// Repeating it changes nothing.
#[utoipa::path(request_body = ToTakeBack, responses((status = 200, body = TakenBack), Refusals))]
#[post("/garments/{id}/undo")]
async fn take_back(
    app: Data<App>,
    by: AtWork,
    id: Path<Uuid>,
    Body(asked): Body<ToTakeBack>,
) -> Result<Json<TakenBack>, Problem> {
    let garment = id.into_inner();
    by.on(garment)?;
    if let Some(guest) = &by.guest {
        app.guests.take(guest.id, 1, Instant::now())?;
    }
    for _ in 0..LOOKS {
        let account = by.account;
        let (lines, entries) = app
            .store(move |conn| {
                let scale = account::get(conn, account)?.habits.value.scale;
                let entries = journal_of::list(conn, account, garment, scale)?;
                Ok((journal_of::lines(conn, account, garment)?, entries))
            })
            .await?;
        let said = |line: i64| {
            let entry = entries.iter().find(|entry| entry.id == line);
            entry.map_or_else(|| "an older change".to_owned(), |entry| entry.what.clone())
        };
        let what = said(asked.line);
        let above = match journal_of::going(&lines, asked.line) {
            None => return Err(Problem::not_found()),
            Some(Going::Gone(by)) => return Ok(Json(TakenBack { what, line: by })),
            Some(Going::Stays) => {
                return Err(Problem::not_yet(
                    "journal.stays",
                    "This change cannot be taken back by itself; change what it did the other way.",
                ));
            }
            Some(Going::After(above)) => above,
        };
        let kept = |id: i64| lines.iter().find(|line| line.id == id);
        if let Some(stays) = above.iter().find(|line| !asked.also.contains(line)) {
            let count = above.len();
            let others = match count {
                1 => "a later change stands on it".to_owned(),
                _ => format!("{count} later changes stand on it"),
            };
            return Err(Problem::stood_on(
                format!("Not by itself: {others}, the newest: {}. Take them back with it.", said(*stays)),
                above,
            ));
        }
        let going: Vec<KeptLine> =
            above.into_iter().chain([asked.line]).filter_map(|id| kept(id).cloned()).collect();
        let is_foreign = |line: &KeptLine| match &by.guest {
            None => false,
            Some(guest) => line.subject_id != guest.fitting || !of_readings(line),
        };
        if going.iter().any(is_foreign) {
            return Err(Problem::not_for_guests());
        }
        let last = lines.last().map_or(0, |line| line.id);
        match put_back(&app, &by, garment, going, last).await? {
            Some(line) => return Ok(Json(TakenBack { what, line })),
            None => continue,
        }
    }
    Err(Problem::busy())
}

fn of_readings(line: &KeptLine) -> bool {
    line.change().is_some_and(|(change, _)| {
        change.begin.is_none() && !change.gone && change.parts.iter().all(Change::is_reading)
    })
}

/// How often to look anew, before taking a line back, at what stands on it.
const LOOKS: usize = 12;

/// Puts back what was before these lines, newest first, which are all of one fitting or of the garment itself;
/// `None` where the journal has a line after `last` by then.
async fn put_back(
    app: &App,
    by: &AtWork,
    garment: Uuid,
    going: Vec<KeptLine>,
    last: i64,
) -> Result<Option<i64>, Problem> {
    let Some(oldest) = going.last() else { return Ok(None) };
    if oldest.is_of_garment() {
        let (account, hand) = (by.account, by.hand.clone());
        return app.run(move |conn| put_garment_back(conn, account, &hand, garment, &going, last)).await;
    }
    let fitting = oldest.subject_id;
    let wanted: Vec<Wanted> = going
        .iter()
        .filter_map(|line| {
            let (_, restoring) = line.change()?;
            Some(Wanted { id: None, change: restoring, takes_back: Some(line.id) })
        })
        .collect();
    let Some(mut made) = changing::take_back(app, by, fitting, wanted, last).await? else { return Ok(None) };
    match made.became.pop() {
        Some(Became::Line(line)) => Ok(Some(line)),
        Some(Became::Refused(problem)) => Err(*problem),
        Some(Became::Nothing) | None => Ok(None),
    }
}

fn put_garment_back(
    conn: &mut Conn,
    account: AccountId,
    hand: &vemble_store::Hand,
    id: Uuid,
    going: &[KeptLine],
    last: i64,
) -> Result<Option<i64>, Problem> {
    let done = vemble_store::together(conn, |conn| {
        let mut stands_at = last;
        for line in going {
            stands_at = garment::put_back(conn, account, hand, id, stands_at, line)?;
        }
        Ok(Some(stands_at))
    });
    match done {
        Err(StoreError::Moved) => Ok(None),
        done => Ok(done?),
    }
}

/// The last changes of a garment, newest first: who made them, what stands on them.
#[utoipa::path(responses((status = 200, body = Vec<JournalEntry>), Refusals))]
#[get("/garments/{id}/journal")]
async fn read_journal(app: Data<App>, by: AtWork, id: Path<Uuid>) -> Result<HttpResponse, Problem> {
    let id = id.into_inner();
    if by.guest.is_some() {
        return Err(Problem::not_for_guests());
    }
    let account = by.account;
    let listed = app.store(move |conn| {
        let scale = account::get(conn, account)?.habits.value.scale;
        let entries = journal_of::list(conn, account, id, scale)?.into_iter();
        Ok(entries.map(|entry| entry.told_to(&by.hand.key)).collect::<Vec<_>>())
    });
    app.listed(account, listed).await
}

/// Where a stream begins.
#[derive(Deserialize, utoipa::IntoParams)]
#[into_params(parameter_in = Query)]
pub struct Since {
    /// The journal line after which changes are told; all that the journal has where nothing is said.
    #[serde(default)]
    since: i64,
}

/// Follow a fitting: every change of it and of its garment, as server-sent events.
///
/// Each event has the journal line as its id, so that a stream that was cut off goes on where it ended, and a
/// journal entry as its data. A comment comes at least every fifteen seconds. A stream ends after some minutes, and
/// when its device is sent out; ask again.
#[utoipa::path(
    params(Since),
    responses((status = 200, content_type = "text/event-stream", body = String), Refusals)
)]
#[get("/fittings/{id}/changes")]
async fn follow_fitting(
    app: Data<App>,
    by: AtWork,
    id: Path<Uuid>,
    request: HttpRequest,
    since: Query<Since>,
) -> Result<HttpResponse, Problem> {
    let id = id.into_inner();
    by.at(id)?;
    let last = request.headers().get("last-event-id").and_then(|id| id.to_str().ok()?.parse().ok());
    crate::stream::follow(app, by, id, last.unwrap_or(since.since)).await
}

/// The routes of this module.
pub fn configure(config: &mut ServiceConfig<'_>) {
    config.service(change_fitting).service(take_back).service(read_journal).service(follow_fitting);
}
