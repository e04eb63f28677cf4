//! Sewing the new lines, opening the old, trimming, finishing and pressing.

use super::work::SeamWork;
use crate::cloth::family::{ClothFamily, Surface};
use crate::garment::{LiningClosed, SeamEnd, SeamName};
use crate::house::choice::PinsLie;
use crate::house::habit::AllowanceHabit;
use crate::house::rules::HouseRule;
use crate::operation::builder::Builder;
use crate::operation::opening::{Opening, sewn_through};
use crate::plan::act::Act;
use crate::plan::draft::{Draft, StopFacts};
use crate::plan::how::{How, how};
use crate::plan::key::{On, StepKey};
use crate::unit::length::Length;

/// A line that bends tighter than this is clipped to lie flat, in millimetres.
const CLIPPED_BELOW: f64 = 300.0;
/// Setting up for one more dart, in minutes: fold, pin, mark the tip.
const A_DART: f64 = 3.0;

impl Builder<'_> {
    fn work(&self, seam: SeamName) -> Option<&SeamWork<'_>> {
        self.works.iter().find(|work| work.seam == seam)
    }

    /// True where side seam and sleeve are sewn in one pass, through an open underarm.
    pub(crate) fn in_one_pass(&self) -> bool {
        let reaches = |seam| self.work(seam).is_some_and(|work| work.at_armhole);
        reaches(SeamName::Side) && reaches(SeamName::SleeveUnderarm)
    }

    /// The step that sews a seam.
    pub(crate) fn sewn_by(&self, seam: SeamName) -> StepKey {
        let carried = seam == SeamName::SleeveUnderarm && self.in_one_pass();
        StepKey::new(Act::Sew, On::Seam(if carried { SeamName::Side } else { seam }))
    }

    /// True for the centre back where it is closed through the band, after everything else is finished.
    fn is_wedge(&self, seam: SeamName) -> bool {
        seam == SeamName::CentreBack && self.wedge()
    }

    pub(crate) fn sew(&mut self, work: &SeamWork<'_>) {
        let on = On::Seam(work.seam);
        if self.sewn_by(work.seam) == StepKey::new(Act::Sew, on) {
            self.sew_line(work);
        }
        if work.takes_in && self.garment.source.is_sewn() {
            let both = if work.lets_out {
                "Where the line takes in, the old stitching lies outside the new one, in the allowance: unpick it there too, or the allowance cannot be pressed open."
            } else {
                "The old stitching lies outside the new one, in the allowance: unpick it, or the allowance cannot be pressed open."
            };
            self.add(
                Draft::new(
                    Act::OpenOld,
                    on,
                    format!("Open the old stitching of the {}{}", work.seam.words(), work.plural()),
                )
                .over(work.run())
                .how(both)
                .needs([self.sewn_by(work.seam)]),
            );
        }
    }

    fn sew_line(&mut self, work: &SeamWork<'_>) {
        let one_pass = work.seam == SeamName::Side && self.in_one_pass();
        let wedge = self.is_wedge(work.seam);
        if wedge {
            self.finish_and_press_others();
            self.join_band();
        }
        let title = if one_pass {
            "Sew side seams and sleeves in one pass".to_owned()
        } else {
            format!("Sew the {}{}", work.seam.words(), work.plural())
        };
        let (needle, stitch) = self.garment.cloth.family.needle_and_stitch();
        let run =
            work.run() + self.work(SeamName::SleeveUnderarm).filter(|_| one_pass).map_or(0.0, SeamWork::run);
        let mut needs = vec![StepKey::whole(Act::TryOn)];
        if wedge {
            needs.push(StepKey::whole(Act::JoinBand));
        }
        let labels = self.opened(|what| matches!(what, Opening::Fixture(fixture, _) if fixture.kind == crate::garment::FixtureKind::Label && fixture.seam == work.seam));
        let darts = if work.seam.is_dart() { A_DART * work.lines.len() as f64 } else { 0.0 };
        let hem_cut = self.hems.iter().map(|hem| StepKey::new(Act::CutHem, On::Hem(hem.hem)));
        let first: Vec<StepKey> = if self.hems_are_cut_first() { hem_cut.collect() } else { Vec::new() };
        let seams: Vec<SeamName> =
            if one_pass { vec![SeamName::Side, SeamName::SleeveUnderarm] } else { vec![work.seam] };
        let how = self.how_to_sew(work, one_pass);
        self.add(
            Draft::new(Act::Sew, On::Seam(work.seam), title)
                .over(run)
                .all_how(how)
                .longer_by(darts)
                .with([needle, stitch])
                .on_seams(seams)
                .needs(needs)
                .needs(labels.into_iter().map(Opening::closed_by))
                .after([StepKey::whole(Act::CutBand)])
                .after(first),
        );
    }

    fn how_to_sew(&self, work: &SeamWork<'_>, one_pass: bool) -> Vec<How> {
        let mut how = Vec::new();
        if work.seam.is_dart() {
            let run = self.written(HouseRule::DartRun);
            how.push(how!(
                "From the wide end to the tip, both legs equal; the last {run} run within a thread of the fold. Tie the ends by hand on fine cloth, or take two or three short stitches back.",
                run
            ));
        } else {
            how.extend(self.where_it_begins_and_ends(work, one_pass));
        }
        if self.tacks() {
            how.push("Sew close beside the tacking, not on it; then pull the tacking out.".into());
        } else {
            how.push(match self.habits.pins_lie {
                PinsLie::Along => {
                    "The pins lie along the line: take each out as the foot comes to it.".into()
                }
                PinsLie::Across | PinsLie::Slanted => {
                    let lie = if self.habits.pins_lie == PinsLie::Across { "across" } else { "slanted" };
                    how!("The pins lie {lie}, heads towards you: pull each before the needle.", lie)
                }
            });
        }
        how.push("Test stitch and tension on the inside of an allowance, through as many layers: there is no offcut yet.".into());
        match self.garment.cloth.family {
            ClothFamily::Jersey => how.push(
                "A stitch that stretches with the knit; hold it flat and let the feed take it, do not pull."
                    .into(),
            ),
            _ if self.garment.cloth.surface == Surface::Pile => {
                how.push("Walking foot, with the pile; less pressure on the foot.".into())
            }
            _ => {}
        }
        let from_hem = !work.seam.is_dart() && !work.seam.is_crosswise();
        if work.lines.len() > 1 && from_hem {
            let one = match work.seam {
                _ if work.seam.is_on_sleeve() => "sleeve",
                _ if self.shape.kind.has_legs() => "leg",
                _ => "side",
            };
            how.push(how!("Keep the bulk outside the machine: sew one {one} from the hem up, the other from the top down.", one));
        } else if work.lines.len() > 1 && work.seam.is_crosswise() {
            how.push(match work.seam {
                SeamName::Shoulder => "Both from the neck outward.".into(),
                _ => How::from("From the middle outward, to each side."),
            });
        }
        if work.lines.len() > 1 && work.apart().is_some_and(|apart| apart.is_positive()) {
            how.push("Left and right are different on purpose: each by its own marks.".into());
        }
        if self.shape.felled.contains(&work.seam) {
            how.push("Wrong sides and widths as it was felled before; the fold is stitched down once it is pressed.".into());
        }
        if sewn_through(self.garment, self.habits, work) {
            how.push("At the hem go straight through all of it; fold what is taken in to the back and catch it at the edge.".into());
        }
        how
    }

    fn where_it_begins_and_ends(&self, work: &SeamWork<'_>, one_pass: bool) -> Vec<How> {
        if one_pass {
            return vec![
                "From the edge of the body through the underarm point and on into the sleeve, the armhole's allowance folded up out of the way.".into(),
                "Where a line rejoins the old stitching, run into it for a thumb's width and fasten.".into(),
            ];
        }
        let lock = self.written(HouseRule::LockIn);
        let before = self.written(HouseRule::SewBefore);
        let sewn = self.garment.source.is_sewn();
        let [lower, upper] = work.on_old_stitching;
        let low_edge = match (work.ends[0], work.at_hem.is_some()) {
            (_, true) => "the open edge of the turn-up",
            (SeamEnd::Edge, _) if work.seam == SeamName::Shoulder => "the neck edge",
            _ => "the edge",
        };
        let begin = match (sewn && lower, sewn && upper) {
            (true, _) => how!("Start on the old stitching, {before} before the line leaves it.", before),
            (false, true) => how!("Start at {low_edge}: there is no old stitching to begin on.", low_edge),
            (false, false) => {
                how!("From {low_edge} to the other end along the marks, both ends fastened.", low_edge)
            }
        };
        let end = match (sewn && upper, sewn && lower) {
            (true, _) => Some(how!("At the other end sew {lock} into the old stitching, then fasten.", lock)),
            (false, true) => Some(How::from("At the other end run right out to the edge, and fasten.")),
            (false, false) => None,
        };
        std::iter::once(begin).chain(end).collect()
    }

    /// What a seam is trimmed to, where so much goes that it is worth the cut; never to more than is there.
    pub(crate) fn trims_to(&self, work: &SeamWork<'_>) -> Option<Length> {
        let keeps = self.habits.allowance == AllowanceHabit::Keep
            || work.seam.is_dart()
            || !work.takes_in
            || self.shape.felled.contains(&work.seam);
        if keeps {
            return None;
        }
        let kept = Length::from_mm(self.habits.rule(self.garment.cloth.fray.kept()));
        let inside = self.shape.allowance(work.seam).map(|inside| inside.front.min(inside.back));
        let to = inside.map_or(kept, |inside| inside.min(kept));
        // Where nobody has looked, what is inside is taken to be what trimming keeps.
        let there = inside.unwrap_or(to).mm() + work.deepest;
        (there - to.mm() >= self.habits.rule(HouseRule::TrimWorth)).then_some(to)
    }

    pub(crate) fn trim(&mut self, work: &SeamWork<'_>) {
        let Some(to) = self.trims_to(work) else { return };
        let to_words = self.write(to);
        let on = On::Seam(work.seam);
        let facts = StopFacts {
            because: "What is trimmed off can never be let out again.",
            apart: work.apart(),
            allowance: format!("{to_words} beyond the new stitching stays on each panel, counted once."),
            stays: Some((work.seam, to)),
            ..StopFacts::before(StepKey::whole(Act::TryOn))
        };
        let mut draft = Draft::new(Act::Trim, on, format!("Trim the {}{} to {to_words}", work.seam.words(), work.plural()))
            .over(2.0 * work.run())
            .how(how!("Measure {to_words} from the new stitching, not from the old edge; where no more is there, nothing goes. Cut one panel at a time and keep the garment clear of the blades.", to_words))
            .stop(facts)
            .needs([StepKey::whole(Act::TryOn), self.sewn_by(work.seam)])
            .after([StepKey::new(Act::OpenOld, on)])
            .after(self.known());
        if work.bends.is_some_and(|bends| bends < CLIPPED_BELOW) && !self.garment.cloth.family.is_knit() {
            draft = draft.how("Where the line bends, clip the allowance to a few threads from the stitching, or notch it where it bulges.");
        }
        self.add(draft);
    }

    /// True where new lines are tacked before they are sewn.
    fn tacks(&self) -> bool {
        self.drafts.iter().any(|draft| draft.key == StepKey::whole(Act::Tack))
    }

    /// Finishes and presses what is sewn before a band goes over it.
    fn finish_and_press_others(&mut self) {
        let works = self.works;
        let others: Vec<&SeamWork<'_>> = works.iter().filter(|work| !self.is_wedge(work.seam)).collect();
        self.finish_and_press_on(On::Garment, &others, "Finish the raw edges", "Press every new seam");
    }

    pub(crate) fn finish_and_press(&mut self) {
        let works = self.works;
        if self.wedge() {
            let back: Vec<&SeamWork<'_>> = works.iter().filter(|work| self.is_wedge(work.seam)).collect();
            let on = On::Seam(SeamName::CentreBack);
            self.finish_and_press_on(
                on,
                &back,
                "Finish the edges of the centre back",
                "Press the centre back",
            );
        } else {
            let all: Vec<&SeamWork<'_>> = works.iter().collect();
            self.finish_and_press_on(On::Garment, &all, "Finish the raw edges", "Press every new seam");
        }
    }

    fn finish_and_press_on(&mut self, on: On, works: &[&SeamWork<'_>], finish: &str, press: &str) {
        if works.is_empty() {
            return;
        }
        let run: f64 = works.iter().map(|work| work.run()).sum();
        let seams: Vec<SeamName> = works.iter().map(|work| work.seam).collect();
        let sewn: Vec<StepKey> = seams.iter().map(|seam| self.sewn_by(*seam)).collect();
        let opened = seams
            .iter()
            .flat_map(|seam| [Act::OpenOld, Act::Trim].map(|act| StepKey::new(act, On::Seam(*seam))));
        let worked: Vec<StepKey> = opened.collect();
        let knit = self.garment.cloth.family.is_knit();
        // Nothing frays inside a full lining that is closed all round.
        let bare = !(self.shape.lined && self.shape.lining_closed() != LiningClosed::Free);
        if bare {
            let edges = match self.habits.allowance {
                _ if knit => {
                    "Overlock both edges together, or two rows of narrow zigzag: they stay together, so that the seam stretches."
                }
                AllowanceHabit::Keep => {
                    "Overcast the edges as they are: the whole allowance stays inside for letting out again."
                }
                AllowanceHabit::Trim => {
                    "Overlock or zigzag each edge; never overlock early, it trims away what could be let out."
                }
            };
            self.add(
                Draft::new(Act::FinishEdges, on, finish)
                    .over(if knit { run } else { 2.0 * run })
                    .how(edges)
                    .on_seams(seams.iter().copied())
                    .needs(sewn.iter().copied())
                    .after(worked.iter().copied()),
            );
        }
        let iron = self.garment.cloth.press();
        let mut draft = Draft::new(Act::Press, on, press)
            .over(run)
            .how(if knit {
                how!("As sewn first, then to one side: {iron}. Set the iron down and lift it; a knit that is pushed stays pushed.", iron)
            } else {
                how!("As sewn first, then open: {iron}. Test inside an allowance, and let it go cold before it is moved.", iron)
            })
            .on_seams(seams.iter().copied())
            .needs(sewn)
            .after(worked)
            .after([StepKey::new(Act::FinishEdges, on)]);
        let darts: Vec<SeamName> = seams.iter().copied().filter(|seam| seam.is_dart()).collect();
        if !darts.is_empty() {
            draft =
                draft.how("Darts towards the middle, over a ham or a rolled towel, the tip steamed away.");
        }
        if seams.iter().any(|seam| self.shape.felled.contains(seam)) {
            draft = draft.how("Felled seams to the side they lay on, ready to be stitched down.");
        }
        draft.passive_hours = self.habits.rule(HouseRule::CoolPress) / 60.0;
        self.add(draft);
    }
}
