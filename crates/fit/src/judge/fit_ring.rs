//! One level from above: the body's cross-section and the garment's loop round it.
//!
//! It is a model of girths, and says so: cloth is taken to lie round the body like a loop. Where the
//! garment is smaller than the body's convex outline the loop is taut and lies on it; where it is larger
//! it stands off evenly. It knows nothing of folds, bias or weight. A body's cross-section comes from
//! its girth and the depth of that body there as a share of its width: a house table that can be changed.

use std::f64::consts::TAU;

use serde::Serialize;

use crate::garment::side::Side;
use crate::garment::{LevelName, Tube};
use crate::house::habit::Habits;
use crate::judge::ease::{LevelBalance, Verdict};
use crate::judge::picture::pen::{Points, tenth};
use crate::judge::picture::seen::section_ratio;
use crate::unit::length::Length;

/// Points round a cross-section.
const ROUND: u32 = 72;
/// How square a trunk's section is: 2 is an ellipse, more is squarer.
const TRUNK_SQUARENESS: f64 = 2.35;
/// How square a limb's section is.
const LIMB_SQUARENESS: f64 = 2.0;

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
    /// Its height on the figure, as the garment hangs, in millimetres.
    pub height: f64,
    /// Its course across the figure from the front, `[x, y]`.
    #[cfg_attr(feature = "schema", schema(value_type = Vec<Vec<f64>>))]
    pub front: Points,
    /// Its course across the figure from the side; none where that is not drawn.
    #[cfg_attr(feature = "schema", schema(value_type = Vec<Vec<f64>>))]
    pub aside: Points,
    /// The body, with what is worn under the garment.
    #[cfg_attr(feature = "schema", schema(value_type = Vec<Vec<f64>>))]
    pub body: Points,
    /// The garment before.
    #[cfg_attr(feature = "schema", schema(value_type = Vec<Vec<f64>>))]
    pub before: Points,
    /// The garment after.
    #[cfg_attr(feature = "schema", schema(value_type = Vec<Vec<f64>>))]
    pub after: Points,
    /// How far the garment stands off all round, in millimetres, before and after; nothing where it is
    /// taut.
    pub stands_off: [f64; 2],
    /// By what share of the body's girth the garment is too small, before and after; nothing where it
    /// is slack.
    pub strain: [f64; 2],
    /// What the ease amounts to before and after, where it can be said.
    pub verdicts: [Option<Verdict>; 2],
    /// The ease before and after, signed, as it stands on the session's tape.
    pub ease: [String; 2],
    /// Both girths and what comes of them, before and after.
    pub said: [String; 2],
    /// True when the garment's width there was estimated.
    pub estimated: bool,
}

/// How a section is shaped.
#[derive(Debug, Clone, Copy)]
pub(crate) struct Section {
    /// Depth as a share of width.
    pub ratio: f64,
    squareness: f64,
}

impl Section {
    /// At a level: the house's, or the user's own.
    pub(crate) fn at(level: LevelName, habits: &Habits) -> Section {
        let ratio = habits.sections.get(&level).copied().unwrap_or(section_ratio(level));
        let squareness = if level.is_round_a_limb() { LIMB_SQUARENESS } else { TRUNK_SQUARENESS };
        Section { ratio, squareness }
    }

    fn of_girth(self, girth: f64) -> Points {
        cross_section(girth, self.ratio, self.squareness)
    }

    /// Half the width and half the depth of one of such a girth.
    pub(crate) fn reach(self, girth: f64) -> [f64; 2] {
        let outline = self.of_girth(girth);
        [0, 1].map(|axis| outline.iter().map(|point| point[axis]).fold(0.0, f64::max))
    }
}

/// The girths at a level: of the body with what lies round it, and by how much the garment is larger, before and after.
#[derive(Debug, Clone, Copy)]
pub(crate) struct Worn {
    pub body: f64,
    pub ease: [f64; 2],
}

impl Worn {
    /// `None` where nobody has measured the wearer.
    pub(crate) fn of(row: &LevelBalance) -> Option<Worn> {
        let ease = [row.ease_before?.mm(), row.ease_after?.mm()];
        Some(Worn { body: row.girth.after.mm() - ease[1], ease })
    }

    /// How far the garment stands off, before and after.
    pub(crate) fn stands_off(self) -> [f64; 2] {
        self.ease.map(|ease| (ease / TAU).max(0.0))
    }
}

/// A level's ring, without its place on the figure; `None` where nobody has measured the wearer there.
pub(crate) fn ring(row: &LevelBalance, habits: &Habits) -> Option<FitRing> {
    let level = row.girth.level;
    let worn = row.body.and_then(|_| Worn::of(row))?;
    // Layers and the cloth's own thickness lie round the body, so the loop goes round them too.
    let outline = Section::at(level, habits).of_girth(worn.body);
    let [before, after] = worn.ease.map(|ease| garment_loop(&outline, ease));
    let scale = habits.scale;
    let write = |mm: f64| scale.write(Length::from_mm(mm));
    let strain = worn.ease.map(|ease| (-ease / worn.body).max(0.0));
    let off = worn.stands_off();
    let signed = |ease: f64| format!("{}{}", if ease < 0.0 { "−" } else { "+" }, write(ease.abs()));
    Some(FitRing {
        level,
        words: level.words(),
        side: row.girth.side,
        tube: row.girth.tube,
        height: 0.0,
        front: Vec::new(),
        aside: Vec::new(),
        body: tenths(&outline),
        before: tenths(&before),
        after: tenths(&after),
        stands_off: off,
        strain,
        verdicts: [row.verdict_before, row.verdict],
        ease: worn.ease.map(signed),
        said: Default::default(),
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

fn tenths(points: &[[f64; 2]]) -> Points {
    points.iter().map(|point| point.map(tenth)).collect()
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
