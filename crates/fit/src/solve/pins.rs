//! Pins as they are understood: station from the lower end, depth from the old stitching.

use super::drawn::Drawn;
use super::seam_solution::PinRead;
use crate::garment::{Seam, SeamName};
use crate::line::{Target, Trust};
use crate::reading::echo::{Reading, echo};
use crate::reading::pin::Pin;
use crate::reading::pin::PinError;
use crate::reading::side::Side;
use crate::solve::job_error::JobError;
use crate::unit::length::Length;

/// The pins of one seam.
pub(super) enum Pinned {
    /// It has none.
    Nothing,
    /// Nobody knows how long it is, so they wait.
    Waits,
    /// What each says, of rising station.
    Read(Vec<(PinRead, Target)>),
}

impl Drawn<'_> {
    /// Reads every pin of a seam, or refuses the first that cannot be taken.
    pub(super) fn read_pins(&self, name: SeamName, seam: Option<&Seam>) -> Result<Pinned, JobError> {
        let pins: Vec<(usize, &Pin)> =
            self.job.fitting.pins.iter().enumerate().filter(|(_, pin)| pin.seam == name).collect();
        if pins.is_empty() {
            return Ok(Pinned::Nothing);
        }
        let mut read = Vec::new();
        let scale = self.habits.scale;
        for (i, pin) in pins {
            let at = |part: &str| format!("fitting.pins[{i}].{part}");
            if name.is_paired() == (pin.side == Side::Centre) {
                return Err(JobError::at(at("side"), PinError::Side { seam: name, side: pin.side }));
            }
            let depth =
                pin.depth(self.shape.allowance(name)).map_err(|error| JobError::at(at("mode"), error))?;
            let Some(seam) = seam else { continue };
            if seam.datum(pin.datum).is_none() {
                return Err(JobError::at(at("datum"), PinError::Datum { seam: name, datum: pin.datum }));
            }
            let station = self.station(pin, seam).map_err(|error| JobError::at(at("station"), error))?;
            self.check_depth(seam, station, depth).map_err(|error| JobError::at(at("reading"), error))?;
            let reading = Reading {
                seam: name,
                side: pin.side,
                station,
                read: pin.reading,
                mode: pin.mode,
                depth,
                source: self.job.garment.source,
            };
            read.push((
                PinRead {
                    id: pin.id.clone(),
                    side: pin.side,
                    station: Length::hundredth(station),
                    depth,
                    shown: [scale.number(seam.counted(station)), scale.number(depth)],
                    echo: echo(reading, self.came.as_ref(), scale),
                    planned: pin.planned.map(|depth| scale.number(depth)),
                    moved: pin.moved.map(|depth| scale.number(depth)),
                    reread: pin.reread,
                },
                Target {
                    trust: if pin.exact { Trust::Exact } else { Trust::Read },
                    ..Target::read(station, depth.mm())
                },
            ));
        }
        if seam.is_none() {
            return Ok(Pinned::Waits);
        }
        read.sort_by(|a, b| a.1.station.total_cmp(&b.1.station));
        Ok(Pinned::Read(read))
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

/// Pins of one side at the same place count as one, at their mean.
pub(super) fn merge_close(targets: &[Target]) -> Vec<Target> {
    let mut merged: Vec<(Target, f64)> = Vec::new();
    for target in targets {
        match merged.last_mut() {
            Some((last, count)) if (target.station - last.station).abs() <= 1.0 => {
                last.depth = (last.depth * *count + target.depth) / (*count + 1.0);
                last.pinned = last.depth;
                if target.trust == Trust::Exact {
                    last.trust = Trust::Exact;
                }
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
