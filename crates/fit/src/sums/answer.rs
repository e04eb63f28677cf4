//! Working a sum out.

use serde::Serialize;

use super::Sum;
use crate::cloth::wash::WashTest;
use crate::house::habit::Habits;
use crate::house::rules::HouseRule;
use crate::solve::job_error::{JobError, JobErrorCause, within};
use crate::sums::spacing::{Spacing, space};
use crate::unit::length::Length;

/// The longest edge a sum is for, in millimetres: doubled and with its joins it is still a length
/// ([`Length`] ends at 100 m).
const LONGEST: f64 = 30_000.0;
/// What a ratio of long to short edge looks like, up to each.
const FULLNESS: [(f64, &str); 5] = [
    (1.03, "hardly to be seen: ease it in without gathering"),
    (1.3, "a little fullness"),
    (1.8, "soft gathers"),
    (2.4, "full gathers"),
    (f64::INFINITY, "very full: only in fine cloth"),
];
/// A slit is told at heights this far apart, in millimetres.
const SLIT_STEP: f64 = 50.0;

/// One line of an answer.
#[derive(Debug, Clone, PartialEq, Eq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct SumRow {
    /// What it is.
    pub words: String,
    /// How much, as it stands on the session's tape.
    pub shown: String,
}

/// The answer to a sum.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct SumAnswer {
    /// What was asked.
    pub title: &'static str,
    /// The answer in a sentence.
    pub words: String,
    /// Line by line.
    pub rows: Vec<SumRow>,
    /// The length that matters most, for a field to take.
    pub result: Length,
}

/// The answer to a sum kept with a fitting.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct KeptAnswer {
    /// Its id.
    pub id: String,
    /// What it is for.
    pub note: String,
    /// The answer.
    pub answer: SumAnswer,
}

struct Writer<'a> {
    habits: &'a Habits,
    rows: Vec<SumRow>,
}

impl Writer<'_> {
    fn write(&self, mm: f64) -> String {
        self.habits.scale.write(Length::from_mm(mm))
    }

    fn row(&mut self, words: impl Into<String>, mm: f64) {
        let shown = self.write(mm);
        self.rows.push(SumRow { words: words.into(), shown });
    }

    fn answer(self, title: &'static str, words: String, result: f64) -> SumAnswer {
        SumAnswer { title, words, rows: self.rows, result: Length::hundredth(result) }
    }
}

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
/// [`JobError`] naming the number that cannot be, with what it can.
pub fn work_out(sum: &Sum, habits: &Habits) -> Result<SumAnswer, JobError> {
    let mut out = Writer { habits, rows: Vec::new() };
    let mm = |length: &Length| length.mm();
    match sum {
        Sum::Spacing { from, to, count, pinned, clear } => {
            within("from", "the first place", mm(from), -5000.0, 5000.0)?;
            within("to", "the last place", mm(to), mm(from) + 5.0, mm(from) + 10_000.0)?;
            within("count", "how many", f64::from(*count), 2.0, 200.0)?;
            if let Some(pinned) = pinned {
                within("pinned", "the place one has to stand at", mm(pinned), mm(from), mm(to))?;
            }
            let row = Spacing {
                from: mm(from),
                to: mm(to),
                count: *count,
                pinned: pinned.as_ref().map(mm),
                clear: clear.as_ref().map(|clear| [mm(&clear.at), mm(&clear.by)]),
            };
            let gap = (row.to - row.from) / f64::from(count - 1);
            if let Some(clear) = clear {
                within("clear.by", "how far to keep off", mm(&clear.by), 0.0, gap / 2.0)?;
            }
            let Some(places) = space(&row) else {
                return Err(JobError::at("clear.at", JobErrorCause::NoRow));
            };
            for (i, place) in (1..).zip(&places) {
                out.row(format!("no. {i}"), *place);
            }
            let gaps: Vec<f64> = places.windows(2).map(|pair| pair[1] - pair[0]).collect();
            let [first, last] = [gaps[0], gaps[gaps.len() - 1]];
            let words = if (first - last).abs() < 0.5 {
                format!("{count} places, {} apart.", out.write(first))
            } else {
                format!(
                    "{count} places, {} apart up to the pinned one and {} beyond it.",
                    out.write(first),
                    out.write(last)
                )
            };
            Ok(out.answer("even spacing", words, first))
        }
        Sum::Bias { length, width, cloth, doubled, both_edges } => {
            within("length", "the length of the edge", mm(length), 10.0, LONGEST)?;
            within("width", "the width of the strip", mm(width), 8.0, 300.0)?;
            within("cloth", "the width of the cloth", mm(cloth), 100.0, 3200.0)?;
            let cut_width = mm(width) * if *doubled { 2.0 } else { 1.0 };
            let edge = mm(length) * if *both_edges { 2.0 } else { 1.0 };
            // The ends are cut on the grain, at 45° to the strip, and so is the seam that joins two of them:
            // square to it each loses the allowance, along the strip √2 of that.
            let join = habits.rule(HouseRule::BiasJoin) * std::f64::consts::SQRT_2;
            // At 45° a strip runs across the cloth by √2 of its width.
            let one = mm(cloth) * std::f64::consts::SQRT_2;
            let mut strips = 1.0;
            while strips * one - (strips - 1.0) * 2.0 * join < edge + 2.0 * join {
                strips += 1.0;
            }
            let whole = edge + 2.0 * join + (strips - 1.0) * 2.0 * join;
            out.row("cut it wide", cut_width);
            out.row("in all, with joins and ends", whole);
            out.row("one strip across the cloth", one);
            // Strips lie side by side along the selvedge, each √2 of its width.
            out.row(
                "cloth taken along the selvedge",
                mm(cloth) + strips * cut_width * std::f64::consts::SQRT_2,
            );
            let words = format!(
                "{strips:.0} strip{} at 45°, {:.0} join{}: {} of strip, cut {} wide.",
                if strips > 1.0 { "s" } else { "" },
                strips - 1.0,
                if strips - 1.0 == 1.0 { "" } else { "s" },
                out.write(whole),
                out.write(cut_width)
            );
            Ok(out.answer("bias strips", words, whole))
        }
        Sum::Elastic { spans, gap } => {
            within("spans", "the number of segments", spans.len() as f64, 1.0, 40.0)?;
            for (i, span) in spans.iter().enumerate() {
                within(format!("spans[{i}]"), "a segment of the casing", mm(span), 10.0, 3000.0)?;
            }
            let sum: f64 = spans.iter().map(mm).sum();
            within("spans", "all segments together", sum, 10.0, LONGEST)?;
            within("gap", "what it has to lose", mm(gap), 0.0, 0.9 * sum)?;
            let mut whole = 0.0;
            let mut steepest: f64 = 0.0;
            let end = habits.rule(HouseRule::ElasticEnd);
            let most = habits.rule(HouseRule::ElasticMost);
            for (i, span) in (1..).zip(spans) {
                let active = (mm(span) - mm(gap) * mm(span) / sum) * habits.rule(HouseRule::ElasticShare);
                steepest = steepest.max(mm(span) / active);
                whole += active + 2.0 * end;
                out.row(format!("segment {i}: cut"), active + 2.0 * end);
            }
            let mut words = format!(
                "{} of elastic in all; each piece overlaps {} at both ends.",
                out.write(whole),
                out.write(end)
            );
            if steepest > most {
                words.push_str(&format!(
                    " Cloth over elastic is {steepest:.2}, more than {most}: it will bunch; take some in at a seam."
                ));
            }
            Ok(out.answer("elastic", words, whole))
        }
        Sum::Pleats { finished, count, depth } => {
            within("finished", "the pleated width", mm(finished), 20.0, 20_000.0)?;
            within("count", "how many", f64::from(*count), 1.0, 400.0)?;
            within("depth", "the depth of a pleat", mm(depth), 2.0, 400.0)?;
            let most = ((2.0 * LONGEST - mm(finished)) / (2.0 * mm(depth))).floor();
            within("count", "how many of this depth", f64::from(*count), 1.0, most)?;
            let cloth = mm(finished) + 2.0 * f64::from(*count) * mm(depth);
            let shown = mm(finished) / f64::from(*count);
            out.row("cloth", cloth);
            out.row("each pleat shows", shown);
            out.row("each pleat takes", 2.0 * mm(depth));
            out.row("fold to fold on the flat cloth", cloth / f64::from(*count));
            let mut words = format!(
                "{} of cloth make {} with {count} pleats.",
                out.write(cloth),
                out.write(mm(finished))
            );
            if mm(depth) > shown {
                words.push_str(" They lie over each other: the depth is more than what shows.");
            }
            Ok(out.answer("pleats", words, cloth))
        }
        Sum::Gathers { long, short } => {
            within("short", "the short edge", mm(short), 10.0, 20_000.0)?;
            within("long", "the long edge", mm(long), mm(short), 20.0 * mm(short))?;
            let ratio = mm(long) / mm(short);
            let looks = FULLNESS.iter().find(|(most, _)| ratio <= *most).map_or("", |(_, looks)| looks);
            out.row("quarter mark on the long edge, every", mm(long) / 4.0);
            out.row("on the short edge, every", mm(short) / 4.0);
            out.row("drawn up in all", mm(long) - mm(short));
            let words = format!("{ratio:.2} to 1: {looks}.");
            Ok(out.answer("gathers", words, mm(long) - mm(short)))
        }
        Sum::Slit { across, darts, opening, height } => {
            within("across", "the width it is cut into", mm(across), 50.0, 5000.0)?;
            within("darts", "the number of darts and seams", darts.len() as f64, 0.0, 40.0)?;
            for (i, dart) in darts.iter().enumerate() {
                within(format!("darts[{i}]"), "a dart or seam", mm(dart), 0.0, mm(across))?;
            }
            within("height", "the height of the slit", mm(height), 20.0, 1500.0)?;
            within("opening", "the opening at the hem", mm(opening), 0.0, 1500.0)?;
            let mut marks: Vec<f64> = std::iter::once(0.0).chain(darts.iter().map(mm)).collect();
            marks.push(mm(across));
            marks.sort_by(f64::total_cmp);
            let widest = marks
                .windows(2)
                .map(|pair| [pair[0], pair[1]])
                .reduce(|a, b| if b[1] - b[0] > a[1] - a[0] + 1e-9 { b } else { a })
                .unwrap_or([0.0, mm(across)]);
            let centre = (widest[0] + widest[1]) / 2.0;
            out.row("cut it, from the left end, at", centre);
            let steps = (mm(height) / SLIT_STEP).ceil() as u32;
            for step in 0..steps {
                let up = SLIT_STEP * f64::from(step);
                let wide = mm(opening) * (1.0 - up / mm(height));
                let at = out.write(up);
                out.row(format!("open {at} above the hem"), wide);
            }
            let words = format!(
                "In the middle of the widest stretch without a dart, {} wide.",
                out.write(widest[1] - widest[0])
            );
            Ok(out.answer("slit", words, centre))
        }
        Sum::Shrink { wanted, before, after } => {
            within("wanted", "what it shall measure", mm(wanted), 5.0, 20_000.0)?;
            let test = WashTest { before: *before, after: *after };
            test.check().map_err(|error| JobError { path: error.path.replace("wash_test.", ""), ..error })?;
            let cut = test.cut_for(mm(wanted));
            out.row("cut", cut);
            out.row("more than is wanted", cut - mm(wanted));
            let words = format!(
                "It shrinks by {:.1} %: cut {} for {}.",
                100.0 * test.share(),
                out.write(cut),
                out.write(mm(wanted))
            );
            Ok(out.answer("shrinking", words, cut))
        }
    }
}

#[cfg(test)]
mod tests {
    use super::*;

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
    fn a_slit_stands_in_the_widest_stretch_and_closes_towards_its_top() {
        let answer = out(Sum::Slit {
            across: mm(500),
            darts: vec![mm(120), mm(380)],
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
        assert_eq!(refused(Sum::Gathers { long: mm(500), short: mm(600) }).path, "long");
        assert_eq!(refused(Sum::Shrink { wanted: mm(100), before: mm(200), after: mm(90) }).path, "after");
        let spacing = |clear| Sum::Spacing {
            from: mm(0),
            to: mm(100),
            count: 3,
            pinned: Some(mm(50)),
            clear: Some(clear),
        };
        let clear = super::super::ClearOf { at: mm(50), by: mm(10) };
        assert_eq!(refused(spacing(clear)).path, "clear.at");
    }
}
