#!/usr/bin/env bash
# Looks for trouble: every property of the core and the formats, and every route, on many more cases
# than `make test` has time for, by other chance each time.
#   hunt.sh            all of that, and a house whose server and database end a thousand and a hundred times
#   hunt.sh browser    the browser tests fifty times (VEMBLE_ROUNDS), with both cores kept busy by something else
. "$(dirname "$0")/common.sh"
need_tools
work=$(mktemp -d)
busy=()
trap '[ ${#busy[@]} = 0 ] || kill "${busy[@]}"; scripts/postgres.sh stop "$work/pg"; rm -rf "$work"' EXIT
VEMBLE_TEST_DATABASE=$(scripts/postgres.sh start "$work/pg")
export VEMBLE_TEST_DATABASE
build_web
cargo build --package vemble
if [ "${1:-}" = browser ]; then
    shift
    need_packages chromium chromium-driver
    cargo build --quiet --package vemble-browser-tests --tests
    for _ in $(seq "$(nproc)"); do
        while :; do :; done &
        busy+=($!)
    done
    for round in $(seq "${VEMBLE_ROUNDS:-50}"); do
        say "Round $round"
        cargo test --quiet --package vemble-browser-tests "$@"
    done
    exit
fi
unset PROPTEST_RNG_SEED
export PROPTEST_CASES=${PROPTEST_CASES:-5000}
VEMBLE_SEARCH=${VEMBLE_SEARCH:-20} \
    cargo test --package vemble-fit --package vemble-formats --no-fail-fast "$@"
VEMBLE_SEARCH=${VEMBLE_SEARCH:-8} \
    cargo test --package vemble-server --test promise --test workroom_file -- --nocapture
# A house that stays open, and one whose server and database end over and over.
VEMBLE_SEARCH=${VEMBLE_SEARCH:-8} \
    cargo test --package vemble-browser-tests --test starved --test killed -- --nocapture
