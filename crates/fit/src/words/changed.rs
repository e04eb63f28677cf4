//! What changes did, in words: for the list of what was done and for the other screen.

use super::alteration::alteration_words;
use crate::asked::Change;
use crate::garment::SeamName;
use crate::garment::side::Side;
use crate::plan::Minutes;
use crate::reading::pin::Pin;
use crate::unit::scale::Scale;

fn at(seam: SeamName, side: Side) -> String {
    if side == Side::Centre { seam.words().to_owned() } else { format!("{}, {}", seam.words(), side.words()) }
}

fn on_seam(pin: &Pin, scale: Scale) -> String {
    let place = at(pin.seam, pin.side);
    format!("the {place}, at {} from {}", scale.write(pin.station), pin.datum.words())
}

/// What was there before, where a change of what restores it says so.
fn was<'a>(change: &Change, restoring: &'a [Change]) -> Option<&'a Change> {
    let place = change.place();
    restoring.iter().find(|restore| restore.place() == place)
}

/// One change in words; `restoring` is what restores what was.
fn one(change: &Change, restoring: &[Change], scale: Scale) -> String {
    let was = was(change, restoring);
    match (change, was) {
        (Change::PutPin { pin }, Some(Change::PutPin { pin: old })) => {
            let place = on_seam(pin, scale);
            let (from, to) = (scale.write(old.reading), scale.write(pin.reading));
            if from == to {
                format!("changed the pin on {place}")
            } else {
                format!("moved the pin on {place}: {to} in place of {from}")
            }
        }
        (Change::PutPin { pin }, _) => {
            format!("put a pin on {}: {}", on_seam(pin, scale), scale.write(pin.reading))
        }
        (Change::TakeOutPin { .. }, Some(Change::PutPin { pin })) => {
            format!("took out the pin on {}: it was {}", on_seam(pin, scale), scale.write(pin.reading))
        }
        (Change::TakeOutPin { .. }, _) => "took out a pin that was out already".to_owned(),
        (Change::WishHem { wish }, Some(Change::WishHem { .. })) => {
            format!("asked something else of the {}", wish.hem.words())
        }
        (Change::WishHem { wish }, _) => format!("asked for the {}", wish.hem.words()),
        (Change::LeaveHem { hem }, _) => format!("left the {} as it is", hem.words()),
        (Change::ReadHem { hem, reading }, was) => {
            let place = format!("the {} at {:.0}°", side(hem.words(), reading.side), reading.at);
            let to = scale.write(reading.length);
            match was {
                Some(Change::ReadHem { reading: old, .. }) => {
                    format!("read {place} again: {to} in place of {}", scale.write(old.length))
                }
                _ => format!("read {place}: {to}"),
            }
        }
        (Change::TakeOutReading { hem, .. }, Some(Change::ReadHem { reading, .. })) => {
            let place = format!("the {} at {:.0}°", side(hem.words(), reading.side), reading.at);
            format!("took out the reading of {place}: it was {}", scale.write(reading.length))
        }
        (Change::TakeOutReading { hem, .. }, _) => {
            format!("took out a reading of the {} that was out already", hem.words())
        }
        (Change::Alter { .. } | Change::DoWithout { .. }, was) => of_alteration(change, was),
        (Change::EvenSeam { evening }, _) => format!("evened the {} differently", evening.seam.words()),
        (Change::EvenByHabit { seam }, _) => format!("evened the {} by habit", seam.words()),
        (Change::WishEnds { ends }, _) => format!("moved an end of the line on the {}", ends.seam.words()),
        (Change::LeaveEnds { seam }, _) => {
            format!("left the ends of the line on the {} to the house", seam.words())
        }
        (Change::AcceptDepth { accepted }, _) => format!(
            "accepted {} on the {}, at {} from its lower end",
            scale.write(accepted.depth),
            at(accepted.seam, accepted.side),
            scale.write(accepted.station),
        ),
        (Change::GiveBackDepth { seam, side, station }, _) => format!(
            "went back to the pinned depth on the {}, at {} from its lower end",
            at(*seam, *side),
            scale.write(*station),
        ),
        (Change::Intend { intention }, _) => format!("wanted it {}", intention.words()),
        (Change::Anchor { anchored: true }, _) => "anchored centre front and back".to_owned(),
        (Change::Anchor { anchored: false }, _) => "did not anchor centre front and back".to_owned(),
        (Change::HoldOn { held_on }, _) => format!("dated the fitting {held_on}"),
        (Change::FitOn { form: Some(_) }, _) => "fitted it on a form".to_owned(),
        (Change::FitOn { form: None }, _) => "fitted it on its wearer".to_owned(),
        (Change::Tick { step, minutes: Some(minutes), .. }, _) => {
            format!("ticked \"{}\" after {}", spelt(step), minutes_words(*minutes))
        }
        (Change::Tick { step, minutes: None, .. }, _) => format!("ticked \"{}\"", spelt(step)),
        (Change::Untick { step }, _) => format!("took back the tick of \"{}\"", spelt(step)),
        (Change::Confirm { condition, .. }, _) => format!("confirmed {}", of_stop(condition)),
        (Change::Withdraw { condition }, _) => format!("no longer confirms {}", of_stop(condition)),
        (Change::KeepSum { sum }, _) if sum.note.is_empty() => "kept a sum".to_owned(),
        (Change::KeepSum { sum }, _) => format!("kept the sum \"{}\"", sum.note),
        (Change::LetSumGo { .. }, _) => "let a sum go".to_owned(),
    }
}

/// What was wanted of an alteration beside lines and hems.
fn of_alteration(change: &Change, was: Option<&Change>) -> String {
    match (change, was) {
        (Change::Alter { alteration }, Some(Change::Alter { .. })) => {
            format!("wanted the {} otherwise", alteration_words(alteration))
        }
        (Change::Alter { alteration }, _) => format!("wanted the {}", alteration_words(alteration)),
        (_, Some(Change::Alter { alteration })) => {
            format!("did without the {}", alteration_words(alteration))
        }
        _ => "did without what was not wanted already".to_owned(),
    }
}

fn minutes_words(minutes: f64) -> String {
    let tenths = Minutes::around(minutes).p50;
    format!("{tenths} {}", if (tenths - 1.0).abs() < f64::EPSILON { "minute" } else { "minutes" })
}

fn side(what: &str, side: Side) -> String {
    if side == Side::Centre { what.to_owned() } else { format!("{}, {}", what, side.words()) }
}

/// A step's key as words.
fn spelt(key: &str) -> String {
    key.replace('_', " ")
}

/// A condition with the step it stands before, from its key.
fn of_stop(condition: &str) -> String {
    match condition.split_once('/') {
        Some((step, condition)) => format!("\"{}\" before \"{}\"", spelt(condition), spelt(step)),
        None => format!("\"{}\"", spelt(condition)),
    }
}

/// What several changes did that were made as one; `restoring` is what restores what was. Up to three are said
/// one by one, more are counted by what they are.
#[must_use]
pub fn say_changes(changes: &[Change], restoring: &[Change], scale: Scale) -> String {
    if changes.is_empty() {
        return "changed nothing".to_owned();
    }
    if changes.len() <= 3 {
        let all: Vec<String> = changes.iter().map(|change| one(change, restoring, scale)).collect();
        return all.join("; ");
    }
    let mut counted: Vec<(&'static str, &'static str, usize)> = Vec::new();
    for change in changes {
        let stood = was(change, restoring);
        let (verb, what) = kind(change, matches!(stood, Some(Change::PutPin { .. })));
        match counted.iter_mut().find(|(known, _, _)| *known == verb) {
            Some((_, _, count)) => *count += 1,
            None => counted.push((verb, what, 1)),
        }
    }
    let parts: Vec<String> = counted
        .into_iter()
        .map(|(verb, what, count)| format!("{verb} {count} {what}{}", if count == 1 { "" } else { "s" }))
        .collect();
    parts.join(", ")
}

/// A verb and what it is done to.
const fn kind(change: &Change, stood: bool) -> (&'static str, &'static str) {
    match change {
        Change::PutPin { .. } if stood => ("moved", "pin"),
        Change::PutPin { .. } => ("put", "pin"),
        Change::TakeOutPin { .. } => ("took out", "pin"),
        Change::WishHem { .. } => ("asked for", "hem"),
        Change::LeaveHem { .. } => ("left as it is", "hem"),
        Change::ReadHem { .. } => ("read round a hem at", "place"),
        Change::TakeOutReading { .. } => ("took out round a hem", "reading"),
        Change::Alter { .. } => ("wanted", "alteration"),
        Change::DoWithout { .. } => ("did without", "alteration"),
        Change::EvenSeam { .. } | Change::EvenByHabit { .. } => ("evened differently", "seam"),
        Change::WishEnds { .. } | Change::LeaveEnds { .. } => ("moved the ends of", "line"),
        Change::AcceptDepth { .. } => ("accepted", "depth"),
        Change::GiveBackDepth { .. } => ("went back to", "pinned depth"),
        Change::Intend { .. } | Change::Anchor { .. } | Change::HoldOn { .. } | Change::FitOn { .. } => {
            ("said otherwise", "thing about the try-on")
        }
        Change::Tick { .. } => ("ticked", "step"),
        Change::Untick { .. } => ("took back", "tick"),
        Change::Confirm { .. } => ("confirmed", "condition"),
        Change::Withdraw { .. } => ("withdrew", "confirmation"),
        Change::KeepSum { .. } => ("kept", "sum"),
        Change::LetSumGo { .. } => ("let go", "sum"),
    }
}
