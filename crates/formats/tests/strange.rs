//! Files that were cut, spoilt, or written by somebody else: read or refused with a place and a sentence,
//! computed or refused, and printed; never a panic, and never a number that is none.

mod common;

use common::files;
use proptest::prelude::*;
use serde_json::{Value, json};
use vemble_fit::{Paper, solve};
use vemble_formats::{chalk_csv, hems_csv, pins_csv, read_job, sheet, write_job, write_solution};

/// Everything that is done with a file. Says how far it got.
fn through(bytes: &[u8]) -> &'static str {
    let job = match read_job(bytes) {
        Ok(job) => job,
        Err(error) => {
            let said = error.to_string();
            assert!(said.split(' ').count() > 3, "no sentence: {said}");
            return "unreadable";
        }
    };
    let Ok(solution) = solve(&job) else { return "nonsense" };
    let result = write_solution(&solution);
    let result: Value = serde_json::from_str(&result).expect("a result is JSON");
    assert!(are_points(&result), "a coordinate that is none");
    for table in [pins_csv(&job), chalk_csv(&solution), hems_csv(&solution)] {
        assert!(!table.contains("NaN") && !table.contains("inf"), "{table}");
    }
    for paper in [Paper::A4, Paper::Letter] {
        let (wide, high) = paper.size_mm();
        let near = |[x, y]: [f64; 2]| x.abs() < 20.0 * wide && y.abs() < 20.0 * high;
        for page in common::pdf::pages(&sheet::chalk_sheet(&job, &solution, paper)) {
            let places = page.courses.into_iter().flat_map(|(_, course)| course);
            let texts = page.texts.iter().map(|text| [text.left, text.base]);
            assert!(places.chain(texts).all(near), "a coordinate that is none");
        }
    }
    let again = read_job(write_job(&job).as_bytes()).expect("what is written is read");
    assert_eq!(again, job);
    "solved"
}

/// True where every coordinate is a number. What is no number is written as null: a point of which half is one
/// was computed wrong.
fn are_points(value: &Value) -> bool {
    match value {
        Value::Array(items) => {
            let numbers = items.iter().filter(|item| item.is_number()).count();
            let nulls = items.iter().filter(|item| item.is_null()).count();
            (numbers == 0 || nulls == 0) && items.iter().all(are_points)
        }
        Value::Object(fields) => {
            let course = |name: &str| ["spine", "fold", "outline", "course"].contains(&name);
            fields.iter().all(|(name, field)| {
                are_points(field) && !(course(name) && field.to_string().contains("null"))
            })
        }
        _ => true,
    }
}

/// Every place in a value where a number stands.
fn numbers(value: &Value, at: String, found: &mut Vec<String>) {
    match value {
        Value::Number(_) => found.push(at),
        Value::Array(items) => {
            items.iter().enumerate().for_each(|(i, item)| numbers(item, format!("{at}/{i}"), found));
        }
        Value::Object(fields) => {
            fields.iter().for_each(|(name, field)| numbers(field, format!("{at}/{name}"), found));
        }
        _ => {}
    }
}

proptest! {
    #![proptest_config(ProptestConfig { failure_persistence: None, ..ProptestConfig::default() })]

    #[test]
    fn spoilt_bytes_are_refused_or_still_mean_something(
        which in 0usize..64, edits in prop::collection::vec((0.0f64..1.0, any::<u8>(), 0u8..3), 1..5),
    ) {
        let files = files();
        let mut bytes = files[which % files.len()].clone().into_bytes();
        for (at, byte, how) in edits {
            let at = (at * bytes.len() as f64) as usize;
            match how {
                0 => bytes[at] = byte,
                1 => drop(bytes.remove(at)),
                _ => bytes.insert(at, byte),
            }
        }
        through(&bytes);
    }

    #[test]
    fn any_number_anywhere_is_refused_or_computed_with(
        which in 0usize..64, at in 0.0f64..1.0,
        number in prop_oneof![
            Just(0.0), Just(-1.0), Just(0.001), Just(1e5), Just(-1e5), Just(1e18), -300.0f64..300.0, 300.0f64..3000.0,
        ],
    ) {
        let files = files();
        let mut file: Value = serde_json::from_str(&files[which % files.len()]).expect("JSON");
        let mut places = Vec::new();
        numbers(&file, String::new(), &mut places);
        let place = &places[(at * places.len() as f64) as usize];
        *file.pointer_mut(place).expect("the place") = json!(number);
        through(file.to_string().as_bytes());
    }

    #[test]
    fn any_words_in_a_name_are_kept_and_printed(name in "\\PC{1,60}", wearer in "\\PC{1,60}") {
        let mut file: Value = serde_json::from_str(&files()[0]).expect("JSON");
        file["garment"]["name"] = json!(name);
        file["wearer"] = json!(wearer);
        through(file.to_string().as_bytes());
    }
}

#[test]
fn every_example_goes_all_the_way() {
    let mut reached = std::collections::BTreeMap::<&str, u32>::new();
    for file in files() {
        *reached.entry(through(file.as_bytes())).or_default() += 1;
    }
    assert_eq!(reached.keys().copied().collect::<Vec<_>>(), ["solved"], "{reached:?}");
}

#[test]
fn a_field_nobody_knows_is_refused_by_name_so_that_nothing_is_dropped_unseen() {
    for place in ["", "/garment", "/garment/shape", "/garment/cloth", "/fitting", "/habits", "/body"] {
        let mut file: Value = serde_json::from_str(&files()[0]).expect("JSON");
        if place == "/habits" {
            file["habits"] = json!({});
        }
        file.pointer_mut(place).expect("the place")["colour_of_thread"] = json!("red");
        let error = read_job(file.to_string().as_bytes()).expect_err(place).to_string();
        assert!(error.contains("colour_of_thread"), "{place}: {error}");
    }
}
