//! The garment, or the body, as it is seen from the front: a silhouette built from girths.
//!
//! It is a picture of girths, not of drape: at each level the width seen is the girth times the
//! width-to-girth share of a body there (a circle would have 1/π). Garment and body are drawn by
//! the same rule, so that what shows between them is ease.

use kurbo::{BezPath, PathEl};
use serde::Serialize;

use super::profile::Profile;
use super::{LevelName, SeamName, Tube};
use crate::{Body, Length, MeasureName, Side};

/// Width seen from the front as a share of the girth.
const fn width_share(level: LevelName) -> f64 {
    match level {
        LevelName::Waist => 0.365,
        LevelName::HighHip | LevelName::Hip => 0.37,
        LevelName::Thigh => 0.29,
        LevelName::Knee | LevelName::Calf => 0.31,
        // Nothing inside rounds a hem out, so it hangs flatter than the leg above it.
        LevelName::Hem => 0.36,
    }
}

/// Half the gap between the legs at the crotch, in millimetres.
const HALF_GAP: f64 = 4.0;

/// How far, in millimetres, the drawn points may leave the curve.
const FLATTEN: f64 = 0.4;

/// A seam on the figure.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct FigureSeam {
    /// Which seam.
    pub seam: SeamName,
    /// Which side; the wearer's left is drawn on the left, as in a mirror.
    pub side: Side,
    /// Its course from lower end to upper, `[x, y]` in millimetres.
    #[cfg_attr(feature = "schema", schema(value_type = Vec<Vec<f64>>))]
    pub points: Vec<[f64; 2]>,
}

/// A silhouette with its seams; `x` is zero at the centre, `y` the height above the hem fold.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct Figure {
    /// The closed outline, `[x, y]` in millimetres.
    #[cfg_attr(feature = "schema", schema(value_type = Vec<Vec<f64>>))]
    pub outline: Vec<[f64; 2]>,
    /// The seams that show, where there are any.
    pub seams: Vec<FigureSeam>,
    /// Height of the top of the figure.
    pub top: f64,
    /// Height of the lowest point.
    pub bottom: f64,
    /// Half the greatest width.
    pub half_width: f64,
}

/// The silhouette of trousers with the given girths at their levels, any order; `None` without
/// at least a waist, a hip and a hem.
#[must_use]
pub fn trousers_figure(girths: &[(LevelName, f64, Length)], crotch_height: f64) -> Option<Figure> {
    let mut figure = silhouette(girths, crotch_height)?;
    let body_seam =
        |seam| FigureSeam { seam, side: Side::Centre, points: vec![[0.0, crotch_height], [0.0, figure.top]] };
    let centre = [body_seam(SeamName::CentreFront), body_seam(SeamName::CentreBack)];
    figure.seams.extend(centre);
    Some(figure)
}

/// The wearer's silhouette beside the same levels, standing on the floor. Levels whose measure
/// is missing are left out; `None` without at least a waist and a hip.
#[must_use]
pub fn body_figure(
    body: &Body,
    girths: &[(LevelName, f64, Length)],
    crotch_height: f64,
    inseam: Length,
) -> Option<Figure> {
    let mut rings: Vec<(LevelName, f64, Length)> = girths
        .iter()
        .filter_map(|(level, height, _)| Some((*level, *height, body.get(level.measure()?)?)))
        .collect();
    // The ankle: about half the heel-and-instep girth less a little, a hand's breadth from the floor.
    let floor = body.get(MeasureName::InsideLeg).map_or(0.0, |leg| (inseam - leg).mm());
    let ankle = body
        .get(MeasureName::HeelInstep)
        .map_or(Length::whole_mm(230), |girth| Length::from_mm(girth.mm() * 0.72));
    let lowest = rings.iter().map(|(_, height, _)| *height).fold(f64::MAX, f64::min);
    let ankle_height = (floor + 80.0).min(lowest - 20.0);
    rings.push((LevelName::Hem, ankle_height, ankle));
    silhouette(&rings, crotch_height)
}

fn silhouette(girths: &[(LevelName, f64, Length)], crotch_height: f64) -> Option<Figure> {
    let mut rings: Vec<(LevelName, f64, f64)> = girths
        .iter()
        .map(|(level, height, girth)| (*level, *height, girth.mm() * width_share(*level)))
        .collect();
    rings.sort_by(|a, b| a.1.total_cmp(&b.1));
    let hip_half = rings.iter().find(|(level, ..)| *level == LevelName::Hip)?.2 / 2.0;
    let (body, legs): (Vec<_>, Vec<_>) =
        rings.into_iter().partition(|(level, ..)| level.tube() == Tube::Body);
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
        .flat_map(|(seam, profile)| {
            [(Side::Left, true), (Side::Right, false)].map(|(side, mirror)| FigureSeam {
                seam,
                side,
                points: course(profile, mirror),
            })
        })
        .collect();
    let reach = |pick: fn(&[f64; 2]) -> f64, fold: fn(f64, f64) -> f64| {
        outline.iter().map(pick).reduce(fold).unwrap_or(0.0)
    };
    let (top, bottom) = (reach(|p| p[1], f64::max), reach(|p| p[1], f64::min));
    let half_width = reach(|p| p[0], f64::max);
    Some(Figure { outline, seams, top, bottom, half_width })
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
