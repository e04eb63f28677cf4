//! A fitting changed by changes over HTTP: each once, each answered for itself, taken back by its line, heard of by
//! whoever has the fitting open, and a friend's device that does nothing but read.

mod common;

use std::sync::mpsc::RecvTimeoutError;
use std::time::Duration;

use common::{Client, SOON, begun, example, follow};
use serde_json::{Value, json};
use uuid::Uuid;

const GARMENT: &str = "01930000-0000-7000-8000-00000000b001";
const FITTING: &str = "01930000-0000-7000-8000-00000000b002";

fn at() -> String {
    format!("/api/v1/fittings/{FITTING}")
}

fn post(client: &Client, changes: &[Value]) -> Value {
    let answer = client.send("POST", &format!("{}/changes", at()), None, Some(json!({ "changes": changes })));
    assert_eq!(answer.status, 200, "{}", answer.body);
    answer.body
}

fn pin(id: &str, station: f64, reading: f64) -> Value {
    json!({
        "change": "put_pin",
        "pin": { "id": id, "seam": "outseam", "side": "left", "datum": "hem", "station": station,
                 "mode": "seam_to_pin", "reading": reading },
    })
}

fn change(parts: &[Value]) -> Value {
    json!({ "id": Uuid::now_v7(), "parts": parts })
}

fn pins(client: &Client) -> Vec<(String, f64)> {
    let fitting = client.get(&at()).body;
    let pins = fitting["fitting"]["pins"].as_array().expect("pins").clone();
    pins.iter()
        .map(|pin| {
            (pin["id"].as_str().expect("an id").to_owned(), pin["reading"].as_f64().expect("a reading"))
        })
        .collect()
}

fn undo(client: &Client, line: &Value, also: &[Value]) -> common::Answer {
    let body = json!({ "line": line, "also": also });
    client.send("POST", &format!("/api/v1/garments/{GARMENT}/undo"), None, Some(body))
}

#[test]
fn several_changes_are_each_answered_for_themselves_and_made_once() {
    let (_server, ada) = begun(GARMENT, FITTING);
    let changes = [
        change(&[pin("a", 600.0, 12.0), pin("b", 700.0, 14.0)]),
        change(&[pin("c", 9999.0, 12.0)]),
        change(&[pin("d", 800.0, 10.0), pin("bad id", 850.0, 9.0)]),
        change(&[json!({ "change": "tick", "step": "trim_outseam" })]),
        change(&[json!({ "change": "read_hem", "hem": "hem",
            "reading": { "id": "r", "side": "left", "at": 90, "read": "edge_to_pin", "length": 10 } })]),
        change(&[json!({ "change": "intend", "intention": "close" })]),
    ];
    let answer = post(&ada, &changes);
    let answers = answer["answers"].as_array().expect("answers");
    let told: Vec<(bool, &str)> = answers
        .iter()
        .map(|each| (each["line"].is_i64(), each["refused"]["code"].as_str().unwrap_or("")))
        .collect();
    assert_eq!(
        told,
        [
            (true, ""),
            (false, "craft.pin"),
            (false, "pin.id"),
            (false, "step.needs"),
            (false, "hem.wish"),
            (true, "")
        ],
        "{answer}"
    );
    assert_eq!(answers[2]["refused"]["path"], "parts[1]");
    let stands = [("a".to_owned(), 12.0), ("b".to_owned(), 14.0)];
    assert_eq!(pins(&ada), stands);
    assert_eq!(answer["record"], ada.get(&at()).body);
    // The answer was lost, and all of it is sent again: the same lines, and nothing new.
    let again = post(&ada, &changes);
    for (first, second) in answers.iter().zip(again["answers"].as_array().expect("answers")) {
        assert_eq!(first["line"], second["line"]);
    }
    assert_eq!((pins(&ada), &again["version"]), (stands.to_vec(), &answer["version"]));
    // An id means one change, for good.
    let mut other = changes[0].clone();
    other["parts"][0]["pin"]["reading"] = json!(20);
    let refused = post(&ada, &[other]);
    assert_eq!(refused["answers"][0]["refused"]["code"], "change.id_taken");
}

#[test]
fn the_same_changes_sent_several_times_at_once_by_several_hands_lose_nothing() {
    let (_server, ada) = begun(GARMENT, FITTING);
    let all: Vec<Value> =
        (0..12).map(|i| change(&[pin(&format!("p{i}"), 300.0 + 50.0 * f64::from(i), 8.0)])).collect();
    std::thread::scope(|scope| {
        for hand in 0..4_usize {
            let (ada, all) = (&ada, &all);
            scope.spawn(move || {
                // Each hand sends every change, beginning somewhere else, and keeps what the server was too busy for.
                for at in 0..all.len() {
                    let each = &all[(at + 3 * hand) % all.len()];
                    loop {
                        let body = json!({ "changes": [each] });
                        let path = format!("/api/v1/fittings/{FITTING}/changes");
                        let answer = ada.send("POST", &path, None, Some(body));
                        match answer.status {
                            200 => {
                                assert!(answer.body["answers"][0]["line"].is_i64(), "{}", answer.body);
                                break;
                            }
                            503 => std::thread::sleep(Duration::from_millis(20)),
                            status => panic!("{status}: {}", answer.body),
                        }
                    }
                }
            });
        }
    });
    assert_eq!(pins(&ada).len(), 12);
    let journal = ada.get(&format!("/api/v1/garments/{GARMENT}/journal")).body;
    assert_eq!(journal.as_array().expect("lines").len(), 14, "hung, begun, twelve pins");
}

#[test]
fn a_line_is_taken_back_by_name_with_what_stands_on_it_and_can_come_again() {
    let (_server, ada) = begun(GARMENT, FITTING);
    let put = post(&ada, &[change(&[pin("a", 600.0, 12.0)])])["answers"][0]["line"].clone();
    let moved = post(&ada, &[change(&[pin("a", 600.0, 15.0)])])["answers"][0]["line"].clone();
    post(&ada, &[change(&[pin("b", 700.0, 10.0)])]);
    let refused = undo(&ada, &put, &[]);
    assert_eq!(
        (refused.status, &refused.body["code"]),
        (409, &json!("journal.stood_on")),
        "{}",
        refused.body
    );
    assert_eq!(refused.body["above"], json!([moved]));
    assert!(
        refused.body["detail"].as_str().expect("words").contains("15 mm in place of 12 mm"),
        "{}",
        refused.body
    );
    let back = undo(&ada, &put, std::slice::from_ref(&moved));
    assert_eq!(back.status, 200, "{}", back.body);
    assert_eq!(pins(&ada), [("b".to_owned(), 10.0)]);
    let again = undo(&ada, &put, &[]);
    assert_eq!((again.status, &again.body["line"]), (200, &back.body["line"]), "asking twice is asking once");
    // What was taken back can come again, the last first.
    assert_eq!(undo(&ada, &back.body["line"], &[]).status, 200);
    assert_eq!(pins(&ada), [("a".to_owned(), 12.0), ("b".to_owned(), 10.0)]);
    let journal = ada.get(&format!("/api/v1/garments/{GARMENT}/journal")).body;
    let line = |id: &Value| {
        let lines = journal.as_array().expect("lines");
        lines.iter().find(|line| line["id"] == *id).expect("the line").clone()
    };
    assert_eq!((&line(&put)["undone"], &line(&moved)["undone"]), (&json!(true), &json!(true)));
    assert_eq!(line(&put)["by"]["here"], true);
    assert_eq!(line(&put)["by"]["name"], "ada@example.org");
    assert!(line(&back.body["line"])["what"].as_str().expect("words").starts_with("took back: put a pin"));
}

#[test]
fn what_the_craft_does_not_allow_is_not_taken_back_either() {
    let (_server, ada) = begun(GARMENT, FITTING);
    let put = post(&ada, &[change(&[pin("a", 600.0, 12.0)])])["answers"][0]["line"].clone();
    let wish = json!({ "change": "wish_hem", "wish": { "hem": "hem", "wanted": { "from": "pins" } } });
    let read = json!({ "change": "read_hem", "hem": "hem",
        "reading": { "id": "r", "side": "left", "at": 90, "read": "edge_to_pin", "length": 10 } });
    let wished = post(&ada, &[change(&[wish]), change(&[read])]);
    let refused = undo(&ada, &wished["answers"][0]["line"], &[]);
    assert_eq!(
        refused.body["above"],
        json!([wished["answers"][1]["line"]]),
        "the reading stands on the wish"
    );
    // The garment changed meanwhile: a seam is gone. Its pin strays, is told with the edit, and may go and come.
    let path = format!("/api/v1/garments/{GARMENT}");
    let kept = ada.get(&path);
    let mut changed = kept.body.clone();
    changed["garment"]["shape"]["seams"] = json!(["inseam", "centre_back"]);
    changed["garment"]["shape"]["topstitched"] = json!([]);
    changed["garment"]["shape"]["allowances"] = json!([]);
    let edited = ada.put(&path, kept.version.as_deref(), &changed);
    assert_eq!(edited.status, 200, "{}", edited.body);
    let strays = edited.body["strays"].as_array().expect("strays");
    assert_eq!((strays.len(), &strays[0]["fitting"]), (1, &json!(FITTING)), "{}", edited.body);
    let out = undo(&ada, &put, &[]);
    assert_eq!(out.status, 200, "{}", out.body);
    let back = undo(&ada, &out.body["line"], &[]);
    assert_eq!(back.status, 422, "a pin does not come back onto a seam that is gone: {}", back.body);
    assert!(back.body["detail"].as_str().expect("words").contains("no such seam"), "{}", back.body);
}

#[test]
fn whoever_has_a_fitting_open_hears_of_each_change_once_and_whose_it_replaced() {
    let (server, ada) = begun(GARMENT, FITTING);
    let other = server.signed_in("ada@example.org");
    let began =
        ada.get(&format!("/api/v1/garments/{GARMENT}/journal")).body[0]["id"].as_i64().expect("a line");
    let heard = follow(&other, FITTING, began);
    let put = post(&ada, &[change(&[pin("a", 600.0, 12.0)])])["answers"][0]["line"].clone();
    let told = heard.recv_timeout(SOON).expect("told");
    assert_eq!((&told["id"], &told["by"]["here"], &told["replaced"]), (&put, &json!(false), &Value::Null));
    // The other moves the same pin: the later stands, and both are told whose it was.
    let mine = follow(&ada, FITTING, put.as_i64().expect("a line"));
    post(&other, &[change(&[pin("a", 600.0, 15.0)])]);
    let here = heard.recv_timeout(SOON).expect("told");
    let there = mine.recv_timeout(SOON).expect("told");
    assert_eq!((&here["by"]["here"], &here["replaced"]["here"]), (&json!(true), &json!(false)));
    assert_eq!((&there["by"]["here"], &there["replaced"]["here"]), (&json!(false), &json!(true)));
    assert_eq!(pins(&ada), [("a".to_owned(), 15.0)]);
    // A stream that was cut off goes on where it ended.
    let again = follow(&ada, FITTING, began);
    let all: Vec<Value> = (0..2).map(|_| again.recv_timeout(SOON).expect("told")["id"].clone()).collect();
    assert_eq!(all, [put, there["id"].clone()]);
}

#[test]
fn a_friends_device_reads_one_fitting_and_does_nothing_else() {
    let (server, ada) = begun(GARMENT, FITTING);
    let code = ada.send(
        "POST",
        &format!("{}/guest-codes", at()),
        None,
        Some(json!({ "origin": "http://fit.example" })),
    );
    assert_eq!(code.status, 201, "{}", code.body);
    assert!(code.body["svg"].as_str().expect("a picture").contains("<svg"));
    let friend = server.stranger();
    let join = |words: &Value| {
        friend.send("POST", "/api/v1/guest-session", None, Some(json!({ "words": words, "name": "Bea" })))
    };
    assert_eq!(join(&json!("amber apron basket chalk zip")).status, 422);
    let joined = join(&code.body["words"]);
    assert_eq!((joined.status, &joined.body["fitting"]), (200, &json!(FITTING)), "{}", joined.body);
    // It reads, and hears the echo.
    let job = friend.get(&format!("{}/job", at()));
    assert_eq!(job.status, 200);
    assert_eq!(friend.send("POST", "/api/v1/compute/job", None, Some(job.body)).status, 200);
    let read = post(&friend, &[change(&[pin("f", 640.0, 11.0)])]);
    assert!(read["answers"][0]["line"].is_i64(), "{read}");
    // Everything else is its host's.
    let more = post(
        &friend,
        &[
            change(&[json!({ "change": "intend", "intention": "loose" })]),
            change(&[json!({ "change": "tick", "step": "chalk" })]),
            change(&[pin("g", 660.0, 11.0), json!({ "change": "leave_hem", "hem": "hem" })]),
        ],
    );
    for answer in more["answers"].as_array().expect("answers") {
        assert_eq!(answer["refused"]["code"], "guest.only_readings", "{answer}");
    }
    let (_, fitting) = example(GARMENT);
    for (method, path, body) in [
        ("GET", "/api/v1/garments".to_owned(), None),
        ("GET", "/api/v1/wearers".to_owned(), None),
        ("GET", "/api/v1/calendar".to_owned(), None),
        ("GET", "/api/v1/account".to_owned(), None),
        ("GET", format!("/api/v1/garments/{GARMENT}/fittings"), None),
        ("GET", format!("/api/v1/garments/{GARMENT}/journal"), None),
        ("GET", format!("{}/sheet.pdf", at()), None),
        ("PUT", at(), Some(fitting)),
        ("POST", format!("{}/guest-codes", at()), Some(json!({ "origin": "http://fit.example" }))),
        ("DELETE", format!("/api/v1/garments/{GARMENT}"), None),
    ] {
        let answer = friend.send(method, &path, None, body);
        assert_eq!(
            (answer.status, &answer.body["code"]),
            (403, &json!("guest.only_readings")),
            "{method} {path}"
        );
    }
    let elsewhere = format!("/api/v1/fittings/{}", Uuid::now_v7());
    for path in
        [elsewhere.clone(), format!("{elsewhere}/job"), format!("/api/v1/garments/{}", Uuid::now_v7())]
    {
        assert_eq!(friend.get(&path).status, 404, "{path}");
    }
    // What it wrote is marked as its own, and its host sees it and sends it out.
    let journal = ada.get(&format!("/api/v1/garments/{GARMENT}/journal")).body;
    assert_eq!((&journal[0]["by"]["name"], &journal[0]["by"]["here"]), (&json!("Bea"), &json!(false)));
    let guests = ada.get(&format!("{}/guests", at())).body;
    assert_eq!((guests.as_array().map(Vec::len), &guests[0]["name"]), (Some(1), &json!("Bea")));
    let heard = follow(&friend, FITTING, 0);
    assert!(heard.recv_timeout(SOON).is_ok(), "it hears of its fitting");
    let out = format!("{}/guests/{}", at(), guests[0]["id"].as_str().expect("an id"));
    assert_eq!(ada.send("DELETE", &out, None, None).status, 204);
    let turned_away = friend.get(&at());
    assert_eq!((turned_away.status, &turned_away.body["code"]), (401, &json!("guest.out")));
    assert_eq!(join(&code.body["words"]).status, 422, "the words are used up with it");
    // What it heard before may still come; then its stream has ended.
    for _ in 0..100 {
        match heard.recv_timeout(SOON) {
            Ok(_) => {}
            Err(RecvTimeoutError::Disconnected) => return,
            Err(RecvTimeoutError::Timeout) => break,
        }
    }
    panic!("it is out and goes on hearing");
}
