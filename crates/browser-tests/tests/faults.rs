//! The database stops, the server is killed, the connection is lost: nothing that was typed is.

use vemble_browser_tests::{Browser, DESK, Postgres, Workroom, demo_fitting};

async fn at_the_mirror(workroom: &Workroom) -> Browser {
    let browser = Browser::open_demo(&workroom.url, DESK).await;
    browser.goto(&format!("/fittings/{}/mirror", demo_fitting(301))).await;
    browser.see("11 pins read").await;
    browser
}

#[tokio::test]
async fn a_server_killed_after_saved_was_shown_has_lost_nothing() {
    let mut workroom = Workroom::demo();
    let browser = at_the_mirror(&workroom).await;
    browser.keys("l400\n6\n").await;
    browser.see("12 pins read").await;
    browser.see_saved().await;
    workroom.kill();
    // Nothing of it may come from the browser's own keeping.
    browser.run("localStorage.clear()", serde_json::Value::Null).await;
    workroom.start_again();
    browser.reload().await;
    browser.see("12 pins read").await;
    assert!(browser.text("[data-testid=pin]").await.contains("at 400"));
}

#[tokio::test]
async fn readings_wait_in_the_browser_until_the_workroom_is_back() {
    let mut workroom = Workroom::demo();
    let browser = at_the_mirror(&workroom).await;
    workroom.kill();
    browser.keys("l400\n6\n").await;
    browser.see("1 reading waits here").await;
    browser.keys("500\n5/8 in\n").await;
    browser.see("2 readings wait here").await;
    browser.press("take out").await;
    browser.see("kept in this browser").await;
    assert_eq!(browser.text("[data-testid=saved]").await, "Kept here, not saved yet");
    workroom.start_again();
    // Eleven, one taken out while nobody listened, two that waited.
    browser.see("12 pins read").await;
    browser.see_saved().await;
    browser.reload().await;
    browser.see("12 pins read").await;
    let pins = browser.texts("[data-testid=pin]").await.join(" ");
    assert!(pins.contains("at 400") && pins.contains("at 500"), "{pins}");
}

#[tokio::test]
async fn readings_outlive_the_browser_window_too() {
    let mut workroom = Workroom::demo();
    let browser = at_the_mirror(&workroom).await;
    workroom.kill();
    browser.press("take out").await;
    browser.see("kept in this browser").await;
    browser.press_at("input[name=station]").await;
    browser.keys("l400\n6\n").await;
    browser.see("1 reading waits here").await;
    // The window is closed and opened again.
    browser.goto_blank().await;
    workroom.start_again();
    browser.goto(&format!("/fittings/{}/mirror", demo_fitting(301))).await;
    browser.see("11 pins read").await;
    browser.see_in("[data-testid=pin]", "at 400").await;
    browser.see_saved().await;
}

#[tokio::test]
async fn a_stopped_database_is_said_and_recovered_from() {
    let postgres = Postgres::new("stopped");
    let workroom = Workroom::on(&postgres.start(), true);
    let browser = at_the_mirror(&workroom).await;
    postgres.stop();
    let (status, health) = workroom.get("/api/health");
    assert_eq!((status, health["code"].as_str()), (503, Some("store.unavailable")), "{health}");
    assert!(health["detail"].as_str().is_some_and(|detail| detail.ends_with('.')), "{health}");
    browser.keys("l400\n6\n").await;
    browser.see("1 reading waits here").await;
    browser.press("Take out the pin at 1005").await;
    browser.see("kept in this browser").await;
    let again = postgres.start();
    browser.see_in("[data-testid=pin]", "at 400").await;
    browser.see_saved().await;
    assert_eq!(workroom.get("/api/health").0, 200, "{again}");
    browser.reload().await;
    browser.see("11 pins read").await;
}

#[tokio::test]
async fn places_stay_open_without_a_connection() {
    let mut workroom = Workroom::demo();
    let browser = at_the_mirror(&workroom).await;
    // The other places are fetched as soon as there is time.
    let fetched =
        "return performance.getEntriesByType('resource').filter(e => /Chalk|Bench/.test(e.name)).length";
    browser
        .until("chalk and bench fetched", || async {
            browser.run(fetched, serde_json::Value::Null).await.as_u64() >= Some(2)
        })
        .await;
    workroom.kill();
    browser.press("Chalk").await;
    browser.see("What every level will measure").await;
    browser.press("Bench").await;
    browser.see("Work order").await;
    workroom.start_again();
}
