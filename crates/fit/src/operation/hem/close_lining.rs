//! The steps of the lining at a hem: opened all round where it is moved, at each corner by name, and closed by name once
//! the outside hangs.

use super::steps::Making;
use crate::garment::{FeatureKind, LiningClosed};
use crate::house::caution::Caution;
use crate::house::choice::{LiningEdge, LiningHangs};
use crate::operation::builder::Builder;
use crate::operation::hem::{HemKind, HemLining};
use crate::plan::act::Act;
use crate::plan::bench::Bench;
use crate::plan::draft::Draft;
use crate::plan::how::{How, how};
use crate::plan::key::{On, StepKey};
use crate::plan::time::Work;

/// Unpicking and closing the gap a lining was turned through, in millimetres.
const GAP: f64 = 200.0;

impl Builder<'_> {
    /// Where a facing, a vent, a slit meets this hem: the lining is felled there, too.
    fn corners(&self, making: &Making<'_>) -> Vec<(FeatureKind, usize)> {
        let mut corners: Vec<(FeatureKind, usize)> = Vec::new();
        let corner = |kind| matches!(kind, FeatureKind::Facing | FeatureKind::Vent | FeatureKind::Slit);
        for near in self.shape.near_hems.iter().filter(|near| near.hem == making.hem.hem && corner(near.kind))
        {
            let nth = corners.iter().filter(|(kind, _)| *kind == near.kind).count();
            corners.push((near.kind, nth));
        }
        corners
    }

    /// Opens the lining as far as its hem needs: all round, off its edge where it was bagged, and at every corner.
    pub(crate) fn open_lining_for_hem(&mut self, making: &Making<'_>, lining: &HemLining) {
        let closed = self.shape.lining_closed();
        if closed == LiningClosed::Free || !self.garment.source.is_sewn() {
            return;
        }
        let first = self.before_hems();
        let key = making.key(Act::OpenLining);
        // It is opened once, for the seams and for the hem.
        if self.written_steps(|written| written == key).is_empty() {
            let how = self.how_it_opens(making.hem.hem, Some(lining));
            let draft = making.draft(Act::OpenLining, "Open the lining all round").over(making.run);
            self.add(draft.all_how(how).after(first.iter().copied()));
        }
        if closed == LiningClosed::Bagged && making.hem.kind != HemKind::LinedBag {
            self.open_gap(key);
        }
        let undo = self.write(lining.undo);
        for (kind, nth) in self.corners(making) {
            let what = kind.words();
            self.add(
                Draft::new(Act::OpenHemCorner, On::Feature(making.hem.hem, kind, nth), format!("Undo the lining from the {what}"))
                    .over(lining.undo.mm())
                    .how(how!("From the edge up to {undo} above the new fold, or the corner cannot be folded. Pin it out of the way.", undo))
                    .needs([key]),
            );
        }
    }

    pub(crate) fn line_hem(&mut self, making: &Making<'_>, lining: &HemLining) {
        let pressed = making.key(Act::PressHem);
        if making.hem.kind == HemKind::LinedBag {
            self.add(
                making
                    .draft(Act::CloseGap, "Close the gap it was turned through")
                    .over(GAP)
                    .how("Slip-stitch it, or sew close beside its edge: it lies inside, in the lining.")
                    .needs([pressed]),
            );
            self.close_corners(making, making.key(Act::CloseGap));
            return;
        }
        self.add(
            making
                .draft(Act::HangHem, "Hang it and look at the outside alone")
                .how("The lining pinned up inside: the outer hem level, no pull, no ridge. Only then the lining.")
                .needs([pressed]),
        );
        let mut draft = making
            .draft(Act::PinLining, "Pin the lining and hang it again")
            .all_how(self.told_of_lining(lining));
        let mean = making.hem.mean();
        for (which, side) in making.legs() {
            let moves = lining.moves - mean + side.take_up[1];
            let by = self.write(moves.abs());
            let way = if moves.is_negative() { "down" } else { "up" };
            draft =
                draft.how(how!("Its edge{which} moves {way} by {by} from where it is now.", which, way, by));
        }
        self.add(draft.needs([making.key(Act::HangHem)]).after([StepKey::whole(Act::TakeInLining)]));
        if lining.edge == LiningEdge::Cut {
            let slack = self.write(lining.slack);
            let turn = self.write(lining.turn);
            let turn = if lining.slack.is_positive() {
                format!("{turn} is turned under and {slack} is slack, counted once.")
            } else {
                format!("{turn} is turned under, counted once.")
            };
            let stop = self.stop(making, turn, false, "A lining cut short drags the outside for good.");
            self.add(
                making
                    .draft(Act::CutLining, "Cut the lining")
                    .how("Along the pins, measured from the outer fold and not from its own edge.")
                    .stop(stop)
                    .needs([making.key(Act::PinLining)])
                    .after(self.known()),
            );
        }
        let (title, by_hand, how) = match lining.hangs {
            LiningHangs::Attached => (
                "Fell the lining to the turn-up",
                true,
                "Fell stitches, close together, into the turn-up only, never through to the outside; the slack is pushed up and falls into a pleat over them.",
            ),
            LiningHangs::Free => {
                ("Hem the lining by itself", false, "Double fold, by machine; it hangs free all round.")
            }
            LiningHangs::Caught => (
                "Hem the lining and catch it at the seams",
                false,
                "Double fold, by machine; then a thread chain at each seam holds it to the outside.",
            ),
        };
        let mut draft = making
            .draft(Act::SewLining, title)
            .how(how)
            .needs([making.key(Act::PinLining)])
            .after([making.key(Act::CutLining)]);
        if !by_hand {
            (draft.bench, draft.work, draft.cautions) = (Bench::Machine, Work::Seam, vec![Caution::Needle]);
        }
        self.add(draft);
        self.close_corners(making, making.key(Act::SewLining));
    }

    /// Closes every corner that was opened, by its name.
    fn close_corners(&mut self, making: &Making<'_>, after: StepKey) {
        for (kind, nth) in self.corners(making) {
            let on = On::Feature(making.hem.hem, kind, nth);
            if self.written_steps(|key| key == StepKey::new(Act::OpenHemCorner, on)).is_empty() {
                continue;
            }
            let what = kind.words();
            self.add(
                Draft::new(Act::CloseHemCorner, on, format!("Fell the lining back to the {what}"))
                    .over(making.hem.lining.as_ref().map_or(0.0, |lining| lining.undo.mm()))
                    .how("As it was, its edge clear of the fold; nothing caught through to the outside.")
                    .needs([after]),
            );
        }
    }

    /// What is taken of a lining that nobody has spoken of.
    pub(crate) fn assumed_lining(&self) -> Option<How> {
        let noun = self.shape.kind.noun();
        let closed = match self.shape.lining_closed() {
            LiningClosed::Felled => "felled to its turn-up",
            LiningClosed::Bagged => "bagged out",
            LiningClosed::Free => "hanging free",
        };
        let assumed = self.shape.lining.closed.is_none();
        assumed.then(|| how!("Nobody said how its lining is closed: of this {noun} it is taken to be {closed}, as in most. Look first, and say so with the garment if it is otherwise.", noun, closed))
    }

    /// What is unpicked to get behind a lining: for a hem all round its edge, for seams alone wide enough to draw them out.
    pub(crate) fn how_it_opens(&self, hem: crate::garment::HemName, lining: Option<&HemLining>) -> Vec<How> {
        let mut how: Vec<How> = self.assumed_lining().into_iter().collect();
        how.push(match lining {
            Some(lining) => lining.way_in.into(),
            None => self.way_to_the_seams(hem).into(),
        });
        how.push("Pin it up out of the way.".into());
        how
    }

    /// Opens the gap a bagged lining was turned through: once, however many hems are drawn through it.
    fn open_gap(&mut self, opens: StepKey) {
        let key = StepKey::whole(Act::OpenGap);
        if self.written_steps(|written| written == key).is_empty() {
            self.add(
                Draft::new(Act::OpenGap, On::Garment, "Open the gap the lining was turned through")
                    .over(GAP)
                    .how("Usually in a sleeve lining's seam; a row of stitching that shows on the lining's right side tells where.")
                    .after(self.known()),
            );
        }
        if let Some(open) = self.drafts.iter_mut().find(|draft| draft.key == opens) {
            open.needs.push(key);
        }
    }

    /// Closes that gap once every hem drawn through it is felled.
    pub(crate) fn close_gap(&mut self) {
        if self.written_steps(|key| key == StepKey::whole(Act::OpenGap)).is_empty() {
            return;
        }
        let sewn = self
            .written_steps(|key| matches!(key.act, Act::SewLining | Act::CloseLining | Act::CloseHemCorner));
        self.add(
            Draft::new(Act::CloseGap, On::Garment, "Close the gap in the lining")
                .over(GAP)
                .how("By hand, or sewn close beside its edge; it lies inside.")
                .needs(sewn),
        );
    }
}
