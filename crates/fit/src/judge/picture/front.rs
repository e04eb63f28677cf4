//! How a front closes: placket, edge, buttons, zip, fly.

use super::pen::{Pen, rectangle};
use super::piece::{LineName, PartName, Pieces};
use crate::garment::{FeatureKind, FixtureKind, Front, HemName, Kind, SeamName, Shape};
use crate::sums::spacing::{Spacing, space};

/// House proportions in millimetres.
const PLACKET: f64 = 16.0;
const OVERLAP: f64 = 18.0;
const DOUBLE_OVERLAP: f64 = 84.0;
const DOUBLE_ROW: f64 = 58.0;
/// Between buttons where nobody has counted them.
const SPACING: f64 = 88.0;

/// Where a front runs: from its lower edge up to where it closes.
pub(super) struct Run {
    pub bottom: f64,
    pub closes: f64,
    /// Height of the waist, where it has one.
    pub waist: Option<f64>,
}

/// Adds what closes the front.
pub(super) fn front(shape: &Shape, run: &Run, pieces: &mut Pieces) {
    let Run { bottom, closes, .. } = *run;
    match shape.front() {
        Front::Closed | Front::Fly => {}
        Front::Placket => {
            pieces.add(PartName::Placket, rectangle([-PLACKET, PLACKET], [bottom, closes]));
            row(shape, run, 0.0, pieces);
        }
        Front::Single => {
            // The left front lies over the right, as most buttons are set.
            let edge = Pen::at(OVERLAP, bottom)
                .line(OVERLAP, closes - 30.0)
                .bend([OVERLAP - 1.0, closes - 12.0], [4.0, closes]);
            pieces.line(LineName::Edge, edge.points());
            row(shape, run, 0.0, pieces);
        }
        Front::Double => {
            let edge = Pen::at(DOUBLE_OVERLAP, bottom)
                .line(DOUBLE_OVERLAP, closes - 10.0)
                .bend([DOUBLE_OVERLAP - 10.0, closes + 24.0], [12.0, closes + 4.0]);
            pieces.line(LineName::Edge, edge.points());
            row(shape, run, -DOUBLE_ROW, pieces);
            row(shape, run, DOUBLE_ROW, pieces);
        }
        Front::Zip => {
            for x in [-5.0, 5.0] {
                pieces.line(LineName::Stitch, Pen::at(x, bottom).line(x, closes).points());
            }
            pieces.line(LineName::Edge, Pen::at(0.0, bottom).line(0.0, closes).points());
        }
    }
}

/// A row of buttons: the garment's own where it was said, else as its kind has them.
fn row(shape: &Shape, run: &Run, x: f64, pieces: &mut Pieces) {
    let row = own_row(shape, run).unwrap_or_else(|| usual_row(shape.kind, run));
    let radius = match shape.kind {
        Kind::Coat => 12.0,
        Kind::Jacket => 10.0,
        Kind::Shirt => 5.5,
        _ => 7.0,
    };
    let places = if row.count > 1 { space(&row).unwrap_or_default() } else { vec![row.to] };
    for place in places {
        pieces.button(x, place, radius);
    }
}

/// The row from its lowest button to its highest, where somebody has said.
fn own_row(shape: &Shape, run: &Run) -> Option<Spacing> {
    let often = |from: f64, to: f64| ((to - from) / SPACING).round().max(1.0) as u32 + 1;
    let near =
        shape.near_hems.iter().find(|each| each.hem == HemName::Hem && each.kind == FeatureKind::Buttons);
    if let Some(row) = near {
        let (from, to) = (run.bottom + row.from.mm(), (run.bottom + row.to.mm()).min(run.closes));
        let pinned = row.pinned.map(|pinned| run.bottom + pinned.mm());
        let count = row.count.unwrap_or_else(|| often(from, to)).max(if pinned.is_some() { 3 } else { 1 });
        return Some(Spacing { from, to, count, pinned, clear: None });
    }
    let seam = shape
        .fixtures
        .iter()
        .find(|each| each.kind == FixtureKind::Buttons && each.seam == SeamName::CentreFront)?;
    let (from, to) = (run.bottom + seam.from.mm(), (run.bottom + seam.to.mm()).min(run.closes));
    Some(Spacing { from, to, count: often(from, to), pinned: None, clear: None })
}

fn usual_row(kind: Kind, run: &Run) -> Spacing {
    let Run { bottom, closes, waist } = *run;
    let high = closes - 12.0;
    let whole = high - bottom;
    let low = match kind {
        // The last button of a jacket sits a hand below the waist.
        Kind::Jacket => waist.map_or(bottom + 0.35 * whole, |waist| waist - 40.0),
        Kind::Waistcoat => bottom + 40.0,
        Kind::Coat => bottom + 0.38 * whole,
        _ => bottom + (0.14 * whole).min(110.0),
    }
    .min(high - 60.0);
    let count = match kind {
        Kind::Jacket => 2,
        Kind::Coat => 4,
        Kind::Waistcoat => 5,
        _ => ((high - low) / SPACING).round().clamp(2.0, 12.0) as u32 + 1,
    };
    Spacing { from: low, to: high, count, pinned: None, clear: None }
}

/// The stitching of a fly, from the band down.
pub(super) fn fly(band: f64, crotch: f64, pieces: &mut Pieces) {
    let low = crotch + 0.22 * (band - crotch);
    let stitch = Pen::at(34.0, band).line(34.0, low + 46.0).bend([34.0, low + 4.0], [2.0, low]);
    pieces.line(LineName::Stitch, stitch.points());
}
