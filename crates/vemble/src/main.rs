//! The `vemble` command.

use std::process::ExitCode;

use clap::Parser;

mod command;
mod demo;
mod say;
mod serve;
mod solve;

use command::{Command, Vemble};

fn main() -> ExitCode {
    match Vemble::parse().command {
        Command::Serve(options) => serve::run(options),
        Command::Solve { job, out } => solve::run(&job, out.as_deref()),
        Command::Schema => solve::print(&vemble_formats::job_schema()),
        Command::Openapi => solve::print(&vemble_server::openapi()),
    }
}
