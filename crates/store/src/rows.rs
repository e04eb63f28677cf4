//! What has to be written where rows shall stand otherwise than they do.

use std::collections::{BTreeMap, BTreeSet};

/// Rows that go, by their keys, and rows to put: new ones, and those that stand otherwise.
pub(crate) struct Rows<Key, Row> {
    pub(crate) gone: Vec<Key>,
    pub(crate) put: Vec<Row>,
}

/// The difference between the rows that stand and those that should. A row that stays as it is is not written.
pub(crate) fn changed<Key: Ord, Row: PartialEq>(
    was: Vec<Row>,
    is: Vec<Row>,
    key: impl Fn(&Row) -> Key,
) -> Rows<Key, Row> {
    let stays: BTreeSet<Key> = is.iter().map(&key).collect();
    let was: BTreeMap<Key, Row> = was.into_iter().map(|row| (key(&row), row)).collect();
    let put = is.into_iter().filter(|row| was.get(&key(row)) != Some(row)).collect();
    let gone = was.into_keys().filter(|key| !stays.contains(key)).collect();
    Rows { gone, put }
}

/// Puts rows of a table, each in place of the one with its key.
macro_rules! put_rows {
    ($conn:expr, $table:ident($($key:ident),+), $rows:expr) => {
        for row in &$rows {
            diesel::insert_into($table::table)
                .values(row)
                .on_conflict(($($table::$key),+))
                .do_update()
                .set(row)
                .execute($conn)?;
        }
    };
}
pub(crate) use put_rows;

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn only_what_is_different_is_written() {
        let Rows { gone, put } =
            changed(vec![("a", 1), ("b", 2), ("c", 3)], vec![("b", 2), ("c", 4), ("d", 5)], |row| row.0);
        assert_eq!(gone, ["a"]);
        assert_eq!(put, [("c", 4), ("d", 5)]);
    }
}
