//! From a changed reading to the changed screen, in Chromium, for trousers and for a princess dress.
//! Prints medians and their ratio; nothing is tested for time.

use serde_json::{Value, json};
use vemble_browser_tests::{Browser, DESK, Workroom, demo_fitting};

/// Changes of a reading, each to another depth, so that no answer can be remembered.
const CHANGES: usize = 21;

/// Types a depth into the first reading, keeps it, and resolves when the balance below has changed: the time
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
    const table = document.querySelector("[data-testid=balance]");
    const before = table.innerText;
    const from = performance.now();
    const look = new MutationObserver(() => {
      if (table.innerText === before) return;
      look.disconnect();
      requestAnimationFrame(() => done(performance.now() - from));
    });
    look.observe(table, { subtree: true, childList: true, characterData: true });
    input.dispatchEvent(new KeyboardEvent("keydown", { key: "Enter", bubbles: true }));
  }, 60);
}, 60);
"#;

async fn median(browser: &Browser, fitting: u32, seam_key: &str) -> f64 {
    browser.goto(&format!("/fittings/{}/chalk", demo_fitting(fitting))).await;
    browser.see("What every level will measure").await;
    browser.key_on_page(seam_key).await;
    let mut times = Vec::new();
    for i in 0..CHANGES {
        browser.see_saved().await;
        let depth = format!("{:.1}", 6.0 + 4.0 * (i % 3) as f64 + 0.1 * i as f64);
        let time = browser.run_async(CHANGE, json!([depth])).await;
        times.push(time.as_f64().unwrap_or_else(|| panic!("no time: {time:?}")));
    }
    times.sort_by(f64::total_cmp);
    times[CHANGES / 2]
}

#[tokio::main]
async fn main() {
    // Cargo runs benches with an argument of its own; there is nothing to choose here.
    let workroom = Workroom::demo();
    let browser = Browser::open_demo(&workroom.url, DESK).await;
    assert_ne!(browser.run("return 1", Value::Null).await, Value::Null);
    let trousers = median(&browser, 301, "1").await;
    let dress = median(&browser, 312, "3").await;
    println!("changed reading to changed screen, trousers: median {trousers:.1} ms");
    println!("changed reading to changed screen, princess dress: median {dress:.1} ms");
    println!("princess dress to trousers: {:.2}", dress / trousers);
}
