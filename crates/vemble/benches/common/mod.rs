//! A server with somebody signed in, for the figures.

use std::net::TcpListener;
use std::time::{Duration, Instant};

use serde_json::{Value, json};
use ureq::Body;
use ureq::http::{Request, Response};
use vemble_server::{App, Options};
use vemble_store::testing;

/// The job that is asked for.
pub const JOB: &str = include_str!("../../../../docs/examples/barn-dance-trousers.vemble.json");

/// Somebody signed in to a server.
pub struct House {
    /// Connections that stay open.
    pub agent: ureq::Agent,
    /// Where the server is.
    pub url: String,
    /// What says who asks.
    pub cookie: String,
}

impl House {
    /// A server of its own with its first account.
    pub fn open() -> House {
        House::of(&serve(), "bench@example.org")
    }

    /// A new account on a server.
    pub fn of(url: &str, email: &str) -> House {
        House { agent: agent(), cookie: sign_in(url, email), url: url.to_owned() }
    }

    /// What is answered, which is JSON.
    pub fn ask(&self, method: &str, path: &str, body: Option<&Value>) -> Value {
        let body = body.map(Value::to_string);
        let mut answer = self.send(method, path, body.as_deref()).expect("an answer");
        assert!(answer.status().is_success(), "{method} {path}: {}", answer.status());
        answer.body_mut().with_config().limit(u64::MAX).read_json().expect("JSON")
    }

    /// Sends a request as whoever is signed in.
    pub fn send(&self, method: &str, path: &str, body: Option<&str>) -> Result<Response<Body>, ureq::Error> {
        let request = Request::builder().method(method).uri(format!("{}/api/v1/{path}", self.url));
        let request = request.header("Cookie", &self.cookie).header("Content-Type", "application/json");
        match body {
            Some(body) => self.agent.run(request.body(body).expect("a request")),
            None => self.agent.run(request.body(()).expect("a request")),
        }
    }

    /// Hangs the example's garment with so many fittings; the ids of both.
    pub fn hang(&self, number: u128, fittings: u128) -> (String, Vec<String>) {
        let file: Value = serde_json::from_str(JOB).expect("the example");
        let id = |n: u128| uuid::Uuid::from_u128((7 << 76) | (1 << 63) | n).to_string();
        let garment = id(1_000_000 + number);
        let record = json!({ "due_on": "2030-01-01", "garment": file["garment"] });
        self.ask("PUT", &format!("garments/{garment}"), Some(&record));
        let fittings = (1..=fittings)
            .map(|each| {
                let fitting = id(2_000_000 + 10 * number + each);
                let record = json!({ "garment": garment, "number": each, "fitting": file["fitting"] });
                self.ask("PUT", &format!("fittings/{fitting}"), Some(&record));
                fitting
            })
            .collect();
        (garment, fittings)
    }
}

/// What asks, and takes a refusal for the answer it is.
fn agent() -> ureq::Agent {
    ureq::Agent::config_builder().http_status_as_error(false).build().into()
}

/// A change of one pin, with an id of its own.
pub fn change(n: u32) -> Value {
    let pin = json!({
        "id": "bench", "seam": "outseam", "side": "left", "datum": "hem", "station": 640,
        "mode": "seam_to_pin", "reading": 9.0 + f64::from(n % 40) / 10.0,
    });
    json!({ "changes": [{ "id": uuid::Uuid::now_v7(), "parts": [{ "change": "put_pin", "pin": pin }] }] })
}

/// How long work takes.
pub fn timed(work: impl FnOnce()) -> Duration {
    let begun = Instant::now();
    work();
    begun.elapsed()
}

/// The middle one.
pub fn median(mut values: Vec<Duration>) -> Duration {
    values.sort();
    values[values.len() / 2]
}

fn serve() -> String {
    let store = testing::store(&testing::fresh_database(), 8);
    let listener = TcpListener::bind("127.0.0.1:0").expect("a port");
    let url = format!("http://{}", listener.local_addr().expect("an address"));
    let app = App::new(store, Options::default());
    std::thread::spawn(move || {
        actix_web::rt::System::new()
            .block_on(async { vemble_server::serve(app, listener, 2).expect("a server").await })
    });
    url
}

fn sign_in(url: &str, email: &str) -> String {
    let entry = json!({ "email": email, "password": "a long enough password" });
    ureq::post(format!("{url}/api/v1/account")).send_json(&entry).expect("an account");
    let signed_in = ureq::post(format!("{url}/api/v1/session")).send_json(&entry).expect("a session");
    let mut cookies = signed_in.headers().get_all("set-cookie").iter().filter_map(|each| each.to_str().ok());
    let session = cookies.find(|cookie| cookie.starts_with("vemble=")).expect("a session");
    session.split(';').next().unwrap_or_default().to_owned()
}
