//! Ink on paper: the few marks a chalk sheet needs, in millimetres from the upper left corner.
//!
//! Text is set in the fonts that ship with the sheet ([`super::font`]).

use krilla::Document;
use krilla::geom::{Path, PathBuilder, Point, Rect};
use krilla::metadata::Metadata;
use krilla::page::PageSettings;
use krilla::paint::{FillRule, Stroke as Pen, StrokeDash};
use krilla::surface::Surface;
use vemble_fit::Paper;

use super::font::{self, Weight};

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

/// What stands on a page, in points from its upper left corner.
enum Mark {
    /// A text, where its first letter stands.
    Text { weight: Weight, size: f64, at: Point, text: String },
    /// A course, with the width and the dashes it is drawn in.
    Course { course: Path, width: f32, dash: &'static [f32] },
    /// What comes after it is drawn inside this only.
    Inside(Path),
}

/// A document while it is being written.
pub(super) struct Ink {
    document: Document,
    paper: Paper,
}

impl Ink {
    pub(super) fn new(paper: Paper) -> Ink {
        Ink { document: Document::new(), paper }
    }

    /// A blank page.
    pub(super) fn page(&self) -> Page {
        let (width, height) = Page::size(self.paper);
        Page { marks: Vec::new(), width, height }
    }

    pub(super) fn add(&mut self, page: Page) {
        let size = PageSettings::from_wh(points(page.width), points(page.height)).expect("paper has a size");
        let mut written = self.document.start_page_with(size);
        let mut surface = written.surface();
        let mut clips = 0;
        for mark in page.marks {
            match mark {
                Mark::Text { weight, size, at, text } => letter(&mut surface, weight, size, at, &text),
                Mark::Course { course, width, dash } => {
                    let dash = (!dash.is_empty()).then(|| StrokeDash { array: dash.to_vec(), offset: 0.0 });
                    surface.set_stroke(Some(Pen { width, dash, ..Pen::default() }));
                    surface.draw_path(&course);
                    surface.set_stroke(None);
                }
                Mark::Inside(frame) => {
                    surface.push_clip_path(&frame, &FillRule::NonZero);
                    clips += 1;
                }
            }
        }
        for _ in 0..clips {
            surface.pop();
        }
        surface.finish();
        written.finish();
    }

    pub(super) fn finish(mut self, title: &str) -> Vec<u8> {
        self.document.set_metadata(Metadata::new().title(title.to_owned()));
        self.document.finish().expect("fonts that ship can be embedded, and nothing else can go wrong")
    }
}

/// Letters, each run in the font that has them.
fn letter(surface: &mut Surface<'_>, weight: Weight, size: f64, at: Point, text: &str) {
    let mut x = at.x;
    for run in font::runs(weight, text) {
        surface.draw_glyphs(Point::from_xy(x, at.y), &run.glyphs, run.font(), &run.text, size as f32, false);
        x += (run.width * size) as f32;
    }
}

/// One page being drawn.
pub(super) struct Page {
    marks: Vec<Mark>,
    /// Width in millimetres.
    pub(super) width: f64,
    /// Height in millimetres.
    pub(super) height: f64,
}

impl Page {
    pub(super) fn size(paper: Paper) -> (f64, f64) {
        paper.size_mm()
    }

    fn set(&mut self, weight: Weight, size: f64, x: f64, y: f64, text: &str) {
        let at = Point::from_xy(points(x), points(y));
        self.marks.push(Mark::Text { weight, size, at, text: text.to_owned() });
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
        self.draw(along(&[[x1, y1], [x2, y2]]), width, &[]);
    }

    fn draw(&mut self, course: Option<Path>, width: f32, dash: &'static [f32]) {
        self.marks.extend(course.map(|course| Mark::Course { course, width, dash }));
    }

    /// The square that shows whether the printer kept the size.
    pub(super) fn test_square(&mut self, x: f64, y: f64, side: f64) {
        self.draw(frame(x, y, side, side), 0.6, &[]);
        self.small(x + 4.0, y + side / 2.0, "test square: 50 mm");
    }

    pub(super) fn course(&mut self, course: &[[f64; 2]], stroke: Stroke) {
        let (dash, width): (&[f32], f32) = match stroke {
            Stroke::Old => (&[6.0, 4.0], 0.8),
            Stroke::New => (&[], 1.4),
            Stroke::Raw => (&[1.0, 3.0], 0.6),
            Stroke::Tick => (&[], 0.4),
        };
        self.draw(along(course), width, dash);
    }

    /// A pin.
    pub(super) fn cross(&mut self, [x, y]: [f64; 2]) {
        self.segment(0.7, x - 1.5, y - 1.5, x + 1.5, y + 1.5);
        self.segment(0.7, x - 1.5, y + 1.5, x + 1.5, y - 1.5);
    }

    /// Nothing is drawn outside the printable frame, whose line is where sheets are trimmed.
    pub(super) fn clip_frame(&mut self, margin: f64) {
        let (width, height) = (self.width - 2.0 * margin, self.height - 2.0 * margin);
        self.draw(frame(margin, margin, width, height), 0.3, &[]);
        self.marks.extend(frame(margin, margin, width, height).map(Mark::Inside));
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

/// A course through places in millimetres; none where there is no way to go. A place that is none would be left out of the
/// sheet: while it is tried, that is a fault.
fn along(places: &[[f64; 2]]) -> Option<Path> {
    debug_assert!(places.iter().flatten().all(|mm| mm.is_finite()), "a coordinate that is none: {places:?}");
    let (first, rest) = places.split_first()?;
    let mut path = PathBuilder::new();
    path.move_to(points(first[0]), points(first[1]));
    for place in rest {
        path.line_to(points(place[0]), points(place[1]));
    }
    path.finish()
}

/// A rectangle by its upper left corner, width and height in millimetres.
fn frame(x: f64, y: f64, width: f64, height: f64) -> Option<Path> {
    let mut path = PathBuilder::new();
    path.push_rect(Rect::from_xywh(points(x), points(y), points(width), points(height))?);
    path.finish()
}
