//! Putting steps in order.

use super::step::Step;

/// Orders steps so that each comes after what it needs. Among those that could come next the earliest part of the work
/// goes first at the bench where the last was done, else at any; of equals the one listed first. Should steps ever need
/// each other in a circle, they keep their listed order at the end rather than vanish.
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
            .enumerate()
            .filter(|(_, step)| is_ready(step))
            .min_by_key(|(_, step)| (Some(step.bench) != here, step.phase))
            .map_or(0, |(at, _)| at);
        ordered.push(waiting.remove(next));
    }
    ordered
}
