//! The store against a real PostgreSQL.

use std::collections::BTreeMap;

use uuid::Uuid;
use vemble_fit::garment::HemName;
use vemble_fit::garment::{Band, BandBuild, FlatName, Kind, SeamAllowance, Shape};
use vemble_fit::hem::{HemPair, HemRead, HemReading, HemWish, Wanted};
use vemble_fit::sums::{KeptSum, Sum};
use vemble_fit::{
    Body, Datum, EntryMode, Fitting, Garment, Intention, Layer, Length, MeasureName, Pin, SeamName, Side,
    WashTest, Wearer,
};
use vemble_store::{
    AccountId, Conn, Expected, FittingRecord, GarmentRecord, Store, StoreError, account, fitting, garment,
    testing, wearer,
};

fn open() -> (Store, Conn, AccountId) {
    let store = Store::open(&testing::fresh_database(), 3).expect("a store");
    let mut conn = store.conn().expect("a connection");
    let id = new_account(&mut conn, "ada@example.org");
    (store, conn, id)
}

fn new_account(conn: &mut Conn, email: &str) -> AccountId {
    let id = AccountId(Uuid::now_v7());
    assert!(account::create(conn, id, email, "hash").expect("created"));
    id
}

fn someone() -> Wearer {
    Wearer {
        name: "Odile Marrow".into(),
        measured: vec![Body {
            taken_on: "2026-10-30".parse().expect("a day"),
            measures: BTreeMap::from([
                (MeasureName::Waist, Length::from_inch_fraction(1895, 64)),
                (MeasureName::Hip, Length::whole_mm(986)),
            ]),
            layers: vec![Layer { name: "shirt".into(), thickness: Length::from_mm(0.5) }],
        }],
    }
}

fn corduroys() -> GarmentRecord {
    GarmentRecord {
        wearer: None,
        due_on: Some("2026-12-12".parse().expect("a day")),
        garment: Garment {
            name: "Brown corduroys".into(),
            source: Default::default(),
            purpose: Default::default(),
            cloth: Default::default(),
            washed: true,
            wash_test: None,
            shape: Shape {
                kind: Kind::Trousers,
                seams: vec![SeamName::Outseam, SeamName::CentreBack],
                sleeves: None,
                clips: Vec::new(),
                fixtures: Vec::new(),
                lacing: None,
                flats: BTreeMap::from([
                    (FlatName::Waist, Length::whole_mm(428)),
                    (FlatName::Inseam, Length::whole_mm(776)),
                ]),
                allowances: vec![SeamAllowance {
                    seam: SeamName::Outseam,
                    front: Length::whole_mm(15),
                    back: Length::whole_mm(22),
                }],
                band: Band {
                    height: Length::whole_mm(38),
                    build: BandBuild::TwoHalves,
                    belt_loop_at_back: true,
                },
                turn_up: Length::whole_mm(40),
                sleeve_turn_up: None,
                topstitched: vec![SeamName::Outseam],
                lined: false,
                lining: Default::default(),
                near_hems: Vec::new(),
                back_pocket_gap: Some(Length::whole_mm(96)),
            },
        },
    }
}

fn pinned(garment: Uuid, depths: &[i64]) -> FittingRecord {
    let pins = depths
        .iter()
        .enumerate()
        .map(|(i, depth)| Pin {
            id: format!("p{i}"),
            seam: SeamName::Outseam,
            side: Side::Left,
            datum: Datum::Hem,
            station: Length::whole_mm(600 + 50 * i as i64),
            mode: EntryMode::SeamToPin,
            reading: Length::whole_mm(*depth),
            panel: None,
            planned: Some(Length::whole_mm(12)),
            moved: (i % 2 == 0).then_some(Length::whole_mm(*depth)),
            reread: i == 1,
            exact: i == 2,
        })
        .collect();
    FittingRecord {
        garment,
        number: 1,
        fitting: Fitting {
            held_on: "2026-11-16".parse().expect("a day"),
            intention: Intention::Close,
            anchored: true,
            pins,
            evening: Vec::new(),
            ends: Vec::new(),
            accepted: Vec::new(),
            progress: Default::default(),
            form: Some(vemble_fit::Body {
                taken_on: "2026-11-16".parse().expect("a day"),
                measures: BTreeMap::from([(vemble_fit::MeasureName::Hip, Length::whole_mm(1010))]),
                layers: Vec::new(),
            }),
            hems: vec![hemmed()],
            sums: vec![KeptSum {
                id: "s1".into(),
                note: "gathers of the cuff".into(),
                sum: Sum::Gathers { long: Length::whole_mm(420), short: Length::whole_mm(280) },
            }],
        },
    }
}

/// Two legs read from the floor, in an order of their own.
fn hemmed() -> HemWish {
    let read = |id: &str, side, at, mm| HemReading {
        id: id.into(),
        side,
        at,
        read: HemRead::FloorToEdge,
        length: Length::from_mm(mm),
    };
    HemWish {
        readings: vec![
            read("z", Side::Right, 180.0, 31.75),
            read("a", Side::Left, 0.0, 28.0),
            read("m", Side::Left, 180.0, 30.1),
        ],
        pair: HemPair::Own,
        ..HemWish::new(HemName::Hem, Wanted::Floor { height: Length::whole_mm(60) })
    }
}

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
