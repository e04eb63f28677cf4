//! Copying a garment that fits: two sets of flat measures give the depth on every seam.
//!
//! With two side seams a level's flat width differs by `W₁ − W₂` and each seam takes half of it; a leg's
//! outseam and inseam share alike, a sleeve's seam or seams take it all.

use std::collections::BTreeMap;

use serde::Serialize;

use crate::garment::{FlatName, Level, LevelName, SeamName, Tube};
use crate::girth::crossing_seams;
use crate::solution::Solver;
use crate::{EntryMode, Job, JobError, Length, Pin, Side};

/// Widths within this, in millimetres, are the same: what two tapes differ by.
const SAME: f64 = 2.0;

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
    /// Levels measured on one garment and not on the other.
    pub unmatched: Vec<&'static str>,
}

/// Compares the job's garment with a favourite measured flat at the same levels.
///
/// # Errors
/// [`JobError`] for a job, or a favourite, that holds nonsense.
pub fn copy_from(job: &Job, favourite: &BTreeMap<FlatName, Length>) -> Result<CopyPlan, JobError> {
    let solver = Solver::new(job)?;
    let mut like = job.garment.clone();
    like.shape.flats = favourite.clone();
    like.check()
        .map_err(|error| JobError { path: error.path.replace("shape.flats", "favourite"), ..error })?;
    let shape = &job.garment.shape;
    let mut plan =
        CopyPlan { rows: Vec::new(), pins: Vec::new(), lengths: Vec::new(), unmatched: Vec::new() };
    let Some(pattern) = &solver.pattern else { return Ok(plan) };
    let scale = job.habits.scale;
    for level in &pattern.levels {
        let flat = level.name.flat();
        let (this, wanted) = match (shape.flat(flat), favourite.get(&flat)) {
            (Some(this), Some(wanted)) => (this, *wanted),
            (None, None) => continue,
            _ => {
                plan.unmatched.push(level.name.words());
                continue;
            }
        };
        let seams = giving(&crossing_seams(pattern, level), level);
        if seams.is_empty() {
            plan.unmatched.push(level.name.words());
            continue;
        }
        // Flat widths are half girths: a pair of side seams gives four edges, a leg or sleeve two a seam.
        let edges = match level.tube {
            Tube::Body => 2.0 * seams.len() as f64,
            Tube::Leg | Tube::Sleeve => seams.len() as f64,
        };
        let depth = Length::from_mm((this - wanted).mm() / edges);
        let depth = if (this - wanted).abs().mm() < SAME { Length::ZERO } else { depth };
        for seam in &seams {
            let Some(known) = shape.seam(*seam, Some(pattern)) else { continue };
            let Some([edge, _]) = pattern.edges(*seam) else { continue };
            let place = level.place_on(edge.edge);
            let usual = known.usual();
            let below = place.station * known.length / edge.edge.length();
            for side in [Side::Left, Side::Right] {
                plan.pins.push(Pin {
                    id: Pin::numbered(&["copy", seam.key(), side.words(), level.name.words()]),
                    seam: *seam,
                    side,
                    datum: usual.datum,
                    station: Length::from_mm(usual.counted(below).max(0.0)),
                    mode: EntryMode::SeamToPin,
                    reading: depth,
                    panel: None,
                    planned: Some(depth),
                    moved: None,
                    reread: false,
                    exact: true,
                });
            }
        }
        plan.rows.push(CopyRow {
            level: level.name,
            words: level.name.words(),
            this,
            favourite: wanted,
            depth,
            seams,
            shown: [scale.number(this), scale.number(wanted), scale.number(depth)],
        });
    }
    plan.lengths = shape
        .measured()
        .iter()
        .filter_map(|name| {
            let longer = shape.flat(*name)? - *favourite.get(name)?;
            let words = act(*name, longer, &scale.write(longer.abs()))?;
            (longer.abs().mm() >= SAME).then_some(CopyLength { name: *name, words, longer })
        })
        .collect();
    Ok(plan)
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

/// What a difference in a length asks for; `None` where the name is a width.
fn act(name: FlatName, longer: Length, by: &str) -> Option<String> {
    let (more, less) = if longer.is_positive() { ("shorten", "longer") } else { ("lengthen", "shorter") };
    Some(match name {
        FlatName::SideLength | FlatName::BackLength | FlatName::Outseam | FlatName::Inseam => {
            format!("The {} is {by} {less}: {more} at the hem.", name.words())
        }
        FlatName::SleeveSeam | FlatName::SleeveLength => {
            format!("The {} is {by} {less}: {more} the sleeve at its hem.", name.words())
        }
        FlatName::UnderarmToWaist => format!(
            "The waist lies {by} {} than on the favourite: move the waist pins {}.",
            if longer.is_positive() { "lower" } else { "higher" },
            if longer.is_positive() { "up" } else { "down" }
        ),
        FlatName::FrontRise | FlatName::BackRise => format!(
            "The {} is {by} {less}: the crotch sits {}, which is altered at the band.",
            name.words(),
            if longer.is_positive() { "lower" } else { "higher" }
        ),
        FlatName::Shoulder | FlatName::AcrossBack | FlatName::Neck => format!(
            "The {} is {by} {}: move the armhole or neck by half of it on each side before the sleeve is touched.",
            name.words(),
            if longer.is_positive() { "wider" } else { "narrower" }
        ),
        _ => return None,
    })
}
