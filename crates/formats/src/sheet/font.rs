//! The letters of a sheet: fonts that ship with it, and of each only what is printed.
//!
//! A letter is set in the house's own face; what that has not (≈, eighths, other scripts) in one that has nearly
//! everything. Codes in the content are the glyphs of the whole font (`Identity-H`); a map leads from them to the part of
//! it that is embedded, and another back to letters, so that a sheet can be searched and copied from.

use std::collections::BTreeMap;
use std::sync::LazyLock;

use pdf_writer::types::{CidFontType, FontFlags, SystemInfo, UnicodeCmap};
use pdf_writer::{Name, Pdf, Rect, Ref, Str};
use subsetter::{GlyphRemapper, subset};
use ttf_parser::Face;

/// A face a text is set in.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub(super) enum Weight {
    /// For what is read.
    Regular,
    /// For what is found.
    Bold,
}

/// A font that ships with the sheet.
struct Font {
    /// What pages call it.
    name: &'static [u8],
    /// What it is called.
    base: &'static str,
    data: &'static [u8],
    face: Face<'static>,
}

impl Font {
    fn shipped(name: &'static [u8], base: &'static str, data: &'static [u8]) -> Font {
        let face = Face::parse(data, 0).expect("a font that ships is one");
        Font { name, base, data, face }
    }

    /// A length of the font in thousandths of its size.
    fn thousandths(&self, units: f64) -> f64 {
        units * 1000.0 / f64::from(self.face.units_per_em())
    }

    fn advance(&self, glyph: u16) -> f64 {
        self.thousandths(f64::from(self.face.glyph_hor_advance(ttf_parser::GlyphId(glyph)).unwrap_or(0)))
    }
}

/// Regular, bold, and for what both have not.
static FONTS: LazyLock<[Font; 3]> = LazyLock::new(|| {
    [
        Font::shipped(
            b"R",
            "VEMBLE+VembleSans-Regular",
            include_bytes!("../../fonts/VembleSans-Regular.ttf"),
        ),
        Font::shipped(b"B", "VEMBLE+VembleSans-Bold", include_bytes!("../../fonts/VembleSans-Bold.ttf")),
        Font::shipped(b"S", "VEMBLE+DejaVuSans", include_bytes!("../../fonts/DejaVuSans.ttf")),
    ]
});

/// What is printed for a letter that no font has.
const NO_SUCH_LETTER: char = '\u{fffd}';

/// A letter as it is set: which font, which of its glyphs.
#[derive(Debug, Clone, Copy)]
struct Set {
    font: usize,
    glyph: u16,
    letter: char,
}

fn set(weight: Weight, letter: char) -> Option<Set> {
    let own = match weight {
        Weight::Regular => 0,
        Weight::Bold => 1,
    };
    let in_font = |font: usize, letter: char| {
        let glyph = FONTS[font].face.glyph_index(letter)?.0;
        Some(Set { font, glyph, letter })
    };
    in_font(own, letter).or_else(|| in_font(2, letter)).or_else(|| in_font(2, NO_SUCH_LETTER))
}

fn letters(weight: Weight, text: &str) -> impl Iterator<Item = Set> + '_ {
    text.chars().filter(|letter| !letter.is_control()).filter_map(move |letter| set(weight, letter))
}

/// Width of a text in points.
pub(super) fn width(weight: Weight, size: f64, text: &str) -> f64 {
    letters(weight, text).map(|set| FONTS[set.font].advance(set.glyph)).sum::<f64>() * size / 1000.0
}

/// The glyphs that are printed, with their letters, font by font.
#[derive(Debug, Default)]
pub(super) struct Printed([BTreeMap<u16, char>; 3]);

impl Printed {
    /// A text in runs of one font each: what pages call it, and its codes.
    pub(super) fn runs(&mut self, weight: Weight, text: &str) -> Vec<(&'static [u8], Vec<u8>)> {
        let mut runs: Vec<(usize, Vec<u8>)> = Vec::new();
        for Set { font, glyph, letter } in letters(weight, text) {
            self.0[font].entry(glyph).or_insert(letter);
            match runs.last_mut() {
                Some((last, codes)) if *last == font => codes.extend(glyph.to_be_bytes()),
                _ => runs.push((font, glyph.to_be_bytes().to_vec())),
            }
        }
        runs.into_iter().map(|(font, codes)| (FONTS[font].name, codes)).collect()
    }

    /// Takes in what another page prints.
    pub(super) fn add(&mut self, other: Printed) {
        for (own, more) in self.0.iter_mut().zip(other.0) {
            own.extend(more);
        }
    }

    /// Embeds of every font what is printed, from the reference `first` on, and gives the name and the reference of each.
    pub(super) fn embed(&self, pdf: &mut Pdf, first: i32) {
        for (nth, (font, glyphs)) in FONTS.iter().zip(&self.0).enumerate() {
            embed(pdf, font, glyphs, first + nth as i32 * OBJECTS);
        }
    }
}

/// Objects a font takes.
const OBJECTS: i32 = 6;
/// Objects all of them take.
pub(super) const RESERVED: i32 = 3 * OBJECTS;

/// What pages call each font, and where it stands when the first stands at `first`.
pub(super) fn named(first: i32) -> impl Iterator<Item = (Name<'static>, Ref)> {
    FONTS.iter().enumerate().map(move |(nth, font)| (Name(font.name), Ref::new(first + nth as i32 * OBJECTS)))
}

const IDENTITY: SystemInfo<'_> =
    SystemInfo { registry: Str(b"Adobe"), ordering: Str(b"Identity"), supplement: 0 };

fn embed(pdf: &mut Pdf, font: &Font, glyphs: &BTreeMap<u16, char>, first: i32) {
    let [id, cid, descriptor, file, letters, map] = [0, 1, 2, 3, 4, 5].map(|at| Ref::new(first + at));
    let base = Name(font.base.as_bytes());
    let face = &font.face;
    let mut part = GlyphRemapper::new();
    for glyph in glyphs.keys() {
        part.remap(*glyph);
    }
    let data = subset(font.data, 0, &part);
    pdf.type0_font(id)
        .base_font(base)
        .encoding_predefined(Name(b"Identity-H"))
        .descendant_font(cid)
        .to_unicode(letters);
    let mut written = pdf.cid_font(cid);
    written
        .subtype(CidFontType::Type2)
        .base_font(base)
        .system_info(IDENTITY)
        .font_descriptor(descriptor)
        .default_width(0.0);
    // Where no part can be cut out, the whole is embedded and codes are its glyphs as they are.
    match &data {
        Ok(_) => written.cid_to_gid_map_stream(map),
        Err(_) => written.cid_to_gid_map_predefined(Name(b"Identity")),
    };
    let mut widths = written.widths();
    for glyph in glyphs.keys() {
        widths.same(*glyph, *glyph, font.advance(*glyph) as f32);
    }
    widths.finish();
    written.finish();
    let box_ = face.global_bounding_box();
    let side = |units: i16| font.thousandths(f64::from(units)) as f32;
    pdf.font_descriptor(descriptor)
        .name(base)
        .flags(FontFlags::NON_SYMBOLIC)
        .bbox(Rect::new(side(box_.x_min), side(box_.y_min), side(box_.x_max), side(box_.y_max)))
        .italic_angle(0.0)
        .ascent(side(face.ascender()))
        .descent(side(face.descender()))
        .cap_height(side(face.capital_height().unwrap_or(face.ascender())))
        .stem_v(80.0)
        .font_file2(file);
    match &data {
        Ok(part) => pdf.stream(file, part).pair(Name(b"Length1"), part.len() as i32),
        Err(_) => pdf.stream(file, font.data).pair(Name(b"Length1"), font.data.len() as i32),
    };
    let mut unicode = UnicodeCmap::new(Name(b"Letters"), IDENTITY);
    for (glyph, letter) in glyphs {
        unicode.pair(*glyph, *letter);
    }
    pdf.cmap(letters, &unicode.finish());
    let last = glyphs.keys().next_back().copied().unwrap_or(0);
    let codes: Vec<u8> = (0..=last).flat_map(|glyph| part.get(glyph).unwrap_or(0).to_be_bytes()).collect();
    pdf.stream(map, &codes);
}

use pdf_writer::Finish;

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn every_letter_of_a_name_and_every_sign_of_a_length_has_a_glyph() {
        for text in
            ["Łucja Đặng", "Ødegård", "Çağlar", "Ελένη", "Жанна Їжак", "ŵ ŷ ő ű ș ț", "≈ ½ ⅛ ¾ ″ × − – ≥"]
        {
            for letter in text.chars() {
                let set = set(Weight::Bold, letter).expect("a glyph");
                assert_eq!(set.letter, letter, "{letter}");
            }
        }
        // What nobody ships is shown as such, and not left out.
        assert_eq!(set(Weight::Regular, '\u{4f60}').expect("a glyph").letter, NO_SUCH_LETTER);
    }

    #[test]
    fn a_text_is_as_wide_as_its_letters() {
        let apart: f64 = "Waist".chars().map(|c| width(Weight::Regular, 10.0, &c.to_string())).sum();
        assert!((apart - width(Weight::Regular, 10.0, "Waist")).abs() < 1e-9);
        assert!(width(Weight::Bold, 10.0, "Waist") > width(Weight::Regular, 10.0, "Waist"));
        assert!(width(Weight::Regular, 10.0, "W") > width(Weight::Regular, 10.0, "i"));
    }
}
