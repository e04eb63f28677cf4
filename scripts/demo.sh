#!/usr/bin/env bash
# Installs what is missing, builds, starts a private PostgreSQL, loads the demo, prints the address.
. "$(dirname "$0")/common.sh"
need_tools
build_web
say "Building Vemble (the first time takes some minutes)"
# As the tests want it, so that they find it built.
cargo build --quiet --workspace --bin vemble --features vemble-store/testing
url=$(scripts/postgres.sh start .local/demo)
trap 'scripts/postgres.sh stop .local/demo' EXIT
say "Press Ctrl-C to stop. The workroom is kept in .local/demo."
VEMBLE_DATABASE=$url target/debug/vemble serve --demo --listen "${VEMBLE_LISTEN:-127.0.0.1:4780}"
