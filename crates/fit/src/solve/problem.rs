//! What the line of one side has to do: its pins, its ends, and what it may not do. Where a side seam meets a sleeve's
//! underarm seam, both can have one line, carried across.

use super::drawn::Drawn;
use crate::garment::{Seam, SeamEnd, SeamName};
use crate::house::rules::HouseRule;
use crate::line::{
    DepthLimit, EndWish, FadeRoom, LineEnd, LineProblem, LineWish, SeamEnds, SteepStretch, Target, Trust,
    fade,
};
use crate::operation::letting_out::{LetOut, clip_limits};
use crate::reading::side::Side;

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
