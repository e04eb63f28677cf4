//! Trying new lines on: tacked, what is open tacked shut, before anything is cut.

use super::work::SeamWork;
use crate::cloth::family::{ClothFamily, Fibre, Surface};
use crate::garment::{Block, Source};
use crate::house::choice::TriedIn;
use crate::judge::cap_fault::CapFault;
use crate::operation::builder::Builder;
use crate::operation::opening::Opening;
use crate::plan::act::Act;
use crate::plan::draft::Draft;
use crate::plan::how::{Fact, How, how};
use crate::plan::key::{On, StepKey};

impl Builder<'_> {
    /// True where a try-on in pins is enough for who does so: little is at risk, and nothing has to be opened first.
    fn pins_will_do(&self) -> bool {
        let cloth = &self.garment.cloth;
        let at_risk = self.garment.source == Source::Thrifted
            || self.shape.lined
            || self.shape.underlined
            || self.shape.kind.is_tailored()
            || cloth.family == ClothFamily::Sheer
            || cloth.fibre == Fibre::Silk
            || cloth.surface != Surface::Smooth;
        self.habits.tried_in == TriedIn::Pins
            && !at_risk
            && !self.works.iter().any(|work| work.lets_out)
            && self.openings.is_empty()
    }

    /// Cap and armhole that no longer go together are settled on the table, before the sleeve is tacked.
    pub(crate) fn settle_caps(&mut self) {
        let faults: Vec<(&str, CapFault)> = self
            .armholes
            .iter()
            .filter_map(|armhole| Some((armhole.side.map_or("", |side| side.words()), armhole.fault?)))
            .collect();
        if faults.is_empty() {
            return;
        }
        let mut how = Vec::new();
        for (side, fault) in faults {
            let of = match side {
                "left" => "On the left",
                "right" => "On the right",
                _ => "On both sides",
            };
            how.push(match fault {
                CapFault::Short { by } => {
                    let by = self.write(by);
                    how!("{of} the cap lacks {by} for this armhole: let the sleeve out by so much at the top, or leave the armhole smaller at the side.", of, by)
                }
                CapFault::Long { by } => {
                    let by = self.write(by);
                    how!("{of} the cap is {by} longer than eases in: take the sleeve's seam in at the top until it goes in smoothly.", of, by)
                }
                CapFault::Apart { by } => {
                    let by = self.write(by);
                    how!("{of} armhole and cap change by {by} more than each other: the cap's ease takes it up. Share it out above the notches.", of, by)
                }
            });
        }
        how.push(
            "Measure both along their stitching with the tape on edge before the sleeve goes back.".into(),
        );
        self.add(
            Draft::new(Act::SettleCap, On::Garment, "Make cap and armhole go together")
                .all_how(how)
                .needs([StepKey::whole(Act::Chalk)]),
        );
    }

    /// Tacks, opens what is let out, tacks shut what is open, and tries it on.
    pub(crate) fn try_lines(&mut self) {
        let in_pins = self.pins_will_do();
        if !in_pins {
            self.tack();
            self.tack_shut();
        }
        let title = if in_pins { "Pin along the marks and try it on" } else { "Try it on, tacked" };
        let mut draft = Draft::new(Act::TryOn, On::Garment, title).how(self.moves());
        if in_pins {
            draft = draft.how(
                "Pins along every line, a hand's width apart: little is at risk here, and pins show enough.",
            );
        }
        draft = draft.all_how(self.wish_again());
        let first = StepKey::whole(if in_pins { Act::Chalk } else { Act::Tack });
        draft = draft
            .how("If anything strains or hangs loose, go back to the Mirror and move pins. Nothing is cut before this passes.")
            .needs([first])
            .after([Act::TackShut, Act::SettleCap].map(StepKey::whole))
            .after(self.works.iter().map(|work| StepKey::new(Act::Release, On::Seam(work.seam))));
        if self.garment.source == Source::InTheMaking {
            draft = draft.all_how(self.what_can_still_move());
        }
        self.add(draft);
    }

    /// The wish, as it is looked at in a try-on; nothing where none was said.
    pub(crate) fn wish_again(&self) -> Vec<How> {
        let wish = &self.garment.wish;
        let mut how = Vec::new();
        if let Some(with) = wish.with() {
            let with = Fact::Named(with);
            how.push(how!("Over what it is worn with: {with}.", with));
        }
        if let Some(said) = wish.said() {
            let said = Fact::Named(said);
            how.push(how!("Look at the wish again: {said}.", said));
        }
        how
    }

    fn tack(&mut self) {
        let mut how = vec![How::from(
            "Longest stitch, 4–5, contrast thread, no back stitch: it comes out in one pull.",
        )];
        if self.garment.cloth.surface == Surface::Pile {
            how.push("By hand, or with the walking foot: one pile creeps on the other.".into());
        }
        if self.folds_band() {
            how.push(
                "The band is one piece: fold it at the centre back and tack the fold. It is not cut.".into(),
            );
        }
        let opened = self.opened(|_| true);
        let run = self.run();
        self.add(
            Draft::new(Act::Tack, On::Garment, "Tack every new line")
                .over(run)
                .all_how(how)
                .needs([StepKey::whole(Act::Chalk)])
                .needs(opened.into_iter().map(Opening::opened_by))
                .after([StepKey::whole(Act::SettleCap)]),
        );
        let works = self.works;
        let sewn = self.garment.source.is_sewn() || self.garment.source == Source::Toile;
        for work in works.iter().filter(|work| work.lets_out && sewn) {
            self.add(
                Draft::new(
                    Act::Release,
                    On::Seam(work.seam),
                    format!("Open the old stitching where the {}{} let out", work.seam.words(), work.are()),
                )
                .over(work.run())
                .how("The new line is tacked outside the old stitching: unpick that over this stretch, or nothing is gained.")
                .how("Look at once whether the old line, its needle holes or a faded fold show on the right side.")
                .needs([StepKey::whole(Act::Tack)]),
            );
        }
    }

    /// What gapes is tacked shut, so that it can be worn.
    fn tack_shut(&mut self) {
        let open: Vec<_> = self.openings.iter().filter(|open| open.what.gapes()).cloned().collect();
        if open.is_empty() {
            return;
        }
        let mut names: Vec<String> = open.iter().map(|each| each.what.words()).collect();
        names.dedup();
        let seams: Vec<_> = open.iter().flat_map(|each| each.seams.iter().copied()).collect();
        let places: usize = open.iter().map(|each| each.places).sum();
        let names = Fact::Named(names.join(", "));
        self.add(
            Draft::new(Act::TackShut, On::Garment, "Tack shut what is open")
                .over(160.0 * places as f64)
                .how(how!("So that it can be worn: {names}. By hand, large stitches, as it will lie when it is closed.", names))
                .on_seams(seams)
                .needs([StepKey::whole(Act::Tack)])
                .after(self.works.iter().map(|work| StepKey::new(Act::Release, On::Seam(work.seam)))),
        );
    }

    /// What a body does in this garment to show whether it fits.
    fn moves(&self) -> &'static str {
        match self.shape.kind.block() {
            Block::Legs => {
                "Right layers and shoes, closed as it will be closed. Stand, look ahead; then sit, step up, bend a knee."
            }
            Block::Overalls => {
                "Right layers and shoes, closed as it will be closed. Stand, look ahead; then sit, step up, and raise both arms."
            }
            Block::Skirt => {
                "Right layers and shoes, closed as it will be closed. Stand, look ahead; then sit, and climb a stair."
            }
            Block::Body if self.shape.kind.reaches_legs() => {
                "Right layers and shoes, closed as it will be closed. Stand, look ahead; then sit, reach forward, raise both arms."
            }
            Block::Body => {
                "Over what is worn under it, closed as it will be closed. Stand, look ahead; then reach forward and raise both arms."
            }
        }
    }

    /// In the real cloth: what can still move after this try-on, and which step is its last chance.
    fn what_can_still_move(&self) -> Vec<How> {
        let mut how = Vec::new();
        for work in self.works {
            let seam = Fact::Seams(vec![work.seam]);
            how.push(if let Some(to) = self.trims_to(work) {
                let (to, plural) = (self.write(to), work.plural());
                how!("The {seam} can still move as far as its allowance goes; its last chance is \"Trim the {seam}{plural} to {to}\".", seam, plural, to)
            } else {
                how!("The {seam} keeps all of its allowance: it can move at every later trial, too.", seam)
            });
        }
        for hem in self.hems.iter().filter(|hem| hem.kind.is_cut()) {
            let what = Fact::Words(hem.words);
            how.push(how!("The {what} can still move; its last chance is the cut.", what));
        }
        how
    }
}

impl SeamWork<'_> {
    /// "s are" where it is sewn on both sides, " is" where on one.
    pub(crate) fn are(&self) -> &'static str {
        if self.lines.len() > 1 { "s are" } else { " is" }
    }
}
