//! One picture of each main view from the demo data, written where `VEMBLE_SCREENSHOTS` says.

use std::path::PathBuf;

use vemble_browser_tests::{Browser, DESK, PHONE, Screen, Workroom, demo_fitting};

struct Camera {
    browser: Browser,
    screen: Screen,
    folder: Option<PathBuf>,
}

impl Camera {
    /// Goes to a view, waits for it and takes its picture.
    async fn take(&self, name: &str, path: &str, words: &str) {
        self.browser.goto(path).await;
        self.browser.see(words).await;
        self.keep(name).await;
    }

    /// Takes a picture of what is on the screen.
    async fn keep(&self, name: &str) {
        let picture = self.browser.screenshot().await;
        assert_eq!(size(&picture), self.screen.size(), "{name}");
        if let Some(folder) = &self.folder {
            std::fs::create_dir_all(folder).expect("a folder");
            std::fs::write(folder.join(name).with_extension("png"), picture).expect("written");
        }
    }
}

/// Width and height in pixels, as a picture's first chunk has them.
fn size(picture: &[u8]) -> [u32; 2] {
    assert!(picture.starts_with(b"\x89PNG") && picture[12..16] == *b"IHDR", "it is a picture");
    [16, 20].map(|at| u32::from_be_bytes(picture[at..at + 4].try_into().expect("four bytes")))
}

#[tokio::test]
async fn every_main_view_has_its_picture() {
    let folder = std::env::var_os("VEMBLE_SCREENSHOTS").map(PathBuf::from);
    let workroom = Workroom::demo();
    let fitting = |number, place: &str| format!("/fittings/{}/{place}", demo_fitting(number));
    let desk = Camera {
        browser: Browser::open_demo(&workroom.url, DESK).await,
        screen: DESK,
        folder: folder.clone(),
    };
    desk.take("rail", "/", "Free time against what is due").await;
    desk.take("mirror", &fitting(301, "mirror"), "11 pins read").await;
    desk.take("chalk", &fitting(301, "chalk"), "What every level will measure").await;
    desk.take("bench", &fitting(302, "bench"), "Stop: all of this must be true first").await;
    desk.take("people", "/people", "Worn underneath").await;
    desk.take("hang", "/garments/01930000-0000-7000-8000-000000000201", "Save the garment").await;
    desk.take("habits", "/habits", "Left and right are evened by").await;
    desk.take("mirror-dress", &fitting(312, "mirror"), "26 pins read").await;
    desk.take("check", &fitting(317, "check"), "What letting out could give").await;
    desk.take("fit", &fitting(312, "fit"), "A picture of girths").await;
    desk.take("compare", &fitting(312, "compare"), "What is different").await;
    desk.take("hem", &fitting(315, "hem"), "What stands near").await;
    desk.browser.key_on_page("=").await;
    desk.browser.press("Bias strips").await;
    desk.browser.fill("strip cut wide", "40").await;
    desk.browser.see_in("[data-testid=sum-answer]", "of strip, cut 40 mm wide").await;
    desk.keep("sums").await;
    desk.browser.goto(&fitting(312, "share")).await;
    desk.browser.choose("Level", "waist").await;
    desk.browser.fill("must lose in all", "46").await;
    desk.browser.press("Share it out").await;
    desk.browser.see("Pin it like this").await;
    desk.keep("share").await;
    desk.browser.goto(&fitting(316, "copy")).await;
    desk.browser.fill("bust width", "470").await;
    desk.browser.keys("\n").await;
    desk.browser.see("Pin this garment like it").await;
    desk.keep("copy").await;
    let phone = Camera {
        browser: Browser::open_demo(&workroom.url, PHONE).await,
        screen: PHONE,
        folder: folder.clone(),
    };
    phone.take("hem-phone", &fitting(318, "ring"), "8 places read").await;
    phone.take("mirror-phone", &fitting(312, "mirror"), "26 pins read").await;
    let friend = Camera { browser: Browser::open(&workroom.url, PHONE).await, screen: PHONE, folder };
    desk.browser.goto(&fitting(301, "mirror")).await;
    desk.browser.see("11 pins read").await;
    let words = desk.browser.invite().await;
    friend.browser.join(&words, "Bea").await;
    friend.browser.press_at("input[name=station]").await;
    friend.browser.keys("l400\n6\n").await;
    friend.browser.see("12 pins read").await;
    friend.browser.see_saved().await;
    friend.keep("friend-phone").await;
    desk.take("history", &fitting(301, "history"), "Bea").await;
}
