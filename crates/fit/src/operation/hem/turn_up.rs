//! Whether a turn-up lies flat.
//!
//! Folded over, the raw edge of a turn-up lies on cloth that is as far above the fold as the edge is below
//! it. On a flare the edge is longer than what it lies on: it is eased in, or has to be narrower, or faced.
//! On a taper it is shorter and pinches, unless its seams are splayed below the fold so that the allowance
//! is the mirror image of the cloth above.

use serde::Serialize;

use super::ring::Ring;
use crate::garment::Garment;
use crate::garment::hem_kind::{HemKind, eases_in};
use crate::house::habit::Habits;
use crate::house::rules::HouseRule;
use crate::unit::length::Length;

/// The widest turn-up that is looked for, in millimetres.
const WIDEST: f64 = 120.0;
/// The narrowest turn-up that can be sewn, in millimetres: both folds of a rolled hem.
const NARROWEST: f64 = 6.0;
/// Rounds in which the widest turn-up is halved in on.
const ROUNDS: u32 = 24;

/// How a turn-up lies.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum Lies {
    /// Edge and cloth are equally long.
    Flat,
    /// The edge is longer, by what the cloth eases in.
    EaseIn,
    /// The edge is shorter: the seams are splayed below the fold.
    Splay,
    /// The edge is longer than can be eased in.
    TooFull,
    /// The edge is shorter, and there is not enough inside the seams to splay it.
    TooTight,
}

/// A facing for an edge that no turn-up fits.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct HemFacing {
    /// Its depth, finished.
    pub depth: Length,
    /// Its lower edge, along the fold, without seam allowances.
    pub lower: Length,
    /// Its upper edge, along the cloth it lies on.
    pub upper: Length,
    /// A bias strip that does the same: its length with its joins, and the width it is cut.
    pub strip: [Length; 2],
    /// What is left beyond its stitching on all sides.
    pub allowance: Length,
    /// All in a sentence.
    pub words: String,
}

/// One turn-up.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct TurnUp {
    /// How deep it lies on the cloth above the fold.
    pub depth: Length,
    /// Length of its upper edge, as it is cut.
    pub edge: Length,
    /// Length of the cloth it lies on.
    pub lies_on: Length,
    /// Edge less cloth: positive is too full, negative too tight.
    pub excess: Length,
    /// The same as a share of the cloth.
    pub share: f64,
    /// What this cloth eases in, as a share.
    pub eases: f64,
    /// How it lies.
    pub lies: Lies,
    /// The widest turn-up of this edge that lies flat with its seams straight on; `None` where not even
    /// the narrowest does.
    pub widest: Option<Length>,
    /// How far out each panel edge goes at the raw edge, for the allowance to mirror the cloth above.
    pub splay: Option<Length>,
    /// Too full or too tight, panel by panel in turning order.
    pub by_panel: Vec<Length>,
    /// What does the same job where the turn-up does not lie.
    pub facing: Option<HemFacing>,
    /// How it lies and what to do, in a few sentences.
    pub words: Vec<String>,
}

/// What a turn-up is judged with.
pub(super) struct TurnUpWish<'a> {
    pub(super) garment: &'a Garment,
    pub(super) habits: &'a Habits,
    pub(super) kind: HemKind,
    /// First fold and second, in millimetres of cloth.
    pub(super) folds: [f64; 2],
    /// How many seams meet the hem.
    pub(super) seams: usize,
    /// The least that is inside a seam beyond its stitching and can be splayed out, where it is known.
    pub(super) inside: Option<f64>,
}

/// How a turn-up of this hem lies, its fold running `fold(place)` above the existing edge.
pub(super) fn turn_up(ring: &Ring<'_>, fold: impl Fn(f64) -> f64 + Copy, wish: &TurnUpWish<'_>) -> TurnUp {
    let depth = wish.folds[1];
    let edge = ring.length(|at| fold(at) - depth);
    let lies_on = ring.length(|at| fold(at) + depth);
    let excess = edge - lies_on;
    let share = excess / lies_on;
    let eases = eases_in(wish.garment, wish.habits);
    let pinch = wish.habits.rule(HouseRule::HemPinch) + 0.2 * wish.garment.cloth.stretch;
    let share_at = |depth: f64| {
        let on = ring.length(|at| fold(at) + depth);
        (ring.length(|at| fold(at) - depth) - on) / on
    };
    let fits = |share: f64| share <= eases && share >= -pinch;
    let splay = (share < -pinch && wish.seams > 0).then(|| -excess / (2.0 * wish.seams as f64));
    let splays = splay.is_some_and(|each| wish.inside.is_none_or(|inside| each <= inside));
    let lies = if share > eases {
        Lies::TooFull
    } else if share < -pinch {
        if splays { Lies::Splay } else { Lies::TooTight }
    } else if share > pinch {
        Lies::EaseIn
    } else {
        Lies::Flat
    };
    let widest = if fits(share_at(WIDEST)) {
        Some(WIDEST)
    } else if fits(share_at(NARROWEST)) {
        let (mut low, mut high) = (NARROWEST, WIDEST);
        for _ in 0..ROUNDS {
            let middle = (low + high) / 2.0;
            if fits(share_at(middle)) { low = middle } else { high = middle }
        }
        Some(low)
    } else {
        None
    };
    let by_panel = ring
        .panel_lengths(|at| fold(at) - depth)
        .into_iter()
        .zip(ring.panel_lengths(|at| fold(at) + depth))
        .map(|(edge, on)| Length::hundredth(edge - on))
        .collect();
    let needs_facing = matches!(lies, Lies::TooFull | Lies::TooTight)
        || matches!(wish.kind, HemKind::Faced | HemKind::BiasFaced);
    let facing = needs_facing.then(|| facing(ring, fold, wish.habits));
    TurnUp {
        depth: Length::hundredth(depth),
        edge: Length::hundredth(edge),
        lies_on: Length::hundredth(lies_on),
        excess: Length::hundredth(excess),
        share,
        eases,
        lies,
        widest: widest.map(Length::hundredth),
        splay: splay.map(Length::hundredth),
        by_panel,
        facing,
        words: Vec::new(),
    }
}

fn facing(ring: &Ring<'_>, fold: impl Fn(f64) -> f64, habits: &Habits) -> HemFacing {
    let depth = habits.rule(HouseRule::FacingDepth);
    let seam = habits.rule(HouseRule::HemFaced);
    let lower = ring.length(&fold);
    let upper = ring.length(|at| fold(at) + depth);
    // One join at 45° takes √2 of its allowance from each end.
    let strip = [lower + 2.0 * std::f64::consts::SQRT_2 * seam, depth + 2.0 * seam];
    HemFacing {
        depth: Length::hundredth(depth),
        lower: Length::hundredth(lower),
        upper: Length::hundredth(upper),
        strip: strip.map(Length::hundredth),
        allowance: Length::from_mm(seam),
        words: String::new(),
    }
}
