//! What a refused line offers, on her tape: proposals that differ there from what was asked, and the reading that was
//! not taken where the line is refused for want of it.

use super::evened::EvenedSeam;
use super::seam_solution::{ProposedDepth, ProposedEnds};
use crate::finding::Unread;
use crate::garment::Seam;
use crate::garment::side::Side;
use crate::line::{LineEnd, LineProblem, LineRefusal, Proposal};
use crate::reading::evening::Difference;
use crate::unit::length::Length;
use crate::unit::scale::Scale;

/// The reading that was not taken, where the line can be drawn without what stands in for it.
pub(super) fn unread(evened: &EvenedSeam, problem: &LineProblem) -> Option<Unread> {
    let rows = evened.evening.iter().flat_map(|evening| &evening.stations);
    let missing: Vec<_> = rows.filter(|row| row.finding == Difference::NotRead).collect();
    let row = missing.first()?;
    let mut without = problem.clone();
    without.targets.retain(|target| missing.iter().all(|row| (row.station - target.station).abs() > 1.0));
    if without.targets.is_empty() || without.solve().is_err() {
        return None;
    }
    let side = if row.left.is_some() { Side::Right } else { Side::Left };
    Some(Unread { seam: evened.seam.clone(), side, station: row.station })
}

/// A refusal whose proposals differ on her tape from what was asked: the next mark on the side that can be sewn, or
/// none where there is no such mark.
pub(super) fn on_her_tape(
    refusal: LineRefusal,
    problem: &LineProblem,
    seam: &Seam,
    scale: Scale,
) -> LineRefusal {
    let solves = |proposal: &Proposal| proposal.put_to(problem).solve().is_ok();
    let shown = |mm: f64| scale.number(Length::from_mm(mm));
    let shallower = |proposal: Proposal| -> Option<Proposal> {
        let mut marked = proposal.clone();
        let mut same = false;
        for (works, asked) in marked.targets.iter_mut().zip(&problem.targets) {
            if works.depth != asked.depth && shown(works.depth) == shown(asked.depth) {
                // One mark less of what is asked, on the side of the old stitching.
                let mark =
                    scale.nearest(Length::from_mm(asked.depth)) - scale.tick() * asked.depth.signum() as i64;
                let less = if mark.is_negative() == (asked.depth < 0.0) { mark.mm() } else { 0.0 };
                (works.depth, same) = (less, true);
            }
        }
        if !same {
            return Some(proposal);
        }
        solves(&marked).then_some(marked)
    };
    match refusal {
        LineRefusal::LetOut { station, wanted, most, nearest } => {
            LineRefusal::LetOut { station, wanted, most, nearest: nearest.and_then(shallower) }
        }
        LineRefusal::InTheWay { station, wanted, most, from, to, nearest } => {
            LineRefusal::InTheWay { station, wanted, most, from, to, nearest: nearest.and_then(shallower) }
        }
        LineRefusal::PinBeyondTaper { station, depth, taper, nearest } => {
            LineRefusal::PinBeyondTaper { station, depth, taper, nearest: nearest.and_then(shallower) }
        }
        LineRefusal::NoRoomToFade { station, depth, room, pinned, longer, shallower: less } => {
            let longer =
                longer.and_then(|longer| further_on_tape(problem, seam, scale, (station, room), longer));
            let less =
                less.and_then(|(_, proposal)| shallower(proposal)).map(|it| (depth_at(&it, station), it));
            LineRefusal::NoRoomToFade { station, depth, room, pinned, longer, shallower: less }
        }
        LineRefusal::PinsDisagree { station, depth, beside, shallower: less } => {
            let less =
                less.and_then(|(_, proposal)| shallower(proposal)).map(|it| (depth_at(&it, station), it));
            LineRefusal::PinsDisagree { station, depth, beside, shallower: less }
        }
        LineRefusal::Both { first, then } => {
            LineRefusal::Both { first: Box::new(on_her_tape(*first, problem, seam, scale)), then }
        }
        other => other,
    }
}

/// The depth of a proposal at a station.
fn depth_at(proposal: &Proposal, station: f64) -> f64 {
    proposal.targets.iter().find(|target| target.station == station).map_or(0.0, |target| target.depth)
}

/// A longer fade that ends on a mark of the tape, further out than what it needs, where the marks for both are one.
fn further_on_tape(
    problem: &LineProblem,
    seam: &Seam,
    scale: Scale,
    (station, room): (f64, f64),
    (needs, proposal): (f64, Proposal),
) -> Option<(f64, Proposal)> {
    let number = |mm: f64| scale.number(Length::from_mm(mm));
    if number(room) != number(needs) {
        return Some((needs, proposal));
    }
    let mut further = proposal;
    let is_lower = further.lower != problem.lower;
    let at = if is_lower { further.lower.taper()? } else { further.upper.taper()? };
    let outward = if is_lower { -1.0 } else { 1.0 };
    // To the next mark of the tape, counted as she counts.
    let (usual, tick) = (seam.usual(), scale.tick().mm());
    let counted = usual.counted(at) / tick;
    let next = if usual.up == (outward > 0.0) { counted.ceil() } else { counted.floor() };
    let mut to = usual.from_below(next * tick);
    if number((station - to).abs()) == number(room) {
        to += outward * tick;
    }
    let furthest = problem.fades[usize::from(!is_lower)].furthest;
    if (to - furthest) * outward > 1e-9 {
        return None;
    }
    let end = if is_lower { &mut further.lower } else { &mut further.upper };
    *end = LineEnd::Taper { at: to };
    further.put_to(problem).solve().ok()?;
    Some(((station - to).abs(), further))
}

/// The depths of a proposal that are others than those asked for.
fn proposed_depths(proposal: &Proposal, problem: &LineProblem) -> Vec<ProposedDepth> {
    let both = problem.targets.iter().zip(&proposal.targets);
    let others = both.filter(|(asked, works)| asked.depth != works.depth);
    others
        .map(|(asked, works)| ProposedDepth {
            station: asked.station,
            asked: asked.depth,
            works: works.depth,
        })
        .collect()
}

/// What a refusal offers as fields: ends that work, and depths that do.
pub(super) fn proposals(
    refusal: &LineRefusal,
    problem: &LineProblem,
) -> (Option<ProposedEnds>, Option<Vec<ProposedDepth>>) {
    let ends = |proposal: &Proposal| ProposedEnds { lower: proposal.lower, upper: proposal.upper };
    let depths = |proposal: &Proposal| proposed_depths(proposal, problem);
    match refusal {
        LineRefusal::NoPins | LineRefusal::NoRoom { .. } | LineRefusal::Trouble => (None, None),
        LineRefusal::PinBeyondTaper { nearest, .. }
        | LineRefusal::LetOut { nearest, .. }
        | LineRefusal::InTheWay { nearest, .. } => (None, nearest.as_ref().map(depths)),
        LineRefusal::NoRoomToFade { longer, shallower, .. } => (
            longer.as_ref().map(|(_, proposal)| ends(proposal)),
            shallower.as_ref().map(|(_, proposal)| depths(proposal)),
        ),
        LineRefusal::PinsDisagree { shallower, .. } => {
            (None, shallower.as_ref().map(|(_, proposal)| depths(proposal)))
        }
        LineRefusal::Both { first, .. } => {
            let (_, shallower) = proposals(first, problem);
            (None, shallower)
        }
    }
}
