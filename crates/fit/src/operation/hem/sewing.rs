//! The steps at a hem's edge: what it needs before it is sewn, and the sewing.

use std::collections::BTreeMap;

use super::elsewhere::on_the;
use super::steps::Making;
use crate::cloth::family::ClothFamily;
use crate::garment::FeatureKind;
use crate::house::caution::Caution;
use crate::house::choice::{HemCut, HemSewn, HemWhen, Pairs};
use crate::house::rules::HouseRule;
use crate::operation::builder::Builder;
use crate::operation::hem::{HemKind, HemSolution, Lies};
use crate::plan::act::Act;
use crate::plan::bench::Bench;
use crate::plan::draft::{Draft, StopFacts};
use crate::plan::how::{Fact, How, how};
use crate::plan::key::{On, StepKey};
use crate::plan::time::Work;

impl Builder<'_> {
    /// What the edge needs before it is sewn: splaying, easing, facing, interfacing, corners.
    pub(crate) fn prepare_edge(&mut self, making: &Making<'_>) {
        self.splay(making);
        self.ease_in(making);
        self.face(making);
        self.interface(making);
        self.mitre(making);
    }

    fn splay(&mut self, making: &Making<'_>) {
        let seams = making.hem.sides.first().map_or(2, |side| side.unrolled.seams.len()) as f64;
        let splayed = making.turn_ups(Lies::Splay);
        if !splayed.is_empty() {
            let mut how: Vec<How> = Vec::new();
            for (which, turned) in splayed {
                let by = self.write(turned.splay.unwrap_or_default());
                how.push(how!("While it is still tacked: open each seam{which} from the raw edge to the fold and sew it again going out {by} on every panel edge, the mirror image of the cloth above.", which, by));
            }
            how.push("Press it open before the hem is turned.".into());
            self.add(
                making
                    .draft(Act::SplaySeams, "Splay the seams below the fold")
                    .over(2.0 * self.habits.rule(HouseRule::HemOpenSplay) * seams)
                    .all_how(how)
                    .needs([making.key(Act::TryHem)])
                    // Seam ends are fastened where they lie in the end.
                    .after([making.key(Act::CutHem)].into_iter().filter(|_| !making.cuts_after)),
            );
        }
    }

    fn ease_in(&mut self, making: &Making<'_>) {
        let eased = making.turn_ups(Lies::EaseIn);
        if !eased.is_empty() {
            let off = self.written(HouseRule::HemEaseRow);
            let mut how = vec![how!("Longest stitch, {off} from the edge.", off)];
            for (which, turned) in eased {
                let by = self.write(turned.excess);
                how.push(how!(
                    "Draw it up{which} by {by} in all, between the seams and never over them.",
                    which,
                    by
                ));
            }
            how.push("Shrink it flat with the iron before it is folded.".into());
            let draft = making.draft(Act::EaseEdge, "Ease the edge in").all_how(how);
            self.add(draft.needs([making.key(Act::TryHem)]).after(making.fastened()));
        }
    }

    fn face(&mut self, making: &Making<'_>) {
        let hem = making.hem;
        let turned = hem.sides.first().and_then(|side| side.turn_up.as_ref());
        if turned.is_some_and(|turned| turned.facing.is_some()) {
            let title = if self.shape.hem_is_open(hem.hem) {
                "Cut the facing and join its pieces"
            } else {
                "Cut the facing and join it into a ring"
            };
            self.add(
                making
                    .draft(Act::FaceHem, title)
                    .over(2.0 * making.run)
                    .all_how(making.legs().filter_map(|(which, side)| {
                        let facing = side.turn_up.as_ref()?.facing.as_ref()?;
                        let words = if which.is_empty() {
                            facing.words.clone()
                        } else {
                            format!("{}: {}", on_the(which), facing.words)
                        };
                        let lengths =
                            [facing.depth, facing.lower, facing.upper, facing.strip[0], facing.strip[1]];
                        Some(How::told(words, lengths.map(|length| self.write(length)).to_vec()))
                    }))
                    .how("Print the curved template, or lay the facing under the hem and trace it.")
                    .needs([making.key(Act::TryHem)])
                    .after(making.fastened()),
            );
        }
    }

    fn interface(&mut self, making: &Making<'_>) {
        let hem = making.hem;
        // Shirting and other light cloth hangs better without.
        let bears_it = self.shape.kind.is_tailored() || self.garment.cloth.family == ClothFamily::Coating;
        if hem.kind == HemKind::DeepHand
            && let Some(lining) = hem.lining.as_ref().filter(|_| bears_it)
        {
            let band = self.write(lining.band);
            self.add(
                making
                    .draft(Act::InterfaceHem, "Put the interfacing band along the fold")
                    .how(how!("A bias band {band} high, along the fold and beyond the turn-up, so that no edge lies on another. Try it on an offcut first.", band))
                    .needs([making.key(Act::TryHem)])
                    .after(making.fastened()),
            );
        }
    }

    fn mitre(&mut self, making: &Making<'_>) {
        let hem = making.hem;
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
                    .stop(self.stop(
                        making,
                        format!("{trim} stays beyond the mitre's stitching."),
                        false,
                        "A corner that is trimmed cannot be folded anew.",
                    ))
                    .needs([making.key(Act::TryHem)])
                    // Interfacing lies under the mitre: it goes on before corners are mitred and turned.
                    .after(making.fastened())
                    .after([making.key(Act::InterfaceHem)]),
            );
        }
    }

    /// Corners at a facing that is not mitred: turned back over the hem, nothing cut.
    fn turn_facings_back(&mut self, making: &Making<'_>) {
        let hem = making.hem;
        let mitred = hem.mitres.iter().any(|mitre| mitre.kind == FeatureKind::Facing);
        let facings = self
            .shape
            .near_hems
            .iter()
            .filter(|near| near.hem == hem.hem && near.kind == FeatureKind::Facing);
        if mitred || !hem.kind.turns_up() {
            return;
        }
        for nth in 0..facings.count() {
            self.add(
                Draft::new(Act::TurnEdge, On::Feature(hem.hem, FeatureKind::Facing, nth), "Turn the facing back over the hem")
                    .over(hem.allowance.mm() * 2.0)
                    .how("The hem lies up first; the facing folds back over it on its own fold, its lower edge a thread short of the hem's. Slip-stitch it down; nothing is cut at the corner.")
                    .needs([making.sewn()]),
            );
        }
    }

    /// What is still done to an edge once it is stitched: a facing clipped and turned, a rolled edge trimmed and rolled.
    pub(crate) fn work_edge(&mut self, making: &Making<'_>) {
        self.turn_facings_back(making);
        match making.hem.kind {
            HemKind::Faced | HemKind::BiasFaced => {
                let stays = self.write(making.hem.allowance);
                let stop = self.stop(
                    making,
                    format!("{stays} stays beyond the stitching; a clip ends a few threads before it."),
                    false,
                    "A clip through the stitching cannot be mended.",
                );
                let how = "Clip into the allowance where it curves, grade it where it is thick.";
                self.clip_edge(making, "Clip the faced edge", how, stop);
                self.add(
                    making
                        .draft(Act::TurnEdge, "Turn the facing in and sew it down")
                        .how("Press the seam to the facing and stitch it down there, close to the fold; turn it in so that it does not look out. Slip-stitch its upper edge, one thread of the outside at a time.")
                        .needs([making.key(Act::ClipEdge)]),
                );
            }
            HemKind::Rolled => {
                let stop = self.stop(
                    making,
                    "A few threads stay beyond the second row.",
                    false,
                    "What is trimmed off an edge cannot be turned again.",
                );
                let how = "Small scissors flat on the cloth, the outside held away from them.";
                self.clip_edge(making, "Trim close to the second row", how, stop);
                let (needle, stitch) = self.garment.cloth.family.needle_and_stitch();
                self.add(
                    making
                        .draft(Act::RollEdge, "Fold it once more and stitch it")
                        .how("The trimmed edge rolled in, stitched on the row that is there; or rolled between damp fingers and slip-stitched by hand.")
                        .with([needle, stitch])
                        .needs([making.key(Act::ClipEdge)]),
                );
            }
            _ => {}
        }
    }

    /// A cut into an edge that is stitched, behind its stop.
    fn clip_edge(&mut self, making: &Making<'_>, title: &str, how: &'static str, stop: StopFacts) {
        self.add(
            making
                .draft(Act::ClipEdge, title)
                .how(how)
                .stop(stop)
                .needs([making.sewn()])
                .after([making.key(Act::SewSecond)]),
        );
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
        let by_hand = matches!(work, Work::Hand | Work::BlindHem);
        if hem.paired && !by_hand && !flat {
            how.push("On the free arm, or inside out with the machine inside the tube.".into());
        }
        how.push("Beside the tacking, which then comes out.".into());
        let reference = hem.paired && self.habits.pairs == Pairs::Reference;
        let run = if reference { making.run / 2.0 } else { making.run };
        let mitres = self.written_steps(|key| {
            key.act == Act::Mitre && matches!(key.on, On::Feature(own, ..) if own == hem.hem)
        });
        let parts: &[(Act, &'static str)] = if reference {
            &[
                (making.sewn().act, " on the first, the pattern for the other"),
                (Act::SewSecond, " on the other, laid on the first"),
            ]
        } else {
            &[(making.sewn().act, "")]
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
            if self.hems_are_cut_first() {
                // Cut to length first, it is sewn when everything above it is.
                draft = draft.after(self.pressed());
            }
            if hem.kind == HemKind::LinedBag {
                // The lining is sewn in with it, and has to be as narrow as the outside by then.
                draft = draft.after([StepKey::whole(Act::TakeInLining)]);
            }
            if *act == Act::SewSecond {
                draft = draft.needs([making.sewn()]);
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
                    .needs([making.sewn()])
                    .after([making.key(Act::SewSecond)]),
            );
        }
    }

    /// What a kind of hem is sewn with.
    pub(crate) fn stitches(&self, hem: &HemSolution) -> (Work, Vec<&'static str>, Vec<How>) {
        let (needle, stitch) = self.garment.cloth.family.needle_and_stitch();
        let machine = vec![needle, stitch];
        let test = How::from(
            if self.habits.hem_cut == HemCut::Before && hem.kind.is_cut() && !hem.kind.is_knit() {
                "Test stitch and tension on the strip that was cut off."
            } else {
                "Test stitch and tension on the inside of the turn-up, through as many layers: there is no offcut yet."
            },
        );
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
                "Stitch close beside the edge, fold on the stitching and stitch again close to that fold.".into(),
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
                how!("Facing on the outside, right sides in, {turned} from the edge.", turned),
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
                how!("Outside and lining right sides in, seam on seam, {turned} from the edge; leave a hand's width open in a lining seam, and turn it through there.", turned),
                test,
            ]),
            HemKind::Original | HemKind::Uncut => (Work::Seam, machine, vec![test]),
        }
    }
}
