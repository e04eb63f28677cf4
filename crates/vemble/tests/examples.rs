//! The command line on the example jobs: each gives its snapshot and its exit code.

use std::path::{Path, PathBuf};
use std::process::{Command, Output};

fn vemble(arguments: &[&str]) -> Output {
    Command::new(env!("CARGO_BIN_EXE_vemble")).args(arguments).output().expect("vemble runs")
}

fn example(name: &str) -> PathBuf {
    Path::new(env!("CARGO_MANIFEST_DIR")).join("../../docs/examples").join(format!("{name}.vemble.json"))
}

/// What a hand needs of a result: tables, girths, steps, warnings. The drawing is left out; the
/// core tests its geometry.
fn essentials(result: &serde_json::Value) -> serde_json::Value {
    let text = |value: &serde_json::Value| value.as_str().unwrap_or_default().to_owned();
    let tables: Vec<_> = result["seams"]
        .as_array()
        .expect("seams")
        .iter()
        .flat_map(|seam| seam["lines"].as_array().expect("lines").iter().map(move |line| (seam, line)))
        .map(|(seam, line)| {
            let rows: Vec<String> = line["table"]["rows"]
                .as_array()
                .map(|rows| {
                    rows.iter()
                        .map(|row| {
                            let edge = |name: &str| row["shown"][name].as_str().unwrap_or("-").to_owned();
                            format!(
                                "{:>8} {:>6} {:>7} {:>7}  {}",
                                text(&row["shown"]["station"]),
                                text(&row["shown"]["depth"]),
                                edge("edge_front"),
                                edge("edge_back"),
                                row["marks"]
                                    .as_array()
                                    .expect("marks")
                                    .iter()
                                    .map(&text)
                                    .collect::<Vec<_>>()
                                    .join(" ")
                            )
                        })
                        .collect()
                })
                .unwrap_or_default();
            let ends = [text(&line["lower"]["words"]), text(&line["upper"]["words"]), text(&line["message"])];
            serde_json::json!({
                "line": format!("{} {}", text(&seam["seam"]), text(&line["side"])),
                "ends": ends.into_iter().filter(|words| !words.is_empty()).collect::<Vec<_>>(),
                "table": rows,
            })
        })
        .collect();
    let levels: Vec<String> = result["levels"]
        .as_array()
        .expect("levels")
        .iter()
        .map(|row| {
            let mm = |name: &str| row[name].as_f64().map_or("-".to_owned(), |mm| format!("{mm:.0}"));
            format!(
                "{} {}: {} -> {}, ease {}, wanted {}, {}",
                text(&row["level"]),
                text(&row["side"]),
                mm("before"),
                mm("after"),
                mm("ease_after"),
                mm("wanted"),
                row["verdict"].as_str().unwrap_or("no verdict")
            )
        })
        .collect();
    let steps: Vec<String> = result["plan"]["steps"]
        .as_array()
        .expect("steps")
        .iter()
        .map(|step| {
            let stop = if step["stop"].is_null() { "" } else { "  STOP" };
            format!(
                "{} [{}] {} min{stop}",
                text(&step["title"]),
                text(&step["bench"]),
                step["minutes"]["p50"]
            )
        })
        .collect();
    let warnings: Vec<String> = result["warnings"]
        .as_array()
        .expect("warnings")
        .iter()
        .map(|warning| format!("{}: {}", text(&warning["code"]), text(&warning["message"])))
        .collect();
    let lengths: Vec<String> = result["lengths"]
        .as_array()
        .expect("lengths")
        .iter()
        .map(|row| {
            let shown = |i: usize| row["shown"][i].as_str().unwrap_or("-").to_owned();
            format!(
                "{}: {} -> {}, body {}, apart {}",
                text(&row["words"]),
                shown(0),
                shown(1),
                shown(2),
                shown(3)
            )
        })
        .collect();
    let armholes: Vec<String> =
        result["armholes"].as_array().expect("armholes").iter().map(|row| text(&row["words"])).collect();
    serde_json::json!({
        "lines": tables, "levels": levels, "lengths": lengths, "armholes": armholes, "steps": steps,
        "warnings": warnings,
    })
}

fn solved(name: &str, exit: i32) -> serde_json::Value {
    let output = vemble(&["solve", example(name).to_str().expect("a path")]);
    assert_eq!(output.status.code(), Some(exit), "{}", String::from_utf8_lossy(&output.stderr));
    essentials(&serde_json::from_slice(&output.stdout).expect("a result"))
}

#[test]
fn barn_dance_trousers() {
    insta::assert_json_snapshot!(solved("barn-dance-trousers", 0));
}

/// One worked example for every kind of garment beside trousers.
const KINDS: [&str; 12] = [
    "straight-skirt",
    "flared-skirt",
    "waisted-dress",
    "princess-dress",
    "shift-dress",
    "shirt",
    "knit-top",
    "sweatpants",
    "waistcoat",
    "jacket",
    "coat",
    "overalls",
];

#[test]
fn every_kind_of_garment() {
    for name in KINDS {
        insta::assert_json_snapshot!(name, solved(name, 0));
    }
}

/// One worked example for every kind of hem, with the exit code it gives: what does not lie as it was asked
/// is refused, with the nearest that does.
const HEMS: [(&str, i32); 13] = [
    ("hem-double-narrow", 0),
    ("hem-double-wide-and-single", 0),
    ("hem-rolled-high-low", 0),
    ("hem-deep-hand-taper", 0),
    ("hem-deep-on-a-flare", 3),
    ("hem-bias-faced", 0),
    ("hem-faced-let-down", 0),
    ("hem-twin-needle", 0),
    ("hem-cover-stitched-unwashed", 0),
    ("hem-lined-bag", 0),
    ("hem-lined-coat", 0),
    ("hem-original", 0),
    ("hem-uncut-at-the-waist", 0),
];

/// What a hand needs of a hem: its table, how its turn-up lies, what to do.
fn hem_essentials(result: &serde_json::Value) -> serde_json::Value {
    let text = |value: &serde_json::Value| value.as_str().unwrap_or("-").to_owned();
    let list = |value: &serde_json::Value| value.as_array().cloned().unwrap_or_default();
    let side = |side: &serde_json::Value| {
        let table: Vec<String> = list(&side["rows"])
            .iter()
            .map(|row| {
                let shown: Vec<String> =
                    list(&row["shown"]).iter().map(|cell| format!("{:>5}", text(cell))).collect();
                format!("{:<16}{}", text(&row["words"]), shown.join(" "))
            })
            .collect();
        serde_json::json!({
            "side": side["side"],
            "around, fold, cut, strip, finished": table,
            "turn-up": side["turn_up"]["words"],
            "tuck": side["tuck"]["words"],
            "near": list(&side["collisions"]).iter().map(|each| text(&each["says"])).collect::<Vec<_>>(),
        })
    };
    let hems: Vec<serde_json::Value> = list(&result["hems"])
        .iter()
        .map(|hem| {
            let says = [&hem["pair_words"], &hem["uneven"]["words"], &hem["refused"], &hem["waits"]];
            let says: Vec<_> = says.into_iter().filter(|words| !words.is_null()).collect();
            serde_json::json!({
                "hem": format!(
                    "{}: {}, {}, {}; old turn-up {}",
                    text(&hem["words"]), text(&hem["wanted"]), text(&hem["kind_words"]),
                    text(&hem["allowance_words"]), text(&hem["old_turn_up"])
                ),
                "sides": list(&hem["sides"]).iter().map(side).collect::<Vec<_>>(),
                "says": says,
                "uncut": hem["uncut"]["words"],
                "lining": hem["lining"]["words"],
                "mitres": hem["mitres"],
            })
        })
        .collect();
    let steps: Vec<serde_json::Value> = list(&result["plan"]["steps"])
        .iter()
        .map(|step| {
            let stops = list(&step["stop"]["conditions"]);
            let stop = if stops.is_empty() {
                String::new()
            } else {
                format!(
                    "  STOP: {}",
                    stops.iter().map(|each| text(&each["kind"])).collect::<Vec<_>>().join(", ")
                )
            };
            format!("{} [{}]{stop}", text(&step["title"]), text(&step["bench"])).into()
        })
        .collect();
    serde_json::json!({ "hems": hems, "steps": steps })
}

#[test]
fn every_kind_of_hem() {
    for (name, exit) in HEMS {
        let output = vemble(&["solve", example(name).to_str().expect("a path")]);
        assert_eq!(output.status.code(), Some(exit), "{name}: {}", String::from_utf8_lossy(&output.stderr));
        let result: serde_json::Value = serde_json::from_slice(&output.stdout).expect("a result");
        insta::assert_json_snapshot!(name, hem_essentials(&result));
    }
}

/// Orders that begin, open or end in a way of their own.
const ORDERS: [&str; 6] = [
    "lined-jacket-sides",
    "zip-in-a-side-seam",
    "one-piece-band",
    "letting-out",
    "in-the-making",
    "nightwear",
];

/// An order as it is followed: each step with its place, minutes, stop, and every sentence of how.
fn order(result: &serde_json::Value) -> String {
    let text = |value: &serde_json::Value| value.as_str().unwrap_or_default().to_owned();
    let mut lines = Vec::new();
    for step in result["plan"]["steps"].as_array().expect("steps") {
        let stop = if step["stop"].is_null() { "" } else { "  STOP" };
        let waits = step["passive_hours"].as_f64().filter(|hours| *hours > 0.0);
        let waits = waits.map_or(String::new(), |hours| format!(", then {hours} h"));
        lines.push(format!(
            "{} [{}, {} min{waits}]{stop}",
            text(&step["title"]),
            text(&step["bench"]),
            step["minutes"]["p50"]
        ));
        lines.extend(step["how"].as_array().expect("how").iter().map(|how| format!("    {}", text(how))));
        for condition in step["stop"]["conditions"].as_array().into_iter().flatten() {
            lines.push(format!("    ? {}", text(&condition["words"])));
        }
    }
    for warning in result["warnings"].as_array().expect("warnings") {
        lines.push(format!("! {}: {}", text(&warning["weight"]), text(&warning["message"])));
    }
    lines.join("\n")
}

#[test]
fn every_order_as_it_is_followed() {
    let trousers = ["barn-dance-trousers", "uneven-legs-in-inches", "let-out-below"];
    let solved = HEMS.iter().filter(|(_, exit)| *exit == 0).map(|(name, _)| *name);
    for name in trousers.into_iter().chain(KINDS).chain(ORDERS).chain(solved) {
        let output = vemble(&["solve", example(name).to_str().expect("a path")]);
        assert_eq!(output.status.code(), Some(0), "{name}: {}", String::from_utf8_lossy(&output.stderr));
        let result: serde_json::Value = serde_json::from_slice(&output.stdout).expect("a result");
        insta::assert_snapshot!(format!("order-{name}"), order(&result));
    }
}

#[test]
fn uneven_legs_in_inches() {
    insta::assert_json_snapshot!(solved("uneven-legs-in-inches", 0));
}

#[test]
fn let_out_below_take_in_above() {
    insta::assert_json_snapshot!(solved("let-out-below", 0));
}

#[test]
fn a_fade_too_short_says_what_would_do() {
    let result = solved("fade-too-short", 3);
    insta::assert_json_snapshot!(result);
}

#[test]
fn what_cannot_be_read_exits_two_and_says_where() {
    let broken = std::env::temp_dir().join(format!("vemble-broken-{}.vemble.json", std::process::id()));
    let text = std::fs::read_to_string(example("barn-dance-trousers")).expect("the example");
    for (from, to, says) in [
        (
            "\"station\": 1005",
            "\"station\": 1905",
            "fitting.pins[0].station: 1905 mm from the hem is not on the outseam",
        ),
        ("\"reading\": 10 }", "\"reading\": \"ten\" }", "line 41, column"),
        ("vemble-job/1", "vemble-job/9", "format: the format was read as \"vemble-job/9\""),
        ("\"reading\": 10 }", "\"reading\": 310 }", "more than half the front panel"),
    ] {
        assert!(text.contains(from), "{from}");
        std::fs::write(&broken, text.replacen(from, to, 1)).expect("written");
        let output = vemble(&["solve", broken.to_str().expect("a path")]);
        let error = String::from_utf8_lossy(&output.stderr).into_owned();
        assert_eq!(output.status.code(), Some(2), "{error}");
        assert!(error.contains(says), "{error}");
        assert!(output.stdout.is_empty());
    }
    std::fs::remove_file(broken).expect("removed");
    assert_eq!(vemble(&["solve", "nowhere.vemble.json"]).status.code(), Some(2));
}

#[test]
fn the_schema_takes_the_examples_and_refuses_what_the_reader_refuses() {
    let output = vemble(&["schema"]);
    let schema: serde_json::Value = serde_json::from_slice(&output.stdout).expect("JSON");
    let schema = jsonschema::validator_for(&schema).expect("a schema");
    let trousers = ["barn-dance-trousers", "uneven-legs-in-inches", "let-out-below", "fade-too-short"];
    for name in trousers.into_iter().chain(KINDS).chain(ORDERS).chain(HEMS.map(|(name, _)| name)) {
        let job: serde_json::Value =
            serde_json::from_slice(&std::fs::read(example(name)).expect("read")).expect("JSON");
        let faults: Vec<String> = schema.iter_errors(&job).map(|fault| fault.to_string()).collect();
        assert!(faults.is_empty(), "{name}: {faults:?}");
        for (pointer, wrong) in [
            ("/garment/shape/kind", serde_json::json!("kilt")),
            ("/garment/shape/waist", serde_json::json!(428)),
            ("/fitting/held_on", serde_json::json!(3)),
            ("/fitting/pins/0/reading", serde_json::json!("ten")),
            ("/fitting/hems/0/wanted/from", serde_json::json!("the stars")),
        ] {
            if job.pointer(pointer.rsplit_once('/').expect("a path").0).is_none() {
                continue;
            }
            let mut broken = job.clone();
            let (parent, key) = pointer.rsplit_once('/').expect("a path");
            broken.pointer_mut(parent).expect("the parent")[key] = wrong;
            assert!(!schema.is_valid(&broken), "{name}: {pointer}");
        }
    }
}

#[test]
fn the_web_application_speaks_the_language_of_this_server() {
    let output = vemble(&["openapi"]);
    let committed = Path::new(env!("CARGO_MANIFEST_DIR")).join("../../web/openapi.json");
    let committed = std::fs::read_to_string(committed).expect("web/openapi.json");
    assert!(
        committed.trim() == String::from_utf8_lossy(&output.stdout).trim(),
        "web/openapi.json is out of date: run `make types`"
    );
}
