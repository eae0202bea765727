# Several machines on one: three databases that hold the same (Galera), two application nodes, each beside a database of its own, a Redis in which they count
# together, and haproxy before them, which sends makers to nodes that say they are ready. All on loopback, under var/cluster. A place a node: 1, 2, 3.

nodes="1 2 3" application_nodes="1 2" name=${ALTERNUM_CLUSTER:-cluster} first_port=${ALTERNUM_CLUSTER_PORT:-8460}
cluster="$root/var/$name"
# Ports, counted from the first: haproxy, applications, databases, what Galera speaks by, Redis.
app_port() { echo $((first_port + $1)); }
database_port() { echo $((first_port + 5000 + $1)); }
galera_port() { echo $((first_port + 5010 + $1)); }
catch_up_port() { echo $((first_port + 5020 + $1)); }
copy_port() { echo $((first_port + 5030 + $1)); }
redis_port=$((first_port + 5040))

# All nodes know browsers by the same secret, and the database by the same passwords.
use_node() { # NODE
    local word
    mkdir -p "$cluster/1" "$cluster/$1"
    for word in db-password db-root-password app-secret; do
        secret "$cluster/1/$word" >/dev/null
        [ "$1" = 1 ] || cp -p "$cluster/1/$word" "$cluster/$1/$word"
    done
    use_place "$name/$1" "$(app_port "$1")" "$(database_port "$1")"
    ALTERNUM_SHARED="redis://127.0.0.1:$redis_port" ALTERNUM_PROXIES=127.0.0.1
}

node_addresses() {
    local node all=
    for node in $nodes; do all="$all${all:+,}127.0.0.1:$(galera_port "$node")"; done
    printf '%s' "$all"
}

# Starts a node's database, which joins those that run; with “first”, one that begins the cluster, where none runs.
node_database() { # NODE [first]
    local node=$1 options position=''
    use_node "$node"
    ! is_open "$db_port" || return 0
    # One that was killed says how far it came: it then takes what it missed, and not all there is.
    if [ "${2:-}" != first ] && grep -q '^seqno: *-1' "$place/db/grastate.dat" 2>/dev/null; then position=$(recovered "$node"); fi
    # A node that does not answer is out after a second and a half; one that comes back takes what it missed from another's memory, where that still has it.
    options="gmcast.listen_addr=tcp://127.0.0.1:$(galera_port "$node");ist.recv_addr=127.0.0.1:$(catch_up_port "$node")"
    options="$options;gcache.size=256M;evs.keepalive_period=PT0.3S;evs.suspect_timeout=PT1.5S;evs.inactive_timeout=PT3S;evs.inactive_check_period=PT0.3S"
    # Who takes all there is takes it from the one that no application stands beside: giving it holds up who asks there.
    # What is asked after a save sees that save, whichever node it comes to: wsrep_sync_wait.
    more_database=(--wsrep-on=ON --wsrep-provider=/usr/lib/galera/libgalera_smm.so --wsrep-cluster-name=alternum "--wsrep-node-name=node$node"
        "--wsrep-cluster-address=gcomm://$(node_addresses)" "--wsrep-node-address=127.0.0.1:$(galera_port "$node")"
        "--wsrep-provider-options=$options" --wsrep-sst-method=rsync "--wsrep-sst-receive-address=127.0.0.1:$(copy_port "$node")"
        --wsrep-sst-donor=node3, --wsrep-sync-wait=1 --wsrep-slave-threads=2 --log-bin-trust-function-creators=1
        --binlog-format=ROW --innodb-autoinc-lock-mode=2)
    [ -z "$position" ] || more_database+=("--wsrep-start-position=$position")
    if [ "${2:-}" = first ]; then more_database+=(--wsrep-new-cluster); else is_joining=yes; fi
    db_start
    is_joining='' more_database=()
}

node_application() { use_node "$1"; serve; }

# Whoever was in the cluster last, and knows it, begins it again; after all of them were killed at once, the one that came furthest.
begins() {
    local node best=1 furthest=-2 at
    for node in $nodes; do
        at=$(sed -n 's/^seqno: *//p' "$cluster/$node/db/grastate.dat" 2>/dev/null || true)
        if grep -q '^safe_to_bootstrap: 1' "$cluster/$node/db/grastate.dat" 2>/dev/null; then echo "$node"; return; fi
        if [ "${at:--2}" = -1 ]; then at=$(recovered "$node") at=${at##*:}; fi
        if [ "${at:--2}" -gt "$furthest" ]; then furthest=$at best=$node; fi
    done
    [ ! -f "$cluster/$best/db/grastate.dat" ] || sed -i 's/^safe_to_bootstrap: 0/safe_to_bootstrap: 1/' "$cluster/$best/db/grastate.dat"
    echo "$best"
}
# How far the tables of one that was killed are, as UUID:NUMBER; nothing where it has none.
recovered() { # NODE
    use_node "$1"
    own_users
    [ -d "$place/db" ] || return 0
    mariadbd --no-defaults --datadir="$place/db" --user="$database_user" --wsrep-recover --wsrep-on=ON \
        --wsrep-provider=/usr/lib/galera/libgalera_smm.so --skip-networking --socket="$place/run/recover.sock" --pid-file="$place/run/recover.pid" 2>&1 \
        | sed -n 's/.*Recovered position: \([0-9a-f-]*:[0-9-]*\).*/\1/p' | tail -n 1
}
runs_any() { local node; for node in $nodes; do ! is_open "$(database_port "$node")" || return 0; done; return 1; }

shared_store() {
    is_open "$redis_port" && return 0
    mkdir -p "$cluster/redis"
    setsid redis-server --bind 127.0.0.1 --port "$redis_port" --save '' --appendonly no --dir "$cluster/redis" --maxmemory 64mb \
        --maxmemory-policy allkeys-lru --pidfile "$cluster/redis/redis.pid" --daemonize no >"$cluster/redis/log" 2>&1 </dev/null &
    wait_for 10 is_open "$redis_port" || fail "Redis does not start." "What it said stands in $cluster/redis/log."
}

balancer() {
    is_open "$first_port" && return 0
    mkdir -p "$cluster/balancer"
    local servers='' node
    for node in $application_nodes; do
        servers="$servers    server node$node 127.0.0.1:$(app_port "$node")"$'\n'
    done
    # As it goes over the line.
    render away.http | sed 's/$/\r/' >"$cluster/balancer/away.http"
    render haproxy.cfg >"$cluster/balancer/haproxy.cfg"
    haproxy -c -q -f "$cluster/balancer/haproxy.cfg" || fail "haproxy does not understand $cluster/balancer/haproxy.cfg."
    setsid haproxy -db -f "$cluster/balancer/haproxy.cfg" >"$cluster/balancer/log" 2>&1 </dev/null &
    printf '%s' $! >"$cluster/balancer/pid"
    wait_for 10 is_open "$first_port" || fail "haproxy does not start." "What it said stands in $cluster/balancer/log."
}

cluster_start() {
    local node first
    if runs_any; then first=''; else first=$(begins); node_database "$first" first; fi
    for node in $nodes; do [ "$node" = "$first" ] || node_database "$node"; done
    # By one node: the others have the tables from it.
    use_node 1
    migrate
    shared_store
    for node in $application_nodes; do node_application "$node"; done
    balancer
    wait_for 20 curl -fsS "http://127.0.0.1:$first_port/health" || fail "No node is ready." "bin/cluster status says how they stand."
}

cluster_stop() {
    local node
    [ ! -s "$cluster/balancer/pid" ] || kill "$(cat "$cluster/balancer/pid")" 2>/dev/null || true
    for node in $application_nodes; do use_node "$node"; end_ours nginx nginx QUIT 10; end_ours fpm php-fpm8.2 QUIT 20; done
    # The first goes last, and knows that it may begin the cluster again.
    for node in 3 2 1; do use_node "$node"; end_ours db mariadbd TERM 60; done
    ! pgrep -f "redis-server 127.0.0.1:$redis_port" >/dev/null || pkill -TERM -f "redis-server 127.0.0.1:$redis_port"
    rm -f "$cluster/balancer/pid"
}

# Whether all databases hold the same, table by table.
cluster_same() {
    local node first='' now
    for node in $nodes; do
        use_node "$node"
        now=$(sums alternum | sha256sum)
        if [ -n "$first" ] && [ "$now" != "$first" ]; then echo "database $node does not hold what database 1 holds"; return 1; fi
        first=$now
    done
    echo "all databases hold the same"
}

# Cuts a node's database off from the others, as a broken line would, or lets it back: 1 or 0.
cut_off() { # NODE 1|0
    use_node "$1"
    database -e "SET GLOBAL wsrep_provider_options = 'gmcast.isolate=$2'"
}

node_status() { # NAME of a status variable
    database -e "SHOW STATUS LIKE '$1'" 2>/dev/null | cut -f2
}
cluster_status() {
    local node state
    for node in $nodes; do
        use_node "$node"
        state=$(node_status wsrep_local_state_comment)
        printf 'database %s: %s, in a cluster of %s (%s)\n' "$node" "${state:-does not answer}" \
            "$(node_status wsrep_cluster_size)" "$(node_status wsrep_cluster_status)"
    done
    for node in $application_nodes; do
        state=$(curl -s -o /dev/null -m 5 -w '%{http_code}' "http://127.0.0.1:$(app_port "$node")/ready" || true)
        printf 'application %s: %s\n' "$node" "$(sed 's/200/ready/; s/503/not ready/; s/000/does not answer/' <<<"$state")"
    done
    printf 'makers come to http://127.0.0.1:%s/\n' "$first_port"
}
