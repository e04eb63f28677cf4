//! Every kind of garment on the screen: what is shared out, copied, let out, pictured and compared there
//! is what the core computes from the downloaded job file.

use serde_json::Value;
use vemble_browser_tests::{Browser, DESK, PHONE, Workroom, demo_fitting};
use vemble_fit::garment::{FlatName, LevelName};
use vemble_fit::{
    FitPicture, HouseRule, Job, Length, LineOutcome, SeamName, ShareRequest, compare, copy_from, fit_picture,
    share_out, solve,
};

fn mm(value: f64) -> Length {
    Length::from_mm(value)
}

fn cell(number: &Option<String>) -> String {
    number.clone().unwrap_or_default()
}

#[tokio::test]
async fn a_change_is_shared_out_chosen_and_undone_across_a_restart() {
    let mut workroom = Workroom::demo();
    let (browser, fitting) = Browser::open_fitting(&workroom.url, DESK, 312, "share").await;
    browser.choose("Level", "waist").await;
    browser.fill("must lose in all", "46").await;
    browser.press("Share it out").await;
    browser.see("Pin it like this").await;
    let pinned = browser.job(&fitting).await;
    let out = share_out(&pinned, ShareRequest { level: LevelName::Waist, lose: mm(46.0) }).expect("a share");
    let plans: Vec<_> = std::iter::once(&out.pinned).chain(&out.alternatives).collect();
    assert_eq!(browser.texts("[data-testid=plan]").await.len(), plans.len());
    for (i, plan) in plans.iter().enumerate() {
        let rows = browser.table(&format!("[data-testid=plan]:nth-child({})", i + 1)).await;
        for (row, part) in rows.iter().zip(&plan.parts) {
            assert_eq!(row[..], [part.words.clone(), part.shown[0].clone(), part.shown[1].clone()]);
        }
        let said = browser.text(&format!("[data-testid=plan]:nth-child({})", i + 1)).await;
        for words in &plan.consequences {
            assert!(said.contains(words), "{words} in {said}");
        }
    }
    browser.press_at("[data-testid=plan]:nth-child(2) button").await;
    browser.see_saved().await;
    browser
        .until("the plan's pins in the file", || async {
            let mut plan = pinned.fitting.clone();
            plan.pins.clone_from(&out.alternatives[0].pins);
            browser.job(&fitting).await.fitting.pins == plan.in_order().pins
        })
        .await;

    // The power goes; what was chosen stands, and can still be undone.
    workroom.kill();
    workroom.start_again();
    browser.reload().await;
    browser.see("Share a change out").await;
    browser.press("Undo").await;
    browser
        .until("the pins as they were", || async {
            browser.job(&fitting).await.fitting.pins == pinned.fitting.clone().in_order().pins
        })
        .await;
    browser.goto(&format!("/fittings/{fitting}/history")).await;
    browser.see_in("[data-testid=journal]", "took over a plan").await;
    browser.see_in("[data-testid=journal]", "taken back").await;
}

#[tokio::test]
async fn a_favourite_is_copied_seam_by_seam() {
    let workroom = Workroom::demo();
    let (browser, fitting) = Browser::open_fitting(&workroom.url, DESK, 316, "copy").await;
    browser.see("Lay the favourite flat").await;
    for (label, width) in [("bust width", "470"), ("waist width", "45,4 cm"), ("upper sleeve width", "166")] {
        browser.fill(label, width).await;
        browser.keys("\n").await;
    }
    browser.until("three levels", || async { browser.table("[data-testid=copy]").await.len() == 3 }).await;
    let kept = browser.job(&fitting).await;
    let favourite =
        [(FlatName::Bust, mm(470.0)), (FlatName::Waist, mm(454.0)), (FlatName::UpperArm, mm(166.0))].into();
    let plan = copy_from(&kept, &favourite).expect("a copy");
    for (row, solved) in browser.table("[data-testid=copy]").await.iter().zip(&plan.rows) {
        assert_eq!(row[0], solved.words);
        assert_eq!(row[1..4], solved.shown);
    }
    browser.press("Pin this garment like it").await;
    browser.see_saved().await;
    browser
        .until("its pins in the file", || async {
            let pins = browser.job(&fitting).await.fitting.pins;
            plan.pins.iter().all(|pin| pins.contains(pin))
        })
        .await;
}

#[tokio::test]
async fn lengths_armholes_and_letting_out_are_the_cores() {
    let workroom = Workroom::demo();
    let (browser, fitting) = Browser::open_fitting(&workroom.url, DESK, 317, "check").await;
    browser.see("What letting out could give").await;
    let solution = browser.solution(&fitting).await;
    let lengths = browser.table("[data-testid=lengths]").await;
    assert_eq!(lengths.len(), solution.lengths.len());
    for (row, solved) in lengths.iter().zip(&solution.lengths) {
        assert_eq!(row[0], solved.words);
        assert_eq!(row[1].trim_start_matches("≈ "), cell(&solved.shown[0]));
        assert_eq!(row[2..5], [1, 2, 3].map(|i| cell(&solved.shown[i])));
    }
    let gains = browser.table("[data-testid=gains]").await;
    for (row, solved) in gains.iter().zip(&solution.gains) {
        assert_eq!(
            row[2..5],
            [solved.shown.most.clone(), cell(&solved.shown.wanted), cell(&solved.shown.missing)]
        );
    }
    assert_eq!(browser.texts("[data-testid=armhole]").await, [solution.armholes[0].words.clone()]);
    let said: Vec<String> = solution.put_on.iter().map(|check| check.words.clone()).collect();
    assert_eq!(browser.texts("[data-testid=put-on] li").await, said);
    // It was fitted on a form, and the ease there is translated to the wearer.
    let on_form: Vec<_> = solution.levels.iter().filter(|row| row.on_form.is_some()).collect();
    let rows = browser.table("[data-testid=on-form]").await;
    assert!(rows.len() >= 3 && rows.len() == on_form.len());
    for (row, solved) in rows.iter().zip(on_form) {
        let form = solved.on_form.as_ref().expect("a form");
        assert_eq!(row[1..3], form.shown);
        assert_eq!(row[4], cell(&solved.shown.ease));
    }
}

#[tokio::test]
async fn letting_out_says_what_is_inside_and_what_is_missing() {
    let workroom = Workroom::demo();
    let (browser, fitting) = Browser::open_fitting(&workroom.url, DESK, 302, "check").await;
    browser.see("What letting out could give").await;
    let solution = browser.solution(&fitting).await;
    let waist = browser.table("[data-testid=gains]").await.remove(0);
    assert!(waist[1].contains("outseam: front 16, back 18"), "{waist:?}");
    assert_eq!(waist[2], solution.gains[0].shown.most);
    assert_ne!(waist[2], "0", "its seams were looked into");
}

#[tokio::test]
async fn the_fit_picture_says_the_girths_of_the_core() {
    let workroom = Workroom::demo();
    let (browser, fitting) = Browser::open_fitting(&workroom.url, DESK, 312, "fit").await;
    browser.see("A picture of girths, not of drape").await;
    let picture = fit_picture(&browser.job(&fitting).await).expect("a picture");
    // As it will be, as it came while the key is held, and as it will be again.
    says(&browser, &picture, 1).await;
    let held = |kind: &str| {
        format!("document.body.dispatchEvent(new KeyboardEvent('{kind}', {{ key: 'b', bubbles: true }}))")
    };
    browser.run(&held("keydown"), Value::Null).await;
    says(&browser, &picture, 0).await;
    browser.run(&held("keyup"), Value::Null).await;
    says(&browser, &picture, 1).await;
    browser.press("As it came").await;
    says(&browser, &picture, 0).await;
    // Every remark once.
    let page = browser.texts("main").await.join(" ");
    for note in &picture.notes {
        assert_eq!(page.matches(note.as_str()).count(), 1, "{note}");
    }
    let drawn = "return document.querySelectorAll('.fit-figures path[fill^=url]').length";
    let drawn = browser.run(drawn, Value::Null).await;
    let views = [picture.front.as_ref(), picture.side.as_ref()];
    let pieces: usize = views.into_iter().flatten().map(|view| view.before.len()).sum();
    assert_eq!(drawn, Value::from(pieces), "body and sleeves, from the front and from the side");
}

/// Every level says what the core says of it, before or after.
async fn says(browser: &Browser, picture: &FitPicture, which: usize) {
    let wanted: Vec<&String> = picture.rings.iter().map(|ring| &ring.said[which]).collect();
    browser
        .until("the rings", || async {
            let rows = browser.texts("[data-testid=rings] .ring-row").await;
            rows.len() == wanted.len()
                && rows.iter().zip(&wanted).all(|(row, said)| row.contains(said.as_str()))
        })
        .await;
    let rows = browser.texts("[data-testid=rings] .ring-row").await;
    for (row, ring) in rows.iter().zip(&picture.rings) {
        assert!(row.contains(&ring.ease[which]), "{} in {row}", ring.ease[which]);
    }
}

#[tokio::test]
async fn two_fittings_lie_over_each_other() {
    let workroom = Workroom::demo();
    let (browser, fitting) = Browser::open_fitting(&workroom.url, DESK, 312, "compare").await;
    browser.see("What is different").await;
    let (one, other) = (browser.job(&demo_fitting(311)).await, browser.job(&fitting).await);
    let compared = compare(&one, &other).expect("a comparison");
    let rows = browser.table("[data-testid=compared]").await;
    assert_eq!(rows.len(), compared.levels.len());
    for (row, solved) in rows.iter().zip(&compared.levels) {
        assert_eq!(
            row[1..4],
            [solved.shown.after[0].clone(), solved.shown.after[1].clone(), solved.shown.change.clone()]
        );
        assert_eq!(row[4..6], [cell(&solved.shown.ease[0]), cell(&solved.shown.ease[1])]);
    }
    assert_eq!(browser.texts("[data-testid=differences] li").await, compared.words);
    // And it is tried on again.
    browser.press("Try it on again: fitting 3").await;
    browser.see("No pins read yet").await;
}

#[tokio::test]
async fn a_dress_is_hung_in_the_order_of_the_tape() {
    let workroom = Workroom::demo();
    let browser = Browser::open_demo(&workroom.url, DESK).await;
    browser.press("Hang a garment").await;
    browser.press("princess dress").await;
    browser.fill("What you call it", "Copper stage dress").await;
    browser.choose("Who wears it", "Ines Pellow").await;
    // What cannot be drawn without comes first; from there on, tab alone goes down the garment.
    browser.press_at("input[name=bust]").await;
    let tape = [
        ("bust", "498"),
        ("side_length", "890"),
        ("neck", "20 cm"),
        ("shoulder", "396"),
        ("across_back", "348"),
        ("under_bust", "462"),
        ("waist", "420"),
        ("high_hip", "486"),
        ("hip", "540"),
        ("hem", "820"),
        ("underarm_to_waist", "204"),
        ("back_length", "1080"),
        ("upper_arm", "176"),
        ("elbow", "152"),
        ("wrist", "126"),
        ("sleeve_seam", "424"),
        ("sleeve_length", "55,6 cm"),
    ];
    for (name, width) in tape {
        let focused = browser.run("return document.activeElement.getAttribute('name')", Value::Null).await;
        assert_eq!(focused, Value::from(name), "tab follows the tape");
        browser.keys(&format!("{width}\t")).await;
    }
    browser
        .until("the drawing with nothing estimated", || async {
            let ghosts =
                "return [...document.querySelectorAll('.tape-field input')].filter(e => !e.value).length";
            browser.run(ghosts, Value::Null).await == 0 && !browser.text("main").await.contains("estimated")
        })
        .await;
    browser.press("Hang it on the rail").await;
    browser.see("On the rail").await;
    browser.see("Copper stage dress").await;
    // It is tried on: its seams can be picked by letter, and a sleeve says what it does.
    browser.run("[...document.querySelectorAll('[data-testid=hanging]')].find(e => e.innerText.includes('Copper')).click()", Value::Null).await;
    browser.see("No pins read yet").await;
    browser.keys("ul200\n6\n").await;
    browser.see_in("[data-testid=echo]", "makes that sleeve's elbow").await;
    browser.keys("sr700\n8\n").await;
    browser.see_in("[data-testid=echo]", "makes the waist").await;
    browser.see("2 pins read").await;
    browser.see_saved().await;
}

#[tokio::test]
async fn a_side_seam_goes_on_into_the_sleeve_in_one_line() {
    let workroom = Workroom::demo();
    let (browser, fitting) = Browser::open_fitting(&workroom.url, DESK, 313, "chalk").await;
    browser.see("carried on into the sleeve at the underarm").await;
    let solution = browser.solution(&fitting).await;
    for (key, name) in [("1", SeamName::Side), ("2", SeamName::SleeveUnderarm)] {
        browser.key_on_page(key).await;
        let seam = solution.seams.iter().find(|seam| seam.seam == name).expect("a line");
        let LineOutcome::Drawn(drawn) = &seam.lines[0].outcome else { panic!("drawn") };
        browser.see_in("[data-testid=chalk-table-centre]", &drawn.upper.words).await;
        let table = browser.table("[data-testid=chalk-table-centre]").await;
        assert_eq!(table.len(), drawn.table.rows.len());
        for (row, solved) in table.iter().zip(&drawn.table.rows) {
            assert_eq!(row[..2], [solved.shown.station.clone(), solved.shown.depth.clone()]);
        }
        let edges = browser.text("[data-testid=edge-lengths]").await;
        for edge in &drawn.edges {
            assert!(
                edges.contains(&format!("{} {}, along the old {}", edge.words, edge.shown[1], edge.shown[0])),
                "{edges}"
            );
        }
    }
    // Both change alike, so nothing is warned of; what they measure stands among the lengths.
    browser.goto(&format!("/fittings/{fitting}/check")).await;
    browser.see_in("[data-testid=armhole]", "The armhole goes from").await;
    browser.see_in("[data-testid=armhole]", "as is usual").await;
}

#[tokio::test]
async fn a_ladder_is_set_moved_and_read_again_and_each_stage_stays() {
    let workroom = Workroom::demo();
    let (browser, fitting) = Browser::open_fitting(&workroom.url, DESK, 316, "mirror").await;
    browser.see("pins read").await;
    browser.press("Set the ladder anew on the side seam").await;
    browser.see_saved().await;
    browser
        .until("a ladder", || async {
            browser.job(&fitting).await.fitting.pins.iter().filter(|pin| pin.planned.is_some()).count() >= 8
        })
        .await;
    let rung = browser
        .job(&fitting)
        .await
        .fitting
        .pins
        .into_iter()
        .filter(|pin| pin.seam == SeamName::Side && pin.side == vemble_fit::Side::Left)
        .nth(2)
        .expect("a rung");
    // A reading four beside it moves that pin; it does not become another.
    browser.press_at("input[name=station]").await;
    browser.keys(&format!("sl{:.0}\n13\n", rung.station.mm() + 4.0)).await;
    browser.see_in("[data-testid=echo]", "13 mm from the seam").await;
    browser.see_saved().await;
    browser
        .until("the pin moved", || async {
            browser
                .job(&fitting)
                .await
                .fitting
                .pins
                .iter()
                .any(|pin| pin.id == rung.id && pin.moved == Some(mm(13.0)) && pin.planned == rung.planned)
        })
        .await;
    browser.press("Chalk").await;
    browser.see_in("[data-testid=readings]", "moved 13").await;
    browser.press_at("[data-testid=readings] button[aria-label^='Depth 13']").await;
    browser.keys("12\n").await;
    browser.see_in("[data-testid=stages]", "read again").await;
    browser.see_saved().await;
    browser
        .until("all three stages", || async {
            browser.job(&fitting).await.fitting.pins.iter().any(|pin| {
                pin.id == rung.id && pin.reread && pin.reading == mm(12.0) && pin.moved == Some(mm(13.0))
            })
        })
        .await;
}

#[tokio::test]
async fn a_changed_habit_says_what_it_changed() {
    let workroom = Workroom::demo();
    let browser = Browser::open_demo(&workroom.url, DESK).await;
    browser.goto("/habits").await;
    browser.see("Ease from your own table").await;
    let before = browser.job(&demo_fitting(312)).await;
    browser.fill("ease at the bust", "58").await;
    browser.keys("\n").await;
    browser.see_in("[data-testid=effects]", "Green velvet princess dress").await;
    let after = browser.job(&demo_fitting(312)).await;
    assert_eq!(after.habits.ease.get(&LevelName::Bust), Some(&mm(58.0)));
    let said = vemble_fit::what_changed(
        &solve(&before).expect("a result"),
        &solve(&after).expect("a result"),
        after.habits.scale,
    );
    assert!(!said.is_empty());
    let shown = browser.text("[data-testid=effects]").await;
    for words in said {
        assert!(shown.contains(&words), "{words} in {shown}");
    }
    browser.press_at("input[aria-label^='seam laid on seam']").await;
    browser.see_in("[data-testid=effects]", "Done differently: “Mark every line on both layers”").await;
}

/// As a tape that sends readings does: the next field is filled the moment it has the focus, while the one
/// before it is still being read.
#[tokio::test]
async fn a_reading_entered_while_the_last_is_read_is_not_rubbed_out() {
    let workroom = Workroom::demo();
    let browser = Browser::open_demo(&workroom.url, DESK).await;
    browser.goto("/hang").await;
    browser.press("overalls").await;
    browser.see("underarm to waist").await;
    let script = r#"
const [readings, done] = arguments;
const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value").set;
const enter = (i) => {
  if (i === readings.length) return document.activeElement.blur(), done(true);
  const [name, text] = readings[i];
  const input = document.querySelector(`input[name=${name}]`);
  input.focus();
  set.call(input, text);
  input.dispatchEvent(new Event("input", { bubbles: true }));
  setTimeout(() => enter(i + 1), [0, 15, 30, 60][i % 4]);
};
enter(0);
"#;
    let readings = serde_json::json!([
        ["bust", "580"],
        ["waist", "528"],
        ["hip", "576"],
        ["thigh", "344"],
        ["knee", "256"],
        ["calf", "232"],
        ["hem", "220"],
        ["inseam", "744"],
        ["outseam", "1212"],
        ["neck", "190"],
        ["shoulder", "410"],
    ]);
    browser.run_async(script, serde_json::json!([readings])).await;
    browser.see_in(".minds", "estimated").await;
    for reading in readings.as_array().expect("readings") {
        let [name, text] = [&reading[0], &reading[1]].map(|part| part.as_str().expect("words").to_owned());
        browser
            .until(&format!("{text} in {name}"), || async {
                let value = format!("return document.querySelector('input[name={name}]').value");
                browser.run(&value, Value::Null).await.as_str() == Some(text.as_str())
            })
            .await;
    }
    // What is said while the last readings are worked out may still be of those before.
    browser
        .until("nothing that was entered is said to be missing", || async {
            let said = browser.text(".minds").await;
            let missing = |name: &&str| {
                said.contains(&format!("{name} were not")) || said.contains(&format!(" {name},"))
            };
            said.contains("estimated in the drawing")
                && !["bust", "hip width", "hem", "inseam", "outseam", "neck", "shoulder"].iter().any(missing)
        })
        .await;
    browser.fill("What you call it", "Painter overalls").await;
    browser.press("Hang it on the rail").await;
    browser.see("Painter overalls").await;
}

#[tokio::test]
async fn the_ends_of_a_line_are_chosen_by_hand() {
    let workroom = Workroom::demo();
    let (browser, fitting) = Browser::open_fitting(&workroom.url, DESK, 301, "chalk").await;
    browser.see("What every level will measure").await;
    browser.choose("Lower end", "lower end: fades out at").await;
    browser.fill("back on the old stitching, lower end", "48 cm").await;
    browser.keys("\n").await;
    browser.see_in("[data-testid=chalk-table-centre]", "Back on the old stitching 480 mm from the hem").await;
    browser.see_saved().await;
    let solution = browser.solution(&fitting).await;
    let LineOutcome::Drawn(drawn) = &solution.seams[0].lines[0].outcome else { panic!("drawn") };
    assert_eq!(drawn.lower.shown.as_deref(), Some("480"));
    let table = browser.table("[data-testid=chalk-table-centre]").await;
    assert_eq!(table[0][0], "480");
    browser.choose("Lower end", "lower end: as the house has it").await;
    browser
        .until("the house's own end", || async {
            browser.job(&fitting).await.fitting.ends.iter().all(|ends| ends.lower.is_none())
        })
        .await;
}

#[tokio::test]
async fn a_laced_back_and_how_close_it_is_worn_are_entered_and_kept() {
    let workroom = Workroom::demo();
    let browser = Browser::open_demo(&workroom.url, DESK).await;
    let fitting = demo_fitting(312);
    // The princess dress: laced at the back, its edges 4 cm apart at the waist as it is worn.
    browser.goto("/garments/01930000-0000-7000-8000-000000000208").await;
    browser.press("Inside the seams").await;
    browser.press("The back is laced").await;
    browser.fill("gap waist", "4 cm").await;
    browser.fill("lacing overlap", "30").await;
    browser.press("Save the garment").await;
    browser.see("On the rail").await;
    let laced = browser.job(&fitting).await;
    let lacing = laced.garment.shape.lacing.as_ref().expect("a lacing");
    assert_eq!((lacing.gaps[&LevelName::Waist], lacing.overlap), (mm(40.0), mm(30.0)));

    browser.goto(&format!("/fittings/{fitting}/mirror")).await;
    browser.see("26 pins read").await;
    browser.choose("Worn", "loose").await;
    browser.see_saved().await;
    browser
        .until("worn loose in the file", || async {
            browser.job(&fitting).await.fitting.intention == vemble_fit::Intention::Loose
        })
        .await;
    // What is wanted at each level follows.
    let wanted = |job: &Job| {
        let levels = solve(job).expect("a result").levels;
        levels.into_iter().find(|row| row.girth.level == LevelName::Bust).and_then(|row| row.wanted)
    };
    assert!(wanted(&browser.job(&fitting).await) > wanted(&laced));
}

#[tokio::test]
async fn what_arrives_in_a_field_gives_way_to_what_is_typed_there_next() {
    let workroom = Workroom::demo();
    let browser = Browser::open_demo(&workroom.url, DESK).await;
    browser.goto("/garments/01930000-0000-7000-8000-000000000208").await;
    browser.press("Inside the seams").await;
    browser.fill("shoulder front", "12").await;
    // The cursor goes on before the reading is back, which says the same of the other edge.
    browser.keys("\u{E004}").await;
    let stands = || async { browser.value("shoulder back").await };
    browser.until("the other edge has as much", || async { stands().await == "12" }).await;
    let here = browser.run("return document.activeElement.name", Value::Null).await;
    assert_eq!(here, "shoulder back");
    browser.keys("10").await;
    assert_eq!(stands().await, "10");
    // A name that is still on its way is never told by its number.
    browser
        .on_every_page(
            "const known = window.fetch; window.fetch = (asked, how) => \
        String(asked.url ?? asked).endsWith('/wearers') ? new Promise(() => undefined) : known(asked, how)",
        )
        .await;
    browser.reload().await;
    browser.see("fetching its name").await;
    assert!(!browser.text("main").await.contains("01930000"), "{}", browser.text("main").await);
}

#[tokio::test]
async fn a_garment_changed_under_its_pins_says_which_are_on_nothing_and_lets_them_be_taken_out() {
    for screen in [DESK, PHONE] {
        let workroom = Workroom::demo();
        let (browser, fitting) = Browser::open_fitting(&workroom.url, screen, 301, "mirror").await;
        browser.see("11 pins read").await;
        // Somebody measures the legs again, a hand shorter.
        let shorten = "const [fitting, done] = arguments; (async () => { \
            const id = (await (await fetch(`/api/v1/fittings/${fitting}`)).json()).garment; \
            const r = await fetch(`/api/v1/garments/${id}`); \
            const record = await r.json(); \
            for (const name of ['outseam', 'inseam']) record.garment.shape.flats[name] -= 120; \
            const answer = await fetch(`/api/v1/garments/${id}`, { method: 'PUT', \
              headers: { 'Content-Type': 'application/json', 'If-Match': r.headers.get('etag').replace('W/', '') }, \
              body: JSON.stringify(record) }); done(answer.status); })()";
        assert_eq!(browser.run_async(shorten, serde_json::json!([fitting])).await, 200);
        browser.goto("/").await;
        browser.see("on nothing now").await;
        browser.goto(&format!("/fittings/{fitting}/mirror")).await;
        browser.see_in("[data-testid=strays]", "is on nothing any more").await;
        // One is moved to where it belongs now: the same pin, as deep as it was read.
        let strays = || async { browser.texts("[data-testid=strays] li").await.len() };
        let before = strays().await;
        browser.press_at("[data-testid=strays] li [aria-label^='Move']").await;
        browser.fill("stray-station", "1900").await;
        browser.press("Move it here").await;
        browser.see("is not on the outseam: the seam is").await;
        browser.fill("stray-station", "880").await;
        browser.press("Move it here").await;
        browser.until("one stray fewer", || async { strays().await + 1 == before }).await;
        browser.see_saved().await;
        assert!(!browser.scrolls_sideways().await);
        browser.goto(&format!("/fittings/{fitting}/chalk")).await;
        browser.see("What every level will measure").await;
        let listed = || async { browser.texts("[data-testid=strays] li").await.len() };
        for left in (0..listed().await).rev() {
            browser.press("take out").await;
            browser.until("one fewer", || async { listed().await == left }).await;
        }
        browser.see_saved().await;
        let left = browser.job(&fitting).await.fitting.pins.len();
        assert!((1..11).contains(&left), "{left} pins stand where they stood");
        browser.goto("/").await;
        browser.see("Brown corduroys").await;
        assert!(!browser.text("body").await.contains("on nothing now"));
    }
}

#[tokio::test]
async fn another_way_says_what_it_would_change_before_it_is_chosen() {
    let workroom = Workroom::demo();
    let browser = Browser::open_demo(&workroom.url, DESK).await;
    browser.goto("/habits").await;
    browser.see("Left and right are evened by").await;
    let before = browser.job(&demo_fitting(312)).await;
    browser.press_at("button[aria-label^='what would it change? seam laid on seam']").await;
    browser.see_in(".would-said", "Done differently: “Mark every line on both layers”").await;
    browser.see_in(".would-said", "Green velvet princess dress").await;
    assert_eq!(browser.job(&demo_fitting(312)).await.habits, before.habits, "only asked");
}

#[tokio::test]
async fn a_house_number_is_found_by_a_word_and_stands_on_her_tape() {
    let workroom = Workroom::demo();
    let browser = Browser::open_demo(&workroom.url, DESK).await;
    browser.goto("/habits").await;
    browser.fill("Find a house number", "runs away").await;
    browser.see("trim a seam that runs away to").await;
    assert_eq!(browser.texts(".house-rules tbody tr").await.len(), 1);
    browser.choose("Unit on the tape", "⅛ in").await;
    browser.see_in(".house-rules", "3/4").await;
    // The house's own number is the one in force on this tape; what is finer than any tape stays as it is.
    browser.fill("Find a house number", "ladder every").await;
    browser.until("a hand on her tape", || async { browser.value("ladder_step").await == "3 1/2" }).await;
    browser.fill("Find a house number", "says its depth to within").await;
    browser.see_in(".house-rules", "1.5 mm").await;
    browser.fill("Find a house number", "runs away").await;
    browser.see("trim a seam that runs away to").await;
    // Too much is said with what was read and what is allowed, and leaves all as it was.
    browser.fill("trim a seam that runs away to", "9").await;
    browser.keys("\n").await;
    browser.see_in(".house-rules", "read as 9").await;
    browser.fill("trim a seam that runs away to", "5/8").await;
    browser.keys("\n").await;
    browser.see("back to it").await;
    browser.see_saved().await;
    let habits = browser.job(&demo_fitting(312)).await.habits;
    assert!((habits.rule(HouseRule::TrimHigh) - 15.875).abs() < 0.01);
    browser.press("back to it").await;
    browser
        .until("the house's again", || async {
            !browser.job(&demo_fitting(312)).await.habits.rules.contains_key(&HouseRule::TrimHigh)
        })
        .await;
}

/// What no way in lets through any more, as it may have been kept before.
const KEPT_BEFORE: &str = "\
    UPDATE garment SET version = version + 1, construction = jsonb_set(construction, '{fixtures}', (SELECT jsonb_agg( \
        '{\"seam\": \"outseam\", \"side\": \"left\", \"kind\": \"zip\", \"from\": 400, \"to\": 560}'::jsonb) \
        FROM generate_series(1, 450))) \
        WHERE name = 'Brown corduroys'; \
    UPDATE wearer SET name = name || E'\\x07' WHERE id = '01930000-0000-7000-8000-000000000101'";

#[tokio::test]
async fn what_was_kept_before_there_were_limits_is_listed_on_its_page_and_put_right() {
    use diesel::connection::SimpleConnection;
    use diesel::{Connection, PgConnection};
    let database = vemble_store::testing::fresh_database();
    let workroom = Workroom::on(&database, true);
    let mut behind = PgConnection::establish(&database).expect("a connection");
    for screen in [DESK, PHONE] {
        behind.batch_execute(KEPT_BEFORE).expect("kept");
        let browser = Browser::open_demo(&workroom.url, screen).await;
        // The rail hangs as ever, and says of this one what is wrong with it.
        browser.see("Brown corduroys").await;
        browser.see("there are 450 things in its seams").await;
        browser.goto("/garments/01930000-0000-7000-8000-000000000201").await;
        browser.see("what is set into its seams was read with more than 400 rows").await;
        browser.see("Putting it right keeps the first rows").await;
        assert!(!browser.scrolls_sideways().await);
        browser.press("Put it right").await;
        browser
            .until("the sheet", || async { browser.value("What you call it").await == "Brown corduroys" })
            .await;
        browser.goto("/people/01930000-0000-7000-8000-000000000101").await;
        browser.see("control character U+0007").await;
        assert!(!browser.scrolls_sideways().await);
        browser.press("Put it right").await;
        let listed = || async { !browser.text("body").await.contains("control character") };
        browser.until("nothing of it left", listed).await;
        assert!(browser.faults().await.is_empty(), "{:?}", browser.faults().await);
    }
}
