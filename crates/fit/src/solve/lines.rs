//! The line of one side: its problem, its chalk table, or its refusal with what would do. Where a side
//! seam meets a sleeve's underarm seam, both can have one line, carried across.

use super::seam_solution::{
    DrawnLine, EdgeLength, LineOutcome, LineRefused, MirroredMark, ProposedDepth, ProposedEnds, SideLine,
    SolvedEnd,
};
use super::solving::Solver;
use crate::garment::{HemName, Seam, SeamEnd, SeamName};
use crate::house::rules::HouseRule;
use crate::judge::drawing::edge_lengths;
use crate::judge::letting_out::LetOut;
use crate::judge::letting_out::clip_limits;
use crate::line::{
    DepthLimit, EndWish, FadeRoom, Line, LineEnd, LineProblem, LineRefusal, LineWish, Proposal, SeamEnds,
    SteepStretch, Target, Trust, chalk_table, fade,
};
use crate::reading::side::Side;
use crate::solve::warning::Weight;
use crate::unit::length::Length;
use crate::words::SeamWords;

/// How often the spine of a line is sampled for drawing, in millimetres.
const SPINE_EVERY: f64 = 10.0;
/// New edges that differ by more than this from how the old ones did are worth saying, in millimetres.
const MISMATCH: f64 = 1.5;

/// A side seam with the sleeve seam it meets at the underarm.
#[derive(Clone, Copy)]
pub(super) struct Underarm<'a> {
    pub(super) body: &'a Seam,
    pub(super) sleeve: &'a Seam,
}

impl Solver<'_> {
    fn wish(&self, seam: SeamName) -> Option<LineWish> {
        self.job.fitting.ends.iter().find(|wish| wish.seam == seam).copied()
    }

    pub(super) fn ends(&self, seam: &Seam, targets: &[Target]) -> SeamEnds {
        SeamEnds::decide(seam, targets, self.wish(seam.name), self.habits)
    }

    pub(super) fn problem(&self, seam: &Seam, side: Side, targets: &[Target]) -> LineProblem {
        let ends = self.ends(seam, targets);
        let knit = self.job.garment.cloth.family.is_knit();
        let mut steep = Vec::new();
        if matches!(seam.upper, SeamEnd::Underarm(_)) {
            let within = self.habits.rule(HouseRule::SteepWithin);
            steep.push(self.steep((seam.length - within).max(0.0), seam.length));
        }
        LineProblem {
            length: seam.length,
            targets: targets.to_vec(),
            spread: self.habits.rule(HouseRule::PinSpread),
            tolerance: self.habits.rule(HouseRule::PinTolerance),
            lower: ends.lower,
            upper: ends.upper,
            fades: ends.fades,
            let_out_limit: self.let_out(seam.name),
            limits: self.limits(seam, side),
            steep,
            crossing: None,
            steepest: self.habits.rule(if knit { HouseRule::SlopeKnit } else { HouseRule::SlopeWoven }),
            least_radius: self.habits.rule(HouseRule::Radius),
        }
    }

    fn steep(&self, from: f64, to: f64) -> SteepStretch {
        SteepStretch {
            from,
            to,
            steepest: self.habits.rule(HouseRule::SteepSlope),
            least_radius: self.habits.rule(HouseRule::SteepRadius),
        }
    }

    fn let_out(&self, seam: SeamName) -> Option<f64> {
        self.shape.allowance(seam).map(|inside| LetOut::of(inside, self.habits).even.mm())
    }

    /// Clips, and what is fixed in the seam.
    fn limits(&self, seam: &Seam, side: Side) -> Vec<DepthLimit> {
        let fixed = self.shape.fixtures.iter();
        let fixed = fixed.filter(|fixture| !fixture.comes_out() && fixture.is_on(seam.name, side));
        let fixed = fixed.map(|fixture| {
            let most = fixture.limit().mm();
            DepthLimit {
                from: fixture.from.mm().clamp(0.0, seam.length),
                to: fixture.to.mm().clamp(0.0, seam.length),
                least: -most,
                most,
            }
        });
        let mut limits: Vec<DepthLimit> = fixed.filter(|limit| limit.to > limit.from).collect();
        limits.extend(clip_limits(self.shape, seam.name, seam.length, self.habits));
        limits
    }

    /// True when the line of one side goes on from the body into the sleeve.
    pub(super) fn is_carried(&self, pair: Underarm<'_>, body: &[Target], sleeve: &[Target]) -> bool {
        let wished = |seam: SeamName| self.wish(seam).and_then(|wish| wish.upper);
        let stays = |wish: Option<EndWish>| wish.is_some_and(|wish| wish != EndWish::Carry);
        if stays(wished(pair.body.name)) || stays(wished(pair.sleeve.name)) {
            return false;
        }
        let carries = |seam: &Seam, targets: &[Target]| {
            !targets.is_empty() && self.ends(seam, targets).upper == LineEnd::Carry
        };
        carries(pair.body, body) || carries(pair.sleeve, sleeve)
    }

    /// The line from the hem of the body through the underarm to the hem of the sleeve: stations go on
    /// counting past the underarm.
    fn carried_problem(
        &self,
        pair: Underarm<'_>,
        side: Side,
        body: &[Target],
        sleeve: &[Target],
    ) -> LineProblem {
        let Underarm { body: lower, sleeve: upper } = pair;
        let total = lower.length + upper.length;
        let mut targets = body.to_vec();
        targets.extend(sleeve.iter().map(|t| Target { station: total - t.station, ..*t }));
        targets.sort_by(|a, b| a.station.total_cmp(&b.station));
        let worth = self.habits.rule(HouseRule::TaperWorth);
        let taper = |at: f64| LineEnd::Taper { at: at.round() };
        let fade = |target: Option<&Target>| target.map_or(0.0, |target| fade(target, self.habits));
        let by_house = |furthest| FadeRoom { by_house: true, furthest, else_end: Some(LineEnd::RunOff) };
        let (lower_end, lower_fade) = if body.is_empty() {
            let at = lower.length - fade(targets.first());
            (if at < worth { LineEnd::RunOff } else { taper(at) }, by_house(0.0))
        } else {
            let ends = self.ends(lower, body);
            (ends.lower, ends.fades[0])
        };
        let (upper_end, upper_fade) = if sleeve.is_empty() {
            let at = lower.length + fade(targets.last());
            (if at > total - worth { LineEnd::RunOff } else { taper(at) }, by_house(total))
        } else {
            let ends = self.ends(upper, sleeve);
            (ends.lower.turned(total), ends.fades[0].turned(total))
        };
        let inside = |seam: &Seam, from: f64, to: f64| {
            let most = self.let_out(seam.name)?;
            Some(DepthLimit { from, to, least: -most, most: f64::INFINITY })
        };
        let mut limits = self.limits(lower, side);
        limits.extend(self.limits(upper, side).into_iter().map(|limit| DepthLimit {
            from: total - limit.to,
            to: total - limit.from,
            ..limit
        }));
        limits.extend(inside(lower, 0.0, lower.length));
        limits.extend(inside(upper, lower.length, total));
        let within = self.habits.rule(HouseRule::SteepWithin);
        LineProblem {
            length: total,
            targets,
            lower: lower_end,
            upper: upper_end,
            fades: [lower_fade, upper_fade],
            let_out_limit: None,
            limits,
            steep: vec![self.steep((lower.length - within).max(0.0), (lower.length + within).min(total))],
            crossing: Some(lower.length),
            ..self.problem(lower, side, body)
        }
    }

    fn accept_all(&self, seam: SeamName, side: Side, targets: &[Target]) -> Vec<Target> {
        targets.iter().map(|target| self.accepted(seam, side, *target)).collect()
    }

    /// One line for body and sleeve, cut at the underarm: both lines, body's first.
    pub(super) fn carried_lines(
        &mut self,
        pair: Underarm<'_>,
        side: Side,
        body: &[Target],
        sleeve: &[Target],
        sewn_on: &[Side],
    ) -> [SideLine; 2] {
        let body = self.accept_all(pair.body.name, side, body);
        let sleeve = self.accept_all(pair.sleeve.name, side, sleeve);
        let problem = self.carried_problem(pair, side, &body, &sleeve);
        match problem.solve() {
            Ok(line) => {
                let (below, beyond) = line.cut(pair.body.length);
                [(pair.body, below, body), (pair.sleeve, beyond, sleeve)].map(|(seam, line, targets)| {
                    self.warn_of_unpinned(seam, side, &line, &targets);
                    let drawn = self.drawn(seam, &targets, &line);
                    for side in sewn_on {
                        self.lines.add(seam.name, *side, line.clone());
                    }
                    SideLine { side, outcome: LineOutcome::Drawn(Box::new(drawn)) }
                })
            }
            Err(refusal) => {
                let words = SeamWords { seam: pair.body, beyond: Some(pair.sleeve), habits: self.habits };
                let message = self.refused(words, &refusal, pair.body.name);
                let (longer, shallower) = proposals(&refusal, &problem);
                let (crossing, total) = (pair.body.length, problem.length);
                // Each seam is told its own part, in its own stations.
                let on_body = LineRefused {
                    message: message.clone(),
                    longer: longer.map(|ends| ProposedEnds { upper: LineEnd::Carry, ..ends }),
                    shallower: shallower
                        .clone()
                        .map(|all| all.into_iter().filter(|depth| depth.station <= crossing).collect()),
                };
                let on_sleeve = LineRefused {
                    message,
                    longer: longer
                        .map(|ends| ProposedEnds { lower: ends.upper.turned(total), upper: LineEnd::Carry }),
                    shallower: shallower.map(|all| {
                        all.into_iter()
                            .filter(|depth| depth.station > crossing)
                            .map(|depth| ProposedDepth { station: total - depth.station, ..depth })
                            .collect()
                    }),
                };
                [on_body, on_sleeve].map(|refused| SideLine { side, outcome: LineOutcome::Refused(refused) })
            }
        }
    }

    fn refused(&mut self, words: SeamWords<'_>, refusal: &LineRefusal, seam: SeamName) -> String {
        let limit = self.shape.allowance(seam).map(|inside| LetOut::of(inside, self.habits));
        let mut message = words.refusal(refusal, limit);
        message[..1].make_ascii_uppercase();
        message.push('.');
        self.warn("line.refused", Weight::Mind, seam, message.clone());
        message
    }

    pub(super) fn side_line(
        &mut self,
        seam: &Seam,
        side: Side,
        targets: &[Target],
        sewn_on: &[Side],
    ) -> SideLine {
        let accepted = self.accept_all(seam.name, side, targets);
        let problem = self.problem(seam, side, &accepted);
        let outcome = match problem.solve() {
            Ok(line) => {
                self.warn_of_unpinned(seam, side, &line, &accepted);
                let drawn = self.drawn(seam, &accepted, &line);
                for side in sewn_on {
                    self.lines.add(seam.name, *side, line.clone());
                }
                LineOutcome::Drawn(Box::new(drawn))
            }
            Err(refusal) => {
                let words = SeamWords { seam, beyond: None, habits: self.habits };
                let message = self.refused(words, &refusal, seam.name);
                let (longer, shallower) = proposals(&refusal, &problem);
                LineOutcome::Refused(LineRefused { message, longer, shallower })
            }
        };
        SideLine { side, outcome }
    }

    /// What was accepted stands in place of what was read, and is sewn as it was accepted.
    fn accepted(&self, seam: SeamName, side: Side, target: Target) -> Target {
        let accepted = self.job.fitting.accepted.iter().find(|accepted| {
            accepted.seam == seam
                && accepted.side == side
                && (accepted.station.mm() - target.station).abs() < 1.0
        });
        accepted.map_or(target, |accepted| Target {
            depth: accepted.depth.mm(),
            trust: Trust::Exact,
            ..target
        })
    }

    fn drawn(&self, seam: &Seam, targets: &[Target], line: &Line) -> DrawnLine {
        let stations: Vec<f64> = targets.iter().map(|target| target.station).collect();
        let words = SeamWords { seam, beyond: None, habits: self.habits };
        let solved_end = |end: LineEnd, is_lower: bool| SolvedEnd {
            end,
            words: match end {
                LineEnd::Taper { .. } if (if is_lower { seam.lower } else { seam.upper }) == SeamEnd::Tip => {
                    format!("runs to nothing at the {} tip", if is_lower { "lower" } else { "upper" })
                }
                LineEnd::Taper { at } => format!("back on the old stitching {}", words.station(at)),
                LineEnd::RunOff => runs_off(if is_lower { seam.lower } else { seam.upper }).to_owned(),
                LineEnd::Carry if seam.name == SeamName::SleeveUnderarm => {
                    "carried on into the side seam at the underarm".to_owned()
                }
                LineEnd::Carry => "carried on into the sleeve at the underarm".to_owned(),
                LineEnd::Hold { .. } => "one depth through the band".to_owned(),
            },
            shown: match end {
                LineEnd::Taper { at } => Some(self.habits.scale.number(seam.counted(at))),
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
        let (edges, mismatch) = self.edge_lengths(seam, line);
        DrawnLine {
            words: words.line(&lower.words, &upper.words, &character),
            lower,
            upper,
            character,
            table: chalk_table(line, seam, &stations, self.shape.allowance(seam.name), self.habits),
            turn_up: self.turn_up(seam, line),
            edges,
            mismatch,
            spine,
        }
    }

    /// The line folded down with the turn-up: what the fold mirrors must match above it.
    fn turn_up(&self, seam: &Seam, line: &Line) -> Vec<MirroredMark> {
        let hem = if seam.name.is_on_sleeve() { HemName::Sleeve } else { HemName::Hem };
        let deep = self.shape.turned_up(hem).mm();
        if line.lower != LineEnd::RunOff || seam.lower != SeamEnd::Hem || deep <= 0.0 {
            return Vec::new();
        }
        [0.0, deep / 2.0, deep]
            .map(|below| {
                let (below, depth) = (Length::hundredth(below), Length::hundredth(line.depth(below)));
                let number = |length: Length| self.habits.scale.number(length);
                MirroredMark { below, depth, shown: [number(below), number(depth)] }
            })
            .to_vec()
    }

    fn edge_lengths(&self, seam: &Seam, line: &Line) -> (Vec<EdgeLength>, Option<String>) {
        let Some(edges) = self.pattern.as_ref().and_then(|pattern| pattern.edges(seam.name)) else {
            return (Vec::new(), None);
        };
        let scale = self.habits.scale;
        let words = seam.name.edge_words();
        // A centre seam's halves are mirror images: one edge says it for both.
        let count = if seam.name.is_paired() { 2 } else { 1 };
        let lengths: Vec<EdgeLength> = edges
            .into_iter()
            .zip(words)
            .take(count)
            .map(|(edge, words)| {
                let [old, new] = edge_lengths(edge, line).map(Length::hundredth);
                EdgeLength { words, old, new, shown: [scale.number(old), scale.number(new)] }
            })
            .collect();
        let mismatch = match lengths.as_slice() {
            [one, other] => {
                let apart = (one.new - other.new) - (one.old - other.old);
                (apart.abs().mm() > MISMATCH && scale.shows(apart)).then(|| {
                    let longer = if apart.is_positive() { one } else { other };
                    format!(
                        "Along the new {} the {} edge comes out {} longer than the other: ease it in, or trim it at the end.",
                        seam.name.words(), longer.words, scale.write(apart.abs())
                    )
                })
            }
            _ => None,
        };
        (lengths, mismatch)
    }
}

const fn runs_off(end: SeamEnd) -> &'static str {
    match end {
        SeamEnd::Hem => "runs off at the hem, mirrored into the turn-up",
        SeamEnd::Underarm(_) => "runs off at the underarm",
        SeamEnd::Tip => "runs off at the tip",
        _ => "runs off at the edge",
    }
}

fn proposals(
    refusal: &LineRefusal,
    problem: &LineProblem,
) -> (Option<ProposedEnds>, Option<Vec<ProposedDepth>>) {
    let ends = |proposal: &Proposal| ProposedEnds { lower: proposal.lower, upper: proposal.upper };
    let depths = |proposal: &Proposal| {
        problem
            .targets
            .iter()
            .zip(&proposal.targets)
            .filter(|(asked, works)| asked.depth != works.depth)
            .map(|(asked, works)| ProposedDepth {
                station: asked.station,
                asked: asked.depth,
                works: works.depth,
            })
            .collect()
    };
    match refusal {
        LineRefusal::NoPins | LineRefusal::NoRoom { .. } | LineRefusal::Trouble => (None, None),
        LineRefusal::PinBeyondTaper { nearest, .. }
        | LineRefusal::LetOut { nearest, .. }
        | LineRefusal::InTheWay { nearest, .. } => (None, nearest.as_ref().map(depths)),
        LineRefusal::NoRoomToFade { longer, shallower, .. } => (
            longer.as_ref().map(|(_, proposal)| ends(proposal)),
            shallower.as_ref().map(|(_, proposal)| depths(proposal)),
        ),
        LineRefusal::PinsDisagree { shallower, .. } => {
            (None, shallower.as_ref().map(|(_, proposal)| depths(proposal)))
        }
    }
}
