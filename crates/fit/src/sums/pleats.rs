//! Pleats from a width: each takes its depth twice.

use super::answer::{SumAnswer, Writer};
use super::drawing::SumLineName;
use super::sum_error::{SumError, within};
use crate::house::ranges::{self, LONGEST};

/// So many are drawn of however many there are.
const DRAWN: u32 = 4;

/// Checks what was asked of the pleats and lays them.
pub(super) fn answer(
    finished: f64,
    count: u32,
    depth: f64,
    mut out: Writer<'_>,
) -> Result<SumAnswer, SumError> {
    within("finished", ranges::PLEATED, finished)?;
    within("count", ranges::PLEATS, f64::from(count))?;
    within("depth", ranges::PLEAT_DEPTH, depth)?;
    let most = ((2.0 * LONGEST - finished) / (2.0 * depth)).floor();
    within("count", ranges::PLEATS.of("how many of this depth").up_to(most), f64::from(count))?;
    let cloth = finished + 2.0 * f64::from(count) * depth;
    let shows = finished / f64::from(count);
    out.row("cloth", cloth);
    out.row("each pleat shows", shows);
    out.row("each pleat takes", 2.0 * depth);
    out.row("fold to fold on the flat cloth", cloth / f64::from(count));
    let mut words =
        format!("{} of cloth make {} with {count} pleats.", out.write(cloth), out.write(finished));
    if depth > shows {
        words.push_str(" They lie over each other: the depth is more than what shows.");
    }
    draw(shows, depth, count, &mut out);
    Ok(out.answer("pleats", words, cloth))
}

/// The first few seen on their edge: what shows, back under it, and out again.
fn draw(shows: f64, depth: f64, count: u32, out: &mut Writer<'_>) {
    let layer = 0.12 * shows.max(depth);
    let mut course = vec![[0.0, 0.0]];
    for nth in 1..=count.min(DRAWN) {
        let fold = f64::from(nth) * shows;
        course.extend([[fold, 0.0], [fold - depth, layer], [fold, 2.0 * layer]]);
        if nth < count.min(DRAWN) {
            course.push([fold, 0.0]);
        }
    }
    out.drawing.line(SumLineName::Edge, course);
    let [shown, deep] = [shows, depth].map(|mm| out.write(mm));
    out.drawing.over([shows / 2.0, 0.0], format!("shows {shown}"));
    out.drawing.under([shows - depth / 2.0, 2.0 * layer], format!("{deep} deep"));
}
