//! What is wanted of a hem, in words.

use crate::garment::{Shape, Tube};
use crate::operation::hem::{HemWish, Landmark, Wanted};
use crate::unit::length::Length;
use crate::unit::scale::Scale;

/// Nearer than this, in millimetres, an edge is at its landmark.
const THERE: f64 = 0.5;

/// Where the finished edge shall be.
pub(crate) fn hem_wanted(wish: &HemWish, shape: &Shape, scale: Scale) -> String {
    match wish.wanted {
        Wanted::Edge { shorten } if shorten.is_negative() => {
            format!("let down by {}", scale.write(-shorten))
        }
        Wanted::Edge { shorten } => format!("shortened by {}", scale.write(shorten)),
        Wanted::Floor { height } => format!("{} above the floor", scale.write(height)),
        Wanted::Garment { length } => {
            let along = match shape.hem_tube(wish.hem) {
                Tube::Leg => "down the outseam",
                Tube::Body => "down the side",
                Tube::Sleeve => "from the shoulder point",
            };
            format!("as long as another garment: {} {along}", scale.write(length))
        }
        Wanted::Pins => "where it is pinned".to_owned(),
        Wanted::Landmark { landmark, below } => at_landmark(landmark, below, scale),
    }
}

fn at_landmark(landmark: Landmark, below: Length, scale: Scale) -> String {
    let words = landmark.words();
    if landmark == Landmark::Shoe {
        format!("{} above {words}", scale.write(-below))
    } else if below.abs().mm() < THERE {
        format!("at {words}")
    } else {
        let way = if below.is_positive() { "below" } else { "above" };
        format!("{} {way} {words}", scale.write(below.abs()))
    }
}
