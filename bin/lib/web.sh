# PHP and nginx, from this folder, on loopback.

# The code that the server has in memory; when it changes, the server is started anew.
code_print() { fingerprint src core/src config templates migrations public/index.php composer.json demo; }

serve() {
    local print settings as_root=() user= lan_listens trust_server hosts proxies= finger= access_log watchers locks shared= cache
    local accounts=${ALTERNUM_ACCOUNTS:-off}
    own_users
    print=$(code_print) cache="prod-$print"
    # What is compiled of this code has a folder of its own: a server that still runs on the code before goes on with its own.
    if ! is_stamped app-cache "$print" || [ ! -d "var/cache/$cache" ]; then
        rm -rf "var/cache/$cache" var/cache/prod
        quietly cache env APP_ENV=prod ALTERNUM_CACHE="$cache" bin/console cache:warmup
        stamp app-cache "$print"
        ls -dt var/cache/prod-* | tail -n +4 | xargs -r rm -rf
    fi
    readable vendor $(ls -d symfony-parts/vendor 2>/dev/null) core src config templates migrations public demo composer.json
    own_folder "$web_user" "var/cache/$cache"
    own_folder "$web_user" "$place/log"
    own_folder "$web_user" "$place/run/locks"
    if [ "$(id -u)" -eq 0 ]; then
        user=$(printf 'user = %s\ngroup = %s\nlisten.owner = %s' "$web_user" "$web_user" "$web_user")
        [ "$web_user" != root ] || as_root=(-R)
    fi
    hosts=$(trusted_hosts)
    # A value there may not be empty.
    [ -z "${ALTERNUM_PROXIES:-}" ] || proxies="env[ALTERNUM_PROXIES] = \"$ALTERNUM_PROXIES\""
    locks="flock://$place/run/locks"
    if [ -n "${ALTERNUM_SHARED:-}" ]; then locks=$ALTERNUM_SHARED shared="env[ALTERNUM_SHARED] = \"$ALTERNUM_SHARED\""; fi
    (umask 077; render fpm.conf >"$place/run/fpm.conf")
    render php.ini >"$place/run/php.ini"
    [ "$(id -u)" -ne 0 ] || user="user $web_user;"
    [ -z "$lan" ] || tls_files "$lan"
    [ -z "$lan" ] || readable "$place/tls/public"
    lan_listens=$(lan_listens) trust_server=$(trust_server) access_log=$(access_log) watchers=$(watchers)
    render nginx.conf >"$place/run/nginx.conf"

    settings="$print $(fingerprint "$place/run/fpm.conf" "$place/run/php.ini") $(php -r 'echo PHP_VERSION;')"
    if ! runs fpm php-fpm8.2 "$settings"; then
        end_ours fpm php-fpm8.2 QUIT 20
        rm -f "$place/run/fpm.sock"
        ALTERNUM_CACHE=$cache setsid php-fpm8.2 "${as_root[@]}" -c "$place/run/php.ini" --nodaemonize \
            --fpm-config "$place/run/fpm.conf" >"$place/run/fpm.log" 2>&1 </dev/null &
        wait_for 15 test -S "$place/run/fpm.sock" || {
            tail -n 20 "$place/run/fpm.log" >&2
            fail "PHP does not start." "What it said stands above and in $place/run/fpm.log."
        }
        started fpm "$settings"
    fi
    # A new certificate is read at the start only.
    settings="$(fingerprint "$place/run/nginx.conf" "$place/tls/public") $(cat "$place/tls/serial" 2>/dev/null || true)"
    if ! runs nginx nginx "$settings"; then
        end_ours nginx nginx QUIT 10
        if is_open "$http_port"; then
            fail "Port $http_port on this machine is in use by another program." "Choose another:  ALTERNUM_PORT=$((http_port + 1)) $0"
        fi
        setsid nginx -p "$place/run" -e "$place/run/nginx-error.log" -c "$place/run/nginx.conf" >"$place/run/nginx.log" 2>&1 </dev/null &
        started nginx "$settings"
    fi
    wait_for 15 curl -fsS "http://127.0.0.1:$http_port/api/ping" || {
        tail -n 20 "$place/run/nginx-error.log" "$place"/log/prod*.log 2>/dev/null >&2
        fail "The server does not answer on port $http_port." "What it said stands above and in $place/run/."
    }
}

# What was asked, a line each, where it is wanted: when, which request, what kind, how it ended, how long it took. Never by whom, and no query, which has
# what a maker wrote.
access_log() {
    [ "${ALTERNUM_ACCESS_LOG:-off}" = on ] || { printf 'access_log off;'; return 0; }
    printf '%s\n' "log_format lines escape=json '{\"at\":\"\$time_iso8601\",\"request\":\"\$request_id\",\"method\":\"\$request_method\",\"path\":\"\$uri\",'" \
        "        '\"status\":\$status,\"bytes\":\$body_bytes_sent,\"seconds\":\$request_time}';" "    access_log $place/run/access.log lines;"
}

watchers() {
    local one names=${ALTERNUM_WATCHERS:-}
    for one in ${names//,/ }; do printf '"~^[^ ]+ %s $" 1;\n        ' "${one//./\\.}"; done
}
