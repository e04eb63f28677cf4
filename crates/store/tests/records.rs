//! The store against a real PostgreSQL.

mod common;

use std::collections::BTreeMap;

use common::{corduroys, journal, new_account, open, pinned, someone, take_back};
use uuid::Uuid;
use vemble_fit::{Length, WashTest, Wearer};
use vemble_store::{
    AccountId, Everything, Expected, GarmentRecord, Going, Hand, Store, StoreError, account, backup, fitting,
    garment, journal_of, testing, wearer,
};

#[test]
fn records_read_back_exactly_as_they_were_written() {
    let (_store, mut conn, id) = open();
    let key = Uuid::now_v7();
    wearer::put(&mut conn, id, key, &someone(), Expected::Unsaid).expect("written");
    assert_eq!(wearer::get(&mut conn, id, key).expect("read").value, someone());
    let mut record = corduroys();
    record.wearer = Some(key);
    record.garment.wash_test =
        Some(WashTest { before: Length::whole_mm(200), after: Length::from_mm(193.5) });
    let hung = Uuid::now_v7();
    garment::put(&mut conn, id, &Hand::program(), hung, &record, Expected::Unsaid).expect("written");
    assert_eq!(garment::get(&mut conn, id, hung).expect("read").value, record);
    let mut fitted = pinned(hung, &[12, -4]);
    fitted.fitting.progress.done.insert("chalk".into(), Some(12.5));
    fitted.fitting.progress.confirmed.insert("trim_outseam/lining_out".into());
    let first = Uuid::now_v7();
    fitting::put(&mut conn, id, &Hand::program(), first, &fitted, &BTreeMap::new(), Expected::Unsaid)
        .expect("written");
    assert_eq!(fitting::get(&mut conn, id, first).expect("read").value, fitted);
}

#[test]
fn a_workroom_of_more_records_than_the_database_has_locks_is_restored() {
    let (_store, mut conn, id) = open();
    let wearers = (0..15_000)
        .map(|i| (Uuid::now_v7(), Wearer { name: format!("Odile Marrow {i}"), measured: Vec::new() }));
    let everything = Everything {
        habits: account::get(&mut conn, id).expect("there").habits.value,
        wearers: wearers.collect(),
        garments: Vec::new(),
        fittings: Vec::new(),
    };
    let mut told = Vec::new();
    backup::restore(&mut conn, id, &everything, &mut |done, of| told.push((done, of))).expect("restored");
    assert_eq!((told.len(), told[0], told[14_999]), (15_000, (0, 15_000), (14_999, 15_000)));
    assert_eq!(account::holdings(&mut conn, id).expect("counted").people, 15_000);
}

#[test]
fn a_repeated_write_changes_nothing_and_a_stale_one_is_told_what_stands() {
    let (_store, mut conn, id) = open();
    let key = Uuid::now_v7();
    assert_eq!(wearer::put(&mut conn, id, key, &someone(), Expected::Unsaid).expect("new"), 1);
    assert_eq!(wearer::put(&mut conn, id, key, &someone(), Expected::Unsaid).expect("again"), 1);
    let renamed = Wearer { name: "Odile M.".into(), ..someone() };
    assert!(matches!(
        wearer::put(&mut conn, id, key, &renamed, Expected::Unsaid),
        Err(StoreError::VersionNeeded)
    ));
    assert_eq!(wearer::put(&mut conn, id, key, &renamed, Expected::Version(1)).expect("changed"), 2);
    // The answer was lost and the request comes again.
    assert_eq!(wearer::put(&mut conn, id, key, &renamed, Expected::Version(1)).expect("repeated"), 2);
    match wearer::put(&mut conn, id, key, &someone(), Expected::Version(1)) {
        Err(StoreError::Stale { version: 2, current }) => assert_eq!(current["name"], "Odile M."),
        other => panic!("{other:?}"),
    }
}

#[test]
fn every_change_is_in_the_journal_and_the_last_can_be_undone() {
    let (_store, mut conn, id) = open();
    let (hung, first) = (Uuid::now_v7(), Uuid::now_v7());
    let none = BTreeMap::new();
    garment::put(&mut conn, id, &Hand::program(), hung, &corduroys(), Expected::Unsaid).expect("hung");
    fitting::put(&mut conn, id, &Hand::program(), first, &pinned(hung, &[12]), &none, Expected::Unsaid)
        .expect("begun");
    fitting::put(
        &mut conn,
        id,
        &Hand::program(),
        first,
        &pinned(hung, &[12, 14]),
        &none,
        Expected::Version(1),
    )
    .expect("pinned");
    fitting::put(
        &mut conn,
        id,
        &Hand::program(),
        first,
        &pinned(hung, &[15, 14]),
        &none,
        Expected::Version(2),
    )
    .expect("moved");
    let said = journal(&mut conn, id, hung);
    let words: Vec<&str> = said.iter().map(|(_, what, _)| what.as_str()).collect();
    assert!(
        words[0].contains("moved the pin") && words[0].contains("15 mm in place of 12 mm"),
        "{}",
        words[0]
    );
    assert!(words[1].contains("put a pin on the outseam, left"), "{}", words[1]);
    assert!(words[2].contains("began fitting 1") && words[3] == "hung the garment on the rail", "{words:?}");
    let (moved, put, begun) = (said[0].0, said[1].0, said[2].0);
    let back = take_back(&mut conn, id, hung, moved).expect("taken back");
    let now = fitting::get(&mut conn, id, first).expect("read");
    assert_eq!((now.version, now.value), (4, pinned(hung, &[12, 14])));
    // Again is once; and what was taken back can come again.
    assert_eq!(take_back(&mut conn, id, hung, moved).expect("taken back already"), back);
    take_back(&mut conn, id, hung, back).expect("and again");
    assert_eq!(fitting::get(&mut conn, id, first).expect("read").value, pinned(hung, &[15, 14]));
    let newest = journal(&mut conn, id, hung)[0].0;
    take_back(&mut conn, id, hung, newest).expect("and back");
    take_back(&mut conn, id, hung, put).expect("taken back");
    let gone = take_back(&mut conn, id, hung, begun).expect("taken back");
    assert!(matches!(fitting::get(&mut conn, id, first), Err(StoreError::NotFound)));
    take_back(&mut conn, id, hung, gone).expect("begun again, as it was");
    assert_eq!(fitting::get(&mut conn, id, first).expect("read").value, pinned(hung, &[12]));
    assert_eq!(garment::get(&mut conn, id, hung).expect("still there").value, corduroys());
}

#[test]
fn a_line_that_others_stand_on_goes_only_with_them() {
    let (_store, mut conn, id) = open();
    let (hung, first) = (Uuid::now_v7(), Uuid::now_v7());
    let none = BTreeMap::new();
    garment::put(&mut conn, id, &Hand::program(), hung, &corduroys(), Expected::Unsaid).expect("hung");
    for (version, depths) in [(0, &[12][..]), (1, &[12, 14]), (2, &[12, 18]), (3, &[9, 18])] {
        let expected = if version == 0 { Expected::Unsaid } else { Expected::Version(version) };
        let record = pinned(hung, depths);
        fitting::put(&mut conn, id, &Hand::program(), first, &record, &none, expected).expect("written");
    }
    let lines = journal_of::lines(&mut conn, id, hung).expect("lines");
    let of = |at: usize| journal_of::going(&lines, lines[at].id).expect("a line");
    let ids: Vec<i64> = lines.iter().map(|line| line.id).collect();
    assert_eq!(of(2), Going::After(vec![ids[3]]), "the pin put is the pin moved later");
    assert_eq!(of(3), Going::After(Vec::new()), "moving another pin stands on nothing of this");
    assert_eq!(of(1), Going::After(vec![ids[4], ids[3], ids[2]]), "everything stands on the beginning");
    assert_eq!(of(0), Going::Stays, "hanging a garment is not taken back but by taking it off the rail");
}

#[test]
fn a_tick_that_comes_back_keeps_its_timing() {
    let (_store, mut conn, id) = open();
    let (hung, first) = (Uuid::now_v7(), Uuid::now_v7());
    garment::put(&mut conn, id, &Hand::program(), hung, &corduroys(), Expected::Unsaid).expect("hung");
    let works = BTreeMap::from([("press".to_owned(), (vemble_fit::plan::Work::Press, 10.0))]);
    let mut ticked = pinned(hung, &[12]);
    ticked.fitting.progress.done.insert("press".into(), Some(20.0));
    fitting::put(&mut conn, id, &Hand::program(), first, &ticked, &works, Expected::Unsaid).expect("ticked");
    let log = account::timings(&mut conn, id).expect("timings");
    let unticked = pinned(hung, &[12]);
    let version = Expected::Version(1);
    fitting::put(&mut conn, id, &Hand::program(), first, &unticked, &works, version).expect("unticked");
    assert!(account::timings(&mut conn, id).expect("timings").is_empty());
    let line = journal(&mut conn, id, hung)[0].0;
    take_back(&mut conn, id, hung, line).expect("ticked again");
    assert_eq!(fitting::get(&mut conn, id, first).expect("read").value, ticked);
    assert_eq!(account::timings(&mut conn, id).expect("timings"), log);
}

#[test]
fn a_garment_goes_back_to_what_it_was_though_its_wearer_is_gone() {
    let (_store, mut conn, id) = open();
    let (who, hung) = (Uuid::now_v7(), Uuid::now_v7());
    let hand = Hand::program();
    wearer::put(&mut conn, id, who, &someone(), Expected::Unsaid).expect("known");
    let worn = GarmentRecord { wearer: Some(who), ..corduroys() };
    garment::put(&mut conn, id, &hand, hung, &worn, Expected::Unsaid).expect("hung");
    let mut renamed = worn.clone();
    renamed.garment.name = "Russet corduroys".into();
    garment::put(&mut conn, id, &hand, hung, &renamed, Expected::Version(1)).expect("renamed");
    wearer::delete(&mut conn, id, who).expect("gone");
    let standing = garment::get(&mut conn, id, hung).expect("hanging");
    assert_eq!(standing.version, 3, "what a browser holds of it names somebody who is gone");
    let lines = journal_of::lines(&mut conn, id, hung).expect("lines");
    let last = lines.last().expect("a line").id;
    let stale = garment::put_back(&mut conn, id, &hand, hung, last - 1, &lines[1]);
    assert!(matches!(stale, Err(StoreError::Moved)), "a line came since it was looked at");
    garment::put_back(&mut conn, id, &hand, hung, last, &lines[1]).expect("put back");
    assert_eq!(garment::get(&mut conn, id, hung).expect("hanging").value, corduroys());
}

#[test]
fn another_account_finds_nothing() {
    let (_store, mut conn, id) = open();
    let other = new_account(&mut conn, "bea@example.org");
    let key = Uuid::now_v7();
    garment::put(&mut conn, id, &Hand::program(), key, &corduroys(), Expected::Unsaid).expect("hung");
    assert!(matches!(garment::get(&mut conn, other, key), Err(StoreError::NotFound)));
    assert!(matches!(
        garment::put(&mut conn, other, &Hand::program(), key, &corduroys(), Expected::Unsaid),
        Err(StoreError::NotFound)
    ));
    assert!(matches!(garment::delete(&mut conn, other, key), Err(StoreError::NotFound)));
    assert!(matches!(journal_of::lines(&mut conn, other, key), Err(StoreError::NotFound)));
    assert!(garment::list(&mut conn, other).expect("an empty rail").is_empty());
}

#[test]
fn a_timed_step_teaches_the_next_estimate() {
    let (_store, mut conn, id) = open();
    let (hung, first) = (Uuid::now_v7(), Uuid::now_v7());
    garment::put(&mut conn, id, &Hand::program(), hung, &corduroys(), Expected::Unsaid).expect("hung");
    let mut fitted = pinned(hung, &[12]);
    fitted.fitting.progress.done.insert("press".into(), Some(20.0));
    let works = BTreeMap::from([("press".to_owned(), (vemble_fit::plan::Work::Press, 10.0))]);
    fitting::put(&mut conn, id, &Hand::program(), first, &fitted, &works, Expected::Unsaid).expect("ticked");
    let log = account::timings(&mut conn, id).expect("timings");
    assert_eq!(log.len(), 1);
    assert_eq!((log[0].estimate, log[0].actual), (10.0, 20.0));
}

#[test]
fn a_database_of_a_newer_build_is_refused() {
    use diesel::prelude::*;
    let url = testing::fresh_database();
    drop(Store::open(&url, 1).expect("migrated"));
    let mut raw = PgConnection::establish(&url).expect("a connection");
    diesel::sql_query("INSERT INTO __diesel_schema_migrations (version) VALUES ('29990101000000')")
        .execute(&mut raw)
        .expect("marked");
    match Store::open(&url, 1) {
        Err(error @ StoreError::NewerSchema(_)) => {
            assert!(error.to_string().contains("newer Vemble"), "{error}")
        }
        other => panic!("{:?}", other.err()),
    }
}

/// Lines as an earlier build wrote them: whole records, and no word of what they write.
fn older_lines(conn: &mut vemble_store::Conn, id: AccountId, hung: Uuid, count: i64, days_ago: i64) {
    use diesel::prelude::*;
    let record = serde_json::to_string(&pinned(hung, &[12])).expect("JSON");
    diesel::sql_query(format!(
        "INSERT INTO journal (account_id, garment_id, at, subject, subject_id, what, before, after) \
         SELECT '{}', '{hung}', now() - interval '{days_ago} days', 'fitting', '{hung}', 'fitting 1: read 1 pin', \
                '{record}', '{record}' FROM generate_series(1, {count})",
        id.0,
    ))
    .execute(conn)
    .expect("older lines");
}

#[test]
fn lines_of_an_earlier_build_are_listed_and_stay() {
    let (_store, mut conn, id) = open();
    let hung = Uuid::now_v7();
    garment::put(&mut conn, id, &Hand::program(), hung, &corduroys(), Expected::Unsaid).expect("hung");
    older_lines(&mut conn, id, hung, 2, 3);
    let listed = journal_of::list(&mut conn, id, hung, Default::default()).expect("a journal");
    assert_eq!(listed[0].what, "fitting 1: read 1 pin");
    assert!(listed.iter().all(|entry| !entry.can_go), "{listed:?}");
    let lines = journal_of::lines(&mut conn, id, hung).expect("lines");
    assert_eq!(journal_of::going(&lines, lines[1].id), Some(Going::Stays));
}

#[test]
fn the_journal_lets_go_of_what_is_older_than_it_keeps() {
    let (_store, mut conn, id) = open();
    let hung = Uuid::now_v7();
    let hand = Hand::program();
    garment::put(&mut conn, id, &hand, hung, &corduroys(), Expected::Unsaid).expect("hung");
    let rename = |conn: &mut vemble_store::Conn, version: i64| {
        let mut record = corduroys();
        record.garment.name = format!("Corduroys {version}");
        garment::put(conn, id, &hand, hung, &record, Expected::Version(version)).expect("renamed");
        journal_of::lines(conn, id, hung).expect("lines").len()
    };
    older_lines(&mut conn, id, hung, 700, 401);
    // The newest five hundred are kept however old they are.
    // With them the hanging, which is young.
    assert_eq!(rename(&mut conn, 1), 501);
    older_lines(&mut conn, id, hung, 700, 399);
    assert!(rename(&mut conn, 2) > 700, "what is younger is kept");
    older_lines(&mut conn, id, hung, 6_000, 1);
    assert_eq!(rename(&mut conn, 3), 5_000, "and no garment keeps more than this");
}
