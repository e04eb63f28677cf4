//! What a line does beyond its outermost pins, where nobody read anything: said of every level it moves there, once a
//! seam. Beside the pin the line's own sentence says it, farther off it is a finding with the ways there are.

use super::altered::Altered;
use super::drawn::Drawn;
use super::judged::Judged;
use super::seam_solution::LineOutcome;
use crate::finding::{Beyond, Finding, Unpinned, Unread, WayOut};
use crate::garment::side::Side;
use crate::garment::{LevelName, Seam, SeamEnd, SeamName, Tube};
use crate::house::rules::HouseRule;
use crate::line::{Line, LineEnd, fade, most_fall};
use crate::line::{Target, Trust};
use crate::reading::evening::Evening;
use crate::unit::length::Length;
use crate::words::beyond_words;

/// A level that changes by no more than this, in millimetres, is as it was.
const CHANGES: f64 = 3.0;
/// A level is beside its pin within this share of a ladder's step.
const BESIDE: f64 = 0.5;
/// What an end does is said where at least this of the pin's depth is there, in millimetres.
const WORTH_SAYING: f64 = 1.0;

/// Finds what every line does beyond its pins, and adds to its sentence what it does beside them.
pub(super) fn beyond(drawn: &Drawn<'_>, altered: &mut Altered, judged: &Judged) {
    let lines: Vec<(SeamName, Side, Line)> =
        altered.lines.iter().map(|(seam, side, line)| (seam, side, line.clone())).collect();
    for i in 0..altered.seams.len() {
        let name = altered.seams[i].seam;
        let Some(seam) = drawn.seam(name) else { continue };
        let mut worst: Option<(f64, Unpinned)> = None;
        for (_, side, line) in lines.iter().filter(|(seam, ..)| *seam == name) {
            let evening = altered.seams[i].evening.as_ref();
            let pins: Vec<f64> = altered.seams[i].pins.iter().map(|pin| pin.station.mm()).collect();
            let Some(ends) = outermost(evening, *side, &pins, &seam) else { continue };
            let own = altered.seams[i].lines.iter().find(|each| each.side == *side);
            let line_side = own.map_or(Side::Centre, |own| own.side);
            // A line that is carried on to the pins of another seam has none of its own beyond them.
            let pinned_beyond = line.upper == LineEnd::Carry
                && altered
                    .seams
                    .iter()
                    .any(|other| other.seam != name && meets(other.seam, name) && !other.pins.is_empty());
            let look = Look { drawn, judged, seam: &seam, side: *side, line_side, line, ends, pinned_beyond };
            let near = BESIDE * drawn.habits.rule(HouseRule::LadderStep);
            let (beside, far): (Vec<_>, Vec<_>) =
                look.moved().into_iter().partition(|moved| moved.away <= near);
            if !beside.is_empty() {
                let said: Vec<_> = beside.iter().map(|moved| (moved.level, moved.change)).collect();
                say(&mut altered.seams[i].lines, *side, &beyond_words(&said, drawn.habits.scale));
            }
            let most = far.iter().max_by(|a, b| a.change.abs().total_cmp(&b.change.abs()));
            if let Some(moved) =
                most.filter(|moved| worst.as_ref().is_none_or(|(most, _)| moved.change.abs() > *most))
            {
                worst = Some((moved.change.abs(), look.unpinned(moved)));
            }
            if worst.is_none() {
                worst = look.bare().map(|unpinned| (0.0, unpinned));
            }
        }
        altered.found.extend(worst.map(|(_, unpinned)| Finding::Unpinned(Box::new(unpinned))));
    }
}

/// True for a side seam and the sleeve it meets at the underarm.
fn meets(one: SeamName, other: SeamName) -> bool {
    (one == SeamName::SleeveUnderarm && other.is_side())
        || (other == SeamName::SleeveUnderarm && one.is_side())
}

/// Adds a sentence to the line of a side, once.
fn say(lines: &mut [super::seam_solution::SideLine], side: Side, words: &str) {
    for line in lines.iter_mut().filter(|line| line.side == side || line.side == Side::Centre) {
        if let LineOutcome::Drawn(drawn) = &mut line.outcome
            && !drawn.words.contains(words)
        {
            drawn.words = format!("{} {words}", drawn.words);
        }
    }
}

/// The stations and depths of the outermost pins of a side; a seam that has none takes over at its upper end.
fn outermost(evening: Option<&Evening>, side: Side, pins: &[f64], seam: &Seam) -> Option<[Pin; 2]> {
    let rows = evening.iter().flat_map(|evening| &evening.stations);
    let mut chosen: Vec<f64> = rows
        .filter(|row| if side == Side::Right { row.chosen_right } else { row.chosen_left }.is_some())
        .map(|row| row.station)
        .collect();
    if evening.is_none() {
        chosen.extend(pins);
    }
    chosen.sort_by(f64::total_cmp);
    match (chosen.first(), chosen.last()) {
        (Some(first), Some(last)) => Some([Pin { station: *first }, Pin { station: *last }]),
        _ if seam.upper == SeamEnd::Underarm(true) => Some([Pin { station: seam.length }; 2]),
        _ => None,
    }
}

#[derive(Debug, Clone, Copy)]
struct Pin {
    station: f64,
}

/// A level that a line moves where nobody pinned.
struct Moved {
    level: LevelName,
    /// Its girth's change by this seam.
    change: f64,
    station: f64,
    /// How far from the outermost pin, and at which end.
    away: f64,
    upper: bool,
}

struct Look<'a> {
    drawn: &'a Drawn<'a>,
    judged: &'a Judged,
    seam: &'a Seam,
    side: Side,
    /// `centre` where one line serves both sides.
    line_side: Side,
    line: &'a Line,
    ends: [Pin; 2],
    /// True where the line goes on to pins of the next seam.
    pinned_beyond: bool,
}

impl Look<'_> {
    /// Every level beyond the pins that changes.
    fn moved(&self) -> Vec<Moved> {
        let Some(came) = &self.drawn.came else { return Vec::new() };
        let Some([edge, _]) = came.edges(self.seam.name) else { return Vec::new() };
        let mut moved: Vec<Moved> = Vec::new();
        for row in &self.judged.levels {
            if row.girth.tube != Tube::Body && row.girth.side.is_some_and(|side| side != self.side) {
                continue;
            }
            let Some(level) = came.level(row.girth.level) else { continue };
            let own = row.girth.parts.iter().filter(|part| part.seam == self.seam.name);
            let change: f64 = own.map(|part| part.change.mm()).sum();
            let at = level.place_on(edge.edge).station * self.seam.length / edge.edge.length();
            // A band is held as one: what is pinned close under it is close to all of it.
            let (from, to) =
                (at, if level.on_band { at.min(self.line.length - self.seam.band()) } else { at });
            let (below, above) = (self.ends[0].station - from, to - self.ends[1].station);
            let upper = above > below;
            if change.abs() > CHANGES && below.max(above) > 0.0 && !(upper && self.pinned_beyond) {
                let away = below.max(above);
                moved.push(Moved { level: row.girth.level, change, station: at, away, upper });
            }
        }
        moved
    }

    /// What is said of a level moved far from every pin.
    fn unpinned(&self, moved: &Moved) -> Unpinned {
        let pin = self.ends[usize::from(moved.upper)].station;
        let (end, edge, kind) = if moved.upper {
            (self.line.upper, self.line.length, self.seam.upper)
        } else {
            (self.line.lower, 0.0, self.seam.lower)
        };
        let does = match end {
            LineEnd::Taper { .. } => Beyond::Fades,
            LineEnd::Hold { .. } if matches!(kind, SeamEnd::Band(_)) => Beyond::Band,
            LineEnd::Hold { .. } | LineEnd::RunOff | LineEnd::Carry => Beyond::Runs,
        };
        let station = match does {
            Beyond::Fades => moved.station,
            Beyond::Band => self.line.length - self.seam.band(),
            Beyond::Runs => self.next(pin, moved.upper),
        };
        let change = Some((moved.level, Length::from_mm(moved.change)));
        self.said(pin, edge, kind, does, change, station, moved.upper)
    }

    /// What is said of an end that runs off where no level shows what it does.
    fn bare(&self) -> Option<Unpinned> {
        let beside = BESIDE * self.drawn.habits.rule(HouseRule::LadderStep);
        let ends = [
            (self.line.lower, 0.0, self.seam.lower, false),
            (self.line.upper, self.line.length, self.seam.upper, true),
        ];
        ends.into_iter().find_map(|(end, edge, kind, upper)| {
            let pin = self.ends[usize::from(upper)].station;
            let (bare, deep) = ((pin - edge).abs(), self.line.depth(edge));
            let runs = end == LineEnd::RunOff && bare > beside && 2.0 * deep.abs() > CHANGES;
            (runs && self.line.depth(pin).abs() >= WORTH_SAYING)
                .then(|| self.said(pin, edge, kind, Beyond::Runs, None, self.next(pin, upper), upper))
        })
    }

    /// A hand's width further out than a pin.
    fn next(&self, pin: f64, upper: bool) -> f64 {
        let step = self.drawn.habits.rule(HouseRule::LadderStep);
        (if upper { pin + step } else { pin - step }).clamp(0.0, self.line.length)
    }

    #[allow(clippy::too_many_arguments, reason = "the fields of one finding")]
    fn said(
        &self,
        pin: f64,
        edge: f64,
        end: SeamEnd,
        does: Beyond,
        change: Option<(LevelName, Length)>,
        read: f64,
        upper: bool,
    ) -> Unpinned {
        let side =
            if self.side == Side::Centre && self.seam.name.is_paired() { Side::Left } else { self.side };
        Unpinned {
            seam: self.seam.name,
            side: self.line_side,
            end,
            does,
            change,
            bare: Length::from_mm((pin - edge).abs()),
            depths: [pin, edge].map(|at| Length::from_mm(self.line.depth(at))),
            read: Unread { seam: self.seam.clone(), side, station: read },
            upper,
            ways: self.ways(pin, edge, does, upper),
        }
    }

    /// What else can be done about it than pin there.
    fn ways(&self, pin: f64, edge: f64, does: Beyond, upper: bool) -> Vec<WayOut> {
        let depth = self.line.depth(pin);
        let target = Target { trust: Trust::Agreed, ..Target::read(pin, depth) };
        let fade = fade(&target, self.drawn.habits);
        let closed = matches!(
            if upper { self.seam.upper } else { self.seam.lower },
            SeamEnd::CrotchCurve(_) | SeamEnd::CrotchPoint | SeamEnd::Tip | SeamEnd::Band(_)
        );
        match does {
            Beyond::Band => {
                let gap = self.line.length - self.seam.band() - pin;
                let radius = self.drawn.habits.rule(HouseRule::Radius);
                let most = most_fall(gap, self.drawn.steepest(), radius);
                let steeper = (gap > 0.0 && most >= depth.abs()).then_some(WayOut::Steeper);
                let less =
                    (gap > 0.0 && most < depth.abs()).then(|| self.marked_below(most, depth)).flatten();
                let shallower = less.map(|depth| WayOut::Shallower { station: pin, depth });
                let hold = WayOut::Hold { depth: Length::from_mm(depth) };
                steeper.into_iter().chain(shallower).chain([hold]).collect()
            }
            Beyond::Runs => {
                let room = (pin - edge).abs();
                let at = if upper { pin + fade.min(room) } else { pin - fade.min(room) };
                vec![WayOut::FadeOut { at }]
            }
            Beyond::Fades if !closed => vec![WayOut::RunOff],
            Beyond::Fades => Vec::new(),
        }
    }
    /// The deepest mark of her tape within what can be sewn, where it reads otherwise than what was pinned.
    fn marked_below(&self, most: f64, pinned: f64) -> Option<Length> {
        let scale = self.drawn.habits.scale;
        let tick = scale.tick().mm();
        let marked = (most / tick).floor() * tick;
        let is_same = scale.number(Length::from_mm(marked)) == scale.number(Length::from_mm(pinned.abs()));
        let mark = if is_same { marked - tick } else { marked };
        (mark > 0.0).then(|| Length::from_mm(mark.copysign(pinned)))
    }
}
