//! Solving a job: readings to lines, lines to girths and ease, decisions to a work order.

mod answer;
mod hems;
mod lines;
mod minds;
mod pins;
mod seam_solution;
mod solver;
mod solving;

pub use answer::{RESULT_FORMAT, Solution};
pub use hems::hem_templates;
pub use seam_solution::{
    DatumPlace, DrawnLine, EdgeLength, LineOutcome, LineRefused, MirroredMark, PinRead, PinnableSeam,
    ProposedDepth, ProposedEnds, SeamEndings, SeamSolution, SideLine, SolvedEnd,
};
pub use solver::solve;
pub(crate) use solving::Solver;
