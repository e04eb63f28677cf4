//! How far a hem goes up at every place of its ring.

use super::periodic::RingLine;
use super::ring::Ring;
use super::wish::HighLow;
use crate::cloth::wash::WashTest;

/// How far up, as a function of the place, with everything that was decided.
#[derive(Debug, Clone)]
pub(super) struct TakeUp {
    /// Lines with their weights: one, or two that are evened.
    lines: Vec<(f64, RingLine)>,
    high_low: Option<(HighLow, [f64; 2])>,
    /// What a wash will take, with the length from the garment's top to the existing edge.
    wash: Option<(WashTest, f64)>,
}

impl TakeUp {
    pub(super) fn new(lines: Vec<(f64, RingLine)>) -> TakeUp {
        TakeUp { lines, high_low: None, wash: None }
    }

    /// Uneven on purpose, the side seams being that far round.
    pub(super) fn high_low(mut self, wish: Option<HighLow>, ring: &Ring<'_>) -> TakeUp {
        self.high_low = wish.map(|wish| (wish, [ring.along(90.0), ring.along(270.0)]));
        self
    }

    /// Longer now by what a wash will take of a garment `whole` long.
    pub(super) fn washed(mut self, test: Option<WashTest>, whole: f64) -> TakeUp {
        self.wash = test.map(|test| (test, whole));
        self
    }

    /// How far up the finished hem shall be at a place, `share` of the whole way round.
    pub(super) fn wanted(&self, share: f64, period: f64) -> f64 {
        let level: f64 =
            self.lines.iter().map(|(weight, line)| weight * line.at(share * line.period())).sum();
        let Some((wish, [left, right])) = &self.high_low else { return level };
        let at = share.rem_euclid(1.0) * period;
        let ahead = at <= *left || at >= *right;
        let from_side = if at <= *left {
            left - at
        } else if at >= *right {
            at - right
        } else {
            (at - left).min(right - at)
        };
        if ahead {
            level + wish.front.mm() * blend(from_side / wish.blend_front.mm())
        } else {
            level - wish.back.mm() * blend(from_side / wish.blend_back.mm())
        }
    }

    /// How far up the fold is made now, so that it is where it is wanted after a wash.
    pub(super) fn fold(&self, share: f64, period: f64) -> f64 {
        let wanted = self.wanted(share, period);
        match &self.wash {
            Some((test, whole)) => whole - test.cut_for(whole - wanted),
            None => wanted,
        }
    }
}

impl TakeUp {
    /// What is left of a length down to a place, once the hem is made and it has been washed.
    pub(super) fn leaves(&self, length: f64, share: f64, period: f64) -> f64 {
        let sewn = length - self.fold(share, period);
        self.wash.as_ref().map_or(sewn, |(test, _)| sewn * (1.0 - test.share()))
    }
}

/// From nothing to all, level and straight at both ends: `6t⁵ − 15t⁴ + 10t³`.
fn blend(t: f64) -> f64 {
    let t = t.clamp(0.0, 1.0);
    t * t * t * (t * (6.0 * t - 15.0) + 10.0)
}
