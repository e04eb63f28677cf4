//! What the line of one side has to do: its pins, its ends, and what it may not do. Where a side seam meets a sleeve's
//! underarm seam, both can have one line, carried across.

use super::drawn::Drawn;
use crate::finding::InSeam;
use crate::garment::side::Side;
use crate::garment::{Seam, SeamEnd, SeamName};
use crate::house::rules::HouseRule;
use crate::judge::letting_out::{LetOut, clip_limits};
use crate::line::{
    DepthLimit, EndWish, LineProblem, LineWish, SeamEnds, SteepStretch, Target, Trust, sleeve_share,
};

/// A side seam with the sleeve seam it meets at the underarm.
#[derive(Clone, Copy)]
pub(super) struct Underarm<'a> {
    pub(super) body: &'a Seam,
    pub(super) sleeve: &'a Seam,
}

impl Drawn<'_> {
    pub(super) fn wish(&self, seam: SeamName) -> Option<LineWish> {
        self.job.fitting.ends.iter().find(|wish| wish.seam == seam).copied()
    }

    pub(super) fn ends(&self, seam: &Seam, targets: &[Target]) -> SeamEnds {
        SeamEnds::decide(seam, targets, self.wish(seam.name), self.steepest(), self.habits)
    }

    /// How steep a line may run in this cloth.
    pub(crate) fn steepest(&self) -> f64 {
        let knit = self.job.garment.cloth.family.is_knit();
        self.habits.rule(if knit { HouseRule::SlopeKnit } else { HouseRule::SlopeWoven })
    }

    pub(crate) fn problem(&self, seam: &Seam, side: Side, targets: &[Target]) -> LineProblem {
        let ends = self.ends(seam, targets);
        let mut steep = ends.steep;
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
            steepest: self.steepest(),
            least_radius: self.habits.rule(HouseRule::Radius),
        }
    }

    pub(super) fn steep(&self, from: f64, to: f64) -> SteepStretch {
        SteepStretch {
            from,
            to,
            steepest: self.habits.rule(HouseRule::SteepSlope),
            least_radius: self.habits.rule(HouseRule::SteepRadius),
        }
    }

    pub(super) fn let_out(&self, seam: SeamName) -> Option<f64> {
        self.shape.allowance(seam).map(|inside| LetOut::of(inside, self.habits).even.mm())
    }

    /// Clips, and what is fixed in the seam.
    pub(super) fn limits(&self, seam: &Seam, side: Side) -> Vec<DepthLimit> {
        let fixed = self.shape.fixtures.iter();
        let fixed = fixed.filter(|fixture| !fixture.comes_out() && fixture.is_on(seam.name, side));
        let fixed = fixed.map(|fixture| {
            let most = fixture.limit(self.habits).mm();
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

    /// How much of the line of one side goes on from the body into the sleeve as one line: nothing where both have
    /// faded out before the underarm.
    pub(super) fn carried_share(&self, pair: Underarm<'_>, body: &[Target], sleeve: &[Target]) -> f64 {
        let wished = [pair.body, pair.sleeve].map(|seam| self.wish(seam.name).and_then(|wish| wish.upper));
        if wished.into_iter().flatten().any(|wish| wish != EndWish::Carry) {
            return 0.0;
        }
        let pinned = [(pair.body, body), (pair.sleeve, sleeve)];
        let share = |((seam, targets), wish): ((&Seam, &[Target]), Option<EndWish>)| match wish {
            Some(_) if !targets.is_empty() => 1.0,
            _ => sleeve_share(seam, targets, self.habits),
        };
        pinned.into_iter().zip(wished).map(share).fold(0.0, f64::max)
    }

    /// The line from the hem of the body through the underarm to the hem of the sleeve: stations go on
    /// counting past the underarm.
    pub(super) fn carried_problem(
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
        // A seam without pins of its own takes over from the underarm on.
        let from_the_underarm = |seam: &Seam, target: Option<&Target>| -> Vec<Target> {
            target.map(|target| Target { station: seam.length, ..*target }).into_iter().collect()
        };
        let bare = [from_the_underarm(lower, targets.first()), from_the_underarm(upper, targets.last())];
        let below = self.ends(lower, if body.is_empty() { &bare[0] } else { body });
        let beyond = self.ends(upper, if sleeve.is_empty() { &bare[1] } else { sleeve });
        let (lower_end, lower_fade) = (below.lower, below.fades[0]);
        let (upper_end, upper_fade) = (beyond.lower.turned(total), beyond.fades[0].turned(total));
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

    /// What limits a seam over a stretch, stations counted on into the seam beyond where a line is carried across.
    pub(super) fn in_the_seam(
        &self,
        seam: &Seam,
        beyond: Option<&Seam>,
        side: Side,
        [from, to]: [f64; 2],
    ) -> InSeam {
        let total = seam.length + beyond.map_or(0.0, |beyond| beyond.length);
        let own = beyond.filter(|_| from >= seam.length - 1e-6);
        let (seam, from, to) = own.map_or((seam, from, to), |beyond| (beyond, total - to, total - from));
        let there = |a: f64, b: f64| {
            (a.clamp(0.0, seam.length) - from).abs() < 0.5 && (b.clamp(0.0, seam.length) - to).abs() < 0.5
        };
        let fixed = self.shape.fixtures.iter().find(|fixture| {
            !fixture.comes_out()
                && fixture.is_on(seam.name, side)
                && there(fixture.from.mm(), fixture.to.mm())
        });
        match fixed {
            Some(fixture) => InSeam::Fixture(fixture.kind),
            None if to - from > 0.9 * seam.length => InSeam::Inside,
            None => InSeam::Clip,
        }
    }

    pub(super) fn accept_all(&self, seam: SeamName, side: Side, targets: &[Target]) -> Vec<Target> {
        targets.iter().map(|target| self.accepted(seam, side, *target)).collect()
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
}
