//! What stands near a hem and is in the way of moving it.

use serde::Serialize;

use crate::garment::{FeatureKind, HemFeature, HemName};
use crate::house::habit::Habits;
use crate::house::rules::HouseRule;
use crate::sums::spacing::{Spacing, space};
use crate::unit::length::Length;

/// How a thing near the hem takes the change.
#[derive(Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum CollisionState {
    /// It stays as it is.
    Clear,
    /// It has to be seen to.
    SeeTo,
    /// It would be cut, or buried in the turn-up.
    InTheWay,
}

/// How a thing stands near the new edge; lengths are from there, positive upwards.
#[derive(Debug, Clone, Copy, PartialEq)]
#[expect(missing_docs, reason = "what a variant says names its fields")]
pub enum Stands {
    /// A vent or slit with that much of it left; where `least` is said, less than that.
    Opening { left: Length, least: Option<Length> },
    /// The lowest button, well above the edge.
    ButtonsClear { lowest: Length },
    /// The lowest button too low, its holes made: that many are left off, and the next stands there. None where
    /// no hole of the row stands high enough.
    ButtonsMade { lowest: Length, clear: Length, off: Option<(u32, Length)> },
    /// The lowest button too low, no hole cut yet: all are spaced again.
    ButtonsSpaced { lowest: Length, clear: Length, count: u32, apart: Length },
    /// A pocket's bottom; where `clear` is said, less than that.
    Pocket { bottom: Length, clear: Option<Length> },
    /// A seam across, inside the turn-up or above it.
    CrossSeam { at: Length, inside: bool },
    /// A border that loses that much, or stays whole.
    Border { loses: Length },
    /// Pleats over a hem that is let down, or taken up.
    Pleats { longer: bool },
    /// A facing that is undone that far up.
    Facing { undo: Length },
    /// A tab or working buttons, to be set again that much higher where it has to move.
    Fastening { at: Length, higher: Option<Length>, on_sleeve: bool },
}

/// One thing near the hem after the change.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct Collision {
    /// What it is.
    pub kind: FeatureKind,
    /// What it is called.
    pub words: &'static str,
    /// Where round the hem, in degrees, where it is in one place.
    pub at: Option<f64>,
    /// Its lower and upper end above the new fold.
    pub after: [Length; 2],
    /// How it takes the change.
    pub state: CollisionState,
    /// New places for buttons, above the new fold, the lowest first.
    pub spaced: Vec<Length>,
    /// How it stands.
    #[serde(skip)]
    pub stands: Stands,
    /// How it stands and what to do.
    pub says: String,
}

impl Collision {
    /// True where another stands alike, wherever round the hem.
    pub(crate) fn is_like(&self, other: &Collision) -> bool {
        (self.kind, self.state, self.after, &self.spaced)
            == (other.kind, other.state, other.after, &other.spaced)
    }
}

/// How one feature takes a hem that moves up by `up` there and is turned up by `allowance`; `made` where its
/// buttonholes are cut.
pub(super) fn collision(
    feature: &HemFeature,
    up: f64,
    allowance: f64,
    made: bool,
    habits: &Habits,
) -> Collision {
    let after = [feature.from.mm() - up, feature.to.mm() - up];
    let mut spaced = Vec::new();
    let (state, stands) = match feature.kind {
        FeatureKind::Vent | FeatureKind::Slit => opening(after[1], habits),
        FeatureKind::Buttons => {
            let clear = habits.rule(HouseRule::ButtonClear).max(allowance);
            let count = feature.count.unwrap_or(2).max(if feature.pinned.is_some() { 3 } else { 2 });
            if after[0] < clear && !made {
                let pinned = feature.pinned.map(|pinned| pinned.mm() - up);
                let row = Spacing { from: clear, to: after[1], count, pinned, clear: None };
                spaced = space(&row).unwrap_or_default().into_iter().map(Length::hundredth).collect();
            }
            buttons(after, clear, count, made)
        }
        FeatureKind::Pocket => pocket(after[0], habits.rule(HouseRule::PocketClear)),
        FeatureKind::CrossSeam => {
            let inside = after[0] < allowance;
            let state = if inside { CollisionState::SeeTo } else { CollisionState::Clear };
            (state, Stands::CrossSeam { at: Length::from_mm(after[0]), inside })
        }
        FeatureKind::Border => {
            let state = if up > 0.0 { CollisionState::InTheWay } else { CollisionState::Clear };
            (state, Stands::Border { loses: Length::from_mm(up.max(0.0)) })
        }
        FeatureKind::Pleats => (CollisionState::SeeTo, Stands::Pleats { longer: up < 0.0 }),
        FeatureKind::Facing => {
            let undo = Length::from_mm(allowance + habits.rule(HouseRule::UndoLining));
            (CollisionState::SeeTo, Stands::Facing { undo })
        }
        FeatureKind::Tab | FeatureKind::WorkingButtons => {
            fastening(feature, after[0], up, allowance + habits.rule(HouseRule::HemFaced))
        }
    };
    Collision {
        kind: feature.kind,
        words: feature.kind.words(),
        at: feature.at,
        after: after.map(Length::hundredth),
        state,
        spaced,
        stands,
        says: String::new(),
    }
}

fn opening(top: f64, habits: &Habits) -> (CollisionState, Stands) {
    let least = Length::from_mm(habits.rule(HouseRule::VentLeft));
    if top < least.mm() {
        let left = Length::from_mm(top.max(0.0));
        (CollisionState::SeeTo, Stands::Opening { left, least: Some(least) })
    } else {
        (CollisionState::Clear, Stands::Opening { left: Length::from_mm(top), least: None })
    }
}

fn buttons([from, to]: [f64; 2], clear: f64, count: u32, made: bool) -> (CollisionState, Stands) {
    let mm = Length::from_mm;
    if from >= clear {
        return (CollisionState::Clear, Stands::ButtonsClear { lowest: mm(from) });
    }
    let gaps = f64::from(count - 1);
    let stands = if made {
        // Buttonholes that are there cannot move.
        let gap = (to - from) / gaps;
        let off = (((clear - from) / gap).ceil() as u32).clamp(1, count);
        let next = (off < count).then(|| (off, mm(from + gap * f64::from(off))));
        Stands::ButtonsMade { lowest: mm(from), clear: mm(clear), off: next }
    } else {
        Stands::ButtonsSpaced { lowest: mm(from), clear: mm(clear), count, apart: mm((to - clear) / gaps) }
    };
    (CollisionState::SeeTo, stands)
}

fn pocket(bottom: f64, clear: f64) -> (CollisionState, Stands) {
    let low = bottom < clear;
    let state = match bottom {
        _ if !low => CollisionState::Clear,
        bottom if bottom < 0.0 => CollisionState::InTheWay,
        _ => CollisionState::SeeTo,
    };
    let clear = low.then(|| Length::from_mm(clear));
    (state, Stands::Pocket { bottom: Length::from_mm(bottom), clear })
}

fn fastening(feature: &HemFeature, from: f64, up: f64, clear: f64) -> (CollisionState, Stands) {
    let on_sleeve = feature.hem == HemName::Sleeve;
    if from >= clear {
        let at = Length::from_mm(from);
        return (CollisionState::Clear, Stands::Fastening { at, higher: None, on_sleeve });
    }
    let state =
        if feature.kind == FeatureKind::Tab { CollisionState::SeeTo } else { CollisionState::InTheWay };
    let at = Length::from_mm(from.max(0.0));
    (state, Stands::Fastening { at, higher: Some(Length::from_mm(up.max(0.0))), on_sleeve })
}
