//! What a line does beyond its pins, in sentences, and what the buttons beside them say.

use super::seam_words::SeamWords;
use crate::finding::warning::Way;
use crate::finding::{Beyond, Unpinned, WayOut};
use crate::garment::{LevelName, SeamEnd};
use crate::house::habit::Habits;
use crate::line::{EndWish, LineWish};
use crate::reading::accepted::AcceptedDepth;
use crate::unit::length::Length;
use crate::unit::scale::Scale;

/// Nearer to an end of its seam than this, in millimetres, a station is that end.
const END: f64 = 5.0;

/// What a line does to levels beside its outermost pins, in its own sentence.
pub(crate) fn beyond_words(levels: &[(LevelName, f64)], scale: Scale) -> String {
    let makes = |(level, change): &(LevelName, f64)| {
        format!("the {} {}", level.words(), by(Length::from_mm(*change), scale))
    };
    let makes: Vec<String> = levels.iter().map(makes).collect();
    format!("Past its outermost pins it makes {}.", makes.join(" and "))
}

fn by(change: Length, scale: Scale) -> String {
    format!("{} {}", scale.write(change.abs()), if change.is_negative() { "smaller" } else { "larger" })
}

/// What a line does where nobody pinned.
pub(super) fn unpinned(unpinned: &Unpinned, habits: &Habits) -> String {
    let scale = habits.scale;
    let write = |length: Length| scale.write(length.abs());
    let [there, at_edge] = unpinned.depths;
    let does = if scale.number(there) == scale.number(at_edge) {
        format!("it holds {}", write(there))
    } else if at_edge.abs() > there.abs() {
        format!("it goes from {} to {}", write(there), write(at_edge))
    } else if scale.shows(at_edge) {
        format!("it eases from {} to {}", write(there), write(at_edge))
    } else {
        format!("it eases from {} to nothing", write(there))
    };
    let bare = scale.write(unpinned.bare);
    let seam = unpinned.seam.words();
    let level = unpinned.change.map(|(level, change)| (level.words(), by(change, scale)));
    let comes_out =
        level.as_ref().map_or_else(String::new, |(level, by)| format!(" The {level} comes out {by}."));
    match unpinned.does {
        Beyond::Runs => {
            let end = end_words(unpinned.end);
            format!(
                "Nobody pinned the last {bare} of the {seam} to {end}: {does} there.{comes_out} Pin there if it should differ."
            )
        }
        Beyond::Band => format!(
            "Nobody pinned the last {bare} of the {seam} to the top of the band: of {} what cannot fade out before the band, {}, goes through it.{comes_out} Pin at the band if it should differ, or pin less below it.",
            write(there),
            write(at_edge)
        ),
        Beyond::Fades => {
            let (level, by) = level.unwrap_or(("seam", String::new()));
            format!(
                "Nobody pinned the {seam} at the {level}: on its way back the line makes it {by}. Pin there if it should differ."
            )
        }
    }
}

/// The end of a seam a line runs to.
fn end_words(end: SeamEnd) -> &'static str {
    match end {
        SeamEnd::Hem => "the hem",
        SeamEnd::Underarm(_) => "the underarm",
        _ => "the edge",
    }
}

/// The buttons of what else can be done.
pub(super) fn ways(unpinned: &Unpinned, habits: &Habits) -> Vec<Way> {
    let seam = &unpinned.read.seam;
    let words = SeamWords { seam, beyond: None, in_it: None, habits };
    let ends = |end: EndWish| {
        let (lower, upper) = if unpinned.upper { (None, Some(end)) } else { (Some(end), None) };
        Some(LineWish { seam: seam.name, lower, upper })
    };
    let below_the_band = ends(EndWish::Taper { at: Length::from_mm(seam.length - seam.band()), from: None });
    let way = |way: &WayOut| match way {
        WayOut::FadeOut { at } => Way {
            words: if (at - at.clamp(END, seam.length - END)).abs() > 0.0 {
                format!("Let it fade out right at {}", end_words(unpinned.end))
            } else {
                format!("Let it fade out by {}", words.station(*at))
            },
            ends: ends(EndWish::Taper { at: Length::from_mm(*at), from: None }),
            accepted: Vec::new(),
        },
        WayOut::RunOff => Way {
            words: "Let it run on to the edge".to_owned(),
            ends: ends(EndWish::RunOff),
            accepted: Vec::new(),
        },
        WayOut::Steeper => Way {
            words: "Let it fade out below the band, steeper than usual".to_owned(),
            ends: below_the_band,
            accepted: Vec::new(),
        },
        WayOut::Hold { depth } => Way {
            words: format!("Take the whole {} through the band", habits.scale.write(depth.abs())),
            ends: ends(EndWish::Hold { height: Length::from_mm(seam.band()) }),
            accepted: Vec::new(),
        },
        WayOut::Shallower { station, depth } => {
            let accepted = AcceptedDepth {
                seam: seam.name,
                side: unpinned.side,
                station: Length::from_mm(*station),
                depth: *depth,
            };
            Way {
                words: format!("Take {} there, and leave the band", habits.scale.write(depth.abs())),
                ends: below_the_band,
                accepted: vec![accepted],
            }
        }
    };
    unpinned.ways.iter().map(way).collect()
}
