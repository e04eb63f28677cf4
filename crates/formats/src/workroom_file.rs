//! A whole workroom in one file: a zip with `workroom.json`, which holds everything, and beside it a job file of
//! each fitting, for whoever wants just that.

use std::io::{BufReader, Cursor, Read, Write};

use chrono::NaiveDate;
use serde::{Deserialize, Serialize};
use thiserror::Error;
use vemble_fit::plan::Work;
use vemble_fit::{Fitting, Garment, Habits, JOB_FORMAT, Job, Wearer};
use zip::write::SimpleFileOptions;
use zip::{CompressionMethod, DateTime, ZipArchive, ZipWriter};

use crate::job_file::write_job;
use crate::limits;

/// The format this build writes and reads.
pub const WORKROOM_FORMAT: &str = "vemble-workroom/1";
/// The name of what holds everything.
const INSIDE: &str = "workroom.json";
/// Largest file, in bytes.
pub const LARGEST_WORKROOM: usize = 64 * 1024 * 1024;
/// The largest that what holds everything may unpack to, in bytes: five thousand garments, each pinned in full three
/// times, and half as much again.
pub const LARGEST_INSIDE: usize = 4 * LARGEST_WORKROOM;
/// The same for all that is in a file: each job repeats what is said once inside.
const LARGEST_UNPACKED: u64 = 8 * LARGEST_INSIDE as u64;

/// Everything of a workroom. Who wears what is told by position, so that the same workroom is the same file wherever
/// it is kept.
#[derive(Debug, Clone, PartialEq, Serialize, Deserialize, utoipa::ToSchema)]
#[serde(deny_unknown_fields)]
pub struct Workroom {
    /// [`WORKROOM_FORMAT`].
    #[schema(pattern = "^vemble-workroom/1$")]
    pub format: String,
    /// Settings.
    pub habits: Habits,
    /// People with their measures.
    pub wearers: Vec<Wearer>,
    /// Garments with their fittings.
    pub garments: Vec<HungGarment>,
}

/// A garment with whose it is and its fittings.
#[derive(Debug, Clone, PartialEq, Serialize, Deserialize, utoipa::ToSchema)]
#[serde(deny_unknown_fields)]
pub struct HungGarment {
    /// Position of its wearer among the people, from 0.
    pub wearer: Option<usize>,
    /// The day it is wanted for.
    #[schema(value_type = Option<String>, format = Date)]
    pub due_on: Option<NaiveDate>,
    /// The garment.
    pub garment: Garment,
    /// Its fittings, first to last.
    pub fittings: Vec<HeldFitting>,
}

/// A fitting with its number and what its steps took.
#[derive(Debug, Clone, PartialEq, Serialize, Deserialize, utoipa::ToSchema)]
#[serde(deny_unknown_fields)]
pub struct HeldFitting {
    /// First, second, third fitting of its garment.
    pub number: i32,
    /// The fitting.
    pub fitting: Fitting,
    /// What kind of work its ticked steps are, and what they were estimated at.
    #[serde(default)]
    pub works: Vec<StepWork>,
}

/// What a ticked step was.
#[derive(Debug, Clone, PartialEq, Serialize, Deserialize, utoipa::ToSchema)]
#[serde(deny_unknown_fields)]
pub struct StepWork {
    /// The step's key.
    pub step: String,
    /// The kind of work.
    pub work: Work,
    /// Its minutes before the hand's own pace counts.
    pub estimate: f64,
}

/// Why a file is no workroom that this build can read.
#[derive(Debug, Error, PartialEq, Eq)]
pub enum WorkroomFileError {
    /// It is larger than any workroom.
    #[error(
        "it is larger than {} MiB, or {} unpacked, which no workroom is",
        mib(LARGEST_WORKROOM),
        mib(LARGEST_INSIDE)
    )]
    TooLarge,
    /// It is no zip, or a damaged one.
    #[error("it is no zip file, or a damaged one: {0}")]
    Damaged(String),
    /// A zip of something else.
    #[error("it is a zip file of something else: there is no {INSIDE} in it")]
    Foreign,
    /// Another format.
    #[error("its format was read as \"{0}\"; this build reads \"{WORKROOM_FORMAT}\"")]
    Format(String),
    /// A newer build wrote it.
    #[error("a newer Vemble wrote it (\"{0}\"); restore it with that one")]
    Newer(String),
    /// Something in it is more than there can be of it.
    #[error("{INSIDE}: {0}")]
    Beyond(limits::Beyond),
    /// Something in it cannot be read.
    #[error("{INSIDE}, line {line}, column {column}: {message}")]
    Unreadable {
        /// Line, from 1.
        line: usize,
        /// Column, from 1.
        column: usize,
        /// What was found and what was expected.
        message: String,
    },
}

const fn mib(bytes: usize) -> usize {
    bytes / (1024 * 1024)
}

impl Workroom {
    /// A fitting of a garment as a job of its own.
    fn job(&self, hung: &HungGarment, held: &HeldFitting) -> Job {
        let wearer = hung.wearer.and_then(|at| self.wearers.get(at));
        Job {
            format: JOB_FORMAT.to_owned(),
            wearer: wearer.map_or_else(|| "its wearer".to_owned(), |wearer| wearer.name.clone()),
            body: wearer.and_then(|wearer| wearer.body_on(held.fitting.held_on).cloned()),
            habits: self.habits.clone(),
            garment: hung.garment.clone(),
            fitting: held.fitting.clone(),
            timings: Vec::new(),
        }
    }
}

/// Writes a workroom, and beside it the job of each fitting: the same bytes for the same workroom.
///
/// # Errors
/// [`WorkroomFileError::TooLarge`] where it is larger than could be read again.
pub fn write_workroom(workroom: &Workroom) -> Result<Vec<u8>, WorkroomFileError> {
    let mut zip = ZipWriter::new(Cursor::new(Vec::new()));
    // No time of day: it would make two files of one workroom.
    let options = SimpleFileOptions::default()
        .compression_method(CompressionMethod::Deflated)
        .last_modified_time(DateTime::default());
    zip.start_file(INSIDE, options).map_err(damaged)?;
    let mut inside = Counted { into: &mut zip, count: 0 };
    serde_json::to_writer(&mut inside, workroom).map_err(damaged)?;
    inside.write_all(b"\n").map_err(damaged)?;
    if inside.count > LARGEST_INSIDE as u64 {
        return Err(WorkroomFileError::TooLarge);
    }
    let held = workroom.garments.iter().flat_map(|hung| hung.fittings.iter().map(move |held| (hung, held)));
    for (at, (hung, held)) in held.enumerate() {
        // The position keeps two garments of one name apart.
        let (at, name, number) = (at + 1, plain(&hung.garment.name), held.number);
        zip.start_file(format!("jobs/{at:03} {name}, fitting {number}.vemble.json"), options)
            .map_err(damaged)?;
        zip.write_all(write_job(&workroom.job(hung, held)).as_bytes()).map_err(damaged)?;
    }
    let bytes = zip.finish().map_err(damaged)?.into_inner();
    if bytes.len() > LARGEST_WORKROOM { Err(WorkroomFileError::TooLarge) } else { Ok(bytes) }
}

/// What is written on its way, counted.
struct Counted<W> {
    into: W,
    count: u64,
}

impl<W: Write> Write for Counted<W> {
    fn write(&mut self, bytes: &[u8]) -> std::io::Result<usize> {
        let written = self.into.write(bytes)?;
        self.count += written as u64;
        Ok(written)
    }

    fn flush(&mut self) -> std::io::Result<()> {
        self.into.flush()
    }
}

/// A name that every file system takes.
fn plain(name: &str) -> String {
    name.chars().map(|c| if c.is_alphanumeric() || c == ' ' || c == '-' { c } else { '-' }).collect()
}

fn damaged(error: impl std::fmt::Display) -> WorkroomFileError {
    WorkroomFileError::Damaged(error.to_string())
}

/// Reads a workroom, whole or not at all. It is unpacked as it is read, once for each look, so that a large one is
/// never in memory as text.
///
/// # Errors
/// [`WorkroomFileError`] with the reason.
pub fn read_workroom(bytes: &[u8]) -> Result<Workroom, WorkroomFileError> {
    if bytes.len() > LARGEST_WORKROOM {
        return Err(WorkroomFileError::TooLarge);
    }
    let mut zip = ZipArchive::new(Cursor::new(bytes)).map_err(damaged)?;
    inside(&mut zip)?;
    check_unpacked(&mut zip)?;
    check_format(inside(&mut zip)?)?;
    limits::look_over_read(inside(&mut zip)?, &limits::WORKROOM_LISTS).map_err(WorkroomFileError::Beyond)?;
    serde_json::from_reader(inside(&mut zip)?).map_err(|error| {
        let said = error.to_string();
        let message = said.rsplit_once(" at line ").map_or(said.as_str(), |(message, _)| message).to_owned();
        WorkroomFileError::Unreadable { line: error.line(), column: error.column(), message }
    })
}

/// What holds everything, from its beginning.
fn inside<'a, 'b>(
    zip: &'a mut ZipArchive<Cursor<&'b [u8]>>,
) -> Result<impl Read + use<'a, 'b>, WorkroomFileError> {
    match zip.by_name(INSIDE) {
        Err(zip::result::ZipError::FileNotFound) => Err(WorkroomFileError::Foreign),
        inside => Ok(BufReader::new(inside.map_err(damaged)?)),
    }
}

/// Unpacks all of it once, so that a file that is damaged anywhere is not taken for a whole one, and nothing is
/// unpacked that is larger than it may be, however small it is packed.
fn check_unpacked(zip: &mut ZipArchive<Cursor<&[u8]>>) -> Result<(), WorkroomFileError> {
    let mut left = LARGEST_UNPACKED;
    for at in 0..zip.len() {
        let entry = zip.by_index(at).map_err(damaged)?;
        let most = if entry.name().map_err(damaged)? == INSIDE { LARGEST_INSIDE as u64 } else { left };
        let size = std::io::copy(&mut entry.take(most + 1), &mut std::io::sink()).map_err(damaged)?;
        if size > most {
            return Err(WorkroomFileError::TooLarge);
        }
        left = left.saturating_sub(size);
    }
    Ok(())
}

fn check_format(inside: impl Read) -> Result<(), WorkroomFileError> {
    #[derive(Deserialize)]
    struct Head {
        #[serde(default)]
        format: String,
    }
    // What is no JSON at all is said where it is read.
    let Ok(Head { format }) = serde_json::from_reader(inside) else { return Ok(()) };
    let version = |format: &str| {
        let (name, version) = format.rsplit_once('/')?;
        Some((name.to_owned(), version.parse::<u32>().ok()?))
    };
    match (version(&format), version(WORKROOM_FORMAT)) {
        _ if format == WORKROOM_FORMAT => Ok(()),
        (Some((name, theirs)), Some((known, ours))) if name == known && theirs > ours => {
            Err(WorkroomFileError::Newer(format))
        }
        _ => Err(WorkroomFileError::Format(format)),
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use proptest::prelude::*;

    const EXAMPLE: &[u8] = include_bytes!("../../../docs/examples/barn-dance-trousers.vemble.json");

    fn workroom() -> (Workroom, Job) {
        let job: Job = serde_json::from_slice(EXAMPLE).expect("the example");
        let fitting = HeldFitting { number: 1, fitting: job.fitting.clone(), works: Vec::new() };
        let hung = HungGarment {
            wearer: Some(0),
            due_on: None,
            garment: job.garment.clone(),
            fittings: vec![fitting],
        };
        let wearer = Wearer { name: "Odile Marrow".into(), measured: job.body.clone().into_iter().collect() };
        let workroom = Workroom {
            format: WORKROOM_FORMAT.into(),
            habits: job.habits.clone(),
            wearers: vec![wearer],
            garments: vec![hung],
        };
        (workroom, job)
    }

    fn zipped(name: &str, text: &[u8]) -> Vec<u8> {
        let mut zip = ZipWriter::new(Cursor::new(Vec::new()));
        zip.start_file(name, SimpleFileOptions::default()).expect("begun");
        zip.write_all(text).expect("written");
        zip.finish().expect("a zip").into_inner()
    }

    #[test]
    fn a_workroom_written_and_read_is_the_same_and_so_are_its_bytes() {
        let (workroom, job) = workroom();
        let bytes = write_workroom(&workroom).expect("written");
        assert_eq!(read_workroom(&bytes).expect("read"), workroom);
        assert_eq!(write_workroom(&read_workroom(&bytes).expect("read")).expect("again"), bytes);
        let mut zip = ZipArchive::new(Cursor::new(&bytes)).expect("a zip");
        let mut beside = String::new();
        zip.by_index(1).expect("a job").read_to_string(&mut beside).expect("text");
        assert_eq!(crate::read_job(beside.as_bytes()).expect("a job"), job);
    }

    #[test]
    fn what_is_no_workroom_says_why() {
        let (workroom, _) = workroom();
        let bytes = write_workroom(&workroom).expect("written");
        let why = |bytes: &[u8]| read_workroom(bytes).expect_err("refused").to_string();
        assert!(why(b"a letter").contains("no zip file"), "{}", why(b"a letter"));
        assert!(why(&bytes[..bytes.len() / 2]).contains("damaged"));
        assert!(why(&zipped("holiday.txt", b"sea")).contains("something else"));
        let with = |format: &str| {
            let text = serde_json::to_string(&workroom).expect("text").replace(WORKROOM_FORMAT, format);
            why(&zipped(INSIDE, text.as_bytes()))
        };
        assert!(with("vemble-workroom/2").contains("newer Vemble"));
        assert!(with("knitting/1").contains("reads \"vemble-workroom/1\""));
        assert!(
            why(&zipped(INSIDE, b"{\"format\": \"vemble-workroom/1\",\n \"habits\": 7}")).contains("line 2")
        );
    }

    #[test]
    fn a_small_file_that_unpacks_to_a_huge_one_is_refused() {
        let bytes = zipped(INSIDE, &vec![b' '; LARGEST_INSIDE + 1]);
        assert!(bytes.len() < LARGEST_WORKROOM / 100, "it is packed");
        assert_eq!(read_workroom(&bytes), Err(WorkroomFileError::TooLarge));
        let most = zipped(INSIDE, &vec![b' '; LARGEST_INSIDE]);
        assert!(matches!(read_workroom(&most), Err(WorkroomFileError::Unreadable { .. })), "it was unpacked");
    }

    proptest! {
        #[test]
        fn no_bytes_make_it_panic(cut in any::<prop::sample::Index>(), byte in any::<u8>()) {
            let (workroom, _) = workroom();
            let mut bytes = write_workroom(&workroom).expect("written");
            let at = cut.index(bytes.len());
            let _ = read_workroom(&bytes[..at]);
            bytes[at] = byte;
            let _ = read_workroom(&bytes);
        }
    }
}
