//! A workroom in one file: out, into another, and out again byte for byte; what is no workroom is refused whole.

mod common;

use std::io::{Cursor, Read, Write};

use common::chance::Chance;
use common::{Client, Running, example, examples};
use serde_json::{Value, json};
use uuid::Uuid;
use vemble_formats::{Workroom, read_workroom, write_workroom};

fn restored(client: &Client, bytes: &[u8]) -> (u16, Value) {
    let answer = client.hand_over(bytes, &[]);
    (answer.status, answer.body)
}

/// People, garments of every example with their fittings, habits of one's own, a timed step.
fn furnish(client: &Client) {
    let who = Uuid::now_v7();
    let wearer = json!({ "name": "Odile Marrow", "measured": [examples()[0].1["body"]] });
    assert_eq!(client.put(&format!("/api/v1/wearers/{who}"), None, &wearer).status, 200);
    let habits = client.get("/api/v1/habits");
    let mut wanted = habits.body.clone();
    wanted["paper"] = json!("letter");
    assert_eq!(client.put("/api/v1/habits", habits.version.as_deref(), &wanted).status, 200);
    for (name, job) in examples() {
        let (garment, fitting) = (Uuid::now_v7(), Uuid::now_v7());
        let record = json!({ "wearer": who, "due_on": "2026-12-12", "garment": job["garment"] });
        assert_eq!(client.put(&format!("/api/v1/garments/{garment}"), None, &record).status, 200, "{name}");
        let mut fitted = job["fitting"].clone();
        fitted["progress"] = json!({ "done": {}, "confirmed": [] });
        let record = json!({ "garment": garment, "number": 1, "fitting": fitted });
        let answer = client.put(&format!("/api/v1/fittings/{fitting}"), None, &record);
        assert_eq!(answer.status, 200, "{name}: {}", answer.body);
        let plan = client.get(&format!("/api/v1/fittings/{fitting}/solution")).body["plan"].clone();
        if let Some(first) = plan["steps"][0]["key"].as_str() {
            let asked = plan["steps"][0]["stop"]["conditions"].as_array().cloned().unwrap_or_default();
            let confirm = |asked: &Value| json!({ "change": "confirm", "condition": asked["key"] });
            let tick = json!({ "change": "tick", "step": first, "minutes": 12.5 });
            let parts: Vec<Value> = asked.iter().map(confirm).chain([tick]).collect();
            let body = json!({ "changes": [{ "id": Uuid::now_v7(), "parts": parts }] });
            let path = format!("/api/v1/fittings/{fitting}/changes");
            let ticked = client.send("POST", &path, None, Some(body)).body;
            assert!(ticked["answers"][0]["line"].is_i64(), "{name}: {ticked}");
        }
    }
}

#[test]
fn a_workroom_comes_back_from_its_file_byte_for_byte() {
    let server = Running::start();
    let ada = server.account("ada@example.org");
    furnish(&ada);
    let file = ada.saved();
    assert_eq!(ada.saved(), file, "the same workroom is the same file");
    // Into a workroom beside the first, in the same house.
    let bea = server.account("bea@example.org");
    let (status, holds) = restored(&bea, &file);
    assert_eq!((status, &holds["garments"]), (200, &json!(examples().len())), "{holds}");
    assert_eq!(bea.saved(), file);
    // And into another house.
    let elsewhere = Running::start();
    let cora = elsewhere.account("cora@example.org");
    assert_eq!(restored(&cora, &file).0, 200);
    assert_eq!(cora.saved(), file);
    let rail = cora.get("/api/v1/garments").body;
    let before = ada.get("/api/v1/garments").body;
    for (one, other) in rail.as_array().expect("a rail").iter().zip(before.as_array().expect("a rail")) {
        for part in ["minutes_left", "next", "steps", "wearer_name"] {
            assert_eq!(one[part], other[part]);
        }
    }
    // What its hand took is what the next estimate learns from, there too.
    let [one, other] = [&ada, &cora].map(|account| account.get("/api/v1/calendar").body);
    assert_eq!(one["days"], other["days"]);
    assert_eq!(one["shortfall"]["words"], other["shortfall"]["words"]);
    let margins = |calendar: &Value| -> Vec<Value> {
        calendar["fits"].as_array().expect("fits").iter().map(|fit| fit["margin"].clone()).collect()
    };
    assert_eq!(margins(&one), margins(&other));
}

#[test]
fn what_is_no_workroom_or_finds_one_in_its_place_is_refused_and_changes_nothing() {
    let server = Running::start();
    let ada = server.account("ada@example.org");
    furnish(&ada);
    let file = ada.saved();
    let bea = server.account("bea@example.org");
    let mut bent = file.clone();
    let middle = bent.len() / 3;
    bent[middle] ^= 0xff;
    for (what, bytes) in
        [("a letter", &b"Dear Bea"[..]), ("half of it", &file[..file.len() / 2]), ("bent", &bent)]
    {
        let (status, told) = restored(&bea, bytes);
        assert_eq!(status, 422, "{what}: {told}");
        assert!(told["detail"].as_str().expect("words").contains("Nothing was changed"), "{what}: {told}");
        assert_eq!(bea.get("/api/v1/garments").body, json!([]), "{what}");
    }
    let huge = vec![0; 64 * 1024 * 1024 + 1];
    assert_eq!(restored(&bea, &huge).0, 413);
    let before = ada.get("/api/v1/garments").body;
    let (status, told) = restored(&ada, &file);
    assert_eq!(status, 422, "{told}");
    assert!(told["detail"].as_str().expect("words").contains("restore into a new one"), "{told}");
    assert_eq!(ada.get("/api/v1/garments").body, before);
    let packed = bea.send("POST", "/api/v1/workroom", None, Some(json!({})));
    assert_eq!((packed.status, &packed.body["code"]), (415, &json!("request.not_zip")));
}

/// Puts something into a workroom that none can have.
type Spoil = Box<dyn Fn(&mut Workroom)>;

#[test]
fn what_no_route_lets_in_no_file_brings_in() {
    let server = Running::start();
    let ada = server.account("ada@example.org");
    furnish(&ada);
    let good = read_workroom(&ada.saved()).expect("a workroom");
    let bea = server.account("bea@example.org");
    let at_hems = |room: &mut Workroom, at: f64| {
        let fittings = room.garments.iter_mut().flat_map(|hung| &mut hung.fittings);
        let mut readings =
            fittings.flat_map(|held| &mut held.fitting.hems).flat_map(|wish| &mut wish.readings);
        readings.next().expect("a reading of a hem").at = at;
    };
    let cases: Vec<(&str, &str, Spoil)> = vec![
        (
            "a control character",
            "control character",
            Box::new(|room| room.garments[0].garment.name.push('\0')),
        ),
        (
            "more than a list holds",
            "400 rows",
            Box::new(|room| {
                let shape = &mut room.garments[0].garment.shape;
                let fixture = json!({ "kind": "zip", "seam": "side", "from": 10.0, "to": 200.0 });
                shape.fixtures = vec![serde_json::from_value(fixture).expect("a zip"); 28_000];
            }),
        ),
        (
            "a day in another age",
            "year 262142",
            Box::new(|room| room.garments[0].due_on = chrono::NaiveDate::from_ymd_opt(262_142, 1, 1)),
        ),
        (
            "a day twice",
            "measured twice",
            Box::new(|room| {
                let body: vemble_fit::Body =
                    serde_json::from_value(json!({ "taken_on": "2026-11-02", "measures": {} }))
                        .expect("a body");
                room.wearers.push(vemble_fit::Wearer {
                    name: "Odile Marrow".into(),
                    measured: vec![body.clone(), body],
                });
            }),
        ),
        ("a hem beyond its round", "from 0 to 360", Box::new(move |room| at_hems(room, 361.0))),
        (
            "an estimate below nothing",
            "from 0 to 10000",
            Box::new(|room| {
                let held =
                    room.garments.iter_mut().flat_map(|hung| &mut hung.fittings).next().expect("a fitting");
                let work = json!({ "step": "chalk", "work": "chalk", "estimate": -1.0 });
                held.works.push(serde_json::from_value(work).expect("a step's work"));
            }),
        ),
    ];
    for (what, words, spoil) in cases {
        let mut room = good.clone();
        spoil(&mut room);
        let file = write_workroom(&room).expect("a file");
        let (status, told) = restored(&bea, &file);
        assert_eq!(status, 422, "{what}: {told}");
        assert!(told["detail"].as_str().expect("words").contains(words), "{what}: {told}");
        assert_eq!(bea.get("/api/v1/garments").body, json!([]), "{what}");
    }
    assert_eq!(restored(&bea, &write_workroom(&good).expect("a file")).0, 200);
}

#[test]
fn a_job_file_becomes_a_garment_with_its_fitting() {
    let server = Running::start();
    let ada = server.account("ada@example.org");
    for (name, job) in examples() {
        let hung = ada.send("POST", "/api/v1/jobs", None, Some(job.clone()));
        assert_eq!(hung.status, 201, "{name}: {}", hung.body);
        let fitting = hung.body["fitting"].as_str().expect("an id");
        let kept = ada.get(&format!("/api/v1/fittings/{fitting}/job")).body;
        assert_eq!(kept["garment"]["name"], job["garment"]["name"], "{name}");
        let pins = |job: &Value| job["fitting"]["pins"].as_array().map_or(0, Vec::len);
        assert_eq!(pins(&kept), pins(&job), "{name}");
    }
    let (garment, _) = example("x");
    let mut wrong = examples()[0].1.clone();
    wrong["format"] = json!("knitting/1");
    let refused = ada.send("POST", "/api/v1/jobs", None, Some(wrong));
    assert_eq!((refused.status, &refused.body["code"]), (422, &json!("job.format")), "{garment}");
    assert_eq!(ada.get("/api/v1/garments").body.as_array().map(Vec::len), Some(examples().len()));
}

/// How much larger the house is when somebody goes looking (`make hunt`).
fn search(count: usize) -> usize {
    count * std::env::var("VEMBLE_SEARCH").ok().and_then(|more| more.parse().ok()).unwrap_or(1)
}

/// A workroom of so many garments with three fittings each.
fn large(client: &Client, garments: usize) -> Vec<u8> {
    furnish(client);
    let mut workroom = read_workroom(&client.saved()).expect("a workroom");
    let some: Vec<_> = workroom.garments.iter().filter(|hung| !hung.fittings.is_empty()).take(4).collect();
    let mut all = Vec::new();
    for (n, hung) in some.iter().cycle().take(garments).enumerate() {
        let mut hung = (*hung).clone();
        hung.garment.name = format!("{} {n}", hung.garment.name);
        let first = hung.fittings[0].clone();
        hung.fittings = (1..=3)
            .map(|number| {
                let mut held = first.clone();
                held.number = number;
                held
            })
            .collect();
        all.push(hung);
    }
    workroom.garments = all;
    write_workroom(&workroom).expect("a file")
}

/// Hands a file over without waiting for it to be in.
fn handed_over(client: &Client, bytes: &[u8]) -> (u16, Value) {
    let answer = client.hand_over(bytes, &[("Prefer", "respond-async")]);
    (answer.status, answer.body)
}

/// How often one looks how far it is before one gives up.
const MOST_LOOKS: u32 = 300_000;

/// How often the rail is asked for.
const MOST_ASKED: u32 = 200;

/// What is said of the file handed over last, once it is in or refused.
fn followed(client: &Client, mut each: impl FnMut(&Value)) -> Value {
    for _ in 0..MOST_LOOKS {
        let told = client.get("/api/v1/workroom/restoring").body;
        each(&told);
        if !["waits", "looked_over", "written"].contains(&told["stage"].as_str().expect("a stage")) {
            return told;
        }
        std::thread::sleep(std::time::Duration::from_millis(10));
    }
    panic!("it never ends")
}

#[test]
fn a_large_workroom_is_begun_and_followed_to_its_end() {
    let server = Running::start();
    let ada = server.account("ada@example.org");
    let (garments, bea) = (search(40), server.account("bea@example.org"));
    let file = large(&ada, garments);
    assert_eq!(bea.get("/api/v1/workroom/restoring").body["stage"], "none");
    let (status, begun) = handed_over(&bea, &file);
    assert_eq!(status, 202, "{begun}");
    // Its window is closed, its session ended; it goes in all the same, and nobody else waits for it.
    assert_eq!(bea.send("DELETE", "/api/v1/session", None, None).status, 204);
    let bea = server.signed_in("bea@example.org");
    let (mut last, mut seen) = ((0, 0.0), Vec::new());
    let end = followed(&bea, |told| {
        let stage = told["stage"].as_str().expect("a stage").to_owned();
        let order = ["waits", "looked_over", "written", "done"].iter().position(|each| *each == stage);
        let at = (order.expect("a stage on the way"), told["done"].as_f64().expect("a count"));
        assert!(at >= last || stage == "done", "{at:?} after {last:?}");
        assert!(told["done"].as_u64() <= told["of"].as_u64(), "{told}");
        last = at;
        seen.push(stage);
        assert_eq!(ada.get("/api/v1/wearers").status, 200);
    });
    assert_eq!(end["stage"], "done", "{end}");
    assert_eq!(end["holds"], json!({ "people": 1, "garments": garments, "fittings": 3 * garments }));
    assert!(seen.iter().any(|stage| stage == "written"), "{seen:?}");
    // What hangs there is worked out the first time the rail is asked for; of thousands that takes more than one asking.
    let hanging = (0..MOST_ASKED).find_map(|_| bea.get("/api/v1/garments").body.as_array().map(Vec::len));
    assert_eq!(hanging, Some(garments));
    assert!(bea.saved() == file, "what went in comes out, byte for byte");
    assert_eq!(bea.get("/api/v1/account").body["holds"], end["holds"]);
    // It is full now: another is refused, and that is said where it is followed.
    assert_eq!(handed_over(&bea, &file).0, 202);
    let end = followed(&bea, |_| ());
    assert_eq!(
        (&end["stage"], &end["problem"]["code"]),
        (&json!("refused"), &json!("record.refused")),
        "{end}"
    );
    assert_eq!(handed_over(&ada, b"Dear Bea").0, 202);
    let end = followed(&ada, |_| ());
    assert_eq!(end["problem"]["code"], "workroom.unreadable", "{end}");
}

#[test]
fn who_signs_out_or_deletes_the_account_while_a_file_goes_in_leaves_all_of_it_or_nothing() {
    let server = Running::start();
    let ada = server.account("ada@example.org");
    let file = large(&ada, 12);
    for round in 0..search(6) {
        let email = format!("round{round}@example.org");
        let client = server.account(&email);
        assert_eq!(handed_over(&client, &file).0, 202);
        std::thread::sleep(std::time::Duration::from_millis(37 * round as u64 % 400));
        if round % 2 == 0 {
            let gone = json!({ "email": email, "password": "a long enough password" });
            let gone = client.send("DELETE", "/api/v1/account", None, Some(gone));
            assert!([204, 503].contains(&gone.status), "{}", gone.body);
            if gone.status == 204 {
                continue;
            }
        } else {
            assert_eq!(client.send("DELETE", "/api/v1/session", None, None).status, 204);
        }
        let client = server.signed_in(&email);
        let end = followed(&client, |_| ());
        assert_eq!(end["holds"]["fittings"], 36, "{end}");
    }
    // Nothing hangs in a house nobody has.
    let mut conn = vemble_store::testing::store(&server.database, 1).conn().expect("a connection");
    for round in (0..search(6)).step_by(2) {
        let email = format!("round{round}@example.org");
        if let Some(id) = vemble_store::account::by_email(&mut conn, &email).expect("an answer") {
            let holds = vemble_store::account::holdings(&mut conn, id).expect("counted");
            assert_eq!(holds.fittings, 36);
        }
    }
}

/// What is inside a file.
fn unpacked(file: &[u8]) -> Value {
    let mut zip = zip::ZipArchive::new(Cursor::new(file)).expect("a zip");
    let mut text = String::new();
    zip.by_name("workroom.json").expect("its inside").read_to_string(&mut text).expect("text");
    serde_json::from_str(&text).expect("JSON")
}

fn packed(inside: &Value) -> Vec<u8> {
    let mut zip = zip::ZipWriter::new(Cursor::new(Vec::new()));
    zip.start_file("workroom.json", zip::write::SimpleFileOptions::default()).expect("a file");
    zip.write_all(inside.to_string().as_bytes()).expect("written");
    zip.finish().expect("a zip").into_inner()
}

/// Every place in a value, as a JSON pointer.
fn places(value: &Value, at: &str, found: &mut Vec<String>) {
    found.push(at.to_owned());
    match value {
        Value::Array(rows) => {
            rows.iter().enumerate().for_each(|(i, row)| places(row, &format!("{at}/{i}"), found))
        }
        Value::Object(fields) => {
            fields.iter().for_each(|(field, value)| places(value, &format!("{at}/{field}"), found));
        }
        _ => {}
    }
}

/// Puts nonsense in one place of a value, of a kind that stood there, or of any.
fn spoil(inside: &mut Value, chance: &mut Chance) {
    let mut found = Vec::new();
    places(inside, "", &mut found);
    let at = chance.pick(&found).clone();
    let place = inside.pointer_mut(&at).expect("it was found");
    let numbers = [-1e300, -1.0, 0.0, 1e-9, 0.5, 361.0, 100_001.0, 1e15, 1e300];
    let words =
        ["", "\u{0}", "0000-00-00", "9999-12-31", "+262142-01-01", "-1-1", "\u{202e}seam", "outseam", "left"];
    let any = [
        json!(null),
        json!(true),
        json!([]),
        json!({}),
        json!([[[]]]),
        json!({ "a": 1 }),
        json!("x".repeat(5_000)),
    ];
    *place = match (&*place, chance.below(4)) {
        (Value::Number(_), 0..3) => json!(chance.pick(&numbers)),
        (Value::String(_), 0..3) => json!(chance.pick(&words)),
        (Value::Array(rows), 0) if !rows.is_empty() => json!(vec![rows[0].clone(); 401]),
        (Value::Array(rows), 1..3) if !rows.is_empty() => json!([rows.clone(), rows.clone()].concat()),
        (_, 3) => json!(chance.pick(&numbers)),
        _ => chance.pick(&any).clone(),
    };
}

#[test]
fn whatever_stands_inside_a_workroom_file_it_is_taken_or_refused_with_its_place() {
    let server = Running::start();
    let ada = server.account("ada@example.org");
    furnish(&ada);
    let good = unpacked(&ada.saved());
    let bea = server.account("bea@example.org");
    let seed = std::env::var("PROPTEST_RNG_SEED").ok().and_then(|seed| seed.parse().ok());
    let seed = seed.unwrap_or_else(|| Uuid::now_v7().as_u128() as u64);
    let mut chance = Chance::new(seed);
    let (mut taken, mut refused) = (0, 0);
    for _ in 0..search(120) {
        let mut inside = good.clone();
        let garments = inside["garments"].as_array_mut().expect("garments");
        let one = garments.swap_remove(chance.below(garments.len() as u32) as usize);
        *garments = vec![one];
        for _ in 0..=chance.below(2) {
            spoil(&mut inside, &mut chance);
        }
        let (status, told) = restored(&bea, &packed(&inside));
        match status {
            200 => {
                taken += 1;
                // What was taken in can be looked at, and taken away.
                for kind in ["garments", "wearers"] {
                    let listed = bea.get(&format!("/api/v1/{kind}"));
                    assert_eq!(listed.status, 200, "{seed}: {}", listed.body);
                    for each in listed.body.as_array().expect("a list") {
                        let path = format!("/api/v1/{kind}/{}", each["id"].as_str().expect("an id"));
                        if let Some(fitting) = each["fitting"].as_str() {
                            let solved = bea.get(&format!("/api/v1/fittings/{fitting}/solution")).status;
                            assert!([200, 422].contains(&solved), "{seed}: {solved} for {inside}");
                        }
                        assert_eq!(bea.get(&path).status, 200, "{seed}: {inside}");
                        assert_eq!(bea.send("DELETE", &path, None, None).status, 204);
                    }
                }
            }
            422 => {
                refused += 1;
                assert!(told["detail"].as_str().is_some_and(|words| words.len() > 20), "{seed}: {told}");
                assert!(told["code"].is_string() && told["path"].is_string(), "{seed}: {told}");
                assert_eq!(bea.get("/api/v1/account").body["holds"]["garments"], 0, "{seed}: {told}");
            }
            _ => panic!("{seed}: {status} {told} for {inside}"),
        }
    }
    println!("{taken} taken, {refused} refused");
    assert!(taken > 0 && refused > taken);
}
