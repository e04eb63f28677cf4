//! The lining at a hem: where it ends, how it hangs, how one gets in, and the corners.

use serde::Serialize;

use super::wish::LiningWish;
use crate::garment::{FeatureKind, HemFeature, LiningClosed, Shape};
use crate::house::choice::{LiningEdge, LiningHangs};
use crate::house::habit::Habits;
use crate::house::rules::HouseRule;
use crate::unit::length::Length;

/// A corner where two turn-ups meet.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct Mitre {
    /// What meets the hem there.
    pub kind: FeatureKind,
    /// What that is called.
    pub what: &'static str,
    /// The hem's turn-up and the other.
    pub allowances: [Length; 2],
    /// The mitre's seam, from the corner of the folds to where the raw edges meet: `√(a₁² + a₂²)`.
    pub seam: Length,
    /// What it is trimmed to.
    pub trim_to: Length,
    /// All in a sentence.
    pub words: String,
}

/// The lining of one hem.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct HemLining {
    /// How it hangs.
    pub hangs: LiningHangs,
    /// What becomes of its edge.
    pub edge: LiningEdge,
    /// How far above the outer fold it ends.
    pub above: Length,
    /// Slack, pushed up into a pleat.
    pub slack: Length,
    /// What is turned under at its edge.
    pub turn: Length,
    /// Its raw edge, above the outer fold; negative reaches below it.
    pub raw: Length,
    /// How far its edge moves up from where it is now, where the outside moves by the mean.
    pub moves: Length,
    /// How far above the new hem it is undone from facing, vent and slits.
    pub undo: Length,
    /// Height of the interfacing band along the hem.
    pub band: Length,
    /// True where it is sewn to the outside at the edge, right sides in.
    pub bagged: bool,
    /// How to get in.
    pub way_in: &'static str,
    /// What to do, in a few sentences.
    pub words: Vec<String>,
}

/// The lining that goes with an outer turn-up of `allowance`, the outside shortened by `mean`.
pub(super) fn lining(
    shape: &Shape,
    on_sleeve: bool,
    wish: LiningWish,
    allowance: f64,
    mean: f64,
    habits: &Habits,
) -> Option<HemLining> {
    if !shape.lined {
        return None;
    }
    let rule = |rule| habits.rule(rule);
    let hangs = wish.hangs.unwrap_or(habits.lining_hangs);
    let edge = wish.edge.unwrap_or(habits.lining_edge);
    let above = rule(if hangs == LiningHangs::Free { HouseRule::LiningFree } else { HouseRule::LiningAbove });
    let slack = if hangs == LiningHangs::Attached { rule(HouseRule::LiningSlack) } else { 0.0 };
    let turn = rule(HouseRule::LiningTurn);
    let now = shape.lining.above.map_or(rule(HouseRule::LiningAbove), Length::mm);
    // The pleat hangs below where the edge is felled, so the cloth reaches that much further.
    let raw = above - slack - turn;
    Some(HemLining {
        hangs,
        edge,
        above: Length::hundredth(above),
        slack: Length::hundredth(slack),
        turn: Length::hundredth(turn),
        raw: Length::hundredth(raw),
        moves: Length::hundredth(mean + above - now),
        undo: Length::hundredth(allowance + rule(HouseRule::UndoLining)),
        band: Length::hundredth(allowance + rule(HouseRule::BandOver)),
        way_in: way_in(shape, on_sleeve),
        bagged: false,
        words: Vec::new(),
    })
}

/// The lining bagged together with the outside: cut with the same allowance, a little shorter.
pub(super) fn bagged(
    shape: &Shape,
    on_sleeve: bool,
    allowance: f64,
    mean: f64,
    habits: &Habits,
) -> Option<HemLining> {
    let plain = lining(shape, on_sleeve, LiningWish::default(), allowance, mean, habits)?;
    // A little shorter than the outside, it draws the seam in and never looks out below.
    let above = Length::from_mm(habits.rule(HouseRule::LiningBag));
    let turn = Length::hundredth(allowance);
    Some(HemLining {
        hangs: LiningHangs::Attached,
        edge: LiningEdge::Cut,
        above,
        slack: Length::ZERO,
        turn,
        raw: above - turn,
        moves: plain.moves - plain.above + above,
        bagged: true,
        ..plain
    })
}

fn way_in(shape: &Shape, on_sleeve: bool) -> &'static str {
    match (shape.lining_closed(), on_sleeve) {
        (LiningClosed::Felled, false) => "Unpick the felling all round the hem.",
        (LiningClosed::Felled, true) => "Unpick the felling all round both sleeve hems.",
        (LiningClosed::Bagged, false) => {
            "It was bagged out: draw the hem through the gap, usually in a sleeve lining, and unpick the lining off its hem edge all round."
        }
        (LiningClosed::Bagged, true) => {
            "It was bagged out: open this sleeve lining's seam where it was closed, draw the cuff through it, and unpick the lining off its edge all round."
        }
        (LiningClosed::Free, _) => "It hangs free: nothing has to be opened.",
    }
}

/// The corners where the hem meets a vent, and a facing where that is asked for.
pub(super) fn mitres(
    features: &[HemFeature],
    facing_too: bool,
    allowance: f64,
    habits: &Habits,
) -> Vec<Mitre> {
    features
        .iter()
        .filter(|feature| {
            feature.kind == FeatureKind::Vent || (facing_too && feature.kind == FeatureKind::Facing)
        })
        .filter(|feature| feature.width.is_positive() && allowance > 0.0)
        .map(|feature| {
            let seam = Length::hundredth(allowance.hypot(feature.width.mm()));
            let trim_to = Length::from_mm(habits.rule(HouseRule::MitreTrim));
            let own = Length::hundredth(allowance);
            Mitre {
                kind: feature.kind,
                what: feature.kind.words(),
                allowances: [own, feature.width],
                seam,
                trim_to,
                words: String::new(),
            }
        })
        .collect()
}
