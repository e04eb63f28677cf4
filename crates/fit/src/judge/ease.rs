//! Ease: what a garment measures more than the body in it, and whether that is enough.

use std::collections::BTreeMap;

use serde::{Deserialize, Serialize};
use strum::{EnumCount, VariantArray};

use crate::body::measures::{Body, MeasureName};
use crate::cloth::family::Cloth;
use crate::every::every;
use crate::garment::side::Side;
use crate::garment::{Kind, LevelName, Shape, Tube};
use crate::house::habit::Habits;
use crate::house::rules::HouseRule;
use crate::judge::girth::LevelGirth;
use crate::unit::length::Length;
use crate::unit::scale::Scale;

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

impl Intention {
    /// What it is called in a sentence.
    #[must_use]
    pub const fn words(self) -> &'static str {
        match self {
            Intention::Close => "close",
            Intention::Easy => "neither close nor loose",
            Intention::Loose => "loose",
        }
    }
}

/// Wearing ease in firm woven cloth, in millimetres: close, easy, loose. By level and, where it matters, by what kind of
/// garment it is.
fn wearing_ease(shape: &Shape, level: LevelName, habits: &Habits) -> Option<[f64; 3]> {
    use HouseRule as Rule;
    let rules = match level {
        LevelName::Bust if shape.lacing.is_some() => {
            [Rule::WearBustLacedClose, Rule::WearBustLacedEasy, Rule::WearBustLacedLoose]
        }
        LevelName::Bust => match shape.kind {
            Kind::Jacket => [Rule::WearBustJacketClose, Rule::WearBustJacketEasy, Rule::WearBustJacketLoose],
            Kind::Coat => [Rule::WearBustCoatClose, Rule::WearBustCoatEasy, Rule::WearBustCoatLoose],
            _ => [Rule::WearBustClose, Rule::WearBustEasy, Rule::WearBustLoose],
        },
        LevelName::Waist if shape.kind.has_band() => {
            [Rule::WearWaistBandClose, Rule::WearWaistBandEasy, Rule::WearWaistBandLoose]
        }
        LevelName::Waist => [Rule::WearWaistClose, Rule::WearWaistEasy, Rule::WearWaistLoose],
        LevelName::HighHip => [Rule::WearHighHipClose, Rule::WearHighHipEasy, Rule::WearHighHipLoose],
        LevelName::Hip if shape.kind.has_legs() => {
            [Rule::WearHipLegsClose, Rule::WearHipLegsEasy, Rule::WearHipLegsLoose]
        }
        LevelName::Hip => [Rule::WearHipClose, Rule::WearHipEasy, Rule::WearHipLoose],
        LevelName::Thigh => [Rule::WearThighClose, Rule::WearThighEasy, Rule::WearThighLoose],
        LevelName::Knee => [Rule::WearKneeClose, Rule::WearKneeEasy, Rule::WearKneeLoose],
        LevelName::Calf => [Rule::WearCalfClose, Rule::WearCalfEasy, Rule::WearCalfLoose],
        LevelName::UpperArm => [Rule::WearUpperArmClose, Rule::WearUpperArmEasy, Rule::WearUpperArmLoose],
        LevelName::Elbow => [Rule::WearElbowClose, Rule::WearElbowEasy, Rule::WearElbowLoose],
        LevelName::UnderBust | LevelName::Hem | LevelName::Wrist => return None,
    };
    let [close, easy, loose] = rules.map(|rule| habits.rule(rule));
    // However they were set, easy is no less than close, and loose no less than easy.
    Some([close, easy.max(close), loose.max(easy).max(close)])
}

/// A girth is read off a tape no nearer than this, in millimetres: what is short by less strains nobody.
const READ_WITHIN: f64 = 2.0;

/// What a level's ease amounts to.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, EnumCount, VariantArray)]
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
    /// Every one, tightest first.
    pub const ALL: [Verdict; Verdict::COUNT] = every();

    /// What it means.
    #[must_use]
    pub const fn means(self) -> &'static str {
        match self {
            Verdict::Strains => "less than the body needs to move",
            Verdict::Close => "closer than wanted, and wearable",
            Verdict::AsIntended => "as wanted",
            Verdict::Loose => "looser than wanted",
            Verdict::Swamps => "far looser than anyone means",
        }
    }

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

    /// What a level does by it: `strains`, `is close`.
    #[must_use]
    pub const fn said(self) -> &'static str {
        match self {
            Verdict::Strains => "strains",
            Verdict::Close => "is close",
            Verdict::AsIntended => "is as intended",
            Verdict::Loose => "is loose",
            Verdict::Swamps => "swamps its wearer",
        }
    }

    /// What a level did by it: `strained`, `was close`.
    #[must_use]
    pub const fn was(self) -> &'static str {
        match self {
            Verdict::Strains => "strained",
            Verdict::Close => "was close",
            Verdict::AsIntended => "was as intended",
            Verdict::Loose => "was loose",
            Verdict::Swamps => "swamped its wearer",
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
    /// The least ease anyone wears it with, close.
    pub close: Option<Length>,
    /// What it amounts to.
    pub verdict: Option<Verdict>,
    /// What it amounted to before.
    pub verdict_before: Option<Verdict>,
    /// What a wearer cannot do below the floor.
    pub cannot: Option<&'static str>,
    /// What it amounts to, said: what cannot be done, the verdict, or that nobody has measured the body there.
    pub said: Option<&'static str>,
    /// On the form it was fitted on, where it was: the form's girth, and the ease on it.
    pub on_form: Option<FormEase>,
    /// The same numbers as they stand on the session's tape.
    pub shown: ShownLevel,
}

/// A level on a dress form: ease on the wearer = form girth + ease on the form − wearer girth.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct FormEase {
    /// The form's girth.
    pub form: Length,
    /// Ease on the form after.
    pub ease: Length,
    /// Both as they stand on the session's tape.
    pub shown: [String; 2],
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
    /// Ease before.
    pub ease_before: Option<String>,
    /// Ease after.
    pub ease: Option<String>,
    /// Ease wanted.
    pub wanted: Option<String>,
}

impl ShownLevel {
    fn of(
        girth: &LevelGirth,
        body: Option<Length>,
        ease: [Option<Length>; 2],
        wanted: Option<Length>,
        scale: Scale,
    ) -> Self {
        let number = |length: Length| scale.number(length);
        ShownLevel {
            body: body.map(number),
            before: number(girth.before),
            after: number(girth.after),
            // Before and change make after, on every tape.
            change: (girth.change() != Length::ZERO)
                .then(|| number(scale.between(girth.before, girth.after))),
            ease_before: ease[0].map(number),
            ease: ease[1].map(number),
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
    pub side: Option<Side>,
    /// The widest the leg opens there: its girth, stretched if the cloth stretches.
    pub opening: Length,
    /// The wearer's heel and instep.
    pub foot: Length,
    /// True when the foot gets through.
    pub passes: bool,
}

/// What every level of one fitting is judged against.
#[derive(Debug, Clone, Copy)]
pub struct Judging<'a> {
    /// The wearer.
    pub body: &'a Body,
    /// The form it was fitted on, where it was.
    pub form: Option<&'a Body>,
    /// What is worn.
    pub shape: &'a Shape,
    /// Its cloth.
    pub cloth: &'a Cloth,
    /// How close it should be.
    pub intention: Intention,
    /// Ease wanted at levels of this garment.
    pub own_ease: &'a BTreeMap<LevelName, Length>,
    /// Settings.
    pub habits: &'a Habits,
}

/// Balances every level.
#[must_use]
pub fn balance(girths: Vec<LevelGirth>, judging: Judging<'_>) -> Vec<LevelBalance> {
    girths.into_iter().map(|girth| level_balance(girth, judging)).collect()
}

/// Where one verdict ends and the next begins, in millimetres of ease.
struct Bounds {
    floor: f64,
    from: f64,
    to: f64,
    swamped: f64,
}

impl Bounds {
    fn of([close, easy, loose]: [f64; 3], floor: Length, intention: Intention, habits: &Habits) -> Bounds {
        let floor = floor.mm();
        let swamped = loose + (habits.rule(HouseRule::WearSwamps) - 1.0) * loose.abs();
        let (from, to) = match intention {
            Intention::Close => (floor, (close + easy) / 2.0),
            Intention::Easy => ((close + easy) / 2.0, (easy + loose) / 2.0),
            Intention::Loose => ((easy + loose) / 2.0, swamped),
        };
        Bounds { floor, from, to, swamped }
    }

    fn amounts_to(&self, ease: Length) -> Verdict {
        let ease = ease.mm();
        if ease < self.floor - READ_WITHIN {
            Verdict::Strains
        } else if ease < self.from {
            Verdict::Close
        } else if ease <= self.to {
            Verdict::AsIntended
        } else if ease <= self.swamped {
            Verdict::Loose
        } else {
            Verdict::Swamps
        }
    }
}

fn level_balance(girth: LevelGirth, judging: Judging<'_>) -> LevelBalance {
    let Judging { body, form, shape, cloth, intention, own_ease, habits } = judging;
    let level = girth.level;
    let measured = level.measure().and_then(|name| body.get(name));
    let thickness = Length::from_mm(std::f64::consts::TAU * cloth.thickness.mm());
    let on_form = level.measure().and_then(|name| form?.get(name)).map(|form_girth| {
        let ease = girth.after - form_girth - thickness;
        FormEase {
            form: form_girth,
            ease,
            shown: [habits.scale.number(form_girth), habits.scale.number(ease)],
        }
    });
    // What was wished of this garment goes before the habit.
    let own = own_ease.get(&level).or_else(|| habits.ease.get(&level)).copied().map(Length::mm);
    let table = eases(wearing_ease(shape, level, habits), own, judging);
    let taken = body.layers_take() + thickness;
    let unjudged = |girth: LevelGirth, eases: [Option<Length>; 2]| LevelBalance {
        shown: ShownLevel::of(&girth, measured, eases, None, habits.scale),
        girth,
        body: measured,
        ease_before: eases[0],
        ease_after: eases[1],
        wanted: None,
        floor: None,
        close: None,
        verdict: None,
        verdict_before: None,
        cannot: None,
        said: (measured.is_none() && level.measure().is_some()).then_some("measure the body"),
        on_form: on_form.clone(),
    };
    let Some(measure) = measured else { return unjudged(girth, [None; 2]) };
    let ease_before = girth.before - measure - taken;
    let ease_after = girth.after - measure - taken;
    let eases = [Some(ease_before), Some(ease_after)];
    let Some(table) = table else { return unjudged(girth, eases) };
    let floor = floor(level, measure, cloth, habits);
    // Stretch cloth is worn stretched a little, so the whole table moves down by as much.
    let worn_stretched =
        if own.is_some() { 0.0 } else { habits.rule(HouseRule::StretchWorn) * cloth.stretch * measure.mm() };
    let [close, easy, loose] = table.map(|ease| (ease - worn_stretched).max(floor.mm()));
    let bounds = Bounds::of([close, easy, loose], floor, intention, habits);
    let verdict = bounds.amounts_to(ease_after);
    let cannot = (verdict == Verdict::Strains).then_some(cannot(level));
    let wanted = Length::from_mm([close, easy, loose][intention as usize]);
    LevelBalance {
        shown: ShownLevel::of(&girth, Some(measure), eases, Some(wanted), habits.scale),
        girth,
        body: Some(measure),
        ease_before: eases[0],
        ease_after: eases[1],
        wanted: Some(wanted),
        floor: Some(floor),
        close: Some(Length::from_mm(close)),
        verdict: Some(verdict),
        verdict_before: Some(bounds.amounts_to(ease_before)),
        cannot,
        said: cannot.or(Some(verdict.words())),
        on_form,
    }
}

/// Ease worn close, easy and loose, in millimetres: the house's, or as somebody wished it.
fn eases(house: Option<[f64; 3]>, own: Option<f64>, judging: Judging<'_>) -> Option<[f64; 3]> {
    let Judging { intention, habits, .. } = judging;
    match (house, own) {
        (Some(table), None) => Some(table),
        // Their own wish moves the whole row, so that close and loose keep their distance from it.
        (Some(table), Some(own)) => {
            let usual = table[intention as usize];
            Some(table.map(|ease| ease + own - usual))
        }
        (None, Some(own)) => {
            let [close, loose] =
                [HouseRule::WearOwnClose, HouseRule::WearOwnLoose].map(|rule| habits.rule(rule));
            let row = [own - close, own, own + loose];
            Some(row.map(|ease| ease + own - row[intention as usize]))
        }
        (None, None) => None,
    }
}

/// What its wearer cannot do where a level strains.
const fn cannot(level: LevelName) -> &'static str {
    match level {
        LevelName::Hip | LevelName::HighHip => "will not let you sit",
        LevelName::Knee | LevelName::Thigh | LevelName::Calf => "will not let you bend",
        LevelName::Elbow | LevelName::UpperArm => "will not let you bend the arm",
        LevelName::Bust | LevelName::UnderBust => "will not let you breathe",
        LevelName::Waist | LevelName::Hem | LevelName::Wrist => "will not close",
    }
}

/// The least ease: the movement floor in firm cloth, what stretch gives in a stretch cloth, and between them one
/// fades into the other, because a jean with a little stretch still has to let its wearer sit.
fn floor(level: LevelName, measure: Length, cloth: &Cloth, habits: &Habits) -> Length {
    let measure = measure.mm();
    let share = |rule| habits.rule(rule) * measure;
    let firm = match level {
        LevelName::Bust => habits.rule(HouseRule::BustFloor),
        LevelName::Hip => share(HouseRule::HipFloor),
        LevelName::Knee => share(HouseRule::KneeFloor),
        LevelName::Elbow => share(HouseRule::ElbowFloor),
        _ => 0.0,
    };
    let worn = -share(HouseRule::StretchWorn) * cloth.stretch;
    let least = measure / (1.0 + habits.rule(HouseRule::StretchKept) * cloth.stretch) - measure;
    let stretched = worn.max(least);
    let full = (cloth.stretch / habits.rule(HouseRule::StretchFull)).clamp(0.0, 1.0);
    Length::from_mm(firm + full * (stretched - firm))
}

/// Whether the band is long enough for the seated waist.
#[must_use]
pub fn seated_waist(levels: &[LevelBalance], body: &Body, shape: &Shape) -> Option<SeatedWaist> {
    if !shape.kind.has_band() {
        return None;
    }
    let seated = body.get(MeasureName::WaistSeated)?;
    let band = levels.iter().find(|row| row.girth.level == LevelName::Waist)?;
    // Only a band has to be as long as the seated waist; a body slides up.
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
        .filter(|row| row.girth.tube == Tube::Leg)
        .filter(|row| matches!(row.girth.level, LevelName::Knee | LevelName::Calf | LevelName::Hem))
        .min_by_key(|row| row.girth.after)
        .map(|row| {
            let opening = Length::from_mm(row.girth.after.mm() * (1.0 + cloth.stretch));
            FootThrough {
                level: row.girth.level,
                side: row.girth.side,
                opening,
                foot,
                passes: opening >= foot,
            }
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

    fn trousers() -> Shape {
        serde_json::from_str(r#"{"kind": "trousers", "flats": {}, "turn_up": 40}"#).unwrap()
    }

    fn verdict(level: LevelName, name: MeasureName, body_mm: i64, after: i64, stretch: f64) -> LevelBalance {
        let girth = LevelGirth {
            level,
            tube: if level == LevelName::Calf || level == LevelName::Hem { Tube::Leg } else { Tube::Body },
            side: None,
            estimated: false,
            before: Length::whole_mm(after),
            after: Length::whole_mm(after),
            parts: Vec::new(),
            cloth: Length::ZERO,
        };
        let cloth = Cloth { stretch, ..Cloth::default() };
        level_balance(
            girth,
            Judging {
                body: &body(&[(name, body_mm)]),
                form: None,
                shape: &trousers(),
                cloth: &cloth,
                intention: Intention::Easy,
                own_ease: &BTreeMap::new(),
                habits: &Habits::default(),
            },
        )
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
    fn a_little_stretch_takes_away_a_little_of_the_floor() {
        let floor =
            |stretch| verdict(LevelName::Hip, MeasureName::Hip, 1000, 1000, stretch).floor.unwrap().mm();
        assert_eq!((floor(0.0), floor(0.15)), (40.0, -30.0));
        // 1 % takes a fifteenth of the way, and there is no cliff anywhere.
        assert!((floor(0.01) - 37.2).abs() < 0.3, "{}", floor(0.01));
        let all: Vec<f64> = (0..60).map(|i| floor(0.005 * f64::from(i))).collect();
        assert!(all.windows(2).all(|pair| pair[0] - pair[1] >= 0.0 && pair[0] - pair[1] < 3.5), "{all:?}");
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
