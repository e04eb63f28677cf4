//! Levels nobody has measured: where the house would lay the tape, and what the drawing is wide there.

use crate::garment::{FlatName, LevelName, Shape, Tube};
use crate::house::habit::Habits;
use crate::house::rules::HouseRule;
use crate::pattern::draw::sleeve::{ELBOW_SHARE, UPPER_BELOW};
use crate::pattern::{Level, Pattern};
use crate::unit::length::Length;

/// Two levels nearer to each other than this, in millimetres, are one.
const APART: f64 = 12.0;

/// The pattern with every level its kind is measured at.
pub(super) fn with_all_levels(mut pattern: Pattern, shape: &Shape, habits: &Habits) -> Pattern {
    let wanted = shape.measured().iter().filter_map(|flat| level_at(*flat, &pattern, habits));
    let missing: Vec<Level> = wanted
        .filter(|(name, tube, height)| {
            let clear = |level: &&Level| (level.height.mm() - height).abs() < APART && level.tube == *tube;
            pattern.level(*name).is_none()
                && *height > APART
                && !pattern.levels.iter().any(|level| clear(&level))
        })
        .map(|(name, tube, height)| Level {
            name,
            tube,
            height: Length::from_mm(height),
            girth: Length::from_mm(girth(&pattern, tube, height)),
            estimated: true,
            on_band: false,
        })
        .filter(|level| level.girth > Length::ZERO)
        .collect();
    pattern.levels.extend(missing);
    // From the top down, sleeves last.
    pattern.levels.sort_by(|a, b| {
        let sleeve = |level: &Level| level.tube == Tube::Sleeve;
        sleeve(a).cmp(&sleeve(b)).then(b.height.cmp(&a.height))
    });
    pattern
}

/// Where the house lays the tape for a measure in between.
fn level_at(flat: FlatName, pattern: &Pattern, habits: &Habits) -> Option<(LevelName, Tube, f64)> {
    let rule = |rule| habits.rule(rule);
    let leg = |share| pattern.crotch.map(|crotch| share * crotch.height);
    Some(match flat {
        FlatName::HighHip => (LevelName::HighHip, Tube::Body, pattern.waist? - rule(HouseRule::HighHipBelow)),
        FlatName::UnderBust => {
            (LevelName::UnderBust, Tube::Body, pattern.bodice?.underarm - rule(HouseRule::UnderBustBelow))
        }
        FlatName::Knee => (LevelName::Knee, Tube::Leg, leg(rule(HouseRule::KneeShare))?),
        FlatName::Calf => (LevelName::Calf, Tube::Leg, leg(rule(HouseRule::CalfShare))?),
        FlatName::Elbow => {
            let underarm = pattern.level(LevelName::UpperArm)?.height.mm() + UPPER_BELOW;
            (LevelName::Elbow, Tube::Sleeve, ELBOW_SHARE * underarm)
        }
        _ => return None,
    })
}

/// How far it is round a tube at a height.
fn girth(pattern: &Pattern, tube: Tube, height: f64) -> f64 {
    let sleeve = tube == Tube::Sleeve;
    let panels = pattern.panels().iter().filter(|panel| (panel.name.tube() == Tube::Sleeve) == sleeve);
    let half: f64 = panels.filter_map(|panel| panel.width_at(height)).sum();
    if tube == Tube::Body { 2.0 * half } else { half }
}
