//! Closing what was opened, where nothing makes it anew.

use super::open::{LOOP, SLEEVE_HEAD};
use super::work::SeamWork;
use crate::garment::HemName;
use crate::house::rules::HouseRule;
use crate::operation::builder::Builder;
use crate::operation::opening::{Open, Opening};
use crate::plan::act::Act;
use crate::plan::draft::Draft;
use crate::plan::how::{Fact, How, how};
use crate::plan::key::{On, StepKey};

/// Minutes of sewing an eased edge twice by machine, once it is tacked by hand.
const SEWN_TWICE: f64 = 8.0;

impl Builder<'_> {
    /// Closes one thing that was opened.
    pub(crate) fn close(&mut self, open: &Open) {
        let key = open.what.closed_by();
        let aside = self.habits.rule(HouseRule::OpenAside);
        let over = self.written(HouseRule::LockIn);
        let seams = Fact::Seams(open.seams.clone());
        let stitched: f64 =
            self.works.iter().filter(|work| open.seams.contains(&work.seam)).map(SeamWork::run).sum();
        let pressed = self.pressed();
        let wedge = key.on == On::Seam(crate::garment::SeamName::CentreBack);
        let own = if wedge { pressed[1] } else { pressed[0] };
        let draft = |title: &str, how: How| {
            Draft::new(key.act, key.on, title).over(2.0 * aside * open.places as f64).how(how)
        };
        let lower = self.below_the_waist();
        let draft = match open.what {
            // It is closed when everything inside is finished.
            Opening::Lining(_) => return,
            Opening::Fixture(fixture, nth) => return self.put_back(&fixture, nth),
            Opening::Topstitch(_) | Opening::Felled(_) => {
                let draft = if matches!(open.what, Opening::Topstitch(_)) {
                    draft(&format!("Put the topstitching back on the {seams}"), "Same thread and length as before, from the end where it was undone; or leave it off on both sides alike.".into())
                } else {
                    draft(&format!("Fell the {seams} again"), "Fold one allowance over the other as it was, and stitch the fold down close to its edge, from the end where it was undone.".into())
                };
                let draft = draft.over(stitched).on_seams(open.seams.iter().copied()).needs([own]);
                self.add(draft);
                return;
            }
            Opening::WaistSeam => draft(
                "Close the waist seam",
                how!("Seams of bodice and {lower} on each other, then sew over the old ends by {over} on both sides.", lower, over),
            )
            .longer_by(10.0)
            .after(self.set_back()),
            Opening::Armhole => draft(
                "Set the sleeves back in at the underarm",
                "Underarm point on underarm point, tacked by hand first. Ease nothing here: below the notches cap and armhole are equally long. Sew twice through the lowest quarter.".into(),
            )
            .over(4.0 * aside)
            .longer_by(SEWN_TWICE),
            Opening::SleeveHead => {
                let draft = draft(
                    "Set the sleeve heads back in",
                    "Top of the cap on the shoulder seam, notches on notches; two rows of ease stitches between the notches, drawn up and steamed. Tack it in by hand and look at it on the body before it is sewn.".into(),
                )
                .over(2.0 * SLEEVE_HEAD)
                .longer_by(3.0 * SEWN_TWICE);
                if self.shape.kind.is_tailored() {
                    draft.how("Pad and sleeve-head roll go back where they were caught.")
                } else {
                    draft
                }
            }
            Opening::ArmholeEdge => draft(
                "Close the edge of the armholes",
                how!("Facing or binding taken in by as much as the {seams}, then sewn back as it was, its seam turned to the inside.", seams),
            ),
            Opening::Shoulder => draft(
                "Close the shoulder seams",
                how!("Line on line, front on back, then sew over the old ends by {over} on both sides.", over),
            ),
            Opening::Neck => {
                let edge = self.neck_edge();
                draft(
                    &format!("Put the {edge} back"),
                    how!("On the thread marks. Take the {edge} in by what the neck lost there, or ease it on; the same on both sides. Understitch or catch it as it was.", edge),
                )
                .longer_by(SEWN_TWICE)
            }
            Opening::Fastening => draft(
                "Finish the front edges again",
                "Turn each edge on the new line, its facing laid back and pressed; buttons and holes as far from the new edge as they were from the old, on both fronts alike.".into(),
            )
            .over(stitched),
            Opening::Crotch => draft(
                "Close the crotch seam",
                how!("Inseam on inseam, allowances opened; sew over the old ends by {over}, twice through the curve.", over),
            ),
            Opening::Band if self.wedge() => return,
            Opening::Band => {
                let draft = Draft::new(key.act, key.on, "")
                    .over(8.0 * aside)
                    .on_seams(open.seams.iter().copied())
                    .needs([pressed[0]])
                    .after([StepKey::whole(Act::RestoreTopstitch), StepKey::whole(Act::RestoreFelled)]);
                return self.close_band(draft);
            }
            Opening::BeltLoop => draft("Put the belt loop back", "Over the new seam, or leave it off.".into()).over(LOOP).after([
                StepKey::whole(Act::CloseBand),
                StepKey::new(Act::RestoreTopstitch, On::Seam(crate::garment::SeamName::CentreBack)),
            ]),
            Opening::Hem(hem) if self.closes_hem(hem) => return,
            Opening::Hem(hem) => {
                let start = self.shape.hem_seam(hem).words();
                draft(
                    if hem == HemName::Hem { "Close the hem" } else { "Close the sleeve hems" },
                    how!("Fasten every severed seam end first. Fold on the old crease and sew as it was, starting at the {start}.", start),
                )
            }
        };
        // Nothing is closed over what is not finished, pressed and stitched down.
        let inside = [Act::RestoreTopstitch, Act::RestoreFelled].map(StepKey::whole);
        let last: Vec<StepKey> = match open.what {
            Opening::Hem(_) => vec![StepKey::whole(Act::CloseCrotch)],
            Opening::Neck => vec![StepKey::whole(Act::CloseShoulder)],
            Opening::SleeveHead | Opening::ArmholeEdge | Opening::Armhole => {
                vec![StepKey::whole(Act::CloseShoulder)]
            }
            _ => Vec::new(),
        };
        let press =
            if self.written_steps(|key| key == pressed[0]).is_empty() { pressed[1] } else { pressed[0] };
        self.add(
            draft
                .on_seams(open.seams.iter().copied())
                .needs([press])
                .after(pressed)
                .after(inside)
                .after(last),
        );
    }

    /// True where making a hem anew closes it.
    pub(crate) fn closes_hem(&self, hem: HemName) -> bool {
        self.hems_come_last() && self.hems.iter().any(|each| each.hem == hem)
    }

    /// What is set back into seams before anything is closed over them.
    pub(crate) fn set_back(&self) -> Vec<StepKey> {
        let fixtures = self.opened(|what| matches!(what, Opening::Fixture(..)));
        fixtures.into_iter().map(Opening::closed_by).collect()
    }
}
