//! The work order: steps with what they need first, stops before what cannot be undone, minutes, tools and cautions.

mod act;
mod bench;
mod builder;
mod calendar;
mod draft;
mod fixture_steps;
mod hem_elsewhere;
mod hem_lining;
mod hem_sewing;
mod hem_steps;
mod key;
mod lining_steps;
mod opening;
mod order;
mod progress;
mod seam_steps;
mod seam_work;
mod step;
mod stop;
mod time;
mod vouched;

pub use act::{Act, Phase};
pub use bench::Bench;
pub use builder::{Done, work_order};
pub use calendar::{Calendar, Claim, ClaimFit, SewingDay, calendar};
pub use key::{On, StepKey};
pub use order::in_order;
pub use progress::Progress;
pub use seam_work::SeamWork;
pub use step::{Plan, Step};
pub use stop::{Condition, ConditionKind, ConditionState, Stop, StopError};
pub use time::{Minutes, Timing, Work, minutes_for, minutes_together, personal_factor};
pub use vouched::{Lapse, Vouched, lapse};
