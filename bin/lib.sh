# Shared by bin/demo, bin/test and bin/bench: makes sure that what they need is there.
# Everything is checked first and installed only when missing, so a second run is quick.

root=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
cd "$root"
stamps="$root/.stamps"
mkdir -p "$stamps"

# How PHP runs the tests.
optimized='-d opcache.enable_cli=1 -d opcache.memory_consumption=192 -d opcache.max_accelerated_files=20000'

say() { printf '\033[1m· %s\033[0m\n' "$*" >&2; }
die() { printf 'good-rinse: %s\n' "$*" >&2; exit 1; }

php_has() { php -r 'exit(extension_loaded($argv[1]) ? 0 : 1);' "$1"; }

# Installs Debian packages, or says the one line to run where we are not root.
apt_install() {
    [ $# -gt 0 ] || return 0
    if [ "$(id -u)" -ne 0 ]; then
        die "missing on this machine; run: sudo apt-get update && sudo apt-get install -y $*"
    fi
    say "installing from Debian: $*"
    apt-get update -qq >/dev/null || die "apt-get update failed"
    DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "$@" >/dev/null \
        || die "apt-get install failed for: $*"
}

ensure_php() {
    command -v php >/dev/null || die "PHP 8.2 (command line) is needed"
    local missing=()
    php_has pdo_sqlite || missing+=(php8.2-sqlite3)
    php_has gd || missing+=(php8.2-gd)
    php_has curl || missing+=(php8.2-curl)
    php_has mbstring || missing+=(php8.2-mbstring)
    php_has zip || missing+=(php8.2-zip)
    php_has intl || missing+=(php8.2-intl)
    php_has dom || missing+=(php8.2-xml)
    command -v unzip >/dev/null || missing+=(unzip)
    apt_install "${missing[@]}"
}

fingerprint() { cat "$@" | sha256sum | cut -d' ' -f1; }

ensure_vendor() {
    command -v composer >/dev/null || die "Composer 2 is needed"
    local print; print=$(fingerprint composer.json)
    if [ -f vendor/autoload.php ] && [ "$(cat "$stamps/vendor" 2>/dev/null)" = "$print" ]; then return 0; fi
    say "installing the PHP libraries"
    COMPOSER_ALLOW_SUPERUSER=1 composer install --optimize-autoloader --no-interaction --no-progress --quiet \
        || die "composer install failed"
    chmod -R a+rX vendor
    printf '%s' "$print" > "$stamps/vendor"
}

ensure_node_modules() {
    command -v npm >/dev/null || die "Node 20 with npm is needed"
    local print; print=$(fingerprint package-lock.json)
    if [ -d node_modules ] && [ "$(cat "$stamps/node" 2>/dev/null)" = "$print" ]; then return 0; fi
    say "installing the front-end libraries"
    PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1 npm install --no-save --no-audit --no-fund --silent >&2 || die "npm install failed"
    printf '%s' "$print" > "$stamps/node"
}

ensure_build() {
    local print
    print=$(find resources/js resources/scss vite.config.js package-lock.json -type f -print0 \
        | sort -z | xargs -0 sha256sum | sha256sum | cut -d' ' -f1)
    if [ -f public/build/manifest.json ] && [ "$(cat "$stamps/build" 2>/dev/null)" = "$print" ]; then return 0; fi
    say "building styles and scripts"
    npx vite build --logLevel warn >&2 || die "the front-end build failed"
    printf '%s' "$print" > "$stamps/build"
}

ensure_env() {
    if [ ! -f .env ]; then
        cp .env.example .env
        APP_CONFIG_CACHE="$root/bootstrap/cache/none.php" php artisan key:generate --quiet --force \
            || die "could not make the application key"
    fi
}

ensure_app() {
    ensure_php
    ensure_vendor
    ensure_node_modules
    ensure_build
    ensure_env
}

ensure_host() {
    local missing=()
    command -v nginx > /dev/null || [ -x /usr/sbin/nginx ] || missing+=(nginx)
    [ -x /usr/sbin/php-fpm8.2 ] || missing+=(php8.2-fpm)
    command -v openssl > /dev/null || missing+=(openssl)
    [ -x /usr/sbin/mosquitto ] || missing+=(mosquitto)
    command -v mosquitto_pub > /dev/null || missing+=(mosquitto-clients)
    command -v strace > /dev/null || missing+=(strace)
    apt_install "${missing[@]}"
}

ensure_postgres() {
    local missing=()
    php_has pdo_pgsql || missing+=(php8.2-pgsql)
    compgen -G '/usr/lib/postgresql/*/bin/initdb' > /dev/null || missing+=(postgresql)
    apt_install "${missing[@]}"
}

ensure_chromium() {
    if [ -x /usr/bin/chromium-headless-shell ]; then return 0; fi
    # The shell alone is quicker and smaller; where Debian has none, or we are not root, the whole browser will do.
    if [ "$(id -u)" -eq 0 ] && (apt_install chromium-headless-shell); then return 0; fi
    [ -x /usr/bin/chromium ] || apt_install chromium
}
