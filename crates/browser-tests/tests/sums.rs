//! Sums begin with what the garment in hand says, are drawn, and end where they belong: in its row of buttons, at its
//! hem, beside the step that needs them.

use serde_json::json;
use vemble_browser_tests::{Browser, DESK, Workroom};
use vemble_fit::Unit;
use vemble_fit::garment::{FeatureKind, HemName};
use vemble_fit::sums::{KnownSum, SumKind, SumPlace};

/// What the field of that name shows of what is known.
fn shown<'a>(known: &'a KnownSum, field: &str) -> &'a str {
    let number = known.numbers.iter().find(|number| number.field == field);
    number.map_or("", |number| number.shown.as_str())
}

async fn marks(browser: &Browser) -> u64 {
    let count = "return document.querySelectorAll('.sum-drawing .mark').length";
    browser.run(count, json!([])).await.as_u64().unwrap_or_default()
}

#[tokio::test]
async fn sums_of_a_fitting_begin_with_its_garment_and_are_kept_where_they_belong() {
    let workroom = Workroom::demo();
    let (browser, fitting) = Browser::open_fitting(&workroom.url, DESK, 315, "hem").await;
    browser.see("Chalk table, from edge to edge").await;
    let known = browser.solution(&fitting).await.known_sums;
    let buttons = known.iter().find(|known| known.sum == SumKind::Spacing).expect("its row of buttons");
    browser.key_on_page("=").await;
    browser.see(&buttons.words).await;
    for (label, field) in [("first at", "from"), ("last at", "to"), ("how many", "count")] {
        assert_eq!(browser.value(label).await, shown(buttons, field), "{label}");
    }
    // What is typed over it counts; the rest stays known.
    browser.fill("how many", "6").await;
    browser.see_in("[data-testid=sum-answer]", "6 places").await;
    browser.until("six marks", || async { marks(&browser).await == 6 }).await;
    assert_eq!(browser.value("first at").await, shown(buttons, "from"));
    assert!(browser.faults().await.is_empty());
    browser.press("Keep it at the row of buttons").await;
    browser.see("Kept at the row of buttons").await;

    // A strip round the hem needs only its width; it is kept at the hem, and stands beside the steps that sew it.
    let strip =
        |known: &&KnownSum| known.sum == SumKind::Bias && known.place == SumPlace::Hem { hem: HemName::Hem };
    let strip = known.iter().find(strip).expect("a strip");
    browser.press("Bias strips").await;
    browser.until("its length", || async { browser.value("edge").await == shown(strip, "length") }).await;
    browser.fill("strip cut wide", "40").await;
    browser.fill("What it is for", "binding the turn-up").await;
    browser.press("Keep it at the hem").await;
    browser.see("Kept at the hem").await;
    browser.see_saved().await;
    let kept = browser.job(&fitting).await.fitting.sums;
    let place_of = |note: &str| kept.iter().find(|sum| sum.note == note).and_then(|sum| sum.place);
    assert_eq!(place_of(""), Some(buttons.place));
    assert_eq!(place_of("binding the turn-up"), Some(SumPlace::Hem { hem: HemName::Hem }));

    browser.goto(&format!("/fittings/{fitting}/bench")).await;
    browser.see_in("[data-testid=kept-sums]", "binding the turn-up").await;
    let solution = browser.solution(&fitting).await;
    let needs =
        solution.sums.iter().find(|sum| sum.note == "binding the turn-up").expect("kept").steps.clone();
    let step = solution
        .plan
        .steps
        .iter()
        .position(|step| step.key == needs[0].as_str())
        .expect("a step that needs it");
    browser.press_at(&format!(".order li:nth-child({}) button", step + 1)).await;
    browser.see_in("[data-testid=step-sums]", "binding the turn-up").await;
    browser.see_in("[data-testid=step-sums]", "of strip, cut 40 mm wide").await;
    assert!(!browser.text("[data-testid=kept-sums]").await.contains("binding the turn-up"), "said once");
    let beside = browser.text("[data-testid=step-sums]").await;
    assert_eq!(beside.matches("of strip, cut 40 mm wide").count(), 1, "and its sentence too: {beside}");
}

#[tokio::test]
async fn a_spaced_row_goes_back_into_the_garment_it_was_taken_from() {
    let workroom = Workroom::demo();
    let (browser, fitting) = Browser::open_fitting(&workroom.url, DESK, 315, "hem").await;
    browser.see("Chalk table, from edge to edge").await;
    let row = |job: vemble_fit::Job| {
        let near = job.garment.shape.near_hems.into_iter();
        near.filter(|near| near.kind == FeatureKind::Buttons).collect::<Vec<_>>()
    };
    let [was] = row(browser.job(&fitting).await).try_into().expect("one row");
    browser.press_at("a.in-hand").await;
    browser.see("Save the garment").await;
    browser.press("Sums").await;
    browser.see("Put it in its row of buttons").await;
    // On its own sheet the row stands as it was measured, from the edge as it is.
    assert_eq!(browser.value("first at").await, format!("{} mm", was.from.mm()));
    let pinned = was.from.mm() + ((was.to.mm() - was.from.mm()) * 0.45).round();
    browser.fill("how many", "7").await;
    browser.fill("one has to stand at (if any)", &pinned.to_string()).await;
    browser.see_in("[data-testid=sum-answer]", "up to the pinned one").await;
    browser.press("Put it in its row of buttons").await;
    browser.see("Put in its row of buttons").await;
    browser.press("Close").await;
    browser.press("Save the garment").await;
    browser.until("the rail", || async { browser.path().await == "/" }).await;
    let [is] = row(browser.job(&fitting).await).try_into().expect("one row still");
    assert_eq!((is.from, is.to, is.count), (was.from, was.to, Some(7)));
    assert_eq!(is.pinned.map(|pinned| pinned.mm()), Some(pinned));
}

#[tokio::test]
async fn on_an_inch_tape_a_sum_begins_and_ends_in_inches() {
    let workroom = Workroom::demo();
    let (browser, fitting) = Browser::open_fitting(&workroom.url, DESK, 318, "mirror").await;
    browser.see("No pins read yet").await;
    browser.choose("Unit on the tape", "⅛ in").await;
    browser
        .until("the tape in eighths", || async { browser.text(".unit-switch").await.contains("in") })
        .await;
    browser
        .until("the habit kept", || async { browser.job(&fitting).await.habits.scale.unit == Unit::Inch })
        .await;
    let known = browser.solution(&fitting).await.known_sums;
    let pleats = known.iter().find(|known| known.sum == SumKind::Pleats).expect("pleats into its waist");
    assert!(shown(pleats, "finished").ends_with(" in"), "{pleats:?}");
    browser.key_on_page("=").await;
    browser.press("Pleats").await;
    browser
        .until("its waist", || async { browser.value("pleated width").await == shown(pleats, "finished") })
        .await;
    browser.fill("how many", "10").await;
    browser.see_in("[data-testid=sum-answer]", " in of cloth make ").await;
    assert!(!browser.text("[data-testid=sum-answer]").await.contains(" mm"));
}
