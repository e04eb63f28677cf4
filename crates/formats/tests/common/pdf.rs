//! A sheet read back: what its pages draw and say, found from the file alone.

use std::collections::BTreeMap;

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

/// An embedded font: the letter and the width of each of its codes.
struct Font {
    letters: BTreeMap<u16, char>,
    widths: BTreeMap<u16, f64>,
}

/// The part of a text between two others.
fn between<'a>(text: &'a str, from: &str, to: &str) -> Option<&'a str> {
    let rest = &text[text.find(from)? + from.len()..];
    Some(&rest[..rest.find(to)?])
}

fn object(text: &str, id: &str) -> String {
    let from = format!("\n{id} 0 obj\n");
    between(text, &from, "\nendobj").unwrap_or_else(|| panic!("no object {id}")).to_owned()
}

/// What a key of an object refers to.
fn reference(object: &str, key: &str) -> String {
    let rest = &object[object.find(key).unwrap_or_else(|| panic!("no {key} in {object:.200}")) + key.len()..];
    rest.trim_start_matches([' ', '[']).split(' ').next().expect("a reference").to_owned()
}

fn font(text: &str, id: &str) -> Font {
    let whole = object(text, id);
    assert!(whole.contains("/Identity-H"), "{whole}");
    let letters = object(text, &reference(&whole, "/ToUnicode"));
    let code = |hex: &str| u32::from_str_radix(hex.trim_matches(['<', '>']), 16).expect("a code");
    let letters = letters
        .lines()
        .skip_while(|line| !line.ends_with("beginbfchar"))
        .filter_map(|line| line.split_once(' '))
        .filter(|(glyph, letter)| glyph.starts_with('<') && letter.starts_with('<'))
        .map(|(glyph, letter)| (code(glyph) as u16, char::from_u32(code(letter)).expect("a letter")))
        .collect();
    let part = object(text, &reference(&whole, "/DescendantFonts"));
    let descriptor = object(text, &reference(&part, "/FontDescriptor"));
    // It is embedded: the file of the font is in the file of the sheet.
    let file = object(text, &reference(&descriptor, "/FontFile2"));
    assert!(file.len() > 500, "{} bytes of a font", file.len());
    let widths = between(&part, "/W [", "]").unwrap_or_default();
    let numbers: Vec<f64> = widths.split_whitespace().filter_map(|number| number.parse().ok()).collect();
    let widths = numbers.chunks(3).map(|row| (row[0] as u16, row[2])).collect();
    Font { letters, widths }
}

/// The bytes of a string as a content stream writes it: in brackets, or in hexadecimal.
fn bytes(written: &str) -> Vec<u8> {
    if let Some(hex) = written.strip_prefix('<') {
        let digits: Vec<u8> =
            hex.chars().filter_map(|digit| digit.to_digit(16)).map(|digit| digit as u8).collect();
        return digits.chunks(2).map(|pair| pair[0] * 16 + pair.get(1).unwrap_or(&0)).collect();
    }
    let inner = written.strip_prefix('(').and_then(|rest| rest.strip_suffix(')')).expect("a string");
    let mut letters = inner.chars().peekable();
    let mut out = Vec::new();
    while let Some(letter) = letters.next() {
        if letter != '\\' {
            out.push(letter as u8);
            continue;
        }
        match letters.next().expect("an escape") {
            'n' => out.push(b'\n'),
            'r' => out.push(b'\r'),
            't' => out.push(b'\t'),
            'b' => out.push(8),
            'f' => out.push(12),
            digit @ '0'..='7' => {
                let mut code = digit.to_digit(8).expect("a digit");
                for _ in 0..2 {
                    let Some(next) = letters.peek().and_then(|next| next.to_digit(8)) else { break };
                    code = code * 8 + next;
                    letters.next();
                }
                out.push(code as u8);
            }
            other => out.push(other as u8),
        }
    }
    out
}

/// Every page of a sheet.
pub fn pages(file: &[u8]) -> Vec<Page> {
    let text: String = file.iter().map(|byte| char::from(*byte)).collect();
    let contents: Vec<String> = text
        .split("/Contents ")
        .skip(1)
        .map(|rest| rest.split(' ').next().expect("a reference").to_owned())
        .collect();
    let fonts: BTreeMap<&str, Font> = ["R", "B", "S"]
        .into_iter()
        .map(|name| (name, font(&text, &reference(&text, &format!("/{name} ")))))
        .collect();
    contents
        .iter()
        .map(|id| {
            let stream = object(&text, id);
            page(between(&stream, "stream\n", "\nendstream").unwrap_or_default(), &fonts)
        })
        .collect()
}

/// Reads the few operators a sheet is drawn with.
fn page(stream: &str, fonts: &BTreeMap<&str, Font>) -> Page {
    let mut page = Page::default();
    let mut numbers: Vec<f64> = Vec::new();
    let (mut width, mut name) = (1.0, String::new());
    let mut text = Text::default();
    for line in stream.lines() {
        if let Some(shown) = line.strip_suffix(" Tj") {
            let font = &fonts[name.as_str()];
            for code in bytes(shown).chunks(2).map(|pair| u16::from_be_bytes([pair[0], pair[1]])) {
                text.words.push(font.letters[&code]);
                text.width += font.widths[&code] / 1000.0 * text.size;
            }
            continue;
        }
        for token in line.split_whitespace() {
            if let Ok(number) = token.parse::<f64>() {
                numbers.push(number);
                continue;
            }
            if let Some(face) = token.strip_prefix('/') {
                name = face.to_owned();
                continue;
            }
            let mm: Vec<f64> = numbers.iter().map(|number| number / POINTS_PER_MM).collect();
            match (token, mm.as_slice()) {
                ("w", [points]) => width = points * POINTS_PER_MM,
                ("m", [x, y]) => page.courses.push((width, vec![[*x, *y]])),
                ("l", [x, y]) => page.courses.last_mut().expect("a course begun").1.push([*x, *y]),
                ("BT", _) => text = Text::default(),
                ("ET", _) => page.texts.push(std::mem::take(&mut text)),
                ("Tf", [size]) => text.size = *size,
                ("Td", [x, y]) => (text.left, text.base) = (*x, *y),
                ("re", [x, y, wide, high]) => page.squares.push([*x, *y, *wide, *high]),
                _ => {}
            }
            numbers.clear();
        }
    }
    page
}
