//! The craft of fitting and altering garments.
//!
//! From readings to lines, from lines to girths and ease, from decisions to a work order. The
//! crate knows no interface, does no input or output, and reads no clock: the same job gives the
//! same solution everywhere.
//!
//! Start at [`Job`] and [`solve`]; the nouns on the way are one file each.

mod admit;
mod armhole;
mod body;
mod caution;
pub mod change;
mod choice;
mod cloth;
mod compare;
mod convex;
mod copy;
mod datum;
pub mod drawing;
pub mod ease;
mod echo;
pub mod evening;
mod fit_picture;
pub mod garment;
pub mod girth;
mod habit;
pub mod hem;
mod house;
mod job;
mod job_error;
mod ladder;
mod length;
mod lengths;
mod letting_out;
pub mod line;
mod next_act;
mod pin;
pub mod plan;
mod put_on;
mod say;
mod settle;
mod share;
mod side;
mod solution;
mod spacing;
mod stray;
mod stride;
mod summary;
pub mod sums;
mod tape;
mod unit;
mod warning;
mod wash;
mod words;

pub use admit::{Admitted, NotAdmitted, admit};
pub use armhole::ArmholeFit;
pub use body::{Body, Layer, MeasureName, Wearer};
pub use caution::Caution;
pub use choice::{
    CHOICES, ChoiceEntry, ChoiceOption, FitOn, HemCut, HemSewn, HemWhen, LevelBy, LiningEdge, LiningHangs,
    MatchBy, MirrorBy, OldEdge, Pairs, PinFace, PinSides, PinsLie, Preset,
};
pub use cloth::{Cloth, ClothFamily, Fibre, Fray};
pub use compare::{ComparedLevel, Comparison, compare, what_changed};
pub use copy::{CopyLength, CopyPlan, CopyRow, copy_from};
pub use datum::Datum;
pub use ease::{Intention, LevelBalance, Verdict};
pub use echo::echo_in_inches;
pub use echo::{Reading, echo};
pub use fit_picture::{
    FitPicture, FitRing, Outline, Silhouette, cross_section, fit_picture, garment_loop, perimeter,
    section_ratio,
};
pub use garment::{Garment, SeamName};
pub use habit::{AllowanceHabit, EveningChoice, HabitOutOfRange, Habits, OneSide, Paper};
pub use house::{HouseEntry, HouseRule, RuleUnit};
pub use job::{AcceptedDepth, Fitting, Job, SeamEvening};
pub use job_error::{JOB_FORMAT, JobError, JobErrorCause, MOST_PINS};
pub use ladder::{ladder, moved_rung};
pub use length::Length;
pub use lengths::{LengthName, LengthRow};
pub use letting_out::{Inset, InsideSeam, LetOut, LevelGain};
pub use next_act::{NextAct, Place};
pub use pin::{DEEPEST_READING, EdgeRead, EntryMode, HIGHEST_TAKE_UP, LONGEST_SEAM, Pin, PinError};
pub use put_on::{PutOn, Through};
pub use settle::settle;
pub use share::{ShareOut, SharePart, SharePlan, ShareRequest, share_out};
pub use side::Side;
pub use solution::{
    DatumPlace, DrawnLine, EdgeLength, LineOutcome, LineRefused, MirroredMark, PinRead, PinnableSeam,
    ProposedDepth, ProposedEnds, RESULT_FORMAT, SeamEndings, SeamSolution, SideLine, Solution, SolvedEnd,
    hem_templates, solve,
};
pub use stray::{Stray, StrayKind};
pub use stride::Stride;
pub use summary::{Piece, Summary};
pub use tape::{LONGEST_READING, ReadingError, is_inches_by_its_fraction, read_tape, read_tape_up_to};
pub use unit::{Rounding, Scale, Unit};
pub use warning::{ToRead, Warning, Weight};
pub use wash::WashTest;
