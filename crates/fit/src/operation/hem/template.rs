//! A hem at full size, panel by panel: what is laid on the cloth to chalk a curve by.

use super::ring::Ring;
use super::solution::{HemSide, HemSolution};
use crate::garment::side::Side;
use crate::garment::{HemName, Shape};
use crate::house::habit::Habits;
use crate::house::rules::HouseRule;
use crate::pattern::{PanelName, Pattern};

/// Steps across a panel.
const PIECES: u32 = 40;

/// The lower part of one panel with its hem, in the panel's own millimetres.
#[derive(Debug, Clone, PartialEq)]
pub struct HemTemplate {
    /// The hem.
    pub hem: HemName,
    /// The leg or sleeve, or the half of a body, it is for; `centre` where both are alike.
    pub side: Side,
    /// The panel.
    pub panel: PanelName,
    /// What it is called on paper.
    pub words: String,
    /// The edge as it is.
    pub old: Vec<[f64; 2]>,
    /// The new fold, or the edge that is faced.
    pub fold: Vec<[f64; 2]>,
    /// Where it is cut.
    pub cut: Vec<[f64; 2]>,
    /// Where the upper edge of turn-up or facing lies.
    pub turned: Vec<[f64; 2]>,
    /// Both panel edges from the cut line up; splayed below the fold where the turn-up has to be.
    pub edges: [Vec<[f64; 2]>; 2],
}

/// The templates of one hem: every panel of the left half, and of the right where it is different.
pub(crate) fn templates(
    shape: &Shape,
    pattern: &Pattern,
    solved: &HemSolution,
    habits: &Habits,
) -> Vec<HemTemplate> {
    let facing = habits.rule(HouseRule::FacingDepth);
    if !solved.is_solved() || !solved.kind.is_cut() {
        return Vec::new();
    }
    let mut all = Vec::new();
    for side in &solved.sides {
        let on = if side.side == Side::Centre && solved.paired { Side::Left } else { side.side };
        let Some(ring) = Ring::of(shape, pattern, solved.hem, on) else { continue };
        let panels = ring.panels();
        let halves = if ring.is_body() { panels.len() / 2 } else { panels.len() };
        for (i, panel) in panels.iter().enumerate() {
            let half = match ring.is_body() {
                false => side.side,
                true if i < halves => Side::Left,
                true => Side::Right,
            };
            let template = one(&ring, i, panel.panel, half, side, solved, facing);
            let twin = (ring.is_body() && i >= halves).then(|| panels.len() - 1 - i);
            if let Some(known) = twin.and_then(|twin| all.get_mut(twin))
                && is_mirrored(known, &template)
            {
                known.side = Side::Centre;
            } else {
                all.push(template);
            }
        }
    }
    all
}

fn one(
    ring: &Ring<'_>,
    panel: usize,
    name: PanelName,
    half: Side,
    side: &HemSide,
    solved: &HemSolution,
    facing: f64,
) -> HemTemplate {
    let place = ring.panels()[panel];
    let allowance = solved.allowance.mm();
    let turned = if solved.kind.turns_up() { side.unrolled.turned } else { facing };
    let splay = side.turn_up.as_ref().and_then(|turned| turned.splay).map_or(0.0, |splay| splay.mm());
    let fold = |share: f64| up_at(side, place.from + share * (place.to - place.from));
    let across = |off: &dyn Fn(f64) -> f64| -> Vec<[f64; 2]> {
        (0..=PIECES)
            .map(|piece| {
                let share = f64::from(piece) / f64::from(PIECES);
                let point = ring.panel_point(panel, share, off(share));
                [point.x, point.y]
            })
            .collect()
    };
    // Splayed, an edge leaves its seam at the fold and is furthest out where the turn-up is deepest.
    let edge = |share: f64| -> Vec<[f64; 2]> {
        let at = fold(share);
        let other = 1.0 - share;
        (0..=PIECES)
            .map(|piece| {
                let up = at - allowance + (allowance + turned) * f64::from(piece) / f64::from(PIECES);
                let point = ring.panel_point(panel, share, up);
                let inward = ring.panel_point(panel, other, up) - point;
                let out = if up < at && turned > 0.0 { splay * (at - up) / turned } else { 0.0 };
                let moved = point - inward / inward.hypot() * out;
                [moved.x, moved.y]
            })
            .collect()
    };
    HemTemplate {
        hem: solved.hem,
        side: half,
        panel: name,
        words: String::new(),
        old: across(&|_| 0.0),
        fold: across(&fold),
        cut: across(&|share| fold(share) - allowance),
        turned: across(&|share| fold(share) + turned),
        edges: [edge(0.0), edge(1.0)],
    }
}

/// How far up the fold is at a place, straight between the steps it was unrolled in.
fn up_at(side: &HemSide, along: f64) -> f64 {
    let fold = &side.unrolled.fold;
    let above = fold.partition_point(|point| point[0] < along).clamp(1, fold.len() - 1);
    let ([u0, d0], [u1, d1]) = (fold[above - 1], fold[above]);
    if u1 > u0 { d0 + (d1 - d0) * ((along - u0) / (u1 - u0)).clamp(0.0, 1.0) } else { d0 }
}

/// True where a panel of the right half is the one of the left walked the other way about.
fn is_mirrored(left: &HemTemplate, right: &HemTemplate) -> bool {
    let near = |a: &[f64; 2], b: &[f64; 2]| (a[0] - b[0]).hypot(a[1] - b[1]) < 0.5;
    left.panel == right.panel
        && left.fold.iter().zip(right.fold.iter().rev()).all(|(a, b)| near(a, b))
        && left.cut.iter().zip(right.cut.iter().rev()).all(|(a, b)| near(a, b))
}
