//! Whose page it is, what is taken back while others write, and who may fill what: two people and a friend at once.

mod common;

use std::io::{BufRead, BufReader};
use std::sync::mpsc::channel;
use std::time::Duration;

use common::{Answer, Client, Running, begun};
use serde_json::{Value, json};
use uuid::Uuid;

const GARMENT: &str = "01930000-0000-7000-8000-00000000c001";
const FITTING: &str = "01930000-0000-7000-8000-00000000c002";

fn at() -> String {
    format!("/api/v1/fittings/{FITTING}")
}

fn post(client: &Client, fitting: &str, changes: &[Value]) -> Answer {
    let path = format!("/api/v1/fittings/{fitting}/changes");
    client.send("POST", &path, None, Some(json!({ "changes": changes })))
}

fn pin(id: &str, station: f64, reading: f64) -> Value {
    let pin = json!({
        "id": id, "seam": "outseam", "side": "left", "datum": "hem", "station": station,
        "mode": "seam_to_pin", "reading": reading,
    });
    json!({ "id": Uuid::now_v7(), "parts": [{ "change": "put_pin", "pin": pin }] })
}

fn line_of(answer: &Answer) -> Value {
    assert_eq!(answer.status, 200, "{}", answer.body);
    answer.body["answers"][0]["line"].clone()
}

fn undo(client: &Client, line: &Value) -> Answer {
    let path = format!("/api/v1/garments/{GARMENT}/undo");
    client.send("POST", &path, None, Some(json!({ "line": line })))
}

fn journal(client: &Client) -> Vec<Value> {
    let lines = client.get(&format!("/api/v1/garments/{GARMENT}/journal"));
    lines.body.as_array().expect("lines").clone()
}

fn page(client: &Client) -> String {
    client.get("/api/v1/session").body["page"].as_str().expect("somebody is in").to_owned()
}

fn friend(server: &Running, host: &Client, name: &str) -> Client {
    let origin = json!({ "origin": "http://fit.example" });
    let code = host.send("POST", &format!("{}/guest-codes", at()), None, Some(origin)).body;
    let friend = server.stranger();
    let words = json!({ "words": code["words"], "name": name });
    assert_eq!(friend.send("POST", "/api/v1/guest-session", None, Some(words)).status, 200);
    friend
}

/// The status and the code of a request that says whose page it comes from.
fn asked(client: &Client, method: &str, path: &str, page: &str, body: Option<Value>) -> (u16, String) {
    let answer = client.ask(method, path, &[("Vemble-Page", page)], body.as_ref());
    (answer.status, answer.body["code"].as_str().unwrap_or_default().to_owned())
}

#[test]
fn the_page_of_somebody_who_is_not_in_any_more_reads_and_changes_nothing() {
    let (server, ada) = begun(GARMENT, FITTING);
    let hers = page(&ada);
    let habits = ada.get("/api/v1/habits").body;
    assert_eq!(asked(&ada, "GET", "/api/v1/garments", &hers, None).0, 200);
    // Bea signs in in the same browser.
    server.account("bea@example.org");
    let entry = json!({ "email": "bea@example.org", "password": "a long enough password" });
    assert_eq!(asked(&ada, "POST", "/api/v1/session", &hers, Some(entry)).0, 200, "a door is anybody's");
    let browser = ada;
    let another = (401, "page.another".to_owned());
    let change = json!({ "changes": [pin("a", 600.0, 12.0)] });
    for (method, path, body) in [
        ("GET", "/api/v1/garments", None),
        ("PUT", "/api/v1/habits", Some(habits.clone())),
        ("POST", &format!("{}/changes", at()), Some(change)),
        ("DELETE", "/api/v1/session", None),
        (
            "DELETE",
            "/api/v1/account",
            Some(json!({ "email": "bea@example.org", "password": "a long enough password" })),
        ),
        ("GET", &format!("{}/sheet.pdf", at()), None),
    ] {
        assert_eq!(asked(&browser, method, path, &hers, body), another, "{method} {path}");
    }
    for path in [format!("{}/changes?since=0&page={hers}", at()), format!("/api/v1/workroom.zip?page={hers}")]
    {
        let answer = browser.get(&path);
        assert_eq!((answer.status, &answer.body["code"]), (401, &json!("page.another")), "{path}");
    }
    // Who is in is anybody's to ask, and the page of who is in is served.
    assert_eq!(asked(&browser, "GET", "/api/v1/session", &hers, None).0, 200);
    assert_eq!(asked(&browser, "GET", "/api/v1/habits", &page(&browser), None).0, 200);
    assert_eq!(
        asked(&browser, "GET", "/api/v1/habits", "somebody", None),
        (400, "request.unreadable".to_owned())
    );
    // A friend's page in a browser that is its own by now, and the other way round.
    let ada = server.signed_in("ada@example.org");
    let bea = friend(&server, &ada, "Bea");
    let reads = page(&bea);
    assert_ne!(reads, hers);
    assert_eq!(asked(&bea, "GET", &at(), &reads, None).0, 200);
    assert_eq!(asked(&bea, "GET", &at(), &hers, None), another);
    assert_eq!(asked(&ada, "GET", &at(), &reads, None), another);
}

#[test]
fn taking_back_never_wipes_what_came_meanwhile() {
    let (_server, ada) = begun(GARMENT, FITTING);
    for round in 0..40 {
        let id = format!("p{round}");
        let line = line_of(&post(&ada, FITTING, &[pin(&id, 300.0 + 10.0 * f64::from(round), 8.0)]));
        let deeper = pin(&id, 300.0 + 10.0 * f64::from(round), 11.0);
        let (back, changed) = std::thread::scope(|scope| {
            let back = scope.spawn(|| undo(&ada, &line));
            let changed = scope.spawn(|| post(&ada, FITTING, std::slice::from_ref(&deeper)));
            (back.join().expect("it ran"), changed.join().expect("it ran"))
        });
        line_of(&changed);
        match back.status {
            200 => {}
            409 => assert_eq!(back.body["above"].as_array().map(Vec::len), Some(1), "{}", back.body),
            status => panic!("{status}: {}", back.body),
        }
        let pins = ada.get(&at()).body["fitting"]["pins"].as_array().expect("pins").clone();
        let stands = pins.iter().find(|pin| pin["id"] == json!(id)).map(|pin| pin["reading"].clone());
        assert_eq!(stands, Some(json!(11.0)), "round {round}: {}", back.body);
    }
}

#[test]
fn the_same_taken_back_twice_at_once_is_one_line_and_a_change_of_nothing_is_none() {
    let (_server, ada) = begun(GARMENT, FITTING);
    for round in 0..20 {
        let station = 300.0 + 10.0 * f64::from(round);
        let line = line_of(&post(&ada, FITTING, &[pin("a", station, 8.0)]));
        let lines: Vec<Value> = std::thread::scope(|scope| {
            let both = [scope.spawn(|| undo(&ada, &line)), scope.spawn(|| undo(&ada, &line))];
            both.map(|each| each.join().expect("it ran")).map(|answer| answer.body["line"].clone()).to_vec()
        });
        assert_eq!(lines[0], lines[1]);
        let back = journal(&ada).into_iter().filter(|each| each["takes_back"] == line).count();
        assert_eq!(back, 1, "round {round}");
    }
    line_of(&post(&ada, FITTING, &[pin("b", 500.0, 8.0)]));
    let before = journal(&ada).len();
    let again = post(&ada, FITTING, &[pin("b", 500.0, 8.0)]);
    assert_eq!((line_of(&again), &again.body["answers"][0]["refused"]), (Value::Null, &Value::Null));
    assert_eq!(journal(&ada).len(), before);
}

#[test]
fn beginnings_at_one_moment_take_numbers_of_their_own() {
    let (_server, ada) = begun(GARMENT, FITTING);
    let numbers: Vec<i64> = std::thread::scope(|scope| {
        let begin = || {
            let begin = json!({ "garment": GARMENT, "held_on": "2026-11-17" });
            let change = json!({ "id": Uuid::now_v7(), "begin": begin });
            let fitting = Uuid::now_v7().to_string();
            loop {
                let answer = post(&ada, &fitting, std::slice::from_ref(&change));
                if answer.status != 503 {
                    assert!(line_of(&answer).is_i64(), "{}", answer.body);
                    return answer.body["record"]["number"].as_i64().expect("a number");
                }
            }
        };
        let all: Vec<_> = (0..8).map(|_| scope.spawn(begin)).collect();
        all.into_iter().map(|each| each.join().expect("it ran")).collect()
    });
    let mut sorted = numbers.clone();
    sorted.sort_unstable();
    assert_eq!(sorted, (2..=9).collect::<Vec<_>>(), "{numbers:?}");
}

#[test]
fn a_friend_fills_neither_its_hosts_line_nor_its_history() {
    let (server, ada) = begun(GARMENT, FITTING);
    let first = line_of(&post(&ada, FITTING, &[pin("host", 500.0, 8.0)]));
    let bea = friend(&server, &ada, "Bea");
    let reading = |i: u32| pin(&format!("f{i}"), 200.0 + f64::from(i), 6.0);
    let many: Vec<Value> = (0..90).map(reading).collect();
    assert_eq!(post(&bea, FITTING, &many).status, 200, "what was kept without a connection goes in at once");
    let refused = post(&bea, FITTING, &(90..150).map(reading).collect::<Vec<_>>());
    assert_eq!((refused.status, &refused.body["code"]), (429, &json!("guest.share")));
    assert!(refused.body["retry_after"].as_i64().is_some_and(|seconds| (1..=60).contains(&seconds)));
    // The host goes on meanwhile.
    assert!(line_of(&post(&ada, FITTING, &[pin("host", 500.0, 9.0)])).is_i64());
    assert!(journal(&ada).iter().any(|line| line["id"] == first) || journal(&ada).len() == 100);
    let guests = ada.get(&format!("{}/guests", at())).body;
    let out = format!("{}/guests/{}", at(), guests[0]["id"].as_str().expect("a friend"));
    assert_eq!(ada.send("DELETE", &out, None, None).status, 204);
    assert_eq!(post(&bea, FITTING, &[reading(200)]).status, 401, "sent out is out");
}

/// Follows the fitting; what is received ends when the stream does.
fn ends(client: &Client) -> std::sync::mpsc::Receiver<()> {
    let request = client.agent.get(client.url_of(&format!("{}/changes?since=0", at())));
    let response = request.call().expect("a stream");
    let (tell, told) = channel();
    std::thread::spawn(move || {
        let mut lines = BufReader::new(response.into_body().into_reader()).lines();
        while let Some(Ok(_)) = lines.next() {}
        let _ = tell.send(());
    });
    told
}

#[test]
fn a_stream_ends_with_its_session_by_whatever_way_that_ends() {
    let (server, ada) = begun(GARMENT, FITTING);
    // Well before a stream would look by itself.
    let soon = Duration::from_secs(8);
    let here = || server.signed_in("ada@example.org");
    let one = here();
    let stays = ends(&here());
    let stream = ends(&one);
    assert_eq!(one.send("DELETE", "/api/v1/session", None, None).status, 204);
    assert!(stream.recv_timeout(soon).is_ok(), "signed out");
    let bea = friend(&server, &ada, "Bea");
    let stream = ends(&bea);
    let guests = ada.get(&format!("{}/guests", at())).body;
    let out = format!("{}/guests/{}", at(), guests[0]["id"].as_str().expect("a friend"));
    assert_eq!(ada.send("DELETE", &out, None, None).status, 204);
    assert!(stream.recv_timeout(soon).is_ok(), "sent out");
    assert!(stays.try_recv().is_err(), "another's session goes on");
    let words = json!({ "now": "a long enough password", "wanted": "another long password" });
    assert_eq!(ada.put("/api/v1/account/password", None, &words).status, 204);
    assert!(stays.recv_timeout(soon).is_ok(), "the password is another");
    let entry = json!({ "email": "ada@example.org", "password": "another long password" });
    let again = server.stranger();
    assert_eq!(again.send("POST", "/api/v1/session", None, Some(entry)).status, 200);
    let stream = ends(&again);
    assert_eq!(ada.send("DELETE", "/api/v1/sessions", None, None).status, 204);
    assert!(stream.recv_timeout(soon).is_ok(), "signed out everywhere");
}

#[test]
fn a_sign_in_that_never_had_its_turn_is_no_wrong_one() {
    let server = Running::start();
    let ada = server.account("ada@example.org");
    let enter = |client: &Client, email: &str| {
        let entry = json!({ "email": email, "password": "a long enough password" });
        client.send("POST", "/api/v1/session", None, Some(entry)).status
    };
    std::thread::scope(|scope| {
        // Strangers fill the line in which passwords are checked; Ada comes to a full one more often than she may
        // be wrong.
        let fill: Vec<_> = (0..36)
            .map(|i| {
                let (server, enter) = (&server, &enter);
                scope.spawn(move || enter(&server.stranger(), &format!("nobody{i}@example.org")))
            })
            .collect();
        let came: Vec<u16> = (0..12).map(|_| enter(&server.stranger(), "ada@example.org")).collect();
        assert!(came.iter().all(|status| [200, 503].contains(status)), "{came:?}");
        for each in fill {
            assert!([401, 429, 503].contains(&each.join().expect("it ran")));
        }
    });
    assert_eq!(enter(&ada, "ada@example.org"), 200);
}
