//! A slit: where it is cut, and how far it stands open at each height.
//!
//! Practice has four places for one; none of them is simply where most room is. On one side in front it stands
//! centred between that half's two darts, or straight below its only one.

use serde::{Deserialize, Serialize};

use super::answer::{SumAnswer, Writer};
use super::drawing::SumLineName;
use super::sum_error::{SumError, within};
use crate::house::ranges;

/// A slit is told at heights this far apart, in millimetres.
const STEP: f64 = 50.0;

/// Where a slit goes.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize, Default)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum SlitPlace {
    /// By the darts of the half at the left.
    #[default]
    LeftHalf,
    /// By the darts of the half at the right.
    RightHalf,
    /// In the middle: the centre back.
    Middle,
    /// In the seam at the left end.
    Seam,
}

/// How it was found.
enum Found {
    Between,
    BelowOne,
    NoDart,
    Middle,
    Seam,
}

/// Where it is cut, from the left end of a width, and why there.
fn place(across: f64, darts: &[f64], place: SlitPlace) -> (f64, Found) {
    let half = across / 2.0;
    let [from, to] = match place {
        SlitPlace::Middle => return (half, Found::Middle),
        SlitPlace::Seam => return (0.0, Found::Seam),
        SlitPlace::LeftHalf => [0.0, half],
        SlitPlace::RightHalf => [half, across],
    };
    let mut own: Vec<f64> = darts.iter().copied().filter(|dart| *dart > from && *dart < to).collect();
    own.sort_by(f64::total_cmp);
    let middle = (from + to) / 2.0;
    match own.as_slice() {
        [] => (middle, Found::NoDart),
        [only] => (*only, Found::BelowOne),
        several => {
            // Of more than two, the pair about the middle of the half.
            let off = |centre: &f64| (centre - middle).abs();
            let centres = several.windows(2).map(|pair| (pair[0] + pair[1]) / 2.0);
            (centres.min_by(|one, other| off(one).total_cmp(&off(other))).unwrap_or(middle), Found::Between)
        }
    }
}

fn check([across, opening, height]: [f64; 3], darts: &[f64]) -> Result<(), SumError> {
    within("across", ranges::SLIT_ACROSS, across)?;
    within("darts", ranges::SLIT_DARTS, darts.len() as f64)?;
    for (i, dart) in darts.iter().enumerate() {
        within(format!("darts[{i}]"), ranges::SLIT_DART.up_to(across), *dart)?;
    }
    within("height", ranges::SLIT_HEIGHT, height)?;
    within("opening", ranges::SLIT_OPENING, opening)
}

/// Checks what was asked of the slit and places it.
pub(super) fn answer(
    [across, opening, height]: [f64; 3],
    darts: &[f64],
    wanted: SlitPlace,
    mut out: Writer<'_>,
) -> Result<SumAnswer, SumError> {
    check([across, opening, height], darts)?;
    let (centre, found) = place(across, darts, wanted);
    out.row("cut it, from the left end, at", centre);
    let steps = (height / STEP).ceil() as u32;
    for step in 0..steps {
        let up = STEP * f64::from(step);
        let at = out.write(up);
        out.row(format!("open {at} above the hem"), opening * (1.0 - up / height));
    }
    let at = out.write(centre);
    let words = match found {
        Found::Between => format!("Centred between that half's two darts, {at} from the left end."),
        Found::BelowOne => format!("Straight below that half's only dart, {at} from the left end."),
        Found::NoDart => format!("That half has no dart: in its middle, {at} from the left end."),
        Found::Middle => format!("In the middle, {at} from either end."),
        Found::Seam => "In the seam at the left end.".to_owned(),
    };
    draw([across, opening, height, centre], darts, &mut out);
    Ok(out.answer("slit", words, centre))
}

/// The width with its darts above, and the slit open from the hem up.
fn draw([across, opening, height, centre]: [f64; 4], darts: &[f64], out: &mut Writer<'_>) {
    let wedge = 0.12 * across;
    // Darts end above the slit; how far is not asked.
    let hem = 2.0 * wedge + height;
    out.drawing.box_of(SumLineName::Cloth, [0.0, 0.0], [across, hem]);
    for dart in darts {
        let [left, right] = [dart - 0.12 * wedge, dart + 0.12 * wedge];
        out.drawing.line(SumLineName::There, [[left, 0.0], [*dart, wedge], [right, 0.0]]);
    }
    let open = [[centre - opening / 2.0, hem], [centre, hem - height], [centre + opening / 2.0, hem]];
    out.drawing.line(SumLineName::Cut, open);
    let [at, high] = [centre, height].map(|mm| out.write(mm));
    out.drawing.under([centre, hem], at);
    out.drawing.over([centre, hem - height], format!("{high} high"));
}
