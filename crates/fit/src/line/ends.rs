//! What the ends of a line do when nobody has said.

use serde::{Deserialize, Serialize};

use super::problem::{FadeRoom, LineEnd, Target};
use super::programme::STIFFNESS;
use crate::garment::{Seam, SeamEnd, SeamName};
use crate::house::habit::Habits;
use crate::house::rules::HouseRule;
use crate::reading::datum::Datum;
use crate::unit::length::Length;

/// A pin this close to a hem or band edge, in millimetres, means the line goes through it.
const AT_THE_EDGE: f64 = 60.0;
/// The shortest fade worth chalking, in millimetres.
const SHORTEST_FADE: f64 = 60.0;
/// How far a fade that the house chose may keep the line from its pin, in millimetres: less than a tape shows.
const MISSED: f64 = 0.25;

/// What a person wants one end of a line to do.
#[derive(Debug, Clone, Copy, PartialEq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(tag = "end", rename_all = "snake_case", deny_unknown_fields)]
pub enum EndWish {
    /// Rejoin the old stitching.
    Taper {
        /// Where it rejoins.
        at: Length,
        /// Where that is counted from; the seam's lower end when nothing is said.
        #[serde(default)]
        from: Option<Datum>,
    },
    /// Run off the edge.
    RunOff,
    /// Go on into the neighbouring seam with the same depth and slope: side seam into sleeve.
    Carry,
    /// Keep one depth for the last `height` of the seam.
    Hold {
        /// How much of the seam's end is held.
        height: Length,
    },
}

/// Wishes for one seam's line; what is not wished is decided by the house.
#[derive(Debug, Clone, Copy, PartialEq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(deny_unknown_fields)]
pub struct LineWish {
    /// The seam.
    pub seam: SeamName,
    /// At hem or crotch.
    #[serde(default)]
    pub lower: Option<EndWish>,
    /// At band or crotch.
    #[serde(default)]
    pub upper: Option<EndWish>,
}

/// Both ends decided.
#[derive(Debug, Clone, Copy, PartialEq)]
pub struct SeamEnds {
    /// At hem or crotch.
    pub lower: LineEnd,
    /// At band or crotch.
    pub upper: LineEnd,
    /// What may become of a fade at either end.
    pub fades: [FadeRoom; 2],
}

impl SeamEnds {
    /// Decides both ends of a line from its pins, the seam and the wishes. A pin of nothing is an end.
    #[must_use]
    pub fn decide(seam: &Seam, targets: &[Target], wish: Option<LineWish>, habits: &Habits) -> SeamEnds {
        let wished = [wish.and_then(|wish| wish.lower), wish.and_then(|wish| wish.upper)];
        let lower = wished[0].map_or_else(
            || lower_end(seam, targets, habits),
            |wish| match wish {
                EndWish::Taper { at, from } => taper(seam, at, from),
                EndWish::RunOff | EndWish::Carry => LineEnd::RunOff,
                EndWish::Hold { height } => LineEnd::Hold { from: height.mm() },
            },
        );
        let upper = wished[1].map_or_else(
            || upper_end(seam, targets, habits),
            |wish| match wish {
                EndWish::Taper { at, from } => taper(seam, at, from),
                EndWish::RunOff => LineEnd::RunOff,
                EndWish::Carry if seam.upper == SeamEnd::Underarm(true) => LineEnd::Carry,
                EndWish::Carry => LineEnd::RunOff,
                EndWish::Hold { height } => LineEnd::Hold { from: seam.length - height.mm() },
            },
        );
        let pinned =
            [targets.first().is_some_and(Target::is_end), targets.last().is_some_and(Target::is_end)];
        let by_house = [0, 1].map(|end| wished[end].is_none() && !pinned[end]);
        // A pin of nothing is where the line ends; no proposal moves it.
        let room = |end: usize, taper: LineEnd, (furthest, else_end)| FadeRoom {
            by_house: by_house[end],
            furthest: taper.taper().filter(|_| wished[end].is_none() && pinned[end]).unwrap_or(furthest),
            else_end,
        };
        SeamEnds { lower, upper, fades: [room(0, lower, lower_room(seam)), room(1, upper, upper_room(seam))] }
    }
}

/// How far down a line may rejoin the old stitching, and what it does instead where that is too near.
fn lower_room(seam: &Seam) -> (f64, Option<LineEnd>) {
    match seam.lower {
        // The line must be back on the old stitching before the curve begins.
        SeamEnd::CrotchCurve(top) => (top.ceil(), None),
        SeamEnd::CrotchPoint | SeamEnd::Tip => (0.0, None),
        _ => (0.0, Some(LineEnd::RunOff)),
    }
}

/// The same for the upper end.
fn upper_room(seam: &Seam) -> (f64, Option<LineEnd>) {
    let length = seam.length;
    match seam.upper {
        SeamEnd::Band(band) => (length - band, Some(LineEnd::Hold { from: length - band })),
        SeamEnd::CrotchPoint | SeamEnd::CrotchCurve(_) | SeamEnd::Tip => (length, None),
        _ => (length, Some(LineEnd::RunOff)),
    }
}

fn taper(seam: &Seam, at: Length, from: Option<Datum>) -> LineEnd {
    let counted = from.and_then(|datum| seam.datum(datum));
    LineEnd::Taper { at: counted.map_or(at.mm(), |datum| datum.from_below(at.mm())) }
}

/// How far a depth fades out when nobody has said: the share a steady hand draws, and no less than it takes
/// to meet the pin and to bend no tighter than can be sewn.
///
/// A beam led over the length `L` from one level to another `d` away resists by `24 λ d / L³` (the slope of
/// its bending `12 d² / L³`) and gives way to a pin of spread `σ` by `σ²/2` of that; its tightest radius is
/// `L² / 6 d`.
#[must_use]
pub fn fade(target: &Target, habits: &Habits) -> f64 {
    let (depth, spread) = (target.depth.abs(), habits.rule(HouseRule::PinSpread));
    let variance = (spread * target.trust.share()).powi(2);
    let met = (12.0 * depth * STIFFNESS * spread * variance / MISSED).cbrt();
    let sewn = (6.0 * depth * habits.rule(HouseRule::Radius)).sqrt();
    (depth * habits.rule(HouseRule::FadeShare)).max(met).max(sewn).max(SHORTEST_FADE)
}

/// The station of the innermost of the pins of nothing that come first.
fn ended<'a>(targets: impl Iterator<Item = &'a Target>) -> Option<f64> {
    targets.take_while(|target| target.is_end()).last().map(|target| target.station)
}

fn lower_end(seam: &Seam, targets: &[Target], habits: &Habits) -> LineEnd {
    let Some(lowest) = targets.first() else { return LineEnd::Taper { at: 0.0 } };
    if let Some(end) = ended(targets.iter()) {
        return LineEnd::Taper { at: end.max(lower_room(seam).0) };
    }
    // Through a band the depth is held, so a fade is counted from its lower edge.
    let at = lowest.station.min(seam.length - seam.band()) - fade(lowest, habits);
    match seam.lower {
        SeamEnd::CrotchCurve(_) => LineEnd::Taper { at: at.max(lower_room(seam).0).ceil() },
        SeamEnd::Tip => LineEnd::Taper { at: 0.0 },
        _ if lowest.station <= AT_THE_EDGE || at < habits.rule(HouseRule::TaperWorth) => LineEnd::RunOff,
        _ => LineEnd::Taper { at: at.round() },
    }
}

fn upper_end(seam: &Seam, targets: &[Target], habits: &Habits) -> LineEnd {
    let Some(highest) = targets.last() else { return LineEnd::Taper { at: seam.length } };
    if let Some(end) = ended(targets.iter().rev()) {
        return LineEnd::Taper { at: end.min(upper_room(seam).0) };
    }
    let at = highest.station + fade(highest, habits);
    let reaches =
        |edge: f64| highest.station >= edge - AT_THE_EDGE || at > edge - habits.rule(HouseRule::TaperWorth);
    match seam.upper {
        // A centre seam is opened from the top, so its line always goes through the band.
        SeamEnd::Band(band) if !seam.name.is_paired() || reaches(seam.length - band) => {
            LineEnd::Hold { from: seam.length - band }
        }
        SeamEnd::Edge if matches!(seam.lower, SeamEnd::CrotchCurve(_)) => LineEnd::RunOff,
        // The inseam ends on the crotch curve, which must keep its place.
        SeamEnd::CrotchPoint => LineEnd::Taper { at: at.min(seam.length) },
        SeamEnd::Tip => LineEnd::Taper { at: seam.length },
        SeamEnd::Underarm(true) if reaches(seam.length) => LineEnd::Carry,
        SeamEnd::Underarm(_) | SeamEnd::Edge | SeamEnd::Hem if reaches(seam.length) => LineEnd::RunOff,
        _ => LineEnd::Taper { at: at.round() },
    }
}
