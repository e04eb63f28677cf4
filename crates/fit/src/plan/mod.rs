//! The work order: steps with what they need first, stops before what cannot be undone, minutes, tools and cautions.

pub(crate) mod act;
pub(crate) mod bench;
pub(crate) mod calendar;
mod conditions;
pub(crate) mod draft;
pub(crate) mod how;
pub(crate) mod key;
mod lapsed;
pub(crate) mod order;
pub(crate) mod planner;
pub(crate) mod progress;
pub(crate) mod step;
pub(crate) mod stop;
mod ticks;
pub(crate) mod time;
pub(crate) mod tonight;
pub(crate) mod vouched;
mod waits;

pub use act::{Act, Phase};
pub use bench::Bench;
pub use calendar::{Calendar, Claim, ClaimFit, SewingDay, Shortfall, calendar};
pub use how::{Fact, How};
pub use key::{On, StepKey};
pub use order::in_order;
pub use planner::Done;
pub use progress::Progress;
pub use step::{Plan, Step, StepPlace};
pub use stop::{Condition, ConditionKind, ConditionState, Stop, StopError};
pub use time::{Minutes, Timing, Work, minutes_for, minutes_together, personal_factor};
pub use tonight::{SoonStep, Tonight, TonightStep, Waiting, tonight};
pub use vouched::{Lapse, Vouched, lapse};
