//! What is asked of a line.

use serde::{Deserialize, Serialize};

use super::programme::{Programme, SAME_PLACE, Solved};
use super::refusal::{self, LineRefusal};
use super::{Knot, Line};

/// What a line does at one end of its seam. Stations are from the lower end, in millimetres.
#[derive(Debug, Clone, Copy, PartialEq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(tag = "end", rename_all = "snake_case")]
pub enum LineEnd {
    /// Depth and slope are zero at `at`; beyond it the old stitching stays.
    Taper {
        /// Where it rejoins the old stitching.
        at: f64,
    },
    /// Free: it runs off at a hem or a raw edge.
    RunOff,
    /// Free: it goes on into the neighbouring seam with the same depth and slope.
    Carry,
    /// From `from` to this end of the seam the depth is constant: a waistband's height.
    Hold {
        /// Where the constant stretch begins.
        from: f64,
    },
}

impl LineEnd {
    /// True where depth and slope are free.
    #[must_use]
    pub fn is_free(self) -> bool {
        matches!(self, LineEnd::RunOff | LineEnd::Carry)
    }

    /// The same end on a seam of this length counted from its other end.
    #[must_use]
    pub fn turned(self, length: f64) -> LineEnd {
        match self {
            LineEnd::Taper { at } => LineEnd::Taper { at: length - at },
            LineEnd::Hold { from } => LineEnd::Hold { from: length - from },
            free => free,
        }
    }
}

/// How deep a line may go over a stretch: what is inside a seam up to a clip, a zip, a pocket's mouth.
#[derive(Debug, Clone, Copy, PartialEq)]
pub struct DepthLimit {
    /// Where the stretch begins.
    pub from: f64,
    /// Where it ends.
    pub to: f64,
    /// The least depth there; negative lets out.
    pub least: f64,
    /// The most depth there.
    pub most: f64,
}

/// A stretch on which a line may run steeper and bend tighter than elsewhere.
#[derive(Debug, Clone, Copy, PartialEq)]
pub struct Ease {
    /// Where the stretch begins.
    pub from: f64,
    /// Where it ends.
    pub to: f64,
    /// Steepest slope there.
    pub steepest: f64,
    /// Tightest radius there.
    pub least_radius: f64,
}

/// A depth wanted at a station; both in millimetres, the station from the lower end.
#[derive(Debug, Clone, Copy, PartialEq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct Target {
    /// Distance from the seam's lower end.
    pub station: f64,
    /// Old stitching to new; negative lets out.
    pub depth: f64,
}

/// Everything a line has to do. Lengths are millimetres.
#[derive(Debug, Clone, PartialEq)]
pub struct LineProblem {
    /// Length of the seam.
    pub length: f64,
    /// Where it is pinned, of rising station.
    pub targets: Vec<Target>,
    /// How far the line may miss a pin.
    pub tolerance: f64,
    /// Stations of pins that are meant to the letter: there the line may miss by next to nothing.
    pub exact: Vec<f64>,
    /// What the lower end does.
    pub lower: LineEnd,
    /// What the upper end does.
    pub upper: LineEnd,
    /// The most the seam can be let out, where its allowance is known.
    pub let_out_limit: Option<f64>,
    /// What else limits the depth over a stretch.
    pub limits: Vec<DepthLimit>,
    /// Where it may run steeper: at an underarm.
    pub eased: Vec<Ease>,
    /// Where a line that is carried across goes from one seam into the next.
    pub crossing: Option<f64>,
    /// Steepest slope.
    pub steepest: f64,
    /// Tightest radius.
    pub least_radius: f64,
}

/// How near a station a target counts as the pin set there, in millimetres.
const EXACT_WITHIN: f64 = 0.6;
/// How far a line may miss a pin that is meant to the letter, in millimetres: less than a tape shows.
const TO_THE_LETTER: f64 = 0.05;

impl LineProblem {
    /// The smoothest line: least `∫ d″²` subject to pins, ends, letting-out limit, slope and
    /// radius. A convex quadratic programme over cubic pieces, solved by an interior-point
    /// method; where several lines are equally smooth, the one nearest the pins.
    ///
    /// ```
    /// use vemble_fit::line::{LineEnd, LineProblem, Target};
    /// let line = LineProblem {
    ///     length: 1000.0,
    ///     targets: vec![Target { station: 500.0, depth: 16.0 }, Target { station: 700.0, depth: 14.0 }],
    ///     tolerance: 3.0,
    ///     exact: Vec::new(),
    ///     lower: LineEnd::Taper { at: 300.0 },
    ///     upper: LineEnd::RunOff,
    ///     let_out_limit: None,
    ///     limits: Vec::new(),
    ///     eased: Vec::new(),
    ///     crossing: None,
    ///     steepest: 0.25,
    ///     least_radius: 120.0,
    /// }.solve().unwrap();
    /// assert_eq!(line.depth(300.0), 0.0);
    /// assert!((line.depth(500.0) - 16.0).abs() <= 3.0 + 1e-6);
    /// ```
    ///
    /// # Errors
    /// [`LineRefusal`] says why no such line exists, with the nearest request that has one.
    pub fn solve(&self) -> Result<Line, LineRefusal> {
        if let Some(blunder) = refusal::blunder(self) {
            return Err(blunder);
        }
        match Programme::new(self).solve() {
            Solved::Line(line) => Ok(line),
            Solved::None => Err(refusal::explain(self)),
        }
    }

    /// How far the line may miss a target.
    pub(super) fn tolerance_of(&self, target: &Target) -> f64 {
        let exact = self.exact.iter().any(|station| (station - target.station).abs() < EXACT_WITHIN);
        if exact { self.tolerance.min(TO_THE_LETTER) } else { self.tolerance }
    }

    /// The stretch on which the line is free to move: between tapers and holds.
    pub(super) fn free(&self) -> (f64, f64) {
        let lower = match self.lower {
            LineEnd::Taper { at } => at,
            LineEnd::Hold { from } => from,
            LineEnd::RunOff | LineEnd::Carry => 0.0,
        };
        let upper = match self.upper {
            LineEnd::Taper { at } => at,
            LineEnd::Hold { from } => from,
            LineEnd::RunOff | LineEnd::Carry => self.length,
        };
        (lower, upper)
    }

    /// Steepest slope and tightest radius allowed on a stretch: the eased ones where it lies within an
    /// eased stretch.
    pub(super) fn sewing_limits(&self, from: f64, to: f64) -> (f64, f64) {
        self.eased
            .iter()
            .find(|ease| ease.from <= from + SAME_PLACE && to <= ease.to + SAME_PLACE)
            .map_or((self.steepest, self.least_radius), |ease| (ease.steepest, ease.least_radius))
    }

    /// Builds the line from knots, with tapered ends exactly on the old stitching.
    pub(super) fn line(&self, mut knots: Vec<Knot>) -> Line {
        let last = knots.len() - 1;
        for (index, end) in [(0, self.lower), (last, self.upper)] {
            match end {
                LineEnd::Taper { .. } => (knots[index].depth, knots[index].slope) = (0.0, 0.0),
                LineEnd::Hold { .. } => knots[index].slope = 0.0,
                LineEnd::RunOff | LineEnd::Carry => {}
            }
        }
        Line { knots, lower: self.lower, upper: self.upper, length: self.length }
    }
}
