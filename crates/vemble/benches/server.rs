//! Requests a second of the compute endpoint against the same server's health endpoint.
//!
//! Rounds of the two take turns, so that whatever else the machine does meets both; the ratio of
//! the medians is the figure. `make bench` starts PostgreSQL first.

use std::net::TcpListener;
use std::sync::atomic::{AtomicU32, Ordering};
use std::time::{Duration, Instant};

use serde_json::{Value, json};
use vemble_server::App;
use vemble_store::{Store, testing};

const ROUNDS: usize = 7;
const ROUND: Duration = Duration::from_millis(1500);
/// Browsers asking at once.
const CLIENTS: usize = 4;
const JOB: &str = include_str!("../../../docs/examples/barn-dance-trousers.vemble.json");

fn main() {
    // `cargo test --all-targets` runs benches too; there is nothing to try there.
    if !std::env::args().any(|argument| argument == "--bench") {
        return;
    }
    let url = serve();
    let cookie = sign_in(&url);
    let job: Value = serde_json::from_str(JOB).expect("the example");
    let count = AtomicU32::new(0);
    let mut rates = [Vec::new(), Vec::new()];
    for _ in 0..ROUNDS {
        rates[0].push(per_second(|agent| {
            agent.get(&format!("{url}/api/health")).call().expect("ready").into_string().expect("its words");
        }));
        rates[1].push(per_second(|agent| {
            let mut job = job.clone();
            let change = f64::from(count.fetch_add(1, Ordering::Relaxed));
            job["fitting"]["pins"][0]["reading"] = json!(9.0 + (change * 12.9898).sin());
            agent
                .post(&format!("{url}/api/v1/compute/job"))
                .set("Cookie", &cookie)
                .send_json(job)
                .expect("a result")
                .into_string()
                .expect("its words");
        }));
    }
    let [health, compute] = rates.map(median);
    println!("health   {health:8.0} requests a second (median of {ROUNDS} rounds, {CLIENTS} clients)");
    println!("compute  {compute:8.0} requests a second, every job another");
    println!("compute / health  {:.2} (aim: at least 0.33)", compute / health);
}

/// Requests a second of all clients together.
fn per_second(request: impl Fn(&ureq::Agent) + Sync) -> f64 {
    let begun = Instant::now();
    let done: u32 = std::thread::scope(|scope| {
        let clients: Vec<_> = (0..CLIENTS)
            .map(|_| {
                scope.spawn(|| {
                    let agent = ureq::agent();
                    let mut done = 0;
                    while begun.elapsed() < ROUND {
                        request(&agent);
                        done += 1;
                    }
                    done
                })
            })
            .collect();
        clients.into_iter().map(|client| client.join().expect("a client")).sum()
    });
    f64::from(done) / begun.elapsed().as_secs_f64()
}

fn median(mut values: Vec<f64>) -> f64 {
    values.sort_by(f64::total_cmp);
    values[values.len() / 2]
}

fn serve() -> String {
    let store = Store::open(&testing::fresh_database(), 8).expect("a store");
    let listener = TcpListener::bind("127.0.0.1:0").expect("a port");
    let url = format!("http://{}", listener.local_addr().expect("an address"));
    let app = App { store, demo: None, https: false };
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
    let cookie = signed_in.header("set-cookie").expect("a cookie");
    cookie.split(';').next().unwrap_or_default().to_owned()
}
