//! Every kind of garment over HTTP: kept, read back and solved; shares, copies, ladders, pictures and
//! comparisons are the core's; nonsense is refused with its place.

mod common;

use common::{Running, example_job, examples};
use serde_json::{Value, json};
use vemble_fit::{
    Habits, Job, SeamName, ShareRequest, compare, copy_from, fit_picture, ladder, share_out, sketch,
    sketch_body, solve, what_changed,
};

fn one(name: &str) -> (Value, Job) {
    let value = example_job(name);
    let job = serde_json::from_value(value.clone()).expect("a job");
    (value, job)
}

fn as_json(value: impl serde::Serialize) -> Value {
    serde_json::to_value(value).expect("JSON")
}

#[test]
fn every_kind_is_kept_read_back_and_solved() {
    let server = Running::start();
    let ada = server.account("ada@example.org");
    let mut kinds = std::collections::BTreeSet::new();
    for (i, (name, job)) in examples().into_iter().enumerate() {
        let garment_id = format!("01930000-0000-7000-8000-00000000b{i:03}");
        let fitting_id = format!("01930000-0000-7000-8000-00000000c{i:03}");
        let parsed: Job = serde_json::from_value(job).expect("a job");
        kinds.insert(as_json(parsed.garment.shape.kind).to_string());
        let record = json!({ "wearer": null, "due_on": null, "garment": as_json(&parsed.garment) });
        let path = format!("/api/v1/garments/{garment_id}");
        assert_eq!(ada.put(&path, None, &record).status, 200, "{name}");
        assert_eq!(ada.get(&path).body, record, "{name} comes back as it was written");
        let mut fitting = parsed.fitting.clone();
        for (i, pin) in fitting.pins.iter_mut().enumerate() {
            (pin.planned, pin.reread, pin.exact) = (Some(pin.reading), i % 2 == 0, i % 3 == 0);
            pin.moved = (i % 2 == 1).then_some(pin.reading);
        }
        fitting.form = parsed.body.clone();
        let record = json!({ "garment": garment_id, "number": 1, "fitting": as_json(&fitting) });
        let path = format!("/api/v1/fittings/{fitting_id}");
        let written = ada.put(&path, None, &record);
        assert_eq!(written.status, 200, "{name}: {}", written.body);
        assert_eq!(ada.get(&path).body, record, "{name}: pins keep their stages, a fitting its form");
        let kept: Job = serde_json::from_value(ada.get(&format!("{path}/job")).body).expect("a job");
        assert_eq!(kept.fitting, fitting);
        assert_eq!(ada.get(&format!("{path}/solution")).body, as_json(solve(&kept).expect("a result")));
    }
    assert_eq!(kinds.len(), 13, "{kinds:?}");
    let rail = ada.get("/api/v1/garments").body;
    assert!(rail.as_array().expect("a rail").iter().all(|hanging| hanging["figure"].is_object()));
}

#[test]
fn what_is_computed_over_http_is_what_the_core_computes() {
    let server = Running::start();
    let ada = server.account("ada@example.org");
    let post = |path: &str, body: Value| {
        let answer = ada.send("POST", &format!("/api/v1/compute/{path}"), None, Some(body));
        assert_eq!(answer.status, 200, "{path}: {}", answer.body);
        answer.body
    };
    let (value, job) = one("princess-dress");
    let request: ShareRequest =
        serde_json::from_value(json!({ "level": "waist", "lose": 46 })).expect("a request");
    let shared = post("share", json!({ "job": value, "request": { "level": "waist", "lose": 46 } }));
    assert_eq!(shared, as_json(share_out(&job, request).expect("a share")));
    assert_eq!(post("fit-picture", value.clone()), as_json(fit_picture(&job).expect("a picture")));
    let garment = value["garment"].clone();
    let sketched = post("sketch", json!({ "garment": garment, "habits": {} }));
    assert_eq!(sketched, as_json(sketch(&job.garment, &Habits::default()).expect("a sketch")));
    let body = job.body.clone().expect("a body");
    let wearer = json!({ "name": "Ines", "measured": [body] });
    let stands = post("body-sketch", json!({ "wearer": wearer, "taken_on": body.taken_on, "habits": {} }));
    assert_eq!(stands, as_json(sketch_body(&body, &[], &Habits::default()).expect("a figure")));
    let rungs = post("ladder", json!({ "job": value, "seam": "side" }));
    assert_eq!(rungs, as_json(ladder(&job, SeamName::Side).expect("a ladder")));
    let favourite = json!({ "bust": 480, "waist": 400 });
    let copied = post("copy", json!({ "job": value, "favourite": favourite }));
    let flats = serde_json::from_value(favourite).expect("flats");
    assert_eq!(copied, as_json(copy_from(&job, &flats).expect("a copy")));
    let mut other = job.clone();
    other.fitting.pins.truncate(4);
    let compared = post("comparison", json!({ "one": value, "other": as_json(&other) }));
    assert_eq!(compared, as_json(compare(&job, &other).expect("a comparison")));
}

#[test]
fn nonsense_is_refused_with_its_place() {
    let server = Running::start();
    let ada = server.account("ada@example.org");
    let (value, _) = one("straight-skirt");
    let mut broken = value.clone();
    broken["garment"]["shape"]["seams"] = json!(["inseam"]);
    let mut deep = value.clone();
    deep["fitting"]["pins"][0]["reading"] = json!(300);
    for (path, body, place, says) in [
        (
            "share",
            json!({ "job": value, "request": { "level": "bust", "lose": 10 } }),
            "request.level",
            "no bust drawn",
        ),
        (
            "share",
            json!({ "job": value, "request": { "level": "waist", "lose": 900 } }),
            "request.lose",
            "900",
        ),
        ("copy", json!({ "job": value, "favourite": { "waist": 12 } }), "favourite.waist", "12 mm"),
        ("ladder", json!({ "job": broken, "seam": "side" }), "job.garment.shape.seams", "no inseam"),
        (
            "comparison",
            json!({ "one": value, "other": deep }),
            "other.fitting.pins[0].reading",
            "more than half",
        ),
        ("job", broken.clone(), "garment.shape.seams", "A straight skirt has no inseam"),
    ] {
        let answer = ada.send("POST", &format!("/api/v1/compute/{path}"), None, Some(body));
        assert_eq!(answer.status, 422, "{path}: {}", answer.body);
        assert_eq!(answer.body["path"], place, "{path}");
        assert!(answer.body["detail"].as_str().expect("a sentence").contains(says), "{}", answer.body);
    }
}

#[test]
fn other_habits_say_what_they_would_change_and_keep_nothing() {
    let server = Running::start();
    let ada = server.account("ada@example.org");
    let (_, job) = one("jacket");
    let garment = "01930000-0000-7000-8000-00000000d001";
    let record = json!({ "wearer": null, "due_on": null, "garment": as_json(&job.garment) });
    assert_eq!(ada.put(&format!("/api/v1/garments/{garment}"), None, &record).status, 200);
    let fitting = json!({ "garment": garment, "number": 1, "fitting": as_json(&job.fitting) });
    let path = "/api/v1/fittings/01930000-0000-7000-8000-00000000d002";
    assert_eq!(ada.put(path, None, &fitting).status, 200);
    let habits = json!({ "mirror_by": "seams", "allowance": "keep" });
    let effects = ada.send("POST", "/api/v1/habits/effect", None, Some(habits.clone())).body;
    let kept: Job = serde_json::from_value(ada.get(&format!("{path}/job")).body).expect("a job");
    assert_eq!(kept.habits, Default::default(), "nothing was kept");
    let mut other = kept.clone();
    other.habits = serde_json::from_value(habits).expect("habits");
    let said = what_changed(&solve(&kept).expect("one"), &solve(&other).expect("other"), kept.habits.scale);
    assert_eq!(effects[0]["changes"], as_json(&said));
    assert!(said.iter().any(|words| words.starts_with("No longer in the work order: “Trim")), "{said:?}");
    let wrong = json!({ "ease": { "hip": 5000 } });
    let refused = ada.send("POST", "/api/v1/habits/effect", None, Some(wrong));
    assert_eq!((refused.status, &refused.body["path"]), (422, &json!("ease.hip")));
}
