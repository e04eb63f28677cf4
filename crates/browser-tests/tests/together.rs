//! Two browsers, one workroom: nobody loses what they typed, and each is told.

use serde_json::json;
use vemble_browser_tests::{Browser, DESK, PHONE, Workroom, demo_fitting};

async fn at_the_mirror(url: &str) -> Browser {
    let browser = Browser::open_demo(url, DESK).await;
    browser.goto(&format!("/fittings/{}/mirror", demo_fitting(301))).await;
    browser.see("11 pins read").await;
    browser
}

#[tokio::test]
async fn two_browsers_pin_one_fitting_and_see_each_others_pins() {
    let workroom = Workroom::demo();
    let (ada, bea) = (at_the_mirror(&workroom.url).await, at_the_mirror(&workroom.url).await);
    ada.keys("l400\n6\n").await;
    ada.see("12 pins read").await;
    // Nobody reloads, nobody is asked to merge anything.
    bea.see("12 pins read").await;
    bea.keys("r420\n7\n").await;
    for browser in [&ada, &bea] {
        browser.see("13 pins read").await;
        browser.see_saved().await;
        let pins = browser.texts("[data-testid=pin]").await.join(" ");
        assert!(pins.contains("at 400") && pins.contains("at 420"), "{pins}");
    }
}

#[tokio::test]
async fn of_one_reading_changed_twice_the_later_stands_and_one_press_takes_it_back() {
    let workroom = Workroom::demo();
    let (ada, bea) = (at_the_mirror(&workroom.url).await, at_the_mirror(&workroom.url).await);
    for browser in [&ada, &bea] {
        browser.press("Chalk").await;
        browser.see("chalk table").await;
    }
    let first_reading = "[data-testid=readings] .reading-button";
    let reads = async |browser: &Browser, what: &str| {
        browser.until(what, || async { browser.texts(first_reading).await[0] == what }).await;
    };
    ada.press_at(first_reading).await;
    ada.keys("17\n").await;
    reads(&ada, "17").await;
    reads(&bea, "17").await;
    bea.press_at(first_reading).await;
    bea.keys("18\n").await;
    reads(&bea, "18").await;
    reads(&ada, "18").await;
    // Both are told whose it was and what it replaced.
    ada.see_in("[data-testid=heard]", "18 mm in place of 17 mm").await;
    ada.see_in("[data-testid=heard]", "that replaces what you read").await;
    bea.see_in("[data-testid=heard]", "You moved the pin").await;
    ada.press("take it back").await;
    reads(&ada, "17").await;
    reads(&bea, "17").await;
}

#[tokio::test]
async fn a_friends_telephone_reads_and_is_sent_out() {
    let workroom = Workroom::demo();
    let host = at_the_mirror(&workroom.url).await;
    let friend = Browser::open(&workroom.url, PHONE).await;
    friend.join(&host.invite().await, "Bea").await;
    friend.see("11 pins read").await;
    assert!(friend.faults().await.is_empty(), "{:?}", friend.faults().await);
    let body = friend.text("body").await;
    assert!(!body.contains("Undo") && !body.contains("Set a ladder") && !body.contains("Chalk"), "{body}");
    host.see_in("[data-testid=guests]", "Bea, a").await;
    host.key_on_page("Escape").await;
    // What the friend reads stands on the host's screen by itself, under the friend's name.
    friend.press_at("input[name=station]").await;
    friend.keys("l400\n6\n").await;
    friend.see("12 pins read").await;
    friend.see_saved().await;
    host.see("12 pins read").await;
    host.see_in("[data-testid=heard]", "Bea on a").await;
    // A hem nobody has asked for is read where it is pinned.
    friend.press("Hem").await;
    friend.see("The hem, read round").await;
    // And out again; what was read stays.
    host.press("Friends: 1").await;
    host.press("Send Bea out").await;
    host.see("Nobody yet.").await;
    friend.see("You are not in this fitting any more").await;
    assert_eq!(host.job(&demo_fitting(301)).await.fitting.pins.len(), 12);
}

#[tokio::test]
async fn what_others_stand_on_goes_with_them_or_not_at_all() {
    let workroom = Workroom::demo();
    let browser = at_the_mirror(&workroom.url).await;
    browser.keys("l400\n6\n").await;
    browser.see("12 pins read").await;
    browser.press("Chalk").await;
    browser.see("chalk table").await;
    let reading = "[data-testid=readings] .reading-button";
    let at = browser.texts(reading).await.iter().position(|each| each == "6").expect("the pin just read");
    browser.run("document.querySelectorAll(arguments[0])[arguments[1]].click()", json!([reading, at])).await;
    browser
        .until("a field for it", || async { browser.texts("[data-testid=readings] input").await.len() == 1 })
        .await;
    browser.keys("9\n").await;
    browser
        .until("9", || async { browser.texts(reading).await.get(at).is_some_and(|read| read == "9") })
        .await;
    browser.see_saved().await;
    browser.goto(&format!("/fittings/{}/history", demo_fitting(301))).await;
    browser.see_in("[data-testid=journal]", "changed again later").await;
    let put = "//li[contains(., 'put a pin')]//button";
    browser
        .run("document.evaluate(arguments[0], document, null, 9, null).singleNodeValue.click()", json!([put]))
        .await;
    browser.see("1 later change stands on it").await;
    browser.press("Take them back with it").await;
    browser
        .until("both gone", || async { browser.job(&demo_fitting(301)).await.fitting.pins.len() == 11 })
        .await;
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
