//! The command line: what it prints, where it stops, and with which number.

use std::path::{Path, PathBuf};
use std::process::{Command, Output, Stdio};

use serde_json::Value;

fn vemble(arguments: &[&str]) -> Output {
    Command::new(env!("CARGO_BIN_EXE_vemble")).args(arguments).output().expect("the command runs")
}

fn said(output: &Output) -> String {
    format!("{}{}", String::from_utf8_lossy(&output.stdout), String::from_utf8_lossy(&output.stderr))
}

fn examples() -> Vec<PathBuf> {
    let folder = Path::new(env!("CARGO_MANIFEST_DIR")).join("../../docs/examples");
    let mut files: Vec<PathBuf> = std::fs::read_dir(folder)
        .expect("the examples")
        .map(|entry| entry.expect("a file").path())
        .filter(|path| path.to_string_lossy().ends_with(".vemble.json"))
        .collect();
    files.sort();
    files
}

/// A file of its own for one test.
fn written(name: &str, text: &str) -> PathBuf {
    let path = std::env::temp_dir().join(format!("vemble-{}-{name}", std::process::id()));
    std::fs::write(&path, text).expect("written");
    path
}

#[test]
fn every_example_is_solved_or_says_why_not_and_both_are_json() {
    let mut codes = std::collections::BTreeMap::<i32, u32>::new();
    for path in examples() {
        let output = vemble(&["solve", &path.to_string_lossy()]);
        let code = output.status.code().expect("it ended by itself");
        *codes.entry(code).or_default() += 1;
        let result: Value = serde_json::from_slice(&output.stdout).unwrap_or_else(|error| {
            panic!("{}: {error}\n{}", path.display(), said(&output));
        });
        let refused = result["hems"].as_array().expect("hems").iter().any(|hem| !hem["refused"].is_null())
            || result["seams"].as_array().expect("seams").iter().any(|seam| {
                seam["lines"]
                    .as_array()
                    .is_some_and(|lines| lines.iter().any(|line| line.to_string().contains("\"refused\"")))
            });
        assert_eq!(code, if refused { 3 } else { 0 }, "{}", path.display());
    }
    assert_eq!(codes.keys().copied().collect::<Vec<_>>(), [0, 3], "{codes:?}");
}

#[test]
fn what_cannot_be_read_ends_with_two_and_leaves_no_result() {
    let nowhere = vemble(&["solve", "/nowhere/at-all.vemble.json"]);
    assert_eq!((nowhere.status.code(), nowhere.stdout.is_empty()), (Some(2), true));
    assert!(said(&nowhere).contains("at-all.vemble.json"), "{}", said(&nowhere));
    let good = std::fs::read_to_string(&examples()[0]).expect("text");
    for (name, text, words) in [
        ("empty", String::new(), "line 1"),
        ("cut", good[..good.len() / 2].to_owned(), "line"),
        ("other", good.replace("\"kind\": \"trousers\"", "\"kind\": \"parachute\""), "parachute"),
        ("newer", good.replace("vemble-job/1", "vemble-job/9"), "vemble-job/9"),
    ] {
        let path = written(name, &text);
        let output = vemble(&["solve", &path.to_string_lossy()]);
        std::fs::remove_file(&path).expect("tidied");
        assert_eq!(
            (output.status.code(), output.stdout.is_empty()),
            (Some(2), true),
            "{name}: {}",
            said(&output)
        );
        assert!(said(&output).contains(words), "{name}: {}", said(&output));
    }
}

#[test]
fn the_schema_and_the_document_are_printed_whole() {
    let schema = vemble(&["schema"]);
    assert_eq!(schema.status.code(), Some(0));
    let schema: Value = serde_json::from_slice(&schema.stdout).expect("a schema is JSON");
    let validator = jsonschema::validator_for(&schema).expect("a schema");
    for path in examples() {
        let job: Value = serde_json::from_str(&std::fs::read_to_string(&path).expect("text")).expect("JSON");
        assert!(validator.is_valid(&job), "{}", path.display());
    }
    let document = vemble(&["openapi"]);
    let document: Value = serde_json::from_slice(&document.stdout).expect("the document is JSON");
    assert!(document["paths"].as_object().expect("paths").len() > 25);
}

#[test]
fn a_word_it_does_not_know_is_answered_with_what_it_does() {
    let output = vemble(&["embroider"]);
    assert_eq!(output.status.code(), Some(2));
    assert!(said(&output).contains("embroider"), "{}", said(&output));
    let help = said(&vemble(&["--help"]));
    for word in ["serve", "solve", "schema"] {
        assert!(help.contains(word), "{word} is not in {help}");
    }
}

#[test]
fn nobody_reading_on_is_no_fault() {
    for arguments in [vec!["openapi"], vec!["schema"], vec!["solve", &*examples()[0].to_string_lossy()]] {
        let mut child = Command::new(env!("CARGO_BIN_EXE_vemble"))
            .args(&arguments)
            .stdout(Stdio::piped())
            .stderr(Stdio::piped())
            .spawn()
            .expect("the command runs");
        drop(child.stdout.take());
        let output = child.wait_with_output().expect("it ends");
        assert!(!said(&output).contains("panicked"), "{arguments:?}: {}", said(&output));
        assert!(matches!(output.status.code(), Some(0 | 3)), "{arguments:?}: {:?}", output.status);
    }
}

#[test]
fn a_result_is_never_written_over_its_job() {
    let text = std::fs::read_to_string(&examples()[0]).expect("text");
    let path = written("over.vemble.json", &text);
    let link = path.with_extension("link");
    std::os::unix::fs::symlink(&path, &link).expect("a link");
    for out in [&path, &link] {
        let output = vemble(&["solve", &path.to_string_lossy(), "--out", &out.to_string_lossy()]);
        assert_eq!(output.status.code(), Some(2), "{}", said(&output));
        assert!(said(&output).contains("over the job itself"), "{}", said(&output));
        assert_eq!(std::fs::read_to_string(&path).expect("the job"), text, "it stands as it was");
    }
    for file in [link, path] {
        std::fs::remove_file(file).expect("tidied");
    }
}

#[test]
fn a_job_without_end_is_read_no_further_than_a_job_is_large() {
    let output = vemble(&["solve", "/dev/zero"]);
    assert_eq!((output.status.code(), output.stdout.is_empty()), (Some(2), true));
    assert!(said(&output).contains("larger than 8 MiB"), "{}", said(&output));
}

#[test]
fn nobody_at_work_and_a_taken_port_are_refused_with_the_reason() {
    let none = vemble(&["serve", "--database", "postgres://nowhere", "--workers", "0"]);
    assert!(!none.status.success() && said(&none).contains("--workers"), "{}", said(&none));
    let taken = std::net::TcpListener::bind("127.0.0.1:0").expect("a port");
    let address = taken.local_addr().expect("its address").to_string();
    let second = vemble(&["serve", "--database", "postgres://nowhere", "--listen", &address]);
    assert!(!second.status.success() && said(&second).contains(&address), "{}", said(&second));
}

#[test]
fn a_workroom_goes_into_a_file_and_comes_back_the_same() {
    use vemble_store::{AccountId, Store, account, testing};
    let folder = std::env::temp_dir().join(format!("vemble-backup-{}", std::process::id()));
    std::fs::create_dir_all(&folder).expect("a folder");
    let database = testing::fresh_database();
    // The demo is a workroom with everything in it; a server loads it and is ended.
    let mut demo = Command::new(env!("CARGO_BIN_EXE_vemble"))
        .args(["serve", "--demo", "--listen", "127.0.0.1:0", "--database", &database])
        .stdout(Stdio::piped())
        .spawn()
        .expect("it serves");
    let mut line = String::new();
    let words = demo.stdout.take().expect("its words");
    std::io::BufRead::read_line(&mut std::io::BufReader::new(words), &mut line).expect("a line");
    demo.kill().and_then(|()| demo.wait()).expect("ended");
    let mut conn = Store::open(&database, 2).expect("a store").conn().expect("a connection");
    for email in ["new@example.org", "full@example.org"] {
        let id = AccountId(uuid::Uuid::now_v7());
        assert!(account::create(&mut conn, id, email, "no hash").expect("made"));
    }
    let run = |act: &str, email: &str, file: &str| {
        let file = folder.join(file);
        let file = file.to_string_lossy();
        let output = vemble(&[act, "--database", &database, "--account", email, &file]);
        (output.status.success(), said(&output))
    };
    let (done, said) = run("backup", "band@larkhill.example", "band.zip");
    assert!(done && said.contains("15 garments"), "{said}");
    #[cfg(unix)]
    {
        use std::os::unix::fs::PermissionsExt;
        let mode = std::fs::metadata(folder.join("band.zip")).expect("a file").permissions().mode();
        assert_eq!(mode & 0o777, 0o600, "measures of bodies are their owner's alone");
    }
    let (done, said) = run("backup", "band@larkhill.example", "band.zip");
    assert!(!done && said.contains("exists"), "it is not written over: {said}");
    let (done, said) = run("restore", "new@example.org", "band.zip");
    assert!(done && said.contains("15 garments"), "{said}");
    assert!(run("backup", "new@example.org", "again.zip").0);
    let read = |name: &str| std::fs::read(folder.join(name)).expect("a file");
    assert!(read("band.zip") == read("again.zip"), "the file of what was restored is the same file");
    let (done, said) = run("restore", "new@example.org", "band.zip");
    assert!(!done && said.contains("restore into a new one"), "{said}");
    std::fs::write(folder.join("letter.zip"), "Dear Bea").expect("written");
    let (done, said) = run("restore", "full@example.org", "letter.zip");
    assert!(!done && said.contains("letter.zip: it is no zip file"), "{said}");
    let (done, said) = run("backup", "nobody@example.org", "nobody.zip");
    assert!(!done && said.contains("there is no account nobody@example.org"), "{said}");
    std::fs::remove_dir_all(&folder).expect("tidied");
}
