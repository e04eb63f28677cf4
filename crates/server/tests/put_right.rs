//! What was kept before there were limits: listed on its page, and put right there.

mod common;

use common::{Client, Running, example, example_job};
use serde_json::json;
use uuid::Uuid;
use vemble_fit::garment::Fixture;
use vemble_store::{AccountId, Conn, Expected, Hand, account, fitting, garment, testing, wearer};

const GARMENT: Uuid = Uuid::from_u128((7 << 76) | (1 << 63) | 1);
const FITTING: Uuid = Uuid::from_u128((7 << 76) | (1 << 63) | 2);
const WEARER: Uuid = Uuid::from_u128((7 << 76) | (1 << 63) | 3);
/// Rows that no way in lets through.
const ROWS: usize = 28_000;

/// Somebody with a garment, a fitting of it and a wearer, and the way behind the routes.
fn house() -> (Running, Client, Conn, AccountId) {
    let running = Running::start();
    let somebody = running.account("ada@example.org");
    let (garment, fitting) = example(&GARMENT.to_string());
    assert_eq!(somebody.put(&format!("/api/v1/garments/{GARMENT}"), None, &garment).status, 200);
    assert_eq!(somebody.put(&format!("/api/v1/fittings/{FITTING}"), None, &fitting).status, 200);
    let measured = json!([{ "taken_on": "2026-03-01", "measures": { "waist": 760 } }]);
    let wearer = json!({ "name": "Posy", "measured": measured });
    assert_eq!(somebody.put(&format!("/api/v1/wearers/{WEARER}"), None, &wearer).status, 200);
    let mut conn = testing::store(&running.database, 2).conn().expect("a connection");
    let account = account::by_email(&mut conn, "ada@example.org").expect("an answer").expect("an account");
    (running, somebody, conn, account)
}

#[test]
fn a_garment_with_more_than_it_can_hold_says_so_and_is_put_right() {
    let (running, somebody, mut conn, account) = house();
    let page = format!("/api/v1/garments/{GARMENT}");
    let mut kept = garment::get(&mut conn, account, GARMENT).expect("kept");
    let zip = example_job("zip-in-a-side-seam")["garment"]["shape"]["fixtures"][0].clone();
    let zip: Fixture = serde_json::from_value(zip).expect("a zip");
    kept.value.garment.shape.fixtures = vec![zip; ROWS];
    kept.value.garment.name = "Brown\u{7} corduroys".to_owned();
    let expected = Expected::Version(kept.version);
    garment::put(&mut conn, account, &Hand::program(), GARMENT, &kept.value, expected)
        .expect("kept as it was");

    let told = somebody.get(&page);
    assert_eq!((told.status, told.body["code"].as_str()), (409, Some("record.beyond")));
    let detail = told.body["detail"].as_str().expect("words");
    for named in [
        "The list of what is set into its seams was read",
        "more than 400 rows",
        "The name was read",
        "U+0007",
        "keeps the first rows",
    ] {
        assert!(detail.contains(named), "{named}: {detail}");
    }
    // The rail still hangs, and says of this one what is wrong; nothing is computed of so many rows.
    let rail = somebody.get("/api/v1/garments");
    assert_eq!(rail.status, 200);
    let next = rail.body[0]["next"]["words"].as_str().expect("words");
    assert!(next.contains("28000 things in its seams"), "{next}");
    assert_eq!(somebody.get(&format!("/api/v1/fittings/{FITTING}/solution")).status, 422);
    // It is put right by whose it is.
    let mend = told.body["put_right"].as_str().expect("an address");
    assert_eq!(running.account("bea@example.org").send("POST", mend, None, None).status, 404);
    let right = somebody.send("POST", mend, None, None);
    assert_eq!(right.status, 200, "{}", right.body);
    assert_eq!(right.body["garment"]["shape"]["fixtures"].as_array().map(Vec::len), Some(400));
    assert_eq!(right.body["garment"]["name"], "Brown corduroys");
    let read = somebody.get(&page);
    assert_eq!((read.status, &read.body, &read.version), (200, &right.body, &right.version));
    // Once is enough.
    assert_eq!(somebody.send("POST", mend, None, None).version, right.version);
    let journal = somebody.get(&format!("{page}/journal"));
    assert_eq!(journal.body.as_array().map(Vec::len), Some(4), "{}", journal.body);
}

#[test]
fn a_fitting_and_a_wearer_are_put_right_alike() {
    let (_running, somebody, mut conn, account) = house();
    let mut kept = fitting::get(&mut conn, account, FITTING).expect("kept");
    let pin = kept.value.fitting.pins[0].clone();
    kept.value.fitting.pins =
        (0..ROWS / 10).map(|n| vemble_fit::Pin { id: n.to_string(), ..pin.clone() }).collect();
    let (hand, expected) = (Hand::program(), Expected::Version(kept.version));
    fitting::put(&mut conn, account, &hand, FITTING, &kept.value, &Default::default(), expected)
        .expect("kept");
    let page = format!("/api/v1/fittings/{FITTING}");
    let told = somebody.get(&page);
    assert_eq!((told.status, told.body["code"].as_str()), (409, Some("record.beyond")));
    assert_eq!(
        somebody.send("POST", told.body["put_right"].as_str().expect("an address"), None, None).status,
        200
    );
    let read = somebody.get(&page);
    assert_eq!((read.status, read.body["fitting"]["pins"].as_array().map(Vec::len)), (200, Some(400)));

    let mut kept = wearer::get(&mut conn, account, WEARER).expect("kept");
    let year = |year: i32| chrono::NaiveDate::from_ymd_opt(year, 1, 1).expect("a day");
    let mut again = kept.value.measured[0].clone();
    again.taken_on = year(9_999);
    kept.value.measured[0].taken_on = year(262_142);
    kept.value.measured.push(again);
    let expected = Expected::Version(kept.version);
    wearer::put(&mut conn, account, WEARER, &kept.value, expected).expect("kept as it was");
    let listed = somebody.get("/api/v1/wearers");
    let beyond = listed.body[0]["beyond"].as_array().expect("a list");
    assert!(beyond.iter().any(|said| said.as_str().is_some_and(|said| said.contains("the year 262142"))));
    let page = format!("/api/v1/wearers/{WEARER}");
    assert_eq!(somebody.get(&page).status, 409);
    let right = somebody.send("POST", &format!("{page}/put-right"), None, None);
    assert_eq!(right.status, 200, "{}", right.body);
    assert_eq!(right.body["measured"][0]["taken_on"], "2200-12-31");
    let read = somebody.get(&page);
    assert_eq!(read.status, 200);
    // What comes back so goes in again.
    assert_eq!(somebody.put(&page, read.version.as_deref(), &read.body).status, 200);
    assert_eq!(somebody.get("/api/v1/wearers").body[0].get("beyond"), None);
}
