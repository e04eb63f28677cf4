//! The wearer, from the front: a figure of girths that stands on the floor beside the garment's levels.

use super::figure::Figure;
use super::legs::Legs;
use super::pen::{Pen, whole};
use super::piece::{PartName, Pieces};
use super::seen::{Rings, seen_from_girth, width_share};
use crate::body::measures::{Body, MeasureName};
use crate::garment::LevelName;
use crate::pattern::Pattern;
use crate::unit::length::Length;

/// Proportions of an average body, as shares of the inside leg or in millimetres, for what nobody has measured: house
/// figures.
const LEG: f64 = 760.0;
const WAIST_ABOVE_CROTCH: f64 = 290.0;
const KNEE: f64 = 0.55;
const CALF: f64 = 0.36;
/// From the waist up: bust, shoulder, chin, crown, as shares of the inside leg.
const BUST: f64 = 0.21;
const SHOULDER: f64 = 0.45;
const NECK: f64 = 0.12;
const HEAD: f64 = 0.29;

/// Heights of a body: above a garment's hem fold, or above the floor.
#[derive(Debug, Clone, Copy)]
pub(crate) struct Heights {
    pub floor: f64,
    pub crotch: f64,
    pub waist: f64,
    pub bust: f64,
    pub shoulder: f64,
    pub chin: f64,
    pub crown: f64,
    pub leg: f64,
}

impl Heights {
    /// Beside a garment, above its hem fold; `None` where nothing says where the waist is.
    pub(crate) fn of(body: &Body, pattern: &Pattern, inseam: Option<Length>) -> Option<Heights> {
        let leg = body.get(MeasureName::InsideLeg).map_or(LEG, Length::mm);
        let waist = pattern.waist.or_else(|| pattern.level(LevelName::Waist).map(|level| level.height.mm()));
        let waist = waist.or_else(|| pattern.bodice.map(|bodice| bodice.underarm - BUST * leg))?;
        let crotch = pattern.crotch.map_or(waist - WAIST_ABOVE_CROTCH, |crotch| crotch.height);
        let floor = inseam.map_or(crotch - leg, |inseam| inseam.mm() - leg);
        let shoulder = pattern.bodice.map_or(waist + SHOULDER * leg, |bodice| bodice.shoulder.y - 4.0);
        let bust = pattern.bodice.map_or(waist + BUST * leg, |bodice| bodice.underarm - 20.0);
        let chin = shoulder + NECK * leg;
        Some(Heights { floor, crotch, waist, bust, shoulder, chin, crown: chin + HEAD * leg, leg })
    }

    /// Of a body by itself, standing on the floor at zero; every measure has to be there.
    pub(crate) fn standing(body: &Body) -> Option<Heights> {
        let mm = |name| body.get(name).map(Length::mm);
        let leg = mm(MeasureName::InsideLeg)?;
        let waist = mm(MeasureName::OutsideLeg)?.max(leg + 120.0);
        let nape_to_waist = mm(MeasureName::NapeToWaist)?;
        // The nape lies a little above the shoulder points.
        let shoulder = waist + 0.92 * nape_to_waist;
        let crown = mm(MeasureName::Height)?.max(shoulder + 160.0);
        let chin = shoulder + 0.28 * (crown - shoulder);
        let bust = shoulder - 0.46 * nape_to_waist;
        Some(Heights { floor: 0.0, crotch: leg, waist, bust, shoulder, chin, crown, leg })
    }

    /// Height of a level of a body by itself.
    pub(crate) fn of_level(&self, level: LevelName) -> Option<f64> {
        Some(match level {
            LevelName::Bust => self.bust,
            LevelName::UnderBust => self.bust - 0.3 * (self.bust - self.waist),
            LevelName::Waist => self.waist,
            LevelName::HighHip => self.waist - 0.4 * (self.waist - self.crotch),
            LevelName::Hip => self.waist - 0.74 * (self.waist - self.crotch),
            LevelName::Thigh => self.crotch - 30.0,
            LevelName::Knee => self.floor + KNEE * self.leg,
            LevelName::Calf => self.floor + CALF * self.leg,
            _ => return None,
        })
    }

    /// Height of a level beside a garment.
    pub(crate) fn at(&self, level: LevelName, pattern: &Pattern) -> Option<f64> {
        let known = pattern.level(level).map(|level| level.height.mm());
        let usual = match level {
            LevelName::Bust => self.bust,
            LevelName::UnderBust => self.bust - 0.3 * (self.bust - self.waist),
            LevelName::Waist => self.waist,
            LevelName::HighHip => self.waist - 100.0,
            LevelName::Hip => self.waist - 200.0,
            LevelName::Thigh => self.crotch - 25.0,
            LevelName::Knee => self.floor + KNEE * self.leg,
            LevelName::Calf => self.floor + CALF * self.leg,
            _ => return known,
        };
        Some(known.unwrap_or(usual))
    }
}

/// The wearer beside the same levels, standing on the floor. Levels whose measure is missing are left out; `None` without
/// at least a waist and a hip.
#[must_use]
pub fn body_figure(body: &Body, pattern: &Pattern, inseam: Option<Length>) -> Option<Figure> {
    let heights = Heights::of(body, pattern, inseam)?;
    drawn(body, &heights, |level| heights.at(level, pattern), shoulder_of(pattern))
}

/// The wearer beside a garment, as wide as it is said to be at each level.
#[must_use]
pub(crate) fn beside(
    body: &Body,
    heights: &Heights,
    pattern: &Pattern,
    half_width: impl Fn(LevelName) -> Option<f64>,
) -> Option<Figure> {
    // It is drawn from girths: those that are seen so wide.
    let measures = LevelName::ALL
        .into_iter()
        .filter_map(|level| Some((level.measure()?, seen_from_girth(level, half_width(level)?))));
    let mut seen = body.clone();
    seen.measures.extend(measures);
    drawn(&seen, heights, |level| heights.at(level, pattern), shoulder_of(pattern))
}

fn shoulder_of(pattern: &Pattern) -> Option<f64> {
    pattern.bodice.map(|bodice| bodice.shoulder.x)
}

/// A body by itself, from the front; every measure has to be there.
#[must_use]
pub(crate) fn standing(body: &Body, heights: &Heights) -> Option<Figure> {
    drawn(body, heights, |level| heights.of_level(level), None)
}

fn drawn(
    body: &Body,
    heights: &Heights,
    at: impl Fn(LevelName) -> Option<f64>,
    garment: Option<f64>,
) -> Option<Figure> {
    let mut rings: Rings = LevelName::ALL
        .into_iter()
        .filter(|level| !matches!(level, LevelName::UpperArm | LevelName::Elbow))
        .filter_map(|level| Some((level, at(level)?, body.get(level.measure()?)?)))
        .collect();
    // The ankle: about three quarters of the heel-and-instep girth, a hand's breadth from the floor.
    let ankle = body
        .get(MeasureName::HeelInstep)
        .map_or(Length::whole_mm(230), |girth| Length::from_mm(girth.mm() * 0.72));
    let lowest = rings.iter().map(|(_, height, _)| *height).fold(f64::MAX, f64::min);
    rings.push((LevelName::Hem, (heights.floor + 80.0).min(lowest - 20.0), ankle));
    let legs = Legs::of(&rings, heights.crotch)?;
    let mut right = legs.outline();
    foot(&legs, heights.floor, &mut right);
    let chest = legs.outer.at(legs.top);
    let (neck, shoulder) = shoulders(body, garment, chest);
    let Heights { shoulder: y, chin, crown, leg, .. } = *heights;
    // Over the shoulder and up the neck to the crown.
    let cheek = 0.095 * leg;
    let over = Pen::at(chest, legs.top)
        .curve([chest, legs.top + 0.4 * (y - legs.top)], [shoulder - 6.0, y - 60.0], [shoulder, y - 22.0])
        .bend([shoulder - 3.0, y], [shoulder - 30.0, y + 6.0])
        .curve([neck + 26.0, y + 20.0], [neck, y + 34.0], [neck, chin - 10.0])
        .curve(
            [cheek, chin + 10.0],
            [cheek + 8.0, crown - 0.35 * (crown - chin)],
            [0.86 * cheek, crown - 0.16 * (crown - chin)],
        )
        .curve([0.6 * cheek, crown], [0.3 * cheek, crown], [0.0, crown])
        .points();
    right.extend(over.into_iter().skip(1));
    let mut pieces = Pieces::default();
    pieces.add(PartName::Body, whole(&right));
    arm(body, [shoulder, y - 22.0], leg, &mut pieces);
    Some(Figure::new(pieces, Vec::new()))
}

/// A foot below the ankle, put in where the outline is lowest.
fn foot(legs: &Legs, floor: f64, right: &mut super::pen::Points) {
    let ankle = right.iter().map(|p| p[1]).fold(f64::MAX, f64::min);
    if let Some(split) = right.iter().position(|p| p[1] <= ankle + 0.05)
        && floor < ankle - 5.0
    {
        let (inner, outer) = (legs.inner.at(ankle), legs.outer.at(ankle));
        let sole = Pen::at(inner, ankle)
            .line(inner - 2.0, floor + 12.0)
            .bend([inner, floor], [inner + 14.0, floor])
            .line(outer + 18.0, floor)
            .bend([outer + 34.0, floor + 2.0], [outer + 22.0, floor + 20.0])
            .line(outer, ankle)
            .points();
        right.splice(split + 1..=split, sole.into_iter().skip(1));
    }
}

/// Half the neck's and half the shoulders' width.
fn shoulders(body: &Body, garment: Option<f64>, chest: f64) -> (f64, f64) {
    let neck = body.get(MeasureName::Neck).map_or(0.36 * chest, |girth| girth.mm() * 0.16);
    let own = body.get(MeasureName::Shoulder).map(|width| width.mm() / 2.0);
    (neck, own.or(garment).unwrap_or(1.12 * chest).max(neck + 50.0))
}

/// Arms hanging at ease, behind everything.
fn arm(body: &Body, [x, y]: [f64; 2], leg: f64, pieces: &mut Pieces) {
    let girth = |name, usual: f64| body.get(name).map_or(usual, Length::mm) * width_share(LevelName::Elbow);
    let length = body.get(MeasureName::ArmLength).map_or(0.76 * leg, Length::mm);
    let (upper, wrist) = (girth(MeasureName::UpperArm, 280.0), 0.75 * girth(MeasureName::Hand, 215.0));
    let lean = 0.13_f64;
    let place = |out: f64, down: f64| [x + down * lean.sin() + out, y - down * lean.cos()];
    let points = [
        place(-0.7 * upper, 10.0),
        place(0.05 * upper, 0.0),
        place(0.3 * upper, 0.22 * length),
        place(0.15 * upper, 0.6 * length),
        place(-0.2 * upper + 0.3 * wrist, length),
        place(0.1 * upper, length + 90.0),
        place(-0.2 * upper - 0.3 * wrist, length + 165.0),
        place(-0.2 * upper - 0.8 * wrist, length + 70.0),
        place(-0.2 * upper - 0.7 * wrist, length),
        place(-0.62 * upper, 0.55 * length),
        place(-0.72 * upper, 0.25 * length),
    ];
    let outline = Pen::at(points[0][0], points[0][1])
        .line(points[1][0], points[1][1])
        .bend([points[1][0] + 0.3 * upper, points[1][1] - 10.0], points[2])
        .through(&points[3..])
        .points();
    pieces.add_both(PartName::Sleeve, outline, 0.0);
}
