//! `vemble backup` and `vemble restore`: a whole workroom in one file.

use std::fs::{File, OpenOptions};
use std::io::{Read, Write};
use std::path::Path;
use std::process::ExitCode;

use vemble_formats::{LARGEST_WORKROOM, read_workroom};
use vemble_server::workroom;
use vemble_store::{AccountId, Conn, Store, account, backup as kept};

use crate::command::Whose;
use crate::say::{complain, say};

type Failed = Box<dyn std::error::Error>;

/// Writes a workroom into a file.
pub fn backup(of: &Whose, file: &Path) -> ExitCode {
    finish(file, write(of, file))
}

/// Reads a workroom from a file into an account that has nothing in it.
pub fn restore(of: &Whose, file: &Path) -> ExitCode {
    finish(file, read(of, file))
}

fn finish(file: &Path, done: Result<String, Failed>) -> ExitCode {
    match done.and_then(|said| Ok(say(&said)?)) {
        Ok(()) => ExitCode::SUCCESS,
        Err(error) => {
            complain(&format!("{}: {error}", file.display()));
            ExitCode::FAILURE
        }
    }
}

fn open(of: &Whose) -> Result<(Conn, AccountId), Failed> {
    let mut conn = Store::open(&of.database, 2)?.conn()?;
    let email = of.account.trim().to_lowercase();
    let id = account::by_email(&mut conn, &email)?;
    Ok((conn, id.ok_or_else(|| format!("there is no account {email}"))?))
}

fn write(of: &Whose, file: &Path) -> Result<String, Failed> {
    let (mut conn, id) = open(of)?;
    let bytes = workroom::write(kept::read(&mut conn, id)?)?;
    // The backup of last month is not written over by a slip.
    let mut how = OpenOptions::new();
    how.write(true).create_new(true);
    // Measures of bodies are nobody's business on a machine that others use.
    #[cfg(unix)]
    std::os::unix::fs::OpenOptionsExt::mode(&mut how, 0o600);
    let mut out = how.open(file)?;
    out.write_all(&bytes)?;
    out.sync_all()?;
    let holds = account::holdings(&mut conn, id)?;
    Ok(format!("{} people, {} garments, {} fittings\n", holds.people, holds.garments, holds.fittings))
}

fn read(of: &Whose, file: &Path) -> Result<String, Failed> {
    let mut bytes = Vec::new();
    File::open(file)?.take(LARGEST_WORKROOM as u64 + 1).read_to_end(&mut bytes)?;
    let everything = workroom::look_over(read_workroom(&bytes)?, &mut |done, of| {
        progress("looked over", "garments", done, of);
    })?;
    let (mut conn, id) = open(of)?;
    kept::restore(&mut conn, id, &everything, &mut |done, of| {
        progress("written", "people, garments and fittings", done, of);
    })?;
    let holds = account::holdings(&mut conn, id)?;
    Ok(format!("{} people, {} garments, {} fittings\n", holds.people, holds.garments, holds.fittings))
}

/// Says now and then how far a long restore is, beside what it answers.
fn progress(done: &str, what: &str, count: usize, of: usize) {
    if count > 0 && count.is_multiple_of(SAID_EVERY) {
        eprintln!("{count} of {of} {what} {done}");
    }
}

/// How often that is said.
const SAID_EVERY: usize = 1_000;
