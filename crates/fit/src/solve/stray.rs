//! What was read on a garment that was changed afterwards: a pin on a seam it no longer has, beyond the end of
//! one that became shorter, a reading round a hem that is gone.

use serde::Serialize;

use crate::solve::job::Fitting;
use crate::solve::job_error::JobError;

/// What strays.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum StrayKind {
    /// A pin.
    Pin,
    /// A reading round a hem.
    Reading,
    /// A whole hem’s wish.
    Hem,
    /// An alteration beside lines and hems.
    Alteration,
}

/// Something of a fitting that is on nothing of its garment. It takes no part in anything until it is read again
/// elsewhere or taken out, or the garment is as it was.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct Stray {
    /// What it is.
    pub kind: StrayKind,
    /// Its id: the pin's, the reading's, the hem's name, or the alteration's key.
    pub id: String,
    /// What and where it was, and why it is on nothing.
    pub words: String,
    /// The error a job with it has, at its place in that job.
    #[serde(skip)]
    #[cfg_attr(feature = "schema", schema(ignore))]
    pub error: Option<JobError>,
}

impl Stray {
    /// True when it stood in a fitting before as it does now: it strayed because the garment was changed, and
    /// nobody has touched it since.
    #[must_use]
    pub fn stood_in(&self, before: &Fitting, now: &Fitting) -> bool {
        match self.kind {
            StrayKind::Pin => {
                let pin = |fitting: &Fitting| fitting.pins.iter().find(|pin| pin.id == self.id).cloned();
                pin(before).is_some_and(|was| Some(was) == pin(now))
            }
            StrayKind::Reading => {
                let reading = |fitting: &Fitting| {
                    let all = fitting.hems.iter().flat_map(|hem| &hem.readings);
                    all.into_iter().find(|reading| reading.id == self.id).cloned()
                };
                reading(before).is_some_and(|was| Some(was) == reading(now))
            }
            StrayKind::Hem => {
                let hem =
                    |fitting: &Fitting| fitting.hems.iter().find(|hem| hem.hem.key() == self.id).cloned();
                hem(before).is_some_and(|was| Some(was) == hem(now))
            }
            StrayKind::Alteration => {
                let wish = |fitting: &Fitting| {
                    fitting.alterations.iter().find(|wish| wish.key().to_string() == self.id).cloned()
                };
                wish(before).is_some_and(|was| Some(was) == wish(now))
            }
        }
    }
}
