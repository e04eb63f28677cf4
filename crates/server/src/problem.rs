//! Errors as `application/problem+json` (RFC 9457), with a sentence a sewist understands.

use std::fmt;

use actix_web::body::BoxBody;
use actix_web::http::StatusCode;
use actix_web::{HttpResponse, ResponseError};
use serde::Serialize;
use utoipa::{IntoResponses, ToSchema};
use vemble_fit::change::ChangeError;
use vemble_fit::plan::StopError;
use vemble_fit::sums::SumError;
use vemble_fit::{JobError, JobErrorCause, NotAdmitted, ReadingError};
use vemble_formats::WorkroomFileError;
use vemble_formats::limits::Beyond;
use vemble_store::{CannotChange, StoreError};

/// What went wrong.
#[derive(Debug, Clone, Serialize, ToSchema)]
pub struct Problem {
    /// A stable name: `record.stale`.
    pub code: &'static str,
    /// The HTTP status.
    pub status: u16,
    /// The kind of problem in a few words.
    pub title: &'static str,
    /// What was read, what is allowed, what to do.
    pub detail: String,
    /// The field it is about, as a path into the request.
    #[serde(skip_serializing_if = "Option::is_none")]
    pub path: Option<String>,
    /// The character at which reading stopped, from 1.
    #[serde(skip_serializing_if = "Option::is_none")]
    pub position: Option<usize>,
    /// What may have been meant, where what was typed can be read in several ways: each a spelling that is
    /// read in one.
    #[serde(skip_serializing_if = "Vec::is_empty")]
    pub readings: Vec<String>,
    /// The version that stands, when the request was stale.
    #[serde(skip_serializing_if = "Option::is_none")]
    pub version: Option<i64>,
    /// The record that stands, when the request was stale.
    #[serde(skip_serializing_if = "Option::is_none")]
    pub current: Option<serde_json::Value>,
    /// Journal lines that stand on the one that should go, newest first: they would have to go too.
    #[serde(skip_serializing_if = "Vec::is_empty")]
    pub above: Vec<i64>,
    /// Where to ask for what is kept to be put right, when it is beyond a limit.
    #[serde(skip_serializing_if = "Option::is_none")]
    pub put_right: Option<String>,
    /// Seconds to wait, when there were too many attempts.
    #[serde(skip_serializing_if = "Option::is_none")]
    pub retry_after: Option<i64>,
}

/// Most sentences about what is kept beyond a limit.
const MOST_SAID: usize = 6;
/// What putting right does.
pub const PUT_RIGHT: &str = "Putting it right keeps the first rows of a list that is too long and the first \
     characters of a text, takes out signs that are no writing, and moves a day to the nearest that can be; \
     everything else stays.";

/// Media type of a problem.
pub const PROBLEM_JSON: &str = "application/problem+json";

impl Problem {
    fn new(
        status: StatusCode,
        code: &'static str,
        title: &'static str,
        detail: impl Into<String>,
    ) -> Problem {
        Problem {
            code,
            status: status.as_u16(),
            title,
            detail: detail.into(),
            path: None,
            position: None,
            readings: Vec::new(),
            version: None,
            current: None,
            above: Vec::new(),
            put_right: None,
            retry_after: None,
        }
    }

    /// The request cannot be understood.
    pub fn unreadable(path: impl Into<String>, detail: impl Into<String>) -> Problem {
        let problem =
            Problem::new(StatusCode::BAD_REQUEST, "request.unreadable", "It could not be read", detail);
        Problem { path: Some(path.into()), ..problem }
    }

    /// A field holds nonsense.
    pub fn nonsense(code: &'static str, path: impl Into<String>, detail: impl Into<String>) -> Problem {
        let problem = Problem::new(StatusCode::UNPROCESSABLE_ENTITY, code, "That cannot be right", detail);
        Problem { path: Some(path.into()), ..problem }
    }

    /// What is kept is beyond a limit, as it was kept before there was one.
    pub fn beyond(kept: &[Beyond], put_right: String) -> Problem {
        let mut said: Vec<&str> = kept.iter().take(MOST_SAID).map(|beyond| beyond.detail.as_str()).collect();
        let more = format!("And {} more.", kept.len().saturating_sub(MOST_SAID));
        if kept.len() > MOST_SAID {
            said.push(&more);
        }
        said.push(PUT_RIGHT);
        let problem = Problem::new(
            StatusCode::CONFLICT,
            "record.beyond",
            "More is kept than can be shown",
            said.join(" "),
        );
        Problem { put_right: Some(put_right), ..problem }
    }

    /// Another site's page asks for a change.
    pub fn foreign_origin() -> Problem {
        Problem::new(
            StatusCode::FORBIDDEN,
            "origin.foreign",
            "Another site asks",
            "A page of another site asked for this change; nothing was changed. Open the workroom itself.",
        )
    }

    /// The same, saying which garment it is about: for pages that show many.
    pub fn on_garment(self, name: &str) -> Problem {
        Problem { detail: format!("{name}: {}", self.detail), ..self }
    }

    /// What stands does not allow it.
    pub fn not_yet(code: &'static str, detail: impl Into<String>) -> Problem {
        Problem::new(StatusCode::CONFLICT, code, "Not here", detail)
    }

    /// Nobody is signed in.
    pub fn signed_out() -> Problem {
        Problem::new(
            StatusCode::UNAUTHORIZED,
            "session.none",
            "You are not signed in",
            "Sign in to your workroom first; nothing you typed is lost.",
        )
    }

    /// The page is of somebody who is not signed in in this browser any more; somebody else is.
    pub fn anothers_page(inside: String) -> Problem {
        Problem::new(
            StatusCode::UNAUTHORIZED,
            "page.another",
            "You are signed out here",
            format!(
                "You are signed out here: {inside} is signed in in this browser now. Nothing was changed; what you typed is kept."
            ),
        )
    }

    /// Address and password do not go together.
    pub fn wrong_password() -> Problem {
        Problem::new(
            StatusCode::UNAUTHORIZED,
            "session.refused",
            "That did not open the workroom",
            "This address and password do not go together. Check both and try again.",
        )
    }

    /// A friend's device changes more than hands can read.
    pub fn too_fast(retry_after: i64) -> Problem {
        let problem = Problem::new(
            StatusCode::TOO_MANY_REQUESTS,
            "guest.share",
            "More than hands can read",
            "More readings come from this device than its share of a minute. What you typed is kept and goes in by itself.",
        );
        Problem { retry_after: Some(retry_after), ..problem }
    }

    /// Too many attempts.
    pub fn too_many(retry_after: i64) -> Problem {
        let minutes = (retry_after + 59) / 60;
        let problem = Problem::new(
            StatusCode::TOO_MANY_REQUESTS,
            "session.too_many",
            "Too many attempts",
            format!("Too many attempts to get in. Wait {minutes} minutes and try again."),
        );
        Problem { retry_after: Some(retry_after), ..problem }
    }

    /// More asks for computing than there is room for.
    pub fn busy() -> Problem {
        let problem = Problem::new(
            StatusCode::SERVICE_UNAVAILABLE,
            "server.busy",
            "Busy just now",
            "More is asked at once than can be worked out. Nothing was changed; ask again in a moment.",
        );
        Problem { retry_after: Some(1), ..problem }
    }

    /// A friend's device asks for what only its host may do.
    pub fn not_for_guests() -> Problem {
        Problem::new(
            StatusCode::FORBIDDEN,
            "guest.only_readings",
            "Only the readings of this fitting",
            "A friend's device reads pins and hems of one fitting; everything else is its host's to do.",
        )
    }

    /// Words that let nobody in.
    pub fn wrong_words() -> Problem {
        Problem::nonsense(
            "guest.words",
            "words",
            "These words open no fitting now. They are good for two hours; check them, or ask for new ones.",
        )
    }

    /// A friend's device is no longer in.
    pub fn guest_out() -> Problem {
        Problem::new(
            StatusCode::UNAUTHORIZED,
            "guest.out",
            "You are not in this fitting any more",
            "The words that let you in have ended, or your host sent this device out. Ask for new ones; what you \
             typed is kept here.",
        )
    }

    /// Later changes stand on one that should go.
    pub fn stood_on(detail: impl Into<String>, above: Vec<i64>) -> Problem {
        let problem =
            Problem::new(StatusCode::CONFLICT, "journal.stood_on", "Later changes stand on it", detail);
        Problem { above, ..problem }
    }

    /// There is nothing there.
    pub fn not_found() -> Problem {
        Problem::new(
            StatusCode::NOT_FOUND,
            "record.none",
            "There is nothing here",
            "Nothing with this id is in your workroom.",
        )
    }

    /// The request is larger than anything the workroom keeps.
    pub fn too_large(limit: usize) -> Problem {
        Problem::new(
            StatusCode::PAYLOAD_TOO_LARGE,
            "request.too_large",
            "That is too large",
            format!(
                "The request is larger than {} kB, more than any record needs. Nothing was changed.",
                limit / 1024
            ),
        )
    }

    /// The body did not arrive in time.
    pub fn slow() -> Problem {
        Problem::new(
            StatusCode::REQUEST_TIMEOUT,
            "request.slow",
            "It did not arrive",
            "The request did not arrive within fifteen seconds. Nothing was changed; send it again.",
        )
    }

    /// The body is compressed.
    pub fn packed() -> Problem {
        Problem::new(
            StatusCode::UNSUPPORTED_MEDIA_TYPE,
            "request.packed",
            "That is packed",
            "Send the body as it is, without a content encoding.",
        )
    }

    /// The body is no workroom file.
    pub fn not_zip() -> Problem {
        Problem::new(
            StatusCode::UNSUPPORTED_MEDIA_TYPE,
            "request.not_zip",
            "That is no workroom file",
            "Send the file with the content type application/zip.",
        )
    }

    /// A workroom file that cannot be read.
    pub fn workroom_file(error: &WorkroomFileError) -> Problem {
        if *error == WorkroomFileError::TooLarge {
            return Problem::new(
                StatusCode::PAYLOAD_TOO_LARGE,
                "request.too_large",
                "That is too large",
                format!("There is no workroom file of it: {error}. Nothing was changed."),
            );
        }
        Problem::nonsense(
            "workroom.unreadable",
            "",
            format!("The file was not taken: {error}. Nothing was changed."),
        )
    }

    /// The body is not JSON.
    pub fn not_json() -> Problem {
        Problem::new(
            StatusCode::UNSUPPORTED_MEDIA_TYPE,
            "request.not_json",
            "That is not JSON",
            "Send the body with the content type application/json.",
        )
    }

    /// The method does not exist here.
    pub fn wrong_method() -> Problem {
        Problem::new(
            StatusCode::METHOD_NOT_ALLOWED,
            "request.method",
            "Not done this way",
            "This address exists, but not for this method.",
        )
    }

    /// The database does not answer.
    pub fn unavailable() -> Problem {
        Problem::new(
            StatusCode::SERVICE_UNAVAILABLE,
            "store.unavailable",
            "The workroom's memory does not answer",
            "The database does not answer just now. Keep what you have; it goes in as soon as it is back.",
        )
    }

    /// The database answers and takes nothing.
    pub fn keeps_nothing(is_full: bool) -> Problem {
        let (code, why) = match is_full {
            true => ("store.full", "The workroom's disk is full"),
            false => ("store.read_only", "The workroom's database can only be read just now"),
        };
        Problem::new(
            StatusCode::SERVICE_UNAVAILABLE,
            code,
            "The workroom can take nothing in just now",
            format!(
                "{why}. What is kept there stays; what you typed is kept here and goes in when there is room."
            ),
        )
    }

    /// Something failed that should not.
    pub fn internal() -> Problem {
        Problem::new(
            StatusCode::INTERNAL_SERVER_ERROR,
            "server.failed",
            "Something failed here",
            "The server failed over this request and changed nothing. Try again; if it stays, its log says why.",
        )
    }

    /// The status as a type.
    pub fn status(&self) -> StatusCode {
        StatusCode::from_u16(self.status).unwrap_or(StatusCode::INTERNAL_SERVER_ERROR)
    }
}

impl fmt::Display for Problem {
    fn fmt(&self, f: &mut fmt::Formatter<'_>) -> fmt::Result {
        f.write_str(&self.detail)
    }
}

impl ResponseError for Problem {
    fn status_code(&self) -> StatusCode {
        self.status()
    }

    fn error_response(&self) -> HttpResponse<BoxBody> {
        let mut response = HttpResponse::build(self.status());
        if let Some(seconds) = self.retry_after {
            response.insert_header(("Retry-After", seconds.to_string()));
        }
        response.content_type(PROBLEM_JSON).body(serde_json::to_string(self).unwrap_or_default())
    }
}

impl From<StoreError> for Problem {
    fn from(error: StoreError) -> Problem {
        match error {
            StoreError::NotFound => Problem::not_found(),
            StoreError::Stale { version, current } => Problem {
                version: Some(version),
                current: Some(current),
                ..Problem::new(
                    StatusCode::PRECONDITION_FAILED,
                    "record.stale",
                    "It was changed elsewhere",
                    "This was changed in another window since you read it. Both versions are kept until you choose.",
                )
            },
            StoreError::VersionNeeded => Problem::new(
                StatusCode::PRECONDITION_REQUIRED,
                "record.version_needed",
                "Say which version you read",
                "This exists already. Send the If-Match header with the version you read.",
            ),
            StoreError::Refused(why) => Problem::nonsense("record.refused", "", capital(why)),
            StoreError::NothingToUndo => Problem::new(
                StatusCode::CONFLICT,
                "journal.empty",
                "Nothing to undo",
                "No change of this garment is left to undo.",
            ),
            StoreError::CannotChange(error) => error.into(),
            StoreError::Moved | StoreError::Busy => Problem::busy(),
            error @ (StoreError::Unavailable | StoreError::CannotOpen { .. }) => {
                tracing::warn!(%error, "the database is away");
                Problem::unavailable()
            }
            error @ (StoreError::ReadOnly | StoreError::Full) => {
                tracing::error!(%error, "nothing can be kept");
                let is_full = matches!(error, StoreError::Full);
                Problem::keeps_nothing(is_full)
            }
            error @ (StoreError::NewerSchema(_)
            | StoreError::Corrupt(_)
            | StoreError::Failed
            | StoreError::Database(_)) => {
                tracing::error!(%error, "the store failed");
                Problem::internal()
            }
        }
    }
}

impl From<CannotChange> for Problem {
    fn from(error: CannotChange) -> Problem {
        match error {
            CannotChange::NotBegun => Problem::not_found(),
            error @ CannotChange::Begun => {
                Problem::not_yet("fitting.begun", format!("{}.", capital(&error.to_string())))
            }
            CannotChange::Part(at, error) => Problem::change(format!("parts[{at}]"), &error),
        }
    }
}

impl Problem {
    /// A part of a change that cannot be made, at its place in the request.
    pub fn change(path: String, error: &ChangeError) -> Problem {
        let code = match error {
            ChangeError::Id(_) => "pin.id",
            ChangeError::Key { .. } => "step.key",
            ChangeError::Minutes(_) => "step.minutes",
            ChangeError::Vouched => "step.vouched",
            ChangeError::Round(_) => "hem.round",
            ChangeError::NoWish(_) | ChangeError::ReadingsInWish(_) => "hem.wish",
            ChangeError::TooMany { .. } => "limit.rows",
        };
        Problem::nonsense(code, path, format!("{}.", capital(&error.to_string())))
    }
}

impl From<NotAdmitted> for Problem {
    fn from(error: NotAdmitted) -> Problem {
        match error {
            NotAdmitted::Job(error) => error.into(),
            NotAdmitted::Stop(error) => error.into(),
        }
    }
}

impl From<JobError> for Problem {
    fn from(error: JobError) -> Problem {
        // What a schema can say is nonsense; what only the craft knows has a name of its own.
        let code = match error.cause {
            JobErrorCause::Garment(_) => "craft.garment",
            JobErrorCause::Pin(_) => "craft.pin",
            JobErrorCause::Hem(_) => "craft.hem",
            JobErrorCause::Alteration(_) => "craft.alteration",
            JobErrorCause::NoSuchLevel(_) => "craft.level",
            JobErrorCause::NoRow => "craft.row",
            _ => "job.nonsense",
        };
        Problem::nonsense(code, error.path(), capital(&error.cause.to_string()))
    }
}

impl From<SumError> for Problem {
    fn from(error: SumError) -> Problem {
        JobError::from(error).into()
    }
}

impl From<StopError> for Problem {
    fn from(error: StopError) -> Problem {
        let code = match error {
            StopError::NoSuchStep { .. } => "step.none",
            StopError::NeedsFirst { .. } => "step.needs",
            StopError::Unmet { .. } => "step.stop",
            StopError::Moved { .. } => "step.moved",
        };
        Problem::new(StatusCode::CONFLICT, code, "Not yet", format!("{}.", capital(&error.to_string())))
    }
}

impl From<Beyond> for Problem {
    fn from(beyond: Beyond) -> Problem {
        Problem::nonsense(beyond.code, beyond.path, beyond.detail)
    }
}

impl Problem {
    /// A reading that could not be taken, in the field it was typed in.
    pub fn reading(field: &str, error: &ReadingError) -> Problem {
        let problem = Problem::nonsense("reading.unreadable", field, capital(&error.to_string()));
        Problem { position: Some(error.position()), readings: error.readings().to_vec(), ..problem }
    }
}

fn capital(sentence: &str) -> String {
    let mut chars = sentence.chars();
    chars.next().map_or_else(String::new, |first| first.to_uppercase().chain(chars).collect())
}

/// Every way a request may be refused; the same for all routes, so that a client needs one
/// handler.
#[derive(IntoResponses)]
#[allow(dead_code, reason = "the variants only describe responses to the OpenAPI document")]
pub enum Refusals {
    /// The request cannot be understood.
    #[response(status = 400, content_type = "application/problem+json")]
    Unreadable(Problem),
    /// Nobody is signed in, or not with these words.
    #[response(status = 401, content_type = "application/problem+json")]
    SignedOut(Problem),
    /// Another site's page asks for a change, or a friend's device for what is its host's to do.
    #[response(status = 403, content_type = "application/problem+json")]
    Foreign(Problem),
    /// There is no such record in this account.
    #[response(status = 404, content_type = "application/problem+json")]
    NotFound(Problem),
    /// The body did not arrive in time.
    #[response(status = 408, content_type = "application/problem+json")]
    Slow(Problem),
    /// A stop stands before it, or later changes stand on what should go.
    #[response(status = 409, content_type = "application/problem+json")]
    NotYet(Problem),
    /// The record was changed since it was read.
    #[response(status = 412, content_type = "application/problem+json")]
    Stale(Problem),
    /// The body is too large.
    #[response(status = 413, content_type = "application/problem+json")]
    TooLarge(Problem),
    /// The body is not JSON, or compressed.
    #[response(status = 415, content_type = "application/problem+json")]
    NotJson(Problem),
    /// A field holds nonsense.
    #[response(status = 422, content_type = "application/problem+json")]
    Nonsense(Problem),
    /// The version that was read is missing.
    #[response(status = 428, content_type = "application/problem+json")]
    VersionNeeded(Problem),
    /// Too many attempts.
    #[response(status = 429, content_type = "application/problem+json")]
    TooMany(Problem),
    /// The database does not answer, or more is asked at once than there is room for.
    #[response(status = 503, content_type = "application/problem+json")]
    Unavailable(Problem),
}
