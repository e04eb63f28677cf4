//! What the core says to nonsense: the place, what was read, and what is allowed. And what it still
//! computes when something is missing.

use serde_json::{Value, json};
use vemble_fit::{Job, LineOutcome, Solution, solve};

fn example() -> Value {
    serde_json::from_str(include_str!("../../../docs/examples/barn-dance-trousers.vemble.json"))
        .expect("the example")
}

/// The example with one field changed; `null` takes it out.
fn with(pointer: &str, value: Value) -> Value {
    let mut job = example();
    let (parent, key) = pointer.rsplit_once('/').expect("a path");
    match job.pointer_mut(parent).expect("the parent") {
        Value::Object(fields) if value.is_null() => {
            fields.remove(key);
        }
        Value::Object(fields) => {
            fields.insert(key.to_owned(), value);
        }
        Value::Array(items) => items[key.parse::<usize>().expect("an index")] = value,
        other => panic!("{pointer} lies in {other}"),
    }
    job
}

fn solved(job: Value) -> Solution {
    solve(&serde_json::from_value::<Job>(job).expect("a job")).expect("a result")
}

fn says(solution: &Solution, code: &str) -> String {
    let found: Vec<&str> =
        solution.warnings.iter().filter(|each| each.code == code).map(|each| each.message.as_str()).collect();
    assert!(!found.is_empty(), "{code} is not among {:?}", solution.warnings);
    found.join(" ")
}

#[test]
fn every_refusal_names_the_place_what_was_read_and_what_is_allowed() {
    let pin = "/fitting/pins/0";
    for (pointer, value, path, sentence) in [
        ("/format".into(), json!("other/3"), "format", "was read as \"other/3\""),
        (
            "/body/measures/hip".into(),
            json!(9860),
            "body.measures.hip",
            "the hip was read as 9860 mm; it can be from",
        ),
        (
            "/garment/shape/flats/waist".into(),
            json!(4280),
            "garment.shape.flats.waist",
            "the waist width was read as 4280 mm; it can be from 180 to 1200 mm",
        ),
        (
            "/garment/cloth/stretch".into(),
            json!(7.0),
            "garment.cloth.stretch",
            "was read as 7; it can be from",
        ),
        (format!("{pin}/station"), json!(1900), "fitting.pins[0].station", "the seam is 1040 mm long"),
        (format!("{pin}/station"), json!(-5), "fitting.pins[0].station", "is not on the outseam"),
        (format!("{pin}/reading"), json!(200), "fitting.pins[0].reading", "more than half the front panel"),
        (format!("{pin}/side"), json!("centre"), "fitting.pins[0].side", "say left or right"),
        ("/fitting/pins/8/side".into(), json!("left"), "fitting.pins[8].side", "its side is centre"),
        (format!("{pin}/datum"), json!("crotch"), "fitting.pins[0].datum", "cannot be counted from"),
        (format!("{pin}/seam"), json!("centre_front"), "fitting.pins[0].seam", "no pins are taken"),
        (format!("{pin}/id"), json!("p02"), "fitting.pins[1].id", "used by another pin"),
        (
            "/habits/rules".into(),
            json!({ "pin_tolerance": 60.0 }),
            "habits.rules.pin_tolerance",
            "was set to 60; it can be from 0 to 10",
        ),
    ] {
        let job: Job = serde_json::from_value(with(&pointer, value)).expect("readable JSON");
        let error = solve(&job).expect_err(&pointer);
        assert_eq!(error.path(), path, "{error}");
        assert!(error.to_string().contains(sentence), "{pointer}: {error}");
    }
}

#[test]
fn a_raw_edge_reading_needs_its_allowance() {
    let mut job = with("/garment/shape/allowances", json!([]));
    job["fitting"]["pins"][0]["mode"] = json!("raw_edge_to_chalk");
    job["fitting"]["pins"][0]["panel"] = json!("back");
    let error = solve(&serde_json::from_value::<Job>(job).expect("JSON")).expect_err("no allowance");
    assert_eq!(error.path(), "fitting.pins[0].mode");
    assert!(error.to_string().contains("needs its allowance"), "{error}");
}

#[test]
fn a_raw_edge_reading_counts_from_the_edge_of_its_panel() {
    let mut job = example();
    job["fitting"]["pins"][0]["mode"] = json!("raw_edge_to_chalk");
    job["fitting"]["pins"][0]["panel"] = json!("back");
    // 22 mm lie inside the back panel, so 34 from its edge are 12 deep.
    job["fitting"]["pins"][0]["reading"] = json!(34);
    let solution = solved(job);
    let pin = solution.seams[0].pins.iter().find(|pin| pin.id == "p01").expect("the pin");
    assert_eq!(pin.depth.mm(), 12.0);
    assert!(pin.echo.contains("12 mm deep"), "{}", pin.echo);
}

#[test]
fn without_panels_there_are_lines_but_no_girths() {
    let solution = solved(with("/garment/shape/flats/waist", Value::Null));
    let words = says(&solution, "garment.missing");
    assert!(words.contains("Not measured yet on the garment: waist width"), "{words}");
    assert!(words.contains("lines drawn on the outseam"), "{words}");
    assert!(solution.levels.is_empty() && solution.drawing.is_none());
    assert!(matches!(solution.seams[0].lines[0].outcome, LineOutcome::Drawn(_)));
}

#[test]
fn without_a_length_the_pins_of_a_seam_wait() {
    let mut job = with("/garment/shape/flats/outseam", Value::Null);
    job["garment"]["shape"]["flats"].as_object_mut().expect("flats").remove("waist");
    let solution = solved(job);
    assert!(says(&solution, "seam.length").contains("length of the outseam is not known"));
    assert!(solution.seams.iter().all(|seam| seam.seam != vemble_fit::SeamName::Outseam));
}

#[test]
fn an_estimated_measure_says_so() {
    let solution = solved(with("/garment/shape/flats/thigh", Value::Null));
    let words = says(&solution, "garment.estimated");
    assert!(words.contains("thigh width was not measured and is estimated"), "{words}");
    assert!(solution.drawing.is_some());
}

#[test]
fn measures_that_cannot_belong_together_are_named_both() {
    let solution = solved(with("/garment/shape/flats/inseam", json!(1020)));
    let words = says(&solution, "garment.disagree");
    assert!(words.contains("1020 mm") && words.contains("measure both again"), "{words}");
    assert!(solution.levels.is_empty());
}

#[test]
fn without_a_body_girths_stand_and_verdicts_wait() {
    let solution = solved(with("/body", Value::Null));
    assert!(says(&solution, "body.missing").contains("has no measures yet"));
    assert!(!solution.levels.is_empty());
    assert!(solution.levels.iter().all(|row| row.ease_after.is_none() && row.verdict.is_none()));
}

#[test]
fn one_missing_body_measure_leaves_the_others_their_verdict() {
    let solution = solved(with("/body/measures/knee", Value::Null));
    assert!(says(&solution, "body.missing").contains("Not measured on Odile Marrow: knee"));
    let verdicts = solution.levels.iter().filter(|row| row.verdict.is_some()).count();
    assert!(verdicts >= 5, "{verdicts}");
}

#[test]
fn old_measures_are_not_trusted_silently() {
    let solution = solved(with("/body/taken_on", json!("2026-02-01")));
    assert!(says(&solution, "body.stale").contains("measure again before trusting the ease"));
}

#[test]
fn a_foot_that_will_not_get_through_is_said_before_the_work() {
    let mut job = with("/body/measures/heel_instep", json!(348));
    job["garment"]["shape"]["flats"]["hem"] = json!(166);
    job["garment"]["shape"]["flats"]["calf"] = json!(200);
    let solution = solved(job);
    let foot = solution.foot.as_ref().expect("measured");
    assert!(!foot.passes);
    assert!(says(&solution, "foot.stuck").contains("heel and instep measure 348 mm"));
}

#[test]
fn letting_out_beyond_what_anybody_looked_at_says_so() {
    let mut job = with("/garment/shape/allowances", json!([]));
    for pin in job["fitting"]["pins"].as_array_mut().expect("pins") {
        pin["reading"] = json!(-6);
        pin["mode"] = json!("seam_to_pin");
    }
    let words = says(&solved(job), "line.traces");
    assert!(
        words.contains("needle holes") && words.contains("Nobody has looked how much is inside"),
        "{words}"
    );
}

#[test]
fn protective_wear_carries_its_caution_first() {
    let solution = solved(with("/garment/purpose", json!("protective")));
    assert_eq!(solution.warnings[0].code, "garment.purpose");
}
