//! One picture of each main view from the demo data, written where `VEMBLE_SCREENSHOTS` says.

use std::path::PathBuf;

use vemble_browser_tests::{Browser, DESK, PHONE, Workroom, demo_fitting};

struct Camera {
    browser: Browser,
    folder: Option<PathBuf>,
}

impl Camera {
    /// Goes to a view, waits for it and takes its picture.
    async fn take(&self, name: &str, path: &str, words: &str) {
        self.browser.goto(path).await;
        self.browser.see(words).await;
        let picture = self.browser.screenshot().await;
        assert!(picture.starts_with(b"\x89PNG") && picture.len() > 10_000, "{name}");
        if let Some(folder) = &self.folder {
            std::fs::create_dir_all(folder).expect("a folder");
            std::fs::write(folder.join(name).with_extension("png"), picture).expect("written");
        }
    }
}

#[tokio::test]
async fn every_main_view_has_its_picture() {
    let folder = std::env::var_os("VEMBLE_SCREENSHOTS").map(PathBuf::from);
    let workroom = Workroom::demo();
    let fitting = |number, place: &str| format!("/fittings/{}/{place}", demo_fitting(number));
    let desk = Camera { browser: Browser::open_demo(&workroom.url, DESK).await, folder: folder.clone() };
    desk.take("rail", "/", "Free time against what is due").await;
    desk.take("mirror", &fitting(301, "mirror"), "11 pins read").await;
    desk.take("chalk", &fitting(301, "chalk"), "What every level will measure").await;
    desk.take("bench", &fitting(302, "bench"), "Stop: all of this must be true first").await;
    desk.take("people", "/people", "Worn underneath").await;
    desk.take("hang", "/garments/01930000-0000-7000-8000-000000000201", "Save the garment").await;
    desk.take("habits", "/habits", "Left and right are evened by").await;
    let phone = Camera { browser: Browser::open_demo(&workroom.url, PHONE).await, folder };
    phone.take("mirror-phone", &fitting(301, "mirror"), "11 pins read").await;
}
