//! A sheet read back: what its pages draw and say, found from the file alone.

use std::collections::BTreeMap;

use kurbo::{Affine, Point};
use lopdf::content::Content;
use lopdf::{Dictionary, Document, Encoding, Object};

pub const POINTS_PER_MM: f64 = 72.0 / 25.4;

/// A text as it stands on a page, in millimetres from the lower left corner.
#[derive(Debug, Clone, Default)]
pub struct Text {
    pub words: String,
    pub left: f64,
    pub base: f64,
    pub width: f64,
    /// Size of its letters.
    pub size: f64,
}

/// One page: what stands on it, in millimetres from its lower left corner.
#[derive(Debug, Default)]
pub struct Page {
    /// Courses with the width they are drawn in.
    pub courses: Vec<(f64, Vec<[f64; 2]>)>,
    /// Rectangles: lower left corner, width, height.
    pub squares: Vec<[f64; 4]>,
    pub texts: Vec<Text>,
}

impl Page {
    /// True where a text on it holds these words.
    pub fn says(&self, words: &str) -> bool {
        self.texts.iter().any(|text| text.words.contains(words))
    }
}

/// An embedded font: how its codes are read as letters, and the width of each in thousandths of its size.
struct Font<'a> {
    encoding: Encoding<'a>,
    widths: BTreeMap<u16, f64>,
    /// Of those not named there.
    others: f64,
}

fn number(object: &Object) -> f64 {
    f64::from(object.as_float().expect("a number"))
}

fn font<'a>(document: &'a Document, font: &'a Dictionary) -> Font<'a> {
    assert_eq!(font.get(b"Encoding").and_then(Object::as_name).ok(), Some(&b"Identity-H"[..]));
    let encoding = font.get_font_encoding(document).expect("letters for its codes");
    let parts = font.get_deref(b"DescendantFonts", document).and_then(Object::as_array).expect("its parts");
    let (_, part) = document.dereference(&parts[0]).expect("a part");
    let part = part.as_dict().expect("a dictionary");
    // It is embedded: the file of the font is in the file of the sheet.
    let descriptor =
        part.get_deref(b"FontDescriptor", document).and_then(Object::as_dict).expect("a descriptor");
    let file = [&b"FontFile2"[..], b"FontFile3"]
        .into_iter()
        .find_map(|key| descriptor.get_deref(key, document).ok());
    let bytes = file.expect("it is embedded").as_stream().expect("a stream").content.len();
    assert!(bytes > 200, "{bytes} bytes of a font");
    let mut widths = BTreeMap::new();
    let rows = part.get_deref(b"W", document).and_then(Object::as_array).expect("widths");
    let mut rows = rows.iter();
    while let (Some(first), Some(next)) = (rows.next(), rows.next()) {
        let first = number(first) as u16;
        if let Ok(each) = next.as_array() {
            widths.extend(each.iter().enumerate().map(|(nth, width)| (first + nth as u16, number(width))));
        } else {
            let width = number(rows.next().expect("a width"));
            widths.extend((first..=number(next) as u16).map(|code| (code, width)));
        }
    }
    Font { encoding, widths, others: part.get(b"DW").map_or(1000.0, number) }
}

/// Every page of a sheet.
pub fn pages(file: &[u8]) -> Vec<Page> {
    let document = Document::load_mem(file).expect("a sheet");
    let of = |id| {
        let fonts = document.get_page_fonts(id).expect("its fonts");
        let fonts = fonts.into_iter().map(|(name, each)| (name, font(&document, each))).collect();
        let content = Content::decode(&document.get_page_content(id)).expect("what stands on it");
        Pen::default().draw(content, &fonts)
    };
    document.get_pages().into_values().map(of).collect()
}

/// Width and height of every page, in points.
pub fn sizes(file: &[u8]) -> Vec<[f64; 2]> {
    let document = Document::load_mem(file).expect("a sheet");
    let of = |id| {
        let page = document.get_dictionary(id).expect("a page");
        let corners = page.get(b"MediaBox").and_then(Object::as_array).expect("its box");
        let [left, low, right, high] = [0, 1, 2, 3].map(|at| number(&corners[at]));
        [right - left, high - low]
    };
    document.page_iter().map(of).collect()
}

/// Reads the few operators a sheet is drawn with.
#[derive(Default)]
struct Pen {
    page: Page,
    /// Where the lower left corner of the page's own places is, and those kept aside.
    to_page: Vec<Affine>,
    /// How wide a line is drawn, and those kept aside.
    width: Vec<f64>,
    /// The course being drawn.
    course: Vec<Point>,
    text: Text,
    name: Vec<u8>,
}

impl Pen {
    fn at(&self, x: f64, y: f64) -> Point {
        let to_page = self.to_page.last().copied().unwrap_or_default();
        Affine::scale(1.0 / POINTS_PER_MM) * to_page * Point::new(x, y)
    }

    fn draw(mut self, content: Content, fonts: &BTreeMap<Vec<u8>, Font<'_>>) -> Page {
        (self.to_page, self.width) = (vec![Affine::IDENTITY], vec![1.0]);
        for operation in content.operations {
            let numbers: Vec<f64> =
                operation.operands.iter().filter_map(|each| each.as_float().ok()).map(f64::from).collect();
            match (operation.operator.as_str(), numbers.as_slice()) {
                ("q", _) => {
                    self.to_page.extend(self.to_page.last().copied());
                    self.width.extend(self.width.last().copied());
                }
                ("Q", _) => drop((self.to_page.pop(), self.width.pop())),
                ("cm", [a, b, c, d, e, f]) => {
                    *self.to_page.last_mut().expect("a page") *= Affine::new([*a, *b, *c, *d, *e, *f]);
                }
                ("w", [points]) => *self.width.last_mut().expect("a page") = *points,
                ("m", [x, y]) => self.course = vec![self.at(*x, *y)],
                ("l", [x, y]) => self.course.push(self.at(*x, *y)),
                ("re", [x, y, wide, high]) => {
                    let (one, other) = (self.at(*x, *y), self.at(x + wide, y + high));
                    self.course = vec![one, Point::new(one.x, other.y), other, Point::new(other.x, one.y)];
                }
                ("S" | "s", _) => self.stroke(),
                ("n", _) => self.course.clear(),
                ("BT", _) => self.text = Text::default(),
                ("ET", _) => self.write(),
                ("Tf", [size]) => {
                    self.text.size = size / POINTS_PER_MM;
                    self.name = operation.operands[0].as_name().expect("a name").to_vec();
                }
                ("Tm", [.., x, y]) | ("Td", [x, y]) => {
                    let at = self.at(*x, *y);
                    (self.text.left, self.text.base) = (at.x, at.y);
                }
                ("Tj" | "TJ", _) => {
                    operation.operands.iter().for_each(|each| self.show(each, &fonts[&self.name]))
                }
                _ => {}
            }
        }
        self.page
    }

    /// A closed course of four corners is a rectangle; any other is a course.
    fn stroke(&mut self) {
        let course = std::mem::take(&mut self.course);
        let [left, right] =
            [f64::min, f64::max].map(|of| course.iter().map(|at| at.x).reduce(of).unwrap_or(0.0));
        let [low, high] =
            [f64::min, f64::max].map(|of| course.iter().map(|at| at.y).reduce(of).unwrap_or(0.0));
        let corner = |at: &Point| {
            let on = |x: f64, one: f64, other: f64| (x - one).abs() < 1e-3 || (x - other).abs() < 1e-3;
            on(at.x, left, right) && on(at.y, low, high)
        };
        if course.len() >= 4 && course.iter().all(corner) {
            self.page.squares.push([left, low, right - left, high - low]);
        } else {
            let width = self.width.last().copied().unwrap_or(1.0);
            self.page.courses.push((width, course.iter().map(|at| [at.x, at.y]).collect()));
        }
    }

    fn show(&mut self, shown: &Object, font: &Font<'_>) {
        match shown {
            Object::Array(parts) => parts.iter().for_each(|part| self.show(part, font)),
            Object::String(codes, _) => {
                self.text.words += &Document::decode_text(&font.encoding, codes).expect("letters");
                let codes = codes.chunks(2).map(|pair| u16::from_be_bytes([pair[0], pair[1]]));
                let wide = codes.map(|code| font.widths.get(&code).copied().unwrap_or(font.others));
                self.text.width += wide.sum::<f64>() / 1000.0 * self.text.size;
            }
            // Moved by so much against the direction of the text.
            moved => self.text.width -= moved.as_float().map_or(0.0, f64::from) / 1000.0 * self.text.size,
        }
    }

    /// What goes on in another font goes on in the same text.
    fn write(&mut self) {
        let text = std::mem::take(&mut self.text);
        match self.page.texts.last_mut() {
            Some(last) if last.base == text.base && (last.left + last.width - text.left).abs() < 0.01 => {
                last.words += &text.words;
                last.width += text.width;
            }
            _ => self.page.texts.push(text),
        }
    }
}
