//! What is typed stays kept until the workroom has said something of it, whatever else comes back.

use vemble_browser_tests::{Browser, Contrary, DESK, Mood, PHONE, Postgres, Workroom, demo_fitting};

/// Where a reading can go wrong on its way: as it is read, and as its fitting is saved.
const STEPS: [(&str, &str); 2] = [("POST", "/compute/pin"), ("POST", "/api/v1/fittings/")];

#[tokio::test]
async fn no_answer_but_the_workrooms_own_word_takes_a_reading_away() {
    let workroom = Workroom::demo();
    let door = Contrary::before(&workroom.url).await;
    let browser = Browser::open_demo(&door.url, DESK).await;
    browser.goto(&format!("/fittings/{}/mirror", demo_fitting(301))).await;
    browser.see("11 pins read").await;
    let moods = [
        Mood::Says(500),
        Mood::Says(502),
        Mood::Says(401),
        Mood::Says(408),
        Mood::SaysLater(429, 1),
        Mood::SaysLater(503, 1),
        Mood::DiesBefore,
        Mood::LosesTheAnswer,
    ];
    let mut pins = 11;
    for (i, mood) in moods.into_iter().enumerate() {
        for (j, (method, path)) in STEPS.into_iter().enumerate() {
            door.next(method, path, mood);
            let station = 300 + 20 * i + 10 * j;
            browser.press_at("input[name=station]").await;
            browser.keys(&format!("l{station}\n6\n")).await;
            pins += 1;
            browser.see(&format!("{pins} pins read")).await;
            browser.see_saved().await;
            browser.until("it met its mood", || async { door.is_spent() }).await;
        }
    }
    // What the screen shows is what the workroom holds, each once.
    let kept = browser.job(&demo_fitting(301)).await.fitting.pins;
    assert_eq!(kept.len(), pins);
    let mut ids: Vec<_> = kept.iter().map(|pin| &pin.id).collect();
    ids.sort();
    ids.dedup();
    assert_eq!(ids.len(), pins, "none is there twice");
}

#[tokio::test]
async fn a_workroom_that_hangs_is_asked_again() {
    let workroom = Workroom::demo();
    let door = Contrary::before(&workroom.url).await;
    let browser = Browser::open_demo(&door.url, DESK).await;
    browser.goto(&format!("/fittings/{}/mirror", demo_fitting(301))).await;
    browser.see("11 pins read").await;
    door.from_now_on("POST", "/api/v1/fittings/", Mood::Hangs);
    browser.keys("l400\n6\n").await;
    browser.see("12 pins read").await;
    browser.until("it hangs", || async { door.is_spent() }).await;
    browser.see("kept in this browser").await;
    door.be_well();
    browser.comes_online().await;
    browser.see_saved().await;
    assert_eq!(browser.job(&demo_fitting(301)).await.fitting.pins.len(), 12);
}

#[tokio::test]
async fn when_the_session_ends_the_door_stands_over_the_place_and_everything_goes_in_afterwards() {
    for screen in [DESK, PHONE] {
        let workroom = Workroom::demo();
        let browser = Browser::open_demo(&workroom.url, screen).await;
        browser.goto(&format!("/fittings/{}/mirror", demo_fitting(301))).await;
        browser.see("11 pins read").await;
        let leave = "const [done] = arguments; fetch('/api/v1/session', { method: 'DELETE' }).then(r => done(r.status))";
        browser.run_async(leave, serde_json::Value::Null).await;
        browser.press_at("input[name=station]").await;
        browser.keys("l400\n6\n").await;
        browser.see("Your session has ended").await;
        // The place stays under the door, with what was typed.
        browser.see("11 pins read").await;
        browser.press("Go on in the demo workroom").await;
        browser.see("12 pins read").await;
        browser.see_saved().await;
        assert_eq!(browser.job(&demo_fitting(301)).await.fitting.pins.len(), 12);
        assert!(!browser.text("body").await.contains("Your session has ended"));
    }
}

#[tokio::test]
async fn a_reload_while_the_database_is_away_shows_the_application_and_what_it_keeps() {
    let postgres = Postgres::new("away");
    let workroom = Workroom::on(&postgres.start(), true);
    let browser = Browser::open_demo(&workroom.url, DESK).await;
    browser.goto(&format!("/fittings/{}/mirror", demo_fitting(301))).await;
    browser.see("11 pins read").await;
    postgres.stop();
    browser.press_at("input[name=station]").await;
    browser.keys("l400\n6\n").await;
    browser.see("1 reading waits here").await;
    browser.reload().await;
    browser.see("The workroom does not answer yet; trying again.").await;
    browser.see("Kept in this browser until it does: one reading.").await;
    let _ = postgres.start();
    browser.see("12 pins read").await;
    browser.see_saved().await;
}
