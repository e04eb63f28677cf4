//! Keys of steps: what is done, and on what.

use std::fmt;

use serde::{Serialize, Serializer};

use super::act::Act;
use crate::garment::side::Side;
use crate::garment::{AlterationKey, FeatureKind, Fixture, FixtureKind, HemName, SeamName};

/// What a step is done on.
#[derive(Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum On {
    /// The whole garment.
    Garment,
    /// A seam, on both sides where it has two.
    Seam(SeamName),
    /// A hem.
    Hem(HemName),
    /// Something near a hem; the first of its kind there, the second.
    Feature(HemName, FeatureKind, usize),
    /// Something in a seam; the first of its kind there, the second.
    Fixture(FixtureKind, SeamName, Option<Side>, usize),
    /// What an alteration is about.
    Alteration(AlterationKey),
}

/// The key of a step, by which it is ticked: `sew_outseam`, `mitre_hem_vent`.
#[derive(Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub struct StepKey {
    /// What is done.
    pub act: Act,
    /// On what.
    pub on: On,
}

impl StepKey {
    /// The step that does this on that.
    #[must_use]
    pub const fn new(act: Act, on: On) -> StepKey {
        StepKey { act, on }
    }

    /// The step that does this to the whole garment.
    #[must_use]
    pub const fn whole(act: Act) -> StepKey {
        StepKey { act, on: On::Garment }
    }
}

impl On {
    /// Something in a seam.
    #[must_use]
    pub const fn fixture(fixture: &Fixture, nth: usize) -> On {
        On::Fixture(fixture.kind, fixture.seam, fixture.side, nth)
    }
}

impl fmt::Display for StepKey {
    fn fmt(&self, to: &mut fmt::Formatter<'_>) -> fmt::Result {
        to.write_str(self.act.word())?;
        match self.on {
            On::Garment => Ok(()),
            On::Seam(seam) => write!(to, "_{}", seam.key()),
            On::Hem(hem) => write!(to, "_{}", hem.key()),
            On::Feature(hem, kind, nth) => {
                write!(to, "_{}_{}", hem.key(), kind.words().replace(' ', "_"))?;
                counted(nth, to)
            }
            On::Fixture(kind, seam, side, nth) => {
                write!(to, "_{}_{}", kind.words().replace(' ', "_"), seam.key())?;
                side.map_or(Ok(()), |side| write!(to, "_{}", side.words()))?;
                counted(nth, to)
            }
            On::Alteration(alteration) => write!(to, "_{alteration}"),
        }
    }
}

/// The second of its kind says so.
fn counted(nth: usize, to: &mut fmt::Formatter<'_>) -> fmt::Result {
    if nth > 0 { write!(to, "_{}", nth + 1) } else { Ok(()) }
}

/// As files and requests write it.
impl PartialEq<&str> for StepKey {
    fn eq(&self, written: &&str) -> bool {
        let own = self.to_string();
        own == *written
    }
}

impl Serialize for StepKey {
    fn serialize<S: Serializer>(&self, serializer: S) -> Result<S::Ok, S::Error> {
        serializer.collect_str(self)
    }
}
