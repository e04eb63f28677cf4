//! The steps at a hem's edge: what it needs before it is sewn, and the sewing.

use std::collections::BTreeMap;

use super::steps::Making;
use crate::house::caution::Caution;
use crate::house::choice::{HemSewn, HemWhen, Pairs};
use crate::house::rules::HouseRule;
use crate::operation::hem::{HemKind, HemSolution, Lies};
use crate::plan::act::Act;
use crate::plan::bench::Bench;
use crate::plan::builder::Builder;
use crate::plan::draft::Draft;
use crate::plan::how::{Fact, How, how};
use crate::plan::key::{On, StepKey};
use crate::plan::time::Work;

impl Builder<'_> {
    /// What the edge needs before it is sewn: splaying, easing, facing, interfacing, corners.
    pub(crate) fn prepare_edge(&mut self, making: &Making<'_>) {
        let hem = making.hem;
        let tried = [making.key(Act::TryHem)];
        let cut = making.fastened();
        let turned = hem.sides.first().and_then(|side| side.turn_up.as_ref());
        let seams = hem.sides.first().map_or(2, |side| side.unrolled.seams.len()) as f64;
        match (making.lies(), turned) {
            (Some(Lies::Splay), Some(turned)) => {
                let by = self.write(turned.splay.unwrap_or_default());
                self.add(
                    making
                        .draft(Act::SplaySeams, "Splay the seams below the fold")
                        .over(2.0 * self.habits.rule(HouseRule::HemOpenSplay) * seams)
                        .how(how!("Open each seam from the raw edge to the fold and sew it again going out {by} on every panel edge, the mirror image of the cloth above. Press it open before the hem is turned.", by))
                        .needs(tried)
                        .after(cut),
                );
            }
            (Some(Lies::EaseIn), Some(turned)) => {
                let by = self.write(turned.excess);
                let off = self.written(HouseRule::HemEaseRow);
                self.add(
                    making
                        .draft(Act::EaseEdge, "Ease the edge in")
                        .how(how!("Longest stitch, {off} from the edge; draw it up by {by} in all, between the seams and never over them, and shrink it flat with the iron before it is folded.", off, by))
                        .needs(tried)
                        .after(cut),
                );
            }
            _ => {}
        }
        if let Some(facing) = turned.and_then(|turned| turned.facing.as_ref()) {
            let title = if self.shape.hem_is_open(hem.hem) {
                "Cut the facing and join its pieces"
            } else {
                "Cut the facing and join it into a ring"
            };
            self.add(
                making
                    .draft(Act::FaceHem, title)
                    .over(2.0 * making.run)
                    .all_how(self.told(
                        [&facing.words],
                        &[facing.depth, facing.lower, facing.upper, facing.strip[0], facing.strip[1]],
                    ))
                    .how("Print the curved template, or lay the facing under the hem and trace it.")
                    .needs(tried)
                    .after(cut),
            );
        }
        if hem.kind == HemKind::DeepHand
            && let Some(lining) = &hem.lining
        {
            let band = self.write(lining.band);
            self.add(
                making
                    .draft(Act::InterfaceHem, "Put the interfacing band along the fold")
                    .how(how!("A bias band {band} high, along the fold and beyond the turn-up, so that no edge lies on another. Try it on an offcut first.", band))
                    .needs(tried)
                    .after(cut),
            );
        }
        // Two vents are two corners.
        let mut nth: BTreeMap<&str, usize> = BTreeMap::new();
        for mitre in &hem.mitres {
            let [one, other] = mitre.allowances.map(|each| self.write(each));
            let (seam, trim) = (self.write(mitre.seam), self.write(mitre.trim_to));
            let so_far = nth.entry(mitre.what).or_default();
            let on = On::Feature(hem.hem, mitre.kind, *so_far);
            *so_far += 1;
            self.add(
                Draft::new(Act::Mitre, on, format!("Mitre the corners at the {}", mitre.what))
                    .over(2.0 * mitre.seam.mm())
                    .how(how!("Fold both turn-ups, {one} and {other}, and look at the corner before anything is sewn. The mitre runs {seam}, from the corner of the folds to where the raw edges meet.", one, other, seam))
                    .how(how!("Sew it, turn it, look again; only then trim it to {trim}.", trim))
                    .needs(tried)
                    // Interfacing lies under the mitre: it goes on before corners are mitred and turned.
                    .after(cut)
                    .after([making.key(Act::InterfaceHem)]),
            );
        }
    }

    pub(crate) fn sew_hem(&mut self, making: &Making<'_>) {
        let hem = making.hem;
        let flat = self.habits.hem_when == HemWhen::Flat && hem.paired;
        if flat {
            let up = self.written(HouseRule::HemOpenFlat);
            self.add(
                making
                    .draft(Act::OpenSeamFlat, "Open one seam, so that it lies flat")
                    .over(2.0 * self.habits.rule(HouseRule::HemOpenFlat))
                    .how(how!("On each, from the edge {up} up.", up))
                    .needs([making.key(Act::TryHem)]),
            );
        }
        let (work, tools, mut how) = self.stitches(hem);
        let start = self.shape.hem_seam(hem.hem).words();
        how.push(how!("Begin at the {start}, where a beginning shows least.", start));
        if hem.paired && work != Work::Hand && !flat {
            how.push("On the free arm, or inside out with the machine inside the tube.".into());
        }
        let reference = hem.paired && self.habits.pairs == Pairs::Reference;
        let run = if reference { making.run / 2.0 } else { making.run };
        let by_hand = matches!(work, Work::Hand | Work::BlindHem);
        let mitres = self.written_steps(|key| {
            key.act == Act::Mitre && matches!(key.on, On::Feature(own, ..) if own == hem.hem)
        });
        let parts: &[(Act, &'static str)] = if reference {
            &[
                (Act::SewHem, " on the first, the pattern for the other"),
                (Act::SewSecond, " on the other, laid on the first"),
            ]
        } else {
            &[(Act::SewHem, "")]
        };
        for (act, which) in parts {
            let what = if reference { "hem" } else { making.what.as_str() };
            let mut draft = making
                .draft(*act, format!("Sew the {what}{which}"))
                .turns_on(Fact::Words(which))
                .over(run)
                .all_how(how.iter().cloned())
                .with(tools.iter().copied())
                .needs([making.key(Act::TryHem)])
                .needs(mitres.iter().copied())
                .after(making.fastened())
                .after(making.keys([
                    Act::SplaySeams,
                    Act::EaseEdge,
                    Act::FaceHem,
                    Act::InterfaceHem,
                    Act::OpenSeamFlat,
                ]));
            if hem.kind == HemKind::LinedBag {
                // The lining is sewn in with it, and has to be as narrow as the outside by then.
                draft = draft.after([StepKey::whole(Act::TakeInLining)]);
            }
            if *act == Act::SewSecond {
                draft = draft.needs([making.key(Act::SewHem)]);
            }
            draft.work = work;
            if by_hand {
                (draft.bench, draft.cautions) = (Bench::Table, vec![Caution::Pins]);
            }
            self.add(draft);
        }
        if flat {
            self.add(
                making
                    .draft(Act::CloseSeamFlat, "Close the seam through the finished hem")
                    .over(2.0 * self.habits.rule(HouseRule::HemOpenFlat))
                    .how("Fold on fold, edges level; sew from the hem up, and sew the ends of the allowance down.")
                    .needs([making.key(Act::SewHem)])
                    .after([making.key(Act::SewSecond)]),
            );
        }
    }

    /// What a kind of hem is sewn with.
    pub(crate) fn stitches(&self, hem: &HemSolution) -> (Work, Vec<&'static str>, Vec<How>) {
        let (needle, stitch) = self.garment.cloth.family.needle_and_stitch();
        let machine = vec![needle, stitch];
        let test = How::from("Test stitch and tension on the strip that was cut off.");
        let turned = Fact::Said(hem.allowance, hem.allowance_words.clone());
        match hem.kind {
            HemKind::SingleFold => (Work::Seam, machine, vec![
                "Finish the raw edge by zigzag or overlock, fold once, stitch close below the finished edge.".into(),
                test,
            ]),
            HemKind::DoubleWide | HemKind::DoubleNarrow => (Work::Seam, machine, vec![
                how!("Fold in first, then up: {turned}. Press both folds before a pin goes in.", turned),
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
                how!("Facing on the outside, right sides in, {turned} from the edge. Clip the curve, press the seam to the facing and stitch it down there, turn it up and slip-stitch its upper edge.", turned),
                test,
            ]),
            HemKind::CoverStitched => (Work::Seam, vec!["cover-stitch machine", "stretch needles"], vec![
                how!("From the outside, {turned} above the fold; start and end on a seam, and draw the threads inside before they are cut.", turned),
                test,
            ]),
            HemKind::TwinNeedle => (Work::Seam, vec!["twin stretch needle 4.0", "stitch 3, loose upper tension"], vec![
                how!("From the outside, the rows {turned} above the fold, over a strip of tissue if it tunnels. Do not stretch it: a knit that is stretched while it is sewn stays wavy.", turned),
                test,
            ]),
            HemKind::LinedBag => (Work::Seam, machine, vec![
                how!("Outside and lining right sides in, seam on seam, {turned} from the edge; leave a gap, turn it through, press the lining back so that it does not show.", turned),
                test,
            ]),
            HemKind::Original | HemKind::Uncut => (Work::Seam, machine, vec![test]),
        }
    }
}
