//! Who is asking: the account of the session, or a refusal.

use std::future::{Ready, ready};

use actix_session::SessionExt;
use actix_web::dev::Payload;
use actix_web::{FromRequest, HttpRequest};
use vemble_store::{AccountId, account};

use crate::problem::Problem;

/// Name of the account in a session.
pub const ACCOUNT: &str = account::SESSION_ACCOUNT;

/// The account a request acts for.
#[derive(Debug, Clone, Copy)]
pub struct SignedIn(pub AccountId);

impl FromRequest for SignedIn {
    type Error = Problem;
    type Future = Ready<Result<Self, Problem>>;

    fn from_request(request: &HttpRequest, _: &mut Payload) -> Self::Future {
        let account = request.get_session().get::<AccountId>(ACCOUNT).ok().flatten();
        ready(account.map(SignedIn).ok_or_else(Problem::signed_out))
    }
}
