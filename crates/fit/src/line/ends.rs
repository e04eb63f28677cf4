//! What the ends of a line do when nobody has said.

use serde::{Deserialize, Serialize};

use super::problem::{LineEnd, Target};
use crate::garment::{Seam, SeamEnd, SeamName};
use crate::pin::Datum;
use crate::{Habits, HouseRule, Length};

/// A pin this close to a hem or band edge, in millimetres, means the line goes through it.
const AT_THE_EDGE: f64 = 60.0;
/// The shortest fade worth chalking, in millimetres.
const SHORTEST_FADE: f64 = 60.0;
/// A taper this close to an edge, in millimetres, might as well run off it.
const NOT_WORTH_A_TAPER: f64 = 20.0;

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
}

impl SeamEnds {
    /// Decides both ends of a line from its pins, the seam and the wishes.
    #[must_use]
    pub fn decide(seam: &Seam, targets: &[Target], wish: Option<LineWish>, habits: &Habits) -> SeamEnds {
        let lower = wish.and_then(|wish| wish.lower);
        let upper = wish.and_then(|wish| wish.upper);
        SeamEnds {
            lower: lower.map_or_else(
                || lower_end(seam, targets, habits),
                |wish| match wish {
                    EndWish::Taper { at, from } => taper(seam, at, from),
                    EndWish::RunOff | EndWish::Carry => LineEnd::RunOff,
                    EndWish::Hold { height } => LineEnd::Hold { from: height.mm() },
                },
            ),
            upper: upper.map_or_else(
                || upper_end(seam, targets, habits),
                |wish| match wish {
                    EndWish::Taper { at, from } => taper(seam, at, from),
                    EndWish::RunOff => LineEnd::RunOff,
                    EndWish::Carry if seam.upper == SeamEnd::Underarm(true) => LineEnd::Carry,
                    EndWish::Carry => LineEnd::RunOff,
                    EndWish::Hold { height } => LineEnd::Hold { from: seam.length - height.mm() },
                },
            ),
        }
    }
}

fn taper(seam: &Seam, at: Length, from: Option<Datum>) -> LineEnd {
    let counted = from.and_then(|datum| seam.datum(datum));
    LineEnd::Taper { at: counted.map_or(at.mm(), |datum| datum.from_below(at.mm())) }
}

/// How far a depth fades out when nobody has said.
#[must_use]
pub fn fade(depth: f64, habits: &Habits) -> f64 {
    (depth.abs() * habits.rule(HouseRule::FadeShare)).max(SHORTEST_FADE)
}

fn lower_end(seam: &Seam, targets: &[Target], habits: &Habits) -> LineEnd {
    let Some(lowest) = targets.first() else { return LineEnd::Taper { at: 0.0 } };
    let at = lowest.station - fade(lowest.depth, habits);
    match seam.lower {
        // The line must be back on the old stitching before the curve begins.
        SeamEnd::CrotchCurve(top) => LineEnd::Taper { at: at.max(top).ceil() },
        SeamEnd::Tip => LineEnd::Taper { at: 0.0 },
        _ if lowest.station <= AT_THE_EDGE || at < NOT_WORTH_A_TAPER => LineEnd::RunOff,
        _ => LineEnd::Taper { at: at.round() },
    }
}

fn upper_end(seam: &Seam, targets: &[Target], habits: &Habits) -> LineEnd {
    let Some(highest) = targets.last() else { return LineEnd::Taper { at: seam.length } };
    let at = highest.station + fade(highest.depth, habits);
    let reaches = |edge: f64| highest.station >= edge - AT_THE_EDGE || at > edge - NOT_WORTH_A_TAPER;
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
