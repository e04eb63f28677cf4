//! At the door: wrong passwords slow whoever tries them, and never keep the owner's own browser out; behind a proxy
//! the visitor's address is what the proxy says, and nowhere else what anybody says.

mod common;

use common::{Client, Running};
use serde_json::json;
use vemble_server::Options;

fn sign_in(client: &Client, email: &str, password: &str, from: &str) -> u16 {
    let entry = json!({ "email": email, "password": password });
    client.ask("POST", "/api/v1/session", &[("X-Forwarded-For", from)], Some(&entry)).status
}

const RIGHT: &str = "a long enough password";
const WRONG: &str = "not the password at all";

#[test]
fn somebody_elses_wrong_passwords_keep_no_known_browser_out() {
    let server = Running::start();
    let ada = server.account("ada@example.org");
    let thief = server.stranger();
    let told: Vec<u16> = (0..10).map(|_| sign_in(&thief, "ada@example.org", WRONG, "")).collect();
    assert_eq!(told.iter().filter(|status| **status == 401).count(), 8, "{told:?}");
    assert_eq!(told[9], 429);
    assert_eq!(
        sign_in(&server.stranger(), "ada@example.org", RIGHT, ""),
        429,
        "a browser nobody knows waits"
    );
    assert_eq!(ada.send("DELETE", "/api/v1/session", None, None).status, 204);
    assert_eq!(sign_in(&ada, "ada@example.org", RIGHT, ""), 200, "her own does not");
    // Knowing a browser opens nothing: its own wrong passwords count too.
    let told: Vec<u16> = (0..10).map(|_| sign_in(&ada, "ada@example.org", WRONG, "")).collect();
    assert_eq!((told[0], told[9]), (401, 429), "{told:?}");
}

#[test]
fn attempts_made_at_once_count_one_by_one() {
    let server = Running::start();
    server.account("ada@example.org");
    let told: Vec<u16> = std::thread::scope(|scope| {
        let hands: Vec<_> = (0..24)
            .map(|_| {
                let thief = server.stranger();
                scope.spawn(move || sign_in(&thief, "ada@example.org", WRONG, ""))
            })
            .collect();
        hands.into_iter().map(|hand| hand.join().expect("an answer")).collect()
    });
    let looked_at = told.iter().filter(|status| **status == 401).count();
    assert_eq!(looked_at, 8, "{told:?}");
}

#[test]
fn the_visitors_address_is_the_proxys_word_and_nobody_elses() {
    let from = |server: &Running, place: &str, times: usize| -> Vec<u16> {
        (0..times)
            .map(|i| sign_in(&server.stranger(), &format!("nobody{i}@example.org"), WRONG, place))
            .collect()
    };
    let behind = Running::with(Options { trusted_proxy: true, ..Options::default() });
    let told = from(&behind, "6.6.6.6, 192.0.2.1", 42);
    assert_eq!((told[0], told[41]), (401, 429), "{told:?}");
    assert_eq!(from(&behind, "192.0.2.2", 1), [401], "another visitor is not meant");
    assert_eq!(from(&behind, "192.0.2.2, 192.0.2.1", 1), [429], "what stands before is only said");
    let open = Running::start();
    for i in 0..40 {
        from(&open, &format!("192.0.2.{i}"), 1);
    }
    assert_eq!(from(&open, "192.0.2.99", 1), [429], "without a proxy nobody is taken at their word");
}
