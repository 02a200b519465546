# Sourced by the scripts beside it: says what is wrong in one sentence, and sets up once.
# shellcheck shell=bash
set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/.."
export COMPOSER_ALLOW_SUPERUSER=1 COMPOSER_NO_INTERACTION=1

stop() { echo "eskith: $*" >&2; exit 1; }

# A file of its own remembers for which state of its sources a step was done.
done_for() { [ -f "storage/ground/$1" ] && [ "$(cat "storage/ground/$1")" = "$2" ]; }
mark_done() { printf '%s' "$2" > "storage/ground/$1"; }
hash_of() { { find "$@" -type f -print0 2>/dev/null | sort -z | xargs -0 cat; } | sha256sum | cut -c1-32; }

# Files and folders that only who runs it reads and writes.
close_files() { chmod -R go-rwx "$@" 2> /dev/null || true; }

need_folder() {
    { mkdir -p storage/ground storage/logs storage/framework/{cache/data,sessions,views} bootstrap/cache \
        && : > storage/ground/.probe; } 2>/dev/null \
        || stop "this folder cannot be written to; put Eskith where you may write, or mend its permissions."
    rm -f storage/ground/.probe
}

# need_packages WHAT-FOR PACKAGE...: installs Debian packages as root or with sudo, or says which to install.
need_packages() {
    local why=$1 as=()
    shift
    if [ "$(id -u)" -ne 0 ]; then
        { command -v sudo > /dev/null && sudo -n true 2> /dev/null; } || stop "$why missing; run: apt-get install $*"
        as=(sudo -n)
    fi
    command -v apt-get > /dev/null || stop "$why missing and there is no apt-get; install the like of: $*"
    echo "Installing $* …"
    "${as[@]}" apt-get update -qq > storage/logs/apt.log 2>&1 || true
    DEBIAN_FRONTEND=noninteractive "${as[@]}" apt-get install -y -qq "$@" >> storage/logs/apt.log 2>&1 \
        || stop "Debian's packages could not be installed; see storage/logs/apt.log, or run: apt-get install $*"
}

need_tools() {
    local tool missing=()
    for tool in php composer node npm; do
        command -v "$tool" > /dev/null || stop "$tool is missing; install PHP 8.2, Composer and Node 20 or later, then start again."
    done
    php -r 'exit(PHP_VERSION_ID >= 80200 ? 0 : 1);' || stop "PHP $(php -r 'echo PHP_VERSION;') is too old; 8.2 or later is needed."
    node -e 'process.exit(+process.versions.node.split(".")[0] >= 20 ? 0 : 1)' \
        || stop "Node $(node --version) is too old; 20 or later is needed."
    local version have
    version=$(php -r 'echo PHP_MAJOR_VERSION.".".PHP_MINOR_VERSION;')
    have=$(php -m)
    for tool in pdo_sqlite:sqlite3 curl:curl zip:zip gd:gd mbstring:mbstring dom:xml intl:intl apcu:apcu; do
        grep -qix "${tool%%:*}" <<< "$have" || missing+=("php$version-${tool##*:}")
    done
    [ "${#missing[@]}" -eq 0 ] || need_packages "PHP extensions are" "${missing[@]}"
}

need_browser() {
    { command -v chromium && command -v chromedriver; } > /dev/null || need_packages "Chromium and its driver are" chromium chromium-driver
}

# How PHP's own server runs Eskith: kept compiled, pages packed, files of up to 100 MB taken in, 256 MB and 30 s for a request.
server_options=(
    -d opcache.enable_cli=1 -d opcache.memory_consumption=128 -d opcache.max_accelerated_files=20000 -d realpath_cache_ttl=600
    -d variables_order=EGPCS -d zlib.output_compression=On -d zlib.output_compression_level=2 -d expose_php=0
    -d upload_max_filesize=101M -d post_max_size=102M -d memory_limit=256M -d max_execution_time=30 -d max_input_vars=2000
)

# Serves on PHP's own server until it is told to stop. It has a process for each of several requests at once and makes none
# anew: where one has ended, all of it is started again, which takes a moment and loses nothing, since every write is safe to
# repeat. keep_serving PORT LOG [PHP OPTIONS ...]
keep_serving() {
    local port=$1 log=$2 server="" workers=${WORKERS:-4}
    shift 2
    trap '[ -z "$server" ] || { pkill -TERM -P "$server"; kill -TERM "$server"; } 2> /dev/null; exit 0' INT TERM
    while :; do
        PHP_CLI_SERVER_WORKERS=$workers php "${server_options[@]}" "$@" -S "${HOST:-127.0.0.1}:$port" -t public public/router.php \
            < /dev/null >> "$log" 2>&1 &
        server=$!
        sleep 1 &
        wait $! || true
        while kill -0 "$server" 2> /dev/null && [ "$(pgrep -c -r S,R,D -P "$server")" -ge "$workers" ]; do
            sleep 1 &
            wait $! || true
        done
        echo "eskith: a process of the server has ended; it is started again." >> "$log"
        { pkill -KILL -P "$server"; kill -KILL "$server"; } 2> /dev/null || true
        wait "$server" 2> /dev/null || true
        sleep 0.2
    done
}

# Reads the GPX that is written here, for the tests.
need_reader() {
    command -v gpsbabel > /dev/null || need_packages "A reader of GPX files is" gpsbabel
}

need_libraries() {
    local state
    state=$(hash_of composer.json)
    if [ ! -f vendor/autoload.php ] || ! done_for composer "$state"; then
        echo "Installing PHP packages …"
        composer install --no-progress --prefer-dist > storage/logs/composer.log 2>&1 \
            || stop "PHP packages could not be installed; see storage/logs/composer.log."
        mark_done composer "$state"
    fi
    state=$(hash_of package-lock.json)
    if [ ! -d node_modules ] || ! done_for npm "$state"; then
        echo "Installing JavaScript packages …"
        npm ci > storage/logs/npm.log 2>&1 || stop "JavaScript packages could not be installed; see storage/logs/npm.log."
        mark_done npm "$state"
    fi
    # The class map lists every class of the project, so a new file needs a new one.
    state=$(find core app database tests -name '*.php' 2> /dev/null | sort | sha256sum | cut -c1-32)
    if ! done_for classes "$state"; then
        composer dump-autoload --quiet > storage/logs/composer.log 2>&1 \
            || stop "the class map could not be written; see storage/logs/composer.log."
        mark_done classes "$state"
    fi
}

need_build() {
    local state
    state=$(hash_of resources core telling vite.config.ts vite.rooms.ts package-lock.json composer.json)
    if [ ! -f public/build/manifest.json ] || ! done_for build "$state"; then
        echo "Building the interface …"
        npm run build > storage/logs/build.log 2>&1 || stop "the interface could not be built; see storage/logs/build.log."
        mark_done build "$state"
    fi
}

set_up() {
    need_folder
    need_tools
    need_libraries
    need_build
}
