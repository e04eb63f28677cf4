//! What is asked of a line.

use serde::{Deserialize, Serialize};

use super::trust::Trust;

/// Pins closer than this, in millimetres, are at one place.
pub(super) const SAME_PLACE: f64 = 1.0;
/// How far a line may miss a depth that is meant to the letter, in millimetres: less than a tape shows.
const TO_THE_LETTER: f64 = 0.05;

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

    /// Where it rejoins the old stitching, if it does.
    #[must_use]
    pub fn taper(self) -> Option<f64> {
        if let LineEnd::Taper { at } = self { Some(at) } else { None }
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

/// What may become of a fade that has too little room.
#[derive(Debug, Clone, Copy, PartialEq)]
pub struct FadeRoom {
    /// The house chose this end: it is lengthened, never refused.
    pub by_house: bool,
    /// The furthest station at which the line may rejoin the old stitching.
    pub furthest: f64,
    /// What the end does instead where even that is too near.
    pub else_end: Option<LineEnd>,
}

impl FadeRoom {
    /// An end that somebody asked for: it stays, and may be proposed as far as `furthest`.
    #[must_use]
    pub const fn asked(furthest: f64) -> FadeRoom {
        FadeRoom { by_house: false, furthest, else_end: None }
    }

    /// The same on a seam of this length counted from its other end.
    #[must_use]
    pub fn turned(self, length: f64) -> FadeRoom {
        FadeRoom {
            furthest: length - self.furthest,
            else_end: self.else_end.map(|end| end.turned(length)),
            ..self
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
pub struct SteepStretch {
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
#[derive(Debug, Clone, Copy, PartialEq)]
pub struct Target {
    /// Distance from the seam's lower end.
    pub station: f64,
    /// Old stitching to new; negative lets out. Nothing is an end: the line rejoins the old stitching.
    pub depth: f64,
    /// How far it is to be believed.
    pub trust: Trust,
    /// What was pinned, which bounds how far the line may run beside it: `depth`, unless another depth was
    /// accepted in its place.
    pub pinned: f64,
}

impl Target {
    /// A depth one hand read.
    #[must_use]
    pub const fn read(station: f64, depth: f64) -> Target {
        Target { station, depth, trust: Trust::Read, pinned: depth }
    }

    /// True for a hand’s pin of nothing, where the line rejoins the old stitching. A nought set from numbers is
    /// a depth like another.
    #[must_use]
    pub fn is_end(&self) -> bool {
        self.depth == 0.0 && self.pinned == 0.0 && self.trust != Trust::Exact
    }
}

/// Everything a line has to do. Lengths are millimetres.
#[derive(Debug, Clone, PartialEq)]
pub struct LineProblem {
    /// Length of the seam.
    pub length: f64,
    /// Where it is pinned, of rising station.
    pub targets: Vec<Target>,
    /// Standard deviation of one hand's reading.
    pub spread: f64,
    /// How far the line may miss a pin at the most.
    pub tolerance: f64,
    /// What the lower end does.
    pub lower: LineEnd,
    /// What the upper end does.
    pub upper: LineEnd,
    /// What may become of a fade at the lower and at the upper end.
    pub fades: [FadeRoom; 2],
    /// The most the seam can be let out, where its allowance is known.
    pub let_out_limit: Option<f64>,
    /// What else limits the depth over a stretch.
    pub limits: Vec<DepthLimit>,
    /// Where it may run steeper: at an underarm.
    pub steep: Vec<SteepStretch>,
    /// Where a line that is carried across goes from one seam into the next.
    pub crossing: Option<f64>,
    /// Steepest slope.
    pub steepest: f64,
    /// Tightest radius.
    pub least_radius: f64,
}

impl LineProblem {
    /// How far the line may miss a target.
    pub(super) fn tolerance_of(&self, target: &Target) -> f64 {
        if target.trust == Trust::Exact { self.tolerance.min(TO_THE_LETTER) } else { self.tolerance }
    }

    /// What the line's square distance from a target counts. A pin that stands alone has none to be smoothed
    /// against: what was pinned is all that is known.
    pub(super) fn weight_of(&self, target: &Target) -> f64 {
        let trust = if self.targets.len() == 1 { Trust::Exact } else { target.trust };
        (self.spread * trust.share()).powi(-2)
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
        self.steep
            .iter()
            .find(|ease| ease.from <= from + SAME_PLACE && to <= ease.to + SAME_PLACE)
            .map_or((self.steepest, self.least_radius), |ease| (ease.steepest, ease.least_radius))
    }

    /// The same problem with one end in another place.
    pub(super) fn with_end(&self, is_lower: bool, end: LineEnd) -> LineProblem {
        if is_lower {
            LineProblem { lower: end, ..self.clone() }
        } else {
            LineProblem { upper: end, ..self.clone() }
        }
    }
}
