//! What is printed, measured on the pages themselves: the marks of the content streams are read back and
//! laid together as the tiles are, and what is at full size is as long as the core says.

mod common;

use common::pdf::{Page, Text};
use vemble_fit::{Job, LineOutcome, Paper, Rounding, Scale, Solution, Unit, hem_templates, solve};
use vemble_formats::{read_job, sheet};

/// The sheet's margin and how much its tiles share, as the guide tells them, in millimetres.
const MARGIN: f64 = 12.0;
const OVERLAP: f64 = 15.0;

fn pages(job: &Job, solution: &Solution, paper: Paper) -> Vec<Page> {
    common::pdf::pages(&sheet::chalk_sheet(job, solution, paper))
}

fn example(name: &str) -> (Job, Solution) {
    let job = read_job(common::file(name).as_bytes()).expect("a job");
    let solution = solve(&job).expect("a result");
    (job, solution)
}

fn length(course: &[[f64; 2]]) -> f64 {
    course.windows(2).map(|pair| (pair[1][0] - pair[0][0]).hypot(pair[1][1] - pair[0][1])).sum()
}

/// The tiles of one drawing, found by the words at their foot.
fn tiles_of<'a>(pages: &'a [Page], words: &str) -> Vec<&'a Page> {
    let foot = format!("{words}, full size, page");
    pages.iter().filter(|page| page.says(&foot)).collect()
}

#[test]
fn every_full_size_drawing_has_a_square_of_fifty_and_nothing_is_drawn_off_the_paper() {
    for name in ["barn-dance-trousers", "hem-deep-hand-taper", "hem-double-narrow", "princess-dress"] {
        let (job, solution) = example(name);
        for paper in [Paper::A4, Paper::Letter] {
            let pages = pages(&job, &solution, paper);
            let squares: Vec<&[f64; 4]> = pages
                .iter()
                .flat_map(|page| &page.squares)
                .filter(|[_, _, wide, high]| (wide - 50.0).abs() < 1e-3 && (high - 50.0).abs() < 1e-3)
                .collect();
            let drawings = pages.iter().filter(|page| page.says("full size, page 1 of")).count();
            assert!(drawings > 0, "{name} has a drawing");
            // One on the front page and one on the first tile of each drawing.
            assert_eq!(squares.len(), drawings + 1, "{name} on {paper:?}");
            let (wide, high) = paper.size_mm();
            for [x, y, side, _] in squares {
                assert!(*x >= MARGIN - 0.01 && x + side <= wide - MARGIN + 0.01, "{name}: a square at {x}");
                assert!(*y >= MARGIN - 0.01 && y + side <= high - MARGIN + 0.01, "{name}: a square at {y}");
            }
        }
    }
}

#[test]
fn a_line_on_paper_is_as_long_as_its_seam_says() {
    // The whole line is on each tile, clipped to it: any one of them holds its course.
    for name in ["barn-dance-trousers", "straight-skirt", "let-out-below"] {
        let (job, solution) = example(name);
        let pages = pages(&job, &solution, Paper::A4);
        for seam in &solution.seams {
            for line in &seam.lines {
                let LineOutcome::Drawn(drawn) = &line.outcome else { continue };
                let spine = &drawn.spine;
                let run = spine[spine.len() - 1][0] - spine[0][0];
                let tiles: Vec<&Page> = pages
                    .iter()
                    .filter(|page| {
                        page.texts.iter().any(|text| {
                            text.words.contains("full size") && text.words.to_lowercase().contains(seam.words)
                        })
                    })
                    .collect();
                assert!(!tiles.is_empty(), "{name}: {} is drawn", seam.words);
                // The firm line is the new one; it bends, so it is a little longer than its run.
                let longest = tiles
                    .iter()
                    .flat_map(|page| &page.courses)
                    .filter(|(width, _)| (*width - 1.4).abs() < 1e-6)
                    .map(|(_, course)| length(course))
                    .fold(0.0, f64::max);
                assert!(
                    longest > 0.97 * run && longest < 1.05 * run,
                    "{name} {}: {longest} for {run}",
                    seam.words
                );
            }
        }
    }
}

#[test]
fn both_edges_of_a_seam_are_drawn_where_they_differ_and_seams_across_the_body_too() {
    // Front and back inseams curve differently; the outseam's are one curve, and so are a shoulder's.
    let edges = [
        ("uneven-legs-in-inches", "inseam", vec!["(back)", "(front)"]),
        ("barn-dance-trousers", "outseam", vec!["(front and back)"]),
        ("jacket", "shoulder seam", vec!["(front and back)"]),
    ];
    for (name, seam, wanted) in edges {
        let (job, solution) = example(name);
        let pages = pages(&job, &solution, Paper::A4);
        assert!(solution.seams.iter().any(|each| each.words == seam), "{name} has a {seam}");
        let mut found: Vec<&str> = pages
            .iter()
            .flat_map(|page| &page.texts)
            .map(|text| text.words.as_str())
            .filter(|text| text.contains("full size, page 1") && text.to_lowercase().contains(seam))
            .filter_map(|text| Some(&text[text.rfind('(')?..=text.rfind(')')?]))
            .collect();
        found.sort_unstable();
        found.dedup();
        assert_eq!(found, wanted, "{name}");
    }
}

#[test]
fn tiles_laid_together_by_their_overlap_carry_one_drawing() {
    for name in ["hem-double-narrow", "hem-deep-hand-taper"] {
        let (job, solution) = example(name);
        let templates = hem_templates(&job).expect("templates");
        assert!(!templates.is_empty());
        for paper in [Paper::A4, Paper::Letter] {
            let pages = pages(&job, &solution, paper);
            for template in &templates {
                let tiles = tiles_of(&pages, &template.words);
                assert!(!tiles.is_empty(), "{}", template.words);
                let (wide, high) = paper.size_mm();
                let step = [wide - 2.0 * MARGIN - OVERLAP, high - 2.0 * MARGIN - OVERLAP];
                // Where the fold begins on each tile, moved back by whole steps, is one and the same place.
                let fold = length(&template.fold);
                let begins: Vec<[f64; 2]> = tiles
                    .iter()
                    .map(|page| {
                        let (_, course) = page
                            .courses
                            .iter()
                            .min_by(|(_, a), (_, b)| {
                                (length(a) - fold).abs().total_cmp(&(length(b) - fold).abs())
                            })
                            .expect("courses");
                        assert!(
                            (length(course) - fold).abs() < 0.05,
                            "{}: {} for {fold}",
                            template.words,
                            length(course)
                        );
                        course[0]
                    })
                    .collect();
                for [x, y] in &begins {
                    let steps = [(x - begins[0][0]) / step[0], (y - begins[0][1]) / step[1]];
                    for each in steps {
                        assert!(
                            (each - each.round()).abs() < 1e-3,
                            "{}: off by {each} tiles",
                            template.words
                        );
                    }
                }
            }
        }
    }
}

#[test]
fn words_stay_on_the_page_however_long_they_are() {
    let (mut job, _) = example("hem-lined-coat");
    job.garment.name = "A coat with a name as long as its hem ".repeat(2).trim().to_owned();
    job.wearer = format!("Wilhelmina {} of the barn", "Featherstonehaugh".repeat(6));
    let solution = solve(&job).expect("a result");
    for paper in [Paper::A4, Paper::Letter] {
        // A full-size tile shows its part of a drawing and clips the rest.
        let whole = |page: &Page| !page.says("full size");
        for page in pages(&job, &solution, paper).into_iter().filter(whole) {
            for text in page.texts {
                let right = text.left + text.width;
                assert!(
                    right <= paper.size_mm().0 - MARGIN + 0.01,
                    "{} ends {right:.0} from the left",
                    text.words
                );
            }
        }
    }
}

#[test]
fn every_letter_of_every_name_prints_and_so_does_every_sign_of_a_length() {
    let (mut job, _) = example("uneven-legs-in-inches");
    job.garment.name = "Łódź trousers, ≈ 7½″ × ⅜".to_owned();
    job.wearer = "Zoë Brânză-Đặng Жанна Ελένη".to_owned();
    let pages = pages(&job, &solve(&job).expect("a result"), Paper::A4);
    for words in [job.garment.name.as_str(), job.wearer.as_str()] {
        assert!(pages[0].says(words), "{words}: {:?}", &pages[0].texts[..3]);
    }
    let all = pages.iter().flat_map(|page| &page.texts);
    assert!(all.clone().all(|text| !text.words.contains('\u{fffd}')), "a letter that nobody ships");
    // A script that no font here has is marked as missing, and not dropped.
    job.wearer = "糸".to_owned();
    let missing = common::pdf::pages(&sheet::chalk_sheet(&job, &solve(&job).expect("a result"), Paper::A4));
    assert!(missing[0].says("for \u{fffd}, pinned"), "{:?}", &missing[0].texts[..3]);
}

#[test]
fn the_tables_and_the_test_square_are_on_the_sheet() {
    let (job, solution) = example("barn-dance-trousers");
    for paper in [Paper::A4, Paper::Letter] {
        let pages = pages(&job, &solution, paper);
        for words in ["Outseam, both sides alike", "Centre back", "798", "test square: 50 mm"] {
            assert!(pages.iter().any(|page| page.says(words)), "{words}");
        }
        assert!(
            pages[0]
                .squares
                .iter()
                .any(|[_, _, wide, high]| (wide - 50.0).abs() < 1e-3 && (high - 50.0).abs() < 1e-3)
        );
    }
}

/// Left, lower, right and upper edge of what a text's letters take.
fn letters(text: &Text) -> [f64; 4] {
    [text.left, text.base - 0.1 * text.size, text.left + text.width, text.base + 0.65 * text.size]
}

fn overlap(one: [f64; 4], other: [f64; 4]) -> bool {
    one[0] < other[2] && other[0] < one[2] && one[1] < other[3] && other[1] < one[3]
}

#[test]
fn nothing_is_written_over_anything() {
    for file in common::files() {
        let job = read_job(file.as_bytes()).expect("a job");
        let (solution, name) = (solve(&job).expect("a result"), job.garment.name.clone());
        for paper in [Paper::A4, Paper::Letter] {
            let (wide, high) = paper.size_mm();
            for (number, page) in pages(&job, &solution, paper).iter().enumerate() {
                // What a tile clips away is on its neighbour.
                let shown: Vec<&Text> = page
                    .texts
                    .iter()
                    .filter(|text| !text.words.trim().is_empty())
                    .filter(|text| {
                        let [left, low, right, top] = letters(text);
                        right > MARGIN && left < wide - MARGIN && top > MARGIN && low < high - MARGIN
                    })
                    .collect();
                for (at, one) in shown.iter().enumerate() {
                    for other in &shown[..at] {
                        assert!(
                            !overlap(letters(one), letters(other)),
                            "{name} on {paper:?}, page {}: “{}” over “{}”",
                            number + 1,
                            one.words,
                            other.words
                        );
                    }
                }
                let squares = page.squares.iter().filter(|square| (square[2] - 50.0).abs() < 1e-3);
                for [x, y, side, _] in squares {
                    for text in shown.iter().filter(|text| !text.words.starts_with("test square")) {
                        let square = [*x, *y, x + side, y + side];
                        assert!(
                            !overlap(letters(text), square),
                            "{name} on {paper:?}, page {}: “{}” in the test square",
                            number + 1,
                            text.words
                        );
                    }
                }
            }
        }
    }
}

#[test]
fn tables_stand_side_by_side_and_a_map_says_where_the_pages_lie() {
    let (job, solution) = example("barn-dance-trousers");
    let pages = pages(&job, &solution, Paper::A4);
    let page_of =
        |words: &str| pages.iter().position(|page| page.texts.iter().any(|text| text.words == words));
    assert!(page_of("Outseam, both sides alike").is_some());
    assert_eq!(page_of("Outseam, both sides alike"), page_of("Centre back"), "two tables on one page");
    // What does not stand below stands beside: fourteen tables of a dress on as few pages as their rows need.
    let (dress, dressed) = example("princess-dress");
    let beside = common::pdf::pages(&sheet::chalk_sheet(&dress, &dressed, Paper::A4));
    let heads = |page: &Page| {
        let heads =
            page.texts.iter().filter(|text| text.words == "station").map(|text| text.left.round() as i64);
        heads.collect::<std::collections::BTreeSet<i64>>()
    };
    assert!(beside.iter().any(|page| heads(page).len() == 2), "two columns");
    // As many numbers on the map as the drawing has pages.
    let map = pages.iter().find(|page| page.says("Where the full-size")).expect("a map");
    let of = pages
        .iter()
        .flat_map(|page| &page.texts)
        .filter(|text| text.words.starts_with("Outseam") && text.words.contains("full size"))
        .count();
    assert!(of > 1, "{of} pages of the outseam");
    let numbers = (1..=of).filter(|number| map.texts.iter().any(|text| text.words == number.to_string()));
    assert_eq!(numbers.count(), of);
    let whole = pages.len();
    assert!(whole <= 7, "{whole} pages for two tables and two lines");
}

#[test]
fn on_an_inch_tape_every_page_is_in_inches_but_for_the_square_a_printer_is_checked_with() {
    for file in common::files() {
        let mut job = read_job(file.as_bytes()).expect("a job");
        job.habits.scale = Scale::new(Unit::Inch, Rounding::EighthInch);
        let solution = solve(&job).expect("a result");
        for text in pages(&job, &solution, Paper::Letter).iter().flat_map(|page| &page.texts) {
            let metric = text
                .words
                .split_whitespace()
                .any(|word| matches!(word.trim_end_matches(['.', ',', ')', ':', ';']), "mm" | "cm"));
            assert!(!metric || text.words.contains("50 mm"), "{}: {}", job.garment.name, text.words);
        }
    }
}
