//! Ink on paper: the few marks a chalk sheet needs, in millimetres from the upper left corner.
//!
//! Text is set in the fonts that ship with the sheet ([`super::font`]).

use pdf_writer::{Content, Name, Pdf, Rect, Ref, Str};
use vemble_fit::Paper;

use super::font::{self, Printed, Weight};

/// Margin no home printer can reach into, in millimetres.
pub(super) const MARGIN: f64 = 12.0;
/// Side of the test square, in millimetres.
pub(super) const TEST_SQUARE: f64 = 50.0;
const POINTS_PER_MM: f64 = 72.0 / 25.4;
/// Size of the small text, in points.
const SMALL: f64 = 7.5;
/// From line to line, as a share of the size of the text.
const LEADING: f64 = 1.24;

/// Sizes of the other texts, in points.
const TEXT: f64 = 10.5;
const HEADING: f64 = 17.0;

/// A word in pieces that fit a width; nearly every word is one.
fn pieces(word: &str, fits: impl Fn(&str) -> bool) -> Vec<String> {
    let mut pieces = vec![String::new()];
    for letter in word.chars() {
        let last = pieces.last_mut().expect("a piece");
        last.push(letter);
        if !fits(last) && last.chars().count() > 1 {
            last.pop();
            pieces.push(letter.to_string());
        }
    }
    pieces
}

/// How a course is drawn.
#[derive(Debug, Clone, Copy)]
pub(super) enum Stroke {
    /// Old stitching: dashed.
    Old,
    /// The new line: firm.
    New,
    /// Raw edge: thin, dotted.
    Raw,
    /// A chalk mark.
    Tick,
}

/// A document while it is being written.
pub(super) struct Ink {
    pdf: Pdf,
    pages: Vec<Ref>,
    next: i32,
    paper: Paper,
    printed: Printed,
}

const CATALOG: Ref = Ref::new(1);
const PAGES: Ref = Ref::new(2);
const INFO: Ref = Ref::new(3);
/// Where the fonts begin.
const FONTS: i32 = 4;

impl Ink {
    pub(super) fn new(paper: Paper) -> Ink {
        Ink {
            pdf: Pdf::new(),
            pages: Vec::new(),
            next: FONTS + font::RESERVED,
            paper,
            printed: Printed::default(),
        }
    }

    /// A blank page.
    pub(super) fn page(&self) -> Page {
        let (width, height) = Page::size(self.paper);
        Page { content: Content::new(), width, height, printed: Printed::default() }
    }

    pub(super) fn add(&mut self, page: Page) {
        let (id, content) = (Ref::new(self.next), Ref::new(self.next + 1));
        self.next += 2;
        let size = Rect::new(0.0, 0.0, points(page.width), points(page.height));
        let mut written = self.pdf.page(id);
        written.media_box(size).parent(PAGES).contents(content);
        written.resources().fonts().pairs(font::named(FONTS));
        written.finish();
        self.pdf.stream(content, &page.content.finish());
        self.printed.add(page.printed);
        self.pages.push(id);
    }

    pub(super) fn finish(mut self, title: &str) -> Vec<u8> {
        self.pdf.catalog(CATALOG).pages(PAGES);
        let count = self.pages.len() as i32;
        self.pdf.pages(PAGES).kids(self.pages.iter().copied()).count(count);
        self.printed.embed(&mut self.pdf, FONTS);
        self.pdf.document_info(INFO).title(pdf_writer::TextStr(title));
        self.pdf.finish()
    }
}

use pdf_writer::Finish;

/// One page being drawn.
pub(super) struct Page {
    content: Content,
    /// Width in millimetres.
    pub(super) width: f64,
    /// Height in millimetres.
    pub(super) height: f64,
    printed: Printed,
}

impl Page {
    pub(super) fn size(paper: Paper) -> (f64, f64) {
        paper.size_mm()
    }

    fn x(&self, mm: f64) -> f32 {
        points(mm)
    }

    fn y(&self, mm: f64) -> f32 {
        points(self.height - mm)
    }

    fn set(&mut self, weight: Weight, size: f64, x: f64, y: f64, text: &str) {
        let (px, py) = (self.x(x), self.y(y));
        let runs = self.printed.runs(weight, text);
        self.content.begin_text().next_line(px, py);
        for (face, codes) in runs {
            self.content.set_font(Name(face), size as f32).show(Str(&codes));
        }
        self.content.end_text();
    }

    pub(super) fn heading(&mut self, x: f64, y: f64, text: &str) {
        self.set(Weight::Bold, HEADING, x, y, text);
    }

    pub(super) fn strong(&mut self, x: f64, y: f64, text: &str) {
        self.set(Weight::Bold, TEXT, x, y, text);
    }

    pub(super) fn text(&mut self, x: f64, y: f64, text: &str) {
        self.set(Weight::Regular, TEXT, x, y, text);
    }

    pub(super) fn small(&mut self, x: f64, y: f64, text: &str) {
        self.set(Weight::Regular, SMALL, x, y, text);
    }

    /// Width of small text in millimetres.
    pub(super) fn small_width(text: &str) -> f64 {
        font::width(Weight::Regular, SMALL, text) / POINTS_PER_MM
    }

    /// Text broken to the page's width; returns the height of its last line.
    pub(super) fn paragraph(&mut self, x: f64, y: f64, text: &str) -> f64 {
        let width = self.width - 2.0 * x;
        self.column((Weight::Regular, TEXT), [x, y], width, text)
    }

    /// A heading broken to a width; returns the height of its last line.
    pub(super) fn heading_within(&mut self, x: f64, y: f64, width: f64, text: &str) -> f64 {
        self.column((Weight::Bold, HEADING), [x, y], width, text)
    }

    /// Text broken to a width; returns the height of its last line.
    pub(super) fn paragraph_within(&mut self, x: f64, y: f64, width: f64, text: &str) -> f64 {
        self.column((Weight::Regular, TEXT), [x, y], width, text)
    }

    fn column(&mut self, (weight, size): (Weight, f64), [x, y]: [f64; 2], width: f64, text: &str) -> f64 {
        let fits = |line: &str| font::width(weight, size, line) <= width * POINTS_PER_MM;
        let mut y = y;
        let mut line = String::new();
        for word in text.split_whitespace().flat_map(|word| pieces(word, fits)) {
            let longer = if line.is_empty() { word.clone() } else { format!("{line} {word}") };
            if line.is_empty() || fits(&longer) {
                line = longer;
            } else {
                self.set(weight, size, x, y, &line);
                y += size * LEADING / POINTS_PER_MM;
                line = word;
            }
        }
        self.set(weight, size, x, y, &line);
        y
    }

    pub(super) fn rule(&mut self, x1: f64, y1: f64, x2: f64, y2: f64) {
        self.segment(0.8, x1, y1, x2, y2);
    }

    pub(super) fn hairline(&mut self, x1: f64, y1: f64, x2: f64, y2: f64) {
        self.segment(0.2, x1, y1, x2, y2);
    }

    fn segment(&mut self, width: f32, x1: f64, y1: f64, x2: f64, y2: f64) {
        let (a, b, c, d) = (self.x(x1), self.y(y1), self.x(x2), self.y(y2));
        self.content.set_line_width(width).move_to(a, b).line_to(c, d).stroke();
    }

    /// The square that shows whether the printer kept the size.
    pub(super) fn test_square(&mut self, x: f64, y: f64, side: f64) {
        let (left, bottom) = (self.x(x), self.y(y + side));
        self.content.set_line_width(0.6).rect(left, bottom, points(side), points(side)).stroke();
        self.small(x + 4.0, y + side / 2.0, "test square: 50 mm");
    }

    pub(super) fn course(&mut self, course: &[[f64; 2]], stroke: Stroke) {
        let Some((first, rest)) = course.split_first() else { return };
        let (dash, width): (&[f32], f32) = match stroke {
            Stroke::Old => (&[6.0, 4.0], 0.8),
            Stroke::New => (&[], 1.4),
            Stroke::Raw => (&[1.0, 3.0], 0.6),
            Stroke::Tick => (&[], 0.4),
        };
        let (x, y) = (self.x(first[0]), self.y(first[1]));
        self.content.set_dash_pattern(dash.iter().copied(), 0.0).set_line_width(width).move_to(x, y);
        for point in rest {
            let (x, y) = (self.x(point[0]), self.y(point[1]));
            self.content.line_to(x, y);
        }
        self.content.stroke().set_dash_pattern([], 0.0);
    }

    /// A pin.
    pub(super) fn cross(&mut self, [x, y]: [f64; 2]) {
        self.segment(0.7, x - 1.5, y - 1.5, x + 1.5, y + 1.5);
        self.segment(0.7, x - 1.5, y + 1.5, x + 1.5, y - 1.5);
    }

    /// Nothing is drawn outside the printable frame, whose line is where sheets are trimmed.
    pub(super) fn clip_frame(&mut self, margin: f64) {
        let (x, y) = (self.x(margin), self.y(self.height - margin));
        let (w, h) = (points(self.width - 2.0 * margin), points(self.height - 2.0 * margin));
        self.content.set_line_width(0.3).rect(x, y, w, h).stroke();
        self.content.rect(x, y, w, h).clip_nonzero().end_path();
    }

    /// Where the neighbouring sheets lie: a cross in each corner of the overlap; gives the places of the crosses.
    pub(super) fn tile_marks(&mut self, margin: f64, overlap: f64) -> Vec<[f64; 2]> {
        let (right, bottom) = (self.width - margin, self.height - margin);
        let mut places = Vec::new();
        for x in [margin + overlap, right - overlap] {
            for y in [margin + overlap, bottom - overlap] {
                self.hairline(x - 4.0, y, x + 4.0, y);
                self.hairline(x, y - 4.0, x, y + 4.0);
                places.extend([[x, y], [x - 4.0, y], [x + 4.0, y], [x, y - 4.0], [x, y + 4.0]]);
            }
        }
        places
    }
}

fn points(mm: f64) -> f32 {
    (mm * POINTS_PER_MM) as f32
}
