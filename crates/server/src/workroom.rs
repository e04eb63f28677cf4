//! A workroom as one file, and a file as a workroom.

use std::collections::{BTreeSet, HashMap};
use std::ops::RangeInclusive;

use uuid::Uuid;
use vemble_fit::{Fitting, JOB_FORMAT, Job, JobError, settle};
use vemble_formats::{
    HeldFitting, HungGarment, StepWork, WORKROOM_FORMAT, Workroom, WorkroomFileError, write_workroom,
};
use vemble_store::{Everything, FittingRecord, GarmentRecord};

/// Minutes a step may be estimated at.
const MINUTES: RangeInclusive<f64> = 0.0..=10_000.0;

/// Why a workroom cannot be put in, with the place in it.
#[derive(Debug, thiserror::Error)]
#[error("{path}: {why}")]
pub struct CannotRestore {
    /// Where: `garments[3].fittings[0].fitting.pins[2].station`.
    pub path: String,
    /// What is wrong there.
    pub why: String,
}

/// Writes everything as a file.
///
/// # Errors
/// [`WorkroomFileError::TooLarge`].
pub fn write(everything: Everything) -> Result<Vec<u8>, WorkroomFileError> {
    let at: HashMap<Uuid, usize> =
        everything.wearers.iter().enumerate().map(|(at, (id, _))| (*id, at)).collect();
    let mut fittings: HashMap<Uuid, Vec<HeldFitting>> = HashMap::new();
    for (_, fitted, works) in everything.fittings {
        let works = works.into_iter().map(|(step, (work, estimate))| StepWork { step, work, estimate });
        fittings.entry(fitted.garment).or_default().push(HeldFitting {
            number: fitted.number,
            fitting: fitted.fitting.in_order(),
            works: works.collect(),
        });
    }
    let garments = everything.garments.into_iter().map(|(id, record)| HungGarment {
        wearer: record.wearer.and_then(|worn_by| at.get(&worn_by).copied()),
        due_on: record.due_on,
        garment: record.garment,
        fittings: fittings.remove(&id).unwrap_or_default(),
    });
    write_workroom(&Workroom {
        format: WORKROOM_FORMAT.to_owned(),
        habits: everything.habits,
        garments: garments.collect(),
        wearers: everything.wearers.into_iter().map(|(_, wearer)| wearer).collect(),
    })
}

/// Everything of a file, looked over, with ids of its own: the workroom it came from may still be in this house.
/// `told` hears how many garments were, of how many.
///
/// # Errors
/// [`CannotRestore`] with the first thing that no workroom has.
pub fn look_over(
    workroom: Workroom,
    told: &mut dyn FnMut(usize, usize),
) -> Result<Everything, CannotRestore> {
    let at = |path: String| {
        move |error: JobError| CannotRestore {
            path: format!("{path}.{}", error.place),
            why: format!("{}.", error.cause),
        }
    };
    let wrong = |path: String, why: &str| CannotRestore { path, why: why.to_owned() };
    workroom.habits.check().map_err(|error| at("habits".into())(JobError::at(error.path.clone(), error)))?;
    let mut everything = Everything {
        habits: workroom.habits,
        wearers: Vec::new(),
        garments: Vec::new(),
        fittings: Vec::new(),
    };
    for (i, wearer) in workroom.wearers.into_iter().enumerate() {
        is_name(&wearer.name).map_err(|why| wrong(format!("wearers[{i}].name"), why))?;
        let mut days = BTreeSet::new();
        for (j, body) in wearer.measured.iter().enumerate() {
            let path = format!("wearers[{i}].measured[{j}]");
            if !days.insert(body.taken_on) {
                let why = format!("{} was measured twice on {}.", wearer.name, body.taken_on);
                return Err(CannotRestore { path: format!("{path}.taken_on"), why });
            }
            body.check().map_err(at(path))?;
        }
        everything.wearers.push((Uuid::now_v7(), wearer));
    }
    let of = workroom.garments.len();
    for (i, hung) in workroom.garments.into_iter().enumerate() {
        told(i, of);
        let path = format!("garments[{i}]");
        let wearer = match hung.wearer.map(|at| everything.wearers.get(at)) {
            Some(None) => return Err(wrong(format!("{path}.wearer"), "there is nobody at this position.")),
            known => known.flatten().map(|(id, _)| *id),
        };
        is_name(&hung.garment.name).map_err(|why| wrong(format!("{path}.garment.name"), why))?;
        hung.garment.check().map_err(at(format!("{path}.garment")))?;
        let id = Uuid::now_v7();
        let record = GarmentRecord { wearer, due_on: hung.due_on, garment: hung.garment };
        let mut numbers = BTreeSet::new();
        for (j, held) in hung.fittings.into_iter().enumerate() {
            let path = format!("{path}.fittings[{j}]");
            if !numbers.insert(held.number) {
                return Err(wrong(
                    format!("{path}.number"),
                    "the garment has a fitting of this number already.",
                ));
            }
            if let Some(each) = held.works.iter().find(|each| !MINUTES.contains(&each.estimate)) {
                let why = format!(
                    "the estimate of a step was read as {}; it can be from 0 to 10000.",
                    each.estimate
                );
                return Err(CannotRestore { path: format!("{path}.works"), why });
            }
            if !(1..=999).contains(&held.number) {
                return Err(wrong(format!("{path}.number"), "the number of a fitting can be from 1 to 999."));
            }
            check_fitting(&record, &held.fitting, &path, &at)?;
            let works = held.works.into_iter().map(|each| (each.step, (each.work, each.estimate))).collect();
            let fitted = FittingRecord { garment: id, number: held.number, fitting: held.fitting.in_order() };
            everything.fittings.push((Uuid::now_v7(), fitted, works));
        }
        everything.garments.push((id, record));
    }
    Ok(everything)
}

fn is_name(name: &str) -> Result<(), &'static str> {
    if (1..=80).contains(&name.chars().count()) { Ok(()) } else { Err("a name has 1 to 80 characters.") }
}

/// A fitting that stood in a workroom may have strays in it; everything else must be what a fitting can have.
fn check_fitting<At: FnOnce(JobError) -> CannotRestore>(
    record: &GarmentRecord,
    fitting: &Fitting,
    path: &str,
    at: &impl Fn(String) -> At,
) -> Result<(), CannotRestore> {
    let keys = fitting.check_keys();
    keys.map_err(|(key, error)| CannotRestore {
        path: format!("{path}.fitting.{key}"),
        why: error.to_string(),
    })?;
    let job = Job {
        format: JOB_FORMAT.to_owned(),
        wearer: String::new(),
        body: None,
        habits: vemble_fit::Habits::default(),
        garment: record.garment.clone(),
        fitting: fitting.clone(),
        timings: Vec::new(),
    };
    settle(&job).map(|_| ()).map_err(at(path.to_owned()))
}
