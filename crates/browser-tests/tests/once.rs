//! What is said on a page is said once.

use std::collections::BTreeMap;

use vemble_browser_tests::{Browser, DESK, Workroom, demo_fitting};

/// Sentences of so many letters are remarks; what is shorter is a label, a verdict or a number.
const REMARK: usize = 45;

/// Remarks that stand more than once in what is read on a page.
fn repeated(page: &str) -> Vec<String> {
    let mut counts: BTreeMap<String, u32> = BTreeMap::new();
    for sentence in page.split(['.', '!', '?', '\n', ':', ';']).map(str::trim) {
        if sentence.chars().count() >= REMARK {
            *counts.entry(sentence.to_owned()).or_default() += 1;
        }
    }
    counts.into_iter().filter(|(_, count)| *count > 1).map(|(sentence, _)| sentence).collect()
}

#[test]
fn a_remark_that_is_repeated_is_found() {
    let page = "The armhole goes from 589 mm to 580 mm; the cap stays as long as it was before.\n12 mm\n12 mm\n\
        the cap stays as long as it was before it all began, and the cap is long enough.\n\
        the cap stays as long as it was before it all began, and the cap is long enough";
    assert_eq!(repeated(page).len(), 1);
    assert!(repeated("closer than wanted\ncloser than wanted").is_empty());
}

#[tokio::test]
async fn no_remark_stands_twice_on_a_page_of_a_fitting() {
    let workroom = Workroom::demo();
    let browser = Browser::open_demo(&workroom.url, DESK).await;
    let mut faults = Vec::new();
    for (number, places) in [
        (301, ["chalk", "check", "fit"]),
        (302, ["chalk", "check", "history"]),
        (312, ["chalk", "check", "fit"]),
        (313, ["chalk", "check", "share"]),
        (315, ["chalk", "check", "hem"]),
        (317, ["chalk", "hem", "compare"]),
        (318, ["chalk", "hem", "check"]),
    ] {
        for place in places {
            let path = format!("/fittings/{}/{place}", demo_fitting(number));
            browser.goto(&path).await;
            browser.until("the page", || async { !browser.texts("main h1, main h2").await.is_empty() }).await;
            let page = browser.texts("main").await.join("\n");
            faults.extend(repeated(&page).into_iter().map(|sentence| format!("{path}: {sentence}")));
        }
    }
    assert!(faults.is_empty(), "{}", faults.join("\n"));
}
