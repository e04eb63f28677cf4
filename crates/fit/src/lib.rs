//! The craft of fitting and altering garments.
//!
//! From readings to lines, from lines to girths and ease, from decisions to a work order. The
//! crate knows no interface, does no input or output, and reads no clock: the same job gives the
//! same solution everywhere.
//!
//! Start at [`Job`] and [`solve`]; the nouns on the way are one file each.

#![cfg_attr(
    not(feature = "testing"),
    allow(
        unreachable_code,
        unused_variables,
        unused_mut,
        dead_code,
        reason = "while no alteration beside lines and hems ships, what handles one is never reached; the tests' builds have one, and are looked at without this"
    )
)]

mod asked;
mod body;
pub mod change;
mod cloth;
mod compare;
mod convex;
mod copy;
mod every;
mod finding;
pub mod garment;
mod house;
mod judge;
mod ladder;
pub mod line;
mod operation;
pub mod pattern;
pub mod plan;
mod reading;
mod share;
mod sketch;
mod solve;
pub mod sums;
mod unit;
mod words;

pub use body::measures::{Body, Layer, MeasureName, Wearer};
pub use cloth::colour::Colour;
pub use cloth::family::{Cloth, ClothFamily, Fibre, Fray, Surface};
pub use cloth::look::{Look, Weave};
pub use cloth::named::{NamedCloth, named_cloths};
pub use cloth::wash::WashTest;
pub use compare::{ComparedLevel, Comparison, compare, what_changed};
pub use copy::{CopyLength, CopyPlan, CopyRow, copy_from};
pub use finding::about::About;
pub use finding::warning::{ToRead, Warning, Way, Weight};
pub use garment::datum::Datum;
pub use garment::side::Side;
pub use garment::{Garment, SeamName};
pub use house::caution::Caution;
pub use house::choice::{
    ChoiceEntry, ChoiceOption, Choices, FitOn, HemCrossed, HemCut, HemSewn, HemWhen, LevelBy, LiningEdge,
    LiningHangs, MatchBy, MirrorBy, OldEdge, Pairs, PinFace, PinSides, PinsLie, Preset, ReadBy, TriedIn,
};
pub use house::habit::{AllowanceHabit, EveningChoice, HabitOutOfRange, Habits, OneSide, Paper};
pub use house::ranges::{OutOfRange, RANGES, Range};
pub use house::rules::{HouseEntry, HouseRule, RuleUnit};
pub use judge::armhole::ArmholeFit;
pub use judge::drawing;
pub use judge::ease::{self, Intention, LevelBalance, Verdict};
pub use judge::fit_picture::{FitPicture, FitView};
pub use judge::fit_ring::{FitRing, cross_section, garment_loop, perimeter};
pub use judge::gains::{Inset, InsideSeam, LevelGain};
pub use judge::girth;
pub use judge::lengths::{LengthName, LengthRow};
pub use judge::letting_out::LetOut;
pub use judge::picture::figure::{Figure, FigureSeam};
pub use judge::picture::piece::{FigureLine, FigurePiece, LineName, PartName};
pub use judge::picture::seen::section_ratio;
pub use judge::picture::tape::{Face, Tape};
pub use judge::put_on::PutOn;
pub use judge::stride::Stride;
pub use judge::through::Through;
pub use ladder::{ladder, moved_rung};
pub use operation::alteration::{Alteration, MovedEdge};
pub use operation::hem;
#[cfg(feature = "testing")]
pub use operation::slimmed::Slimmed;
pub use reading::accepted::AcceptedDepth;
pub use reading::echo::echo_in_inches;
pub use reading::echo::{AloneLine, Reading, echo};
pub use reading::evening;
pub use reading::pin::{DEEPEST_READING, EdgeRead, EntryMode, HIGHEST_TAKE_UP, LONGEST_SEAM, Pin, PinError};
pub use reading::seam_evening::SeamEvening;
pub use share::{ShareOut, SharePart, SharePlan, ShareRequest, ShownPlan, share_out};
pub use sketch::body::{BodyFace, BodySketch, BodyTape, SketchedMeasure, sketch_body};
pub use sketch::{Sketch, SketchedFlat, measured_on, sketch};
pub use solve::admit::{Admitted, NotAdmitted, admit};
pub use solve::job::{Fitting, Job};
pub use solve::job_error::{JOB_FORMAT, JobError, JobErrorCause, MOST_PINS};
pub use solve::job_place::JobPlace;
pub use solve::next_act::{NextAct, Place};
pub use solve::settle::settle;
pub use solve::stray::{Stray, StrayKind};
pub use solve::summary::{Piece, Summary};
pub use solve::{
    AlterationSolution, DatumPlace, DrawnLine, EdgeLength, LineOutcome, LineRefused, MirroredMark, PinRead,
    PinnableSeam, ProposedDepth, ProposedEnds, RESULT_FORMAT, SeamEndings, SeamSolution, SideLine, Slide,
    Solution, SolvedEnd, fit_picture, hem_templates, slid, solve,
};
pub use unit::length::Length;
pub use unit::scale::{Rounding, Scale, Unit};
pub use unit::tape::{LONGEST_READING, ReadingError, is_inches_by_its_fraction, read_tape, read_tape_up_to};
