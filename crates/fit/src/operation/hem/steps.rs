//! The steps of making a hem.

use std::collections::BTreeMap;

use crate::garment::side::Side;
use crate::garment::{FeatureKind, HemName, Kind, Source};
use crate::house::caution::Caution;
use crate::house::choice::{HemCut, HemWhen, Pairs};
use crate::house::rules::HouseRule;
use crate::operation::builder::Builder;
use crate::operation::hem::{
    Collision, CollisionState, HemKind, HemSide, HemSolution, Lies, OldTurnUp, Tuck, TurnUp, UncutWay,
};
use crate::plan::act::Act;
use crate::plan::draft::{Draft, StopFacts};
use crate::plan::how::{Fact, How, how};
use crate::plan::key::{On, StepKey};
use crate::plan::time::hours_said;
use crate::unit::length::Length;

/// Unpicking round one thing that stands near a hem, in millimetres.
const ROUND_A_FEATURE: f64 = 150.0;
/// Fastening one severed seam end, in millimetres.
const SEAM_END: f64 = 40.0;

/// One hem while its steps are written.
pub(crate) struct Making<'a> {
    pub(crate) hem: &'a HemSolution,
    /// What it is called: "hem", "hems of both legs", "hems of both sleeves".
    pub(crate) what: String,
    /// Length of all its edges together.
    pub(crate) run: f64,
    /// The surplus is cut off once it is stitched.
    pub(crate) cuts_after: bool,
}

impl Making<'_> {
    pub(crate) fn key(&self, act: Act) -> StepKey {
        StepKey::new(act, On::Hem(self.hem.hem))
    }

    pub(crate) fn keys<const N: usize>(&self, acts: [Act; N]) -> [StepKey; N] {
        acts.map(|act| self.key(act))
    }

    /// Severed seams are fastened before the edge is worked, where it is cut first.
    pub(crate) fn fastened(&self) -> Option<StepKey> {
        (!self.cuts_after).then(|| self.key(Act::FastenSeams))
    }

    pub(crate) fn draft(&self, act: Act, title: impl Into<String>) -> Draft {
        Draft::new(act, On::Hem(self.hem.hem), title).over(self.run)
    }

    /// The step that sews it.
    pub(crate) fn sewn(&self) -> StepKey {
        self.key(if self.hem.kind == HemKind::LinedBag { Act::SewBag } else { Act::SewHem })
    }

    /// Each leg or sleeve that differs with what says which; one that goes for all otherwise.
    pub(crate) fn legs(&self) -> impl Iterator<Item = (&'static str, &HemSide)> {
        let differ = self.hem.sides.len() > 1;
        self.hem.sides.iter().map(move |side| {
            let which = match side.side {
                Side::Left if differ => " on the left",
                Side::Right if differ => " on the right",
                _ => "",
            };
            (which, side)
        })
    }

    /// The turn-ups that lie so, each with what says on which leg.
    pub(crate) fn turn_ups(&self, lies: Lies) -> Vec<(&'static str, &TurnUp)> {
        let turns_up = self.hem.kind.turns_up();
        let turned = self.legs().filter_map(|(which, side)| Some((which, side.turn_up.as_ref()?)));
        turned.filter(|(_, turned)| turns_up && turned.lies == lies).collect()
    }

    fn tucks(&self) -> Vec<(&'static str, &Tuck)> {
        self.legs().filter_map(|(which, side)| Some((which, side.tuck.as_ref()?))).collect()
    }

    fn apart(&self) -> Option<Length> {
        if !self.hem.paired {
            return None;
        }
        let means: Vec<Length> = self.hem.sides.iter().map(|side| side.take_up[1]).collect();
        Some(match means.as_slice() {
            [left, right] => (*left - *right).abs(),
            _ => Length::ZERO,
        })
    }
}

impl Builder<'_> {
    /// Every hem that is made.
    pub(crate) fn hems(&mut self) {
        for hem in self.hems.clone() {
            self.hem(hem);
        }
    }

    /// Every step of one hem, from undoing to hanging.
    fn hem(&mut self, hem: &HemSolution) {
        let each: f64 = hem.sides.iter().map(|side| side.girth[1].mm()).sum();
        let count = if hem.paired && hem.sides.len() == 1 { 2.0 } else { 1.0 };
        let making = Making {
            hem,
            what: match (hem.hem, hem.paired) {
                (HemName::Sleeve, _) => "hems of both sleeves".to_owned(),
                (HemName::Hem, true) => "hems of both legs".to_owned(),
                (HemName::Hem, false) => "hem".to_owned(),
            },
            run: each * count,
            // What is folded twice is shut in by its own stitching: only a single turn can be cut afterwards.
            cuts_after: hem.kind.is_knit()
                || (matches!(hem.kind, HemKind::SingleFold | HemKind::DeepHand)
                    && self.habits.hem_cut == HemCut::After),
        };
        let before = self.drafts.len();
        self.hang_before(&making);
        self.clear_the_way(&making);
        self.make(&making);
        if self.hems.len() > 1 {
            // With a hem and sleeves in one order, "Open the lining" alone does not say where.
            for draft in self.drafts[before..]
                .iter_mut()
                .filter(|draft| !draft.title.contains(&making.what) && draft.key.on != On::Garment)
            {
                draft.title = format!("{}: {}", draft.title, making.what);
            }
        }
    }

    /// The way it is made.
    fn make(&mut self, making: &Making<'_>) {
        match &making.hem.uncut {
            Some(UncutWay::Waist(waist)) => self.at_the_waist(making, waist),
            Some(UncutWay::Tuck(tuck)) => {
                let own: Vec<(&str, &Tuck)> = making.tucks();
                let tucks = if own.is_empty() { vec![("", tuck)] } else { own };
                self.in_a_tuck(making, &tucks);
            }
            None => match making.tucks() {
                tucks if !tucks.is_empty() => self.in_a_tuck(making, &tucks),
                _ => self.turned(making),
            },
        }
    }

    /// What a hem waits for: what has to be known, and all of the seams unless hems are made or cut before them.
    pub(crate) fn before_hems(&self) -> Vec<StepKey> {
        let mut before = self.known().to_vec();
        if self.habits.hem_when == HemWhen::Last {
            before.extend(self.pressed());
        }
        before
    }

    /// Cloth that drops hangs before its hem is read: what is read too early is level for a day.
    fn hang_before(&mut self, making: &Making<'_>) {
        let drops = self.shape.kind == Kind::FlaredSkirt || self.garment.cloth.bias;
        if !drops || making.hem.hem == HemName::Sleeve || self.garment.source == Source::Toile {
            return;
        }
        let why = if self.garment.cloth.bias { "cut on the bias" } else { "flared" };
        let hours = self.habits.rule(HouseRule::HangHem);
        let overnight = hours >= self.habits.rule(HouseRule::WaitsOver);
        let hangs = Fact::Named(hours_said(hours));
        let title =
            if overnight { "Hang it overnight, then read its hem" } else { "Hang it, then read its hem" };
        let mut draft = making
            .draft(Act::HangBefore, title)
            .over(0.0)
            .how(how!("It is {why}, and drops where it hangs: {hangs} on a hanger or the form, its band or shoulders held as they are worn.", why, hangs))
            .how("Read it again at the Mirror afterwards, and let the new readings stand; only then it is marked.")
            .after(self.before_hems());
        draft.passive_hours = hours;
        self.add(draft);
    }

    /// What has to come off, be opened or be undone before the hem is touched.
    fn clear_the_way(&mut self, making: &Making<'_>) {
        let hem = making.hem;
        let first = self.before_hems();
        let minded = hem.sides.iter().flat_map(|side| &side.collisions).filter(|collision| {
            collision.state != CollisionState::Clear && collision.kind != FeatureKind::Border
        });
        let mut by_kind: BTreeMap<&str, Vec<&Collision>> = BTreeMap::new();
        for collision in minded {
            by_kind.entry(collision.words).or_default().push(collision);
        }
        for (words, minded) in by_kind {
            let mut how: Vec<How> = Vec::new();
            for (i, collision) in minded.iter().enumerate() {
                if !minded[..i].iter().any(|said| said.is_like(collision)) {
                    let after = collision.after.into_iter().chain(collision.spaced.iter().copied());
                    how.extend(self.told([&collision.says], &after.collect::<Vec<_>>()));
                }
            }
            let on = On::Feature(hem.hem, minded[0].kind, 0);
            self.add(
                Draft::new(Act::ClearTheWay, on, format!("See to the {words}"))
                    .over(ROUND_A_FEATURE * minded.len() as f64)
                    .all_how(how)
                    .after(first.iter().copied()),
            );
        }
        if let Some(lining) = &hem.lining {
            self.open_lining_for_hem(making, lining);
        }
        // What is only tacked or traced has no stitching to unpick.
        if hem.old_turn_up == OldTurnUp::Unpicked && self.garment.source.is_sewn() {
            self.add(
                making
                    .draft(Act::UnpickHem, format!("Unpick the {} and press out the old fold", making.what))
                    .how("The cloth of the old turn-up is needed, or lies in the way of the new. Mark the old fold before it is pressed out: everything is measured from it.")
                    .how("Look whether the old fold or its needle holes show; a faded line stays.")
                    .after(first)
                    .after(making.keys([Act::OpenLining])),
            );
        }
    }

    pub(crate) fn chalk_hem(&mut self, making: &Making<'_>, how: Vec<How>) {
        let cleared = self.written_steps(|key| {
            matches!(key.act, Act::ClearTheWay | Act::OpenHemCorner)
                && matches!(key.on, On::Feature(hem, ..) if hem == making.hem.hem)
        });
        let zips = self.written_steps(|key| key.act == Act::TakeOut);
        self.add(
            making
                .draft(Act::ChalkHem, format!("Mark the {}", making.what))
                .over(2.0 * making.run)
                .all_how(how)
                .needs(cleared)
                .after(self.before_hems())
                .after(zips)
                .after(making.keys([Act::HangBefore, Act::OpenLining, Act::UnpickHem, Act::OpenWaist])),
        );
    }

    /// Tack it as it will be, put it on, look.
    pub(crate) fn tack_and_try(
        &mut self,
        making: &Making<'_>,
        tack: &str,
        tacked: &str,
        how: impl IntoIterator<Item = How>,
    ) {
        self.add(making.draft(Act::TackHem, tack).all_how(how).needs([making.key(Act::ChalkHem)]));
        let sleeve = making.hem.hem == HemName::Sleeve;
        let walks = self.shape.kind.reaches_legs() && !sleeve;
        let mut draft = making
            .draft(Act::TryHem, format!("Try it on with the {tacked}"))
            .over(0.0)
            .how(match (sleeve, walks) {
                (true, _) => "Arm hanging, slightly bent; then reach, and look where the edge goes.",
                (false, true) => "Upright, in the shoes, eyes ahead: looking down changes what you see. A friend or a fixed ruler reads it; turn in place. Then sit, step up, and look again.",
                (false, false) => "Upright, over what is worn under it, eyes ahead: looking down changes what you see. A friend reads it; turn in place. Then raise both arms, and look what it does.",
            });
        draft = draft.all_how(self.wish_again());
        if walks {
            draft = draft.how("On the stairs once, up and down, before it is finished.");
        } else {
            draft.cautions.retain(|caution| *caution != Caution::Trip);
            draft.tools.retain(|tool| *tool != "shoes");
        }
        if making.hem.paired {
            draft = draft.how("Lay left on right afterwards: seam on seam, fold on fold.");
        }
        self.add(draft.needs([making.key(Act::TackHem)]));
    }

    pub(crate) fn stop(
        &self,
        making: &Making<'_>,
        allowance: impl Into<String>,
        rolled_down: bool,
        because: &'static str,
    ) -> StopFacts {
        StopFacts {
            because,
            apart: making.apart(),
            allowance: allowance.into(),
            rolled_down,
            ..StopFacts::before(making.key(Act::TryHem))
        }
    }

    /// A hem that is folded or faced.
    fn turned(&mut self, making: &Making<'_>) {
        let hem = making.hem;
        let least = hem.sides.iter().map(|side| side.take_up[0]).min().unwrap_or_default();
        let fold = self.garment.source.fold();
        let mut how: Vec<How> = vec![if hem.kind.is_knit() {
            how!(
                "Work down the table, from the {fold}: mark the new fold all round. Do not stretch the knit under the ruler.",
                fold
            )
        } else {
            how!(
                "Work down the table, from the {fold}: mark the new fold all round, then the cut line below it. Join the marks along a curved ruler.",
                fold
            )
        }];
        if least.is_negative() && self.garment.source.is_sewn() {
            how.push("The fold goes down: the old one has to be pressed out first.".into());
        }
        if hem.shrinks.is_some() {
            how.push("The lines stand lower than wanted by what the wash will take.".into());
        }
        self.chalk_hem(making, how);
        let them = if making.what == "hem" { "it" } else { "them" };
        self.tack_and_try(
            making,
            &format!("Turn the {} up and tack {them}", making.what),
            &format!("{} tacked", making.what),
            ["Fold on the mark, tack a finger's width from the fold. Nothing is cut yet: let the rest hang inside.".into()],
        );
        if self.garment.source == Source::Toile {
            // Its line is carried to the paper; nothing of a toile is hemmed.
            return;
        }
        if !making.cuts_after {
            self.cut(making);
        }
        self.prepare_edge(making);
        self.sew_hem(making);
        if making.cuts_after {
            self.cut(making);
        }
        self.work_edge(making);
        self.finish_hem(making, &format!("Press the {}", making.what));
    }

    /// Cutting the surplus off, behind its stop.
    fn cut(&mut self, making: &Making<'_>) {
        let hem = making.hem;
        let knit = hem.kind.is_knit();
        let allowance = if knit {
            "It is stitched; what is cut lies above the stitching, on the inside only.".to_owned()
        } else {
            format!("{} below the new fold stays on, counted once.", hem.allowance_words)
        };
        let stop = self.stop(making, allowance, false, "What is cut off a hem cannot be let down again.");
        let title = if knit {
            "Trim the turn-up to the stitching".to_owned()
        } else {
            format!("Cut the surplus of the {}", making.what)
        };
        let mut draft = making
            .draft(Act::CutHem, title)
            .all_how(self.how_to_cut(making))
            .stop(stop)
            .needs([making.key(Act::TryHem)])
            .after([StepKey::whole(Act::Wash)]);
        if making.cuts_after {
            draft = draft.after([making.sewn(), making.key(Act::SewSecond)]);
        }
        self.add(draft);
        if !knit {
            self.fasten_seams(making);
        }
    }

    fn fasten_seams(&mut self, making: &Making<'_>) {
        let seams = making.hem.sides.first().map_or(2, |side| side.unrolled.seams.len());
        self.add(
            making
                .draft(Act::FastenSeams, "Fasten every seam that was cut through")
                .over(SEAM_END * seams as f64)
                .how("Back and forth over each seam end, or they open inside the turn-up.")
                .needs([making.key(Act::CutHem)])
                .after(making.keys([Act::SplaySeams])),
        );
    }

    /// How wide the strip is that is cut off one leg.
    fn strip(&self, which: &'static str, side: &HemSide, with: &'static str) -> How {
        let strips: Vec<Length> = side.rows.iter().filter_map(|row| row.strip).collect();
        let widest = strips.iter().max().copied().unwrap_or_default();
        let narrowest = strips.iter().min().copied().unwrap_or_default();
        let [least, most] = [narrowest, widest].map(|width| self.write(width));
        if !widest.is_positive() {
            how!("There is nothing to cut off{which}: all there is stays in the turn-up.", which)
        } else if (widest - narrowest).mm() < 2.0 {
            how!("The strip{which} is {most} wide, {with}.", which, most, with)
        } else {
            how!("The strip{which} is {least} to {most} wide, {with}.", which, least, most, with)
        }
    }

    fn how_to_cut(&self, making: &Making<'_>) -> Vec<How> {
        let hem = making.hem;
        let mut how: Vec<How> = Vec::new();
        let with = match hem.old_turn_up {
            OldTurnUp::CutOff => "the old turn-up folded in it",
            _ => "measured on the opened cloth",
        };
        if hem.kind.is_knit() {
            how.push("Trim the turn-up to the stitching, the blades flat on the inside, the outside pulled away from them; all that hangs above it goes.".into());
        } else {
            how.extend(making.legs().map(|(which, side)| self.strip(which, side, with)));
        }
        if hem.kind == HemKind::LinedBag
            && let Some(lining) = &hem.lining
        {
            how.extend(self.told_of_lining(lining));
        }
        if hem.paired && self.habits.pairs == Pairs::Reference {
            how.push("Cut one; lay its strip on the other before that is cut.".into());
        }
        how
    }

    /// Press, hang, lining.
    pub(crate) fn finish_hem(&mut self, making: &Making<'_>, title: &str) {
        let press = self.garment.cloth.press();
        let mut draft = making
            .draft(Act::PressHem, title)
            .how(how!("From the inside, the iron set down and lifted, not pushed: {press}. The edge of the turn-up must not print through. Let it go cold before it is hung.", press))
            .needs([making.sewn()])
            .after(making.keys([
                Act::SewSecond,
                Act::CutHem,
                Act::FastenSeams,
                Act::CloseSeamFlat,
                Act::TurnEdge,
                Act::RollEdge,
            ]));
        draft.passive_hours = self.habits.rule(HouseRule::CoolPress) / 60.0;
        self.add(draft);
        if let Some(lining) = &making.hem.lining {
            self.line_hem(making, lining);
        }
    }
}
