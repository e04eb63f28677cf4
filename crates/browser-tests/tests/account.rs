//! An account's life, on its own page.

use vemble_browser_tests::{Browser, DESK, PHONE, Workroom};

#[tokio::test]
async fn a_password_is_changed_and_an_account_deleted_on_its_own_page() {
    for screen in [DESK, PHONE] {
        let workroom = Workroom::empty();
        let browser = Browser::open(&workroom.url, screen).await;
        browser.press("New workroom").await;
        browser.fill("Address", "wren@example.org").await;
        browser.fill("Password", "a long enough password").await;
        browser.press("Open a new workroom").await;
        browser.see("The rail is empty").await;
        browser.goto("/account").await;
        browser.see("wren@example.org keeps 0 people, 0 garments and 0 fittings.").await;
        browser.fill("The password now", "not the one in force").await;
        browser.fill("The password wanted", "thimble and beeswax").await;
        browser.press_at("form[aria-label='Change the password'] button[type=submit]").await;
        browser.see("That is not the password in force. Nothing was changed.").await;
        browser.fill("The password now", "a long enough password").await;
        browser.press_at("form[aria-label='Change the password'] button[type=submit]").await;
        browser.see("Changed. Other browsers have to sign in again.").await;
        assert!(!browser.scrolls_sideways().await);
        assert!(browser.faults().await.is_empty(), "{:?}", browser.faults().await);
        browser.fill("Write wren@example.org to delete it", "wren@example").await;
        browser.fill("Its password", "not the one in force").await;
        browser.press("Delete the account for good").await;
        browser.see("Nothing was deleted.").await;
        browser.fill("Write wren@example.org to delete it", "wren@example.org").await;
        browser.press("Delete the account for good").await;
        browser.see("That is not the password in force. Nothing was deleted.").await;
        browser.fill("Its password", "thimble and beeswax").await;
        browser.press("Delete the account for good").await;
        browser.see("You pin and look.").await;
        browser.fill("Address", "wren@example.org").await;
        browser.fill("Password", "thimble and beeswax").await;
        browser.press_at("form button[type=submit]").await;
        browser.see("do not go together").await;
    }
}

#[tokio::test]
async fn everything_is_saved_in_one_file_and_restored_into_a_new_workroom() {
    let workroom = Workroom::demo();
    let band = Browser::open_demo(&workroom.url, DESK).await;
    band.goto("/account").await;
    band.see("Save everything").await;
    band.see("A file is restored into a workroom that has nothing in it yet.").await;
    let file = std::env::temp_dir().join(format!("vemble-band-{}.zip", std::process::id()));
    let saved = band.download("/api/v1/workroom.zip").await;
    std::fs::write(&file, &saved).expect("a file");
    let browser = Browser::open(&workroom.url, PHONE).await;
    browser.press("New workroom").await;
    browser.fill("Address", "wren@example.org").await;
    browser.fill("Password", "a long enough password").await;
    browser.press("Open a new workroom").await;
    browser.see("The rail is empty").await;
    let letter = std::env::temp_dir().join(format!("vemble-letter-{}.zip", std::process::id()));
    std::fs::write(&letter, "Dear Bea").expect("a file");
    browser.goto("/account").await;
    browser.see("Restore a file into this workroom").await;
    browser.hand("Workroom file", &letter).await;
    browser.see("no zip file, or a damaged one").await;
    browser.hand("Workroom file", &file).await;
    browser.see("Restored: 5 people, 15 garments").await;
    assert_eq!(browser.download("/api/v1/workroom.zip").await, saved, "the same file again");
    browser.goto("/").await;
    browser.see("Brown corduroys").await;
    for file in [file, letter] {
        std::fs::remove_file(file).expect("tidied");
    }
}

#[tokio::test]
async fn a_job_file_hangs_as_a_garment() {
    let workroom = Workroom::demo();
    let browser = Browser::open_demo(&workroom.url, DESK).await;
    browser.see("Hang one from a job file").await;
    let folder = vemble_browser_tests::project().join("docs/examples");
    let letter = folder.join("README.md");
    if letter.exists() {
        browser.hand("Job file", &letter.canonicalize().expect("a file")).await;
        browser.see("README.md is no job file").await;
    }
    let job = folder.join("shift-dress.vemble.json").canonicalize().expect("the example");
    browser.hand("Job file", &job).await;
    browser.see("chalk table").await;
    let path = browser.path().await;
    let fitting = path.split('/').nth(2).expect("a fitting").to_owned();
    let written: serde_json::Value =
        serde_json::from_slice(&std::fs::read(&job).expect("read")).expect("JSON");
    let hung = browser.job(&fitting).await;
    assert_eq!(hung.garment.name, written["garment"]["name"].as_str().expect("a name"));
    assert_eq!(hung.fitting.pins.len(), written["fitting"]["pins"].as_array().expect("pins").len());
}
