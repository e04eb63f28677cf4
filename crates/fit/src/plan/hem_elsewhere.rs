//! The steps of a hem that is shortened elsewhere than at its edge: in a tuck, or at the waist.

use super::builder::Builder;
use super::hem_steps::Making;
use super::{Bench, Work};
use crate::Caution;
use crate::hem::{HemKind, Tuck, WaistShortening};

impl Builder<'_> {
    /// The original hem kept, or an uncut edge shortened in a tuck.
    pub(super) fn in_a_tuck(&mut self, making: &Making<'_>, tuck: &Tuck) {
        let above = self.write(tuck.above);
        let depth = self.write(tuck.depth);
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
            let allowance = format!("{} of the tuck stays beyond its stitching.", self.write(trim_to));
            let stop = self.stop(
                making,
                &name,
                &allowance,
                true,
                "What is trimmed off a tuck cannot be let down again.",
            );
            let step = self.add(
                &name,
                format!("Trim the tuck to {} and overcast it", self.write(trim_to)),
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
    pub(super) fn at_the_waist(&mut self, making: &Making<'_>, waist: &WaistShortening) {
        let takes = self.write(waist.takes);
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
