//! Two people, two windows and a friend at one browser: nothing is lost, and nothing goes in under another's name.

use serde_json::{Value, json};
use vemble_browser_tests::{Browser, Contrary, DESK, Mood, PHONE, Workroom, demo_fitting};

const BEA: &str = "bea@example.org";
const FITTING: u32 = 301;
/// What stands in the pad.
const TYPED: &str =
    "return ['station', 'reading'].map(name => document.querySelector(`input[name=${name}]`).value)";

/// Makes Bea an account and signs her in, as her own window of this browser would.
async fn bea_signs_in(browser: &Browser) {
    let script = "const [entry, done] = arguments; const send = path => fetch('/api/v1/' + path, { method: 'POST', \
        headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(entry) }); \
        send('account').then(() => send('session')).then(answer => done(answer.status))";
    let entry = json!({ "email": BEA, "password": "a long enough password" });
    assert_eq!(browser.run_async(script, json!([entry])).await, 200);
}

/// Everything of a journal that reads a pin, in words.
async fn pins_read(browser: &Browser, garment: &str) -> Vec<String> {
    let journal = browser.download(&format!("/api/v1/garments/{garment}/journal")).await;
    let lines: Vec<Value> = serde_json::from_slice(&journal).expect("lines");
    lines.iter().filter_map(|line| line["what"].as_str()).map(str::to_owned).collect()
}

async fn at_the_mirror(home: &str) -> Browser {
    let browser = Browser::open_demo(home, DESK).await;
    browser.goto(&format!("/fittings/{}/mirror", demo_fitting(FITTING))).await;
    browser.see("11 pins read").await;
    browser
}

async fn read(browser: &Browser, keys: &str) {
    browser.press_at("input[name=station]").await;
    browser.keys(keys).await;
}

#[tokio::test]
async fn what_was_typed_on_one_persons_page_waits_for_them_at_whichever_step_another_signs_in() {
    for (path, mood) in [
        ("/nothing", Mood::Says(503)),
        ("/compute/pin", Mood::Says(503)),
        ("/compute/pin", Mood::LosesTheAnswer),
        ("/api/v1/fittings/", Mood::Says(503)),
        ("/api/v1/fittings/", Mood::LosesTheAnswer),
    ] {
        let workroom = Workroom::demo();
        let door = Contrary::before(&workroom.url).await;
        let browser = at_the_mirror(&door.url).await;
        let typing = path == "/nothing";
        if typing {
            read(&browser, "l400\n6").await;
        } else {
            // It waits a while at this step, and Bea comes meanwhile.
            match mood {
                Mood::LosesTheAnswer => door.next("POST", path, mood),
                _ => door.from_now_on("POST", path, mood),
            }
            read(&browser, "l400\n6\n").await;
            browser.until("it met its mood", || async { door.is_spent() }).await;
        }
        let first = browser.another_window("/account").await;
        bea_signs_in(&browser).await;
        let second = browser.in_window(first.clone()).await;
        browser.see("You are signed out here").await;
        browser.see(&format!("{BEA} is signed in in this browser now.")).await;
        // Nothing of it is Bea's, and her own page is hers.
        browser.in_window(second).await;
        browser.goto("/").await;
        browser.see("The rail is empty").await;
        browser.close_window(first).await;
        door.be_well();
        browser.press("Go on in the demo workroom").await;
        let door_is_shut = "return document.querySelector('.ant-modal') === null";
        browser
            .until("the place is open", || async { browser.run(door_is_shut, Value::Null).await == true })
            .await;
        if typing {
            assert_eq!(
                browser.run(TYPED, Value::Null).await,
                json!(["400", "6"]),
                "what was typed stays typed"
            );
            browser.press_at("input[name=reading]").await;
            browser.keys("\n").await;
        }
        browser.see("12 pins read").await;
        browser.see_saved().await;
        let pins = browser.job(&demo_fitting(FITTING)).await.fitting.pins;
        assert_eq!(pins.len(), 12, "{path} {mood:?}");
    }
}

#[tokio::test]
async fn what_waits_of_two_windows_is_kept_apart_shown_in_both_and_sent_once() {
    let workroom = Workroom::demo();
    let door = Contrary::before(&workroom.url).await;
    let browser = at_the_mirror(&door.url).await;
    let mirror = format!("/fittings/{}/mirror", demo_fitting(FITTING));
    let first = browser.another_window(&mirror).await;
    browser.see("11 pins read").await;
    door.from_now_on("POST", "/api/v1/fittings/", Mood::Says(503));
    read(&browser, "l400\n6\n").await;
    browser.see("12 pins read").await;
    let second = browser.in_window(first.clone()).await;
    browser.see("12 pins read").await;
    read(&browser, "l420\n7\n").await;
    browser.see("13 pins read").await;
    browser.see_in("[data-testid=saved]", "Kept here, not saved yet").await;
    // The window that sends is closed; the other takes over.
    browser.close_window(second).await;
    door.be_well();
    browser.see("13 pins read").await;
    browser.comes_online().await;
    browser.see_saved().await;
    let pins = browser.job(&demo_fitting(FITTING)).await.fitting.pins;
    assert_eq!(pins.len(), 13);
    let garment = browser.run_async(
        "const [id, done] = arguments; fetch('/api/v1/fittings/' + id).then(r => r.json()).then(f => done(f.garment))",
        json!([demo_fitting(FITTING)]),
    );
    let garment = garment.await;
    let read = pins_read(&browser, garment.as_str().expect("an id")).await;
    let ours = read.iter().filter(|what| what.contains("400") || what.contains("420")).count();
    assert_eq!(ours, 2, "{read:#?}");
}

#[tokio::test]
async fn what_waits_is_sent_from_any_place_and_said_in_every_one() {
    let workroom = Workroom::demo();
    let door = Contrary::before(&workroom.url).await;
    let browser = at_the_mirror(&door.url).await;
    door.from_now_on("POST", "/compute/pin", Mood::Says(503));
    read(&browser, "l400\n6\n").await;
    browser.see_in("[data-testid=saved]", "Kept here, not saved yet").await;
    browser.press_at("a.mark").await;
    browser.see("On the rail").await;
    browser.see_in("[data-testid=saved]", "Kept here, not saved yet").await;
    // Whoever signs out now is told what waits and what becomes of it.
    browser.press("Account").await;
    let sign_out = "const item = [...document.querySelectorAll('[role=menuitem]')].find(e => e.innerText === 'Sign out'); \
        item?.click(); return Boolean(item)";
    browser.until("the menu", || async { browser.run(sign_out, Value::Null).await == true }).await;
    browser.see("Not saved yet: one reading. They stay in this browser under").await;
    browser.press("Stay").await;
    door.be_well();
    browser.comes_online().await;
    browser
        .until("it went in without its place", || async {
            browser.job(&demo_fitting(FITTING)).await.fitting.pins.len() == 12
        })
        .await;
    browser
        .until("nothing waits any more", || async { browser.text("[data-testid=saved]").await.is_empty() })
        .await;
}

#[tokio::test]
async fn a_sheet_that_waits_says_so_and_asks_before_its_page_is_closed() {
    let workroom = Workroom::demo();
    let door = Contrary::before(&workroom.url).await;
    let browser = Browser::open_demo(&door.url, DESK).await;
    browser.goto("/people").await;
    browser.see("Worn underneath").await;
    let asks = "return !window.dispatchEvent(new Event('beforeunload', { cancelable: true }))";
    assert_eq!(browser.run(asks, Value::Null).await, json!(false), "nothing waits yet");
    door.from_now_on("PUT", "/api/v1/wearers/", Mood::Says(503));
    browser.fill("waist", "811").await;
    browser.keys("\t").await;
    browser
        .until("not saved", || async { browser.text("[data-testid=saved]").await == "Not saved yet" })
        .await;
    assert_eq!(browser.run(asks, Value::Null).await, json!(true), "it lies in no cupboard");
    door.be_well();
    browser.see_saved().await;
    assert_eq!(browser.run(asks, Value::Null).await, json!(false), "nothing waits any more");
    browser.reload().await;
    browser.until("what was typed", || async { browser.value("waist").await == "811" }).await;
}

#[tokio::test]
async fn a_number_that_met_silence_is_read_when_the_workroom_is_back() {
    let workroom = Workroom::demo();
    let door = Contrary::before(&workroom.url).await;
    let browser = Browser::open_demo(&door.url, DESK).await;
    browser.goto("/people").await;
    browser.see("Worn underneath").await;
    door.from_now_on("POST", "/compute/lengths", Mood::DiesBefore);
    browser.fill("waist", "81.3 cm").await;
    browser.keys("\t").await;
    browser.see("The workroom does not answer just now. What you typed stays where it is.").await;
    assert_eq!(browser.value("waist").await, "81.3 cm");
    door.be_well();
    browser.until("what was read", || async { browser.value("waist").await == "813" }).await;
    browser.see_saved().await;
    let body = browser.text("body").await;
    assert!(!body.contains("does not answer just now"), "{body}");
}

#[tokio::test]
async fn where_a_browser_keeps_nothing_work_goes_on_and_nothing_is_claimed() {
    for broken in [
        "Object.defineProperty(window, 'indexedDB', { value: undefined })",
        "IDBObjectStore.prototype.put = () => { throw new DOMException('full', 'QuotaExceededError') }",
        "IDBFactory.prototype.open = () => { throw new DOMException('no', 'SecurityError') }; \
         Object.defineProperty(window, 'localStorage', { get: () => { throw new DOMException('no', 'SecurityError') } })",
    ] {
        let workroom = Workroom::demo();
        let door = Contrary::before(&workroom.url).await;
        let browser = Browser::open(&door.url, PHONE).await;
        browser.on_every_page(broken).await;
        browser.goto("/").await;
        browser.press("Open the demo workroom").await;
        browser.see("On the rail").await;
        browser.goto(&format!("/fittings/{}/mirror", demo_fitting(FITTING))).await;
        browser.see("11 pins read").await;
        read(&browser, "l400\n6\n").await;
        browser.see("12 pins read").await;
        browser.see_in("[data-testid=saved]", "This browser keeps nothing").await;
        door.from_now_on("POST", "/api/v1/fittings/", Mood::Says(503));
        read(&browser, "l420\n7\n").await;
        browser.see("leave this page open").await;
        door.be_well();
        browser.comes_online().await;
        browser
            .until("it went in all the same", || async {
                browser.job(&demo_fitting(FITTING)).await.fitting.pins.len() == 13
            })
            .await;
    }
}

#[tokio::test]
async fn a_browser_whose_storage_opens_late_keeps_all_the_same() {
    let workroom = Workroom::demo();
    let browser = Browser::open(&workroom.url, DESK).await;
    // Nobody can open what is being made, until it is let go of.
    browser.goto("/api/v1/health").await;
    let held = "const [done] = arguments; \
        indexedDB.deleteDatabase('vemble').onsuccess = () => { \
          const asked = indexedDB.open('vemble', 1); \
          asked.onupgradeneeded = () => { \
            const shelf = asked.result.createObjectStore('waiting', { keyPath: 'id' }); \
            const hold = () => { if (!window.letGo) shelf.count().onsuccess = hold; }; \
            hold(); \
            done(true); \
          }; \
          asked.onsuccess = () => asked.result.close(); \
        }";
    assert_eq!(browser.run_async(held, Value::Null).await, json!(true));
    let first = browser.another_window("/").await;
    browser.press("Open the demo workroom").await;
    browser.see("On the rail").await;
    browser.goto(&format!("/fittings/{}/mirror", demo_fitting(FITTING))).await;
    browser.see_in("[data-testid=saved]", "This browser keeps nothing").await;
    let here = browser.in_window(first).await;
    browser.run("window.letGo = true", Value::Null).await;
    browser.in_window(here).await;
    browser.see_saved().await;
}

#[tokio::test]
async fn a_friend_at_the_same_browser_keeps_what_is_theirs() {
    let workroom = Workroom::demo();
    let host = at_the_mirror(&workroom.url).await;
    let words = host.invite().await;
    let door = Contrary::before(&workroom.url).await;
    let friend = Browser::open(&door.url, DESK).await;
    friend.join(&words, "Wren").await;
    door.from_now_on("POST", "/compute/pin", Mood::Says(503));
    read(&friend, "l400\n6\n").await;
    friend.until("it met its mood", || async { door.is_spent() }).await;
    let first = friend.another_window("/join").await;
    bea_signs_in(&friend).await;
    friend.in_window(first).await;
    friend.see("You are not in this fitting here now").await;
    friend.see(&format!("{BEA} is signed in in this browser now.")).await;
    friend.goto("/").await;
    friend.see("The rail is empty").await;
    assert_eq!(host.job(&demo_fitting(FITTING)).await.fitting.pins.len(), 11);
    // Wren comes in again, and the reading goes in.
    door.be_well();
    let out =
        "const [done] = arguments; fetch('/api/v1/session', { method: 'DELETE' }).then(r => done(r.status))";
    assert_eq!(friend.run_async(out, Value::Null).await, 204);
    friend.join(&words, "Wren").await;
    host.see("12 pins read").await;
}
