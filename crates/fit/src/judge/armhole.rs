//! Armhole and sleeve cap: their lengths before and after, and the ease of one over the other.
//!
//! The side seam's new line cuts the armhole short at the underarm, or, let out, carries it on; the
//! sleeve's line does the same to the cap. Both lengths are measured on the curves of either pattern.

use serde::Serialize;

use crate::garment::{SeamName, Shape, cap_ease};
use crate::house::habit::Habits;
use crate::pattern::{EdgeName, Pattern};
use crate::reading::side::Side;
use crate::unit::length::Length;
use crate::words::armhole_words;

/// What is wrong between an armhole and its cap.
#[derive(Debug, Clone, Copy, PartialEq)]
pub enum CapFault {
    /// The cap has less ease than it needs, by that much.
    Short {
        /// By how much.
        by: Length,
    },
    /// The cap has more than eases in, by that much.
    Long {
        /// By how much.
        by: Length,
    },
    /// Armhole and cap change by different amounts.
    Apart {
        /// By how much they differ.
        by: Length,
    },
}

/// Armhole and cap that differ less than this from before are unchanged, in millimetres.
const UNCHANGED: f64 = 0.5;
/// Losses of armhole and cap within this are equal, in millimetres: what a pin can be off.
const EQUAL: f64 = 3.0;

/// What the lines have made worse than it was; a garment that came so is worn as it is.
fn fault(armhole: [f64; 2], cap: [f64; 2], usual: [f64; 2]) -> Option<CapFault> {
    let lost = [armhole[0] - armhole[1], cap[0] - cap[1]];
    if lost.iter().all(|lost| lost.abs() < UNCHANGED) {
        return None;
    }
    let [before, after] = [cap[0] - armhole[0], cap[1] - armhole[1]];
    let lacks = |ease: f64| (usual[0] - ease).max(0.0);
    let over = |ease: f64| (ease - usual[1]).max(0.0);
    if lacks(after) > EQUAL && lacks(after) > lacks(before) + UNCHANGED {
        Some(CapFault::Short { by: Length::hundredth(lacks(after)) })
    } else if over(after) > EQUAL && over(after) > over(before) + UNCHANGED {
        Some(CapFault::Long { by: Length::hundredth(over(after)) })
    } else if (lost[0] - lost[1]).abs() > EQUAL {
        Some(CapFault::Apart { by: Length::hundredth((lost[0] - lost[1]).abs()) })
    } else {
        None
    }
}

/// One armhole with its sleeve.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct ArmholeFit {
    /// Which side; `None` where both are alike.
    pub side: Option<Side>,
    /// Length of the armhole, before and after.
    pub armhole: [Length; 2],
    /// Length of the sleeve's cap, before and after, where there is a sleeve.
    pub cap: Option<[Length; 2]>,
    /// Cap less armhole, before and after.
    pub ease: Option<[Length; 2]>,
    /// The ease usual for this kind: least and most.
    pub usual: [Length; 2],
    /// What is wrong between the two that the lines have made.
    #[serde(skip)]
    pub fault: Option<CapFault>,
    /// What that means, in words.
    pub words: String,
    /// The numbers as they stand on the session's tape: armhole and cap after, ease after.
    pub shown: [Option<String>; 3],
}

/// Armholes of both sides, one row where they are alike.
#[must_use]
pub fn armholes(shape: &Shape, came: &Pattern, will_be: &Pattern, habits: &Habits) -> Vec<ArmholeFit> {
    let both = |name: EdgeName, side: Side| Some([came.rim(name, side)?, will_be.rim(name, side)?]);
    let fit =
        |side: Side| Some(describe(shape, both(EdgeName::Armhole, side)?, both(EdgeName::Cap, side), habits));
    let (Some(left), Some(right)) = (fit(Side::Left), fit(Side::Right)) else { return Vec::new() };
    if left == right {
        vec![left]
    } else {
        vec![ArmholeFit { side: Some(Side::Left), ..left }, ArmholeFit { side: Some(Side::Right), ..right }]
    }
}

fn describe(shape: &Shape, armhole: [f64; 2], cap: Option<[f64; 2]>, habits: &Habits) -> ArmholeFit {
    let scale = habits.scale;
    let usual = cap_ease(shape.kind);
    let ease = cap.map(|cap| [cap[0] - armhole[0], cap[1] - armhole[1]]);
    let underarm = shape.has(SeamName::SleeveUnderarm);
    let words = armhole_words(armhole, cap, usual, underarm, scale);
    let number = |mm: f64| scale.number(Length::from_mm(mm));
    ArmholeFit {
        side: None,
        armhole: armhole.map(Length::hundredth),
        cap: cap.map(|cap| cap.map(Length::hundredth)),
        ease: ease.map(|ease| ease.map(Length::hundredth)),
        usual: usual.map(Length::hundredth),
        fault: cap.and_then(|cap| fault(armhole, cap, usual)),
        words,
        shown: [Some(number(armhole[1])), cap.map(|cap| number(cap[1])), ease.map(|ease| number(ease[1]))],
    }
}
