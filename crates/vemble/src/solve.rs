//! `vemble solve`: a job file in, a result file out.

use std::fs::File;
use std::io::Read;
use std::path::Path;
use std::process::ExitCode;

use vemble_fit::{LineOutcome, Solution};

use crate::say::{complain, say};

/// The job could not be read.
const UNREADABLE: u8 = 2;
/// Some line has no solution.
const UNSOLVED: u8 = 3;

/// Largest job file read: many times the largest fitting.
const LARGEST: u64 = 8 * 1024 * 1024;

/// Solves a job file.
pub fn run(job: &Path, out: Option<&Path>) -> ExitCode {
    match solve(job, out) {
        Ok(solution) => say_refusals(&solution),
        Err(message) => {
            complain(&format!("{}: {message}", job.display()));
            ExitCode::from(UNREADABLE)
        }
    }
}

fn solve(job: &Path, out: Option<&Path>) -> Result<Solution, String> {
    let bytes = read(job).map_err(|error| error.to_string())?;
    if bytes.len() as u64 > LARGEST {
        return Err(format!("it is larger than {} MiB, which no job is", LARGEST / (1024 * 1024)));
    }
    let parsed = vemble_formats::read_job(&bytes).map_err(|error| error.to_string())?;
    let solution = vemble_fit::solve(&parsed).map_err(|error| error.to_string())?;
    let text = vemble_formats::write_solution(&solution);
    let unwritten = |error: std::io::Error| format!("the result could not be written: {error}");
    match out {
        Some(path) if is_one_file(job, path) => {
            return Err(
                "the result would be written over the job itself; name another file with --out".into()
            );
        }
        Some(path) => std::fs::write(path, text).map_err(unwritten)?,
        None => say(&text).map_err(unwritten)?,
    }
    Ok(solution)
}

/// No more than is needed to see that it is too large: the file may be a pipe that never ends.
fn read(job: &Path) -> std::io::Result<Vec<u8>> {
    let mut bytes = Vec::new();
    File::open(job)?.take(LARGEST + 1).read_to_end(&mut bytes)?;
    Ok(bytes)
}

/// True where both names lead to one file, whatever the way.
fn is_one_file(one: &Path, other: &Path) -> bool {
    match (one.canonicalize(), other.canonicalize()) {
        (Ok(one), Ok(other)) => one == other,
        _ => false,
    }
}

fn say_refusals(solution: &Solution) -> ExitCode {
    let refused: Vec<&str> = solution
        .seams
        .iter()
        .flat_map(|seam| &seam.lines)
        .filter_map(|line| match &line.outcome {
            LineOutcome::Refused(refused) => Some(refused.message.as_str()),
            LineOutcome::Drawn(_) => None,
        })
        .chain(solution.hems.iter().filter_map(|hem| hem.refused.as_deref()))
        .collect();
    for message in &refused {
        complain(message);
    }
    if refused.is_empty() { ExitCode::SUCCESS } else { ExitCode::from(UNSOLVED) }
}

/// Prints a document as JSON.
pub fn print(document: &impl serde::Serialize) -> ExitCode {
    let written = serde_json::to_string_pretty(document).map_err(|error| error.to_string());
    match written.and_then(|text| say(&(text + "\n")).map_err(|error| error.to_string())) {
        Ok(()) => ExitCode::SUCCESS,
        Err(error) => {
            complain(&error);
            ExitCode::FAILURE
        }
    }
}
