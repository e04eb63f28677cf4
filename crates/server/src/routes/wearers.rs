//! Wearers with their measures by date.

use actix_web::web::{Data, Path};
use actix_web::{HttpResponse, delete, get, post, put};
use serde::Serialize;
use utoipa::ToSchema;
use utoipa_actix_web::service_config::ServiceConfig;
use uuid::Uuid;
use vemble_fit::Wearer;
use vemble_store::{Conn, Versioned, wearer};

use crate::app::App;
use crate::body::Body;
use crate::etag::{IfMatch, tagged};
use crate::problem::{Problem, Refusals};
use crate::signed_in::SignedIn;
use crate::within::{beyond, put_within, tagged_within};

/// A wearer with id and version.
#[derive(Serialize, ToSchema)]
pub struct KeptWearer {
    /// Its id.
    id: Uuid,
    /// Its version, as in the `ETag`.
    version: i64,
    /// The wearer.
    wearer: Wearer,
    /// What of it is beyond a limit, as it was kept before there was one.
    #[serde(skip_serializing_if = "Vec::is_empty")]
    beyond: Vec<String>,
}

impl KeptWearer {
    fn new(id: Uuid, kept: Versioned<Wearer>) -> KeptWearer {
        let beyond = beyond(&kept.value).into_iter().map(|beyond| beyond.detail).collect();
        KeptWearer { id, version: kept.version, wearer: kept.value, beyond }
    }
}

/// Every wearer, by name.
#[utoipa::path(responses((status = 200, body = Vec<KeptWearer>), Refusals))]
#[get("/wearers")]
async fn list_wearers(app: Data<App>, SignedIn(account): SignedIn) -> Result<HttpResponse, Problem> {
    let listed = app.store(move |conn| {
        let wearers = wearer::list(conn, account)?.into_iter();
        let kept = wearers.map(|(id, kept)| KeptWearer::new(id, kept));
        Ok(kept.collect::<Vec<_>>())
    });
    app.listed(account, listed).await
}

/// One wearer.
#[utoipa::path(responses((status = 200, body = Wearer, headers(("ETag" = String))), Refusals))]
#[get("/wearers/{id}")]
async fn read_wearer(
    app: Data<App>,
    SignedIn(account): SignedIn,
    id: Path<Uuid>,
) -> Result<HttpResponse, Problem> {
    let id = id.into_inner();
    let kept = app.store(move |conn| wearer::get(conn, account, id)).await?;
    tagged_within(kept.version, &kept.value, &format!("wearers/{id}"))
}

/// Cut a wearer that was kept before there were limits down to them. One that is within them stays as it is.
#[utoipa::path(responses((status = 200, body = Wearer, headers(("ETag" = String))), Refusals))]
#[post("/wearers/{id}/put-right")]
async fn put_wearer_right(
    app: Data<App>,
    SignedIn(account): SignedIn,
    id: Path<Uuid>,
) -> Result<HttpResponse, Problem> {
    let id = id.into_inner();
    let read = move |conn: &mut Conn| wearer::get(conn, account, id);
    put_within(&app, read, move |conn, mut right: Wearer, expected| {
        // Days that were moved may meet on one; one set of measures is kept for a day.
        right.measured.sort_by_key(|body| body.taken_on);
        right.measured.dedup_by_key(|body| body.taken_on);
        Ok((wearer::put(conn, account, id, &right, expected)?, right))
    })
    .await
}

/// Write a wearer whole, new or changed. Repeating it changes nothing.
#[utoipa::path(
    request_body = Wearer,
    params(("If-Match" = Option<String>, Header, description = "The version read, in quotes")),
    responses((status = 200, body = Wearer, headers(("ETag" = String))), Refusals)
)]
#[put("/wearers/{id}")]
async fn write_wearer(
    app: Data<App>,
    SignedIn(account): SignedIn,
    id: Path<Uuid>,
    IfMatch(expected): IfMatch,
    Body(mut written): Body<Wearer>,
) -> Result<HttpResponse, Problem> {
    check(&mut written)?;
    let id = id.into_inner();
    let (version, written) =
        app.store(move |conn| Ok((wearer::put(conn, account, id, &written, expected)?, written))).await?;
    Ok(tagged(version, &written))
}

fn check(wearer: &mut Wearer) -> Result<(), Problem> {
    wearer.name = name(&wearer.name, "name")?;
    wearer.measured.sort_by_key(|body| body.taken_on);
    for (i, body) in wearer.measured.iter().enumerate() {
        if i > 0 && wearer.measured[i - 1].taken_on == body.taken_on {
            return Err(Problem::nonsense(
                "wearer.day",
                format!("measured[{i}].taken_on"),
                format!("{} stands twice; one set of measures is kept for a day.", body.taken_on),
            ));
        }
        body.check().map_err(|error| error.inside(&format!("measured[{i}]")))?;
        if let Some(layer) = body.layers.iter().position(|layer| layer.name.contains('\0')) {
            return Err(Problem::nonsense(
                "record.name",
                format!("measured[{i}].layers[{layer}].name"),
                "The layer's name holds a sign that cannot be kept.",
            ));
        }
    }
    Ok(())
}

/// A name as it is kept: without space around it, one to eighty characters.
pub fn name(text: &str, path: &str) -> Result<String, Problem> {
    let trimmed = text.trim();
    let length = trimmed.chars().count();
    if (1..=80).contains(&length) && !trimmed.chars().any(char::is_control) {
        Ok(trimmed.to_owned())
    } else {
        Err(Problem::nonsense(
            "record.name",
            path,
            format!("The name was read with {length} characters; it needs 1 to 80, letters and signs."),
        ))
    }
}

/// Take a wearer away; their garments stay.
#[utoipa::path(responses((status = 204), Refusals))]
#[delete("/wearers/{id}")]
async fn remove_wearer(
    app: Data<App>,
    SignedIn(account): SignedIn,
    id: Path<Uuid>,
) -> Result<HttpResponse, Problem> {
    let id = id.into_inner();
    app.store(move |conn| wearer::delete(conn, account, id)).await?;
    Ok(HttpResponse::NoContent().finish())
}

/// The routes of this module.
pub fn configure(config: &mut ServiceConfig<'_>) {
    config
        .service(list_wearers)
        .service(read_wearer)
        .service(write_wearer)
        .service(put_wearer_right)
        .service(remove_wearer);
}
