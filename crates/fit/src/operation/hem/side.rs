//! One edge of a hem: its table, its turn-up, what stands near it, and how it lies unrolled.

use super::collision::{Collision, collision};
use super::lining::lining;
use super::original::tuck;
use super::ring::{Ring, RingPanel, point_words, ring_points, turned};
use super::solution::{HemRow, HemSeam, HemSide, Unrolled, UnrolledPanel};
use super::take_up::TakeUp;
use super::turn_up::{Lies, TurnUp, TurnUpWish, turn_up};
use super::uncut::tuck_above;
use super::wish::ShortenAt;
use super::work::{HemSolver, HemWork, UNROLL_EVERY, extremes};
use crate::garment::hem_kind::HemKind;
use crate::garment::side::Side;
use crate::garment::{HemName, SeamName, SleeveBuild, Source, Tube};
use crate::house::rules::HouseRule;
use crate::unit::length::Length;

/// Less than this on one panel, in millimetres, is not worth a word.
const WORTH_SAYING: f64 = 2.0;

impl HemSolver<'_> {
    /// How far above the edge a tuck is sewn, where one is.
    fn tucked_above(&self, work: &HemWork<'_>) -> Option<f64> {
        let shape = self.shape();
        match work.kind {
            HemKind::Original => Some(work.old),
            // Two legs whose edge is not cut lose what each of them loses.
            HemKind::Uncut if shape.is_paired_hem(work.wish.hem) => Some(match work.wish.shorten_at {
                Some(ShortenAt::Tuck { above }) => above.mm(),
                _ => tuck_above(shape, work.wish.hem, self.habits).mm(),
            }),
            _ => None,
        }
    }

    pub(super) fn side(&self, work: &HemWork<'_>, side: Side, ring: &Ring<'_>, take_up: &TakeUp) -> HemSide {
        let period = ring.period();
        let uncut = work.kind == HemKind::Uncut;
        // An edge that is not cut stays where it is on its own cloth.
        let fold = |along: f64| if uncut { 0.0 } else { take_up.fold(along / period, period) };
        let [least, mean, most] = extremes(take_up, ring);
        let turned = work.kind.is_cut().then(|| self.turned(work, ring, fold));
        let tucked = self.tucked_above(work).map(|above| match work.kind {
            HemKind::Original => tuck(ring, fold, mean, above, self.habits),
            _ => tuck(ring, |_| mean, mean, above, self.habits),
        });
        HemSide {
            side,
            rows: if uncut { Vec::new() } else { self.rows(work, side, ring, take_up) },
            girth: [
                Length::hundredth(period),
                Length::hundredth(if tucked.is_some() { period } else { ring.length(fold) }),
            ],
            take_up: [least, mean, most].map(Length::hundredth),
            takes: ring.curves(|along| take_up.fold(along / period, period)),
            collisions: self.collisions(work, side, ring, take_up, mean),
            unrolled: self.unrolled(work, ring, take_up, turned.as_ref(), mean),
            turn_up: turned.filter(|turned| work.kind.turns_up() || turned.facing.is_some()),
            tuck: tucked,
        }
    }

    /// What is turned up at a hem that is cut, and how it lies.
    fn turned(&self, work: &HemWork<'_>, ring: &Ring<'_>, fold: impl Fn(f64) -> f64 + Copy) -> TurnUp {
        let shape = self.shape();
        let seams = ring.seams(shape);
        let kept = self.habits.rule(HouseRule::LeastAllowance);
        let inside = seams
            .iter()
            .map(|(seam, _)| shape.allowance(*seam).map(|inside| inside.front.min(inside.back).mm() - kept))
            .collect::<Option<Vec<f64>>>()
            .map(|inside| inside.into_iter().fold(f64::MAX, f64::min));
        let wish = TurnUpWish {
            garment: self.garment,
            habits: self.habits,
            kind: work.kind,
            folds: work.folds,
            seams: seams.len(),
            inside,
        };
        turn_up(ring, fold, &wish)
    }

    /// The hem laid out flat, as the drawing of it shows.
    fn unrolled(
        &self,
        work: &HemWork<'_>,
        ring: &Ring<'_>,
        take_up: &TakeUp,
        turned: Option<&TurnUp>,
        mean: f64,
    ) -> Unrolled {
        let period = ring.period();
        let allowance = work.folds[0] + work.folds[1];
        let excess = turned.map(|turned| turned.by_panel.clone()).unwrap_or_default();
        let what = turned.and_then(|turned| match turned.lies {
            Lies::Flat => None,
            Lies::EaseIn => Some("to ease in"),
            Lies::TooFull => Some("too full"),
            Lies::Splay => Some("to splay"),
            Lies::TooTight => Some("too tight"),
        });
        let panel = |(i, panel): (usize, RingPanel)| {
            let excess = excess.get(i).map_or(0.0, |each| each.mm());
            let shown = what.filter(|_| excess.abs() >= WORTH_SAYING);
            let shown = shown.map(|what| format!("{} {what}", self.write(excess.abs())));
            UnrolledPanel { panel: panel.panel, from: panel.from, to: panel.to, excess, shown }
        };
        let steps = ring.steps(UNROLL_EVERY).into_iter();
        let seams = ring.seams(self.shape()).into_iter();
        Unrolled {
            length: period,
            fold: steps.map(|at| [at, take_up.fold(at / period, period)]).collect(),
            allowance: work.kind.is_cut().then_some(allowance),
            turned: if work.kind.turns_up() { work.folds[1] } else { 0.0 },
            lining: self.lining_lies(work, allowance, mean),
            old_turn_up: work.old,
            panels: ring.panels().into_iter().enumerate().map(panel).collect(),
            seams: seams.map(|(seam, along)| HemSeam { words: seam.words(), along }).collect(),
        }
    }

    /// Length of the garment that a tape measures down to a place of its hem now, where it can be laid along
    /// something: a seam, a centre, the middle of a sleeve.
    fn length_at(&self, hem: HemName, at: f64) -> Option<f64> {
        let is = |degrees: f64| (at - degrees).abs() < 0.5;
        let edge = |seam| self.pattern.edges(seam).map(|[edge, _]| edge.edge.length());
        match self.garment.shape.hem_tube(hem) {
            Tube::Leg if is(0.0) => self.pattern.seam_length(SeamName::Inseam),
            Tube::Leg if is(180.0) => self.pattern.seam_length(SeamName::Outseam),
            Tube::Body if is(0.0) || is(360.0) => edge(SeamName::CentreFront),
            Tube::Body if is(180.0) => edge(SeamName::CentreBack),
            Tube::Body if is(90.0) || is(270.0) => self.pattern.seam_length(SeamName::Side),
            Tube::Sleeve if self.garment.shape.sleeve_build() == SleeveBuild::TwoPiece => {
                self.pattern.crown.filter(|_| is(90.0))
            }
            Tube::Sleeve if is(0.0) => self.pattern.seam_length(SeamName::SleeveUnderarm),
            Tube::Sleeve if is(180.0) => self.pattern.crown,
            Tube::Leg | Tube::Body | Tube::Sleeve => None,
        }
    }

    /// Where the lining ends and where its raw edge lies, from the fold.
    pub(super) fn lining_lies(&self, work: &HemWork<'_>, allowance: f64, mean: f64) -> Option<[f64; 2]> {
        let sleeve = work.wish.hem == HemName::Sleeve;
        if !work.kind.is_cut() || work.kind == HemKind::LinedBag {
            return None;
        }
        lining(self.shape(), sleeve, work.wish.lining, allowance, mean, self.habits)
            .map(|lining| [lining.above.mm(), lining.raw.mm()])
    }

    /// The table to chalk by: every place offered, every reading, in turning order.
    pub(super) fn rows(
        &self,
        work: &HemWork<'_>,
        side: Side,
        ring: &Ring<'_>,
        take_up: &TakeUp,
    ) -> Vec<HemRow> {
        let shape = self.shape();
        let period = ring.period();
        let allowance = work.folds[0] + work.folds[1];
        let mut places: Vec<(f64, bool)> =
            ring_points(shape, work.wish.hem).iter().map(|point| (point.at, false)).collect();
        let own = work.wish.readings.iter().filter(|each| side == Side::Centre || each.side == side);
        places.extend(own.map(|reading| (turned(reading.at, ring.is_open()), true)));
        places.sort_by(|a, b| a.0.total_cmp(&b.0).then(b.1.cmp(&a.1)));
        places.dedup_by(|later, earlier| (later.0 - earlier.0).abs() < 0.5);
        places
            .into_iter()
            .map(|(at, is_reading)| {
                let along = ring.along(at);
                let fold = take_up.fold(along / period, period);
                let cut = work.kind.is_cut().then_some(fold - allowance);
                let strip = cut.map(|cut| if work.opened { cut + work.old } else { cut }.max(0.0));
                let finished = self
                    .length_at(work.wish.hem, at)
                    .map(|whole| take_up.leaves(whole, along / period, period));
                let number = |mm: f64| self.habits.scale.number(Length::from_mm(mm));
                HemRow {
                    at,
                    words: point_words(shape, work.wish.hem, at),
                    along: Length::hundredth(along),
                    fold: Length::hundredth(fold),
                    cut: cut.map(Length::hundredth),
                    strip: strip.map(Length::hundredth),
                    finished: finished.map(Length::hundredth),
                    is_reading,
                    shown: [
                        Some(number(along)),
                        Some(number(fold)),
                        cut.map(number),
                        strip.map(number),
                        finished.map(number),
                    ],
                }
            })
            .collect()
    }

    pub(super) fn collisions(
        &self,
        work: &HemWork<'_>,
        side: Side,
        ring: &Ring<'_>,
        take_up: &TakeUp,
        mean: f64,
    ) -> Vec<Collision> {
        let period = ring.period();
        let allowance = work.folds[0] + work.folds[1];
        self.shape()
            .near_hems
            .iter()
            .filter(|feature| feature.hem == work.wish.hem)
            .filter(|feature| feature.side.is_none_or(|own| side == Side::Centre || own == side))
            .map(|feature| {
                let up = match feature.at {
                    _ if work.kind == HemKind::Uncut => 0.0,
                    Some(at) => take_up.fold(ring.along(at) / period, period),
                    None => mean,
                };
                // Only on a toile are buttons still to be made.
                let made = self.garment.source != Source::Toile;
                collision(feature, up, allowance, made, self.habits)
            })
            .collect()
    }
}
