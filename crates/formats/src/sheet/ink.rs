//! Ink on paper: the few marks a chalk sheet needs, in millimetres from the upper left corner.
//!
//! Text is set in the standard Helvetica that every PDF reader and printer has, so nothing is
//! embedded. What its encoding lacks is spelled out.

use pdf_writer::{Content, Name, Pdf, Rect, Ref, Str};
use vemble_fit::Paper;

use super::tiles::Tile;

const POINTS_PER_MM: f64 = 72.0 / 25.4;
/// Size of the small text, in points.
const SMALL: f64 = 7.5;
/// Mean advance of Helvetica as a share of its size, for breaking lines; a little generous.
const ADVANCE: f64 = 0.52;

/// From line to line, as a share of the size of the text.
const LEADING: f64 = 1.24;

/// A word in pieces that fit a line; nearly every word is one.
fn pieces(word: &str, most: usize) -> Vec<String> {
    let letters: Vec<char> = word.chars().collect();
    letters.chunks(most).map(|piece| piece.iter().collect()).collect()
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
}

const CATALOG: Ref = Ref::new(1);
const PAGES: Ref = Ref::new(2);
const REGULAR: Ref = Ref::new(3);
const BOLD: Ref = Ref::new(4);
const INFO: Ref = Ref::new(5);

impl Ink {
    pub(super) fn new(paper: Paper) -> Ink {
        Ink { pdf: Pdf::new(), pages: Vec::new(), next: 6, paper }
    }

    pub(super) fn paper(&self) -> Paper {
        self.paper
    }

    /// A blank page.
    pub(super) fn page(&self) -> Page {
        let (width, height) = Page::size(self.paper);
        Page { content: Content::new(), width, height }
    }

    pub(super) fn add(&mut self, page: Page) {
        let (id, content) = (Ref::new(self.next), Ref::new(self.next + 1));
        self.next += 2;
        let size = Rect::new(0.0, 0.0, points(page.width), points(page.height));
        let mut written = self.pdf.page(id);
        written.media_box(size).parent(PAGES).contents(content);
        written.resources().fonts().pair(Name(b"R"), REGULAR).pair(Name(b"B"), BOLD);
        written.finish();
        self.pdf.stream(content, &page.content.finish());
        self.pages.push(id);
    }

    pub(super) fn finish(mut self, title: &str) -> Vec<u8> {
        self.pdf.catalog(CATALOG).pages(PAGES);
        let count = self.pages.len() as i32;
        self.pdf.pages(PAGES).kids(self.pages.iter().copied()).count(count);
        for (id, face) in [(REGULAR, &b"Helvetica"[..]), (BOLD, b"Helvetica-Bold")] {
            self.pdf.type1_font(id).base_font(Name(face)).encoding_predefined(Name(b"WinAnsiEncoding"));
        }
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

    fn set(&mut self, face: &[u8], size: f32, x: f64, y: f64, text: &str) {
        let (px, py) = (self.x(x), self.y(y));
        self.content
            .begin_text()
            .set_font(Name(face), size)
            .next_line(px, py)
            .show(Str(&win_ansi(text)))
            .end_text();
    }

    pub(super) fn heading(&mut self, x: f64, y: f64, text: &str) {
        self.set(b"B", 17.0, x, y, text);
    }

    pub(super) fn strong(&mut self, x: f64, y: f64, text: &str) {
        self.set(b"B", 10.5, x, y, text);
    }

    pub(super) fn text(&mut self, x: f64, y: f64, text: &str) {
        self.set(b"R", 10.5, x, y, text);
    }

    pub(super) fn small(&mut self, x: f64, y: f64, text: &str) {
        self.set(b"R", SMALL as f32, x, y, text);
    }

    /// Width of small text in millimetres, nearly.
    pub(super) fn small_width(text: &str) -> f64 {
        text.chars().count() as f64 * SMALL * ADVANCE / POINTS_PER_MM
    }

    /// Text broken to the page's width; returns the height of its last line.
    pub(super) fn paragraph(&mut self, x: f64, y: f64, text: &str) -> f64 {
        let width = self.width - 2.0 * x;
        self.column((b"R", 10.5), [x, y], width, text)
    }

    /// A heading broken to a width; returns the height of its last line.
    pub(super) fn heading_within(&mut self, x: f64, y: f64, width: f64, text: &str) -> f64 {
        self.column((b"B", 17.0), [x, y], width, text)
    }

    /// Text broken to a width; returns the height of its last line.
    pub(super) fn paragraph_within(&mut self, x: f64, y: f64, width: f64, text: &str) -> f64 {
        self.column((b"R", 10.5), [x, y], width, text)
    }

    fn column(&mut self, (face, size): (&[u8], f64), [x, y]: [f64; 2], width: f64, text: &str) -> f64 {
        let per_line = ((width * POINTS_PER_MM / (size * ADVANCE)) as usize).max(1);
        let mut y = y;
        let mut line = String::new();
        for word in text.split_whitespace().flat_map(|word| pieces(word, per_line)) {
            if !line.is_empty() && line.chars().count() + word.chars().count() >= per_line {
                self.set(face, size as f32, x, y, &line);
                line.clear();
                y += size * LEADING / POINTS_PER_MM;
            }
            if !line.is_empty() {
                line.push(' ');
            }
            line.push_str(&word);
        }
        self.set(face, size as f32, x, y, &line);
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

    /// Where the neighbouring sheets lie: a cross in each corner of the overlap, and the tile's
    /// place among the others.
    pub(super) fn tile_marks(&mut self, margin: f64, overlap: f64, tile: &Tile) {
        let (right, bottom) = (self.width - margin, self.height - margin);
        for x in [margin + overlap, right - overlap] {
            for y in [margin + overlap, bottom - overlap] {
                self.hairline(x - 4.0, y, x + 4.0, y);
                self.hairline(x, y - 4.0, x, y + 4.0);
            }
        }
        self.small(
            margin + 2.0,
            margin + 5.0,
            &format!("column {}, row {} from below", tile.at.0, tile.at.1),
        );
        self.small(margin + 2.0, margin + 9.0, "lay crosses on crosses");
    }
}

fn points(mm: f64) -> f32 {
    (mm * POINTS_PER_MM) as f32
}

/// Text in the encoding of the standard fonts. Latin-1 letters keep their code; the few signs
/// used elsewhere are spelled; anything else becomes a question mark rather than nothing.
fn win_ansi(text: &str) -> Vec<u8> {
    text.chars()
        .flat_map(|c| match c {
            ' '..='~' | '\u{a0}'..='\u{ff}' => vec![c as u8],
            '–' => vec![0x96],
            '—' => vec![0x97],
            '‘' => vec![0x91],
            '’' => vec![0x92],
            '“' => vec![0x93],
            '”' => vec![0x94],
            '•' => vec![0x95],
            '…' => vec![0x85],
            '−' => vec![b'-'],
            _ => vec![b'?'],
        })
        .collect()
}
