//! Pins on the drawing at the mirror: nudged by the marks of the tape with the arrow keys, and dragged along their seam.

use serde_json::json;
use vemble_browser_tests::{Browser, DESK, Workroom};
use vemble_fit::{Pin, SeamName, Side};

const UP: &str = "\u{E013}";
const DOWN: &str = "\u{E015}";

/// The pin as it is kept.
async fn kept(browser: &Browser, fitting: &str, id: &str) -> Pin {
    let pins = browser.job(fitting).await.fitting.pins;
    pins.into_iter().find(|pin| pin.id == id).expect("the pin")
}

/// Where the middle of the pin's head is on the screen, by what the pin says.
async fn head(browser: &Browser, words: &str) -> [f64; 2] {
    let at = "const pin = [...document.querySelectorAll('.figure-pin')].find(each => each.ariaLabel === arguments[0]); \
        const box = pin.querySelector('.head').getBoundingClientRect(); \
        return [box.x + box.width / 2, box.y + box.height / 2]";
    serde_json::from_value(browser.run(at, json!([words])).await).expect("a place")
}

/// What the drawing says of the left pins of a seam, from the lowest up, with their ids.
async fn left_pins(browser: &Browser, fitting: &str, seam: SeamName) -> Vec<(String, String)> {
    let solution = browser.solution(fitting).await;
    let seam = solution.seams.into_iter().find(|each| each.seam == seam).expect("the seam");
    let left = seam.pins.into_iter().filter(|pin| pin.side == Side::Left);
    left.map(|pin| (pin.id, format!("Pin in the {}, left: {} at {}", seam.words, pin.shown[1], pin.shown[0])))
        .collect()
}

#[tokio::test]
async fn arrow_keys_nudge_a_pin_by_the_marks_of_the_tape_and_undo_takes_it_back() {
    let workroom = Workroom::demo();
    let (browser, fitting) = Browser::open_fitting(&workroom.url, DESK, 301, "mirror").await;
    browser.see("pins read").await;
    let pins = left_pins(&browser, &fitting, SeamName::Outseam).await;
    let (id, words) = &pins[pins.len() / 2];
    let before = kept(&browser, &fitting, id).await;
    let focus =
        "[...document.querySelectorAll('.figure-pin')].find(each => each.ariaLabel === arguments[0]).focus()";
    browser.run(focus, json!([words])).await;
    browser.keys(&UP.repeat(3)).await;
    let moved = |mm: f64| {
        let (browser, fitting, before) = (&browser, &fitting, &before);
        async move {
            let now = kept(browser, fitting, id).await;
            let away = (now.station - before.station).mm().abs();
            (away - mm).abs() < 1e-6 && now.reading == before.reading
        }
    };
    browser.until("three marks away", || moved(3.0)).await;
    // The focus stays with the pin, so that the next key is its own.
    browser.keys(DOWN).await;
    browser.until("two marks away", || moved(2.0)).await;
    browser.press("Undo").await;
    browser.until("three again", || moved(3.0)).await;
    browser.press("Undo").await;
    browser.until("where it was", || moved(0.0)).await;
}

#[tokio::test]
async fn a_pin_is_dragged_along_its_seam_and_nowhere_else() {
    let workroom = Workroom::demo();
    let (browser, fitting) = Browser::open_fitting(&workroom.url, DESK, 301, "mirror").await;
    browser.see("pins read").await;
    let pins = left_pins(&browser, &fitting, SeamName::Outseam).await;
    let [(id, words), (_, other)] = [&pins[pins.len() - 2], &pins[pins.len() - 1]];
    let before = kept(&browser, &fitting, id).await;
    let [from, to] = [head(&browser, words).await, head(&browser, other).await];
    let stations = |solution: vemble_fit::Solution| {
        let seam = solution.seams.into_iter().find(|each| each.seam == SeamName::Outseam).expect("the seam");
        let left = seam.pins.into_iter().filter(|pin| pin.side == Side::Left);
        left.map(|pin| (pin.id, pin.station.mm())).collect::<Vec<_>>()
    };
    let was = stations(browser.solution(&fitting).await);
    // Dragged beside its seam, it still goes along it: half the way to its neighbour.
    let halfway = [(from[0] + to[0]) / 2.0 - 12.0, (from[1] + to[1]) / 2.0];
    browser.drag(from, halfway).await;
    browser
        .until("it stands elsewhere", || async {
            kept(&browser, &fitting, id).await.station != before.station
        })
        .await;
    let now = stations(browser.solution(&fitting).await);
    let at = |of: &[(String, f64)], id: &str| of.iter().find(|each| each.0 == id).expect("a pin").1;
    let last = &pins[pins.len() - 1].0;
    let share = (at(&now, id) - at(&was, id)) / (at(&was, last) - at(&was, id));
    assert!((0.3..0.7).contains(&share), "{share} of the way");
    for (each, station) in &was {
        assert!(each == id || (at(&now, each) - station).abs() < 1e-6, "{each} stays");
    }
    // A touch picks its seam and moves nothing.
    let solution = browser.solution(&fitting).await;
    let seam = solution.seams.iter().find(|each| each.seam == SeamName::CentreBack).expect("the seam");
    let pin = &seam.pins[0];
    let there =
        head(&browser, &format!("Pin in the {}: {} at {}", seam.words, pin.shown[1], pin.shown[0])).await;
    let picked = async || browser.text(".seam-key[aria-pressed=true]").await;
    assert!(!picked().await.contains("centre back"));
    browser.drag(there, there).await;
    browser.until("its seam is picked", || async { picked().await.contains("centre back") }).await;
    assert_eq!(browser.solution(&fitting).await.seams, solution.seams);
}
