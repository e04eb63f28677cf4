//! A garment changed under its pins: what is on nothing is listed, and nothing else is lost by it.

mod common;

use common::{example, examples, mm};
use vemble_fit::garment::FlatName;
use vemble_fit::{Job, SeamName, StrayKind, settle, solve};

/// The job with its outseam so much shorter that its upper pins lie beyond it.
fn cut_short(mut job: Job) -> Job {
    for name in [FlatName::Outseam, FlatName::Inseam] {
        let now = job.garment.shape.flat(name).expect("measured");
        job.garment.shape.flats.insert(name, mm(now.mm() - 120.0));
    }
    job
}

#[test]
fn what_strays_is_listed_and_the_rest_is_as_if_it_had_never_been_read() {
    let job = cut_short(example("barn-dance-trousers"));
    let refused = solve(&job).expect_err("a pin lies beyond its seam");
    assert!(refused.path.starts_with("fitting.pins["), "{}", refused.path);
    let (settled, solution) = settle(&job).expect("the rest");
    assert!(!solution.strays.is_empty());
    assert_eq!(settled.fitting.pins.len() + solution.strays.len(), job.fitting.pins.len(), "none is lost");
    let alone = solve(&settled).expect("a result");
    assert_eq!(
        serde_json::to_value(&alone.seams).expect("JSON"),
        serde_json::to_value(&solution.seams).expect("JSON")
    );
    for stray in &solution.strays {
        assert_eq!(stray.kind, StrayKind::Pin);
        let at = job.fitting.pins.iter().position(|pin| pin.id == stray.id).expect("its pin");
        let error = stray.error.as_ref().expect("why");
        assert!(error.path.starts_with(&format!("fitting.pins[{at}].")), "{} is pin {at}", error.path);
        assert!(stray.words.contains("on nothing any more"), "{}", stray.words);
    }
}

#[test]
fn a_seam_that_is_gone_takes_no_other_with_it() {
    let mut job = example("princess-dress");
    let gone = [SeamName::PrincessFront, SeamName::PrincessBack];
    let shape = &mut job.garment.shape;
    shape.seams = vec![SeamName::Side, SeamName::CentreBack, SeamName::Shoulder];
    let on_them = job.fitting.pins.iter().filter(|pin| gone.contains(&pin.seam)).count();
    assert!(on_them > 0, "the dress is pinned there");
    let (_, solution) = settle(&job).expect("the rest");
    assert_eq!(solution.strays.len(), on_them);
    assert!(solution.seams.iter().any(|seam| seam.seam == SeamName::Side), "the side seams have their lines");
}

#[test]
fn nothing_strays_where_the_garment_is_as_it_was_pinned() {
    for (name, job) in examples() {
        let (settled, solution) = settle(&job).expect("a result");
        assert!(solution.strays.is_empty(), "{name}: {:?}", solution.strays);
        assert_eq!(settled, job, "{name}");
    }
}

#[test]
fn what_stood_before_may_stay_and_what_is_new_may_not() {
    let job = cut_short(example("barn-dance-trousers"));
    let (_, solution) = settle(&job).expect("the rest");
    let mut before = job.fitting.clone();
    for stray in &solution.strays {
        assert!(stray.stood_in(&before, &job.fitting));
    }
    let touched = before.pins.iter_mut().find(|pin| pin.id == solution.strays[0].id).expect("it");
    touched.reading = mm(touched.reading.mm() + 1.0);
    assert!(!solution.strays[0].stood_in(&before, &job.fitting), "it was moved to where nothing is");
    before.pins.clear();
    assert!(!solution.strays[0].stood_in(&before, &job.fitting), "it was never there");
}

#[test]
fn what_is_wrong_with_the_garment_itself_stays_wrong() {
    let mut job = example("barn-dance-trousers");
    job.garment.cloth.stretch = 7.0;
    assert_eq!(settle(&job).expect_err("no cloth").path, "garment.cloth.stretch");
    let mut twice = example("barn-dance-trousers");
    twice.fitting.pins[1].id = twice.fitting.pins[0].id.clone();
    assert!(settle(&twice).is_err(), "two pins with one id is no stray");
}
