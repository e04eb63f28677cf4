//! What is printed, measured on the pages themselves: the marks of the content streams are read back and
//! laid together as the tiles are, and what is at full size is as long as the core says.

mod common;

use vemble_fit::{Job, LineOutcome, Paper, Solution, hem_templates, solve};
use vemble_formats::{read_job, sheet};

const POINTS_PER_MM: f64 = 72.0 / 25.4;
/// The sheet's margin and how much its tiles share, as the guide tells them, in millimetres.
const MARGIN: f64 = 12.0;
const OVERLAP: f64 = 15.0;

/// One page: what stands on it, in millimetres from its lower left corner.
#[derive(Default)]
struct Page {
    /// Courses with the width they are drawn in.
    courses: Vec<(f64, Vec<[f64; 2]>)>,
    squares: Vec<[f64; 4]>,
    texts: Vec<String>,
    /// Where each text begins, and how wide its letters are on average.
    set: Vec<(f64, f64)>,
}

fn pages(job: &Job, solution: &Solution, paper: Paper) -> Vec<Page> {
    let bytes = sheet::chalk_sheet(job, solution, paper);
    let text: String = bytes.iter().map(|byte| char::from(*byte)).collect();
    text.split("stream\n")
        .skip(1)
        .step_by(2)
        .map(|stream| page(stream.split("\nendstream").next().unwrap_or("")))
        .collect()
}

/// A string as a content stream writes it: in brackets, or in hexadecimal where a letter needs it.
fn string(written: &str) -> String {
    let Some(hex) = written.strip_prefix('<') else {
        return written.trim_start_matches('(').trim_end_matches(')').to_owned();
    };
    let digits: Vec<u32> = hex.chars().filter_map(|digit| digit.to_digit(16)).collect();
    digits.chunks(2).filter_map(|pair| char::from_u32(pair[0] * 16 + pair.get(1).unwrap_or(&0))).collect()
}

/// Reads the few operators the sheet is drawn with.
fn page(stream: &str) -> Page {
    let mut page = Page::default();
    let mut numbers: Vec<f64> = Vec::new();
    let (mut width, mut size, mut left) = (1.0, 0.0, 0.0);
    for line in stream.lines() {
        if let Some(shown) = line.strip_suffix(" Tj") {
            page.texts.push(string(shown));
            page.set.push((left, 0.5 * size / POINTS_PER_MM));
            continue;
        }
        for token in line.split_whitespace() {
            if let Ok(number) = token.parse::<f64>() {
                numbers.push(number);
                continue;
            }
            let mm: Vec<f64> = numbers.iter().map(|number| number / POINTS_PER_MM).collect();
            match (token, mm.as_slice()) {
                ("w", [points]) => width = points * POINTS_PER_MM,
                ("m", [x, y]) => page.courses.push((width, vec![[*x, *y]])),
                ("l", [x, y]) => page.courses.last_mut().expect("a course begun").1.push([*x, *y]),
                ("Tf", [_]) => size = numbers[0],
                ("Td", [x, _]) => left = *x,
                ("re", [x, y, wide, high]) => page.squares.push([*x, *y, *wide, *high]),
                _ => {}
            }
            numbers.clear();
        }
    }
    page
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
    let foot = format!("{}, full size, page", words.replace('(', "\\(").replace(')', "\\)"));
    pages.iter().filter(|page| page.texts.iter().any(|text| text.starts_with(&foot))).collect()
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
            let drawings = pages
                .iter()
                .filter(|page| page.texts.iter().any(|text| text.contains("full size, page 1 of")))
                .count();
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
                            text.contains("full size") && text.to_lowercase().contains(seam.words)
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
        let whole = |page: &Page| page.texts.iter().all(|text| !text.contains("full size"));
        for page in pages(&job, &solution, paper).into_iter().filter(whole) {
            for (text, (left, letter)) in page.texts.iter().zip(&page.set) {
                let right = left + letter * text.chars().count() as f64;
                assert!(right < paper.size_mm().0 - 0.5 * MARGIN, "{text} ends {right:.0} from the left");
            }
        }
    }
    // Letters the printer's own fonts lack are spelled out or asked after, never dropped.
    job.wearer = "Zoë Brânză 糸".to_owned();
    let text: Vec<String> = pages(&job, &solve(&job).expect("a result"), Paper::A4)
        .into_iter()
        .flat_map(|page| page.texts)
        .collect();
    assert!(text.iter().any(|line| line.contains("Zo") && line.contains('?')), "{:?}", &text[..4]);
}
