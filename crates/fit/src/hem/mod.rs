//! Hems: how long, level how, folded where, cut where, and what will not lie flat.
//!
//! A wish ([`HemWish`]) says where the finished edge shall be and what was read round it; the hem is a ring
//! of cloth ([`Ring`]); the line round it ([`RingLine`]) says how far up the fold goes at every place; from
//! there follow turn-up, tuck, lining, collisions and the table to chalk by ([`HemSolution`]).

mod aim;
mod begins;
mod collision;
mod kind;
mod lining;
mod offers;
mod original;
mod pairs;
mod periodic;
mod readings;
mod refusal;
mod ring;
mod side;
mod solution;
mod solver;
mod take_up;
mod template;
mod turn_up;
mod uncut;
mod wish;

pub use begins::HemBegins;
pub use collision::{Collision, CollisionState};
pub use kind::{HemKind, eases_in};
pub use lining::{HemLining, Mitre};
pub use offers::{HemMend, HemSum};
pub use original::{Tuck, TuckJoin};
pub use periodic::{RingLine, RingReading};
pub use ring::{Ring, RingPanel, RingPoint, point_words, ring_points};
pub use solution::{
    HemPairRow, HemPlace, HemReadingRead, HemRow, HemSeam, HemSide, HemSolution, HemSpot, OldTurnUp, Uneven,
    Unrolled,
};
pub(crate) use solver::HemSolver;
pub use template::HemTemplate;
pub(crate) use template::templates;
pub use turn_up::{HemFacing, Lies, TurnUp};
pub use uncut::{DartAtWaist, UncutWay, WaistShortening};
pub use wish::{
    HemError, HemPair, HemRead, HemReading, HemWish, HighLow, Landmark, LiningWish, ShortenAt, Wanted,
};
