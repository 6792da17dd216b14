# Shared by the commands in bin/: each step does nothing where its work is done, and says how long it took where not.
# shellcheck shell=bash

set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/../.."

export COMPOSER_ALLOW_SUPERUSER=1 COMPOSER_NO_INTERACTION=1

say() { printf '\033[1m%s\033[0m\n' "$*"; }
fail() { printf '%s\n' "$*" >&2; exit 1; }

# step "what it does" command…: runs it quietly, shows its output only where it fails.
step() {
    local what=$1 log started=$SECONDS
    shift
    log=$(mktemp)
    printf '%s … ' "$what"
    if ! "$@" >"$log" 2>&1; then
        printf 'failed\n'
        tail -n 40 "$log" >&2
        rm -f "$log"
        exit 1
    fi
    rm -f "$log"
    printf 'done in %d s\n' $((SECONDS - started))
}

# fresh STAMP FILE…: true where nothing in FILE… has changed since the stamp was made.
fresh() {
    local stamp=$1
    shift
    [ -f "$stamp" ] && [ -z "$(find "$@" -newer "$stamp" -print -quit)" ]
}

stamp() { mkdir -p "$(dirname "$1")" && touch "$1"; }

# Debian packages, as root; anyone else is told what is missing by name.
need_packages() {
    [ $# -gt 0 ] || return 0
    local missing="$*"
    if [ "$(id -u)" != 0 ]; then
        fail "Please install these packages first, then run this again: $missing"
    elif ! command -v apt-get >/dev/null; then
        fail "This machine has no apt-get. Please install the like of these, then run this again: $missing"
    fi
    step "Looking up system packages" apt-get -o DPkg::Lock::Timeout=120 update
    # shellcheck disable=SC2086
    step "Installing $missing" env DEBIAN_FRONTEND=noninteractive apt-get -o DPkg::Lock::Timeout=120 install -y --no-install-recommends $missing
}

need_tools() {
    command -v php >/dev/null || fail "PHP 8.2 for the command line is missing; on Debian: apt-get install php8.2-cli"
    php -r 'exit(PHP_MAJOR_VERSION === 8 && PHP_MINOR_VERSION === 2 ? 0 : 1);' || fail "PHP 8.2 is needed; this machine runs $(php -r 'echo PHP_VERSION;')."
    command -v composer >/dev/null || fail "Composer is missing; on Debian: apt-get install composer"
    command -v node >/dev/null || fail "Node.js 20 or later is missing."
    node -e 'process.exit(Number(process.versions.node.split(".")[0]) >= 20 ? 0 : 1)' || fail "Node.js 20 or later is needed; this machine runs $(node --version)."
}

# need_extensions [NAME:PACKAGE…]: what PHP has to know beside all that it always does.
need_extensions() {
    local missing=() pair have
    # Read before it is searched: a search that ends early would make the list itself fail.
    have=$(php -m)
    for pair in pdo_sqlite:sqlite3 intl:intl mbstring:mbstring dom:xml curl:curl zip:zip gd:gd "$@"; do
        grep -qix "${pair%%:*}" <<<"$have" || missing+=("php8.2-${pair##*:}")
    done
    need_packages "${missing[@]}"
}

need_browser() {
    local missing=()
    # Without windows it does the same pages in two thirds of the time; where that one cannot be had, the whole one does.
    command -v chromium-headless-shell >/dev/null || (need_packages chromium-headless-shell) ||
        command -v chromium >/dev/null || missing+=(chromium)
    command -v chromedriver >/dev/null || missing+=(chromium-driver)
    need_packages "${missing[@]}"
}

need_server() {
    local missing=()
    command -v nginx >/dev/null || [ -x /usr/sbin/nginx ] || missing+=(nginx)
    command -v php-fpm8.2 >/dev/null || [ -x /usr/sbin/php-fpm8.2 ] || missing+=(php8.2-fpm)
    command -v openssl >/dev/null || missing+=(openssl)
    need_packages "${missing[@]}"
}

need_postgres() {
    local missing=()
    need_extensions pdo_pgsql:pgsql
    compgen -G '/usr/lib/postgresql/*/bin/initdb' >/dev/null || missing+=(postgresql)
    need_packages "${missing[@]}"
}

# postgres PROGRAM ARGUMENT…: one of its programs; none of them runs as root.
postgres() {
    local program as=()
    program=$(compgen -G "/usr/lib/postgresql/*/bin/$1" | tail -n 1)
    [ "$(id -u)" != 0 ] || as=(runuser -u postgres --)
    "${as[@]}" "$program" "${@:2}"
}

# start_postgres FOLDER: a server that keeps nothing for good, reached by a socket in there; its user is wren.
start_postgres() {
    [ "$(id -u)" != 0 ] || chown postgres "$1"
    postgres initdb -D "$1/data" --username=wren --locale=C --encoding=UTF8 -A trust
    postgres pg_ctl -D "$1/data" -l "$1/log" -w start \
        -o "-c listen_addresses='' -k $1 -c fsync=off -c full_page_writes=off -c synchronous_commit=off"
}

stop_postgres() { postgres pg_ctl -D "$1/data" -m immediate stop >/dev/null 2>&1 || true; }

need_composer() {
    fresh vendor/.installed composer.json stand-ins && return
    step "Installing PHP packages" composer update --no-progress --prefer-dist
    # What the framework had noted of the packages that were there before.
    rm -f bootstrap/cache/packages.php bootstrap/cache/services.php
    stamp vendor/.installed
}

need_npm() {
    fresh node_modules/.installed package-lock.json && return
    step "Installing npm packages" npm ci --no-audit --no-fund --ignore-scripts
    stamp node_modules/.installed
}

need_build() {
    fresh public/build/.built package-lock.json vite.config.js resources && return
    step "Building styles and scripts" npm run build
    stamp public/build/.built
}

# Views are compiled as they are shown first, and again once they change; what they are compiled to may change as well.
need_views() {
    local views="${LARAVEL_STORAGE_PATH:-storage}/framework/views"
    [ -z "${VIEW_COMPILED_PATH:-}" ] || return 0
    fresh "$views/.as-compiled" app/Framework composer.json && return
    rm -f "$views"/*.php
    stamp "$views/.as-compiled"
}

need_env() {
    [ -f .env ] && return
    cp .env.example .env
    sed -i "s|^APP_KEY=.*|APP_KEY=base64:$(php -r 'echo base64_encode(random_bytes(32));')|" .env
    say "Made .env with a key of its own."
}

# All that the application needs to run, without a database.
set_up_application() {
    need_tools
    need_extensions
    need_composer
    need_npm
    need_build
    need_views
    need_env
}

# serve PORT [ROUTER]: PHP's own server on this machine alone, with a few workers and compiled code kept.
serve() {
    PHP_CLI_SERVER_WORKERS=4 exec php \
        -d opcache.enable=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M -d expose_php=0 -d variables_order=EGPCS -d zlib.output_compression=On -d upload_max_filesize=8M -d post_max_size=9M -d max_input_vars=5000 \
        -S "127.0.0.1:$1" -t public "${2:-bin/lib/router.php}"
}

# Groups of processes that end with this script.
beside=()
end_beside() { [ ${#beside[@]} -eq 0 ] || kill -- "${beside[@]/#/-}" 2>/dev/null; }

# serve_beside PORT ROUTER: a service that ends with this script.
serve_beside() {
    set -m
    PHP_CLI_SERVER_WORKERS=2 php -S "127.0.0.1:$1" "$2" >/dev/null 2>&1 &
    beside+=($!)
    set +m
    trap end_beside EXIT
}

# every SECONDS command…: again and again, until this script ends.
every() {
    set -m
    (while sleep "$1"; do "${@:2}" >/dev/null 2>&1 || true; done) &
    beside+=($!)
    set +m
    trap end_beside EXIT
}

# serve_until_told PORT: the same, until this script is ended in whatever way; its workers end with it.
serve_until_told() {
    set -m
    serve "$@" &
    local server=$!
    beside+=("$server")
    trap end_beside EXIT
    trap 'exit 0' INT TERM HUP
    wait "$server"
}
