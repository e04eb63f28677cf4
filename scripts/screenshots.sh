#!/usr/bin/env bash
# Writes docs/screenshots/ from the demo data; prints what it wrote.
. "$(dirname "$0")/common.sh"
need_tools
need_packages chromium chromium-driver
build_web
work=$(mktemp -d)
trap 'scripts/postgres.sh stop "$work/pg"; rm -rf "$work"' EXIT
VEMBLE_TEST_DATABASE=$(scripts/postgres.sh start "$work/pg")
export VEMBLE_TEST_DATABASE
cargo build --quiet --workspace --bin vemble
VEMBLE_SCREENSHOTS=$root/docs/screenshots cargo test --quiet --workspace --test screenshots -- --nocapture
ls docs/screenshots
