//! A wearer and a garment from the side, facing right.
//!
//! Depth is to the side what width is to the front; the middle of each section lies where a body carries it.

use super::figure::Figure;
use super::pen::{Pen, Points, flattened, steps, tenth};
use super::piece::{FigurePiece, PartName, Pieces};
use super::seen::{forward, section_ratio, width_share};
use super::wearer::Heights;
use crate::body::measures::{Body, MeasureName};
use crate::garment::LevelName;
use crate::pattern::Bodice;
use crate::pattern::draw::Profile;
use crate::unit::length::Length;

/// Levels of a body from the ankle up.
const UPWARD: [LevelName; 8] = [
    LevelName::Calf,
    LevelName::Knee,
    LevelName::Thigh,
    LevelName::Hip,
    LevelName::HighHip,
    LevelName::Waist,
    LevelName::UnderBust,
    LevelName::Bust,
];
/// How far the middle of an ankle, and of what ends there, lies behind the body's axis, in millimetres.
const ANKLE_BEHIND: f64 = 6.0;
/// How far the calf lies behind the shin.
const CALF_BEHIND: f64 = 16.0;
/// Where an arm hangs, before the body's axis.
const ARM: f64 = -4.0;
/// How far a forearm at ease hangs before the upper arm, at the wrist.
const FOREARM: f64 = 34.0;
/// Cloth on a neck stands off it at least so far.
const OFF_THE_NECK: f64 = 3.0;

/// Where the middle of a section lies from the side.
fn middle(level: LevelName) -> f64 {
    match level {
        LevelName::Hem => -ANKLE_BEHIND,
        LevelName::Calf => forward(level) - CALF_BEHIND,
        _ => forward(level),
    }
}

/// Front and back from below upward.
#[derive(Debug, Clone)]
pub(crate) struct Aside {
    pub front: Profile,
    pub back: Profile,
    /// How far below the shoulder elbow and wrist hang.
    pub arm: [f64; 2],
}

impl Aside {
    /// Through `(height, middle, half the depth)`; `None` where the heights do not rise.
    fn through(places: &[(f64, f64, f64)], arm: [f64; 2]) -> Option<Aside> {
        let rising = places.len() > 1 && places.windows(2).all(|pair| pair[0].0 < pair[1].0);
        let side = |sign: f64| -> Vec<(f64, f64)> {
            places.iter().map(|(y, middle, half)| (*y, middle + sign * half)).collect()
        };
        rising.then(|| Aside {
            front: Profile::through(&side(1.0)),
            back: Profile::through(&side(-1.0)),
            arm,
        })
    }

    /// Of a body that is said how deep it is at each level; every measure has to be there.
    pub(crate) fn of_body(
        body: &Body,
        heights: &Heights,
        at: impl Fn(LevelName) -> Option<f64>,
        half_depth: impl Fn(LevelName) -> Option<f64>,
    ) -> Option<Aside> {
        let ankle = body.get(MeasureName::HeelInstep)?.mm() * 0.72 * width_share(LevelName::Calf);
        let mut places = vec![(heights.floor + 80.0, -ANKLE_BEHIND, ankle / 2.0)];
        let shoulder = heights.shoulder - 10.0;
        for level in UPWARD {
            let (y, lowest) = (at(level)?, places[places.len() - 1].0 + 1.0);
            // A garment's own level may lie where the next one of the body would.
            if (lowest..shoulder).contains(&y) {
                places.push((y, middle(level), half_depth(level)?));
            }
        }
        let neck = body.get(MeasureName::Neck)?.mm() * 0.3;
        places.push((shoulder, -4.0, 0.65 * neck));
        places.push((heights.chin - 12.0, 10.0, neck / 2.0));
        let arm = [MeasureName::ShoulderToElbow, MeasureName::ArmLength];
        let [elbow, wrist] = arm.map(|name| body.get(name).map(Length::mm));
        Aside::through(&places, [elbow?, wrist?])
    }

    /// The two points of a course across it at a height.
    pub(crate) fn across(&self, y: f64) -> Points {
        vec![[tenth(self.back.at(y)), tenth(y)], [tenth(self.front.at(y)), tenth(y)]]
    }

    /// Up the front and, from the top, down the back, through every place it is known at.
    fn sides(&self) -> [Points; 2] {
        let [front, mut back] = [&self.front, &self.back].map(|profile| flattened(&profile.path(0.0, false)));
        back.reverse();
        [front, back]
    }
}

/// A body by itself; every measure has to be there.
#[must_use]
pub(crate) fn from_the_side(body: &Body, heights: &Heights) -> Option<Figure> {
    let half_depth = |level: LevelName| {
        Some(body.get(level.measure()?)?.mm() * width_share(level) * section_ratio(level) / 2.0)
    };
    let aside = Aside::of_body(body, heights, |level| heights.of_level(level), half_depth)?;
    let mut pieces = Pieces::default();
    pieces.add(PartName::Body, head_to_foot(&aside, heights));
    Some(Figure::new(pieces, Vec::new()))
}

/// A wearer with an arm that hangs at ease, so deep at each level, in painting order; every measure has to be there.
#[must_use]
pub(crate) fn wearer_aside(
    body: &Body,
    heights: &Heights,
    aside: &Aside,
    half_depth: impl Fn(LevelName) -> Option<f64>,
) -> Option<Vec<FigurePiece>> {
    let mut pieces = Pieces::default();
    pieces.add(PartName::Body, head_to_foot(aside, heights));
    let [elbow, length] = aside.arm;
    let hand = body.get(MeasureName::Hand)?.mm() * width_share(LevelName::Wrist);
    let top = heights.shoulder - 8.0;
    let widths = [
        (0.24 * length, half_depth(LevelName::UpperArm)?),
        (elbow, half_depth(LevelName::Elbow)?),
        (length, 0.36 * hand),
        (length + 80.0, 0.55 * hand),
        (length + 165.0, 0.2 * hand),
    ];
    let places = widths.into_iter().rev().map(|(down, half)| (top - down, half)).collect();
    let arm = HangingAside { top, arm: aside.arm, places };
    pieces.add(PartName::Sleeve, arm.outline());
    Some(pieces.pieces)
}

fn head_to_foot(aside: &Aside, heights: &Heights) -> Points {
    let head = heights.crown - heights.chin;
    let mut outline = flattened(&aside.front.path(0.0, false));
    let [x, y] = outline[outline.len() - 1];
    let nape = flattened(&aside.back.path(0.0, false));
    let [nx, ny] = nape[nape.len() - 1];
    let face = Pen::at(x, y)
        .line(x + 0.2 * head, heights.chin - 4.0)
        .bend([x + 0.3 * head, heights.chin + 0.1 * head], [x + 0.25 * head, heights.chin + 0.3 * head])
        .line(x + 0.33 * head, heights.chin + 0.34 * head)
        .line(x + 0.24 * head, heights.chin + 0.5 * head)
        .curve(
            [x + 0.24 * head, heights.crown - 0.06 * head],
            [x + 0.1 * head, heights.crown],
            [x - 0.16 * head, heights.crown],
        )
        .curve([nx - 0.34 * head, heights.crown], [nx - 0.3 * head, heights.chin + 0.3 * head], [nx, ny])
        .points();
    outline.extend(face.into_iter().skip(1));
    outline.extend(nape.into_iter().rev().skip(1));
    let heel = outline[outline.len() - 1][0];
    let shin = outline[0][0];
    let foot = Pen::at(heel, heights.floor + 80.0)
        .bend([heel - 12.0, heights.floor + 30.0], [heel - 8.0, heights.floor])
        .line(shin + 150.0, heights.floor)
        .bend([shin + 160.0, heights.floor + 26.0], [shin + 100.0, heights.floor + 40.0])
        .bend([shin + 20.0, heights.floor + 60.0], [shin, heights.floor + 80.0])
        .points();
    let inner = foot.len() - 1;
    outline.extend(foot.into_iter().take(inner).skip(1));
    outline
}

/// An arm or a sleeve from the side: half its depth at heights from below up.
struct HangingAside {
    top: f64,
    /// How far below its top elbow and wrist are.
    arm: [f64; 2],
    places: Vec<(f64, f64)>,
}

impl HangingAside {
    /// The middle at a height: below the elbow it comes forward.
    fn middle(&self, y: f64) -> f64 {
        let [elbow, wrist] = self.arm;
        let down = (self.top - elbow - y).max(0.0) / (wrist - elbow).max(60.0);
        ARM + FOREARM * down * down.min(1.0)
    }

    fn outline(&self) -> Points {
        let (low, high) = (self.places[0].0, self.places[self.places.len() - 1].0);
        let profile = Profile::through(&self.places);
        // Through every place it is known at, and often enough between them.
        let mut heights: Vec<f64> = steps(low, high).chain(self.places.iter().map(|(y, _)| *y)).collect();
        heights.sort_by(f64::total_cmp);
        heights.dedup_by(|a, b| (*a - *b).abs() < 1.0);
        let edge = |sign: f64| -> Points {
            heights.iter().map(|y| [tenth(self.middle(*y) + sign * profile.at(*y)), tenth(*y)]).collect()
        };
        let (mut outline, mut back) = (edge(1.0), edge(-1.0));
        let half = profile.at(high);
        let (at, rise) = (self.middle(high), 0.6 * (self.top - high));
        let round = Pen::at(at + half, high)
            .curve([at + half, high + rise], [at + 0.5 * half, self.top], [at, self.top])
            .curve([at - 0.5 * half, self.top], [at - half, high + rise], [at - half, high])
            .points();
        outline.extend(round.into_iter().skip(1));
        // Where the curve comes down, the edge has its own point.
        outline.pop();
        back.reverse();
        outline.extend(back);
        outline
    }

    fn across(&self, y: f64, half: f64) -> Points {
        let middle = self.middle(y);
        vec![[tenth(middle - half), tenth(y)], [tenth(middle + half), tenth(y)]]
    }
}

/// What a garment is from the side: half its depth at levels, as they hang, from below up.
#[derive(Debug, Clone, Default)]
pub(crate) struct Depths {
    /// Of body and legs.
    pub trunk: Vec<(LevelName, f64, f64)>,
    /// Of a sleeve.
    pub sleeve: Vec<(LevelName, f64, f64)>,
}

/// A garment from the side.
#[derive(Debug, Clone)]
pub(crate) struct GarmentAside {
    /// Its pieces in painting order: a sleeve hangs over the side of a body.
    pub pieces: Vec<FigurePiece>,
    /// The courses across it at its levels.
    pub across: Vec<(LevelName, Points)>,
}

/// A garment from the side, round a wearer; `None` where too little of it is known.
#[must_use]
pub(crate) fn garment_aside(
    depths: &Depths,
    bodice: Option<&Bodice>,
    front_neck: f64,
    wearer: &Aside,
) -> Option<GarmentAside> {
    let mut places: Vec<(f64, f64, f64)> =
        depths.trunk.iter().map(|(level, y, half)| (*y, middle(*level), *half)).collect();
    let (highest, at_highest, deepest) = *places.last()?;
    if let Some(bodice) = bodice.filter(|bodice| bodice.underarm > highest + 1.0) {
        places.push((bodice.underarm, at_highest, deepest));
    }
    let aside = Aside::through(&places, wearer.arm)?;
    let top = places[places.len() - 1].0;
    let [mut outline, back] = aside.sides();
    if let Some(bodice) = bodice {
        // Above the underarm it follows the body, nearer and nearer to it, and ends round the neck.
        let off = |y: f64, garment: &Profile, body: &Profile| {
            let share = ((bodice.neck.y - y) / (bodice.neck.y - top).max(1.0)).clamp(0.0, 1.0);
            (garment.at(top) - body.at(top)).abs().max(OFF_THE_NECK) * share + OFF_THE_NECK * (1.0 - share)
        };
        let in_front = |y: f64| wearer.front.at(y) + off(y, &aside.front, &wearer.front);
        let behind = |y: f64| wearer.back.at(y) - off(y, &aside.back, &wearer.back);
        let front_top = front_neck.max(top + 1.0);
        outline.extend(steps(top, front_top).skip(1).map(|y| [tenth(in_front(y)), tenth(y)]));
        let (fx, bx) = (in_front(front_top), behind(bodice.nape));
        let at_neck = [0.5 * (fx + bx), bodice.neck.y.max(bodice.nape)];
        let neckline = Pen::at(fx, front_top)
            .bend([at_neck[0] + 0.2 * (fx - bx), front_top + 0.2 * (at_neck[1] - front_top)], at_neck)
            .line(bx, bodice.nape)
            .points();
        outline.extend(neckline.into_iter().skip(1));
        outline.extend(steps(bodice.nape, top).skip(1).map(|y| [tenth(behind(y)), tenth(y)]));
    }
    outline.extend(back);
    outline.dedup();
    let mut pieces = Pieces::default();
    pieces.add(PartName::Body, outline);
    let mut across: Vec<(LevelName, Points)> =
        depths.trunk.iter().map(|(level, y, _)| (*level, aside.across(*y))).collect();
    if let Some(bodice) = bodice.filter(|_| depths.sleeve.len() > 1) {
        let places: Vec<(f64, f64)> = depths.sleeve.iter().map(|(_, y, half)| (*y, *half)).collect();
        if places.windows(2).all(|pair| pair[0].0 < pair[1].0)
            && places[places.len() - 1].0 < bodice.shoulder.y
        {
            let hanging = HangingAside { top: bodice.shoulder.y, arm: wearer.arm, places };
            let courses = depths.sleeve.iter().map(|(level, y, half)| (*level, hanging.across(*y, *half)));
            across.extend(courses);
            pieces.add(PartName::Sleeve, hanging.outline());
        }
    }
    Some(GarmentAside { pieces: pieces.pieces, across })
}
