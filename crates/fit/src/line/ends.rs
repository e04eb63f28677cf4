//! What the ends of a line do when nobody has said.

use serde::{Deserialize, Serialize};

use super::problem::{LineEnd, Target};
use crate::garment::SeamName;
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
    /// Rejoin the old stitching at `at`, counted from the seam's lower end.
    Taper {
        /// Where it rejoins.
        at: Length,
    },
    /// Run off the edge.
    RunOff,
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

/// A seam as a line has to know it, in millimetres from its lower end.
#[derive(Debug, Clone, Copy, PartialEq)]
pub struct SeamRun {
    /// Which seam.
    pub seam: SeamName,
    /// Its length.
    pub length: f64,
    /// Height of the band at its upper end, where the seam goes through one.
    pub band: f64,
    /// Where the crotch curve ends, on a centre seam: no line may reach below it.
    pub curve_top: f64,
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
    pub fn decide(run: SeamRun, targets: &[Target], wish: Option<LineWish>, habits: &Habits) -> SeamEnds {
        let lower = wish.and_then(|wish| wish.lower);
        let upper = wish.and_then(|wish| wish.upper);
        SeamEnds {
            lower: lower.map_or_else(
                || lower_end(run, targets, habits),
                |wish| match wish {
                    EndWish::Taper { at } => LineEnd::Taper { at: at.mm() },
                    EndWish::RunOff => LineEnd::RunOff,
                    EndWish::Hold { height } => LineEnd::Hold { from: height.mm() },
                },
            ),
            upper: upper.map_or_else(
                || upper_end(run, targets, habits),
                |wish| match wish {
                    EndWish::Taper { at } => LineEnd::Taper { at: at.mm() },
                    EndWish::RunOff => LineEnd::RunOff,
                    EndWish::Hold { height } => LineEnd::Hold { from: run.length - height.mm() },
                },
            ),
        }
    }
}

fn fade(target: &Target, habits: &Habits) -> f64 {
    (target.depth.abs() * habits.rule(HouseRule::FadeShare)).max(SHORTEST_FADE)
}

fn lower_end(run: SeamRun, targets: &[Target], habits: &Habits) -> LineEnd {
    let Some(lowest) = targets.first() else { return LineEnd::Taper { at: 0.0 } };
    let at = lowest.station - fade(lowest, habits);
    match run.seam {
        // The line must be back on the old stitching before the curve begins.
        SeamName::CentreBack | SeamName::CentreFront => LineEnd::Taper { at: at.max(run.curve_top).ceil() },
        SeamName::Outseam | SeamName::Inseam => {
            if lowest.station <= AT_THE_EDGE || at < NOT_WORTH_A_TAPER {
                LineEnd::RunOff
            } else {
                LineEnd::Taper { at: at.round() }
            }
        }
    }
}

fn upper_end(run: SeamRun, targets: &[Target], habits: &Habits) -> LineEnd {
    let Some(highest) = targets.last() else { return LineEnd::Taper { at: run.length } };
    let at = highest.station + fade(highest, habits);
    match run.seam {
        SeamName::CentreBack | SeamName::CentreFront => LineEnd::Hold { from: run.length - run.band },
        // The inseam ends on the crotch curve, which must keep its place.
        SeamName::Inseam => LineEnd::Taper { at: at.min(run.length) },
        SeamName::Outseam => {
            if highest.station >= run.length - run.band - AT_THE_EDGE
                || at > run.length - run.band - NOT_WORTH_A_TAPER
            {
                LineEnd::Hold { from: run.length - run.band }
            } else {
                LineEnd::Taper { at: at.round() }
            }
        }
    }
}
