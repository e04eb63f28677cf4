//! Changing a fitting: order does not matter between different places, undoing is exact, and what leads from one
//! fitting to another leads there.

mod common;

use common::{cases, mm};
use proptest::prelude::*;
use proptest::strategy::ValueTree as _;
use vemble_fit::change::{Change, ChangeError, between, places, say_changes};
use vemble_fit::garment::HemName;
use vemble_fit::hem::{HemRead, HemReading, HemWish, Wanted};
use vemble_fit::line::{EndWish, LineWish};
use vemble_fit::plan::Vouched;
use vemble_fit::sums::{KeptSum, Sum, SumPlace};
use vemble_fit::{
    AcceptedDepth, Alteration, Body, Datum, EntryMode, EveningChoice, Fitting, Intention, Pin, Rounding,
    Scale, SeamEvening, SeamName, Side, Slimmed, Unit,
};

fn blank() -> Fitting {
    Fitting::on("2026-11-16".parse().expect("a day"))
}

fn pin(id: u8, depth: i64) -> Pin {
    Pin {
        id: format!("p{id}"),
        seam: SeamName::Outseam,
        side: if id.is_multiple_of(2) { Side::Left } else { Side::Right },
        datum: Datum::Hem,
        station: mm(100.0 * f64::from(id)),
        mode: EntryMode::SeamToPin,
        reading: mm(depth as f64),
        panel: None,
        planned: None,
        moved: None,
        reread: false,
        exact: false,
    }
}

/// Any change of few places, so that two of them often meet.
fn any_change() -> impl Strategy<Value = Change> {
    let hem = prop_oneof![Just(HemName::Hem), Just(HemName::Sleeve)];
    let seam = prop_oneof![Just(SeamName::Outseam), Just(SeamName::Inseam)];
    let seam_of = seam.clone();
    let (few, depth) = (0u8..4, 0i64..20);
    prop_oneof![
        4 => (few.clone(), depth.clone()).prop_map(|(id, depth)| Change::PutPin { pin: pin(id, depth) }),
        2 => few.clone().prop_map(|id| Change::TakeOutPin { id: format!("p{id}") }),
        2 => (hem.clone(), depth.clone()).prop_map(|(hem, up)| Change::WishHem {
            wish: HemWish::new(hem, Wanted::Edge { shorten: mm(up as f64) }),
        }),
        1 => hem.clone().prop_map(|hem| Change::LeaveHem { hem }),
        3 => (hem.clone(), few.clone(), depth.clone()).prop_map(|(hem, id, length)| Change::ReadHem {
            hem,
            reading: HemReading {
                id: format!("r{id}"),
                side: Side::Centre,
                at: 40.0 * f64::from(id),
                read: HemRead::EdgeToPin,
                length: mm(length as f64),
            },
        }),
        2 => (hem, few.clone()).prop_map(|(hem, id)| Change::TakeOutReading { hem, id: format!("r{id}") }),
        1 => (seam.clone(), any::<bool>()).prop_map(|(seam, mean)| Change::EvenSeam {
            evening: SeamEvening {
                seam,
                choice: Some(if mean { EveningChoice::Mean } else { EveningChoice::Smaller }),
                one_side: None,
            },
        }),
        1 => seam.clone().prop_map(|seam| Change::EvenByHabit { seam }),
        1 => (seam.clone(), depth.clone()).prop_map(|(seam, at)| Change::WishEnds {
            ends: LineWish { seam, lower: Some(EndWish::Hold { height: mm(at as f64) }), upper: None },
        }),
        1 => seam.clone().prop_map(|seam| Change::LeaveEnds { seam }),
        1 => (seam.clone(), few.clone(), depth).prop_map(|(seam, station, depth)| Change::AcceptDepth {
            accepted: AcceptedDepth {
                seam,
                side: Side::Left,
                station: mm(f64::from(station)),
                depth: mm(depth as f64),
            },
        }),
        1 => (seam, few.clone()).prop_map(|(seam, station)| Change::GiveBackDepth {
            seam,
            side: Side::Left,
            station: mm(f64::from(station)),
        }),
        1 => prop_oneof![Just(Intention::Close), Just(Intention::Loose)]
            .prop_map(|intention| Change::Intend { intention }),
        1 => any::<bool>().prop_map(|anchored| Change::Anchor { anchored }),
        1 => (1u32..28).prop_map(|day| Change::HoldOn {
            held_on: chrono::NaiveDate::from_ymd_opt(2026, 11, day).expect("a day"),
        }),
        1 => any::<bool>().prop_map(|on_form| Change::FitOn {
            form: on_form.then(|| Body {
                taken_on: "2026-11-01".parse().expect("a day"),
                measures: Default::default(),
                layers: Vec::new(),
            }),
        }),
        2 => (few.clone(), proptest::option::of(1.0..90.0), vouched()).prop_map(|(step, minutes, vouched)| {
            Change::Tick { step: format!("sew_{step}"), minutes, vouched }
        }),
        1 => few.clone().prop_map(|step| Change::Untick { step: format!("sew_{step}") }),
        1 => (few.clone(), vouched()).prop_map(|(each, vouched)| {
            Change::Confirm { condition: format!("sew_{each}/looked"), vouched }
        }),
        1 => few.clone().prop_map(|each| Change::Withdraw { condition: format!("sew_{each}/looked") }),
        1 => (few.clone(), 1i64..9).prop_map(|(id, short)| Change::KeepSum {
            sum: KeptSum {
                id: format!("s{id}"),
                note: String::new(),
                sum: Sum::Gathers { long: mm(40.0), short: mm(short as f64) },
                place: (short % 2 == 0).then_some(SumPlace::Waist),
            },
        }),
        2 => (seam_of.clone(), 1u8..9).prop_map(|(seam, by)| Change::Alter {
            alteration: Alteration::Slimmed(Slimmed { seam, by: mm(f64::from(by)) }),
        }),
        1 => seam_of.prop_map(|seam| Change::DoWithout { key: format!("slimmed_{}", seam.key()) }),
        1 => few.prop_map(|id| Change::LetSumGo { id: format!("s{id}") }),
    ]
}

/// What a tick was about, where that is said.
fn vouched() -> impl Strategy<Value = Vec<Vouched>> {
    let line =
        |depth: i64| Vouched::Line { seam: SeamName::Side, side: Side::Left, depths: vec![mm(depth as f64)] };
    proptest::option::of(1i64..4).prop_map(move |depth| depth.map(line).into_iter().collect())
}

/// A fitting after so many changes; those that cannot be made are passed over.
fn after(changes: &[Change]) -> Fitting {
    let mut fitting = blank();
    for change in changes {
        let _ = fitting.apply(std::slice::from_ref(change));
    }
    fitting
}

fn several(most: usize) -> impl Strategy<Value = Vec<Change>> {
    proptest::collection::vec(any_change(), 0..most)
}

proptest! {
    #![proptest_config(cases(400))]

    #[test]
    fn the_order_of_changes_to_different_places_does_not_matter(
        start in several(30), one in any_change(), other in any_change(),
    ) {
        let stands_on = |a: &Change, b: &Change| a.ground() == Some(b.place());
        let take_readings = |a: &Change, b: &Change| matches!(a, Change::LeaveHem { .. })
            && b.place().starts_with(&format!("{}/", a.place()));
        prop_assume!(one.place() != other.place());
        prop_assume!(!stands_on(&one, &other) && !stands_on(&other, &one));
        prop_assume!(!take_readings(&one, &other) && !take_readings(&other, &one));
        let (mut first, mut second) = (after(&start), after(&start));
        let a = (first.apply(std::slice::from_ref(&one)).is_ok(), first.apply(std::slice::from_ref(&other)).is_ok());
        let b = (second.apply(std::slice::from_ref(&other)).is_ok(), second.apply(std::slice::from_ref(&one)).is_ok());
        prop_assert_eq!(a, (b.1, b.0));
        prop_assert_eq!(first, second);
    }

    #[test]
    fn what_restores_a_change_restores_everything(start in several(30), made in several(8)) {
        let before = after(&start);
        let mut fitting = before.clone();
        match fitting.apply(&made) {
            Err(_) => prop_assert_eq!(fitting, before),
            Ok(restoring) => {
                // It is all that changed, and no more: nothing to restore is nothing changed.
                if restoring.is_empty() {
                    prop_assert_eq!(&fitting, &before);
                }
                let mut undone = fitting.clone();
                let again = undone.apply(&restoring).expect("what was can be again");
                prop_assert_eq!(&undone, &before);
                // Taking the undoing back is the change.
                undone.apply(&again).expect("and back");
                prop_assert_eq!(&undone, &fitting);
                let written = places(&made, &restoring);
                for place in between(&before, &fitting).iter().map(Change::place) {
                    prop_assert!(written.contains(&place), "{} is not said to change", place);
                }
            }
        }
    }

    #[test]
    fn what_lies_between_two_fittings_leads_from_one_to_the_other(one in several(30), other in several(30)) {
        let (one, other) = (after(&one), after(&other));
        let mut walked = one.clone();
        walked.apply(&between(&one, &other)).expect("it leads there");
        prop_assert_eq!(&walked, &other);
        prop_assert!(between(&other, &other).is_empty());
        prop_assert_eq!(other.clone().in_order(), other, "what changes keep is in order");
    }

    #[test]
    fn making_a_change_twice_is_making_it_once(start in several(30), change in any_change()) {
        let mut once = after(&start);
        if once.apply(std::slice::from_ref(&change)).is_ok() {
            let mut twice = once.clone();
            let restoring = twice.apply(std::slice::from_ref(&change)).expect("again");
            prop_assert_eq!(&twice, &once);
            prop_assert!(restoring.is_empty());
        }
    }

    #[test]
    fn every_change_is_said_in_words_of_the_tape_in_hand(start in several(20), change in any_change()) {
        let mut fitting = after(&start);
        let change = std::slice::from_ref(&change);
        if let Ok(restoring) = fitting.apply(change) {
            let said = say_changes(change, &restoring, Scale::new(Unit::Inch, Rounding::EighthInch));
            prop_assert!(said.split(' ').count() >= 3, "{}", said);
            prop_assert!(!said.contains(" mm"), "{}", said);
        }
    }
}

#[test]
fn a_wish_keeps_what_was_read_and_brings_nothing_along() {
    let wish = |up| HemWish::new(HemName::Hem, Wanted::Edge { shorten: mm(up) });
    let reading = HemReading {
        id: "r".into(),
        side: Side::Centre,
        at: 90.0,
        read: HemRead::EdgeToPin,
        length: mm(12.0),
    };
    let mut fitting = blank();
    let read = Change::ReadHem { hem: HemName::Hem, reading: reading.clone() };
    assert_eq!(fitting.apply(std::slice::from_ref(&read)), Err((0, ChangeError::NoWish(HemName::Hem))));
    fitting.apply(&[Change::WishHem { wish: wish(10.0) }, read]).expect("wished, then read");
    fitting.apply(&[Change::WishHem { wish: wish(20.0) }]).expect("wished otherwise");
    assert_eq!(fitting.hems, [HemWish { readings: vec![reading.clone()], ..wish(20.0) }]);
    let laden = HemWish { readings: vec![reading], ..wish(5.0) };
    let before = fitting.clone();
    assert_eq!(
        fitting.apply(&[Change::LeaveHem { hem: HemName::Sleeve }, Change::WishHem { wish: laden }]),
        Err((1, ChangeError::ReadingsInWish(HemName::Hem)))
    );
    assert_eq!(fitting, before);
}

#[test]
fn a_fitting_holds_so_many_sums_and_no_more() {
    let sum = |id: usize| Change::KeepSum {
        sum: KeptSum {
            id: format!("s{id}"),
            note: String::new(),
            sum: Sum::Gathers { long: mm(40.0), short: mm(20.0) },
            place: None,
        },
    };
    let mut fitting = blank();
    fitting.apply(&(0..400).map(sum).collect::<Vec<_>>()).expect("so many");
    let error = fitting.apply(&[sum(0), sum(400)]).expect_err("one too many");
    assert_eq!(error, (1, ChangeError::TooMany { what: "sums", count: 401 }));
    assert_eq!(fitting.sums.len(), 400);
}

/// One step of the row that core and browser walk alike.
#[derive(serde::Serialize)]
struct Walked {
    /// What is changed.
    change: Change,
    /// How the fitting stands then.
    after: Fitting,
    /// What leads there from how it stood before.
    between: Vec<Change>,
}

/// What the browser makes of its own copy before the workroom has answered is what the workroom will make of it: both
/// walk this row. The browser's half is `web/src/fitting/shared.test.ts`.
#[test]
fn the_row_that_the_browser_walks_too_is_what_the_core_makes_of_it() {
    let mut runner = proptest::test_runner::TestRunner::deterministic();
    let (mut stands, mut row) = (blank(), Vec::new());
    for _ in 0..240 {
        let change = any_change().new_tree(&mut runner).expect("a change").current();
        let before = stands.clone();
        // What cannot be made is refused, and leaves the browser's copy to the workroom's answer.
        if stands.apply(std::slice::from_ref(&change)).is_ok() {
            row.push(Walked { change, after: stands.clone(), between: between(&before, &stands) });
        }
    }
    let mut kinds: Vec<String> = row
        .iter()
        .map(|step| serde_json::to_value(&step.change).expect("JSON")["change"].to_string())
        .collect();
    kinds.sort_unstable();
    kinds.dedup();
    assert_eq!(kinds.len(), 24, "every kind of change is on the way: {kinds:?}");
    let path = concat!(env!("CARGO_MANIFEST_DIR"), "/tests/vectors/changes.json");
    let made = format!(
        "{}\n",
        serde_json::to_string(&row).expect("JSON").replace("},{\"change\":{", "},\n{\"change\":{")
    );
    if std::env::var_os("VEMBLE_WRITE_VECTORS").is_some() {
        std::fs::write(path, &made).expect("written");
    }
    let kept = std::fs::read_to_string(path).expect("the row");
    assert!(made == kept, "changes.json is out of date: run this test with VEMBLE_WRITE_VECTORS=1");
}
