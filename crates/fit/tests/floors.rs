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
