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
        browser.press("Delete the account for good").await;
        browser.see("Nothing was deleted.").await;
        browser.fill("Write wren@example.org to delete it", "wren@example.org").await;
        browser.press("Delete the account for good").await;
        browser.see("You pin and look.").await;
        browser.fill("Address", "wren@example.org").await;
        browser.fill("Password", "thimble and beeswax").await;
        browser.press_at("form button[type=submit]").await;
        browser.see("do not go together").await;
    }
}
