//! The chalk sheet: a PDF with the chalk tables and the lines at full size.
//!
//! Page one carries the balance and the cautions, then one table a line and a hem; after that come tiles of
//! each line and each panel's hem at 1:1, with a 50 mm test square and overlap marks; every tile says its column and row.

mod hem;
mod ink;
mod tiles;

use ink::{Ink, Page};
pub use tiles::{Tile, lay_tiles};
use vemble_fit::hem::HemTemplate;
use vemble_fit::pattern::{ChalkedEdge, Pattern};
use vemble_fit::{
    Caution, DrawnLine, Job, LineOutcome, Paper, SeamName, SeamSolution, Side, Solution, hem_templates,
};

use crate::csv_tables::mark_words;

/// Margin no home printer can reach into, in millimetres.
const MARGIN: f64 = 12.0;
/// Side of the test square, in millimetres.
const TEST_SQUARE: f64 = 50.0;
/// How far text keeps off the test square, in millimetres.
const BESIDE: f64 = 6.0;
/// How much neighbouring tiles share, in millimetres.
const OVERLAP: f64 = 15.0;
/// How much old stitching is drawn beyond the line's ends, to lay the paper on, in millimetres.
const BEYOND: f64 = 30.0;
/// How far beyond the chalk its mark reaches, and its label stands off, in millimetres.
const MARK: f64 = 5.0;
const LABEL_OFF: f64 = 1.5;

/// Lays out the chalk sheet of a solved job.
#[must_use]
pub fn chalk_sheet(job: &Job, solution: &Solution, paper: Paper) -> Vec<u8> {
    let mut ink = Ink::new(paper);
    front_page(&mut ink, job, solution);
    for seam in &solution.seams {
        for line in &seam.lines {
            if let LineOutcome::Drawn(drawn) = &line.outcome {
                table_page(&mut ink, job, seam, line.side, drawn);
            }
        }
    }
    for solved in &solution.hems {
        hem::table_pages(&mut ink, job, solved);
    }
    if !solution.sums.is_empty() {
        hem::sums_page(&mut ink, solution);
    }
    if let Ok(pattern) = job.garment.shape.pattern(&job.habits) {
        for seam in &solution.seams {
            for line in &seam.lines {
                if let LineOutcome::Drawn(drawn) = &line.outcome {
                    full_size(&mut ink, &pattern, seam, line.side, drawn);
                }
            }
        }
    }
    for template in hem_templates(job).unwrap_or_default() {
        FullSize::of_hem(&template).lay_out(&mut ink, &template.words);
    }
    ink.finish(&format!("Chalk sheet: {}", job.garment.name))
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

fn table_page(ink: &mut Ink, job: &Job, seam: &SeamSolution, side: Side, drawn: &DrawnLine) {
    let scale = job.habits.scale;
    let mut page = ink.page();
    let mut y = MARGIN + 8.0;
    page.heading(MARGIN, y, &title(seam.seam, side));
    y += 7.0;
    let unit = scale.unit.words();
    let datum = drawn.table.datum.words();
    let mut lead =
        format!("Stations from {datum}, in {unit}. Depth is old stitching to chalk. {}", drawn.words);
    if let Some(sew_from) = drawn.table.sew_from {
        let from = scale.write(sew_from);
        lead.push_str(&format!(" Start sewing at {from} from {datum}, on the old stitching."));
    }
    y = page.paragraph(MARGIN, y, &lead);
    y += 8.0;
    let [one, other] = seam.edge_words.map(|words| format!("edge, {words}"));
    let columns = [0.0, 26.0, 48.0, 88.0, 128.0];
    for (column, heading) in columns.iter().zip(["station", "depth", &one, &other, ""]) {
        page.strong(MARGIN + column, y, heading);
    }
    page.rule(MARGIN, y + 1.5, page.width - MARGIN, y + 1.5);
    for row in &drawn.table.rows {
        y += 6.5;
        if y > page.height - MARGIN {
            ink.add(page);
            page = ink.page();
            y = MARGIN + 8.0;
        }
        let marks: Vec<&str> =
            row.marks.iter().map(|mark| mark_words(*mark)).filter(|words| !words.is_empty()).collect();
        let edge = |edge: &Option<String>| edge.clone().unwrap_or_else(|| "-".to_owned());
        let cells = [
            row.shown.station.clone(),
            row.shown.depth.clone(),
            edge(&row.shown.edge_front),
            edge(&row.shown.edge_back),
            marks.join(", "),
        ];
        for (column, cell) in columns.iter().zip(cells) {
            page.text(MARGIN + column, y, &cell);
        }
        page.hairline(MARGIN, y + 1.8, page.width - MARGIN, y + 1.8);
    }
    ink.add(page);
}

/// The edges at full size, each that is a curve of its own: old stitching, new line, raw edge, stations, pins.
fn full_size(ink: &mut Ink, pattern: &Pattern, seam: &SeamSolution, side: Side, drawn: &DrawnLine) {
    for edge in pattern.chalked(seam.seam) {
        let drawing = FullSize::new(&edge, seam, drawn);
        drawing.lay_out(ink, &format!("{} ({})", title(seam.seam, side), edge.words));
    }
}

struct FullSize {
    courses: Vec<(ink::Stroke, Vec<[f64; 2]>)>,
    ticks: Vec<([f64; 2], [f64; 2], String)>,
    pins: Vec<[f64; 2]>,
}

impl FullSize {
    fn new(edge: &ChalkedEdge, seam: &SeamSolution, drawn: &DrawnLine) -> FullSize {
        let mut inside: Vec<f64> = seam
            .allowance
            .map(|each| edge.of.iter().map(|nth| each[*nth].mm()).collect())
            .unwrap_or_default();
        inside.dedup();
        let (low, high) = reach(drawn, seam.length.mm());
        // A little of the old stitching beyond both ends, to lay the paper on.
        let (from, to) = ((low - BEYOND).max(0.0), (high + BEYOND).min(seam.length.mm()));
        let ratio = edge.edge.length() / seam.length.mm();
        let pieces = ((to - from) / 6.0).ceil() as u32;
        let stations: Vec<f64> =
            (0..=pieces).map(|i| from + (to - from) * f64::from(i) / f64::from(pieces)).collect();
        let at = |station: f64, depth: f64| {
            let point = edge.inside(station * ratio, depth);
            [point.x, point.y]
        };
        let old: Vec<[f64; 2]> = stations.iter().map(|s| at(*s, 0.0)).collect();
        let raw = |allowance: f64| stations.iter().map(|s| at(*s, -allowance)).collect::<Vec<[f64; 2]>>();
        let new = drawn.spine.iter().map(|[s, d]| at(*s, *d)).collect();
        let ticks = drawn
            .table
            .rows
            .iter()
            .map(|row| {
                let (s, d) = (row.from_below.mm(), row.depth.mm());
                let label = format!("{} / {}", row.shown.station, row.shown.depth);
                (at(s, 0.0), at(s, d.max(0.0) + MARK), label)
            })
            .collect();
        let pins = seam.pins.iter().map(|pin| at(pin.station.mm(), pin.depth.mm())).collect();
        let mut courses = vec![(ink::Stroke::Old, old)];
        courses.extend(inside.into_iter().map(|allowance| (ink::Stroke::Raw, raw(allowance))));
        courses.push((ink::Stroke::New, new));
        FullSize { courses, ticks, pins }
    }

    /// A hem's template: the edge as it is dashed, fold and panel edges firm, cut line and the upper edge of
    /// the turn-up dotted.
    fn of_hem(template: &HemTemplate) -> FullSize {
        let HemTemplate { old, fold, cut, turned, edges: [one, other], .. } = template;
        let named = [("fold", fold), ("cut", cut), ("turned up to here", turned)];
        let ticks = named
            .into_iter()
            .map(|(words, course)| {
                let middle = course[course.len() / 2];
                (middle, [middle[0], middle[1] + MARK], words.to_owned())
            })
            .collect();
        let courses = [
            (ink::Stroke::Old, old),
            (ink::Stroke::New, fold),
            (ink::Stroke::New, one),
            (ink::Stroke::New, other),
            (ink::Stroke::Raw, cut),
            (ink::Stroke::Raw, turned),
        ];
        FullSize {
            courses: courses.map(|(stroke, course)| (stroke, course.clone())).to_vec(),
            ticks,
            pins: Vec::new(),
        }
    }

    /// Lays the drawing on as many pages as it needs.
    fn lay_out(&self, ink: &mut Ink, words: &str) {
        let size = Page::size(ink.paper());
        let tiles =
            lay_tiles(self.bounds(), (size.0 - 2.0 * MARGIN, size.1 - 2.0 * MARGIN), OVERLAP, |area| {
                self.touches(area)
            });
        let count = tiles.len();
        for (index, tile) in tiles.iter().enumerate() {
            let mut page = ink.page();
            page.clip_frame(MARGIN);
            self.draw(&mut page, tile);
            page.tile_marks(MARGIN, OVERLAP, tile);
            let foot = format!("{words}, full size, page {} of {count}", index + 1);
            page.small(MARGIN + 2.0, page.height - MARGIN - 2.0, &foot);
            if index == 0 {
                let [x, y] = self.free_corner(&page, tile);
                page.test_square(x, y, TEST_SQUARE);
            }
            ink.add(page);
        }
    }

    fn points(&self) -> impl Iterator<Item = [f64; 2]> + '_ {
        self.courses.iter().flat_map(|(_, course)| course).chain(&self.pins).copied()
    }

    /// Least and greatest corner, with room for the labels.
    fn bounds(&self) -> ([f64; 2], [f64; 2]) {
        let fold =
            |i: usize, start: f64, pick: fn(f64, f64) -> f64| self.points().map(|p| p[i]).fold(start, pick);
        (
            [fold(0, f64::MAX, f64::min) - 36.0, fold(1, f64::MAX, f64::min) - 6.0],
            [fold(0, f64::MIN, f64::max) + 36.0, fold(1, f64::MIN, f64::max) + 6.0],
        )
    }

    /// Upper left corner of the test square on a tile: the corner of the page that least is drawn in.
    fn free_corner(&self, page: &Page, tile: &Tile) -> [f64; 2] {
        let (near, far) = (MARGIN + OVERLAP, MARGIN + OVERLAP + TEST_SQUARE);
        let corners = [page.width - far, near].map(|x| [[x, near], [x, page.height - far]]);
        let crowd = |[x, y]: &[f64; 2]| {
            let covers = |at: f64, from: f64| at >= from - LABEL_OFF && at <= from + TEST_SQUARE + LABEL_OFF;
            self.points()
                .map(|point| tile.place(point, MARGIN, page.height))
                .filter(|place| covers(place[0], *x) && covers(place[1], *y))
                .count()
        };
        let [[right_top, right_low], [left_top, left_low]] = corners;
        [right_top, left_top, right_low, left_low].into_iter().min_by_key(crowd).unwrap_or(right_top)
    }

    fn touches(&self, area: ([f64; 2], [f64; 2])) -> bool {
        self.points().any(|[x, y]| x >= area.0[0] && x <= area.1[0] && y >= area.0[1] && y <= area.1[1])
    }

    fn draw(&self, page: &mut Page, tile: &Tile) {
        let place = |p: &[f64; 2]| tile.place(*p, MARGIN, page.height);
        let on = |points: &[[f64; 2]]| points.iter().map(place).collect::<Vec<_>>();
        let courses: Vec<_> = self.courses.iter().map(|(stroke, course)| (*stroke, on(course))).collect();
        let ticks: Vec<_> =
            self.ticks.iter().map(|(a, b, label)| (place(a), place(b), label.clone())).collect();
        let pins = on(&self.pins);
        for (stroke, course) in &courses {
            page.course(course, *stroke);
        }
        for (a, b, label) in ticks {
            page.course(&[a, b], ink::Stroke::Tick);
            // Beyond the mark, away from the old stitching, so that no line runs through it.
            let x =
                if b[0] >= a[0] { b[0] + LABEL_OFF } else { b[0] - LABEL_OFF - Page::small_width(&label) };
            page.small(x, b[1] + 1.0, &label);
        }
        for pin in pins {
            page.cross(pin);
        }
    }
}

fn reach(drawn: &DrawnLine, length: f64) -> (f64, f64) {
    use vemble_fit::line::LineEnd;
    let taper = |end: LineEnd, other: f64| if let LineEnd::Taper { at } = end { at } else { other };
    (taper(drawn.lower.end, 0.0), taper(drawn.upper.end, length))
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::read_job;

    fn sheet(paper: Paper) -> String {
        let job =
            read_job(include_bytes!("../../../../docs/examples/barn-dance-trousers.vemble.json")).unwrap();
        let solution = vemble_fit::solve(&job).unwrap();
        String::from_utf8_lossy(&chalk_sheet(&job, &solution, paper)).into_owned()
    }

    #[test]
    fn the_sheet_has_its_tables_and_its_tiles() {
        let text = sheet(Paper::A4);
        assert!(text.starts_with("%PDF-1."));
        // Two tables and a front page; the outseam at full size takes several tiles.
        let pages = text.matches("/Type /Page\n").count() + text.matches("/Type /Page ").count();
        assert!(pages >= 6, "{pages} pages");
        for words in ["(Outseam, both sides alike)", "(Centre back)", "(798)", "(test square: 50 mm)"] {
            assert!(text.contains(words), "{words}");
        }
    }

    #[test]
    fn the_test_square_is_fifty_millimetres() {
        // 50 mm are 141.732 points.
        assert!(sheet(Paper::A4).contains("141.7322"));
        assert!(sheet(Paper::Letter).contains("141.7322"));
    }
}
