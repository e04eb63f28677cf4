//! The fit picture: at each level the body's cross-section and the garment's ring round it, and both
//! silhouettes built from the rings.
//!
//! It is a model of girths, and says so: cloth is taken to lie round the body like a loop. Where the
//! garment is smaller than the body's convex outline the loop is taut and lies on it; where it is larger
//! it stands off evenly. It knows nothing of folds, bias or weight. A body's cross-section comes from
//! its girth and the depth of that body there as a share of its width: a house table that can be changed.

use std::f64::consts::TAU;

use serde::Serialize;

use crate::garment::{LevelName, Tube};
use crate::house::habit::Habits;
use crate::judge::ease::{LevelBalance, Verdict};
use crate::reading::side::Side;
use crate::solve::job::Job;
use crate::solve::job_error::JobError;
use crate::solve::solve;
use crate::unit::length::Length;

/// Points round a cross-section.
const ROUND: u32 = 72;
/// How square a trunk's section is: 2 is an ellipse, more is squarer.
const TRUNK_SQUARENESS: f64 = 2.35;
/// How square a limb's section is.
const LIMB_SQUARENESS: f64 = 2.0;

/// Depth of an average body's cross-section as a share of its width: the house table.
#[must_use]
pub const fn section_ratio(level: LevelName) -> f64 {
    match level {
        LevelName::Bust => 0.80,
        LevelName::UnderBust => 0.76,
        LevelName::Waist => 0.74,
        LevelName::HighHip => 0.72,
        LevelName::Hip => 0.70,
        LevelName::Thigh => 1.0,
        LevelName::Knee | LevelName::Calf => 1.05,
        LevelName::Hem => 0.8,
        LevelName::UpperArm | LevelName::Elbow | LevelName::Wrist => 1.1,
    }
}

/// How far the middle of the section lies before the body's axis, in millimetres, seen from the side:
/// the chest before it, the seat behind it.
const fn forward(level: LevelName) -> f64 {
    match level {
        LevelName::Bust => 14.0,
        LevelName::UnderBust => 8.0,
        LevelName::HighHip => -6.0,
        LevelName::Hip => -16.0,
        _ => 0.0,
    }
}

/// One level of the picture. Rings are closed, `[x, y]` in millimetres about the section's middle; `x`
/// grows to the wearer's right as seen in a mirror, `y` to the front.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct FitRing {
    /// The level.
    pub level: LevelName,
    /// What it is called.
    pub words: &'static str,
    /// Which leg or sleeve, where they differ.
    pub side: Option<Side>,
    /// The tube it goes round.
    pub tube: Tube,
    /// Its height above its tube's hem fold, in millimetres.
    pub height: f64,
    /// Depth of the body there as a share of its width, and whether that is the user's own.
    pub section: f64,
    /// True where the share is not the house's.
    pub own_section: bool,
    /// The body, with what is worn under the garment.
    #[cfg_attr(feature = "schema", schema(value_type = Vec<Vec<f64>>))]
    pub body: Vec<[f64; 2]>,
    /// The garment before.
    #[cfg_attr(feature = "schema", schema(value_type = Vec<Vec<f64>>))]
    pub before: Vec<[f64; 2]>,
    /// The garment after.
    #[cfg_attr(feature = "schema", schema(value_type = Vec<Vec<f64>>))]
    pub after: Vec<[f64; 2]>,
    /// How far the garment stands off all round, in millimetres, before and after; nothing where it is
    /// taut.
    pub stands_off: [f64; 2],
    /// By what share of the body's girth the garment is too small, before and after; nothing where it
    /// is slack.
    pub strain: [f64; 2],
    /// What the ease amounts to after, where it can be said.
    pub verdict: Option<Verdict>,
    /// The numbers in words.
    pub said: String,
    /// True when the garment's width there was estimated.
    pub estimated: bool,
}

/// Half an outline from the lowest level up, `[half width, height]`; the other half mirrors it, or, from
/// the side, `[front, height]` and `[back, height]`.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct Outline {
    /// Towards the front, or to one side.
    #[cfg_attr(feature = "schema", schema(value_type = Vec<Vec<f64>>))]
    pub one: Vec<[f64; 2]>,
    /// Towards the back, or to the other side.
    #[cfg_attr(feature = "schema", schema(value_type = Vec<Vec<f64>>))]
    pub other: Vec<[f64; 2]>,
}

/// One silhouette: body, garment before, garment after.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct Silhouette {
    /// The body.
    pub body: Outline,
    /// The garment before.
    pub before: Outline,
    /// The garment after.
    pub after: Outline,
}

/// The whole picture.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct FitPicture {
    /// Every level the body was measured at, from the top down.
    pub rings: Vec<FitRing>,
    /// From the front, levels of the body.
    pub front: Silhouette,
    /// From the side, levels of the body.
    pub side: Silhouette,
    /// What kind of picture this is.
    pub note: &'static str,
}

/// Computes the fit picture of a job.
///
/// # Errors
/// [`JobError`] for a job that holds nonsense, with the place it stands.
pub fn fit_picture(job: &Job) -> Result<FitPicture, JobError> {
    let solution = solve(job)?;
    let heights: Vec<(LevelName, f64)> = solution
        .drawing
        .iter()
        .flat_map(|drawing| &drawing.levels)
        .map(|mark| (mark.level, mark.height))
        .collect();
    let rings: Vec<FitRing> = solution
        .levels
        .iter()
        .filter_map(|row| {
            let height = heights.iter().find(|(level, _)| *level == row.girth.level)?.1;
            ring(row, height, &job.habits)
        })
        .collect();
    let trunk: Vec<&FitRing> = rings.iter().rev().filter(|ring| ring.tube == Tube::Body).collect();
    let silhouette = |axis: usize| Silhouette {
        body: outline(&trunk, axis, |ring| &ring.body),
        before: outline(&trunk, axis, |ring| &ring.before),
        after: outline(&trunk, axis, |ring| &ring.after),
    };
    let (front, side) = (silhouette(0), silhouette(1));
    Ok(FitPicture {
        rings,
        front,
        side,
        note: "A picture of girths, not of drape: each level is a loop round the body's section. Where it is smaller than the body it is drawn taut, where larger it stands off evenly. Folds, bias and weight are not in it.",
    })
}

fn ring(row: &LevelBalance, height: f64, habits: &Habits) -> Option<FitRing> {
    let level = row.girth.level;
    let (body, before, after) = (row.body?.mm(), row.ease_before?.mm(), row.ease_after?.mm());
    let own = habits.sections.get(&level).copied();
    let section = own.unwrap_or(section_ratio(level));
    let squareness = if row.girth.tube == Tube::Body { TRUNK_SQUARENESS } else { LIMB_SQUARENESS };
    // Layers and the cloth's own thickness lie round the body, so the loop goes round them too.
    let worn = row.girth.after.mm() - after;
    let outline = cross_section(worn, section, squareness);
    let loops = [before, after].map(|ease| garment_loop(&outline, ease));
    let scale = habits.scale;
    let write = |mm: f64| scale.write(Length::from_mm(mm));
    let strain = [before, after].map(|ease| (-ease / worn).max(0.0));
    let off = [before, after].map(|ease| (ease / TAU).max(0.0));
    let now = if after < 0.0 {
        format!(
            "{} too small: {:.0} % of the body has to come from stretch",
            write(-after),
            100.0 * strain[1]
        )
    } else {
        format!("{} of ease: stands off {} all round", write(after), write(off[1]))
    };
    let was = if (before - after).abs() < 0.5 {
        String::new()
    } else if before < 0.0 {
        format!("; before, {} too small", write(-before))
    } else {
        format!("; before, {} of ease", write(before))
    };
    let said = format!("Body {}, garment {}: {now}{was}.", write(body), scale.write(row.girth.after));
    let [before_ring, after_ring] = loops;
    Some(FitRing {
        level,
        words: level.words(),
        side: row.girth.side,
        tube: row.girth.tube,
        height,
        section,
        own_section: own.is_some(),
        body: tenths(&outline),
        before: tenths(&before_ring),
        after: tenths(&after_ring),
        stands_off: off,
        strain,
        verdict: row.verdict,
        said,
        estimated: row.girth.estimated,
    })
}

/// A closed convex section of the given girth whose depth is `ratio` times its width: the superellipse
/// `|x/a|ⁿ + |y/b|ⁿ = 1`, scaled until its polygon has that perimeter.
#[must_use]
pub fn cross_section(girth: f64, ratio: f64, squareness: f64) -> Vec<[f64; 2]> {
    let power = 2.0 / squareness;
    let unit: Vec<[f64; 2]> = (0..ROUND)
        .map(|i| {
            let turn = TAU * f64::from(i) / f64::from(ROUND);
            let (sin, cos) = turn.sin_cos();
            [cos.signum() * cos.abs().powf(power), ratio * sin.signum() * sin.abs().powf(power)]
        })
        .collect();
    let grow = girth / perimeter(&unit);
    unit.into_iter().map(|[x, y]| [x * grow, y * grow]).collect()
}

/// The garment as a loop round a convex outline: on it where the loop is no longer than it, standing
/// off evenly where it is. A convex curve moved outward by `r` is `2πr` longer.
#[must_use]
pub fn garment_loop(outline: &[[f64; 2]], ease: f64) -> Vec<[f64; 2]> {
    if ease <= 0.0 {
        return outline.to_vec();
    }
    let off = ease / TAU;
    let count = outline.len();
    // Each side is moved out and each corner rounded, so that the polygon grows by exactly 2πr.
    let mut points = Vec::with_capacity(3 * count);
    for i in 0..count {
        let [before, here, after] = [outline[(i + count - 1) % count], outline[i], outline[(i + 1) % count]];
        let angle = |from: [f64; 2], to: [f64; 2]| (to[1] - from[1]).atan2(to[0] - from[0]);
        let (first, second) = (angle(before, here), angle(here, after));
        let turn = (second - first).rem_euclid(TAU);
        for share in [0.0, 0.5, 1.0] {
            let normal = first + share * turn - TAU / 4.0;
            points.push([here[0] + off * normal.cos(), here[1] + off * normal.sin()]);
        }
    }
    points
}

/// Length of a closed polygon.
#[must_use]
pub fn perimeter(points: &[[f64; 2]]) -> f64 {
    let next = points.iter().cycle().skip(1);
    points.iter().zip(next).map(|(a, b)| (b[0] - a[0]).hypot(b[1] - a[1])).sum()
}

fn outline(rings: &[&FitRing], axis: usize, of: impl Fn(&FitRing) -> &Vec<[f64; 2]>) -> Outline {
    let reach = |sign: f64| {
        rings
            .iter()
            .map(|ring| {
                let shift = if axis == 1 { forward(ring.level) } else { 0.0 };
                let far = of(ring).iter().map(|point| sign * point[axis]).fold(0.0, f64::max);
                [tenth(sign * far + shift), tenth(ring.height)]
            })
            .collect()
    };
    Outline { one: reach(1.0), other: reach(-1.0) }
}

fn tenths(points: &[[f64; 2]]) -> Vec<[f64; 2]> {
    points.iter().map(|[x, y]| [tenth(*x), tenth(*y)]).collect()
}

fn tenth(mm: f64) -> f64 {
    (mm * 10.0).round() / 10.0 + 0.0
}

#[cfg(test)]
mod tests {
    use super::*;
    use proptest::prelude::*;

    proptest! {
        #[test]
        fn a_section_has_its_girth_and_its_share(girth in 200.0f64..1600.0, ratio in 0.4f64..1.6) {
            let outline = cross_section(girth, ratio, TRUNK_SQUARENESS);
            prop_assert!((perimeter(&outline) - girth).abs() < 1e-6);
            let reach = |axis: usize| outline.iter().map(|p| p[axis]).fold(0.0, f64::max);
            prop_assert!((reach(1) / reach(0) - ratio).abs() < 0.01);
        }

        #[test]
        fn a_slack_loop_is_longer_by_its_ease_and_nowhere_inside(
            girth in 300.0f64..1500.0, ratio in 0.5f64..1.5, ease in 0.5f64..300.0,
        ) {
            let outline = cross_section(girth, ratio, TRUNK_SQUARENESS);
            let ring = garment_loop(&outline, ease);
            prop_assert!((perimeter(&ring) - girth - ease).abs() < 0.02 * ease + 0.05, "{} {girth} {ease}", perimeter(&ring));
            // Every point stands off by the same distance.
            for point in &ring {
                let near = outline.iter().map(|p| (p[0] - point[0]).hypot(p[1] - point[1])).fold(f64::MAX, f64::min);
                prop_assert!((near - ease / TAU).abs() < 1e-6);
            }
        }

        #[test]
        fn a_taut_loop_lies_on_the_body(girth in 300.0f64..1500.0, ease in -200.0f64..0.0) {
            let outline = cross_section(girth, 0.8, TRUNK_SQUARENESS);
            prop_assert_eq!(garment_loop(&outline, ease), outline);
        }
    }
}
