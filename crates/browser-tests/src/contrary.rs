//! A workroom in a bad mood: a real server behind a door that sometimes answers for it.

use std::collections::VecDeque;
use std::sync::{Arc, Mutex};

use tokio::io::{AsyncReadExt, AsyncWriteExt};
use tokio::net::{TcpListener, TcpStream};

/// What becomes of one request.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub enum Mood {
    /// It is answered with a status, unseen by the server.
    Says(u16),
    /// The same, with the seconds after which to come back.
    SaysLater(u16, u32),
    /// The line goes dead before the server hears of it.
    DiesBefore,
    /// The server does what it is asked, and the answer is lost.
    LosesTheAnswer,
    /// Nothing comes for longer than anybody waits.
    Hangs,
}

/// A mood still to come, for a method and a part of a path.
struct Coming {
    method: &'static str,
    path: &'static str,
    mood: Mood,
    /// It lasts until the door is well again.
    lasts: bool,
    met: bool,
}

type Moods = Arc<Mutex<VecDeque<Coming>>>;

/// A door before a workroom.
pub struct Contrary {
    /// The address to go in by.
    pub url: String,
    moods: Moods,
}

impl Contrary {
    /// A door before the workroom at this address, on a port of its own.
    ///
    /// # Panics
    /// When loopback has no port left.
    pub async fn before(workroom: &str) -> Contrary {
        let door = TcpListener::bind("127.0.0.1:0").await.expect("a port");
        let url = format!("http://{}", door.local_addr().expect("its address"));
        let server = workroom.trim_start_matches("http://").to_owned();
        let moods = Moods::default();
        let coming = moods.clone();
        tokio::spawn(async move {
            while let Ok((visitor, _)) = door.accept().await {
                tokio::spawn(answer(visitor, server.clone(), coming.clone()));
            }
        });
        Contrary { url, moods }
    }

    /// The next request with this method and a path that contains `path` meets this mood.
    ///
    /// # Panics
    /// When a task of it has panicked.
    pub fn next(&self, method: &'static str, path: &'static str, mood: Mood) {
        self.come(Coming { method, path, mood, lasts: false, met: false });
    }

    /// Every request with this method and a path that contains `path` meets this mood, until the door is well again:
    /// for what has to be looked at meanwhile.
    ///
    /// # Panics
    /// When a task of it has panicked.
    pub fn from_now_on(&self, method: &'static str, path: &'static str, mood: Mood) {
        self.come(Coming { method, path, mood, lasts: true, met: false });
    }

    /// No mood is to come any more.
    ///
    /// # Panics
    /// When a task of it has panicked.
    pub fn be_well(&self) {
        self.moods.lock().expect("moods").clear();
    }

    fn come(&self, mood: Coming) {
        self.moods.lock().expect("moods").push_back(mood);
    }

    /// True when every mood has had its request.
    ///
    /// # Panics
    /// When a task of it has panicked.
    #[must_use]
    pub fn is_spent(&self) -> bool {
        self.moods.lock().expect("moods").iter().all(|coming| coming.met)
    }
}

/// One request and its answer; then the line is closed, so that the next request is met anew.
async fn answer(mut visitor: TcpStream, server: String, moods: Moods) -> Option<()> {
    let (head, body) = request(&mut visitor).await?;
    let line = head.lines().next()?.to_owned();
    let mood = {
        let mut moods = moods.lock().expect("moods");
        let met = moods.iter_mut().find(|each| line.starts_with(each.method) && line.contains(each.path));
        let mood = met.map(|each| {
            each.met = true;
            each.mood
        });
        moods.retain(|each| each.lasts || !each.met);
        mood
    };
    match mood {
        Some(Mood::Says(status)) => says(&mut visitor, status, "").await,
        Some(Mood::SaysLater(status, seconds)) => {
            says(&mut visitor, status, &format!("Retry-After: {seconds}\r\n")).await
        }
        Some(Mood::DiesBefore) => Some(()),
        Some(Mood::Hangs) => {
            tokio::time::sleep(std::time::Duration::from_secs(120)).await;
            Some(())
        }
        Some(Mood::LosesTheAnswer) => ask(&server, &head, &body).await.map(|_| ()),
        // As it comes: a stream of events has no end to wait for.
        None => {
            let mut line = asked(&server, &head, &body).await?;
            tokio::io::copy(&mut line, &mut visitor).await.ok().map(|_| ())
        }
    }
}

/// A request's head and its body.
async fn request(visitor: &mut TcpStream) -> Option<(String, Vec<u8>)> {
    let mut read = Vec::new();
    let mut part = [0; 16_384];
    let end = loop {
        if let Some(end) = read.windows(4).position(|four| four == b"\r\n\r\n") {
            break end + 4;
        }
        let count = visitor.read(&mut part).await.ok().filter(|count| *count > 0)?;
        read.extend_from_slice(&part[..count]);
    };
    let head = String::from_utf8(read[..end].to_vec()).ok()?;
    let length = head
        .lines()
        .filter_map(|line| line.split_once(':'))
        .find(|(name, _)| name.eq_ignore_ascii_case("content-length"))
        .and_then(|(_, value)| value.trim().parse().ok())
        .unwrap_or(0);
    let mut body = read[end..].to_vec();
    while body.len() < length {
        let count = visitor.read(&mut part).await.ok().filter(|count| *count > 0)?;
        body.extend_from_slice(&part[..count]);
    }
    Some((head, body))
}

/// The server's whole answer.
async fn ask(server: &str, head: &str, body: &[u8]) -> Option<Vec<u8>> {
    let mut answer = Vec::new();
    asked(server, head, body).await?.read_to_end(&mut answer).await.ok()?;
    Some(answer)
}

/// A line on which the server is about to answer.
async fn asked(server: &str, head: &str, body: &[u8]) -> Option<TcpStream> {
    let mut line = TcpStream::connect(server).await.ok()?;
    let kept = head.trim_end().lines().filter(|line| !line.to_ascii_lowercase().starts_with("connection:"));
    let head = kept.chain(["Connection: close", "", ""]).collect::<Vec<_>>().join("\r\n");
    line.write_all(head.as_bytes()).await.ok()?;
    line.write_all(body).await.ok()?;
    Some(line)
}

async fn says(visitor: &mut TcpStream, status: u16, header: &str) -> Option<()> {
    let answer = format!("HTTP/1.1 {status} Moody\r\n{header}Content-Length: 0\r\nConnection: close\r\n\r\n");
    visitor.write_all(answer.as_bytes()).await.ok()
}
