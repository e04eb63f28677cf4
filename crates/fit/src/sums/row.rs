//! A row of buttons, eyelets, loops or hooks, evenly apart.

use super::answer::{EvenRow, SumAnswer, Writer};
use super::drawing::SumLineName;
use super::spacing::{Spacing, space};
use super::sum_error::{SumError, SumErrorCause, within};
use crate::house::ranges;
use crate::unit::length::Length;

/// Two gaps are alike to the eye within half a millimetre.
const ALIKE: f64 = 0.5;

fn check(row: &Spacing) -> Result<(), SumError> {
    let Spacing { from, to, count, pinned, clear } = *row;
    within("from", ranges::ROW_FROM, from)?;
    within("to", ranges::ROW_TO.from(from + 5.0).up_to(from + 10_000.0), to)?;
    within("count", ranges::ROW_COUNT, f64::from(count))?;
    if let Some(pinned) = pinned {
        within("pinned", ranges::ROW_PINNED.from(from).up_to(to), pinned)?;
    }
    if let Some([_, by]) = clear {
        let gap = (to - from) / f64::from(count - 1);
        within("clear.by", ranges::KEEP_OFF.up_to(gap / 2.0), by)?;
    }
    Ok(())
}

/// Checks what was asked of a row and spaces it.
pub(super) fn answer(row: &Spacing, mut out: Writer<'_>) -> Result<SumAnswer, SumError> {
    let Spacing { count, pinned, .. } = *row;
    check(row)?;
    let Some(places) = space(row) else {
        return Err(SumError::at("clear.at", SumErrorCause::NoRow));
    };
    for (i, place) in (1..).zip(&places) {
        out.row(format!("no. {i}"), *place);
    }
    let gaps: Vec<f64> = places.windows(2).map(|pair| pair[1] - pair[0]).collect();
    let (gap, beyond, last) = (gaps[0], gaps[gaps.len() - 1], places[places.len() - 1]);
    let words = if (gap - beyond).abs() < ALIKE {
        format!("{count} places, {} apart.", out.write(gap))
    } else {
        format!(
            "{count} places, {} apart up to the pinned one and {} beyond it.",
            out.write(gap),
            out.write(beyond)
        )
    };
    draw(row, &places, &mut out);
    let [from, to] = [places[0], last].map(Length::from_mm);
    let row = EvenRow { from, to, count, pinned: pinned.map(Length::from_mm) };
    Ok(SumAnswer { row: Some(row), ..out.answer("even spacing", words, gap) })
}

/// The tape with a mark at each place, and what is kept clear of.
fn draw(row: &Spacing, places: &[f64], out: &mut Writer<'_>) {
    let tall = 0.06 * (row.to - row.from);
    if let Some([at, by]) = row.clear {
        out.drawing.box_of(SumLineName::There, [at - by, -tall], [at + by, tall]);
    }
    out.drawing.line(SumLineName::Edge, [[row.from, 0.0], [row.to, 0.0]]);
    for place in places {
        out.drawing.line(SumLineName::Mark, [[*place, -0.6 * tall], [*place, 0.6 * tall]]);
    }
    let (first, last) = (places[0], places[places.len() - 1]);
    for place in [first, last] {
        let words = out.write(place);
        out.drawing.under([place, tall], words);
    }
    if let Some(pinned) = row.pinned.filter(|pinned| (first + ALIKE..last - ALIKE).contains(pinned)) {
        let words = out.write(pinned);
        out.drawing.over([pinned, -tall], words);
    }
}
