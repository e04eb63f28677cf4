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
use vemble_store::{JournalEntry, News, account, fitting, guest, journal_of, session};

use crate::app::App;
use crate::live::Seat;
use crate::problem::Problem;
use crate::signed_in::AtWork;

/// A line comes at least this often, so that both ends know of each other.
const HEARTBEAT: Duration = Duration::from_secs(15);
/// After this a stream ends and its browser asks again, with whatever session it then has.
const LONGEST: Duration = Duration::from_secs(600);

/// Streams of one account: a household's screens, each on a fitting or two.
const STREAMS: usize = 40;
/// Streams of a friend's device, which has a line of its own: it shows one mirror.
const GUEST_STREAMS: usize = 4;

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
/// [`Problem::not_found`] where there is no such fitting.
pub async fn follow(app: Data<App>, by: AtWork, fitting: Uuid, last: i64) -> Result<HttpResponse, Problem> {
    // Listening begins before looking, so that nothing falls between the two.
    let (line, most) = match &by.guest {
        Some(guest) => (guest.id, GUEST_STREAMS),
        None => (by.account.0, STREAMS),
    };
    let seat = app.live.seat(line, most);
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
            let Seat { told, given_up, .. } = &mut self.seat;
            let told = tokio::select! {
                () = given_up.notified() => return None,
                told = tokio::time::timeout(HEARTBEAT, told.recv()) => told,
            };
            match told {
                Ok(Ok(Some(News::Line(garment)))) if garment != self.garment => {}
                Ok(Ok(Some(News::Ended(key)))) => self.ended |= self.by.hand.key == key.to_string(),
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
        let key = self.by.hand.key.clone();
        let looked = self
            .app
            .store(move |conn| {
                let is_in = match guest {
                    Some(id) => guest::seen(conn, id, Utc::now())?.is_some(),
                    None => session::is_of(conn, &key, Utc::now())?,
                };
                if !is_in {
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
            // The session ended, the device was sent out, or the garment is gone.
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
