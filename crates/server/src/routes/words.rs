//! The words and limits of the craft, so that a screen need not know them by heart.

use actix_web::get;
use actix_web::web::Json;
use serde::Serialize;
use utoipa::ToSchema;
use utoipa_actix_web::service_config::ServiceConfig;
use vemble_fit::garment::FlatName;
use vemble_fit::{Datum, EveningChoice, HouseEntry, HouseRule, Length, MeasureName, SeamName};

use crate::problem::Refusals;

/// A measure with its name on screen and its limits.
#[derive(Serialize, ToSchema)]
pub struct MeasureWords<T> {
    /// Its name in files.
    name: T,
    /// Its name on screen.
    words: &'static str,
    /// The least it can be.
    least: Length,
    /// The most it can be.
    most: Length,
    /// True when nothing can be drawn without it.
    needed: bool,
}

/// A seam with the data its stations can be counted from.
#[derive(Serialize, ToSchema)]
pub struct SeamWords {
    /// Its name in files.
    name: SeamName,
    /// Its name on screen.
    words: &'static str,
    /// True where there is one on each side.
    paired: bool,
    /// Where stations can be counted from, the usual first.
    data: Vec<DatumWords>,
}

/// A datum with its name on screen.
#[derive(Serialize, ToSchema)]
pub struct DatumWords {
    /// Its name in files.
    name: Datum,
    /// Its name on screen.
    words: &'static str,
}

/// A way of evening with its reason.
#[derive(Serialize, ToSchema)]
pub struct EveningWords {
    /// Its name in files.
    name: EveningChoice,
    /// Its name on screen.
    words: &'static str,
    /// Why one would choose it.
    reason: &'static str,
}

/// The words and limits.
#[derive(Serialize, ToSchema)]
pub struct Words {
    /// Measures of a body, down the body.
    body: Vec<MeasureWords<MeasureName>>,
    /// Flat measures of trousers, down the garment.
    trousers: Vec<MeasureWords<FlatName>>,
    /// Seams that take pins.
    seams: Vec<SeamWords>,
    /// Ways of evening.
    evening: Vec<EveningWords>,
    /// House rules that can be changed as habits.
    rules: Vec<HouseEntry>,
}

/// The words and limits of the craft.
#[utoipa::path(responses((status = 200, body = Words), Refusals))]
#[get("/words")]
async fn read_words() -> Json<Words> {
    Json(Words {
        body: MeasureName::ALL
            .into_iter()
            .map(|name| {
                let (least, most) = name.plausible();
                MeasureWords { name, words: name.words(), least, most, needed: false }
            })
            .collect(),
        trousers: FlatName::ALL
            .into_iter()
            .map(|name| {
                let (least, most) = name.plausible();
                let needed = FlatName::NEEDED.contains(&name);
                MeasureWords { name, words: name.words(), least, most, needed }
            })
            .collect(),
        seams: SeamName::PINNED
            .into_iter()
            .map(|name| SeamWords {
                name,
                words: name.words(),
                paired: name.is_paired(),
                data: Datum::of(name)
                    .iter()
                    .map(|datum| DatumWords { name: *datum, words: datum.words() })
                    .collect(),
            })
            .collect(),
        evening: EveningChoice::ALL
            .into_iter()
            .map(|(name, words, reason)| EveningWords { name, words, reason })
            .collect(),
        rules: HouseRule::ALL.iter().map(|rule| rule.entry()).collect(),
    })
}

/// The route of this module.
pub fn configure(config: &mut ServiceConfig<'_>) {
    config.service(read_words);
}
