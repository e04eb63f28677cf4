//! The server over HTTP, against a real PostgreSQL.

mod common;

use common::{Client, Running, example, header};
use serde_json::{Value, json};

const GARMENT: &str = "01930000-0000-7000-8000-00000000a001";
const FITTING: &str = "01930000-0000-7000-8000-00000000a002";
const WEARER: &str = "01930000-0000-7000-8000-00000000a003";

/// A workroom where the example's garment is hung and pinned; the fitting with its path.
fn pinned() -> (Running, Client, String, Value) {
    let server = Running::start();
    let ada = server.account("ada@example.org");
    let (garment, fitting) = example(GARMENT);
    let path = format!("/api/v1/fittings/{FITTING}");
    assert_eq!(ada.put(&format!("/api/v1/garments/{GARMENT}"), None, &garment).status, 200);
    assert_eq!(ada.put(&path, None, &fitting).status, 200);
    (server, ada, path, fitting)
}

#[test]
fn a_garment_is_hung_pinned_and_solved_like_the_command_line_does() {
    let server = Running::start();
    let ada = server.account("ada@example.org");
    let (garment, fitting) = example(GARMENT);
    assert_eq!(ada.put(&format!("/api/v1/garments/{GARMENT}"), None, &garment).status, 200);
    let path = format!("/api/v1/fittings/{FITTING}");
    let first = ada.put(&path, None, &fitting);
    assert_eq!((first.status, first.version.as_deref()), (200, Some("\"1\"")), "{}", first.body);
    let again = ada.put(&path, None, &fitting);
    assert_eq!((again.status, again.version), (200, first.version), "a repeated PUT changes nothing");

    let job = ada.get(&format!("{path}/job")).body;
    let stored = ada.get(&format!("{path}/solution")).body;
    let posted = ada.send("POST", "/api/v1/compute/job", None, Some(job.clone())).body;
    assert_eq!(stored, posted);
    let parsed: vemble_fit::Job = serde_json::from_value(job).expect("a job");
    let solved = serde_json::to_value(vemble_fit::solve(&parsed).expect("solved")).expect("JSON");
    assert_eq!(stored["levels"], solved["levels"]);
    assert_eq!(ada.get("/api/v1/garments").body[0]["next"]["words"], "Check the lines and chalk them");
}

#[test]
fn a_stale_write_is_told_what_stands() {
    let server = Running::start();
    let ada = server.account("ada@example.org");
    let path = format!("/api/v1/wearers/{WEARER}");
    ada.put(&path, None, &json!({ "name": "Odile" }));
    assert_eq!(
        ada.put(&path, Some("\"1\""), &json!({ "name": "Odile Marrow" })).version.as_deref(),
        Some("\"2\"")
    );
    let stale = ada.put(&path, Some("\"1\""), &json!({ "name": "Olive" }));
    assert_eq!((stale.status, &stale.body["code"]), (412, &json!("record.stale")));
    assert_eq!((&stale.body["version"], &stale.body["current"]["name"]), (&json!(2), &json!("Odile Marrow")));
    let unsaid = ada.put(&path, None, &json!({ "name": "Olive" }));
    assert_eq!(unsaid.status, 428);
}

#[test]
fn nonsense_is_refused_with_the_field_and_changes_nothing() {
    let (_server, ada, path, fitting) = pinned();
    for (pointer, value, code, says) in [
        ("/fitting/pins/0/station", json!(1900), 422, "is not on the outseam"),
        ("/fitting/pins/0/reading", json!(300), 422, "more than half the front panel"),
        ("/fitting/pins/0/side", json!("centre"), 422, "say left or right"),
        ("/fitting/pins/0/reading", json!("ten"), 400, "fitting.pins[0].reading"),
        ("/fitting/pins/0/reading", json!(1e300), 400, "is not a length"),
        ("/number", json!(0), 422, "from 1 to 999"),
    ] {
        let mut wrong = fitting.clone();
        *wrong.pointer_mut(pointer).expect("a field") = value;
        let answer = ada.put(&path, Some("\"1\""), &wrong);
        assert_eq!(answer.status, code, "{}", answer.body);
        assert_eq!(answer.content_type, "application/problem+json");
        let detail = answer.body["detail"].as_str().expect("a sentence");
        assert!(detail.contains(says), "{detail}");
    }
    assert_eq!(ada.get(&path).version.as_deref(), Some("\"1\""), "nothing was changed");
}

#[test]
fn a_stop_keeps_the_scissors_shut() {
    let (_server, ada, path, fitting) = pinned();
    let ticked = |done: &[&str], confirmed: &[&str]| {
        let mut next = fitting.clone();
        let done: serde_json::Map<String, Value> =
            done.iter().map(|key| ((*key).to_owned(), Value::Null)).collect();
        next["fitting"]["progress"] = json!({ "done": done, "confirmed": confirmed });
        next
    };
    let before = [
        "photograph_inside",
        "choose_mark",
        "chalk",
        "remove_belt_loop",
        "open_band",
        "tack",
        "tack_shut",
        "try_on",
        "sew_outseam",
        "open_old_outseam",
    ];
    let early = ada.put(&path, Some("\"1\""), &ticked(&["chalk"], &[]));
    assert_eq!((early.status, &early.body["code"]), (409, &json!("step.needs")), "{}", early.body);
    assert_eq!(ada.put(&path, Some("\"1\""), &ticked(&before, &[])).status, 200);
    let all: Vec<&str> = before.iter().copied().chain(["trim_outseam"]).collect();
    let shut = ada.put(&path, Some("\"2\""), &ticked(&all, &[]));
    assert_eq!((shut.status, &shut.body["code"]), (409, &json!("step.stop")), "{}", shut.body);
    assert_eq!(
        ada.put(&path, Some("\"2\""), &ticked(&all, &["trim_outseam/allowance_included"])).status,
        200
    );
}

#[test]
fn signing_in_is_limited_and_tells_nobody_who_has_an_account() {
    let server = Running::start();
    server.account("ada@example.org");
    let stranger = server.stranger();
    let entry = |email: &str, password: &str| Some(json!({ "email": email, "password": password }));
    let sign_in = |email, password| stranger.send("POST", "/api/v1/session", None, entry(email, password));
    let (wrong, nobody) =
        (sign_in("ada@example.org", "not the password"), sign_in("nobody@example.org", "not the password"));
    assert_eq!((wrong.status, &wrong.body), (401, &nobody.body));
    let sign_up =
        |email| stranger.send("POST", "/api/v1/account", None, entry(email, "another good password"));
    let (known, fresh) = (sign_up("ada@example.org"), sign_up("new@example.org"));
    assert_eq!((known.status, known.body), (fresh.status, fresh.body));
    assert_eq!(
        sign_in("ada@example.org", "another good password").status,
        401,
        "sign-up changed no password"
    );
    assert_eq!(
        stranger.send("POST", "/api/v1/account", None, entry("x@example.org", "elevenchars")).status,
        422
    );
    let statuses: Vec<u16> = (0..12).map(|_| sign_in("ada@example.org", "not the password").status).collect();
    assert_eq!((statuses.first(), statuses.last()), (Some(&401), Some(&429)), "{statuses:?}");
    assert_eq!(sign_in("ada@example.org", "a long enough password").status, 429, "even with the right one");
    assert_eq!(sign_in("new@example.org", "another good password").status, 200, "others are not kept out");
}

#[test]
fn signing_out_ends_the_session_itself() {
    let server = Running::start();
    let ada = server.account("ada@example.org");
    assert_eq!(ada.get("/api/v1/wearers").status, 200);
    assert_eq!(ada.send("DELETE", "/api/v1/session", None, None).status, 204);
    assert_eq!(ada.get("/api/v1/wearers").status, 401);
    assert_eq!(ada.get("/api/v1/session").body["email"], Value::Null);
}

#[test]
fn large_and_strange_bodies_are_problems_too() {
    let server = Running::start();
    let ada = server.account("ada@example.org");
    let huge = json!({ "name": "x".repeat(10 * 1024 * 1024) });
    let answer = ada.put(&format!("/api/v1/wearers/{WEARER}"), None, &huge);
    assert_eq!((answer.status, &answer.body["code"]), (413, &json!("request.too_large")));
    assert_eq!(ada.get("/api/v1/wearers/not-an-id").status, 404);
    assert_eq!(ada.get("/api/v1/nothing").body["code"], "record.none");
    assert_eq!(ada.send("PATCH", "/api/v1/habits", None, None).content_type, "application/problem+json");
}

#[test]
fn pages_come_with_their_headers() {
    let server = Running::start();
    let mut page = server.stranger().agent.get(&server.url).call().expect("the page");
    let policy = header(&page, "content-security-policy").expect("a policy").to_owned();
    assert!(policy.contains("default-src 'none'") && !policy.contains("unsafe"), "{policy}");
    assert_eq!(header(&page, "x-content-type-options"), Some("nosniff"));
    assert_eq!(header(&page, "x-frame-options"), Some("DENY"));
    let html = page.body_mut().read_to_string().expect("text");
    let nonce = policy.split("'nonce-").nth(1).and_then(|rest| rest.split('\'').next()).expect("a nonce");
    assert!(html.contains(nonce), "the page carries its nonce");
}

#[test]
fn a_change_is_taken_from_the_workrooms_own_pages_and_from_programs_only() {
    let server = Running::start();
    let ada = server.account("ada@example.org");
    let host = server.url.trim_start_matches("http://");
    let tried = |headers: &[(&str, &str)]| {
        let path = format!("{}/api/v1/wearers/{WEARER}", server.url);
        let request = ada.agent.put(&path).content_type("application/json");
        let request = headers.iter().fold(request, |request, (name, said)| request.header(*name, *said));
        let answer = request.send(r#"{"name":"Odile"}"#).expect("an answer");
        let status = answer.status().as_u16();
        assert_eq!(header(&answer, "cache-control"), (status != 403).then_some("no-store"));
        status
    };
    let own = format!("http://{host}");
    for (headers, status) in [
        (vec![("Origin", "https://elsewhere.example")], 403),
        (vec![("Origin", "null")], 403),
        (vec![("Sec-Fetch-Site", "cross-site")], 403),
        (vec![("Sec-Fetch-Site", "same-site"), ("Origin", &*own)], 403),
        (vec![("Origin", &*own)], 200),
        // A proxy that changes the host changes nothing of what the browser says.
        (vec![("Sec-Fetch-Site", "same-origin"), ("Origin", "https://vemble.example")], 200),
        (vec![], 200),
    ] {
        assert_eq!(tried(&headers), status, "{headers:?}");
    }
    assert_eq!(ada.get(&format!("/api/v1/wearers/{WEARER}")).body["name"], "Odile");
}

#[test]
fn lists_strings_and_days_beyond_their_limits_are_refused_before_they_cost_anything() {
    let (_server, ada, path, fitting) = pinned();
    let mut job = ada.get(&format!("{path}/job")).body;
    job["garment"]["shape"]["clips"] = json!(vec![json!({ "at": 1 }); 12_000]);
    let many = ada.send("POST", "/api/v1/compute/job", None, Some(job));
    assert_eq!((many.status, &many.body["code"]), (422, &json!("limit.rows")), "{}", many.body);
    for (pointer, value, says) in [
        ("/fitting/held_on", json!("1066-10-14"), "from 1900 to 2200"),
        ("/fitting/pins/0/id", json!("a\u{0}b"), "U+0000"),
    ] {
        let mut wrong = fitting.clone();
        *wrong.pointer_mut(pointer).expect("a field") = value;
        let answer = ada.put(&path, Some("\"1\""), &wrong);
        assert_eq!(answer.status, 422, "{}", answer.body);
        let detail = answer.body["detail"].as_str().expect("a sentence");
        assert!(
            detail.contains(says)
                && answer.body["path"] == pointer[1..].replace("/0", "[0]").replace('/', "."),
            "{}",
            answer.body
        );
    }
    // The document says the same of every list a body can hold.
    let schemas = ada.get("/api/openapi.json").body["components"]["schemas"].clone();
    let mut open = Vec::new();
    for body in ["Job", "Fitting", "FittingRecord", "GarmentRecord", "Shape", "Wearer", "TypedPin", "HemWish"]
    {
        assert!(schemas[body].is_object(), "{body}");
        lists(&schemas[body], body, &mut open);
    }
    assert!(open.is_empty(), "lists without a limit: {open:?}");
}

fn lists(schema: &Value, path: &str, open: &mut Vec<String>) {
    if schema["type"] == "array" && schema["maxItems"].is_null() && schema["prefixItems"].is_null() {
        open.push(path.to_owned());
    }
    match schema {
        Value::Object(fields) => {
            fields.iter().for_each(|(name, each)| lists(each, &format!("{path}/{name}"), open));
        }
        Value::Array(all) => all.iter().for_each(|each| lists(each, path, open)),
        _ => {}
    }
}

#[test]
fn a_page_comes_with_no_cookie_and_an_answer_gives_none_anew() {
    let server = Running::start();
    let ada = server.account("ada@example.org");
    let page = ada.agent.get(&server.url).call().expect("the page");
    assert!(header(&page, "set-cookie").is_none(), "a page asks for no session");
    // An answer that comes after somebody else signed in would put its dead key over theirs.
    let session = format!("{}/api/v1/session", server.url);
    let who = ada.agent.get(&session).call().expect("an answer");
    assert!(header(&who, "set-cookie").is_none(), "{:?}", header(&who, "set-cookie"));
    let again = json!({ "email": "ada@example.org", "password": "a long enough password" });
    let begun = ada.agent.post(&session).send_json(&again).expect("signed in");
    let mut cookies = begun.headers().get_all("set-cookie").iter().map(|each| each.to_str().expect("text"));
    let cookie = cookies.find(|cookie| cookie.starts_with("vemble="));
    let cookie = cookie.expect("a session that begins comes with its cookie");
    assert!(cookie.contains("Max-Age=34560000"), "{cookie}");
}

#[test]
fn a_garment_changed_under_its_pins_closes_nothing_and_loses_nothing() {
    let (_server, ada, path, mut fitting) = pinned();
    let garment_path = format!("/api/v1/garments/{GARMENT}");
    let (mut garment, _) = example(GARMENT);
    for name in ["outseam", "inseam"] {
        let flat = &mut garment["garment"]["shape"]["flats"][name];
        *flat = json!(flat.as_f64().expect("measured") - 120.0);
    }
    let changed = ada.put(&garment_path, Some("\"1\""), &garment);
    assert_eq!(changed.status, 200, "{}", changed.body);
    // The rail, the calendar, settings and files go on, and the rail says what strays.
    let rail = ada.get("/api/v1/garments");
    assert_eq!(rail.status, 200, "{}", rail.body);
    let strays = rail.body[0]["strays"].as_u64().expect("a number") as usize;
    assert!(strays > 0);
    for other in [
        "/api/v1/calendar",
        &format!("{path}/solution"),
        &format!("{path}/chalk.csv"),
        &format!("{path}/job"),
    ] {
        assert_eq!(ada.get(other).status, 200, "{other}");
    }
    let habits = ada.get("/api/v1/habits").body;
    assert_eq!(ada.send("POST", "/api/v1/habits/effect", None, Some(habits)).status, 200);
    // The job is refused as the command line refuses it, and computed with its strays aside where that is asked.
    let job = ada.get(&format!("{path}/job")).body;
    assert_eq!(ada.send("POST", "/api/v1/compute/job", None, Some(job.clone())).status, 422);
    let aside = ada.send("POST", "/api/v1/compute/job?strays=aside", None, Some(job));
    assert_eq!(aside.body, ada.get(&format!("{path}/solution")).body);
    let ids: Vec<String> = aside.body["strays"]
        .as_array()
        .expect("strays")
        .iter()
        .map(|stray| stray["id"].as_str().expect("an id").to_owned())
        .collect();
    assert_eq!(ids.len(), strays);
    // Another change of the fitting goes in over them; moving one to nowhere does not.
    fitting["fitting"]["anchored"] = json!(fitting["fitting"]["anchored"] != true);
    let kept = ada.put(&path, Some("\"1\""), &fitting);
    assert_eq!(kept.status, 200, "{}", kept.body);
    let at = fitting["fitting"]["pins"]
        .as_array()
        .expect("pins")
        .iter()
        .position(|pin| pin["id"] == ids[0].as_str())
        .expect("it");
    let mut nowhere = fitting.clone();
    nowhere["fitting"]["pins"][at]["reading"] = json!(11);
    let refused = ada.put(&path, Some("\"2\""), &nowhere);
    assert_eq!(refused.status, 422, "{}", refused.body);
    assert!(
        refused.body["path"].as_str().expect("a path").starts_with(&format!("fitting.pins[{at}]")),
        "{}",
        refused.body
    );
    // Taken out, it strays no longer.
    fitting["fitting"]["pins"]
        .as_array_mut()
        .expect("pins")
        .retain(|pin| !ids.iter().any(|id| pin["id"] == id.as_str()));
    assert_eq!(ada.put(&path, Some("\"2\""), &fitting).status, 200);
    assert_eq!(ada.get("/api/v1/garments").body[0]["strays"], 0);
}

#[test]
fn a_password_is_changed_by_who_knows_it_and_ends_every_other_session() {
    let server = Running::start();
    let ada = server.account("ada@example.org");
    let entry = |password: &str| json!({ "email": "ada@example.org", "password": password });
    let elsewhere = server.stranger();
    let enter = |client: &Client, password: &str| {
        client.send("POST", "/api/v1/session", None, Some(entry(password))).status
    };
    assert_eq!(enter(&elsewhere, "a long enough password"), 200);
    let change = |now: &str, wanted: &str| {
        ada.send("PUT", "/api/v1/account/password", None, Some(json!({ "now": now, "wanted": wanted })))
    };
    let wrong = change("not the one in force", "thimble and beeswax");
    assert_eq!((wrong.status, &wrong.body["path"]), (422, &json!("now")), "{}", wrong.body);
    let short = change("a long enough password", "short");
    assert_eq!((short.status, &short.body["path"]), (422, &json!("wanted")), "{}", short.body);
    assert_eq!(elsewhere.get("/api/v1/garments").status, 200, "a refused change ends nothing");
    assert_eq!(change("a long enough password", "thimble and beeswax").status, 204);
    assert_eq!(ada.get("/api/v1/garments").status, 200, "who changed it stays");
    assert_eq!(elsewhere.get("/api/v1/garments").status, 401, "everybody else signs in again");
    assert_eq!(enter(&elsewhere, "a long enough password"), 401);
    assert_eq!(enter(&elsewhere, "thimble and beeswax"), 200);
    // Everywhere means here too.
    assert_eq!(ada.send("DELETE", "/api/v1/sessions", None, None).status, 204);
    assert_eq!((ada.get("/api/v1/garments").status, elsewhere.get("/api/v1/garments").status), (401, 401));
}

#[test]
fn an_account_is_deleted_by_its_name_with_everything_in_it_and_nothing_else() {
    let (server, ada, path, _) = pinned();
    let ben = server.account("ben@example.org");
    let held = ada.get("/api/v1/account").body;
    assert_eq!(held["holds"], json!({ "people": 0, "garments": 1, "fittings": 1 }));
    let by = |email: &str, password: &str| {
        let named = json!({ "email": email, "password": password });
        ada.send("DELETE", "/api/v1/account", None, Some(named))
    };
    let delete = |email: &str| by(email, "a long enough password");
    let found_open = by("ada@example.org", "whoever finds it open");
    assert_eq!(
        (found_open.status, &found_open.body["path"]),
        (422, &json!("password")),
        "{}",
        found_open.body
    );
    let slip = delete("ben@example.org");
    assert_eq!((slip.status, &slip.body["path"]), (422, &json!("email")), "{}", slip.body);
    assert_eq!(ada.get(&path).status, 200, "nothing was deleted");
    assert_eq!(delete(" Ada@Example.org ").status, 204);
    assert_eq!(ada.get(&path).status, 401);
    let entry = json!({ "email": "ada@example.org", "password": "a long enough password" });
    assert_eq!(ada.send("POST", "/api/v1/session", None, Some(entry)).status, 401, "it is gone");
    assert_eq!(ben.get("/api/v1/account").body["email"], "ben@example.org");
    // The address is free again, and begins with nothing: not even with what failed before.
    let again = server.account("ada@example.org");
    assert_eq!(again.get("/api/v1/garments").body, json!([]));
}

/// Every operation of the OpenAPI document, tried by B on what A owns.
#[test]
fn no_route_shows_or_changes_what_another_account_owns() {
    let server = Running::start();
    let (ada, bea) = (server.account("ada@example.org"), server.account("bea@example.org"));
    let (garment, fitting) = example(GARMENT);
    let wearer = json!({ "name": "Odile Marrow" });
    assert_eq!(ada.put(&format!("/api/v1/wearers/{WEARER}"), None, &wearer).status, 200);
    let mut worn = garment.clone();
    worn["wearer"] = json!(WEARER);
    assert_eq!(ada.put(&format!("/api/v1/garments/{GARMENT}"), None, &worn).status, 200);
    assert_eq!(ada.put(&format!("/api/v1/fittings/{FITTING}"), None, &fitting).status, 200);

    let document = ada.get("/api/openapi.json").body;
    let mut tried = 0;
    for (path, item) in document["paths"].as_object().expect("paths") {
        for (method, operation) in item.as_object().expect("operations") {
            if !path.contains("{id}") {
                continue;
            }
            let (id, body) = if path.contains("/wearers/") {
                (WEARER, &wearer)
            } else if path.contains("/garments/") {
                (GARMENT, &worn)
            } else {
                (FITTING, &fitting)
            };
            let begin = json!({ "garment": GARMENT, "held_on": "2026-11-16" });
            let own = match path.rsplit('/').next() {
                Some("changes") => Some(json!({ "changes": [{ "id": WEARER, "begin": begin }] })),
                Some("undo") => Some(json!({ "line": 1 })),
                Some("guest-codes") => Some(json!({ "origin": "http://fit.example" })),
                _ => None,
            };
            let body = operation.get("requestBody").map(|_| own.unwrap_or_else(|| body.clone()));
            let path = path.replace("{guest}", WEARER);
            for version in [None, Some("\"1\"")] {
                let answer =
                    bea.send(&method.to_uppercase(), &path.replace("{id}", id), version, body.clone());
                assert_eq!(answer.status, 404, "{method} {path}: {}", answer.body);
                tried += 1;
            }
            let stranger = server.stranger();
            let answer = stranger.send(&method.to_uppercase(), &path.replace("{id}", id), None, body);
            assert_eq!(answer.status, 401, "{method} {path}");
        }
    }
    assert!(tried >= 2 * 15, "only {tried} requests");
    for list in ["/api/v1/wearers", "/api/v1/garments"] {
        assert_eq!(bea.get(list).body, json!([]), "{list}");
    }
    // Nor can B hang a garment on A's wearer, or a fitting on A's garment.
    let mine = "01930000-0000-7000-8000-00000000b001";
    assert_eq!(bea.put(&format!("/api/v1/garments/{mine}"), None, &worn).status, 422);
    assert_eq!(bea.put(&format!("/api/v1/fittings/{mine}"), None, &fitting).status, 404);
    // And all of it stands as A left it.
    assert_eq!(ada.get(&format!("/api/v1/wearers/{WEARER}")).version.as_deref(), Some("\"1\""));
    assert_eq!(ada.get(&format!("/api/v1/garments/{GARMENT}")).version.as_deref(), Some("\"1\""));
    assert_eq!(ada.get(&format!("/api/v1/fittings/{FITTING}")).version.as_deref(), Some("\"1\""));
}
