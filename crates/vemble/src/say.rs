//! Standard output that may be closed.

use std::io::{self, ErrorKind, Write};

/// Writes to standard output. That nobody reads on is no fault: `vemble solve job | head` stops reading early.
///
/// # Errors
/// What else goes wrong: a full disk behind a redirection.
pub fn say(text: &str) -> io::Result<()> {
    let mut out = io::stdout().lock();
    match out.write_all(text.as_bytes()).and_then(|()| out.flush()) {
        Err(error) if error.kind() == ErrorKind::BrokenPipe => Ok(()),
        written => written,
    }
}

/// Says on standard error what went wrong; where nobody hears it, nothing more can be done.
pub fn complain(text: &str) {
    let _ = writeln!(io::stderr(), "vemble: {text}");
}
