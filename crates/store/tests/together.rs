//! Several at once: requests that come twice at the same moment, browsers that write over each other,
//! accounts that must not see each other. Nothing is lost, and nothing is done twice.

mod common;

use std::collections::BTreeMap;
use std::sync::Barrier;

use common::{corduroys, journal, new_account, open, pinned, someone, take_back};
use uuid::Uuid;
use vemble_fit::plan::Work;
use vemble_fit::{Habits, HouseRule, Length, Wearer};
use vemble_store::{
    AccountId, Conn, Expected, Hand, Store, StoreError, Versioned, account, fitting, garment, guest,
    journal_of, session, wearer,
};

const AT_ONCE: usize = 3;

/// Does the same from several connections at the same moment.
fn at_once<T: Send>(store: &Store, act: impl Fn(&mut Conn, usize) -> T + Sync) -> Vec<T> {
    let ready = Barrier::new(AT_ONCE);
    std::thread::scope(|scope| {
        let hands: Vec<_> = (0..AT_ONCE)
            .map(|i| {
                let (ready, act) = (&ready, &act);
                scope.spawn(move || {
                    let mut conn = store.conn().expect("a connection");
                    ready.wait();
                    act(&mut conn, i)
                })
            })
            .collect();
        hands.into_iter().map(|hand| hand.join().expect("it came back")).collect()
    })
}

fn versions(results: Vec<Result<i64, StoreError>>) -> Vec<i64> {
    results.into_iter().map(|each| each.unwrap_or_else(|error| panic!("{error}"))).collect()
}

/// How often something was said of a garment.
fn said(conn: &mut Conn, id: AccountId, hung: Uuid, what: &str) -> usize {
    journal(conn, id, hung).iter().filter(|(_, said, _)| said.contains(what)).count()
}

#[test]
fn the_same_new_record_sent_several_times_at_once_is_made_once() {
    let (store, conn, id) = open();
    // The pool has three connections; this one goes back to it.
    drop(conn);
    for _ in 0..12 {
        let (who, hung, first) = (Uuid::now_v7(), Uuid::now_v7(), Uuid::now_v7());
        let none = BTreeMap::new();
        let made = at_once(&store, |conn, _| wearer::put(conn, id, who, &someone(), Expected::Unsaid));
        assert_eq!(versions(made), [1; AT_ONCE]);
        let made = at_once(&store, |conn, _| {
            garment::put(conn, id, &Hand::program(), hung, &corduroys(), Expected::Unsaid)
        });
        assert_eq!(versions(made), [1; AT_ONCE]);
        let fitted = pinned(hung, &[12, 14]);
        let made = at_once(&store, |conn, _| {
            fitting::put(conn, id, &Hand::program(), first, &fitted, &none, Expected::Unsaid)
        });
        assert_eq!(versions(made), [1; AT_ONCE]);
        let mut conn = store.conn().expect("a connection");
        assert_eq!(said(&mut conn, id, hung, "hung the garment on the rail"), 1);
        assert_eq!(said(&mut conn, id, hung, "began fitting 1"), 1);
        assert_eq!(wearer::get(&mut conn, id, who).expect("there").value, someone());
    }
}

#[test]
fn of_several_different_new_records_with_one_id_one_stands_and_the_others_are_told() {
    let (store, conn, id) = open();
    drop(conn);
    for _ in 0..12 {
        let hung = Uuid::now_v7();
        let results = at_once(&store, |conn, i| {
            let mut record = corduroys();
            record.garment.name = format!("corduroys {i}");
            (
                record.garment.name.clone(),
                garment::put(conn, id, &Hand::program(), hung, &record, Expected::Unsaid),
            )
        });
        let (stood, told): (Vec<_>, Vec<_>) = results.into_iter().partition(|(_, result)| result.is_ok());
        assert_eq!(stood.len(), 1, "{stood:?}");
        assert!(told.iter().all(|(_, result)| matches!(result, Err(StoreError::VersionNeeded))), "{told:?}");
        let mut conn = store.conn().expect("a connection");
        assert_eq!(garment::get(&mut conn, id, hung).expect("there").value.garment.name, stood[0].0);
    }
}

#[test]
fn of_several_changes_of_one_version_one_stands_and_the_others_are_told_what_does() {
    let (store, mut conn, id) = open();
    let (who, hung, first) = (Uuid::now_v7(), Uuid::now_v7(), Uuid::now_v7());
    let none = BTreeMap::new();
    wearer::put(&mut conn, id, who, &someone(), Expected::Unsaid).expect("known");
    garment::put(&mut conn, id, &Hand::program(), hung, &corduroys(), Expected::Unsaid).expect("hung");
    fitting::put(&mut conn, id, &Hand::program(), first, &pinned(hung, &[10]), &none, Expected::Unsaid)
        .expect("begun");
    drop(conn);
    for version in 1..=6 {
        let expected = Expected::Version(version);
        let one_stood = |results: Vec<Result<i64, StoreError>>, what: &str| {
            let stood: Vec<&i64> = results.iter().flatten().collect();
            assert_eq!(stood, [&(version + 1)], "{what}: {results:?}");
            for told in results.iter().filter_map(|each| each.as_ref().err()) {
                let StoreError::Stale { version: now, .. } = told else { panic!("{what}: {told}") };
                assert_eq!(*now, version + 1, "{what}");
            }
        };
        let results = at_once(&store, |conn, i| {
            let name = format!("Odile {version} {i}");
            wearer::put(conn, id, who, &Wearer { name, ..someone() }, expected)
        });
        one_stood(results, "wearer");
        let results = at_once(&store, |conn, i| {
            let mut record = corduroys();
            record.garment.name = format!("corduroys {version} {i}");
            garment::put(conn, id, &Hand::program(), hung, &record, expected)
        });
        one_stood(results, "garment");
        let results = at_once(&store, |conn, i| {
            let depths = [10 + version, 3 * i as i64];
            fitting::put(conn, id, &Hand::program(), first, &pinned(hung, &depths), &none, expected)
        });
        one_stood(results, "fitting");
    }
    let mut conn = store.conn().expect("a connection");
    // Every change that stood is in the journal, none that was refused.
    let entries = journal(&mut conn, id, hung);
    assert_eq!(entries.len(), 2 + 6 + 6);
    assert!(entries.windows(2).all(|pair| pair[0].0 > pair[1].0), "newest first");
}

#[test]
fn two_first_fittings_begun_at_once_cannot_share_a_number() {
    let (store, mut conn, id) = open();
    let hung = Uuid::now_v7();
    garment::put(&mut conn, id, &Hand::program(), hung, &corduroys(), Expected::Unsaid).expect("hung");
    drop(conn);
    let none = BTreeMap::new();
    let results = at_once(&store, |conn, _| {
        fitting::put(
            conn,
            id,
            &Hand::program(),
            Uuid::now_v7(),
            &pinned(hung, &[12]),
            &none,
            Expected::Unsaid,
        )
    });
    assert_eq!(results.iter().filter(|result| result.is_ok()).count(), 1);
    let refused: Vec<String> =
        results.into_iter().filter_map(Result::err).map(|error| error.to_string()).collect();
    assert!(
        refused.iter().all(|said| said.contains("already has a fitting with this number")),
        "{refused:?}"
    );
    let mut conn = store.conn().expect("a connection");
    assert_eq!(fitting::list(&mut conn, id, hung).expect("fittings").len(), 1);
}

#[test]
fn one_line_taken_back_from_several_browsers_is_taken_back_once() {
    let (store, mut conn, id) = open();
    let (hung, first) = (Uuid::now_v7(), Uuid::now_v7());
    let none = BTreeMap::new();
    let hand = Hand::program();
    garment::put(&mut conn, id, &hand, hung, &corduroys(), Expected::Unsaid).expect("hung");
    for (version, depth) in (0..3).zip(10..) {
        let expected = if version == 0 { Expected::Unsaid } else { Expected::Version(version) };
        fitting::put(&mut conn, id, &hand, first, &pinned(hung, &[depth]), &none, expected).expect("written");
    }
    let line = journal(&mut conn, id, hung)[0].0;
    drop(conn);
    let taken = at_once(&store, |conn, _| {
        // As the server does: look again where somebody else wrote meanwhile.
        let mut tries = (0..1000).map(|_| take_back(conn, id, hung, line));
        let done = tries.find(|taken| !matches!(taken, Err(StoreError::Moved)));
        done.expect("a turn of its own").expect("taken back")
    });
    assert!(taken.windows(2).all(|pair| pair[0] == pair[1]), "{taken:?}");
    let mut conn = store.conn().expect("a connection");
    let Versioned { value, .. } = fitting::get(&mut conn, id, first).expect("there");
    assert_eq!(value, pinned(hung, &[11]));
    assert_eq!(journal(&mut conn, id, hung).iter().filter(|(.., undone)| *undone).count(), 1);
}

#[test]
fn habits_have_versions_of_their_own() {
    let (store, conn, id) = open();
    drop(conn);
    let with =
        |radius: f64| Habits { rules: BTreeMap::from([(HouseRule::Radius, radius)]), ..Habits::default() };
    let results = at_once(&store, |conn, i| {
        account::put_habits(conn, id, &with(100.0 + i as f64), Expected::Version(1))
    });
    assert_eq!(results.iter().filter(|result| result.is_ok()).count(), 1, "{results:?}");
    let mut conn = store.conn().expect("a connection");
    let account = account::get(&mut conn, id).expect("the account");
    assert!((100.0..103.0).contains(&account.habits.value.rule(HouseRule::Radius)));
    assert_eq!(account.habits.version, 2);
}

#[test]
fn nothing_of_one_account_is_there_for_another() {
    let (_store, mut conn, id) = open();
    let other = new_account(&mut conn, "bea@example.org");
    let (who, hung, first) = (Uuid::now_v7(), Uuid::now_v7(), Uuid::now_v7());
    let works = BTreeMap::from([("press".to_owned(), (Work::Press, 10.0))]);
    let mut timed = pinned(hung, &[12]);
    timed.fitting.progress.done.insert("press".into(), Some(14.0));
    wearer::put(&mut conn, id, who, &someone(), Expected::Unsaid).expect("known");
    garment::put(&mut conn, id, &Hand::program(), hung, &corduroys(), Expected::Unsaid).expect("hung");
    fitting::put(&mut conn, id, &Hand::program(), first, &timed, &works, Expected::Unsaid).expect("begun");

    let gone = |what: &str, error: Option<StoreError>| {
        assert!(matches!(error, Some(StoreError::NotFound)), "{what}: {error:?}");
    };
    gone("reading a wearer", wearer::get(&mut conn, other, who).err());
    gone("writing a wearer", wearer::put(&mut conn, other, who, &someone(), Expected::Version(1)).err());
    gone("removing a wearer", wearer::delete(&mut conn, other, who).err());
    gone("reading a garment", garment::get(&mut conn, other, hung).err());
    gone(
        "writing a garment",
        garment::put(&mut conn, other, &Hand::program(), hung, &corduroys(), Expected::Version(1)).err(),
    );
    gone("removing a garment", garment::delete(&mut conn, other, hung).err());
    gone("its journal", journal_of::list(&mut conn, other, hung, Default::default()).err());
    gone("following it", journal_of::since(&mut conn, other, hung, first, 0, Default::default()).err());
    gone("letting a friend in", guest::open(&mut conn, other, first, "hash", chrono::Utc::now()).err());
    gone("its fittings", fitting::list(&mut conn, other, hung).err());
    gone("reading a fitting", fitting::get(&mut conn, other, first).err());
    let written =
        fitting::put(&mut conn, other, &Hand::program(), first, &timed, &works, Expected::Version(1));
    gone("writing a fitting", written.err());
    // A fitting of one's own cannot be hung on another's garment, nor a garment on another's wearer.
    let stray = fitting::put(
        &mut conn,
        other,
        &Hand::program(),
        Uuid::now_v7(),
        &pinned(hung, &[1]),
        &works,
        Expected::Unsaid,
    );
    gone("a fitting of another's garment", stray.err());
    let mut record = corduroys();
    record.wearer = Some(who);
    let borrowed =
        garment::put(&mut conn, other, &Hand::program(), Uuid::now_v7(), &record, Expected::Unsaid);
    assert!(borrowed.is_err(), "a garment for another's wearer");
    assert!(wearer::list(&mut conn, other).expect("nobody").is_empty());
    assert!(garment::list(&mut conn, other).expect("an empty rail").is_empty());
    assert!(account::timings(&mut conn, other).expect("no timings").is_empty());
    // And all of it is still there for its own.
    assert_eq!(wearer::list(&mut conn, id).expect("one").len(), 1);
    assert_eq!(fitting::get(&mut conn, id, first).expect("there").value, timed);
    assert_eq!(account::timings(&mut conn, id).expect("timings").len(), 1);
}

#[test]
fn taking_a_wearer_away_leaves_the_garments_and_taking_a_garment_takes_its_fittings() {
    let (_store, mut conn, id) = open();
    let (who, hung, first) = (Uuid::now_v7(), Uuid::now_v7(), Uuid::now_v7());
    let mut record = corduroys();
    record.wearer = Some(who);
    wearer::put(&mut conn, id, who, &someone(), Expected::Unsaid).expect("known");
    garment::put(&mut conn, id, &Hand::program(), hung, &record, Expected::Unsaid).expect("hung");
    fitting::put(
        &mut conn,
        id,
        &Hand::program(),
        first,
        &pinned(hung, &[12]),
        &BTreeMap::new(),
        Expected::Unsaid,
    )
    .expect("begun");
    wearer::delete(&mut conn, id, who).expect("gone");
    assert!(matches!(wearer::delete(&mut conn, id, who), Err(StoreError::NotFound)));
    let left = garment::get(&mut conn, id, hung).expect("still hanging").value;
    assert_eq!((left.wearer, left.garment), (None, record.garment));
    garment::delete(&mut conn, id, hung).expect("gone");
    assert!(matches!(fitting::get(&mut conn, id, first), Err(StoreError::NotFound)));
    // What was removed does not come back by writing to the version that was.
    let late = garment::put(&mut conn, id, &Hand::program(), hung, &corduroys(), Expected::Version(1));
    assert!(matches!(late, Err(StoreError::NotFound)), "{late:?}");
}

#[test]
fn a_write_that_fails_half_way_leaves_everything_as_it_was() {
    let (_store, mut conn, id) = open();
    let hung = Uuid::now_v7();
    garment::put(&mut conn, id, &Hand::program(), hung, &corduroys(), Expected::Unsaid).expect("hung");
    let mut wrong = corduroys();
    wrong.garment.name = "Renamed".into();
    // A length no garment has is refused by the database itself, after the name was written.
    wrong.garment.shape.flats.insert(vemble_fit::garment::FlatName::Hip, Length::whole_mm(-5));
    let refused = garment::put(&mut conn, id, &Hand::program(), hung, &wrong, Expected::Version(1));
    assert!(refused.is_err());
    let stands = garment::get(&mut conn, id, hung).expect("there");
    assert_eq!((stands.version, stands.value), (1, corduroys()));
    assert_eq!(said(&mut conn, id, hung, "hung the garment on the rail"), 1);
    // Somebody without a name, or measured twice on a day, is not kept either.
    let nameless = Wearer { name: String::new(), ..someone() };
    assert!(wearer::put(&mut conn, id, Uuid::now_v7(), &nameless, Expected::Unsaid).is_err());
    let mut twice = someone();
    twice.measured.push(twice.measured[0].clone());
    assert!(wearer::put(&mut conn, id, Uuid::now_v7(), &twice, Expected::Unsaid).is_err());
    assert!(wearer::list(&mut conn, id).expect("nobody").is_empty());
}

#[test]
fn attempts_at_the_door_are_counted_by_whom_they_are_for_and_can_be_forgotten() {
    let (store, mut conn, _) = open();
    let before = chrono::Utc::now() - chrono::TimeDelta::minutes(1);
    let mut tried = |who: &str| {
        let subjects = [(who.to_owned(), 4), ("the whole household".to_owned(), 6)];
        session::count_attempt(&mut conn, &subjects, before).expect("counted")
    };
    let ada: Vec<_> = (0..5).map(|_| tried("ada@example.org")).collect();
    assert_eq!(ada.iter().flatten().count(), 4, "the fifth is one too many");
    assert!(tried("bea@example.org").is_some());
    let again = tried("bea@example.org").expect("six in a household");
    assert!(tried("bea@example.org").is_none(), "what was refused is counted nowhere");
    session::take_attempts_back(&mut conn, &again).expect("it was none");
    let subjects = [("bea@example.org".to_owned(), 4), ("the whole household".to_owned(), 6)];
    assert!(session::count_attempt(&mut conn, &subjects, before).expect("counted").is_some());
    let later = chrono::Utc::now() + chrono::TimeDelta::minutes(1);
    let ada = [("ada@example.org".to_owned(), 4)];
    assert!(session::count_attempt(&mut conn, &ada, later).expect("counted").is_some(), "long ago");
    session::forget_attempts(&mut conn, "ada@example.org").expect("forgotten");
    drop(conn);
    // Attempts made at once count one by one.
    let at_once = at_once(&store, |conn, _| session::count_attempt(conn, &[("carl".into(), 2)], before));
    let counted = at_once.into_iter().filter(|each| matches!(each, Ok(Some(_)))).count();
    assert_eq!(counted, 2);
    let mut conn = store.conn().expect("a connection");
    // The key that seals cookies is made once; whoever asks later gets the one there is.
    let first = session::cookie_key(&mut conn, &[7; 64]).expect("a key");
    assert_eq!(first, [7; 64]);
    assert_eq!(session::cookie_key(&mut conn, &[9; 64]).expect("a key"), first);
}
