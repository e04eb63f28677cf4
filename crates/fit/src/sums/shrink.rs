//! What to cut for cloth that shrinks.

use super::answer::{SumAnswer, Writer};
use super::drawing::SumLineName;
use super::sum_error::{SumError, within};
use crate::cloth::wash::WashTest;
use crate::house::ranges;

/// Checks the swatch and works back from what is wanted, in millimetres.
pub(super) fn answer(wanted: f64, test: &WashTest, mut out: Writer<'_>) -> Result<SumAnswer, SumError> {
    within("wanted", ranges::SHRUNK, wanted)?;
    test.check().map_err(|(field, beyond)| SumError::at(field, beyond))?;
    let cut = test.cut_for(wanted);
    out.row("cut", cut);
    out.row("more than is wanted", cut - wanted);
    let words = format!(
        "It shrinks by {:.1} %: cut {} for {}.",
        100.0 * test.share(),
        out.write(cut),
        out.write(wanted)
    );
    draw(cut, wanted, &mut out);
    Ok(out.answer("shrinking", words, cut))
}

/// The length before its wash, and below it after.
fn draw(cut: f64, wanted: f64, out: &mut Writer<'_>) {
    let tall = 0.06 * cut;
    out.drawing.box_of(SumLineName::Cut, [0.0, 0.0], [cut, tall]);
    out.drawing.box_of(SumLineName::Cloth, [0.0, 1.5 * tall], [wanted, 2.5 * tall]);
    let [before, after] = [cut, wanted].map(|mm| out.write(mm));
    out.drawing.over([cut / 2.0, 0.0], format!("cut {before}"));
    out.drawing.under([wanted / 2.0, 2.5 * tall], format!("washed {after}"));
}
