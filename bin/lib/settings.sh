# What can be set, in the environment or in alternum.conf in this folder; the environment wins. alternum.conf.example says what each means.
known_settings="ALTERNUM_PORT ALTERNUM_DB_PORT ALTERNUM_LAN ALTERNUM_TLS_PORT ALTERNUM_TRUST_PORT ALTERNUM_HOSTS ALTERNUM_PROXIES ALTERNUM_ACCESS_LOG"
known_settings="$known_settings ALTERNUM_WATCHERS ALTERNUM_SHARED ALTERNUM_BINLOG ALTERNUM_ACCOUNTS"

read_settings() { # FILE
    local line name number=0
    [ -f "$1" ] || return 0
    while IFS= read -r line || [ -n "$line" ]; do
        number=$((number + 1))
        line=${line%%#*}
        line=$(printf '%s' "$line" | tr -d ' \t\r')
        [ -n "$line" ] || continue
        name=${line%%=*}
        [[ "$line" == *=* && " $known_settings " == *" $name "* ]] || fail "Line $number of $1 is not understood: $line" \
            "A line is NAME=value; the names are: $known_settings."
        [ -n "${!name+set}" ] || export "$name=${line#*=}"
    done <"$1"
}

is_port() { [[ "$1" =~ ^[0-9]{1,5}$ ]] && [ "$1" -ge 1024 ] && [ "$1" -le 65535 ]; }

# Whether a program on this machine can listen there.
is_own_address() {
    php -r '$is = filter_var($argv[1], FILTER_VALIDATE_IP, FILTER_FLAG_IPV4);
        exit($is && @stream_socket_server("tcp://{$argv[1]}:0") ? 0 : 1);' -- "$1"
}

# The address under which others in the same network reach this machine.
lan_address() {
    php -r 'foreach (preg_split("/\s+/", trim((string) shell_exec("hostname -I"))) as $at) {
        if (filter_var($at, FILTER_VALIDATE_IP, FILTER_FLAG_IPV4) && !filter_var($at, FILTER_VALIDATE_IP, FILTER_FLAG_NO_PRIV_RANGE)) { echo $at; exit; }
    }'
}

check_settings() {
    local name one
    for name in http_port db_port tls_port trust_port; do
        is_port "${!name}" || fail "${!name} is no port." "Ports are numbers from 1024 to 65535: see alternum.conf.example."
    done
    [ "$(printf '%s\n' "$http_port" "$db_port" "$tls_port" "$trust_port" | sort -u | wc -l)" -eq 4 ] || fail \
        "Two of the ports are the same: $http_port, $db_port, $tls_port, $trust_port." "Each of the four needs one of its own: see alternum.conf.example."
    [ -z "$lan" ] || is_own_address "$lan" || fail "$lan is no IPv4 address of this machine." \
        "Its addresses are: $(hostname -I)" "Choose one:  bin/start --lan ADDRESS"
    for one in ${ALTERNUM_HOSTS//,/ }; do
        [[ "$one" =~ ^[A-Za-z0-9]([A-Za-z0-9.-]*[A-Za-z0-9])?$ ]] || fail \
            "“$one” in ALTERNUM_HOSTS is no name of a host." "Names go without https:// and without a port: toys.example.org"
    done
    for one in ${ALTERNUM_PROXIES//,/ }; do
        php -r '[$at, $bits] = explode("/", $argv[1]) + [1 => "0"];
            exit(filter_var($at, FILTER_VALIDATE_IP) && ctype_digit($bits) ? 0 : 1);' -- "$one" || fail \
            "“$one” in ALTERNUM_PROXIES is no address." "Addresses of proxies are as 10.0.0.2, or as 10.0.0.0/24."
    done
    for one in ${ALTERNUM_WATCHERS//,/ }; do
        php -r 'exit(filter_var($argv[1], FILTER_VALIDATE_IP, FILTER_FLAG_IPV4) ? 0 : 1);' -- "$one" || fail "“$one” in ALTERNUM_WATCHERS is no IPv4 address."
    done
    for name in ALTERNUM_ACCESS_LOG ALTERNUM_BINLOG ALTERNUM_ACCOUNTS; do
        [[ "${!name:-off}" =~ ^(on|off)$ ]] || fail "$name is “on” or “off”, not “${!name}”."
    done
    [[ "${ALTERNUM_SHARED:-redis://}" == redis://* ]] || fail "ALTERNUM_SHARED is as redis://10.0.0.5:6379, not “$ALTERNUM_SHARED”."
}

# Which names a request may call this machine by, as one pattern.
trusted_hosts() {
    local one names=${ALTERNUM_HOSTS:-} hosts='localhost|127\.0\.0\.1|\[::1\]'
    for one in $lan ${names//,/ }; do hosts="$hosts|${one//./\\.}"; done
    printf '^(%s)$' "$hosts"
}
