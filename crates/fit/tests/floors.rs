//! The core stands in floors: a folder uses only those before it in the row that ARCHITECTURE.md gives.

use std::collections::BTreeSet;
use std::fs;
use std::path::{Path, PathBuf};

/// The folders of the row, from the lowest up.
fn row(architecture: &str) -> Vec<String> {
    let row = architecture.split("```").find(|block| block.trim_start().starts_with("unit ·"));
    let named = |line: &str| {
        let names = line.split("   ").next().unwrap_or_default();
        names.split('·').map(|name| name.trim().to_owned()).collect::<Vec<_>>()
    };
    row.expect("the row of folders").trim().lines().flat_map(named).collect()
}

/// The folders a file names by their own path, outside what it says of them in comments.
fn uses(code: &str) -> BTreeSet<String> {
    let spoken = code.lines().filter(|line| !line.trim_start().starts_with("//"));
    let named = spoken.flat_map(|line| line.split("crate::").skip(1));
    named
        .map(|path| path.chars().take_while(|c| c.is_ascii_lowercase() || *c == '_').collect::<String>())
        .filter(|name| !name.is_empty())
        .collect()
}

fn files(folder: &Path, into: &mut Vec<PathBuf>) {
    for entry in fs::read_dir(folder).expect("a folder of the core") {
        let path = entry.expect("an entry").path();
        if path.is_dir() {
            files(&path, into);
        } else if path.extension().is_some_and(|end| end == "rs") {
            into.push(path);
        }
    }
}

#[test]
fn every_folder_stands_on_those_before_it() {
    let here = Path::new(env!("CARGO_MANIFEST_DIR"));
    let row = row(&fs::read_to_string(here.join("../../ARCHITECTURE.md")).expect("ARCHITECTURE.md"));
    let source = here.join("src");
    let mut all = Vec::new();
    files(&source, &mut all);
    let (mut stood, mut wrong) = (BTreeSet::new(), Vec::new());
    for file in &all {
        let place = file.strip_prefix(&source).expect("a file of the core");
        let name = place.iter().next().and_then(|name| name.to_str()).expect("a name");
        let folder = name.trim_end_matches(".rs");
        // The front of the house names everything that can be had from it.
        if folder == "lib" {
            continue;
        }
        let Some(floor) = row.iter().position(|name| name == folder) else {
            panic!("{folder} is not in ARCHITECTURE's row");
        };
        stood.insert(folder.to_owned());
        let code = fs::read_to_string(file).expect("a file");
        if code.contains("crate::{") {
            wrong.push(format!("{} names what it uses in a group: each by its own path", place.display()));
        }
        for used in uses(&code) {
            if used != folder && !row[..floor].contains(&used) {
                wrong.push(format!("{} uses {used}, which does not stand below it", place.display()));
            }
        }
    }
    assert!(wrong.is_empty(), "{}", wrong.join("\n"));
    let gone: Vec<&String> = row.iter().filter(|name| !stood.contains(*name)).collect();
    assert!(gone.is_empty(), "in ARCHITECTURE's row and nowhere else: {gone:?}");
}

#[test]
fn what_a_file_uses_is_found_in_every_way_of_naming_it() {
    let code = "use crate::unit::length::Length;\n// crate::solve is no use\nfn f(x: crate::plan::Step) -> crate::words::A {}\n";
    assert_eq!(uses(code), ["plan", "unit", "words"].map(str::to_owned).into());
    assert!(
        uses("use crate::{a::B, c::D};").is_empty(),
        "grouped imports hide from this test: write each by its path"
    );
    assert_eq!(row("```\nunit · body     lengths\ngarment         said\n```"), ["unit", "body", "garment"]);
}

/// Where sentences are made: of findings and answers, of the steps of an order, of what is said back of a reading, of the
/// small sums, and why the house decides as it does.
const SAYS: [&str; 10] = [
    "words",
    "house",
    "plan",
    "sums",
    "operation/seam",
    "operation/hem/steps.rs",
    "operation/hem/sewing.rs",
    "operation/hem/elsewhere.rs",
    "operation/hem/close_lining.rs",
    "reading/echo.rs",
];

/// The same beside what is computed: how one gets behind a lining, readings of a hem said back, steps of an alteration.
const SAYS_TOO: [&str; 3] = ["operation/hem/lining.rs", "operation/hem/readings.rs", "operation/slimmed.rs"];

/// The sentences in a file: what begins with a capital letter, goes on for three words or more, and ends with a full stop.
fn sentences(code: &str) -> Vec<&str> {
    let spoken = code.split("#[cfg(test)]").next().unwrap_or_default();
    let lines = spoken.lines().filter(|line| {
        let line = line.trim_start();
        !line.starts_with("//") && !line.starts_with("#[") && !line.contains("description(")
    });
    let quoted = lines.flat_map(|line| line.split('"').skip(1).step_by(2));
    let is_sentence = |text: &&str| {
        text.starts_with(char::is_uppercase) && text.ends_with('.') && text.split(' ').count() >= 3
    };
    quoted.filter(is_sentence).collect()
}

#[test]
fn what_measures_and_computes_says_nothing_in_sentences() {
    let source = Path::new(env!("CARGO_MANIFEST_DIR")).join("src");
    let mut all = Vec::new();
    files(&source, &mut all);
    let mut found = Vec::new();
    for path in all {
        let place = path.strip_prefix(&source).expect("in the core");
        if SAYS.iter().chain(&SAYS_TOO).any(|says| place.starts_with(says)) {
            continue;
        }
        let code = fs::read_to_string(&path).expect("a file");
        found.extend(sentences(&code).into_iter().map(|said| format!("{}: {said}", place.display())));
    }
    assert!(found.is_empty(), "{}", found.join("\n"));
    let code =
        "/// \"No comment is one.\"\nlet a = \"It lies flat.\"; let b = \"flat\"; let c = \"A flat one\";";
    assert_eq!(sentences(code), ["It lies flat."]);
}
