//! The lining of a garment whose seams are worked: opened first, taken in by the same lines, closed last.

use super::work::SeamWork;
use crate::garment::{HemName, LiningClosed, SeamName};
use crate::operation::builder::Builder;
use crate::operation::hem::HemKind;
use crate::operation::opening::Opening;
use crate::plan::act::Act;
use crate::plan::draft::Draft;
use crate::plan::how::How;
use crate::plan::key::{On, StepKey};

/// Felling that is undone to get behind the seams, in millimetres: a gap two hands go through, or both sleeve hems round.
const fn way_in_over(hem: HemName) -> f64 {
    match hem {
        HemName::Hem => 400.0,
        HemName::Sleeve => 600.0,
    }
}

/// How a lining that was bagged out is closed,
const BAGGED: &str = "Turn it back through the gap, look that nothing is twisted, then close the gap by hand or close beside its edge.";
/// and one that was felled.
const FELLED: &str = "Fold its edge where it was, the slack pushed up into its pleat, and fell it into the turn-up only, never through to the outside.";

impl Builder<'_> {
    /// Gets behind the seams of a lined garment.
    pub(crate) fn open_lining(&mut self, hem: HemName, seams: &[SeamName]) {
        let on_sleeve = hem == HemName::Sleeve;
        let remade = self.hems.iter().find(|each| each.hem == hem).and_then(|each| each.lining.as_ref());
        let mut how = self.how_it_opens(hem, remade);
        if seams.contains(&SeamName::CentreFront) {
            how.push("Undo it from the facing as far as the front edge is touched.".into());
        }
        how.push("Nothing is marked, sewn or cut through both.".into());
        let title = match (on_sleeve, remade.is_some()) {
            (true, _) => "Open the lining of the sleeves",
            (false, true) => "Open the lining all round",
            (false, false) => "Open the lining",
        };
        let all_round = self
            .hems
            .iter()
            .find(|each| each.hem == hem)
            .map_or(0.0, |each| each.sides.iter().map(|side| side.girth[1].mm()).sum());
        self.add(
            Draft::new(Act::OpenLining, On::Hem(hem), title)
                .over(if remade.is_some() { all_round } else { way_in_over(hem) })
                .all_how(how)
                .on_seams(seams.iter().copied())
                .after(self.known()),
        );
    }

    /// Where one gets behind the seams of a lining that is closed.
    pub(crate) fn way_to_the_seams(&self, hem: HemName) -> &'static str {
        match (self.shape.lining_closed(), hem) {
            (LiningClosed::Bagged, HemName::Hem) => {
                "It was bagged out: open the gap it was closed by, usually in a sleeve lining, far enough to draw the seams out through it."
            }
            (LiningClosed::Bagged, HemName::Sleeve) => {
                "It was bagged out: open this sleeve lining's seam where it was closed, far enough to draw the seams out through it."
            }
            (LiningClosed::Felled, HemName::Sleeve) => {
                "Unpick the felling all round both sleeve hems and draw the seams out."
            }
            (LiningClosed::Felled, HemName::Hem) | (LiningClosed::Free, _) => {
                "Unpick the felling at the hem, wide enough to draw the seams out between lining and cloth."
            }
        }
    }

    /// Takes the lining in by the lines of the outside, once those have passed their try-on.
    pub(crate) fn take_in_lining(&mut self) {
        let run: f64 = self.works.iter().map(SeamWork::run).sum();
        let mut how = vec![How::from(
            "By the same chalk tables, each depth from the lining's own stitching: so it keeps the ease it has over the outside. The pleat at the centre back, and the slack at underarm and hem, stay as they are.",
        )];
        if self.works.iter().any(|work| work.seam.is_dart()) {
            how.push("What a dart takes outside is laid in a soft pleat inside.".into());
        }
        if self.works.iter().any(|work| work.lets_out) {
            how.push("Where the outside is let out the lining must give as much: look what is inside its own seams first; what is missing comes out of its pleat, or is set in.".into());
        }
        let opened = self.opened(|what| matches!(what, Opening::Lining(_)));
        self.add(
            Draft::new(Act::ChalkLining, On::Garment, "Chalk the lining by the same lines")
                .over(2.0 * run)
                .all_how(how)
                .needs([StepKey::whole(Act::TryOn)])
                .needs(opened.into_iter().map(Opening::opened_by)),
        );
        let (needle, stitch) = self.garment.cloth.family.needle_and_stitch();
        self.add(
            Draft::new(Act::TakeInLining, On::Garment, "Take the lining in")
                .over(run)
                .how("Sew its seams on the chalk, out of the old stitching and into it again like those outside. Unpick its old stitching beside them and press its seams to one side; nothing of it is cut.")
                .how("Lay it inside the garment: it must be looser than the outside everywhere, or it drags.")
                .with([needle, stitch])
                .needs([StepKey::whole(Act::ChalkLining)])
                .after(self.pressed()),
        );
    }

    /// True where making a hem closes the lining there.
    pub(crate) fn closes_lining(&self, hem: HemName) -> bool {
        self.hems
            .iter()
            .any(|each| each.hem == hem && (each.lining.is_some() || each.kind == HemKind::LinedBag))
    }

    /// Closes what was opened of the lining for the seams, when everything inside is finished.
    pub(crate) fn close_linings(&mut self) {
        let opened: Vec<(HemName, Vec<SeamName>)> = self
            .openings
            .iter()
            .filter_map(|open| match open.what {
                Opening::Lining(hem) if !self.closes_lining(hem) => Some((hem, open.seams.clone())),
                _ => None,
            })
            .collect();
        let everything = self.ends();
        for (hem, seams) in opened {
            let title = match hem {
                HemName::Sleeve => "Close the lining of the sleeves",
                HemName::Hem => "Close the lining",
            };
            let how = match self.shape.lining_closed() {
                LiningClosed::Bagged => BAGGED,
                LiningClosed::Felled | LiningClosed::Free => FELLED,
            };
            self.add(
                Draft::new(Act::CloseLining, On::Hem(hem), title)
                    .over(way_in_over(hem))
                    .how("Hang the outside first: no pull, no ridge, and every pin counted out.")
                    .how(how)
                    .on_seams(seams)
                    .needs(everything.iter().copied())
                    .needs([StepKey::whole(Act::TakeInLining)]),
            );
        }
    }
}
