//! The fifth stage: the garment as it will be. Every line is sewn, then every alteration beside them done, then every
//! hem is made.

use super::alterations::{AlterationSolution, Wishes};
use super::drawn::Drawn;
use super::evened::{Evened, EvenedSeam, moves};
use super::problem::Underarm;
use super::refusals::{on_her_tape, proposals, unread};
use super::seam_solution::{
    DrawnLine, EdgeLength, LineOutcome, LineRefused, MirroredMark, ProposedDepth, ProposedEnds, SeamEndings,
    SeamSolution, SideLine, SolvedEnd,
};
use crate::finding::{Finding, InSeam, Limited, Refused, Unread};
use crate::garment::side::Side;
use crate::garment::{AlterationKind, HemName, Seam, SeamEnd, SeamName};
use crate::house::rules::HouseRule;
use crate::judge::letting_out::LetOut;
use crate::line::{DepthLimit, Line, LineEnd, LineProblem, LineRefusal, Target, chalk_table};
use crate::operation::Operation as _;
use crate::operation::alteration::Done;
use crate::operation::hem::HemSolution;
use crate::operation::hem::apply::HemMade;
use crate::operation::seam::lines::Lines;
use crate::operation::seam::{CarriedLine, SeamLine, Wanted};
use crate::pattern::Pattern;
use crate::unit::length::Length;
use crate::unit::scale::Scale;
use crate::words::{SeamWords, edges_apart, line_refused, one_line_with};

/// How often the spine of a line is sampled for drawing, in millimetres.
const SPINE_EVERY: f64 = 10.0;
/// New edges that differ by more than this from how the old ones did are worth saying, in millimetres.
const MISMATCH: f64 = 1.5;
/// A line this near to a limit, in millimetres, is kept by it.
const TOUCHES: f64 = 0.05;
/// A reading beyond a limit by less than this, in millimetres, is within it.
const SWALLOWED: f64 = 0.05;
/// How far beside a limit, in millimetres, a pin can be missed because of it,
const BESIDE_A_LIMIT: f64 = 60.0;
/// and by how much it is worth a word.
const MISSED_BY_A_LIMIT: f64 = 1.0;

/// A garment as it will be.
pub(super) struct Altered {
    /// Every seam with a line, or with the reason why it has none.
    pub(super) seams: Vec<SeamSolution>,
    /// The lines that are sewn.
    pub(super) lines: Lines,
    /// Every alteration beside lines and hems, as it is answered.
    pub(super) alterations: Vec<AlterationSolution>,
    /// Those that are done.
    pub(super) done: Vec<Done>,
    /// The panels with every line sewn and all of these done, where they are drawn.
    pub(super) sewn: Option<Pattern>,
    /// Every hem that is wanted.
    pub(super) hems: Vec<HemSolution>,
    /// The panels with the hems made too.
    pub(super) will_be: Option<Pattern>,
    pub(super) found: Vec<Finding>,
}

/// Does all that can be done, kind by kind in the order of the list of them; what cannot is refused, and the rest goes on
/// without it.
pub(super) fn altered(drawn: &Drawn<'_>, evened: Evened) -> Altered {
    let mut altered = Altered {
        seams: Vec::new(),
        lines: Lines::default(),
        alterations: Vec::new(),
        done: Vec::new(),
        sewn: drawn.came.clone(),
        hems: Vec::new(),
        will_be: None,
        found: evened.found,
    };
    let mut pinned = Some(evened.seams);
    for kind in AlterationKind::ALL.iter().copied() {
        if kind == AlterationKind::Line {
            altered.sew(drawn, pinned.take().unwrap_or_default());
        } else if kind == AlterationKind::Hem {
            altered.make_hems(drawn);
        } else {
            let Altered { alterations, done, sewn, found, .. } = &mut altered;
            Wishes { alterations, done, sewn, found }.perform(drawn, kind);
        }
    }
    altered
}

impl Altered {
    fn sew(&mut self, drawn: &Drawn<'_>, pinned: Vec<EvenedSeam>) {
        let (sewn, found) = (self.sewn.take(), std::mem::take(&mut self.found));
        let mut sewing = Sewing { drawn, sewn, lines: Lines::default(), found };
        self.seams = sewing.lines_of(pinned);
        Sewing { sewn: self.sewn, lines: self.lines, found: self.found, .. } = sewing;
    }

    fn make_hems(&mut self, drawn: &Drawn<'_>) {
        self.hems = drawn.hems(self.sewn.as_ref());
        self.will_be = self.sewn.clone();
        for hem in &self.hems {
            let made = HemMade { shape: drawn.shape, hem };
            if let Some(Ok((with_it, ()))) = self.will_be.as_ref().map(|pattern| made.apply(pattern)) {
                self.will_be = Some(with_it);
            }
        }
    }
}

/// A garment while its lines are sewn.
struct Sewing<'a> {
    drawn: &'a Drawn<'a>,
    sewn: Option<Pattern>,
    lines: Lines,
    found: Vec<Finding>,
}

impl Sewing<'_> {
    /// The lines of every seam; side seam and sleeve underarm in one where they are carried across.
    fn lines_of(&mut self, evened: Vec<EvenedSeam>) -> Vec<SeamSolution> {
        let mut solved: Vec<SeamSolution> = Vec::new();
        let body_name = if self.drawn.shape.has(SeamName::Side) { SeamName::Side } else { SeamName::Outseam };
        let sleeve_name = SeamName::SleeveUnderarm;
        let known = |evened: &[EvenedSeam], name| evened.iter().any(|each| each.seam.name == name);
        let chained =
            self.drawn.shape.has(sleeve_name) && (known(&evened, body_name) || known(&evened, sleeve_name));
        let (mut pair, rest): (Vec<EvenedSeam>, Vec<EvenedSeam>) = evened
            .into_iter()
            .partition(|each| chained && [body_name, sleeve_name].contains(&each.seam.name));
        // What is taken up across the body comes after what runs up it.
        let (across, up): (Vec<EvenedSeam>, Vec<EvenedSeam>) =
            rest.into_iter().partition(|each| each.seam.name.is_crosswise());
        solved.extend(self.each_by_itself(up));
        if chained {
            for name in [body_name, sleeve_name] {
                if !known(&pair, name)
                    && let Some(seam) = self.drawn.seam(name)
                {
                    pair.push(EvenedSeam { seam, pins: Vec::new(), evening: None, targets: Vec::new() });
                }
            }
            solved.extend(self.pair_lines(pair, body_name));
        }
        solved.extend(self.each_by_itself(across));
        solved.sort_by_key(|each| SeamName::ALL.iter().position(|name| *name == each.seam));
        solved
    }

    fn each_by_itself(&mut self, evened: Vec<EvenedSeam>) -> Vec<SeamSolution> {
        let solve = |each: EvenedSeam| {
            let lines = self.own_lines(&each);
            self.seam_solution(each, lines)
        };
        evened.into_iter().map(solve).collect()
    }

    fn own_lines(&mut self, evened: &EvenedSeam) -> Vec<SideLine> {
        let mut lines = Vec::new();
        for (side, targets) in evened.targets.iter().filter(|(_, targets)| moves(targets)) {
            let sewn_on: &[Side] = match side {
                Side::Centre if evened.seam.name.is_paired() => &[Side::Left, Side::Right],
                Side::Left => &[Side::Left],
                Side::Right => &[Side::Right],
                Side::Centre => &[Side::Centre],
            };
            lines.push(self.side_line(evened, *side, targets, sewn_on));
        }
        lines
    }

    fn pair_lines(&mut self, pair: Vec<EvenedSeam>, body_name: SeamName) -> Vec<SeamSolution> {
        let (body, sleeve): (Vec<EvenedSeam>, Vec<EvenedSeam>) =
            pair.into_iter().partition(|each| each.seam.name == body_name);
        let (Some(body), Some(sleeve)) = (body.into_iter().next(), sleeve.into_iter().next()) else {
            return Vec::new();
        };
        let together = body.is_one_line() && sleeve.is_one_line();
        let sides: &[Side] = if together { &[Side::Centre] } else { &[Side::Left, Side::Right] };
        let joined = Underarm { body: &body.seam, sleeve: &sleeve.seam };
        let (mut on_body, mut on_sleeve) = (Vec::new(), Vec::new());
        let shares: Vec<f64> = sides
            .iter()
            .map(|side| self.drawn.carried_share(joined, body.on(*side), sleeve.on(*side)))
            .collect();
        if shares.iter().any(|share| *share > 0.0) {
            for (side, share) in sides.iter().zip(shares) {
                let sewn_on: &[Side] = match side {
                    Side::Centre => &[Side::Left, Side::Right],
                    Side::Left => &[Side::Left],
                    Side::Right => &[Side::Right],
                };
                let (below, beyond) = (body.on(*side).to_vec(), sleeve.on(*side).to_vec());
                if share > 0.0 {
                    let [one, other] = self.carried_lines(joined, *side, [&below, &beyond], share, sewn_on);
                    on_body.push(one);
                    on_sleeve.push(other);
                } else {
                    if moves(&below) {
                        on_body.push(self.side_line(&body, *side, &below, sewn_on));
                    }
                    if moves(&beyond) {
                        on_sleeve.push(self.side_line(&sleeve, *side, &beyond, sewn_on));
                    }
                }
            }
        } else {
            on_body = self.own_lines(&body);
            on_sleeve = self.own_lines(&sleeve);
        }
        let mut solved = Vec::new();
        for (each, lines) in [(body, on_body), (sleeve, on_sleeve)] {
            if !lines.is_empty() || !each.pins.is_empty() {
                solved.push(self.seam_solution(each, lines));
            }
        }
        solved
    }

    fn seam_solution(&self, evened: EvenedSeam, lines: Vec<SideLine>) -> SeamSolution {
        let EvenedSeam { seam, pins, evening, .. } = evened;
        let allowance = self.drawn.shape.allowance(seam.name);
        let tolerance = self.drawn.habits.rule(HouseRule::PinTolerance);
        SeamSolution {
            seam: seam.name,
            words: seam.name.words(),
            paired: seam.name.is_paired(),
            edge_words: seam.name.edge_words(),
            length: Length::hundredth(seam.length),
            band: Length::hundredth(seam.band()),
            datum: seam.usual().datum,
            counts_up: seam.usual().up,
            ends: [SeamEndings::of(seam.lower), SeamEndings::of(seam.upper)],
            let_out_limit: allowance.map(|inside| LetOut::of(inside, self.drawn.habits).even),
            allowance: allowance.map(|inside| [inside.front, inside.back]),
            tolerance,
            tolerance_words: self.drawn.habits.scale.write(Length::from_mm(tolerance)),
            pins,
            evening,
            lines,
        }
    }

    /// One line for body and sleeve, cut at the underarm: both lines, body's first.
    fn carried_lines(
        &mut self,
        pair: Underarm<'_>,
        side: Side,
        [body, sleeve]: [&[Target]; 2],
        share: f64,
        on: &[Side],
    ) -> [SideLine; 2] {
        let drawn = self.drawn;
        let body = drawn.accept_all(pair.body.name, side, body);
        let sleeve = drawn.accept_all(pair.sleeve.name, side, sleeve);
        let problem = drawn.carried_problem(pair, side, &body, &sleeve);
        let own =
            |seam: &Seam, targets: &[Target]| moves(targets).then(|| drawn.problem(seam, side, targets));
        let apart = [own(pair.body, &body), own(pair.sleeve, &sleeve)];
        let wanted = CarriedLine { seams: [pair.body, pair.sleeve], on, problem, apart, share };
        match self.apply(&wanted) {
            Ok([below, beyond]) => {
                [(pair.body, below, body), (pair.sleeve, beyond, sleeve)].map(|(seam, line, targets)| {
                    let own = self.drawn.problem(seam, side, &targets);
                    self.mind_limits(seam, side, &line, &own);
                    let drawn = self.drawn_line(seam, side, &targets, &line);
                    self.keep(seam.name, on, &line);
                    SideLine { side, outcome: LineOutcome::Drawn(Box::new(drawn)) }
                })
            }
            Err(refusal) => {
                let refusal = on_her_tape(refusal, &wanted.problem, pair.body, drawn.habits.scale);
                let (longer, shallower) = proposals(&refusal, &wanted.problem);
                let (crossing, total) = (pair.body.length, wanted.problem.length);
                let on_body = refusal.station().is_none_or(|station| station <= crossing);
                let message =
                    self.refused(Pinned { seam: pair.body, beyond: Some(pair.sleeve), side }, refusal, None);
                // It is said once, of the seam its pin stands in; each seam is told its own part of what works.
                let messages = if on_body {
                    [message, one_line_with(pair.body.name)]
                } else {
                    [one_line_with(pair.sleeve.name), message]
                };
                let own = |on_body: bool| {
                    shallower.clone().map(|all| {
                        let mine = all.into_iter().filter(|depth| (depth.station <= crossing) == on_body);
                        let turned = |depth: ProposedDepth| match on_body {
                            true => depth,
                            false => ProposedDepth { station: total - depth.station, ..depth },
                        };
                        mine.map(turned).collect()
                    })
                };
                let ends = [
                    longer.map(|ends| ProposedEnds { upper: LineEnd::Carry, ..ends }),
                    longer
                        .map(|ends| ProposedEnds { lower: ends.upper.turned(total), upper: LineEnd::Carry }),
                ];
                let [below, beyond] = messages;
                [(below, ends[0], own(true)), (beyond, ends[1], own(false))].map(
                    |(message, longer, shallower)| {
                        let refused = LineRefused { message, longer, shallower };
                        SideLine { side, outcome: LineOutcome::Refused(refused) }
                    },
                )
            }
        }
    }

    /// Sews a line where there are panels; where there are none it is only drawn.
    fn apply<W: Wanted>(&mut self, wanted: &W) -> Result<W::Trace, LineRefusal> {
        match &self.sewn {
            Some(sewn) => {
                let (sewn, line) = wanted.apply(sewn)?;
                self.sewn = Some(sewn);
                Ok(line)
            }
            None => wanted.line(),
        }
    }

    fn keep(&mut self, seam: SeamName, on: &[Side], line: &Line) {
        for side in on {
            self.lines.add(seam, *side, line.clone());
        }
    }

    fn refused(&mut self, pinned: Pinned<'_>, refusal: LineRefusal, unread: Option<Unread>) -> String {
        let Pinned { seam, beyond, side } = pinned;
        let let_out = self.drawn.shape.allowance(seam.name);
        let let_out = let_out.map(|inside| LetOut::of(inside, self.drawn.habits));
        let in_it = match &refusal {
            LineRefusal::InTheWay { from, to, .. } => {
                Some(self.drawn.in_the_seam(seam, beyond, side, [*from, *to]))
            }
            _ => None,
        };
        let refused =
            Refused { seam: seam.clone(), beyond: beyond.cloned(), refusal, let_out, in_it, unread };
        let finding = Finding::LineRefused(Box::new(refused));
        let message = line_refused(&finding, self.drawn.habits);
        self.found.push(finding);
        message
    }

    fn side_line(&mut self, evened: &EvenedSeam, side: Side, targets: &[Target], on: &[Side]) -> SideLine {
        let seam = &evened.seam;
        let accepted = self.drawn.accept_all(seam.name, side, targets);
        let wanted = SeamLine { seam, on, problem: self.drawn.problem(seam, side, &accepted) };
        let outcome = match self.apply(&wanted) {
            Ok(line) => {
                self.mind_limits(seam, side, &line, &wanted.problem);
                let drawn = self.drawn_line(seam, side, &accepted, &line);
                self.keep(seam.name, on, &line);
                LineOutcome::Drawn(Box::new(drawn))
            }
            Err(refusal) => {
                let refusal = on_her_tape(refusal, &wanted.problem, seam, self.drawn.habits.scale);
                let (longer, shallower) = proposals(&refusal, &wanted.problem);
                let unread = unread(evened, &wanted.problem);
                let message = self.refused(Pinned { seam, beyond: None, side }, refusal, unread);
                LineOutcome::Refused(LineRefused { message, longer, shallower })
            }
        };
        SideLine { side, outcome }
    }

    /// Finds the pin whose reading asks for most beyond what its seam allows: the tolerance a line has swallows none.
    fn mind_limits(&mut self, seam: &Seam, side: Side, line: &Line, problem: &LineProblem) {
        let inside = problem.let_out_limit.map(|most| DepthLimit {
            from: 0.0,
            to: seam.length,
            least: -most,
            most: f64::INFINITY,
        });
        let limits = problem.limits.iter().copied().chain(inside);
        let over = limits.flat_map(|limit| {
            let at = move |target: &&Target| {
                let within = limit.from - BESIDE_A_LIMIT <= target.station
                    && target.station <= limit.to + BESIDE_A_LIMIT;
                let nearest = line.depth(target.station.clamp(limit.from, limit.to));
                let bound = nearest <= limit.least + TOUCHES || nearest >= limit.most - TOUCHES;
                let missed = (line.depth(target.station) - target.depth).abs();
                // At its own place any reading beyond the limit is said; beside it, what the limit keeps the line from.
                let own = limit.from <= target.station && target.station <= limit.to;
                let beyond =
                    own && !(limit.least - SWALLOWED..=limit.most + SWALLOWED).contains(&target.depth);
                within && (beyond || (bound && missed > MISSED_BY_A_LIMIT))
            };
            problem.targets.iter().filter(at).map(move |target| {
                let most = if target.depth < 0.0 { limit.least } else { limit.most };
                ((target.depth - line.depth(target.station)).abs(), *target, most, limit)
            })
        });
        let Some((_, pin, most, limit)) = over.max_by(|a, b| a.0.total_cmp(&b.0)) else { return };
        let by = if limit.from <= 0.0 && limit.to >= seam.length && limit.most.is_infinite() {
            InSeam::Inside
        } else {
            self.drawn.in_the_seam(seam, None, side, [limit.from, limit.to])
        };
        let limited = Limited {
            seam: seam.clone(),
            station: pin.station,
            depths: [pin.depth, line.depth(pin.station)].map(Length::from_mm),
            most: Length::from_mm(most),
            by,
        };
        let finding = Finding::Limited(Box::new(limited));
        if !self.found.contains(&finding) {
            self.found.push(finding);
        }
    }

    fn drawn_line(&self, seam: &Seam, side: Side, targets: &[Target], line: &Line) -> DrawnLine {
        let stations: Vec<f64> = targets.iter().map(|target| target.station).collect();
        let words = SeamWords { seam, beyond: None, in_it: None, habits: self.drawn.habits };
        let stitching = self.drawn.job.garment.source.stitching();
        let solved_end = |end: LineEnd, is_lower: bool| SolvedEnd {
            end,
            words: words.end(end, is_lower, stitching),
            shown: match end {
                LineEnd::Taper { at } => Some(self.drawn.habits.scale.number(seam.counted(at))),
                _ => None,
            },
            fade: match end {
                LineEnd::Taper { at } => stations.iter().map(|station| (station - at).abs()).reduce(f64::min),
                _ => None,
            },
        };
        let (low, high) = line.reach();
        let pieces = ((high - low) / SPINE_EVERY).ceil().max(1.0) as u32;
        let spine = (0..=pieces)
            .map(|piece| {
                let station = low + (high - low) * f64::from(piece) / f64::from(pieces);
                let hundredth = |mm: f64| (mm * 100.0).round() / 100.0 + 0.0;
                [hundredth(station), hundredth(line.depth(station))]
            })
            .collect();
        let (lower, upper, character) =
            (solved_end(line.lower, true), solved_end(line.upper, false), line.character());
        let (edges, mismatch) = self.edge_lengths(seam, side);
        DrawnLine {
            words: words.line(&lower.words, &upper.words, &character),
            lower,
            upper,
            character,
            table: chalk_table(
                line,
                seam,
                &stations,
                self.drawn.shape.allowance(seam.name),
                self.drawn.habits,
            ),
            turn_up: self.turn_up(seam, line),
            edges,
            mismatch,
            spine,
        }
    }

    /// The line folded down with the turn-up: what the fold mirrors must match above it.
    fn turn_up(&self, seam: &Seam, line: &Line) -> Vec<MirroredMark> {
        let hem = if seam.name.is_on_sleeve() { HemName::Sleeve } else { HemName::Hem };
        let deep = self.drawn.shape.turned_up(hem).mm();
        if line.lower != LineEnd::RunOff || seam.lower != SeamEnd::Hem || deep <= 0.0 {
            return Vec::new();
        }
        [0.0, deep / 2.0, deep]
            .map(|below| {
                let (below, depth) = (Length::hundredth(below), Length::hundredth(line.depth(below)));
                let number = |length: Length| self.drawn.habits.scale.number(length);
                MirroredMark { below, depth, shown: [number(below), number(depth)] }
            })
            .to_vec()
    }

    fn edge_lengths(&self, seam: &Seam, side: Side) -> (Vec<EdgeLength>, Option<String>) {
        let Some(edges) = self.sewn.as_ref().and_then(|pattern| pattern.edges_on(seam.name, side)) else {
            return (Vec::new(), None);
        };
        let scale = self.drawn.habits.scale;
        let words = seam.name.edge_words();
        // A centre seam's halves are mirror images: one edge says it for both.
        let count = if seam.name.is_paired() { 2 } else { 1 };
        let lengths: Vec<EdgeLength> = edges
            .into_iter()
            .zip(words)
            .take(count)
            .map(|(edge, words)| {
                let moved =
                    edge.edge.moved().map_or([0.0; 2], |moved| [moved.old, moved.new].map(|[a, b]| b - a));
                let [old, new] = moved.map(Length::hundredth);
                EdgeLength { words, old, new, shown: [scale.number(old), scale.number(new)] }
            })
            .collect();
        let mismatch = mismatch(&lengths, seam.name, scale);
        (lengths, mismatch)
    }
}

/// What two new edges differ by beyond what they did, in words.
fn mismatch(lengths: &[EdgeLength], seam: SeamName, scale: Scale) -> Option<String> {
    let [one, other] = lengths else { return None };
    let apart = (one.new - other.new) - (one.old - other.old);
    (apart.abs().mm() > MISMATCH && scale.shows(apart)).then(|| {
        let longer = if apart.is_positive() { one } else { other };
        edges_apart(seam, longer.words, apart.abs(), scale)
    })
}

/// Whose line is refused.
struct Pinned<'a> {
    seam: &'a Seam,
    beyond: Option<&'a Seam>,
    side: Side,
}
