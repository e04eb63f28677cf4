//! The store against a real PostgreSQL.

mod common;

use std::collections::BTreeMap;

use common::{corduroys, new_account, open, pinned, someone};
use uuid::Uuid;
use vemble_fit::{Length, WashTest, Wearer};
use vemble_store::{Expected, Store, StoreError, account, fitting, garment, testing, wearer};

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
    garment::put(&mut conn, id, hung, &record, Expected::Unsaid).expect("written");
    assert_eq!(garment::get(&mut conn, id, hung).expect("read").value, record);
    let mut fitted = pinned(hung, &[12, -4]);
    fitted.fitting.progress.done.insert("chalk".into(), Some(12.5));
    fitted.fitting.progress.confirmed.insert("trim_outseam/lining_out".into());
    let first = Uuid::now_v7();
    fitting::put(&mut conn, id, first, &fitted, &BTreeMap::new(), Expected::Unsaid).expect("written");
    assert_eq!(fitting::get(&mut conn, id, first).expect("read").value, fitted);
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
    garment::put(&mut conn, id, hung, &corduroys(), Expected::Unsaid).expect("hung");
    fitting::put(&mut conn, id, first, &pinned(hung, &[12]), &none, Expected::Unsaid).expect("begun");
    fitting::put(&mut conn, id, first, &pinned(hung, &[12, 14]), &none, Expected::Version(1))
        .expect("pinned");
    fitting::put(&mut conn, id, first, &pinned(hung, &[15, 14]), &none, Expected::Version(2)).expect("moved");
    let said: Vec<String> =
        garment::journal(&mut conn, id, hung).expect("journal").into_iter().map(|entry| entry.what).collect();
    assert_eq!(
        said,
        [
            "fitting 1: moved 1 pin",
            "fitting 1: read 1 pin",
            "began fitting 1",
            "hung the garment on the rail"
        ]
    );
    assert_eq!(garment::undo(&mut conn, id, hung).expect("undone"), "fitting 1: moved 1 pin");
    let now = fitting::get(&mut conn, id, first).expect("read");
    assert_eq!((now.version, now.value), (4, pinned(hung, &[12, 14])));
    garment::undo(&mut conn, id, hung).expect("undone");
    garment::undo(&mut conn, id, hung).expect("undone");
    assert!(matches!(fitting::get(&mut conn, id, first), Err(StoreError::NotFound)));
    assert!(matches!(garment::undo(&mut conn, id, hung), Err(StoreError::NothingToUndo)));
    assert_eq!(garment::get(&mut conn, id, hung).expect("still there").value, corduroys());
}

#[test]
fn another_account_finds_nothing() {
    let (_store, mut conn, id) = open();
    let other = new_account(&mut conn, "bea@example.org");
    let key = Uuid::now_v7();
    garment::put(&mut conn, id, key, &corduroys(), Expected::Unsaid).expect("hung");
    assert!(matches!(garment::get(&mut conn, other, key), Err(StoreError::NotFound)));
    assert!(matches!(
        garment::put(&mut conn, other, key, &corduroys(), Expected::Unsaid),
        Err(StoreError::NotFound)
    ));
    assert!(matches!(garment::delete(&mut conn, other, key), Err(StoreError::NotFound)));
    assert!(matches!(garment::undo(&mut conn, other, key), Err(StoreError::NotFound)));
    assert!(garment::list(&mut conn, other).expect("an empty rail").is_empty());
}

#[test]
fn a_timed_step_teaches_the_next_estimate() {
    let (_store, mut conn, id) = open();
    let (hung, first) = (Uuid::now_v7(), Uuid::now_v7());
    garment::put(&mut conn, id, hung, &corduroys(), Expected::Unsaid).expect("hung");
    let mut fitted = pinned(hung, &[12]);
    fitted.fitting.progress.done.insert("press".into(), Some(20.0));
    let works = BTreeMap::from([("press".to_owned(), (vemble_fit::plan::Work::Press, 10.0))]);
    fitting::put(&mut conn, id, first, &fitted, &works, Expected::Unsaid).expect("ticked");
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
