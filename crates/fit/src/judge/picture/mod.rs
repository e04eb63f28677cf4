//! The garment, or its wearer, as it is seen: what hangs on the rail, stands at the mirror and beside each step.
//!
//! The outline is built from girths ([`seen`]), so that widths are true at every level; what makes it a garment (collar,
//! buttons, pockets) lies on it, as it was said or as most of its kind have it.

mod collar;
mod column;
pub(crate) mod figure;
mod front;
mod hem;
mod legs;
pub(crate) mod pen;
pub(crate) mod piece;
mod pocket;
pub(crate) mod seen;
pub(crate) mod side;
mod sleeve;
pub(crate) mod tape;
mod top;
mod waist;
pub(crate) mod wearer;

use crate::garment::Garment;
use crate::pattern::Pattern;
use figure::Figure;
use seen::Rings;

/// The garment from the front and from the back with the given girths at its levels; `None` where too little is known.
#[must_use]
pub fn garment_figures(garment: &Garment, pattern: &Pattern, rings: &Rings) -> Option<[Figure; 2]> {
    let face = |front: bool| match pattern.crotch {
        Some(crotch) if pattern.bodice.is_none() => legs::legs(garment, rings, crotch.height, front),
        Some(crotch) => legs::overalls(garment, pattern, rings, crotch.height, front),
        None => column::column(garment, pattern, rings, front),
    };
    let repeat = garment.cloth.look.map_or(0.0, |look| look.repeats_every().mm());
    Some([Figure { repeat, ..face(true)? }, Figure { repeat, ..face(false)? }])
}
