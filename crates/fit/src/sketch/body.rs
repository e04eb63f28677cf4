//! A body drawn while it is being measured: as an average one stands to begin with, nearer with every reading, with the
//! place of the tape for each measure.

use chrono::NaiveDate;
use serde::Serialize;

use crate::body::measures::{Body, MeasureName};
use crate::garment::LevelName;
use crate::house::habit::Habits;
use crate::judge::picture::figure::Figure;
use crate::judge::picture::pen::{Points, tenth};
use crate::judge::picture::seen::{forward, section_ratio, width_share};
use crate::judge::picture::side::from_the_side;
use crate::judge::picture::wearer::{Heights, standing};
use crate::unit::length::Length;

/// A face of a body.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum BodyFace {
    /// From the front.
    Front,
    /// From the back.
    Back,
    /// From the side.
    Side,
}

/// A tape on a body.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct BodyTape {
    /// The measure it takes.
    pub measure: MeasureName,
    /// On which face it lies.
    pub face: BodyFace,
    /// Its course, `[x, y]` in millimetres above the floor.
    #[cfg_attr(feature = "schema", schema(value_type = Vec<Vec<f64>>))]
    pub points: Points,
}

/// A measure of a body, taken or not.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct SketchedMeasure {
    /// Which.
    pub measure: MeasureName,
    /// What it is called.
    pub words: &'static str,
    /// Where the tape lies, and how.
    pub hint: &'static str,
    /// True for what goes round.
    pub is_girth: bool,
    /// What was measured.
    pub taken: Option<Length>,
    /// What the drawing has, in the session's unit: what was measured, or what an average body of these measures has.
    pub shown: String,
    /// How it changed since the day before, signed, where it was taken on both.
    pub change: Option<String>,
    /// The day before on which it was taken.
    #[cfg_attr(feature = "schema", schema(value_type = Option<String>, format = Date))]
    pub since: Option<NaiveDate>,
}

/// A body drawn while it is being measured.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct BodySketch {
    /// From the front, and from the back.
    pub front: Figure,
    /// From the side.
    pub side: Figure,
    /// Where the tape lies, in the order it is laid.
    pub tapes: Vec<BodyTape>,
    /// Every measure in that order.
    pub measures: Vec<SketchedMeasure>,
}

/// Draws a body as far as it has been measured. `earlier` are the days before, oldest first.
#[must_use]
pub fn sketch_body(body: &Body, earlier: &[Body], habits: &Habits) -> Option<BodySketch> {
    let whole = body.completed();
    let heights = Heights::standing(&whole)?;
    let front = standing(&whole, &heights)?;
    let side = from_the_side(&whole, &heights)?;
    let laid = Laid { body: &whole, heights };
    let tapes = MeasureName::ALL
        .into_iter()
        .filter_map(|measure| {
            let (face, points) = laid.on(measure)?;
            let points = points.into_iter().map(|point| point.map(tenth)).collect();
            Some(BodyTape { measure, face, points })
        })
        .collect();
    let sketched = |measure| sketched_measure(measure, [body, &whole], earlier, habits);
    let measures = MeasureName::ALL.into_iter().map(sketched).collect();
    Some(BodySketch { front, side, tapes, measures })
}

/// A measure of a body, as it was taken and as it is completed, beside the last it was taken before.
fn sketched_measure(
    measure: MeasureName,
    [body, whole]: [&Body; 2],
    earlier: &[Body],
    habits: &Habits,
) -> SketchedMeasure {
    let taken = body.get(measure);
    let mut before = earlier.iter().rev().filter(|day| day.taken_on < body.taken_on);
    let before = before.find_map(|day| Some((day.taken_on, day.get(measure)?)));
    SketchedMeasure {
        measure,
        words: measure.words(),
        hint: measure.hint(),
        is_girth: measure.is_girth(),
        taken,
        shown: habits.scale.number(whole.get(measure).unwrap_or_default()),
        change: taken.zip(before).map(|(now, (_, then))| signed(now - then, habits)),
        since: before.filter(|_| taken.is_some()).map(|(day, _)| day),
    }
}

/// A change with its sign: `+6`, `−12`, `0`.
fn signed(change: Length, habits: &Habits) -> String {
    let number = habits.scale.number(change.abs());
    if change > Length::ZERO {
        format!("+{number}")
    } else if change < Length::ZERO {
        format!("−{number}")
    } else {
        number
    }
}

struct Laid<'a> {
    body: &'a Body,
    heights: Heights,
}

impl Laid<'_> {
    fn mm(&self, name: MeasureName) -> f64 {
        self.body.get(name).map_or(0.0, Length::mm)
    }

    /// Round the body at a level, as it is seen from the front.
    fn round(&self, level: LevelName) -> Option<Points> {
        let y = self.heights.of_level(level)?;
        let half = self.mm(level.measure()?) * width_share(level) / 2.0;
        // It goes round: seen from the front it hangs a little lower in the middle.
        Some(bowed([-half, y], [half, y], 0.06 * half))
    }

    /// Round the wearer's right leg at a level.
    fn leg(&self, level: LevelName) -> Option<Points> {
        let y = self.heights.of_level(level)?;
        let wide = self.mm(level.measure()?) * width_share(level);
        let thigh = self.mm(MeasureName::Thigh) * width_share(LevelName::Thigh);
        let middle = 4.0 + thigh / 2.0;
        Some(bowed([middle - wide / 2.0, y], [middle + wide / 2.0, y], 0.06 * wide))
    }

    /// A place down the wearer's right arm, as it hangs.
    fn arm(&self, down: f64) -> [f64; 2] {
        let shoulder = self.mm(MeasureName::Shoulder) / 2.0;
        let lean = 0.13_f64;
        [shoulder + down * lean.sin(), self.heights.shoulder - 22.0 - down * lean.cos()]
    }

    /// Round the arm.
    fn round_arm(&self, down: f64, girth: f64) -> Points {
        let [x, y] = self.arm(down);
        let half = girth * width_share(LevelName::Elbow) / 2.0;
        bowed([x - half * 1.3, y], [x + half * 0.7, y - half * 0.2], 0.1 * half)
    }

    fn on(&self, measure: MeasureName) -> Option<(BodyFace, Points)> {
        use MeasureName as M;
        let heights = &self.heights;
        let head = heights.crown - heights.chin;
        let shoulder = self.mm(M::Shoulder) / 2.0;
        let neck = self.mm(M::Neck) * 0.16;
        let nape = heights.waist + self.mm(M::NapeToWaist);
        let arm = self.mm(M::ArmLength);
        let front = |points: Points| Some((BodyFace::Front, points));
        let back = |points: Points| Some((BodyFace::Back, points));
        let side = |points: Points| Some((BodyFace::Side, points));
        let upright = |x: f64, y: f64| vec![[x, y], [x, heights.floor]];
        let behind = self.mm(M::Hip) * width_share(LevelName::Hip) * section_ratio(LevelName::Hip) / 2.0;
        match measure {
            M::Height => side(upright(-behind - 90.0, heights.crown)),
            M::Head => {
                let half = self.mm(M::Head) * 0.14;
                let y = heights.chin + 0.66 * head;
                front(bowed([-half, y], [half, y], 6.0))
            }
            M::Neck => {
                let y = heights.shoulder + 0.45 * (heights.chin - heights.shoulder);
                front(bowed([-neck, y], [neck, y], 8.0))
            }
            M::Shoulder => {
                back(bowed([-shoulder, heights.shoulder - 4.0], [shoulder, heights.shoulder - 4.0], -14.0))
            }
            M::ShoulderGirth => {
                let y = heights.shoulder - 80.0;
                let half = shoulder + 0.3 * self.mm(M::UpperArm) * width_share(LevelName::UpperArm);
                front(bowed([-half, y], [half, y], 10.0))
            }
            M::AcrossBack => {
                let y = heights.shoulder - 0.28 * self.mm(M::NapeToWaist);
                back(vec![[-self.mm(M::AcrossBack) / 2.0, y], [self.mm(M::AcrossBack) / 2.0, y]])
            }
            M::NapeToWaist => back(vec![[0.0, nape], [0.0, heights.waist]]),
            M::NeckToBust => {
                front(vec![[neck + 10.0, heights.shoulder + 22.0], [0.42 * shoulder, heights.bust]])
            }
            M::ArmLength => back(vec![self.arm(0.0), self.arm(0.6 * arm), self.arm(arm)]),
            M::ShoulderToElbow => back(vec![self.arm(0.0), self.arm(self.mm(M::ShoulderToElbow))]),
            M::UpperArm => front(self.round_arm(0.24 * arm, self.mm(M::UpperArm))),
            M::Elbow => front(self.round_arm(0.6 * arm, self.mm(M::Elbow))),
            M::Hand => front(self.round_arm(arm + 80.0, self.mm(M::Hand))),
            M::Bust | M::UnderBust | M::Waist | M::HighHip | M::Hip | M::Thigh | M::Knee | M::Calf => {
                front(self.girth(measure)?)
            }
            M::WaistSeated => {
                let half =
                    self.mm(M::WaistSeated) * width_share(LevelName::Waist) * section_ratio(LevelName::Waist)
                        / 2.0;
                let middle = forward(LevelName::Waist);
                side(bowed([middle - half, heights.waist - 6.0], [middle + half, heights.waist - 6.0], 8.0))
            }
            M::BodyRise => {
                let x = behind * 0.2;
                side(vec![[x, heights.waist], [x, heights.waist - self.mm(M::BodyRise)]])
            }
            M::CrotchLength => side(self.crotch_length(behind)?),
            M::HeelInstep => side(vec![[-52.0, 8.0], [34.0, 82.0]]),
            M::OutsideLeg => front(self.outside_leg()?),
            M::InsideLeg => front(vec![[0.0, heights.crotch], [0.0, heights.floor]]),
            M::KneeHeight => side(upright(96.0, self.mm(M::KneeHeight))),
            M::AnkleHeight => side(upright(150.0, self.mm(M::AnkleHeight))),
            M::FingertipHeight => {
                let [x, _] = self.arm(arm);
                back(upright(x + 40.0, self.mm(M::FingertipHeight)))
            }
        }
    }

    /// A girth of the trunk, or of a leg.
    fn girth(&self, measure: MeasureName) -> Option<Points> {
        use MeasureName as M;
        match measure {
            M::Bust => self.round(LevelName::Bust),
            M::UnderBust => self.round(LevelName::UnderBust),
            M::Waist => self.round(LevelName::Waist),
            M::HighHip => self.round(LevelName::HighHip),
            M::Hip => self.round(LevelName::Hip),
            M::Thigh => self.leg(LevelName::Thigh),
            M::Knee => self.leg(LevelName::Knee),
            M::Calf => self.leg(LevelName::Calf),
            _ => None,
        }
    }

    /// From the waist in front through under the crotch to the waist behind.
    fn crotch_length(&self, behind: f64) -> Option<Points> {
        let heights = &self.heights;

        let low = heights.crotch - 4.0;
        let belly = 0.62 * behind;
        Some(vec![
            [belly, heights.waist],
            [belly + 14.0, 0.5 * (heights.waist + heights.crotch)],
            [0.3 * belly, low],
            [-0.6 * behind, low + 30.0],
            [-behind - 14.0, heights.of_level(LevelName::Hip)?],
            [-0.8 * behind, heights.waist],
        ])
    }

    /// From the waist over the hip to the floor.
    fn outside_leg(&self) -> Option<Points> {
        use MeasureName as M;
        let heights = &self.heights;

        let hip = self.mm(M::Hip) * width_share(LevelName::Hip) / 2.0 + 6.0;
        let waist = self.mm(M::Waist) * width_share(LevelName::Waist) / 2.0;
        Some(vec![[-waist, heights.waist], [-hip, heights.of_level(LevelName::Hip)?], [-hip, heights.floor]])
    }
}

/// A course from one point to another that hangs so far below the straight line in its middle.
fn bowed([x0, y0]: [f64; 2], [x1, y1]: [f64; 2], by: f64) -> Points {
    (0..=8)
        .map(|step| {
            let t = f64::from(step) / 8.0;
            [x0 + t * (x1 - x0), y0 + t * (y1 - y0) - 4.0 * by * t * (1.0 - t)]
        })
        .collect()
}
