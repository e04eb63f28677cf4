//! Signing up, in and out; an account's life.

use actix_session::Session;
use actix_web::web::{Data, Json};
use actix_web::{HttpRequest, HttpResponse, delete, get, post, put};
use argon2::Argon2;
use argon2::password_hash::phc::PasswordHash;
use argon2::password_hash::{PasswordHasher, PasswordVerifier};
use serde::{Deserialize, Serialize};
use utoipa::ToSchema;
use utoipa_actix_web::service_config::ServiceConfig;
use uuid::Uuid;
use vemble_store::{AccountId, Conn, Holdings, account, session};

use crate::app::App;
use crate::attempts;
use crate::body::Body;
use crate::known_browser;
use crate::problem::{Problem, Refusals};
use crate::signed_in::{ACCOUNT, AtWork, SignedIn, begin};

use super::guests::AsGuest;

/// Fewest characters of a password.
pub const LEAST_PASSWORD: usize = 12;
/// Most characters of a password; hashing more is a way to keep a server busy.
const MOST_PASSWORD: usize = 256;

/// An address with its password.
#[derive(Deserialize, ToSchema)]
#[serde(deny_unknown_fields)]
pub struct Entry {
    /// The address, taken in lower case.
    #[schema(min_length = 3, max_length = 254)]
    email: String,
    /// The password.
    #[schema(min_length = 12, max_length = 256)]
    password: String,
}

/// Who is signed in.
#[derive(Serialize, ToSchema)]
pub struct Who {
    /// Address of the account; `null` when nobody is signed in.
    email: Option<String>,
    /// Whose page a page of this session is, to be sent back with every request; `null` when nobody is in.
    page: Option<Uuid>,
    /// True when this server has a demo workroom to open.
    demo: bool,
    /// The fitting this device is in as a friend's, where it is.
    guest: Option<AsGuest>,
}

/// What sign-up always answers.
#[derive(Serialize, ToSchema)]
pub struct Received {
    /// What to do next.
    detail: &'static str,
}

impl Entry {
    fn address(&self) -> Result<String, Problem> {
        let email = self.email.trim().to_lowercase();
        let (name, host) = email.split_once('@').unwrap_or(("", ""));
        let wrong = name.is_empty()
            || host.is_empty()
            || email.len() > 254
            || email.chars().any(|c| c.is_whitespace() || c.is_control());
        if wrong {
            return Err(Problem::nonsense(
                "account.email",
                "email",
                "The address was read without a name, an @ and a place; write one such as ada@example.org.",
            ));
        }
        Ok(email)
    }
}

fn check_new(password: &str) -> Result<(), Problem> {
    let length = password.chars().count();
    if (LEAST_PASSWORD..=MOST_PASSWORD).contains(&length) {
        Ok(())
    } else {
        Err(Problem::nonsense(
            "account.password",
            "password",
            format!("The password has {length} characters; it needs {LEAST_PASSWORD} to {MOST_PASSWORD}."),
        ))
    }
}

fn hash(password: &str) -> Result<String, Problem> {
    let hash = Argon2::default().hash_password(password.as_bytes());
    Ok(hash.map_err(|_| Problem::internal())?.to_string())
}

/// A hash of nothing anyone knows, checked when there is no account, so that a missing account
/// takes as long to refuse as a wrong password.
const NOBODY: &str =
    "$argon2id$v=19$m=19456,t=2,p=1$bm9ib2R5IGhlcmUuLi4$7vXcq0pYq6mC3mYf0r0WwLZ9bWqN2n4yV0x1QW4cR8M";

fn is_right(password: &str, hash: &str) -> bool {
    PasswordHash::new(hash)
        .is_ok_and(|hash| Argon2::default().verify_password(password.as_bytes(), &hash).is_ok())
}

/// Hashes when its turn comes. An attempt that never had its turn was none, and is not counted as one.
async fn in_turn<T, F>(app: &App, counted: &[i64], work: F) -> Result<T, Problem>
where
    T: Send + 'static,
    F: FnOnce() -> Result<T, Problem> + Send + 'static,
{
    let done = app.hash(work).await;
    if matches!(&done, Err(problem) if problem.status == 503) {
        let counted = counted.to_vec();
        app.store(move |conn| session::take_attempts_back(conn, &counted)).await?;
    }
    done
}

/// Make an account.
///
/// The answer is the same whether the address already has an account or not; an existing one
/// keeps its password. Sign in next.
#[utoipa::path(request_body = Entry, responses((status = 202, body = Received), Refusals))]
#[post("/account")]
async fn sign_up(
    app: Data<App>,
    request: HttpRequest,
    Body(entry): Body<Entry>,
) -> Result<HttpResponse, Problem> {
    let email = entry.address()?;
    check_new(&entry.password)?;
    let place = attempts::place(&request, &app);
    let subjects = [attempts::of_sign_ups(&place), attempts::of_place(&place)];
    // Who makes accounts, or tries addresses out, is counted before anything is hashed.
    let counted = app.at_the_door(&place, move |conn| attempts::count(conn, &subjects)).await?;
    let hash = in_turn(&app, &counted, move || hash(&entry.password)).await?;
    app.store(move |conn| {
        let made = account::create(conn, AccountId(Uuid::now_v7()), &email, &hash)?;
        // Trying addresses out counts like trying passwords out; making an account does not.
        if made { session::take_attempts_back(conn, &counted[1..]) } else { Ok(()) }
    })
    .await?;
    Ok(HttpResponse::Accepted().json(Received { detail: "Now sign in with this address and password." }))
}

/// Sign in.
#[utoipa::path(request_body = Entry, responses((status = 200, body = Who), Refusals))]
#[post("/session")]
async fn sign_in(
    app: Data<App>,
    session: Session,
    request: HttpRequest,
    Body(entry): Body<Entry>,
) -> Result<HttpResponse, Problem> {
    let email = entry.address()?;
    let place = attempts::place(&request, &app);
    let (wanted, browser) = (email.clone(), known_browser::of(&request));
    let from = place.clone();
    let (known, counted) = app
        .at_the_door(&from, move |conn| {
            let known = account::credentials(conn, &wanted)?;
            let at_home = match (&known, &browser) {
                (Some(known), Some(browser)) => session::is_known_browser(conn, browser, known.id)?,
                _ => false,
            };
            // Somebody else's wrong passwords do not keep a known browser out; its own are counted for itself.
            let subjects = match &browser {
                Some(browser) if at_home => vec![attempts::of_known_browser(&wanted, browser)],
                _ => vec![attempts::of_address(&wanted), attempts::of_place(&place)],
            };
            Ok((known, attempts::count(conn, &subjects)?))
        })
        .await?;
    let (known, right) = in_turn(&app, &counted, move || {
        let hash = known.as_ref().map_or(NOBODY, |known| known.password_hash.as_str());
        let right = entry.password.chars().count() <= MOST_PASSWORD && is_right(&entry.password, hash);
        Ok((known, right))
    })
    .await?;
    let id = known.filter(|_| right).ok_or_else(Problem::wrong_password)?.id;
    let (browser, cookie) = known_browser::remember(&request, app.options.https);
    let address = attempts::of_address(&email).0;
    app.store(move |conn| {
        session::take_attempts_back(conn, &counted)?;
        session::forget_attempts(conn, &address)?;
        session::know_browser(conn, &browser, id)
    })
    .await?;
    begin(&session, id, &email)?;
    let opened = Who { email: Some(email), page: Some(id.0), demo: app.options.demo.is_some(), guest: None };
    Ok(HttpResponse::Ok().cookie(cookie).json(opened))
}

/// Open the demo workroom, where this server has one.
#[utoipa::path(responses((status = 200, body = Who), Refusals))]
#[post("/demo-session")]
async fn open_demo(app: Data<App>, session: Session) -> Result<Json<Who>, Problem> {
    let email = app.options.demo.clone().ok_or_else(Problem::not_found)?;
    let wanted = email.clone();
    let id = app.store(move |conn| account::by_email(conn, &wanted)).await?.ok_or_else(Problem::not_found)?;
    begin(&session, id, &email)?;
    Ok(Json(Who { email: Some(email), page: Some(id.0), demo: true, guest: None }))
}

/// Sign out. Repeating it changes nothing.
#[utoipa::path(responses((status = 204), Refusals))]
#[delete("/session")]
async fn sign_out(session: Session) -> HttpResponse {
    session.purge();
    HttpResponse::NoContent().finish()
}

/// Who is signed in.
#[utoipa::path(responses((status = 200, body = Who), Refusals))]
#[get("/session")]
async fn who(app: Data<App>, session: Session, by: Result<AtWork, Problem>) -> Result<Json<Who>, Problem> {
    let demo = app.options.demo.is_some();
    let guest = match by {
        Ok(by) => by.guest,
        // Nobody is in, which is an answer; that the database is away is none.
        Err(problem) if problem.status == 401 => None,
        Err(problem) => return Err(problem),
    };
    let account = match session.get::<AccountId>(ACCOUNT).ok().flatten() {
        Some(id) => app.store(move |conn| Ok(account::get(conn, id).ok())).await?,
        None => None,
    };
    let page = account.as_ref().map(|account| account.id.0).or(guest.as_ref().map(|guest| guest.id));
    let email = account.map(|account| account.email);
    Ok(Json(Who { email, page, demo, guest: guest.map(AsGuest::from) }))
}

/// An account and what it holds.
#[derive(Serialize, ToSchema)]
pub struct AccountHeld {
    /// Its address.
    email: String,
    /// What goes with it when it is deleted.
    holds: Holdings,
    /// True for the demo workroom, which everybody shares: it keeps its password and stays.
    demo: bool,
}

/// The account that is signed in, and what it holds.
#[utoipa::path(responses((status = 200, body = AccountHeld), Refusals))]
#[get("/account")]
async fn read_account(app: Data<App>, SignedIn(account): SignedIn) -> Result<Json<AccountHeld>, Problem> {
    let demo = app.options.demo.clone();
    let held = app
        .store(move |conn| {
            let email = account::get(conn, account)?.email;
            let demo = demo.as_ref() == Some(&email);
            Ok(AccountHeld { email, holds: account::holdings(conn, account)?, demo })
        })
        .await?;
    Ok(Json(held))
}

/// Another password in place of the one in force.
#[derive(Deserialize, ToSchema)]
#[serde(deny_unknown_fields)]
pub struct NewPassword {
    /// The password in force.
    #[schema(max_length = 256)]
    now: String,
    /// The password wanted.
    #[schema(min_length = 12, max_length = 256)]
    wanted: String,
}

/// The demo workroom is everybody's: nobody changes its password or takes it away.
fn refuse_demo(demo: Option<&String>, email: &str) -> Result<(), Problem> {
    if demo.is_some_and(|demo| demo == email) {
        return Err(Problem::not_yet(
            "account.demo",
            "The demo workroom is shared: its password stays, and so does it. Open a workroom of your own.",
        ));
    }
    Ok(())
}

/// Change the password. Every other browser is signed out; this one stays.
#[utoipa::path(request_body = NewPassword, responses((status = 204), Refusals))]
#[put("/account/password")]
async fn change_password(
    app: Data<App>,
    session: Session,
    request: HttpRequest,
    SignedIn(account): SignedIn,
    Body(new): Body<NewPassword>,
) -> Result<HttpResponse, Problem> {
    check_new(&new.wanted).map_err(|problem| Problem { path: Some("wanted".into()), ..problem })?;
    let (demo, place) = (app.options.demo.clone(), attempts::place(&request, &app));
    let (email, kept, counted) = app
        .run(move |conn| {
            let email = account::get(conn, account)?.email;
            refuse_demo(demo.as_ref(), &email)?;
            let subjects = [attempts::of_address(&email), attempts::of_place(&place)];
            let counted = attempts::count(conn, &subjects)?;
            Ok((email, account::password_hash(conn, account)?, counted))
        })
        .await?;
    let hash = in_turn(&app, &counted, move || {
        if new.now.chars().count() > MOST_PASSWORD || !is_right(&new.now, &kept) {
            return Err(Problem::nonsense(
                "account.password",
                "now",
                "That is not the password in force. Nothing was changed.",
            ));
        }
        hash(&new.wanted)
    })
    .await?;
    app.store(move |conn| {
        session::take_attempts_back(conn, &counted)?;
        account::set_password(conn, account, &hash)
    })
    .await?;
    begin(&session, account, &email)?;
    Ok(HttpResponse::NoContent().finish())
}

/// Sign out everywhere, this browser too. Repeating it changes nothing.
#[utoipa::path(responses((status = 204), Refusals))]
#[delete("/sessions")]
async fn sign_out_everywhere(
    app: Data<App>,
    session: Session,
    SignedIn(account): SignedIn,
) -> Result<HttpResponse, Problem> {
    app.store(move |conn| account::sign_out_everywhere(conn, account)).await?;
    session.purge();
    Ok(HttpResponse::NoContent().finish())
}

/// The account that is to go, by its name.
#[derive(Deserialize, ToSchema)]
#[serde(deny_unknown_fields)]
pub struct AccountToDelete {
    /// Its address, written out, so that nobody deletes one by a slip.
    #[schema(max_length = 254)]
    email: String,
    /// Its password, so that nobody else does who finds the browser open.
    #[schema(max_length = 256)]
    password: String,
}

/// Delete the account with everything in it: people, garments, fittings, and what was done. There is no way back.
#[utoipa::path(request_body = AccountToDelete, responses((status = 204), Refusals))]
#[delete("/account")]
async fn delete_account(
    app: Data<App>,
    session: Session,
    request: HttpRequest,
    SignedIn(account): SignedIn,
    Body(AccountToDelete { email: named, password }): Body<AccountToDelete>,
) -> Result<HttpResponse, Problem> {
    let (demo, place) = (app.options.demo.clone(), attempts::place(&request, &app));
    let look = move |conn: &mut Conn| {
        let email = account::get(conn, account)?.email;
        refuse_demo(demo.as_ref(), &email)?;
        if named.trim().to_lowercase() != email {
            return Err(Problem::nonsense(
                "account.name",
                "email",
                format!(
                    "The name was read as \"{}\"; write {email} to delete it. Nothing was deleted.",
                    named.trim()
                ),
            ));
        }
        let counted = attempts::count(conn, &[attempts::of_address(&email), attempts::of_place(&place)])?;
        Ok((account::password_hash(conn, account)?, counted))
    };
    let (kept, counted) = app.run(look).await?;
    in_turn(&app, &counted, move || {
        let right = password.chars().count() <= MOST_PASSWORD && is_right(&password, &kept);
        right.then_some(()).ok_or_else(|| {
            Problem::nonsense(
                "account.password",
                "password",
                "That is not the password in force. Nothing was deleted.",
            )
        })
    })
    .await?;
    app.store(move |conn| {
        session::take_attempts_back(conn, &counted)?;
        account::delete(conn, account)
    })
    .await?;
    session.purge();
    Ok(HttpResponse::NoContent().finish())
}

/// The routes of this module.
pub fn configure(config: &mut ServiceConfig<'_>) {
    config
        .service(sign_up)
        .service(sign_in)
        .service(open_demo)
        .service(sign_out)
        .service(who)
        .service(read_account)
        .service(change_password)
        .service(sign_out_everywhere)
        .service(delete_account);
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn a_missing_account_takes_as_much_checking_as_a_wrong_password() {
        let nobody = PasswordHash::new(NOBODY).expect("a hash that is really checked");
        let real = hash("thimble and beeswax").expect("a hash");
        let real = PasswordHash::new(&real).expect("a hash");
        assert_eq!((nobody.algorithm, nobody.params), (real.algorithm, real.params.clone()));
        assert_eq!(nobody.hash.map(|hash| hash.len()), real.hash.map(|hash| hash.len()));
    }

    #[test]
    fn only_the_right_password_is_right() {
        let kept = hash("thimble and beeswax").expect("a hash");
        assert!(is_right("thimble and beeswax", &kept));
        assert!(!is_right("thimble and beeswax ", &kept));
        assert!(!is_right("thimble and beeswax", NOBODY));
        assert!(!is_right("thimble and beeswax", "only opened by the button"));
    }
}
