//! Opening what is in the way of new lines: each thing once, for every seam that needs it.

use super::work::SeamWork;
use crate::garment::{Collar, HemName, SeamName};
use crate::house::rules::HouseRule;
use crate::operation::builder::Builder;
use crate::operation::opening::{Open, Opening};
use crate::plan::act::Act;
use crate::plan::draft::Draft;
use crate::plan::how::{Fact, how};
use crate::plan::key::StepKey;

/// Length of a belt loop's stitching, in millimetres.
pub(crate) const LOOP: f64 = 40.0;
/// Unpicking a sleeve head from front notch to back notch, in millimetres.
pub(crate) const SLEEVE_HEAD: f64 = 260.0;

impl Builder<'_> {
    /// Opens one thing for every seam that needs it.
    pub(crate) fn open(&mut self, open: &Open) {
        let aside = self.written(HouseRule::OpenAside);
        // To either side of each place.
        let run = 2.0 * self.habits.rule(HouseRule::OpenAside) * open.places as f64;
        let key = open.what.opened_by();
        let seams = Fact::Seams(open.seams.clone());
        let stitched =
            self.works.iter().filter(|work| open.seams.contains(&work.seam)).map(SeamWork::run).sum();
        let draft = |title: String| Draft::new(key.act, key.on, title).over(run);
        let lower = self.below_the_waist();
        let draft = match open.what {
            Opening::Lining(hem) => return self.open_lining(hem, &open.seams),
            Opening::Fixture(fixture, nth) => return self.take_out(&fixture, nth),
            Opening::Topstitch(_) => draft(format!("Undo the topstitching on the {seams}"))
                .over(stitched)
                .how("Every fourth stitch from the back, then pull the thread from the front. It goes back last."),
            Opening::Felled(_) => draft(format!("Undo the felling of the {seams}"))
                .over(2.0 * stitched)
                .how("The row that holds the fold down first, then the seam itself as far as the line goes; both allowances pressed out flat. It is felled again the same way."),
            Opening::Hem(hem) => draft(match hem {
                HemName::Hem => format!("Open the hem at the {seams}"),
                HemName::Sleeve => "Open the sleeve hems at their seams".to_owned(),
            })
            .how(how!("Unpick {aside} to either side of each seam and press the fold out. The line is mirrored across the fold, so that the turn-up still matches.", aside)),
            Opening::Armhole => {
                let pass = if self.in_one_pass() {
                    ", so that side seam and sleeve can be sewn in one pass"
                } else {
                    ", so that each seam is sewn through to its end"
                };
                draft("Open the armholes at the underarm".to_owned())
                    .over(4.0 * self.habits.rule(HouseRule::OpenAside))
                    .how(how!("Unpick sleeve from body {aside} to either side of the underarm{pass}. Thread-mark the underarm point on both.", aside, pass))
            }
            Opening::ArmholeEdge => draft("Open the edge of the armholes".to_owned())
                .how(how!("Facing or binding: unpick it {aside} to either side of the {seams} and turn it up out of the way.", aside, seams)),
            Opening::SleeveHead => {
                let draft = draft("Open the sleeve heads at the shoulder".to_owned())
                    .over(2.0 * SLEEVE_HEAD)
                    .how("Unpick sleeve from body from the front notch over the shoulder to the back notch. Thread-mark the top of the cap, which goes back to the shoulder seam.");
                if self.shape.kind.is_tailored() {
                    draft.how("Pad and sleeve-head roll come out with it: mark where they are caught.")
                } else {
                    draft
                }
            }
            Opening::Shoulder => draft("Open the shoulder seams where the lines run into them".to_owned())
                .how(how!("Unpick {aside} to either side of the {seams}. Front and back must lose the same there.", aside, seams)),
            Opening::Neck => {
                let edge = self.neck_edge();
                draft(format!("Open the {edge} at the {seams}"))
                    .how(how!("Unpick the {edge} {aside} to either side and turn it up. Thread-mark where it met the seam.", edge, aside))
            }
            Opening::Fastening => draft("Undo the front edges".to_owned())
                .over(stitched)
                .how("Facing or fly off the edge as far as the line goes; buttons, hooks or zip off, each place thread-marked on both fronts."),
            Opening::Crotch => draft("Open the crotch seam where the inseams meet it".to_owned())
                .how(how!("Unpick {aside} to either side: four allowances cross there, and none may be caught in the other.", aside)),
            Opening::WaistSeam => draft("Open the waist seam where the lines cross it".to_owned())
                .how(how!("Unpick bodice from {lower} {aside} to either side of each line. Both must lose the same there, or they no longer fit together.", lower, aside)),
            Opening::BeltLoop => draft("Take off the belt loop at the centre back".to_owned())
                .over(LOOP)
                .how("Unpick it and keep it; it goes back, or is left off."),
            Opening::Band => {
                let mut draft = draft("Open the waistband".to_owned())
                    // The band has two layers.
                    .over(2.0 * run)
                    .how(how!("Unpick the band from the body {aside} to either side of the {seams}, and thread-mark each seam on it.", aside, seams))
                    .after([StepKey::whole(Act::RemoveBeltLoop)]);
                if open.seams.contains(&SeamName::CentreBack)
                    && self.shape.band.build == crate::garment::BandBuild::TwoHalves
                {
                    draft = draft.how("Unpick the band's own seam at the centre back.");
                }
                draft
            }
        };
        self.add(draft.on_seams(open.seams.iter().copied()).needs(self.marked_before(open)));
    }

    /// What hangs from the waist seam.
    pub(crate) fn below_the_waist(&self) -> &'static str {
        if self.shape.kind.has_legs() { "trousers" } else { "skirt" }
    }

    /// What finishes the neck, as its collar was said to be.
    pub(crate) fn neck_edge(&self) -> &'static str {
        match self.shape.collar() {
            Collar::None => "neck facing",
            Collar::Ribbed => "neckband",
            Collar::Stand
            | Collar::Shirt
            | Collar::Flat
            | Collar::Notched
            | Collar::Peaked
            | Collar::Shawl => "collar",
        }
    }
}
