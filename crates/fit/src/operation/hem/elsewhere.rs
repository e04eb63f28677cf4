//! The steps of a hem that is shortened elsewhere than at its edge: in a tuck, or at the waist.

use super::steps::Making;
use crate::operation::hem::{HemKind, Tuck, WaistShortening};
use crate::plan::act::Act;
use crate::plan::builder::Builder;
use crate::plan::how::{How, how};
use crate::plan::key::StepKey;

impl Builder<'_> {
    /// The original hem kept, or an uncut edge shortened in a tuck.
    pub(crate) fn in_a_tuck(&mut self, making: &Making<'_>, tuck: &Tuck) {
        let above = self.write(tuck.above);
        let depth = self.write(tuck.depth);
        self.chalk_hem(making, vec![how!("On the single layer: the lower stitching {above} above the edge, close beside the stitching that is there; the upper where the table says. Between them lies what is lost.", above)]);
        self.tack_and_try(
            making,
            "Fold the tuck and tack it",
            [how!("Right sides in, stitching on stitching: the tuck is {depth} deep. Turn the edge down as it is worn.", depth)],
        );
        let (needle, stitch) = self.garment.cloth.family.needle_and_stitch();
        self.add(
            making
                .draft(Act::SewHem, "Sew the tuck")
                .all_how(self.told(tuck.words.iter().skip(1).take(1), &[tuck.upper, tuck.lower, tuck.mismatch]))
                .how("Close beside the old hem's stitching, with the zip foot where it is thick; level the foot at the seams and do not start on one.")
                .with([needle, stitch, "zip foot"])
                .needs([making.key(Act::TryHem)]),
        );
        if let Some(trim_to) = tuck.trim_to.filter(|_| making.hem.kind == HemKind::Original) {
            let to = self.write(trim_to);
            let stop = self.stop(
                making,
                format!("{to} of the tuck stays beyond its stitching."),
                true,
                "What is trimmed off a tuck cannot be let down again.",
            );
            self.add(
                making
                    .draft(Act::CutHem, format!("Trim the tuck to {to} and overcast it"))
                    .how("Both legs compared first, rolled down as worn. Cut one layer of the fold open, then both to the width; overcast, press it up, away from the edge.")
                    .with(["scissors", "overlock or zigzag"])
                    .stop(stop)
                    .needs(making.keys([Act::SewHem, Act::TryHem]))
                    .after([StepKey::whole(Act::Wash)]),
            );
        }
        self.finish_hem(making);
    }

    /// Shortened at the waist seam, or under the band.
    pub(crate) fn at_the_waist(&mut self, making: &Making<'_>, waist: &WaistShortening) {
        let takes = self.write(waist.takes);
        let around = waist.upper.mm();
        let seam = if self.shape.kind.has_band() { "band" } else { "waist seam" };
        let before = self.before_hems();
        self.add(
            making
                .draft(Act::OpenWaist, format!("Open the {seam} all round"))
                .over(around)
                .how("Thread-mark centre front, centre back and both sides on bodice and skirt first. Take the zip out to below the new edge.")
                .after(before),
        );
        self.chalk_hem(making, vec![how!("The new edge runs {takes} below the old stitching, all round; its seam allowance is chalked above it. Nothing is chalked at the hem.", takes)]);
        let lengths = [waist.takes, waist.upper, waist.lower, waist.remains];
        let how: Vec<How> = self.told(waist.words.iter().skip(1), &lengths);
        self.tack_and_try(making, "Draw darts and sides again and tack it to the upper edge", how);
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
                .after([StepKey::whole(Act::Wash)]),
        );
        let (needle, stitch) = self.garment.cloth.family.needle_and_stitch();
        self.add(
            making
                .draft(Act::SewHem, format!("Sew darts and sides, then the {seam}"))
                .over(2.0 * around)
                .how("Marks on marks, from the middle to the zip; set the zip in again last.")
                .with([needle, stitch, "zip foot"])
                .needs([making.key(Act::CutHem)]),
        );
        self.finish_hem(making);
    }
}
