//! Everything by the keyboard: help and the way anywhere from any place, and a first visit that asks which tape is used.

use serde_json::{Value, json};
use vemble_browser_tests::{Browser, DESK, Workroom, demo_fitting};

const F2: &str = "\u{E032}";
const ESCAPE: &str = "\u{E00C}";
const ARROW_RIGHT: &str = "\u{E014}";

async fn focused(browser: &Browser) -> String {
    let name = "return document.activeElement.name || document.activeElement.tagName";
    browser.run(name, json!([])).await.as_str().unwrap_or_default().to_owned()
}

#[tokio::test]
async fn any_place_and_any_garment_is_a_few_letters_away() {
    let workroom = Workroom::demo();
    let browser = Browser::open_demo(&workroom.url, DESK).await;
    browser.goto(&format!("/fittings/{}/mirror", demo_fitting(302))).await;
    browser.see("pins read").await;
    browser.until("the cursor in the pad", || async { focused(&browser).await == "station" }).await;
    // Nothing that is read begins with a question mark: help comes from an empty field too, and Escape leaves it.
    browser.keys("?").await;
    browser.see("any place or garment, by a few letters").await;
    browser.keys(ESCAPE).await;
    let gone = "return !document.querySelector('.ant-modal-wrap:not([style*=\"display: none\"])')";
    browser
        .until("the help closed", || async { browser.run(gone, json!([])).await == Value::Bool(true) })
        .await;
    assert_eq!(browser.value("station").await, "", "and nothing was typed");
    // From inside a field, by a few letters of a garment.
    browser.keys(F2).await;
    browser.see("Go to").await;
    browser.keys("drover").await;
    browser.until("the coat alone", || async { browser.texts("[role=option]").await.len() == 1 }).await;
    let faults = browser.faults().await;
    assert!(faults.is_empty(), "{}", faults.join("\n"));
    browser.keys("\n").await;
    browser.see("Long drover coat").await;
    browser.until("the coat's fitting", || async { browser.path().await.contains(&demo_fitting(315)) }).await;
    // And back into the house.
    browser.keys(F2).await;
    browser.see("Go to").await;
    browser.keys("habits\n").await;
    browser.see("Left and right are evened by").await;
}

#[tokio::test]
async fn a_first_visit_asks_which_tape_is_used_and_shows_the_thread_of_the_evening() {
    let workroom = Workroom::empty();
    let browser = Browser::open(&workroom.url, DESK).await;
    // The door shows what is done here.
    browser
        .until("the drawing", || async {
            browser.run("return document.querySelectorAll('.pins-become text').length", json!([])).await == 3
        })
        .await;
    browser.press("New workroom").await;
    browser.fill("Address", "tape@example.org").await;
    browser.fill("Password", "which tape is on the table").await;
    browser.press("Open a new workroom").await;
    browser.see("Which tape lies on your table").await;
    assert_eq!(browser.texts(".first-thread li").await.len(), 4);
    browser.press("Inches").await;
    browser
        .until("the tape in eighths", || async { browser.text(".unit-switch").await.contains("in") })
        .await;
    // What stands at the tape of a new garment is in inches from the first number on.
    browser.press("Hang the first garment").await;
    browser.see("waist width").await;
    let ghost = "return document.querySelector('input[name=waist]').placeholder";
    browser
        .until("inches", || async {
            browser.run(ghost, json!([])).await.as_str().is_some_and(|ghost| ghost.starts_with("≈ 1"))
        })
        .await;
}

/// Nothing on a page lies further away than so many Tabs.
const MOST_TABS: u32 = 60;

/// Somebody who has no mouse, and whose keys are counted; a number or a name typed is one.
struct ByKeys {
    browser: Browser,
    keys: std::cell::Cell<u32>,
}

impl ByKeys {
    async fn type_in(&self, text: &str) {
        self.keys.set(self.keys.get() + 1);
        self.browser.keys(text).await;
    }

    /// Goes on with Tab until the thing of that name has the focus.
    async fn go_to(&self, name: &str) {
        let at = "const e = document.activeElement; if (e.tabIndex < 0 || e.role === 'radiogroup') return ''; \
            return [e.getAttribute('aria-label'), e.innerText, e.labels?.[0]?.innerText, e.name].filter(Boolean).join(' | ')";
        let mut met = Vec::new();
        for _ in 0..MOST_TABS {
            let here = self.browser.run(at, json!([])).await.as_str().unwrap_or_default().to_owned();
            if here.contains(name) {
                return;
            }
            met.push(here.chars().take(24).collect::<String>());
            self.type_in("\t").await;
        }
        panic!("no Tab leads to {name:?}; met {met:?}");
    }

    async fn press(&self, name: &str) {
        self.go_to(name).await;
        self.type_in("\n").await;
    }
}

#[tokio::test]
async fn from_the_door_to_the_first_chalk_table_without_a_mouse() {
    let workroom = Workroom::empty();
    let by_keys = ByKeys { browser: Browser::open(&workroom.url, DESK).await, keys: 0.into() };
    let browser = &by_keys.browser;
    browser.see("New workroom").await;
    // Of two ways in the arrow chooses the other.
    by_keys.go_to("Sign in").await;
    by_keys.type_in(ARROW_RIGHT).await;
    browser.see("Open a new workroom").await;
    by_keys.go_to("Address").await;
    by_keys.type_in("keys@example.org").await;
    by_keys.go_to("Password").await;
    by_keys.type_in("no mouse in this house").await;
    by_keys.type_in("\n").await;
    browser.see("The rail is empty").await;
    by_keys.press("Hang the first garment").await;
    browser.see("waist width").await;
    for (name, width) in
        [("waist", "430"), ("hip", "556"), ("hem", "222"), ("inseam", "770"), ("outseam", "1036")]
    {
        browser.until("the cursor at the next measure", || async { focused(browser).await == name }).await;
        by_keys.type_in(width).await;
        by_keys.type_in("\t").await;
    }
    by_keys.press("Hang it on the rail").await;
    browser.see("On the rail").await;
    by_keys.press("Trousers").await;
    browser.see("At the mirror").await;
    browser.until("the cursor in the pad", || async { focused(browser).await == "station" }).await;
    let mut pins = 0;
    for side in ["l", "r"] {
        if side == "r" {
            by_keys.type_in(side).await;
        }
        for (station, depth) in [("1000", "10"), ("800", "13")] {
            for text in [station, "\n", depth, "\n"] {
                by_keys.type_in(text).await;
            }
            pins += 1;
            browser
                .until("the pin", || async { browser.texts("[data-testid=pin]").await.len() == pins })
                .await;
        }
    }
    browser.see_saved().await;
    by_keys.press("Chalk").await;
    browser.see("What every level will measure").await;
    let rows = browser.texts("[data-testid^=chalk-table] tr").await.len();
    let keys = by_keys.keys.get();
    assert!(rows > 4, "a chalk table of {rows} rows");
    assert!(keys <= 130, "{keys} keys from the door to the chalk table");
}

/// What has the focus: nothing where it is the page itself.
async fn holds_focus(browser: &Browser) -> bool {
    let held = "return document.activeElement !== null && document.activeElement !== document.body";
    browser.run(held, json!([])).await == Value::Bool(true)
}

#[tokio::test]
async fn what_opens_is_seen_by_whoever_asks_for_less_motion() {
    let workroom = Workroom::demo();
    let browser = Browser::open_demo(&workroom.url, DESK).await;
    browser.with_less_motion().await;
    browser.goto(&format!("/fittings/{}/chalk", demo_fitting(301))).await;
    browser.see("What every level will measure").await;
    let seen = "const over = [...document.querySelectorAll(arguments[0])].find(each => each.getClientRects().length > 0); \
        return over ? getComputedStyle(over).opacity : ''";
    let opened = async |what: &str, over: &str| {
        browser
            .until(&format!("{what} to be seen"), || async {
                browser.run(seen, json!([over])).await == json!("1")
            })
            .await;
        browser.keys(ESCAPE).await;
        browser
            .until(&format!("{what} to be gone"), || async {
                browser.run(seen, json!([over])).await == json!("")
            })
            .await;
    };
    for key in ["?", "=", "F2"] {
        browser.key_on_page(key).await;
        opened(key, ".ant-modal, .ant-drawer-content-wrapper").await;
    }
    browser.press("Account").await;
    opened("the menu", ".ant-dropdown").await;
    browser.press_at(".unit-switch").await;
    opened("the units", ".ant-select-dropdown").await;
}

#[tokio::test]
async fn escape_leaves_whatever_lies_over_the_page() {
    let workroom = Workroom::demo();
    let browser = Browser::open_demo(&workroom.url, DESK).await;
    browser.goto(&format!("/fittings/{}/chalk", demo_fitting(301))).await;
    browser.see("What every level will measure").await;
    let over =
        ".ant-modal-wrap, .ant-drawer-content-wrapper, .ant-dropdown, .ant-popover, .ant-select-dropdown";
    let lying = "return [...document.querySelectorAll(arguments[0])].filter(each => each.getClientRects().length > 0).length";
    let opened = async |way: &str| {
        browser
            .until(&format!("something over the page by {way}"), || async {
                browser.run(lying, json!([over])).await.as_u64().unwrap_or_default() > 0
            })
            .await;
        browser.keys(ESCAPE).await;
        browser
            .until(&format!("nothing over the page, opened by {way}"), || async {
                browser.run(lying, json!([over])).await == json!(0)
            })
            .await;
    };
    for key in ["?", "=", "F2"] {
        browser.key_on_page(key).await;
        opened(key).await;
    }
    for name in ["Account", "Sums"] {
        browser.press(name).await;
        opened(name).await;
    }
    browser.press_at(".unit-switch").await;
    opened("the unit").await;
    browser.goto("/garments/01930000-0000-7000-8000-000000000201").await;
    browser.press("Take it off the rail for good").await;
    opened("taking away").await;
    assert_eq!(browser.path().await, "/garments/01930000-0000-7000-8000-000000000201", "and the page stays");
}

#[tokio::test]
async fn an_act_that_takes_its_own_button_away_leaves_the_focus_beside_it() {
    let workroom = Workroom::demo();
    let browser = Browser::open_demo(&workroom.url, DESK).await;
    browser.goto(&format!("/fittings/{}/mirror", demo_fitting(301))).await;
    browser.see("11 pins read").await;
    // The first pin of the list goes, and its button with it: the next Tab comes to what follows in the list.
    let focus = "document.querySelectorAll('[data-testid=pin] button')[1].focus()";
    browser.run(focus, json!([])).await;
    browser.keys("\n").await;
    browser.see("10 pins read").await;
    browser.until("the focus nearby", || async { holds_focus(&browser).await }).await;
    let in_list = "return document.activeElement.closest('[aria-label=\"Pins read\"]') !== null";
    assert_eq!(browser.run(in_list, json!([])).await, Value::Bool(true));
    browser.keys("\t").await;
    assert_eq!(browser.run(in_list, json!([])).await, Value::Bool(true));
    // The last step that can be ticked now, a sum that is kept: what can be done no more is not where keys go.
    browser.goto(&format!("/fittings/{}/bench", demo_fitting(301))).await;
    browser.see("Work order").await;
    let tick = "document.querySelector('[data-testid=tick]').focus()";
    browser.run(tick, json!([])).await;
    browser.keys("\n").await;
    browser.see_saved().await;
    browser.until("the focus at the bench", || async { holds_focus(&browser).await }).await;
    // From one place to another, whatever was pressed.
    browser.goto("/").await;
    browser.see("Tonight").await;
    browser.press("Hang a garment").await;
    browser.see("waist width").await;
    browser.until("the focus in the new place", || async { holds_focus(&browser).await }).await;
}
