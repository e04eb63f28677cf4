//! Signing up, in and out; an account's life.

use actix_session::Session;
use actix_web::web::{Data, Json};
use actix_web::{HttpRequest, HttpResponse, delete, get, post, put};
use argon2::Argon2;
use argon2::password_hash::rand_core::OsRng;
use argon2::password_hash::{PasswordHash, PasswordHasher, PasswordVerifier, SaltString};
use chrono::{TimeDelta, Utc};
use serde::{Deserialize, Serialize};
use utoipa::ToSchema;
use utoipa_actix_web::service_config::ServiceConfig;
use uuid::Uuid;
use vemble_store::{AccountId, Conn, Holdings, account, session};

use crate::app::App;
use crate::body::Body;
use crate::problem::{Problem, Refusals};
use crate::signed_in::{ACCOUNT, SignedIn};

/// Fewest characters of a password.
pub const LEAST_PASSWORD: usize = 12;
/// Most characters of a password; hashing more is a way to keep a server busy.
const MOST_PASSWORD: usize = 256;
/// Failed attempts after which an address, or a network address, has to wait.
const MOST_ATTEMPTS: i64 = 8;
/// From one network address more may fail: a household shares one.
const MOST_FROM_ONE_PLACE: i64 = 40;
/// How long attempts count, in minutes.
const ATTEMPTS_COUNT_FOR: i64 = 15;

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
    /// True when this server has a demo workroom to open.
    demo: bool,
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
    let salt = SaltString::generate(&mut OsRng);
    let hash = Argon2::default().hash_password(password.as_bytes(), &salt);
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

/// Refuses when an address, or the place it is tried from, has failed too often of late.
fn check_attempts(conn: &mut Conn, subjects: &[(String, i64)]) -> Result<(), Problem> {
    let since = Utc::now() - TimeDelta::minutes(ATTEMPTS_COUNT_FOR);
    for (subject, most) in subjects {
        if session::attempts_since(conn, subject, since)? >= *most {
            return Err(Problem::too_many(ATTEMPTS_COUNT_FOR * 60));
        }
    }
    Ok(())
}

/// The network address a request comes from.
fn place(request: &HttpRequest) -> String {
    request.peer_addr().map(|peer| peer.ip().to_string()).unwrap_or_default()
}

fn subjects(email: &str, place: &str) -> [(String, i64); 2] {
    [(format!("address {email}"), MOST_ATTEMPTS), (format!("place {place}"), MOST_FROM_ONE_PLACE)]
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
    let subjects = subjects(&email, &place(&request));
    app.run(move |conn| {
        check_attempts(conn, &subjects)?;
        let hash = hash(&entry.password)?;
        let made = account::create(conn, AccountId(Uuid::now_v7()), &email, &hash)?;
        if !made {
            // Trying addresses out counts like trying passwords out.
            for (subject, _) in &subjects {
                session::note_attempt(conn, subject)?;
            }
        }
        Ok(())
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
) -> Result<Json<Who>, Problem> {
    let email = entry.address()?;
    let subjects = subjects(&email, &place(&request));
    let wanted = email.clone();
    let id = app
        .run(move |conn| {
            check_attempts(conn, &subjects)?;
            let known = account::credentials(conn, &wanted)?;
            let hash = known.as_ref().map_or(NOBODY, |known| known.password_hash.as_str());
            let right = entry.password.chars().count() <= MOST_PASSWORD && is_right(&entry.password, hash);
            match known.filter(|_| right) {
                Some(known) => {
                    session::forget_attempts(conn, &subjects[0].0)?;
                    Ok(known.id)
                }
                None => {
                    for (subject, _) in &subjects {
                        session::note_attempt(conn, subject)?;
                    }
                    Err(Problem::wrong_password())
                }
            }
        })
        .await?;
    open(&session, id)?;
    Ok(Json(Who { email: Some(email), demo: app.demo.is_some() }))
}

/// A fresh key for every sign-in, so that a key from before it is worth nothing.
fn open(session: &Session, id: AccountId) -> Result<(), Problem> {
    session.renew();
    session.insert(ACCOUNT, id).map_err(|_| Problem::internal())
}

/// Open the demo workroom, where this server has one.
#[utoipa::path(responses((status = 200, body = Who), Refusals))]
#[post("/demo-session")]
async fn open_demo(app: Data<App>, session: Session) -> Result<Json<Who>, Problem> {
    let email = app.demo.clone().ok_or_else(Problem::not_found)?;
    let wanted = email.clone();
    let id = app.store(move |conn| account::by_email(conn, &wanted)).await?.ok_or_else(Problem::not_found)?;
    open(&session, id)?;
    Ok(Json(Who { email: Some(email), demo: true }))
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
async fn who(app: Data<App>, session: Session) -> Result<Json<Who>, Problem> {
    let demo = app.demo.is_some();
    let email = match session.get::<AccountId>(ACCOUNT).ok().flatten() {
        Some(id) => {
            app.store(move |conn| Ok(account::get(conn, id).map(|account| account.email).ok())).await?
        }
        None => None,
    };
    Ok(Json(Who { email, demo }))
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
    let demo = app.demo.clone();
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
    let (demo, place) = (app.demo.clone(), place(&request));
    app.run(move |conn| {
        let email = account::get(conn, account)?.email;
        refuse_demo(demo.as_ref(), &email)?;
        let subjects = subjects(&email, &place);
        check_attempts(conn, &subjects)?;
        if new.now.chars().count() > MOST_PASSWORD
            || !is_right(&new.now, &account::password_hash(conn, account)?)
        {
            for (subject, _) in &subjects {
                session::note_attempt(conn, subject)?;
            }
            return Err(Problem::nonsense(
                "account.password",
                "now",
                "That is not the password in force. Nothing was changed.",
            ));
        }
        let hash = hash(&new.wanted)?;
        Ok(account::set_password(conn, account, &hash)?)
    })
    .await?;
    open(&session, account)?;
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
}

/// Delete the account with everything in it: people, garments, fittings, and what was done. There is no way back.
#[utoipa::path(request_body = AccountToDelete, responses((status = 204), Refusals))]
#[delete("/account")]
async fn delete_account(
    app: Data<App>,
    session: Session,
    SignedIn(account): SignedIn,
    Body(named): Body<AccountToDelete>,
) -> Result<HttpResponse, Problem> {
    let demo = app.demo.clone();
    app.run(move |conn| {
        let email = account::get(conn, account)?.email;
        refuse_demo(demo.as_ref(), &email)?;
        if named.email.trim().to_lowercase() != email {
            return Err(Problem::nonsense(
                "account.name",
                "email",
                format!(
                    "The name was read as \"{}\"; write {email} to delete it. Nothing was deleted.",
                    named.email.trim()
                ),
            ));
        }
        Ok(account::delete(conn, account)?)
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
