//! Solving a job: readings to lines, lines to girths and ease, decisions to a work order.

mod hems;
mod lines;
mod minds;
mod pins;
mod solver;

use serde::Serialize;

use crate::armhole::ArmholeFit;
use crate::drawing::Drawing;
use crate::ease::{FootThrough, LevelBalance, SeatedWaist};
use crate::evening::Evening;
use crate::garment::{SeamEnd, SeamName};
use crate::hem::{HemPlace, HemSolution};
use crate::job::{Job, JobError};
use crate::lengths::LengthRow;
use crate::letting_out::{Inset, LevelGain};
use crate::line::{ChalkTable, LineCharacter, LineEnd};
use crate::next_act::NextAct;
use crate::pin::Datum;
use crate::plan::Plan;
use crate::put_on::PutOn;
use crate::stray::Stray;
use crate::stride::Stride;
use crate::sums::KeptAnswer;
use crate::warning::Warning;
use crate::{Length, Side};
pub use hems::hem_templates;
pub(crate) use solver::Solver;

/// The format of a written solution.
pub const RESULT_FORMAT: &str = "vemble-result/1";

/// A pin as it is understood.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct PinRead {
    /// The pin's id.
    pub id: String,
    /// Its side.
    pub side: Side,
    /// Station from the seam's lower end.
    pub station: Length,
    /// Old stitching to pin.
    pub depth: Length,
    /// Station and depth as they stand on the session's tape, the station from the usual datum.
    pub shown: [String; 2],
    /// What it does, said back.
    pub echo: String,
    /// The depth it was set at from numbers and the depth it was moved to, as they stand on the
    /// session's tape, where it was.
    pub planned: Option<String>,
    /// Where it was moved to on the body.
    pub moved: Option<String>,
    /// Read again after the garment came off.
    pub reread: bool,
}

/// A seam of this garment that takes pins.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct PinnableSeam {
    /// The seam.
    pub seam: SeamName,
    /// What it is called.
    pub words: &'static str,
    /// The letter that picks it.
    pub letter: char,
    /// True where there is one on each side.
    pub paired: bool,
    /// What its two edges are called.
    pub edges: [&'static str; 2],
    /// Its length, where it is known.
    pub length: Option<Length>,
    /// True for a dart the garment does not have yet: it is read from its fold.
    pub new_dart: bool,
    /// True for a seam that runs across the body and changes lengths, not girths.
    pub crosswise: bool,
    /// Where stations can be counted from, the usual place first.
    pub data: Vec<DatumPlace>,
}

/// Where stations can be counted from.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct DatumPlace {
    /// Its name in files.
    pub name: Datum,
    /// Its name on screen.
    pub words: &'static str,
}

/// One edge of a seam over the stretch its line changes.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct EdgeLength {
    /// What the edge is called.
    pub words: &'static str,
    /// Its length along the old stitching.
    pub old: Length,
    /// Its length along the new.
    pub new: Length,
    /// Both as they stand on the session's tape.
    pub shown: [String; 2],
}

/// A mark on the turn-up, mirrored from the line above the fold.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct MirroredMark {
    /// Distance below the hem fold, on the turn-up folded down.
    pub below: Length,
    /// Old stitching to chalk there.
    pub depth: Length,
    /// Both as they stand on the session's tape.
    pub shown: [String; 2],
}

/// One end of a drawn line.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct SolvedEnd {
    /// What the end does, in millimetres from the seam's lower end.
    pub end: LineEnd,
    /// The same in words.
    pub words: String,
    /// Where it tapers, from the seam's usual datum, as it stands on the session's tape.
    pub shown: Option<String>,
    /// Length of the fade, where it tapers: from the taper to the nearest pin.
    pub fade: Option<f64>,
}

/// A line that can be sewn.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct DrawnLine {
    /// At hem, crotch or tip.
    pub lower: SolvedEnd,
    /// At band or crotch.
    pub upper: SolvedEnd,
    /// Steepest slope, tightest radius, deepest point.
    pub character: LineCharacter,
    /// The line in words: where it ends and how hard it is to sew.
    pub words: String,
    /// The line as chalk marks.
    pub table: ChalkTable,
    /// The line on the turn-up, where it runs off at a hem that has one.
    pub turn_up: Vec<MirroredMark>,
    /// Both edges' lengths along old and new stitching, where the panels are drawn.
    pub edges: Vec<EdgeLength>,
    /// What to do where the two new edges are no longer equally long.
    pub mismatch: Option<String>,
    /// The line sampled for drawing: `[station, depth]` in millimetres.
    #[cfg_attr(feature = "schema", schema(value_type = Vec<Vec<f64>>))]
    pub spine: Vec<[f64; 2]>,
}

/// A depth proposed in place of one that cannot be sewn.
#[derive(Debug, Clone, Copy, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct ProposedDepth {
    /// The evened station, from the seam's lower end.
    pub station: f64,
    /// The depth asked for.
    pub asked: f64,
    /// The depth that works.
    pub works: f64,
}

/// A line that cannot be drawn, with what can.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct LineRefused {
    /// Why not, and the nearest that works.
    pub message: String,
    /// Ends that work with the depths asked for, where moving an end helps.
    pub longer: Option<ProposedEnds>,
    /// Depths that work with the ends as they are.
    pub shallower: Option<Vec<ProposedDepth>>,
}

/// Ends proposed in place of ends that do not work.
#[derive(Debug, Clone, Copy, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct ProposedEnds {
    /// At hem or crotch.
    pub lower: LineEnd,
    /// At band or crotch.
    pub upper: LineEnd,
}

/// What came of one line.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(tag = "outcome", rename_all = "snake_case")]
pub enum LineOutcome {
    /// It can be sewn.
    Drawn(Box<DrawnLine>),
    /// It cannot.
    Refused(LineRefused),
}

/// The line of one side.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct SideLine {
    /// The side; `centre` where one line serves both sides, or there is only one seam.
    pub side: Side,
    /// What came of it.
    #[serde(flatten)]
    pub outcome: LineOutcome,
}

/// What a line may do at one end of its seam, beside fading out anywhere.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct SeamEndings {
    /// Run off the edge: not into a crotch or a tip.
    pub run_off: bool,
    /// Hold one depth: through a band, or over a stretch at an edge.
    pub hold: bool,
    /// Go on into the neighbouring seam.
    pub carry: bool,
}

impl SeamEndings {
    fn of(end: SeamEnd) -> SeamEndings {
        let closed = matches!(end, SeamEnd::CrotchCurve(_) | SeamEnd::CrotchPoint | SeamEnd::Tip);
        SeamEndings { run_off: !closed, hold: !closed, carry: end == SeamEnd::Underarm(true) }
    }
}

/// One seam that was pinned.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct SeamSolution {
    /// The seam.
    pub seam: SeamName,
    /// What it is called.
    pub words: &'static str,
    /// What its two edges are called.
    pub edge_words: [&'static str; 2],
    /// Its length.
    pub length: Length,
    /// Height of the band at its upper end; zero where no band crosses it.
    pub band: Length,
    /// Where its stations are usually counted from.
    pub datum: Datum,
    /// True when stations are counted upward from there.
    pub counts_up: bool,
    /// What a line may be told to do at either end: fade out, run off, hold, be carried across.
    pub ends: [SeamEndings; 2],
    /// The most it can be let out, where its allowance is known.
    pub let_out_limit: Option<Length>,
    /// Allowance on the front and back panel, where it is known.
    pub allowance: Option<[Length; 2]>,
    /// How far the line may miss a pin, in millimetres.
    pub tolerance: f64,
    /// The same as it stands on the session's tape.
    pub tolerance_words: String,
    /// The pins.
    pub pins: Vec<PinRead>,
    /// Left and right evened, on a paired seam.
    pub evening: Option<Evening>,
    /// Its lines: one for both sides, or one a side.
    pub lines: Vec<SideLine>,
}

/// Everything computed from one job.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct Solution {
    /// [`RESULT_FORMAT`].
    pub format: String,
    /// Every seam that takes pins, in the order they are judged.
    pub pinnable: Vec<PinnableSeam>,
    /// Every seam that has a line, in the same order.
    pub seams: Vec<SeamSolution>,
    /// Every measured level, from the top down.
    pub levels: Vec<LevelBalance>,
    /// The band when sitting.
    pub seated: Option<SeatedWaist>,
    /// Whether the foot gets through.
    pub foot: Option<FootThrough>,
    /// Whether a skirt's hem lets its wearer step, where that can be judged.
    pub stride: Option<Stride>,
    /// Whether hand, head, hips and shoulders get through.
    pub put_on: Vec<PutOn>,
    /// Lengths and landmark heights.
    pub lengths: Vec<LengthRow>,
    /// Armholes and caps: one row, or one a side where they differ.
    pub armholes: Vec<ArmholeFit>,
    /// What each level can gain by letting out.
    pub gains: Vec<LevelGain>,
    /// What to set in where that is not enough.
    pub insets: Vec<Inset>,
    /// The hems it has.
    pub hem_places: Vec<HemPlace>,
    /// What is wanted of them, worked out.
    pub hems: Vec<HemSolution>,
    /// The sums kept with it, worked out.
    pub sums: Vec<KeptAnswer>,
    /// The work order.
    pub plan: Plan,
    /// What the person should know.
    pub warnings: Vec<Warning>,
    /// What can be drawn, where the panels can.
    pub drawing: Option<Drawing>,
    /// What to do next, and where.
    pub next: NextAct,
    /// What was read on the garment before it was changed, and is on nothing now.
    pub strays: Vec<Stray>,
}

impl Solution {
    /// True when every pinned seam has a line, and every hem that was asked for can be made.
    #[must_use]
    pub fn is_solved(&self) -> bool {
        self.hems.iter().all(|hem| hem.refused.is_none())
            && self
                .seams
                .iter()
                .flat_map(|seam| &seam.lines)
                .all(|line| matches!(line.outcome, LineOutcome::Drawn(_)))
    }
}

/// Computes everything there is to know from a job.
///
/// What is missing narrows the result and is named in its warnings: without the panels there are
/// lines but no girths, without a body measure a level has no verdict. A line that cannot be
/// drawn is part of the result, with the nearest that can.
///
/// ```
/// use vemble_fit::{Job, garment::LevelName, solve};
/// let text = include_str!("../../../../docs/examples/barn-dance-trousers.vemble.json");
/// let job: Job = serde_json::from_str(text).unwrap();
/// let solution = solve(&job).unwrap();
/// assert!(solution.is_solved());
/// // Pinned at both sides and the centre back, the waist comes in.
/// let waist = &solution.levels[0].girth;
/// assert_eq!(waist.level, LevelName::Waist);
/// assert!(waist.after < waist.before);
/// // Nothing is cut before it was tacked and tried on.
/// let step = |key: &str| solution.plan.steps.iter().position(|step| step.key == key);
/// assert!(step("try_on") < step("trim_outseam"));
/// ```
///
/// # Errors
/// [`JobError`] for a job that holds nonsense, with the place it stands.
pub fn solve(job: &Job) -> Result<Solution, JobError> {
    Solver::new(job)?.solve()
}
