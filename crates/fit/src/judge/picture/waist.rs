//! The waistband with its loops, and what falls from it.

use super::pen::{Pen, Points, rectangle, steps, tenth, whole};
use super::piece::{LineName, PartName, Pieces};
use crate::garment::{Front, Kind, Shape};

/// How far the front of a waist lies lower than its sides, seen from the front, in millimetres.
pub(super) const DIP: f64 = 12.0;

/// The upper edge on the right, from the centre out to the side, lowered by so much.
pub(super) fn edge(half: f64, top: f64, dip: f64) -> Points {
    Pen::at(0.0, top - dip)
        .curve([0.45 * half, top - dip], [0.8 * half, top - 0.5 * dip], [half, top])
        .points()
}

/// Adds the inside that shows over a front's lower edge, and the band with loops and button.
pub(super) fn band(shape: &Shape, front: bool, top: f64, side: &dyn Fn(f64) -> f64, pieces: &mut Pieces) {
    let dip = if front { DIP } else { 0.0 };
    let half = side(top);
    if front {
        let mut right = edge(half, top, 0.0);
        right.extend(edge(half, top, dip).into_iter().rev());
        right.dedup();
        pieces.add(PartName::Inside, whole(&right));
    }
    let height = shape.band_height();
    if height < 4.0 {
        return;
    }
    let low = top - height;
    let mut right = edge(half, top, dip);
    right.extend(steps(top, low).skip(1).map(|y| [tenth(side(y)), tenth(y)]));
    right.extend(edge(side(low), low, dip).into_iter().rev().skip(1));
    pieces.add(PartName::Band, whole(&right));
    let dropped = |x: f64| {
        let share = 1.0 - (x / half).powi(2);
        dip * share
    };
    if shape.has_loops() {
        let places: &[f64] = if front { &[0.5] } else { &[0.0, 0.62] };
        for place in places {
            let x = place * half;
            let y = top - dropped(x);
            let strap = rectangle([x - 5.0, x + 5.0], [y - height - 3.0, y + 3.0]);
            if *place == 0.0 {
                pieces.add(PartName::Loop, strap);
            } else {
                pieces.add_both(PartName::Loop, strap, 0.0);
            }
        }
    }
    if front && shape.front() == Front::Fly {
        pieces.button(0.0, low + height / 2.0 - dip, 8.0);
    }
    if shape.kind == Kind::Sweatpants {
        gathers(half, low, dip, pieces);
    }
}

/// Short folds below an elastic.
fn gathers(half: f64, low: f64, dip: f64, pieces: &mut Pieces) {
    for share in [0.18, 0.4, 0.62, 0.84] {
        let x = share * half;
        let y = low - dip * (1.0 - share * share);
        pieces.line_both(LineName::Fold, Pen::at(x, y - 1.0).line(x * 1.02, y - 42.0).points());
    }
}

/// Pleats below the waist, and the crease they become on trousers.
pub(super) fn pleats(at: &[f64], top: f64, length: f64, pieces: &mut Pieces) {
    for x in at {
        pieces.line_both(LineName::Edge, Pen::at(*x, top).line(x + 3.0, top - length).points());
    }
}
