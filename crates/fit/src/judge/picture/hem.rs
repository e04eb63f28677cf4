//! What is seen at a hem: stitching, turn-ups, borders, vents, folds.

use super::pen::{Pen, Points, steps, tenth, whole};
use super::piece::{LineName, PartName, Pieces, mirrored};
use crate::cloth::look::{Look, Weave};
use crate::garment::{Cuffs, FeatureKind, HemFeature, HemName, Shape};

/// Height of what is turned up outside, and of a ribbed band, in millimetres: house figures.
const TURNED_UP: f64 = 40.0;
const RIBBED: f64 = 58.0;
/// A hem so much wider than what it falls from hangs in folds.
const FOLDS_FROM: f64 = 1.25;
/// Between two folds at the hem, in millimetres.
const FOLD_EVERY: f64 = 95.0;

/// A tube on the right of the picture, as it is seen above its hem: its inner and outer edge at a height. A body's inner
/// edge is its centre.
pub(super) struct Fall<'a> {
    pub inner: &'a dyn Fn(f64) -> f64,
    pub outer: &'a dyn Fn(f64) -> f64,
    pub bottom: f64,
    /// True for a body: both halves are one piece.
    pub one: bool,
}

impl Fall<'_> {
    /// What lies between two heights.
    fn strip(&self, low: f64, high: f64) -> Points {
        let mut points: Points = steps(low, high).map(|y| [tenth((self.outer)(y)), tenth(y)]).collect();
        if self.one {
            points.insert(0, [0.0, tenth(low)]);
            points.push([0.0, tenth(high)]);
            return whole(&points);
        }
        points.extend(steps(high, low).map(|y| [tenth((self.inner)(y)), tenth(y)]));
        points
    }

    fn add(&self, part: PartName, low: f64, high: f64, pieces: &mut Pieces) {
        let strip = self.strip(low, high);
        if self.one { pieces.add(part, strip) } else { pieces.add_both(part, strip, 0.0) }
    }

    fn across(&self, y: f64) -> Points {
        let inner = if self.one { -(self.outer)(y) } else { (self.inner)(y) };
        vec![[tenth(inner), tenth(y)], [tenth((self.outer)(y)), tenth(y)]]
    }
}

/// Adds what is seen at the lower hem of one face.
pub(super) fn hem(shape: &Shape, look: Option<&Look>, fall: &Fall<'_>, front: bool, pieces: &mut Pieces) {
    let bottom = fall.bottom;
    border(shape, look, fall, pieces);
    let end = if fall.one { body_end(shape) } else { shape.cuffs() };
    match end {
        Cuffs::TurnedUp => fall.add(PartName::Cuff, bottom, bottom + TURNED_UP, pieces),
        Cuffs::Ribbed => fall.add(PartName::Cuff, bottom, bottom + RIBBED, pieces),
        Cuffs::None | Cuffs::Buttoned => {
            let turned = shape.turn_up.mm();
            if turned > 0.0 {
                let line = fall.across(bottom + turned);
                if !fall.one {
                    pieces.line(LineName::Stitch, mirrored(&line));
                }
                pieces.line(LineName::Stitch, line);
            }
        }
    }
    for near in shape.near_hems.iter().filter(|near| near.hem == HemName::Hem) {
        standing(near, fall, front, pieces);
    }
}

/// A body that ends in a knitted band ends its sleeves in one as well.
fn body_end(shape: &Shape) -> Cuffs {
    if shape.cuffs() == Cuffs::Ribbed { Cuffs::Ribbed } else { Cuffs::None }
}

fn border(shape: &Shape, look: Option<&Look>, fall: &Fall<'_>, pieces: &mut Pieces) {
    let said = shape
        .near_hems
        .iter()
        .find(|near| near.hem == HemName::Hem && near.kind == FeatureKind::Border)
        .map(|near| [near.from.mm(), near.to.mm()]);
    let printed =
        look.filter(|look| look.weave == Weave::Border).map(|look| [0.0, look.repeats_every().mm()]);
    if let Some([low, high]) = said.or(printed)
        && high > low
    {
        fall.add(PartName::Border, fall.bottom + low, fall.bottom + high, pieces);
    }
}

/// What stands near the hem on this face: degrees run from the centre front round to it again.
fn standing(near: &HemFeature, fall: &Fall<'_>, front: bool, pieces: &mut Pieces) {
    let (low, high) = (fall.bottom + near.from.mm(), fall.bottom + near.to.mm());
    match near.kind {
        FeatureKind::Vent | FeatureKind::Slit => {
            let at = near.at.unwrap_or(180.0);
            let seen_in_front = !(90.0..=270.0).contains(&at);
            if seen_in_front != front && (at - 90.0).abs() > 1.0 && (at - 270.0).abs() > 1.0 {
                return;
            }
            // Over the wearer's left, which is drawn on the left.
            let share = -at.to_radians().sin();
            let x = |y: f64| {
                if fall.one {
                    share * (fall.outer)(y)
                } else {
                    f64::midpoint((fall.inner)(y), (fall.outer)(y))
                }
            };
            let points: Points = steps(low, high).map(|y| [tenth(x(y)), tenth(y)]).collect();
            if fall.one {
                pieces.line(LineName::Edge, points);
            } else {
                pieces.line_both(LineName::Edge, points);
            }
        }
        FeatureKind::CrossSeam => {
            let line = fall.across(high);
            if !fall.one {
                pieces.line(LineName::Edge, mirrored(&line));
            }
            pieces.line(LineName::Edge, line);
        }
        FeatureKind::Pleats => {
            let every = (fall.outer)(fall.bottom) / 5.0;
            for nth in 1..5 {
                let share = f64::from(nth) * every / (fall.outer)(fall.bottom);
                let line = [low, high].map(|y| [tenth(share * (fall.outer)(y)), tenth(y)]).to_vec();
                pieces.line_both(LineName::Edge, line);
            }
        }
        _ => {}
    }
}

/// Folds in which a hem hangs that is wider than what it falls from. `from` is the height it falls from.
pub(super) fn folds(fall: &Fall<'_>, from: f64, pieces: &mut Pieces) {
    let (low, high) = ((fall.outer)(fall.bottom), (fall.outer)(from));
    if low < FOLDS_FROM * high {
        return;
    }
    let count = (low / FOLD_EVERY).round().clamp(1.0, 7.0);
    for nth in 0..count as u32 {
        let share = (f64::from(nth) + 0.5) / count;
        // Outer folds begin lower: the cloth is carried by the hip.
        let top = fall.bottom + (0.78 - 0.22 * share) * (from - fall.bottom);
        let x = |y: f64| share * (fall.outer)(y);
        let lean = 0.012 * low * (share - 0.5);
        let fold = Pen::at(x(fall.bottom) + lean, fall.bottom)
            .bend([x(f64::midpoint(fall.bottom, top)) + lean, f64::midpoint(fall.bottom, top)], [x(top), top])
            .points();
        pieces.line_both(LineName::Fold, fold);
    }
}
