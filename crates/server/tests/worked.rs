//! A lined coat's hem over HTTP from the rail to the last step, as a browser does it: read, changed, lost and
//! sent again, asked for twice at once, and stopped before the scissors.

mod common;

use common::{Client, Running, example, example_job};
use serde_json::{Value, json};

const GARMENT: &str = "01930000-0000-7000-8000-00000000a001";
const FITTING: &str = "01930000-0000-7000-8000-00000000a002";

/// Where the fitting is.
fn at() -> String {
    format!("/api/v1/fittings/{FITTING}")
}

/// An account with the example's garment hung and fitted.
fn hung(name: &str) -> (Running, Client) {
    let server = Running::start();
    let ada = server.account("ada@example.org");
    let job = example_job(name);
    let garment = json!({ "wearer": null, "due_on": null, "garment": job["garment"] });
    assert_eq!(ada.put(&format!("/api/v1/garments/{GARMENT}"), None, &garment).status, 200);
    let fitting = json!({ "garment": GARMENT, "number": 1, "fitting": job["fitting"] });
    assert_eq!(ada.put(&at(), None, &fitting).status, 200);
    (server, ada)
}

fn steps(ada: &Client) -> Vec<Value> {
    ada.get(&format!("{}/solution", at())).body["plan"]["steps"].as_array().expect("steps").clone()
}

/// Ticks a step, and says what was answered.
fn tick(ada: &Client, key: &str) -> (u16, Value) {
    change(ada, |record| record["fitting"]["progress"]["done"][key] = json!(7.5))
}

/// Changes the fitting as it stands.
fn change(ada: &Client, how: impl FnOnce(&mut Value)) -> (u16, Value) {
    let now = ada.get(&at());
    let mut record = now.body;
    if record["fitting"]["progress"].is_null() {
        record["fitting"]["progress"] = json!({ "done": {}, "confirmed": [] });
    }
    how(&mut record);
    let answer = ada.put(&at(), now.version.as_deref(), &record);
    (answer.status, answer.body)
}

#[test]
fn a_coat_is_hemmed_step_by_step_and_nothing_is_cut_before_its_stop_is_open() {
    let (_server, ada) = hung("hem-lined-coat");
    let order = steps(&ada);
    let place = |key: &str| order.iter().position(|step| step["key"] == key).expect(key);
    assert!(place("chalk_hem") < place("cut_hem") && place("press_hem") < place("sew_lining_hem"));
    let (status, told) = tick(&ada, "cut_hem");
    assert_eq!((status, &told["code"]), (409, &json!("step.needs")), "{told}");
    let before = ada.get(&at()).body;
    let mut stopped = 0;
    for step in &order {
        let key = step["key"].as_str().expect("a key");
        let conditions = step["stop"]["conditions"].as_array().cloned().unwrap_or_default();
        for condition in &conditions {
            let asks = steps(&ada)
                .iter()
                .find(|step| step["key"] == key)
                .and_then(|step| {
                    let all = step["stop"]["conditions"].as_array()?;
                    all.iter().find(|each| each["key"] == condition["key"]).map(|each| each["state"] == "ask")
                })
                .expect("the condition");
            if asks {
                let (status, told) = tick(&ada, key);
                assert_eq!(status, 409, "{key} with {} open: {told}", condition["key"]);
                assert!(told["detail"].as_str().expect("words").len() > 20, "{told}");
                let (status, told) = change(&ada, |record| {
                    let confirmed =
                        record["fitting"]["progress"]["confirmed"].as_array_mut().expect("a list");
                    confirmed.push(condition["key"].clone());
                });
                assert_eq!(status, 200, "{told}");
                stopped += 1;
            }
        }
        let (status, told) = tick(&ada, key);
        assert_eq!(status, 200, "{key}: {told}");
    }
    assert!(stopped >= 4, "hem and sleeves ask before they are cut; {stopped} questions");
    let done = ada.get(&at()).body;
    assert_eq!(done["fitting"]["progress"]["done"].as_object().expect("ticks").len(), order.len());
    assert_eq!(done["fitting"]["hems"], before["fitting"]["hems"], "working changes no reading");
    let left = ada.get(&format!("{}/solution", at())).body["plan"]["minutes_left"]["p50"].clone();
    assert_eq!(left, 0.0);
    // The rail knows that nothing is left, and undo takes back the last tick alone.
    assert_eq!(ada.get("/api/v1/garments").body[0]["minutes_left"]["p50"], 0.0);
    assert_eq!(ada.undo(&format!("/api/v1/garments/{GARMENT}")).status, 200);
    let undone = ada.get(&at()).body;
    assert_eq!(undone["fitting"]["progress"]["done"].as_object().expect("ticks").len(), order.len() - 1);
}

#[test]
fn a_hem_read_in_two_browsers_at_once_keeps_what_each_was_told_to_keep() {
    let (server, ada) = hung("hem-original");
    let other = server.stranger();
    let entry = json!({ "email": "ada@example.org", "password": "a long enough password" });
    assert_eq!(other.send("POST", "/api/v1/session", None, Some(entry)).status, 200);
    let stood = ada.get(&at());
    let with = |length: f64| {
        let mut record = stood.body.clone();
        record["fitting"]["hems"][0]["readings"][0]["length"] = json!(length);
        record
    };
    assert_eq!(ada.put(&at(), stood.version.as_deref(), &with(36.0)).status, 200);
    // The other browser read the same version. It is told what stands, and what it sent is nowhere.
    let late = other.put(&at(), stood.version.as_deref(), &with(41.0));
    assert_eq!((late.status, &late.body["code"]), (412, &json!("record.stale")), "{}", late.body);
    assert_eq!(late.body["current"]["fitting"]["hems"][0]["readings"][0]["length"], 36.0);
    // The answer to the first got lost and it is sent again: it stands already.
    let again = ada.put(&at(), stood.version.as_deref(), &with(36.0));
    assert_eq!((again.status, again.version.clone()), (200, ada.get(&at()).version));
    // With the version it was told, the other one's choice goes in.
    let version = late.body["version"].as_i64().expect("a version");
    assert_eq!(other.put(&at(), Some(&format!("\"{version}\"")), &with(41.0)).status, 200);
    assert_eq!(ada.get(&at()).body["fitting"]["hems"][0]["readings"][0]["length"], 41.0);
    let said: Vec<String> = ada
        .get(&format!("/api/v1/garments/{GARMENT}/journal"))
        .body
        .as_array()
        .expect("a journal")
        .iter()
        .map(|entry| entry["what"].as_str().expect("words").to_owned())
        .collect();
    assert_eq!(said.len(), 4, "hung, begun, read twice: {said:?}");
}

#[test]
fn the_same_request_several_times_at_once_is_answered_alike_and_done_once() {
    let server = Running::start();
    let ada = server.account("ada@example.org");
    let (garment, fitting) = example(GARMENT);
    let wearer = json!({ "name": "Odile Marrow", "measured": [] });
    let records = [
        (format!("/api/v1/wearers/{FITTING}"), wearer),
        (format!("/api/v1/garments/{GARMENT}"), garment),
        (at(), fitting),
    ];
    for (path, record) in &records {
        let statuses: Vec<(u16, Option<String>)> = std::thread::scope(|scope| {
            let sent: Vec<_> = (0..4)
                .map(|_| {
                    scope.spawn(|| {
                        let answer = ada.put(path, None, record);
                        (answer.status, answer.version)
                    })
                })
                .collect();
            sent.into_iter().map(|each| each.join().expect("an answer")).collect()
        });
        assert!(statuses.iter().all(|each| *each == (200, Some("\"1\"".to_owned()))), "{path}: {statuses:?}");
    }
    let journal = ada.get(&format!("/api/v1/garments/{GARMENT}/journal")).body;
    assert_eq!(journal.as_array().expect("a journal").len(), 2, "hung once, begun once: {journal}");
}
