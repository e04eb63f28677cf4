//! The steps of a garment's seams, from looking at it to the last look.

use super::work::SeamWork;
use crate::garment::{LiningClosed, Purpose, SeamName, Source};
use crate::house::rules::HouseRule;
use crate::operation::builder::Builder;
use crate::plan::act::Act;
use crate::plan::draft::{Draft, StopFacts};
use crate::plan::how::{Fact, How, how};
use crate::plan::key::{On, StepKey};
use crate::plan::time::hours_said;

/// Length of thread marks through one pin, in millimetres: both layers, to either side.
const MARK_AT_A_PIN: f64 = 60.0;

impl Builder<'_> {
    /// What comes before anything is touched.
    pub(crate) fn before(&mut self) {
        self.look_up_rules();
        let photograph = StepKey::whole(Act::PhotographInside);
        if self.garment.source.is_sewn() {
            let band = if self.shape.band_height() > 0.0 { ", the band" } else { "" };
            let noun = self.shape.kind.noun();
            self.add(
                Draft::new(Act::PhotographInside, On::Garment, "Photograph the inside")
                    .how(how!("Turn the {noun} inside out and photograph each seam{band} and the hem before anything is undone.", noun, band))
                    .how("Note how the allowance is finished: it goes back the same way.")
                    .all_how(self.free_lining())
                    .after([StepKey::whole(Act::LookUpRules)]),
            );
        }
        // A swatch's loss is in the line: washed before the cut, the garment would lose it twice.
        if !self.garment.washed && self.garment.wash_test.is_none() && self.garment.source != Source::Toile {
            self.wash(photograph);
        }
        self.choose_mark();
    }

    /// A lining that nobody has spoken of and that is taken to hang free.
    fn free_lining(&self) -> Option<How> {
        self.assumed_lining().filter(|_| self.shape.lined && self.shape.lining_closed() == LiningClosed::Free)
    }

    /// Children's nightwear begins at the rules.
    pub(crate) fn look_up_rules(&mut self) {
        if self.garment.purpose != Purpose::ChildNightwear {
            return;
        }
        let facts = StopFacts {
            rules: true,
            because: "How close a child's nightwear fits, what it is made of and how it is trimmed is a matter of fire safety.",
            ..StopFacts::before(StepKey::whole(Act::LookUpRules))
        };
        self.add(
            Draft::new(Act::LookUpRules, On::Garment, "Look the rules up")
                .how("Look up what the rules where you live say of children's nightwear: how loose it may be, which fibres, which trims, no cords at the neck. Do not alter it against them.")
                .stop(facts),
        );
    }

    /// Everything that may shrink shrinks before it is pinned. What is pinned already is marked first and fitted again.
    fn wash(&mut self, photograph: StepKey) {
        if !self.garment.washes_by_machine() {
            let mut draft = Draft::new(Act::CareLabel, On::Garment, "Read the care label and test a swatch")
                .how("It does not go into the machine on trust. Read its label, then steam or wash a swatch as the garment will be cleaned: from inside an allowance or the hem, measured before and after.")
                .how("If the swatch loses length, enter it with the garment: the lines then allow for it.")
                .after([photograph]);
            draft.passive_hours = self.habits.rule(HouseRule::DrySwatch);
            self.add(draft);
            return;
        }
        self.add(
            Draft::new(Act::ThreadMark, On::Garment, "Thread-mark what is pinned, then take the pins out")
                .over(MARK_AT_A_PIN * self.pins as f64)
                .how("Before it is washed: two stitches of contrast thread through both layers at each pin, cut apart between them. Pins rust, tear and stay behind in a wash.")
                .after([photograph]),
        );
        let mut draft = Draft::new(Act::Wash, On::Garment, "Wash and dry it")
            .how("As it will be washed later. What is going to shrink must shrink before the cut.")
            .needs([StepKey::whole(Act::ThreadMark)]);
        draft.passive_hours = self.habits.rule(HouseRule::DryWash);
        self.add(draft);
        self.add(
            Draft::new(Act::FitAgain, On::Garment, "Fit it again")
                .how("What was read before the wash does not hold any more. Put it on, pin along the thread marks, move what has changed, and read it again at the Mirror; then tick this.")
                .needs([StepKey::whole(Act::Wash)]),
        );
    }

    /// What has to be settled before a line is chalked.
    pub(crate) fn known(&self) -> [StepKey; 6] {
        [Act::LookUpRules, Act::PhotographInside, Act::Wash, Act::CareLabel, Act::FitAgain, Act::ChooseMark]
            .map(StepKey::whole)
    }

    /// Every step of the seams and of the alterations beside them, from the chalk to the last closing.
    pub(crate) fn seams(&mut self) {
        let lines = !self.works.is_empty();
        if lines {
            self.chalk();
        }
        for open in self.openings.clone() {
            self.open(&open);
        }
        if lines {
            self.settle_caps();
            self.try_lines();
        }
        self.alter();
        if self.garment.source == Source::Toile {
            return;
        }
        if lines {
            self.sew_lines();
        }
        for open in self.openings.clone() {
            self.close(&open);
        }
    }

    /// Cutting, sewing, trimming, finishing and pressing along the lines.
    fn sew_lines(&mut self) {
        self.cut_band();
        let works = self.works;
        for work in works {
            self.sew(work);
            self.trim(work);
        }
        self.finish_and_press();
        if self.shape.lined && self.garment.source.is_sewn() {
            self.take_in_lining();
        }
    }

    /// Length of seam that is worked, in millimetres.
    pub(crate) fn run(&self) -> f64 {
        self.works.iter().map(SeamWork::run).sum()
    }

    /// The steps that press what is sewn: the centre back by itself where band and body are closed there in one.
    pub(crate) fn pressed(&self) -> [StepKey; 2] {
        [On::Garment, On::Seam(SeamName::CentreBack)].map(|on| StepKey::new(Act::Press, on))
    }

    /// What ends every order: the closing acts, a look, and writing it down.
    pub(crate) fn look_at_the_end(&mut self) {
        let toile = self.garment.source == Source::Toile;
        if toile {
            self.carry_over();
        } else {
            // Everything that ends somewhere comes before it.
            let ends = self.ends();
            self.add(
                Draft::new(Act::ClosingActs, On::Garment, "Pull out what is left of the tacking and fasten the threads")
                    .over(0.05 * self.run())
                    .how("Tacking and thread marks out of what is sewn, and only there. Every thread end fastened and drawn in, corners turned out.")
                    .how("Count the pins: as many as went in.")
                    .needs(ends),
            );
            let noun = self.shape.kind.noun();
            let hangs = self.habits.rule(HouseRule::HangLook);
            let tried = |it: &str| match hangs > 0.0 {
                true => format!("Hang the {noun} for {}, then try{it} on", hours_said(hangs)),
                false => format!("Try the {noun} on"),
            };
            let (tried, tried_over) = (Fact::Named(tried("")), Fact::Named(tried(" it")));
            let (title, how) = if self.shape.kind.has_legs() {
                (
                    "Check the hem and both legs",
                    how!(
                        "{tried} with the shoes: both hems level, legs equally long, nothing to tread on.",
                        tried
                    ),
                )
            } else if self.shape.kind.reaches_legs() {
                (
                    "Check the hem and both sides",
                    how!(
                        "{tried} with the shoes: the hem level all round, both sides alike, nothing to tread on.",
                        tried
                    ),
                )
            } else {
                (
                    "Look at it on the body once more",
                    how!(
                        "{tried_over} over what is worn under it: its edges level, both sides alike, nothing that pulls.",
                        tried_over
                    ),
                )
            };
            let mut draft = Draft::new(Act::HemCheck, On::Garment, title)
                .how(how)
                .needs([StepKey::whole(Act::ClosingActs)]);
            draft.passive_hours = hangs;
            if !self.shape.kind.reaches_legs() {
                draft.cautions.clear();
            }
            self.add(draft);
        }
        if let Some(said) = self.garment.wish.said() {
            let said = Fact::Named(said);
            let ends = self.ends();
            self.add(
                Draft::new(Act::AskTheWish, On::Garment, "Is it as it was wished?")
                    .how(how!("The wish was: {said}.", said))
                    .how("Look in the mirror, front, side and back, and move as for what it is for. What is not so yet goes into the next fitting.")
                    .needs(ends),
            );
        }
        let ends = self.ends();
        self.add(
            Draft::new(Act::WriteDown, On::Garment, "Measure it and write it down")
                .how(if toile {
                    "What the pattern measures now at every level, what was moved, and what to look at in the next trial."
                } else {
                    "Flat, at every level: what it measures now, and what to do differently next time."
                })
                .needs(ends),
        );
    }
}
