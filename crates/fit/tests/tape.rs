//! What stands on the tape: written in every unit and rounding and read back, typed in every usual spelling,
//! and refused with the character where reading stopped.

mod common;

use common::cases;
use proptest::prelude::*;
use vemble_fit::{Length, ReadingError, Rounding, Scale, Unit, read_tape};

/// Every unit with every rounding it is read to, and half of that in millimetres.
const SCALES: [(Unit, Rounding, f64); 5] = [
    (Unit::Inch, Rounding::EighthInch, 25.4 / 16.0),
    (Unit::Inch, Rounding::SixteenthInch, 25.4 / 32.0),
    (Unit::Cm, Rounding::HalfCm, 2.5),
    (Unit::Cm, Rounding::Mm, 0.5),
    (Unit::Mm, Rounding::Mm, 0.5),
];

proptest! {
    #![proptest_config(cases(400))]

    #[test]
    fn what_is_written_reads_back_within_half_its_rounding(mm in -900.0f64..2500.0, which in 0usize..5) {
        let (unit, rounding, half) = SCALES[which];
        let length = Length::from_mm(mm);
        let scale = Scale::new(unit, rounding);
        for text in [scale.write(length), scale.number(length)] {
            let read = read_tape(&text, unit).unwrap_or_else(|error| panic!("{text:?} in {unit:?}: {error}"));
            prop_assert!((read - length).abs().mm() <= half + 1e-6, "{mm} is written {text:?}, read {read:?}");
            // What is on the tape's own marks is written exactly, again and again.
            prop_assert_eq!(scale.write(read), scale.write(length));
        }
    }

    #[test]
    fn whole_marks_are_exact(sixty_fourths in 0i64..6400, tenths in 0i64..30_000) {
        let inches = Length::from_inch_fraction(sixty_fourths, 64);
        let (whole, part) = (sixty_fourths / 64, sixty_fourths % 64);
        for text in [
            format!("{whole} {part}/64"), format!("{whole}-{part}/64\""), format!("{whole} {part}/64 in"),
        ] {
            prop_assert_eq!(read_tape(&text, Unit::Inch), Ok(inches), "{}", text);
        }
        let millimetres = Length::from_nm(tenths * 100_000);
        let (mm, tenth) = (tenths / 10, tenths % 10);
        for text in [format!("{mm}.{tenth}"), format!("{mm},{tenth} mm"), format!("  {mm}.{tenth}mm ")] {
            prop_assert_eq!(read_tape(&text, Unit::Mm), Ok(millimetres), "{}", text);
        }
        // A unit that is said wins over the session's.
        prop_assert_eq!(read_tape(&format!("{mm}.{tenth} mm"), Unit::Inch), Ok(millimetres));
    }

    #[test]
    fn no_text_breaks_the_reader_and_every_refusal_points_into_it(text in "\\PC{0,40}") {
        if let Err(error) = read_tape(&text, Unit::Cm) {
            let letters = text.chars().count();
            prop_assert!((1..=letters + 1).contains(&error.position()), "{:?} at {}", text, error.position());
            prop_assert!(error.to_string().len() > 8);
        }
    }

    #[test]
    fn one_strange_letter_is_found_where_it_stands(
        whole in 0u32..60, strange in prop::sample::select(vec!['q', '%', '?', '_', 'k']),
    ) {
        let text = format!("{whole} 1/{strange}");
        let error = read_tape(&text, Unit::Inch).expect_err("no such fraction");
        prop_assert_eq!(error.position(), text.chars().count(), "{}: {}", text, error);
    }
}

#[test]
fn every_usual_spelling_of_two_and_a_quarter_inches_is_one_length() {
    let wanted = Length::from_inch_fraction(9, 4);
    for text in [
        "2 1/4",
        "2-1/4\"",
        "2¼",
        "2 ¼",
        "2.25",
        "2,25",
        "2 and 1/4",
        "2+1/4",
        "2\" 1/4",
        "2.25in",
        "2.25 inches",
        "5.715 cm",
        "57.15mm",
    ] {
        assert_eq!(read_tape(text, Unit::Inch), Ok(wanted), "{text}");
    }
    assert_eq!(read_tape("5/8", Unit::Inch), Ok(Length::from_inch_fraction(5, 8)));
    assert_eq!(read_tape("-3", Unit::Mm), Ok(Length::whole_mm(-3)), "a minus lets out");
    assert_eq!(
        read_tape("12", Unit::Cm),
        Ok(Length::whole_mm(120)),
        "a bare number takes the session's unit"
    );
}

#[test]
fn what_is_no_reading_is_refused_for_what_it_is() {
    assert_eq!(read_tape("", Unit::Mm), Err(ReadingError::Empty));
    assert_eq!(read_tape("   ", Unit::Mm), Err(ReadingError::Empty));
    for text in
        ["1/0", "2 3/0", "nine", "1 2 3 4", "1//2", "1/2/3", "12 furlongs", "--3", "1e400", "3 -", "½½"]
    {
        let error = read_tape(text, Unit::Inch).expect_err(text);
        assert!(
            error.to_string().chars().next().is_some_and(char::is_alphanumeric)
                || error.to_string().starts_with('"'),
            "{text}: {error}"
        );
    }
}
