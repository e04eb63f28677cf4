//! One pair of trousers from an empty workroom to its first stop, by hand and by eye.

use std::process::Command;

use serde_json::Value;
use vemble_browser_tests::{Browser, DESK, Workroom, binary};

const BODY: [(&str, &str); 9] = [
    ("height", "169 cm"),
    ("waist", "29 5/8 in"),
    ("waist_seated", "77,8 cm"),
    ("hip", "986"),
    ("thigh", "56.8cm"),
    ("knee", "372mm"),
    ("calf", "361"),
    ("heel_instep", "12-1/4\""),
    ("inside_leg", "778"),
];

const GARMENT: [(&str, &str); 11] = [
    ("waist", "42,8 cm"),
    ("high_hip", "507"),
    ("hip", "55.8 cm"),
    ("front_rise", "292"),
    ("back_rise", "372 mm"),
    ("thigh", "13 5/8 in"),
    ("knee", "262"),
    ("calf", "248"),
    ("hem", "9¼ in"),
    ("inseam", "776"),
    ("outseam", "104 cm"),
];

const INSIDE: [(&str, &str); 6] = [
    ("outseam front", "15"),
    ("outseam back", "7/8 in"),
    ("inseam front", "12"),
    ("inseam back", "12"),
    ("centre_back front", "28"),
    ("centre_back back", "1.1 in"),
];

/// Keys pressed at the mirror with the cursor in the empty station field.
const PINS: [&str; 11] = [
    "l1005\n10\n",
    "905\n1/2 in\n",
    "80 cm\n15\n",
    "650\n11\n",
    "r1002\n8\n",
    "908\n1,5 cm\n",
    "796\n12\n",
    "25 3/4 in\n9\n",
    "c0\n12\n",
    "40\n12\n",
    "3 3/4\"\n7\n",
];

async fn sign_up(browser: &Browser) {
    browser.press("New workroom").await;
    browser.fill("Address", "odile@example.org").await;
    browser.fill("Password", "short").await;
    browser.press("Open a new workroom").await;
    browser.see("12 characters").await;
    browser.fill("Password", "thimble and beeswax").await;
    browser.press("Open a new workroom").await;
    browser.see("The rail is empty").await;
}

async fn measure_the_wearer(browser: &Browser) {
    browser.press("Measure a wearer").await;
    browser.fill("A new wearer's name", "Odile Marrow").await;
    browser.press("Add a wearer").await;
    browser.see_in("section h1", "Odile Marrow").await;
    browser.fill("waist", "thirty").await;
    browser.fill("hip", "986").await;
    browser.see("\"thirty\" could not be read at character 1").await;
    assert_eq!(browser.value("waist").await, "thirty", "what was typed stays to be mended");
    for (name, reading) in BODY {
        browser.fill(name, reading).await;
    }
    browser.keys("\t").await;
    browser.until("the last measure as it is kept", || async { browser.value("waist").await == "752" }).await;
    browser.see_saved().await;
}

async fn hang_the_trousers(browser: &Browser) {
    browser.press("Vemble: the rail").await;
    browser.press("Hang the first garment").await;
    browser.fill("What you call it", "Brown corduroys").await;
    browser.choose("Who wears it", "Odile Marrow").await;
    for (name, reading) in GARMENT {
        browser.fill(name, reading).await;
    }
    browser.press("Collar, front, pockets").await;
    browser.choose("Waistband", "two halves").await;
    browser.press("Inside the seams").await;
    for (name, reading) in INSIDE {
        browser.fill(name, reading).await;
    }
    browser.press("Its cloth").await;
    browser.press("Washed and dried").await;
    browser.press("At the hems").await;
    browser.fill("turn_up", "4 cm").await;
    // Pressed while the last field still has the cursor: its reading goes along.
    browser.press("Hang it on the rail").await;
    browser.see("On the rail").await;
}

async fn read_the_pins(browser: &Browser) {
    browser.press_at("[data-testid=hanging]").await;
    browser.see("At the mirror").await;
    for (taken, keys) in PINS.iter().enumerate() {
        browser.keys(keys).await;
        browser
            .until(&format!("pin {}", taken + 1), || async {
                browser.texts("[data-testid=pin]").await.len() == taken + 1
            })
            .await;
    }
    browser.keys("2000\n9\n").await;
    browser.see_in("[data-testid=echo]", "is not on the centre back").await;
    assert_eq!(browser.value("station").await, "2000", "the refused reading waits to be mended");
    assert_eq!(browser.texts("[data-testid=pin]").await.len(), PINS.len());
    browser.see_saved().await;
}

/// The result of `vemble solve` on the job file that the browser downloads.
async fn solve_the_job_file(browser: &Browser, fitting: &str) -> Value {
    let job = browser.download(&format!("/api/v1/fittings/{fitting}/job.vemble.json")).await;
    let file = std::env::temp_dir().join(format!("{fitting}.vemble.json"));
    std::fs::write(&file, job).expect("written");
    let output = Command::new(binary()).arg("solve").arg(&file).output().expect("vemble solve");
    std::fs::remove_file(&file).expect("removed");
    assert_eq!(output.status.code(), Some(0), "{}", String::from_utf8_lossy(&output.stderr));
    serde_json::from_slice(&output.stdout).expect("a result")
}

fn shown(row: &Value, name: &str) -> String {
    row["shown"][name].as_str().unwrap_or_default().to_owned()
}

async fn compare_with(browser: &Browser, result: &Value) {
    for (number, seam) in result["seams"].as_array().expect("seams").iter().enumerate() {
        browser.key_on_page(&(number + 1).to_string()).await;
        let name = seam["seam"].as_str().expect("a name").replace('_', " ");
        browser.until(&name, || async { browser.text("h1").await.to_lowercase().starts_with(&name) }).await;
        for line in seam["lines"].as_array().expect("lines") {
            let side = line["side"].as_str().expect("a side");
            let rows = line["table"]["rows"].as_array().expect("a chalk table");
            let table = browser.table(&format!("[data-testid=chalk-table-{side}]")).await;
            let written: Vec<[String; 2]> =
                table.iter().map(|row| [row[0].clone(), row[1].clone()]).collect();
            let solved: Vec<[String; 2]> =
                rows.iter().map(|row| [shown(row, "station"), shown(row, "depth")]).collect();
            assert!(solved.len() >= 4, "{name} {side}");
            assert_eq!(written, solved, "{name} {side}");
        }
    }
    let balance: Vec<Vec<String>> = browser.table("[data-testid=balance]").await;
    let levels = result["levels"].as_array().expect("levels");
    assert_eq!(balance.len(), levels.len());
    for (row, level) in balance.iter().zip(levels) {
        let solved = ["body", "before", "after", "change", "ease"].map(|name| shown(level, name));
        assert_eq!(row[1..6], solved, "{}", level["level"]);
    }
}

async fn follow_the_order_to_its_stop(browser: &Browser) {
    browser.press("Bench").await;
    browser.see("Work order").await;
    let mut done = 0;
    while browser.texts("[data-testid=stop]").await.is_empty() {
        let title = browser.text("article h1").await;
        if done == 0 {
            browser.key_on_page(" ").await;
        } else {
            browser.press_at("[data-testid=tick]").await;
        }
        browser
            .until(&format!("the step after {title:?}"), || async {
                browser.text("article h1").await != title
            })
            .await;
        done += 1;
    }
    assert!(done >= 6, "only {done} steps before the first stop");
    browser.see("Not settled yet").await;
    browser.key_on_page(" ").await;
    assert_eq!(browser.texts("[data-testid=stop]").await.len(), 1, "Space does not pass a stop");
    assert_eq!(
        browser.run("return document.querySelector('[data-testid=tick]').disabled", Value::Null).await,
        Value::Bool(true)
    );
    browser.press("I looked: yes").await;
    browser
        .until("the step can be ticked", || async {
            browser.run("return !document.querySelector('[data-testid=tick]').disabled", Value::Null).await
                == Value::Bool(true)
        })
        .await;
    browser.see_saved().await;
    browser.reload().await;
    browser.see_in("[data-testid=stop]", "Stop: all of this must be true first").await;
}

#[tokio::test]
async fn trousers_are_pinned_chalked_and_ready_for_the_bench() {
    let workroom = Workroom::empty();
    let browser = Browser::open(&workroom.url, DESK).await;
    sign_up(&browser).await;
    measure_the_wearer(&browser).await;
    hang_the_trousers(&browser).await;
    read_the_pins(&browser).await;

    let path = browser.path().await;
    let fitting = path.split('/').nth(2).expect("a fitting in the address").to_owned();
    browser.press("Chalk").await;
    browser.see_in("[data-testid=readings]", "agree").await;
    let result = solve_the_job_file(&browser, &fitting).await;
    compare_with(&browser, &result).await;

    // A reading is read again at the chalk table; the line, the girths and the file follow.
    browser.key_on_page("1").await;
    let before = browser.table("[data-testid=balance]").await;
    browser.press_at("[data-testid=readings] .reading-button").await;
    browser.keys("7/16 in\n").await;
    browser.until("new girths", || async { browser.table("[data-testid=balance]").await != before }).await;
    browser.see_saved().await;
    let again = solve_the_job_file(&browser, &fitting).await;
    assert_ne!(again["levels"], result["levels"]);
    compare_with(&browser, &again).await;

    browser.key_on_page("1").await;
    browser.choose("Evened by", "larger").await;
    browser.see_in("section[aria-label=Readings]", "larger: closer").await;
    browser.see_saved().await;
    let larger = solve_the_job_file(&browser, &fitting).await;
    assert_ne!(larger["levels"], again["levels"]);
    compare_with(&browser, &larger).await;

    let sheet = browser.download(&format!("/api/v1/fittings/{fitting}/sheet.pdf")).await;
    let sheet = lopdf::Document::load_mem(&sheet).expect("a sheet that can be read");
    let is_a4 = |page: &lopdf::ObjectId| {
        let page = sheet.get_dictionary(*page).expect("a page");
        let corners = page.get(b"MediaBox").and_then(lopdf::Object::as_array).expect("its box");
        let corners: Vec<f32> = corners.iter().filter_map(|each| each.as_float().ok()).collect();
        matches!(*corners, [0.0, 0.0, wide, high] if (wide - 595.28).abs() < 0.01 && (high - 841.89).abs() < 0.01)
    };
    let pages: Vec<lopdf::ObjectId> = sheet.page_iter().collect();
    assert!(pages.iter().all(is_a4), "every page is one of A4");
    assert!(pages.len() >= 3, "tables, order and the line at full size: {} pages", pages.len());
    follow_the_order_to_its_stop(&browser).await;

    // Signing out ends it; signing in again finds everything as it was left.
    browser.press("Account").await;
    browser.press_at(".ant-dropdown-menu-item[data-menu-id$='out']").await;
    browser.fill("Address", "odile@example.org").await;
    browser.fill("Password", "thimble and beeswax").await;
    browser.press_at("form button[type=submit]").await;
    browser.see("Stop:").await;
}
