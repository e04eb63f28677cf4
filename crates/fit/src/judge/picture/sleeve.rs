//! Sleeves as they hang from the shoulder points.

use super::figure::{FigureSeam, both_sides};
use super::pen::{Pen, Points, steps, tenth};
use super::piece::{LineName, PartName, Pieces};
use super::seen::{Rings, widths};
use super::top::Top;
use crate::garment::{Cuffs, LevelName, SeamName, Shape, Tube};
use crate::pattern::Pattern;
use crate::pattern::draw::Profile;
use crate::pattern::draw::sleeve::UPPER_BELOW;

/// How far a sleeve leans out where nothing is in its way, in radians: an arm hanging at ease.
const LEAN: f64 = 0.17;
/// The most it leans out, whatever it hangs beside.
const MOST_LEAN: f64 = 0.62;
/// The most the line of a shoulder may turn where it becomes the outside of a sleeve, in radians: more is a puff.
const TURN: f64 = 0.2;
/// Air between a sleeve and what it hangs beside, in millimetres.
const AIR: f64 = 10.0;
/// Height of a cuff, in millimetres.
const CUFF: f64 = 62.0;

/// A sleeve on the right of the picture: its widths up its axis, and how it leans.
pub(super) struct Hanging {
    profile: Profile,
    /// Along the sleeve, where it meets the underarm.
    under: f64,
    lean: f64,
    at: [f64; 2],
}

impl Hanging {
    /// As it hangs beside a body that is half so wide at each height; `None` without a sleeve.
    pub(super) fn of(
        pattern: &Pattern,
        rings: &Rings,
        top: &Top,
        side: impl Fn(f64) -> f64,
    ) -> Option<Hanging> {
        let mut seen = widths(rings, pattern, Tube::Sleeve);
        if pattern.crown.is_none() || seen.len() < 2 {
            return None;
        }
        let (highest, upper) = seen[seen.len() - 1];
        let under =
            pattern.level(LevelName::UpperArm).map_or(highest, |level| level.height.mm()) + UPPER_BELOW;
        seen.push((under.max(highest + 1.0), upper));
        let mut hanging =
            Hanging { profile: Profile::through(&seen), under, lean: LEAN, at: [top.side, top.underarm] };
        // It clears what it hangs beside.
        let slope = steps(0.0, under - 60.0).map(|y| {
            let down = under - y;
            ((side(top.underarm - down) + AIR - top.side) / down).atan()
        });
        hanging.lean = slope.fold(LEAN, f64::max);
        // Wide sleeves stand out until the shoulder runs on into them.
        while hanging.lean < MOST_LEAN && hanging.turn(top) > TURN {
            hanging.lean += 0.01;
        }
        hanging.lean = hanging.lean.min(MOST_LEAN);
        Some(hanging)
    }

    /// Down its seam, from the underarm to the hem.
    pub(super) fn seam(&self) -> Points {
        self.course(self.under, 0.0, 0.0)
    }

    /// Across it at a height above its hem.
    pub(super) fn across(&self, y: f64) -> Points {
        vec![self.place(0.0, y), self.place(self.profile.at(y), y)]
    }

    /// The outer end of its hem.
    pub(super) fn outer_hem(&self) -> [f64; 2] {
        self.place(self.profile.at(0.0), 0.0)
    }

    /// A place `out` from the inner edge, `y` up the sleeve. The inner edge ends at the underarm point.
    fn place(&self, out: f64, y: f64) -> [f64; 2] {
        let (sin, cos) = self.lean.sin_cos();
        let down = self.under - y;
        [tenth(self.at[0] + down * sin + out * cos), tenth(self.at[1] - down * cos + out * sin)]
    }

    /// A course a share of the width out from the inner edge.
    fn course(&self, from: f64, to: f64, share: f64) -> Points {
        steps(from, to).map(|y| self.place(self.profile.at(y) * share, y)).collect()
    }
}

/// Adds both sleeves, and gives the seams that show on them. `side` is half the width of the body at a height.
pub(super) fn sleeves(
    shape: &Shape,
    pattern: &Pattern,
    rings: &Rings,
    top: &Top,
    side: impl Fn(f64) -> f64,
    pieces: &mut Pieces,
) -> Vec<FigureSeam> {
    let Some(hanging) = Hanging::of(pattern, rings, top, side) else { return Vec::new() };
    let under = hanging.under;
    let inner = hanging.course(0.0, under, 0.0);
    let mut outer = hanging.course(0.0, under, 1.0);
    let head = outer[outer.len() - 1];
    let (sin, cos) = hanging.lean.sin_cos();
    let [sx, sy] = top.shoulder;
    let [nx, ny] = top.neck;
    let (dx, dy) = (sx - nx, sy - ny);
    let along = dx.hypot(dy).max(1.0);
    let reach = (head[0] - sx).hypot(head[1] - sy);
    // Up the outside, over the head in the slope of the shoulder, and back inside the armhole.
    let over = Pen::at(head[0], head[1])
        .curve(
            [head[0] - 0.36 * reach * sin, head[1] + 0.36 * reach * cos],
            [sx + dx / along * 0.22 * reach, sy + dy / along * 0.22 * reach],
            top.shoulder,
        )
        .points();
    let mut outline = outer.clone();
    outline.extend(over.into_iter().skip(1));
    let mut hole = top.armhole();
    hole.reverse();
    outline.extend(hole.into_iter().skip(1));
    outline.extend(inner.iter().rev().skip(1));
    let lean = -hanging.lean.to_degrees();
    pieces.add_both(PartName::Sleeve, outline, lean);
    cuff(shape, &hanging, lean, pieces);
    let mut seams = Vec::new();
    if shape.has(SeamName::SleeveUnderarm) {
        seams.extend(both_sides(SeamName::SleeveUnderarm, &inner));
    }
    if shape.has(SeamName::SleeveFront) {
        seams.extend(both_sides(SeamName::SleeveFront, &hanging.course(0.0, under, 0.18)));
        outer = hanging.course(0.0, under, 0.82);
        seams.extend(both_sides(SeamName::SleeveBack, &outer));
    }
    seams
}

fn cuff(shape: &Shape, hanging: &Hanging, lean: f64, pieces: &mut Pieces) {
    let turned = shape.sleeve_turn_up.unwrap_or(shape.turn_up).mm();
    let depth = match shape.sleeve_cuffs() {
        Cuffs::None => {
            if turned > 0.0 {
                pieces.line_both(LineName::Stitch, hanging.across(turned));
            }
            return;
        }
        Cuffs::Buttoned | Cuffs::Ribbed => CUFF,
        Cuffs::TurnedUp => CUFF * 0.8,
    }
    .min(0.35 * hanging.under);
    let mut outline = hanging.course(0.0, depth, 0.0);
    outline.extend(hanging.course(depth, 0.0, 1.0));
    pieces.add_both(PartName::Cuff, outline, lean);
    if shape.sleeve_cuffs() == Cuffs::Buttoned {
        let [x, y] = hanging.place(0.8 * hanging.profile.at(depth / 2.0), depth / 2.0);
        pieces.button(x, y, 5.0);
        pieces.button(-x, y, 5.0);
    }
}

impl Hanging {
    /// How much more the line from the shoulder point to the widest place leans than the sleeve below it does.
    fn turn(&self, top: &Top) -> f64 {
        let [x, y] = self.place(self.profile.at(self.under), self.under);
        (x - top.shoulder[0]).atan2(top.shoulder[1] - y) - self.lean
    }
}
