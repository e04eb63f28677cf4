//! A tick holds for what it was about: pins moved after a try-on close the bench again, and it says so.

use serde_json::json;
use vemble_browser_tests::{Browser, DESK, Workroom, demo_fitting};

/// Looks at a step of the order.
async fn look_at(browser: &Browser, title: &str) {
    let step = format!("//li[@data-testid='step']//button[contains(., '{title}')]");
    let press = "document.evaluate(arguments[0], document, null, 9, null).singleNodeValue.click()";
    browser.run(press, json!([step])).await;
}

#[tokio::test]
async fn what_was_ticked_before_the_pins_were_moved_is_to_be_done_again() {
    let workroom = Workroom::demo();
    let browser = Browser::open_demo(&workroom.url, DESK).await;
    let fitting = demo_fitting(302);
    let again = "[data-testid=step] .again";
    browser.goto(&format!("/fittings/{fitting}/bench")).await;
    browser.see("Work order").await;
    assert!(browser.texts(again).await.is_empty(), "nothing has moved yet");
    assert!(browser.job(&fitting).await.fitting.progress.done.contains_key("try_on"));
    browser.goto(&format!("/fittings/{fitting}/mirror")).await;
    browser.see("pins read").await;
    let cursor = "return document.activeElement.tagName";
    browser
        .until("the cursor in the pad", || async { browser.run(cursor, json!([])).await == "INPUT" })
        .await;
    browser.keys("l400\n16\n").await;
    browser.see_saved().await;
    browser.goto(&format!("/fittings/{fitting}/bench")).await;
    browser.see_in("[data-testid=lapsed]", "The line of the outseam was moved by up to").await;
    browser.see_in("[data-testid=lapsed]", "after this was ticked: chalk it again.").await;
    let before = browser.texts(again).await.len();
    assert!(before >= 4, "chalk, tacking, try-on and sewing: {before}");
    let ticked = browser.job(&fitting).await.fitting.progress;
    // What comes behind it waits, and says for what.
    look_at(&browser, "Try it on, tacked").await;
    browser.see("First: Tack every new line.").await;
    // Chalked again, it is one less, and holds for where the line lies now.
    look_at(&browser, "Mark every line on both layers").await;
    browser.press_at("[data-testid=tick]").await;
    browser.see_saved().await;
    browser.until("one less", || async { browser.texts(again).await.len() == before - 1 }).await;
    let now = browser.job(&fitting).await.fitting.progress;
    assert_ne!(now.vouched["chalk"], ticked.vouched["chalk"]);
    assert_eq!(now.vouched["try_on"], ticked.vouched["try_on"]);
}
