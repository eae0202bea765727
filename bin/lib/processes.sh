# The servers of a place as processes: whose they are, which run, what is left of them when one was killed.

# When root starts it, the database, nginx and PHP run as users of their own; else all of it runs as who starts it.
own_users() {
    database_user=$(id -un) web_user=$(id -un)
    [ "$(id -u)" -eq 0 ] || return 0
    local folder=$root
    while [ "$folder" != / ]; do
        # One that others cannot pass keeps them out, whatever is in it; those of our own are opened below.
        if [ "$folder" != "$root" ] && [ -z "$(find "$folder" -maxdepth 0 -perm -001)" ]; then
            note "$folder is closed to other users, so all of it runs as root: keep Alternum where others may pass, as under /srv"
            return 0
        fi
        folder=$(dirname "$folder")
    done
    database_user=mysql web_user=www-data
    mkdir -p "$root/var/cache"
    chmod go+x "$root" "$root/var" "$root/var/cache" "$place" "$place/run"
}

# Lets the web server's user read what it serves: packages may have been installed under a narrow umask.
readable() { # FOLDER...
    [ "$web_user" != "$(id -un)" ] || return 0
    [ -z "$(find "$@" ! -type l ! -perm -004 -print -quit 2>/dev/null)" ] || chmod -R go+rX "$@"
}

own_folder() { # USER FOLDER: made if need be, that user's, closed to others
    mkdir -p "$2"
    chmod go-rwx "$2"
    if [ "$(id -u)" -eq 0 ] && [ "$(stat -c %U "$2")" != "$1" ]; then chown -R "$1" "$2"; fi
}

# The processes of a program that have a file of this place open, or were started on it: also those whose master is gone.
ours() { # PROGRAM
    local pid
    for pid in $(pgrep "^${1:0:15}" 2>/dev/null); do
        [ -d "/proc/$pid" ] || continue
        if tr '\0' '\n' <"/proc/$pid/cmdline" 2>/dev/null | grep -qF -- "$place/" || ls -l "/proc/$pid/fd" 2>/dev/null | grep -qF -- " $place/"; then
            printf '%s\n' "$pid"
        fi
    done
}

# The database writes its own as a user who may not write beside it.
pid_file() { case $1 in db) printf '%s' "$place/run/db/db.pid" ;; *) printf '%s' "$place/run/$1.pid" ;; esac; } # NAME

# Whether a server's master runs, started with the settings that hold now.
runs() { # NAME PROGRAM SETTINGS
    local pid
    pid=$(cat "$(pid_file "$1")" 2>/dev/null) && [ -n "$pid" ] && ours "$2" | grep -qx "$pid" && [ "$(cat "$place/run/$1.settings" 2>/dev/null)" = "$3" ]
}

# Ends all processes of a program of this place, gently first.
end_ours() { # NAME PROGRAM SIGNAL
    local pid pids master
    pids=$(ours "$2")
    if [ -n "$pids" ]; then
        master=$(cat "$(pid_file "$1")" 2>/dev/null)
        # Children end with their master; without one, each is told.
        if [ -n "$master" ] && grep -qx "$master" <<<"$pids"; then kill "-$3" "$master" 2>/dev/null; else kill "-$3" $pids 2>/dev/null; fi
        kill -CONT $pids 2>/dev/null
        if ! wait_for "${4:-20}" no_ours "$2"; then
            kill -KILL $(ours "$2") 2>/dev/null
            wait_for 10 no_ours "$2" || note "a process of $2 does not end"
        fi
    fi
    rm -f "$(pid_file "$1")" "$place/run/$1.settings"
}
no_ours() { [ -z "$(ours "$1")" ]; }

started() { printf '%s' "$2" >"$place/run/$1.settings"; } # NAME SETTINGS
