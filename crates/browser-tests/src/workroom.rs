//! A server of its own.

use std::fs::{self, File};
use std::io::{BufRead, BufReader};
use std::path::{Path, PathBuf};
use std::process::{Child, Command, Stdio};
use std::sync::atomic::{AtomicU32, Ordering};

use serde_json::Value;
use vemble_store::testing;

use crate::visitor::Visitor;

/// A running `vemble serve`; it is stopped when dropped.
pub struct Workroom {
    server: Child,
    database: String,
    demo: bool,
    log: PathBuf,
    /// Its address.
    pub url: String,
}

impl Workroom {
    /// An empty workroom that nobody has an account in.
    #[must_use]
    pub fn empty() -> Workroom {
        Workroom::on(&testing::fresh_database(), false)
    }

    /// The demo workroom, as freshly loaded.
    #[must_use]
    pub fn demo() -> Workroom {
        Workroom::on(&testing::fresh_database(), true)
    }

    /// A workroom on a database that is already there.
    #[must_use]
    pub fn on(database: &str, demo: bool) -> Workroom {
        static COUNT: AtomicU32 = AtomicU32::new(0);
        let number = COUNT.fetch_add(1, Ordering::Relaxed);
        let log = std::env::temp_dir().join(format!("vemble-log-{}-{number}", std::process::id()));
        let (server, url) = serve(database, demo, "127.0.0.1:0", &log);
        Workroom { server, database: database.to_owned(), demo, log, url }
    }

    /// What the server has written to its log so far.
    ///
    /// # Panics
    /// When there is none.
    #[must_use]
    pub fn log(&self) -> String {
        fs::read_to_string(&self.log).expect("its log")
    }

    /// Ends the server as a power cut does: SIGKILL, without a word.
    ///
    /// # Panics
    /// When it is not running.
    pub fn kill(&mut self) {
        self.server.kill().expect("a running server");
        self.server.wait().expect("its end");
    }

    /// Starts a killed server again at its old address.
    pub fn start_again(&mut self) {
        let listen = self.url.trim_start_matches("http://").to_owned();
        (self.server, self.url) = serve(&self.database, self.demo, &listen, &self.log);
    }

    /// What the server holds of the machine's memory now, and the most it ever held, in MB.
    ///
    /// # Panics
    /// When it is not running.
    #[must_use]
    pub fn memory(&self) -> [f64; 2] {
        let status = std::fs::read_to_string(format!("/proc/{}/status", self.server.id())).expect("it runs");
        ["VmRSS:", "VmHWM:"].map(|what| {
            let line = status.lines().find_map(|line| line.strip_prefix(what)).expect("a line");
            line.split_whitespace().next().and_then(|kb| kb.parse::<f64>().ok()).expect("kB") / 1024.0
        })
    }

    /// What the server answers to a reader without an account.
    ///
    /// # Panics
    /// When there is no answer at all.
    #[must_use]
    pub fn get(&self, path: &str) -> (u16, Value) {
        Visitor::new(&self.url).get(path)
    }
}

impl Drop for Workroom {
    fn drop(&mut self) {
        // Killed already, or killed now.
        let _ = self.server.kill();
        let _ = self.server.wait();
        // What it had to say is of use to whoever reads why a test failed.
        if std::thread::panicking() {
            eprintln!("the server's log:\n{}", fs::read_to_string(&self.log).unwrap_or_default());
        }
        let _ = fs::remove_file(&self.log);
    }
}

fn serve(database: &str, demo: bool, listen: &str, log: &Path) -> (Child, String) {
    let log = File::options().create(true).append(true).open(log).expect("a log");
    let mut command = Command::new(crate::binary());
    command.args(["serve", "--listen", listen]).env("VEMBLE_DATABASE", database).stdout(Stdio::piped());
    command.stderr(log);
    if demo {
        command.arg("--demo");
    }
    let mut server = command.spawn().expect("vemble starts");
    let mut said = String::new();
    BufReader::new(server.stdout.take().expect("its words")).read_line(&mut said).expect("a line");
    let url = said.trim().strip_prefix("Vemble is at ").unwrap_or_else(|| panic!("it said {said:?}"));
    (server, url.to_owned())
}
