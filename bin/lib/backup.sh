# What is backed up, and how it comes back: the database as it was at one moment, and the secret that its browsers are known by, in one file.

# The database's own tools, as the one who may read and write all of it.
database() { MYSQL_PWD=$db_root_password mariadb --no-defaults --socket="$place/run/db/db.sock" --user=root --batch --skip-column-names "$@"; }

# DATABASE: a line for each table: its name and the sum of all of its rows.
sums() {
    local table
    for table in $(database -e 'SHOW TABLES' "$1"); do database -e "CHECKSUM TABLE \`$table\` EXTENDED" "$1" | sed "s/^$1\.//"; done
}

# DATABASE FILE: loads it there; what is there already goes.
load() { { printf 'SET SESSION sql_log_bin = 0; DROP DATABASE IF EXISTS `%s`; CREATE DATABASE `%s`; USE `%s`;\n' "$1" "$1" "$1"; cat "$2"; } | database; }

locked() { openssl enc "$@" -aes-256-cbc -pbkdf2 -iter 600000 -pass "file:$passphrase"; }

# FOLDER KEEP [DATABASE]: makes a backup there while saving goes on, tries it out, and leaves the newest KEEP of them. Says its name.
# passphrase: a file with one, or ''. What is not locked yet, or only half made, never stays, whatever becomes of it.
back_up() (
    folder=$1 keep=$2 database=${3:-alternum}
    scratch="${database}_backup_$BASHPID" name="alternum-$(date -u +%Y%m%d-%H%M%S).tar.gz${passphrase:+.enc}"
    mkdir -p "$folder" && work=$(mktemp -d) || fail "Nothing can be written to $folder."
    trap 'rm -rf "$work" "$folder/.$name"; database -e "DROP DATABASE IF EXISTS \`$scratch\`"' EXIT
    # Where changes are written down besides, it is noted up to where they are in it.
    if [ "$(database -e 'SELECT @@global.log_bin')" = 1 ]; then position=(--master-data=2); else position=(); fi
    MYSQL_PWD=$db_root_password mariadb-dump --no-defaults --socket="$place/run/db/db.sock" --user=root "${position[@]}" \
        --single-transaction --skip-lock-tables --hex-blob --no-tablespaces "$database" >"$work/database.sql" || fail "The database could not be read."
    # What was not loaded again is no backup.
    load "$scratch" "$work/database.sql" && sums "$scratch" >"$work/sums" && [ -s "$work/sums" ] \
        || fail "What was read from the database cannot be loaded again."
    cp "$place/app-secret" "$work/app-secret" && tar -C "$work" -czf "$work/all" database.sql sums app-secret || fail "It could not be packed."
    if [ -n "$passphrase" ]; then
        locked -in "$work/all" -out "$work/locked" && mv "$work/locked" "$work/all" || fail "It could not be locked with $passphrase."
    fi
    chmod 600 "$work/all"
    # It has its name once it is there as a whole.
    cp -p "$work/all" "$folder/.$name" && mv "$folder/.$name" "$folder/$name" || fail "It could not be written to $folder."
    find "$folder" -maxdepth 1 -name 'alternum-*.tar.gz*' | LC_ALL=C sort -r | tail -n "+$((keep + 1))" | while read -r old; do rm -f "$old"; done
    printf '%s\n' "$folder/$name"
)

# FILE: finds what was written down since that backup, where until names a moment or is “now”: in since_logs, from since_position on. Called by bring_back,
# before anything goes.
find_since() {
    local from log first=''
    since_logs=() since_position=''
    [ -n "${until:-}" ] || return 0
    read -r from since_position < <(sed -n "s/^-- CHANGE MASTER TO MASTER_LOG_FILE='\([^']*\)', MASTER_LOG_POS=\([0-9]*\);/\1 \2/p" "$1" | head -n 1) || true
    [ -n "$since_position" ] || undone "This backup does not say up to where changes were written down: it was made without ALTERNUM_BINLOG=on." \
        "Nothing was changed. Without --until all of the backup comes back, and no more."
    for log in "$binlog"/log.[0-9]*; do
        if [ "${log##*/}" = "$from" ]; then first=yes; fi
        if [ -n "$first" ] && [ -f "$log" ]; then since_logs+=("$log"); fi
    done
    [ ${#since_logs[@]} -gt 0 ] || undone "$from is not in $binlog." "Nothing was changed. Name the folder that has it:  --binlog FOLDER"
}
# DATABASE: makes it there.
go_on() {
    local when=()
    [ ${#since_logs[@]} -gt 0 ] || return 0
    [ "$until" = now ] || when=(--stop-datetime="$until")
    TZ=UTC mariadb-binlog --no-defaults --disable-log-bin --database=alternum --rewrite-db="alternum->$1" --start-position="$since_position" \
        "${when[@]}" "${since_logs[@]}" | database || undone "What was written down since could not be made." "The backup is whole: do it again."
    note "and what was written down since: ${#since_logs[@]} files, to $until"
}

# FILE DATABASE: brings it back into a database. It is loaded beside it and every table held against what was backed up, before what is there goes.
# Leaves the secret in restored_secret.
bring_back() {
    local file=$1 database=$2 work
    # What was unlocked or tried out does not stay.
    undone() { rm -rf "$work"; database -e "DROP DATABASE IF EXISTS \`${database}_coming\`"; fail "$@"; }
    [ -f "$file" ] || fail "There is no file $file."
    work=$(mktemp -d)
    case $file in
        *.enc)
            [ -n "$passphrase" ] || undone "This backup is locked." "Name the file that has its passphrase:  --passphrase-file FILE"
            locked -d -in "$file" 2>/dev/null | tar -C "$work" -xz 2>/dev/null \
                || undone "This backup does not open with this passphrase, or it is damaged." "Nothing was changed." ;;
        *) tar -C "$work" -xzf "$file" 2>/dev/null || undone "This is no backup of Alternum, or it is damaged." "Nothing was changed." ;;
    esac
    [ -s "$work/database.sql" ] && [ -s "$work/sums" ] && [ -s "$work/app-secret" ] || undone "This is no backup of Alternum." "Nothing was changed."
    find_since "$work/database.sql"
    load "${database}_coming" "$work/database.sql" || undone "What is in this backup cannot be loaded." "Nothing was changed."
    sums "${database}_coming" | diff - "$work/sums" >&2 \
        || undone "What was loaded is not what was backed up." "The tables that differ stand above. Nothing was changed."
    database -e "DROP DATABASE \`${database}_coming\`"
    # Tables with triggers cannot change from one database to another: what was tried out is loaded once more.
    load "$database" "$work/database.sql" || undone "What was tried out could not be loaded in its place." "The backup is whole: do it again."
    sums "$database" | diff - "$work/sums" >&2 || undone "What was loaded in its place is not what was backed up." "The backup is whole: do it again."
    restored_secret=$(cat "$work/app-secret")
    note "$(wc -l <"$work/sums") tables are what they were"
    go_on "$database"
    rm -rf "$work"
}
