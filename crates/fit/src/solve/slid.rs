//! A pin set elsewhere on its seam, as a hand slides it or nudges it by a mark of the tape.

use serde::{Deserialize, Serialize};

use super::answered::solve;
use super::checked::checked;
use super::drawn::drawn;
use crate::garment::{DatumAt, Seam};
use crate::house::ranges;
use crate::reading::pin::{Pin, PinError};
use crate::solve::job::Job;
use crate::solve::job_error::{JobError, within};
use crate::solve::job_place::JobPlace;
use crate::unit::length::Length;

/// Where a pin is slid to.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(tag = "by", rename_all = "snake_case", deny_unknown_fields)]
pub enum Slide {
    /// To a place.
    Hand {
        /// Along the seam from its lower end.
        station: Length,
    },
    /// By marks of the session's tape.
    Marks {
        /// How many; positive towards the seam's upper end.
        count: i32,
    },
}

/// The mark of the tape nearest to a place on the seam, as it is counted: the last that is still on it.
fn on_a_mark(seam: &Seam, datum: DatumAt, wanted: f64, tick: f64) -> Length {
    let marks = (datum.counted(wanted.clamp(0.0, seam.length)) / tick).round();
    let on_seam =
        |marks: &f64| *marks >= 0.0 && (0.0..=seam.length).contains(&datum.from_below(marks * tick));
    let mark = [marks, marks - 1.0, marks + 1.0].into_iter().find(on_seam).unwrap_or(marks.max(0.0));
    Length::from_mm(mark * tick)
}

/// A pin of a job slid along its seam: to the nearest mark of the session's tape, counted from where it was counted
/// from before, and never beyond the seam. What was read at it stays; that it was read again does not.
///
/// # Errors
/// [`JobError`] where there is no such pin, its seam has no length yet, or its depth is none that can be there.
pub fn slid(job: &Job, id: &str, slide: Slide) -> Result<Pin, JobError> {
    let found = job.fitting.pins.iter().position(|pin| pin.id == id);
    let Some(at) = found else {
        return Err(JobError::at(JobPlace::Asked("pin"), PinError::NoSuchPin(id.to_owned())));
    };
    let pin = &job.fitting.pins[at];
    let drawn = drawn(checked(job)?)?;
    let seam = drawn.seam(pin.seam).ok_or(PinError::NoLength(pin.seam));
    let seam = seam.map_err(|error| JobError::at(JobPlace::Asked("pin"), error))?;
    let off = || PinError::Datum { seam: pin.seam, datum: pin.datum };
    let datum = seam
        .datum(pin.datum)
        .ok_or_else(|| JobError::at(JobPlace::Pin { pin: at, field: "datum" }, off()))?;
    let tick = job.habits.scale.tick();
    let wanted = match slide {
        Slide::Hand { station } => station.mm(),
        Slide::Marks { count } => {
            within(JobPlace::Asked("slide.count"), ranges::MARKS, f64::from(count))?;
            datum.from_below(pin.station.mm()) + f64::from(count) * tick.mm()
        }
    };
    let station = on_a_mark(&seam, datum, wanted, tick.mm());
    let moved = Pin { station, reread: pin.reread && station == pin.station, ..pin.clone() };
    let mut after = job.clone();
    after.fitting.pins[at] = moved.clone();
    solve(&after)?;
    Ok(moved)
}
