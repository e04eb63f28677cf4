//! A fitting's changes as server-sent events.

use std::collections::VecDeque;
use std::time::{Duration, Instant};

use actix_web::HttpResponse;
use actix_web::http::header::{CACHE_CONTROL, CONTENT_ENCODING};
use actix_web::web::{Bytes, Data};
use chrono::Utc;
use futures_util::stream;
use tokio::sync::broadcast::error::RecvError;
use uuid::Uuid;
use vemble_store::{JournalEntry, account, fitting, guest, journal_of};

use crate::app::App;
use crate::live::Seat;
use crate::problem::Problem;
use crate::signed_in::AtWork;

/// A line comes at least this often, so that both ends know of each other.
const HEARTBEAT: Duration = Duration::from_secs(15);
/// After this a stream ends and its browser asks again, with whatever session it then has.
const LONGEST: Duration = Duration::from_secs(600);

struct Following {
    app: Data<App>,
    by: AtWork,
    garment: Uuid,
    fitting: Uuid,
    /// The last line told.
    last: i64,
    seat: Seat,
    began: Instant,
    /// Told next.
    waiting: VecDeque<Bytes>,
    ended: bool,
}

/// Begins a stream after a line.
///
/// # Errors
/// [`Problem::not_found`] where there is no such fitting, [`Problem::too_many_streams`] where the account has as
/// many streams as it may.
pub async fn follow(app: Data<App>, by: AtWork, fitting: Uuid, last: i64) -> Result<HttpResponse, Problem> {
    // Listening begins before looking, so that nothing falls between the two.
    let seat = app.live.seat(by.account)?;
    let account = by.account;
    let garment = app.store(move |conn| Ok(fitting::get(conn, account, fitting)?.value.garment)).await?;
    let mut following = Following {
        app,
        by,
        garment,
        fitting,
        last,
        seat,
        began: Instant::now(),
        waiting: VecDeque::from([Bytes::from_static(b"retry: 1000\n\n")]),
        ended: false,
    };
    following.look().await;
    let told = stream::unfold(following, |mut following| async move {
        let next = following.next().await?;
        Some((Ok::<_, actix_web::Error>(next), following))
    });
    Ok(HttpResponse::Ok()
        .content_type("text/event-stream")
        .insert_header((CACHE_CONTROL, "no-store"))
        // Compressing would hold events back until there are enough of them; so would a proxy that collects.
        .insert_header((CONTENT_ENCODING, "identity"))
        .insert_header(("X-Accel-Buffering", "no"))
        .streaming(told))
}

impl Following {
    async fn next(&mut self) -> Option<Bytes> {
        loop {
            if let Some(next) = self.waiting.pop_front() {
                return Some(next);
            }
            if self.ended || self.began.elapsed() > LONGEST {
                return None;
            }
            match tokio::time::timeout(HEARTBEAT, self.seat.told.recv()).await {
                Ok(Ok(Some(garment))) if garment != self.garment => {}
                Ok(Ok(_) | Err(RecvError::Lagged(_))) => self.look().await,
                Ok(Err(RecvError::Closed)) => return None,
                Err(_) => {
                    self.waiting.push_back(Bytes::from_static(b": still here\n\n"));
                    self.look().await;
                }
            }
        }
    }

    /// Looks for lines after the last one told. A database that is away tells nothing: the next look will.
    async fn look(&mut self) {
        let (account, guest) = (self.by.account, self.by.guest.as_ref().map(|guest| guest.id));
        let (garment, fitting, last) = (self.garment, self.fitting, self.last);
        let looked = self
            .app
            .store(move |conn| {
                if let Some(id) = guest
                    && guest::seen(conn, id, Utc::now())?.is_none()
                {
                    return Ok(None);
                }
                let scale = account::get(conn, account)?.habits.value.scale;
                journal_of::since(conn, account, garment, fitting, last, scale).map(Some)
            })
            .await;
        match looked {
            Ok(Some(entries)) => {
                for entry in entries {
                    self.last = entry.id;
                    self.waiting.extend(event(entry.told_to(&self.by.hand.key)));
                }
            }
            // The device was sent out, or the garment is gone.
            Ok(None) => self.ended = true,
            Err(problem) if problem.status == 404 => self.ended = true,
            Err(_) => {}
        }
    }
}

fn event(entry: JournalEntry) -> Option<Bytes> {
    let data = serde_json::to_string(&entry).ok()?;
    Some(Bytes::from(format!("id: {}\nevent: change\ndata: {data}\n\n", entry.id)))
}
