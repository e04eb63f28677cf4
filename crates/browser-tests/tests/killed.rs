//! Server and database end in the middle of work, again and again: what was answered as done is there, once.

use std::collections::BTreeMap;
use std::sync::atomic::{AtomicBool, AtomicU32, Ordering};
use std::time::Duration;

use serde_json::{Value, json};
use vemble_browser_tests::{Postgres, Visitor, Workroom, demo_fitting};

/// Hands that work at once.
const HANDS: usize = 3;

/// How often the database is ended, and how often the server for each of those; a hundred times and ten when somebody
/// goes looking (`make hunt`).
fn search() -> (u32, u32) {
    if std::env::var("VEMBLE_SEARCH").is_ok() { (100, 10) } else { (4, 1) }
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
fn work(url: &str, hand: usize, done: &AtomicBool, answered: &AtomicU32) -> Vec<String> {
    let path = format!("/api/v1/fittings/{}/changes", demo_fitting(301));
    let visitor = Visitor::in_demo(url);
    let send = |body: &Value| loop {
        match visitor.send("POST", &path, Some(body)) {
            Some((200, told)) => {
                assert!(told["answers"][0]["line"].is_i64(), "{told}");
                answered.fetch_add(1, Ordering::Relaxed);
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

/// Waits until so many more changes were answered: the house is open again, and work goes on. A house that stays shut
/// ends the test, hands and all.
fn until_more(answered: &AtomicU32, more: usize) {
    let wanted = answered.load(Ordering::Relaxed) + more as u32;
    let mut looks = 0;
    while answered.load(Ordering::Relaxed) < wanted {
        looks += 1;
        if looks > 6_000 {
            eprintln!("the house does not open again");
            std::process::exit(1);
        }
        std::thread::sleep(Duration::from_millis(20));
    }
}

#[test]
fn what_was_answered_is_there_once_however_often_the_server_and_the_database_end() {
    let postgres = Postgres::new("killed");
    let mut workroom = Workroom::on(&postgres.start(), true);
    let url = workroom.url.clone();
    let (done, answered) = (AtomicBool::new(false), AtomicU32::new(0));
    let (rounds, kills) = search();
    let kept: Vec<String> = std::thread::scope(|scope| {
        let hands: Vec<_> = (0..HANDS)
            .map(|hand| {
                let (url, done, answered) = (&url, &done, &answered);
                scope.spawn(move || work(url, hand, done, answered))
            })
            .collect();
        for _ in 0..rounds {
            for _ in 0..kills {
                until_more(&answered, HANDS);
                workroom.kill();
                workroom.start_again();
            }
            until_more(&answered, HANDS);
            postgres.crash();
            let _ = postgres.start();
        }
        until_more(&answered, 2 * HANDS);
        done.store(true, Ordering::Relaxed);
        hands.into_iter().flat_map(|hand| hand.join().expect("it worked to the end")).collect()
    });
    println!(
        "{} changes answered over {} ends of the server and {rounds} of the database",
        answered.into_inner(),
        rounds * kills
    );
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
