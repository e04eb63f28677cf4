//! A variant as the text a column keeps: the same word as in files.

use std::fmt;
use std::io::Write as _;

use diesel::deserialize::{self, FromSql, FromSqlRow};
use diesel::expression::AsExpression;
use diesel::pg::{Pg, PgValue};
use diesel::serialize::{self, IsNull, Output, ToSql};
use diesel::sql_types::Text;
use serde::Serialize;
use serde::de::{DeserializeOwned, IntoDeserializer, value::Error as Unspelt};

/// A value with no fields, kept in a text column.
#[derive(Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord, FromSqlRow, AsExpression)]
#[diesel(sql_type = Text)]
pub(crate) struct Spelt<T: fmt::Debug>(pub(crate) T);

impl<T: fmt::Debug + Serialize> fmt::Display for Spelt<T> {
    fn fmt(&self, to: &mut fmt::Formatter<'_>) -> fmt::Result {
        self.0.serialize(to)
    }
}

impl<T: fmt::Debug + Serialize> ToSql<Text, Pg> for Spelt<T> {
    fn to_sql<'b>(&'b self, out: &mut Output<'b, '_, Pg>) -> serialize::Result {
        write!(out, "{self}")?;
        Ok(IsNull::No)
    }
}

impl<T: fmt::Debug + DeserializeOwned> FromSql<Text, Pg> for Spelt<T> {
    fn from_sql(bytes: PgValue<'_>) -> deserialize::Result<Self> {
        let word = <String as FromSql<Text, Pg>>::from_sql(bytes)?;
        let spelt = T::deserialize(IntoDeserializer::<Unspelt>::into_deserializer(word.as_str()))?;
        Ok(Spelt(spelt))
    }
}

#[cfg(test)]
mod tests {
    use serde::Deserialize as _;
    use vemble_fit::SeamName;

    use super::*;

    #[test]
    fn a_word_is_spelt_as_in_files_and_read_back() {
        for seam in SeamName::ALL {
            let word = Spelt(seam).to_string();
            assert_eq!(serde_json::to_value(seam).expect("JSON"), word);
            let read = SeamName::deserialize(IntoDeserializer::<Unspelt>::into_deserializer(word.as_str()));
            assert_eq!(read, Ok(seam));
        }
    }
}
