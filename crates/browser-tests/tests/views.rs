//! Every view, at the desk and in one hand: nothing scrolls sideways, axe-core finds no fault, and
//! keys do what the help says.

use vemble_browser_tests::{Browser, DESK, PHONE, Screen, Workroom, demo_fitting};

/// Each view with words that stand on it only when it is there.
fn views() -> Vec<(String, &'static str)> {
    let at = |fitting, place: &str| format!("/fittings/{}/{place}", demo_fitting(fitting));
    vec![
        ("/".into(), "Free time against what is due"),
        ("/people".into(), "Worn underneath"),
        ("/habits".into(), "Left and right are evened by"),
        ("/hang".into(), "What shall change"),
        ("/garments/01930000-0000-7000-8000-000000000201".into(), "Save the garment"),
        (at(301, "mirror"), "11 pins read"),
        (at(301, "chalk"), "What every level will measure"),
        (at(304, "chalk"), "What every level will measure"),
        (at(312, "mirror"), "26 pins read"),
        (at(312, "chalk"), "What every level will measure"),
        (at(317, "check"), "What letting out could give"),
        (at(312, "share"), "must lose in all"),
        (at(312, "fit"), "A picture of girths"),
        (at(316, "copy"), "Lay the favourite flat"),
        (at(312, "compare"), "What is different"),
        (at(318, "ring"), "8 places read"),
        (at(319, "ring"), "6 places read"),
        (at(318, "hem"), "Chalk table, all round"),
        (at(319, "hem"), "Chalk table, left"),
        (at(315, "hem"), "What stands near"),
        (at(322, "hem"), "At the waist"),
        (at(301, "hem"), "stays as it is"),
        (at(312, "history"), "Each change of this garment"),
        (at(302, "bench"), "Stop: all of this must be true first"),
        ("/nowhere".into(), "nothing at this address"),
    ]
}

async fn look_at_all(screen: Screen) {
    let workroom = Workroom::demo();
    let door = Browser::open(&workroom.url, screen).await;
    door.see("Open the demo workroom").await;
    let mut faults = door.faults().await;
    drop(door);
    let browser = Browser::open_demo(&workroom.url, screen).await;
    for (path, words) in views() {
        browser.goto(&path).await;
        browser.see(words).await;
        assert!(!browser.scrolls_sideways().await, "{path} scrolls sideways");
        faults.extend(browser.faults().await.into_iter().map(|fault| format!("{path}: {fault}")));
    }
    assert!(faults.is_empty(), "{}", faults.join("\n"));
}

#[tokio::test]
async fn no_view_has_a_fault_at_the_desk() {
    look_at_all(DESK).await;
}

#[tokio::test]
async fn no_view_has_a_fault_in_one_hand() {
    look_at_all(PHONE).await;
}

#[tokio::test]
async fn a_pin_is_read_with_one_thumb() {
    let workroom = Workroom::demo();
    let browser = Browser::open_demo(&workroom.url, PHONE).await;
    browser.goto(&format!("/fittings/{}/mirror", demo_fitting(301))).await;
    browser.see("11 pins read").await;
    // The path takes the switch's room; it stands in the account's list.
    browser.press("Account").await;
    browser.press_at(".ant-dropdown-menu-item[data-menu-id$='tape in8']").await;
    browser.press("Back").await;
    for key in ["1", "5", "½", "then depth", "⅜", "Take pin"] {
        browser.press(key).await;
    }
    browser.see("12 pins read").await;
    browser.see_in("[data-testid=pin]", "3/8").await;
    browser.see_saved().await;
}

#[tokio::test]
async fn an_empty_rail_says_where_to_begin() {
    let workroom = Workroom::empty();
    let browser = Browser::open(&workroom.url, DESK).await;
    browser.press("New workroom").await;
    browser.fill("Address", "tam@example.org").await;
    browser.fill("Password", "chalk, tape and time").await;
    browser.press("Open a new workroom").await;
    browser.see("The rail is empty").await;
    let faults = browser.faults().await;
    assert!(faults.is_empty(), "{}", faults.join("\n"));
    browser.press("Hang the first garment").await;
    browser.fill("What you call it", "Stage trousers").await;
    browser.press("Hang it on the rail").await;
    // A garment nobody has measured hangs there and says so.
    browser.see("Measure it flat").await;
    browser.see("Stage trousers").await;
}

#[tokio::test]
async fn a_line_that_cannot_be_drawn_is_settled_with_one_press() {
    let workroom = Workroom::demo();
    let browser = Browser::open_demo(&workroom.url, DESK).await;
    browser.goto(&format!("/fittings/{}/mirror", demo_fitting(301))).await;
    browser.see("11 pins read").await;
    // Deep beside a pin that says nothing moves: no ruler bends like that.
    browser.keys("l620\n0\n").await;
    browser.keys("r620\n0\n").await;
    browser.keys("l680\n26\n").await;
    browser.keys("r680\n26\n").await;
    browser.see("15 pins read").await;
    browser.press("Chalk").await;
    browser.see_in("[data-testid=refusal]", "cannot be drawn").await;
    browser.press_at("[data-testid=refusal] button:last-of-type").await;
    browser
        .until("a line", || async {
            browser.texts("[data-testid=refusal]").await.is_empty()
                && !browser.table("[data-testid=chalk-table-centre]").await.is_empty()
        })
        .await;
    browser.see_saved().await;
}

#[tokio::test]
async fn the_keys_of_a_place_are_told() {
    let workroom = Workroom::demo();
    let browser = Browser::open_demo(&workroom.url, DESK).await;
    browser.goto(&format!("/fittings/{}/bench", demo_fitting(302))).await;
    browser.see("Work order").await;
    let standing = browser.text("article h1").await;
    browser.key_on_page("ArrowUp").await;
    browser.until("the step before", || async { browser.text("article h1").await != standing }).await;
    browser.key_on_page("?").await;
    browser.see("tick the step").await;
}

#[tokio::test]
async fn a_garment_and_a_wearer_are_taken_away_only_after_asking() {
    let workroom = Workroom::demo();
    let browser = Browser::open_demo(&workroom.url, DESK).await;
    let hanging = browser.texts("[data-testid=hanging]").await.len();
    browser.goto("/garments/01930000-0000-7000-8000-000000000203").await;
    browser.press("Take it off the rail for good").await;
    browser.press("Keep it").await;
    browser.press("Take it off the rail for good").await;
    browser.press("Yes, take it away").await;
    browser.see("On the rail").await;
    browser
        .until("one garment less", || async {
            browser.texts("[data-testid=hanging]").await.len() == hanging - 1
        })
        .await;
    assert!(!browser.text("main").await.contains("Patched denims"));

    browser.goto("/people/01930000-0000-7000-8000-000000000102").await;
    browser.see_in("section h1", "Tam Brackley").await;
    browser.press("Take Tam Brackley away for good").await;
    browser.press("Yes, take it away").await;
    browser
        .until("nobody of that name", || async { !browser.text("main").await.contains("Tam Brackley") })
        .await;
    browser.goto("/").await;
    browser.see("no wearer yet").await;
}
