//! House proportions: what a garment of each kind measures when nobody has laid a tape on it yet.
//!
//! An average garment of its kind, in millimetres; what was measured stretches the rest, widths by widths and lengths by
//! lengths, so that the drawing comes nearer with every reading.

use std::collections::BTreeMap;

use crate::garment::{FlatName, Kind, Shape};
use crate::unit::length::Length;

/// The measures without which nothing can be drawn, and those that tell its kind.
const fn average(kind: Kind) -> &'static [(FlatName, i64)] {
    use FlatName as F;
    match kind {
        Kind::Trousers => {
            &[(F::Waist, 405), (F::Hip, 525), (F::Hem, 212), (F::Inseam, 770), (F::Outseam, 1030)]
        }
        Kind::Sweatpants => {
            &[(F::Waist, 390), (F::Hip, 560), (F::Hem, 140), (F::Inseam, 740), (F::Outseam, 1020)]
        }
        Kind::StraightSkirt => &[(F::Waist, 375), (F::Hip, 505), (F::Hem, 500), (F::SideLength, 620)],
        Kind::FlaredSkirt => &[(F::Waist, 375), (F::Hip, 540), (F::Hem, 860), (F::SideLength, 660)],
        Kind::WaistedDress => {
            &[(F::Bust, 470), (F::Waist, 395), (F::Hip, 520), (F::Hem, 680), (F::SideLength, 800)]
        }
        Kind::PrincessDress => {
            &[(F::Bust, 470), (F::Waist, 395), (F::Hip, 520), (F::Hem, 720), (F::SideLength, 820)]
        }
        Kind::ShiftDress => {
            &[(F::Bust, 480), (F::Waist, 460), (F::Hip, 520), (F::Hem, 530), (F::SideLength, 760)]
        }
        Kind::Shirt => &[(F::Bust, 540), (F::Waist, 525), (F::Hem, 540), (F::SideLength, 480)],
        Kind::KnitTop => &[(F::Bust, 490), (F::Waist, 470), (F::Hem, 480), (F::SideLength, 430)],
        Kind::Jacket => &[(F::Bust, 520), (F::Waist, 480), (F::Hem, 540), (F::SideLength, 450)],
        Kind::Coat => &[(F::Bust, 560), (F::Waist, 540), (F::Hem, 680), (F::SideLength, 830)],
        Kind::Waistcoat => &[(F::Bust, 490), (F::Waist, 450), (F::Hem, 485), (F::SideLength, 330)],
        Kind::Overalls => &[
            (F::Bust, 540),
            (F::Waist, 490),
            (F::Hip, 560),
            (F::Hem, 220),
            (F::Inseam, 750),
            (F::Outseam, 1260),
        ],
    }
}

const fn is_length(flat: FlatName) -> bool {
    matches!(
        flat,
        FlatName::Inseam
            | FlatName::Outseam
            | FlatName::SideLength
            | FlatName::FrontRise
            | FlatName::BackRise
            | FlatName::BackLength
            | FlatName::UnderarmToWaist
            | FlatName::SleeveSeam
            | FlatName::SleeveLength
    )
}

/// Its flat measures as far as they were taken, and in their place what its kind measures on average.
pub(super) fn completed(shape: &Shape) -> BTreeMap<FlatName, Length> {
    let average = average(shape.kind);
    let stretched = |lengths: bool| {
        let known: Vec<f64> = average
            .iter()
            .filter(|(name, _)| is_length(*name) == lengths)
            .filter_map(|(name, usual)| Some(shape.flat(*name)?.mm() / *usual as f64))
            .collect();
        if known.is_empty() { 1.0 } else { known.iter().sum::<f64>() / known.len() as f64 }
    };
    let (widths, lengths) = (stretched(false), stretched(true));
    let mut flats = shape.flats.clone();
    let needed = shape.kind.needed();
    for (name, usual) in average {
        // What can be estimated from the rest is left to that, once the rest is known.
        let all_known = needed.iter().all(|needed| shape.flats.contains_key(needed));
        if flats.contains_key(name) || (all_known && !needed.contains(name)) {
            continue;
        }
        let by = if is_length(*name) { lengths } else { widths };
        flats.insert(*name, Length::whole_mm((*usual as f64 * by).round() as i64));
    }
    flats
}
