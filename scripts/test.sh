#!/usr/bin/env bash
# Everything: formatting, lints, the core, the store and server against a real PostgreSQL, the
# types of the web application, and the built product in Chromium.
. "$(dirname "$0")/common.sh"
need_tools
need_packages chromium chromium-driver
build_web
work=$(mktemp -d)
trap 'scripts/postgres.sh stop "$work/pg"; rm -rf "$work"' EXIT
# Hundreds of databases are made and thrown away here: none of them has to outlive a power cut. Those that are killed
# on purpose are started apart, and write to the disk as everybody's does.
VEMBLE_TEST_DATABASE=$(VEMBLE_POSTGRES_OPTIONS="-c fsync=off" scripts/postgres.sh start "$work/pg")
export VEMBLE_TEST_DATABASE
cargo fmt --all --check
npm --prefix web run --silent test
node scripts/first-load.mjs | tail -1
say "Building"
cargo build --quiet --workspace --all-targets
if cargo clippy --version >/dev/null 2>&1; then
    cargo clippy --quiet --workspace --all-targets -- -D warnings
fi
say "Testing"
# The same cases for the same code: looking for others is what `make hunt` is for (docs/decisions/0017).
export PROPTEST_RNG_SEED=${PROPTEST_RNG_SEED:-2026}
INSTA_UPDATE=no cargo test --workspace "$@"
