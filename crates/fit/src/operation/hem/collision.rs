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
    let rule = |rule| habits.rule(rule);
    let write = |mm: f64| habits.scale.write(Length::from_mm(mm));
    let level = |mm: f64| format!("{} {}", write(mm.abs()), if mm < 0.0 { "below" } else { "above" });
    let (from, to) = (feature.from.mm() - up, feature.to.mm() - up);
    let longer = up < 0.0;
    let mut spaced = Vec::new();
    let (state, says) = match feature.kind {
        FeatureKind::Vent | FeatureKind::Slit => {
            let what = feature.kind.words();
            let least = rule(HouseRule::VentLeft);
            if to < least {
                (
                    CollisionState::SeeTo,
                    format!(
                        "Of the {what} {} is left, less than {}: close it or re-make it longer, and undo lining and facing round it first.",
                        write(to.max(0.0)),
                        write(least)
                    ),
                )
            } else {
                (CollisionState::Clear, format!("The {what} is {} long afterwards.", write(to)))
            }
        }
        FeatureKind::Buttons => {
            let clear = rule(HouseRule::ButtonClear).max(allowance);
            if from >= clear {
                let says = format!("The lowest button stands {} above the edge.", write(from));
                (CollisionState::Clear, says)
            } else if made {
                // Buttonholes that are there cannot move.
                let count = feature.count.unwrap_or(2).max(2);
                let gap = (to - from) / f64::from(count - 1);
                let off = (((clear - from) / gap).ceil() as u32).clamp(1, count);
                let next = from + gap * f64::from(off);
                let (what, their) = if off == 1 {
                    ("leave off the lowest button and close its hole".to_owned(), "the next")
                } else {
                    (format!("leave off the {off} lowest buttons and close their holes"), "the next")
                };
                (
                    CollisionState::SeeTo,
                    if off == count {
                        format!(
                            "The lowest button would stand {} the edge, and no hole stands {} above it: leave the hem where it is, or shorten by {} less.",
                            level(from),
                            write(clear),
                            write(clear - from)
                        )
                    } else {
                        format!(
                            "The lowest button would stand {} the edge, not {} above it, and a hole cannot move: {what} ({their} stands {} above the edge), or shorten by {} less.",
                            level(from),
                            write(clear),
                            write(next),
                            write(clear - from)
                        )
                    },
                )
            } else {
                let count = feature.count.unwrap_or(2).max(2);
                let row = Spacing { from: clear, to, count, pinned: None, clear: None };
                spaced = space(&row)
                    .map(|places| places.into_iter().map(Length::hundredth).collect())
                    .unwrap_or_default();
                let gap = (to - clear) / f64::from(count - 1);
                (
                    CollisionState::SeeTo,
                    format!(
                        "The lowest button would stand {} the edge, not {} above it: no hole is cut yet, so space all {count} again, the lowest {} above the edge, {} apart.",
                        level(from),
                        write(clear),
                        write(clear),
                        write(gap)
                    ),
                )
            }
        }
        FeatureKind::Pocket => {
            let clear = rule(HouseRule::PocketClear);
            if from < clear {
                let state = if from < 0.0 { CollisionState::InTheWay } else { CollisionState::SeeTo };
                (
                    state,
                    format!(
                        "The pocket's bottom would stand {} the fold, not {} above it: shorten the pocket, move it up, or shorten the hem by {} less.",
                        level(from),
                        write(clear),
                        write(clear - from)
                    ),
                )
            } else {
                (CollisionState::Clear, format!("The pocket's bottom stands {} above the fold.", write(from)))
            }
        }
        FeatureKind::CrossSeam => {
            if from < allowance {
                (
                    CollisionState::SeeTo,
                    format!(
                        "The seam across comes to lie {} the fold, inside the turn-up: take out the bulk there, or narrow the turn-up to {}.",
                        level(from),
                        write(from.max(0.0))
                    ),
                )
            } else {
                (CollisionState::Clear, format!("The seam across stays {} above the fold.", write(from)))
            }
        }
        FeatureKind::Border => {
            if up > 0.0 {
                (
                    CollisionState::InTheWay,
                    format!(
                        "Shortened at the edge it loses {} of its border: shorten it at the waist seam or in a tuck above the border.",
                        write(up)
                    ),
                )
            } else {
                (CollisionState::Clear, "The border stays whole.".to_owned())
            }
        }
        FeatureKind::Pleats => (
            CollisionState::SeeTo,
            if longer {
                "Press the pleats out before the hem is let down, and set them again over the new fold."
                    .to_owned()
            } else {
                "Mark the pleats on the right side, press them out over the turn-up, hem it flat, and set them again: each has to lie in its own old fold.".to_owned()
            },
        ),
        FeatureKind::Facing => (
            CollisionState::SeeTo,
            format!(
                "Undo the facing {} up from the new fold before the hem is turned.",
                write(allowance + rule(HouseRule::UndoLining))
            ),
        ),
        FeatureKind::Tab | FeatureKind::WorkingButtons => {
            let what = feature.kind.words();
            let by = if feature.hem == HemName::Sleeve {
                "or take the length from the sleeve head"
            } else {
                "or leave the edge"
            };
            if from < allowance + rule(HouseRule::HemFaced) {
                let state = if feature.kind == FeatureKind::Tab {
                    CollisionState::SeeTo
                } else {
                    CollisionState::InTheWay
                };
                (
                    state,
                    format!(
                        "The {what} would come to {} above the edge: take it off first and set it again {} higher, {by}.",
                        write(from.max(0.0)),
                        write(up.max(0.0))
                    ),
                )
            } else {
                (CollisionState::Clear, format!("The {what} stays {} above the edge.", write(from)))
            }
        }
    };
    Collision {
        kind: feature.kind,
        words: feature.kind.words(),
        at: feature.at,
        after: [Length::hundredth(from), Length::hundredth(to)],
        state,
        spaced,
        says,
    }
}
