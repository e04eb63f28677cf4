//! A first evening: from an empty workroom to a printed sheet, counting every entry and press. A number or a name typed
//! counts as one, and so does each key that goes on.

use std::cell::Cell;

use serde_json::Value;
use vemble_browser_tests::{Browser, DESK, PHONE, Workroom};

/// A newcomer whose entries and presses are counted.
struct Newcomer {
    browser: Browser,
    count: Cell<u32>,
}

impl Newcomer {
    fn one_more(&self) {
        self.count.set(self.count.get() + 1);
    }

    async fn press(&self, name: &str) {
        self.one_more();
        self.browser.press(name).await;
    }

    /// Types a number or a name where the cursor is.
    async fn enter(&self, text: &str) {
        self.one_more();
        self.browser.keys(text).await;
    }

    async fn tab(&self) {
        self.enter("\t").await;
    }

    async fn focused(&self) -> String {
        let name = "return document.activeElement.getAttribute('name') ?? document.activeElement.id";
        self.browser.run(name, Value::Null).await.as_str().unwrap_or_default().to_owned()
    }

    /// Opens a workroom of their own; what they are called there is not part of the work.
    async fn come_in(&self) {
        self.press("New workroom").await;
        self.browser.fill("Address", "newcomer@example.org").await;
        self.browser.fill("Password", "first evening with pins").await;
        self.count.set(self.count.get() + 2);
        self.press("Open a new workroom").await;
        self.browser.see("The rail is empty").await;
    }

    /// Five measures of a pair of trousers, where the tape lies.
    async fn hang_trousers(&self) -> u32 {
        let before = self.count.get();
        self.press("Hang the first garment").await;
        self.browser.see("waist width").await;
        for (name, width) in
            [("waist", "430"), ("hip", "556"), ("hem", "222"), ("inseam", "770"), ("outseam", "1036")]
        {
            self.browser
                .until("the cursor at the next measure", || async { self.focused().await == name })
                .await;
            self.enter(width).await;
            self.tab().await;
        }
        self.press("Hang it on the rail").await;
        self.browser.see("On the rail").await;
        self.count.get() - before
    }

    async fn pin(&self, station: &str, depth: &str, pins: usize) {
        for text in [station, depth] {
            self.enter(text).await;
            self.enter("\n").await;
        }
        self.browser
            .until("the pin", || async { self.browser.texts("[data-testid=pin]").await.len() == pins })
            .await;
    }
}

#[tokio::test]
async fn a_newcomer_prints_a_chalk_sheet_within_sixty_entries_and_presses() {
    let workroom = Workroom::empty();
    let newcomer = Newcomer { browser: Browser::open(&workroom.url, DESK).await, count: Cell::new(0) };
    newcomer.come_in().await;
    let hanging = newcomer.hang_trousers().await;
    assert!(hanging <= 16, "hung with {hanging} entries and presses");
    let browser = &newcomer.browser;
    // Nobody gave it a name: it is called what it is, and drawn as it was measured.
    browser.see("Trousers").await;
    newcomer.one_more();
    browser.press_at("[data-testid=hanging]").await;
    browser.see("At the mirror").await;
    for (side, pins) in [("l", [10, 12, 13, 9]), ("r", [8, 12, 14, 9])] {
        if side == "r" {
            newcomer.enter("r").await;
        }
        let taken = browser.texts("[data-testid=pin]").await.len();
        for (nth, (station, depth)) in ["1000", "900", "800", "700"].into_iter().zip(pins).enumerate() {
            newcomer.pin(station, &depth.to_string(), taken + nth + 1).await;
        }
    }
    browser.see_saved().await;
    newcomer.press("Chalk").await;
    browser.see("What every level will measure").await;
    let sheet = "return [...document.querySelectorAll('a')].find(a => a.innerText.includes('Print the sheet')).getAttribute('href')";
    let sheet = browser.run(sheet, Value::Null).await.as_str().expect("a sheet").to_owned();
    newcomer.one_more();
    let pdf = browser.download(&sheet).await;
    assert!(pdf.starts_with(b"%PDF"), "a sheet that prints");
    let count = newcomer.count.get();
    assert!(count < 60, "{count} entries and presses from an empty workroom to the sheet");
}

#[tokio::test]
async fn on_a_telephone_one_measure_stands_there_at_a_time_with_its_pad() {
    let workroom = Workroom::empty();
    let newcomer = Newcomer { browser: Browser::open(&workroom.url, PHONE).await, count: Cell::new(0) };
    newcomer.come_in().await;
    newcomer.press("Hang the first garment").await;
    let browser = &newcomer.browser;
    browser.see("waist width").await;
    let standing = "return [...document.querySelectorAll('.tape-field')].filter(e => e.offsetParent !== null).map(e => e.querySelector('input').name)";
    let lit = "return [...document.querySelectorAll('.tape.lit')].map(e => e.dataset.tape)";
    for (name, keys) in [("waist", "430"), ("hip", "556"), ("hem", "222")] {
        browser
            .until("one measure, lit", || async {
                browser.run(standing, Value::Null).await == serde_json::json!([name])
            })
            .await;
        for key in keys.chars() {
            browser.press(&key.to_string()).await;
        }
        let typed = "return document.querySelector('.tape-field.held input').value";
        assert_eq!(browser.run(typed, Value::Null).await, keys);
        browser.press("Next measure").await;
    }
    browser
        .until("the tape of the one in hand", || async {
            browser.run(lit, Value::Null).await == serde_json::json!(["inseam"])
        })
        .await;
    // What was typed is kept, and the drawing has come nearer by it.
    browser.press("The measure before").await;
    browser
        .until("what was typed", || async {
            browser.run("return document.querySelector('.tape-field.held input').value", Value::Null).await
                == "222"
        })
        .await;
    assert!(!browser.scrolls_sideways().await);
}
