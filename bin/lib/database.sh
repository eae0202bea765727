# A MariaDB of Alternum's own, under var/, on loopback.

db_start() {
    local data="$place/db" pid="$place/run/db.pid"
    if is_ours "$pid" "$data"; then return; fi
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
        quietly db-install mariadb-install-db --no-defaults --datadir="$data.new" --auth-root-authentication-method=normal --user="$(id -un)" --skip-test-db
        touch "$data.new/alternum-made"
        mv "$data.new" "$data"
    fi
    render init.sql >"$place/run/init.sql"
    # Each save is on the disk before it is answered.
    setsid mariadbd --no-defaults --datadir="$data" --socket="$place/run/db.sock" --port="$db_port" --bind-address=127.0.0.1 --user="$(id -un)" \
        --pid-file="$pid" --init-file="$place/run/init.sql" --character-set-server=utf8mb4 --collation-server=utf8mb4_unicode_ci \
        --innodb-buffer-pool-size=128M --innodb-flush-log-at-trx-commit=1 --skip-log-bin >"$place/run/db.log" 2>&1 </dev/null &
    wait_for 60 db_answers || {
        tail -n 20 "$place/run/db.log" >&2
        fail "The database does not start." "What it said last stands above; the whole is in $place/run/db.log."
    }
    rm -f "$place/run/init.sql"
}
db_answers() {
    is_ours "$place/run/db.pid" "$place/db" && php -r '
        $at = parse_url(getenv("DATABASE_URL"));
        new PDO("mysql:host=127.0.0.1;port={$at["port"]};dbname=alternum", $at["user"], $at["pass"]);'
}

migrate() { quietly migrate env APP_ENV="${1:-prod}" bin/console doctrine:migrations:migrate --no-interaction --allow-no-migration; }
