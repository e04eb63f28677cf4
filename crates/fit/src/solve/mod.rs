//! A job on its way to a solution: what it holds, whether it can be, its lines, girths and work order, and what it comes
//! to in short.

pub(crate) mod about;
pub(crate) mod admit;
mod answer;
mod hems;
pub(crate) mod job;
pub(crate) mod job_error;
mod lines;
mod minds;
pub(crate) mod next_act;
mod pins;
mod seam_solution;
pub(crate) mod settle;
mod solver;
mod solving;
pub(crate) mod stray;
pub(crate) mod summary;
pub(crate) mod warning;

pub use answer::{RESULT_FORMAT, Solution};
pub use hems::hem_templates;
pub use seam_solution::{
    DatumPlace, DrawnLine, EdgeLength, LineOutcome, LineRefused, MirroredMark, PinRead, PinnableSeam,
    ProposedDepth, ProposedEnds, SeamEndings, SeamSolution, SideLine, SolvedEnd,
};
pub use solver::solve;
pub(crate) use solving::Solver;
