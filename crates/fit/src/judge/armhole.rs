//! Armhole and sleeve cap: their lengths before and after, and the ease of one over the other.
//!
//! The side seam's new line cuts the armhole short at the underarm, or, let out, carries it on; the
//! sleeve's line does the same to the cap. Both lengths are measured on the drawn curves, up to where
//! the new stitching crosses them.

use kurbo::{Point, Vec2};
use serde::Serialize;

use crate::garment::{Edge, EdgeName, Pattern, SeamEdge, SeamName, Shape, SleeveBuild, cap_ease};
use crate::house::habit::Habits;
use crate::judge::drawing::inside;
use crate::judge::girth::LineSet;
use crate::line::Line;
use crate::reading::side::Side;
use crate::unit::length::Length;

/// Armhole and cap that differ less than this from before are said to be unchanged, in millimetres.
const UNCHANGED: f64 = 0.5;
/// Losses of armhole and cap within this are equal, in millimetres: what a pin can be off.
const EQUAL: f64 = 3.0;

/// One armhole with its sleeve.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct ArmholeFit {
    /// Which side; `None` where both are alike.
    pub side: Option<Side>,
    /// Length of the armhole, before and after.
    pub armhole: [Length; 2],
    /// Length of the sleeve's cap, before and after, where there is a sleeve.
    pub cap: Option<[Length; 2]>,
    /// Cap less armhole, before and after.
    pub ease: Option<[Length; 2]>,
    /// The ease usual for this kind: least and most.
    pub usual: [Length; 2],
    /// What that means, in words.
    pub words: String,
    /// The numbers as they stand on the session's tape: armhole and cap after, ease after.
    pub shown: [Option<String>; 3],
}

/// Armholes of both sides, one row where they are alike.
#[must_use]
pub fn armholes(shape: &Shape, pattern: &Pattern, lines: &LineSet, habits: &Habits) -> Vec<ArmholeFit> {
    let Some(before) = pattern.armhole_length() else { return Vec::new() };
    let fit = |side: Side| {
        let after = before + armhole_change(pattern, lines, side);
        let cap = pattern.cap_length().map(|cap| [cap, cap + cap_change(shape, pattern, lines, side)]);
        describe(shape, [before, after], cap, habits)
    };
    let [left, right] = [fit(Side::Left), fit(Side::Right)];
    if left == right {
        vec![left]
    } else {
        vec![ArmholeFit { side: Some(Side::Left), ..left }, ArmholeFit { side: Some(Side::Right), ..right }]
    }
}

fn describe(shape: &Shape, armhole: [f64; 2], cap: Option<[f64; 2]>, habits: &Habits) -> ArmholeFit {
    let scale = habits.scale;
    let usual = cap_ease(shape.kind);
    let ease = cap.map(|cap| [cap[0] - armhole[0], cap[1] - armhole[1]]);
    let write = |mm: f64| scale.write(Length::from_mm(mm));
    let became = |what: &str, [before, after]: [f64; 2]| {
        if (after - before).abs() < UNCHANGED || write(before) == write(after) {
            format!("The {what} stays {}", write(before))
        } else {
            format!("The {what} goes from {} to {}", write(before), write(after))
        }
    };
    let mut words = became("armhole", armhole);
    if let (Some(cap), Some(ease)) = (cap, ease) {
        words.push_str("; ");
        let mut part = became("cap", cap);
        part[..1].make_ascii_lowercase();
        words.push_str(&part);
        let lost = [armhole[0] - armhole[1], cap[0] - cap[1]];
        let changed = lost.iter().any(|lost| lost.abs() >= UNCHANGED);
        if changed && (lost[0] - lost[1]).abs() > EQUAL {
            let apart = write((lost[0] - lost[1]).abs());
            let act = if shape.has(SeamName::SleeveUnderarm) {
                "carry the side seam's line on into the sleeve, or ease the difference in"
            } else {
                "take the sleeve's own seams in by as much at the top, or ease the difference in"
            };
            words.push_str(&format!(". They no longer change alike: {apart} apart; {act}"));
        }
        let (least, most) = (write(usual[0]), write(usual[1]));
        let now = if !scale.shows(Length::from_mm(ease[1])) {
            "as long as".to_owned()
        } else if ease[1] < 0.0 {
            format!("{} shorter than", write(-ease[1]))
        } else {
            format!("{} longer than", write(ease[1]))
        };
        words.push_str(&if ease[1] < usual[0] - EQUAL {
            format!(
                ". The cap is {now} the armhole; {least} to {most} longer is usual: the sleeve head will drag. Take the armhole in at the side, or leave the sleeve wider"
            )
        } else if ease[1] > usual[1] + EQUAL {
            format!(
                ". The cap is {now} the armhole; {least} to {most} longer is usual: more than eases in without gathers. Take the sleeve in with the side"
            )
        } else if ease[1] > 0.0 && scale.shows(Length::from_mm(ease[1])) {
            format!(". The cap has {} to ease in, as is usual", write(ease[1]))
        } else {
            format!(". The cap is {now} the armhole, as is usual")
        });
    }
    words.push('.');
    let number = |mm: f64| scale.number(Length::from_mm(mm));
    ArmholeFit {
        side: None,
        armhole: armhole.map(Length::hundredth),
        cap: cap.map(|cap| cap.map(Length::hundredth)),
        ease: ease.map(|ease| ease.map(Length::hundredth)),
        usual: usual.map(Length::hundredth),
        words,
        shown: [Some(number(armhole[1])), cap.map(|cap| number(cap[1])), ease.map(|ease| number(ease[1]))],
    }
}

/// What the lines of one side add to its armhole, in millimetres.
fn armhole_change(pattern: &Pattern, lines: &LineSet, side: Side) -> f64 {
    let upright = if pattern.edges(SeamName::Side).is_some() { SeamName::Side } else { SeamName::Outseam };
    let mut change = 0.0;
    if let (Some(line), Some(edges)) = (lines.on(upright, side), pattern.edges(upright)) {
        for seam in edges {
            let rim = seam.panel.edges.iter().find(|edge| edge.name == EdgeName::Armhole);
            change -= rim.map_or(0.0, |rim| lost(&towards(&rim.edge, seam), seam, line));
        }
    }
    // A seam across the body shortens both panels where it meets the armhole.
    for cross in [SeamName::Shoulder, SeamName::Yoke] {
        if let Some(line) = lines.on(cross, side) {
            change -= 2.0 * line.depth(line.length);
        }
    }
    change
}

/// What the lines of one sleeve add to its cap, in millimetres.
fn cap_change(shape: &Shape, pattern: &Pattern, lines: &LineSet, side: Side) -> f64 {
    let seams: &[SeamName] = match shape.sleeve_build() {
        SleeveBuild::None => &[],
        SleeveBuild::OnePiece => &[SeamName::SleeveUnderarm],
        SleeveBuild::TwoPiece => &[SeamName::SleeveFront, SeamName::SleeveBack],
    };
    let mut change = 0.0;
    for name in seams {
        let (Some(line), Some(edges)) = (lines.on(*name, side), pattern.edges(*name)) else { continue };
        for seam in edges {
            let rim = seam.panel.edges.iter().find(|edge| edge.name == EdgeName::Cap);
            change -= rim.map_or(0.0, |rim| lost(&towards(&rim.edge, seam), seam, line));
        }
    }
    change
}

/// A rim's points, beginning where it meets the upper end of a seam.
fn towards(rim: &Edge, seam: SeamEdge<'_>) -> Vec<Point> {
    let mut points: Vec<Point> = rim.places().iter().map(|place| place.point).collect();
    let end = seam.edge.end().point;
    let far = |point: Option<&Point>| point.map_or(f64::MAX, |point| (*point - end).hypot());
    if far(points.last()) < far(points.first()) {
        points.reverse();
    }
    points
}

/// How much of a rim the new line cuts off, measured along the rim from the old seam; negative where
/// the line is let out and the rim goes on.
fn lost(rim: &[Point], seam: SeamEdge<'_>, line: &Line) -> f64 {
    let length = seam.edge.length();
    let top = line.at(line.length);
    let through = inside(seam, length, top.depth);
    if top.depth.abs() < 1e-9 {
        return 0.0;
    }
    let along = seam.edge.end().along;
    let normal = Vec2::new(-along.y, along.x) * seam.inward;
    let way = along + normal * (top.slope * line.length / length);
    let aside = |point: Point| way.cross(point - through);
    let [Some(first), Some(second)] = [rim.first(), rim.get(1)] else { return 0.0 };
    let tangent = (*second - *first).normalize();
    let rate = way.cross(tangent);
    if rate.abs() > 1e-9 {
        let before = -aside(*first) / rate;
        if before <= 0.0 {
            return before;
        }
    }
    let mut walked = 0.0;
    for pair in rim.windows(2) {
        let (from, to) = (aside(pair[0]), aside(pair[1]));
        let step = (pair[1] - pair[0]).hypot();
        if from * to <= 0.0 && from != to {
            return walked + step * from / (from - to);
        }
        walked += step;
    }
    walked
}
