//! A preset ladder of pins: set from numbers at even distances, the same on both sides, then moved.

use crate::garment::{LevelName, Seam, SeamName};
use crate::house::rules::HouseRule;
use crate::judge::girth::crossing_seams;
use crate::pattern::{Level, Pattern};
use crate::reading::pin::{EntryMode, Pin};
use crate::reading::side::Side;
use crate::solve::checked::checked;
use crate::solve::drawn::drawn;
use crate::solve::job::Job;
use crate::solve::job_error::JobError;
use crate::solve::{Solution, solve};
use crate::unit::length::Length;

/// Rungs keep at least this far from a seam's ends, in millimetres.
const OFF_THE_END: f64 = 20.0;

/// The pins of a ladder on one seam, in place of the pins it has: about one per 90, both sides alike.
/// Depths come from what each level has too much (or too little) for the wanted ease, all of it given
/// by this seam; without measures of the body they are nothing, to be moved by feel.
///
/// # Errors
/// [`JobError`] for a job that holds nonsense, with the place it stands.
pub fn ladder(job: &Job, seam: SeamName) -> Result<Vec<Pin>, JobError> {
    let mut bare = job.clone();
    bare.fitting.pins.retain(|pin| pin.seam != seam);
    let solution = solve(&bare)?;
    let drawn = drawn(checked(&bare)?)?;
    let Some(known) = bare.garment.shape.seam(seam, drawn.came.as_ref()) else { return Ok(Vec::new()) };
    let excess = |level: LevelName| {
        let row = solution.levels.iter().find(|row| row.girth.level == level)?;
        Some((row.ease_after? - row.wanted?).mm())
    };
    let wanted = drawn.came.as_ref().map_or_else(Vec::new, |pattern| wanted_depths(pattern, &known, excess));
    let step = job.habits.rule(HouseRule::LadderStep);
    let rungs = ((known.length - 2.0 * OFF_THE_END) / step).floor().max(1.0) as u32;
    let usual = known.usual();
    let sides: &[Side] = if seam.is_paired() { &[Side::Left, Side::Right] } else { &[Side::Centre] };
    let mut pins = Vec::new();
    for rung in 0..=rungs {
        let from_end = OFF_THE_END + (known.length - 2.0 * OFF_THE_END) * f64::from(rung) / f64::from(rungs);
        // On a mark of the session's tape, so that the same place is found again.
        let counted = job.habits.scale.nearest(Length::from_mm(usual.counted(from_end)));
        let station = usual.from_below(counted.mm());
        let depth = job.habits.scale.nearest(Length::from_mm(depth_at(&wanted, station)));
        for side in sides {
            pins.push(Pin {
                id: Pin::numbered(&["ladder", seam.key(), side.words(), &rung.to_string()]),
                seam,
                side: *side,
                datum: usual.datum,
                station: counted,
                mode: EntryMode::SeamToPin,
                reading: depth,
                panel: None,
                planned: Some(depth),
                moved: None,
                reread: false,
                exact: false,
            });
        }
    }
    Ok(pins)
}

/// Depth wanted of this seam where it crosses each level, of rising station.
fn wanted_depths(
    pattern: &Pattern,
    seam: &Seam,
    excess: impl Fn(LevelName) -> Option<f64>,
) -> Vec<(f64, f64)> {
    let Some([edge, _]) = pattern.edges(seam.name) else { return Vec::new() };
    let crosses = |level: &&Level| crossing_seams(pattern, level).contains(&seam.name);
    let mut wanted: Vec<(f64, f64)> = pattern
        .levels
        .iter()
        .filter(crosses)
        .filter_map(|level| {
            let count = seam.count_on(level.tube);
            let depth = excess(level.name)? * level.cos_on(edge.edge) / count;
            Some((level.place_on(edge.edge).station, depth))
        })
        .collect();
    wanted.sort_by(|a, b| a.0.total_cmp(&b.0));
    wanted
}

/// Straight between levels, level beyond the last; a depth is no more than a hand would pin at once.
fn depth_at(wanted: &[(f64, f64)], station: f64) -> f64 {
    let above = wanted.partition_point(|(at, _)| *at < station);
    let depth = match (above.checked_sub(1).map(|i| wanted[i]), wanted.get(above)) {
        (Some((s0, d0)), Some((s1, d1))) if *s1 > s0 => d0 + (d1 - d0) * (station - s0) / (s1 - s0),
        (_, Some((_, depth))) => *depth,
        (Some((_, depth)), None) => depth,
        (None, None) => 0.0,
    };
    depth.clamp(-DEEPEST, DEEPEST)
}

/// The deepest rung set from numbers alone, in millimetres: more is for the mirror to say.
const DEEPEST: f64 = 40.0;

/// The pin of a ladder that a reading moves: on the same seam and side, where the reading stands. What was
/// planned stays beside where it was moved to. `None` where the reading is a pin of its own.
///
/// Both the reading and the pins already set have to be understood in one solution.
#[must_use]
pub fn moved_rung(job: &Job, solution: &Solution, reading: &Pin) -> Option<Pin> {
    let read = |id: &str| solution.seams.iter().flat_map(|seam| &seam.pins).find(|pin| pin.id == id);
    let here = read(&reading.id)?;
    let away = |pin: &Pin| Some((read(&pin.id)?.station - here.station).abs());
    let near = Length::from_mm(job.habits.rule(HouseRule::LadderNear));
    let set = |pin: &&Pin| pin.planned.is_some() && pin.seam == reading.seam && pin.side == reading.side;
    let rung = job
        .fitting
        .pins
        .iter()
        .filter(|pin| pin.id != reading.id)
        .filter(set)
        .filter(|pin| away(pin).is_some_and(|away| away <= near))
        .min_by_key(|pin| away(pin))?;
    Some(Pin {
        mode: reading.mode,
        reading: reading.reading,
        panel: reading.panel,
        moved: Some(here.depth),
        reread: false,
        exact: false,
        ..rung.clone()
    })
}
