//! Taking out what sits in a seam that moves, and setting it back.

use crate::garment::{Fixture, FixtureKind, SeamName};
use crate::operation::builder::Builder;
use crate::plan::act::Act;
use crate::plan::draft::Draft;
use crate::plan::key::{On, StepKey};

/// Tacking in, looking and sewing in what was taken out, beside its length, in minutes.
const SET_IN: f64 = 8.0;

impl Builder<'_> {
    /// Takes a zip, buttons, a pocket or a label out of its seam before anything is tacked.
    pub(crate) fn take_out(&mut self, fixture: &Fixture, nth: usize) {
        let seam = fixture.seam.words();
        let how = match fixture.kind {
            FixtureKind::Zip => {
                "Thread-mark where its teeth begin and end on both edges, then unpick it from tape to tape."
            }
            FixtureKind::Buttons => "Thread-mark each of them on both edges, then take the edge apart.",
            FixtureKind::Pocket => {
                "Thread-mark both ends of its mouth, unpick the bag from the seam and pin it up."
            }
            FixtureKind::Label => "Unpick it and keep it; it goes back at the same height.",
            FixtureKind::Match => "Mark which lines of the pattern meet.",
        };
        let run = 2.0 * (fixture.to - fixture.from).mm();
        self.add(
            Draft::new(
                Act::TakeOut,
                On::fixture(fixture, nth),
                format!("Take the {} out of the {seam}", fixture.kind.words()),
            )
            .over(run)
            .how(how)
            .needs([StepKey::whole(Act::Chalk)]),
        );
    }

    /// Sets it back into the new seam, before a band or a waist seam closes over it, and tries it on with it.
    pub(crate) fn put_back(&mut self, fixture: &Fixture, nth: usize) {
        let (on, seam, what) = (On::fixture(fixture, nth), On::Seam(fixture.seam), fixture.kind.words());
        let how = match fixture.kind {
            FixtureKind::Zip => {
                "Press the seam open first. Teeth on the new line, ends on the thread marks; tack it, close it, look that both sides are level, then sew from the lower end up on both sides."
            }
            FixtureKind::Buttons => {
                "Turn the edge on the new line. Buttons and holes go back at the thread marks, as far from the new edge as they were from the old."
            }
            FixtureKind::Pocket => {
                "The mouth between its thread marks on the new line; sew the bag to both allowances, then the seam above and below right up to it."
            }
            FixtureKind::Label => {
                "Pinned into the new seam at the same height; the seam that is sewn next catches it."
            }
            FixtureKind::Match => "The marked lines on each other.",
        };
        let draft =
            Draft::new(Act::PutBack, on, format!("Set the {what} back into the {}", fixture.seam.words()))
                .over(2.0 * (fixture.to - fixture.from).mm())
                .longer_by(SET_IN)
                .how(how);
        // A label is caught by the seam; everything else goes into one that is sewn, open and pressed.
        self.add(if fixture.kind == FixtureKind::Label {
            draft.needs([StepKey::whole(Act::TryOn)])
        } else {
            draft
                .needs([self.sewn_by(fixture.seam)])
                .after([StepKey::new(Act::OpenOld, seam), StepKey::new(Act::Trim, seam)])
                .after(self.pressed().into_iter().filter(|pressed| {
                    // The centre back is pressed by itself where the band is closed with it.
                    (pressed.on == On::Garment) != (self.wedge() && fixture.seam == SeamName::CentreBack)
                }))
        });
        // A label is only looked at.
        if fixture.kind != FixtureKind::Label {
            let how = match fixture.kind {
                FixtureKind::Zip | FixtureKind::Buttons => {
                    "Closed, standing, then sitting: it lies flat, does not gape, and both edges are level at the top."
                }
                _ => "A hand in it, standing, then sitting: the mouth lies flat and the hand goes in.",
            };
            self.add(
                Draft::new(Act::TrySet, on, format!("Try it on with the {what} back"))
                    .how(how)
                    .needs([StepKey::new(Act::PutBack, on)]),
            );
        }
    }
}
