//! A house that stays open: a database that holds still, is slow, or was never there; clients that want everything.

use std::io::{Read, Write};
use std::net::TcpStream;
use std::process::{Command, Stdio};
use std::sync::atomic::{AtomicBool, AtomicU32, Ordering};
use std::time::Duration;

use diesel::connection::SimpleConnection;
use diesel::{Connection, PgConnection};
use serde_json::{Value, json};
use vemble_browser_tests::{Postgres, Visitor, Workroom, agent, binary, demo_fitting};
use vemble_store::testing;

/// How often to try; more often when somebody goes looking (`make hunt`).
fn search(times: u32) -> u32 {
    times * std::env::var("VEMBLE_SEARCH").ok().and_then(|more| more.parse().ok()).unwrap_or(1)
}

fn code(told: &(u16, Value)) -> (u16, &str) {
    (told.0, told.1["code"].as_str().unwrap_or_default())
}

#[test]
fn a_database_that_holds_still_is_said_pages_come_and_it_recovers_by_itself() {
    let postgres = Postgres::new("still");
    let workroom = Workroom::on(&postgres.start(), true);
    let visitor = Visitor::in_demo(&workroom.url);
    assert_eq!(visitor.get("/api/v1/garments").0, 200);
    postgres.freeze();
    for path in ["/api/v1/garments", "/api/health", "/api/v1/session"] {
        assert_eq!(code(&visitor.get(path)), (503, "store.unavailable"), "{path}");
    }
    // A page needs no database, with a cookie too; more ask at once than the pool has connections.
    std::thread::scope(|scope| {
        for _ in 0..12 {
            scope.spawn(|| {
                assert_eq!(visitor.get("/").0, 200);
                assert_eq!(visitor.get("/api/v1/garments").0, 503);
            });
        }
    });
    postgres.thaw();
    let mut asked = 0;
    while visitor.get("/api/v1/garments").0 != 200 {
        asked += 1;
        assert!(asked < 100, "it does not recover");
        std::thread::sleep(Duration::from_millis(200));
    }
}

#[test]
fn a_table_somebody_holds_keeps_only_those_waiting_who_need_it() {
    let database = testing::fresh_database();
    let workroom = Workroom::on(&database, true);
    let visitor = Visitor::in_demo(&workroom.url);
    let mut holder = PgConnection::establish(&database).expect("a connection");
    holder.batch_execute("BEGIN; LOCK TABLE garment IN ACCESS EXCLUSIVE MODE").expect("held");
    let told = visitor.get("/api/v1/garments");
    assert_eq!(told.0, 503, "{}", told.1);
    assert_eq!(visitor.get("/api/v1/wearers").0, 200);
    holder.batch_execute("ROLLBACK").expect("let go");
    assert_eq!(visitor.get("/api/v1/garments").0, 200);
}

/// A change of one pin of the corduroys, under an id of its own.
fn put_pin(n: u32) -> Value {
    let pin = json!({
        "id": format!("starved{n}"), "seam": "outseam", "side": "left", "datum": "hem", "station": 400 + n,
        "mode": "seam_to_pin", "reading": 6,
    });
    let id = format!("01930000-0000-7000-8000-0000000bb{n:03}");
    json!({ "changes": [{ "id": id, "parts": [{ "change": "put_pin", "pin": pin }] }] })
}

/// Sends every connection of a database but this one away, so that the next find it as it was made.
const SENT_AWAY: &str = "SELECT pg_terminate_backend(pid) FROM pg_stat_activity \
     WHERE datname = current_database() AND pid <> pg_backend_pid()";

#[test]
fn a_database_that_can_only_be_read_and_one_whose_disk_is_full_are_told_apart_and_lose_nothing() {
    let database = testing::fresh_database();
    let workroom = Workroom::on(&database, true);
    let visitor = Visitor::in_demo(&workroom.url);
    let path = format!("/api/v1/fittings/{}/changes", demo_fitting(301));
    let mut keeper = PgConnection::establish(&database).expect("a connection");
    let (_, name) = database.rsplit_once('/').expect("a name");
    let mut nth = 0;
    let mut refused = 0;
    let mut send = |status: u16, told: &str| {
        // A connection that was sent away is found dead once.
        for _ in 0..20 {
            let answer = visitor.send("POST", &path, Some(&put_pin(nth))).expect("an answer");
            refused += usize::from(answer.0 == 503);
            if code(&answer) == (status, told) {
                nth += 1;
                return answer.1;
            }
            assert!([200, 503].contains(&answer.0) && code(&answer).1 != "server.failed", "{answer:?}");
            std::thread::sleep(Duration::from_millis(100));
        }
        panic!("it was never told {told}");
    };
    send(200, "");
    keeper
        .batch_execute(&format!("ALTER DATABASE {name} SET default_transaction_read_only = on"))
        .expect("set");
    keeper.batch_execute(SENT_AWAY).expect("sent away");
    let told = send(503, "store.read_only");
    assert!(
        told["detail"].as_str().is_some_and(|words| words.contains("can only be read just now")),
        "{told}"
    );
    assert_eq!(visitor.get("/api/v1/garments").0, 200, "reading goes on");
    keeper.batch_execute("SET default_transaction_read_only = off").expect("set");
    keeper.batch_execute(&format!("ALTER DATABASE {name} RESET default_transaction_read_only")).expect("set");
    keeper.batch_execute(SENT_AWAY).expect("sent away");
    send(200, "");
    // PostgreSQL's own word for a disk that is full.
    keeper
        .batch_execute(
            "CREATE FUNCTION no_room() RETURNS trigger LANGUAGE plpgsql AS \
             $$ BEGIN RAISE EXCEPTION 'could not extend file: No space left on device' USING ERRCODE = '53100'; END $$; \
             CREATE TRIGGER no_room BEFORE INSERT OR UPDATE ON pin FOR EACH ROW EXECUTE FUNCTION no_room()",
        )
        .expect("a full disk");
    let told = send(503, "store.full");
    assert!(told["detail"].as_str().is_some_and(|words| words.contains("disk is full")), "{told}");
    assert_eq!(visitor.get("/api/v1/garments").0, 200, "reading goes on");
    keeper.batch_execute("DROP TRIGGER no_room ON pin").expect("room");
    send(200, "");
    // What was refused meanwhile goes in when it is sent again, and nothing twice.
    for n in 0..nth {
        assert_eq!(visitor.send("POST", &path, Some(&put_pin(n))).expect("an answer").0, 200);
    }
    // Each of them stands in the log, once and with its reason.
    let log = workroom.log();
    let said = ["the database is away", "nothing can be kept", "the store failed"];
    assert_eq!(said.map(|words| log.matches(words).count()).iter().sum::<usize>(), refused, "{log}");
    assert_eq!(log.matches("the store failed").count(), 0, "{log}");
    let (_, fitting) = visitor.get(&format!("/api/v1/fittings/{}", demo_fitting(301)));
    let kept = fitting["fitting"]["pins"].as_array().expect("pins").iter();
    let kept = kept.filter(|pin| pin["id"].as_str().is_some_and(|id| id.starts_with("starved"))).count();
    assert_eq!(kept, nth as usize);
}

#[test]
fn a_screen_that_is_closed_leaves_its_seat_at_once() {
    let workroom = Workroom::on(&testing::fresh_database(), true);
    let visitor = Visitor::in_demo(&workroom.url);
    let path = format!("/api/v1/fittings/{}/changes?since=0", demo_fitting(301));
    // More than an account has seats, one after the other.
    for _ in 0..100 {
        let mut told = visitor.follow(&path);
        assert!(told.next().is_some(), "a line");
    }
}

/// What a server says that does not come up.
fn last_words(database: &str) -> String {
    let output = Command::new(binary())
        .args(["serve", "--listen", "127.0.0.1:0", "--database", database])
        .stdout(Stdio::null())
        .output()
        .expect("it runs");
    assert!(!output.status.success(), "{database} was opened");
    String::from_utf8(output.stderr).expect("words")
}

#[test]
fn a_wrong_password_a_missing_database_and_no_server_are_told_apart() {
    let right = testing::fresh_database();
    let (account, rest) = right.split_once('@').expect("a URL");
    let (user, _) = account.rsplit_once(':').expect("a password");
    let wrong = last_words(&format!("{user}:wrong@{rest}"));
    assert!(wrong.contains("does not know this name and password"), "{wrong}");
    let missing = last_words(&format!("{right}_gone"));
    assert!(missing.contains("no database of that name"), "{missing}");
    let dead = last_words(&format!("{account}@127.0.0.1:1/vemble"));
    assert!(dead.contains("no PostgreSQL answers there"), "{dead}");
}

#[test]
fn two_servers_on_a_fresh_database_both_come_up_and_hear_each_other() {
    for _ in 0..search(2) {
        let database = testing::fresh_database();
        let both = std::thread::scope(|scope| {
            let start = || scope.spawn(|| Workroom::on(&database, true));
            let (one, other) = (start(), start());
            [one.join().expect("up"), other.join().expect("up")]
        });
        let [one, other] = [0, 1].map(|at| Visitor::in_demo(&both[at].url));
        let path = format!("/api/v1/fittings/{}/changes", demo_fitting(301));
        let pin = json!({
            "id": "heard", "seam": "outseam", "side": "left", "datum": "hem", "station": 400,
            "mode": "seam_to_pin", "reading": 6,
        });
        let id = "01930000-0000-7000-8000-0000000000aa";
        let body = json!({ "changes": [{ "id": id, "parts": [{ "change": "put_pin", "pin": pin }] }] });
        let mut heard = other.follow(&format!("{path}?since=0"));
        let (status, told) = one.send("POST", &path, Some(&body)).expect("an answer");
        assert_eq!(status, 200, "{told}");
        let line = told["answers"][0]["line"].as_i64().expect("a line");
        // What was there before is told first; then what went through the other server.
        assert!(heard.any(|entry| entry["id"].as_i64() == Some(line)), "the stream ended without it");
    }
}

#[test]
fn sign_ups_do_not_keep_out_who_is_in() {
    let workroom = Workroom::on(&testing::fresh_database(), true);
    let visitor = Visitor::in_demo(&workroom.url);
    let done = AtomicBool::new(false);
    let answered = AtomicU32::new(0);
    std::thread::scope(|scope| {
        let crowd: Vec<_> = (0..20)
            .map(|i| {
                let url = &workroom.url;
                scope.spawn(move || {
                    let email = format!("somebody{i}@example.org");
                    let entry = json!({ "email": email, "password": "a long enough password" });
                    Visitor::new(url).send("POST", "/api/v1/account", Some(&entry)).expect("an answer").0
                })
            })
            .collect();
        scope.spawn(|| {
            while !done.load(Ordering::Relaxed) {
                assert_eq!(visitor.get("/api/v1/wearers").0, 200);
                answered.fetch_add(1, Ordering::Relaxed);
            }
        });
        let told: Vec<u16> = crowd.into_iter().map(|each| each.join().expect("an answer")).collect();
        done.store(true, Ordering::Relaxed);
        assert!(told.iter().all(|status| *status == 202), "{told:?}");
    });
    assert!(answered.load(Ordering::Relaxed) >= 3, "who is in was hardly answered");
    // And no address makes accounts without end.
    let more: Vec<u16> = (0..20)
        .map(|i| {
            let email = format!("another{i}@example.org");
            let entry = json!({ "email": email, "password": "a long enough password" });
            Visitor::new(&workroom.url).send("POST", "/api/v1/account", Some(&entry)).expect("an answer").0
        })
        .collect();
    assert!(more.contains(&429), "{more:?}");
}

#[test]
fn one_account_that_asks_for_everything_leaves_room_for_another() {
    let workroom = Workroom::on(&testing::fresh_database(), true);
    let greedy = Visitor::in_demo(&workroom.url);
    let (_, job) = greedy.get(&format!("/api/v1/fittings/{}/job", demo_fitting(312)));
    let entry = json!({ "email": "ada@example.org", "password": "a long enough password" });
    let other = Visitor::new(&workroom.url);
    assert_eq!(other.send("POST", "/api/v1/account", Some(&entry)).expect("an answer").0, 202);
    assert_eq!(other.send("POST", "/api/v1/session", Some(&entry)).expect("an answer").0, 200);
    let done = AtomicBool::new(false);
    let turned_away = AtomicU32::new(0);
    std::thread::scope(|scope| {
        for _ in 0..40 {
            scope.spawn(|| {
                while !done.load(Ordering::Relaxed) {
                    let (status, told) =
                        greedy.send("POST", "/api/v1/compute/fit-picture", Some(&job)).expect("an answer");
                    match status {
                        200 => {}
                        503 => {
                            assert_eq!(told["code"], "server.busy", "{told}");
                            assert_eq!(told["retry_after"], 1);
                            turned_away.fetch_add(1, Ordering::Relaxed);
                        }
                        _ => panic!("{status}: {told}"),
                    }
                }
            });
        }
        for _ in 0..search(30) {
            let (status, told) = other.send("POST", "/api/v1/compute/job", Some(&job)).expect("an answer");
            assert_eq!(status, 200, "{told}");
        }
        done.store(true, Ordering::Relaxed);
    });
    assert!(turned_away.load(Ordering::Relaxed) > 0, "forty at once are more than one account's share");
}

/// What the server may hold of the machine's memory beside twice what it holds at rest, in MB, as the guide says.
const BESIDE: f64 = 512.0;
/// Bytes of a workroom file that come before it stops coming.
const COMES: usize = 62_000_000;

/// A file that stops coming, until somebody lets go of it.
struct Unfinished<'a> {
    left: usize,
    over: &'a AtomicBool,
}

impl Read for Unfinished<'_> {
    fn read(&mut self, into: &mut [u8]) -> std::io::Result<usize> {
        while self.left == 0 && !self.over.load(Ordering::Relaxed) {
            std::thread::sleep(Duration::from_millis(20));
        }
        let count = into.len().min(self.left);
        into[..count].fill(b'P');
        self.left -= count;
        Ok(count)
    }
}

#[test]
fn what_comes_in_at_once_is_bounded_together() {
    let workroom = Workroom::on(&testing::fresh_database(), true);
    let entry =
        |name: &str| json!({ "email": format!("{name}@example.org"), "password": "a long enough password" });
    let visitors: Vec<Visitor> = (0..8)
        .map(|i| {
            let visitor = Visitor::new(&workroom.url);
            let entry = entry(&format!("somebody{i}"));
            assert_eq!(visitor.send("POST", "/api/v1/account", Some(&entry)).expect("an answer").0, 202);
            assert_eq!(visitor.send("POST", "/api/v1/session", Some(&entry)).expect("an answer").0, 200);
            visitor
        })
        .collect();
    let [rest, _] = workroom.memory();
    let over = AtomicBool::new(false);
    let most = std::thread::scope(|scope| {
        for visitor in visitors.iter().cycle().take(40) {
            let file = Unfinished { left: COMES, over: &over };
            // None of them is ever whole.
            scope.spawn(|| visitor.hand_over(COMES + 1, file));
        }
        // Two are let in, and both are there.
        let mut looks = 0;
        while workroom.memory()[0] < rest + 2.0 * 55.0 {
            looks += 1;
            assert!(looks < 3_000, "{:?} at rest {rest}", workroom.memory());
            std::thread::sleep(Duration::from_millis(20));
        }
        let strangers: Vec<_> = (0..120)
            .map(|i| {
                let (url, path) = (&workroom.url, ["/api/v1/account", "/api/v1/session"][i % 2]);
                let entry = entry(&format!("stranger{i}"));
                scope.spawn(move || Visitor::new(url).send("POST", path, Some(&entry)).expect("an answer").0)
            })
            .collect();
        let told: Vec<u16> = strangers.into_iter().map(|each| each.join().expect("an answer")).collect();
        over.store(true, Ordering::Relaxed);
        assert!(told.iter().all(|status| [202, 401, 429, 503].contains(status)), "{told:?}");
        workroom.memory()[1]
    });
    println!("at rest {rest:.0} MB, at most {most:.0} MB");
    assert!(most <= 2.0 * rest + BESIDE, "{most:.0} MB, at rest {rest:.0}");
    assert_eq!(visitors[0].get("/api/v1/wearers").0, 200);
}

/// What a server says to a body of which one letter comes.
fn slow_body(url: &str) -> String {
    let mut line = TcpStream::connect(url.trim_start_matches("http://")).expect("a line");
    let head = "POST /api/v1/session HTTP/1.1\r\nHost: x\r\nContent-Type: application/json\r\nContent-Length: 90\r\n\r\n{";
    line.write_all(head.as_bytes()).expect("sent");
    line.set_read_timeout(Some(Duration::from_secs(60))).expect("patience");
    let mut told = vec![0; 4096];
    let count = line.read(&mut told).expect("an answer");
    String::from_utf8_lossy(&told[..count]).into_owned()
}

#[test]
fn bodies_that_never_arrive_are_dropped_and_packed_ones_refused() {
    let workroom = Workroom::empty();
    let told: Vec<String> = std::thread::scope(|scope| {
        let slow: Vec<_> = (0..20).map(|_| scope.spawn(|| slow_body(&workroom.url))).collect();
        // Meanwhile the house is open.
        for _ in 0..50 {
            assert_eq!(workroom.get("/api/health").0, 200);
        }
        slow.into_iter().map(|each| each.join().expect("told")).collect()
    });
    for told in told {
        assert!(told.starts_with("HTTP/1.1 408") && told.contains("request.slow"), "{told}");
    }
    let packed = agent(None)
        .post(format!("{}/api/v1/session", workroom.url))
        .content_type("application/json")
        .header("Content-Encoding", "gzip")
        .send(&[0x1f, 0x8b, 8, 0, 0, 0, 0, 0]);
    let mut packed = packed.expect("an answer");
    let (status, told) = (packed.status(), packed.body_mut().read_to_string().expect("words"));
    assert!(status == 415 && told.contains("request.packed"), "{status} {told}");
}
