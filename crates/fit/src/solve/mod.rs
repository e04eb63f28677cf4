//! A job on its way to a solution, stage by stage, each a function from one value to the next.
//!
//! ```text
//! Job ─ checked ─► Checked ─ drawn ─► Drawn ─ understood ─► pins ─ evened ─► Evened ─ altered ─► Altered
//!       no nonsense         as it came        on their seams       depths            as it will be
//! Altered ─ judged ─► Judged ─ planned ─► Plan ─ answered ─► Solution
//!           both measured      the order          all of it (minded: what was found, in words)
//! ```

pub(crate) mod admit;
mod alterations;
mod altered;
mod answer;
mod answered;
mod beyond;
pub(crate) mod checked;
pub(crate) mod drawn;
mod evened;
mod hems;
pub(crate) mod job;
pub(crate) mod job_error;
pub(crate) mod job_place;
mod judged;
mod kept;
mod known_sums;
mod minded;
pub(crate) mod next_act;
mod pictured;
mod pins;
mod planned;
mod problem;
mod refusals;
mod seam_solution;
pub(crate) mod settle;
mod slid;
pub(crate) mod stray;
pub(crate) mod summary;
mod understood;

pub use alterations::AlterationSolution;
pub use answer::{RESULT_FORMAT, Solution};
pub use answered::solve;
pub use hems::hem_templates;
pub use pictured::fit_picture;
pub use seam_solution::{
    DatumPlace, DrawnLine, EdgeLength, LineOutcome, LineRefused, MirroredMark, PinRead, PinnableSeam,
    ProposedDepth, ProposedEnds, SeamEndings, SeamSolution, SideLine, SolvedEnd,
};
pub use slid::{Slide, slid};
