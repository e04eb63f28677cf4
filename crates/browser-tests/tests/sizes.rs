//! Every main view at the narrowest telephone and on the widest screen: nothing beyond the window, no words cut off.

use serde_json::{Value, json};
use vemble_browser_tests::{Browser, Screen, Workroom, demo_fitting};

/// What reaches beyond the window, and whose words do not find room where they stand.
const BEYOND: &str = r#"
const wide = document.documentElement.clientWidth;
const found = [];
const name = (e) => `${e.tagName.toLowerCase()}.${String(e.className?.baseVal ?? e.className).slice(0, 50)} “${(e.innerText ?? "").slice(0, 30)}”`;
const hidden = (e) => {
  for (let at = e; at; at = at.parentElement) {
    const style = getComputedStyle(at);
    if (style.visibility === "hidden" || style.display === "none" || at.classList.contains("visually-hidden") || style.clipPath !== "none") return true;
  }
  return false;
};
/* What is scrolled inside its own frame, or clipped on purpose, does not reach beyond the window. */
const framed = (e) => {
  for (let at = e.parentElement; at && at !== document.body; at = at.parentElement) {
    const { overflowX } = getComputedStyle(at);
    if (overflowX !== "visible") return true;
  }
  return false;
};
for (const e of document.querySelectorAll("body *")) {
  if (e.closest("svg") && e.tagName !== "svg") continue;
  const box = e.getBoundingClientRect();
  if (box.width === 0 || box.height === 0 || hidden(e)) continue;
  if ((box.right > wide + 1 || box.left < -1) && !framed(e)) found.push(`beyond the window: ${name(e)} ${Math.round(box.left)}–${Math.round(box.right)} of ${wide}`);
  const style = getComputedStyle(e);
  const words = [...e.childNodes].some((child) => child.nodeType === 3 && child.textContent.trim());
  if (words && style.overflowX === "hidden" && e.scrollWidth > e.clientWidth + 1) found.push(`cut off: ${name(e)}`);
}
if (document.documentElement.scrollWidth > wide + 1) found.push("the page scrolls sideways");
return found.slice(0, 12);
"#;

fn views() -> Vec<(String, &'static str)> {
    let fitting = |number, place: &str| format!("/fittings/{}/{place}", demo_fitting(number));
    vec![
        ("/".to_owned(), "Tonight"),
        ("/hang".to_owned(), "The wish"),
        ("/garments/01930000-0000-7000-8000-000000000211".to_owned(), "Save the garment"),
        ("/people".to_owned(), "Worn underneath"),
        ("/habits".to_owned(), "Left and right are evened by"),
        ("/account".to_owned(), "The workroom in one file"),
        (fitting(312, "mirror"), "pins read"),
        (fitting(315, "ring"), "Hem"),
        (fitting(301, "chalk"), "What every level will measure"),
        (fitting(315, "hem"), "What stands near"),
        (fitting(317, "check"), "What letting out could give"),
        (fitting(312, "share"), "must lose"),
        (fitting(312, "fit"), "A picture of girths"),
        (fitting(316, "copy"), "bust width"),
        (fitting(312, "compare"), "What is different"),
        (fitting(302, "history"), "fitting 1"),
        (fitting(302, "bench"), "Stop: all of this must be true first"),
    ]
}

async fn nothing_is_beyond(width: u32, height: u32) {
    let workroom = Workroom::demo();
    let browser = Browser::open_demo(&workroom.url, Screen::of(width, height)).await;
    let mut faults = Vec::new();
    for (path, words) in views() {
        browser.goto(&path).await;
        browser.see(words).await;
        let found = browser.run(BEYOND, json!([])).await;
        for fault in found.as_array().expect("a list").iter().filter_map(Value::as_str) {
            faults.push(format!("{path} at {width}: {fault}"));
        }
    }
    assert!(faults.is_empty(), "{}", faults.join("\n"));
}

#[tokio::test]
async fn on_the_narrowest_telephone_nothing_is_beyond_the_window_or_cut_off() {
    nothing_is_beyond(360, 740).await;
}

#[tokio::test]
async fn on_a_tablet_held_upright_nothing_is_beyond_the_window_or_cut_off() {
    nothing_is_beyond(768, 1024).await;
}

#[tokio::test]
async fn on_the_widest_screen_nothing_is_beyond_the_window_or_cut_off() {
    nothing_is_beyond(1920, 1080).await;
}
