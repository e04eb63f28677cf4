//! The craft of fitting and altering garments.
//!
//! From readings to lines, from lines to girths and ease, from decisions to a work order. The
//! crate knows no interface, does no input or output, and reads no clock: the same job gives the
//! same solution everywhere.
//!
//! Start at [`Job`] and [`solve`]; the nouns on the way are one file each.

mod body;
mod caution;
mod cloth;
pub mod drawing;
pub mod ease;
mod echo;
pub mod evening;
pub mod garment;
pub mod girth;
mod habit;
mod house;
mod job;
mod length;
mod letting_out;
pub mod line;
mod next_act;
mod pin;
pub mod plan;
mod say;
mod solution;
mod tape;
mod unit;
mod warning;

pub use body::{Body, Layer, MeasureName, Wearer};
pub use caution::Caution;
pub use cloth::{Cloth, ClothFamily, Fibre, Fray};
pub use ease::Intention;
pub use echo::{Reading, echo};
pub use garment::{Garment, SeamName};
pub use habit::{AllowanceHabit, EveningChoice, HabitOutOfRange, Habits, OneSide, Paper};
pub use house::{HouseEntry, HouseRule, RuleUnit};
pub use job::{AcceptedDepth, Fitting, JOB_FORMAT, Job, JobError, JobErrorCause, MOST_PINS, SeamEvening};
pub use length::Length;
pub use letting_out::LetOut;
pub use next_act::{NextAct, Place};
pub use pin::{Datum, EntryMode, Pin, PinError, Side, from_below};
pub use solution::{
    DrawnLine, LineOutcome, LineRefused, PinRead, ProposedDepth, ProposedEnds, RESULT_FORMAT, SeamSolution,
    SideLine, Solution, SolvedEnd, solve,
};
pub use tape::{LONGEST_READING, ReadingError, read_tape};
pub use unit::{Rounding, Scale, Unit};
pub use warning::{Warning, Weight};
