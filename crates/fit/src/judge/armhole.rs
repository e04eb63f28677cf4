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

/// Armhole and cap that differ less than this from before are said to be unchanged, in millimetres.
const UNCHANGED: f64 = 0.5;
/// Losses of armhole and cap within this are equal, in millimetres: what a pin can be off.
const EQUAL: f64 = 3.0;

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
    let write = |mm: f64| scale.write(Length::from_mm(mm));
    let became = |what: &str, [before, after]: [f64; 2]| {
        if (after - before).abs() < UNCHANGED || write(before) == write(after) {
            format!("The {what} stays {}", write(before))
        } else {
            format!("The {what} goes from {} to {}", write(before), write(after))
        }
    };
    let mut words = became("armhole", armhole);
    if let (Some(cap), Some(ease)) = (cap, ease) {
        words.push_str("; ");
        let mut part = became("cap", cap);
        part[..1].make_ascii_lowercase();
        words.push_str(&part);
        let lost = [armhole[0] - armhole[1], cap[0] - cap[1]];
        let changed = lost.iter().any(|lost| lost.abs() >= UNCHANGED);
        if changed && (lost[0] - lost[1]).abs() > EQUAL {
            let apart = write((lost[0] - lost[1]).abs());
            let act = if shape.has(SeamName::SleeveUnderarm) {
                "carry the side seam's line on into the sleeve, or ease the difference in"
            } else {
                "take the sleeve's own seams in by as much at the top, or ease the difference in"
            };
            words.push_str(&format!(". They no longer change alike: {apart} apart; {act}"));
        }
        let (least, most) = (write(usual[0]), write(usual[1]));
        let now = if !scale.shows(Length::from_mm(ease[1])) {
            "as long as".to_owned()
        } else if ease[1] < 0.0 {
            format!("{} shorter than", write(-ease[1]))
        } else {
            format!("{} longer than", write(ease[1]))
        };
        words.push_str(&if ease[1] < usual[0] - EQUAL {
            format!(
                ". The cap is {now} the armhole; {least} to {most} longer is usual: the sleeve head will drag. Take the armhole in at the side, or leave the sleeve wider"
            )
        } else if ease[1] > usual[1] + EQUAL {
            format!(
                ". The cap is {now} the armhole; {least} to {most} longer is usual: more than eases in without gathers. Take the sleeve in with the side"
            )
        } else if ease[1] > 0.0 && scale.shows(Length::from_mm(ease[1])) {
            format!(". The cap has {} to ease in, as is usual", write(ease[1]))
        } else {
            format!(". The cap is {now} the armhole, as is usual")
        });
    }
    words.push('.');
    let number = |mm: f64| scale.number(Length::from_mm(mm));
    ArmholeFit {
        side: None,
        armhole: armhole.map(Length::hundredth),
        cap: cap.map(|cap| cap.map(Length::hundredth)),
        ease: ease.map(|ease| ease.map(Length::hundredth)),
        usual: usual.map(Length::hundredth),
        words,
        shown: [Some(number(armhole[1])), cap.map(|cap| number(cap[1])), ease.map(|ease| number(ease[1]))],
    }
}
