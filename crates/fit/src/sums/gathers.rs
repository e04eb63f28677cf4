//! Gathers: a long edge drawn up to a short one.

use super::answer::{SumAnswer, Writer};
use super::drawing::SumLineName;
use super::sum_error::{SumError, within};
use crate::house::ranges;

/// What a ratio of long to short edge looks like, up to each.
const FULLNESS: [(f64, &str); 5] = [
    (1.03, "hardly to be seen: ease it in without gathering"),
    (1.3, "a little fullness"),
    (1.8, "soft gathers"),
    (2.4, "full gathers"),
    (f64::INFINITY, "very full: only in fine cloth"),
];

/// Compares two edges, in millimetres.
pub(super) fn answer(long: f64, short: f64, mut out: Writer<'_>) -> Result<SumAnswer, SumError> {
    within("short", ranges::SHORT_EDGE, short)?;
    within("long", ranges::LONG_EDGE.from(short).up_to(20.0 * short), long)?;
    let ratio = long / short;
    let looks = FULLNESS.iter().find(|(most, _)| ratio <= *most).map_or("", |(_, looks)| looks);
    out.row("quarter mark on the long edge, every", long / 4.0);
    out.row("on the short edge, every", short / 4.0);
    out.row("drawn up in all", long - short);
    draw(long, short, &mut out);
    Ok(out.answer("gathers", format!("{ratio:.2} to 1: {looks}."), long - short))
}

/// Both edges, their quarter marks joined.
fn draw(long: f64, short: f64, out: &mut Writer<'_>) {
    let tall = 0.22 * long;
    let left = (long - short) / 2.0;
    let corners = [[left, 0.0], [left + short, 0.0], [long, tall], [0.0, tall]];
    out.drawing.area(SumLineName::Cloth, corners);
    for quarter in 1..=3 {
        let share = f64::from(quarter) / 4.0;
        out.drawing.line(SumLineName::Mark, [[left + share * short, 0.0], [share * long, tall]]);
    }
    let [above, below] = [short, long].map(|mm| out.write(mm));
    out.drawing.over([long / 2.0, 0.0], above);
    out.drawing.under([long / 2.0, tall], below);
}
