//! What leaves: every example as job file, tables and sheet, on both papers.

mod common;

use common::pdf;
use vemble_fit::{Job, LineOutcome, Paper, Solution, hem_templates, solve};
use vemble_formats::{chalk_csv, hems_csv, pins_csv, read_job, sheet, write_job, write_solution};

const EXAMPLES: [&[u8]; 4] = [
    include_bytes!("../../../docs/examples/barn-dance-trousers.vemble.json"),
    include_bytes!("../../../docs/examples/fade-too-short.vemble.json"),
    include_bytes!("../../../docs/examples/let-out-below.vemble.json"),
    include_bytes!("../../../docs/examples/uneven-legs-in-inches.vemble.json"),
];

fn examples() -> impl Iterator<Item = (Job, Solution)> {
    EXAMPLES.into_iter().map(|bytes| {
        let job = read_job(bytes).expect("an example");
        let solution = solve(&job).expect("a result");
        (job, solution)
    })
}

/// Every text of a sheet.
fn said(sheet: &[u8]) -> Vec<String> {
    pdf::pages(sheet).into_iter().flat_map(|page| page.texts).map(|text| text.words).collect()
}

fn rows(csv: &str) -> Vec<Vec<String>> {
    csv::Reader::from_reader(csv.as_bytes())
        .records()
        .map(|row| row.expect("a row").iter().map(str::to_owned).collect())
        .collect()
}

#[test]
fn a_job_file_computes_the_same_on_another_machine() {
    for (job, solution) in examples() {
        let again = read_job(write_job(&job).as_bytes()).expect("what was written is read");
        assert_eq!(again, job);
        assert_eq!(write_solution(&solve(&again).expect("a result")), write_solution(&solution));
    }
}

#[test]
fn tables_hold_every_pin_and_every_mark_in_millimetres() {
    for (job, solution) in examples() {
        let pins = rows(&pins_csv(&job));
        assert_eq!(pins.len(), job.fitting.pins.len());
        for (row, pin) in pins.iter().zip(&job.fitting.pins) {
            assert_eq!(row[4].parse::<f64>().expect("a number"), pin.reading.mm());
        }
        let marks = rows(&chalk_csv(&solution));
        let drawn: usize = solution
            .seams
            .iter()
            .flat_map(|seam| &seam.lines)
            .map(
                |line| if let LineOutcome::Drawn(drawn) = &line.outcome { drawn.table.rows.len() } else { 0 },
            )
            .sum();
        assert_eq!(marks.len(), drawn);
        for row in marks {
            assert!(row[2].parse::<f64>().is_ok() && row[4].parse::<f64>().is_ok(), "{row:?}");
        }
    }
}

#[test]
fn the_sheet_tells_every_mark_and_every_warning_on_both_papers() {
    for (job, solution) in examples() {
        for paper in [Paper::A4, Paper::Letter] {
            let bytes = sheet::chalk_sheet(&job, &solution, paper);
            let said = said(&bytes);
            assert!(bytes.starts_with(b"%PDF-") && bytes.trim_ascii_end().ends_with(b"%%EOF"));
            for seam in &solution.seams {
                for line in &seam.lines {
                    let LineOutcome::Drawn(drawn) = &line.outcome else { continue };
                    for row in &drawn.table.rows {
                        let label = format!("{} / {}", row.shown.station, row.shown.depth);
                        assert!(said.contains(&label), "{label} is not on the full-size drawing");
                    }
                }
            }
            for warning in &solution.warnings {
                let start: String = warning.message.chars().take(24).collect();
                assert!(said.iter().any(|line| line.starts_with(&start)), "{start:?} is not on the sheet");
            }
            let (width, height) = paper.size_mm();
            let points = |mm: f64| format!("{:.1}", mm * 72.0 / 25.4);
            let sizes = common::pdf::sizes(&bytes);
            assert!(!sizes.is_empty(), "a sheet has a page");
            for size in sizes {
                assert_eq!(size.map(|side| format!("{side:.1}")), [points(width), points(height)]);
            }
        }
    }
}

const HEMS: [&[u8]; 4] = [
    include_bytes!("../../../docs/examples/hem-double-narrow.vemble.json"),
    include_bytes!("../../../docs/examples/hem-twin-needle.vemble.json"),
    include_bytes!("../../../docs/examples/hem-lined-coat.vemble.json"),
    include_bytes!("../../../docs/examples/hem-uncut-at-the-waist.vemble.json"),
];

#[test]
fn hems_leave_as_tables_and_as_templates_at_full_size() {
    for bytes in HEMS {
        let job = read_job(bytes).expect("an example");
        let solution = solve(&job).expect("a result");
        let marks = rows(&hems_csv(&solution));
        let drawn: usize = solution.hems.iter().flat_map(|hem| &hem.sides).map(|side| side.rows.len()).sum();
        assert_eq!(marks.len(), drawn);
        for row in &marks {
            assert!(row[4].parse::<f64>().is_ok() && row[5].parse::<f64>().is_ok(), "{row:?}");
        }
        let said = said(&sheet::chalk_sheet(&job, &solution, Paper::A4));
        for row in solution.hems.iter().flat_map(|hem| &hem.sides).flat_map(|side| &side.rows) {
            assert!(said.contains(&row.words), "{} is not in a table", row.words);
        }
        let templates = hem_templates(&job).expect("templates");
        let cut = solution.hems.iter().any(|hem| hem.kind.is_cut());
        assert_eq!(templates.is_empty(), !cut, "{}", job.garment.name);
        for template in &templates {
            assert!(said.iter().any(|line| line.contains(&template.words)), "{}", template.words);
            // Cut below fold below where it is turned up to, at every step across.
            for ((cut, fold), turned) in template.cut.iter().zip(&template.fold).zip(&template.turned) {
                assert!(cut[1] < fold[1] && fold[1] <= turned[1]);
            }
        }
    }
}

#[test]
fn a_splayed_template_is_the_mirror_image_of_the_cloth_above_its_fold() {
    let job = read_job(HEMS[1]).expect("the knit leg");
    let templates = hem_templates(&job).expect("templates");
    assert!(!templates.is_empty());
    for template in templates {
        let width = |row: usize| {
            template.edges[0][row][0].max(template.edges[1][row][0])
                - template.edges[0][row][0].min(template.edges[1][row][0])
        };
        let last = template.edges[0].len() - 1;
        // The raw edge lies on cloth as far above the fold: both are equally wide.
        assert!((width(0) - width(last)).abs() < 1.5, "{}: {} {}", template.words, width(0), width(last));
    }
}

#[test]
fn every_warning_is_kept_however_many_there_are() {
    let (mut job, _) = examples().next().expect("the barn dance");
    job.wearer = "Odile ".repeat(400);
    job.garment.name = "Name ".repeat(60);
    job.body = None;
    let solution = solve(&job).expect("a result");
    let said = said(&sheet::chalk_sheet(&job, &solution, Paper::A4));
    for warning in &solution.warnings {
        let end: String = {
            let words: Vec<&str> = warning.message.split_whitespace().collect();
            words[words.len() - 1].to_owned()
        };
        assert!(said.iter().any(|line| line.contains(&end)), "{end:?} fell off the page");
    }
}

#[test]
fn broken_bytes_are_refused_with_their_place() {
    let good = String::from_utf8(EXAMPLES[0].to_vec()).expect("text");
    for cut in [0, 1, 17, good.len() / 2, good.len() - 3] {
        assert!(read_job(&good.as_bytes()[..cut]).is_err(), "cut at {cut}");
    }
    assert!(read_job(b"\xff\xfe\x00").is_err());
    let deep = "[".repeat(100_000);
    assert!(read_job(deep.as_bytes()).is_err(), "deep nesting is refused, not followed");
}
