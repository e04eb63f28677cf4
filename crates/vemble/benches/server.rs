//! What the server adds to computing: the compute endpoint's time over the solver's own and that of writing the
//! answer.
//!
//! The two take turns, so that whatever else the machine does meets both; the ratio of the medians is the figure.
//! `make bench` starts PostgreSQL first.

use std::net::TcpListener;
use std::time::{Duration, Instant};

use serde_json::{Value, json};
use vemble_fit::{Job, solve};
use vemble_server::{App, Options};
use vemble_store::{Store, testing};

/// Jobs computed each way; the first are not counted.
const JOBS: u32 = 400;
const WARM_UP: u32 = 40;
const JOB: &str = include_str!("../../../docs/examples/barn-dance-trousers.vemble.json");

fn main() {
    // `cargo test --all-targets` runs benches too; there is nothing to try there.
    if !std::env::args().any(|argument| argument == "--bench") {
        return;
    }
    let url = serve();
    let cookie = sign_in(&url);
    let file: Value = serde_json::from_str(JOB).expect("the example");
    let agent = ureq::agent();
    let (mut asked, mut own) = (Vec::new(), Vec::new());
    for n in 0..JOBS {
        let mut file = file.clone();
        file["fitting"]["pins"][0]["reading"] = json!(9.0 + (f64::from(n) * 12.9898).sin());
        let job: Job = serde_json::from_value(file.clone()).expect("a job");
        let body = file.to_string();
        let here = timed(|| {
            serde_json::to_vec(&solve(&job).expect("a result")).expect("an answer");
        });
        let there = timed(|| {
            agent
                .post(&format!("{url}/api/v1/compute/job"))
                .set("Cookie", &cookie)
                .set("Content-Type", "application/json")
                .send_string(&body)
                .expect("a result")
                .into_string()
                .expect("its words");
        });
        if n >= WARM_UP {
            own.push(here);
            asked.push(there);
        }
    }
    let [asked, own] = [asked, own].map(median);
    println!("solving and writing the answer  {own:.2?} (median of {JOBS}, every job another)");
    println!("the compute endpoint            {asked:.2?}");
    println!("endpoint / own  {:.2} (aim: at most 1.5)", asked.as_secs_f64() / own.as_secs_f64());
}

fn timed(work: impl FnOnce()) -> Duration {
    let begun = Instant::now();
    work();
    begun.elapsed()
}

fn median(mut values: Vec<Duration>) -> Duration {
    values.sort();
    values[values.len() / 2]
}

fn serve() -> String {
    let store = Store::open(&testing::fresh_database(), 8).expect("a store");
    let listener = TcpListener::bind("127.0.0.1:0").expect("a port");
    let url = format!("http://{}", listener.local_addr().expect("an address"));
    let app = App::new(store, Options::default());
    std::thread::spawn(move || {
        actix_web::rt::System::new()
            .block_on(async { vemble_server::serve(app, listener, 2).expect("a server").await })
    });
    url
}

fn sign_in(url: &str) -> String {
    let entry = json!({ "email": "bench@example.org", "password": "a long enough password" });
    ureq::post(&format!("{url}/api/v1/account")).send_json(&entry).expect("an account");
    let signed_in = ureq::post(&format!("{url}/api/v1/session")).send_json(&entry).expect("a session");
    let cookies = signed_in.all("set-cookie");
    let session = cookies.into_iter().find(|cookie| cookie.starts_with("vemble=")).expect("a session");
    session.split(';').next().unwrap_or_default().to_owned()
}
