//! From a changed reading to the changed screen, in Chromium, for trousers and for a princess dress.
//! Prints medians and their ratio; nothing is tested for time.

use serde_json::json;
use vemble_browser_tests::{Browser, DESK, Workroom, demo_fitting};

/// Changes of a reading, each to another depth, so that no answer can be remembered.
const CHANGES: usize = 21;

/// Types a depth into the first reading, keeps it, and resolves when the answer is on the screen: the time
/// between, in milliseconds, as the page's own clock has it.
const CHANGE: &str = r#"
const [depth, done] = arguments;
document.querySelector("[data-testid=readings] .reading-button").click();
setTimeout(() => {
  const input = document.querySelector(".reading-input");
  const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value").set;
  set.call(input, depth);
  input.dispatchEvent(new Event("input", { bubbles: true }));
  setTimeout(() => {
    // The column that is sewn comes with the core's answer, in the same breath as line, table and balance.
    const page = document.querySelector("main");
    const sewn = () =>
      [...document.querySelectorAll("[data-testid=readings] td:last-child")].map((td) => td.innerText).join();
    const before = sewn();
    const from = performance.now();
    const look = new MutationObserver(() => {
      if (sewn() === before) return;
      look.disconnect();
      const now = performance.now();
      setTimeout(() => done(now - from), 0);
    });
    look.observe(page, { subtree: true, childList: true, characterData: true });
    input.dispatchEvent(new KeyboardEvent("keydown", { key: "Enter", bubbles: true }));
  }, 60);
}, 60);
"#;

async fn median(browser: &Browser, fitting: u32) -> f64 {
    browser.goto(&format!("/fittings/{}/chalk", demo_fitting(fitting))).await;
    browser.see("What every level will measure").await;
    let mut times = Vec::new();
    for i in 0..CHANGES {
        browser.see_saved().await;
        let depth = format!("{:.1}", [4.0, 7.0, 9.0][i % 3] + 0.1 * i as f64);
        let time = browser.run_async(CHANGE, json!([depth])).await;
        times.push(time.as_f64().unwrap_or_else(|| panic!("no time: {time:?}")));
    }
    times.sort_by(f64::total_cmp);
    times[CHANGES / 2]
}

#[tokio::main]
async fn main() {
    let workroom = Workroom::demo();
    let browser = Browser::open_demo(&workroom.url, DESK).await;
    let trousers = median(&browser, 301).await;
    let dress = median(&browser, 312).await;
    println!("changed reading to changed screen, trousers: median {trousers:.1} ms");
    println!("changed reading to changed screen, princess dress: median {dress:.1} ms");
    println!("princess dress to trousers: {:.2}", dress / trousers);
}
