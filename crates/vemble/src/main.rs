//! The `vemble` command.

use std::process::ExitCode;

use clap::Parser;

mod backup;
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
        Command::Backup { of, file } => backup::backup(&of, &file),
        Command::Restore { of, file } => backup::restore(&of, &file),
        Command::Schema { workroom: false } => solve::print(&vemble_formats::job_schema()),
        Command::Schema { workroom: true } => solve::print(&vemble_formats::workroom_schema()),
        Command::Openapi => solve::print(&vemble_server::openapi()),
    }
}
