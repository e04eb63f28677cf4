//! The steps of the lining at a hem, once the outside hangs.

use super::builder::Builder;
use super::hem_steps::Making;
use super::{Bench, Work};
use crate::Caution;
use crate::choice::{LiningEdge, LiningHangs};
use crate::hem::HemLining;

impl Builder<'_> {
    pub(super) fn line_hem(&mut self, making: &Making<'_>, lining: &HemLining) {
        let step = self.add(
            &making.key("hang"),
            "Hang it and look at the outside alone".into(),
            Bench::Body,
            Work::Look,
            0.0,
        );
        step.how = vec![
            "The lining pinned up inside: the outer hem level, no pull, no ridge. Only then the lining."
                .into(),
        ];
        self.needs(&[&making.key("press")]);
        let mut how = lining.words.clone();
        how.push(format!("Its edge moves up {} from where it is now.", self.write(lining.moves)));
        let step = self.add(
            &making.key("pin_lining"),
            "Pin the lining and hang it again".into(),
            Bench::Table,
            Work::Look,
            0.0,
        );
        step.how = how;
        step.tools = vec!["pins", "tape"];
        step.cautions = Caution::sentences(&[Caution::Pins]);
        self.needs(&[&making.key("hang")]);
        if lining.edge == LiningEdge::Cut {
            let name = making.key("cut_lining");
            let turn = format!(
                "{} is turned under and {} is slack, counted once.",
                self.write(lining.turn),
                self.write(lining.slack)
            );
            let stop =
                self.stop(making, &name, &turn, false, "A lining cut short drags the outside for good.");
            let step = self.add(&name, "Cut the lining".into(), Bench::Table, Work::Cut, making.run);
            step.how = vec!["Along the pins, measured from the outer fold and not from its own edge.".into()];
            step.tools = vec!["scissors"];
            step.cautions = Caution::sentences(&[Caution::Blade]);
            step.stop = Some(stop);
            self.needs(&[&making.key("pin_lining"), "wash"]);
        }
        let (title, work, how) = match lining.hangs {
            LiningHangs::Attached => (
                "Fell the lining to the turn-up",
                Work::Hand,
                "Fell stitches, close together, into the turn-up only, never through to the outside; the slack is pushed up into a pleat that hangs over them.",
            ),
            LiningHangs::Free => {
                ("Hem the lining by itself", Work::Seam, "Double fold, by machine; it hangs free all round.")
            }
            LiningHangs::Caught => (
                "Hem the lining and catch it at the seams",
                Work::Seam,
                "Double fold, by machine; then a thread chain at each seam holds it to the outside.",
            ),
        };
        let bench = if work == Work::Hand { Bench::Table } else { Bench::Machine };
        let step = self.add(&making.key("sew_lining"), title.into(), bench, work, making.run);
        step.how = vec![how.into(), "Close the way in last.".into()];
        step.tools = vec!["fine needle", "thread"];
        if bench == Bench::Machine {
            step.cautions = Caution::sentences(&[Caution::Needle]);
        }
        self.needs(&[&making.key("pin_lining"), &making.key("cut_lining")]);
    }
}
