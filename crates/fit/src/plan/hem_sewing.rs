//! The steps at a hem's edge: what it needs before it is sewn, and the sewing.

use super::builder::Builder;
use super::hem_steps::Making;
use super::{Bench, Work};
use crate::choice::{HemSewn, HemWhen, Pairs};
use crate::hem::{HemKind, HemSolution, Lies};
use crate::{Caution, HouseRule};

impl Builder<'_> {
    /// What the edge needs before it is sewn: splaying, easing, facing, interfacing, corners.
    pub(super) fn prepare_edge(&mut self, making: &Making<'_>) {
        let hem = making.hem;
        let before = [making.key("fasten"), making.key("try")];
        let before: Vec<&str> = before.iter().map(String::as_str).collect();
        let turned = hem.sides.first().and_then(|side| side.turn_up.as_ref());
        let seams = hem.sides.first().map_or(2, |side| side.unrolled.seams.len()) as f64;
        match (making.lies(), turned) {
            (Some(Lies::Splay), Some(turned)) => {
                let by = self.write(turned.splay.unwrap_or_default());
                let step = self.add(
                    &making.key("splay"),
                    "Splay the seams below the fold".into(),
                    Bench::Machine,
                    Work::Seam,
                    2.0 * self.habits.rule(HouseRule::HemOpenSplay) * seams,
                );
                step.how = vec![format!(
                    "Open each seam from the raw edge to the fold and sew it again going out {by} on every panel edge, the mirror image of the cloth above. Press it open before the hem is turned."
                )];
                step.tools = vec!["seam ripper", "machine"];
                step.cautions = Caution::sentences(&[Caution::Ripper, Caution::Needle]);
                self.needs(&before);
            }
            (Some(Lies::EaseIn), Some(turned)) => {
                let by = self.write(turned.excess);
                let off = self.written(HouseRule::HemEaseRow);
                let step = self.add(
                    &making.key("ease"),
                    "Ease the edge in".into(),
                    Bench::Machine,
                    Work::Seam,
                    making.run,
                );
                step.how = vec![format!(
                    "Longest stitch, {} from the edge; draw it up by {by} in all, between the seams and never over them, and shrink it flat with the iron before it is folded.",
                    off
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
            let band = self.write(lining.band);
            let step = self.add(
                &making.key("interface"),
                "Put the interfacing band along the fold".into(),
                Bench::Iron,
                Work::Press,
                making.run,
            );
            step.how = vec![format!(
                "A bias band {band} high, along the fold and beyond the turn-up, so that no edge lies on another. Try it on an offcut first."
            )];
            step.tools = vec!["interfacing", "iron", "pressing cloth"];
            step.cautions = Caution::sentences(&[Caution::Iron]);
            self.needs(&before);
        }
        for mitre in &hem.mitres {
            let [one, other] = mitre.allowances.map(|each| self.write(each));
            let (seam, trim) = (self.write(mitre.seam), self.write(mitre.trim_to));
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
            // Interfacing lies under the mitre: it goes on before corners are mitred and turned.
            self.needs(&[&making.key("interface")]);
        }
    }

    pub(super) fn sew_hem(&mut self, making: &Making<'_>) {
        let hem = making.hem;
        let flat = self.habits.hem_when == HemWhen::Flat && hem.paired;
        if flat {
            let up = self.written(HouseRule::HemOpenFlat);
            let step = self.add(
                &making.key("open_seam"),
                "Open one seam, so that it lies flat".into(),
                Bench::Table,
                Work::Unpick,
                2.0 * self.habits.rule(HouseRule::HemOpenFlat),
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
                2.0 * self.habits.rule(HouseRule::HemOpenFlat),
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
    pub(super) fn stitches(&self, hem: &HemSolution) -> (Work, Vec<&'static str>, Vec<String>) {
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
                "Stitch close beside the edge, fold on the stitching and stitch again; trim close to it, fold once more and stitch. Or roll it between damp fingers and slip-stitch by hand.".into(),
                test,
            ]),
            HemKind::DeepHand if self.habits.hem_sewn == HemSewn::Hand => (
                Work::BlindHem,
                vec!["fine needle", "matching thread"],
                vec![
                    "Finish the edge or bind it. Fold it back a few threads below its edge, and catch one thread of the outside and one of the turn-up, loosely, a finger's width apart: blind hem, or catch stitch in thick cloth.".into(),
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
}
