//! The line of one side: its problem, its chalk table, or its refusal with what would do.

use super::solver::Solver;
use super::{DrawnLine, LineOutcome, LineRefused, ProposedDepth, ProposedEnds, SideLine, SolvedEnd};
use crate::garment::SeamName;
use crate::line::{
    Line, LineEnd, LineProblem, LineRefusal, Proposal, SeamEnds, SeamRun, Target, chalk_table,
};
use crate::say::SeamWords;
use crate::warning::Weight;
use crate::{HouseRule, LetOut, Side};

/// How often the spine of a line is sampled for drawing, in millimetres.
const SPINE_EVERY: f64 = 10.0;

impl Solver<'_> {
    pub(super) fn problem(&self, run: SeamRun, targets: &[Target]) -> LineProblem {
        let wish = self.job.fitting.ends.iter().find(|wish| wish.seam == run.seam).copied();
        let ends = SeamEnds::decide(run, targets, wish, self.habits);
        let knit = self.job.garment.cloth.family.is_knit();
        LineProblem {
            length: run.length,
            targets: targets.to_vec(),
            tolerance: self.habits.rule(HouseRule::PinTolerance),
            lower: ends.lower,
            upper: ends.upper,
            let_out_limit: self
                .trousers
                .allowance(run.seam)
                .map(|inside| LetOut::of(inside, self.habits).even.mm()),
            steepest: self.habits.rule(if knit { HouseRule::SlopeKnit } else { HouseRule::SlopeWoven }),
            least_radius: self.habits.rule(HouseRule::Radius),
        }
    }

    pub(super) fn side_line(
        &mut self,
        run: SeamRun,
        side: Side,
        targets: &[Target],
        sewn_on: &[Side],
    ) -> SideLine {
        let accepted: Vec<Target> = targets.iter().map(|t| self.accepted(run.seam, side, *t)).collect();
        let problem = self.problem(run, &accepted);
        let outcome = match problem.solve() {
            Ok(line) => {
                let drawn = self.drawn(run, &accepted, &line);
                for side in sewn_on {
                    self.lines.add(run.seam, *side, line.clone());
                }
                LineOutcome::Drawn(drawn)
            }
            Err(refusal) => {
                let words = SeamWords { seam: run.seam, length: run.length, habits: self.habits };
                let limit = self.trousers.allowance(run.seam).map(|inside| LetOut::of(inside, self.habits));
                let mut message = words.refusal(&refusal, limit);
                message[..1].make_ascii_uppercase();
                self.warn(
                    "line.refused",
                    Weight::Mind,
                    format!("seams.{}", run.seam.words()),
                    message.clone(),
                );
                let (longer, shallower) = proposals(&refusal, &problem);
                LineOutcome::Refused(LineRefused { message, longer, shallower })
            }
        };
        SideLine { side, outcome }
    }

    pub(super) fn accepted(&self, seam: SeamName, side: Side, target: Target) -> Target {
        let depth = self
            .job
            .fitting
            .accepted
            .iter()
            .find(|accepted| {
                accepted.seam == seam
                    && accepted.side == side
                    && (accepted.station.mm() - target.station).abs() < 1.0
            })
            .map_or(target.depth, |accepted| accepted.depth.mm());
        Target { depth, ..target }
    }

    pub(super) fn drawn(&self, run: SeamRun, targets: &[Target], line: &Line) -> DrawnLine {
        let stations: Vec<f64> = targets.iter().map(|target| target.station).collect();
        let words = SeamWords { seam: run.seam, length: run.length, habits: self.habits };
        let solved_end = |end: LineEnd, is_lower: bool| SolvedEnd {
            end,
            words: match end {
                LineEnd::Taper { at } => format!("back on the old stitching {}", words.station(at)),
                LineEnd::RunOff if is_lower => "runs off at the hem, mirrored into the turn-up".to_owned(),
                LineEnd::RunOff => "runs off at the top".to_owned(),
                LineEnd::Hold { .. } => "one depth through the band".to_owned(),
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
        DrawnLine {
            words: words.line(&lower.words, &upper.words, &character),
            lower,
            upper,
            character,
            table: chalk_table(
                line,
                run.seam,
                &stations,
                run.band,
                self.trousers.allowance(run.seam),
                self.habits,
            ),
            spine,
        }
    }
}

pub(super) fn proposals(
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
        LineRefusal::NoPins | LineRefusal::NoRoom { .. } => (None, None),
        LineRefusal::PinBeyondTaper { nearest, .. } | LineRefusal::LetOut { nearest, .. } => {
            (None, nearest.as_ref().map(depths))
        }
        LineRefusal::NoRoomToFade { longer, shallower, .. } => (
            longer.as_ref().map(|(_, proposal)| ends(proposal)),
            shallower.as_ref().map(|(_, proposal)| depths(proposal)),
        ),
        LineRefusal::PinsDisagree { shallower, .. } => {
            (None, shallower.as_ref().map(|(_, proposal)| depths(proposal)))
        }
    }
}
