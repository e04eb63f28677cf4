//! The steps of making a hem.

use super::builder::{Builder, StopFacts};
use super::{Bench, Stop, Work};
use crate::choice::{HemCut, HemSewn, HemWhen, LiningEdge, LiningHangs, Pairs};
use crate::garment::{FeatureKind, HemName};
use crate::hem::{
    Collision, CollisionState, HemKind, HemLining, HemSolution, HemSolver, Lies, OldTurnUp, Tuck, UncutWay,
    WaistShortening,
};
use crate::{Caution, Length};

/// How far up a seam is opened so that a narrow tube can be hemmed flat, in millimetres.
const FLAT_OPEN: f64 = 120.0;
/// How far a splayed seam is opened above its hem, in millimetres.
const SPLAY_OPEN: f64 = 60.0;

/// One hem while its steps are written.
struct Making<'a> {
    hem: &'a HemSolution,
    /// What it is called: "hem", "hems of both legs", "hems of both sleeves".
    what: String,
    /// Length of all its edges together.
    run: f64,
}

impl Making<'_> {
    fn key(&self, verb: &str) -> String {
        format!("{verb}_{}", self.hem.hem.key())
    }

    fn lies(&self) -> Option<Lies> {
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
        self.clear_the_way(&making);
        match &hem.uncut {
            Some(UncutWay::Waist(waist)) => self.at_the_waist(&making, waist),
            Some(UncutWay::Tuck(tuck)) => self.in_a_tuck(&making, tuck),
            None => match hem.sides.first().and_then(|side| side.tuck.as_ref()) {
                Some(tuck) => self.in_a_tuck(&making, tuck),
                None => self.turned(&making),
            },
        }
    }

    fn write_mm(&self, length: Length) -> String {
        self.habits.scale.write(length)
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
                    self.write_mm(lining.undo)
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

    fn chalk_hem(&mut self, making: &Making<'_>, how: Vec<String>) {
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
    fn tack_and_try(&mut self, making: &Making<'_>, tack: &str, how: Vec<String>) {
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

    fn stop(
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
        let cuts_after = hem.kind.is_knit() || self.habits.hem_cut == HemCut::After;
        if !cuts_after {
            self.cut(making);
        }
        self.prepare_edge(making);
        self.sew_hem(making);
        if cuts_after {
            self.cut(making);
        }
        self.finish_hem(making);
    }

    /// Cutting the surplus off, behind its stop.
    fn cut(&mut self, making: &Making<'_>) {
        let hem = making.hem;
        let name = making.key("cut");
        let knit = hem.kind.is_knit();
        let after = self.habits.hem_cut == HemCut::After;
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
            how.push("Trim the turn-up to the stitching, the blades flat on the inside, the outside pulled away from them.".to_owned());
        } else if widest.is_positive() {
            let with = match hem.old_turn_up {
                OldTurnUp::CutOff => "the old turn-up folded in it",
                _ => "measured on the opened cloth",
            };
            let strip = if (widest - narrowest).mm() < 2.0 {
                self.write_mm(widest)
            } else {
                format!("{} to {}", self.write_mm(narrowest), self.write_mm(widest))
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
        if knit || after {
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

    /// What the edge needs before it is sewn: splaying, easing, facing, interfacing, corners.
    fn prepare_edge(&mut self, making: &Making<'_>) {
        let hem = making.hem;
        let before = [making.key("fasten"), making.key("try")];
        let before: Vec<&str> = before.iter().map(String::as_str).collect();
        let turned = hem.sides.first().and_then(|side| side.turn_up.as_ref());
        let seams = hem.sides.first().map_or(2, |side| side.unrolled.seams.len()) as f64;
        match (making.lies(), turned) {
            (Some(Lies::Splay), Some(turned)) => {
                let by = self.write_mm(turned.splay.unwrap_or_default());
                let step = self.add(
                    &making.key("splay"),
                    "Splay the seams below the fold".into(),
                    Bench::Machine,
                    Work::Seam,
                    2.0 * SPLAY_OPEN * seams,
                );
                step.how = vec![format!(
                    "Open each seam from the raw edge to the fold and sew it again going out {by} on every panel edge, the mirror image of the cloth above. Press it open before the hem is turned."
                )];
                step.tools = vec!["seam ripper", "machine"];
                step.cautions = Caution::sentences(&[Caution::Ripper, Caution::Needle]);
                self.needs(&before);
            }
            (Some(Lies::EaseIn), Some(turned)) => {
                let by = self.write_mm(turned.excess);
                let step = self.add(
                    &making.key("ease"),
                    "Ease the edge in".into(),
                    Bench::Machine,
                    Work::Seam,
                    making.run,
                );
                step.how = vec![format!(
                    "Longest stitch, 6 from the edge; draw it up by {by} in all, between the seams and never over them, and shrink it flat with the iron before it is folded."
                )];
                step.tools = vec!["machine", "iron"];
                step.cautions = Caution::sentences(&[Caution::Needle, Caution::Iron]);
                self.needs(&before);
            }
            _ => {}
        }
        if let Some(facing) = turned.and_then(|turned| turned.facing.as_ref()) {
            let says = facing.words.clone();
            let step = self.add(
                &making.key("face"),
                "Cut the facing and join it into a ring".into(),
                Bench::Table,
                Work::Cut,
                2.0 * making.run,
            );
            step.how =
                vec![says, "Print the curved template, or lay the facing under the hem and trace it.".into()];
            step.tools = vec!["the printed sheet", "scissors"];
            step.cautions = Caution::sentences(&[Caution::Blade]);
            self.needs(&before);
        }
        if hem.kind == HemKind::DeepHand
            && let Some(lining) = &hem.lining
        {
            let band = self.write_mm(lining.band);
            let step = self.add(
                &making.key("interface"),
                "Put the interfacing band along the fold".into(),
                Bench::Iron,
                Work::Press,
                making.run,
            );
            step.how = vec![format!(
                "A bias band {band} high, along the fold and 10 beyond the turn-up, so that no edge lies on another. Try it on an offcut first."
            )];
            step.tools = vec!["interfacing", "iron", "pressing cloth"];
            step.cautions = Caution::sentences(&[Caution::Iron]);
            self.needs(&before);
        }
        for mitre in &hem.mitres {
            let [one, other] = mitre.allowances.map(|each| self.write_mm(each));
            let (seam, trim) = (self.write_mm(mitre.seam), self.write_mm(mitre.trim_to));
            let step = self.add(
                &format!("{}_{}", making.key("mitre"), mitre.what.replace(' ', "_")),
                format!("Mitre the corners at the {}", mitre.what),
                Bench::Machine,
                Work::Seam,
                2.0 * mitre.seam.mm(),
            );
            step.how = vec![
                format!(
                    "Fold both turn-ups, {one} and {other}, and look at the corner before anything is sewn. The mitre runs {seam}, from the corner of the folds to where the raw edges meet."
                ),
                format!("Sew it, turn it, look again; only then trim it to {trim}."),
            ];
            step.tools = vec!["chalk", "machine", "scissors"];
            step.cautions = Caution::sentences(&[Caution::Needle, Caution::Blade]);
            self.needs(&before);
        }
    }

    fn sew_hem(&mut self, making: &Making<'_>) {
        let hem = making.hem;
        let flat = self.habits.hem_when == HemWhen::Flat && hem.paired;
        if flat {
            let up = self.write_mm(Length::from_mm(FLAT_OPEN));
            let step = self.add(
                &making.key("open_seam"),
                "Open one seam, so that it lies flat".into(),
                Bench::Table,
                Work::Unpick,
                2.0 * FLAT_OPEN,
            );
            step.how = vec![format!("On each, from the edge {up} up.")];
            step.tools = vec!["seam ripper"];
            step.cautions = Caution::sentences(&[Caution::Ripper]);
            self.needs(&[&making.key("try")]);
        }
        let (work, tools, mut how) = self.stitches(hem);
        let start = self.shape.hem_seam(hem.hem).words();
        how.push(format!("Begin at the {start}, where a beginning shows least."));
        if hem.paired && work != Work::Hand && !flat {
            how.push("On the free arm, or inside out with the machine inside the tube.".into());
        }
        let reference = hem.paired && self.habits.pairs == Pairs::Reference;
        let run = if reference { making.run / 2.0 } else { making.run };
        let bench = if matches!(work, Work::Hand | Work::BlindHem) { Bench::Table } else { Bench::Machine };
        let needs = [
            making.key("try"),
            making.key("fasten"),
            making.key("splay"),
            making.key("ease"),
            making.key("face"),
            making.key("interface"),
            making.key("open_seam"),
        ];
        let needs: Vec<&str> = needs.iter().map(String::as_str).collect();
        let mitres: Vec<String> = self
            .steps
            .iter()
            .filter(|step| step.key.starts_with(&making.key("mitre")))
            .map(|step| step.key.clone())
            .collect();
        let parts: &[(&str, &str)] = if reference {
            &[
                ("sew", " on the first, the pattern for the other"),
                ("sew_second", " on the other, laid on the first"),
            ]
        } else {
            &[("sew", "")]
        };
        for (verb, which) in parts {
            let step = self.add(
                &making.key(verb),
                format!("Sew the {}{which}", if reference { "hem" } else { making.what.as_str() }),
                bench,
                work,
                run,
            );
            step.how.clone_from(&how);
            step.tools.clone_from(&tools);
            step.cautions = if bench == Bench::Machine {
                Caution::sentences(&[Caution::Needle, Caution::Pins])
            } else {
                Caution::sentences(&[Caution::Pins])
            };
            self.needs(&needs);
            let mitres: Vec<&str> = mitres.iter().map(String::as_str).collect();
            self.needs(&mitres);
            if *verb == "sew_second" {
                self.needs(&[&making.key("sew")]);
            }
        }
        if flat {
            let step = self.add(
                &making.key("close_seam"),
                "Close the seam through the finished hem".into(),
                Bench::Machine,
                Work::Seam,
                2.0 * FLAT_OPEN,
            );
            step.how = vec![
                "Fold on fold, edges level; sew from the hem up, and sew the ends of the allowance down."
                    .into(),
            ];
            step.tools = vec!["machine"];
            step.cautions = Caution::sentences(&[Caution::Needle]);
            self.needs(&[&making.key("sew"), &making.key("sew_second")]);
        }
    }

    /// What a kind of hem is sewn with.
    fn stitches(&self, hem: &HemSolution) -> (Work, Vec<&'static str>, Vec<String>) {
        let (needle, stitch) = self.garment.cloth.family.needle_and_stitch();
        let machine = vec![needle, stitch];
        let test = "Test stitch and tension on the strip that was cut off.".to_owned();
        match hem.kind {
            HemKind::SingleFold => (Work::Seam, machine, vec![
                "Finish the raw edge by zigzag or overlock, fold once, stitch close below the finished edge.".into(),
                test,
            ]),
            HemKind::DoubleWide | HemKind::DoubleNarrow => (Work::Seam, machine, vec![
                format!("Fold in first, then up: {}. Press both folds before a pin goes in.", hem.allowance_words),
                "Stitch close beside the inner fold, from the inside.".into(),
                test,
            ]),
            HemKind::Rolled => (Work::Seam, machine, vec![
                "Stitch 3 from the edge, fold on the stitching and stitch again; trim close to it, fold once more and stitch. Or roll it between damp fingers and slip-stitch by hand.".into(),
                test,
            ]),
            HemKind::DeepHand if self.habits.hem_sewn == HemSewn::Hand => (
                Work::BlindHem,
                vec!["fine needle", "matching thread"],
                vec![
                    "Finish the edge or bind it. Fold it back a few threads below its edge, and catch one thread of the outside and one of the turn-up, loosely, 8 apart: blind hem, or catch stitch in thick cloth.".into(),
                    "Never pull it tight: it dimples outside.".into(),
                ],
            ),
            HemKind::DeepHand => (Work::Seam, machine, vec![
                "Blind-hem foot: fold the turn-up under along its edge, the needle just catching the fold. Look at the outside after the first hand's width.".into(),
                test,
            ]),
            HemKind::Faced | HemKind::BiasFaced => (Work::Seam, machine, vec![
                format!("Facing on the outside, right sides in, {} from the edge. Clip the curve, press the seam to the facing and stitch it down there, turn it up and slip-stitch its upper edge.", hem.allowance_words),
                test,
            ]),
            HemKind::CoverStitched => (Work::Seam, vec!["cover-stitch machine", "stretch needles"], vec![
                format!("From the outside, {} above the fold; start and end on a seam, and draw the threads inside before they are cut.", hem.allowance_words),
                test,
            ]),
            HemKind::TwinNeedle => (Work::Seam, vec!["twin stretch needle 4.0", "stitch 3, loose upper tension"], vec![
                format!("From the outside, the rows {} above the fold, over a strip of tissue if it tunnels. Do not stretch it: a knit that is stretched while it is sewn stays wavy.", hem.allowance_words),
                test,
            ]),
            HemKind::LinedBag => (Work::Seam, machine, vec![
                format!("Outside and lining right sides in, seam on seam, {} from the edge; leave a gap, turn it through, press the lining back so that it does not show.", hem.allowance_words),
                test,
            ]),
            HemKind::Original | HemKind::Uncut => (Work::Seam, machine, vec![test]),
        }
    }

    /// Press, hang, lining.
    fn finish_hem(&mut self, making: &Making<'_>) {
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

    fn line_hem(&mut self, making: &Making<'_>, lining: &HemLining) {
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
        how.push(format!("Its edge moves up {} from where it is now.", self.write_mm(lining.moves)));
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
                self.write_mm(lining.turn),
                self.write_mm(lining.slack)
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
                "Fell stitches 6 to 8 apart into the turn-up only, never through to the outside; the slack is pushed up into a pleat that hangs over them.",
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

    /// The original hem kept, or an uncut edge shortened in a tuck.
    fn in_a_tuck(&mut self, making: &Making<'_>, tuck: &Tuck) {
        let above = self.write_mm(tuck.above);
        let depth = self.write_mm(tuck.depth);
        self.chalk_hem(making, vec![format!(
            "On the single layer: the lower stitching {above} above the edge, close beside the stitching that is there; the upper where the table says. Between them lies what is lost."
        )]);
        self.tack_and_try(
            making,
            "Fold the tuck and tack it",
            vec![
                format!("Right sides in, stitching on stitching: the tuck is {depth} deep. Turn the edge down as it is worn."),
            ],
        );
        let mut how = tuck.words.iter().skip(1).take(1).cloned().collect::<Vec<_>>();
        how.push("Close beside the old hem's stitching, with the zip foot where it is thick; level the foot at the seams and do not start on one.".into());
        let (needle, stitch) = self.garment.cloth.family.needle_and_stitch();
        let step =
            self.add(&making.key("sew"), "Sew the tuck".into(), Bench::Machine, Work::Seam, making.run);
        step.how = how;
        step.tools = vec![needle, stitch, "zip foot"];
        step.cautions = Caution::sentences(&[Caution::Needle, Caution::Pins]);
        self.needs(&[&making.key("try")]);
        if let Some(trim_to) = tuck.trim_to.filter(|_| making.hem.kind == HemKind::Original) {
            let name = making.key("cut");
            let allowance = format!("{} of the tuck stays beyond its stitching.", self.write_mm(trim_to));
            let stop = self.stop(
                making,
                &name,
                &allowance,
                true,
                "What is trimmed off a tuck cannot be let down again.",
            );
            let step = self.add(
                &name,
                format!("Trim the tuck to {} and overcast it", self.write_mm(trim_to)),
                Bench::Table,
                Work::Cut,
                making.run,
            );
            step.how = vec!["Both legs compared first, rolled down as worn. Cut one layer of the fold open, then both to the width; overcast, press it up, away from the edge.".into()];
            step.tools = vec!["scissors", "overlock or zigzag"];
            step.cautions = Caution::sentences(&[Caution::Blade]);
            step.stop = Some(stop);
            self.needs(&[&making.key("sew"), &making.key("try"), "wash"]);
        }
        self.finish_hem(making);
    }

    /// Shortened at the waist seam, or under the band.
    fn at_the_waist(&mut self, making: &Making<'_>, waist: &WaistShortening) {
        let takes = self.write_mm(waist.takes);
        let around = waist.upper.mm();
        let seam = if self.shape.kind.has_band() { "band" } else { "waist seam" };
        let step = self.add(
            &making.key("open_waist"),
            format!("Open the {seam} all round"),
            Bench::Table,
            Work::Unpick,
            around,
        );
        step.how = vec![
            "Thread-mark centre front, centre back and both sides on bodice and skirt first. Take the zip out to below the new edge.".into(),
        ];
        step.tools = vec!["seam ripper", "thread"];
        step.cautions = Caution::sentences(&[Caution::Ripper]);
        self.needs(&["wash", "photograph_inside", "press"]);
        self.chalk_hem(making, vec![format!(
            "The new edge runs {takes} below the old stitching, all round; its seam allowance is chalked above it. Nothing is chalked at the hem."
        )]);
        self.needs(&[&making.key("open_waist")]);
        let how = waist.words.iter().skip(1).cloned().collect();
        self.tack_and_try(making, "Draw darts and sides again and tack it to the upper edge", how);
        let name = making.key("cut");
        let stop = self.stop(
            making,
            &name,
            "A seam allowance above the new edge stays on, counted once.",
            false,
            "What is cut off the top of a skirt cannot be put back.",
        );
        let step = self.add(&name, "Cut the surplus at the waist".into(), Bench::Table, Work::Cut, around);
        step.how = vec![
            "One layer at a time, the darts folded as they are sewn, so that their ends reach the seam."
                .into(),
        ];
        step.tools = vec!["scissors"];
        step.cautions = Caution::sentences(&[Caution::Blade]);
        step.stop = Some(stop);
        self.needs(&[&making.key("try"), "wash"]);
        let (needle, stitch) = self.garment.cloth.family.needle_and_stitch();
        let step = self.add(
            &making.key("sew"),
            format!("Sew darts and sides, then the {seam}"),
            Bench::Machine,
            Work::Seam,
            2.0 * around,
        );
        step.how = vec!["Marks on marks, from the middle to the zip; set the zip in again last.".into()];
        step.tools = vec![needle, stitch, "zip foot"];
        step.cautions = Caution::sentences(&[Caution::Needle, Caution::Pins]);
        self.needs(&[&name]);
        self.finish_hem(making);
    }
}
