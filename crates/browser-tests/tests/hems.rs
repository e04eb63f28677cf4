//! Hems on the screen: what is read, chosen and shown there is what the core computes from the downloaded
//! job file.

use serde_json::json;
use vemble_browser_tests::{Browser, DESK, PHONE, Workroom, demo_fitting};
use vemble_fit::hem::{HemKind, HemSolution, UncutWay, Wanted};
use vemble_fit::{Job, Length, Side};

async fn hem(browser: &Browser, fitting: &str) -> HemSolution {
    browser.solution(fitting).await.hems.into_iter().next().expect("a hem")
}

/// The chalk table of one side on the screen is the core's, cell by cell.
async fn table_is_the_cores(browser: &Browser, solved: &HemSolution) {
    for side in &solved.sides {
        let css = format!("[data-testid=hem-table-{}]", side.side.words());
        let wanted: Vec<Vec<String>> = side
            .rows
            .iter()
            .map(|row| {
                // Without a cut line the table has neither it nor a strip.
                let kept =
                    row.shown.iter().enumerate().filter(|(i, _)| row.cut.is_some() || !(2..4).contains(i));
                let cells = kept.map(|(_, cell)| cell.clone().unwrap_or_default());
                std::iter::once(row.words.clone()).chain(cells).collect()
            })
            .collect();
        browser
            .until(&format!("the core's table in {css}"), || async { browser.table(&css).await == wanted })
            .await;
    }
}

#[tokio::test]
async fn a_flared_skirt_is_read_from_the_floor_round_its_hem() {
    let workroom = Workroom::demo();
    let (browser, fitting) = Browser::open_fitting(&workroom.url, DESK, 318, "ring").await;
    browser.see("8 places read").await;
    // In turning order from the centre front; Enter goes on to the next place by itself.
    let read = ["391", "386", "38,2 cm", "15 in", "372", "376", "385", "389"];
    for (i, reading) in read.into_iter().enumerate() {
        browser.until("the field", || async { browser.value("hem-reading").await.is_empty() }).await;
        browser.fill("hem-reading", reading).await;
        browser.keys("\n").await;
        if i == 0 {
            browser.see_in("[data-testid=hem-at]", "left front").await;
        }
    }
    browser.see_saved().await;
    let first = |job: &Job| job.fitting.hems[0].readings.clone();
    browser
        .until("eight readings in the file", || async {
            first(&browser.job(&fitting).await).iter().map(|each| each.length.mm().round()).sum::<f64>()
                == 3062.0
        })
        .await;
    let kept = browser.job(&fitting).await;
    assert_eq!(kept.fitting.hems[0].readings.len(), 8, "a place read again is read anew");
    assert_eq!(kept.fitting.hems[0].readings[3].length, Length::from_inch_fraction(15, 1));

    browser.goto(&format!("/fittings/{fitting}/hem")).await;
    browser.see("Chalk table, all round").await;
    let solved = hem(&browser, &fitting).await;
    table_is_the_cores(&browser, &solved).await;
    let turned = solved.sides[0].turn_up.as_ref().expect("a turn-up");
    browser.see_in("[data-testid=hem-turn-up]", &turned.words[0]).await;

    // A wide turn-up does not lie on a flare: it is refused, and settled with one press.
    browser.choose("Sewn as", "deep hem by hand").await;
    browser.see_in("[data-testid=hem-refused]", "too full").await;
    browser.press_at("[data-testid=hem-refused] button").await;
    browser.see_saved().await;
    browser
        .until("a hem that lies", || async { browser.texts("[data-testid=hem-refused]").await.is_empty() })
        .await;
    let solved = hem(&browser, &fitting).await;
    assert_eq!((solved.kind, &solved.refused), (HemKind::SingleFold, &None));
    table_is_the_cores(&browser, &solved).await;

    // Wanted another way: ten lower, typed in centimetres.
    browser.fill("height above the floor", "42 cm").await;
    browser.keys("\n").await;
    browser.see_saved().await;
    browser
        .until("420 in the file", || async {
            browser.job(&fitting).await.fitting.hems[0].wanted
                == Wanted::Floor { height: Length::whole_mm(420) }
        })
        .await;
    table_is_the_cores(&browser, &hem(&browser, &fitting).await).await;
}

#[tokio::test]
async fn uneven_legs_keep_their_original_hems_each_or_alike() {
    let workroom = Workroom::demo();
    let (browser, fitting) = Browser::open_fitting(&workroom.url, DESK, 319, "hem").await;
    browser.see("Chalk table, left").await;
    let solved = hem(&browser, &fitting).await;
    assert_eq!(solved.sides.len(), 2);
    table_is_the_cores(&browser, &solved).await;
    for side in &solved.sides {
        let tuck = side.tuck.as_ref().expect("a tuck");
        let css = format!("[data-testid=hem-tuck-{}]", side.side.words());
        for words in &tuck.words {
            browser.see_in(&css, words).await;
        }
    }
    browser.see_in("[data-testid=hem-pair]", solved.pair_words.as_deref().expect("words")).await;
    browser.choose("Both legs", "alike, at the mean").await;
    browser.see("Chalk table, both alike").await;
    browser.see_saved().await;
    let even = hem(&browser, &fitting).await;
    assert_eq!(even.sides[0].side, Side::Centre);
    table_is_the_cores(&browser, &even).await;
    browser.press("Undo").await;
    browser.see("Chalk table, left").await;

    // At the bench nothing is trimmed before it was looked at rolled down.
    browser.goto(&format!("/fittings/{fitting}/bench")).await;
    browser.see("Work order").await;
    let titles: Vec<String> =
        browser.solution(&fitting).await.plan.steps.into_iter().map(|step| step.title).collect();
    let order = browser.text("[aria-label='Work order']").await;
    assert!(titles.iter().all(|title| order.contains(title)), "{order}");
    browser.press_at("[aria-label='Work order'] li.stop button").await;
    browser.see("It was looked at rolled down, as it is worn.").await;
}

#[tokio::test]
async fn a_lined_coat_with_a_vent_says_what_has_to_be_opened_first() {
    let workroom = Workroom::demo();
    let (browser, fitting) = Browser::open_fitting(&workroom.url, DESK, 315, "hem").await;
    browser.see("Chalk table, from edge to edge").await;
    let solved = hem(&browser, &fitting).await;
    table_is_the_cores(&browser, &solved).await;
    for near in &solved.sides[0].collisions {
        browser.see_in("[data-testid=hem-near]", &near.says).await;
    }
    let lining = solved.lining.as_ref().expect("a lining");
    for words in std::iter::once(lining.way_in).chain(lining.words.iter().map(String::as_str)) {
        browser.see_in("[data-testid=hem-lining]", words).await;
    }
    for mitre in &solved.mitres {
        browser.see_in("[data-testid=hem-mitres]", &mitre.words).await;
    }
    // Its buttonholes are cut, so no button is spaced anew; a sum that is kept goes to the bench.
    assert!(solved.sides[0].collisions.iter().all(|near| near.spaced.is_empty()));
    browser.see_in("[data-testid=hem-near]", "a hole cannot move").await;
    browser.key_on_page("=").await;
    browser.see("buttons, eyelets, belt loops, hooks").await;
    browser.press("Gathers").await;
    browser.press("something else").await;
    browser.fill("long edge", "900").await;
    browser.fill("short edge", "600").await;
    browser.see_in("[data-testid=sum-answer]", "1.50 to 1").await;
    browser.fill("What it is for", "front buttons").await;
    browser.press("Keep it with this fitting").await;
    browser.see("Kept with this fitting").await;
    browser.see_saved().await;
    browser.goto(&format!("/fittings/{fitting}/bench")).await;
    browser.see_in("[data-testid=kept-sums]", "front buttons").await;
    let kept = browser.solution(&fitting).await;
    browser.see_in("[data-testid=kept-sums]", &kept.sums[0].answer.words).await;
    let steps = &kept.plan.steps;
    let place = |key: &str| steps.iter().position(|step| step.key == key).expect("the step");
    assert!(place("open_lining_hem") < place("cut_hem") && place("press_hem") < place("sew_lining_hem"));

    // The sleeves are hems of their own.
    browser.goto(&format!("/fittings/{fitting}/hem")).await;
    browser.press("sleeve hem").await;
    browser.see("The sleeve hems").await;
    let sleeve = kept.hems[1].clone();
    table_is_the_cores(&browser, &sleeve).await;
}

#[tokio::test]
async fn a_knit_leg_stands_longer_until_it_is_washed() {
    let workroom = Workroom::demo();
    let (browser, fitting) = Browser::open_fitting(&workroom.url, DESK, 321, "hem").await;
    browser.see("a swatch lost 3.5 %").await;
    let before = hem(&browser, &fitting).await;
    table_is_the_cores(&browser, &before).await;
    assert!(
        browser.solution(&fitting).await.plan.step("wash").is_none(),
        "washed first, it would lose twice"
    );
    browser.goto("/garments/01930000-0000-7000-8000-000000000215").await;
    browser.press("Its cloth").await;
    browser.press("Washed and dried").await;
    browser.press("Save the garment").await;
    browser.see("On the rail").await;
    browser.goto(&format!("/fittings/{fitting}/hem")).await;
    browser.see("Chalk table, both alike").await;
    let after = hem(&browser, &fitting).await;
    assert!(after.mean() > before.mean());
    let outseam = |hem: &HemSolution| hem.sides[0].rows[2].finished.map(|length| length.mm().round());
    assert_eq!(outseam(&after), outseam(&before));
    table_is_the_cores(&browser, &after).await;
    browser.choose("Sewn as", "cover-stitched").await;
    browser.see_saved().await;
    browser.goto(&format!("/fittings/{fitting}/bench")).await;
    browser.see("Trim the turn-up to the stitching").await;
}

#[tokio::test]
async fn a_bordered_skirt_is_shortened_at_its_waist() {
    let workroom = Workroom::demo();
    let (browser, fitting) = Browser::open_fitting(&workroom.url, DESK, 322, "hem").await;
    browser.see("At the waist").await;
    let solved = hem(&browser, &fitting).await;
    let Some(UncutWay::Waist(waist)) = &solved.uncut else { panic!("at the waist") };
    let rows: Vec<Vec<String>> =
        waist.table.iter().map(|row| vec![row.words.clone(), row.shown.clone()]).collect();
    assert_eq!(browser.table("[data-testid=waist-table]").await, rows);
    for words in &waist.words {
        browser.see_in("[data-testid=hem-uncut]", words).await;
    }
    browser.choose("Shortened", "in a tuck").await;
    browser.see_in("[data-testid=hem-uncut]", "A tuck").await;
    browser.choose("Sewn as", "double fold, wide").await;
    browser.see_in("[data-testid=hem-near]", "it loses").await;
}

#[tokio::test]
async fn every_kind_of_hem_chosen_on_the_screen_shows_what_the_core_makes_of_it() {
    let workroom = Workroom::demo();
    let (browser, fitting) = Browser::open_fitting(&workroom.url, DESK, 318, "hem").await;
    browser.see("Chalk table, all round").await;
    let mut made = Vec::new();
    for kind in HemKind::ALL {
        browser.choose("Sewn as", kind.words()).await;
        browser
            .until(&format!("{} in the file", kind.words()), || async {
                browser.job(&fitting).await.fitting.hems[0].kind == Some(kind)
            })
            .await;
        browser.see_saved().await;
        let solved = hem(&browser, &fitting).await;
        assert_eq!(solved.kind, kind);
        if let Some(refused) = &solved.refused {
            browser.see_in("[data-testid=hem-refused]", refused).await;
            // A way out is offered with each refusal, and none of it is cut in the meantime.
            assert!(!solved.mends.is_empty(), "{kind:?}: {refused}");
            assert!(browser.solution(&fitting).await.plan.steps.iter().all(|step| step.stop.is_none()));
            continue;
        }
        made.push(kind);
        match &solved.uncut {
            Some(UncutWay::Waist(waist)) => {
                for words in &waist.words {
                    browser.see_in("[data-testid=hem-uncut]", words).await;
                }
            }
            Some(UncutWay::Tuck(tuck)) => {
                for words in &tuck.words {
                    browser.see_in("[data-testid=hem-uncut]", words).await;
                }
            }
            None => match &solved.sides[0].tuck {
                Some(tuck) => {
                    let css = format!("[data-testid=hem-tuck-{}]", solved.sides[0].side.words());
                    for words in &tuck.words {
                        browser.see_in(&css, words).await;
                    }
                }
                None => table_is_the_cores(&browser, &solved).await,
            },
        }
        assert!(!browser.scrolls_sideways().await, "{kind:?} scrolls sideways");
    }
    assert!(made.len() >= 6, "on a flared skirt these lie: {made:?}");
}

#[tokio::test]
async fn a_hem_is_read_with_one_thumb_and_nothing_is_lost_when_the_server_is_away() {
    let mut workroom = Workroom::demo();
    let (browser, fitting) = Browser::open_fitting(&workroom.url, PHONE, 319, "ring").await;
    browser.see("6 places read").await;
    for key in ["3", "7", ".", "5", "Take, turn on"] {
        browser.press(key).await;
    }
    browser.see_saved().await;
    browser
        .until("37.5 in the file", || async {
            browser.job(&fitting).await.fitting.hems[0]
                .readings
                .iter()
                .any(|each| each.length == Length::from_mm(37.5))
        })
        .await;
    browser.see_in("[data-testid=hem-at]", "front").await;
    // The power goes: what is typed waits here, and goes in by itself.
    workroom.kill();
    for key in ["4", "1", "Take, turn on"] {
        browser.press(key).await;
    }
    browser.see_in("[data-testid=echo]", "1 reading waits").await;
    workroom.start_again();
    browser
        .until("41 in the file", || async {
            browser.job(&fitting).await.fitting.hems[0]
                .readings
                .iter()
                .any(|each| each.length == Length::whole_mm(41))
        })
        .await;
    // What no hem can be is refused with what was read and what is allowed.
    for key in ["9", "9", "9", "9", "Take, turn on"] {
        browser.press(key).await;
    }
    browser.see_in("[data-testid=echo]", "it can be from -300 to 1500").await;
}

#[tokio::test]
async fn two_windows_read_different_places_and_both_are_kept() {
    let workroom = Workroom::demo();
    let (one, fitting) = Browser::open_fitting(&workroom.url, DESK, 318, "ring").await;
    let (other, _) = Browser::open_fitting(&workroom.url, DESK, 318, "ring").await;
    for browser in [&one, &other] {
        browser.see("8 places read").await;
    }
    one.press_at("[aria-label^='centre back']").await;
    one.fill("hem-reading", "366").await;
    one.keys("\n").await;
    one.see_in("[data-testid=echo]", "366 mm").await;
    one.see_saved().await;
    other.press_at("[aria-label^='left side']").await;
    other.fill("hem-reading", "383").await;
    other.keys("\n").await;
    // What was saved before says "Saved" too: the reading was taken when it is said back.
    other.see_in("[data-testid=echo]", "383 mm").await;
    other.see_saved().await;
    let readings = other.job(&fitting).await.fitting.hems[0].readings.clone();
    let has = |mm| readings.iter().any(|each| each.length == Length::whole_mm(mm));
    assert!(has(366) && has(383), "{readings:?}");
    assert_eq!(readings.len(), 8, "{readings:?}");
}

#[tokio::test]
async fn a_sum_is_worked_out_from_anywhere_and_refuses_what_cannot_be() {
    let workroom = Workroom::demo();
    let browser = Browser::open_demo(&workroom.url, DESK).await;
    browser.key_on_page("=").await;
    browser.see("buttons, eyelets, belt loops, hooks").await;
    browser.press("Gathers").await;
    browser.fill("long edge", "90 cm").await;
    browser.fill("short edge", "600").await;
    browser.see_in("[data-testid=sum-answer]", "1.50 to 1: soft gathers.").await;
    browser.fill("long edge", "500").await;
    browser.see("he long edge was read as 500; it can be from 600").await;
    browser.press("Bias strips").await;
    for (field, text) in [("edge", "1600"), ("strip cut wide", "30"), ("cloth wide", "1100")] {
        browser.fill(field, text).await;
    }
    browser.see_in("[data-testid=sum-answer]", "2 strips at 45°").await;
    assert!(!browser.scrolls_sideways().await);
}

#[tokio::test]
async fn lining_swatch_and_what_stands_near_are_entered_on_the_garments_sheet() {
    let workroom = Workroom::demo();
    let browser = Browser::open_demo(&workroom.url, DESK).await;
    let garment = "/garments/01930000-0000-7000-8000-000000000207";
    browser.goto(garment).await;
    browser.press("At the hems").await;
    browser.press("Something stands near a hem").await;
    browser.choose("What stands near the hem, 1", "pocket").await;
    browser.choose("Where round the hem, 1", "left front").await;
    browser.fill("near 0 from", "9 cm").await;
    browser.fill("near 0 to", "240").await;
    browser.press("Its cloth").await;
    browser.press("A swatch was washed").await;
    browser.fill("wash_before", "200").await;
    browser.fill("wash_after", "194").await;
    browser.press("Inside the seams").await;
    // One subject after the other.
    assert_eq!(subjects_in_sight(&browser).await, 1);
    browser.press("The allowance is clipped somewhere").await;
    browser.fill("clip 0 at", "150").await;
    browser.fill("clip 0 left", "4").await;
    browser.press("Save the garment").await;
    browser.see("On the rail").await;
    let kept = browser.job(&demo_fitting(318)).await.garment;
    let near = kept.shape.near_hems[0];
    assert_eq!((near.at, near.from, near.to), (Some(45.0), Length::whole_mm(90), Length::whole_mm(240)));
    assert_eq!(kept.wash_test.map(|test| test.after), Some(Length::whole_mm(194)));
    assert_eq!(kept.shape.clips[0].station, Length::whole_mm(150));
    // A pocket that ends below where it begins is refused where it stands, and nothing is saved.
    browser.goto(garment).await;
    browser.press("At the hems").await;
    // What could not be read stays in sight, whatever is looked at meanwhile.
    browser.fill("near 0 to", "much").await;
    browser.press("Its cloth").await;
    browser.until("both subjects", || async { subjects_in_sight(&browser).await == 2 }).await;
    browser.fill("near 0 to", "50").await;
    browser.press("Save the garment").await;
    browser.see("he upper end of a pocket was read below its lower end").await;
    let stands = browser.job(&demo_fitting(318)).await.garment.shape.near_hems[0].to;
    assert_eq!(json!(stands), json!(Length::whole_mm(240)));
}

/// How many of the subjects below the drawing of a garment's sheet are on the screen.
async fn subjects_in_sight(browser: &Browser) -> u64 {
    let script =
        "return [...document.querySelectorAll('.later-part')].filter(part => part.checkVisibility()).length";
    browser.run(script, json!([])).await.as_u64().expect("a number")
}
