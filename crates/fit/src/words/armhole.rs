//! An armhole and the cap of its sleeve.

use crate::judge::cap_fault::{EQUAL, UNCHANGED};
use crate::unit::length::Length;
use crate::unit::scale::Scale;

/// What becomes of both, before and after, whether they still go together, and what to do where they do not. `usual` is the
/// ease the cap has as a rule; `underarm` says that side seam and sleeve meet in one line.
pub(crate) fn armhole_words(
    armhole: [f64; 2],
    cap: Option<[f64; 2]>,
    usual: [f64; 2],
    underarm: bool,
    scale: Scale,
) -> String {
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
            let act = if underarm {
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
    words
}
