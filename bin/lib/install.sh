# What is missing on this machine is installed: programs from Debian, PHP and front-end packages, the built front end.

# Installed as a package, it brings all of that with it, and Debian's tools saw to the rest.
is_packaged() { [ -f "$root/packaged" ]; }

debian_packages() {
    ! is_packaged || return 0
    local missing=() module
    command -v php >/dev/null || missing+=(php8.2-cli)
    command -v composer >/dev/null || missing+=(composer)
    command -v unzip >/dev/null || missing+=(unzip)
    command -v mariadbd >/dev/null || missing+=(mariadb-server)
    command -v nginx >/dev/null || missing+=(nginx-light)
    command -v php-fpm8.2 >/dev/null || missing+=(php8.2-fpm)
    command -v curl >/dev/null || missing+=(curl)
    command -v openssl >/dev/null || missing+=(openssl)
    command -v hostname >/dev/null || missing+=(hostname)
    command -v pgrep >/dev/null || missing+=(procps)
    for module in pdo_mysql:mysql apcu:apcu curl:curl zip:zip mbstring:mbstring intl:intl dom:xml gd:gd; do
        php -m 2>/dev/null | grep -qix "${module%%:*}" || missing+=("php8.2-${module##*:}")
    done
    if [ "${1:-}" = with-browser ] && ! command -v chromium-headless-shell >/dev/null && ! command -v chromium >/dev/null; then
        missing+=(chromium-headless-shell fonts-liberation)
    fi
    # What is printed is read by another program.
    [ "${1:-}" != with-browser ] || command -v pdftotext >/dev/null || missing+=(poppler-utils)
    command -v node >/dev/null || missing+=(nodejs npm)
    install_debian "${missing[@]}"
    # Chromium without its windows draws the same pages with two thirds of the work; where it cannot be had, the one that is there does.
    if [ "${1:-}" = with-browser ] && ! command -v chromium-headless-shell >/dev/null && [ "$(id -u)" -eq 0 ]; then
        note "installing chromium-headless-shell"
        { timeout 120 apt-get update && DEBIAN_FRONTEND=noninteractive timeout 240 apt-get install -y --no-install-recommends chromium-headless-shell; } \
            >var/log/apt-headless.log 2>&1 || note "it cannot be had here: the tests take chromium, and longer"
    fi
    node -e 'const [a, b] = process.versions.node.split(".").map(Number); process.exit(a > 20 || (a === 20 && b >= 19) ? 0 : 1)' \
        || fail "Node.js 20.19 or newer is needed; this is $(node --version)." "Install a newer Node.js, then run this again."
    php -r 'exit(PHP_MAJOR_VERSION === 8 && PHP_MINOR_VERSION === 2 ? 0 : 1);' \
        || fail "PHP 8.2 is needed; this is $(php -r 'echo PHP_VERSION;')." "Put PHP 8.2 first in the PATH, then run this again."
}

install_debian() { # PACKAGE...
    [ $# -gt 0 ] || return 0
    note "installing $*"
    local as=()
    if [ "$(id -u)" -ne 0 ]; then
        command -v sudo >/dev/null && sudo -n true 2>/dev/null || fail "These Debian packages are missing: $*" \
            "Install them as root:  apt-get install --no-install-recommends $*" "Then run this again."
        as=(sudo)
    fi
    quietly apt-update "${as[@]}" apt-get update
    quietly apt-install "${as[@]}" env DEBIAN_FRONTEND=noninteractive apt-get install -y --no-install-recommends "$@"
}

# What several machines on one take besides.
cluster_packages() {
    local missing=() pair
    for pair in haproxy:haproxy redis-server:redis-server rsync:rsync lsof:lsof; do command -v "${pair%%:*}" >/dev/null || missing+=("${pair##*:}"); done
    [ -e /usr/lib/galera/libgalera_smm.so ] || missing+=(galera-4)
    php -m | grep -qix redis || missing+=(php8.2-redis)
    install_debian "${missing[@]}"
}

php_packages() {
    ! is_packaged || return 0
    local print
    print=$(fingerprint composer.json core/composer.json symfony-parts/composer.json)
    if ! is_stamped php-packages "$print" || [ ! -f vendor/autoload.php ]; then
        note "installing PHP packages (a minute or so)"
        quietly composer-parts composer --working-dir=symfony-parts install --no-autoloader --no-scripts --no-progress
        quietly composer composer install --no-scripts --no-progress
        stamp php-packages "$print"
    fi
}

npm_packages() {
    ! is_packaged || return 0
    local print
    print=$(fingerprint package.json package-lock.json)
    if ! is_stamped npm-packages "$print" || [ ! -d node_modules ]; then
        note "installing front-end packages (a minute or so)"
        # Not `npm ci`: it wants other platforms' optional packages in the lock, which a registry need not serve.
        quietly npm npm install --no-save --no-audit --no-fund
        stamp npm-packages "$print"
    fi
}

front_end() {
    ! is_packaged || return 0
    local print
    print=$(fingerprint web contract templates package-lock.json vite.config.ts vite.worker.config.ts tsconfig.json)
    if ! is_stamped front-end "$print" || [ ! -f public/build/worker.js ]; then
        note "building"
        quietly build npm run build
        stamp front-end "$print"
    fi
}
