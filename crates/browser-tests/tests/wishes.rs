//! Every way a hem's length can be said, made level, or left uneven, and every sum, on the screen: what is
//! chosen stands in the file, and what is shown is the core's.

use vemble_browser_tests::{Browser, DESK, Workroom};
use vemble_fit::hem::{HemPlace, HemSolution, Landmark, Wanted};
use vemble_fit::sums::{ClearOf, SlitPlace, Sum, work_out};
use vemble_fit::{Habits, Length, LevelBy, LiningEdge, LiningHangs};

fn mm(value: i64) -> Length {
    Length::whole_mm(value)
}

/// Waits until the file says so.
async fn until_wanted(browser: &Browser, fitting: &str, wanted: Wanted) {
    browser
        .until(&format!("{wanted:?} in the file"), || async {
            browser.job(fitting).await.fitting.hems[0].wanted == wanted
        })
        .await;
    browser.see_saved().await;
}

/// The folds of the first side, as they stand in its table.
fn folds(hem: &HemSolution) -> Vec<String> {
    hem.sides[0].rows.iter().map(|row| row.shown[1].clone().unwrap_or_default()).collect()
}

async fn folds_are_the_cores(browser: &Browser, fitting: &str) -> HemSolution {
    let solved = browser.solution(fitting).await.hems.remove(0);
    let css = format!("[data-testid=hem-table-{}]", solved.sides[0].side.words());
    browser
        .until("the core's folds", || async {
            let shown: Vec<String> =
                browser.table(&css).await.into_iter().map(|row| row[2].clone()).collect();
            shown == folds(&solved)
        })
        .await;
    solved
}

#[tokio::test]
async fn a_length_is_said_from_the_edge_the_floor_the_body_another_garment_or_the_pins() {
    let workroom = Workroom::demo();
    let (browser, fitting) = Browser::open_fitting(&workroom.url, DESK, 318, "hem").await;
    browser.see("Chalk table, all round").await;
    let HemPlace { begins, .. } = browser.solution(&fitting).await.hem_places.remove(0);

    // Shorter than it is: begins with what it goes up already, so that nothing moves.
    let before = folds_are_the_cores(&browser, &fitting).await;
    browser.choose("The hem shall be", "shorter or longer").await;
    until_wanted(&browser, &fitting, begins.edge).await;
    assert!((folds_are_the_cores(&browser, &fitting).await.mean() - before.mean()).abs() < mm(1));
    browser.fill("shorter by (minus: longer)", "2 1/2 in").await;
    browser.keys("\n").await;
    until_wanted(&browser, &fitting, Wanted::Edge { shorten: Length::from_inch_fraction(5, 2) }).await;
    folds_are_the_cores(&browser, &fitting).await;

    // As long as another garment.
    browser.choose("The hem shall be", "as long as another garment").await;
    until_wanted(&browser, &fitting, begins.garment).await;
    browser.fill("the other garment's length", "61,5 cm").await;
    browser.keys("\n").await;
    until_wanted(&browser, &fitting, Wanted::Garment { length: mm(615) }).await;
    folds_are_the_cores(&browser, &fitting).await;

    // From the floor: begins with the highest reading, which needs no letting down.
    browser.choose("The hem shall be", "at a height above the floor").await;
    until_wanted(&browser, &fitting, begins.floor.expect("a skirt has a floor")).await;
    let level = folds_are_the_cores(&browser, &fitting).await;
    assert!(level.sides[0].take_up[0] >= mm(-4), "{:?}", level.sides[0].take_up);

    // Nonsense is refused in words, and what stood there stands.
    browser.fill("height above the floor", "nine feet").await;
    browser.keys("\n").await;
    browser.see("nine feet").await;
    assert_eq!(Some(browser.job(&fitting).await.fitting.hems[0].wanted), begins.floor);

    // At a place of the body, in the shoes that are worn.
    browser.choose("The hem shall be", "at a place of the body").await;
    until_wanted(&browser, &fitting, begins.landmark).await;
    browser.choose("Place of the body", "the fingertips").await;
    browser.fill("below it (minus: above)", "40").await;
    browser.keys("\n").await;
    until_wanted(&browser, &fitting, Wanted::Landmark { landmark: Landmark::Fingertip, below: mm(40) }).await;

    // Where it is pinned: nothing is pinned on this one, which is said.
    browser.choose("The hem shall be", "where it is pinned").await;
    until_wanted(&browser, &fitting, Wanted::Pins).await;
    let waits = browser.solution(&fitting).await.hems.remove(0).waits.expect("it waits for pins");
    browser.see(&waits).await;
}

#[tokio::test]
async fn a_hem_is_made_level_by_any_school_or_left_uneven_on_purpose() {
    let workroom = Workroom::demo();
    let (browser, fitting) = Browser::open_fitting(&workroom.url, DESK, 318, "hem").await;
    browser.see("Chalk table, all round").await;
    for (school, level_by) in
        [("by one amount", LevelBy::Even), ("hung up", LevelBy::Hung), ("from the floor", LevelBy::Floor)]
    {
        browser.choose("Made level", school).await;
        browser
            .until(&format!("{school} in the file"), || async {
                browser.job(&fitting).await.fitting.hems[0].level_by == Some(level_by)
            })
            .await;
        let solved = folds_are_the_cores(&browser, &fitting).await;
        let [least, _, most] = solved.sides[0].take_up;
        assert_eq!(most - least < mm(1), level_by == LevelBy::Even, "{school}: {least:?} to {most:?}");
    }
    let begins = browser.solution(&fitting).await.hem_places.remove(0).begins;
    browser.press_at(".ant-checkbox-input").await;
    browser
        .until("uneven in the file", || async {
            browser.job(&fitting).await.fitting.hems[0].high_low == begins.high_low
        })
        .await;
    browser.fill("back longer by", "70").await;
    browser.keys("\n").await;
    browser
        .until("70 in the file", || async {
            browser.job(&fitting).await.fitting.hems[0].high_low.is_some_and(|uneven| uneven.back == mm(70))
        })
        .await;
    let solved = folds_are_the_cores(&browser, &fitting).await;
    let up = |at: f64| solved.sides[0].rows.iter().find(|row| row.at == at).expect("a row").fold;
    assert!(up(0.0) - up(180.0) > mm(80), "front {:?}, back {:?}", up(0.0), up(180.0));
}

#[tokio::test]
async fn a_lining_hangs_and_ends_as_it_is_chosen() {
    let workroom = Workroom::demo();
    let (browser, fitting) = Browser::open_fitting(&workroom.url, DESK, 315, "hem").await;
    browser.see("Chalk table, from edge to edge").await;
    for (words, hangs) in [
        ("left free", LiningHangs::Free),
        ("hemmed by itself", LiningHangs::Caught),
        ("attached", LiningHangs::Attached),
    ] {
        browser.choose("The lining", words).await;
        browser
            .until(&format!("{words} in the file"), || async {
                browser.job(&fitting).await.fitting.hems[0].lining.hangs == Some(hangs)
            })
            .await;
        for edge in [LiningEdge::Cut, LiningEdge::Folded] {
            browser.choose("Its edge", if edge == LiningEdge::Cut { "cut" } else { "folded" }).await;
            browser
                .until(&format!("{edge:?} in the file"), || async {
                    browser.job(&fitting).await.fitting.hems[0].lining.edge == Some(edge)
                })
                .await;
            let solved = browser.solution(&fitting).await.hems.remove(0);
            for says in &solved.lining.expect("a lining").words {
                browser.see_in("[data-testid=hem-lining]", says).await;
            }
        }
    }
}

#[tokio::test]
async fn every_sum_on_the_screen_is_the_cores_line_by_line() {
    let workroom = Workroom::demo();
    let browser = Browser::open_demo(&workroom.url, DESK).await;
    browser.key_on_page("=").await;
    browser.see("buttons, eyelets, belt loops, hooks").await;
    /// What it is called, what is typed into which field, and what that is.
    type Typed = (&'static str, Vec<(&'static str, &'static str)>, Sum);
    let sums: Vec<Typed> = vec![
        (
            "Even spacing",
            vec![
                ("first at", "20"),
                ("last at", "42 cm"),
                ("how many", "6"),
                ("none may stand at", "180"),
                ("keep off by", "15"),
            ],
            Sum::Spacing {
                from: mm(20),
                to: mm(420),
                count: 6,
                pinned: None,
                clear: Some(ClearOf { at: mm(180), by: mm(15) }),
            },
        ),
        (
            "Elastic",
            vec![("segments, with a semicolon between", "200; 15 cm; 180"), ("has to lose", "60")],
            Sum::Elastic { spans: vec![mm(200), mm(150), mm(180)], gap: mm(60) },
        ),
        (
            "Pleats",
            vec![("pleated width", "720"), ("how many", "12"), ("depth of each", "2,5 cm")],
            Sum::Pleats { finished: mm(720), count: 12, depth: mm(25) },
        ),
        (
            "Slit",
            vec![
                ("width it is cut into", "500"),
                ("darts and seams from its left end", "120; 380"),
                ("open at the hem", "60"),
                ("height", "150"),
            ],
            Sum::Slit {
                across: mm(500),
                darts: vec![mm(120), mm(380)],
                place: SlitPlace::LeftHalf,
                opening: mm(60),
                height: mm(150),
            },
        ),
        (
            "Shrinking",
            vec![("shall measure", "95 cm"), ("swatch before", "200"), ("swatch after", "19 cm")],
            Sum::Shrink { wanted: mm(950), before: mm(200), after: mm(190) },
        ),
    ];
    for (name, fields, sum) in sums {
        browser.press(name).await;
        for (label, text) in fields {
            let optional = format!("{label} (if any)");
            let label =
                if ["none may", "keep off", "darts and"].iter().any(|begins| label.starts_with(begins)) {
                    &optional
                } else {
                    label
                };
            browser.fill(label, text).await;
        }
        let answer = work_out(&sum, &Habits::default()).expect("a sum");
        browser.see_in("[data-testid=sum-answer]", &answer.words).await;
        let rows: Vec<Vec<String>> = answer.rows.into_iter().map(|row| vec![row.words, row.shown]).collect();
        browser
            .until(&format!("the rows of {name}"), || async {
                browser.table("[data-testid=sum-answer]").await == rows
            })
            .await;
    }
}
