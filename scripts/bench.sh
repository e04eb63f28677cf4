#!/usr/bin/env bash
# Prints the figures of docs/benchmarks.md. Absolute times belong to this machine; compare ratios.
. "$(dirname "$0")/common.sh"
need_tools
build_web
work=$(mktemp -d)
trap 'scripts/postgres.sh stop "$work/pg"; rm -rf "$work"' EXIT
VEMBLE_TEST_DATABASE=$(scripts/postgres.sh start "$work/pg")
export VEMBLE_TEST_DATABASE
say "The solver and the whole job"
cargo bench --quiet --workspace --bench solver
say "The server"
cargo bench --quiet --workspace --bench server
say "What a flood leaves of it for others"
cargo bench --quiet --workspace --bench floods
say "The screen"
need_packages chromium chromium-driver
cargo build --quiet --profile bench --workspace --bin vemble
cargo bench --quiet --workspace --bench screen
say "The web application's first load"
node scripts/first-load.mjs
