//! What earlier builds wrote still opens: a database with its journal, a workroom file and a job file of one workroom,
//! kept as they were written, and what that workroom showed then.

mod common;

use std::collections::BTreeMap;

use common::{Client, Running};
use serde_json::{Value, json};
use vemble_server::Options;
use vemble_store::testing;

const DATABASE: &str = include_str!("before/database.sql");
const WORKROOM: &[u8] = include_bytes!("before/workroom.vemble.zip");
const JOB: &str = include_str!("before/job.vemble.json");
/// By the id of a fitting: its garment, its record, its journal in words, its steps and girths.
const STANDS: &str = include_str!("before/stands.json");

fn stood() -> BTreeMap<String, Value> {
    serde_json::from_str(STANDS).expect("what stood")
}

/// Everything a record said then is said of it now; what has come to be known since may be said beside it.
fn still_says(now: &Value, then: &Value, at: &str) {
    match (now, then) {
        (Value::Object(now), Value::Object(then)) => {
            for (name, was) in then {
                let is = now.get(name).unwrap_or_else(|| panic!("{at}.{name} is gone"));
                still_says(is, was, &format!("{at}.{name}"));
            }
        }
        (Value::Array(now), Value::Array(then)) => {
            assert_eq!(now.len(), then.len(), "{at}");
            now.iter().zip(then).enumerate().for_each(|(i, (is, was))| {
                still_says(is, was, &format!("{at}[{i}]"));
            });
        }
        _ => assert_eq!(now, then, "{at}"),
    }
}

fn steps_and_girths(solution: &Value) -> (Vec<Value>, Vec<Value>) {
    let rows = |list: &Value, of: &[&str]| -> Vec<Value> {
        let rows = list.as_array().expect("a list");
        rows.iter().map(|row| of.iter().map(|name| row[name].clone()).collect()).collect()
    };
    (
        rows(&solution["plan"]["steps"], &["key", "done"]),
        rows(&solution["levels"], &["level", "before", "after"]),
    )
}

/// A fitting with its pins, hems, decisions, ticks and what they vouch for, and what follows from them.
fn stands(client: &Client, fitting: &str, then: &Value) {
    let path = format!("/api/v1/fittings/{fitting}");
    still_says(&client.get(&path).body["fitting"], &then["record"]["fitting"], fitting);
    let (steps, girths) = steps_and_girths(&client.get(&format!("{path}/solution")).body);
    assert_eq!(json!(steps), then["steps"], "{fitting}: its ticks hold");
    assert_eq!(json!(girths), then["levels"], "{fitting}");
}

#[test]
fn a_database_from_before_opens_with_its_journal_and_is_worked_on() {
    let server = Running::on(testing::database_with(DATABASE), Options::default());
    let ada = server.signed_in("ada@example.org");
    for (fitting, then) in stood() {
        stands(&ada, &fitting, &then);
        let garment = format!("/api/v1/garments/{}", then["garment"].as_str().expect("an id"));
        let journal = ada.get(&format!("{garment}/journal")).body;
        let told: Vec<&Value> = journal.as_array().expect("lines").iter().map(|line| &line["what"]).collect();
        assert_eq!(json!(told), then["journal"], "{garment}");
        // A line from before is taken back, and what it changed stands as it did before it.
        let undone = ada.undo(&garment);
        assert_eq!(undone.status, 200, "{fitting}: {}", undone.body);
    }
    let first = ada.get("/api/v1/fittings/01930000-0000-7000-8000-0000000000f1").body;
    let then = &stood()["01930000-0000-7000-8000-0000000000f1"];
    let reading = |record: &Value| record["fitting"]["pins"][0]["reading"].as_f64().expect("a reading");
    assert!(
        (reading(&first) + 1.0 - reading(&then["record"])).abs() < 1e-9,
        "{}",
        first["fitting"]["pins"][0]
    );
}

#[test]
fn a_workroom_file_from_before_is_restored_whole() {
    let server = Running::start();
    let bea = server.account("bea@example.org");
    assert_eq!(bea.hand_over(WORKROOM, &[]).status, 200);
    // A restored workroom has ids of its own: its fittings are known by what was read.
    let mut restored = Vec::new();
    for garment in bea.get("/api/v1/garments").body.as_array().expect("garments") {
        let path = format!("/api/v1/garments/{}/fittings", garment["id"].as_str().expect("an id"));
        restored.extend(bea.get(&path).body.as_array().expect("fittings").clone());
    }
    let read = |fitting: &Value| (fitting["pins"].clone(), fitting["hems"].clone());
    assert_eq!(restored.len(), stood().len());
    for then in stood().values() {
        let known = |one: &&Value| read(&one["record"]["fitting"]) == read(&then["record"]["fitting"]);
        let one = restored.iter().find(known).unwrap_or_else(|| panic!("one is missing: {restored:#?}"));
        stands(&bea, one["id"].as_str().expect("an id"), then);
    }
}

#[test]
fn a_job_file_from_before_solves_to_what_it_did() {
    let job: vemble_fit::Job = serde_json::from_str(JOB).expect("a job");
    let solution = serde_json::to_value(vemble_fit::solve(&job).expect("solved")).expect("JSON");
    let (steps, girths) = steps_and_girths(&solution);
    let then = &stood()["01930000-0000-7000-8000-0000000000f1"];
    assert_eq!((json!(steps), json!(girths)), (then["steps"].clone(), then["levels"].clone()));
}
