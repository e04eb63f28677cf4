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

/// The step of a key, as it stands.
fn step(ada: &Client, key: &str) -> Value {
    steps(ada).into_iter().find(|step| step["key"] == key).unwrap_or_else(|| panic!("no step {key}"))
}

/// Posts small changes, all made or none.
fn post(ada: &Client, parts: Value) -> Value {
    let id = uuid::Uuid::now_v7();
    let body = json!({ "changes": [{ "id": id, "parts": parts }] });
    let answer = ada.send("POST", &format!("{}/changes", at()), None, Some(body));
    assert_eq!(answer.status, 200, "{}", answer.body);
    answer.body["answers"][0].clone()
}

#[test]
fn a_try_on_ticked_before_the_pins_were_moved_opens_no_scissors() {
    let (_server, ada) = hung("barn-dance-trousers");
    for key in [
        "photograph_inside",
        "choose_mark",
        "chalk",
        "remove_belt_loop",
        "open_band",
        "tack",
        "tack_shut",
        "try_on",
    ] {
        let mark = step(&ada, key)["mark"].clone();
        let vouched = json!([{ "of": "seen", "mark": mark }]);
        let told = post(&ada, json!([{ "change": "tick", "step": key, "minutes": 3.0, "vouched": vouched }]));
        assert!(told["line"].is_i64(), "{key}: {told}");
        assert_eq!(step(&ada, key)["done"], true, "{key}");
    }
    let stale = step(&ada, "sew_outseam")["mark"].clone();
    let mut pins = ada.get(&at()).body["fitting"]["pins"].as_array().expect("pins").clone();
    pins.retain(|pin| pin["seam"] == "outseam");
    for pin in &mut pins {
        pin["reading"] = json!(pin["reading"].as_f64().expect("a depth") + 20.0);
    }
    let parts: Vec<Value> = pins.iter().map(|pin| json!({ "change": "put_pin", "pin": pin })).collect();
    let told = post(&ada, json!(parts));
    assert!(told["line"].is_i64(), "{told}");
    let moved = told["line"].clone();
    let tried = step(&ada, "try_on");
    assert_eq!(tried["done"], false);
    let said = tried["lapsed"].as_str().expect("it says so");
    assert!(said.contains("outseam was moved by up to 2") && said.contains("try it on again"), "{said}");
    assert_eq!(step(&ada, "open_band")["done"], true, "what is open stays open");
    // What comes behind it is shut, by a tick of its own and by one made of what was there before.
    for vouched in [json!([]), json!([{ "of": "seen", "mark": stale }])] {
        let told = post(&ada, json!([{ "change": "tick", "step": "sew_outseam", "vouched": vouched }]));
        assert!(told["line"].is_null() && told["refused"]["detail"].is_string(), "{told}");
    }
    // The rail says what to do again, and a program that writes the whole record keeps what was vouched for.
    assert_ne!(ada.get("/api/v1/garments").body[0]["steps"][0], 8);
    let (status, _) = change(&ada, |record| {
        record["fitting"]["progress"].as_object_mut().expect("progress").remove("vouched");
        record["fitting"]["intention"] = json!("close");
    });
    assert_eq!(status, 200);
    assert_eq!(step(&ada, "try_on")["done"], false);
    // Taken back, the pins lie where they were tried on, and the tick holds again.
    let path = format!("/api/v1/garments/{GARMENT}/undo");
    let undone = ada.send("POST", &path, None, Some(json!({ "line": moved })));
    assert_eq!(undone.status, 200, "{}", undone.body);
    assert_eq!(step(&ada, "try_on")["done"], true);
}

#[test]
fn a_hand_twice_as_slow_is_learnt_as_two_within_its_prior() {
    let (_server, ada) = hung("barn-dance-trousers");
    let minutes = |ada: &Client| step(ada, "chalk")["minutes"]["p50"].as_f64().expect("minutes");
    let house = minutes(&ada);
    let record = ada.get(&at()).body;
    for n in 1..=9_u32 {
        // The same garment, fitted once more: the house says what it said, the hand takes twice as long.
        let fitting = format!("01930000-0000-7000-8000-00000000b{n:03}");
        let path = format!("/api/v1/fittings/{fitting}");
        let mut next = record.clone();
        next["number"] = json!(n + 1);
        next["fitting"]["progress"] = json!({ "done": { "photograph_inside": null, "choose_mark": null, "chalk": 2.0 * house }, "confirmed": [] });
        let told = ada.put(&path, None, &next);
        assert_eq!(told.status, 200, "{}", told.body);
        let learnt = minutes(&ada) / house;
        let expected = 2.0_f64.powf(f64::from(n) / f64::from(n + 3));
        assert!((learnt - expected).abs() < 0.02, "after {n}: {learnt}, not {expected}");
    }
}
