//! Two legs from a waist, by themselves or under a body.

use super::collar::collar;
use super::column::centre_seam;
use super::figure::{Figure, FigureSeam, both_sides};
use super::front::{Run, fly, front as front_closes};
use super::hem::{Fall, hem};
use super::pen::{Pen, Points, flattened, tenth, whole};
use super::piece::{LineName, PartName, Pieces};
use super::pocket::{Ground, pockets};
use super::seen::{Rings, width_share};
use super::sleeve::sleeves;
use super::top::Top;
use super::waist::{self, band};
use crate::cloth::family::ClothFamily;
use crate::garment::{Front, Garment, LevelName, SeamName};
use crate::pattern::Pattern;
use crate::pattern::draw::Profile;

/// Half the gap between the legs at the crotch, in millimetres.
const HALF_GAP: f64 = 4.0;

/// Legs on the right of the picture: the outer edge from the hem to the top, the inner from the hem to the crotch.
pub(super) struct Legs {
    pub outer: Profile,
    pub inner: Profile,
    pub bottom: f64,
    pub crotch: f64,
    pub top: f64,
}

impl Legs {
    /// From girths at heights; `None` without a hip, a waist and something below the crotch.
    pub fn of(girths: &Rings, crotch: f64) -> Option<Legs> {
        let mut rings: Vec<(LevelName, f64, f64)> = girths
            .iter()
            .filter(|(level, ..)| !matches!(level, LevelName::UpperArm | LevelName::Elbow | LevelName::Wrist))
            .map(|(level, height, girth)| (*level, *height, girth.mm() * width_share(*level)))
            .collect();
        rings.sort_by(|a, b| a.1.total_cmp(&b.1));
        let hip_half = rings.iter().find(|(level, ..)| *level == LevelName::Hip)?.2 / 2.0;
        let (body, legs): (Vec<_>, Vec<_>) = rings.into_iter().partition(|(_, height, _)| *height > crotch);
        if body.len() < 2 || legs.is_empty() {
            return None;
        }
        let thigh = legs.last().map_or(hip_half, |(level, _, width)| {
            if *level == LevelName::Thigh { *width } else { hip_half - HALF_GAP }
        });
        let axis = HALF_GAP + thigh / 2.0;
        let inner_of = |width: f64| (axis - width / 2.0).max(HALF_GAP / 2.0);
        let mut outer: Vec<(f64, f64)> =
            legs.iter().map(|(_, y, width)| (*y, inner_of(*width) + width)).collect();
        outer.extend(body.iter().map(|(_, y, width)| (*y, width / 2.0)));
        let mut inner: Vec<(f64, f64)> = legs.iter().map(|(_, y, width)| (*y, inner_of(*width))).collect();
        inner.push((crotch, 0.5));
        let rising = |points: &[(f64, f64)]| points.windows(2).all(|pair| pair[0].0 < pair[1].0);
        if !rising(&outer) || !rising(&inner) {
            return None;
        }
        let (bottom, top) = (outer[0].0, outer[outer.len() - 1].0);
        let (outer, inner) = (Profile::through(&outer), Profile::through(&inner));
        Some(Legs { outer, inner, bottom, crotch, top })
    }

    /// From the crotch down the inner edge, along the hem and up the outer edge.
    pub fn outline(&self) -> Points {
        let mut points = flattened(&self.inner.path(0.0, false));
        points.reverse();
        points.insert(0, [0.0, tenth(self.crotch)]);
        points.extend(flattened(&self.outer.path(0.0, false)));
        points.dedup();
        points
    }

    fn seams(&self) -> Vec<FigureSeam> {
        [(SeamName::Outseam, &self.outer), (SeamName::Inseam, &self.inner)]
            .into_iter()
            .flat_map(|(seam, profile)| both_sides(seam, &flattened(&profile.path(0.0, false))))
            .collect()
    }
}

/// One face of a garment that ends at the waist.
pub(super) fn legs(garment: &Garment, rings: &Rings, crotch: f64, front: bool) -> Option<Figure> {
    let legs = Legs::of(rings, crotch)?;
    let shape = &garment.shape;
    let mut pieces = Pieces::default();
    let outer = |y: f64| legs.outer.at(y);
    let mut right = legs.outline();
    let dip = if front { waist::DIP } else { 0.0 };
    right.extend(waist::edge(outer(legs.top), legs.top, dip).into_iter().rev().skip(1));
    pieces.add(PartName::Body, whole(&right));
    band(shape, front, legs.top, &outer, &mut pieces);
    below(garment, &legs, front, &mut pieces);
    let low = legs.top - shape.band_height();
    if front && shape.front() == Front::Fly {
        fly(low - dip, crotch, &mut pieces);
    }
    yoke(garment, front, low, crotch, &outer, &mut pieces);
    let mut seams = legs.seams();
    let name = if front { SeamName::CentreFront } else { SeamName::CentreBack };
    seams.push(centre_seam(name, crotch, legs.top - dip));
    Some(Figure::new(pieces, seams))
}

/// Pockets, pleats and hems of legs.
fn below(garment: &Garment, legs: &Legs, front: bool, pieces: &mut Pieces) {
    let shape = &garment.shape;
    let outer = |y: f64| legs.outer.at(y);
    let low = legs.top - shape.band_height();
    let ground =
        Ground { front, side: &outer, waist: low, lowest: legs.crotch + 30.0, chest: None, clear: 10.0 };
    pockets(shape, &shape.pockets(garment.cloth.family), &ground, pieces);
    if shape.has_pleats() && front {
        waist::pleats(&[0.3 * outer(low), 0.44 * outer(low)], low - 4.0, 80.0, pieces);
    }
    let inner = |y: f64| legs.inner.at(y);
    let fall = Fall { inner: &inner, outer: &outer, bottom: legs.bottom, one: false };
    hem(shape, garment.cloth.look.as_ref(), &fall, front, pieces);
}

/// The yoke of denim trousers, at the back.
fn yoke(
    garment: &Garment,
    front: bool,
    low: f64,
    crotch: f64,
    side: &dyn Fn(f64) -> f64,
    pieces: &mut Pieces,
) {
    if front || garment.cloth.family != ClothFamily::Denim || garment.shape.band_height() < 4.0 {
        return;
    }
    let middle = low - 0.26 * (low - crotch);
    let out = low - 0.12 * (low - crotch);
    pieces.line_both(LineName::Stitch, Pen::at(0.0, middle).line(side(out), out).points());
}

/// One face of legs with a body above them.
pub(super) fn overalls(
    garment: &Garment,
    pattern: &Pattern,
    rings: &Rings,
    crotch: f64,
    front: bool,
) -> Option<Figure> {
    let shape = &garment.shape;
    let legs = Legs::of(rings, crotch)?;
    let top = Top::of(shape, pattern, rings, front)?;
    let mut pieces = Pieces::default();
    let outer = |y: f64| legs.outer.at(y);
    let mut right = legs.outline();
    if top.underarm > legs.top + 1.0 {
        right.push([tenth(top.side), tenth(top.underarm)]);
    }
    right.extend(top.over().into_iter().skip(1));
    pieces.add(PartName::Body, whole(&right));
    top.inside(&mut pieces);
    let mut seams = sleeves(shape, pattern, rings, &top, outer, &mut pieces);
    collar(shape.collar(), &top, front, &mut pieces);
    seams.extend(top.cross_seams(shape, front, &mut pieces));
    let waist = pattern.waist.unwrap_or(legs.top);
    if front {
        let run =
            Run { bottom: crotch + 0.24 * (waist - crotch), closes: top.centre_top, waist: pattern.waist };
        front_closes(shape, &run, &mut pieces);
    }
    let ground = Ground {
        front,
        side: &outer,
        waist,
        lowest: crotch + 30.0,
        chest: Some(top.underarm + 10.0),
        clear: 24.0,
    };
    pockets(shape, &shape.pockets(garment.cloth.family), &ground, &mut pieces);
    let inner = |y: f64| legs.inner.at(y);
    let fall = Fall { inner: &inner, outer: &outer, bottom: legs.bottom, one: false };
    hem(shape, garment.cloth.look.as_ref(), &fall, front, &mut pieces);
    if shape.has(SeamName::WaistSeam) {
        seams.extend(both_sides(
            SeamName::WaistSeam,
            &[[0.0, tenth(waist)], [tenth(outer(waist)), tenth(waist)]],
        ));
    }
    seams.extend(legs.seams());
    let name = if front { SeamName::CentreFront } else { SeamName::CentreBack };
    seams.push(centre_seam(name, crotch, top.centre_top));
    Some(Figure::new(pieces, seams))
}
