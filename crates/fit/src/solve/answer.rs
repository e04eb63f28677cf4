//! Everything computed from one job.

use serde::Serialize;

use super::alterations::AlterationSolution;
use super::seam_solution::{LineOutcome, PinnableSeam, SeamSolution};
use crate::finding::warning::Warning;
use crate::judge::armhole::ArmholeFit;
use crate::judge::drawing::Drawing;
use crate::judge::ease::{FootThrough, LevelBalance, SeatedWaist};
use crate::judge::gains::{Inset, LevelGain};
use crate::judge::lengths::LengthRow;
use crate::judge::put_on::PutOn;
use crate::judge::stride::Stride;
use crate::operation::hem::{HemPlace, HemSolution};
use crate::plan::Plan;
use crate::solve::next_act::NextAct;
use crate::solve::stray::Stray;
use crate::sums::{KeptAnswer, KnownSum};

/// The format of a written solution.
pub const RESULT_FORMAT: &str = "vemble-result/1";

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
    /// What is wished for beside lines and hems, worked out, in the order it is done.
    pub alterations: Vec<AlterationSolution>,
    /// The sums kept with it, worked out.
    pub sums: Vec<KeptAnswer>,
    /// What this garment already says of a sum: its row of buttons, its waist, its hem.
    pub known_sums: Vec<KnownSum>,
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
    /// True when every pinned seam has a line, and every hem and alteration that was asked for can be made.
    #[must_use]
    pub fn is_solved(&self) -> bool {
        self.hems.iter().all(|hem| hem.refused.is_none())
            && self.alterations.iter().all(|alteration| alteration.refused.is_none())
            && self
                .seams
                .iter()
                .flat_map(|seam| &seam.lines)
                .all(|line| matches!(line.outcome, LineOutcome::Drawn(_)))
    }
}
