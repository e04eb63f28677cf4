//! Taking out what sits in a seam that moves, and setting it back.

use crate::garment::{Fixture, FixtureKind};
use crate::plan::act::Act;
use crate::plan::builder::Builder;
use crate::plan::draft::Draft;
use crate::plan::key::{On, StepKey};

impl Builder<'_> {
    /// Takes a zip, buttons, a pocket or a label out of its seam before anything is tacked.
    pub(crate) fn take_out(&mut self, fixture: &Fixture, nth: usize) {
        let seam = fixture.seam.words();
        let how = match fixture.kind {
            FixtureKind::Zip => {
                "Thread-mark where its teeth begin and end on both edges, then unpick it from tape to tape. What opens there is pinned or tacked shut for the try-on."
            }
            FixtureKind::Buttons => {
                "Thread-mark each of them on both edges, then take the edge apart; what opens there is tacked shut for the try-on."
            }
            FixtureKind::Pocket => {
                "Thread-mark both ends of its mouth, unpick the bag from the seam and pin it up; the mouth is tacked shut for the try-on."
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
            FixtureKind::Label => "Into the new seam at the same height, before the edges are finished.",
            FixtureKind::Match => "The marked lines on each other.",
        };
        let machine = StepKey::new(Act::Sew, seam);
        self.add(
            Draft::new(Act::PutBack, on, format!("Set the {what} back into the {}", fixture.seam.words()))
                .over(2.0 * (fixture.to - fixture.from).mm())
                .how(how)
                .needs([machine])
                .after([StepKey::new(Act::OpenOld, seam), StepKey::new(Act::Trim, seam)]),
        );
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
