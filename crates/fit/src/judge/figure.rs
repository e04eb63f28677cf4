//! The garment, or the body, as it is seen from the front: a silhouette built from girths.
//!
//! It is a picture of girths, not of drape: at each level the width seen is the girth times the
//! width-to-girth share of a body there (a circle would have 1/π). Garment and body are drawn by
//! the same rule, so that what shows between them is ease. Seams lie where the panels put them.

use kurbo::{BezPath, PathEl};
use serde::{Deserialize, Serialize};

use crate::body::measures::{Body, MeasureName};
use crate::garment::{LevelName, SeamName, Shape, Tube};
use crate::operation::crosswise::YOKE_AT;
use crate::pattern::draw::Profile;
use crate::pattern::{EdgeName, PanelName, Pattern};
use crate::reading::side::Side;
use crate::unit::length::Length;

/// Width seen from the front as a share of the girth.
const fn width_share(level: LevelName) -> f64 {
    match level {
        LevelName::Bust => 0.36,
        LevelName::Waist | LevelName::UnderBust => 0.365,
        LevelName::HighHip | LevelName::Hip => 0.37,
        LevelName::Thigh => 0.29,
        LevelName::Knee | LevelName::Calf => 0.31,
        LevelName::UpperArm | LevelName::Elbow | LevelName::Wrist => 0.34,
        // Nothing inside rounds a hem out, so it hangs flatter than what is above it.
        LevelName::Hem => 0.36,
    }
}

/// Half the gap between the legs at the crotch, in millimetres.
const HALF_GAP: f64 = 4.0;
/// How far a hanging sleeve leans out from the body, in radians: an arm hanging at ease.
const SLEEVE_LEAN: f64 = 0.30;
/// Points on half a neckline.
const NECK_POINTS: u32 = 10;
/// How often a figure is sampled in height, in millimetres.
const EVERY: f64 = 12.0;
/// How far, in millimetres, the drawn points may leave the curve.
const FLATTEN: f64 = 0.4;

/// A seam on the figure.
#[derive(Debug, Clone, PartialEq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct FigureSeam {
    /// Which seam.
    pub seam: SeamName,
    /// Which side; the wearer's left is drawn on the left, as in a mirror.
    pub side: Side,
    /// True for a dart the garment does not have yet: a place for one.
    pub absent: bool,
    /// Its course from lower end to upper, `[x, y]` in millimetres.
    #[cfg_attr(feature = "schema", schema(value_type = Vec<Vec<f64>>))]
    pub points: Vec<[f64; 2]>,
}

/// A silhouette with its seams; `x` is zero at the centre, `y` the height above the hem fold.
#[derive(Debug, Clone, PartialEq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct Figure {
    /// The closed outline, `[x, y]` in millimetres.
    #[cfg_attr(feature = "schema", schema(value_type = Vec<Vec<f64>>))]
    pub outline: Vec<[f64; 2]>,
    /// Closed outlines of what hangs beside it: the sleeves.
    #[cfg_attr(feature = "schema", schema(value_type = Vec<Vec<Vec<f64>>>))]
    pub beside: Vec<Vec<[f64; 2]>>,
    /// The seams that show, where there are any.
    pub seams: Vec<FigureSeam>,
    /// Height of the top of the figure.
    pub top: f64,
    /// Height of the lowest point.
    pub bottom: f64,
    /// Half the greatest width.
    pub half_width: f64,
}

impl Figure {
    /// The same with every point on a whole tenth of a millimetre.
    #[must_use]
    pub fn rounded(&self) -> Figure {
        let tenth = |mm: f64| (mm * 10.0).round() / 10.0;
        let points = |points: &[[f64; 2]]| -> Vec<[f64; 2]> {
            points.iter().map(|[x, y]| [tenth(*x), tenth(*y)]).collect()
        };
        Figure {
            outline: points(&self.outline),
            beside: self.beside.iter().map(|each| points(each)).collect(),
            seams: self
                .seams
                .iter()
                .map(|seam| FigureSeam { points: points(&seam.points), ..seam.clone() })
                .collect(),
            top: tenth(self.top),
            bottom: tenth(self.bottom),
            half_width: tenth(self.half_width),
        }
    }

    fn new(outline: Vec<[f64; 2]>, beside: Vec<Vec<[f64; 2]>>, seams: Vec<FigureSeam>) -> Figure {
        let all = || outline.iter().chain(beside.iter().flatten());
        let top = all().map(|p| p[1]).fold(f64::MIN, f64::max);
        let bottom = all().map(|p| p[1]).fold(f64::MAX, f64::min);
        let half_width = all().map(|p| p[0].abs()).fold(0.0, f64::max);
        Figure { outline, beside, seams, top, bottom, half_width }
    }
}

/// Girths at heights: `(level, height, girth)`.
pub type Rings = Vec<(LevelName, f64, Length)>;

/// The garment from the front and from the back with the given girths at its levels; `None` where
/// too little is known.
#[must_use]
pub fn garment_figures(shape: &Shape, pattern: &Pattern, rings: &Rings) -> Option<[Figure; 2]> {
    let figure = match pattern.crotch {
        Some(crotch) if pattern.bodice.is_none() => {
            let figure = legs_figure(rings, crotch.height)?;
            return Some([figure.clone(), figure]);
        }
        Some(crotch) => overalls(shape, pattern, rings, crotch.height)?,
        None => [column(shape, pattern, rings, true)?, column(shape, pattern, rings, false)?],
    };
    Some(figure)
}

fn legs_figure(rings: &Rings, crotch_height: f64) -> Option<Figure> {
    let mut figure = silhouette(rings, crotch_height)?;
    let body_seam = |seam| centre_seam(seam, crotch_height, figure.top);
    let centre = [body_seam(SeamName::CentreFront), body_seam(SeamName::CentreBack)];
    figure.seams.extend(centre);
    Some(figure)
}

/// Legs with a body above them: the silhouette of the legs, carried up to the shoulders.
fn overalls(shape: &Shape, pattern: &Pattern, rings: &Rings, crotch: f64) -> Option<[Figure; 2]> {
    let faces = [true, false].map(|front| {
        let legs = silhouette(rings, crotch)?;
        let top = Top::of(shape, pattern, rings, front)?;
        // Up the wearer's left to the underarm, over the shoulders, down the right.
        let split = legs.outline.iter().position(|p| p[1] >= legs.top - 0.05)?;
        let mut outline: Vec<[f64; 2]> = legs.outline[..=split].to_vec();
        outline.extend(top.over());
        let down = legs.outline.iter().skip(split + 1).skip_while(|p| p[1] >= legs.top - 0.05 && p[0] < 0.0);
        outline.extend(down.copied());
        let (beside, mut seams) = top.sleeves(shape, pattern, rings);
        let name = if front { SeamName::CentreFront } else { SeamName::CentreBack };
        seams.extend(legs.seams);
        let neck = top.centre_top;
        seams.push(centre_seam(name, crotch, neck));
        seams.extend(top.cross_seams(shape, pattern, front));
        Some(Figure::new(outline, beside, seams))
    });
    let [front, back] = faces;
    Some([front?, back?])
}

/// A tube: skirt, dress, shirt, jacket.
fn column(shape: &Shape, pattern: &Pattern, rings: &Rings, front: bool) -> Option<Figure> {
    let body: Vec<(f64, f64)> = half_widths(rings, pattern);
    if body.len() < 2 {
        return None;
    }
    let profile = Profile::through(&body);
    let side: Vec<[f64; 2]> = flattened(&profile.path(0.0, false));
    let at = |y: f64| profile.at(y);
    let face =
        if front { [PanelName::Front, PanelName::SideFront] } else { [PanelName::Back, PanelName::SideBack] };
    let panels: Vec<_> = pattern.panels().iter().filter(|panel| face.contains(&panel.name)).collect();
    let whole = |y: f64| panels.iter().map(|panel| panel.width_near(y)).sum::<f64>();
    let mut seams = both_sides(SeamName::Side, &side).to_vec();
    let princess = if front { SeamName::PrincessFront } else { SeamName::PrincessBack };
    let dart = if front { SeamName::FrontDart } else { SeamName::BackDart };
    let (bottom, top) = (body[0].0, body[body.len() - 1].0);
    // A place on the panels as a share of the half width, carried over to the worn width.
    let carried = |y: f64, from_centre: f64| {
        let share = from_centre / whole(y).max(1.0);
        [tenth(share * at(y)), tenth(y)]
    };
    if let Some(middle) = panels.first().filter(|_| panels.len() > 1) {
        let mut points: Vec<[f64; 2]> =
            steps(bottom, top).map(|y| carried(y, middle.width_near(y))).collect();
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
        let points: Vec<[f64; 2]> = steps(low, high.min(top)).map(|y| carried(y, middle)).collect();
        let absent = !shape.has(dart);
        seams.extend(both_sides(dart, &points).map(|seam| FigureSeam { absent, ..seam }));
    }
    let cover = Top::of(shape, pattern, rings, front);
    let centre = if front { SeamName::CentreFront } else { SeamName::CentreBack };
    let neck = cover.as_ref().map_or(top, |cover| cover.centre_top);
    let mut outline: Vec<[f64; 2]> = side.iter().map(|[x, y]| [-x, *y]).collect();
    let mut beside = Vec::new();
    if let Some(cover) = &cover {
        outline.extend(cover.over());
        let (sleeves, more) = cover.sleeves(shape, pattern, rings);
        beside = sleeves;
        seams.extend(more);
        seams.extend(cover.cross_seams(shape, pattern, front));
    }
    if shape.has(SeamName::WaistSeam)
        && let Some(waist) = pattern.waist
    {
        seams.extend(across(SeamName::WaistSeam, waist, at(waist)));
    }
    outline.extend(side.iter().rev().copied());
    seams.push(centre_seam(centre, bottom, neck));
    Some(Figure::new(outline, beside, seams))
}

/// Half the width seen at each body level, from the hem up, with the underarm at the top of a body.
fn half_widths(rings: &Rings, pattern: &Pattern) -> Vec<(f64, f64)> {
    let mut widths: Vec<(f64, f64)> = rings
        .iter()
        .filter(|(level, ..)| pattern.level(*level).is_some_and(|known| known.tube == Tube::Body))
        .map(|(level, height, girth)| (*height, girth.mm() * width_share(*level) / 2.0))
        .collect();
    widths.sort_by(|a, b| a.0.total_cmp(&b.0));
    widths.dedup_by(|a, b| (a.0 - b.0).abs() < 1.0);
    if let (Some(bodice), Some((height, width))) = (pattern.bodice, widths.last().copied())
        && bodice.underarm > height + 1.0
    {
        widths.push((bodice.underarm, width));
    }
    widths
}

/// What lies above the underarm on one face.
struct Top {
    /// Half the width seen at the underarm.
    side: f64,
    underarm: f64,
    shoulder: [f64; 2],
    neck: [f64; 2],
    centre_top: f64,
    across: f64,
}

impl Top {
    fn of(_: &Shape, pattern: &Pattern, rings: &Rings, front: bool) -> Option<Top> {
        let bodice = pattern.bodice?;
        let side = half_widths(rings, pattern).last()?.1;
        Some(Top {
            side,
            underarm: bodice.underarm,
            shoulder: [bodice.shoulder.x, bodice.shoulder.y],
            neck: [bodice.neck.x, bodice.neck.y],
            centre_top: bodice.neck_at_centre(front),
            // A body is rounder than its flat back is wide.
            across: bodice.across.min(side),
        })
    }

    /// From the left underarm over shoulders and neck to the right underarm.
    fn over(&self) -> Vec<[f64; 2]> {
        let middle = self.underarm + 0.45 * (self.shoulder[1] - self.underarm);
        let mut half: Vec<[f64; 2]> = vec![
            [self.across + 0.45 * (self.side - self.across), self.underarm + 0.12 * (middle - self.underarm)],
            [self.across, middle],
            self.shoulder,
            self.neck,
        ];
        for step in 1..=NECK_POINTS {
            let turn = f64::from(step) / f64::from(NECK_POINTS) * std::f64::consts::FRAC_PI_2;
            let depth = self.neck[1] - self.centre_top;
            half.push([self.neck[0] * turn.cos(), self.neck[1] - depth * turn.sin()]);
        }
        let left = half.iter().map(|[x, y]| [tenth(-x), tenth(*y)]);
        let right = half.iter().rev().map(|[x, y]| [tenth(*x), tenth(*y)]);
        left.chain(right).collect()
    }

    /// The sleeves hanging from the shoulder points, with the seams that show on them.
    fn sleeves(
        &self,
        shape: &Shape,
        pattern: &Pattern,
        rings: &Rings,
    ) -> (Vec<Vec<[f64; 2]>>, Vec<FigureSeam>) {
        let Some(crown) = pattern.crown else { return (Vec::new(), Vec::new()) };
        let mut widths: Vec<(f64, f64)> = rings
            .iter()
            .filter(|(level, ..)| pattern.level(*level).is_some_and(|known| known.tube == Tube::Sleeve))
            .map(|(level, height, girth)| (*height, girth.mm() * width_share(*level)))
            .collect();
        widths.sort_by(|a, b| a.0.total_cmp(&b.0));
        let (Some((_, upper)), true) = (widths.last().copied(), widths.len() > 1) else {
            return (Vec::new(), Vec::new());
        };
        // Where the sleeve's seam meets the underarm.
        let under = widths.last().map_or(0.0, |(height, _)| height + 25.0);
        widths.push((under, upper));
        let profile = Profile::through(&widths);
        let (sin, cos) = SLEEVE_LEAN.sin_cos();
        // `out` from the inner edge of the arm, `y` up the sleeve; turned about the shoulder point.
        let place = |out: f64, y: f64| {
            let (dx, dy) = (out - upper, y - crown);
            [tenth(self.shoulder[0] + dx * cos - dy * sin), tenth(self.shoulder[1] + dx * sin + dy * cos)]
        };
        let ys: Vec<f64> = steps(0.0, under).collect();
        let inner: Vec<[f64; 2]> = ys.iter().map(|y| place(upper - profile.at(*y), *y)).collect();
        let outer: Vec<[f64; 2]> = ys.iter().map(|_| upper).zip(&ys).map(|(out, y)| place(out, *y)).collect();
        let mut outline = inner.clone();
        outline.push(place(upper * 0.55, crown - 0.12 * (crown - under)));
        outline.push(place(upper, crown));
        outline.extend(outer.iter().rev());
        let mirrored = |points: &[[f64; 2]]| points.iter().map(|[x, y]| [-x, *y]).collect::<Vec<_>>();
        let mut seams = Vec::new();
        if shape.has(SeamName::SleeveUnderarm) {
            seams.extend(both_sides(SeamName::SleeveUnderarm, &inner));
        }
        if shape.has(SeamName::SleeveFront) {
            let at = |share: f64| -> Vec<[f64; 2]> {
                ys.iter().map(|y| place(upper - profile.at(*y) * share, *y)).collect()
            };
            seams.extend(both_sides(SeamName::SleeveFront, &at(0.82)));
            seams.extend(both_sides(SeamName::SleeveBack, &at(0.18)));
        }
        (vec![mirrored(&outline), outline], seams)
    }

    fn cross_seams(&self, shape: &Shape, _: &Pattern, front: bool) -> Vec<FigureSeam> {
        let mut seams = Vec::new();
        if shape.has(SeamName::Shoulder) {
            let points = [self.neck, self.shoulder].map(|[x, y]| [tenth(x), tenth(y)]);
            seams.extend(both_sides(SeamName::Shoulder, &points));
        }
        if shape.has(SeamName::Yoke) && !front {
            let y = self.underarm + YOKE_AT * (self.shoulder[1] - self.underarm);
            seams.extend(across(SeamName::Yoke, y, self.across));
        }
        seams
    }
}

fn steps(from: f64, to: f64) -> impl Iterator<Item = f64> {
    let pieces = ((to - from) / EVERY).ceil().max(1.0) as u32;
    (0..=pieces).map(move |piece| from + (to - from) * f64::from(piece) / f64::from(pieces))
}

fn centre_seam(seam: SeamName, from: f64, to: f64) -> FigureSeam {
    let points = vec![[0.0, tenth(from)], [0.0, tenth(to)]];
    FigureSeam { seam, side: Side::Centre, absent: false, points }
}

/// A seam on both sides, given on the right of the picture.
fn both_sides(seam: SeamName, right: &[[f64; 2]]) -> [FigureSeam; 2] {
    let left = right.iter().map(|[x, y]| [-x, *y]).collect();
    [
        FigureSeam { seam, side: Side::Left, absent: false, points: left },
        FigureSeam { seam, side: Side::Right, absent: false, points: right.to_vec() },
    ]
}

fn across(seam: SeamName, height: f64, half: f64) -> [FigureSeam; 2] {
    both_sides(seam, &[[0.0, tenth(height)], [tenth(half), tenth(height)]])
}

/// The wearer's silhouette beside the same levels, standing on the floor. Levels whose measure
/// is missing are left out; `None` without at least a waist and a hip.
#[must_use]
pub fn body_figure(body: &Body, pattern: &Pattern, inseam: Option<Length>) -> Option<Figure> {
    let waist = pattern.waist.or_else(|| pattern.level(LevelName::Waist).map(|level| level.height.mm()))?;
    let leg = body.get(MeasureName::InsideLeg).map_or(760.0, Length::mm);
    let crotch = match (pattern.crotch, inseam) {
        (Some(crotch), _) => crotch.height,
        // On a skirt the crotch lies about a seventh of a leg below the hip.
        _ => waist - 290.0,
    };
    let floor = match inseam {
        Some(inseam) => inseam.mm() - leg,
        None => crotch - leg,
    };
    let height = |level: LevelName| {
        let known = pattern.level(level).map(|level| level.height.mm());
        let usual = match level {
            LevelName::Waist => waist,
            LevelName::HighHip => waist - 100.0,
            LevelName::Hip => waist - 200.0,
            LevelName::Thigh => crotch - 25.0,
            LevelName::Knee => floor + 0.55 * leg,
            LevelName::Calf => floor + 0.36 * leg,
            _ => return known,
        };
        Some(known.unwrap_or(usual))
    };
    let mut rings: Rings = LevelName::ALL
        .into_iter()
        .filter(|level| !matches!(level, LevelName::UpperArm | LevelName::Elbow))
        .filter_map(|level| Some((level, height(level)?, body.get(level.measure()?)?)))
        .collect();
    // The ankle: about three quarters of the heel-and-instep girth, a hand's breadth from the floor.
    let ankle = body
        .get(MeasureName::HeelInstep)
        .map_or(Length::whole_mm(230), |girth| Length::from_mm(girth.mm() * 0.72));
    let lowest = rings.iter().map(|(_, height, _)| *height).fold(f64::MAX, f64::min);
    rings.push((LevelName::Hem, (floor + 80.0).min(lowest - 20.0), ankle));
    let mut figure = silhouette(&rings, crotch)?;
    if let Some(bodice) = pattern.bodice {
        let half =
            figure.outline.iter().filter(|p| p[1] >= figure.top - 0.05).map(|p| p[0]).fold(0.0, f64::max);
        let shoulder = body.get(MeasureName::Shoulder).map_or(bodice.shoulder.x, |width| width.mm() / 2.0);
        let (y, neck) = (bodice.shoulder.y, 58.0);
        let right = [
            [half, bodice.underarm],
            [shoulder * 0.97, y - 25.0],
            [shoulder * 0.9, y],
            [neck, y + 45.0],
            [neck - 6.0, y + 95.0],
        ];
        let split = figure.outline.iter().position(|p| p[1] >= figure.top - 0.05)?;
        let left: Vec<[f64; 2]> = right.iter().map(|[x, y]| [-x, *y]).collect();
        let insert: Vec<[f64; 2]> = left.into_iter().chain(right.iter().rev().copied()).collect();
        let mut outline = figure.outline[..=split].to_vec();
        outline.extend(insert);
        outline.extend(figure.outline[split + 1..].iter().copied());
        figure = Figure::new(outline, Vec::new(), Vec::new());
    }
    figure.seams.clear();
    Some(figure)
}

fn silhouette(girths: &[(LevelName, f64, Length)], crotch_height: f64) -> Option<Figure> {
    let mut rings: Vec<(LevelName, f64, f64)> = girths
        .iter()
        .filter(|(level, ..)| !matches!(level, LevelName::UpperArm | LevelName::Elbow | LevelName::Wrist))
        .map(|(level, height, girth)| (*level, *height, girth.mm() * width_share(*level)))
        .collect();
    rings.sort_by(|a, b| a.1.total_cmp(&b.1));
    let hip_half = rings.iter().find(|(level, ..)| *level == LevelName::Hip)?.2 / 2.0;
    let (body, legs): (Vec<_>, Vec<_>) =
        rings.into_iter().partition(|(_, height, _)| *height > crotch_height);
    if body.len() < 2 || legs.is_empty() {
        return None;
    }
    let thigh =
        legs.last().map_or(
            hip_half,
            |(level, _, width)| {
                if *level == LevelName::Thigh { *width } else { hip_half - HALF_GAP }
            },
        );
    let axis = HALF_GAP + thigh / 2.0;
    let inner_of = |width: f64| (axis - width / 2.0).max(HALF_GAP / 2.0);
    let mut outer: Vec<(f64, f64)> =
        legs.iter().map(|(_, y, width)| (*y, inner_of(*width) + width)).collect();
    outer.extend(body.iter().map(|(_, y, width)| (*y, width / 2.0)));
    let mut inner: Vec<(f64, f64)> = legs.iter().map(|(_, y, width)| (*y, inner_of(*width))).collect();
    inner.push((crotch_height, 0.5));
    let rising = |points: &[(f64, f64)]| points.windows(2).all(|pair| pair[0].0 < pair[1].0);
    if !rising(&outer) || !rising(&inner) {
        return None;
    }
    let (outer, inner) = (Profile::through(&outer), Profile::through(&inner));
    let course = |profile: &Profile, mirror| flattened(&profile.path(0.0, mirror));
    let mut outline = course(&outer, true);
    outline.extend(course(&outer, false).into_iter().rev());
    outline.extend(course(&inner, false));
    outline.extend(course(&inner, true).into_iter().rev());
    let seams = [(SeamName::Outseam, &outer), (SeamName::Inseam, &inner)]
        .into_iter()
        .flat_map(|(seam, profile)| both_sides(seam, &course(profile, false)))
        .collect();
    Some(Figure::new(outline, Vec::new(), seams))
}

/// A path as points to a tenth of a millimetre.
pub(crate) fn flattened(path: &BezPath) -> Vec<[f64; 2]> {
    let mut points = Vec::new();
    kurbo::flatten(path, FLATTEN, |element| {
        if let PathEl::MoveTo(point) | PathEl::LineTo(point) = element {
            points.push([tenth(point.x), tenth(point.y)]);
        }
    });
    points
}

pub(crate) fn tenth(mm: f64) -> f64 {
    (mm * 10.0).round() / 10.0 + 0.0
}
