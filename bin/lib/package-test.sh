# Holds the Debian package: installed, brought up to date, taken off and purged under a root of its own, with what makers made kept throughout; started
# there, and reached by TLS through the proxy that deploy/ has.

packages() {
    local status=0
    package_root=$(mktemp -d)
    chmod 755 "$package_root"
    package_steps || status=1
    [ ! -x "$package_root/opt/alternum/bin/stop" ] || "$package_root/opt/alternum/bin/stop" >/dev/null
    [ ! -s "$package_root/proxy/pid" ] || kill "$(cat "$package_root/proxy/pid")"
    rm -rf "$package_root"
    [ $status -ne 0 ] || echo "package: installed, updated, removed; nothing that makers made is lost: found nothing"
    return $status
}

not_so() { echo "NOT SO: $*"; return 1; }
under_root() { dpkg --root="$package_root" --force-depends --force-script-chrootless --force-confold "$@"; }
# The program that is installed there, on ports of its own.
installed() { # COMMAND...
    env -i PATH="$PATH" HOME="$package_root" ALTERNUM_PORT="$package_port" ALTERNUM_DB_PORT=$((package_port + 5000)) ALTERNUM_TLS_PORT=$((package_port + 1)) \
        ALTERNUM_TRUST_PORT=$((package_port + 2)) ALTERNUM_HOSTS=toys.example.org ALTERNUM_PROXIES=127.0.0.1 \
        ALTERNUM_ACCESS_LOG=on ALTERNUM_WATCHERS=127.0.0.2 "$package_root/opt/alternum/bin/$1" "${@:2}"
}
ask_installed() { curl -s -b "$package_root/cookies" -c "$package_root/cookies" "http://127.0.0.1:$package_port$1"; }
on_shelf() { ask_installed /api/shelf | php -r 'echo implode(" ", array_column(json_decode(stream_get_contents(STDIN), true)["plans"], "id"));'; }

package_steps() {
    local at="$package_root/opt/alternum" shelf said
    package_port=${ALTERNUM_PACKAGE_PORT:-8560}
    mkdir -p "$package_root/var/lib/dpkg/updates" "$package_root/var/lib/dpkg/info"
    touch "$package_root/var/lib/dpkg/status" "$package_root/var/lib/dpkg/available"
    make_package "$package_root/packages" 0.1 >/dev/null || return 1
    # The next version is the same with another number, and one file more.
    dpkg-deb -R "$package_root/packages/alternum_0.1_all.deb" "$package_root/next" || return 1
    sed -i 's/^Version: .*/Version: 0.2/' "$package_root/next/DEBIAN/control"
    echo 0.2 >"$package_root/next/opt/alternum/packaged"
    dpkg-deb --root-owner-group -Znone --build "$package_root/next" "$package_root/packages/alternum_0.2_all.deb" >/dev/null || return 1

    under_root -i "$package_root/packages/alternum_0.1_all.deb" >/dev/null || return 1
    [ "$(cat "$at/packaged")" = 0.1 ] && [ -f "$package_root/etc/alternum.conf" ] && [ -f "$package_root/lib/systemd/system/alternum.service" ] \
        || not_so "what is to be there is there" || return 1
    [ ! -e "$at/core/tests" ] && [ ! -e "$at/vendor/phpunit" ] && [ ! -e "$at/node_modules" ] || not_so "nothing is there that only tests need" || return 1
    installed start >/dev/null || return 1
    ask_installed / >/dev/null
    shelf=$(on_shelf)
    [ -n "$shelf" ] || not_so "a first visit has plans on its shelf" || return 1
    proxied || return 1
    caddied || return 1

    echo '# set by who runs it' >>"$package_root/etc/alternum.conf"
    under_root -i "$package_root/packages/alternum_0.2_all.deb" >/dev/null || return 1
    [ "$(cat "$at/packaged")" = 0.2 ] || not_so "the next version is there" || return 1
    grep -q '^# set by who runs it' "$package_root/etc/alternum.conf" || not_so "what was set is kept" || return 1
    ! curl -s "http://127.0.0.1:$package_port/health" >/dev/null || not_so "the version before has ended" || return 1
    installed start >/dev/null || return 1
    [ "$(on_shelf)" = "$shelf" ] || not_so "the browser has its shelf again: $shelf" || return 1
    said=$(installed backup --to "$package_root/backups") || return 1
    [ -s "$said" ] || not_so "it is backed up from where it is installed: $said" || return 1

    under_root -r alternum >/dev/null || return 1
    [ ! -e "$at/src" ] && [ ! -e "$package_root/lib/systemd/system/alternum.service" ] || not_so "the program is gone" || return 1
    [ -d "$at/var/app/db/alternum" ] || not_so "what makers made is there" || return 1
    said=$(under_root -P alternum) || return 1
    [ -d "$at/var/app/db/alternum" ] && [ ! -e "$at/var/cache" ] && [ ! -e "$package_root/etc/alternum.conf" ] \
        || not_so "purged, all but that is gone" || return 1
    [[ "$said" == *'/opt/alternum/var/app'* ]] || not_so "it is said where that is" || return 1
}

# What holds behind any proxy that is set as deploy/ has it.
behind_tls() { # PORT
    local answer
    answer=$(curl -sik --resolve "toys.example.org:$1:127.0.0.1" "https://toys.example.org:$1/")
    grep -qi '^set-cookie: alternum_workshop=.*; secure;' <<<"$answer" || not_so "behind TLS the cookie goes by TLS alone: $answer" || return 1
    grep -qi '^strict-transport-security:' <<<"$answer" || not_so "browsers are told to stay with TLS" || return 1
    answer=$(curl -sk -o /dev/null -w '%{http_code}' --resolve "toys.example.org:$1:127.0.0.1" "https://toys.example.org:$1/metrics")
    [ "$answer" = 404 ] || not_so "numbers are not for the street: $answer" || return 1
}

# Unpacked and not installed: that would begin a server on this machine.
caddy_program() {
    command -v caddy && return 0
    local at="$root/var/caddy"
    [ -x "$at/usr/bin/caddy" ] || {
        mkdir -p "$at"
        (cd "$at" && timeout 120 apt-get download caddy && dpkg-deb -x caddy_*.deb . && rm -f caddy_*.deb) >"$root/var/log/caddy.log" 2>&1 || return 1
    }
    echo "$at/usr/bin/caddy"
}

# As deploy/Caddyfile has it, with a certificate of an authority of its own, as it reaches none here.
caddied() {
    local proxy="$package_root/caddy" tls=$((package_port + 5)) program caddy status=0
    program=$(caddy_program) || { echo "no Caddy can be had here: deploy/Caddyfile is not tried"; return 0; }
    mkdir -p "$proxy"
    {
        printf '{\n\tadmin off\n\tskip_install_trust\n\tlocal_certs\n\tdefault_bind 127.0.0.1\n'
        printf '\thttp_port %s\n\thttps_port %s\n}\n' "$((package_port + 6))" "$tls"
        sed "s#:8420#:$package_port#" deploy/Caddyfile
    } >"$proxy/Caddyfile"
    XDG_DATA_HOME=$proxy XDG_CONFIG_HOME=$proxy "$program" run --config "$proxy/Caddyfile" >"$proxy/log" 2>&1 </dev/null &
    caddy=$!
    # Its certificate comes a moment after its port.
    wait_for 20 curl -sk -o /dev/null --resolve "toys.example.org:$tls:127.0.0.1" "https://toys.example.org:$tls/health" \
        || not_so "Caddy begins: $(tail -n 5 "$proxy/log")" || status=1
    [ $status -ne 0 ] || behind_tls "$tls" || status=1
    kill $caddy 2>/dev/null
    wait $caddy 2>/dev/null
    return $status
}

# As deploy/nginx-site.conf has it, with a certificate of its own.
proxied() {
    local proxy="$package_root/proxy" tls=$((package_port + 3)) answer from
    mkdir -p "$proxy"
    openssl req -x509 -newkey rsa:2048 -nodes -days 2 -subj /CN=toys.example.org -keyout "$proxy/privkey.pem" -out "$proxy/fullchain.pem" 2>/dev/null
    {
        printf 'daemon off;\npid %s/pid;\nerror_log %s/error.log;\nevents { }\nhttp {\naccess_log off;\n' "$proxy" "$proxy"
        sed "s#/etc/ssl/toys.example.org#$proxy#; s#listen 443#listen 127.0.0.1:$tls#; s#listen 80#listen 127.0.0.1:$((package_port + 4))#
            s#:8420#:$package_port#" deploy/nginx-site.conf
        printf '}\n'
    } >"$proxy/nginx.conf"
    nginx -p "$proxy" -e "$proxy/error.log" -c "$proxy/nginx.conf" >/dev/null 2>&1 </dev/null &
    wait_for 10 is_open "$tls" || not_so "the proxy begins: $(cat "$proxy/error.log")" || return 1
    behind_tls "$tls" || return 1
    [ "$(curl -s -o /dev/null -w '%{http_code}' "http://127.0.0.1:$package_port/metrics")" = 200 ] || not_so "numbers are for this machine" || return 1
    answer=''
    for from in 127.0.0.2 127.0.0.3; do
        answer="$answer$(curl -s -o /dev/null -w '%{http_code} ' --interface $from "http://127.0.0.1:$package_port/metrics/php")"
    done
    [ "$answer" = '200 404 ' ] || not_so "and for whom it names: $answer" || return 1
    # What was asked is written down, and neither by whom nor what else was said with it.
    ask_installed '/api/shelf?secret=skein' >/dev/null
    answer=$(tail -n 1 "$package_root/opt/alternum/var/app/run/access.log")
    php -r '$line = json_decode($argv[1], true); exit("/api/shelf" === $line["path"] && 200 === $line["status"] && 7 === count($line) ? 0 : 1);' -- "$answer" \
        && [[ "$answer" != *skein* && "$answer" != *127.0.0* ]] || not_so "a line for each request, without its query: $answer" || return 1
    # A name that was not set is refused, by whoever it is asked.
    [ "$(curl -s -o /dev/null -w '%{http_code}' -H 'Host: elsewhere.example' "http://127.0.0.1:$package_port/")" = 400 ] \
        || not_so "another name is refused" || return 1
}
