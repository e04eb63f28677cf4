//! What each resource gives, beyond what `http.rs` guards.

mod common;

use common::{Client, Running, example};
use serde_json::{Value, json};

const GARMENT: &str = "01930000-0000-7000-8000-00000000a001";
const FITTING: &str = "01930000-0000-7000-8000-00000000a002";
const WEARER: &str = "01930000-0000-7000-8000-00000000a003";

/// A workroom with Odile, her corduroys and one fitting of them.
fn workroom() -> (Running, Client) {
    let server = Running::start();
    let ada = server.account("ada@example.org");
    let (mut garment, fitting) = example(GARMENT);
    garment["wearer"] = json!(WEARER);
    garment["due_on"] = json!("2027-01-15");
    let job: Value =
        serde_json::from_str(include_str!("../../../docs/examples/barn-dance-trousers.vemble.json"))
            .expect("the example");
    let wearer = json!({ "name": "Odile Marrow", "measured": [job["body"]] });
    assert_eq!(ada.put(&format!("/api/v1/wearers/{WEARER}"), None, &wearer).status, 200);
    assert_eq!(ada.put(&format!("/api/v1/garments/{GARMENT}"), None, &garment).status, 200);
    assert_eq!(ada.put(&format!("/api/v1/fittings/{FITTING}"), None, &fitting).status, 200);
    (server, ada)
}

#[test]
fn a_pin_is_read_in_any_spelling_and_said_back() {
    let server = Running::start();
    let ada = server.account("ada@example.org");
    let (garment, _) = example(GARMENT);
    let typed = |station: &str, mode: &str, reading: &str| {
        let pin = json!({
            "garment": garment["garment"], "id": "p", "seam": "outseam", "side": "left", "datum": "hem",
            "station": station, "mode": mode, "reading": reading,
        });
        ada.send("POST", "/api/v1/compute/pin", None, Some(pin))
    };
    let read = typed("31 1/2 in", "whole_pinch", "24").body;
    assert_eq!(read["read"]["depth"], 12.0);
    assert_eq!(read["pin"]["station"], 800.1);
    let echo = read["read"]["echo"].as_str().expect("an echo");
    assert!(echo.starts_with("24 mm in the whole pinch is 12 mm deep; that on both sides"), "{echo}");

    let wrong = typed("31 1/q", "seam_to_pin", "12");
    assert_eq!((wrong.status, &wrong.body["path"]), (422, &json!("station")), "{}", wrong.body);
    assert!(wrong.body["detail"].as_str().expect("a sentence").contains("character 6"), "{}", wrong.body);
    let off = typed("2 m", "seam_to_pin", "12");
    assert_eq!(off.status, 422, "{}", off.body);
    let deep = typed("800", "seam_to_pin", "300");
    assert_eq!((deep.status, &deep.body["path"]), (422, &json!("reading")), "{}", deep.body);
}

#[test]
fn a_pin_is_slid_by_marks_and_by_hand_and_refused_with_its_reason() {
    let server = Running::start();
    let ada = server.account("ada@example.org");
    let text = include_str!("../../../docs/examples/barn-dance-trousers.vemble.json");
    let job: Value = serde_json::from_str(text).expect("a job");
    let pin = &job["fitting"]["pins"][0];
    let slide = |pin: &Value, slide: Value| {
        let asked = json!({ "job": job, "pin": pin, "slide": slide });
        ada.send("POST", "/api/v1/compute/slide", None, Some(asked))
    };
    let moved = slide(&pin["id"], json!({ "by": "marks", "count": 4 }));
    assert_eq!(moved.status, 200, "{}", moved.body);
    let number = |pin: &Value, of: &str| pin[of].as_f64().expect("a number");
    let away = number(&moved.body, "station") - number(pin, "station");
    assert!((away.abs() - 4.0).abs() < 1e-9, "{away}");
    assert_eq!((&moved.body["id"], number(&moved.body, "reading")), (&pin["id"], number(pin, "reading")));
    // By hand beyond its seam's lower end, it stops there.
    let low = slide(&pin["id"], json!({ "by": "hand", "station": -400.0 }));
    assert_eq!(low.status, 200, "{}", low.body);
    let gone = slide(&json!("nobody"), json!({ "by": "marks", "count": 1 }));
    assert_eq!((gone.status, &gone.body["path"]), (422, &json!("pin")), "{}", gone.body);
    let neither = slide(&pin["id"], json!({ "by": "wish" }));
    assert!((400..500).contains(&neither.status), "{}", neither.body);
}

#[test]
fn lengths_are_read_field_by_field() {
    let server = Running::start();
    let ada = server.account("ada@example.org");
    let read = |readings: Value| {
        let habits = json!({ "scale": { "unit": "inch", "rounding": "eighth_inch" } });
        let typed = json!({ "habits": habits, "readings": readings });
        ada.send("POST", "/api/v1/compute/lengths", None, Some(typed))
    };
    let both = read(json!([{ "field": "waist", "text": "29 5/8" }, { "field": "hip", "text": "98,6 cm" }]));
    assert_eq!(both.body[0]["length"], 752.475);
    assert_eq!(both.body[1]["shown"], "38 7/8");
    let wrong = read(json!([{ "field": "waist", "text": "29" }, { "field": "hip", "text": "ninety" }]));
    assert_eq!((wrong.status, &wrong.body["path"]), (422, &json!("hip")));
    // Nothing on a garment is 98 inches long; a length of cloth is.
    let far = json!([{ "field": "hip", "text": "98" }]);
    let asked = read(far.clone());
    assert_eq!((asked.status, &asked.body["readings"]), (422, &json!(["98 mm", "98 cm", "98 in"])));
    let habits = json!({ "scale": { "unit": "inch", "rounding": "eighth_inch" } });
    let cloth = json!({ "habits": habits, "cloth": true, "readings": far });
    assert_eq!(ada.send("POST", "/api/v1/compute/lengths", None, Some(cloth)).body[0]["shown"], "98");
}

#[test]
fn the_rail_says_what_comes_next_and_the_calendar_what_fits() {
    let (_server, ada) = workroom();
    let rail = ada.get("/api/v1/garments").body;
    assert_eq!(rail[0]["record"]["garment"]["name"], "Brown corduroys");
    assert_eq!(rail[0]["wearer_name"], "Odile Marrow");
    assert_eq!(rail[0]["next"]["place"], "chalk");
    assert!(rail[0]["minutes_left"]["p50"].as_f64().expect("minutes") > 30.0);
    assert!(rail[0]["figure"]["pieces"][0]["outline"].as_array().expect("an outline").len() > 8);
    let calendar = ada.get("/api/v1/calendar").body;
    assert_eq!(calendar["fits"][0]["name"], "Brown corduroys");
    let claimed: f64 = calendar["days"]
        .as_array()
        .expect("days")
        .iter()
        .map(|day| day["claimed"].as_f64().expect("minutes"))
        .sum();
    assert!(claimed > 0.0);
}

#[test]
fn an_evening_holds_what_fits_into_it_in_the_order_of_the_bench() {
    let (_server, ada) = workroom();
    let order = ada.get(&format!("/api/v1/fittings/{FITTING}/solution")).body["plan"]["steps"].clone();
    let open: Vec<&Value> =
        order.as_array().expect("an order").iter().filter(|step| step["done"] == false).collect();
    let evening = ada.get("/api/v1/tonight?minutes=45").body;
    let steps = evening["steps"].as_array().expect("steps");
    assert!(!steps.is_empty());
    for (step, planned) in steps.iter().zip(&open) {
        assert_eq!(step["title"], planned["title"]);
        assert_eq!(step["minutes"], planned["minutes"]["p50"]);
        assert_eq!(step["key"], GARMENT);
        // What the step is done with is among what is to be ready.
        for tool in planned["tools"].as_array().expect("tools") {
            assert!(evening["ready"].as_array().expect("a list").contains(tool), "{tool}");
        }
    }
    let taken: f64 = steps.iter().map(|step| step["minutes"].as_f64().expect("minutes")).sum();
    assert!(taken <= 45.0 && (taken - evening["taken"].as_f64().expect("minutes")).abs() < 1e-9);
    // The next step is left out because it does not fit any more.
    let next = open[steps.len()]["minutes"]["p50"].as_f64().expect("minutes");
    assert!(taken + next > 45.0);
    assert_eq!(ada.get("/api/v1/tonight").body["free"], 30.0, "the habit, where nothing is said");
    let wrong = ada.get("/api/v1/tonight?minutes=6000");
    assert_eq!((wrong.status, &wrong.body["path"]), (422, &json!("minutes")));
}

#[test]
fn a_change_is_told_in_the_journal_and_undone() {
    let (_server, ada) = workroom();
    let path = format!("/api/v1/fittings/{FITTING}");
    let mut changed = ada.get(&path).body;
    changed["fitting"]["pins"].as_array_mut().expect("pins").remove(0);
    assert_eq!(ada.put(&path, Some("\"1\""), &changed).status, 200);
    let journal = format!("/api/v1/garments/{GARMENT}/journal");
    let last = ada.get(&journal).body[0].clone();
    assert_eq!(last["undone"], false);
    let undone = ada.undo(&format!("/api/v1/garments/{GARMENT}"));
    assert_eq!((undone.status, &undone.body["what"]), (200, &last["what"]));
    let now = ada.get(&path);
    assert_eq!(now.body["fitting"]["pins"].as_array().expect("pins").len(), 11);
    assert_eq!(now.version.as_deref(), Some("\"3\""), "undoing is a change too");
    assert_eq!(ada.put(&path, Some("\"2\""), &changed).status, 412, "the version that was undone is stale");
}

#[test]
fn everything_leaves_as_a_file() {
    let (_server, ada) = workroom();
    let at = |file: &str| format!("/api/v1/fittings/{FITTING}/{file}");
    let job = ada.get(&at("job.vemble.json")).body;
    let solved = vemble_fit::solve(&serde_json::from_value(job).expect("a job")).expect("a result");
    assert!(solved.is_solved());
    for (file, media_type) in [
        ("pins.csv", "text/csv"),
        ("chalk.csv", "text/csv"),
        ("sheet.pdf", "application/pdf"),
        ("sheet.pdf?paper=letter", "application/pdf"),
    ] {
        let answer = ada.get(&at(file));
        assert_eq!((answer.status, answer.content_type.as_str()), (200, media_type), "{file}");
    }
    assert_eq!(ada.get(&at("sheet.pdf?paper=wall")).status, 400);
}

#[test]
fn a_habit_moves_every_number_and_nonsense_moves_none() {
    let (_server, ada) = workroom();
    let solution = format!("/api/v1/fittings/{FITTING}/solution");
    let before = ada.get(&solution).body;
    let habits = ada.get("/api/v1/habits");
    let mut changed = habits.body.clone();
    changed["rules"] = json!({ "pin_tolerance": 99.0 });
    let wrong = ada.put("/api/v1/habits", habits.version.as_deref(), &changed);
    assert_eq!(wrong.status, 422);
    assert!(wrong.body["detail"].as_str().expect("a sentence").contains("from 0 to 10"), "{}", wrong.body);
    assert_eq!(ada.get(&solution).body, before);
    changed["rules"] = json!({ "pin_tolerance": 1.0, "pin_spread": 4.0 });
    assert_eq!(ada.put("/api/v1/habits", habits.version.as_deref(), &changed).status, 200);
    let after = ada.get(&solution).body;
    assert_ne!(after["levels"], before["levels"]);
    assert_eq!(after["seams"][0]["tolerance"], 1.0);
}

#[test]
fn a_wearer_taken_away_leaves_their_garments() {
    let (_server, ada) = workroom();
    assert_eq!(ada.send("DELETE", &format!("/api/v1/wearers/{WEARER}"), None, None).status, 204);
    assert_eq!(ada.get(&format!("/api/v1/wearers/{WEARER}")).status, 404);
    let garment = ada.get(&format!("/api/v1/garments/{GARMENT}"));
    assert_eq!((garment.status, &garment.body["wearer"]), (200, &Value::Null));
}

#[test]
fn a_garment_taken_off_the_rail_takes_its_fittings_along() {
    let (_server, ada) = workroom();
    assert_eq!(ada.send("DELETE", &format!("/api/v1/garments/{GARMENT}"), None, None).status, 204);
    assert_eq!(ada.get(&format!("/api/v1/fittings/{FITTING}")).status, 404);
    assert_eq!(ada.get("/api/v1/garments").body, json!([]));
}

#[test]
fn the_fitting_uses_the_measures_of_its_own_day() {
    let (_server, ada) = workroom();
    let path = format!("/api/v1/wearers/{WEARER}");
    let kept = ada.get(&path);
    let mut later = kept.body.clone();
    later["measured"]
        .as_array_mut()
        .expect("days")
        .push(json!({ "taken_on": "2026-12-24", "measures": { "waist": 800 }, "layers": [] }));
    assert_eq!(ada.put(&path, kept.version.as_deref(), &later).status, 200);
    let job = ada.get(&format!("/api/v1/fittings/{FITTING}/job")).body;
    assert_eq!(job["body"]["taken_on"], "2026-10-30", "measured after the fitting does not count for it");
}

#[test]
fn health_words_and_the_document_are_there() {
    let (server, ada) = workroom();
    assert_eq!(server.stranger().get("/api/health").status, 200);
    let words = ada.get("/api/v1/words").body;
    let kinds = words["kinds"].as_array().expect("kinds");
    assert_eq!(kinds.len(), 13);
    let coat = kinds.iter().find(|kind| kind["name"] == "coat").expect("a coat");
    assert_eq!(coat["flats"].as_array().expect("measures").len(), 17);
    assert_eq!(coat["flats_without_sleeves"], 12);
    let choices = words["choices"].as_object().expect("choices");
    assert!(choices.values().all(|choice| choice["options"].as_array().is_some_and(|all| all.len() > 1)));
    assert!(words["rules"].as_array().expect("rules").iter().all(|rule| rule["reason"] != ""));
    let document = server.stranger().get("/api/openapi.json").body;
    assert!(document["openapi"].as_str().expect("a version").starts_with("3.1"));
    assert_eq!(server.stranger().send("POST", "/api/v1/demo-session", None, None).status, 404);
}
