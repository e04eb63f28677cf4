//! Empty databases for tests, on the PostgreSQL that `make test` starts.

use diesel::connection::SimpleConnection;
use diesel::prelude::*;
use uuid::Uuid;

use crate::error::StoreError;
use crate::pool::Store;

/// How often a store is opened again while its database does not answer.
const TRIES: usize = 10;

/// Makes an empty database and returns its URL.
///
/// # Panics
/// When `VEMBLE_TEST_DATABASE` is not set or does not answer: the tests are run by `make test`.
#[must_use]
pub fn fresh_database() -> String {
    let url =
        std::env::var("VEMBLE_TEST_DATABASE").expect("run the tests by `make test`, it starts PostgreSQL");
    let mut conn = PgConnection::establish(&url).expect("the test PostgreSQL answers");
    let name = format!("test_{}", Uuid::new_v4().simple());
    diesel::sql_query(format!("CREATE DATABASE {name}")).execute(&mut conn).expect("a database");
    let (server, _) = url.rsplit_once('/').expect("a URL with a database");
    format!("{server}/{name}")
}

/// A store of a database, opened again while a busy machine keeps the database from answering.
///
/// # Panics
/// When it cannot be opened at all.
#[must_use]
pub fn store(url: &str, connections: u32) -> Store {
    for _ in 0..TRIES {
        match Store::open(url, connections) {
            Err(StoreError::Unavailable) => {}
            opened => return opened.expect("a store"),
        }
    }
    panic!("the test PostgreSQL does not answer");
}

/// A fresh database holding what a dump of another holds, in plain statements.
///
/// # Panics
/// As [`fresh_database`], and where the dump is none.
#[must_use]
pub fn database_with(dump: &str) -> String {
    let url = fresh_database();
    let mut conn = PgConnection::establish(&url).expect("it was just made");
    conn.batch_execute(dump).expect("a dump in plain statements");
    url
}
