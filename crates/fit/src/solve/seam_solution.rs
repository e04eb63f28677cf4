//! What came of one seam: its pins as they are understood, its lines, or why there are none.

use serde::Serialize;

use crate::garment::datum::Datum;
use crate::garment::side::Side;
use crate::garment::{SeamEnd, SeamName, View};
use crate::line::{ChalkTable, LineCharacter, LineEnd};
use crate::reading::evening::Evening;
use crate::unit::length::Length;

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
    /// The side of the garment it is looked at from; nothing where it is seen from both.
    pub seen_from: Option<View>,
    /// True for the seam pinning begins at.
    pub first: bool,
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
    /// What a line may do at an end of this kind.
    #[must_use]
    pub fn of(end: SeamEnd) -> SeamEndings {
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
    /// True where there is one on each side.
    pub paired: bool,
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
