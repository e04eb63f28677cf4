//! What the server adds to computing: the compute endpoint's time over the solver's own and that of writing the
//! answer; a change to its answer, and to another screen; the rail of a full house; memory.
//!
//! Endpoint and solver take turns, so that whatever else the machine does meets both; the ratio of the medians is
//! the figure.
//! `make bench` starts PostgreSQL first.

mod common;

use std::io::{BufRead, BufReader};
use std::time::Duration;

use common::{House, JOB, change, median, timed};
use serde_json::{Value, json};
use vemble_fit::{Job, solve};

/// Jobs computed each way; the first are not counted.
const JOBS: u32 = 400;
const WARM_UP: u32 = 40;

fn main() {
    // `cargo test --all-targets` runs benches too; there is nothing to try there.
    if !std::env::args().any(|argument| argument == "--bench") {
        return;
    }
    let house = House::open();
    compute_endpoint(&house);
    change_to_answer(&house);
    change_to_other_screen(&house);
    signing_up_beside_a_reader(&house);
    rail(&house);
    memory(&house);
}

fn compute_endpoint(house: &House) {
    let file: Value = serde_json::from_str(JOB).expect("the example");
    let (mut asked, mut own) = (Vec::new(), Vec::new());
    for n in 0..JOBS {
        let mut file = file.clone();
        file["fitting"]["pins"][0]["reading"] = json!(9.0 + (f64::from(n) * 12.9898).sin());
        let job: Job = serde_json::from_value(file.clone()).expect("a job");
        let here = timed(|| {
            serde_json::to_vec(&solve(&job).expect("a result")).expect("an answer");
        });
        let body = file.to_string();
        let there = timed(|| {
            let answer = house.send("POST", "compute/job", Some(&body)).expect("a result");
            answer.into_body().read_to_string().expect("its words");
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

fn change_to_answer(house: &House) {
    let (_, fittings) = house.hang(0, 1);
    let path = format!("fittings/{}/changes", fittings[0]);
    let times = (0..JOBS).map(|n| {
        let body = change(n);
        timed(|| {
            house.ask("POST", &path, Some(&body));
        })
    });
    let times: Vec<Duration> = times.skip(WARM_UP as usize).collect();
    println!("change posted to answer         {:.2?} (median of {JOBS})", median(times));
}

fn change_to_other_screen(house: &House) {
    let (_, fittings) = house.hang(1, 1);
    let path = format!("fittings/{}/changes", fittings[0]);
    drop(house.send("GET", &format!("{path}?since=1000000000"), None).expect("a stream"));
    let last = house.ask("POST", &path, Some(&change(0)))["line"].as_i64().expect("a line");
    let stream = house.send("GET", &format!("{path}?since={last}"), None).expect("a stream");
    let mut lines = BufReader::new(stream.into_body().into_reader()).lines().map_while(Result::ok);
    let mut times = Vec::new();
    for n in 1..=100 {
        let body = change(n);
        times.push(timed(|| {
            house.ask("POST", &path, Some(&body));
            let _ = lines.find(|line| line.starts_with("data:")).expect("told");
        }));
    }
    println!("change on one screen to another {:.2?} (median of 100; aim: within a second)", median(times));
}

/// Twenty strangers make themselves an account at once, while somebody who is in reads a garment.
fn signing_up_beside_a_reader(house: &House) {
    let path = format!("garments/{}", house.hang(300, 1).0);
    let read = || {
        timed(|| {
            house.ask("GET", &path, None);
        })
    };
    let idle = median((0..JOBS).map(|_| read()).collect());
    let strangers: Vec<_> = (0..20)
        .map(|n| {
            let url = format!("{}/api/v1/account", house.url);
            let entry =
                json!({ "email": format!("stranger{n}@example.org"), "password": "a long enough password" });
            std::thread::spawn(move || ureq::post(&url).send_json(&entry).expect("an account"))
        })
        .collect();
    let mut beside = Vec::new();
    while !strangers.iter().all(std::thread::JoinHandle::is_finished) {
        beside.push(read());
    }
    let (most, reads) = (*beside.iter().max().expect("a read"), beside.len());
    let beside = median(beside);
    println!(
        "reading a garment {idle:.2?}; beside twenty sign-ups {beside:.2?} (median of {reads}), at most {most:.2?}"
    );
    println!("beside / idle  {:.2} (aim: at most 3)", beside.as_secs_f64() / idle.as_secs_f64());
}

fn rail(house: &House) {
    for number in 2..202 {
        house.hang(number, 3);
    }
    let garments = house.ask("GET", "garments", None).as_array().expect("garments").len();
    for what in ["garments", "calendar"] {
        let times: Vec<Duration> = (0..60)
            .map(|_| {
                timed(|| {
                    house.ask("GET", what, None);
                })
            })
            .collect();
        println!("{what:9} of {garments} garments       {:.2?} (median of 60; aim: 40 ms)", median(times));
    }
}

/// What the server holds of the machine's memory, in megabytes.
fn resident() -> f64 {
    let status = std::fs::read_to_string("/proc/self/status").unwrap_or_default();
    let line = status.lines().find(|line| line.starts_with("VmRSS:")).unwrap_or_default();
    line.split_whitespace().nth(1).and_then(|kb| kb.parse::<f64>().ok()).unwrap_or(0.0) / 1024.0
}

fn memory(house: &House) {
    let file: Value = serde_json::from_str(JOB).expect("the example");
    let begun = resident();
    for n in 0..5_000_u32 {
        let mut file = file.clone();
        file["fitting"]["pins"][0]["reading"] = json!(9.0 + (f64::from(n) * 12.9898).sin());
        house.ask("POST", "compute/job", Some(&file));
    }
    println!("memory, before and after 5,000 computed jobs  {begun:.0} and {:.0} MB", resident());
}
