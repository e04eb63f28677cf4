//! From a changed reading to the changed screen, in Chromium, for trousers and for a princess dress; and from an empty
//! window to a rail that answers, of a few garments and of many. Prints medians and their ratios; nothing is tested for time.

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

/// So often a rail is loaded anew.
const LOADS: usize = 15;
/// A rail as most have, and one as a wardrobe department has.
const RAILS: [usize; 2] = [15, 200];

/// Notes when every ticket hangs, the first garments are drawn, and the page is free to answer.
const ANSWERS: &str = r#"
(() => {
  const hangs = () =>
    document.querySelectorAll(".ticket").length > 0 &&
    document.querySelectorAll(".by-its-band svg, .by-its-shoulders svg").length > 0;
  const look = () => {
    if (!hangs()) return requestAnimationFrame(look);
    requestAnimationFrame(() => setTimeout(() => (window.answersAt = performance.now()), 0));
  };
  requestAnimationFrame(look);
})();
"#;

/// Brings the rail to so many garments: copies of those that hang, or fewer of them.
const FILL: &str = r#"
const [wanted, done] = arguments;
(async () => {
  const rail = await (await fetch("/api/v1/garments")).json();
  for (const each of rail.slice(wanted)) await fetch(`/api/v1/garments/${each.id}`, { method: "DELETE" });
  const drawn = rail.filter((each) => each.figure);
  for (let n = rail.length; n < wanted; n++) {
    const id = `01930000-0000-7000-9000-${String(n).padStart(12, "0")}`;
    const { record } = drawn[n % drawn.length];
    const answer = await fetch(`/api/v1/garments/${id}`, {
      method: "PUT",
      headers: { "Content-Type": "application/json" },
      body: JSON.stringify(record),
    });
    if (!answer.ok) return done(await answer.text());
  }
  done((await (await fetch("/api/v1/garments")).json()).length);
})();
"#;

/// From an empty window to a rail that answers.
async fn rail(browser: &Browser, garments: usize) -> f64 {
    let hung = browser.run_async(FILL, json!([garments])).await;
    assert_eq!(hung, json!(garments), "they hang");
    let mut times = Vec::new();
    for _ in 0..LOADS {
        browser.goto("/").await;
        browser
            .until("the rail to answer", || async {
                browser.run("return window.answersAt", json!([])).await.is_number()
            })
            .await;
        let time = browser.run("return window.answersAt", json!([])).await;
        times.push(time.as_f64().unwrap_or_default());
    }
    times.sort_by(f64::total_cmp);
    times[LOADS / 2]
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
    browser.on_every_page(ANSWERS).await;
    let mut times = Vec::new();
    for garments in RAILS {
        let time = rail(&browser, garments).await;
        println!(
            "rail of {garments} drawn garments, from an empty window until it answers: median {time:.0} ms"
        );
        times.push(time);
    }
    println!("the rail of {} to that of {}: {:.2}", RAILS[1], RAILS[0], times[1] / times[0]);
}
