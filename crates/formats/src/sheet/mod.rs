//! The chalk sheet: a PDF with the chalk tables and the lines at full size.
//!
//! Page one carries the balance and the cautions, then come the tables of the lines side by side with a map of the
//! full-size pages, and those of the hems; after that tiles of each line and each panel's hem at 1:1, turned as it saves
//! pages, with a 50 mm test square and overlap marks; every tile says its column and row.

mod columns;
mod font;
mod full_size;
mod hem;
mod ink;
mod page_map;
mod tiles;

use columns::{Columns, ROW};
use full_size::{Drawing, FullSize};
use ink::{Ink, MARGIN, TEST_SQUARE};
pub use tiles::{Tile, lay_tiles};
use vemble_fit::{
    Caution, DrawnLine, Job, LineOutcome, Paper, SeamName, SeamSolution, Side, Solution, hem_templates,
};

use crate::csv_tables::mark_words;

/// How far text keeps off the test square, in millimetres.
const BESIDE: f64 = 6.0;
/// Lays out the chalk sheet of a solved job.
#[must_use]
pub fn chalk_sheet(job: &Job, solution: &Solution, paper: Paper) -> Vec<u8> {
    let mut ink = Ink::new(paper);
    front_page(&mut ink, job, solution);
    let drawings = drawings(job, solution, paper);
    let mut columns = Columns::new(&mut ink);
    for seam in &solution.seams {
        for line in &seam.lines {
            if let LineOutcome::Drawn(drawn) = &line.outcome {
                line_table(&mut columns, job, seam, line.side, drawn);
            }
        }
    }
    page_map::maps(&mut columns, &drawings);
    columns.end();
    for solved in &solution.hems {
        hem::table_pages(&mut ink, job, solved);
    }
    if !solution.sums.is_empty() {
        hem::sums_page(&mut ink, solution);
    }
    for drawing in &drawings {
        drawing.lay_out(&mut ink);
    }
    ink.finish(&format!("Chalk sheet: {}", job.garment.name))
}

/// Everything that is printed at full size, each turned as it takes the fewest pages.
fn drawings(job: &Job, solution: &Solution, paper: Paper) -> Vec<Drawing> {
    let mut drawings = Vec::new();
    if let Ok(pattern) = job.garment.shape.pattern(&job.habits) {
        for seam in &solution.seams {
            for line in &seam.lines {
                if let LineOutcome::Drawn(drawn) = &line.outcome {
                    for edge in pattern.chalked(seam.seam) {
                        let words = format!("{} ({})", title(seam.seam, line.side), edge.words);
                        drawings.push(Drawing::laid(FullSize::new(&edge, seam, drawn), words, paper));
                    }
                }
            }
        }
    }
    for template in hem_templates(job).unwrap_or_default() {
        drawings.push(Drawing::laid(FullSize::of_hem(&template), template.words.clone(), paper));
    }
    drawings
}

fn front_page(ink: &mut Ink, job: &Job, solution: &Solution) {
    let scale = job.habits.scale;
    let mut page = ink.page();
    let mut y = MARGIN + 8.0;
    // Beside the test square, whatever the garment and its wearer are called.
    let column = page.width - 2.0 * MARGIN - TEST_SQUARE - BESIDE;
    y = page.heading_within(MARGIN, y, column, &job.garment.name) + 7.0;
    let wearer = format!("for {}, pinned {}", job.wearer, job.fitting.held_on);
    y = page.paragraph_within(MARGIN, y, column, &wearer) + 5.0;
    let print = "Print at 100 %, never \"fit to page\". Then measure the square: 50 mm each side.";
    y = page.paragraph_within(MARGIN, y, column, print) + 10.0;
    page.test_square(page.width - MARGIN - TEST_SQUARE, MARGIN, TEST_SQUARE);
    y = y.max(MARGIN + TEST_SQUARE + 10.0);
    page.strong(MARGIN, y, "What every level will measure");
    y += 6.0;
    let columns = [0.0, 34.0, 58.0, 82.0, 106.0, 126.0, 148.0];
    for (column, title) in
        columns.iter().zip(["level", "body", "before", "after", "ease", "wanted", "verdict"])
    {
        page.text(MARGIN + column, y, title);
    }
    page.rule(MARGIN, y + 1.5, page.width - MARGIN, y + 1.5);
    y += 1.0;
    for row in &solution.levels {
        y += 5.5;
        let side = row.girth.side.map_or("", |side| if side == Side::Left { " L" } else { " R" });
        let number = |length: Option<vemble_fit::Length>| length.map_or("-".to_owned(), |l| scale.number(l));
        let cells = [
            format!("{}{side}", row.girth.level.words()),
            number(row.body),
            scale.number(row.girth.before),
            scale.number(row.girth.after),
            number(row.ease_after),
            number(row.wanted),
            row.verdict.map_or("-", |verdict| verdict.words()).to_owned(),
        ];
        for (column, cell) in columns.iter().zip(cells) {
            page.text(MARGIN + column, y, &cell);
        }
    }
    y += 12.0;
    page.strong(MARGIN, y, "Mind");
    let mut lines: Vec<String> = solution.warnings.iter().map(|warning| warning.message.clone()).collect();
    lines.extend([Caution::Marker, Caution::Pins, Caution::Blade].map(|caution| caution.words().to_owned()));
    for line in lines {
        y += 6.0;
        if y > page.height - MARGIN - 24.0 {
            ink.add(page);
            page = ink.page();
            y = MARGIN + 8.0;
        }
        y = page.paragraph(MARGIN, y, &line);
    }
    page.text(MARGIN, page.height - MARGIN, "Nothing is cut before the tacked try-on passes.");
    ink.add(page);
}

fn title(seam: SeamName, side: Side) -> String {
    match (seam.is_paired(), side) {
        (true, Side::Centre) => format!("{}, both sides alike", capital(seam.words())),
        (true, side) => format!("{}, {}", capital(seam.words()), side.words()),
        (false, _) => capital(seam.words()),
    }
}

fn capital(words: &str) -> String {
    let mut chars = words.chars();
    chars.next().map_or_else(String::new, |first| first.to_uppercase().chain(chars).collect())
}

/// The table of a line, in a column.
fn line_table(columns: &mut Columns<'_>, job: &Job, seam: &SeamSolution, side: Side, drawn: &DrawnLine) {
    let scale = job.habits.scale;
    // One that goes on elsewhere is harder to chalk from than one that begins there.
    columns.keep_together(HEAD + ROW * drawn.table.rows.len() as f64);
    columns.heading(&title(seam.seam, side));
    let unit = scale.unit.words();
    let datum = drawn.table.datum.words();
    let mut lead =
        format!("Stations from {datum}, in {unit}. Depth is old stitching to chalk. {}", drawn.words);
    if let Some(sew_from) = drawn.table.sew_from {
        let from = scale.write(sew_from);
        lead.push_str(&format!(" Start sewing at {from} from {datum}, on the old stitching."));
    }
    columns.say(&lead);
    let [one, other] = seam.edge_words;
    table_head(columns, [one, other]);
    for row in &drawn.table.rows {
        if columns.room(ROW) {
            table_head(columns, [one, other]);
        }
        let marks: Vec<&str> =
            row.marks.iter().map(|mark| mark_words(*mark)).filter(|words| !words.is_empty()).collect();
        let edge = |edge: &Option<String>| edge.clone().unwrap_or_else(|| "-".to_owned());
        let cells = [
            row.shown.station.clone(),
            row.shown.depth.clone(),
            edge(&row.shown.edge_front),
            edge(&row.shown.edge_back),
        ];
        columns.row(&AT, &cells, &marks.join(", "));
    }
    columns.space(9.0);
}

/// Where the cells of a line's table begin in its column.
const AT: [f64; 5] = [0.0, 16.0, 30.0, 52.0, 74.0];
/// About what stands above the rows of a table, in millimetres.
const HEAD: f64 = 34.0;

fn table_head(columns: &mut Columns<'_>, edges: [&str; 2]) {
    columns.heads(&AT, ["station", "depth", "edge", "edge", ""], ["", "", edges[0], edges[1], ""]);
}
