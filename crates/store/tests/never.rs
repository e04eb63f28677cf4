//! What can never be is refused by the database itself, whoever writes to it.

mod common;

use std::collections::BTreeMap;

use common::{corduroys, open, pinned, someone};
use diesel::prelude::*;
use uuid::Uuid;
use vemble_store::{Conn, Expected, Hand, fitting, garment, wearer};

/// Tries a statement; the name of the rule that refused it.
fn refused(conn: &mut Conn, statement: &str) -> String {
    match diesel::sql_query(statement).execute(conn) {
        Ok(rows) => panic!("{statement} was taken, {rows} rows"),
        Err(diesel::result::Error::DatabaseError(_, told)) => {
            told.constraint_name().unwrap_or_else(|| told.message()).to_owned()
        }
        Err(other) => panic!("{statement}: {other}"),
    }
}

#[test]
fn numbers_and_words_no_record_can_have_are_refused() {
    let (_store, mut conn, id) = open();
    let (who, hung, first) = (Uuid::now_v7(), Uuid::now_v7(), Uuid::now_v7());
    wearer::put(&mut conn, id, who, &someone(), Expected::Unsaid).expect("known");
    garment::put(&mut conn, id, &Hand::program(), hung, &corduroys(), Expected::Unsaid).expect("hung");
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
    for (statement, rule) in [
        ("UPDATE account SET email = 'ADA@example.org'", "account_email_check"),
        ("UPDATE account SET habits_version = 0", "account_habits_version_check"),
        ("UPDATE wearer SET name = ''", "wearer_name_check"),
        ("UPDATE wearer SET name = repeat('x', 81)", "wearer_name_check"),
        ("UPDATE wearer SET version = 0", "wearer_version_check"),
        ("UPDATE body_measure SET value = 0", "body_measure_value_check"),
        ("UPDATE body_layer SET thickness = -1", "body_layer_thickness_check"),
        ("UPDATE garment SET kind = 'parachute'", "garment_kind_check"),
        ("UPDATE garment SET source = 'stolen'", "garment_source_check"),
        ("UPDATE garment SET purpose = 'armour'", "garment_purpose_check"),
        ("UPDATE garment SET cloth_stretch = 1.5", "garment_cloth_stretch_check"),
        ("UPDATE garment SET wash_before = 200000000", "garment_wash_test"),
        ("UPDATE garment SET wash_before = 0, wash_after = 0", "garment_wash_"),
        ("UPDATE flat_measure SET value = -5", "flat_measure_value_check"),
        ("UPDATE flat_measure SET value = 100000000001", "nm_check"),
        ("UPDATE seam_allowance SET front = -1", "seam_allowance_front_check"),
        ("UPDATE fitting SET number = 0", "fitting_number_check"),
        ("UPDATE fitting SET intention = 'tight'", "fitting_intention_check"),
        ("UPDATE pin SET side = 'upside'", "pin_side_check"),
        ("UPDATE pin SET station = -1", "pin_station_check"),
        ("UPDATE pin SET mode = 'guess'", "pin_mode_check"),
        ("UPDATE pin SET id = ''", "pin_id_check"),
        ("UPDATE hem_wish SET hem = 'collar'", "hem_wish_hem_check"),
        ("UPDATE hem_reading SET at = 361", "hem_reading_at_check"),
        ("UPDATE hem_reading SET read = 'by_eye'", "hem_reading_read_check"),
        ("UPDATE hem_reading SET hem = 'sleeve'", "hem_reading_fitting_id_hem_fkey"),
        ("UPDATE journal SET subject = 'gossip'", "journal_subject_check"),
    ] {
        let by = refused(&mut conn, statement);
        assert!(by.starts_with(rule), "{statement} was refused by {by}, not {rule}");
    }
    // And none of it left a trace.
    assert_eq!(garment::get(&mut conn, id, hung).expect("there").value, corduroys());
    assert_eq!(fitting::get(&mut conn, id, first).expect("there").value, pinned(hung, &[12]));
    assert_eq!(wearer::get(&mut conn, id, who).expect("there").value, someone());
}

#[test]
fn rows_without_what_they_belong_to_are_refused_or_go_with_it() {
    let (_store, mut conn, id) = open();
    let (hung, first) = (Uuid::now_v7(), Uuid::now_v7());
    garment::put(&mut conn, id, &Hand::program(), hung, &corduroys(), Expected::Unsaid).expect("hung");
    fitting::put(
        &mut conn,
        id,
        &Hand::program(),
        first,
        &pinned(hung, &[12, 9]),
        &BTreeMap::new(),
        Expected::Unsaid,
    )
    .expect("begun");
    let stray = Uuid::now_v7();
    for (statement, rule) in [
        (format!("UPDATE garment SET account_id = '{stray}'"), "garment_account_id_fkey"),
        (format!("UPDATE garment SET wearer_id = '{stray}'"), "garment_wearer_id_fkey"),
        (format!("UPDATE fitting SET garment_id = '{stray}'"), "fitting_garment_id_fkey"),
        (
            format!("INSERT INTO confirmation VALUES ('{stray}', 'trim/washed')"),
            "confirmation_fitting_id_fkey",
        ),
        (
            format!(
                "INSERT INTO fitting SELECT '{stray}', account_id, garment_id, number, held_on, intention, anchored, 1 FROM fitting"
            ),
            "fitting_garment_id_number_key",
        ),
    ] {
        let by = refused(&mut conn, &statement);
        assert_eq!(by, rule, "{statement}");
    }
    diesel::sql_query("DELETE FROM account").execute(&mut conn).expect("the account is closed");
    for table in
        ["garment", "fitting", "pin", "hem_wish", "hem_reading", "flat_measure", "seam_allowance", "journal"]
    {
        #[derive(QueryableByName)]
        struct Count {
            #[diesel(sql_type = diesel::sql_types::BigInt)]
            count: i64,
        }
        let left: Count = diesel::sql_query(format!("SELECT count(*) FROM {table}"))
            .get_result(&mut conn)
            .expect("counted");
        assert_eq!(left.count, 0, "{table} kept something of a closed account");
    }
}
