//! The seventh stage: the work order.

use super::altered::Altered;
use super::drawn::Drawn;
use super::judged::Judged;
use crate::garment::side::Side;
use crate::operation::builder::{Ordered, drafts};
use crate::operation::seam::work::SeamWork;
use crate::plan::planner::Planner;
use crate::plan::{Done, Plan};

/// The work order for every line that is sewn and every hem that is made.
pub(super) fn planned(drawn: &Drawn<'_>, altered: &Altered, judged: &Judged) -> Plan {
    let sides = [Side::Left, Side::Right, Side::Centre];
    let work = |seam| {
        let on = |side| altered.lines.get(seam, side).map(|line| (side, line));
        let lines: Vec<_> = sides.into_iter().filter_map(on).collect();
        let seam = drawn.seam(seam).filter(|_| !lines.is_empty())?;
        Some(SeamWork::on(drawn.shape, &seam, lines))
    };
    let works: Vec<SeamWork<'_>> = drawn.shape.pinnable().into_iter().filter_map(work).collect();
    let job = drawn.job;
    let done = Done { progress: &job.fitting.progress, log: &job.timings };
    let readings = job.fitting.hems.iter().map(|hem| hem.readings.len()).sum::<usize>();
    let ordered = Ordered {
        garment: &job.garment,
        works: &works,
        hems: &altered.hems,
        alterations: &altered.done,
        armholes: &judged.armholes,
        pins: job.fitting.pins.len() + readings,
    };
    Planner { garment: &job.garment, habits: drawn.habits, done }.plan(drafts(&ordered, drawn.habits))
}
