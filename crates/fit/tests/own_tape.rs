//! Somebody with an inch tape reads inches, everywhere.

mod common;

use common::examples;
use vemble_fit::{Rounding, Scale, Unit, solve};

/// Every sentence and shown number of an answer.
fn sentences(value: &serde_json::Value, into: &mut Vec<String>) {
    match value {
        serde_json::Value::String(text) => into.push(text.clone()),
        serde_json::Value::Array(list) => list.iter().for_each(|each| sentences(each, into)),
        serde_json::Value::Object(map) => map.values().for_each(|each| sentences(each, into)),
        _ => {}
    }
}

#[test]
fn on_an_inch_tape_nothing_that_is_said_is_in_millimetres_or_in_decimals_of_an_inch() {
    for (name, mut job) in examples() {
        job.habits.scale = Scale::new(Unit::Inch, Rounding::EighthInch);
        let solution = solve(&job).expect("solved");
        let mut said = Vec::new();
        sentences(&serde_json::to_value(&solution).expect("an answer"), &mut said);
        assert!(said.iter().any(|text| text.contains(" in")), "{name}");
        for text in said {
            let words: Vec<&str> = text
                .split_whitespace()
                .map(|word| word.trim_matches(['.', ',', ';', ':', ')', '(']))
                .collect();
            for pair in words.windows(2) {
                let number = pair[0].starts_with(|letter: char| letter.is_ascii_digit());
                assert!(!(number && matches!(pair[1], "mm" | "cm")), "{name}: {text}");
                assert!(!(number && pair[1] == "in" && pair[0].contains('.')), "{name}: {text}");
            }
        }
    }
}
