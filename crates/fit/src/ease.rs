//! Ease: what a garment measures more than the body in it, and whether that is enough.

use serde::{Deserialize, Serialize};

use crate::garment::LevelName;
use crate::girth::LevelGirth;
use crate::{Body, Cloth, Habits, HouseRule, Length, MeasureName, Scale, Side};

/// How close the wearer wants it.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize, Default)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum Intention {
    /// Close to the body.
    Close,
    /// Neither close nor loose.
    #[default]
    Easy,
    /// Loose.
    Loose,
}

/// Wearing ease of trousers in firm woven cloth: close, easy, loose.
const fn wearing_ease(level: LevelName) -> Option<[f64; 3]> {
    match level {
        LevelName::Waist => Some([10.0, 25.0, 45.0]),
        LevelName::HighHip => Some([30.0, 50.0, 100.0]),
        LevelName::Hip => Some([30.0, 60.0, 110.0]),
        LevelName::Thigh => Some([30.0, 60.0, 110.0]),
        LevelName::Knee => Some([40.0, 70.0, 140.0]),
        LevelName::Calf => Some([30.0, 60.0, 140.0]),
        LevelName::Hem => None,
    }
}

/// Half as much again as loose is more than any wearer means.
const SWAMPS: f64 = 1.5;
/// Share of its stretch a cloth may be worn stretched by: lowest girth = body × (1 − 0.2 s).
const STRETCH_WORN: f64 = 0.2;

/// What a level's ease amounts to.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum Verdict {
    /// Less than the body needs to move.
    Strains,
    /// Closer than wanted.
    Close,
    /// As wanted.
    AsIntended,
    /// Looser than wanted.
    Loose,
    /// Far looser than anyone means.
    Swamps,
}

impl Verdict {
    /// What it is called in a sentence.
    #[must_use]
    pub const fn words(self) -> &'static str {
        match self {
            Verdict::Strains => "strains",
            Verdict::Close => "close",
            Verdict::AsIntended => "as intended",
            Verdict::Loose => "loose",
            Verdict::Swamps => "swamps",
        }
    }
}

/// The balance of one level: body, garment, ease, verdict.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct LevelBalance {
    /// Girth before and after.
    #[serde(flatten)]
    pub girth: LevelGirth,
    /// The wearer there, where it was measured.
    pub body: Option<Length>,
    /// Ease before: garment less body, layers and the cloth's own thickness.
    pub ease_before: Option<Length>,
    /// Ease after.
    pub ease_after: Option<Length>,
    /// Ease wanted by the intention.
    pub wanted: Option<Length>,
    /// The least ease the body can move with.
    pub floor: Option<Length>,
    /// What it amounts to.
    pub verdict: Option<Verdict>,
    /// What a wearer cannot do below the floor.
    pub cannot: Option<&'static str>,
    /// The same numbers as they stand on the session's tape.
    pub shown: ShownLevel,
}

/// A level as it is read on the session's tape.
#[derive(Debug, Clone, PartialEq, Eq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct ShownLevel {
    /// The wearer there.
    pub body: Option<String>,
    /// Girth before.
    pub before: String,
    /// Girth after.
    pub after: String,
    /// Change of girth, where there is any.
    pub change: Option<String>,
    /// Ease after.
    pub ease: Option<String>,
    /// Ease wanted.
    pub wanted: Option<String>,
}

impl ShownLevel {
    fn of(
        girth: &LevelGirth,
        body: Option<Length>,
        ease: Option<Length>,
        wanted: Option<Length>,
        scale: Scale,
    ) -> Self {
        let number = |length: Length| scale.number(length);
        ShownLevel {
            body: body.map(number),
            before: number(girth.before),
            after: number(girth.after),
            change: (girth.change() != Length::ZERO).then(|| number(girth.change())),
            ease: ease.map(number),
            wanted: wanted.map(number),
        }
    }
}

/// Where the seated waist leaves the band.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct SeatedWaist {
    /// Waist girth sitting.
    pub body: Length,
    /// Ease of the band then.
    pub ease: Length,
    /// True when the band is at least as long as the seated waist.
    pub comfortable: bool,
}

/// Whether a foot gets through a leg.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct FootThrough {
    /// The narrowest level from the knee down.
    pub level: LevelName,
    /// Which leg, where they differ.
    pub leg: Option<Side>,
    /// The widest the leg opens there: its girth, stretched if the cloth stretches.
    pub opening: Length,
    /// The wearer's heel and instep.
    pub foot: Length,
    /// True when the foot gets through.
    pub passes: bool,
}

/// Balances every level.
#[must_use]
pub fn balance(
    girths: Vec<LevelGirth>,
    body: &Body,
    cloth: &Cloth,
    intention: Intention,
    habits: &Habits,
) -> Vec<LevelBalance> {
    girths.into_iter().map(|girth| level_balance(girth, body, cloth, intention, habits)).collect()
}

fn level_balance(
    girth: LevelGirth,
    body: &Body,
    cloth: &Cloth,
    intention: Intention,
    habits: &Habits,
) -> LevelBalance {
    let measured = girth.level.measure().and_then(|name| body.get(name));
    let Some((measure, table)) = measured.zip(wearing_ease(girth.level)) else {
        return LevelBalance {
            shown: ShownLevel::of(&girth, measured, None, None, habits.scale),
            girth,
            body: measured,
            ease_before: None,
            ease_after: None,
            wanted: None,
            floor: None,
            verdict: None,
            cannot: None,
        };
    };
    let taken = body.layers_take() + Length::from_mm(std::f64::consts::TAU * cloth.thickness.mm());
    let ease_before = girth.before - measure - taken;
    let ease_after = girth.after - measure - taken;
    let floor = floor(girth.level, measure, cloth, habits);
    // Stretch cloth is worn stretched a little, so the whole table moves down by as much.
    let worn_stretched = STRETCH_WORN * cloth.stretch * measure.mm();
    let [close, easy, loose] = table.map(|ease| (ease - worn_stretched).max(floor.mm()));
    let (wanted, from, to) = match intention {
        Intention::Close => (close, floor.mm(), (close + easy) / 2.0),
        Intention::Easy => (easy, (close + easy) / 2.0, (easy + loose) / 2.0),
        Intention::Loose => (loose, (easy + loose) / 2.0, loose * SWAMPS),
    };
    let ease = ease_after.mm();
    let verdict = if ease < floor.mm() {
        Verdict::Strains
    } else if ease < from {
        Verdict::Close
    } else if ease <= to {
        Verdict::AsIntended
    } else if ease <= loose * SWAMPS {
        Verdict::Loose
    } else {
        Verdict::Swamps
    };
    let cannot = (verdict == Verdict::Strains).then_some(match girth.level {
        LevelName::Hip | LevelName::HighHip => "will not let you sit",
        LevelName::Knee | LevelName::Thigh | LevelName::Calf => "will not let you bend",
        LevelName::Waist | LevelName::Hem => "will not close",
    });
    let wanted = Length::from_mm(wanted);
    LevelBalance {
        shown: ShownLevel::of(&girth, Some(measure), Some(ease_after), Some(wanted), habits.scale),
        girth,
        body: Some(measure),
        ease_before: Some(ease_before),
        ease_after: Some(ease_after),
        wanted: Some(wanted),
        floor: Some(floor),
        verdict: Some(verdict),
        cannot,
    }
}

/// The least ease: the movement floor in firm cloth, what stretch gives in a stretch cloth.
fn floor(level: LevelName, measure: Length, cloth: &Cloth, habits: &Habits) -> Length {
    if cloth.stretch > 0.0 {
        return Length::from_mm(-STRETCH_WORN * cloth.stretch * measure.mm());
    }
    let share = match level {
        LevelName::Hip => habits.rule(HouseRule::HipFloor),
        LevelName::Knee => habits.rule(HouseRule::KneeFloor),
        _ => 0.0,
    };
    Length::from_mm(share * measure.mm())
}

/// Whether the band is long enough for the seated waist.
#[must_use]
pub fn seated_waist(levels: &[LevelBalance], body: &Body) -> Option<SeatedWaist> {
    let seated = body.get(MeasureName::WaistSeated)?;
    let band = levels.iter().find(|row| row.girth.level == LevelName::Waist)?;
    let taken = band.girth.after - band.body? - band.ease_after?;
    let ease = band.girth.after - seated - taken;
    Some(SeatedWaist { body: seated, ease, comfortable: !ease.is_negative() })
}

/// Whether the foot gets through the narrowest place from the knee down, leg by leg.
#[must_use]
pub fn foot_through(levels: &[LevelBalance], body: &Body, cloth: &Cloth) -> Option<FootThrough> {
    let foot = body.get(MeasureName::HeelInstep)?;
    levels
        .iter()
        .filter(|row| matches!(row.girth.level, LevelName::Knee | LevelName::Calf | LevelName::Hem))
        .min_by_key(|row| row.girth.after)
        .map(|row| {
            let opening = Length::from_mm(row.girth.after.mm() * (1.0 + cloth.stretch));
            FootThrough { level: row.girth.level, leg: row.girth.leg, opening, foot, passes: opening >= foot }
        })
}

#[cfg(test)]
mod tests {
    use super::*;
    use std::collections::BTreeMap;

    fn body(measures: &[(MeasureName, i64)]) -> Body {
        Body {
            taken_on: chrono::NaiveDate::from_ymd_opt(2026, 3, 2).unwrap(),
            measures: measures.iter().map(|(n, mm)| (*n, Length::whole_mm(*mm))).collect::<BTreeMap<_, _>>(),
            layers: Vec::new(),
        }
    }

    fn verdict(level: LevelName, name: MeasureName, body_mm: i64, after: i64, stretch: f64) -> LevelBalance {
        let girth = LevelGirth {
            level,
            leg: None,
            before: Length::whole_mm(after),
            after: Length::whole_mm(after),
            parts: Vec::new(),
        };
        let cloth = Cloth { stretch, ..Cloth::default() };
        level_balance(girth, &body(&[(name, body_mm)]), &cloth, Intention::Easy, &Habits::default())
    }

    #[test]
    fn a_hip_below_four_per_cent_will_not_let_you_sit() {
        let row = verdict(LevelName::Hip, MeasureName::Hip, 1000, 1035, 0.0);
        assert_eq!(row.verdict, Some(Verdict::Strains));
        assert_eq!(row.cannot, Some("will not let you sit"));
        assert_eq!(row.floor, Some(Length::whole_mm(40)));
        assert_eq!(verdict(LevelName::Hip, MeasureName::Hip, 1000, 1042, 0.0).verdict, Some(Verdict::Close));
    }

    #[test]
    fn verdicts_run_from_strains_to_swamps() {
        let at = |after| verdict(LevelName::Waist, MeasureName::Waist, 800, after, 0.0).verdict.unwrap();
        assert_eq!(
            [at(795), at(810), at(825), at(850), at(900)],
            [Verdict::Strains, Verdict::Close, Verdict::AsIntended, Verdict::Loose, Verdict::Swamps]
        );
    }

    #[test]
    fn stretch_cloth_may_be_smaller_than_the_body() {
        // 25 % stretch: down to 0.95 of the body.
        let row = verdict(LevelName::Hip, MeasureName::Hip, 1000, 960, 0.25);
        assert_ne!(row.verdict, Some(Verdict::Strains));
        assert_eq!(
            verdict(LevelName::Hip, MeasureName::Hip, 1000, 945, 0.25).verdict,
            Some(Verdict::Strains)
        );
    }

    #[test]
    fn a_foot_needs_the_narrowest_place_below_the_knee() {
        let rows = vec![
            verdict(LevelName::Calf, MeasureName::Calf, 350, 400, 0.0),
            verdict(LevelName::Hem, MeasureName::HeelInstep, 300, 310, 0.0),
        ];
        let foot = foot_through(&rows, &body(&[(MeasureName::HeelInstep, 330)]), &Cloth::default()).unwrap();
        assert_eq!((foot.level, foot.passes), (LevelName::Hem, false));
    }
}
