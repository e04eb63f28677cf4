//! Hems and sums over HTTP: read as they are typed, kept reading by reading, refused with their place.

mod common;

use common::{Client, Running, example_job};
use serde_json::{Value, json};
use vemble_fit::sums::{Sum, work_out};
use vemble_fit::{Habits, Job, Length};

const GARMENT: &str = "/api/v1/garments/01930000-0000-7000-8000-00000000e001";
const FITTING: &str = "/api/v1/fittings/01930000-0000-7000-8000-00000000e002";

fn example(name: &str) -> (Value, Job) {
    let value = example_job(name);
    let job = serde_json::from_value(value.clone()).expect("a job");
    (value, job)
}

/// Hangs an example's garment; the fitting that goes with it, ready to be changed and written.
fn hung(ada: &Client, name: &str) -> Value {
    let (_, job) = example(name);
    let garment = serde_json::to_value(&job.garment).expect("JSON");
    let record = json!({ "wearer": null, "due_on": null, "garment": garment });
    assert_eq!(ada.put(GARMENT, None, &record).status, 200);
    let fitting = serde_json::to_value(&job.fitting).expect("JSON");
    json!({ "garment": "01930000-0000-7000-8000-00000000e001", "number": 1, "fitting": fitting })
}

fn post(ada: &Client, path: &str, body: Value) -> (u16, Value) {
    let answer = ada.send("POST", &format!("/api/v1/compute/{path}"), None, Some(body));
    (answer.status, answer.body)
}

#[test]
fn a_reading_round_a_hem_is_read_in_any_spelling_and_refused_where_it_stands() {
    let server = Running::start();
    let ada = server.account("ada@example.org");
    let (value, _) = example("hem-double-narrow");
    let typed = |reading: &str, side: &str| {
        json!({
            "garment": value["garment"], "hem": "hem", "id": "r1", "side": side, "at": 90,
            "read": "floor_to_edge", "reading": reading,
        })
    };
    let (status, read) = post(&ada, "hem-reading", typed("15 1/4 in", "centre"));
    assert_eq!(status, 200, "{read}");
    assert_eq!(read["reading"]["length"], json!(Length::from_inch_fraction(61, 4)));
    assert_eq!(read["echo"], "387 mm");
    // A bare fraction is inches on every tape, and is said to be.
    let (_, fraction) = post(&ada, "hem-reading", typed("15 1/4", "centre"));
    assert_eq!(fraction["echo"], "15 1/4 read as inches: 387 mm");
    for (reading, side, path, says) in [
        ("fifteen", "centre", "reading", "fifteen"),
        ("2000", "centre", "reading", "it can be from 0 to 1600"),
        ("380", "left", "side", "there is only one"),
    ] {
        let (status, problem) = post(&ada, "hem-reading", typed(reading, side));
        assert_eq!((status, problem["path"].as_str()), (422, Some(path)), "{problem}");
        assert!(problem["detail"].as_str().expect("a sentence").contains(says), "{problem}");
    }
}

#[test]
fn sums_over_http_are_the_cores_and_a_kept_one_is_worked_out_with_its_fitting() {
    let server = Running::start();
    let ada = server.account("ada@example.org");
    let sum = json!({ "sum": "gathers", "long": 900, "short": 600 });
    let (status, answer) = post(&ada, "sum", json!({ "sum": sum }));
    assert_eq!(status, 200, "{answer}");
    let parsed: Sum = serde_json::from_value(sum.clone()).expect("a sum");
    let core = work_out(&parsed, &Habits::default()).expect("an answer");
    assert_eq!(answer, serde_json::to_value(&core).expect("JSON"));
    let (status, problem) =
        post(&ada, "sum", json!({ "sum": { "sum": "gathers", "long": 500, "short": 600 } }));
    assert_eq!((status, problem["path"].as_str()), (422, Some("long")), "{problem}");

    let mut record = hung(&ada, "hem-original");
    record["fitting"]["sums"] = json!([{ "id": "s1", "note": "cuffs", "sum": sum }]);
    assert_eq!(ada.put(FITTING, None, &record).status, 200);
    let kept = &ada.get(&format!("{FITTING}/solution")).body["sums"][0];
    assert_eq!(kept["note"], "cuffs");
    assert_eq!(kept["answer"]["words"], core.words);
}

#[test]
fn the_same_hem_twice_changes_nothing_and_a_strange_id_leaves_everything_as_it_was() {
    let server = Running::start();
    let ada = server.account("ada@example.org");
    let record = hung(&ada, "hem-original");
    let first = ada.put(FITTING, None, &record);
    assert_eq!(first.status, 200, "{}", first.body);
    let again = ada.put(FITTING, None, &record);
    assert_eq!((again.status, &again.version), (200, &first.version));
    for (pointer, wrong, place) in [
        ("/fitting/hems/0/readings/0/id", json!("a_b c"), "fitting.hems[0].readings[0].id"),
        ("/fitting/hems/0/readings/1/at", json!(400), "fitting.hems[0].readings[1].at"),
        ("/fitting/hems/0/allowance", json!(900), "fitting.hems[0].allowance"),
    ] {
        let mut broken = record.clone();
        let (parent, key) = pointer.rsplit_once('/').expect("a path");
        broken.pointer_mut(parent).expect("the parent")[key] = wrong;
        let refused = ada.put(FITTING, first.version.as_deref(), &broken);
        assert_eq!((refused.status, refused.body["path"].as_str()), (422, Some(place)), "{}", refused.body);
        assert_eq!(ada.get(FITTING).body["fitting"]["hems"], record["fitting"]["hems"], "{pointer}");
    }
}

#[test]
fn an_undone_hem_comes_back_with_its_readings() {
    let server = Running::start();
    let ada = server.account("ada@example.org");
    let record = hung(&ada, "hem-double-narrow");
    let first = ada.put(FITTING, None, &record);
    let mut bare = record.clone();
    bare["fitting"]["hems"] = json!([]);
    let second = ada.put(FITTING, first.version.as_deref(), &bare);
    assert_eq!(second.status, 200, "{}", second.body);
    let undone = ada.undo(GARMENT);
    assert_eq!(undone.status, 200, "{}", undone.body);
    assert_eq!(ada.get(FITTING).body["fitting"]["hems"], record["fitting"]["hems"]);
    let journal = ada.get(&format!("{GARMENT}/journal")).body;
    assert!(journal.to_string().contains("left the hem as it is"), "{journal}");
    // What is not settled cannot be cut, whoever asks.
    let mut ticked = record.clone();
    ticked["fitting"]["progress"] = json!({ "done": { "cut_hem": null }, "confirmed": [] });
    let version = ada.get(FITTING).version;
    let refused = ada.put(FITTING, version.as_deref(), &ticked);
    assert!(refused.status == 409 || refused.status == 422, "{} {}", refused.status, refused.body);
}
