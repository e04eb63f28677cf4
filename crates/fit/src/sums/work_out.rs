//! Working a sum out.

use super::answer::{SumAnswer, Writer};
use super::spacing::Spacing;
use super::sum::Sum;
use super::sum_error::SumError;
use super::{bias, elastic, gathers, pleats, row, shrink, slit};
use crate::cloth::wash::WashTest;
use crate::house::habit::Habits;
use crate::unit::length::Length;

/// Works a sum out.
///
/// ```
/// use vemble_fit::{Habits, Length, sums::{Sum, work_out}};
/// let mm = Length::whole_mm;
/// let pleats = Sum::Pleats { finished: mm(720), count: 12, depth: mm(25) };
/// // Each pleat takes its depth twice: 720 + 2 · 12 · 25.
/// assert_eq!(work_out(&pleats, &Habits::default()).unwrap().result, mm(1320));
/// ```
///
/// # Errors
/// [`SumError`] naming the number that cannot be, with what it can.
pub fn work_out(sum: &Sum, habits: &Habits) -> Result<SumAnswer, SumError> {
    let out = Writer::new(habits);
    let mm = |lengths: &[Length]| lengths.iter().map(|length| length.mm()).collect::<Vec<_>>();
    match sum {
        Sum::Spacing { from, to, count, pinned, clear } => {
            let clear = clear.map(|clear| [clear.at.mm(), clear.by.mm()]);
            let pinned = pinned.map(Length::mm);
            row::answer(&Spacing { from: from.mm(), to: to.mm(), count: *count, pinned, clear }, out)
        }
        Sum::Bias { length, width, cloth, doubled, both_edges } => {
            bias::answer([length.mm(), width.mm(), cloth.mm()], *doubled, *both_edges, out)
        }
        Sum::Elastic { spans, gap } => elastic::answer(&mm(spans), gap.mm(), out),
        Sum::Pleats { finished, count, depth } => pleats::answer(finished.mm(), *count, depth.mm(), out),
        Sum::Gathers { long, short } => gathers::answer(long.mm(), short.mm(), out),
        Sum::Slit { across, darts, place, opening, height } => {
            slit::answer([across.mm(), opening.mm(), height.mm()], &mm(darts), *place, out)
        }
        Sum::Shrink { wanted, before, after } => {
            shrink::answer(wanted.mm(), &WashTest { before: *before, after: *after }, out)
        }
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::sums::slit::SlitPlace;
    use crate::unit::length::Length;

    const fn mm(value: i64) -> Length {
        Length::whole_mm(value)
    }

    fn out(sum: Sum) -> SumAnswer {
        work_out(&sum, &Habits::default()).unwrap()
    }

    #[test]
    fn a_strip_across_the_cloth_is_longer_than_the_cloth_is_wide() {
        let answer = out(Sum::Bias {
            length: mm(1600),
            width: mm(30),
            cloth: mm(1100),
            doubled: false,
            both_edges: false,
        });
        // 1100 · √2 = 1556 is not enough for 1600 with its ends: two strips, one join, four slanted ends of
        // 6 · √2 each.
        assert!(
            (answer.result.mm() - (1600.0 + 4.0 * 6.0 * 2f64.sqrt())).abs() < 0.01,
            "{}",
            answer.result.mm()
        );
        assert!(answer.words.starts_with("2 strips at 45°, 1 join:"), "{}", answer.words);
    }

    #[test]
    fn elastic_shares_the_gap_by_the_length_of_each_segment() {
        let answer = out(Sum::Elastic { spans: vec![mm(200), mm(100)], gap: mm(30) });
        // (200 − 20) · 0.95 + 24 and (100 − 10) · 0.95 + 24.
        assert_eq!(answer.rows[0].shown, "195 mm");
        assert_eq!(answer.rows[1].shown, "110 mm");
        assert!(out(Sum::Elastic { spans: vec![mm(300)], gap: mm(120) }).words.contains("bunch"));
    }

    #[test]
    fn a_slit_closes_towards_its_top() {
        let answer = out(Sum::Slit {
            across: mm(500),
            darts: vec![mm(120), mm(380)],
            place: SlitPlace::Middle,
            opening: mm(60),
            height: mm(150),
        });
        assert_eq!(answer.result, mm(250));
        let open: Vec<&str> = answer.rows.iter().skip(1).map(|row| row.shown.as_str()).collect();
        assert_eq!(open, ["60 mm", "40 mm", "20 mm"]);
    }

    #[test]
    fn gathers_are_told_by_how_they_look_and_shrinking_by_what_to_cut() {
        assert_eq!(out(Sum::Gathers { long: mm(900), short: mm(600) }).words, "1.50 to 1: soft gathers.");
        assert_eq!(out(Sum::Shrink { wanted: mm(950), before: mm(200), after: mm(190) }).result, mm(1000));
    }

    #[test]
    fn what_cannot_be_is_refused_with_the_number_and_its_limits() {
        let refused = |sum| work_out(&sum, &Habits::default()).unwrap_err();
        assert_eq!(refused(Sum::Gathers { long: mm(500), short: mm(600) }).field, "long");
        assert_eq!(refused(Sum::Shrink { wanted: mm(100), before: mm(200), after: mm(90) }).field, "after");
        let spacing = |clear| Sum::Spacing {
            from: mm(0),
            to: mm(100),
            count: 3,
            pinned: Some(mm(50)),
            clear: Some(clear),
        };
        let clear = super::super::sum::ClearOf { at: mm(50), by: mm(10) };
        assert_eq!(refused(spacing(clear)).field, "clear.at");
    }
}
