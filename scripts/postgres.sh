#!/usr/bin/env bash
# A private PostgreSQL on loopback.
#   postgres.sh start DIR   starts it (making it first if need be) and prints its URL
#   postgres.sh stop DIR    stops it
#   postgres.sh crash DIR   ends it as a power cut does
#   postgres.sh freeze DIR  holds all of it still, connections open; thaw DIR lets it go on
# What VEMBLE_POSTGRES_OPTIONS holds is handed to it as it starts.
# PostgreSQL refuses to run as root; as root it is run as the user "postgres", and where that user
# cannot reach DIR its files are kept under /var/tmp instead.
. "$(dirname "$0")/common.sh"

dir=$(mkdir -p "$2" && cd "$2" && pwd)
bin=$(ls -d /usr/lib/postgresql/*/bin | sort -V | tail -n 1)
home=$dir
run=()
if [ "$(id -u)" = 0 ]; then
    run=(runuser -u postgres --)
    if ! "${run[@]}" test -x "$dir"; then
        home=/var/tmp/vemble-$(printf %s "$dir" | cksum | cut -d' ' -f1)
    fi
    mkdir -p "$home"
    chown postgres "$home"
fi
data=$home/data

# Run from a folder its user may enter, or every command complains.
pg() { (cd / && LC_ALL=C "${run[@]}" "$bin/$1" "${@:2}"); }

start() {
    if [ ! -e "$data/PG_VERSION" ]; then
        node -e 'process.stdout.write(require("crypto").randomBytes(24).toString("hex"))' > "$home/password"
        [ ${#run[@]} = 0 ] || chown postgres "$home/password"
        chmod 600 "$home/password"
        pg initdb -D "$data" -U vemble --auth=scram-sha-256 --pwfile="$home/password" -E UTF8 --locale=C.UTF-8 >/dev/null
    fi
    if ! pg pg_ctl -D "$data" status >/dev/null 2>&1; then
        for attempt in 1 2 3; do
            # The port it had before, so that a server that lost it finds it again; unless that is taken.
            if [ $attempt != 1 ] || [ ! -e "$home/port" ]; then free_port > "$home/port"; fi
            port=$(cat "$home/port")
            pg pg_ctl -D "$data" -w -t 60 -l "$home/log" \
                -o "-p $port -c listen_addresses=127.0.0.1 -c unix_socket_directories='' -c max_connections=200 ${VEMBLE_POSTGRES_OPTIONS:-}" start >/dev/null && break
            [ $attempt = 3 ] && { cat "$home/log" >&2; exit 1; }
        done
    fi
    local url
    url="postgres://vemble:$(cat "$home/password")@127.0.0.1:$(cat "$home/port")"
    if ! PGCONNECT_TIMEOUT=5 "$bin/psql" "$url/postgres" -tAc "select 1 from pg_database where datname='vemble'" | grep -q 1; then
        "$bin/psql" "$url/postgres" -qc 'create database vemble'
    fi
    echo "$url/vemble"
}

case $1 in
start) start ;;
stop) pg pg_ctl -D "$data" -m fast -w stop >/dev/null 2>&1 || true ;;
crash) pg pg_ctl -D "$data" -m immediate -w stop >/dev/null 2>&1 || true ;;
freeze | thaw)
    first=$(head -n 1 "$data/postmaster.pid")
    # Only the processes of this very PostgreSQL.
    as_root kill "-$([ "$1" = freeze ] && echo STOP || echo CONT)" "$first" $(pgrep -P "$first")
    ;;
*) echo "postgres.sh start|stop|crash|freeze|thaw DIR" >&2; exit 2 ;;
esac
