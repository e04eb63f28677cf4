//! `vemble serve`: the workroom for browsers.

use std::net::TcpListener;
use std::process::ExitCode;

use tracing_subscriber::EnvFilter;
use vemble_server::{App, Options};
use vemble_store::Store;

use crate::command::Serve;
use crate::demo;
use crate::say::say;

/// Connections to the database; a home workroom has one or two people in it.
const CONNECTIONS: u32 = 8;

/// Serves until it is told to stop.
pub fn run(options: Serve) -> ExitCode {
    let filter = EnvFilter::try_from_default_env().unwrap_or_else(|_| EnvFilter::new("warn"));
    tracing_subscriber::fmt().with_env_filter(filter).with_writer(std::io::stderr).init();
    match start(&options) {
        Ok(()) => ExitCode::SUCCESS,
        Err(error) => {
            eprintln!("vemble: {error}");
            ExitCode::FAILURE
        }
    }
}

fn start(options: &Serve) -> Result<(), Box<dyn std::error::Error>> {
    // Before the database is touched: a second server on one port is a mistake somebody wants to hear of.
    let listener = match TcpListener::bind(options.listen) {
        Err(error) if options.demo => {
            eprintln!("vemble: {} is taken ({error}); looking for a free port", options.listen);
            TcpListener::bind((options.listen.ip(), 0))?
        }
        Err(error) => return Err(format!("cannot listen at {}: {error}", options.listen).into()),
        Ok(listener) => listener,
    };
    let store = Store::open(&options.database, CONNECTIONS)?;
    let demo = if options.demo { Some(demo::load(&store)?) } else { None };
    let address = listener.local_addr()?;
    let app = App::new(store, Options { demo, https: options.https, trusted_proxy: options.trusted_proxy });
    actix_web::rt::System::new().block_on(async {
        let server = vemble_server::serve(app, listener, options.workers)?;
        // Scripts and tests wait for this line.
        say(&format!("Vemble is at http://{address}\n"))?;
        server.await?;
        Ok(())
    })
}
