//! Can it be put on: whether hand, head, hips and shoulders get through where nothing opens.

use serde::Serialize;

use crate::body::measures::MeasureName;
use crate::garment::side::Side;
use crate::garment::{Kind, LevelName};
use crate::judge::ease::{Judging, LevelBalance};
use crate::judge::through::Through;
use crate::pattern::{EdgeName, Pattern};
use crate::unit::length::Length;

/// Whether a part of the body gets through where the garment has no opening.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct PutOn {
    /// What has to get through.
    pub through: Through,
    /// The widest it opens, stretched where the cloth stretches.
    pub opening: Length,
    /// What has to get through, as measured.
    pub body: Length,
    /// True when it gets through.
    pub passes: bool,
    /// The same as a sentence.
    pub words: String,
}

/// Whether hand, head, hips and shoulders get through, as far as they were measured. What opens with a
/// fly, buttons, a zip or a lacing is not asked.
#[must_use]
pub fn put_on(levels: &[LevelBalance], will_be: &Pattern, judging: Judging<'_>) -> Vec<PutOn> {
    let Judging { body, shape, cloth, .. } = judging;
    let opened = |girth: Length| Length::from_mm(girth.mm() * (1.0 + cloth.stretch));
    let after = |level: LevelName| {
        levels.iter().filter(|row| row.girth.level == level).map(|row| row.girth.after).min()
    };
    let mut checks = Vec::new();
    let mut check = |through, opening: Option<Length>, measure| {
        let (Some(opening), Some(body)) = (opening, body.get(measure)) else { return };
        let passes = opening >= body;
        checks.push(PutOn { through, opening, body, passes, words: String::new() });
    };
    // A shirt's cuff opens by itself.
    let cuff_opens =
        shape.kind == Kind::Shirt || shape.fixtures.iter().any(|fixture| fixture.seam.is_on_sleeve());
    if !cuff_opens {
        check(Through::Hand, after(LevelName::Wrist).map(opened), MeasureName::Hand);
    }
    if shape.opens() {
        return checks;
    }
    if will_be.bodice.is_some() {
        let sides = [Side::Left, Side::Right].into_iter();
        let round: f64 = sides.filter_map(|side| will_be.rim(EdgeName::Neckline, side)).sum();
        if !shape.placket_is_short() {
            check(Through::Head, Some(opened(Length::from_mm(round))), MeasureName::Head);
        }
        let narrowest = [LevelName::Bust, LevelName::UnderBust, LevelName::Waist].map(after);
        let narrowest = narrowest.into_iter().flatten().min().map(opened);
        check(Through::Shoulders, narrowest, MeasureName::ShoulderGirth);
    } else {
        check(Through::Hips, after(LevelName::Waist).map(opened), MeasureName::Hip);
    }
    checks
}
