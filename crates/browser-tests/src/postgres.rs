//! A PostgreSQL of its own, for tests that stop it.

use std::path::PathBuf;
use std::process::{Command, Stdio};

/// A private PostgreSQL; it is stopped and its files are removed when dropped.
pub struct Postgres {
    folder: PathBuf,
}

impl Postgres {
    /// A new one, not started yet.
    #[must_use]
    pub fn new(name: &str) -> Postgres {
        Postgres { folder: std::env::temp_dir().join(format!("vemble-{name}-{}", std::process::id())) }
    }

    /// Starts it, at the port it had before if it had one; returns its URL.
    ///
    /// # Panics
    /// When it does not start.
    #[must_use]
    pub fn start(&self) -> String {
        let output = self.script("start").stderr(Stdio::inherit()).output().expect("the script");
        assert!(output.status.success(), "PostgreSQL does not start");
        String::from_utf8(output.stdout).expect("a URL").trim().to_owned()
    }

    /// Stops it.
    ///
    /// # Panics
    /// When the script cannot be run.
    pub fn stop(&self) {
        assert!(self.script("stop").status().expect("the script").success());
    }

    /// Ends it as a power cut does.
    ///
    /// # Panics
    /// When the script cannot be run.
    pub fn crash(&self) {
        assert!(self.script("crash").status().expect("the script").success());
    }

    /// Holds it still: connections stay open and nothing answers.
    ///
    /// # Panics
    /// When the script cannot be run.
    pub fn freeze(&self) {
        assert!(self.script("freeze").status().expect("the script").success());
    }

    /// Lets it go on.
    ///
    /// # Panics
    /// When the script cannot be run.
    pub fn thaw(&self) {
        assert!(self.script("thaw").status().expect("the script").success());
    }

    fn script(&self, act: &str) -> Command {
        let mut command = Command::new(crate::project().join("scripts/postgres.sh"));
        command.arg(act).arg(&self.folder);
        command
    }
}

impl Drop for Postgres {
    fn drop(&mut self) {
        // It may have been held still when its test failed.
        let _ = self.script("thaw").stderr(Stdio::null()).status();
        let _ = self.script("stop").status();
        let _ = std::fs::remove_dir_all(&self.folder);
    }
}
