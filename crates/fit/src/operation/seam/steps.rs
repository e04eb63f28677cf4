//! The steps of taking in and letting out the seams of a garment.

use super::work::SeamWork;
use crate::garment::{BandBuild, SeamName, Source};
use crate::house::choice::{MatchBy, MirrorBy, PinFace, PinsLie};
use crate::house::habit::AllowanceHabit;
use crate::house::rules::HouseRule;
use crate::plan::act::Act;
use crate::plan::builder::Builder;
use crate::plan::draft::{Draft, StopFacts};
use crate::plan::how::{Fact, How, how};
use crate::plan::key::{On, StepKey};
use crate::plan::opening::{Open, Opening, has_wedge};

/// Length of a belt loop's stitching, in millimetres.
const LOOP: f64 = 40.0;

impl Builder<'_> {
    /// What comes before anything is touched.
    pub(crate) fn before(&mut self) {
        let photograph = StepKey::whole(Act::PhotographInside);
        if self.garment.source != Source::Toile {
            let band = if self.shape.kind.has_band() { "the band " } else { "" };
            let kind = self.shape.kind.words();
            self.add(
                Draft::new(Act::PhotographInside, On::Garment, "Photograph the inside")
                    .how(how!("Turn the {kind} inside out and photograph each seam, {band}and the hem before anything is undone.", kind, band))
                    .how("Note how the allowance is finished: it goes back the same way."),
            );
        }
        // A swatch's loss is in the line: washed before the cut, the garment would lose it twice.
        if !self.garment.washed && self.garment.wash_test.is_none() {
            let mut draft = Draft::new(Act::Wash, On::Garment, "Wash and dry it")
                .how("As it will be washed later. What is going to shrink must shrink before the cut.")
                .after([photograph]);
            draft.passive_hours = 20.0;
            self.add(draft);
        }
    }

    /// Every step of the seams, from the chalk to the last closing.
    pub(crate) fn seams(&mut self) {
        self.chalk();
        for open in self.openings.clone() {
            self.open(&open);
        }
        self.tack();
        self.cut_band();
        let works = self.works;
        for work in works {
            self.sew(work);
            self.trim(work);
        }
        self.finish_and_press();
        if self.shape.lined {
            self.take_in_lining();
        }
        for open in self.openings.clone() {
            self.close(&open);
        }
    }

    /// Length of seam that is worked, in millimetres.
    fn run(&self) -> f64 {
        self.works.iter().map(SeamWork::run).sum()
    }

    fn chalk(&mut self) {
        let how = self.how_to_chalk();
        let opened = self.opened(|what| matches!(what, Opening::Lining(_)));
        self.add(
            Draft::new(Act::Chalk, On::Garment, "Chalk every line on both panels")
                .over(2.0 * self.run())
                .all_how(how)
                .needs(opened.into_iter().map(Opening::opened_by))
                .after([StepKey::whole(Act::Wash), StepKey::whole(Act::PhotographInside)]),
        );
    }

    fn how_to_chalk(&self) -> Vec<How> {
        let from = match self.habits.match_by {
            MatchBy::OldSeam => {
                "Lay the seam flat, the old stitching straight. Work down the chalk table: station with one tape, depth with the other."
            }
            MatchBy::RawEdge => {
                "Lay the seam flat, the raw edge straight. Work down the chalk table: station with one tape, edge to chalk with the other; where no allowance was entered, measure from the old stitching."
            }
        };
        let over = match self.habits.mirror_by {
            MirrorBy::Landmark => {
                "Measure the other side afresh from its own hem, band or underarm; take the fitting pins out only when both sides are marked."
            }
            MirrorBy::Seams => {
                "Lay seam on seam and pin through to carry the line across; take the fitting pins out only when both sides are marked."
            }
        };
        let face = match self.habits.pin_face {
            PinFace::RightSide => {
                "It was pinned right side out: turn it, and mark each pin through from the inside before it is read."
            }
            PinFace::InsideOut => {
                "It was pinned inside out: the wearer's left is the left seam as it was worn, not as it lies before you."
            }
        };
        let mut how = vec![How::from(from), How::from(face)];
        if self.shape.underlined {
            how.push("It is underlined: thread-trace each line through underlining and cloth together, and tack both to each other on either side of it; from here on they are one.".into());
        }
        how.push(
            "Join the marks along a curved ruler; the line leaves the old stitching without a corner.".into(),
        );
        how.push(over.into());
        how
    }

    /// Opens one thing for every seam that needs it.
    fn open(&mut self, open: &Open) {
        let aside = self.written(HouseRule::OpenAside);
        // To either side of each place.
        let run = 2.0 * self.habits.rule(HouseRule::OpenAside) * open.places as f64;
        let key = open.what.opened_by();
        let draft = |title: String| Draft::new(key.act, key.on, title).over(run);
        let draft = match open.what {
            Opening::Lining(hem) => return self.open_lining(hem, &open.seams),
            Opening::Fixture(fixture, nth) => return self.take_out(&fixture, nth),
            Opening::Topstitch => {
                let stitched = self.works.iter().filter(|work| open.seams.contains(&work.seam));
                draft(format!("Undo the topstitching on the {}", Fact::Seams(open.seams.clone())))
                    .over(stitched.map(SeamWork::run).sum())
                    .how("Every fourth stitch from the back, then pull the thread from the front. It goes back last.")
            }
            Opening::Hem(hem) => draft(match hem {
                crate::garment::HemName::Hem => "Open the hem at the seams".to_owned(),
                crate::garment::HemName::Sleeve => "Open the sleeve hems at the seams".to_owned(),
            })
            .how(how!("Unpick {aside} to either side of each seam and press the fold out. The line is mirrored across the fold, so that the turn-up still matches.", aside)),
            Opening::Armhole => draft("Open the armholes at the underarm".to_owned())
                .over(4.0 * self.habits.rule(HouseRule::OpenAside))
                .how(how!("Unpick sleeve from body {aside} to either side of the underarm, so that side seam and sleeve can be sewn in one pass. Thread-mark the underarm point on both.", aside)),
            Opening::WaistSeam => draft("Open the waist seam where the lines cross it".to_owned()).how(how!("Unpick bodice from skirt {aside} to either side of each line. Bodice and skirt must lose the same there, or they no longer fit together.", aside)),
            Opening::BeltLoop => draft("Take off the belt loop at the centre back".to_owned())
                .over(LOOP)
                .how("Unpick it and keep it; it goes back, or is left off."),
            Opening::Band => {
                let mut how = Vec::new();
                if open.seams.contains(&SeamName::CentreBack) && has_wedge(self.shape, self.works) {
                    how.push(how!("Unpick the band's own seam at the centre back, and the band from the body {aside} to either side.", aside));
                }
                if open.seams.iter().any(|seam| *seam != SeamName::CentreBack) {
                    how.push("Unpick the band from the body round each seam that is moved. The band itself is shortened there, or at its centre-back seam.".into());
                }
                // The band has two layers.
                draft("Open the waistband".to_owned())
                    .over(2.0 * run)
                    .all_how(how)
                    .after([StepKey::whole(Act::RemoveBeltLoop)])
            }
        };
        self.add(draft.on_seams(open.seams.iter().copied()).needs([StepKey::whole(Act::Chalk)]));
    }

    fn tack(&mut self) {
        let mut how = vec![How::from(
            "Longest stitch, 4–5, contrast thread, no back stitch: it comes out in one pull.",
        )];
        if self.works.iter().any(|work| work.lets_out) {
            how.push("Where a line lets out, tack it first, then open the old stitching inside it.".into());
        }
        if self.folds_band() {
            how.push(
                "The band is one piece: fold it at the centre back and tack the fold. It is not cut yet."
                    .into(),
            );
        }
        let opened = self.opened(|_| true);
        let run = self.run();
        self.add(
            Draft::new(Act::Tack, On::Garment, "Tack every new line")
                .over(run)
                .all_how(how)
                .needs([StepKey::whole(Act::Chalk)])
                .needs(opened.into_iter().map(Opening::opened_by)),
        );
        let moves = if self.shape.kind.has_legs() {
            "Right layers and shoes, closed as it will be closed. Stand, look ahead; then sit, step up, bend a knee."
        } else {
            "Right layers and shoes, closed as it will be closed. Stand, look ahead; then sit, reach forward, raise both arms."
        };
        self.add(
            Draft::new(Act::TryOn, On::Garment, "Try it on, tacked")
                .how(moves)
                .how("If anything strains or hangs loose, go back to the Mirror and move pins. Nothing is cut before this passes.")
                .needs([StepKey::whole(Act::Tack)]),
        );
    }

    /// True where a one-piece band is folded, and cut, at the centre back.
    fn folds_band(&self) -> bool {
        let band = &self.shape.band;
        has_wedge(self.shape, self.works)
            && self.shape.kind.has_band()
            && band.height.is_positive()
            && band.build == BandBuild::OnePiece
    }

    fn cut_band(&mut self) {
        let Some(centre) = self.works.iter().find(|work| work.seam == SeamName::CentreBack) else { return };
        if !self.folds_band() {
            return;
        }
        let facts = StopFacts {
            because: "A band cut at the centre back cannot be made whole again.",
            tried: StepKey::whole(Act::TryOn),
            apart: centre.apart(),
            allowance: "Cut at the centre of the fold: both halves keep their allowance.".into(),
            stays: None,
            rolled_down: false,
        };
        let height = self.shape.band.height.mm();
        self.add(
            Draft::new(Act::CutBand, On::Garment, "Cut the band at the centre back")
                .over(2.0 * height)
                .how("Unpick the band from the body to either side, then cut it once, square, at the centre of the folded take-in.")
                .how("Each half now reaches past the new seam by the take-in: that is its allowance.")
                .on_seams([SeamName::CentreBack])
                .stop(facts)
                .needs([StepKey::whole(Act::TryOn)])
                .after([StepKey::whole(Act::Wash)]),
        );
    }

    /// Joins the halves of the band to the body, before the centre back is closed through both.
    fn join_band(&mut self) {
        // Every other seam that runs into the band is finished before the band goes over it.
        let into: Vec<SeamName> = self
            .works
            .iter()
            .filter(|work| work.at_band && work.seam != SeamName::CentreBack)
            .map(|work| work.seam)
            .collect();
        let opened = into.iter().map(|seam| StepKey::new(Act::OpenOld, On::Seam(*seam)));
        let back =
            self.opened(|what| matches!(what, Opening::Fixture(fixture, _) if into.contains(&fixture.seam)));
        let mut how = vec![How::from(
            "Each half goes back on its own side first, right up to the new line. Then one seam closes body and band together, and can be reopened alone.",
        )];
        if !into.is_empty() {
            let seams = Fact::Seams(into.clone());
            how.insert(
                0,
                how!(
                    "Take each half in at the {seams} by as much as the body lost there, before it goes back.",
                    seams
                ),
            );
        }
        self.add(
            Draft::new(Act::JoinBand, On::Garment, "Join each band half to the body")
                .over(4.0 * self.habits.rule(HouseRule::OpenAside))
                .all_how(how)
                .on_seams(into.iter().copied().chain([SeamName::CentreBack]))
                .needs([StepKey::whole(Act::TryOn)])
                .needs(into.iter().map(|seam| StepKey::new(Act::Sew, On::Seam(*seam))))
                .needs(back.into_iter().map(Opening::closed_by))
                .after([Act::CutBand, Act::OpenBand].map(StepKey::whole))
                .after(opened),
        );
    }

    fn sew(&mut self, work: &SeamWork<'_>) {
        let wedge = work.seam == SeamName::CentreBack && has_wedge(self.shape, self.works);
        if wedge {
            self.join_band();
        }
        let mut how = vec![if work.seam.is_dart() {
            {
                let run = self.written(HouseRule::DartRun);
                how!(
                    "From the wide end to the tip, both legs equal; the last {run} run within a thread of the fold. Tie the ends by hand on fine cloth, or take two or three short stitches back.",
                    run
                )
            }
        } else {
            {
                let over = self.written(HouseRule::LockIn);
                how!(
                    "Start on the old stitching before the line leaves it, sew {over} into it at the other end, then fasten.",
                    over
                )
            }
        }];
        how.push("Test stitch and tension on a scrap.".into());
        how.push(
            match self.habits.pins_lie {
                PinsLie::Along => "The pins lie along the line: take each out as the foot comes to it.",
                PinsLie::Across => "The pins lie across, heads towards you: pull each before the needle.",
                PinsLie::Slanted => "The pins lie slanted, heads towards you: pull each before the needle.",
            }
            .into(),
        );
        if work.lines.len() > 1 && !work.seam.is_dart() {
            let one = if self.shape.kind.has_legs() { "leg" } else { "side" };
            how.push(how!("Keep the bulk outside the machine: sew one {one} from the hem up, the other from the top down.", one));
        }
        if work.lines.len() > 1 && work.apart().is_some_and(|apart| apart.is_positive()) {
            how.push("Left and right are different on purpose: each by its own chalk.".into());
        }
        if work.at_armhole && work.seam == SeamName::Side && self.shape.has(SeamName::SleeveUnderarm) {
            how.push("In one pass from the hem through the underarm into the sleeve, the armhole's allowance folded up out of the way.".into());
        }
        let (needle, stitch) = self.garment.cloth.family.needle_and_stitch();
        let on = On::Seam(work.seam);
        let mut needs = vec![StepKey::whole(Act::TryOn)];
        if wedge {
            needs.push(StepKey::whole(Act::JoinBand));
        }
        self.add(
            Draft::new(Act::Sew, on, format!("Sew the {}{}", work.seam.words(), work.plural()))
                .over(work.run())
                .all_how(how)
                .with([needle, stitch])
                .needs(needs)
                .after([StepKey::whole(Act::CutBand)]),
        );
        if work.takes_in {
            self.add(
                Draft::new(
                    Act::OpenOld,
                    on,
                    format!("Open the old stitching of the {}{}", work.seam.words(), work.plural()),
                )
                .over(work.run())
                .how("Unpick the old stitching inside the new, or the allowance cannot be pressed open.")
                .needs([StepKey::new(Act::Sew, on)]),
            );
        }
    }

    fn trim(&mut self, work: &SeamWork<'_>) {
        let trims = self.habits.allowance == AllowanceHabit::Trim
            && self.garment.source != Source::Toile
            && !work.seam.is_dart()
            && work.takes_in;
        if !trims {
            return;
        }
        let to = self.garment.cloth.fray.trim_to();
        let to_words = self.write(to);
        let on = On::Seam(work.seam);
        let facts = StopFacts {
            because: "What is trimmed off can never be let out again.",
            tried: StepKey::whole(Act::TryOn),
            apart: work.apart(),
            allowance: format!("{to_words} beyond the new stitching stays on each panel, counted once."),
            stays: Some((work.seam, to)),
            rolled_down: false,
        };
        self.add(
            Draft::new(Act::Trim, on, format!("Trim the {}{} to {to_words}", work.seam.words(), work.plural()))
                .over(2.0 * work.run())
                .how(how!("Measure {to_words} from the new stitching, not from the old edge. Cut one panel at a time and keep the garment clear of the blades.", to_words))
                .stop(facts)
                .needs([StepKey::whole(Act::TryOn), StepKey::new(Act::Sew, on), StepKey::new(Act::OpenOld, on)])
                .after([StepKey::whole(Act::Wash)]),
        );
    }

    fn finish_and_press(&mut self) {
        let run = self.run();
        let worked = self.written_steps(|key| matches!(key.act, Act::Sew | Act::OpenOld | Act::Trim));
        let edges = match self.habits.allowance {
            AllowanceHabit::Keep => {
                "Overcast the edges as they are: the whole allowance stays inside for letting out again."
            }
            AllowanceHabit::Trim => {
                "Overlock or zigzag each edge; never overlock early, it trims away what could be let out."
            }
        };
        self.add(
            Draft::new(Act::FinishEdges, On::Garment, "Finish the raw edges")
                .over(2.0 * run)
                .how(edges)
                .needs(worked),
        );
        let press = self.garment.cloth.fibre.press();
        self.add(
            Draft::new(Act::Press, On::Garment, "Press every new seam")
                .over(run)
                .how(how!("As sewn first, then open: {press}. Test on an offcut, and let it go cold before it is moved.", press))
                .needs([StepKey::whole(Act::FinishEdges)]),
        );
    }

    /// Closes one thing that was opened, where nothing makes it anew.
    fn close(&mut self, open: &Open) {
        let key = open.what.closed_by();
        let aside = self.habits.rule(HouseRule::OpenAside);
        let over = self.written(HouseRule::LockIn);
        let draft = |title: &str, how: How| Draft::new(key.act, key.on, title).over(4.0 * aside).how(how);
        let draft = match open.what {
            // It is closed when everything inside is finished.
            Opening::Lining(_) => return,
            Opening::Fixture(fixture, nth) => return self.put_back(&fixture, nth),
            Opening::Topstitch => {
                let stitched = self.works.iter().filter(|work| open.seams.contains(&work.seam));
                draft(
                    "Put the topstitching back",
                    "Same thread and length as before, from the end where it was undone; or leave it off on both sides alike.".into(),
                )
                .over(stitched.map(SeamWork::run).sum())
            }
            Opening::WaistSeam => draft(
                "Close the waist seam",
                how!("Seams of bodice and skirt on each other, then sew over the old ends by {over} on both sides.", over),
            )
            .after(self.set_back()),
            Opening::Armhole => draft(
                "Sew the sleeves back in at the underarm",
                "Underarm point on underarm point. Ease nothing here: below the notches cap and armhole are equally long. Sew twice through the lowest quarter.".into(),
            ),
            Opening::Band if has_wedge(self.shape, self.works) => return,
            Opening::Band => draft(
                "Shorten the band and put it back",
                "Take the band in by as much as the body lost, at the side seams or its centre-back seam, then sew it back from the inside.".into(),
            )
            .over(8.0 * aside)
            .after(self.set_back()),
            Opening::BeltLoop => draft("Put the belt loop back", "Over the new seam, or leave it off.".into()).over(LOOP),
            Opening::Hem(hem) if self.hems_come_last() && self.hems.iter().any(|each| each.hem == hem) => return,
            Opening::Hem(hem) => {
                let start = self.shape.hem_seam(hem).words();
                draft(
                    if hem == crate::garment::HemName::Hem { "Close the hem" } else { "Close the sleeve hems" },
                    how!("Fasten every severed seam end first. Fold on the old crease and sew as it was, starting at the {start}.", start),
                )
            }
        };
        self.add(draft.on_seams(open.seams.iter().copied()).needs([StepKey::whole(Act::Press)]));
    }

    /// What is set back into seams before anything is closed over them.
    fn set_back(&self) -> Vec<StepKey> {
        let fixtures = self.opened(|what| matches!(what, Opening::Fixture(..)));
        fixtures.into_iter().map(Opening::closed_by).collect()
    }

    /// What ends every order: look, and write down.
    pub(crate) fn look_at_the_end(&mut self) {
        let (title, how) = if self.shape.kind.has_legs() {
            (
                "Check the hem and both legs",
                "Hang it for an hour, then try on with the shoes: both hems level, legs equally long, nothing to tread on.",
            )
        } else {
            (
                "Check the hem and both sides",
                "Hang it for an hour, then try on with the shoes: the hem level all round, both sides alike, nothing to tread on.",
            )
        };
        // Everything that ends somewhere comes before it.
        let ends = self.ends();
        self.add(Draft::new(Act::HemCheck, On::Garment, title).how(how).needs(ends));
        self.add(
            Draft::new(Act::WriteDown, On::Garment, "Measure it and write it down")
                .how("Flat, at every level: what it measures now, and what to do differently next time. Pins counted.")
                .needs([StepKey::whole(Act::HemCheck)]),
        );
    }
}
