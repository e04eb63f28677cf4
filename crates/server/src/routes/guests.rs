//! Friends' devices: words that let one into a single fitting's Mirror for two hours.

use actix_session::Session;
use actix_web::web::{Data, Json, Path};
use actix_web::{HttpRequest, HttpResponse, delete, get, post};
use chrono::{DateTime, TimeDelta, Utc};
use qrcode::QrCode;
use qrcode::render::svg;
use serde::{Deserialize, Serialize};
use sha2::{Digest, Sha256};
use utoipa::ToSchema;
use utoipa_actix_web::service_config::ServiceConfig;
use uuid::Uuid;
use vemble_store::{GuestDevice, GuestSeen, guest, session};

use super::wearers::name;
use crate::app::App;
use crate::attempts;
use crate::body::Body;
use crate::problem::{Problem, Refusals};
use crate::signed_in::{SignedIn, begin_as_guest, device};

/// How long words let somebody in, and whoever came in by them stays.
const GOOD_FOR: TimeDelta = TimeDelta::hours(2);
/// Words in a code: with the list below, thirty bits that are good for two hours and forty tries.
const WORDS: usize = 5;
/// Words that are told apart when they are called across a room, and spelt as they sound.
const LIST: [&str; 64] = [
    "amber", "apron", "basket", "beeswax", "bobbin", "braid", "button", "calico", "canvas", "cedar", "chalk",
    "collar", "copper", "cotton", "cuff", "denim", "elbow", "felt", "flannel", "garnet", "ginger", "hanger",
    "hazel", "indigo", "ivory", "jersey", "kettle", "lace", "lantern", "lilac", "linen", "loop", "maple",
    "marble", "mitten", "muslin", "needle", "olive", "onion", "pepper", "pewter", "plum", "pocket", "poplin",
    "quill", "ribbon", "saddle", "saffron", "satin", "silver", "spool", "tassel", "teapot", "thimble",
    "thread", "tulip", "tweed", "velvet", "walnut", "willow", "window", "yarrow", "yoke", "zip",
];

/// Words that let a friend's device into one fitting.
#[derive(Serialize, ToSchema)]
pub struct GuestCode {
    /// The words, to be said or typed.
    words: String,
    /// When they let nobody in any more, and whoever came in by them is out.
    ends_at: DateTime<Utc>,
    /// A QR code of the address that lets a device in, as SVG.
    svg: String,
}

/// Where browsers find this server, so that a QR code can lead there.
#[derive(Deserialize, ToSchema)]
#[serde(deny_unknown_fields)]
pub struct ToInvite {
    /// The address of the workroom as the host's browser has it: `https://fit.example`.
    #[schema(max_length = 200)]
    origin: String,
}

/// The hash that is kept of words, however they were spaced.
fn hash(words: &str) -> String {
    let plain: Vec<String> = words
        .split(|c: char| !c.is_alphanumeric())
        .filter(|word| !word.is_empty())
        .map(str::to_lowercase)
        .collect();
    Sha256::digest(plain.join(" ").as_bytes()).iter().map(|byte| format!("{byte:02x}")).collect()
}

fn fresh_words() -> Result<String, Problem> {
    let mut bytes = [0_u8; WORDS];
    getrandom::fill(&mut bytes).map_err(|_| Problem::internal())?;
    Ok(bytes.map(|byte| LIST[usize::from(byte) % LIST.len()]).join(" "))
}

/// Make words that let a friend's device into this fitting's Mirror, for two hours.
#[utoipa::path(request_body = ToInvite, responses((status = 201, body = GuestCode), Refusals))]
#[post("/fittings/{id}/guest-codes")]
async fn invite(
    app: Data<App>,
    SignedIn(account): SignedIn,
    id: Path<Uuid>,
    Body(asked): Body<ToInvite>,
) -> Result<HttpResponse, Problem> {
    let origin = asked.origin.trim_end_matches('/');
    let is_address = ["http://", "https://"].iter().any(|scheme| origin.starts_with(scheme))
        && origin.chars().all(|c| c.is_ascii_graphic());
    if !is_address || origin.len() > 200 {
        return Err(Problem::nonsense(
            "guest.origin",
            "origin",
            format!("The address was read as \"{origin}\"; it begins with http:// or https://."),
        ));
    }
    let words = fresh_words()?;
    let ends_at = Utc::now() + GOOD_FOR;
    let (id, kept) = (id.into_inner(), hash(&words));
    // What comes after # is told to no server on the way.
    let address = format!("{origin}/join#{}", words.replace(' ', "-"));
    app.store(move |conn| guest::open(conn, account, id, &kept, ends_at)).await?;
    let code = QrCode::new(address.as_bytes()).map_err(|_| Problem::internal())?;
    let svg = code.render::<svg::Color<'_>>().min_dimensions(240, 240).build();
    Ok(HttpResponse::Created().json(GuestCode { words, ends_at, svg }))
}

/// The friends' devices that are in this fitting.
#[utoipa::path(responses((status = 200, body = Vec<GuestDevice>), Refusals))]
#[get("/fittings/{id}/guests")]
async fn list_guests(
    app: Data<App>,
    SignedIn(account): SignedIn,
    id: Path<Uuid>,
) -> Result<Json<Vec<GuestDevice>>, Problem> {
    let id = id.into_inner();
    Ok(Json(app.store(move |conn| guest::list(conn, account, id, Utc::now())).await?))
}

/// Send a friend's device out; the words it came in by let nobody else in. Repeating it changes nothing.
#[utoipa::path(responses((status = 204), Refusals))]
#[delete("/fittings/{id}/guests/{guest}")]
async fn send_guest_out(
    app: Data<App>,
    SignedIn(account): SignedIn,
    path: Path<(Uuid, Uuid)>,
) -> Result<HttpResponse, Problem> {
    let (id, guest) = path.into_inner();
    app.store(move |conn| guest::send_out(conn, account, id, guest, Utc::now())).await?;
    Ok(HttpResponse::NoContent().finish())
}

/// Words, and who says them.
#[derive(Deserialize, ToSchema)]
#[serde(deny_unknown_fields)]
pub struct ToJoin {
    /// The words, in any spacing.
    #[schema(min_length = 1, max_length = 120)]
    words: String,
    /// What the friend is called: everything they read is marked with it.
    #[schema(min_length = 1, max_length = 80)]
    name: String,
}

/// The fitting a friend's device is in.
#[derive(Serialize, ToSchema)]
pub struct AsGuest {
    /// The fitting.
    fitting: Uuid,
    /// Its garment.
    garment: Uuid,
    /// What the friend is called.
    name: String,
}

impl From<GuestSeen> for AsGuest {
    fn from(guest: GuestSeen) -> AsGuest {
        AsGuest { fitting: guest.fitting, garment: guest.garment, name: guest.name }
    }
}

/// Come in with a friend's words. Whoever is signed in in this browser is signed out first.
#[utoipa::path(request_body = ToJoin, responses((status = 200, body = AsGuest), Refusals))]
#[post("/guest-session")]
async fn join(
    app: Data<App>,
    session: Session,
    request: HttpRequest,
    Body(asked): Body<ToJoin>,
) -> Result<Json<AsGuest>, Problem> {
    let name = name(&asked.name, "name")?;
    let place = attempts::place(&request, &app);
    let subjects = vec![attempts::of_place(&place)];
    let (words, device) = (hash(&asked.words), device(&request));
    let joined = app
        .at_the_door(&place, move |conn| {
            let counted = attempts::count(conn, &subjects)?;
            let joined = guest::join(conn, &words, &name, device, Utc::now())?;
            if joined.is_some() {
                session::take_attempts_back(conn, &counted)?;
            }
            Ok(joined)
        })
        .await?;
    let joined = joined.ok_or_else(Problem::wrong_words)?;
    begin_as_guest(&session, joined.id)?;
    Ok(Json(joined.into()))
}

/// The routes of this module.
pub fn configure(config: &mut ServiceConfig<'_>) {
    config.service(invite).service(list_guests).service(send_guest_out).service(join);
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn words_open_however_they_are_spelt_out() {
        let words = fresh_words().expect("chance");
        assert_eq!(words.split(' ').count(), WORDS);
        for spelt in
            [words.replace(' ', "-"), words.to_uppercase(), format!("  {}  ", words.replace(' ', ",  "))]
        {
            assert_eq!(hash(&spelt), hash(&words), "{spelt}");
        }
        assert_ne!(hash(&words.replace(' ', "")), hash(&words));
    }

    #[test]
    fn the_list_has_each_word_once() {
        let mut list = LIST.to_vec();
        list.sort_unstable();
        list.dedup();
        assert_eq!(list.len(), 64);
    }
}
