//! Pockets that show.

use super::pen::{Pen, Points, rectangle, tenth};
use super::piece::{LineName, PartName, Pieces};
use crate::garment::{Pocket, Shape};

/// House proportions of a pocket in millimetres: width and depth.
const PATCH: [f64; 2] = [138.0, 152.0];
const CHEST: [f64; 2] = [104.0, 118.0];
const FLAP: [f64; 2] = [142.0, 52.0];
const WELT: [f64; 2] = [128.0, 12.0];
const CHEST_WELT: [f64; 2] = [98.0, 20.0];

/// Where pockets go on a face, on the right of the picture.
pub(super) struct Ground<'a> {
    pub front: bool,
    /// Half the width at a height.
    pub side: &'a dyn Fn(f64) -> f64,
    /// Height of the lower edge of the band, or of the waist.
    pub waist: f64,
    /// Height from which a pocket would hang over an edge: hem or crotch.
    pub lowest: f64,
    /// Height of the chest, where there is one.
    pub chest: Option<f64>,
    /// How far from the centre anything may begin: clear of a placket.
    pub clear: f64,
}

/// Adds the pockets of one face.
pub(super) fn pockets(shape: &Shape, pockets: &[Pocket], ground: &Ground<'_>, pieces: &mut Pieces) {
    for pocket in pockets {
        one(shape, *pocket, ground, pieces);
    }
}

fn one(shape: &Shape, pocket: Pocket, ground: &Ground<'_>, pieces: &mut Pieces) {
    let Ground { front, waist, lowest, chest, .. } = *ground;
    let side = ground.side;
    let room = waist - lowest;
    match pocket {
        Pocket::Slant | Pocket::Scoop if front => {
            let low = waist - (0.62 * room).min(165.0);
            let from = [0.56 * side(waist), waist];
            let to = [side(low), low];
            let pen = Pen::at(from[0], from[1]);
            let mouth = if pocket == Pocket::Slant {
                pen.line(to[0], to[1]).points()
            } else {
                pen.curve(
                    [from[0] + 4.0, waist - 0.5 * (waist - low)],
                    [from[0] + 20.0, low + 26.0],
                    [side(low + 20.0), low + 20.0],
                )
                .points()
            };
            pieces.line_both(LineName::Edge, mouth);
        }
        Pocket::Patch if front => {
            let top = waist - (0.3 * room).min(110.0);
            centred(ground, top, PATCH, pieces, patch);
        }
        Pocket::Flap if front => {
            let top = waist - (0.3 * room).min(80.0);
            centred(ground, top, FLAP, pieces, rounded);
        }
        Pocket::Welt if front => {
            let top = waist - (0.22 * room).min(60.0);
            centred(ground, top, WELT, pieces, rectangle);
        }
        Pocket::ChestPatch | Pocket::ChestWelt if front => {
            let Some(chest) = chest else { return };
            let size = if pocket == Pocket::ChestPatch { CHEST } else { CHEST_WELT };
            let middle = (ground.clear + side(chest - size[1])) / 2.0;
            let half = (size[0] / 2.0).min((side(chest - size[1]) - ground.clear) / 2.0 - 8.0);
            if half < 20.0 {
                return;
            }
            let (x, y) = ([middle - half, middle + half], [chest - size[1], chest]);
            let outline = if pocket == Pocket::ChestPatch { patch(x, y) } else { rectangle(x, y) };
            // On the wearer's left, as most are.
            pieces.add(PartName::Pocket, outline.iter().map(|[x, y]| [-x, *y]).collect());
        }
        Pocket::BackPatch | Pocket::BackWelt if !front => {
            let size = if pocket == Pocket::BackPatch { PATCH } else { WELT };
            let top = waist - (0.28 * room).min(72.0);
            let gap = shape.back_pocket_gap.map_or(0.24 * side(top), |gap| gap.mm() / 2.0).max(10.0);
            let wide = size[0].min(side(top - size[1]) - gap - 14.0);
            if wide < 40.0 {
                return;
            }
            let (x, y) = ([gap, gap + wide], [top - size[1] * wide / size[0], top]);
            let outline = if pocket == Pocket::BackPatch { patch(x, y) } else { rectangle(x, y) };
            pieces.add_both(PartName::Pocket, outline, 0.0);
            if pocket == Pocket::BackWelt {
                for x in [gap + wide / 2.0, -gap - wide / 2.0] {
                    pieces.button(x, top - size[1] - 12.0, 5.0);
                }
            }
        }
        _ => {}
    }
}

/// A pocket in the middle between what closes the front and the side, as wide as there is room.
fn centred(
    ground: &Ground<'_>,
    top: f64,
    [wide, deep]: [f64; 2],
    pieces: &mut Pieces,
    outline: impl Fn([f64; 2], [f64; 2]) -> Points,
) {
    let low = top - deep;
    let out = (ground.side)(low).min((ground.side)(top));
    let half = (wide / 2.0).min((out - ground.clear) / 2.0 - 8.0);
    if half < 20.0 || low < ground.lowest {
        return;
    }
    let middle = ground.clear + 0.54 * (out - ground.clear);
    let middle = middle.min(out - half - 8.0);
    pieces.add_both(PartName::Pocket, outline([middle - half, middle + half], [low, top]), 0.0);
}

/// A patch that comes to a point.
fn patch([x0, x1]: [f64; 2], [y0, y1]: [f64; 2]) -> Points {
    let middle = f64::midpoint(x0, x1);
    [[x0, y1], [x0, y0 + 14.0], [middle, y0], [x1, y0 + 14.0], [x1, y1]]
        .map(|[x, y]| [tenth(x), tenth(y)])
        .to_vec()
}

/// A flap with rounded corners.
fn rounded([x0, x1]: [f64; 2], [y0, y1]: [f64; 2]) -> Points {
    let r = 16.0;
    Pen::at(x0, y1)
        .line(x0, y0 + r)
        .bend([x0, y0], [x0 + r, y0])
        .line(x1 - r, y0)
        .bend([x1, y0], [x1, y0 + r])
        .line(x1, y1)
        .points()
}
