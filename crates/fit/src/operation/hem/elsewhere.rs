//! The steps of a hem that is shortened elsewhere than at its edge: in a tuck, or at the waist.

use super::steps::Making;
use crate::garment::{FixtureKind, SeamName, Source};
use crate::operation::builder::Builder;
use crate::operation::hem::{HemKind, Tuck, WaistShortening};
use crate::plan::act::Act;
use crate::plan::draft::Draft;
use crate::plan::how::{How, how};
use crate::plan::key::{On, StepKey};
use crate::unit::length::Length;

/// Folding, pinning and marking one dart anew, in minutes.
const A_DART: f64 = 6.0;
/// Taking one side seam in from a new edge, in minutes.
const A_SIDE: f64 = 12.0;
/// Pinning, tacking and closing a waist edge all round, beside its sewing, in minutes.
const WAIST_MINUTES: f64 = 20.0;
/// Tacking a zip in and sewing it, beside its length, in minutes.
const ZIP_MINUTES: f64 = 12.0;

/// " on the left" as it begins a sentence.
pub(crate) fn on_the(which: &str) -> String {
    which.trim_start().replacen("on", "On", 1)
}

/// A zip the new edge runs into: what its steps are done on, its seam, and how far it opens.
type ZipAtTheEdge = (On, SeamName, Length);

/// A sentence after a colon.
fn lowered(words: &str) -> String {
    let mut words = words.to_owned();
    words[..1].make_ascii_lowercase();
    words
}

impl Builder<'_> {
    /// The original hem kept, or an uncut edge shortened in a tuck; each leg by its own numbers where they differ.
    pub(crate) fn in_a_tuck(&mut self, making: &Making<'_>, tucks: &[(&'static str, &Tuck)]) {
        let Some((_, first)) = tucks.first() else { return };
        let original = making.hem.kind == HemKind::Original;
        let above = self.write(first.above);
        let mut chalk = vec![if original {
            how!(
                "On the single layer: the lower stitching {above} above the edge, close beside the stitching that is there. Between it and the upper line lies what is lost.",
                above
            )
        } else {
            how!(
                "On the single layer: the lower stitching {above} above the edge. Between it and the upper line lies what is lost.",
                above
            )
        }];
        let mut tack: Vec<How> = Vec::new();
        for (which, tuck) in tucks {
            let (loses, depth) = (self.write(tuck.loses), self.write(tuck.depth));
            let which = *which;
            chalk.push(how!(
                "The upper line{which} is {loses} above the lower on the mean; by the table place for place.",
                which,
                loses
            ));
            tack.push(how!("Right sides in, line on line: the tuck{which} is {depth} deep.", which, depth));
        }
        tack.push("Turn the edge down as it is worn.".into());
        self.chalk_hem(making, chalk);
        self.tack_and_try(making, "Fold the tuck and tack it", "tuck tacked", tack);
        if self.garment.source == Source::Toile {
            return;
        }
        self.sew_tuck(making, tucks);
        if original {
            self.trim_tuck(making, tucks);
        }
        self.finish_hem(making, "Press the tuck");
    }

    fn sew_tuck(&mut self, making: &Making<'_>, tucks: &[(&'static str, &Tuck)]) {
        let original = making.hem.kind == HemKind::Original;
        let (needle, stitch) = self.garment.cloth.family.needle_and_stitch();
        let girths = tucks.iter().flat_map(|(which, tuck)| {
            let words = tuck.words.get(1).map(|words| {
                if which.is_empty() {
                    words.clone()
                } else {
                    format!("{}: {}", on_the(which), lowered(words))
                }
            });
            self.told(words.iter(), &[tuck.upper, tuck.lower, tuck.mismatch])
        });
        let girths: Vec<How> = girths.collect();
        self.add(
            making
                .draft(Act::SewHem, "Sew the tuck")
                .all_how(girths)
                .how(if original {
                    "Close beside the old hem's stitching, with the zip foot where it is thick; level the foot at the seams and do not start on one. Beside the tacking, which then comes out."
                } else {
                    "Level the foot at the seams and do not start on one. Beside the tacking, which then comes out."
                })
                .with([needle, stitch, "zip foot"])
                .needs([making.key(Act::TryHem)]),
        );
    }

    /// A tuck behind a hem that stays is trimmed where it is deep enough.
    fn trim_tuck(&mut self, making: &Making<'_>, tucks: &[(&'static str, &Tuck)]) {
        let trimmed: Vec<(&'static str, Length)> =
            tucks.iter().filter_map(|(which, tuck)| Some((*which, tuck.trim_to?))).collect();
        let Some((_, to)) = trimmed.first() else { return };
        let to = self.write(*to);
        let stop = self.stop(
            making,
            format!("{to} of the tuck stays beyond its stitching."),
            true,
            "What is trimmed off a tuck cannot be let down again.",
        );
        let mut draft = making
                .draft(Act::CutHem, format!("Trim the tuck to {to} and overcast it"))
                .how("Both legs compared first, rolled down as worn. Cut one layer of the fold open, then both to the width; overcast, press it up, away from the edge.");
        // Where one of two is trimmed, which.
        for (which, _) in trimmed.iter().filter(|_| trimmed.len() < tucks.len()) {
            let which = *which;
            draft = draft.how(how!(
                "Only{which}: the other tuck is too small to be trimmed, and is pressed up whole.",
                which
            ));
        }
        self.add(
            draft
                .with(["scissors", "overlock or zigzag"])
                .stop(stop)
                .needs(making.keys([Act::SewHem, Act::TryHem]))
                .after(self.known()),
        );
    }

    /// Shortened at the waist seam, or under the band: opened, its darts, sides and zip moved, finished, pressed, closed.
    pub(crate) fn at_the_waist(&mut self, making: &Making<'_>, waist: &WaistShortening) {
        let takes = self.write(waist.takes);
        let around = waist.upper.mm();
        let banded = self.shape.kind.has_band();
        let (seam, upper) = if banded { ("band", "band") } else { ("waist seam", "bodice") };
        // What is only tacked has nothing to open, and no zip in it yet.
        let sewn = self.garment.source != Source::InTheMaking;
        if sewn {
            let before = self.before_hems();
            self.add(
                making
                    .draft(Act::OpenWaist, format!("Open the {seam} all round"))
                    .over(around)
                    .how(how!("Thread-mark centre front, centre back, both sides and every dart on {upper} and skirt first.", upper))
                    .after(before),
            );
        }
        let zips = if sewn { self.zips_at_the_waist(waist) } else { Vec::new() };
        self.zips_out(making, waist, &zips);
        let stitching = self.garment.source.stitching();
        self.chalk_hem(making, vec![how!("The new edge runs {takes} below the {stitching}, all round; its seam allowance is marked above it. Nothing is marked at the hem.", takes, stitching)]);
        let lengths = [waist.takes, waist.upper, waist.lower, waist.remains];
        let moved = waist.words.len() - waist.zips.len();
        let how: Vec<How> = self.told(waist.words[..moved].iter().skip(1), &lengths);
        let what = format!("{seam} tacked");
        self.tack_and_try(
            making,
            &format!("Draw darts and sides again and tack it to the {upper}"),
            &what,
            how,
        );
        if self.garment.source == Source::Toile {
            return;
        }
        let stop = self.stop(
            making,
            "A seam allowance above the new edge stays on, counted once.",
            false,
            "What is cut off the top of a skirt cannot be put back.",
        );
        self.add(
            making
                .draft(Act::CutHem, "Cut the surplus at the waist")
                .over(around)
                .how("One layer at a time, the darts folded as they are sewn, so that their ends reach the seam.")
                .with(["scissors"])
                .stop(stop)
                .needs([making.key(Act::TryHem)])
                .after(self.known()),
        );
        let last = self.darts_at_the_waist(making, waist);
        let (needle, stitch) = self.garment.cloth.family.needle_and_stitch();
        self.add(
            making
                .draft(Act::FinishAtWaist, "Finish the new edge")
                .over(around)
                .how("Overlock or zigzag the skirt's new edge, and what was opened below it.")
                .needs([last]),
        );
        let press = self.garment.cloth.press();
        self.add(
            making
                .draft(Act::PressAtWaist, "Press darts, sides and the new edge")
                .over(around)
                .how(how!("Darts towards the middle, sides open: {press}. Nothing is closed over them before they are cold.", press))
                .needs([making.key(Act::FinishAtWaist)]),
        );
        let back = self.zips_back(making, waist, &zips);
        self.add(
            making
                .draft(Act::SewHem, format!("Close the {seam}"))
                .over(around)
                .how("Marks on marks, from the middle to the opening. Tacked first; beside the tacking, which then comes out.")
                .longer_by(WAIST_MINUTES)
                .with([needle, stitch])
                .needs([making.key(Act::PressAtWaist)])
                .needs(back),
        );
        self.finish_hem(making, &format!("Press the {seam}"));
    }

    fn zips_out(&mut self, making: &Making<'_>, waist: &WaistShortening, zips: &[ZipAtTheEdge]) {
        let takes = self.write(waist.takes);
        for (on, seam, opens) in zips {
            let (opens, name) = (self.write(*opens), seam.words());
            self.add(
                Draft::new(Act::TakeOut, *on, format!("Take the zip out of the {name}"))
                    .over(2.0 * waist.takes.mm().max(100.0))
                    .how(how!("Unpick it from the top to below the new edge, and open the {name} {takes} further down: it shall still open {opens}.", name, takes, opens))
                    .needs([making.key(Act::OpenWaist)]),
            );
        }
    }

    /// Each zip back at the new edge; the steps that set them.
    fn zips_back(
        &mut self,
        making: &Making<'_>,
        waist: &WaistShortening,
        zips: &[ZipAtTheEdge],
    ) -> Vec<StepKey> {
        let mut back = Vec::new();
        for (on, seam, opens) in zips {
            let (opens, name) = (self.write(*opens), seam.words());
            self.add(
                Draft::new(Act::PutBack, *on, format!("Set the zip back into the {name}"))
                    .over(2.0 * waist.takes.mm().max(100.0))
                    .longer_by(ZIP_MINUTES)
                    .how(how!("Its top at the new edge; it opens {opens} as before. Tack it, close it, look that both edges are level, then sew.", opens))
                    .needs([making.key(Act::PressAtWaist)]),
            );
            back.push(StepKey::new(Act::PutBack, *on));
        }
        back
    }

    /// Darts and sides drawn again, where there are any; the step after which the new edge is finished.
    fn darts_at_the_waist(&mut self, making: &Making<'_>, waist: &WaistShortening) -> StepKey {
        let (needle, stitch) = self.garment.cloth.family.needle_and_stitch();
        let darts = 2.0 * waist.darts.len() as f64;
        let sides = if waist.side_take_in.is_some() { 2.0 } else { 0.0 };
        let cut = making.key(Act::CutHem);
        if darts + sides <= 0.0 {
            return cut;
        }
        let title = match (darts > 0.0, sides > 0.0) {
            (true, true) => "Sew darts and sides again",
            (true, false) => "Sew the darts again",
            _ => "Sew the sides again",
        };
        self.add(
                making
                    .draft(Act::DartsAtWaist, title)
                    .over(120.0 * darts + waist.fading_over.mm() * sides)
                    .how("The old stitching out first. By the new marks, beside the tacking, which then comes out; both of a pair equally long and deep.")
                    .longer_by(A_DART * darts + A_SIDE * sides)
                    .with([needle, stitch])
                    .needs([cut]),
            );
        making.key(Act::DartsAtWaist)
    }

    /// The zips the new edge runs into, unless they come out for a seam already.
    fn zips_at_the_waist(&self, waist: &WaistShortening) -> Vec<ZipAtTheEdge> {
        let written = self.written_steps(|key| key.act == Act::TakeOut);
        let zips = self.shape.fixtures.iter().filter(|fixture| fixture.kind == FixtureKind::Zip);
        let among = zips.filter(|zip| waist.zips.iter().any(|own| own.seam == zip.seam));
        among
            .map(|zip| (On::fixture(zip, 0), zip.seam, zip.to - zip.from))
            .filter(|(on, ..)| !written.contains(&StepKey::new(Act::TakeOut, *on)))
            .collect()
    }
}
