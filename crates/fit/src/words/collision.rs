//! How what stands near a hem takes the change, and what to do about it.

use crate::operation::hem::{Collision, Stands};
use crate::unit::length::Length;
use crate::unit::scale::Scale;

/// How it stands, and what to do where it has to be seen to.
pub(crate) fn collision_words(collision: &Collision, scale: Scale) -> String {
    let write = |length: Length| scale.write(length);
    let level = |length: Length| above_or_below(length, scale);
    let what = collision.words;
    match collision.stands {
        Stands::Opening { left, least: Some(least) } => format!(
            "Of the {what} {} is left, less than {}: close it or re-make it longer, and undo lining and facing round it first.",
            write(left),
            write(least)
        ),
        Stands::Opening { left, least: None } => format!("The {what} is {} long afterwards.", write(left)),
        Stands::ButtonsClear { lowest } => {
            format!("The lowest button stands {} above the edge.", write(lowest))
        }
        Stands::ButtonsMade { lowest, clear, off } => buttons_made(lowest, clear, off, scale),
        Stands::ButtonsSpaced { lowest, clear, count, apart } => format!(
            "The lowest button would stand {} the edge, not {} above it: no hole is cut yet, so space all {count} again, the lowest {} above the edge, {} apart.",
            level(lowest),
            write(clear),
            write(clear),
            write(apart)
        ),
        Stands::Pocket { bottom, clear: Some(clear) } => format!(
            "The pocket's bottom would stand {} the fold, not {} above it: shorten the pocket, move it up, or shorten the hem by {} less.",
            level(bottom),
            write(clear),
            write(clear - bottom)
        ),
        Stands::Pocket { bottom, clear: None } => {
            format!("The pocket's bottom stands {} above the fold.", write(bottom))
        }
        Stands::CrossSeam { at, inside: true } => format!(
            "The seam across comes to lie {} the fold, inside the turn-up: take out the bulk there, or narrow the turn-up to {}.",
            level(at),
            write(at.max(Length::ZERO))
        ),
        Stands::CrossSeam { at, inside: false } => {
            format!("The seam across stays {} above the fold.", write(at))
        }
        Stands::Border { loses } if loses.is_positive() => format!(
            "Shortened at the edge it loses {} of its border: shorten it at the waist seam or in a tuck above the border.",
            write(loses)
        ),
        Stands::Border { .. } => "The border stays whole.".to_owned(),
        Stands::Pleats { longer: true } => {
            "Press the pleats out before the hem is let down, and set them again over the new fold."
                .to_owned()
        }
        Stands::Pleats { longer: false } => "Mark the pleats on the right side, press them out over the turn-up, hem it flat, and set them again: each has to lie in its own old fold.".to_owned(),
        Stands::Facing { undo } => {
            format!("Undo the facing {} up from the new fold before the hem is turned.", write(undo))
        }
        Stands::Fastening { at, higher: Some(higher), on_sleeve } => {
            let or = if on_sleeve { "or take the length from the sleeve head" } else { "or leave the edge" };
            format!(
                "The {what} would come to {} above the edge: take it off first and set it again {} higher, {or}.",
                write(at),
                write(higher)
            )
        }
        Stands::Fastening { at, higher: None, .. } => {
            format!("The {what} stays {} above the edge.", write(at))
        }
    }
}

fn above_or_below(length: Length, scale: Scale) -> String {
    format!("{} {}", scale.write(length.abs()), if length.is_negative() { "below" } else { "above" })
}

/// Holes that are cut stay where they are: buttons are left off, or less is taken.
fn buttons_made(lowest: Length, clear: Length, off: Option<(u32, Length)>, scale: Scale) -> String {
    let write = |length: Length| scale.write(length);
    let level = |length: Length| above_or_below(length, scale);
    match off {
        None => format!(
            "The lowest button would stand {} the edge, and no hole stands {} above it: leave the hem where it is, or shorten by {} less.",
            level(lowest),
            write(clear),
            write(clear - lowest)
        ),
        Some((off, next)) => {
            let what = if off == 1 {
                "leave off the lowest button and close its hole".to_owned()
            } else {
                format!("leave off the {off} lowest buttons and close their holes")
            };
            format!(
                "The lowest button would stand {} the edge, not {} above it, and a hole cannot move: {what} (the next stands {} above the edge), or shorten by {} less.",
                level(lowest),
                write(clear),
                write(next),
                write(clear - lowest)
            )
        }
    }
}
