//! A preset ladder of pins: set from numbers at even distances, the same on both sides, then moved.

use crate::garment::side::Side;
use crate::garment::{LevelName, Seam, SeamEnd, SeamName};
use crate::house::habit::Habits;
use crate::house::rules::HouseRule;
use crate::line::{Target, most_fall};
use crate::pattern::crossing_seams;
use crate::pattern::{Level, Pattern};
use crate::reading::pin::{EntryMode, Pin};
use crate::solve::checked::checked;
use crate::solve::drawn::drawn;
use crate::solve::job::Job;
use crate::solve::job_error::JobError;
use crate::solve::{LineOutcome, ProposedDepth, Solution, solve};
use crate::unit::length::Length;
use crate::unit::scale::Scale;

/// Rungs keep at least this far from a seam's ends, in millimetres.
const OFF_THE_END: f64 = 20.0;

/// How often a ladder that cannot be sewn is made shallower where it cannot.
const MOST_ROUNDS: usize = 12;
/// And by what share where nothing says where.
const SHALLOWER: f64 = 0.8;
/// A rung leaves this share of what a line can come down by, for the hand that moves it.
const SPARES: f64 = 0.8;

/// One rung: both its stations, from the seam's lower end and from its usual datum, and its depth.
#[derive(Debug, Clone, Copy)]
struct Rung {
    station: f64,
    counted: Length,
    depth: f64,
}

/// The pins of a ladder on one seam, in place of the pins it has: about one per 90, both sides alike.
/// Depths come from what each level has too much (or too little) for the wanted ease, all of it given
/// by this seam, as far as a line can be sewn through them; without measures of the body they are nothing, to be
/// moved by feel. Where the line has to be back on the old stitching the ladder comes down to it.
///
/// # Errors
/// [`JobError`] for a job that holds nonsense, with the place it stands.
pub fn ladder(job: &Job, seam: SeamName) -> Result<Vec<Pin>, JobError> {
    let mut bare = job.clone();
    bare.fitting.pins.retain(|pin| pin.seam != seam);
    bare.fitting.accepted.retain(|accepted| accepted.seam != seam);
    let solution = solve(&bare)?;
    let drawn = drawn(checked(&bare)?)?;
    let Some(known) = bare.garment.shape.seam(seam, drawn.came.as_ref()) else { return Ok(Vec::new()) };
    let excess = |level: LevelName| {
        let row = solution.levels.iter().find(|row| row.girth.level == level)?;
        Some((row.ease_after? - row.wanted?).mm())
    };
    let wanted = drawn.came.as_ref().map_or_else(Vec::new, |pattern| wanted_depths(pattern, &known, excess));
    let step = job.habits.rule(HouseRule::LadderStep);
    let places = ((known.length - 2.0 * OFF_THE_END) / step).floor().max(1.0) as u32;
    let usual = known.usual();
    let mut rungs: Vec<Rung> = (0..=places)
        .map(|place| {
            let share = f64::from(place) / f64::from(places);
            let from_end = OFF_THE_END + (known.length - 2.0 * OFF_THE_END) * share;
            // On a mark of the session's tape, so that the same place is found again.
            let counted = job.habits.scale.nearest(Length::from_mm(usual.counted(from_end)));
            let station = usual.from_below(counted.mm());
            Rung { station, counted, depth: depth_at(&wanted, station) }
        })
        .collect();
    let sides: &[Side] = if seam.is_paired() { &[Side::Left, Side::Right] } else { &[Side::Centre] };
    let allowed = |station: f64| {
        let each = sides
            .iter()
            .map(|side| drawn.problem(&known, *side, &[Target::read(station, 0.0)]).allowed(station));
        each.fold((f64::NEG_INFINITY, f64::INFINITY), |(a, b), (least, most)| (a.max(least), b.min(most)))
    };
    can_be_sewn(&mut rungs, &known, drawn.steepest(), &job.habits, allowed);
    for _ in 0..MOST_ROUNDS {
        let pins = pins(&rungs, &known, sides);
        let mut tried = bare.clone();
        tried.fitting.pins.extend(pins.iter().cloned());
        let solution = solve(&tried)?;
        let own = solution.seams.iter().find(|each| each.seam == seam);
        let refused = own.iter().flat_map(|own| &own.lines).find_map(|line| match &line.outcome {
            LineOutcome::Refused(refused) => Some(refused),
            LineOutcome::Drawn(_) => None,
        });
        let Some(refused) = refused else { return Ok(pins) };
        shallower(&mut rungs, refused.shallower.as_deref().unwrap_or_default(), job.habits.scale);
    }
    rungs.iter_mut().for_each(|rung| rung.depth = 0.0);
    Ok(pins(&rungs, &known, sides))
}

/// Rungs as deep as a line can be sewn through: within what the seam allows, down to where it has to be back, and no
/// further from one to the next than it can come down.
fn can_be_sewn(
    rungs: &mut Vec<Rung>,
    seam: &Seam,
    steepest: f64,
    habits: &Habits,
    allowed: impl Fn(f64) -> (f64, f64),
) {
    let lower = match seam.lower {
        SeamEnd::CrotchCurve(top) => Some(top),
        SeamEnd::Tip | SeamEnd::CrotchPoint => Some(0.0),
        _ => None,
    };
    let upper = matches!(seam.upper, SeamEnd::CrotchPoint | SeamEnd::CrotchCurve(_) | SeamEnd::Tip);
    let upper = upper.then_some(seam.length);
    rungs.retain(|rung| lower.is_none_or(|at| rung.station > at) && upper.is_none_or(|at| rung.station < at));
    let fall = |over: f64| SPARES * most_fall(over.abs(), steepest, habits.rule(HouseRule::Radius));
    for rung in rungs.iter_mut() {
        let (least, most) = allowed(rung.station);
        rung.depth = rung.depth.clamp(least.min(0.0), most.max(0.0));
        for at in lower.into_iter().chain(upper) {
            rung.depth = rung.depth.clamp(-fall(rung.station - at), fall(rung.station - at));
        }
    }
    let count = rungs.len();
    let mut meet = |a: usize, b: usize| {
        let (from, most) = (rungs[a].depth, fall(rungs[a].station - rungs[b].station));
        rungs[b].depth = rungs[b].depth.min(from.max(0.0) + most).max(from.min(0.0) - most);
    };
    (1..count).for_each(|i| meet(i - 1, i));
    (1..count).rev().for_each(|i| meet(i, i - 1));
    for rung in rungs {
        rung.depth = towards_nothing(rung.depth, habits.scale);
    }
}

/// The mark of the tape at a depth, or the next on the side of the old stitching.
fn towards_nothing(depth: f64, scale: Scale) -> f64 {
    let tick = scale.tick().mm();
    (depth / tick + 1e-6 * depth.signum()).trunc() * tick + 0.0
}

/// Rungs that cannot be sewn as deep as what was offered in their place, or all of them a little shallower.
fn shallower(rungs: &mut [Rung], offered: &[ProposedDepth], scale: Scale) {
    let mut any = false;
    for rung in rungs.iter_mut() {
        let less = offered.iter().find(|each| (each.station - rung.station).abs() < 1.0);
        if let Some(less) = less.map(|each| towards_nothing(each.works, scale))
            && less.abs() < rung.depth.abs()
        {
            (rung.depth, any) = (less, true);
        }
    }
    if !any {
        for rung in rungs {
            rung.depth = towards_nothing(SHALLOWER * rung.depth, scale);
        }
    }
}

/// Rungs as pins, both sides alike.
fn pins(rungs: &[Rung], seam: &Seam, sides: &[Side]) -> Vec<Pin> {
    let mut pins = Vec::new();
    for (i, rung) in rungs.iter().enumerate() {
        let depth = Length::from_mm(rung.depth);
        for side in sides {
            pins.push(Pin {
                id: Pin::numbered(&["ladder", seam.name.key(), side.words(), &i.to_string()]),
                seam: seam.name,
                side: *side,
                datum: seam.usual().datum,
                station: rung.counted,
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
    pins
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
