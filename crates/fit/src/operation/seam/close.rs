//! Closing what was opened, where nothing makes it anew.

use super::open::{LOOP, SLEEVE_HEAD};
use super::work::SeamWork;
use crate::garment::{HemName, SeamName};
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
        let over = self.written(HouseRule::LockIn);
        let seams = Fact::Seams(open.seams.clone());
        let lower = self.below_the_waist();
        let draft = match open.what {
            // It is closed when everything inside is finished.
            Opening::Lining(_) => return,
            Opening::Fixture(fixture, nth) => return self.put_back(&fixture, nth),
            Opening::Topstitch(_) | Opening::Felled(_) => return self.stitch_down(open),
            Opening::Band if self.wedge() => return,
            Opening::Band => return self.close_the_band(open),
            Opening::Hem(hem) if self.closes_hem(hem) => return,
            Opening::Hem(hem) => self.closing_hem(open, hem),
            Opening::WaistSeam => self
                .closing(open, "Close the waist seam", how!("Seams of bodice and {lower} on each other, then sew over the old ends by {over} on both sides.", lower, over))
                .longer_by(10.0)
                .after(self.set_back()),
            Opening::Armhole => self.closing_armhole(open),
            Opening::SleeveHead => self.closing_sleeve_head(open),
            Opening::ArmholeEdge => self.closing(open, "Close the edge of the armholes", how!("Facing or binding taken in by as much as the {seams}, then sewn back as it was, its seam turned to the inside.", seams)),
            Opening::Shoulder => self.closing(open, "Close the shoulder seams", how!("Line on line, front on back, then sew over the old ends by {over} on both sides.", over)),
            Opening::Neck => self.closing_neck(open),
            Opening::Fastening => self.closing_fastening(open),
            Opening::Crotch => self.closing(open, "Close the crotch seam", how!("Inseam on inseam, allowances opened; sew over the old ends by {over}, twice through the curve.", over)),
            Opening::BeltLoop => self.closing_belt_loop(open),
        };
        self.close_by(open, draft);
    }

    /// Nothing is closed over what is not finished, pressed and stitched down.
    fn close_by(&mut self, open: &Open, draft: Draft) {
        let pressed = self.pressed();
        let inside = [Act::RestoreTopstitch, Act::RestoreFelled].map(StepKey::whole);
        let last: Vec<StepKey> = match open.what {
            Opening::Hem(_) => vec![StepKey::whole(Act::CloseCrotch)],
            Opening::Neck => vec![StepKey::whole(Act::CloseShoulder)],
            Opening::SleeveHead | Opening::ArmholeEdge | Opening::Armhole => {
                vec![StepKey::whole(Act::CloseShoulder)]
            }
            _ => Vec::new(),
        };
        let press = pressed.into_iter().find(|press| !self.written_steps(|key| key == *press).is_empty());
        let altered = self.altered_before(open);
        self.add(
            draft
                .on_seams(open.seams.iter().copied())
                .needs(press)
                .needs(altered)
                .after(pressed)
                .after(inside)
                .after(last),
        );
    }

    /// The row that held a seam's fold or its allowances down, sewn again.
    fn stitch_down(&mut self, open: &Open) {
        let key = open.what.closed_by();
        let seams = Fact::Seams(open.seams.clone());
        let (title, how) = if matches!(open.what, Opening::Topstitch(_)) {
            (
                format!("Put the topstitching back on the {seams}"),
                "Same thread and length as before, from the end where it was undone; or leave it off on both sides alike.",
            )
        } else {
            (
                format!("Fell the {seams} again"),
                "Fold one allowance over the other as it was, and stitch the fold down close to its edge, from the end where it was undone.",
            )
        };
        let wedge = key.on == On::Seam(SeamName::CentreBack);
        let own = self.pressed()[usize::from(wedge)];
        let draft = Draft::new(key.act, key.on, title).how(how).over(self.stitched(open));
        self.add(draft.on_seams(open.seams.iter().copied()).needs([own]));
    }

    fn close_the_band(&mut self, open: &Open) {
        let key = open.what.closed_by();
        let draft = Draft::new(key.act, key.on, "")
            .over(8.0 * self.habits.rule(HouseRule::OpenAside))
            .on_seams(open.seams.iter().copied())
            .needs([self.pressed()[0]])
            .after([StepKey::whole(Act::RestoreTopstitch), StepKey::whole(Act::RestoreFelled)]);
        self.close_band(draft);
    }

    /// How much of the seams it is open for is sewn, in millimetres.
    fn stitched(&self, open: &Open) -> f64 {
        self.works.iter().filter(|work| open.seams.contains(&work.seam)).map(SeamWork::run).sum()
    }

    fn closing(&self, open: &Open, title: &str, how: How) -> Draft {
        let key = open.what.closed_by();
        let run = 2.0 * self.habits.rule(HouseRule::OpenAside) * open.places as f64;
        Draft::new(key.act, key.on, title).over(run).how(how)
    }

    fn closing_hem(&self, open: &Open, hem: HemName) -> Draft {
        let title = if hem == HemName::Hem { "Close the hem" } else { "Close the sleeve hems" };
        let start = self.shape.hem_seam(hem).words();
        self.closing(open, title, how!("Fasten every severed seam end first. Fold on the old crease and sew as it was, starting at the {start}.", start))
    }

    fn closing_armhole(&self, open: &Open) -> Draft {
        self.closing(
            open,
            "Set the sleeves back in at the underarm",
            "Underarm point on underarm point, tacked by hand first. Ease nothing here: below the notches cap and armhole are equally long. Sew twice through the lowest quarter.".into(),
        )
        .over(4.0 * self.habits.rule(HouseRule::OpenAside))
        .longer_by(SEWN_TWICE)
    }

    fn closing_sleeve_head(&self, open: &Open) -> Draft {
        let draft = self
            .closing(
                open,
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

    fn closing_neck(&self, open: &Open) -> Draft {
        let edge = self.neck_edge();
        self.closing(
            open,
            &format!("Put the {edge} back"),
            how!("On the thread marks. Take the {edge} in by what the neck lost there, or ease it on; the same on both sides. Understitch or catch it as it was.", edge),
        )
        .longer_by(SEWN_TWICE)
    }

    fn closing_fastening(&self, open: &Open) -> Draft {
        self.closing(
            open,
            "Finish the front edges again",
            "Turn each edge on the new line, its facing laid back and pressed; buttons and holes as far from the new edge as they were from the old, on both fronts alike.".into(),
        )
        .over(self.stitched(open))
    }

    fn closing_belt_loop(&self, open: &Open) -> Draft {
        let band = [
            StepKey::whole(Act::CloseBand),
            StepKey::new(Act::RestoreTopstitch, On::Seam(SeamName::CentreBack)),
        ];
        self.closing(open, "Put the belt loop back", "Over the new seam, or leave it off.".into())
            .over(LOOP)
            .after(band)
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
