#!/usr/bin/env bash
# Looks for trouble: every property of the core and the formats, and every route, on many more cases
# than `make test` has time for, by other chance each time.
. "$(dirname "$0")/common.sh"
need_tools
work=$(mktemp -d)
trap 'scripts/postgres.sh stop "$work/pg"; rm -rf "$work"' EXIT
VEMBLE_TEST_DATABASE=$(scripts/postgres.sh start "$work/pg")
export VEMBLE_TEST_DATABASE
unset PROPTEST_RNG_SEED
export PROPTEST_CASES=${PROPTEST_CASES:-5000}
VEMBLE_SEARCH=${VEMBLE_SEARCH:-20} \
    cargo test --package vemble-fit --package vemble-formats --no-fail-fast "$@"
VEMBLE_SEARCH=${VEMBLE_SEARCH:-8} \
    cargo test --package vemble-server --test promise -- --nocapture
# A house that stays open, and one whose server and database end a hundred times each.
build_web
cargo build --package vemble
VEMBLE_SEARCH=${VEMBLE_SEARCH:-8} \
    cargo test --package vemble-browser-tests --test starved --test killed -- --nocapture
