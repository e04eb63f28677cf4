//! Computing without keeping: the same code path as the command line.

use std::collections::BTreeMap;

use actix_web::post;
use actix_web::web::{Data, Json, Query};
use chrono::NaiveDate;
use serde::{Deserialize, Serialize};
use utoipa::{IntoParams, ToSchema};
use utoipa_actix_web::service_config::ServiceConfig;
use vemble_fit::garment::{FlatName, HemName};
use vemble_fit::hem::{HemRead, HemReading, HemWish, Wanted};
use vemble_fit::sums::{Sum, SumAnswer, work_out};
use vemble_fit::{
    BodySketch, Comparison, CopyPlan, DEEPEST_READING, Datum, EdgeRead, EntryMode, FitPicture, Fitting,
    Garment, HIGHEST_TAKE_UP, Habits, JOB_FORMAT, Job, JobError, JobPlace, LONGEST_READING, LONGEST_SEAM,
    Length, Pin, PinRead, SeamName, ShareOut, ShareRequest, Side, Sketch, Slide, Solution, Wearer, compare,
    copy_from, echo_in_inches, fit_picture, is_inches_by_its_fraction, ladder, moved_rung, read_tape_up_to,
    settle, share_out, sketch, sketch_body, slid, solve,
};

use crate::app::App;
use crate::body::Body;
use crate::gate::Asker;
use crate::problem::{Problem, Refusals};
use crate::signed_in::{AtWork, SignedIn};

/// What becomes of readings that are on nothing of their garment.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Default, Deserialize, ToSchema)]
#[serde(rename_all = "snake_case")]
pub enum Strays {
    /// The job is refused, as on the command line.
    #[default]
    Refused,
    /// They are listed, and the rest is computed: for a fitting whose garment was changed under it.
    Aside,
}

/// How a job is computed.
#[derive(Deserialize, IntoParams)]
#[into_params(parameter_in = Query)]
pub struct Computed {
    /// What becomes of readings that are on nothing of their garment; the job is refused when left out.
    #[serde(default)]
    #[param(inline)]
    strays: Strays,
}

/// Everything computed from a job.
#[utoipa::path(params(Computed), request_body = Job, responses((status = 200, body = Solution), Refusals))]
#[post("/compute/job")]
async fn compute_job(
    app: Data<App>,
    by: AtWork,
    how: Query<Computed>,
    Body(job): Body<Job>,
) -> Result<Json<Solution>, Problem> {
    // A whole job takes a millisecond or two, but a refused line asks many times; other requests
    // should not wait behind it.
    away(&app, &by, move || match how.strays {
        Strays::Refused => solve(&job),
        Strays::Aside => settle(&job).map(|(_, solution)| solution),
    })
    .await
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
    /// The edge read on, for a reading from its raw edge.
    #[serde(default)]
    panel: Option<EdgeRead>,
    /// Pins set from numbers that it may move.
    #[serde(default)]
    #[schema(max_items = 400)]
    set: Vec<Pin>,
}

/// A typed pin understood.
#[derive(Serialize, ToSchema)]
pub struct ReadPin {
    /// The pin, ready for a fitting.
    pin: Pin,
    /// Where it stands and what it does, said back; absent while the seam's length is unknown.
    read: Option<PinRead>,
    /// The pin set from numbers that it moves, as it is now.
    moves: Option<Pin>,
}

/// Read one pin as it is typed, and say back what it does.
#[utoipa::path(request_body = TypedPin, responses((status = 200, body = ReadPin), Refusals))]
#[post("/compute/pin")]
async fn compute_pin(_: AtWork, Body(typed): Body<TypedPin>) -> Result<Json<ReadPin>, Problem> {
    let unit = typed.habits.scale.unit;
    let station = read_tape_up_to(&typed.station, unit, LONGEST_SEAM)
        .map_err(|error| Problem::reading("station", &error))?;
    let reading = read_tape_up_to(&typed.reading, unit, DEEPEST_READING)
        .map_err(|error| Problem::reading("reading", &error))?;
    let inches = is_inches_by_its_fraction(&typed.reading, unit).then(|| typed.reading.trim().to_owned());
    let pin = Pin {
        id: typed.id,
        seam: typed.seam,
        side: typed.side,
        datum: typed.datum,
        station,
        mode: typed.mode,
        reading,
        panel: typed.panel,
        planned: None,
        moved: None,
        reread: false,
        exact: false,
    };
    let job = Job {
        format: JOB_FORMAT.to_owned(),
        wearer: String::new(),
        body: None,
        habits: typed.habits,
        garment: typed.garment,
        fitting: Fitting {
            pins: std::iter::once(pin.clone()).chain(typed.set).collect(),
            ..Fitting::on(Default::default())
        },
        timings: Vec::new(),
    };
    let solution = solve(&job).map_err(by_itself)?;
    let moves = moved_rung(&job, &solution, &pin);
    let mut read = solution.seams.into_iter().flat_map(|seam| seam.pins).find(|read| read.id == pin.id);
    if let (Some(read), Some(typed)) = (&mut read, inches) {
        read.echo = echo_in_inches(&typed, &read.echo);
    }
    Ok(Json(ReadPin { pin, read, moves }))
}

/// A pin to be slid along its seam.
#[derive(Deserialize, ToSchema)]
#[serde(deny_unknown_fields)]
pub struct PinSlide {
    /// The job it stands in.
    job: Job,
    /// Its id.
    #[schema(min_length = 1, max_length = 64)]
    pin: String,
    /// Where to.
    slide: Slide,
}

/// Slide a pin along its seam, to a mark of the session's tape.
#[utoipa::path(request_body = PinSlide, responses((status = 200, body = Pin), Refusals))]
#[post("/compute/slide")]
async fn compute_slide(
    app: Data<App>,
    by: AtWork,
    Body(asked): Body<PinSlide>,
) -> Result<Json<Pin>, Problem> {
    away(&app, &by, move || slid(&asked.job, &asked.pin, asked.slide)).await
}

/// A reading round a hem as it is typed.
#[derive(Deserialize, ToSchema)]
#[serde(deny_unknown_fields)]
pub struct TypedHemReading {
    /// The garment.
    garment: Garment,
    /// Settings: the unit of bare numbers, above all.
    #[serde(default)]
    habits: Habits,
    /// The hem.
    hem: HemName,
    /// The reading's id.
    #[schema(min_length = 1, max_length = 64)]
    id: String,
    /// Which leg or sleeve.
    side: Side,
    /// Where round the hem, in degrees.
    at: f64,
    /// How it was taken.
    read: HemRead,
    /// The reading as typed: `15 1/4`.
    #[schema(max_length = 64)]
    reading: String,
}

/// A typed hem reading understood.
#[derive(Serialize, ToSchema)]
pub struct ReadHem {
    /// The reading, ready for a fitting.
    reading: HemReading,
    /// How it was read, said back.
    echo: String,
}

/// Read one reading round a hem as it is typed, and check it against its garment.
#[utoipa::path(request_body = TypedHemReading, responses((status = 200, body = ReadHem), Refusals))]
#[post("/compute/hem-reading")]
async fn compute_hem_reading(
    _: AtWork,
    Body(typed): Body<TypedHemReading>,
) -> Result<Json<ReadHem>, Problem> {
    let scale = typed.habits.scale;
    let most = match typed.read {
        HemRead::FloorToEdge => LONGEST_SEAM,
        HemRead::EdgeToPin => HIGHEST_TAKE_UP,
    };
    let length = read_tape_up_to(&typed.reading, scale.unit, most)
        .map_err(|error| Problem::reading("reading", &error))?;
    let echo = if is_inches_by_its_fraction(&typed.reading, scale.unit) {
        echo_in_inches(&typed.reading, &scale.write(length))
    } else {
        scale.write(length)
    };
    let reading = HemReading { id: typed.id, side: typed.side, at: typed.at, read: typed.read, length };
    let wish = HemWish { readings: vec![reading.clone()], ..HemWish::new(typed.hem, Wanted::Pins) };
    let job = Job {
        format: JOB_FORMAT.to_owned(),
        wearer: String::new(),
        body: None,
        habits: typed.habits,
        garment: typed.garment,
        fitting: Fitting { hems: vec![wish], ..Fitting::on(Default::default()) },
        timings: Vec::new(),
    };
    solve(&job).map_err(|error| match error.place {
        JobPlace::Reading { field: "length", .. } => {
            by_itself(JobError { place: JobPlace::Asked("reading"), ..error })
        }
        _ => by_itself(error),
    })?;
    Ok(Json(ReadHem { reading, echo }))
}

/// A sum to work out.
#[derive(Deserialize, ToSchema)]
#[serde(deny_unknown_fields)]
pub struct AskedSum {
    /// Settings: how the answer stands on the tape.
    #[serde(default)]
    habits: Habits,
    /// The sum.
    sum: Sum,
}

/// Work out one of the small sums.
#[utoipa::path(request_body = AskedSum, responses((status = 200, body = SumAnswer), Refusals))]
#[post("/compute/sum")]
async fn compute_sum(_: SignedIn, Body(asked): Body<AskedSum>) -> Result<Json<SumAnswer>, Problem> {
    Ok(Json(work_out(&asked.sum, &asked.habits)?))
}

/// A reading as typed.
#[derive(Deserialize, ToSchema)]
#[serde(deny_unknown_fields)]
pub struct TypedLength {
    /// Settings: the unit of a bare number and the rounding of the answer.
    #[serde(default)]
    habits: Habits,
    /// They are lengths of cloth, which run to metres: otherwise a bare number longer than any garment or
    /// body measure is asked back.
    #[serde(default)]
    cloth: bool,
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
    length: Length,
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
            let most = if typed.cloth { LONGEST_READING } else { LONGEST_SEAM };
            let length = read_tape_up_to(&reading.text, scale.unit, most)
                .map_err(|error| Problem::reading(&reading.field, &error))?;
            Ok(ReadLength { field: reading.field, length, shown: scale.number(length) })
        })
        .collect::<Result<Vec<_>, Problem>>()
        .map(Json)
}

/// Solves away from the threads that answer others, and says where in the request nonsense stands.
async fn away<T: Send + 'static>(
    app: &App,
    who: impl Into<Asker>,
    work: impl FnOnce() -> Result<T, JobError> + Send + 'static,
) -> Result<Json<T>, Problem> {
    Ok(Json(app.compute(who, move || Ok(work()?)).await?))
}

/// The same error as a part of a larger request.
fn within(part: &'static str) -> impl Fn(JobError) -> JobError {
    move |error| error.inside(part)
}

/// What is wrong with the one pin or reading that was typed, in its own field: nobody sent a list.
fn by_itself(error: JobError) -> Problem {
    let own = error.place.own_field();
    let problem = Problem::from(error);
    Problem { path: own.map(str::to_owned).or(problem.path), ..problem }
}

/// The fit picture: cross-sections, rings and silhouettes.
#[utoipa::path(request_body = Job, responses((status = 200, body = FitPicture), Refusals))]
#[post("/compute/fit-picture")]
async fn compute_fit_picture(
    app: Data<App>,
    SignedIn(account): SignedIn,
    Body(job): Body<Job>,
) -> Result<Json<FitPicture>, Problem> {
    away(&app, account, move || fit_picture(&job)).await
}

/// A change of girth to share out.
#[derive(Deserialize, ToSchema)]
#[serde(deny_unknown_fields)]
pub struct Sharing {
    /// The job.
    job: Job,
    /// The level, and what it must lose.
    request: ShareRequest,
}

/// Share a change of girth out over the seams: the pinned plan and the best alternatives.
#[utoipa::path(request_body = Sharing, responses((status = 200, body = ShareOut), Refusals))]
#[post("/compute/share")]
async fn compute_share(
    app: Data<App>,
    SignedIn(account): SignedIn,
    Body(asked): Body<Sharing>,
) -> Result<Json<ShareOut>, Problem> {
    away(&app, account, move || {
        share_out(&asked.job, asked.request).map_err(|error| match error.place {
            JobPlace::Asked(_) => error.inside("request"),
            _ => error.inside("job"),
        })
    })
    .await
}

/// A garment that fits, to copy.
#[derive(Deserialize, ToSchema)]
#[serde(deny_unknown_fields)]
pub struct Copying {
    /// The job.
    job: Job,
    /// The favourite's flat measures.
    #[schema(value_type = std::collections::HashMap<FlatName, Length>)]
    favourite: BTreeMap<FlatName, Length>,
}

/// What makes this garment like one that fits.
#[utoipa::path(request_body = Copying, responses((status = 200, body = CopyPlan), Refusals))]
#[post("/compute/copy")]
async fn compute_copy(
    app: Data<App>,
    SignedIn(account): SignedIn,
    Body(asked): Body<Copying>,
) -> Result<Json<CopyPlan>, Problem> {
    away(&app, account, move || copy_from(&asked.job, &asked.favourite)).await
}

/// A seam to set a ladder of pins on.
#[derive(Deserialize, ToSchema)]
#[serde(deny_unknown_fields)]
pub struct Laddering {
    /// The job.
    job: Job,
    /// The seam.
    seam: SeamName,
}

/// A preset ladder of pins on one seam.
#[utoipa::path(request_body = Laddering, responses((status = 200, body = Vec<Pin>), Refusals))]
#[post("/compute/ladder")]
async fn compute_ladder(
    app: Data<App>,
    SignedIn(account): SignedIn,
    Body(asked): Body<Laddering>,
) -> Result<Json<Vec<Pin>>, Problem> {
    away(&app, account, move || ladder(&asked.job, asked.seam).map_err(within("job"))).await
}

/// A garment that is being measured.
#[derive(Deserialize, ToSchema)]
#[serde(deny_unknown_fields)]
pub struct Sketching {
    /// The garment as far as it has been measured.
    garment: Garment,
    /// Settings.
    #[serde(default)]
    habits: Habits,
}

/// The garment drawn as far as it has been measured, with the place of the tape for every measure.
#[utoipa::path(request_body = Sketching, responses((status = 200, body = Sketch), Refusals))]
#[post("/compute/sketch")]
async fn compute_sketch(
    app: Data<App>,
    SignedIn(account): SignedIn,
    Body(asked): Body<Sketching>,
) -> Result<Json<Sketch>, Problem> {
    away(&app, account, move || {
        asked.garment.check().map_err(within("garment"))?;
        sketch(&asked.garment, &asked.habits).map_err(|error| JobError::at("garment.shape.flats", error))
    })
    .await
}

/// A body that is being measured.
#[derive(Deserialize, ToSchema)]
#[serde(deny_unknown_fields)]
pub struct BodySketching {
    /// Everything measured of somebody.
    wearer: Wearer,
    /// The day that is looked at.
    #[schema(value_type = String, format = Date)]
    taken_on: NaiveDate,
    /// Settings.
    #[serde(default)]
    habits: Habits,
}

/// A body drawn as far as it has been measured, with the place of the tape for every measure; nothing for a day on which
/// nothing was taken.
#[utoipa::path(request_body = BodySketching, responses((status = 200, body = Option<BodySketch>), Refusals))]
#[post("/compute/body-sketch")]
async fn compute_body_sketch(
    app: Data<App>,
    SignedIn(account): SignedIn,
    Body(asked): Body<BodySketching>,
) -> Result<Json<Option<BodySketch>>, Problem> {
    away(&app, account, move || {
        for (i, body) in asked.wearer.measured.iter().enumerate() {
            body.check().map_err(|error| error.inside(&format!("wearer.measured[{i}]")))?;
        }
        let days = &asked.wearer.measured;
        let day = days.iter().find(|body| body.taken_on == asked.taken_on);
        Ok(day.and_then(|body| sketch_body(body, days, &asked.habits)))
    })
    .await
}

/// Two jobs of one garment.
#[derive(Deserialize, ToSchema)]
#[serde(deny_unknown_fields)]
pub struct Comparing {
    /// The earlier.
    one: Job,
    /// The later.
    other: Job,
}

/// Two fittings of one garment over each other.
#[utoipa::path(request_body = Comparing, responses((status = 200, body = Comparison), Refusals))]
#[post("/compute/comparison")]
async fn compute_comparison(
    app: Data<App>,
    SignedIn(account): SignedIn,
    Body(asked): Body<Comparing>,
) -> Result<Json<Comparison>, Problem> {
    away(&app, account, move || {
        solve(&asked.one).map_err(within("one"))?;
        compare(&asked.one, &asked.other).map_err(within("other"))
    })
    .await
}

/// The routes of this module.
pub fn configure(config: &mut ServiceConfig<'_>) {
    config
        .service(compute_job)
        .service(compute_pin)
        .service(compute_slide)
        .service(compute_hem_reading)
        .service(compute_sum)
        .service(compute_lengths)
        .service(compute_fit_picture)
        .service(compute_sketch)
        .service(compute_body_sketch)
        .service(compute_share)
        .service(compute_copy)
        .service(compute_ladder)
        .service(compute_comparison);
}
