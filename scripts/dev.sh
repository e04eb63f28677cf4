#!/usr/bin/env bash
# Server and web application while they are being changed, on a workroom of their own in .local/dev: a change of
# the web application is on the screen as it is saved, one of Rust code is built and served anew.
. "$(dirname "$0")/common.sh"
need_tools
build_web
url=$(scripts/postgres.sh start .local/dev)
started=()
trap '[ ${#started[@]} = 0 ] || kill "${started[@]}" 2>/dev/null; scripts/postgres.sh stop .local/dev' EXIT
server=127.0.0.1:$(free_port)
VEMBLE_SERVER=http://$server npm --prefix web run --silent dev &
started+=($!)
serving=
while :; do
    touch .local/dev/looked
    if cargo build --quiet --workspace --bin vemble --features vemble-store/testing; then
        [ -z "$serving" ] || { kill "$serving" && wait "$serving" || true; } 2>/dev/null
        VEMBLE_DATABASE=$url target/debug/vemble serve --demo --listen "$server" >.local/dev/server.log 2>&1 &
        serving=$!
        started=("${started[0]}" "$serving")
        say "Serving what is built; its log is .local/dev/server.log"
    fi
    until [ -n "$(find crates Cargo.toml -newer .local/dev/looked \( -name '*.rs' -o -name '*.toml' -o -name '*.sql' \) -print -quit)" ]; do
        sleep 1
    done
done
