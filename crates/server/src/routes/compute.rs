//! Computing without keeping: the same code path as the command line.

use actix_web::post;
use actix_web::web::{self, Json};
use serde::{Deserialize, Serialize};
use utoipa::ToSchema;
use utoipa_actix_web::service_config::ServiceConfig;
use vemble_fit::garment::PanelName;
use vemble_fit::{
    Datum, EntryMode, Fitting, Garment, Habits, Intention, JOB_FORMAT, Job, Pin, PinRead, SeamName, Side,
    Solution, read_tape, solve,
};

use crate::body::Body;
use crate::problem::{Problem, Refusals};
use crate::signed_in::SignedIn;

/// Everything computed from a job.
#[utoipa::path(request_body = Job, responses((status = 200, body = Solution), Refusals))]
#[post("/compute/job")]
async fn compute_job(_: SignedIn, Body(job): Body<Job>) -> Result<Json<Solution>, Problem> {
    // A whole job takes a millisecond or two, but a refused line asks many times; other requests
    // should not wait behind it.
    let solved = web::block(move || solve(&job)).await.map_err(|_| Problem::internal())?;
    Ok(Json(solved?))
}

/// A pin as it is typed: station and reading in any spelling.
#[derive(Deserialize, ToSchema)]
#[serde(deny_unknown_fields)]
pub struct TypedPin {
    /// The garment it stands in.
    garment: Garment,
    /// Settings: the unit of bare numbers, above all.
    #[serde(default)]
    habits: Habits,
    /// The pin's id.
    id: String,
    /// The seam.
    seam: SeamName,
    /// The side.
    side: Side,
    /// Where the station is counted from.
    datum: Datum,
    /// The station as typed: `24 1/2`.
    #[schema(max_length = 64)]
    station: String,
    /// How the depth was read.
    mode: EntryMode,
    /// The reading as typed: `5/8`.
    #[schema(max_length = 64)]
    reading: String,
    /// The panel read on, for a reading from its raw edge.
    #[serde(default)]
    panel: Option<PanelName>,
}

/// A typed pin understood.
#[derive(Serialize, ToSchema)]
pub struct ReadPin {
    /// The pin, ready for a fitting.
    pin: Pin,
    /// Where it stands and what it does, said back; absent while the seam's length is unknown.
    read: Option<PinRead>,
}

/// Read one pin as it is typed, and say back what it does.
#[utoipa::path(request_body = TypedPin, responses((status = 200, body = ReadPin), Refusals))]
#[post("/compute/pin")]
async fn compute_pin(_: SignedIn, Body(typed): Body<TypedPin>) -> Result<Json<ReadPin>, Problem> {
    let unit = typed.habits.scale.unit;
    let station = read_tape(&typed.station, unit).map_err(|error| Problem::reading("station", &error))?;
    let reading = read_tape(&typed.reading, unit).map_err(|error| Problem::reading("reading", &error))?;
    let pin = Pin {
        id: typed.id,
        seam: typed.seam,
        side: typed.side,
        datum: typed.datum,
        station,
        mode: typed.mode,
        reading,
        panel: typed.panel,
    };
    let job = Job {
        format: JOB_FORMAT.to_owned(),
        wearer: String::new(),
        body: None,
        habits: typed.habits,
        garment: typed.garment,
        fitting: Fitting {
            held_on: Default::default(),
            intention: Intention::default(),
            anchored: false,
            pins: vec![pin.clone()],
            evening: Vec::new(),
            ends: Vec::new(),
            accepted: Vec::new(),
            progress: Default::default(),
        },
        timings: Vec::new(),
    };
    let solution = solve(&job).map_err(|error| {
        let mut problem = Problem::from(error);
        // The person typed one pin, not a list of them.
        problem.path = problem.path.map(|path| path.replace("fitting.pins[0].", ""));
        problem
    })?;
    let read = solution.seams.into_iter().flat_map(|seam| seam.pins).next();
    Ok(Json(ReadPin { pin, read }))
}

/// A reading as typed.
#[derive(Deserialize, ToSchema)]
#[serde(deny_unknown_fields)]
pub struct TypedLength {
    /// Settings: the unit of a bare number and the rounding of the answer.
    #[serde(default)]
    habits: Habits,
    /// The readings as typed, by field.
    #[schema(max_items = 64)]
    readings: Vec<TypedReading>,
}

/// One reading of a form.
#[derive(Deserialize, ToSchema)]
#[serde(deny_unknown_fields)]
pub struct TypedReading {
    /// The field it was typed in.
    field: String,
    /// What was typed.
    #[schema(max_length = 64)]
    text: String,
}

/// A reading understood.
#[derive(Serialize, ToSchema)]
pub struct ReadLength {
    /// The field it was typed in.
    field: String,
    /// In millimetres.
    length: vemble_fit::Length,
    /// As the tape shows it.
    shown: String,
}

/// Read lengths as they are typed, in any spelling.
#[utoipa::path(request_body = TypedLength, responses((status = 200, body = Vec<ReadLength>), Refusals))]
#[post("/compute/lengths")]
async fn compute_lengths(
    _: SignedIn,
    Body(typed): Body<TypedLength>,
) -> Result<Json<Vec<ReadLength>>, Problem> {
    let scale = typed.habits.scale;
    typed
        .readings
        .into_iter()
        .map(|reading| {
            let length = read_tape(&reading.text, scale.unit)
                .map_err(|error| Problem::reading(&reading.field, &error))?;
            Ok(ReadLength { field: reading.field, length, shown: scale.number(length) })
        })
        .collect::<Result<Vec<_>, Problem>>()
        .map(Json)
}

/// The routes of this module.
pub fn configure(config: &mut ServiceConfig<'_>) {
    config.service(compute_job).service(compute_pin).service(compute_lengths);
}
