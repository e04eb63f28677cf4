//! A seam taken in evenly, easing out towards its upper end. It exists so that tests can follow an alteration the whole
//! way: a person pins a line, which fits better.

use serde::{Deserialize, Serialize};

use super::alteration::{AlterationFound, AlterationRefused, Altering, Amiss, Ground, Made};
use super::seam::sew;
use crate::garment::side::Side;
use crate::garment::{AlterationKey, AlterationKind, HemName, SeamName, Shape};
use crate::line::{Knot, Line};
use crate::operation::alteration::Alteration;
use crate::operation::opening::{Open, Opening};
use crate::pattern::Pattern;
use crate::plan::act::Act;
use crate::plan::draft::Draft;
use crate::plan::how::{Fact, how};
use crate::plan::key::{On, StepKey};
use crate::sums::{SumDrawing, SumLineName};
use crate::unit::length::Length;
use crate::unit::scale::Scale;

/// The most it takes in, in millimetres.
const MOST: f64 = 30.0;
/// More than this, in millimetres, is worth a word.
const TIGHT: f64 = 20.0;
/// The most that can be meant, in millimetres.
const MEANT: f64 = 200.0;

/// A seam taken in evenly.
#[derive(Debug, Clone, Copy, PartialEq, Serialize, Deserialize)]
#[serde(deny_unknown_fields)]
pub struct Slimmed {
    /// The seam.
    pub seam: SeamName,
    /// By how much.
    pub by: Length,
}

impl Slimmed {
    fn key(self) -> AlterationKey {
        AlterationKey { kind: AlterationKind::Slimmed, place: self.seam.key() }
    }

    fn drafts(self, scale: Scale) -> Vec<Draft> {
        let on = On::Alteration(self.key());
        let by = Fact::Length(self.by, scale);
        let chalk = StepKey::new(Act::Chalk, on);
        vec![
            Draft::new(Act::Chalk, on, "Chalk the slimmed seam")
                .how(how!("A line {by} inside the seam.", by)),
            Draft::new(Act::Sew, on, "Sew the slimmed seam").how("Along the chalk.").needs([chalk]),
        ]
    }
}

/// As deep up to the middle, then easing out to nothing.
fn even_line(deep: f64, length: f64) -> Line {
    let knot = |share: f64, depth: f64| Knot { station: share * length, depth, slope: 0.0 };
    Line::through(vec![knot(0.0, deep), knot(0.5, deep), knot(1.0, 0.0)], length)
}

impl Altering for Slimmed {
    fn place(&self) -> &'static str {
        self.seam.key()
    }

    fn amiss(&self, shape: &Shape) -> Vec<Amiss> {
        let mut amiss = Vec::new();
        if !shape.pinnable().contains(&self.seam) {
            amiss.push(Amiss {
                field: "seam",
                why: AlterationFound { code: "slimmed.seam", lengths: Vec::new(), matters: true },
            });
        }
        if !(0.0..=MEANT).contains(&self.by.mm()) {
            let lengths = vec![self.by, Length::from_mm(MEANT)];
            amiss.push(Amiss {
                field: "by",
                why: AlterationFound { code: "slimmed.by", lengths, matters: true },
            });
        }
        amiss
    }

    fn apply(&self, ground: Ground<'_>, pattern: &Pattern) -> Result<Made, AlterationRefused> {
        let scale = ground.habits.scale;
        let Some(seam) = ground.garment.shape.seam(self.seam, Some(ground.came)) else {
            let why = AlterationFound { code: "slimmed.nowhere", lengths: Vec::new(), matters: true };
            return Err(AlterationRefused { why, nearest: None });
        };
        if self.by.mm() > MOST {
            let most = Length::from_mm(MOST);
            let why = AlterationFound { code: "slimmed.most", lengths: vec![self.by, most], matters: true };
            let nearest = Some(Alteration::Slimmed(Slimmed { by: most, ..*self }));
            return Err(AlterationRefused { why, nearest });
        }
        let line = even_line(self.by.mm(), seam.length);
        let sides: &[Side] = if self.seam.is_paired() { &[Side::Left, Side::Right] } else { &[Side::Centre] };
        let hem = if self.seam.is_on_sleeve() { HemName::Sleeve } else { HemName::Hem };
        let mut sketch = SumDrawing::default();
        sketch.line(SumLineName::There, [[0.0, 0.0], [0.0, seam.length]]);
        sketch.line(SumLineName::Cut, [[self.by.mm(), 0.0], [0.0, seam.length]]);
        sketch.over([self.by.mm(), 0.0], scale.write(self.by));
        Ok(Made {
            pattern: sew(pattern, self.seam, sides, &line),
            opens: vec![Open { what: Opening::Hem(hem), seams: vec![self.seam], places: sides.len() }],
            drafts: self.drafts(scale),
            vouched: vec![self.by],
            found: Vec::from_iter((self.by.mm() > TIGHT).then(|| AlterationFound {
                code: "slimmed.tight",
                lengths: vec![self.by],
                matters: false,
            })),
            sketch,
        })
    }
}
