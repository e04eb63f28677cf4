//! `vemble solve`: a job file in, a result file out.

use std::io::Write;
use std::path::Path;
use std::process::ExitCode;

use vemble_fit::{LineOutcome, Solution};

/// The job could not be read.
const UNREADABLE: u8 = 2;
/// Some line has no solution.
const UNSOLVED: u8 = 3;

/// Solves a job file.
pub fn run(job: &Path, out: Option<&Path>) -> ExitCode {
    let refuse = |message: String| {
        eprintln!("vemble: {}: {message}", job.display());
        ExitCode::from(UNREADABLE)
    };
    let bytes = match std::fs::read(job) {
        Ok(bytes) => bytes,
        Err(error) => return refuse(error.to_string()),
    };
    let parsed = match vemble_formats::read_job(&bytes) {
        Ok(parsed) => parsed,
        Err(error) => return refuse(error.to_string()),
    };
    let solution = match vemble_fit::solve(&parsed) {
        Ok(solution) => solution,
        Err(error) => return refuse(error.to_string()),
    };
    let text = vemble_formats::write_solution(&solution);
    let written = match out {
        Some(path) => std::fs::write(path, text),
        None => std::io::stdout().write_all(text.as_bytes()),
    };
    if let Err(error) = written {
        return refuse(format!("the result could not be written: {error}"));
    }
    say_refusals(&solution)
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
        eprintln!("vemble: {message}");
    }
    if refused.is_empty() { ExitCode::SUCCESS } else { ExitCode::from(UNSOLVED) }
}

/// Prints a document as JSON.
pub fn print(document: &impl serde::Serialize) -> ExitCode {
    match serde_json::to_string_pretty(document) {
        Ok(text) => {
            println!("{text}");
            ExitCode::SUCCESS
        }
        Err(error) => {
            eprintln!("vemble: {error}");
            ExitCode::FAILURE
        }
    }
}
