//! A pin slid along its seam stands on a mark of the tape, on its seam, and says what it said before.

mod common;

use common::{any_garment, cases, example, job, mm, swelling_pins};
use proptest::prelude::*;
use vemble_fit::{Job, Length, Pin, Rounding, Scale, Slide, Solution, Unit, slid, solve};

/// Where a pin stands from its seam's lower end, as the answer has it, and how long the seam is.
fn stands(solution: &Solution, id: &str) -> [f64; 2] {
    let seam = solution.seams.iter().find(|seam| seam.pins.iter().any(|pin| pin.id == id)).expect("a seam");
    let pin = seam.pins.iter().find(|pin| pin.id == id).expect("the pin");
    [pin.station.mm(), seam.length.mm()]
}

fn with(job: &Job, moved: &Pin) -> Job {
    let mut after = job.clone();
    let pin = after.fitting.pins.iter_mut().find(|pin| pin.id == moved.id).expect("the pin");
    *pin = moved.clone();
    after
}

proptest! {
    #![proptest_config(cases(60))]

    #[test]
    fn by_hand_it_comes_to_stand_where_it_was_let_go_to_half_a_mark(
        shape in any_garment(), share in 0.0f64..1.0, eighths: bool, which in 0usize..40,
    ) {
        let mut job = job(shape);
        if eighths {
            job.habits.scale = Scale::new(Unit::Inch, Rounding::EighthInch);
        }
        job.fitting.pins = swelling_pins(&job.garment.shape, &[4.0, 6.0, 5.0], 0.5);
        prop_assume!(!job.fitting.pins.is_empty());
        let pin = job.fitting.pins[which % job.fitting.pins.len()].clone();
        let before = solve(&job).expect("solved");
        let [_, length] = stands(&before, &pin.id);
        let wanted = share * length;
        let moved = slid(&job, &pin.id, Slide::Hand { station: mm(wanted) }).expect("slid");
        let tick = job.habits.scale.tick();
        prop_assert_eq!(job.habits.scale.nearest(moved.station), moved.station, "a mark of the tape");
        let [station, _] = stands(&solve(&with(&job, &moved)).expect("solved"), &pin.id);
        // Near an end the last mark on the seam may lie a whole one away.
        let at_end = wanted < tick.mm() || wanted > length - tick.mm();
        let most = if at_end { 1.0 } else { 0.5 } * tick.mm();
        prop_assert!((station - wanted).abs() <= most + 0.02, "{station} for {wanted} of {length}");
        prop_assert_eq!(
            Pin { station: pin.station, reread: pin.reread, ..moved.clone() }, pin, "all else stays"
        );
    }

    #[test]
    fn so_many_marks_up_and_as_many_down_are_where_it_was(
        shape in any_garment(), marks in 1i32..12, which in 0usize..40,
    ) {
        let mut job = job(shape);
        job.fitting.pins = swelling_pins(&job.garment.shape, &[4.0, 6.0, 5.0], 0.5);
        prop_assume!(!job.fitting.pins.is_empty());
        let id = job.fitting.pins[which % job.fitting.pins.len()].id.clone();
        let start = slid(&job, &id, Slide::Marks { count: 0 }).expect("on a mark");
        let job = with(&job, &start);
        let [from, length] = stands(&solve(&job).expect("solved"), &id);
        let tick = job.habits.scale.tick().mm();
        let away = f64::from(marks) * tick;
        let up = slid(&job, &id, Slide::Marks { count: marks }).expect("up");
        let there = with(&job, &up);
        let [station, _] = stands(&solve(&there).expect("solved"), &id);
        if from + away <= length {
            prop_assert!((station - from - away).abs() < 0.02, "{from} + {away} is {station}");
            let back = slid(&there, &id, Slide::Marks { count: -marks }).expect("down");
            prop_assert_eq!(back.station, start.station);
        } else {
            prop_assert!(station <= length + 0.01 && length - station <= tick + 0.01, "{station} of {length}");
        }
    }
}

#[test]
fn a_pin_slid_is_to_be_read_again_and_nothing_else_of_the_fitting_moves() {
    let mut job = example("barn-dance-trousers");
    let id = job.fitting.pins[2].id.clone();
    job.fitting.pins[2].reread = true;
    let same = slid(&job, &id, Slide::Marks { count: 0 }).expect("slid");
    assert_eq!(same, job.fitting.pins[2], "it stood on a mark already");
    let moved = slid(&job, &id, Slide::Marks { count: 3 }).expect("slid");
    assert!(!moved.reread);
    let away = (moved.station - job.fitting.pins[2].station).abs();
    assert_eq!(away, mm(3.0));
}

#[test]
fn what_cannot_be_slid_is_refused_with_its_reason() {
    let job = example("barn-dance-trousers");
    let gone = slid(&job, "nobody", Slide::Marks { count: 1 }).expect_err("no such pin");
    assert!(gone.path() == "pin" && gone.to_string().contains("no pin nobody"), "{gone}");
    let far = slid(&job, &job.fitting.pins[0].id, Slide::Marks { count: i32::MIN }).expect_err("too far");
    assert_eq!(far.path(), "slide.count");
    let mut bare = job.clone();
    bare.garment.shape.flats.clear();
    let unmeasured = slid(&bare, &job.fitting.pins[0].id, Slide::Hand { station: Length::ZERO });
    assert!(unmeasured.expect_err("no length").to_string().contains("has no length yet"));
}
