//! What can be asked for on the command line.

use std::net::SocketAddr;
use std::path::PathBuf;

use clap::{Args, Parser, Subcommand};

/// Fits and alters garments: from pins to lines, girths and a work order.
#[derive(Parser)]
#[command(version)]
pub struct Vemble {
    /// What to do.
    #[command(subcommand)]
    pub command: Command,
}

/// What to do.
#[derive(Subcommand)]
pub enum Command {
    /// Serve the workroom to browsers.
    Serve(Serve),
    /// Solve a job file: exit 0 solved, 2 unreadable, 3 some line has no solution.
    Solve {
        /// The job file (`*.vemble.json`).
        job: PathBuf,
        /// Write the result here instead of to standard output.
        #[arg(long)]
        out: Option<PathBuf>,
    },
    /// Write a whole workroom into one file.
    Backup {
        /// Whose it is.
        #[command(flatten)]
        of: Whose,
        /// The file to write (`*.vemble.zip`); one that is there is not written over.
        file: PathBuf,
    },
    /// Restore a workroom file into an account that has nothing in it yet.
    Restore {
        /// Whose it becomes.
        #[command(flatten)]
        of: Whose,
        /// The file to read.
        file: PathBuf,
    },
    /// Print the JSON Schema of the job file, or of the workroom file.
    Schema {
        /// That of `workroom.json` in a workroom file.
        #[arg(long)]
        workroom: bool,
    },
    /// Print the OpenAPI document of the server.
    Openapi,
}

/// One workroom of a database.
#[derive(Args)]
pub struct Whose {
    /// The PostgreSQL database the workroom is in.
    #[arg(long, env = "VEMBLE_DATABASE", hide_env_values = true)]
    pub database: String,
    /// The address of its account.
    #[arg(long)]
    pub account: String,
}

/// How to serve.
#[derive(Args)]
pub struct Serve {
    /// The PostgreSQL database to keep the workroom in.
    #[arg(long, env = "VEMBLE_DATABASE", hide_env_values = true)]
    pub database: String,
    /// Where to listen; port 0 takes a free one. A port in use is refused; only the demo looks for another.
    #[arg(long, default_value = "127.0.0.1:0")]
    pub listen: SocketAddr,
    /// Load the demo workroom, and let anyone open it with one button.
    #[arg(long)]
    pub demo: bool,
    /// Browsers come over TLS (a proxy in front): cookies are marked secure.
    #[arg(long)]
    pub https: bool,
    /// A proxy in front says who asks (`Forwarded`, `X-Forwarded-For`); without one, anybody could.
    #[arg(long)]
    pub trusted_proxy: bool,
    /// Threads that answer requests.
    #[arg(long, default_value_t = 2, value_parser = clap::builder::RangedU64ValueParser::<usize>::new().range(1..=256))]
    pub workers: usize,
}
