//! Marking: with what, and the lines themselves.

use crate::cloth::family::{Cloth, ClothFamily, Fibre, Surface};
use crate::garment::Source;
use crate::house::choice::{MatchBy, MirrorBy, PinFace, ReadBy};
use crate::operation::builder::Builder;
use crate::operation::opening::Opening;
use crate::plan::act::Act;
use crate::plan::draft::Draft;
use crate::plan::how::{Fact, How, how};
use crate::plan::key::{On, StepKey};

/// The mark that suits a cloth.
fn suits(cloth: &Cloth, source: Source) -> &'static str {
    match (cloth.surface, cloth.family, cloth.fibre) {
        (Surface::Pile, ..) => {
            "Mark it with thread, or with pins left in: chalk sinks into a pile and a pen does not take."
        }
        _ if source == Source::InTheMaking => {
            "Mark it with thread in a second colour, as the first lines were traced: it lasts through every trial."
        }
        (_, ClothFamily::Sheer, _) | (_, _, Fibre::Silk) => {
            "Mark it with a fine needle and thread: chalk shows through to the right side, and a pen may stay."
        }
        (_, ClothFamily::Coating, _) | (_, _, Fibre::Wool) => {
            "Mark it with tailor's chalk, brushed out afterwards; wax chalk sets under the iron."
        }
        (_, ClothFamily::Jersey, _) => {
            "Mark it with a chalk pencil, lightly, the knit lying flat: a mark that is drawn hard stretches it."
        }
        (_, ClothFamily::Shirting, _) => {
            "Mark it with a chalk pencil, or on pale cloth with a pen that washes out: test that it does."
        }
        (_, ClothFamily::Twill | ClothFamily::Denim, _) => {
            "Mark it with chalk, sharp-edged, on the wrong side."
        }
    }
}

impl Builder<'_> {
    /// The first step at the table; how many evenings it has to last is known once all steps are.
    pub(crate) fn choose_mark(&mut self) {
        let first = [Act::PhotographInside, Act::Wash, Act::CareLabel, Act::FitAgain, Act::LookUpRules];
        self.add(
            Draft::new(Act::ChooseMark, On::Garment, "Choose the mark and test it")
                .how(suits(&self.garment.cloth, self.garment.source))
                .how("Make one on a hidden place first, press it as it will be pressed, and look whether it goes.")
                .after(first.map(StepKey::whole)),
        );
    }

    /// What the number of evenings says of a mark.
    pub(crate) fn how_long_it_lasts(evenings: f64) -> How {
        if evenings > 1.0 {
            let evenings = Fact::Number(evenings);
            how!("The work goes over {evenings} evenings: no pen that fades, it lasts one.", evenings)
        } else {
            "It is one evening's work: a pen that fades would last as long, where the cloth takes one.".into()
        }
    }

    pub(crate) fn chalk(&mut self) {
        let how = self.how_to_chalk();
        let opened = self.opened(|what| matches!(what, Opening::Lining(_)));
        self.add(
            Draft::new(Act::Chalk, On::Garment, "Mark every line on both layers")
                .over(2.0 * self.run())
                .all_how(how)
                .needs(opened.into_iter().map(Opening::opened_by))
                .after(self.known()),
        );
    }

    fn how_to_chalk(&self) -> Vec<How> {
        let face = match self.habits.pin_face {
            PinFace::RightSide => {
                "It was pinned right side out: turn it, and mark each pin through from the inside, on both layers. Then take the pins out, and only then lay it flat."
            }
            PinFace::InsideOut => {
                "Mark each pin on both layers. Then take the pins out, and only then lay it flat. It was pinned inside out: the wearer's left is the left seam as it was worn, not as it lies before you."
            }
        };
        let stitching = self.garment.source.stitching();
        let table = match (self.habits.read_by, self.habits.match_by) {
            (ReadBy::Chalk, _) => how!(
                "Lay the seam flat, the {stitching} straight. The chalk was read: look whether the table agrees with it, then mark what was evened or smoothed, station with one tape, depth with the other.",
                stitching
            ),
            (ReadBy::Pins, MatchBy::OldSeam) => how!(
                "Lay the seam flat, the {stitching} straight. Work down the chalk table: station with one tape, depth with the other.",
                stitching
            ),
            (ReadBy::Pins, MatchBy::RawEdge) => how!(
                "Lay the seam flat, the raw edge straight. Work down the chalk table: station with one tape, edge to chalk with the other; where no allowance was entered, measure from the {stitching}.",
                stitching
            ),
        };
        let mut how = vec![How::from(face), table];
        match self.garment.cloth.surface {
            Surface::Smooth => {}
            Surface::Nap => how.push("It has a nap or a one-way print: whatever is cut anew lies the same way up as the rest.".into()),
            Surface::Pile => how.push("Lay it pile downward on something that gives, and mark the wrong side; the pile runs the same way on every piece.".into()),
        }
        if self.shape.underlined {
            how.push("It is underlined: thread-trace each line through underlining and cloth together, and tack both to each other on either side of it; from here on they are one.".into());
        }
        how.push(how!(
            "Join the marks along a curved ruler; the line leaves the {stitching} without a corner.",
            stitching
        ));
        if self.works.iter().any(|work| work.lines.len() > 1) {
            how.push(match self.habits.mirror_by {
                MirrorBy::Landmark => {
                    let from = if self.shape.band_height() > 0.0 { "hem or band" } else { "hem or underarm" };
                    how!("Measure the other side afresh from its own {from}.", from)
                }
                MirrorBy::Seams => "Lay seam on seam and pin through to carry the line across.".into(),
            });
        }
        how
    }
}
