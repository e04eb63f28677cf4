//! A running server, and clients that keep their cookies.
// Each test file uses its own part of this.
#![allow(dead_code)]

pub mod chance;

use std::io::{BufRead, BufReader};
use std::net::TcpListener;
use std::sync::mpsc::{Receiver, channel};
use std::time::Duration;

use serde_json::{Value, json};
use ureq::Body;
use ureq::http::{Request, Response};
use uuid::Uuid;
use vemble_server::{App, Options};
use vemble_store::testing;

/// How often a request is sent again to a workroom whose memory does not answer, and how long is waited between.
const TRIES: usize = 30;
const AGAIN: Duration = Duration::from_secs(1);

/// A server on a port of its own, with an empty database.
pub struct Running {
    /// Its address.
    pub url: String,
    /// Its database.
    pub database: String,
}

/// One browser's worth of cookies.
pub struct Client {
    /// What sends, for headers of one's own.
    pub agent: ureq::Agent,
    url: String,
}

/// Status, ETag and body of an answer.
pub struct Answer {
    /// HTTP status.
    pub status: u16,
    /// The version in the ETag.
    pub version: Option<String>,
    /// Content type.
    pub content_type: String,
    /// The body as JSON; null when it is none.
    pub body: Value,
}

impl Running {
    /// Starts a server.
    pub fn start() -> Running {
        Running::with(Options::default())
    }

    /// Starts a server that is run in some other way.
    pub fn with(options: Options) -> Running {
        Running::on(testing::fresh_database(), options)
    }

    /// Starts a server on a database of its own that holds something.
    pub fn on(database: String, options: Options) -> Running {
        let store = testing::store(&database, 4);
        let listener = TcpListener::bind("127.0.0.1:0").expect("a port");
        let url = format!("http://{}", listener.local_addr().expect("an address"));
        let app = App::new(store, options);
        std::thread::spawn(move || {
            actix_web::rt::System::new()
                .block_on(async { vemble_server::serve(app, listener, 1).expect("a server").await })
        });
        Running { url, database }
    }

    /// A browser that nobody is signed in to.
    pub fn stranger(&self) -> Client {
        Client { agent: agent(), url: self.url.clone() }
    }

    /// A browser signed in to a new account.
    pub fn account(&self, email: &str) -> Client {
        let entry = json!({ "email": email, "password": "a long enough password" });
        assert_eq!(self.stranger().send("POST", "/api/v1/account", None, Some(entry)).status, 202);
        self.signed_in(email)
    }

    /// Another browser signed in to an account there is.
    pub fn signed_in(&self, email: &str) -> Client {
        let client = self.stranger();
        let entry = json!({ "email": email, "password": "a long enough password" });
        assert_eq!(client.send("POST", "/api/v1/session", None, Some(entry)).status, 200);
        client
    }
}

/// What asks, and takes a refusal for the answer it is.
fn agent() -> ureq::Agent {
    ureq::Agent::config_builder().http_status_as_error(false).build().into()
}

/// A header of an answer, where it has it.
pub fn header<'a>(answer: &'a Response<Body>, name: &str) -> Option<&'a str> {
    answer.headers().get(name).map(|said| said.to_str().expect("text"))
}

impl Answer {
    /// An answer as it came.
    fn of(mut answer: Response<Body>) -> Answer {
        let text = answer.body_mut().with_config().limit(u64::MAX).read_to_string().ok();
        Answer {
            status: answer.status().as_u16(),
            version: header(&answer, "etag").map(str::to_owned),
            content_type: answer.body().mime_type().unwrap_or_default().to_owned(),
            body: text.and_then(|text| serde_json::from_str(&text).ok()).unwrap_or(Value::Null),
        }
    }
}

impl Client {
    /// The whole address of a path.
    pub fn url_of(&self, path: &str) -> String {
        format!("{}{path}", self.url)
    }

    /// Sends a request, and again while the workroom's memory does not answer, or somebody else's turn takes too long: a
    /// machine busy with something else holds its disk still for seconds at a time, and everybody is told then to keep
    /// what they have and send it again.
    pub fn send(&self, method: &str, path: &str, version: Option<&str>, body: Option<Value>) -> Answer {
        for _ in 0..TRIES {
            let answer = self.send_once(method, path, version, body.as_ref());
            if answer.body["code"] != "store.unavailable" && answer.body["code"] != "server.busy" {
                return answer;
            }
            std::thread::sleep(AGAIN);
        }
        self.send_once(method, path, version, body.as_ref())
    }

    fn send_once(&self, method: &str, path: &str, version: Option<&str>, body: Option<&Value>) -> Answer {
        self.ask(
            method,
            path,
            &version.map(|version| ("If-Match", version)).into_iter().collect::<Vec<_>>(),
            body,
        )
    }

    /// Sends a request once, with headers of one's own.
    pub fn ask(&self, method: &str, path: &str, headers: &[(&str, &str)], body: Option<&Value>) -> Answer {
        let request = Request::builder().method(method).uri(self.url_of(path));
        let request = headers.iter().fold(request, |request, (name, said)| request.header(*name, *said));
        let answer = match body {
            Some(body) => {
                let request = request.header("Content-Type", "application/json");
                self.agent.run(request.body(body.to_string()).expect("a request"))
            }
            None => self.agent.run(request.body(()).expect("a request")),
        };
        Answer::of(answer.unwrap_or_else(|error| panic!("{method} {path}: {error}")))
    }

    /// Hands a workroom file over.
    pub fn hand_over(&self, file: &[u8], headers: &[(&str, &str)]) -> Answer {
        let request = self.agent.post(self.url_of("/api/v1/workroom")).content_type("application/zip");
        let request = headers.iter().fold(request, |request, (name, said)| request.header(*name, *said));
        Answer::of(request.send(file).expect("an answer"))
    }

    /// The whole workroom as a file.
    pub fn saved(&self) -> Vec<u8> {
        let mut answer = self.agent.get(self.url_of("/api/v1/workroom.zip")).call().expect("a file");
        assert_eq!(answer.body().mime_type(), Some("application/zip"));
        answer.body_mut().with_config().limit(u64::MAX).read_to_vec().expect("all of it")
    }

    /// Reads.
    pub fn get(&self, path: &str) -> Answer {
        self.send("GET", path, None, None)
    }

    /// Takes back the newest change of a garment that can go.
    pub fn undo(&self, garment: &str) -> Answer {
        let journal = self.get(&format!("{garment}/journal")).body;
        let last = journal.as_array().and_then(|lines| lines.iter().find(|line| line["can_go"] == true));
        let line = last.expect("a change that can go")["id"].clone();
        self.send("POST", &format!("{garment}/undo"), None, Some(json!({ "line": line })))
    }

    /// Writes, saying which version was read.
    pub fn put(&self, path: &str, version: Option<&str>, body: &Value) -> Answer {
        self.send("PUT", path, version, Some(body.clone()))
    }
}

/// How long a change is waited for on a machine that is busy with something else.
pub const SOON: Duration = Duration::from_secs(20);

/// The changes of a fitting that a browser hears of since a line, as they come.
pub fn follow(client: &Client, fitting: &str, since: i64) -> Receiver<Value> {
    let (tell, heard) = channel();
    let agent = client.agent.clone();
    let url = client.url_of(&format!("/api/v1/fittings/{fitting}/changes?since={since}"));
    std::thread::spawn(move || {
        let Ok(answer) = agent.get(&url).call() else { return };
        assert_eq!(answer.body().mime_type(), Some("text/event-stream"));
        for line in BufReader::new(answer.into_body().into_reader()).lines().map_while(Result::ok) {
            if let Some(data) = line.strip_prefix("data: ")
                && tell.send(serde_json::from_str(data).expect("JSON")).is_err()
            {
                return;
            }
        }
    });
    heard
}

/// A workroom with the example's garment, its first fitting begun and nothing read.
pub fn begun(garment: &str, fitting: &str) -> (Running, Client) {
    let server = Running::start();
    let ada = server.account("ada@example.org");
    let (record, _) = example(garment);
    assert_eq!(ada.put(&format!("/api/v1/garments/{garment}"), None, &record).status, 200);
    let begin = json!({ "garment": garment, "held_on": "2026-11-16" });
    let changes = json!({ "changes": [{ "id": Uuid::now_v7(), "begin": begin }] });
    let answer = ada.send("POST", &format!("/api/v1/fittings/{fitting}/changes"), None, Some(changes));
    assert_eq!((answer.status, &answer.body["record"]["number"]), (200, &json!(1)), "{}", answer.body);
    (server, ada)
}

/// The example job's garment and fitting as records of this server.
pub fn example(garment_id: &str) -> (Value, Value) {
    let job: Value =
        serde_json::from_str(include_str!("../../../../docs/examples/barn-dance-trousers.vemble.json"))
            .expect("the example");
    (
        json!({ "wearer": null, "due_on": null, "garment": job["garment"] }),
        json!({ "garment": garment_id, "number": 1, "fitting": job["fitting"] }),
    )
}

/// The worked examples of `docs/examples`, each with the name of its file.
pub fn examples() -> Vec<(String, Value)> {
    let folder = std::path::Path::new(env!("CARGO_MANIFEST_DIR")).join("../../docs/examples");
    let mut jobs: Vec<(String, Value)> = std::fs::read_dir(folder)
        .expect("the examples")
        .map(|entry| entry.expect("a file").path())
        .filter(|path| path.to_string_lossy().ends_with(".vemble.json"))
        .map(|path| {
            let name = path.file_name().expect("a name").to_string_lossy().into_owned();
            (name, serde_json::from_slice(&std::fs::read(path).expect("read")).expect("JSON"))
        })
        .collect();
    jobs.sort_by(|a, b| a.0.cmp(&b.0));
    jobs
}

/// One worked example by its name.
pub fn example_job(name: &str) -> Value {
    let file = format!("{name}.vemble.json");
    examples().into_iter().find(|(known, _)| *known == file).expect("the example").1
}

/// Any of them.
pub fn any_job(chance: &mut chance::Chance) -> Value {
    chance.pick(&examples()).1.clone()
}
