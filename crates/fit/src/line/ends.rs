//! What the ends of a line do when nobody has said.

use serde::{Deserialize, Serialize};

use super::corridor::HELD;
use super::problem::{FadeRoom, Held, LineEnd, OtherWay, STIFFNESS, SteepStretch, Target};
use super::trust::Trust;
use crate::garment::datum::Datum;
use crate::garment::{Seam, SeamEnd, SeamName};
use crate::house::habit::Habits;
use crate::house::rules::HouseRule;
use crate::unit::length::Length;

/// The shortest fade worth chalking, in millimetres.
const SHORTEST_FADE: f64 = 60.0;
/// How far a fade that the house chose may keep the line from its pin, in millimetres: less than a tape shows.
const MISSED: f64 = 0.25;
/// An end goes over from running off into fading out over this share of its fade,
const GOES_OVER: f64 = 0.5;
/// beginning where so much of what is worth a fade is left beside it.
const RUNS_OFF: f64 = 0.25;
/// Pins this near to the outermost, in millimetres, have a say in how the line ends: the nearer, the more.
const BESIDE: f64 = 20.0;
/// What is left of a depth under a band counts whole from here up, in millimetres,
const COUNTS_WHOLE: f64 = 4.0;
/// and not at all below this: there the fade may be a little steeper.
const COUNTS_NOT: f64 = 2.0;
/// How steep it may be there: 1 in 2.7.
const STEEPER: f64 = 1.0 / 2.7;
/// And the share of the tightest radius it may bend to: 110 mm at the house's 120.
const TIGHTER: f64 = 110.0 / 120.0;

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
#[derive(Debug, Clone, PartialEq)]
pub struct SeamEnds {
    /// At hem or crotch.
    pub lower: LineEnd,
    /// At band or crotch.
    pub upper: LineEnd,
    /// What may become of either end.
    pub fades: [FadeRoom; 2],
    /// Where the line may run a little steeper than elsewhere.
    pub steep: Vec<SteepStretch>,
}

impl SeamEnds {
    /// Decides both ends of a line from its pins, the seam and the wishes; `steepest` is how steep a line may run in
    /// this cloth. A pin of nothing is an end.
    #[must_use]
    pub fn decide(
        seam: &Seam,
        targets: &[Target],
        wish: Option<LineWish>,
        steepest: f64,
        habits: &Habits,
    ) -> SeamEnds {
        let house = House { seam, targets, steepest, habits };
        let wished = [wish.and_then(|wish| wish.lower), wish.and_then(|wish| wish.upper)];
        let asked = |wish: EndWish, upper: bool| match wish {
            EndWish::Taper { at, from } => taper(seam, at, from),
            EndWish::Carry if upper && seam.upper == SeamEnd::Underarm(true) => LineEnd::Carry,
            EndWish::RunOff | EndWish::Carry => LineEnd::RunOff,
            EndWish::Hold { height } if upper => LineEnd::Hold { from: seam.length - height.mm() },
            EndWish::Hold { height } => LineEnd::Hold { from: height.mm() },
        };
        let [lower, upper] = wished;
        let lower =
            lower.map_or_else(|| house.lower(), |wish| Decided::asked(asked(wish, false), lower_room(seam)));
        let upper =
            upper.map_or_else(|| house.upper(), |wish| Decided::asked(asked(wish, true), upper_room(seam)));
        SeamEnds {
            lower: lower.end,
            upper: upper.end,
            fades: [lower.room, upper.room],
            steep: [lower.steep, upper.steep].into_iter().flatten().collect(),
        }
    }
}

/// What one end does.
struct Decided {
    end: LineEnd,
    room: FadeRoom,
    /// Where it may run a little steeper.
    steep: Option<SteepStretch>,
}

impl Decided {
    fn asked(end: LineEnd, (furthest, else_end): (f64, Option<LineEnd>)) -> Decided {
        let room = FadeRoom { else_end, ..FadeRoom::asked(furthest) };
        Decided { end, room, steep: None }
    }

    fn by_house(end: LineEnd, (furthest, else_end): (f64, Option<LineEnd>)) -> Decided {
        let room = FadeRoom { by_house: true, else_end, ..FadeRoom::asked(furthest) };
        Decided { end, room, steep: None }
    }

    /// Where a pin of nothing ends the line: no proposal moves it.
    fn pinned(at: f64, else_end: Option<LineEnd>) -> Decided {
        Decided::asked(LineEnd::Taper { at }, (at, else_end))
    }
}

/// What the house does where nobody has said.
struct House<'a> {
    seam: &'a Seam,
    targets: &'a [Target],
    steepest: f64,
    habits: &'a Habits,
}

impl House<'_> {
    fn lower(&self) -> Decided {
        let (seam, room) = (self.seam, lower_room(self.seam));
        let Some(lowest) = outer(self.targets.iter()) else {
            return Decided::by_house(LineEnd::Taper { at: 0.0 }, room);
        };
        if let Some(end) = ended(self.targets.iter()) {
            return Decided::pinned(end.max(room.0), room.1);
        }
        let fade = fade(&lowest, self.habits);
        // Through a band the depth is held, so a fade is counted from its lower edge.
        let stands = lowest.station.min(seam.length - seam.band());
        match seam.lower {
            SeamEnd::CrotchCurve(_) | SeamEnd::CrotchPoint => {
                Decided::by_house(LineEnd::Taper { at: (stands - fade).max(room.0) }, room)
            }
            SeamEnd::Tip => Decided::by_house(LineEnd::Taper { at: 0.0 }, room),
            _ => self.free(stands, fade, room, |from_edge| from_edge),
        }
    }

    fn upper(&self) -> Decided {
        let (seam, room) = (self.seam, upper_room(self.seam));
        let length = seam.length;
        let Some(highest) = outer(self.targets.iter().rev()) else {
            return Decided::by_house(LineEnd::Taper { at: length }, room);
        };
        if let Some(end) = ended(self.targets.iter().rev()) {
            return Decided::pinned(end.min(room.0), room.1);
        }
        let fade = fade(&highest, self.habits);
        let at = (highest.station + fade).min(length);
        let gap = length - highest.station;
        match seam.upper {
            SeamEnd::Band(band) => self.band(length - band, &highest, fade),
            // Into the sleeve it is led as one line with the sleeve's: see `sleeve_share`.
            SeamEnd::CrotchPoint | SeamEnd::CrotchCurve(_) | SeamEnd::Underarm(true) => {
                Decided::by_house(LineEnd::Taper { at }, room)
            }
            SeamEnd::Tip => Decided::by_house(LineEnd::Taper { at: length }, room),
            SeamEnd::Underarm(false) => over(at, 1.0 - far(gap, self.habits), room),
            SeamEnd::Edge | SeamEnd::Hem => self.free(gap, fade, room, |from_edge| length - from_edge),
        }
    }

    /// An end at a hem or an edge: a line pinned near it runs off, one pinned farther away fades out first, and
    /// between the two the one goes over into the other.
    fn free(
        &self,
        gap: f64,
        fade: f64,
        room: (f64, Option<LineEnd>),
        station: impl Fn(f64) -> f64,
    ) -> Decided {
        let left = gap - fade;
        let past = left - RUNS_OFF * self.habits.rule(HouseRule::TaperWorth);
        let share = (1.0 - past / (GOES_OVER * fade)).clamp(0.0, 1.0);
        over(station(left.max(0.0)), share, room)
    }

    /// An end at a band, which nobody asked to change: the line is back on the old stitching before the band's lower
    /// edge wherever it can be sewn so, and only what is left is held through. A pin close under the band stands for
    /// the band too, and between close and far the one goes over into the other.
    fn band(&self, edge: f64, highest: &Target, fade: f64) -> Decided {
        let room = upper_room(self.seam);
        let (gap, depth) = (edge - highest.station, highest.depth.abs());
        let hold = |held: Option<Held>| {
            let mut decided = Decided::by_house(LineEnd::Hold { from: edge }, room);
            decided.room.held = held;
            decided
        };
        if gap <= 0.0 {
            return hold(None);
        }
        let far = far(gap, self.habits);
        let rest = depth - most_fall(gap, self.steepest, self.habits.rule(HouseRule::Radius));
        let held = (1.0 - far) * depth + far * counted_rest(rest);
        if held <= 0.0 {
            let mut decided =
                Decided::by_house(LineEnd::Taper { at: (highest.station + fade).min(edge) }, room);
            decided.steep = self.steeper(highest.station, edge, rest, far);
            return decided;
        }
        // Close under the band its depth is the pin's; nearer still, where the hand's slip is all there is between
        // them, whatever the line comes to.
        let near = (1.0 - gap / self.habits.rule(HouseRule::BandStands)).max(0.0);
        let within = HELD * self.habits.rule(HouseRule::PinSpread)
            + near * near * self.habits.rule(HouseRule::PinTolerance);
        let mut decided = hold(Some(Held { depth: held.copysign(highest.depth), within }));
        decided.steep = self.steeper(highest.station, edge, rest, far);
        decided
    }

    /// Where next to nothing would be left, a line may run a little steeper and leave nothing.
    fn steeper(&self, from: f64, to: f64, rest: f64, far: f64) -> Option<SteepStretch> {
        let share = far * ((COUNTS_WHOLE - rest) / COUNTS_NOT).min(rest / COUNTS_NOT + 1.0).clamp(0.0, 1.0);
        let radius = self.habits.rule(HouseRule::Radius);
        (share > 0.0).then(|| SteepStretch {
            from,
            to,
            steepest: self.steepest + share * (STEEPER - self.steepest).max(0.0),
            least_radius: radius * (1.0 - share * (1.0 - TIGHTER)),
        })
    }
}

/// Back on the old stitching at a station, or so much of it run off the edge.
fn over(at: f64, share: f64, room: (f64, Option<LineEnd>)) -> Decided {
    if share >= 1.0 {
        return Decided::by_house(LineEnd::RunOff, room);
    }
    let mut decided = Decided::by_house(LineEnd::Taper { at }, room);
    decided.room.over = (share > 0.0).then_some(OtherWay { end: LineEnd::RunOff, share });
    decided
}

/// How much of a side seam’s (or a sleeve’s) line goes on beyond the underarm, which is sewn to the other: all of it
/// where a pin close by stands for the underarm too, nothing where it has faded out before.
#[must_use]
pub fn sleeve_share(seam: &Seam, targets: &[Target], habits: &Habits) -> f64 {
    let highest = targets.last().filter(|highest| !highest.is_end());
    highest.map_or(0.0, |highest| 1.0 - far(seam.length - highest.station, habits))
}

/// How far a pin stands from an end that is sewn to something, from close, where it stands for that end too, to so far
/// that nobody meant the end: from nothing to one.
fn far(gap: f64, habits: &Habits) -> f64 {
    let close = habits.rule(HouseRule::BandStands);
    ((gap - close) / close).clamp(0.0, 1.0)
}

/// The outermost pin of one end, as those beside it let it be taken: nothing leaps where one is moved past another.
fn outer<'a>(targets: impl Iterator<Item = &'a Target>) -> Option<Target> {
    let mut targets = targets.peekable();
    let first = **targets.peek()?;
    let (mut station, mut depth, mut weights, mut said) = (0.0, 0.0, 0.0, 0.0);
    for target in targets {
        let weight = 1.0 - (target.station - first.station).abs() / BESIDE;
        if weight <= 0.0 {
            break;
        }
        (station, depth) = (station + weight * target.station, depth + weight * target.depth);
        weights += weight;
        // What several readings say together, as one over the square of its spread.
        said += weight * target.trust.share().powi(-2);
    }
    let trust = if first.trust == Trust::Exact { Trust::Exact } else { Trust::of_share(said.powf(-0.5)) };
    Some(Target { station: station / weights, depth: depth / weights, trust, ..first })
}

/// By how much a line can come down over a length, level at both its ends: `L²/4R` on two arcs of radius `R`, and
/// `s L − s² R` where a straight run of slope `s` lies between them.
#[must_use]
pub fn most_fall(length: f64, steepest: f64, radius: f64) -> f64 {
    let arcs = 2.0 * steepest * radius;
    if length <= arcs { length * length / (4.0 * radius) } else { steepest * (length - steepest * radius) }
}

/// What a rest of depth counts: all of it from 4 mm up, nothing below 2, which is led away a little steeper.
fn counted_rest(rest: f64) -> f64 {
    let over = COUNTS_WHOLE - COUNTS_NOT;
    if rest >= COUNTS_WHOLE { rest } else { ((rest - COUNTS_NOT) * COUNTS_WHOLE / over).max(0.0) }
}

/// How far down a line may rejoin the old stitching, and what it does instead where that is too near: it leaves as
/// little at the edge as can be sewn.
fn lower_room(seam: &Seam) -> (f64, Option<LineEnd>) {
    match seam.lower {
        // The line must be back on the old stitching before the curve begins.
        SeamEnd::CrotchCurve(top) => (top, None),
        SeamEnd::CrotchPoint | SeamEnd::Tip => (0.0, None),
        _ => (0.0, Some(LineEnd::Hold { from: 0.0 })),
    }
}

/// The same for the upper end.
fn upper_room(seam: &Seam) -> (f64, Option<LineEnd>) {
    let length = seam.length;
    match seam.upper {
        SeamEnd::Band(band) => (length - band, Some(LineEnd::Hold { from: length - band })),
        SeamEnd::CrotchPoint | SeamEnd::CrotchCurve(_) | SeamEnd::Tip => (length, None),
        _ => (length, Some(LineEnd::Hold { from: length })),
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
