//! Pins as they are understood: station from the lower end, depth from the old stitching.

use super::solver::Solver;
use super::{PinRead, shown_mm};
use crate::echo::{Reading, echo};
use crate::garment::SeamName;
use crate::job::JobError;
use crate::line::Target;
use crate::pin::{Datum, PinError, from_below};
use crate::warning::Weight;
use crate::{Length, Pin, Side};

impl Solver<'_> {
    /// Reads every pin of a seam, or refuses the first that cannot be taken. `None` when the
    /// seam has no pins, or its length is not known.
    pub(super) fn read_pins(&mut self, seam: SeamName) -> Result<Option<Vec<(PinRead, Target)>>, JobError> {
        let pins: Vec<(usize, &Pin)> =
            self.job.fitting.pins.iter().enumerate().filter(|(_, pin)| pin.seam == seam).collect();
        if pins.is_empty() {
            return Ok(None);
        }
        let mut read = Vec::new();
        for (i, pin) in pins {
            let at = |part: &str| format!("fitting.pins[{i}].{part}");
            if seam.is_paired() == (pin.side == Side::Centre) {
                return Err(JobError::at(at("side"), PinError::Side { seam, side: pin.side }));
            }
            if !Datum::of(seam).contains(&pin.datum) {
                return Err(JobError::at(at("datum"), PinError::Datum { seam, datum: pin.datum }));
            }
            let depth =
                pin.depth(self.trousers.allowance(seam)).map_err(|error| JobError::at(at("mode"), error))?;
            let Some(length) = self.seam_length(seam) else { continue };
            let station = self.station(pin, length).map_err(|error| JobError::at(at("station"), error))?;
            self.check_depth(pin, station, length, depth)
                .map_err(|error| JobError::at(at("reading"), error))?;
            let scale = self.habits.scale;
            let usual = from_below(
                seam,
                Datum::of(seam)[0],
                Length::from_mm(station),
                Length::from_mm(length),
                Length::ZERO,
            );
            let reading = Reading { seam, side: pin.side, station, read: pin.reading, mode: pin.mode, depth };
            let shown = [scale.number(usual), scale.number(depth)];
            read.push((
                PinRead {
                    id: pin.id.clone(),
                    side: pin.side,
                    station: shown_mm(station),
                    depth,
                    shown,
                    echo: echo(reading, self.panels.as_ref(), scale),
                },
                Target { station, depth: depth.mm() },
            ));
        }
        if self.seam_length(seam).is_none() {
            self.warn(
                "seam.length",
                Weight::Mind,
                format!("seams.{}", seam.words()),
                format!(
                    "The length of the {} is not known, so its pins wait; measure it on the garment.",
                    seam.words()
                ),
            );
            return Ok(None);
        }
        read.sort_by(|a, b| a.1.station.total_cmp(&b.1.station));
        Ok(Some(read))
    }

    pub(super) fn station(&self, pin: &Pin, length: f64) -> Result<f64, PinError> {
        let band = self.trousers.band.height;
        let station = pin.station_from_below(Length::from_mm(length), band).mm();
        // A tape laid along a curve reads a little long or short.
        let slack = 1.0;
        if station >= -slack && station <= length + slack && !pin.station.is_negative() {
            return Ok(station.clamp(0.0, length));
        }
        let longest = match pin.datum {
            Datum::BandBottom => Length::from_mm(length) - band,
            _ => Length::from_mm(length),
        };
        Err(PinError::OffSeam {
            seam: pin.seam,
            datum: pin.datum,
            station: self.habits.scale.write(pin.station),
            length: self.habits.scale.write(longest),
        })
    }

    pub(super) fn check_depth(
        &self,
        pin: &Pin,
        station: f64,
        length: f64,
        depth: Length,
    ) -> Result<(), PinError> {
        let Some(panels) = &self.panels else { return Ok(()) };
        for (panel, edge) in [&panels.front, &panels.back].into_iter().zip(panels.edges(pin.seam)) {
            let panel = if pin.seam == SeamName::CentreBack { &panels.back } else { panel };
            let height = edge.at(station * edge.length() / length).point.y;
            let width = panel.width_near(height);
            if depth.abs().mm() > width / 2.0 {
                return Err(PinError::TooDeep {
                    depth: self.habits.scale.write(depth),
                    panel: panel.name.words(),
                    limit: self.habits.scale.write(Length::from_mm(width / 2.0)),
                });
            }
        }
        Ok(())
    }

    pub(super) fn check_unpinned(&self) -> Result<(), JobError> {
        let stray = self.job.fitting.pins.iter().position(|pin| !SeamName::PINNED.contains(&pin.seam));
        match stray {
            Some(i) => Err(JobError::at(
                format!("fitting.pins[{i}].seam"),
                PinError::NotPinned(self.job.fitting.pins[i].seam),
            )),
            None => Ok(()),
        }
    }
}

/// Pins of one side at the same place count as one, at their mean.
pub(super) fn merge_close(targets: &[Target]) -> Vec<Target> {
    let mut merged: Vec<(Target, f64)> = Vec::new();
    for target in targets {
        match merged.last_mut() {
            Some((last, count)) if (target.station - last.station).abs() <= 1.0 => {
                last.depth = (last.depth * *count + target.depth) / (*count + 1.0);
                *count += 1.0;
            }
            _ => merged.push((*target, 1.0)),
        }
    }
    merged.into_iter().map(|(target, _)| target).collect()
}

/// Straight between neighbouring pins, level beyond the last.
pub(super) fn between(targets: &[Target], station: f64) -> f64 {
    let above = targets.partition_point(|target| target.station < station);
    match (above.checked_sub(1).map(|i| targets[i]), targets.get(above)) {
        (Some(a), Some(b)) => a.depth + (b.depth - a.depth) * (station - a.station) / (b.station - a.station),
        (Some(end), None) => end.depth,
        (None, Some(end)) => end.depth,
        (None, None) => 0.0,
    }
}
