//! Sharing a change out: "the waist must lose 46".
//!
//! Where it can come from has limits: what is set into a seam, the most a dart may hold, pockets that
//! drift together, what is inside when letting out, and the side seam, which must stay at the side. For
//! every choice of seams the smallest largest depth that makes the change is a convex programme; the
//! choices are ranked by that depth and by what opening one more seam is worth.

mod answer;
mod pins;
mod plan;
mod programme;
mod share_out;
mod source;

pub use answer::{ShareOut, SharePart, SharePlan, ShareRequest, ShownPlan};
pub use share_out::share_out;
