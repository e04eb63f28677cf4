//! The letters of a sheet: fonts that ship with it, and of each only what is printed.
//!
//! A letter is set in the house's own face; what that has not (≈, eighths, other scripts) in one that has nearly
//! everything. What of each is embedded, and how a sheet is searched and copied from, is krilla's.

use std::sync::LazyLock;

use krilla::text::{Font as Embedded, GlyphId, KrillaGlyph};
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
    face: Face<'static>,
    embedded: Embedded,
}

impl Font {
    fn shipped(data: &'static [u8]) -> Font {
        let face = Face::parse(data, 0).expect("a font that ships is one");
        let embedded = Embedded::new(data.into(), 0).expect("a font that ships is one");
        Font { face, embedded }
    }

    /// How wide a glyph is, as a share of the size of the text.
    fn advance(&self, glyph: u16) -> f64 {
        let units = self.face.glyph_hor_advance(ttf_parser::GlyphId(glyph)).unwrap_or(0);
        f64::from(units) / f64::from(self.face.units_per_em())
    }
}

/// Regular, bold, and for what both have not.
static FONTS: LazyLock<[Font; 3]> = LazyLock::new(|| {
    [
        Font::shipped(include_bytes!("../../fonts/VembleSans-Regular.ttf")),
        Font::shipped(include_bytes!("../../fonts/VembleSans-Bold.ttf")),
        Font::shipped(include_bytes!("../../fonts/DejaVuSans.ttf")),
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
    letters(weight, text).map(|set| FONTS[set.font].advance(set.glyph)).sum::<f64>() * size
}

/// Letters of a text that stand in one font.
pub(super) struct Run {
    font: usize,
    /// The letters.
    pub(super) text: String,
    /// Their glyphs.
    pub(super) glyphs: Vec<KrillaGlyph>,
    /// How wide they are, as a share of the size of the text.
    pub(super) width: f64,
}

impl Run {
    /// The font they stand in.
    pub(super) fn font(&self) -> Embedded {
        FONTS[self.font].embedded.clone()
    }

    fn push(&mut self, Set { glyph, letter, .. }: Set) {
        let advance = FONTS[self.font].advance(glyph);
        let from = self.text.len();
        self.text.push(letter);
        let glyph = GlyphId::new(u32::from(glyph));
        let range = from..self.text.len();
        self.glyphs.push(KrillaGlyph::new(glyph, advance as f32, 0.0, 0.0, 0.0, range, None));
        self.width += advance;
    }
}

/// A text in runs of one font each.
pub(super) fn runs(weight: Weight, text: &str) -> Vec<Run> {
    let mut runs: Vec<Run> = Vec::new();
    for set in letters(weight, text) {
        match runs.last_mut() {
            Some(last) if last.font == set.font => last.push(set),
            _ => {
                let mut run = Run { font: set.font, text: String::new(), glyphs: Vec::new(), width: 0.0 };
                run.push(set);
                runs.push(run);
            }
        }
    }
    runs
}

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
