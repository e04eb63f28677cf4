//! The worked examples of `docs/examples`, as files.
// Each test file uses its own part of this.
#![allow(dead_code)]

pub mod pdf;

/// Every one, in the order of its name.
pub fn files() -> Vec<String> {
    let mut paths: Vec<_> = std::fs::read_dir(folder())
        .expect("the examples")
        .map(|entry| entry.expect("a file").path())
        .filter(|path| path.to_string_lossy().ends_with(".vemble.json"))
        .collect();
    paths.sort();
    paths.into_iter().map(|path| std::fs::read_to_string(path).expect("text")).collect()
}

/// One by its name.
pub fn file(name: &str) -> String {
    std::fs::read_to_string(format!("{}/{name}.vemble.json", folder())).expect("the example")
}

fn folder() -> String {
    format!("{}/../../docs/examples", env!("CARGO_MANIFEST_DIR"))
}
