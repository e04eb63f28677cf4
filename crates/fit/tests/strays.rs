//! A garment changed under its pins: what is on nothing is listed, and nothing else is lost by it.

mod common;

use std::collections::BTreeSet;

use common::{cases, example, examples, mm};
use proptest::prelude::*;
use vemble_fit::garment::{FlatName, HemName};
use vemble_fit::hem::{HemRead, HemReading, HemWish, Wanted};
use vemble_fit::{Datum, EntryMode, Job, JobPlace, Pin, SeamName, Side, StrayKind, settle, solve};

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
    assert!(refused.path().starts_with("fitting.pins["), "{}", refused.path());
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
        assert!(error.path().starts_with(&format!("fitting.pins[{at}].")), "{} is pin {at}", error.path());
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
    assert_eq!(settle(&job).expect_err("no cloth").path(), "garment.cloth.stretch");
    let mut twice = example("barn-dance-trousers");
    twice.fitting.pins[1].id = twice.fitting.pins[0].id.clone();
    assert!(settle(&twice).is_err(), "two pins with one id is no stray");
}

/// What strays, found one thing at a time: solve, take out what the error is about, solve again.
fn one_by_one(mut job: Job) -> (Job, BTreeSet<String>) {
    let mut ids = BTreeSet::new();
    while let Err(error) = solve(&job) {
        let fitting = &mut job.fitting;
        ids.insert(match error.place {
            JobPlace::Pin { pin, .. } => fitting.pins.remove(pin).id,
            JobPlace::Hem { hem, .. } => fitting.hems.remove(hem).hem.key().to_owned(),
            JobPlace::Reading { hem, reading, .. } => fitting.hems[hem].readings.remove(reading).id,
            place => panic!("{place} was not read on the garment"),
        });
    }
    (job, ids)
}

/// A pin nobody could have put there: on a seam that is not there, beyond its end, on no side, or counted from nowhere.
fn lost_pin() -> impl Strategy<Value = Pin> {
    let seams = prop::sample::select(SeamName::ALL.to_vec());
    let sides = prop::sample::select(vec![Side::Left, Side::Right, Side::Centre]);
    let data = prop::sample::select(vec![Datum::Hem, Datum::BandTop, Datum::Underarm]);
    (seams, sides, data, 0.0f64..1600.0, 4.0f64..300.0).prop_map(|(seam, side, datum, station, reading)| {
        Pin {
            id: String::new(),
            seam,
            side,
            datum,
            station: mm(station),
            mode: EntryMode::SeamToPin,
            reading: mm(reading),
            panel: None,
            planned: None,
            moved: None,
            reread: false,
            exact: false,
        }
    })
}

/// A reading round a hem, on a side it may not have.
fn lost_reading() -> impl Strategy<Value = HemReading> {
    let sides = prop::sample::select(vec![Side::Left, Side::Right, Side::Centre]);
    let reads = prop::sample::select(vec![HemRead::FloorToEdge, HemRead::EdgeToPin]);
    (sides, reads, 0.0f64..400.0, 0.0f64..900.0).prop_map(|(side, read, at, length)| HemReading {
        id: String::new(),
        side,
        at,
        read,
        length: mm(length),
    })
}

proptest! {
    #![proptest_config(cases(48))]

    #[test]
    fn all_that_strays_is_found_at_once(
        which in 0usize..1000,
        shorter in prop::bool::ANY,
        lost in prop::collection::vec(lost_pin(), 0..20),
        read in prop::collection::vec(lost_reading(), 0..6),
        sleeve in prop::bool::ANY,
    ) {
        let all = examples();
        let (name, mut job) = all[which % all.len()].clone();
        if shorter && job.garment.shape.flat(FlatName::Outseam).is_some() {
            job = cut_short(job);
        }
        let lost = (0..).zip(lost).map(|(i, pin)| Pin { id: format!("lost {i}"), ..pin });
        job.fitting.pins.extend(lost);
        let hem = if sleeve { HemName::Sleeve } else { HemName::Hem };
        let read = (0..).zip(read).map(|(i, reading)| HemReading { id: format!("read {i}"), ..reading });
        let wish = HemWish { readings: read.collect(), ..HemWish::new(hem, Wanted::Pins) };
        job.fitting.hems.insert(0, wish);
        let (alone, ids) = one_by_one(job.clone());
        let (settled, solution) = settle(&job).expect("the rest");
        let found: Vec<&String> = solution.strays.iter().map(|stray| &stray.id).collect();
        prop_assert_eq!(found.iter().copied().cloned().collect::<BTreeSet<_>>(), ids, "{}", name);
        prop_assert_eq!(found.len(), job.fitting.pins.len() - settled.fitting.pins.len()
            + job.fitting.hems.len() - settled.fitting.hems.len()
            + count_readings(&job, &settled), "{}: each once", name);
        prop_assert_eq!(&settled, &alone, "{}", name);
        for stray in &solution.strays {
            let error = stray.error.as_ref().expect("why");
            let at = match error.place {
                JobPlace::Pin { pin, .. } => &job.fitting.pins[pin].id,
                JobPlace::Reading { hem, reading, .. } => &job.fitting.hems[hem].readings[reading].id,
                JobPlace::Hem { hem, .. } => job.fitting.hems[hem].hem.key(),
                _ => panic!("{error}"),
            };
            prop_assert_eq!(at, &stray.id);
        }
    }
}

/// The readings that are gone from hems that are still wanted.
fn count_readings(job: &Job, settled: &Job) -> usize {
    let left = settled.fitting.hems.iter();
    left.map(|wish| {
        let came = job.fitting.hems.iter().find(|came| came.hem == wish.hem).expect("it came");
        came.readings.len() - wish.readings.len()
    })
    .sum()
}
