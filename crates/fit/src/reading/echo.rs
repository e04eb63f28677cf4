//! The echo: what a reading means, said back at once.

use crate::garment::side::Side;
use crate::garment::{SeamName, Source, Tube};
use crate::pattern::{Level, Place};
use crate::reading::crossed::CrossedLevels;
use crate::reading::pin::EntryMode;
use crate::unit::length::Length;
use crate::unit::scale::Scale;

/// One reading as the echo has to know it.
#[derive(Debug, Clone, Copy)]
pub struct Reading {
    /// The seam.
    pub seam: SeamName,
    /// The side read.
    pub side: Side,
    /// Station from the seam's lower end, in millimetres.
    pub station: f64,
    /// What was read.
    pub read: Length,
    /// How it was read.
    pub mode: EntryMode,
    /// The depth it means.
    pub depth: Length,
    /// Where the garment comes from, which says what the depth is read from.
    pub source: Source,
}

/// What is known of the line a reading would make, were it the only one of its seam.
pub struct AloneLine<'a> {
    /// Its depth at a station from the seam's lower end, in millimetres.
    pub depth: &'a dyn Fn(f64) -> f64,
    /// What the seam allows at the pin, where the reading asks for more: the depth, and what allows no more.
    pub most: Option<(Length, &'static str)>,
}

/// A level takes what the pin says where the line is so nearly as deep as the pin: 19 parts in 20.
const AS_DEEP: f64 = 0.95;
/// A level a line reaches by less than this share of its pin's depth is not named.
const REACHES: f64 = 0.1;

/// Says what a reading does when it is sewn: to the level its own line reaches most, on both sides of a body, on its own
/// leg below the crotch, or at the centre back. Without panels it says the depth only.
#[must_use]
pub fn echo(
    reading: Reading,
    crossed: Option<&CrossedLevels<'_>>,
    line: &AloneLine<'_>,
    scale: Scale,
) -> String {
    let depth = reading.depth;
    let stitching = reading.source.stitching();
    let from = if reading.source == Source::InTheMaking { stitching } else { "seam" };
    let read = |length: Length| format!("{} {}", scale.read(length), scale.unit.sign());
    let (mut lead, mut joined) = match reading.mode {
        EntryMode::SeamToPin => (format!("{} from the {from}", read(depth)), " "),
        mode => (format!("{} {} is {} deep", read(reading.read), mode.words(), read(depth)), "; that "),
    };
    if depth == Length::ZERO {
        return format!("{lead}: the {stitching} stays here");
    }
    if !scale.shows(depth) {
        return format!(
            "Less than {} from the {from}: no tape shows what that does",
            scale.write(scale.tick())
        );
    }
    if let Some((most, what)) = line.most {
        if !scale.shows(most) {
            return format!("{lead}, but {what} allows nothing here: the {stitching} stays");
        }
        let allows = if scale.number(most.abs()) == scale.number(depth.abs()) {
            "a little less".to_owned()
        } else {
            scale.write(most.abs())
        };
        lead = format!("{lead}, but {what} allows {allows} here");
        joined = "; that ";
    }
    let deep = line.most.map_or(depth, |(most, _)| most);
    let Some(crossed) = crossed else {
        return format!("{lead}; measure the garment flat to hear what that does to its girth");
    };
    if reading.seam.is_crosswise() {
        let shorter = if deep.is_positive() { "shorter" } else { "longer" };
        let change = scale.write(Length::from_mm(2.0 * deep.mm()).abs());
        return format!("{lead}{joined}makes the {} {change} {shorter} there", reading.seam.shortens());
    }
    let Some(reached) = reached(crossed, &reading, line.depth) else {
        return format!("{lead}; no level lies there whose girth it would change");
    };
    let Reached { level, there, takes, at_pin } = reached;
    let on_both = reading.seam.is_paired() && level.tube == Tube::Body;
    let seams = if on_both { 2.0 } else { 1.0 };
    let girth = |takes: f64| Length::from_mm(seams * takes).abs();
    let share = there / deep.mm();
    let [at_level, at_pin] = [girth(takes), girth(2.0 * deep.mm() / at_pin)];
    let smaller = if deep.is_positive() { "smaller" } else { "larger" };
    let both = if on_both { "on both sides " } else { "" };
    let takes = if deep.is_positive() { "takes about" } else { "gives about" };
    let where_deep = format!("{both}{takes} {} where the line is as deep as the pin", scale.write(at_pin));
    if share < REACHES || !scale.shows(at_level) {
        return format!("{lead}{joined}{where_deep}; alone it reaches no level");
    }
    let level_words = match level.tube {
        Tube::Body => format!("the {}", level.name.words()),
        Tube::Leg => format!("that leg's {}", level.name.words()),
        Tube::Sleeve => format!("that sleeve's {}", level.name.words()),
    };
    let at_level = scale.write(at_level);
    if share >= AS_DEEP {
        return format!("{lead}{joined}{both}makes {level_words} {at_level} {smaller}");
    }
    format!("{lead}{joined}{where_deep}, and makes {level_words} {at_level} {smaller}")
}

/// The echo of a bare fraction on a metric tape: it was read as inches, which is said.
#[must_use]
pub fn echo_in_inches(typed: &str, echo: &str) -> String {
    format!("{} read as inches: {echo}", typed.trim())
}

/// A level that a line reaches.
struct Reached<'a> {
    level: &'a Level,
    /// How deep the line is there.
    there: f64,
    /// What both edges of the seam take of it.
    takes: f64,
    /// Cosine of the seam's lean at the pin.
    at_pin: f64,
}

/// The level at which a line is deepest among those its seam crosses; the nearest of those at which it is alike.
fn reached<'a>(
    crossed: &CrossedLevels<'a>,
    reading: &Reading,
    depth: &dyn Fn(f64) -> f64,
) -> Option<Reached<'a>> {
    let ([edge, _], length) = crossed.edges.as_ref()?;
    let place = edge.edge.at(reading.station * edge.edge.length() / length);
    let above_crotch = crossed.crotch.is_none_or(|crotch| place.point.y >= crotch);
    let found = |(level, on): &(&'a Level, [Place; 2])| {
        let away = (on[0].point.y - place.point.y).abs();
        let (deep, takes) = at_level(crossed, level, on, depth);
        (*level, deep, away, takes)
    };
    // The whole hundredth of a millimetre decides, and then the distance.
    let rank = |deep: f64| (deep.abs() * 100.0).round();
    let most = |own: bool| {
        // A pin above the crotch changes the body first, however near the thigh it stands.
        let on = |(level, _): &&(&Level, [Place; 2])| {
            reading.seam != SeamName::Outseam || ((level.tube == Tube::Body) == above_crotch) == own
        };
        let levels = crossed.levels.iter().filter(on).map(found);
        levels.min_by(|a, b| rank(b.1).total_cmp(&rank(a.1)).then(a.2.total_cmp(&b.2)))
    };
    let own = most(true);
    let reaches = own.is_some_and(|(_, there, ..)| (there / reading.depth.mm()).abs() >= REACHES);
    let (level, there, _, takes) = if reaches { own? } else { most(false).or(own)? };
    let at_pin = if level.on_band { 1.0 } else { place.cos_lean().max(LEAST_COS) };
    Some(Reached { level, there, takes, at_pin })
}

/// How deep a line lies where both edges of its seam cross a level once it is sewn, on the mean, and what they take of it
/// together: a seam that leans crosses the level beside where it did.
fn at_level(
    crossed: &CrossedLevels<'_>,
    level: &Level,
    on: &[Place; 2],
    depth: &dyn Fn(f64) -> f64,
) -> (f64, f64) {
    let [mut there, mut takes] = [0.0; 2];
    if let Some((edges, length)) = &crossed.edges {
        for (edge, was) in edges.iter().zip(on) {
            let deep = |station: f64| depth(station * length / edge.edge.length());
            if deep(was.station) == 0.0 {
                continue;
            }
            if level.on_band || was.station <= 0.0 || was.cos_lean() < LEAST_COS {
                there += deep(was.station) / 2.0;
                takes += deep(was.station) / if level.on_band { 1.0 } else { was.cos_lean().max(LEAST_COS) };
                continue;
            }
            let mut station = was.station;
            for _ in 0..ROUNDS {
                let above = edge.inside(station, deep(station)).y - was.point.y;
                if above.abs() < FOUND {
                    break;
                }
                station = (station - above * was.along.y.signum()).clamp(0.0, edge.edge.length());
            }
            let deep = deep(station);
            there += deep / 2.0;
            takes += edge.inward * (edge.inside(station, deep).x - was.point.x);
        }
    }
    (there, takes)
}

/// Rounds in which the place is found where a moved edge crosses a level; each leaves a half or less of what the one
/// before did.
const ROUNDS: u32 = 8;
/// The place is found when it is this near, in millimetres.
const FOUND: f64 = 0.01;

/// A seam leaning more than this has no depth *across* a level: cos 60°.
const LEAST_COS: f64 = 0.5;
