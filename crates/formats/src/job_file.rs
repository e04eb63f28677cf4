//! The job file (`*.vemble.json`) and the result file.

use thiserror::Error;
use vemble_fit::{Job, Solution};

use crate::limits;

/// A job file that cannot be read, with the place where reading stopped.
#[derive(Debug, Error)]
#[error("line {line}, column {column}: {message}")]
pub struct JobFileError {
    /// Line, from 1.
    pub line: usize,
    /// Column, from 1.
    pub column: usize,
    /// What was found and what was expected.
    pub message: String,
}

/// Reads a job file.
///
/// # Errors
/// [`JobFileError`] with line and column.
pub fn read_job(bytes: &[u8]) -> Result<Job, JobFileError> {
    limits::look_over(bytes, &[]).map_err(|beyond| {
        let (line, column) = (1, 1);
        JobFileError { line, column, message: beyond.detail }
    })?;
    serde_json::from_slice(bytes).map_err(|error| {
        let text = error.to_string();
        // The library ends its message with the place, which is said separately here.
        let message = text.rsplit_once(" at line ").map_or(text.as_str(), |(message, _)| message);
        JobFileError { line: error.line(), column: error.column(), message: message.to_owned() }
    })
}

/// Writes a job file, the same bytes for the same job.
#[must_use]
pub fn write_job(job: &Job) -> String {
    pretty(job)
}

/// Writes a result file.
#[must_use]
pub fn write_solution(solution: &Solution) -> String {
    pretty(solution)
}

fn pretty(value: &impl serde::Serialize) -> String {
    // Every key of these types is a string and every number finite, so this cannot fail.
    let mut text = serde_json::to_string_pretty(value).unwrap_or_default();
    text.push('\n');
    text
}

#[cfg(test)]
mod tests {
    use super::*;
    use proptest::prelude::*;

    const EXAMPLE: &[u8] = include_bytes!("../../../docs/examples/barn-dance-trousers.vemble.json");

    #[test]
    fn a_job_written_and_read_is_the_same_job() {
        let job = read_job(EXAMPLE).unwrap();
        assert_eq!(read_job(write_job(&job).as_bytes()).unwrap(), job);
    }

    #[test]
    fn what_cannot_be_read_says_where() {
        let text = String::from_utf8_lossy(EXAMPLE).replace("\"reading\": 10 ", "\"reading\": \"ten\" ");
        let error = read_job(text.as_bytes()).unwrap_err();
        assert!(error.line > 40 && error.message.contains("ten"), "{error}");
    }

    proptest! {
        #[test]
        fn no_bytes_make_it_panic(cut in 0usize..3000, byte in any::<u8>()) {
            let mut bytes = EXAMPLE.to_vec();
            let at = cut.min(bytes.len() - 1);
            bytes[at] = byte;
            let _ = read_job(&bytes).map(|job| vemble_fit::solve(&job).is_ok());
            let _ = read_job(&bytes[..at]);
        }
    }
}
