//! The steps of making a hem.

use super::builder::{Builder, StopFacts};
use super::{Bench, Stop, Work};
use crate::choice::{HemCut, HemWhen, Pairs};
use crate::garment::{FeatureKind, HemName};
use crate::hem::{Collision, CollisionState, HemKind, HemSolution, HemSolver, Lies, OldTurnUp, UncutWay};
use crate::{Caution, Length};

/// One hem while its steps are written.
pub(super) struct Making<'a> {
    pub(super) hem: &'a HemSolution,
    /// What it is called: "hem", "hems of both legs", "hems of both sleeves".
    pub(super) what: String,
    /// Length of all its edges together.
    pub(super) run: f64,
}

impl Making<'_> {
    pub(super) fn key(&self, verb: &str) -> String {
        format!("{verb}_{}", self.hem.hem.key())
    }

    pub(super) fn lies(&self) -> Option<Lies> {
        self.hem
            .sides
            .first()?
            .turn_up
            .as_ref()
            .filter(|_| self.hem.kind.turns_up())
            .map(|turned| turned.lies)
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
    /// Every step of one hem, from undoing to hanging.
    pub(super) fn hem(&mut self, hem: &HemSolution) {
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
        };
        let before = self.steps.len();
        self.clear_the_way(&making);
        match &hem.uncut {
            Some(UncutWay::Waist(waist)) => self.at_the_waist(&making, waist),
            Some(UncutWay::Tuck(tuck)) => self.in_a_tuck(&making, tuck),
            None => match hem.sides.first().and_then(|side| side.tuck.as_ref()) {
                Some(tuck) => self.in_a_tuck(&making, tuck),
                None => self.turned(&making),
            },
        }
        if self.several_hems {
            // With a hem and sleeves in one order, "Open the lining" alone does not say where.
            for step in self.steps[before..].iter_mut().filter(|step| !step.title.contains(&making.what)) {
                step.title = format!("{}: {}", step.title, making.what);
            }
        }
    }

    /// What has to come off, be opened or be undone before the hem is touched.
    fn clear_the_way(&mut self, making: &Making<'_>) {
        let hem = making.hem;
        let after_seams = if self.habits.hem_when == HemWhen::Last { "press" } else { "wash" };
        let first = ["wash", "photograph_inside", after_seams];
        let minded: Vec<&Collision> = hem
            .sides
            .iter()
            .flat_map(|side| &side.collisions)
            .filter(|collision| {
                collision.state != CollisionState::Clear && collision.kind != FeatureKind::Border
            })
            .collect();
        if !minded.is_empty() {
            let mut how: Vec<String> = Vec::new();
            for collision in &minded {
                if !how.contains(&collision.says) {
                    how.push(collision.says.clone());
                }
            }
            let mut kinds: Vec<&str> = minded.iter().map(|collision| collision.words).collect();
            kinds.dedup();
            let step = self.add(
                &making.key("clear"),
                format!("See to the {}", kinds.join(" and the ")),
                Bench::Table,
                Work::Unpick,
                150.0 * minded.len() as f64,
            );
            step.how = how;
            step.tools = vec!["seam ripper", "tape", "chalk"];
            step.cautions = Caution::sentences(&[Caution::Ripper]);
            self.needs(&first);
        }
        if let Some(lining) = &hem.lining {
            let mut how = vec![lining.way_in.to_owned()];
            if HemSolver::has_corner(self.shape, hem.hem) {
                how.push(format!(
                    "Undo the lining from facing, vent and slits up to {} above the new fold, or the corner cannot be folded.",
                    self.write(lining.undo)
                ));
            }
            how.push("Pin it up out of the way.".into());
            let step = self.add(
                &making.key("open_lining"),
                "Open the lining".into(),
                Bench::Table,
                Work::Unpick,
                making.run + lining.undo.mm(),
            );
            step.how = how;
            step.tools = vec!["seam ripper", "pins"];
            step.cautions = Caution::sentences(&[Caution::Ripper, Caution::Pins]);
            self.needs(&first);
        }
        if hem.old_turn_up == OldTurnUp::Unpicked {
            let step = self.add(
                &making.key("unpick"),
                format!("Unpick the {} and press out the old fold", making.what),
                Bench::Table,
                Work::Unpick,
                making.run,
            );
            step.how = vec![
                "The cloth of the old turn-up is needed, or lies in the way of the new. Chalk the old fold before it is pressed out: everything is measured from it.".into(),
                "Look whether the old fold or its needle holes show; a faded line stays.".into(),
            ];
            step.tools = vec!["seam ripper", "chalk", "iron"];
            step.cautions = Caution::sentences(&[Caution::Ripper, Caution::Iron, Caution::Marker]);
            self.needs(&first);
            self.needs(&[&making.key("open_lining")]);
        }
    }

    pub(super) fn chalk_hem(&mut self, making: &Making<'_>, how: Vec<String>) {
        let step = self.add(
            &making.key("chalk"),
            format!("Chalk the {}", making.what),
            Bench::Table,
            Work::Chalk,
            2.0 * making.run,
        );
        step.how = how;
        step.tools = vec!["tape", "chalk", "curved ruler", "the printed sheet"];
        step.cautions = Caution::sentences(&[Caution::Marker]);
        let after_seams = if self.habits.hem_when == HemWhen::Last { "press" } else { "wash" };
        self.needs(&["wash", "photograph_inside", after_seams]);
        self.needs(&[&making.key("clear"), &making.key("open_lining"), &making.key("unpick")]);
    }

    /// Tack it as it will be, put it on, look.
    pub(super) fn tack_and_try(&mut self, making: &Making<'_>, tack: &str, how: Vec<String>) {
        let step = self.add(&making.key("tack"), tack.to_owned(), Bench::Table, Work::Tack, making.run);
        step.how = how;
        step.tools = vec!["needle", "contrast thread"];
        self.needs(&[&making.key("chalk")]);
        let sleeve = making.hem.hem == HemName::Sleeve;
        let mut how = vec![if sleeve {
            "Arm hanging, slightly bent; then reach, and look where the edge goes."
        } else {
            "Upright, in the shoes, eyes ahead: looking down changes what you see. A friend or a fixed ruler reads it; turn in place. Then sit, step up, and look again."
        }
        .to_owned()];
        if !sleeve {
            how.push("On the stairs once, up and down, before it is finished.".into());
        }
        if making.hem.paired {
            how.push("Lay left on right afterwards: seam on seam, fold on fold.".into());
        }
        let step = self.add(
            &making.key("try"),
            format!("Try it on with the {} tacked", making.what),
            Bench::Body,
            Work::TryOn,
            0.0,
        );
        step.how = how;
        step.tools = vec!["mirror", "shoes", "a friend or a fixed ruler"];
        step.cautions = Caution::sentences(&[Caution::Trip, Caution::PinningOnBody]);
        self.needs(&[&making.key("tack")]);
    }

    pub(super) fn stop(
        &self,
        making: &Making<'_>,
        step: &str,
        allowance: &str,
        rolled_down: bool,
        because: &'static str,
    ) -> Stop {
        let tried = if making.hem.hem == HemName::Sleeve { "try_sleeve" } else { "try_hem" };
        let facts = StopFacts { tried, apart: making.apart(), allowance, rolled_down };
        Stop { because, conditions: self.conditions(step, facts) }
    }

    /// A hem that is folded or faced.
    fn turned(&mut self, making: &Making<'_>) {
        let hem = making.hem;
        let least = hem.sides.iter().map(|side| side.take_up[0]).min().unwrap_or_default();
        let mut how = vec![
            "Work down the table, from the old fold: chalk the new fold all round, then the cut line below it. Join the marks along a curved ruler.".to_owned(),
        ];
        if hem.kind.is_knit() {
            how[0] = "Work down the table, from the old fold: chalk the new fold all round. Do not stretch the knit under the ruler.".to_owned();
        }
        if least.is_negative() {
            how.push("The fold goes down: the old one has to be pressed out first.".into());
        }
        if hem.shrinks.is_some() {
            how.push("The lines stand lower than wanted by what the wash will take.".into());
        }
        self.chalk_hem(making, how);
        self.tack_and_try(
            making,
            &format!("Turn the {} up and tack them", making.what).replace("the hem up and tack them", "the hem up and tack it"),
            vec!["Fold on the chalk, tack a finger's width from the fold. Nothing is cut yet: let the rest hang inside.".into()],
        );
        // What is folded twice is shut in by its own stitching: only a single turn can be cut afterwards.
        let single = matches!(hem.kind, HemKind::SingleFold | HemKind::DeepHand);
        let cuts_after = hem.kind.is_knit() || (single && self.habits.hem_cut == HemCut::After);
        if !cuts_after {
            self.cut(making, false);
        }
        self.prepare_edge(making);
        self.sew_hem(making);
        if cuts_after {
            self.cut(making, true);
        }
        self.finish_hem(making);
    }

    /// Cutting the surplus off, behind its stop.
    fn cut(&mut self, making: &Making<'_>, after: bool) {
        let hem = making.hem;
        let name = making.key("cut");
        let knit = hem.kind.is_knit();
        let allowance = if knit {
            "It is stitched; what is cut lies above the stitching, on the inside only.".to_owned()
        } else {
            format!("{} below the new fold stays on, counted once.", hem.allowance_words)
        };
        let stop =
            self.stop(making, &name, &allowance, false, "What is cut off a hem cannot be let down again.");
        let strips: Vec<Length> =
            hem.sides.iter().flat_map(|side| side.rows.iter().filter_map(|row| row.strip)).collect();
        let widest = strips.iter().max().copied().unwrap_or_default();
        let narrowest = strips.iter().min().copied().unwrap_or_default();
        let mut how = Vec::new();
        if knit {
            how.push("Trim the turn-up to the stitching, the blades flat on the inside, the outside pulled away from them; all that hangs above it goes.".to_owned());
        } else if widest.is_positive() {
            let with = match hem.old_turn_up {
                OldTurnUp::CutOff => "the old turn-up folded in it",
                _ => "measured on the opened cloth",
            };
            let strip = if (widest - narrowest).mm() < 2.0 {
                self.write(widest)
            } else {
                format!("{} to {}", self.write(narrowest), self.write(widest))
            };
            how.push(format!("The strip is {strip} wide, {with}."));
        } else {
            how.push("There is nothing to cut off: all there is stays in the turn-up.".to_owned());
        }
        if hem.kind == HemKind::LinedBag
            && let Some(lining) = &hem.lining
        {
            how.extend(lining.words.iter().cloned());
        }
        if hem.paired && self.habits.pairs == Pairs::Reference {
            how.push("Cut one; lay its strip on the other before that is cut.".into());
        }
        let title = if knit {
            "Trim the turn-up to the stitching".to_owned()
        } else {
            format!("Cut the surplus of the {}", making.what)
        };
        let step = self.add(&name, title, Bench::Table, Work::Cut, making.run);
        step.how = how;
        step.tools = vec!["scissors", "gauge"];
        step.cautions = Caution::sentences(&[Caution::Blade]);
        step.stop = Some(stop);
        self.needs(&[&making.key("try"), "wash"]);
        if after {
            self.needs(&[&making.key("sew"), &making.key("sew_second")]);
        }
        if !knit {
            let step = self.add(
                &making.key("fasten"),
                "Fasten every seam that was cut through".into(),
                Bench::Machine,
                Work::Seam,
                40.0 * hem.sides.first().map_or(2, |side| side.unrolled.seams.len()) as f64,
            );
            step.how = vec!["Back and forth over each seam end, or they open inside the turn-up.".into()];
            step.tools = vec!["machine"];
            step.cautions = Caution::sentences(&[Caution::Needle]);
            self.needs(&[&name]);
        }
    }

    /// Press, hang, lining.
    pub(super) fn finish_hem(&mut self, making: &Making<'_>) {
        let press = self.garment.cloth.fibre.press();
        let step = self.add(
            &making.key("press"),
            format!("Press the {}", making.what),
            Bench::Iron,
            Work::Press,
            making.run,
        );
        step.how = vec![format!(
            "From the inside, the iron set down and lifted, not pushed: {press}. The edge of the turn-up must not print through. Let it go cold before it is hung."
        )];
        step.tools = vec!["iron", "pressing cloth"];
        step.cautions = Caution::sentences(&[Caution::Iron]);
        self.needs(&[
            &making.key("sew"),
            &making.key("sew_second"),
            &making.key("cut"),
            &making.key("fasten"),
            &making.key("close_seam"),
        ]);
        if let Some(lining) = making.hem.lining.as_ref().filter(|_| making.hem.kind != HemKind::LinedBag) {
            self.line_hem(making, lining);
        }
    }
}
