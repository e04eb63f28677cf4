//! An armhole and the cap of its sleeve.

use crate::judge::armhole::ArmholeFit;
use crate::judge::cap_fault::{EQUAL, UNCHANGED};
use crate::unit::length::Length;
use crate::unit::scale::Scale;

/// What becomes of both, before and after, whether they still go together, and what to do where they do not; `underarm` says
/// that side seam and sleeve meet in one line.
pub(crate) fn armhole_words(fit: &ArmholeFit, underarm: bool, scale: Scale) -> String {
    let usual = fit.usual.map(Length::mm);
    let armhole = fit.armhole.map(Length::mm);
    let cap = fit.cap.map(|cap| cap.map(Length::mm));
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
        // As they stand on the tape, so that what is said of both adds up.
        let shown = |from: f64, to: f64| scale.between(Length::from_mm(from), Length::from_mm(to));
        let lost = [armhole[0] - armhole[1], cap[0] - cap[1]];
        let changed = lost.iter().any(|lost| lost.abs() >= UNCHANGED);
        let usual_now = ease[1] >= usual[0] - EQUAL && ease[1] <= usual[1] + EQUAL;
        let apart = (shown(armhole[1], armhole[0]) - shown(cap[1], cap[0])).abs();
        if changed && (lost[0] - lost[1]).abs() > EQUAL && scale.shows(apart) {
            let apart = scale.write(apart);
            let taken_up = if usual_now { ", which the ease of the cap takes up" } else { "" };
            words.push_str(&format!(". They no longer change alike: {apart} apart{taken_up}"));
        }
        let (least, most) = (write(usual[0]), write(usual[1]));
        let longer = shown(armhole[1], cap[1]);
        let now = if !scale.shows(longer) {
            "as long as".to_owned()
        } else if longer.is_negative() {
            format!("{} shorter than", scale.write(longer.abs()))
        } else {
            format!("{} longer than", scale.write(longer))
        };
        words.push_str(&if ease[1] < usual[0] - EQUAL {
            format!(
                ". The cap is {now} the armhole; {least} to {most} longer is usual: the sleeve head will drag. {}",
                too_short(lost)
            )
        } else if ease[1] > usual[1] + EQUAL {
            format!(
                ". The cap is {now} the armhole; {least} to {most} longer is usual: more than eases in without gathers. {}",
                too_long(lost, underarm)
            )
        } else if !longer.is_negative() && scale.shows(longer) {
            format!(". The cap has {} to ease in, as is usual", scale.write(longer))
        } else {
            format!(". The cap is {now} the armhole, as is usual")
        });
    }
    words.push('.');
    words
}

/// What makes a cap that is too short go in again, by what armhole and cap lost.
fn too_short([armhole, cap]: [f64; 2]) -> &'static str {
    if armhole <= -UNCHANGED {
        "Let the sleeve out at the top by as much, or let out less at the side"
    } else if cap >= UNCHANGED {
        "Take less out of the sleeve at the top, or take the side in with it"
    } else {
        "Take the armhole in at the side, or let the sleeve out"
    }
}

/// The same for one that is too long.
fn too_long([armhole, cap]: [f64; 2], underarm: bool) -> &'static str {
    if cap <= -UNCHANGED {
        "Let the sleeve out less at the top, or let the side out with it"
    } else if armhole >= UNCHANGED && !underarm {
        "Take the sleeve's own seams in by as much at the top"
    } else {
        "Take the sleeve in with the side: carry the side seam's line on into it"
    }
}
