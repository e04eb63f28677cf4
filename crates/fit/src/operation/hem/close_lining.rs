//! The steps of the lining at a hem, once the outside hangs.

use super::steps::Making;
use crate::house::caution::Caution;
use crate::house::choice::{LiningEdge, LiningHangs};
use crate::operation::hem::HemLining;
use crate::plan::act::Act;
use crate::plan::bench::Bench;
use crate::plan::builder::Builder;
use crate::plan::how::how;
use crate::plan::key::StepKey;
use crate::plan::time::Work;

impl Builder<'_> {
    pub(crate) fn line_hem(&mut self, making: &Making<'_>, lining: &HemLining) {
        self.add(
            making
                .draft(Act::HangHem, "Hang it and look at the outside alone")
                .how("The lining pinned up inside: the outer hem level, no pull, no ridge. Only then the lining.")
                .needs([making.key(Act::PressHem)]),
        );
        let moves = self.write(lining.moves);
        self.add(
            making
                .draft(Act::PinLining, "Pin the lining and hang it again")
                .all_how(self.told_of_lining(lining))
                .how(how!("Its edge moves up {moves} from where it is now.", moves))
                .needs([making.key(Act::HangHem)])
                .after([StepKey::whole(Act::TakeInLining)]),
        );
        if lining.edge == LiningEdge::Cut {
            let turn = format!(
                "{} is turned under and {} is slack, counted once.",
                self.write(lining.turn),
                self.write(lining.slack)
            );
            let stop = self.stop(making, turn, false, "A lining cut short drags the outside for good.");
            self.add(
                making
                    .draft(Act::CutLining, "Cut the lining")
                    .how("Along the pins, measured from the outer fold and not from its own edge.")
                    .stop(stop)
                    .needs([making.key(Act::PinLining)])
                    .after([StepKey::whole(Act::Wash)]),
            );
        }
        let (title, by_hand, how) = match lining.hangs {
            LiningHangs::Attached => (
                "Fell the lining to the turn-up",
                true,
                "Fell stitches, close together, into the turn-up only, never through to the outside; the slack is pushed up into a pleat that hangs over them.",
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
            .how("Close the way in last.")
            .needs([making.key(Act::PinLining)])
            .after([making.key(Act::CutLining)]);
        if !by_hand {
            (draft.bench, draft.work, draft.cautions) = (Bench::Machine, Work::Seam, vec![Caution::Needle]);
        }
        self.add(draft);
    }
}
