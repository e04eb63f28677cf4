//! Collars and lapels, from the front and from the back.

use super::pen::{Pen, whole};
use super::piece::{PartName, Pieces};
use super::top::Top;
use crate::garment::Collar;

/// Proportions of an average collar, in millimetres: house figures.
const STAND: f64 = 34.0;
const LEAF: f64 = 66.0;
const LAPEL: f64 = 82.0;
/// How far the collar of a lapel reaches above the neck point.
const ROLL: f64 = 24.0;

/// Adds the collar of one face.
pub(super) fn collar(collar: Collar, top: &Top, front: bool, pieces: &mut Pieces) {
    match collar {
        Collar::None | Collar::Ribbed => top.neck_band(collar, pieces),
        Collar::Stand if front => stand(top, pieces),
        Collar::Shirt if front => shirt(top, pieces),
        Collar::Flat => flat(top, front, pieces),
        Collar::Notched | Collar::Peaked | Collar::Shawl if front => lapels(collar, top, pieces),
        _ => behind(collar, top, pieces),
    }
}

/// Any collar from the back: a band over the neckline.
fn behind(collar: Collar, top: &Top, pieces: &mut Pieces) {
    let [x, y] = top.neck;
    let (rise, wide, low) = match collar {
        Collar::Stand => (STAND, 0.0, 0.0),
        Collar::Shirt => (STAND, 15.0, 16.0),
        _ => (ROLL, 20.0, 22.0),
    };
    let right = Pen::at(0.0, y + rise + 3.0)
        .bend([0.6 * x, y + rise + 3.0], [x - 4.0, y + rise])
        .line(x + wide, y - 2.0)
        .curve([0.7 * x, top.nape - low], [0.4 * x, top.nape - low], [0.0, top.nape - low])
        .points();
    pieces.add(PartName::Collar, whole(&right));
}

fn stand(top: &Top, pieces: &mut Pieces) {
    let [x, y] = top.neck;
    inside_collar(top, STAND, 0.0, pieces);
    let mut right = Pen::at(1.0, top.centre_top + STAND)
        .curve([0.5 * x, top.centre_top + STAND], [x - 3.0, y - 8.0], [x - 4.0, y + STAND])
        .line(x, y)
        .points();
    right.extend(top.neckline().into_iter().skip(1));
    right.pop();
    right.push([1.0, top.centre_top]);
    pieces.add_both(PartName::Collar, right, 0.0);
}

/// The inside of a collar at the back of the neck, down to where it closes in front.
fn inside_collar(top: &Top, rise: f64, close: f64, pieces: &mut Pieces) {
    let [x, y] = top.neck;
    let right = Pen::at(0.0, y + rise + 5.0)
        .bend([0.6 * x, y + rise + 5.0], [x - 4.0, y + rise])
        .curve([x - 4.0, y - 8.0], [0.45 * x, top.centre_top + close], [0.0, top.centre_top + close])
        .points();
    pieces.add(PartName::Inside, whole(&right));
}

fn shirt(top: &Top, pieces: &mut Pieces) {
    let [x, y] = top.neck;
    let closes = top.centre_top + 16.0;
    inside_collar(top, STAND, 16.0, pieces);
    let leaf = LEAF.min(0.8 * (top.across - 10.0));
    let right = Pen::at(1.0, closes)
        .curve([0.45 * x, closes + 6.0], [x - 6.0, y - 4.0], [x - 4.0, y + STAND])
        .curve([x + 6.0, y + STAND - 4.0], [x + 15.0, y + 10.0], [x + 15.0, y - 4.0])
        .curve([x + 10.0, y - 24.0], [leaf + 14.0, closes - 20.0], [leaf, closes - 62.0])
        .line(1.0, closes)
        .points();
    pieces.add_both(PartName::Collar, right, 4.0);
}

fn flat(top: &Top, front: bool, pieces: &mut Pieces) {
    let [x, y] = top.neck;
    let low = top.centre_top;
    let deep = if front { 62.0 } else { 56.0 };
    // On the shoulder it lies on the shoulder line.
    let [sx, sy] = top.shoulder;
    let share = (55.0 / (sx - x).max(56.0)).min(0.8);
    let shoulder = [x + share * (sx - x), y + share * (sy - y)];
    let mut right = top.neckline();
    right.pop();
    right.push([1.0, low]);
    let outer =
        Pen::at(1.0, low).curve([14.0, low - deep], [shoulder[0] + 4.0, low - 0.6 * deep], shoulder).points();
    right.extend(outer.into_iter().skip(1));
    pieces.add_both(PartName::Collar, right, 0.0);
}

/// Lapels fold back along a line from beside the neck to where the front closes.
fn lapels(collar: Collar, top: &Top, pieces: &mut Pieces) {
    let [x, y] = top.neck;
    let closes = top.centre_top;
    let depth = y - closes;
    inside_lapels(top, pieces);
    let roll = |height: f64| x * ((height - closes) / depth).clamp(0.0, 1.0);
    // It ends short of the armhole.
    let room = |height: f64| top.across - 16.0 - roll(height);
    if collar == Collar::Shawl {
        let middle = y - 0.42 * depth;
        let out = roll(middle) + LAPEL.min(room(middle));
        let right = Pen::at(1.0, closes)
            .curve([0.55 * out, closes + 0.16 * depth], [out, middle - 0.2 * depth], [out, middle])
            .curve([out, middle + 0.25 * depth], [x + 26.0, y - 18.0], [x + 20.0, y + 2.0])
            .bend([x + 12.0, y + ROLL], [x - 3.0, y + ROLL])
            .line(1.0, closes)
            .points();
        pieces.add_both(PartName::Lapel, right, 8.0);
        return;
    }
    let tip_y = y - if collar == Collar::Peaked { 0.28 } else { 0.38 } * depth;
    let wide = LAPEL.min(room(tip_y)).max(24.0);
    let tip = [roll(tip_y) + wide, tip_y];
    let notch = match collar {
        Collar::Peaked => [roll(tip_y) + 0.58 * wide, tip_y - 0.02 * depth],
        _ => [roll(tip_y) + 0.6 * wide, tip_y + 0.09 * depth],
    };
    let gorge = [roll(y - 0.16 * depth) + 2.0, y - 0.14 * depth];
    let lapel = Pen::at(1.0, closes)
        .curve([0.5 * tip[0], closes + 0.18 * depth], [tip[0] + 2.0, tip_y - 0.35 * depth], tip)
        .line(notch[0], notch[1])
        .line(gorge[0], gorge[1])
        .line(1.0, closes)
        .points();
    let corner = match collar {
        Collar::Peaked => [notch[0] + 0.16 * wide, notch[1] + 0.1 * depth],
        _ => [notch[0] + 0.26 * wide, notch[1] + 0.13 * depth],
    };
    let leaf = Pen::at(notch[0], notch[1])
        .line(corner[0], corner[1])
        .curve([corner[0] - 4.0, corner[1] + 18.0], [x + 26.0, y - 12.0], [x + 20.0, y + 2.0])
        .bend([x + 12.0, y + ROLL], [x - 3.0, y + ROLL])
        .line(gorge[0], gorge[1])
        .line(notch[0], notch[1])
        .points();
    pieces.add_both(PartName::Lapel, lapel, 8.0);
    pieces.add_both(PartName::Collar, leaf, 30.0);
}

fn inside_lapels(top: &Top, pieces: &mut Pieces) {
    let [x, y] = top.neck;
    let right = Pen::at(0.0, y + ROLL + 4.0)
        .bend([0.6 * x, y + ROLL + 4.0], [x - 3.0, y + ROLL])
        .line(x - 3.0, y - 4.0)
        .line(0.0, top.centre_top)
        .points();
    pieces.add(PartName::Inside, whole(&right));
}
