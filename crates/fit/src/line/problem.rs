//! What is asked of a line.

use serde::{Deserialize, Serialize};

use super::trust::Trust;

/// Pins closer than this, in millimetres, are at one place.
pub(super) const SAME_PLACE: f64 = 1.0;
/// How far a line may miss a depth that is meant to the letter, in millimetres: less than a tape shows.
const TO_THE_LETTER: f64 = 0.05;
/// Pins this near to each other, in millimetres, are readings of one place.
pub(super) const CLOSE_BY: f64 = 10.0;
/// Below this depth, in units of the spread, a pin counts for more and more the less deep it is: 0.5 mm at the house's
/// 1.5. A pin of nothing is an end, and one of nearly nothing nearly is.
const NEARLY_NOTHING: f64 = 1.0 / 3.0;
/// Over which length, in units of the spread, a line bends to lie level at a pin of nearly nothing: 30 mm.
const LEVEL_OVER: f64 = 20.0;
/// A pin beside a fade is believed no surer than this share of one hand's spread: what cannot be sewn is not met.
const NO_SURER: f64 = 0.25;
/// How far a line's bending may draw it off the pin beside its end, in units of the spread: 0.25 mm.
const GIVES_WAY: f64 = 1.0 / 6.0;
/// How far a line remembers its slope, in units of the spread: 120 mm. `μ = λ / reach²`.
pub(super) const MEMORY: f64 = 80.0;
/// The same beyond the outermost pin towards a free end, where nobody pinned and no slope is to run on: 30 mm.
pub(super) const LEVELS_OFF: f64 = 20.0;
/// `λ`, what bending costs, in units of the spread: 3,000 mm at the house's 1.5.
pub(crate) const STIFFNESS: f64 = 2000.0;

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

/// Another way for a line to end, into which the first goes over where neither alone is right: the line is so much
/// of the one and so much of the other, and no millimetre flips it.
#[derive(Debug, Clone, Copy, PartialEq)]
pub struct OtherWay {
    /// What the end does that way.
    pub end: LineEnd,
    /// How much of the line goes that way, from nothing to one.
    pub share: f64,
}

/// The depth that an end holds where nobody pinned it: as near to it as can be sewn.
#[derive(Debug, Clone, Copy, PartialEq)]
pub struct Held {
    /// The depth.
    pub depth: f64,
    /// How far the line may hold another.
    pub within: f64,
}

/// What may become of an end beside what it does.
#[derive(Debug, Clone, Copy, PartialEq)]
pub struct FadeRoom {
    /// The house chose this end: it is lengthened, never refused.
    pub by_house: bool,
    /// The furthest station at which the line may rejoin the old stitching.
    pub furthest: f64,
    /// The hold that takes its place where even that is too near: of as little as can be sewn.
    pub else_end: Option<LineEnd>,
    /// What is held where the end is held and nobody pinned it.
    pub held: Option<Held>,
    /// The way the end goes over into.
    pub over: Option<OtherWay>,
}

impl FadeRoom {
    /// An end that somebody asked for: it stays, and may be proposed as far as `furthest`.
    #[must_use]
    pub const fn asked(furthest: f64) -> FadeRoom {
        FadeRoom { by_house: false, furthest, else_end: None, held: None, over: None }
    }

    /// The same on a seam of this length counted from its other end.
    #[must_use]
    pub fn turned(self, length: f64) -> FadeRoom {
        FadeRoom {
            furthest: length - self.furthest,
            else_end: self.else_end.map(|end| end.turned(length)),
            over: self.over.map(|over| OtherWay { end: over.end.turned(length), ..over }),
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

/// A stretch over which a line has to go from a pin to a depth that is fixed.
struct Fall {
    /// How long it is.
    room: f64,
    /// How far the depth changes over it.
    by: f64,
    /// How far the pin is the one beside it, of 1.
    beside: f64,
}

impl LineProblem {
    /// How far the line may miss a target. Pins a finger apart are readings of one place: where they disagree, the line
    /// between them misses both by half of that, the nearer they stand the more.
    pub(super) fn tolerance_of(&self, target: &Target) -> f64 {
        if target.trust == Trust::Exact {
            return self.tolerance.min(TO_THE_LETTER);
        }
        self.tolerance + (self.about(target) - target.depth).abs()
    }

    /// The depth read about a target: its own, and half way to that of a pin at the same place which says another; all
    /// the way where that one is meant to the letter.
    fn about(&self, target: &Target) -> f64 {
        let apart = self.targets.iter().map(|other| {
            let near = 1.0 - (other.station - target.station).abs() / CLOSE_BY;
            let way = if other.trust == Trust::Exact { 1.0 } else { 0.5 };
            near.max(0.0) * (other.depth - target.depth) * way
        });
        target.depth + apart.fold(0.0, |most: f64, each| if each.abs() > most.abs() { each } else { most })
    }

    /// What the line's square distance from a target counts.
    ///
    /// A pin that stands alone has none to be smoothed against: what was pinned is all that is known. A depth near
    /// nothing is nearly an end. And where the line has to come back to the old stitching (or to what a band keeps)
    /// over so short a stretch that its bending would draw it off the pin beside it, that pin counts for more: a beam
    /// led over the length `L` from one level to another `d` away gives way to a pin of spread `σ` by
    /// `12 λ d σ² / L³`.
    pub(super) fn weight_of(&self, i: usize) -> f64 {
        let target = &self.targets[i];
        let least = Trust::least();
        let mut share = if self.targets.len() == 1 { least } else { target.trust.share() };
        if target.trust != Trust::Exact {
            share *= (self.about(target).abs() / (NEARLY_NOTHING * self.spread)).min(1.0);
        }
        for Fall { room, by, beside } in self.falls_beside(i) {
            let by = by / self.spread;
            let room = room / self.spread;
            let met = (GIVES_WAY * room.powi(3) / (12.0 * STIFFNESS * by.max(1e-6))).sqrt();
            share += beside * (share.min(met.max(NO_SURER)) - share);
        }
        // Pins under one finger are one: they share its weight, the closer the more.
        let others = self.targets.iter().enumerate().filter(|(j, _)| *j != i);
        let near =
            others.map(|(_, other)| (1.0 - (other.station - target.station).abs() / CLOSE_BY).max(0.0));
        (self.spread * share.max(least)).powi(-2) / (1.0 + near.sum::<f64>())
    }

    /// What the line's square slope at a target costs, for it to lie level there: nothing at an ordinary pin, and ever
    /// more as its depth comes near nothing, where the line ends.
    pub(super) fn levelled(&self, target: &Target) -> f64 {
        let share = self.about(target).abs() / (NEARLY_NOTHING * self.spread);
        if target.trust == Trust::Exact || target.is_end() || share >= 1.0 {
            return 0.0;
        }
        let stiff = STIFFNESS * self.spread / (LEVEL_OVER * self.spread);
        stiff * (1.0 / share.max(0.01) - 1.0).powi(2)
    }

    /// Where the line is led away from a pin to a depth that is fixed, on either side of it.
    fn falls_beside(&self, i: usize) -> impl Iterator<Item = Fall> {
        let (lower, upper) = self.free();
        let fixed = |end: LineEnd, at: f64, room: &FadeRoom| match end {
            LineEnd::Taper { .. } => Some((at, 0.0)),
            LineEnd::Hold { .. } => room.held.map(|held| (at, held.depth)),
            LineEnd::RunOff | LineEnd::Carry => None,
        };
        let below = self.fall(i, self.targets[..i].iter().rev(), fixed(self.lower, lower, &self.fades[0]));
        let above = self.fall(i, self.targets[i + 1..].iter(), fixed(self.upper, upper, &self.fades[1]));
        [below, above].into_iter().flatten()
    }

    /// The fall from a pin over its neighbours on one side, nearest first, to the first of them that ends the line, or to
    /// its end. It is a pin's own as far as nothing but pins at its own place stand between.
    fn fall<'a>(
        &self,
        i: usize,
        neighbours: impl Iterator<Item = &'a Target>,
        end: Option<(f64, f64)>,
    ) -> Option<Fall> {
        let here = &self.targets[i];
        let mut beside = 1.0;
        let mut to = end;
        for target in neighbours {
            if target.is_end() {
                to = Some((target.station, 0.0));
                break;
            }
            beside *= (1.0 - (target.station - here.station).abs() / CLOSE_BY).max(0.0);
        }
        let fall = |(at, depth): (f64, f64)| Fall {
            room: (at - here.station).abs(),
            by: (here.depth - depth).abs(),
            beside,
        };
        to.filter(|_| beside > 0.0).map(fall)
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

    /// The least and the most depth that what is inside and set into the seam allows at a station.
    pub(crate) fn allowed(&self, station: f64) -> (f64, f64) {
        let here = self.limits.iter().filter(|limit| (limit.from..=limit.to).contains(&station));
        let inside = (-self.let_out_limit.unwrap_or(f64::INFINITY), f64::INFINITY);
        here.fold(inside, |(least, most), limit| (least.max(limit.least), most.min(limit.most)))
    }

    /// Below and above which stations nobody pinned the way to a free end.
    pub(super) fn bare(&self) -> [f64; 2] {
        let outermost = |end: LineEnd, target: Option<&Target>, none: f64| match target {
            Some(target) if end.is_free() => target.station,
            _ => none,
        };
        [
            outermost(self.lower, self.targets.first(), f64::NEG_INFINITY),
            outermost(self.upper, self.targets.last(), f64::INFINITY),
        ]
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

    /// Every way in which its ends go, with the share of the line that goes it: one, where neither goes over into
    /// another.
    pub(super) fn ways(&self) -> Vec<(f64, LineProblem)> {
        let mut ways = vec![(1.0, self.clone())];
        for (i, is_lower) in [(0, true), (1, false)] {
            let Some(over) = self.fades[i].over else { continue };
            ways = ways
                .into_iter()
                .flat_map(|(share, mut way)| {
                    way.fades[i].over = None;
                    let other = way.with_end(is_lower, over.end);
                    [(share * (1.0 - over.share), way), (share * over.share, other)]
                })
                .collect();
        }
        ways
    }
}
