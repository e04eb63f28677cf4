//! Two browsers, one workroom: nobody loses what they typed, and each is told.

use vemble_browser_tests::{Browser, DESK, Workroom, demo_fitting};

async fn at_the_mirror(url: &str) -> Browser {
    let browser = Browser::open_demo(url, DESK).await;
    browser.goto(&format!("/fittings/{}/mirror", demo_fitting(301))).await;
    browser.see("11 pins read").await;
    browser
}

#[tokio::test]
async fn two_browsers_pin_one_fitting_and_both_readings_stay() {
    let workroom = Workroom::demo();
    let (ada, bea) = (at_the_mirror(&workroom.url).await, at_the_mirror(&workroom.url).await);
    ada.keys("l400\n6\n").await;
    ada.see("12 pins read").await;
    ada.see_saved().await;

    bea.keys("r420\n7\n").await;
    bea.see("This fitting was changed in another window").await;
    let rows = bea.table("[data-testid=clash]").await;
    assert_eq!(rows.len(), 2, "{rows:?}");
    let row = |mine: &str, theirs: &str| rows.iter().any(|row| row[2] == mine && row[3] == theirs);
    assert!(row("7", "none") && row("none", "6"), "{rows:?}");
    bea.press("Keep both; mine where we differ").await;
    bea.see("13 pins read").await;
    bea.see_saved().await;

    ada.reload().await;
    ada.see("13 pins read").await;
    let pins = ada.texts("[data-testid=pin]").await.join(" ");
    assert!(pins.contains("at 400") && pins.contains("at 420"), "{pins}");
}

#[tokio::test]
async fn one_reading_changed_twice_asks_whose_goes_on() {
    let workroom = Workroom::demo();
    let (ada, bea) = (at_the_mirror(&workroom.url).await, at_the_mirror(&workroom.url).await);
    for browser in [&ada, &bea] {
        browser.press("Chalk").await;
        browser.see("chalk table").await;
    }
    let first_reading = "[data-testid=readings] .reading-button";
    ada.press_at(first_reading).await;
    ada.keys("17\n").await;
    ada.until("17", || async { ada.texts(first_reading).await[0] == "17" }).await;
    ada.see_saved().await;
    bea.press_at(first_reading).await;
    bea.keys("18\n").await;
    bea.see_in("[data-testid=clash]", "18").await;
    assert!(bea.text("[data-testid=clash]").await.contains("17"));
    bea.press("Take theirs, drop mine").await;
    bea.until("17", || async { bea.texts(first_reading).await[0] == "17" }).await;
    bea.see_saved().await;
}

#[tokio::test]
async fn what_was_changed_last_can_be_undone_and_is_named() {
    let workroom = Workroom::demo();
    let browser = at_the_mirror(&workroom.url).await;
    browser.keys("l400\n6\n").await;
    browser.see("12 pins read").await;
    browser.see_saved().await;
    browser.press("Undo").await;
    browser.see("11 pins read").await;
    browser.reload().await;
    browser.see("11 pins read").await;
}
