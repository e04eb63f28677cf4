//! Putting steps in order.

use super::Step;

/// Orders steps so that each comes after what it needs; among those that could come next, one
/// at the bench where the last was done, else the one listed first. Steps that need each other
/// in a circle cannot happen in a work order built from a list that only looks back; should one
/// ever be built, its steps keep their listed order at the end rather than vanish.
#[must_use]
pub fn in_order(steps: Vec<Step>) -> Vec<Step> {
    let mut waiting = steps;
    let mut ordered: Vec<Step> = Vec::with_capacity(waiting.len());
    while !waiting.is_empty() {
        let is_ready =
            |step: &Step| step.needs.iter().all(|need| !waiting.iter().any(|other| other.key == *need));
        let here = ordered.last().map(|step| step.bench);
        let next = waiting
            .iter()
            .position(|step| is_ready(step) && Some(step.bench) == here)
            .or_else(|| waiting.iter().position(is_ready))
            .unwrap_or(0);
        ordered.push(waiting.remove(next));
    }
    ordered
}
