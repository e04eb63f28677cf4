//! Skirts and bodies: one tube, with what is above the underarm where there is something.

use super::collar::collar;
use super::figure::{Figure, FigureSeam, both_sides};
use super::front::{Run, front as front_closes};
use super::hem::{Fall, folds, hem};
use super::pen::{Points, flattened, steps, tenth, whole};
use super::piece::{LineName, PartName, Pieces};
use super::pocket::{Ground, pockets};
use super::seen::{Rings, half_widths};
use super::sleeve::sleeves;
use super::top::Top;
use super::waist::{self, band};
use crate::garment::side::Side;
use crate::garment::{FixtureKind, Front, Garment, Kind, LevelName, SeamName, Shape};
use crate::pattern::draw::Profile;
use crate::pattern::{EdgeName, PanelName, Pattern};

/// How far the points of a waistcoat fall below its side, and how far from the centre, in millimetres.
const POINTS: [f64; 2] = [58.0, 52.0];
/// How far a jacket's front edge is rounded away at the hem.
const CUTAWAY: f64 = 62.0;

/// One face.
pub(super) fn column(garment: &Garment, pattern: &Pattern, rings: &Rings, front: bool) -> Option<Figure> {
    let shape = &garment.shape;
    let halves = half_widths(rings, pattern);
    if halves.len() < 2 {
        return None;
    }
    let profile = Profile::through(&halves);
    let side_course = flattened(&profile.path(0.0, false));
    let at = |y: f64| profile.at(y);
    let (bottom, high) = (halves[0].0, halves[halves.len() - 1].0);
    let top = Top::of(shape, pattern, rings, front);
    let mut pieces = Pieces::default();
    let mut seams = lengthwise(shape, pattern, &at, [bottom, high], front);
    seams.extend(both_sides(SeamName::Side, &side_course));
    let right = outline(shape, &side_course, top.as_ref(), front, [bottom, at(bottom), high, at(high)]);
    pieces.add(PartName::Body, whole(&right));
    let hip = pattern.level(LevelName::Hip).map(|level| level.height.mm());
    let fall = Fall { inner: &|_| 0.0, outer: &at, bottom, one: true };
    hem(shape, garment.cloth.look.as_ref(), &fall, front, &mut pieces);
    folds(&fall, hip.or(pattern.waist).unwrap_or(high).min(high), &mut pieces);
    let lowest = bottom + shape.turn_up.mm();
    let neck = match &top {
        Some(top) => {
            top.inside(&mut pieces);
            seams.extend(sleeves(shape, pattern, rings, top, at, &mut pieces));
            collar(shape.collar(), top, front, &mut pieces);
            seams.extend(top.cross_seams(shape, front, &mut pieces));
            top.centre_top
        }
        None => {
            band(shape, front, high, &at, &mut pieces);
            high - shape.band_height()
        }
    };
    let waist = pattern.waist.filter(|waist| *waist < high);
    if front {
        let run = Run { bottom: front_bottom(shape, bottom), closes: neck, waist };
        front_closes(shape, &run, &mut pieces);
    }
    let clear = match (front, shape.front()) {
        (true, Front::Single | Front::Placket) => 24.0,
        (true, Front::Double) => 92.0,
        _ => 6.0,
    };
    let ground = Ground {
        front,
        side: &at,
        waist: if shape.kind.has_band() { neck } else { waist.unwrap_or(f64::midpoint(bottom, high)) },
        lowest,
        // A pocket on the chest begins a little above the underarm.
        chest: top.as_ref().map(|top| top.underarm + 22.0),
        clear,
    };
    pockets(shape, &shape.pockets(garment.cloth.family), &ground, &mut pieces);
    if shape.has_pleats() && front {
        let from = if shape.kind.has_band() { Some(neck) } else { waist };
        if let Some(from) = from {
            waist::pleats(&[0.34 * at(from), 0.5 * at(from)], from, 70.0, &mut pieces);
        }
    }
    if shape.has(SeamName::WaistSeam)
        && let Some(waist) = pattern.waist
    {
        seams.extend(both_sides(
            SeamName::WaistSeam,
            &[[0.0, tenth(waist)], [tenth(at(waist)), tenth(waist)]],
        ));
    }
    let centre = if front { SeamName::CentreFront } else { SeamName::CentreBack };
    seams.push(FigureSeam { absent: !shape.has(centre), ..centre_seam(centre, bottom, neck) });
    zip(shape, centre, bottom, &mut pieces);
    Some(Figure::new(pieces, seams))
}

/// From the centre of the hem out, up the side, over the top and back to the centre. Heights and half widths of the hem
/// and of the uppermost level.
fn outline(
    shape: &Shape,
    side: &Points,
    top: Option<&Top>,
    front: bool,
    [bottom, half, high, at_high]: [f64; 4],
) -> Points {
    let mut right = hem_edge(shape, front, bottom, half);
    right.extend(side.iter().skip(1));
    match top {
        Some(top) => right.extend(top.over().into_iter().skip(1)),
        None => {
            let dip = if front { waist::DIP } else { 0.0 };
            right.extend(waist::edge(at_high, high, dip).into_iter().rev().skip(1));
        }
    }
    right
}

/// The hem on the right, from the centre out to the side.
fn hem_edge(shape: &Shape, front: bool, bottom: f64, half: f64) -> Points {
    let side = [tenth(half), tenth(bottom)];
    match shape.kind {
        Kind::Waistcoat if front => {
            let [x, down] = POINTS;
            vec![[0.0, tenth(bottom + 8.0)], [tenth(x.min(0.5 * half)), tenth(bottom - down)], side]
        }
        Kind::Jacket if front && shape.front() == Front::Single => {
            let c = CUTAWAY.min(0.4 * half);
            let curve = super::pen::Pen::at(0.0, bottom + 1.1 * c)
                .curve([8.0, bottom + 0.45 * c], [0.4 * c, bottom], [1.2 * c, bottom])
                .line(half, bottom);
            curve.points()
        }
        _ => vec![[0.0, tenth(bottom)], side],
    }
}

/// Where what closes the front ends below.
fn front_bottom(shape: &Shape, bottom: f64) -> f64 {
    match shape.kind {
        Kind::Waistcoat => bottom + 8.0,
        Kind::Jacket if shape.front() == Front::Single => bottom + 0.75 * CUTAWAY,
        _ => bottom,
    }
}

/// A zip in the seam of this face.
fn zip(shape: &Shape, centre: SeamName, bottom: f64, pieces: &mut Pieces) {
    for zip in shape.fixtures.iter().filter(|each| each.kind == FixtureKind::Zip && each.seam == centre) {
        let (low, high) = (tenth(bottom + zip.from.mm()), tenth(bottom + zip.to.mm()));
        for x in [-6.0, 6.0] {
            pieces.line(LineName::Stitch, vec![[x, low], [x, high]]);
        }
    }
}

/// Princess seams and darts, where the panels put them.
fn lengthwise(
    shape: &Shape,
    pattern: &Pattern,
    at: &dyn Fn(f64) -> f64,
    [bottom, top]: [f64; 2],
    front: bool,
) -> Vec<FigureSeam> {
    let face =
        if front { [PanelName::Front, PanelName::SideFront] } else { [PanelName::Back, PanelName::SideBack] };
    let panels: Vec<_> = pattern.panels().iter().filter(|panel| face.contains(&panel.name)).collect();
    let whole = |y: f64| panels.iter().map(|panel| panel.width_near(y)).sum::<f64>();
    // A place on the panels as a share of the half width, carried over to the worn width.
    let carried = |y: f64, from_centre: f64| [tenth(from_centre / whole(y).max(1.0) * at(y)), tenth(y)];
    let princess = if front { SeamName::PrincessFront } else { SeamName::PrincessBack };
    let dart = if front { SeamName::FrontDart } else { SeamName::BackDart };
    let mut seams = Vec::new();
    if let Some(middle) = panels.first().filter(|_| panels.len() > 1) {
        let mut points: Points = steps(bottom, top).map(|y| carried(y, middle.width_near(y))).collect();
        if let Some(edge) = middle.edge(EdgeName::Seam(princess)) {
            let end = edge.edge.end().point;
            if end.y > top + 1.0 {
                points.push([tenth(end.x), tenth(end.y)]);
            }
        }
        seams.extend(both_sides(princess, &points));
    }
    if let Some([leg, _]) = pattern.edges(dart) {
        let (low, high) = (leg.edge.start().point.y, leg.edge.end().point.y);
        let middle = leg.edge.start().point.x;
        let points: Points = steps(low, high.min(top)).map(|y| carried(y, middle)).collect();
        let absent = !shape.has(dart);
        seams.extend(both_sides(dart, &points).map(|seam| FigureSeam { absent, ..seam }));
    }
    seams
}

pub(super) fn centre_seam(seam: SeamName, from: f64, to: f64) -> FigureSeam {
    FigureSeam { seam, side: Side::Centre, absent: false, points: vec![[0.0, tenth(from)], [0.0, tenth(to)]] }
}
