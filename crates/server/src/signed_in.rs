//! Who is asking: the account of the session, a friend's device in one of its fittings, or nobody.

use std::future::{Future, Ready, ready};
use std::pin::Pin;

use actix_session::{Session, SessionExt};
use actix_web::dev::Payload;
use actix_web::http::header::USER_AGENT;
use actix_web::web::Data;
use actix_web::{FromRequest, HttpRequest};
use chrono::Utc;
use uuid::Uuid;
use vemble_store::{AccountId, GuestSeen, Hand, account, guest};

use crate::app::App;
use crate::gate::Asker;
use crate::problem::Problem;

/// Name of the account in a session.
pub const ACCOUNT: &str = account::SESSION_ACCOUNT;
/// Name of the account's address in a session.
const EMAIL: &str = "email";
/// Name of what tells one browser from another in a session.
const BROWSER: &str = account::SESSION_BROWSER;
/// Name of a friend's device in a session.
const GUEST: &str = "guest";

/// The account a request acts for.
#[derive(Debug, Clone, Copy)]
pub struct SignedIn(pub AccountId);

impl FromRequest for SignedIn {
    type Error = Problem;
    type Future = Ready<Result<Self, Problem>>;

    fn from_request(request: &HttpRequest, _: &mut Payload) -> Self::Future {
        let session = request.get_session();
        let account = session.get::<AccountId>(ACCOUNT).ok().flatten();
        let is_guest = session.get::<Uuid>(GUEST).ok().flatten().is_some();
        ready(account.map(SignedIn).ok_or_else(|| match is_guest {
            true => Problem::not_for_guests(),
            false => Problem::signed_out(),
        }))
    }
}

/// Whose pages a session opens, and what they are called; nothing where nobody is in.
#[must_use]
pub fn page_of(session: &Session) -> Option<(Uuid, String)> {
    if let Some(account) = session.get::<AccountId>(ACCOUNT).ok().flatten() {
        return Some((account.0, session.get(EMAIL).ok().flatten().unwrap_or_default()));
    }
    let guest = session.get::<Uuid>(GUEST).ok().flatten()?;
    Some((guest, "A friend who reads".to_owned()))
}

/// In whose line a request stands before it is read.
#[must_use]
pub fn asker(request: &HttpRequest) -> Asker {
    let session = request.get_session();
    let account = session.get::<AccountId>(ACCOUNT).ok().flatten().map(Asker::from);
    let guest = || session.get::<Uuid>(GUEST).ok().flatten().map(Asker::guest);
    account.or_else(guest).unwrap_or(Asker::NOBODY)
}

/// Begins a session of an account, with a fresh key, so that a key from before it is worth nothing.
///
/// # Errors
/// [`Problem::internal`] when it cannot be written.
pub fn begin(session: &Session, id: AccountId, email: &str) -> Result<(), Problem> {
    session.renew();
    session.remove(GUEST);
    insert(session, ACCOUNT, id)?;
    insert(session, EMAIL, email)?;
    insert(session, BROWSER, Uuid::new_v4())
}

/// Begins a session of a friend's device.
///
/// # Errors
/// [`Problem::internal`] when it cannot be written.
pub fn begin_as_guest(session: &Session, id: Uuid) -> Result<(), Problem> {
    session.clear();
    session.renew();
    insert(session, GUEST, id)
}

fn insert(session: &Session, name: &str, value: impl serde::Serialize) -> Result<(), Problem> {
    session.insert(name, value).map_err(|_| Problem::internal())
}

/// A device in words, from what its browser says of itself.
#[must_use]
pub fn device(request: &HttpRequest) -> &'static str {
    let said = request.headers().get(USER_AGENT).and_then(|said| said.to_str().ok()).unwrap_or_default();
    if said.contains("iPad") || said.contains("Tablet") {
        "a tablet"
    } else if said.contains("Mobi") {
        "a telephone"
    } else if said.contains("Mozilla") {
        "a computer"
    } else {
        "a program"
    }
}

/// Whoever works at fittings: the account, or a friend's device that is in one of them.
#[derive(Debug, Clone)]
pub struct AtWork {
    /// The account the work is done for.
    pub account: AccountId,
    /// Whose hand it is.
    pub hand: Hand,
    /// The friend's device, where it is one.
    pub guest: Option<GuestSeen>,
}

impl AtWork {
    /// Whether this fitting is one to work at.
    ///
    /// # Errors
    /// [`Problem::not_found`] for a friend's device that is in another.
    pub fn at(&self, fitting: Uuid) -> Result<(), Problem> {
        match &self.guest {
            Some(guest) if guest.fitting != fitting => Err(Problem::not_found()),
            _ => Ok(()),
        }
    }

    /// Whether this garment is one to look at.
    ///
    /// # Errors
    /// [`Problem::not_found`] for a friend's device that is in a fitting of another.
    pub fn on(&self, garment: Uuid) -> Result<(), Problem> {
        match &self.guest {
            Some(guest) if guest.garment != garment => Err(Problem::not_found()),
            _ => Ok(()),
        }
    }
}

impl From<&AtWork> for Asker {
    fn from(by: &AtWork) -> Asker {
        by.guest.as_ref().map_or_else(|| by.account.into(), |guest| Asker::guest(guest.id))
    }
}

impl FromRequest for AtWork {
    type Error = Problem;
    type Future = Pin<Box<dyn Future<Output = Result<Self, Problem>>>>;

    fn from_request(request: &HttpRequest, _: &mut Payload) -> Self::Future {
        let session = request.get_session();
        let device = device(request);
        let app = request.app_data::<Data<App>>().cloned();
        Box::pin(async move {
            if let Some(account) = session.get::<AccountId>(ACCOUNT).ok().flatten() {
                let name = session.get(EMAIL).ok().flatten().unwrap_or_default();
                let key = session.get(BROWSER).ok().flatten().unwrap_or_default();
                let hand = Hand { name, device: device.to_owned(), key, guest: false };
                return Ok(AtWork { account, hand, guest: None });
            }
            let id = session.get::<Uuid>(GUEST).ok().flatten().ok_or_else(Problem::signed_out)?;
            let app = app.ok_or_else(Problem::internal)?;
            let seen = app.store(move |conn| guest::seen(conn, id, Utc::now())).await?;
            let guest = seen.ok_or_else(Problem::guest_out)?;
            let hand = Hand {
                name: guest.name.clone(),
                device: guest.device.clone(),
                key: guest.id.to_string(),
                guest: true,
            };
            Ok(AtWork { account: guest.account, hand, guest: Some(guest) })
        })
    }
}
