# Shared by the scripts: where things are, and what the machine needs.
set -euo pipefail
root=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
cd "$root"

say() { printf '\033[1m%s\033[0m\n' "$*"; }

as_root() {
    if [ "$(id -u)" = 0 ]; then "$@"; else sudo "$@"; fi
}

# Debian packages that are not here yet are installed; a second run finds nothing to do.
need_packages() {
    local missing=()
    for package in "$@"; do
        dpkg-query -W -f='${Status}' "$package" 2>/dev/null | grep -q 'install ok installed' || missing+=("$package")
    done
    [ ${#missing[@]} = 0 ] && return
    say "Installing from Debian: ${missing[*]}"
    as_root apt-get update -qq
    as_root env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "${missing[@]}" >/dev/null
}

need_tools() {
    for tool in cargo node npm; do
        command -v "$tool" >/dev/null || { echo "Vemble needs Rust (cargo) and Node.js (node, npm); $tool is missing." >&2; exit 1; }
    done
    need_packages postgresql libpq-dev pkg-config gcc
}

free_port() {
    node -e 'const s=require("net").createServer();s.listen(0,"127.0.0.1",()=>{console.log(s.address().port);s.close()})'
}

# The web application, built when any of its sources is newer than the last build.
build_web() {
    if [ ! -e web/node_modules/.package-lock.json ] || [ web/package-lock.json -nt web/node_modules/.package-lock.json ]; then
        say "Installing the web application's packages"
        npm --prefix web ci --no-audit --no-fund --loglevel=error
        touch web/node_modules/.package-lock.json
    fi
    if [ ! -e web/dist/index.html ] || [ -n "$(find web/src web/public web/index.html web/package.json web/vite.config.ts web/tsconfig.json -newer web/dist/index.html -print -quit 2>/dev/null)" ]; then
        say "Building the web application"
        npm --prefix web run --silent build
        # The binary carries the files; make cargo look at them again.
        touch crates/server/src/assets.rs
    fi
}
