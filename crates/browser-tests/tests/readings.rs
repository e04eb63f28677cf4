//! Readings as they are typed, and readings that were not taken, on the screen.

use vemble_browser_tests::{Browser, DESK, PHONE, Workroom};
use vemble_fit::{SeamName, Side};

#[tokio::test]
async fn what_could_be_meant_in_two_ways_is_asked_back_with_a_button_for_each() {
    let workroom = Workroom::demo();
    let (browser, fitting) = Browser::open_fitting(&workroom.url, DESK, 316, "mirror").await;
    browser.see("pins read").await;
    let before = browser.job(&fitting).await.fitting.pins.len();
    browser.press_at("input[name=station]").await;
    browser.keys("s205\n11/2\n").await;
    browser.see_in("[data-testid=echo]", "was 1 1/2 in or 5 1/2 in meant?").await;
    assert_eq!(browser.job(&fitting).await.fitting.pins.len(), before, "nothing was guessed");
    browser.press("1 1/2 in").await;
    browser.keys("\n").await;
    browser.see_in("[data-testid=echo]", "38 mm from the seam").await;
    // A bare fraction is inches on every tape, and is said to be.
    browser.keys("305\n5/8\n").await;
    browser.see_in("[data-testid=echo]", "5/8 read as inches: 16 mm from the seam").await;
    browser.see_saved().await;
    assert!(browser.faults().await.is_empty());
}

#[tokio::test]
async fn a_reading_that_was_not_taken_is_one_press_away() {
    for (screen, seam) in [(DESK, "sl"), (PHONE, "")] {
        let workroom = Workroom::demo();
        let (browser, fitting) = Browser::open_fitting(&workroom.url, screen, 316, "mirror").await;
        browser.see_in("[data-testid=echo]", "").await;
        let solution = browser.solution(&fitting).await;
        let side = solution.seams.iter().find(|seam| seam.seam == SeamName::Side).expect("a side seam");
        let right = side.pins.iter().filter(|pin| pin.side == Side::Right).map(|pin| pin.station);
        let highest = right.max().expect("read on the right");
        let station = (highest.mm() + 50.0).round();
        assert!(station < side.length.mm(), "so far above the highest pin that it has no partner there");
        browser.press_at("input[name=station]").await;
        browser.keys(&format!("{seam}{station:.0}\n9\n")).await;
        browser.see_in("[data-testid=echo]", "9 mm from the seam").await;
        browser.see_saved().await;
        browser.goto(&format!("/fittings/{fitting}/chalk")).await;
        let words = format!("Read the right side seam at {station:.0} mm from the hem");
        browser.see_in("[data-testid=warnings]", &words).await;
        browser.press(&words).await;
        browser
            .until("the place stands there, the depth is waited for", || async {
                let script = "const s = document.querySelector('input[name=station]'); return [s?.value, document.activeElement?.name].join()";
                let said = browser.run(script, serde_json::Value::Null).await;
                said.as_str() == Some(&format!("{station:.0},reading"))
            })
            .await;
        let seen = "const box = document.activeElement.getBoundingClientRect(); return box.top >= 0 && box.bottom <= innerHeight";
        assert_eq!(browser.run(seen, serde_json::Value::Null).await, true, "the field is in sight");
        browser.keys("8\n").await;
        browser.see_in("[data-testid=echo]", "8 mm from the seam").await;
        browser.see_saved().await;
        browser
            .until("both sides read there", || async {
                let solution = browser.solution(&fitting).await;
                let side = solution.seams.iter().find(|seam| seam.seam == SeamName::Side).expect("it");
                let evening = side.evening.as_ref().expect("two sides");
                evening.stations.iter().any(|row| row.left == Some(9.0) && row.right == Some(8.0))
                    && solution.warnings.iter().all(|warning| warning.code != "evening.not_read")
            })
            .await;
        assert!(!browser.scrolls_sideways().await);
    }
}

#[tokio::test]
async fn what_a_line_does_where_nobody_pinned_is_said_with_a_button_for_each_way() {
    for screen in [DESK, PHONE] {
        let workroom = Workroom::demo();
        // Pinned eight deep at the hip of a pair of trousers, up to a hand's width under their band.
        let (browser, fitting) = Browser::open_fitting(&workroom.url, screen, 305, "chalk").await;
        browser.see_in("[data-testid=warnings]", "Nobody pinned the last").await;
        let waist = async || browser.solution(&fitting).await.levels[0].girth.change().mm();
        let before = waist().await;
        assert!(before < -10.0, "{before}");
        let faults = browser.faults().await;
        assert!(faults.is_empty(), "{faults:?}");
        let ways = browser.texts(".ways button").await;
        let leave =
            ways.iter().find(|words| words.ends_with("and leave the band")).expect("a way past the band");
        browser.press(leave).await;
        browser.see_saved().await;
        browser.until("the waist stays as it was", || async { waist().await.abs() < 0.5 }).await;
        browser
            .until("nothing is left to be said of it", || async {
                !browser.text("main").await.contains("Nobody pinned the last")
            })
            .await;
        // It is taken back like any other change.
        browser.press("Undo").await;
        browser.see_in("[data-testid=warnings]", "Nobody pinned the last").await;
        browser.until("as before", || async { (waist().await - before).abs() < 1e-6 }).await;
        assert!(!browser.scrolls_sideways().await);
    }
}
