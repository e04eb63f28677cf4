//! Records as they were kept, perhaps before there were limits: handed on where they are within them, and put right where
//! they are not.

use actix_web::HttpResponse;
use actix_web::http::header::ContentType;
use serde::Serialize;
use serde::de::DeserializeOwned;
use vemble_formats::limits::{Beyond, look_over};
use vemble_formats::put_right;
use vemble_store::{Conn, Expected, StoreError, Versioned};

use crate::app::App;
use crate::etag::tagged;
use crate::problem::Problem;

/// A record as it is kept, with its version in the `ETag`.
///
/// # Errors
/// [`Problem::beyond`] where it is beyond a limit; `at` is its address.
pub fn tagged_within<T: Serialize + DeserializeOwned>(
    version: i64,
    record: &T,
    at: &str,
) -> Result<HttpResponse, Problem> {
    let written = serde_json::to_vec(record).map_err(|_| Problem::internal())?;
    if look_over(&written, &[]).is_err() {
        return Err(Problem::beyond(&beyond(record), format!("/api/v1/{at}/put-right")));
    }
    let mut answer = HttpResponse::Ok();
    answer.insert_header(("ETag", format!("\"{version}\""))).content_type(ContentType::json());
    Ok(answer.body(written))
}

/// What of a record is beyond a limit, in words for who keeps it.
pub fn beyond<T: Serialize + DeserializeOwned>(record: &T) -> Vec<Beyond> {
    let found = put_right(record).map(|(beyond, _)| beyond).unwrap_or_default();
    found.into_iter().map(in_words).collect()
}

/// What the last name of a path stands for, for those that are read on a page.
const NAMED: [(&str, &str); 16] = [
    ("note", "A note"),
    ("due_on", "The day it is wanted for"),
    ("taken_on", "The day of measuring"),
    ("held_on", "The day of the fitting"),
    ("measured", "The list of days of measuring"),
    ("layers", "The list of what is worn underneath"),
    ("fixtures", "The list of what is set into its seams"),
    ("clips", "The list of its clips"),
    ("allowances", "The list of its seam allowances"),
    ("seams", "The list of its seams"),
    ("near_hems", "The list of what is near its hems"),
    ("pins", "The list of its pins"),
    ("hems", "The list of its hems"),
    ("alterations", "The list of its alterations"),
    ("accepted", "The list of accepted depths"),
    ("sums", "The list of kept sums"),
];

/// The same with the place named in words, where it has some.
fn in_words(beyond: Beyond) -> Beyond {
    let mut steps = beyond.path.rsplit('.').map(|step| step.split('[').next().unwrap_or_default());
    let name = steps.next().unwrap_or_default();
    let words = match (name, steps.next()) {
        ("name", Some("layers")) => "The name of what is worn underneath",
        ("name", _) => "The name",
        _ => match NAMED.iter().find(|(named, _)| *named == name) {
            Some((_, words)) => words,
            None => return beyond,
        },
    };
    Beyond { detail: beyond.detail.replace(&format!("\"{}\"", beyond.path), words), ..beyond }
}

/// Reads a record, cuts it down to the limits and writes it where it was beyond one.
///
/// # Errors
/// Those of reading and writing.
pub async fn put_within<T, R, W>(app: &App, read: R, write: W) -> Result<HttpResponse, Problem>
where
    T: Serialize + DeserializeOwned + Send + 'static,
    R: FnOnce(&mut Conn) -> Result<Versioned<T>, StoreError> + Send + 'static,
    W: FnOnce(&mut Conn, T, Expected) -> Result<(i64, T), StoreError> + Send + 'static,
{
    let put = move |conn: &mut Conn| {
        let kept = read(conn)?;
        let (beyond, right) = put_right(&kept.value)?;
        if beyond.is_empty() {
            Ok((kept.version, right))
        } else {
            write(conn, right, Expected::Version(kept.version))
        }
    };
    let (version, right) = app.store_long(put).await?;
    Ok(tagged(version, &right))
}
