# What bin/test asks of backups, on its own database: each is brought back elsewhere and is the same, table by table.

backups() {
    local folder first second locked before
    folder=$(mktemp -d)
    trap 'rm -rf "$folder"' RETURN
    passphrase=''
    refuses() { # WORDS COMMAND...: it fails, and says so
        local words=$1 said; shift
        if said=$("$@" 2>&1); then echo "not refused: $*"; return 1; fi
        grep -q "$words" <<<"$said" || { echo "refused otherwise: $said"; return 1; }
    }
    # A first visit lays out the plans of a new workshop.
    php -r 'file_get_contents($argv[1]);' "http://127.0.0.1:$http_port/" || { echo "nobody could come in"; return 1; }
    # While others save: what is brought back is what was read at one moment.
    first=$(back_up "$folder" 2) && bring_back "$first" alternum_again || return 1
    before=$(sums alternum_again)
    [ "$(database -e 'SELECT COUNT(*) FROM saved_plan' alternum_again)" -gt 0 ] || { echo "nothing was backed up"; return 1; }
    # Nobody saves there: the same rows, in another database.
    sleep 1
    second=$(back_up "$folder" 2 alternum_again) && bring_back "$second" alternum_once_more || return 1
    [ "$before" = "$(sums alternum_once_more)" ] || { echo "it came back otherwise"; return 1; }
    [ "$restored_secret" = "$APP_SECRET" ] || { echo "another secret came back"; return 1; }
    # What is damaged, cut off or not a backup changes nothing.
    head -c "$(($(stat -c %s "$second") / 2))" "$second" >"$folder/half.tar.gz"
    refuses 'damaged' bring_back "$folder/half.tar.gz" alternum_again || return 1
    refuses 'There is no file' bring_back "$folder/none" alternum_again || return 1
    # A row that came otherwise is noticed before anything goes.
    mkdir "$folder/other" && tar -C "$folder/other" -xzf "$second"
    sed -i '1s/.*/browser\t1/' "$folder/other/sums" && tar -C "$folder/other" -czf "$folder/other.tar.gz" database.sql sums app-secret
    refuses 'is not what was backed up' bring_back "$folder/other.tar.gz" alternum_again || return 1
    [ "$before" = "$(sums alternum_again)" ] || { echo "a refused backup changed something"; return 1; }
    # Locked with a passphrase it opens with that one alone, and says nothing of what is in it.
    printf 'three soft skeins' >"$folder/key" && printf 'another' >"$folder/other-key"
    sleep 1
    passphrase="$folder/key"
    locked=$(back_up "$folder" 2 alternum_again) || return 1
    ! tar -tzf "$locked" >/dev/null 2>&1 || { echo "it is not locked"; return 1; }
    passphrase="$folder/other-key"; refuses 'this passphrase' bring_back "$locked" alternum_once_more || return 1
    passphrase=''; refuses 'locked' bring_back "$locked" alternum_once_more || return 1
    passphrase="$folder/key"; bring_back "$locked" alternum_once_more || return 1
    [ "$before" = "$(sums alternum_once_more)" ] || { echo "it was unlocked otherwise"; return 1; }
    # Where it cannot be locked nothing is left, locked or not.
    passphrase="$folder/no-such-key"; refuses 'could not be locked' back_up "$folder/none" 2 alternum_again || return 1
    [ -z "$(ls -A "$folder/none")" ] || { echo "something unlocked was left"; return 1; }
    [ -z "$(database -e "SHOW DATABASES" | grep -E '_backup_|_coming')" ] || { echo "a database was left"; return 1; }
    # The newest two of three are left.
    [ "$(find "$folder" -maxdepth 1 -name 'alternum-*' | wc -l)" = 2 ] && [ ! -e "$first" ] || { echo "others are left"; return 1; }
    for name in alternum_again alternum_once_more; do database -e "DROP DATABASE $name"; done
    passphrase=''
    sleep 1
    second=$(back_up "$folder/plain" 2) && (moments "$folder" "$second") || return 1
    echo "backups: brought back alike, damage and locks told: found nothing"
}

# A moment between two backups, on a database that writes its changes down.
moments() { # FOLDER BACKUP: one that was made without that
    local backup then before
    mkdir "$1/left"
    use_place binlog "$((http_port + 10))" "$((db_port + 10))"
    trap stop_place EXIT
    rm -rf "$place/db" "$place/binlog"
    export ALTERNUM_BINLOG=on
    db_start
    migrate test
    passphrase=''
    rows() { database -e 'SELECT GROUP_CONCAT(HEX(id) ORDER BY id) FROM workshop' "$1"; }
    put() { database -e "INSERT INTO workshop (id, key_opens_once, has_old_cookies, begun_at) VALUES (UNHEX(REPEAT('$1', 16)), 0, 0, NOW())" alternum; }
    put 01 && backup=$(back_up "$1/moments" 2) && put 02 && sleep 1.2 && then=$(date -u '+%Y-%m-%d %H:%M:%S') && sleep 1.2 || return 1
    put 03
    database -e "DELETE FROM workshop WHERE id = UNHEX(REPEAT('01', 16))" alternum
    binlog="$place/binlog" until=$then
    bring_back "$backup" alternum_then || return 1
    [ "$(rows alternum_then)" = "$(printf '01%.0s' {1..16}),$(printf '02%.0s' {1..16})" ] || { echo "not as it was then: $(rows alternum_then)"; return 1; }
    # Through a change of files, to the end; into its own place, and once more from there.
    database -e 'FLUSH BINARY LOGS' && put 04
    until=now
    bring_back "$backup" alternum_now || return 1
    [ "$(rows alternum_now)" = "$(rows alternum)" ] || { echo "not as it is now: $(rows alternum_now)"; return 1; }
    bring_back "$backup" alternum || return 1
    [ "$(rows alternum)" = "$(rows alternum_now)" ] || { echo "not brought back over itself: $(rows alternum)"; return 1; }
    # What cannot be gone on with is told before anything goes, and nothing unlocked is left.
    put 05
    before=$(rows alternum)
    refuses 'is not in' eval "TMPDIR=$1/left binlog=$1/none bring_back $backup alternum" || return 1
    refuses 'ALTERNUM_BINLOG' eval "TMPDIR=$1/left bring_back $2 alternum" || return 1
    [ "$(rows alternum)" = "$before" ] && [ -z "$(ls -A "$1/left")" ] || { echo "a refused moment changed something, or left something"; return 1; }
    until=''
    bring_back "$backup" alternum_then || return 1
    [ "$(rows alternum_then)" = "$(printf '01%.0s' {1..16})" ] || { echo "without a moment it is the backup alone"; return 1; }
}
