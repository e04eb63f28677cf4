//! A program that asks a workroom, with cookies of its own.

use std::io::{BufRead, BufReader};
use std::time::Duration;

use serde_json::Value;
use ureq::SendBody;
use ureq::http::Request;

/// A program's line to a workroom.
#[derive(Clone)]
pub struct Visitor {
    agent: ureq::Agent,
    url: String,
}

/// What asks, and takes a refusal for the answer it is.
#[must_use]
pub fn agent(patience: Option<Duration>) -> ureq::Agent {
    ureq::Agent::config_builder().http_status_as_error(false).timeout_global(patience).build().into()
}

/// So often a door is knocked at where nobody answers.
const OPENINGS: u32 = 50;

impl Visitor {
    /// One that nobody knows yet. It waits for an answer longer than any server should take.
    #[must_use]
    pub fn new(url: &str) -> Visitor {
        Visitor { agent: agent(Some(Duration::from_secs(60))), url: url.to_owned() }
    }

    /// One that has opened the demo workroom.
    ///
    /// # Panics
    /// When it does not open.
    #[must_use]
    pub fn in_demo(url: &str) -> Visitor {
        let visitor = Visitor::new(url);
        // A server that is starting again answers when it stands.
        let answer = (0..OPENINGS).find_map(|nth| {
            if nth > 0 {
                std::thread::sleep(Duration::from_millis(200));
            }
            visitor.send("POST", "/api/v1/demo-session", None)
        });
        let (status, told) = answer.expect("an answer");
        assert_eq!(status, 200, "{told}");
        visitor
    }

    /// Asks; status and body, or nothing where no answer came.
    #[must_use]
    pub fn send(&self, method: &str, path: &str, body: Option<&Value>) -> Option<(u16, Value)> {
        let request = Request::builder().method(method).uri(format!("{}{path}", self.url));
        let answer = match body {
            Some(body) => {
                let request = request.header("Content-Type", "application/json");
                self.agent.run(request.body(body.to_string()).expect("a request"))
            }
            None => self.agent.run(request.body(()).expect("a request")),
        };
        let mut answer = answer.ok()?;
        // An answer that was cut off is none.
        let text = answer.body_mut().with_config().limit(u64::MAX).read_to_string().ok()?;
        Some((answer.status().as_u16(), serde_json::from_str(&text).unwrap_or(Value::Null)))
    }

    /// Hands a workroom file over; status, or nothing where no answer came.
    #[must_use]
    pub fn hand_over(&self, length: usize, mut file: impl std::io::Read) -> Option<u16> {
        let request = self.agent.post(format!("{}/api/v1/workroom", self.url));
        let request = request.content_type("application/zip").header("Content-Length", length.to_string());
        Some(request.send(SendBody::from_reader(&mut file)).ok()?.status().as_u16())
    }

    /// What is told on a stream of events, as it comes.
    ///
    /// # Panics
    /// When there is no such stream.
    pub fn follow(&self, path: &str) -> impl Iterator<Item = Value> + use<> {
        let stream = self.agent.get(format!("{}{path}", self.url)).call().expect("a stream");
        let lines = BufReader::new(stream.into_body().into_reader()).lines().map_while(Result::ok);
        lines.filter_map(|line| serde_json::from_str(line.strip_prefix("data: ")?).ok())
    }

    /// Reads; there has to be an answer.
    ///
    /// # Panics
    /// When there is none.
    #[must_use]
    pub fn get(&self, path: &str) -> (u16, Value) {
        self.send("GET", path, None).unwrap_or_else(|| panic!("no answer to {path}"))
    }
}
