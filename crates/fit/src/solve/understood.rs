//! The third stage: where each pin stands on the garment as it came, and how deep.

use super::checked::checked;
use super::drawn::{Drawn, drawn};
use crate::garment::side::Side;
use crate::garment::{Seam, SeamName};
use crate::reading::pin::{Pin, PinError};
use crate::solve::job::Job;
use crate::solve::job_error::JobError;
use crate::solve::job_place::JobPlace;
use crate::unit::length::Length;

/// The pins of one seam.
pub(super) struct PinnedSeam {
    pub(super) name: SeamName,
    /// The seam with what is understood of each; nothing where nobody knows how long it is, so that its pins wait.
    pub(super) on: Option<(Seam, Vec<Understood>)>,
}

/// A pin as it is understood.
pub(super) struct Understood {
    /// Which in the list of its fitting.
    pub(super) pin: usize,
    /// Its station from the seam's lower end, in millimetres.
    pub(super) station: f64,
    /// Its depth from the old stitching.
    pub(super) depth: Length,
}

/// A job whose every pin is understood.
///
/// # Errors
/// [`JobError`] with the place of the first thing that is nonsense, or on nothing.
pub(super) fn understood(job: &Job) -> Result<(Drawn<'_>, Vec<PinnedSeam>), JobError> {
    let drawn = drawn(checked(job)?)?;
    match drawn.understood() {
        Ok(pinned) => Ok((drawn, pinned)),
        Err(mut amiss) => Err(amiss.swap_remove(0)),
    }
}

/// What is wrong with a pin, and in which field.
type PinAmiss = (&'static str, PinError);

impl Drawn<'_> {
    /// Every pin on its seam.
    ///
    /// # Errors
    /// All that are on nothing of this garment, or are no reading.
    pub(super) fn understood(&self) -> Result<Vec<PinnedSeam>, Vec<JobError>> {
        let mut amiss = Vec::new();
        let mut pinned = Vec::new();
        for name in self.shape.pinnable() {
            let pins: Vec<(usize, &Pin)> =
                self.job.fitting.pins.iter().enumerate().filter(|(_, pin)| pin.seam == name).collect();
            if pins.is_empty() {
                continue;
            }
            let seam = self.seam(name);
            let mut understood = Vec::new();
            for (pin, read) in pins {
                match self.understand(seam.as_ref(), read) {
                    Ok(Some((station, depth))) => understood.push(Understood { pin, station, depth }),
                    Ok(None) => {}
                    Err((field, error)) => amiss.push(JobError::at(JobPlace::Pin { pin, field }, error)),
                }
            }
            pinned.push(PinnedSeam { name, on: seam.map(|seam| (seam, understood)) });
        }
        if amiss.is_empty() { Ok(pinned) } else { Err(amiss) }
    }

    /// Station and depth of a pin; nothing yet where its seam has no length.
    fn understand(&self, seam: Option<&Seam>, pin: &Pin) -> Result<Option<(f64, Length)>, PinAmiss> {
        if pin.seam.is_paired() == (pin.side == Side::Centre) {
            return Err(("side", PinError::Side { seam: pin.seam, side: pin.side }));
        }
        let depth = pin.depth(self.shape.allowance(pin.seam)).map_err(|error| ("mode", error))?;
        let Some(seam) = seam else { return Ok(None) };
        if seam.datum(pin.datum).is_none() {
            return Err(("datum", PinError::Datum { seam: pin.seam, datum: pin.datum }));
        }
        let station = self.station(pin, seam).map_err(|error| ("station", error))?;
        self.check_depth(seam, station, depth).map_err(|error| ("reading", error))?;
        Ok(Some((station, depth)))
    }

    fn station(&self, pin: &Pin, seam: &Seam) -> Result<f64, PinError> {
        // A tape laid along a curve reads a little long or short.
        let slack = 1.0;
        let datum = seam.datum(pin.datum);
        let station = pin.station_from_below(seam).unwrap_or(f64::NAN);
        if station >= -slack && station <= seam.length + slack && !pin.station.is_negative() {
            return Ok(station.clamp(0.0, seam.length));
        }
        let longest = datum.map_or(0.0, |datum| if datum.up { seam.length - datum.at } else { datum.at });
        Err(PinError::OffSeam {
            seam: pin.seam,
            datum: pin.datum,
            station: self.habits.scale.write(pin.station),
            length: self.habits.scale.write(Length::from_mm(longest)),
        })
    }

    fn check_depth(&self, seam: &Seam, station: f64, depth: Length) -> Result<(), PinError> {
        let Some(edges) = self.came.as_ref().and_then(|pattern| pattern.edges(seam.name)) else {
            return Ok(());
        };
        for each in edges {
            let height = each.edge.at(station * each.edge.length() / seam.length).point.y;
            let width = each.panel.width_near(height);
            if depth.abs().mm() > width / 2.0 {
                return Err(PinError::TooDeep {
                    depth: self.habits.scale.write(depth),
                    panel: each.panel.name.words(),
                    limit: self.habits.scale.write(Length::from_mm(width / 2.0)),
                });
            }
        }
        Ok(())
    }
}
