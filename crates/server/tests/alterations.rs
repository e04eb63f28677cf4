//! An alteration of its own over HTTP: put, changed, undone, strayed, exported, restored and heard of, without a line about
//! it in any route, in the store or in a file's format.

mod common;

use common::{Client, SOON, begun, example, example_job, follow};
use serde_json::{Value, json};
use uuid::Uuid;

const GARMENT: &str = "01930000-0000-7000-8000-00000000d001";
const FITTING: &str = "01930000-0000-7000-8000-00000000d002";

fn at(part: &str) -> String {
    format!("/api/v1/fittings/{FITTING}{part}")
}

fn post(client: &Client, part: &Value) -> Value {
    let changes = json!({ "changes": [{ "id": Uuid::now_v7(), "parts": [part] }] });
    let answer = client.send("POST", &at("/changes"), None, Some(changes));
    assert_eq!(answer.status, 200, "{}", answer.body);
    answer.body["answers"][0].clone()
}

fn slimmed(seam: &str, by: f64) -> Value {
    json!({ "change": "alter", "alteration": { "alteration": "slimmed", "seam": seam, "by": by } })
}

fn stands(client: &Client) -> Value {
    client.get(&at("")).body["fitting"]["alterations"].clone()
}

#[test]
fn an_alteration_goes_the_whole_way() {
    let (server, ada) = begun(GARMENT, FITTING);
    let journal = format!("/api/v1/garments/{GARMENT}/journal");
    let began = ada.get(&journal).body[0]["id"].as_i64().expect("a line");
    let other = server.signed_in("ada@example.org");
    let heard = follow(&other, FITTING, began);
    // Put and changed, each its own line, and the other window hears of both.
    let put = post(&ada, &slimmed("inseam", 8.0));
    assert!(put["line"].is_i64(), "{put}");
    let told = heard.recv_timeout(SOON).expect("told");
    assert_eq!(told["id"], put["line"]);
    assert_eq!(told["what"], "wanted the slimming of the inseam");
    let changed = post(&ada, &slimmed("inseam", 9.0));
    assert_eq!(heard.recv_timeout(SOON).expect("told")["id"], changed["line"]);
    let nine = json!([{ "alteration": "slimmed", "seam": "inseam", "by": 9.0 }]);
    assert_eq!(stands(&ada), nine);
    assert_eq!(ada.get(&journal).body[0]["what"], "wanted the slimming of the inseam otherwise");
    // What is no alteration of this garment, or of no build, leaves everything as it was.
    for (wrong, code) in
        [(slimmed("side", 5.0), "craft.alteration"), (slimmed("inseam", 900.0), "craft.alteration")]
    {
        let refused = &post(&ada, &wrong)["refused"];
        assert_eq!(refused["code"], code, "{refused}");
    }
    let unknown = json!({ "changes": [{ "id": Uuid::now_v7(), "parts": [
        { "change": "alter", "alteration": { "alteration": "dissolve" } }
    ] }] });
    assert_eq!(ada.send("POST", &at("/changes"), None, Some(unknown)).status, 400);
    assert_eq!(stands(&ada), nine);
    // It is solved, and stands in the order; its tick is kept with how it lay.
    let solution = ada.get(&at("/solution")).body;
    assert_eq!(solution["alterations"][0]["key"], "slimmed_inseam");
    let keys: Vec<&str> = solution["plan"]["steps"]
        .as_array()
        .expect("steps")
        .iter()
        .filter_map(|step| step["key"].as_str())
        .collect();
    assert!(keys.contains(&"sew_slimmed_inseam"), "{keys:?}");
    for step in keys.iter().take_while(|key| **key != "sew_slimmed_inseam").chain([&"sew_slimmed_inseam"]) {
        let ticked = post(&ada, &json!({ "change": "tick", "step": step }));
        assert!(ticked["line"].is_i64(), "{step}: {ticked}");
    }
    let vouched = ada.get(&at("")).body["fitting"]["progress"]["vouched"]["sew_slimmed_inseam"].clone();
    assert_eq!(
        vouched,
        json!([{ "of": "alteration", "alteration": "slimmed", "place": "inseam", "lengths": [9.0] }])
    );
    // Done without, and taken back.
    let without = post(&ada, &json!({ "change": "do_without", "key": "slimmed_inseam" }));
    assert_eq!(stands(&ada).as_array().map_or(0, Vec::len), 0);
    let undo = json!({ "line": without["line"] });
    let undone = ada.send("POST", &format!("/api/v1/garments/{GARMENT}/undo"), None, Some(undo));
    assert_eq!(undone.status, 200, "{}", undone.body);
    assert_eq!(stands(&ada), nine);
    // Out in a job file, which solves to the same; and in a workroom file, into another workroom.
    let job: vemble_fit::Job = serde_json::from_value(ada.get(&at("/job.vemble.json")).body).expect("a job");
    let alone = serde_json::to_value(vemble_fit::solve(&job).expect("solved")).expect("JSON");
    let kept = ada.get(&at("/solution")).body;
    assert_eq!(alone["alterations"], kept["alterations"]);
    assert_eq!(alone["levels"], kept["levels"]);
    restored_elsewhere(&server, &ada, &nine);
    // The garment is said to be another: it strays, is said, stays, and is taken out.
    let (mut garment, _) = example(GARMENT);
    garment["garment"] = example_job("flared-skirt")["garment"].clone();
    let version = ada.get(&format!("/api/v1/garments/{GARMENT}")).version;
    let changed = ada.put(&format!("/api/v1/garments/{GARMENT}"), version.as_deref(), &garment);
    assert_eq!(changed.status, 200, "{}", changed.body);
    let strays = ada.get(&at("/solution")).body["strays"].clone();
    assert_eq!(
        (&strays[0]["kind"], &strays[0]["id"]),
        (&json!("alteration"), &json!("slimmed_inseam")),
        "{strays}"
    );
    assert!(post(&ada, &json!({ "change": "intend", "intention": "close" }))["line"].is_i64());
    assert_eq!(stands(&ada), nine, "it stays until somebody sees to it");
    assert!(post(&ada, &json!({ "change": "do_without", "key": "slimmed_inseam" }))["line"].is_i64());
    assert_eq!(ada.get(&at("/solution")).body["strays"], json!([]));
}

fn restored_elsewhere(server: &common::Running, ada: &Client, wanted: &Value) {
    let bea = server.account("bea@example.org");
    assert_eq!(bea.hand_over(&ada.saved(), &[]).status, 200);
    let garments = bea.get("/api/v1/garments").body;
    let path = format!("/api/v1/garments/{}/fittings", garments[0]["id"].as_str().expect("an id"));
    assert_eq!(bea.get(&path).body[0]["record"]["fitting"]["alterations"], *wanted);
}

#[test]
fn a_friend_at_the_mirror_reads_and_decides_on_no_alteration() {
    let (server, ada) = begun(GARMENT, FITTING);
    let words = ada
        .send("POST", &at("/guest-codes"), None, Some(json!({ "origin": "http://fit.example" })))
        .body["words"]
        .clone();
    let friend = server.stranger();
    let entry = json!({ "words": words, "name": "Bea" });
    assert_eq!(friend.send("POST", "/api/v1/guest-session", None, Some(entry)).status, 200);
    assert_eq!(post(&friend, &slimmed("inseam", 8.0))["refused"]["status"], 403);
    assert!(stands(&ada).as_array().is_none_or(Vec::is_empty));
}
