# A MariaDB of Alternum's own, under var/, on loopback.

# What a database in a cluster is told besides; one that joins has its users and tables from the others.
more_database=() is_joining=''

db_start() {
    local data="$place/db" settings arguments
    own_users
    # Each save is on the disk before it is answered. Who waits for a lock is told before PHP takes the database to be away (php.ini), and a
    # transaction whose asker has gone holds its locks for seconds.
    arguments=(--no-defaults --datadir="$data" --socket="$place/run/db/db.sock" --port="$db_port" --bind-address=127.0.0.1 --user="$database_user"
        --pid-file="$place/run/db/db.pid" --character-set-server=utf8mb4 --collation-server=utf8mb4_unicode_ci
        --innodb-buffer-pool-size=128M --innodb-flush-log-at-trx-commit=1 --innodb-lock-wait-timeout=1
        --idle-transaction-timeout=5)
    # What was written since a backup, change by change, where that is wanted: bin/restore goes through it to a moment between two backups.
    if [ "${ALTERNUM_BINLOG:-off}" = on ]; then
        own_folder "$database_user" "$place/binlog"
        arguments+=(--log-bin="$place/binlog/log" --binlog-format=ROW --sync-binlog=1 --expire-logs-days=30 --max-binlog-size=100M
            --log-bin-trust-function-creators=1)
    else
        arguments+=(--skip-log-bin)
    fi
    arguments+=("${more_database[@]}")
    [ -n "$is_joining" ] || arguments+=(--init-file="$place/run/db/init.sql")
    settings=$({ printf '%s\n' "${arguments[@]}"; mariadbd --version; cat "$root/bin/lib/templates/init.sql"; } | sha256sum)
    if runs db mariadbd "$settings"; then return; fi
    end_ours db mariadbd TERM 60
    if is_open "$db_port"; then
        fail "Port $db_port on this machine, which the database wants, is in use by another program." "Choose another:  ALTERNUM_DB_PORT=$((db_port + 1)) $0"
    fi
    if [ -d "$data" ] && [ ! -f "$data/alternum-made" ]; then
        fail "The database folder $data was left half made, or is not Alternum's." \
            "If nothing in it is wanted, move it away:  mv '$data' '$data.old'" "Then run this again; it makes a new one."
    fi
    if [ ! -d "$data" ]; then
        note "making the database folder"
        rm -rf "$data.new"
        quietly db-install mariadb-install-db --no-defaults --datadir="$data.new" --auth-root-authentication-method=normal \
            --user="$database_user" --skip-test-db
        touch "$data.new/alternum-made"
        mv "$data.new" "$data"
    fi
    own_folder "$database_user" "$data"
    own_folder "$database_user" "$place/run/db"
    (umask 077; render init.sql >"$place/run/db/init.sql")
    [ "$database_user" = "$(id -un)" ] || chown "$database_user" "$place/run/db/init.sql"
    setsid mariadbd "${arguments[@]}" >"$place/run/db.log" 2>&1 </dev/null &
    wait_for 60 db_answers || {
        tail -n 20 "$place/run/db.log" >&2
        fail "The database does not start." "What it said last stands above; the whole is in $place/run/db.log."
    }
    rm -f "$place/run/db/init.sql"
    started db "$settings"
}
db_runs() { is_open "$db_port" || fail "The database does not run." "Start Alternum first:  bin/start"; }
db_answers() {
    [ -s "$place/run/db/db.pid" ] && php -r '
        $at = parse_url(getenv("DATABASE_URL"));
        new PDO("mysql:host=127.0.0.1;port={$at["port"]};dbname=alternum", $at["user"], $at["pass"], [PDO::ATTR_TIMEOUT => 2]);'
}

migrate() { quietly migrate env APP_ENV="${1:-prod}" bin/console doctrine:migrations:migrate --no-interaction --allow-no-migration; }
