//! The document at `/api/openapi.json` is a promise. Whatever is sent, sensible or not, no answer is a
//! server error, every answer is one the document has, of the type and shape it says, and a refusal
//! leaves everything as it was.

mod common;

use common::{Answer, Client, Running, chance::Chance, example};
use serde_json::{Map, Value, json};

/// Requests to each operation; `VEMBLE_SEARCH` times as many when somebody goes looking (`make hunt`).
const ROUNDS: u32 = 12;
/// How deep a made value goes before it ends in the shortest thing allowed.
const DEEPEST: u32 = 7;
const GARMENT: &str = "01930000-0000-7000-8000-00000000a001";
const FITTING: &str = "01930000-0000-7000-8000-00000000a002";
const WEARER: &str = "01930000-0000-7000-8000-00000000a003";

/// How often to try, and where chance begins.
fn search(name: u64) -> (u32, Chance) {
    match std::env::var("VEMBLE_SEARCH").ok().and_then(|times| times.parse::<u32>().ok()) {
        Some(times) => {
            let name = u64::from(std::process::id());
            println!("chance begins at {name}");
            (ROUNDS * times, Chance::new(name))
        }
        None => (ROUNDS, Chance::new(name)),
    }
}

/// The promise, with what is made from its schemas.
struct Document(Value);

/// One operation of it.
struct Operation<'a> {
    method: String,
    path: &'a str,
    told: &'a Value,
}

impl Document {
    fn operations(&self) -> Vec<Operation<'_>> {
        let paths = self.0["paths"].as_object().expect("paths");
        paths
            .iter()
            .flat_map(|(path, methods)| {
                methods.as_object().expect("methods").iter().map(|(method, told)| Operation {
                    method: method.to_uppercase(),
                    path,
                    told,
                })
            })
            .collect()
    }

    fn schema<'a>(&'a self, schema: &'a Value) -> &'a Value {
        match schema["$ref"].as_str() {
            Some(name) => self.0.pointer(name.trim_start_matches('#')).expect("the schema it refers to"),
            None => schema,
        }
    }

    /// A value the schema allows, as far as a schema can tell.
    fn made(&self, schema: &Value, chance: &mut Chance, depth: u32) -> Value {
        let schema = self.schema(schema);
        if let Some(values) = schema["enum"].as_array() {
            return chance.pick(values).clone();
        }
        if let Some(ways) = schema["oneOf"].as_array() {
            let null = ways.iter().find(|way| way["type"] == "null").filter(|_| depth > DEEPEST);
            return self.made(null.unwrap_or_else(|| chance.pick(ways)), chance, depth + 1);
        }
        if let Some(parts) = schema["allOf"].as_array() {
            let made = parts.iter().map(|part| self.made(part, chance, depth + 1));
            let fields = made.filter_map(|part| match part {
                Value::Object(fields) => Some(fields),
                _ => None,
            });
            return Value::Object(fields.flatten().collect());
        }
        let kind = match &schema["type"] {
            Value::Array(kinds) => chance.pick(kinds),
            kind => kind,
        };
        match kind.as_str() {
            Some("object") => self.object(schema, chance, depth),
            Some("array") => {
                let most = if depth > DEEPEST { 0 } else { 3 };
                let count = chance.below(most + 1);
                (0..count).map(|_| self.made(&schema["items"], chance, depth + 1)).collect()
            }
            Some("string") => text(schema, chance),
            Some("integer") => json!(chance.between(
                schema["minimum"].as_f64().unwrap_or(0.0),
                schema["maximum"].as_f64().unwrap_or(400.0),
            ) as i64),
            // What a tape can read, whatever else the schema would allow.
            Some("number") => json!(chance.between(
                schema["minimum"].as_f64().unwrap_or(-50.0).max(-50.0),
                schema["maximum"].as_f64().unwrap_or(1200.0).min(1200.0),
            )),
            Some("boolean") => json!(chance.below(2) == 0),
            _ => Value::Null,
        }
    }

    fn object(&self, schema: &Value, chance: &mut Chance, depth: u32) -> Value {
        let mut made = Map::new();
        let required = schema["required"].as_array().cloned().unwrap_or_default();
        for (name, field) in schema["properties"].as_object().into_iter().flatten() {
            let needed = required.iter().any(|each| each == name);
            if needed || (depth <= DEEPEST && chance.below(2) == 0) {
                made.insert(name.clone(), self.made(field, chance, depth + 1));
            }
        }
        if schema["additionalProperties"].is_object() && depth <= DEEPEST {
            for _ in 0..chance.below(3) {
                let name = match &schema["propertyNames"] {
                    Value::Null => json!("field"),
                    names => self.made(names, chance, depth + 1),
                };
                let value = self.made(&schema["additionalProperties"], chance, depth + 1);
                made.insert(name.as_str().unwrap_or("field").to_owned(), value);
            }
        }
        Value::Object(made)
    }

    /// Holds an answer to what the operation promises.
    fn kept(&self, operation: &Operation<'_>, sent: &Option<Value>, answer: &Answer) {
        let asked = format!("{} {}", operation.method, operation.path);
        let said = |what: &str| {
            let sent = sent.as_ref().map(ToString::to_string).unwrap_or_default();
            format!("{asked}: {what}\nsent {sent:.4000}\nread {} {}", answer.status, answer.body)
        };
        assert!(answer.status < 500, "{}", said("a server error"));
        let promised = &operation.told["responses"][answer.status.to_string()];
        assert!(promised.is_object(), "{}", said("a status that is not in the document"));
        let Some(types) = promised["content"].as_object() else {
            assert_eq!(answer.status, 204, "{}", said("a body the document does not have"));
            return;
        };
        let content = types.get(&answer.content_type);
        let content = content.unwrap_or_else(|| panic!("{}", said(&answer.content_type)));
        if !answer.content_type.ends_with("json") {
            return;
        }
        let mut schema = content["schema"].clone();
        schema["components"] = self.0["components"].clone();
        let wrong = jsonschema::draft202012::options().build(&schema).expect("a schema");
        let first = wrong.iter_errors(&answer.body).next();
        let first = first.map(|error| format!("{error} at {}", error.instance_path()));
        assert!(first.is_none(), "{}", said(&first.unwrap_or_default()));
        if answer.status >= 400 {
            let detail = answer.body["detail"].as_str().unwrap_or_default();
            assert!(detail.split(' ').count() > 3, "{}", said("not a sentence"));
            assert!(answer.body["code"].as_str().is_some_and(|code| code.contains('.')), "{}", said("code"));
        }
    }
}

fn text(schema: &Value, chance: &mut Chance) -> Value {
    match schema["format"].as_str() {
        Some("uuid") => {
            json!(*chance.pick(&[GARMENT, FITTING, WEARER, "01930000-0000-7000-8000-00000000a009"]))
        }
        Some("date") => json!(format!("2026-{:02}-{:02}", 1 + chance.below(12), 1 + chance.below(28))),
        Some("date-time") => json!("2026-11-25T08:00:00Z"),
        _ => json!(*chance.pick(&[
            "",
            "a",
            "left",
            "12",
            "2 1/4",
            "1.75in",
            "p",
            "outseam",
            "ünïcödé ½",
            "0",
            "-3",
            "two words",
            "\u{0}",
            "'; drop table garments; --",
            "=1+1",
            "\u{1f9f5}",
            "nine hundred and ninety-nine",
        ])),
    }
}

/// Changes one place of a value: drops it, or puts something there that may not belong.
fn spoilt(value: &mut Value, chance: &mut Chance) {
    match value {
        Value::Object(fields) if !fields.is_empty() && chance.below(8) > 0 => {
            let at = chance.below(fields.len() as u32) as usize;
            let name = fields.keys().nth(at).cloned().unwrap_or_default();
            if chance.below(12) == 0 {
                fields.remove(&name);
            } else if let Some(field) = fields.get_mut(&name) {
                spoilt(field, chance);
            }
        }
        Value::Array(items) if !items.is_empty() && chance.below(8) > 0 => {
            let at = chance.below(items.len() as u32) as usize;
            if chance.below(10) == 0 {
                let twice = items[at].clone();
                items.push(twice);
            } else {
                spoilt(&mut items[at], chance);
            }
        }
        value => {
            *value = chance
                .pick(&[
                    json!(null),
                    json!(-1),
                    json!(0),
                    json!(1e300),
                    json!(-1e300),
                    json!(1e-300),
                    json!(4.5),
                    json!(i64::MAX),
                    json!(""),
                    json!("hem"),
                    json!("x".repeat(5000)),
                    json!(true),
                    json!([]),
                    json!({}),
                    json!([[]]),
                    json!({ "a": { "b": [1] } }),
                    json!(250),
                    json!(990),
                ])
                .clone();
        }
    }
}

/// What ends a session or an account, or locks the door: tried by hand. A stream has no end to wait for.
fn is_by_hand(method: &str, path: &str) -> bool {
    let door = ["/session", "/sessions", "/account", "/account/password", "/guest-session"];
    door.iter().any(|end| path.ends_with(end)) || (method == "GET" && path.ends_with("/changes"))
}

/// Bodies that are right, to be spoilt in one place: the worked examples, whole and in parts.
fn right(path: &str, chance: &mut Chance) -> Option<Value> {
    let (garment, fitting) = example(GARMENT);
    let job = common::any_job(chance);
    let habits = job["habits"].clone();
    Some(match path {
        "/api/v1/compute/job" | "/api/v1/compute/fit-picture" => job,
        "/api/v1/compute/comparison" => json!({ "one": job, "other": job }),
        "/api/v1/compute/share" => json!({ "job": job, "request": { "level": "waist", "lose": 20 } }),
        "/api/v1/compute/copy" => {
            json!({ "job": job, "favourite": { "waist": 380, "hip": 470, "bust": 480 } })
        }
        "/api/v1/compute/ladder" => json!({ "job": job, "seam": "outseam" }),
        "/api/v1/compute/lengths" => {
            json!({ "habits": habits, "readings": [{ "field": "waist", "text": "29" }] })
        }
        "/api/v1/habits" | "/api/v1/habits/effect" => habits,
        "/api/v1/garments/{id}" => garment,
        "/api/v1/fittings/{id}" => fitting,
        "/api/v1/fittings/{id}/changes" => {
            let parts = fitting["fitting"]["pins"]
                .as_array()
                .into_iter()
                .flatten()
                .map(|pin| json!({ "change": "put_pin", "pin": pin }));
            let id = || uuid::Uuid::now_v7().to_string();
            json!({ "changes": [
                { "id": id(), "parts": parts.collect::<Vec<_>>() },
                { "id": id(), "parts": [{ "change": "intend", "intention": "close" }] },
            ] })
        }
        "/api/v1/fittings/{id}/guest-codes" => json!({ "origin": "http://fit.example" }),
        "/api/v1/garments/{id}/undo" => json!({ "line": chance.below(20), "also": [] }),
        "/api/v1/wearers/{id}" => json!({ "name": "Odile Marrow", "measured": [job["body"]] }),
        _ => return None,
    })
}

/// An account with a wearer, a garment and a fitting of it.
fn furnished(client: &Client) {
    let (garment, fitting) = example(GARMENT);
    let wearer = json!({ "name": "Odile Marrow", "measured": [] });
    for (kind, id, record) in
        [("wearers", WEARER, &wearer), ("garments", GARMENT, &garment), ("fittings", FITTING, &fitting)]
    {
        let path = format!("/api/v1/{kind}/{id}");
        let now = client.get(&path);
        if now.status == 404 {
            let written = client.put(&path, None, record);
            assert_eq!(written.status, 200, "{}", written.body);
        }
    }
}

/// Everything that is kept, as it reads.
fn kept(client: &Client) -> Vec<Value> {
    ["wearers", "garments", "habits"]
        .map(|path| client.get(&format!("/api/v1/{path}")).body)
        .into_iter()
        .chain([client.get(&format!("/api/v1/fittings/{FITTING}")).body])
        .collect()
}

#[test]
fn whatever_is_sent_the_answer_is_one_that_was_promised() {
    let server = Running::start();
    let ada = server.account("ada@example.org");
    let stranger = server.stranger();
    let document = Document(ada.get("/api/openapi.json").body);
    let operations = document.operations();
    assert!(operations.len() > 35, "the whole interface is in the document");
    let (rounds, mut chance) = search(4711);
    let mut taken = std::collections::BTreeMap::<String, u32>::new();
    for operation in &operations {
        // Signing in and out is done by hand below; here it would end the session or lock the door.
        if is_by_hand(&operation.method, operation.path) {
            continue;
        }
        for round in 0..rounds {
            furnished(&ada);
            let id = *chance.pick(&[GARMENT, FITTING, WEARER, GARMENT, FITTING, WEARER, "not-an-id", "%00"]);
            let id = match (operation.path, round % 3) {
                (path, 0 | 1) if path.contains("/garments/") => GARMENT,
                (path, 0 | 1) if path.contains("/fittings/") => FITTING,
                (path, 0 | 1) if path.contains("/wearers/") => WEARER,
                _ => id,
            };
            let path = operation.path.replace("{id}", id).replace("{guest}", id);
            let path = if path.ends_with(".pdf") {
                format!("{path}?paper={}", chance.pick(&["a4", "letter", "a0", "", "%F0"]))
            } else {
                path
            };
            let schema = &operation.told["requestBody"]["content"]["application/json"]["schema"];
            let body = schema.is_object().then(|| {
                let mut body = match right(operation.path, &mut chance).filter(|_| round % 3 != 2) {
                    Some(body) => body,
                    None => document.made(schema, &mut chance, 0),
                };
                for _ in 0..chance.below(4) {
                    spoilt(&mut body, &mut chance);
                }
                body
            });
            let before = kept(&ada);
            let says = operation.method == "PUT" && chance.below(4) > 0;
            let version = says.then(|| ada.get(&path).version).flatten();
            let answer = ada.send(&operation.method, &path, version.as_deref(), body.clone());
            document.kept(operation, &body, &answer);
            if answer.status >= 400 || operation.path.contains("/compute/") {
                assert_eq!(kept(&ada), before, "{} {path} left something", operation.method);
            } else {
                *taken.entry(format!("{} {}", operation.method, operation.path)).or_default() += 1;
            }
            if round == 0 {
                let answer = stranger.send(&operation.method, &path, None, body.clone());
                document.kept(operation, &body, &answer);
                let open = ["/health", "/demo-session", "/words"].iter().any(|end| path.ends_with(end));
                assert!(
                    open || answer.status != 200 || path.contains("/compute/"),
                    "{path} is open to anybody"
                );
            }
        }
    }
    // A search in which everything is refused would say nothing.
    for written in [
        "PUT /api/v1/wearers/{id}",
        "PUT /api/v1/garments/{id}",
        "PUT /api/v1/fittings/{id}",
        "POST /api/v1/fittings/{id}/changes",
        "PUT /api/v1/habits",
    ] {
        assert!(taken.contains_key(written), "nothing was ever taken by {written}: {taken:?}");
    }
}

#[test]
fn the_door_answers_as_promised_to_any_words() {
    let server = Running::start();
    let stranger = server.stranger();
    let document = Document(stranger.get("/api/openapi.json").body);
    let (rounds, mut chance) = search(12);
    for operation in document.operations() {
        if !is_by_hand(&operation.method, operation.path) || operation.path.ends_with("/changes") {
            continue;
        }
        for _ in 0..rounds {
            let schema = &operation.told["requestBody"]["content"]["application/json"]["schema"];
            let body = schema.is_object().then(|| {
                let mut body = document.made(schema, &mut chance, 0);
                spoilt(&mut body, &mut chance);
                body
            });
            document.kept(
                &operation,
                &body,
                &stranger.send(&operation.method, operation.path, None, body.clone()),
            );
        }
    }
}
