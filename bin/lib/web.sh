# PHP and nginx, from this folder, on loopback.

# The code that the server has in memory; when it changes, the server is started anew.
code_print() { fingerprint src core/src config templates migrations public/index.php composer.json demo; }

serve() {
    local print fpm="$place/run/fpm.pid" nginx="$place/run/nginx.pid" as_root=()
    print=$(code_print)
    if ! is_stamped app-cache "$print"; then
        rm -rf var/cache/prod
        quietly cache env APP_ENV=prod bin/console cache:warmup
        stamp app-cache "$print"
    fi
    if is_ours "$fpm" "$place/run/fpm.conf" && [ "$(cat "$place/run/code" 2>/dev/null)" != "$print" ]; then
        kill -QUIT "$(cat "$fpm")"; wait_for 10 test ! -e "$fpm" || true
    fi
    if ! is_ours "$nginx" "$place/run/nginx.conf" && is_open "$http_port"; then
        fail "Port $http_port on this machine is in use by another program." "Choose another:  ALTERNUM_PORT=$((http_port + 1)) $0"
    fi
    local user=
    [ "$(id -u)" -ne 0 ] || { as_root=(-R); user=$(printf 'user = root\ngroup = root'); }
    render fpm.conf >"$place/run/fpm.conf"
    render php.ini >"$place/run/php.ini"
    [ "$(id -u)" -ne 0 ] || user='user root;'
    render nginx.conf >"$place/run/nginx.conf"
    if ! is_ours "$fpm" "$place/run/fpm.conf"; then
        # Debian's own configuration switches the just-in-time compiler off after php.ini is read.
        setsid php-fpm8.2 "${as_root[@]}" -c "$place/run/php.ini" -d opcache.jit=tracing --nodaemonize \
            --fpm-config "$place/run/fpm.conf" >"$place/run/fpm.log" 2>&1 </dev/null &
        wait_for 15 test -S "$place/run/fpm.sock" || {
            tail -n 20 "$place/run/fpm.log" >&2
            fail "PHP does not start." "What it said stands above and in $place/run/fpm.log."
        }
        printf '%s' "$print" >"$place/run/code"
    fi
    if ! is_ours "$nginx" "$place/run/nginx.conf"; then
        setsid nginx -p "$place/run" -e "$place/run/nginx-error.log" -c "$place/run/nginx.conf" >"$place/run/nginx.log" 2>&1 </dev/null &
    fi
    wait_for 15 curl -fsS "http://127.0.0.1:$http_port/api/ping" || {
        tail -n 20 "$place/run/nginx-error.log" var/log/prod*.log 2>/dev/null >&2
        fail "The server does not answer on port $http_port." "What it said stands above and in $place/run/."
    }
}
