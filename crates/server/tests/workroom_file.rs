//! A workroom in one file: out, into another, and out again byte for byte; what is no workroom is refused whole.

mod common;

use std::io::Read;

use common::{Client, Running, example, examples};
use serde_json::{Value, json};
use uuid::Uuid;

fn saved(client: &Client) -> Vec<u8> {
    let answer = client.agent.get(&client.url_of("/api/v1/workroom.zip")).call().expect("a file");
    assert_eq!(answer.content_type(), "application/zip");
    let mut bytes = Vec::new();
    answer.into_reader().read_to_end(&mut bytes).expect("all of it");
    bytes
}

fn restored(client: &Client, bytes: &[u8]) -> (u16, Value) {
    let request =
        client.agent.post(&client.url_of("/api/v1/workroom")).set("Content-Type", "application/zip");
    match request.send_bytes(bytes) {
        Ok(answer) | Err(ureq::Error::Status(_, answer)) => {
            (answer.status(), answer.into_json().expect("JSON"))
        }
        Err(error) => panic!("{error}"),
    }
}

/// People, garments of every example with their fittings, habits of one's own, a timed step.
fn furnish(client: &Client) {
    let who = Uuid::now_v7();
    let wearer = json!({ "name": "Odile Marrow", "measured": [examples()[0].1["body"]] });
    assert_eq!(client.put(&format!("/api/v1/wearers/{who}"), None, &wearer).status, 200);
    let habits = client.get("/api/v1/habits");
    let mut wanted = habits.body.clone();
    wanted["paper"] = json!("letter");
    assert_eq!(client.put("/api/v1/habits", habits.version.as_deref(), &wanted).status, 200);
    for (name, job) in examples() {
        let (garment, fitting) = (Uuid::now_v7(), Uuid::now_v7());
        let record = json!({ "wearer": who, "due_on": "2026-12-12", "garment": job["garment"] });
        assert_eq!(client.put(&format!("/api/v1/garments/{garment}"), None, &record).status, 200, "{name}");
        let mut fitted = job["fitting"].clone();
        fitted["progress"] = json!({ "done": {}, "confirmed": [] });
        let record = json!({ "garment": garment, "number": 1, "fitting": fitted });
        let answer = client.put(&format!("/api/v1/fittings/{fitting}"), None, &record);
        assert_eq!(answer.status, 200, "{name}: {}", answer.body);
        let plan = client.get(&format!("/api/v1/fittings/{fitting}/solution")).body["plan"].clone();
        if let Some(first) = plan["steps"][0]["key"].as_str() {
            let asked = plan["steps"][0]["stop"]["conditions"].as_array().cloned().unwrap_or_default();
            let confirm = |asked: &Value| json!({ "change": "confirm", "condition": asked["key"] });
            let tick = json!({ "change": "tick", "step": first, "minutes": 12.5 });
            let parts: Vec<Value> = asked.iter().map(confirm).chain([tick]).collect();
            let body = json!({ "changes": [{ "id": Uuid::now_v7(), "parts": parts }] });
            let path = format!("/api/v1/fittings/{fitting}/changes");
            let ticked = client.send("POST", &path, None, Some(body)).body;
            assert!(ticked["answers"][0]["line"].is_i64(), "{name}: {ticked}");
        }
    }
}

#[test]
fn a_workroom_comes_back_from_its_file_byte_for_byte() {
    let server = Running::start();
    let ada = server.account("ada@example.org");
    furnish(&ada);
    let file = saved(&ada);
    assert_eq!(saved(&ada), file, "the same workroom is the same file");
    // Into a workroom beside the first, in the same house.
    let bea = server.account("bea@example.org");
    let (status, holds) = restored(&bea, &file);
    assert_eq!((status, &holds["garments"]), (200, &json!(examples().len())), "{holds}");
    assert_eq!(saved(&bea), file);
    // And into another house.
    let elsewhere = Running::start();
    let cora = elsewhere.account("cora@example.org");
    assert_eq!(restored(&cora, &file).0, 200);
    assert_eq!(saved(&cora), file);
    let rail = cora.get("/api/v1/garments").body;
    let before = ada.get("/api/v1/garments").body;
    for (one, other) in rail.as_array().expect("a rail").iter().zip(before.as_array().expect("a rail")) {
        for part in ["minutes_left", "next", "steps", "wearer_name"] {
            assert_eq!(one[part], other[part]);
        }
    }
    // What its hand took is what the next estimate learns from, there too.
    let [one, other] = [&ada, &cora].map(|account| account.get("/api/v1/calendar").body);
    assert_eq!(one["days"], other["days"]);
    assert_eq!(one["shortfall"]["words"], other["shortfall"]["words"]);
    let margins = |calendar: &Value| -> Vec<Value> {
        calendar["fits"].as_array().expect("fits").iter().map(|fit| fit["margin"].clone()).collect()
    };
    assert_eq!(margins(&one), margins(&other));
}

#[test]
fn what_is_no_workroom_or_finds_one_in_its_place_is_refused_and_changes_nothing() {
    let server = Running::start();
    let ada = server.account("ada@example.org");
    furnish(&ada);
    let file = saved(&ada);
    let bea = server.account("bea@example.org");
    let mut bent = file.clone();
    let middle = bent.len() / 3;
    bent[middle] ^= 0xff;
    for (what, bytes) in
        [("a letter", &b"Dear Bea"[..]), ("half of it", &file[..file.len() / 2]), ("bent", &bent)]
    {
        let (status, told) = restored(&bea, bytes);
        assert_eq!(status, 422, "{what}: {told}");
        assert!(told["detail"].as_str().expect("words").contains("Nothing was changed"), "{what}: {told}");
        assert_eq!(bea.get("/api/v1/garments").body, json!([]), "{what}");
    }
    let huge = vec![0; 64 * 1024 * 1024 + 1];
    assert_eq!(restored(&bea, &huge).0, 413);
    let before = ada.get("/api/v1/garments").body;
    let (status, told) = restored(&ada, &file);
    assert_eq!(status, 422, "{told}");
    assert!(told["detail"].as_str().expect("words").contains("restore into a new one"), "{told}");
    assert_eq!(ada.get("/api/v1/garments").body, before);
    let packed = bea.send("POST", "/api/v1/workroom", None, Some(json!({})));
    assert_eq!((packed.status, &packed.body["code"]), (415, &json!("request.not_zip")));
}

#[test]
fn a_job_file_becomes_a_garment_with_its_fitting() {
    let server = Running::start();
    let ada = server.account("ada@example.org");
    for (name, job) in examples() {
        let hung = ada.send("POST", "/api/v1/jobs", None, Some(job.clone()));
        assert_eq!(hung.status, 201, "{name}: {}", hung.body);
        let fitting = hung.body["fitting"].as_str().expect("an id");
        let kept = ada.get(&format!("/api/v1/fittings/{fitting}/job")).body;
        assert_eq!(kept["garment"]["name"], job["garment"]["name"], "{name}");
        let pins = |job: &Value| job["fitting"]["pins"].as_array().map_or(0, Vec::len);
        assert_eq!(pins(&kept), pins(&job), "{name}");
    }
    let (garment, _) = example("x");
    let mut wrong = examples()[0].1.clone();
    wrong["format"] = json!("knitting/1");
    let refused = ada.send("POST", "/api/v1/jobs", None, Some(wrong));
    assert_eq!((refused.status, &refused.body["code"]), (422, &json!("job.format")), "{garment}");
    assert_eq!(ada.get("/api/v1/garments").body.as_array().map(Vec::len), Some(examples().len()));
}
