//! A job while it is solved.

use super::about::About;
use crate::garment::{Pattern, SeamName, Shape, TemplateError};
use crate::hem::HemError;
use crate::house::habit::Habits;
use crate::judge::girth::LineSet;
use crate::solve::job::Job;
use crate::solve::job_error::{JOB_FORMAT, JobError, JobErrorCause, MOST_PINS};
use crate::solve::warning::{Warning, Weight};

pub(crate) struct Solver<'a> {
    pub(super) job: &'a Job,
    pub(super) shape: &'a Shape,
    pub(super) habits: &'a Habits,
    pub(crate) pattern: Option<Pattern>,
    pub(super) warnings: Vec<Warning>,
    pub(crate) lines: LineSet,
    pub(super) one_line: Vec<SeamName>,
}

impl<'a> Solver<'a> {
    pub(crate) fn new(job: &'a Job) -> Result<Self, JobError> {
        if job.format != JOB_FORMAT {
            return Err(JobError::at("format", JobErrorCause::Format(job.format.clone())));
        }
        job.habits.check().map_err(|error| JobError::at(format!("habits.{}", error.path), error))?;
        let inside = |prefix: &'static str| {
            move |error: JobError| JobError { path: format!("{prefix}.{}", error.path), ..error }
        };
        if let Some(body) = &job.body {
            body.check().map_err(inside("body"))?;
        }
        if let Some(form) = &job.fitting.form {
            form.check().map_err(inside("fitting.form"))?;
        }
        job.garment.check().map_err(inside("garment"))?;
        let pins = &job.fitting.pins;
        if pins.len() > MOST_PINS {
            return Err(JobError::at("fitting.pins", JobErrorCause::TooManyPins(pins.len())));
        }
        for (i, wish) in job.fitting.hems.iter().enumerate() {
            let path = format!("fitting.hems[{i}]");
            if job.fitting.hems[..i].iter().any(|other| other.hem == wish.hem) {
                return Err(JobError::at(format!("{path}.hem"), HemError::Twice(wish.hem)));
            }
            wish.check(&job.garment.shape, &path)?;
        }
        let mut ids = std::collections::BTreeSet::new();
        for (i, pin) in pins.iter().enumerate() {
            if !ids.insert(&pin.id) {
                let cause = JobErrorCause::DuplicatePin(pin.id.clone());
                return Err(JobError::at(format!("fitting.pins[{i}].id"), cause));
            }
        }
        let mut solver = Solver {
            job,
            shape: &job.garment.shape,
            habits: &job.habits,
            pattern: None,
            warnings: Vec::new(),
            lines: LineSet::default(),
            one_line: Vec::new(),
        };
        match solver.shape.pattern(&job.habits) {
            Ok(pattern) => {
                solver.warn_of_estimates(&pattern);
                solver.pattern = Some(pattern);
            }
            Err(TemplateError::Missing(names)) => solver.say_missing(&names),
            Err(error @ TemplateError::Disagree { .. }) => {
                let mut sentence = error.to_string();
                sentence[..1].make_ascii_uppercase();
                solver.warn(
                    "garment.disagree",
                    Weight::Mind,
                    About::Garment,
                    format!("{sentence}. Until then lines are drawn, but no girths."),
                );
            }
            Err(error) => return Err(JobError::at("garment.shape.flats", error)),
        }
        Ok(solver)
    }
}
