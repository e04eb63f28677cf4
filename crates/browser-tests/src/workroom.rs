//! A server of its own.

use std::io::{BufRead, BufReader};
use std::process::{Child, Command, Stdio};

use serde_json::Value;
use vemble_store::testing;

/// A running `vemble serve`; it is stopped when dropped.
pub struct Workroom {
    server: Child,
    database: String,
    demo: bool,
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
        let (server, url) = serve(database, demo, "127.0.0.1:0");
        Workroom { server, database: database.to_owned(), demo, url }
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
        (self.server, self.url) = serve(&self.database, self.demo, &listen);
    }

    /// What the server answers to a reader without an account.
    ///
    /// # Panics
    /// When there is no answer at all.
    #[must_use]
    pub fn get(&self, path: &str) -> (u16, Value) {
        match ureq::get(&format!("{}{path}", self.url)).call() {
            Ok(response) | Err(ureq::Error::Status(_, response)) => {
                (response.status(), response.into_json().unwrap_or(Value::Null))
            }
            Err(error) => panic!("{path}: {error}"),
        }
    }
}

impl Drop for Workroom {
    fn drop(&mut self) {
        // Killed already, or killed now.
        let _ = self.server.kill();
        let _ = self.server.wait();
    }
}

fn serve(database: &str, demo: bool, listen: &str) -> (Child, String) {
    let mut command = Command::new(crate::binary());
    command.args(["serve", "--listen", listen]).env("VEMBLE_DATABASE", database).stdout(Stdio::piped());
    if demo {
        command.arg("--demo");
    }
    let mut server = command.spawn().expect("vemble starts");
    let mut said = String::new();
    BufReader::new(server.stdout.take().expect("its words")).read_line(&mut said).expect("a line");
    let url = said.trim().strip_prefix("Vemble is at ").unwrap_or_else(|| panic!("it said {said:?}"));
    (server, url.to_owned())
}
