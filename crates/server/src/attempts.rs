//! Attempts to get in: how many may fail before an address, or the place it is tried from, has to wait.

use actix_web::HttpRequest;
use chrono::{TimeDelta, Utc};
use vemble_store::{Conn, session};

use crate::app::App;
use crate::problem::Problem;

/// Failed attempts after which an address has to wait.
const MOST_ATTEMPTS: i64 = 8;
/// From one network address more may fail: a household shares one.
const MOST_FROM_ONE_PLACE: i64 = 40;
/// Accounts that may be made from one network address in the same time: a class that begins together.
const MOST_ACCOUNTS: i64 = 30;
/// How long attempts count, in minutes.
const COUNT_FOR: i64 = 15;

/// What attempts are counted of, and how many may fail.
pub type Subject = (String, i64);

/// Attempts on an address from a place.
#[must_use]
pub fn of_address(email: &str) -> Subject {
    (format!("address {email}"), MOST_ATTEMPTS)
}

/// Attempts from a place, whatever they are on.
#[must_use]
pub fn of_place(place: &str) -> Subject {
    (format!("place {place}"), MOST_FROM_ONE_PLACE)
}

/// Accounts made from a place.
#[must_use]
pub fn of_sign_ups(place: &str) -> Subject {
    (format!("sign-up {place}"), MOST_ACCOUNTS)
}

/// Attempts of a browser that the account knows.
#[must_use]
pub fn of_known_browser(email: &str, browser: &str) -> Subject {
    (format!("browser {browser} {email}"), MOST_ATTEMPTS)
}

/// Counts an attempt before it is made; give it back with [`session::take_attempts_back`] where it was none.
///
/// # Errors
/// [`Problem::too_many`] when one of these has failed too often of late.
pub fn count(conn: &mut Conn, subjects: &[Subject]) -> Result<Vec<i64>, Problem> {
    let since = Utc::now() - TimeDelta::minutes(COUNT_FOR);
    session::count_attempt(conn, subjects, since)?.ok_or_else(|| Problem::too_many(COUNT_FOR * 60))
}

/// The network address a request comes from: that of the connection, or behind a trusted proxy what the proxy says.
#[must_use]
pub fn place(request: &HttpRequest, app: &App) -> String {
    let peer = request.peer_addr().map(|peer| peer.ip().to_string());
    if !app.options.trusted_proxy {
        return peer.unwrap_or_default();
    }
    // The proxy adds the address it was asked from at the end; what stands before it anybody may have written.
    let header = |name: &str| request.headers().get_all(name).last().and_then(|value| value.to_str().ok());
    let forwarded = header("forwarded").and_then(forwarded_for);
    let listed = || header("x-forwarded-for").and_then(|list| list.rsplit(',').next()).map(bare);
    forwarded.or_else(listed).or(peer).unwrap_or_default()
}

/// The last `for=` of a `Forwarded` header (RFC 7239).
fn forwarded_for(header: &str) -> Option<String> {
    let last = header.rsplit(',').next()?;
    last.split(';').find_map(|pair| {
        let (name, value) = pair.split_once('=')?;
        name.trim().eq_ignore_ascii_case("for").then(|| bare(value))
    })
}

/// An address without quotes, brackets and port.
fn bare(written: &str) -> String {
    let plain = written.trim().trim_matches('"');
    match plain.strip_prefix('[') {
        Some(v6) => v6.split(']').next().unwrap_or_default().to_owned(),
        None if plain.matches(':').count() == 1 => plain.split(':').next().unwrap_or_default().to_owned(),
        None => plain.to_owned(),
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn the_last_address_of_a_forwarded_header_is_the_proxys_word() {
        for (header, read) in [
            ("for=192.0.2.60;proto=http;by=203.0.113.43", "192.0.2.60"),
            ("for=6.6.6.6, for=192.0.2.7", "192.0.2.7"),
            ("proto=https;For=\"[2001:db8:cafe::17]:4711\"", "2001:db8:cafe::17"),
            ("for=\"198.51.100.9:4711\"", "198.51.100.9"),
        ] {
            assert_eq!(forwarded_for(header).as_deref(), Some(read), "{header}");
        }
        assert_eq!(forwarded_for("proto=https"), None);
        assert_eq!(bare("2001:db8::1"), "2001:db8::1");
    }
}
