//! Hems: how long, level how, folded where, cut where, and what will not lie flat.
//!
//! A wish ([`HemWish`]) says where the finished edge shall be and what was read round it; the hem is a ring
//! of cloth ([`Ring`]); the line round it ([`RingLine`]) says how far up the fold goes at every place; from
//! there follow turn-up, tuck, lining, collisions and the table to chalk by ([`HemSolution`]).

mod aim;
pub(crate) mod apply;
mod begins;
mod close_lining;
mod collision;
mod elsewhere;
mod error;
mod landmark;
mod lining;
mod offer;
mod offers;
mod original;
mod pairs;
mod periodic;
mod place;
mod readings;
mod refusal;
mod refusing;
mod ring;
mod sewing;
mod side;
mod solution;
mod solver;
mod steps;
mod take_up;
mod template;
mod turn_up;
mod uncut;
mod waits;
mod wish;
mod work;

pub use crate::garment::hem_kind::{HemKind, eases_in};
pub use collision::{Collision, CollisionState, Stands};
pub(crate) use error::HemAmiss;
pub use error::HemError;
pub use landmark::Landmark;
pub use lining::{HemLining, Mitre};
pub use offer::HemMend;
pub use original::{Tuck, TuckJoin};
pub use periodic::{RingLine, RingReading};
pub use place::{HemBegins, HemPlace, HemSpot};
pub use refusal::HemRefusal;
pub use ring::{Hang, PanelCurve, Ring, RingPanel, RingPoint, point_words, ring_points};
pub use solution::{
    HemPairRow, HemPairSaid, HemReadingRead, HemRow, HemSeam, HemSide, HemSolution, OldTurnUp, Uneven,
    UnevenCause, Unrolled,
};
pub use template::HemTemplate;
pub(crate) use template::templates;
pub use turn_up::{HemFacing, Lies, TurnUp};
pub use uncut::{DartAtWaist, UncutWay, WaistShortening, ZipAtWaist};
pub use waits::HemWaits;
pub use wish::{HemPair, HemRead, HemReading, HemWish, HighLow, LiningWish, ShortenAt, Wanted};
pub(crate) use work::HemSolver;
