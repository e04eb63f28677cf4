//! Whose a garment is.

use diesel::dsl::exists;
use diesel::prelude::*;
use uuid::Uuid;

use crate::accounts::AccountId;
use crate::error::StoreError;
use crate::schema::garment;

/// Whether an account has a garment of that id.
///
/// # Errors
/// [`StoreError::NotFound`] when it has none.
pub(crate) fn is_known(conn: &mut PgConnection, account: AccountId, garment: Uuid) -> Result<(), StoreError> {
    let known: bool =
        diesel::select(exists(garment::table.find(garment).filter(garment::account_id.eq(account.0))))
            .get_result(conn)?;
    if known { Ok(()) } else { Err(StoreError::NotFound) }
}
