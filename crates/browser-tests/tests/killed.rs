//! Server and database end in the middle of work, again and again: what was answered as done is there, once.

use std::collections::BTreeMap;
use std::sync::atomic::{AtomicBool, Ordering};
use std::time::Duration;

use serde_json::{Value, json};
use vemble_browser_tests::{Postgres, Visitor, Workroom, demo_fitting};

/// Hands that work at once.
const HANDS: usize = 3;

/// How often each is ended; a hundred times when somebody goes looking (`make hunt`).
fn search() -> u32 {
    if std::env::var("VEMBLE_SEARCH").is_ok() { 100 } else { 4 }
}

fn pin(hand: usize, n: u32) -> (String, Value) {
    // Ids as a browser makes them need only be the same when a change is sent again.
    let id = format!("01930000-0000-7000-8{hand:03}-{n:012}");
    let pin = json!({
        "id": format!("k{hand}-{n}"), "seam": "inseam", "side": "left", "datum": "hem",
        "station": 20 + (n * 7 + 200 * hand as u32) % 600, "mode": "seam_to_pin", "reading": 3,
    });
    (id.clone(), json!({ "changes": [{ "id": id, "parts": [{ "change": "put_pin", "pin": pin }] }] }))
}

/// Puts pins, and takes most of them out again, sending each change until it is answered; those put at the end.
fn work(url: &str, hand: usize, done: &AtomicBool) -> Vec<String> {
    let path = format!("/api/v1/fittings/{}/changes", demo_fitting(301));
    let visitor = Visitor::in_demo(url);
    let send = |body: &Value| loop {
        match visitor.send("POST", &path, Some(body)) {
            Some((200, told)) => {
                assert!(told["answers"][0]["line"].is_i64(), "{told}");
                break;
            }
            // Silence, and the moment between two lives.
            None | Some((500.., _)) => std::thread::sleep(Duration::from_millis(60)),
            Some((status, told)) => panic!("{status}: {told}"),
        }
    };
    let mut put = Vec::new();
    let mut n = 0;
    while !done.load(Ordering::Relaxed) {
        let (_, body) = pin(hand, n);
        send(&body);
        put.push(format!("k{hand}-{n}"));
        if put.len() > 20 {
            let out = put.remove(0);
            let id = format!("01930000-0000-7000-9{hand:03}-{n:012}");
            let part = json!({ "change": "take_out_pin", "id": out });
            send(&json!({ "changes": [{ "id": id, "parts": [part] }] }));
        }
        n += 1;
    }
    put
}

#[test]
fn what_was_answered_is_there_once_however_often_the_server_and_the_database_end() {
    let postgres = Postgres::new("killed");
    let mut workroom = Workroom::on(&postgres.start(), true);
    let url = workroom.url.clone();
    let done = AtomicBool::new(false);
    let kept: Vec<String> = std::thread::scope(|scope| {
        let hands: Vec<_> = (0..HANDS)
            .map(|hand| {
                let (url, done) = (&url, &done);
                scope.spawn(move || work(url, hand, done))
            })
            .collect();
        for _ in 0..search() {
            std::thread::sleep(Duration::from_millis(250));
            workroom.kill();
            workroom.start_again();
            std::thread::sleep(Duration::from_millis(250));
            postgres.crash();
            let _ = postgres.start();
        }
        std::thread::sleep(Duration::from_millis(500));
        done.store(true, Ordering::Relaxed);
        hands.into_iter().flat_map(|hand| hand.join().expect("it worked to the end")).collect()
    });
    let visitor = Visitor::in_demo(&url);
    let (_, fitting) = visitor.get(&format!("/api/v1/fittings/{}", demo_fitting(301)));
    let mut count: BTreeMap<String, u32> = BTreeMap::new();
    for pin in fitting["fitting"]["pins"].as_array().expect("pins") {
        *count.entry(pin["id"].as_str().expect("an id").to_owned()).or_default() += 1;
    }
    for id in &kept {
        assert_eq!(count.get(id), Some(&1), "{id} was answered as done");
    }
    let of_hands = count.keys().filter(|id| id.starts_with('k')).count();
    assert_eq!(of_hands, kept.len(), "and what was taken out is out");
    assert!(kept.len() > 3 * HANDS, "only {} pins were put", kept.len());
}
