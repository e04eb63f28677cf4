//! Records as a workroom has them, and an empty store to keep them in.
// Each test file uses its own part of this.
#![allow(dead_code)]

use std::collections::BTreeMap;

use uuid::Uuid;
use vemble_fit::garment::{Band, BandBuild, FlatName, HemName, Kind, SeamAllowance, Shape};
use vemble_fit::hem::{HemPair, HemRead, HemReading, HemWish, Wanted};
use vemble_fit::sums::{KeptSum, Sum, SumPlace};
use vemble_fit::{
    Body, Datum, EntryMode, Fitting, Garment, Intention, Layer, Length, MeasureName, Pin, SeamName, Side,
    Wearer,
};
use vemble_store::{
    Accepted, AccountId, Conn, Expected, FittingRecord, GarmentRecord, Going, Hand, Seen, Store, StoreError,
    Works, account, fitting, garment, journal_of, testing,
};

/// A store with one account, and a connection of its own.
pub fn open() -> (Store, Conn, AccountId) {
    let store = testing::store(&testing::fresh_database(), 3);
    let mut conn = store.conn().expect("a connection");
    let id = new_account(&mut conn, "ada@example.org");
    (store, conn, id)
}

/// A further account.
pub fn new_account(conn: &mut Conn, email: &str) -> AccountId {
    let id = AccountId(Uuid::now_v7());
    assert!(account::create(conn, id, email, "hash").expect("created"));
    id
}

/// A wearer with measures and a layer.
pub fn someone() -> Wearer {
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

/// A garment with everything that is kept of one.
pub fn corduroys() -> GarmentRecord {
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
            wish: Default::default(),
            ease: Default::default(),
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
                felled: Vec::new(),
                underlined: false,
                lining: Default::default(),
                near_hems: Vec::new(),
                back_pocket_gap: Some(Length::whole_mm(96)),
                parts: Default::default(),
            },
        },
    }
}

/// A first fitting with these depths read on the left outseam.
pub fn pinned(garment: Uuid, depths: &[i64]) -> FittingRecord {
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
            alterations: Vec::new(),
            sums: vec![KeptSum {
                id: "s1".into(),
                note: "gathers of the cuff".into(),
                sum: Sum::Gathers { long: Length::whole_mm(420), short: Length::whole_mm(280) },
                place: Some(SumPlace::Hem { hem: HemName::Sleeve }),
            }],
        }
        .in_order(),
    }
}

/// Two legs read from the floor, in an order of their own.
pub fn hemmed() -> HemWish {
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

/// The journal of a garment, newest first: line, words, and whether it was taken back.
pub fn journal(conn: &mut Conn, id: AccountId, hung: Uuid) -> Vec<(i64, String, bool)> {
    let listed = journal_of::list(conn, id, hung, Default::default()).expect("a journal");
    listed.into_iter().map(|entry| (entry.id, entry.what, entry.undone)).collect()
}

/// Takes a line of a fitting back as the server does, but without looking at what comes of it.
pub fn take_back(conn: &mut Conn, id: AccountId, hung: Uuid, line: i64) -> Result<i64, StoreError> {
    let lines = journal_of::lines(conn, id, hung)?;
    match journal_of::going(&lines, line) {
        Some(Going::After(above)) if above.is_empty() => {}
        Some(Going::Gone(by)) => return Ok(by),
        other => panic!("line {line} cannot go: {other:?}"),
    }
    let kept = lines.iter().find(|kept| kept.id == line).expect("the line");
    let first = kept.subject_id;
    let (_, restoring) = kept.change().expect("a change of a fitting");
    let standing = match fitting::get(conn, id, first) {
        Err(StoreError::NotFound) => None,
        standing => Some(standing?),
    };
    let before = standing.as_ref().map(|standing| &standing.value);
    let (record, back) = restoring.apply(before, 1).map_err(StoreError::CannotChange)?;
    let seen = Seen {
        garment: hung,
        garment_version: garment::get(conn, id, hung)?.version,
        fitting_version: standing.as_ref().map(|standing| standing.version),
        // The journal is looked at first: whoever takes the line back before the fitting is looked at has written there.
        last: lines.iter().map(|kept| kept.id).max(),
        next: None,
        expected: Expected::Unsaid,
    };
    let accepted = Accepted { id: None, change: restoring, restoring: back, takes_back: Some(line) };
    let works = Works::new();
    let hand = Hand::program();
    Ok(fitting::write(conn, id, &hand, first, seen, record.as_ref(), &[accepted], &works)?.lines[0])
}
