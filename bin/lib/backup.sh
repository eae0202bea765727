# What is backed up, and how it comes back: the database as it was at one moment, and the secret that its browsers are known by, in one file.

# The database's own tools, as the one who may read and write all of it.
database() { MYSQL_PWD=$db_root_password mariadb --no-defaults --socket="$place/run/db/db.sock" --user=root --batch --skip-column-names "$@"; }

# DATABASE: a line for each table: its name and the sum of all of its rows.
sums() {
    local table
    for table in $(database -e 'SHOW TABLES' "$1"); do database -e "CHECKSUM TABLE \`$table\` EXTENDED" "$1" | sed "s/^$1\.//"; done
}

# DATABASE FILE: loads it there; what is there already goes.
load() { { printf 'DROP DATABASE IF EXISTS `%s`; CREATE DATABASE `%s`; USE `%s`;\n' "$1" "$1" "$1"; cat "$2"; } | database; }

locked() { openssl enc "$@" -aes-256-cbc -pbkdf2 -iter 600000 -pass "file:$passphrase"; }

# FOLDER KEEP: makes a backup there while saving goes on, tries it out, and leaves the newest KEEP of them. Says its name.
# passphrase: a file with one, or ''.
back_up() {
    local folder=$1 keep=$2 work name database=${3:-alternum} scratch
    scratch="${database}_backup"
    mkdir -p "$folder"
    work=$(mktemp -d "$folder/.making-XXXXXX")
    name="alternum-$(date -u +%Y%m%d-%H%M%S).tar.gz"
    MYSQL_PWD=$db_root_password mariadb-dump --no-defaults --socket="$place/run/db/db.sock" --user=root \
        --single-transaction --skip-lock-tables --hex-blob --no-tablespaces "$database" >"$work/database.sql" || fail "The database could not be read."
    # What was not loaded again is no backup.
    load "$scratch" "$work/database.sql" || fail "What was read from the database cannot be loaded again."
    sums "$scratch" >"$work/sums"
    database -e "DROP DATABASE \`$scratch\`"
    cp "$place/app-secret" "$work/app-secret"
    tar -C "$work" -czf "$work/all" database.sql sums app-secret
    if [ -n "$passphrase" ]; then
        locked -in "$work/all" -out "$work/locked" && mv "$work/locked" "$work/all"
        name="$name.enc"
    fi
    chmod 600 "$work/all"
    mv "$work/all" "$folder/$name"
    rm -rf "$work"
    find "$folder" -maxdepth 1 -name 'alternum-*.tar.gz*' | LC_ALL=C sort -r | tail -n "+$((keep + 1))" | while read -r old; do rm -f "$old"; done
    printf '%s\n' "$folder/$name"
}

# FILE DATABASE: brings it back into a database. It is loaded beside it and every table held against what was backed up, before what is there goes.
# Leaves the secret in restored_secret.
bring_back() {
    local file=$1 database=$2 work
    [ -f "$file" ] || fail "There is no file $file."
    work=$(mktemp -d)
    case $file in
        *.enc)
            [ -n "$passphrase" ] || fail "This backup is locked." "Name the file that has its passphrase:  --passphrase-file FILE"
            locked -d -in "$file" -out "$work/all" 2>/dev/null \
                || { rm -rf "$work"; fail "This backup does not open with this passphrase, or it is damaged."; } ;;
        *) cp "$file" "$work/all" ;;
    esac
    tar -C "$work" -xzf "$work/all" 2>/dev/null && [ -s "$work/database.sql" ] && [ -s "$work/sums" ] && [ -s "$work/app-secret" ] \
        || { rm -rf "$work"; fail "This is no backup of Alternum, or it is damaged, or its passphrase is another." "Nothing was changed."; }
    load "${database}_coming" "$work/database.sql" || { rm -rf "$work"; fail "What is in this backup cannot be loaded." "Nothing was changed."; }
    if ! sums "${database}_coming" | diff - "$work/sums" >"$work/differ"; then
        cat "$work/differ" >&2
        rm -rf "$work"
        fail "What was loaded is not what was backed up." "The tables that differ stand above. Nothing was changed."
    fi
    database -e "DROP DATABASE \`${database}_coming\`"
    # Tables with triggers cannot change from one database to another: what was tried out is loaded once more.
    load "$database" "$work/database.sql" || fail "What was tried out could not be loaded in its place." "The backup is whole: do it again."
    sums "$database" | diff - "$work/sums" >&2 || fail "What was loaded in its place is not what was backed up." "The backup is whole: do it again."
    restored_secret=$(cat "$work/app-secret")
    note "$(wc -l <"$work/sums") tables are what they were"
    rm -rf "$work"
}
