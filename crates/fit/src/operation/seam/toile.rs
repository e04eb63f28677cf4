//! What becomes of a toile once it has been tried on: marked, taken apart, trued and carried to its pattern.

use super::work::SeamWork;
use crate::operation::builder::Builder;
use crate::plan::act::Act;
use crate::plan::draft::Draft;
use crate::plan::key::{On, StepKey};

impl Builder<'_> {
    /// Carries a toile back to its paper; it is never finished, hemmed and hung.
    pub(crate) fn carry_over(&mut self) {
        let run: f64 = self.works.iter().map(SeamWork::run).sum::<f64>()
            + self.hems.iter().flat_map(|hem| &hem.sides).map(|side| side.girth[1].mm()).sum::<f64>();
        let ends = self.ends();
        self.add(
            Draft::new(Act::MarkToile, On::Garment, "Mark the toile on both layers")
                .over(2.0 * run)
                .how("Pencil along every tacked line on both layers, and cross it where seams meet; levels, centre front, centre back and notches too. Write on each piece what it is.")
                .how("A raw edge misleads: what counts is its new line, and its edge less the allowance that is not sewn.")
                .needs(ends),
        );
        self.add(
            Draft::new(Act::UnpickToile, On::Garment, "Take it apart and press it flat")
                .over(2.0 * run)
                .how("Old stitching and tacking out, everything pressed without steam, so that nothing stretches.")
                .needs([StepKey::whole(Act::MarkToile)]),
        );
        self.add(
            Draft::new(Act::TrueToile, On::Garment, "True the lines")
                .over(2.0 * run)
                .how("Join the marks with a ruler and a curve. Walk every pair of edges that is sewn together: equally long, or eased on purpose; corners square where they cross a seam.")
                .needs([StepKey::whole(Act::UnpickToile)]),
        );
        self.add(
            Draft::new(Act::CarryToPattern, On::Garment, "Carry it to the pattern")
                .over(2.0 * run)
                .how("Lay each piece on its paper, grain on grain, and trace the new lines; allowances and notches are drawn anew, and both sides become one piece where they are alike.")
                .how("Write on the paper what was changed, and by how much.")
                .needs([StepKey::whole(Act::TrueToile)]),
        );
    }
}
