//! Copying a garment that fits: two sets of flat measures give the depth on every seam.
//!
//! With two side seams a level's flat width differs by `W₁ − W₂` and each seam takes half of it; a leg's
//! outseam and inseam share alike, a sleeve's seam or seams take it all.

use std::collections::BTreeMap;

use serde::Serialize;

use crate::garment::side::Side;
use crate::garment::{DatumAt, FlatName, LevelName, SeamName, Shape, TemplateError, Tube};
use crate::pattern::crossing_seams;
use crate::pattern::{Level, Pattern};
use crate::reading::pin::{EntryMode, Pin};
use crate::solve::checked::checked;
use crate::solve::drawn::drawn;
use crate::solve::job::Job;
use crate::solve::job_error::{JobError, serde_name};
use crate::solve::job_place::JobPlace;
use crate::solve::solve;
use crate::solve::{LineOutcome, Solution};
use crate::unit::length::Length;
use crate::unit::scale::Scale;
use crate::words::{gives_no_more, length_copied};

/// Widths within this, in millimetres, are the same: what two tapes differ by.
const SAME: f64 = 2.0;
/// A depth that falls short by less than this, in millimetres, is not worth a word.
const WORTH_SAYING: f64 = 1.0;
/// How often depths that cannot be sewn are settled anew.
const MOST_TRIES: usize = 6;
/// How much of an error is put right at a time: where a seam leans, all of it would be too much.
const STEP: f64 = 0.6;

/// One level of both garments.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct CopyRow {
    /// The level.
    pub level: LevelName,
    /// What it is called.
    pub words: &'static str,
    /// Flat width of this garment.
    pub this: Length,
    /// Flat width of the favourite.
    pub favourite: Length,
    /// Depth on each seam that gives it; negative lets out.
    pub depth: Length,
    /// The seams that give it.
    pub seams: Vec<SeamName>,
    /// Widths and depth as they stand on the session's tape.
    pub shown: [String; 3],
}

/// A length that differs, which is no seam's line but an adjustment by itself.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct CopyLength {
    /// Which.
    pub name: FlatName,
    /// What to do.
    pub words: String,
    /// This garment less the favourite.
    pub longer: Length,
}

/// What makes this garment like the favourite.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct CopyPlan {
    /// Level by level, from the top down, sleeves last.
    pub rows: Vec<CopyRow>,
    /// Ordinary pins that give those depths, for every seam concerned, on both sides.
    pub pins: Vec<Pin>,
    /// Lengths, shoulders and armholes.
    pub lengths: Vec<CopyLength>,
    /// What a seam cannot give, and what is done instead.
    pub notes: Vec<String>,
    /// Levels measured on one garment and not on the other.
    pub unmatched: Vec<&'static str>,
}

/// Compares the job's garment with a favourite measured flat at the same levels.
///
/// A seam that cannot give its share (an inseam near the crotch point, which keeps its place) gives what it
/// can, and the other seam of the tube gives the rest.
///
/// # Errors
/// [`JobError`] for a job, or a favourite, that holds nonsense.
pub fn copy_from(job: &Job, favourite: &BTreeMap<FlatName, Length>) -> Result<CopyPlan, JobError> {
    let drawn = drawn(checked(job)?)?;
    let mut like = job.garment.clone();
    like.shape.flats = favourite.clone();
    like.shape.check().map_err(|error| match error {
        TemplateError::Implausible { name, .. } => {
            JobError::at(format!("favourite.{}", serde_name(&name)), error)
        }
        error => JobError::at(JobPlace::Asked("favourite"), error),
    })?;
    let shape = &job.garment.shape;
    let mut plan = CopyPlan {
        rows: Vec::new(),
        pins: Vec::new(),
        lengths: Vec::new(),
        notes: Vec::new(),
        unmatched: Vec::new(),
    };
    let Some(pattern) = &drawn.came else { return Ok(plan) };
    let mut given = asked(shape, pattern, favourite, &mut plan.unmatched);
    plan.notes = settled(job, &mut given)?;
    plan.pins = pins(&given);
    plan.rows = rows(&given, job.habits.scale);
    plan.lengths = lengths(shape, favourite, job.habits.scale);
    Ok(plan)
}

/// What each seam is asked to give at each level both were measured at.
fn asked(
    shape: &Shape,
    pattern: &Pattern,
    favourite: &BTreeMap<FlatName, Length>,
    unmatched: &mut Vec<&'static str>,
) -> Vec<Given> {
    let mut given = Vec::new();
    for level in &pattern.levels {
        let flat = level.name.flat();
        let (this, wanted) = match (shape.flat(flat), favourite.get(&flat)) {
            (Some(this), Some(wanted)) => (this, *wanted),
            (None, None) => continue,
            _ => {
                unmatched.push(level.name.words());
                continue;
            }
        };
        let seams = giving(&crossing_seams(pattern, level), level);
        if seams.is_empty() {
            unmatched.push(level.name.words());
            continue;
        }
        // Flat widths are half girths: a pair of side seams gives four edges, a leg or sleeve two a seam.
        let edges = match level.tube {
            Tube::Body => 2.0 * seams.len() as f64,
            Tube::Leg | Tube::Sleeve => seams.len() as f64,
        };
        let depth = (this - wanted).mm() / edges;
        let depth = if (this - wanted).abs().mm() < SAME { 0.0 } else { depth };
        for seam in seams {
            let Some(known) = shape.seam(seam, Some(pattern)) else { continue };
            let Some([edge, _]) = pattern.edges(seam) else { continue };
            let place = level.place_on(edge.edge);
            let station = place.station * known.length / edge.edge.length();
            given.push(Given {
                level: *level,
                seam,
                usual: known.usual(),
                station,
                depth,
                edges,
                this,
                wanted,
                exact: true,
                limited: false,
            });
        }
    }
    given
}

/// The rows of the table: seams that give as much at a level stand in one.
fn rows(given: &[Given], scale: Scale) -> Vec<CopyRow> {
    let mut rows: Vec<CopyRow> = Vec::new();
    for each in given {
        let depth = Length::from_mm(each.depth);
        let same = |row: &&mut CopyRow| row.level == each.level.name && (row.depth - depth).abs().mm() < 0.05;
        if let Some(row) = rows.iter_mut().find(same) {
            row.seams.push(each.seam);
            continue;
        }
        rows.push(CopyRow {
            level: each.level.name,
            words: each.level.name.words(),
            this: each.this,
            favourite: each.wanted,
            depth,
            seams: vec![each.seam],
            shown: [scale.number(each.this), scale.number(each.wanted), scale.number(depth)],
        });
    }
    rows
}

/// By how much lengths differ, and what to do about it.
fn lengths(shape: &Shape, favourite: &BTreeMap<FlatName, Length>, scale: Scale) -> Vec<CopyLength> {
    shape
        .measured()
        .iter()
        .filter_map(|name| {
            let longer = shape.flat(*name)? - *favourite.get(name)?;
            let words = length_copied(*name, longer, &scale.write(longer.abs()))?;
            (longer.abs().mm() >= SAME && scale.shows(longer)).then_some(CopyLength {
                name: *name,
                words,
                longer,
            })
        })
        .collect()
}

/// What one seam gives at one level.
struct Given {
    level: Level,
    seam: SeamName,
    usual: DatumAt,
    /// Where it crosses, from the seam's lower end, in millimetres.
    station: f64,
    /// On each side, in millimetres; negative lets out.
    depth: f64,
    /// How many edges share the level's flat width.
    edges: f64,
    this: Length,
    wanted: Length,
    /// Meant to the letter, until that cannot be sewn.
    exact: bool,
    /// No more than this can be had.
    limited: bool,
}

/// The ordinary pins that give those depths, on both sides.
fn pins(given: &[Given]) -> Vec<Pin> {
    let on = |each: &Given, side: Side| Pin {
        id: Pin::numbered(&["copy", each.seam.key(), side.words(), each.level.name.words()]),
        seam: each.seam,
        side,
        datum: each.usual.datum,
        station: Length::from_mm(each.usual.counted(each.station).max(0.0)),
        mode: EntryMode::SeamToPin,
        reading: Length::from_mm(each.depth),
        panel: None,
        planned: Some(Length::from_mm(each.depth)),
        moved: None,
        reread: false,
        exact: each.exact,
    };
    given.iter().flat_map(|each| [Side::Left, Side::Right].map(|side| on(each, side))).collect()
}

/// Makes every depth one that can be sewn and that measures what the favourite measures, and says what could
/// not be had. The share of a width is the depth of an upright seam; where one leans or bends, as much is
/// added as it comes out wrong by.
fn settled(job: &Job, given: &mut [Given]) -> Result<Vec<String>, JobError> {
    let scale = job.habits.scale;
    let mut notes = Vec::new();
    let mut sewable = None;
    let seams: Vec<SeamName> = given.iter().map(|each| each.seam).collect();
    for _ in 0..MOST_TRIES {
        let mut tried = job.clone();
        tried.fitting.pins.retain(|pin| !seams.contains(&pin.seam));
        tried.fitting.accepted.retain(|accepted| !seams.contains(&accepted.seam));
        tried.fitting.pins.extend(pins(given));
        let mut refused = false;
        let solution = solve(&tried)?;
        for solved in solution.seams.iter().filter(|seam| seams.contains(&seam.seam)) {
            let mut outcomes = solved.lines.iter().filter_map(|line| match &line.outcome {
                LineOutcome::Refused(refused) => Some(refused),
                LineOutcome::Drawn(_) => None,
            });
            let Some(outcome) = outcomes.next_back() else { continue };
            refused = true;
            let Some(works) = &outcome.shallower else {
                given.iter_mut().filter(|each| each.seam == solved.seam).for_each(|each| each.exact = false);
                continue;
            };
            for proposed in works {
                let at =
                    |each: &Given| each.seam == solved.seam && (each.station - proposed.station).abs() < 1.0;
                let Some(i) = given.iter().position(at) else { continue };
                let rest = given[i].depth - proposed.works;
                (given[i].depth, given[i].limited) = (proposed.works, true);
                let (level, seam) = (given[i].level.name, given[i].seam);
                let other = given.iter_mut().find(|each| each.level.name == level && each.seam != seam);
                let instead = other.map(|other| {
                    other.depth += rest;
                    other.seam
                });
                let wider = Length::from_mm(2.0 * rest);
                if rest.abs() >= WORTH_SAYING && scale.shows(wider) {
                    let works = Length::from_mm(proposed.works);
                    notes.push(gives_no_more(level, seam, works, instead.ok_or(wider), scale));
                }
            }
        }
        if !refused {
            sewable = Some(given.iter().map(|each| each.depth).collect::<Vec<f64>>());
            if !corrected(&solution, given) {
                break;
            }
        }
    }
    // A last correction may have gone too far.
    for (each, depth) in given.iter_mut().zip(sewable.into_iter().flatten()) {
        each.depth = depth;
    }
    Ok(notes)
}

/// Adds what each level comes out wrong by; false where none does.
fn corrected(solution: &Solution, given: &mut [Given]) -> bool {
    let mut any = false;
    for each in given.iter_mut().filter(|each| each.exact && !each.limited && each.depth != 0.0) {
        let rows = solution.levels.iter().filter(|row| row.girth.level == each.level.name);
        let Some(after) = rows.map(|row| row.girth.after.mm()).reduce(f64::min) else { continue };
        let off = after - 2.0 * each.wanted.mm();
        if off.abs() > SAME {
            each.depth += STEP * off / (2.0 * each.edges);
            any = true;
        }
    }
    any
}

/// The seams that give a level: side seams of a body, both seams of a leg, those of a sleeve.
fn giving(crossing: &[SeamName], level: &Level) -> Vec<SeamName> {
    let wanted: &[SeamName] = match level.tube {
        Tube::Body => &[SeamName::Side, SeamName::Outseam],
        Tube::Leg => &[SeamName::Outseam, SeamName::Inseam],
        Tube::Sleeve => &[SeamName::SleeveUnderarm, SeamName::SleeveFront, SeamName::SleeveBack],
    };
    wanted.iter().copied().filter(|seam| crossing.contains(seam)).collect()
}
