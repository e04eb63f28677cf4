//! Armhole and sleeve cap: their lengths before and after, and the ease of one over the other.
//!
//! The side seam's new line cuts the armhole short at the underarm, or, let out, carries it on; the
//! sleeve's line does the same to the cap. Both lengths are measured on the curves of either pattern.

use serde::Serialize;

use crate::garment::side::Side;
use crate::garment::{Shape, cap_ease};
use crate::house::habit::Habits;
use crate::judge::cap_fault::{CapFault, cap_fault};
use crate::pattern::{EdgeName, Pattern};
use crate::unit::length::Length;

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
    // Rounded before anything is said of them, so that all of it is said of one number.
    let armhole = armhole.map(Length::hundredth);
    let cap = cap.map(|cap| cap.map(Length::hundredth));
    let usual = cap_ease(shape.kind, habits);
    let ease = cap.map(|cap| [cap[0] - armhole[0], cap[1] - armhole[1]]);
    let number = |length: Length| habits.scale.number(length);
    ArmholeFit {
        side: None,
        armhole,
        cap,
        ease,
        usual: usual.map(Length::hundredth),
        fault: cap.and_then(|cap| cap_fault(armhole.map(Length::mm), cap.map(Length::mm), usual)),
        words: String::new(),
        shown: [Some(number(armhole[1])), cap.map(|cap| number(cap[1])), ease.map(|ease| number(ease[1]))],
    }
}
