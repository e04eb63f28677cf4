//! What somebody notices of it when somebody else floods the server: a page, a list, a change and a computation of one
//! account, idle and beside each flood of another. The medians over those when idle are the figures.
//! `make bench` starts PostgreSQL first.

mod common;

use std::io::{copy, sink};
use std::sync::atomic::{AtomicBool, Ordering};
use std::sync::{Arc, OnceLock};
use std::time::Duration;

use common::{House, JOB, change, median, timed};
use serde_json::{Value, json};

const DRESS: &str = include_str!("../../../docs/examples/princess-dress.vemble.json");
/// Samples of each kind beside each flood.
const SAMPLES: u32 = 120;
/// Garments on the rail that is asked for over and over.
const RAIL: u128 = 400;
/// The most that somebody may notice, over the same when idle.
const AIM: f64 = 3.0;

fn main() {
    // `cargo test --all-targets` runs benches too; there is nothing to try there.
    if !std::env::args().any(|argument| argument == "--bench") {
        return;
    }
    let flooder = House::open();
    let guest = House::of(&flooder.url, "guest@example.org");
    for number in 0..RAIL {
        flooder.hang(number, 1);
    }
    let (_, fittings) = guest.hang(1_000, 1);
    (1..15).for_each(|number| drop(guest.hang(1_000 + number, 1)));
    let somebody = Somebody { house: guest, fitting: fittings[0].clone() };
    let idle = somebody.notices();
    println!("{:34}{}", "", NOTICED.map(|what| format!("{what:>10}")).concat());
    println!("{:34}{}", "idle", idle.map(|each| format!("{each:>10.1?}")).concat());
    let flooder = Arc::new(flooder);
    LARGE.set(large()).expect("once");
    let floods: [(&str, u32, Ask); 6] = [
        ("24 x the rail of 400 garments", 24, |house, _| house.sink("GET", "garments", None)),
        ("20 x 1 MB of JSON", 20, |house, _| house.sink("PUT", "habits", LARGE.get().map(String::as_str))),
        ("24 x a dress computed", 24, |house, _| house.sink("POST", "compute/job", Some(DRESS))),
        ("8 x the whole workroom read", 8, |house, _| house.sink("GET", "workroom.zip", None)),
        ("20 strangers signing up", 20, |house, n| {
            let email = format!("stranger{n}@example.org");
            let entry = json!({ "email": email, "password": "a long enough password" });
            house.sink("POST", "account", Some(&entry.to_string()));
        }),
        ("24 x a change of one fitting", 24, |house, n| {
            let fitting = uuid::Uuid::from_u128((7 << 76) | (1 << 63) | 2_000_001);
            house.sink("POST", &format!("fittings/{fitting}/changes"), Some(&change(n).to_string()));
        }),
    ];
    for (name, hands, ask) in floods {
        let beside = flooded(&flooder, hands, ask, || somebody.notices());
        let ratios: [f64; 4] = std::array::from_fn(|i| beside[i].as_secs_f64() / idle[i].as_secs_f64());
        let most = ratios.iter().copied().fold(0.0, f64::max);
        let said = if most > AIM { "  over the aim of 3" } else { "" };
        println!("{name:34}{}{said}", ratios.map(|each| format!("{each:>10.1}")).concat());
    }
}

/// One request of a flood; the number is another each time.
type Ask = fn(&House, u32);

impl House {
    /// Asks and takes the answer for what it is: a refusal is one too.
    fn sink(&self, method: &str, path: &str, body: Option<&str>) {
        if let Ok(answer) = self.send(method, path, body) {
            let _ = copy(&mut answer.into_body().into_reader(), &mut sink());
        }
    }
}

/// The same for every request: what making it takes is none of the server's.
static LARGE: OnceLock<String> = OnceLock::new();

/// A body as large as any may be.
fn large() -> String {
    format!("[{}1]", "1,".repeat(500_000))
}

/// Hands flood from machines of their own; here, what asking takes is given back to whoever else works.
fn stand_back() {
    #[cfg(target_os = "linux")]
    let _ = rustix::process::setpriority_process(Some(rustix::thread::gettid()), 19);
}

/// What is done while so many hands ask without a pause.
fn flooded<T>(house: &Arc<House>, hands: u32, ask: Ask, work: impl FnOnce() -> T) -> T {
    let over = Arc::new(AtomicBool::new(false));
    let hands: Vec<_> = (0..hands)
        .map(|hand| {
            let (house, over) = (house.clone(), over.clone());
            std::thread::spawn(move || {
                stand_back();
                let mut n = hand * 1_000_000;
                while !over.load(Ordering::Relaxed) {
                    ask(&house, n);
                    n += 1;
                }
            })
        })
        .collect();
    // Under way before anything is looked at.
    std::thread::sleep(Duration::from_millis(500));
    let done = work();
    over.store(true, Ordering::Relaxed);
    hands.into_iter().for_each(|hand| hand.join().expect("a hand"));
    done
}

/// What somebody looks at, in the order of the columns.
const NOTICED: [&str; 4] = ["page", "list", "change", "compute"];

/// Somebody with a rail of fifteen garments.
struct Somebody {
    house: House,
    fitting: String,
}

impl Somebody {
    /// The middle time of each kind of request, taken in turns.
    fn notices(&self) -> [Duration; 4] {
        let mut times: [Vec<Duration>; 4] = Default::default();
        let changes = format!("fittings/{}/changes", self.fitting);
        let job: Value = serde_json::from_str(JOB).expect("the example");
        for n in 0..SAMPLES {
            let page =
                || drop(ureq::get(&self.house.url).call().expect("a page").into_body().read_to_string());
            times[0].push(timed(page));
            times[1].push(timed(|| drop(self.house.ask("GET", "garments", None))));
            let change = change(n);
            times[2].push(timed(|| drop(self.house.ask("POST", &changes, Some(&change)))));
            let mut job = job.clone();
            job["fitting"]["pins"][0]["reading"] = json!(9.0 + (f64::from(n) * 12.9898).sin());
            times[3].push(timed(|| drop(self.house.ask("POST", "compute/job", Some(&job)))));
        }
        times.map(median)
    }
}
